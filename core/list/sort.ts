import { type Clock, ok, type Problem, problem, type Result } from '../base/index.ts';
import { checkExpression, findNamed, toSql, toSqlFormula } from '../expression/index.ts';
import {
  type Catalogue,
  type Field,
  linkedRegister,
  type Register,
  STAGE_CHOICES,
  STAGES,
  titleOf,
  vocabularyOf,
} from '../register/index.ts';
import { identifier, parameter, rowsKey, type SqlFragment, type SqlType, sql, tableOf } from '../sql/index.ts';
import {
  behaviourOf,
  columnValue,
  heldTraits,
  orderOf,
  PEOPLE,
  type ValueType,
  valueTraits,
  workedOutIn,
} from '../values/index.ts';

/** A value over the register's table as `t` that has an order. */
export interface Ordered {
  readonly value: SqlFragment;
  readonly type: SqlType;
}

/** A column of the list's own table that a key's values stand in as they are put in order, so that an index can hold them. */
export interface HeldIn {
  readonly column: string;
  /** The list whose choices the column holds the codes of; the order is theirs. Null: values are put in order themselves. */
  readonly choices: string | null;
}

/** A key over one of the list's own fields. */
interface OwnOrdered extends Ordered {
  readonly held: HeldIn | null;
}

/** What a list's records are put in order by. */
export interface SortKey extends OwnOrdered {
  readonly path: string;
  readonly descending: boolean;
}

/** For whom and when a list is sorted. */
export interface SortAround {
  readonly catalogue: Catalogue;
  readonly clock: Clock;
  readonly from?: (register: string) => SqlFragment;
}

/** What a list's own register is called in SQL. */
export const ALIAS = 't';
/** A column of the list's own register. */
export const column = (name: string): SqlFragment => identifier(ALIAS, name);

const targetOf = ({ clock, from }: SortAround) => ({ alias: ALIAS, clock, ...(from ? { from } : {}) });

/** Choices stand in the order their list gives them. */
const positionIn = (list: string, code: SqlFragment): SqlFragment =>
  list === STAGES
    ? sql`array_position(${parameter(
        STAGE_CHOICES.map(({ code: each }) => each),
        'text[]',
      )}, ${code})`
    : sql`(select ${identifier('c', 'position')} from ${identifier('choices', list)} ${identifier('c')} where ${identifier('c', 'code')} = ${code})`;

/** What the record of a register is called whose id this is: links stand in the order of these. */
export const titleBehind = (register: string, id: SqlFragment, around: SortAround): Ordered | null => {
  if (register === PEOPLE) {
    const name = sql`(select ${identifier('s', 'name')} from ${tableOf(PEOPLE)} ${identifier('s')} where ${identifier('s', 'id')} = ${id})`;
    return { value: collated(name), type: 'text' };
  }
  const linked = around.catalogue.registers.get(register);
  if (!linked) return null;
  const title = titleOf(linked, around.catalogue);
  const from = (around.from ?? tableOf)(linked.key);
  const named = sql`(select ${title.value({ ...targetOf(around), alias: 's' })} from ${from} ${identifier('s')} where ${identifier('s', 'id')} = ${id})`;
  return { value: title.type === 'text' ? collated(named) : named, type: title.type };
};

const sortable = (register: Register, field: Field, around: SortAround): OwnOrdered | null => {
  const elsewhere = (found: Ordered | null): OwnOrdered | null => found && { ...found, held: null };
  const held = (value: SqlFragment, type: SqlType): OwnOrdered => ({
    value: type === 'text' ? collated(value) : value,
    type,
    held: { column: field.key, choices: null },
  });
  const behaviour = behaviourOf(field.type);
  const { type } = field;
  const { catalogue } = around;
  const target = targetOf(around);
  if (workedOutIn(type)) {
    const formula = vocabularyOf(register, catalogue).names.get(field.key)?.formula;
    if (!formula) return null;
    const value = formula.stored ? columnValue(column(field.key), type) : toSqlFormula(formula, target);
    // A duration that is worked out is counted in milliseconds.
    if (behaviour.sql === 'interval') return elsewhere({ value, type: 'numeric' });
    if (formula.stored && !behaviour.read) return held(value, behaviour.sql);
    return elsewhere({ value: behaviour.sql === 'text' ? collated(value) : value, type: behaviour.sql });
  }
  const order = orderOf(behaviour.value);
  switch (order.by) {
    // Of what a record has many, their number counts.
    case 'count': {
      if (heldTraits(type).holds === 'many')
        return elsewhere({ value: sql`cardinality(${column(field.key)})`, type: 'integer' });
      const rows = tableOf(rowsKey(register.key, field.key));
      const count = sql`(select count(*)::integer from ${rows} ${identifier('s')} where ${identifier('s', 'entry')} = ${column('id')})`;
      return elsewhere({ value: count, type: 'integer' });
    }
    case 'first_day':
      return elsewhere({ value: sql`lower(${column(field.key)})`, type: 'date' });
    case 'choice': {
      const choices = order.list === STAGES ? null : { column: field.key, choices: order.list };
      return { value: positionIn(order.list, column(field.key)), type: 'integer', held: choices };
    }
    case 'title':
      return elsewhere(titleBehind(order.register, column(field.key), around));
    case 'value':
    case 'letters':
      return held(column(field.key), behaviour.sql);
  }
};

/** A deterministic ICU collation: letters sort as people expect, and equal only when they are. */
export const collated = (value: SqlFragment): SqlFragment => sql`(${value} collate "und-x-icu")`;

/** How a value that a path leads to is put in order; null where its kind has no order. */
export const ordered = (value: SqlFragment, type: ValueType): Ordered | null => {
  const order = orderOf(type);
  switch (order.by) {
    case 'letters':
      return { value: collated(value), type: 'text' };
    case 'value':
      return { value, type: valueTraits(type).sql };
    case 'choice':
      return { value: positionIn(order.list, value), type: 'integer' };
    case 'title':
    case 'first_day':
    case 'count':
      return null;
  }
};

/** What a path over a register's records holds, as SQL over `t`. */
export interface PathValue {
  readonly value: SqlFragment;
  readonly type: ValueType;
  readonly label: string;
}

/** What kind of value a path over a register's records leads to; null where it leads nowhere, or to whoever looks. */
export const leadsTo = (
  register: Register,
  path: string,
  catalogue: Catalogue,
): { readonly type: ValueType; readonly label: string } | null => {
  const steps = path.split('.');
  const found = steps[0] === 'me' || steps[0] === 'before' ? null : findNamed(vocabularyOf(register, catalogue), steps);
  return !found || found.named.type.kind === 'records'
    ? null
    : { type: found.named.type, label: found.labels.join(', ') };
};

/** The same as SQL; null also where it leads to what SQL cannot say. */
export const pathValue = (register: Register, path: string, around: SortAround): PathValue | null => {
  const found = leadsTo(register, path, around.catalogue);
  if (!found) return null;
  const checked = checkExpression(path, vocabularyOf(register, around.catalogue), { kind: 'value', type: found.type });
  if (!checked.ok || checked.value.notInSql !== null) return null;
  return { ...found, value: toSql(checked.value, targetOf(around)) };
};

/** What a path over a register's records is called; also where rules cannot name what is there, as files. */
export const labelAt = (register: Register, path: string, catalogue: Catalogue): string =>
  register.fields.find(({ key }) => key === path)?.label ?? leadsTo(register, path, catalogue)?.label ?? path;

/** The field a path leads to, across links; null where it leads to none, as to what a sign-off says. */
export const fieldAt = (register: Register, path: readonly string[], catalogue: Catalogue): Field | null => {
  const [first, ...rest] = path;
  const field = register.fields.find(({ key }) => key === first) ?? null;
  if (!field || rest.length === 0) return field;
  const target = linkedRegister(field.type, catalogue);
  return target ? fieldAt(target, rest, catalogue) : null;
};

const byPath = (register: Register, path: string, around: SortAround): OwnOrdered | null => {
  const found = pathValue(register, path, around);
  const key = found && ordered(found.value, found.type);
  return key && { ...key, held: null };
};

const unsorted = (register: Register, sort: string): Problem =>
  problem('unknown_field', ['sort'], `${register.plural} have no field “${sort}” to sort by.`);

/** What a path leads to that has an order: one of a register's own fields, or what lies across links or in the sign-off. */
const sortBy = (register: Register, path: string, around: SortAround): OwnOrdered | null => {
  const field = register.fields.find((each) => each.key === path);
  return field ? sortable(register, field, around) : path.includes('.') ? byPath(register, path, around) : null;
};

/** More keys than this would decide between nothing any more. */
const MOST_KEYS = 5;

/** The keys a list is sorted by, and which way its numbers go where they decide. */
export const sortKeysOf = (
  register: Register,
  sort: string,
  around: SortAround,
): Result<{ readonly sortKeys: readonly SortKey[]; readonly numbersDown: boolean }> => {
  const keys = sort === '' ? [] : sort.split(',');
  const sortKeys: SortKey[] = [];
  for (const key of keys) {
    const descending = key.startsWith('-');
    const path = descending ? key.slice(1) : key;
    // No two have the same number: nothing after it decides.
    if (path === 'number') return ok({ sortKeys, numbersDown: descending });
    const known = register.fields.some((each) => each.key === path);
    const found = sortBy(register, path, around);
    if (found) sortKeys.push({ ...found, path, descending });
    else if (!known) return { ok: false, problems: [unsorted(register, path)] };
  }
  return sortKeys.length <= MOST_KEYS
    ? ok({ sortKeys, numbersDown: false })
    : { ok: false, problems: [problem('limit', ['sort'], `A list is sorted by at most ${MOST_KEYS} keys.`)] };
};
