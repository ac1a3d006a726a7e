import { findDecimal, ok, type Result, roundHalfAway } from '../base/index.ts';
import type { Field, Register } from '../register/index.ts';
import { identifier, join, parameter, type SqlFragment, sql } from '../sql/index.ts';
import {
  averagedAs,
  behaviourOf,
  comparedWith,
  decimalsOf,
  type FieldBehaviour,
  type FieldType,
  isDuration,
  recordBehind,
  shownAs,
  type ValueType,
  valueTraits,
} from '../values/index.ts';
import {
  type GroupBy,
  type Grouping,
  refuse,
  SAID,
  type Total,
  type TotalKind,
  totalsOf,
  type Unit,
} from './grouping.ts';
import type { CompiledList } from './query.ts';
import { collated, fieldAt, type Ordered, ordered, pathValue, type SortAround, titleBehind } from './sort.ts';

/** A level of groups made ready: its key, what it is put in order by, and how a key is said. */
export interface CompiledGrouping extends Grouping {
  readonly label: string;
  readonly type: ValueType;
  readonly field: Field | null;
  readonly behaviour: FieldBehaviour | null;
  readonly key: Ordered;
  readonly order: SqlFragment;
}

/** A total made ready; `behaviour` says it, null where it is a plain number of things. */
export interface CompiledTotal extends Total {
  readonly label: string;
  readonly type: ValueType;
  readonly behaviour: FieldBehaviour | null;
  readonly value: SqlFragment;
}

const behaviourFor = (field: Field | null, type: ValueType): FieldBehaviour | null =>
  field ? behaviourOf(shownAs(field.type)) : comparedWith(type);

/** The first letter without its marks, in capitals; what begins with none stands under `#`. */
const letterOf = (text: SqlFragment): SqlFragment => {
  const first = sql`upper(left(normalize(btrim(${text}), NFD), 1))`;
  return sql`(case when ${text} is null or btrim(${text}) = '' then null when ${first} ~ '[[:alpha:]]' then ${first} else '#' end)`;
};

/** The day by which a value lies in a stretch of time; of days in a row the first. */
const dayOf = (value: SqlFragment, type: ValueType, { clock }: SortAround): SqlFragment => {
  switch (valueTraits(type).day) {
    case 'moment':
      return sql`(${value} at time zone ${parameter(clock.zone, 'text')})::date`;
    case 'span':
      return sql`lower(${value})`;
    case 'day':
    case null:
      return value;
  }
};

/** The first day of the stretch a day lies in; PostgreSQL's weeks begin on Monday, so others are shifted there and back. */
const stretchOf = (day: SqlFragment, unit: Unit, { catalogue }: SortAround): SqlFragment => {
  if (unit === 'day') return day;
  const shift = unit === 'week' ? (8 - (catalogue.weekBegins ?? 1)) % 7 : 0;
  const truncated = (of: SqlFragment) => sql`date_trunc(${parameter(unit, 'text')}, ${of}::timestamp)::date`;
  const days = parameter(shift, 'integer');
  return shift === 0 ? truncated(day) : sql`(${truncated(sql`(${day} + ${days})`)} - ${days})`;
};

const keyOf = (value: SqlFragment, type: ValueType, by: GroupBy, around: SortAround): Ordered | null => {
  if (!valueTraits(type).groups.includes(by.kind)) return null;
  switch (by.kind) {
    case 'letter':
      return { value: letterOf(value), type: 'text' };
    case 'unit':
      return { value: stretchOf(dayOf(value, type, around), by.unit, around), type: 'date' };
    case 'bands':
      return { value: sql`width_bucket(${value}, ${parameter(by.edges, 'numeric[]')})`, type: 'integer' };
    case 'value':
      return { value, type: valueTraits(type).sql };
  }
};

const compileGrouping = (
  register: Register,
  grouping: Grouping,
  at: number,
  around: SortAround,
): Result<CompiledGrouping> => {
  const { path, by } = grouping;
  const found = pathValue(register, path, around);
  if (!found) return { ok: false, problems: [refuse('by', `${register.plural} have no field “${path}” to group by.`)] };
  const { type, value, label } = found;
  const key = keyOf(value, type, by, around);
  if (!key) return { ok: false, problems: [refuse('by', `${label} cannot be put together so.`)] };
  const named = identifier('g', keyName(at));
  const behind = recordBehind(type);
  const order =
    by.kind !== 'value'
      ? named
      : behind !== null
        ? (titleBehind(behind, named, around)?.value ?? named)
        : (ordered(named, type)?.value ?? named);
  const field = fieldAt(register, path.split('.'), around.catalogue);
  return ok({
    ...grouping,
    label,
    type,
    field,
    behaviour: behaviourFor(field, type),
    key,
    order: by.kind === 'letter' ? collated(named) : order,
  });
};

const COUNTS: ReadonlySet<TotalKind> = new Set(['different', 'filled']);

const totalOf = (kind: TotalKind, value: SqlFragment, decimals: number | null): SqlFragment => {
  const rounded = (of: SqlFragment): SqlFragment =>
    decimals === null ? of : sql`round(${of}, ${parameter(decimals, 'integer')})`;
  switch (kind) {
    case 'sum':
    // How much of the whole it is is told once the whole is known.
    case 'share':
      return sql`sum(${value})`;
    case 'average':
      return rounded(sql`avg(${value})`);
    case 'least':
      return sql`min(${value})`;
    case 'most':
      return sql`max(${value})`;
    // The middle one, or halfway between the two in the middle: exact, as `percentile_cont` is not.
    case 'middle':
      return rounded(
        sql`(percentile_disc(0.5) within group (order by ${value}) + percentile_disc(0.5) within group (order by ${value} desc)) / 2`,
      );
    case 'different':
      return sql`count(distinct ${value})`;
    case 'filled':
      return sql`count(${value})`;
  }
};

const compileTotal = (
  register: Register,
  total: Total,
  at: number,
  around: SortAround,
): Result<CompiledTotal & { readonly from: SqlFragment }> => {
  const { kind, path } = total;
  const found = pathValue(register, path, around);
  if (!found)
    return { ok: false, problems: [refuse('totals', `${register.plural} have no field “${path}” to total.`)] };
  const { type, value, label } = found;
  if (!totalsOf(type).includes(kind))
    return { ok: false, problems: [refuse('totals', `${label} has no ${SAID[kind]}.`)] };
  const field = fieldAt(register, path.split('.'), around.catalogue);
  const shown = field && toldAs(kind, shownAs(field.type));
  const decimals = isDuration(type) ? WHOLE_SECONDS : shown ? decimalsOf(shown) : null;
  return ok({
    ...total,
    label,
    type: kind === 'share' ? behaviourOf(SHARE).value : type,
    behaviour: COUNTS.has(kind) ? null : shown ? behaviourOf(shown) : comparedWith(type),
    value: totalOf(kind, identifier('g', totalName(at)), decimals),
    from: value,
  });
};

/** What a total of a field is told as. */
export const toldAs = (kind: TotalKind, type: FieldType): FieldType => {
  if (kind === 'share') return SHARE;
  return kind === 'average' || kind === 'middle' ? averagedAs(type) : type;
};

/** Durations are counted in milliseconds, and told in seconds. */
const WHOLE_SECONDS = -3;

/** Shares are told in per cent with one decimal. */
const SHARE = { kind: 'percent', decimals: 1 } as const;

/** How much of a whole a sum is, as a fraction; null where either is not known, or the whole is nothing. */
export const shareOf = (sum: string | null, whole: string | null): string | null => {
  const [part, all] = [sum === null ? null : findDecimal(sum), whole === null ? null : findDecimal(whole)];
  return part && all && !all.isZero() ? roundHalfAway(part.div(all), SHARE_DECIMALS).toFixed() : null;
};
/** As many as per cent with one decimal need. */
const SHARE_DECIMALS = 3;

/** The column that holds a level's key. */
export const keyName = (at: number): string => `-key${at}`;
/** The column that holds a total. */
export const totalName = (at: number): string => `-total${at}`;
/** The column that says how many levels a row leaves open: all of them in the total of the whole. */
export const OPEN_NAME = '-open';

/** A list's groups made ready: a query of its groups, those above before those below, each with its totals. */
export interface CompiledGroups {
  readonly groupings: readonly CompiledGrouping[];
  readonly totals: readonly CompiledTotal[];
  /** `from` is what the list's records are read from. */
  readonly query: (from: SqlFragment, most: number) => SqlFragment;
}

const firstProblem = <T>(results: readonly Result<T>[]): Result<T[]> => {
  const values: T[] = [];
  for (const each of results) {
    if (!each.ok) return each;
    values.push(each.value);
  }
  return ok(values);
};

/** Groups and totals over a list, or what is wrong with them, at `by` or `totals`. */
export const compileGroups = (
  list: CompiledList,
  groupings: readonly Grouping[],
  totals: readonly Total[],
  around: SortAround,
): Result<CompiledGroups> => {
  const levels = firstProblem(groupings.map((each, at) => compileGrouping(list.register, each, at, around)));
  if (!levels.ok) return levels;
  const sums = firstProblem(totals.map((each, at) => compileTotal(list.register, each, at, around)));
  if (!sums.ok) return sums;
  const keys = levels.value.map((_, at) => identifier('g', keyName(at)));
  const query = (from: SqlFragment, most: number): SqlFragment => {
    const inner = [
      ...levels.value.map(({ key }, at) => sql`${key.value} as ${identifier(keyName(at))}`),
      ...sums.value.map((total, at) => sql`${total.from} as ${identifier(totalName(at))}`),
    ];
    const columns = [
      ...keys.map((key, at) => sql`${key}::text as ${identifier(keyName(at))}`),
      ...sums.value.map(({ value }, at) => sql`(${value})::text as ${identifier(totalName(at))}`),
      sql`count(*) as n`,
      keys.length === 0
        ? sql`0 as ${identifier(OPEN_NAME)}`
        : sql`grouping(${join(keys, ', ')}) as ${identifier(OPEN_NAME)}`,
    ];
    const records = sql`(select ${inner.length === 0 ? sql`1` : join(inner, ', ')} from ${from} t where ${list.where}) g`;
    if (keys.length === 0) return sql`select ${join(columns, ', ')} from ${records}`;
    // A group stands before what it is made of, nothing behind all else.
    const order = levels.value.flatMap(({ order: by }, at) => {
      const key = keys[at] ?? sql`null`;
      return [sql`grouping(${key}) desc`, sql`${by} nulls last`, key];
    });
    return sql`select ${join(columns, ', ')} from ${records} group by rollup(${join(keys, ', ')}) order by ${join(order, ', ')} limit ${parameter(most, 'integer')}`;
  };
  return ok({ groupings: levels.value, totals: sums.value, query });
};

/** The records of one group, by its keys as texts, from the outermost. */
export const inGroup = ({ groupings }: CompiledGroups, keys: readonly (string | null)[]): SqlFragment =>
  join(
    groupings.slice(0, keys.length).map(({ key }, at) => {
      const value = keys[at] ?? null;
      return value === null ? sql`${key.value} is null` : sql`${key.value} = ${parameter(value, key.type)}`;
    }),
    ' and ',
  );
