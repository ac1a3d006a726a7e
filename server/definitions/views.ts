import { sql } from 'drizzle-orm';
import { type Clock, today } from '#core/base/index.ts';
import { type Formula, toSqlFormula } from '#core/expression/index.ts';
import {
  type Catalogue,
  findVocabulary,
  isRowsField,
  linkedRegister,
  type Register,
  titleOf,
} from '#core/register/index.ts';
import {
  identifier,
  join,
  msInterval,
  rowsKey,
  type SqlFragment,
  storedText,
  tableOf,
  sql as text,
} from '#core/sql/index.ts';
import { behaviourOf, PEOPLE, type RowField } from '#core/values/index.ts';
import type { Tx } from '../platform/database.ts';
import { toPlainSql } from '../platform/fragment.ts';

/*
 * The readable views: one per register and per rows field, for outside tools with a login of their own. Choices stand
 * by their labels, links by the number and the title of their record, and what is worked out is there.
 */

const run = async (tx: Tx, fragment: SqlFragment): Promise<void> => {
  await tx.execute(sql.raw(toPlainSql(fragment)));
};

/** Stands for the moment a view is read, until its text is written; no formula holds this moment. */
const VIEW_NOW = '1582-03-04T05:06:07.089Z';

const labelOf = (list: string, code: SqlFragment): SqlFragment =>
  text`(select c.label from ${identifier('choices', list)} c where c.code = ${code})`;

/** A view's clock stands for the moment it is read: the parameters that hold it are exchanged for SQL's own. */
const withOwnClock = (fragment: SqlFragment, clock: Clock): SqlFragment => ({
  segments: fragment.segments.map((segment) => {
    if (segment.kind !== 'parameter') return segment;
    if (segment.type === 'timestamptz' && segment.value === VIEW_NOW)
      return { kind: 'text', text: "date_trunc('milliseconds', now())" };
    if (segment.type === 'date' && segment.value === today(clock))
      return { kind: 'text', text: `(now() at time zone '${clock.zone.replaceAll("'", "''")}')::date` };
    return segment;
  }),
});

const viewClock = (catalogue: Catalogue): Clock => ({
  now: VIEW_NOW,
  zone: catalogue.zone,
  holidays: catalogue.holidays ?? [],
});

const shownValue = (
  alias: string,
  field: RowField,
  formula: Formula | undefined,
  catalogue: Catalogue,
): SqlFragment => {
  if (!formula) return identifier(alias, field.key);
  const clock = viewClock(catalogue);
  if (formula.stored) return identifier(alias, field.key);
  const value = withOwnClock(toSqlFormula(formula, { alias, clock }), clock);
  return behaviourOf(field.type).sql === 'interval' ? msInterval(value) : value;
};

/** The columns a field has in its view. */
const columnsOf = (
  alias: string,
  field: RowField,
  formula: Formula | undefined,
  catalogue: Catalogue,
  taken: ReadonlySet<string>,
): SqlFragment[] => {
  const name = identifier(field.key);
  const value = shownValue(alias, field, formula, catalogue);
  const { value: held } = behaviourOf(field.type);
  switch (held.kind) {
    case 'rows':
      return [];
    case 'choice':
      return [text`${labelOf(held.list, value)} as ${name}`];
    case 'choices':
      return [
        text`array(select c.label from ${identifier('choices', held.list)} c where c.code = any(${value}) order by c.position) as ${name}`,
      ];
    case 'link': {
      if (held.register === PEOPLE)
        return [text`(select p.name from ${tableOf(PEOPLE)} p where p.id = ${value}) as ${name}`];
      const target = linkedRegister(field.type, catalogue);
      if (!target) return [text`${value} as ${name}`];
      const there = text`from ${tableOf(target.key)} l where l.id = ${value}`;
      const clock = viewClock(catalogue);
      const title = titleOf(target, catalogue);
      const shown = withOwnClock(storedText(title.value({ alias: 'l', clock }), title.type), clock);
      const besides = taken.has(`${field.key}_title`)
        ? []
        : [text`(select ${shown} ${there}) as ${identifier(`${field.key}_title`)}`];
      return [text`(select l.number ${there}) as ${name}`, ...besides];
    }
    case 'links': {
      const target = linkedRegister(field.type, catalogue);
      if (!target) return [text`${value} as ${name}`];
      return [
        text`array(select l.number from ${tableOf(target.key)} l where l.id = any(${value}) order by l.seq) as ${name}`,
      ];
    }
    default:
      return [text`${value} as ${name}`];
  }
};

const fieldColumns = (key: string, fields: readonly RowField[], alias: string, catalogue: Catalogue): SqlFragment[] => {
  const names = findVocabulary(key, catalogue)?.names;
  const taken = new Set(fields.map((field) => field.key));
  return fields.flatMap((field) => columnsOf(alias, field, names?.get(field.key)?.formula, catalogue, taken));
};

const makeView = async (tx: Tx, register: Register, catalogue: Catalogue): Promise<void> => {
  const own = [text`t.id`, text`t.number`];
  const columns = join([...own, ...fieldColumns(register.key, register.fields, 't', catalogue)], ', ');
  await run(
    tx,
    text`create view ${identifier('reading', register.key)} as select ${columns} from ${tableOf(register.key)} t where t.archived_at is null`,
  );
  for (const field of register.fields.filter(isRowsField)) {
    const key = rowsKey(register.key, field.key);
    const table = tableOf(key);
    const names = table.segments.flatMap((segment) => (segment.kind === 'identifier' ? segment.names : []));
    const rows = join(
      [text`t.id`, text`e.number`, text`t.seq`, ...fieldColumns(key, field.type.fields, 't', catalogue)],
      ', ',
    );
    await run(
      tx,
      text`create view ${identifier('reading', names.at(-1) ?? key)} as select ${rows} from ${table} t join ${tableOf(register.key)} e on e.id = t.entry where e.archived_at is null`,
    );
  }
};

/** Takes the views away, so that what they read can change. */
export const dropViews = async (tx: Tx): Promise<void> => {
  const { rows } = await tx.execute(sql`select viewname as name from pg_views where schemaname = 'reading'`);
  for (const row of rows) await run(tx, text`drop view ${identifier('reading', String(row.name))}`);
};

/** Makes the view of every register and its rows. Whoever may read the schema may read them, also those made anew. */
export const makeViews = async (tx: Tx, catalogue: Catalogue): Promise<void> => {
  for (const register of catalogue.registers.values()) await makeView(tx, register, catalogue);
};
