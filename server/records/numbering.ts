import { sql } from 'drizzle-orm';
import { type Clock, today } from '#core/base/index.ts';
import { type Checked, checkExpression, evaluate } from '#core/expression/index.ts';
import { type Catalogue, type RecordValues, type Register, recordItem, vocabularyOf } from '#core/register/index.ts';
import { type FieldTypeOf, seriesText } from '#core/values/index.ts';
import type { Tx } from '../db/client.ts';
import { series } from '../db/schema.ts';

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
  register: Register,
  type: Numbered,
  values: RecordValues,
  catalogue: Catalogue,
  clock: Clock,
): boolean => {
  if (type.when === undefined) return true;
  const condition = conditionOf(register, type, type.when, catalogue);
  return (
    condition !== null && evaluate(condition, { ...recordItem(register, values, catalogue, clock), clock }) === true
  );
};

/** The next numbers of a series; its row stays locked until the commit, so that none is left out. */
const take = async (tx: Tx, register: string, field: string, year: number, count: number): Promise<number> => {
  const [row] = await tx
    .insert(series)
    .values({ register, field, year, next: count + 1 })
    .onConflictDoUpdate({
      target: [series.register, series.field, series.year],
      set: { next: sql`${series.next} + ${count}` },
    })
    .returning({ next: series.next });
  if (!row) throw new RangeError(`no series for ${register}.${field}`);
  return row.next - count;
};

/**
 * The running numbers some records get now, put into their values, in the order given. A number once given stays.
 * Series are locked last and in the order of the register's fields, so that two writers never wait for each other.
 */
export const giveNumbers = async (
  tx: Tx,
  register: Register,
  records: readonly RecordValues[],
  catalogue: Catalogue,
  clock: Clock,
): Promise<RecordValues[]> => {
  const given: RecordValues[] = [...records];
  for (const field of register.fields) {
    const { type, key } = field;
    if (type.kind !== 'running_number') continue;
    const due = given.flatMap((values, i) =>
      (values[key] ?? null) === null && isDue(register, type, values, catalogue, clock) ? [i] : [],
    );
    if (due.length === 0) continue;
    const year = type.restart === 'yearly' ? Number(today(clock).slice(0, 4)) : 0;
    const first = await take(tx, register.key, key, year, due.length);
    due.forEach((i, n) => {
      given[i] = { ...given[i], [key]: seriesText(type, year, first + n) };
    });
  }
  return given;
};
