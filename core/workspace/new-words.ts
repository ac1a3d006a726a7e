import type { Constraint, Register } from '../register/index.ts';
import { type FieldType, numberingIn, type RowField, rowsIn, workedOutIn } from '../values/index.ts';

/** What was said of it stays said by the words of now, where it is said as it was before. */
const retold = <T>(sent: T, before: T, now: T): T => (JSON.stringify(sent) === JSON.stringify(before) ? now : sent);

const typeRetold = (sent: FieldType, before: FieldType | undefined, now: FieldType | undefined): FieldType => {
  const [formula, had, has] = [workedOutIn(sent), before && workedOutIn(before), now && workedOutIn(now)];
  if (formula && had && has) return { ...formula, formula: retold(formula.formula, had.formula, has.formula) };
  const [number, counted, counts] = [numberingIn(sent), before && numberingIn(before), now && numberingIn(now)];
  if (number && counted && counts) return { ...number, when: retold(number.when, counted.when, counts.when) };
  const [rows, held, holds] = [rowsIn(sent), before && rowsIn(before), now && rowsIn(now)];
  return rows && held && holds ? { ...rows, fields: fieldsRetold(rows.fields, held.fields, holds.fields) } : sent;
};

/** Renaming keeps the order of fields: each of before is the one of now in the same place. */
const fieldsRetold = <F extends RowField>(sent: readonly F[], before: readonly F[], now: readonly F[]): F[] =>
  sent.map((field) => {
    const named = before.findIndex(({ id }) => id !== undefined && id === field.id);
    const at = named >= 0 ? named : now.findIndex(({ key }) => key === field.key);
    return { ...field, type: typeRetold(field.type, before[at]?.type, now[at]?.type) };
  });

/**
 * A register as someone sent it along with new keys for fields, by those keys throughout: what it says as it was said
 * before (formulas, conditions, what it names by the old keys) takes the words of `now`, which is `before` renamed.
 * What was written anew stays as it was written.
 */
export const inNewWords = (sent: Register, before: Register, now: Register): Register => {
  const own = new Set(sent.fields.map(({ key }) => key));
  const put = (key: string): string => {
    const at = before.fields.findIndex((field) => field.key === key);
    return own.has(key) ? key : (now.fields[at]?.key ?? key);
  };
  const said = new Map(before.constraints.map((each, i) => [JSON.stringify(each), now.constraints[i]]));
  const constraint = (each: Constraint): Constraint =>
    said.get(JSON.stringify(each)) ?? (each.kind === 'unique' ? { ...each, fields: each.fields.map(put) } : each);
  return {
    ...sent,
    fields: fieldsRetold(sent.fields, before.fields, now.fields),
    ...(sent.title === undefined ? {} : { title: put(sent.title) }),
    beside: sent.beside.map(put),
    listed: sent.listed.map(put),
    alike: sent.alike.map(put),
    constraints: sent.constraints.map(constraint),
  };
};
