import { Decimal, exactly, isDurationMs, round34 } from '../../base/index.ts';
import { join, type SqlFragment, sql } from '../../sql/index.ts';
import { BOOLEAN, DAYS, NUMBER, type Type } from '../type.ts';
import { and, equal, isList, or, order, type Value } from '../value.ts';
import {
  type BuiltIn,
  counted,
  countOf,
  decimalOf,
  finite,
  listOfArg,
  over,
  type Parameter,
  rounded,
  type Shape,
  type Signature,
  type SqlCall,
  takes,
} from './signature.ts';

const list = (of: Shape): Parameter => takes('list', { list: of });
const OUTSIDE = 'it makes a new list';

/** A function of one list, which may also be given its items one by one. */
const ofList = (
  signature: Omit<Signature, 'parameters'> & { readonly of: Shape; readonly items?: Signature['sql'] },
): Signature[] => {
  const { of, items, ...rest } = signature;
  return [
    { ...rest, parameters: [list(of)] },
    {
      ...rest,
      parameters: [takes('c', of)],
      rest: true,
      takesNothing: true,
      run: (args, tools) => rest.run([args], tools),
      sql: items ?? rest.sql,
    },
  ];
};

const itemsOf = (call: SqlCall): SqlFragment[] => Array.from({ length: call.count }, (_, i) => call.at(i));

/** Texts are ordered by their code points, so the smallest and largest are too. */
const collated = (item: SqlFragment, type: Type): SqlFragment =>
  (type.kind === 'list' ? type.of : type).kind === 'text' ? sql`${item} collate "C"` : item;

const extreme = (sign: 1 | -1, aggregate: SqlFragment, one: SqlFragment): Signature[] =>
  ofList({
    of: 'ordered',
    result: 'T',
    run: ([value]) => {
      const items = listOfArg(value);
      if (items.includes(null)) return null;
      return items.reduce<Value>(
        (best, each) => (best === null || Math.sign(order(each, best) ?? 0) === sign ? each : best),
        null,
      );
    },
    sql: (call) =>
      over(
        call.list(0),
        (item) => sql`(case when count(*) = count(${item}) then ${aggregate}(${collated(item, call.type(0))}) end)`,
      ),
    items: (call) =>
      sql`(case when ${join(
        itemsOf(call).map((each) => sql`${each} is not null`),
        ' and ',
      )} then ${one}(${join(
        itemsOf(call).map((each, i) => collated(each, call.type(i))),
        ', ',
      )}) end)`,
    size: (sizes) => ({
      before: Math.max(...sizes.map((size) => size.before)),
      after: Math.max(...sizes.map((size) => size.after)),
    }),
    longest: (longest) => Math.max(...longest),
  });

const sumOf = (items: readonly Value[]): Decimal | null =>
  items.some((each) => each === null)
    ? null
    : round34(items.reduce<Decimal>((sum, each) => sum.add(decimalOf(each)), exactly(new Decimal(0))));

const sumSql = (call: SqlCall, item: SqlFragment): SqlFragment =>
  sql`(case when count(*) = count(${item}) then ${rounded(sql`sum(${item})`, call.exact)} end)`;

/** Durations added up; nothing where one is nothing, or where it would be longer than the language counts. */
const daysOf = (items: readonly Value[]): Value => {
  if (items.some((each) => each === null)) return null;
  const sum = items.reduce<number>((whole, each) => whole + countOf(each), 0);
  return isDurationMs(sum) ? sum : null;
};

/** The mean of durations, to the millisecond. */
const meanOfDays = (items: readonly Value[]): Value => {
  const sum = daysOf(items);
  return items.length === 0 || typeof sum !== 'number' ? null : Math.round(sum / items.length);
};

const plus = (items: readonly SqlFragment[]): SqlFragment => sql`(${join(items, ' + ')})`;

const quantifier = (name: 'all' | 'any', start: boolean, combine: (a: Value, b: Value) => Value): Signature[] =>
  ofList({
    of: 'boolean',
    result: BOOLEAN,
    run: ([value]) => listOfArg(value).reduce<Value>((found, each) => combine(found, each), start),
    sql: (call) =>
      over(call.list(0), (item) =>
        name === 'any'
          ? sql`(case when bool_or(${item}) then true when count(*) = count(${item}) then false end)`
          : sql`(case when not bool_and(${item}) then false when count(*) = count(${item}) then true end)`,
      ),
    items: (call) => sql`(${join(itemsOf(call), name === 'any' ? ' or ' : ' and ')})`,
  });

/** What tells two values of one list apart; the same for equal values. */
const keyOf = (value: Value): unknown =>
  Decimal.isDecimal(value) ? value.toFixed() : isList(value) ? JSON.stringify(value.map(keyOf)) : value;

export const distinct = (items: readonly Value[]): Value[] => {
  const found = new Map<unknown, Value>();
  for (const each of items) if (!found.has(keyOf(each))) found.set(keyOf(each), each);
  return [...found.values()];
};

const median = (items: readonly Value[]): Value => {
  const sorted = items.map(decimalOf).toSorted((a, b) => a.cmp(b));
  const [low, high] = [sorted[Math.ceil(sorted.length / 2) - 1], sorted[Math.floor(sorted.length / 2)]];
  return low && high ? low.add(high).div(2) : null;
};

const mode = (items: readonly Value[]): Value => {
  const counts = new Map<unknown, number>();
  for (const each of items) counts.set(keyOf(each), (counts.get(keyOf(each)) ?? 0) + 1);
  const most = Math.max(0, ...counts.values());
  return distinct(items)
    .filter((each) => counts.get(keyOf(each)) === most)
    .toSorted((a, b) => order(a, b) ?? 0);
};

/** The sample standard deviation (divisor n − 1), worked out exactly up to the last division and the root. */
const deviation = (items: readonly Value[]): Value => {
  if (items.length < 2) return null;
  const n = items.length;
  const numbers = items.map((each) => exactly(decimalOf(each)));
  const zero = exactly(new Decimal(0));
  const sum = numbers.reduce((total, each) => total.add(each), zero);
  const squares = numbers.reduce((total, each) => total.add(each.mul(each)), zero);
  return finite(new Decimal(squares.mul(n).sub(sum.mul(sum))).div(n * (n - 1)).sqrt());
};

const givenOnly =
  (run: (items: readonly Value[]) => Value): Signature['run'] =>
  ([value]) =>
    listOfArg(value).includes(null) ? null : run(listOfArg(value));

/** The list functions whose answer is one value (OMG DMN 1.4 §10.3.4.4). */
export const LIST_FUNCTIONS: readonly BuiltIn[] = [
  {
    name: 'list contains',
    group: 'list',
    help: 'Whether a value is in a list.',
    examples: [
      ['list contains([1, 2, 3], 2)', 'true'],
      ['list contains([1, 2, null], null)', 'true'],
    ],
    clause: '10.3.4.4',
    signatures: [
      {
        parameters: [list('T'), takes('element', 'T')],
        result: BOOLEAN,
        takesNothing: true,
        run: ([items, value]) =>
          isList(items ?? null) ? listOfArg(items).some((each) => equal(each, value ?? null)) : null,
        sql: (call) =>
          over(call.list(0), (item) => sql`coalesce(bool_or(${item} is not distinct from ${call.at(1)}), false)`),
      },
    ],
  },
  {
    name: 'count',
    group: 'list',
    help: 'How many items a list has.',
    examples: [
      ['count([1, 2, 3])', '3'],
      ['count([])', '0'],
      ['count([1, null])', '2'],
    ],
    clause: '10.3.4.4',
    signatures: [
      {
        parameters: [list('T')],
        result: NUMBER,
        run: ([items]) => counted(listOfArg(items).length),
        sql: (call) => over(call.list(0), () => sql`count(*)::numeric`),
        size: () => ({ before: 10, after: 0 }),
      },
    ],
  },
  {
    name: 'min',
    group: 'list',
    help: 'The smallest value; nothing of an empty list, or where one is nothing.',
    examples: [
      ['min([1, 2, 3])', '1'],
      ['min(1, 2, 3)', '1'],
      ['min([])', 'null'],
    ],
    clause: '10.3.4.4',
    signatures: extreme(-1, sql`min`, sql`least`),
  },
  {
    name: 'max',
    group: 'list',
    help: 'The largest value; nothing of an empty list, or where one is nothing.',
    examples: [
      ['max(1, 2, 3)', '3'],
      ['max([])', 'null'],
      ['max([1, null])', 'null'],
    ],
    clause: '10.3.4.4',
    signatures: extreme(1, sql`max`, sql`greatest`),
  },
  {
    name: 'sum',
    group: 'list',
    help: 'The numbers or durations added up; nothing of an empty list, or where one is nothing. “total” passes over nothing.',
    examples: [
      ['sum([1, 2, 3])', '6'],
      ['sum(1, 2, 3)', '6'],
      ['sum(1)', '1'],
      ['sum([])', 'null'],
      ['sum([1, null])', 'null'],
      ['sum([duration("PT7H30M"), duration("PT45M")]) = duration("PT8H15M")', 'true'],
    ],
    clause: '10.3.4.4',
    signatures: [
      ...ofList({
        of: 'number',
        result: NUMBER,
        run: ([value]) => (listOfArg(value).length === 0 ? null : sumOf(listOfArg(value))),
        sql: (call) => over(call.list(0), (item) => sumSql(call, item)),
        items: (call) => rounded(plus(itemsOf(call)), false),
        size: ([size = { before: 34, after: 34 }]) => ({ before: size.before + 10, after: size.after }),
      }),
      ...ofList({
        of: 'days',
        result: DAYS,
        run: ([value]) => (listOfArg(value).length === 0 ? null : daysOf(listOfArg(value))),
        sql: (call) =>
          over(
            call.list(0),
            (item) => sql`(case when count(*) = count(${item}) then iolite.within_days(sum(${item})) end)`,
          ),
        items: (call) => sql`iolite.within_days(${plus(itemsOf(call))})`,
      }),
    ],
  },
  {
    name: 'total',
    group: 'trade',
    help: 'The numbers or durations added up, passing over nothing; 0 of an empty list.',
    examples: [
      ['total([1, null, 2])', '3'],
      ['total([])', '0'],
      ['total([duration("PT7H30M"), null]) = duration("PT7H30M")', 'true'],
    ],
    clause: null,
    signatures: [
      {
        parameters: [list('number')],
        result: NUMBER,
        run: ([value]) => sumOf(listOfArg(value).filter((each) => each !== null)),
        sql: (call) => over(call.list(0), (item) => sql`coalesce(${rounded(sql`sum(${item})`, call.exact)}, 0)`),
        size: ([size = { before: 34, after: 34 }]) => ({ before: size.before + 10, after: size.after }),
      },
      {
        parameters: [list('days')],
        result: DAYS,
        run: ([value]) => daysOf(listOfArg(value).filter((each) => each !== null)),
        sql: (call) => over(call.list(0), (item) => sql`iolite.within_days(coalesce(sum(${item}), 0))`),
      },
    ],
  },
  {
    name: 'mean',
    group: 'list',
    help: 'The arithmetic mean: the sum divided by the count.',
    examples: [
      ['mean([1, 2, 3])', '2'],
      ['mean(1, 2, 3)', '2'],
      ['mean(1)', '1'],
      ['mean([])', 'null'],
      ['mean([duration("PT1H"), duration("PT2H")])', 'duration("PT1H30M")'],
    ],
    clause: '10.3.4.4',
    signatures: ofList({
      of: 'number',
      result: NUMBER,
      run: ([value]) =>
        listOfArg(value).length === 0 ? null : (sumOf(listOfArg(value))?.div(listOfArg(value).length) ?? null),
      sql: (call) => over(call.list(0), (item) => sql`iolite.divide34(${sumSql(call, item)}, count(*)::numeric)`),
      items: (call) =>
        sql`iolite.divide34(iolite.round34(${plus(itemsOf(call))}), ${sql`${join(
          itemsOf(call).map(() => sql`1`),
          ' + ',
        )}`})`,
    }).concat(
      ofList({
        of: 'days',
        result: DAYS,
        run: ([value]) => meanOfDays(listOfArg(value)),
        sql: 'it takes the mean of durations',
      }),
    ),
  },
  {
    name: 'all',
    group: 'list',
    help: 'Whether all items are true: false if one is false, else nothing if one is nothing.',
    examples: [
      ['all([false, null, true])', 'false'],
      ['all([true, true])', 'true'],
      ['all([])', 'true'],
      ['all([true, null])', 'null'],
    ],
    clause: '10.3.4.4',
    signatures: quantifier('all', true, and),
  },
  {
    name: 'any',
    group: 'list',
    help: 'Whether an item is true: true if one is, else nothing if one is nothing.',
    examples: [
      ['any([false, null, true])', 'true'],
      ['any([])', 'false'],
      ['any([false, null])', 'null'],
    ],
    clause: '10.3.4.4',
    signatures: quantifier('any', false, or),
  },
  {
    name: 'product',
    group: 'list',
    help: 'The numbers multiplied.',
    examples: [
      ['product([2, 3, 4])', '24'],
      ['product(2, 3, 4)', '24'],
      ['product([])', 'null'],
    ],
    clause: '10.3.4.4',
    signatures: ofList({
      of: 'number',
      result: NUMBER,
      run: givenOnly((items) =>
        items.length === 0
          ? null
          : finite(items.reduce<Decimal>((product, each) => product.mul(decimalOf(each)), new Decimal(1))),
      ),
      sql: 'it multiplies a list',
    }),
  },
  {
    name: 'median',
    group: 'list',
    help: 'The middle value; of an even count the mean of the middle two.',
    examples: [
      ['median(8, 2, 5, 3, 4)', '4'],
      ['median([6, 1, 2, 3])', '2.5'],
      ['median([])', 'null'],
    ],
    clause: '10.3.4.4',
    signatures: ofList({
      of: 'number',
      result: NUMBER,
      run: givenOnly(median),
      sql: 'it looks for the middle of a list',
    }),
  },
  {
    name: 'stddev',
    group: 'list',
    help: 'The sample standard deviation; nothing of fewer than two numbers.',
    examples: [
      ['decimal(stddev(2, 4, 7, 5), 13)', '2.0816659994661'],
      ['stddev([47])', 'null'],
      ['stddev([])', 'null'],
    ],
    clause: '10.3.4.4',
    signatures: ofList({
      of: 'number',
      result: NUMBER,
      run: givenOnly(deviation),
      sql: 'it works out a deviation',
    }),
  },
  {
    name: 'mode',
    group: 'list',
    help: 'The values that occur most often, in order.',
    examples: [
      ['mode(6, 3, 9, 6, 6)', '[6]'],
      ['mode([6, 1, 9, 6, 1])', '[1, 6]'],
      ['mode([])', '[]'],
      ['mode(["rope", "paint", "rope"])', '["rope"]'],
    ],
    clause: '10.3.4.4',
    signatures: ofList({ of: 'ordered', result: 'list T', run: givenOnly(mode), sql: OUTSIDE }),
  },
];
