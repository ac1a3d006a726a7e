import { today } from '#core/base/index.ts';
import { type Checked, checkExpression, evaluate } from '#core/expression/index.ts';
import { type Catalogue, type RecordValues, type Register, recordItem, vocabularyOf } from '#core/register/index.ts';
import { parameter, type SqlFragment, sql } from '#core/sql/index.ts';
import { type FieldTypeOf, numberingIn, seriesText } from '#core/values/index.ts';
import { toDrizzle } from '../../platform/fragment.ts';
import type { CommandContext } from '../work.ts';

type Numbered = FieldTypeOf<'running_number'>;

const checked = new WeakMap<Catalogue, WeakMap<Numbered, Checked | null>>();

/** The condition under which a number is given, checked once per catalogue; null where it is wrong. */
const conditionOf = (register: Register, type: Numbered, when: string, catalogue: Catalogue): Checked | null => {
  const known = checked.get(catalogue) ?? new WeakMap<Numbered, Checked | null>();
  checked.set(catalogue, known);
  const found = known.get(type);
  if (found !== undefined) return found;
  const read = checkExpression(when, vocabularyOf(register, catalogue), { kind: 'condition' });
  known.set(type, read.ok ? read.value : null);
  return read.ok ? read.value : null;
};

/** Whether a record gets its number now: on storing, or when the condition of the field holds. */
const isDue = (
  { definitions, clock }: CommandContext,
  register: Register,
  type: Numbered,
  values: RecordValues,
): boolean => {
  if (type.when === undefined) return true;
  const { catalogue } = definitions;
  const condition = conditionOf(register, type, type.when, catalogue);
  return (
    condition !== null && evaluate(condition, { ...recordItem(register, values, catalogue, clock), clock }) === true
  );
};

/** A field of which some records get their number now. */
export interface Due {
  readonly field: string;
  readonly type: Numbered;
  /** The year of the series; 0 for one that never begins anew. */
  readonly year: number;
  /** Which of the records, in their order. */
  readonly at: readonly number[];
}

/** The first of the numbers taken, by field. */
export type FirstOfSeries = ReadonlyMap<string, number>;

/** Which numbers some records get now. A number once given stays. */
export const findDues = (work: CommandContext, register: Register, records: readonly RecordValues[]): Due[] =>
  register.fields.flatMap(({ key, type }) => {
    const series = numberingIn(type);
    if (!series) return [];
    const at = records.flatMap((values, i) =>
      (values[key] ?? null) === null && isDue(work, register, series, values) ? [i] : [],
    );
    const year = series.restart === 'yearly' ? Number(today(work.clock).slice(0, 4)) : 0;
    return at.length === 0 ? [] : [{ field: key, type: series, year, at }];
  });

/**
 * Takes the next numbers of each series, and gives the number after them; the rows stay locked until the commit, so
 * that none is left out. They are locked in the order of the register's fields: two writers never wait for each other.
 * None is taken where `when` does not hold.
 */
export const seriesInsertion = (register: Register, dues: readonly Due[], when: SqlFragment): SqlFragment => {
  const wanted = dues.map(({ field, year, at }) => ({ field, year, count: at.length }));
  return sql`
    insert into iolite.series (register, field, year, next)
    select ${parameter(register.key, 'text')}, field, year, count + 1
    from json_to_recordset(${parameter(JSON.stringify(wanted), 'json')}) as wanted(field text, year integer, count integer)
    where ${when}
    on conflict (register, field, year) do update set next = series.next + excluded.next - 1
    returning field, next`;
};

/** What `seriesInsertion` gave, the number after those taken, as the first of them. */
export const firstOfSeries = (dues: readonly Due[], after: Readonly<Record<string, number>>): FirstOfSeries =>
  new Map(dues.map(({ field, at }) => [field, (after[field] ?? 0) - at.length]));

/** The records with the numbers they get. */
export const withNumbers = (
  records: readonly RecordValues[],
  dues: readonly Due[],
  first: FirstOfSeries,
): RecordValues[] => {
  const given: RecordValues[] = [...records];
  for (const { field, type, year, at } of dues)
    at.forEach((i, n) => {
      given[i] = { ...given[i], [field]: seriesText(type, year, (first.get(field) ?? 0) + n) };
    });
  return given;
};

/** Takes the next numbers of each series by themselves. */
export const takeSeries = async (
  work: CommandContext,
  register: Register,
  dues: readonly Due[],
): Promise<FirstOfSeries> => {
  if (dues.length === 0) return new Map();
  const { rows } = await work.db.execute(toDrizzle(seriesInsertion(register, dues, sql`true`)));
  return firstOfSeries(dues, Object.fromEntries(rows.map((row) => [String(row.field), Number(row.next)])));
};

/** One record with the running numbers it gets now, when it is changed. */
export const giveNumbers = async (
  work: CommandContext,
  register: Register,
  values: RecordValues,
): Promise<RecordValues> => {
  const dues = findDues(work, register, [values]);
  if (dues.length === 0) return values;
  return withNumbers([values], dues, await takeSeries(work, register, dues))[0] ?? values;
};
