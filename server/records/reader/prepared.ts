import type { Linked, RecordAnswer, ShownStage } from '#contract/index.ts';
import type { Clock } from '#core/base/index.ts';
import {
  type Catalogue,
  type Field,
  linkedRegister,
  type Register,
  titleOf,
  vocabularyOf,
} from '#core/register/index.ts';
import { identifier, join, type Segment, type SqlFragment, sql, tableOf } from '#core/sql/index.ts';
import { isPerson, linkToOne, PEOPLE, rowsIn, type StoredValue } from '#core/values/index.ts';
import { readColumn } from '../../platform/driver-values.ts';
import { type DriverRow, withPlainText } from '../../platform/fragment.ts';
import type { Sight } from '../sight.ts';
import { as, selectFields } from './columns.ts';
import { linkedOf, shownOf } from './linked.ts';
import { relation, relationsOf } from './relation.ts';

/** How a register's records are selected and read, as some catalogue lets them be seen. */
export interface Prepared {
  readonly register: Register;
  readonly fields: readonly Field[];
  /** `select … from … t left join …`: what follows begins with `where`. `also` are columns more. */
  readonly select: (sight: Sight, clock: Clock, also?: readonly SqlFragment[]) => SqlFragment;
  /** The same of a few records of the register's relation, found before: what is shown of links is looked up for them alone. */
  readonly selectOf: (records: SqlFragment, sight: Sight, clock: Clock, also?: readonly SqlFragment[]) => SqlFragment;
  readonly toAnswer: (row: DriverRow) => RecordAnswer;
}

const stageOf = (value: unknown): ShownStage | null => {
  switch (value) {
    case 'waiting':
    case 'approved':
    case 'sent_back':
    case 'refused':
    case 'stuck':
      return value;
    default:
      return null;
  }
};

const prepare = (register: Register, catalogue: Catalogue, fields: readonly Field[]): Prepared => {
  const selected = selectFields(fields, vocabularyOf(register, catalogue));
  const title = titleOf(register, catalogue);
  const links = fields.flatMap((field, i) => {
    const target = linkToOne(field.type) ? linkedRegister(field.type, catalogue) : null;
    return target ? [{ key: field.key, target, alias: `j${i}`, things: shownOf(target, catalogue) }] : [];
  });
  const persons = fields.flatMap((field, i) => (isPerson(field.type) ? [{ key: field.key, alias: `p${i}` }] : []));
  const moves =
    title.moves || selected.some((each) => each.moves) || links.some(({ things }) => things.some((each) => each.moves));

  const columnsAt = (sight: Sight, clock: Clock): SqlFragment[] => [
    sql`t.id`,
    sql`t.seq`,
    sql`t.number`,
    sql`t.version`,
    sql`so.stage`,
    sql`coalesce(so.changed_at > so.signed_at, false) as changed_since_signed`,
    as(title.value({ alias: 't', clock, from: relationsOf(sight) }), 'title'),
    ...selected.map(({ name, value }) => as(value('t', clock), name)),
    ...links.flatMap(({ key, alias, things }) => [
      as(identifier(alias, 'number'), `n_${key}`),
      ...things.map((each, i) => as(each.value(alias, clock, sight), `l${i}_${key}`)),
    ]),
    ...persons.map(({ key, alias }) => as(identifier(alias, 'name'), `n_${key}`)),
  ];
  const joinsFor = (sight: Sight): SqlFragment => {
    const joins = [
      ...links.map(
        ({ key, target, alias }) =>
          sql` left join ${relation(sight, target.key)} ${identifier(alias)} on ${identifier(alias, 'id')} = ${identifier('t', key)}`,
      ),
      ...persons.map(
        ({ key, alias }) =>
          sql` left join ${tableOf(PEOPLE)} ${identifier(alias)} on ${identifier(alias, 'id')} = ${identifier('t', key)}`,
      ),
    ];
    return sql` t left join iolite.sign_offs so on so.record_id = t.id${join(joins, '')}`;
  };
  /** What follows from the definitions alone is put together once: it costs more than what is asked for. */
  let still: { readonly columns: SqlFragment; readonly joins: SqlFragment } | null = null;
  const selectOf: Prepared['selectOf'] = (records, sight, clock, also = []) => {
    const narrowed = sight.scopes.size > 0;
    const parts =
      still && !narrowed && !moves
        ? still
        : {
            columns: withPlainText(join(columnsAt(sight, clock), ', ')),
            joins: withPlainText(joinsFor(sight)),
          };
    if (!narrowed && !moves) still = parts;
    const more: Segment[] = also.flatMap((column) => [{ kind: 'text', text: ', ' } as const, ...column.segments]);
    return sql`select ${parts.columns}${{ segments: more }} from ${records}${parts.joins}`;
  };

  return {
    register,
    fields,
    select: (sight, clock, also) => selectOf(relation(sight, register.key), sight, clock, also),
    selectOf,
    toAnswer: (row) => {
      const values: Record<string, StoredValue> = {};
      for (const { field, name, type } of selected)
        if (!rowsIn(field.type)) values[field.key] = readColumn(row[name], type);
      const found: Record<string, Linked> = {};
      for (const { key, things } of links) {
        const [id, number] = [values[key], row[`n_${key}`]];
        if (typeof id === 'string' && typeof number === 'string')
          found[key] = linkedOf(things, id, number, (i) => row[`l${i}_${key}`]);
      }
      for (const { key } of persons) {
        const [id, name] = [values[key], row[`n_${key}`]];
        if (typeof id === 'string' && typeof name === 'string')
          found[key] = { id, number: '', title: name, beside: [] };
      }
      const number = String(row.number);
      return {
        id: String(row.id),
        number,
        version: Number(row.version),
        title: title.say(readColumn(row.title, title.type), number),
        values,
        links: found,
        linked: {},
        files: {},
        stage: stageOf(row.stage),
        changed_since_signed: row.changed_since_signed === true,
        mark: null,
      };
    },
  };
};

const preparations = new WeakMap<Catalogue, Map<string, Prepared>>();
/** How many sets of columns are remembered; whoever asks for odd ones pays for them. */
const MOST_PREPARED = 500;

/** How records are read with some of their fields, by commas; '' for all. Prepared once per catalogue. */
export const preparedFor = (register: Register, { catalogue }: Sight, columns = ''): Prepared => {
  const known = preparations.get(catalogue) ?? new Map<string, Prepared>();
  preparations.set(catalogue, known);
  const key = `${register.key} ${columns}`;
  const found = known.get(key);
  if (found) return found;
  const wanted = new Set(columns.split(','));
  const fields = columns === '' ? register.fields : register.fields.filter((field) => wanted.has(field.key));
  const made = prepare(register, catalogue, fields);
  if (known.size < MOST_PREPARED) known.set(key, made);
  return made;
};
