import { Decimal } from '../../base/index.ts';
import { listOf, NUMBER } from '../type.ts';
import { equal, isList, order, type Value } from '../value.ts';
import { distinct } from './list.ts';
import {
  type BuiltIn,
  LONGEST_LIST,
  listOfArg,
  optional,
  type Parameter,
  type Shape,
  type Signature,
  takes,
  wholeOf,
} from './signature.ts';

const list = (of: Shape): Parameter => takes('list', { list: of });
const OUTSIDE = 'it makes a new list';

const within = (items: readonly Value[]): Value => (items.length > LONGEST_LIST ? null : items);

/** A place counted from 1, from the end with negative numbers, as a place in the array; null where there is none. */
const placeIn = (items: readonly Value[], position: Value | undefined): number | null => {
  const place = wholeOf(position);
  if (place === null || place === 0 || Math.abs(place) > items.length) return null;
  return place > 0 ? place - 1 : items.length + place;
};

const make = (parameters: readonly Parameter[], run: Signature['run'], extra: Partial<Signature> = {}): Signature => ({
  parameters,
  result: 'list T',
  takesNothing: true,
  run: (args, tools) => (isList(args[0] ?? null) ? run(args, tools) : null),
  sql: OUTSIDE,
  ...extra,
});

/** The list functions whose answer is a new list (OMG DMN 1.4 §10.3.4.4 and §10.3.4.9). */
/** What stands in lists, however deep, in order. */
const flat = (items: readonly Value[]): Value[] => items.flatMap((each) => (isList(each) ? flat(each) : [each]));

export const LIST_MAKERS: readonly BuiltIn[] = [
  {
    name: 'sublist',
    group: 'list',
    help: 'Part of a list from a place on, counted from 1; a negative place counts from the end.',
    examples: [
      ['sublist([4, 5, 6], 1, 2)', '[4, 5]'],
      ['sublist([4, 5, 6], -2)', '[5, 6]'],
    ],
    clause: '10.3.4.4',
    signatures: [
      make([list('T'), takes('start position', 'number'), optional('length', 'number')], ([items, start, length]) => {
        const all = listOfArg(items);
        const from = placeIn(all, start);
        const count = length === undefined ? all.length : wholeOf(length);
        return from === null || count === null || count < 0 ? null : all.slice(from, from + count);
      }),
    ],
  },
  {
    name: 'append',
    group: 'list',
    help: 'The list with more items at its end.',
    examples: [['append([1], 2, 3)', '[1, 2, 3]']],
    clause: '10.3.4.4',
    signatures: [
      make([list('T'), takes('item', 'T')], ([items, ...more]) => within([...listOfArg(items), ...more]), {
        rest: true,
      }),
    ],
  },
  {
    name: 'concatenate',
    group: 'list',
    help: 'Lists one behind the other.',
    examples: [['concatenate([1, 2], [3])', '[1, 2, 3]']],
    clause: '10.3.4.4',
    signatures: [make([list('T')], (lists) => within(lists.flatMap(listOfArg)), { rest: true })],
  },
  {
    name: 'insert before',
    group: 'list',
    help: 'The list with an item put in before a place.',
    examples: [['insert before([1, 3], 1, 2)', '[2, 1, 3]']],
    clause: '10.3.4.4',
    signatures: [
      make([list('T'), takes('position', 'number'), takes('newItem', 'T')], ([items, position, item]) => {
        const place = placeIn(listOfArg(items), position);
        return place === null ? null : listOfArg(items).toSpliced(place, 0, item ?? null);
      }),
    ],
  },
  {
    name: 'remove',
    group: 'list',
    help: 'The list without the item at a place.',
    examples: [['remove([1, 2, 3], 2)', '[1, 3]']],
    clause: '10.3.4.4',
    signatures: [
      make([list('T'), takes('position', 'number')], ([items, position]) => {
        const place = placeIn(listOfArg(items), position);
        return place === null ? null : listOfArg(items).toSpliced(place, 1);
      }),
    ],
  },
  {
    name: 'reverse',
    group: 'list',
    help: 'The list from its end to its beginning.',
    examples: [['reverse([1, 2, 3])', '[3, 2, 1]']],
    clause: '10.3.4.4',
    signatures: [make([list('T')], ([items]) => listOfArg(items).toReversed())],
  },
  {
    name: 'index of',
    group: 'list',
    help: 'The places at which a value stands in a list.',
    examples: [['index of([1, 2, 3, 2], 2)', '[2, 4]']],
    clause: '10.3.4.4',
    signatures: [
      make(
        [list('T'), takes('match', 'T')],
        ([items, match]) =>
          listOfArg(items).flatMap((each, i) => (equal(each, match ?? null) ? [new Decimal(i + 1)] : [])),
        { result: listOf(NUMBER) },
      ),
    ],
  },
  {
    name: 'union',
    group: 'list',
    help: 'Lists one behind the other, every value once.',
    examples: [['union([1, 2], [2, 3])', '[1, 2, 3]']],
    clause: '10.3.4.4',
    signatures: [make([list('T')], (lists) => within(distinct(lists.flatMap(listOfArg))), { rest: true })],
  },
  {
    name: 'distinct values',
    group: 'list',
    help: 'Every value of a list once.',
    examples: [['distinct values([1, 2, 3, 2, 1])', '[1, 2, 3]']],
    clause: '10.3.4.4',
    signatures: [make([list('T')], ([items]) => distinct(listOfArg(items)))],
  },
  {
    name: 'flatten',
    group: 'list',
    help: 'A list of lists, and of lists in these, as one list.',
    examples: [
      ['flatten([[1, 2], [3], [4]])', '[1, 2, 3, 4]'],
      ['flatten([[[1], [2]], [[3]]])', '[1, 2, 3]'],
      ['flatten([1, 2])', '[1, 2]'],
    ],
    clause: '10.3.4.4',
    signatures: [{ ...make([list('T')], ([items]) => within(flat(listOfArg(items)))), result: 'items of T' }],
  },
  {
    name: 'sort',
    group: 'list',
    help: 'The list in order, what is nothing at its end.',
    examples: [['sort([3, 1, 2])', '[1, 2, 3]']],
    clause: '10.3.4.9',
    signatures: [
      make([list('ordered')], ([items]) =>
        listOfArg(items).toSorted((a, b) => order(a, b) ?? Number(a === null) - Number(b === null)),
      ),
    ],
  },
];
