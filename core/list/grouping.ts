import { findDecimal, ok, type Problem, problem, type Result } from '../base/index.ts';
import { type GroupWay, type ValueTraits, type ValueType, valueTraits } from '../values/index.ts';

/* A list put together in groups up to three deep, each and the whole with totals. */

/** How values are put together: each of its own, by a stretch of time, by bands of numbers, by first letter. */
export type GroupBy =
  | { readonly kind: 'value' }
  | { readonly kind: 'unit'; readonly unit: Unit }
  | { readonly kind: 'bands'; readonly edges: readonly string[] }
  | { readonly kind: 'letter' };
export const UNITS = ['day', 'week', 'month', 'quarter', 'year'] as const;
export type Unit = (typeof UNITS)[number];

/** The ways in which values of a type are put together, the usual one first. */
export const waysOf = (type: ValueType): readonly GroupWay[] => valueTraits(type).groups;

/** One level of groups. */
export interface Grouping {
  readonly path: string;
  readonly by: GroupBy;
}

export const TOTAL_KINDS = ['sum', 'share', 'average', 'least', 'most', 'middle', 'different', 'filled'] as const;
export type TotalKind = (typeof TOTAL_KINDS)[number];

/** What is told of the records of a group, besides how many they are. */
export interface Total {
  readonly kind: TotalKind;
  readonly path: string;
}

const MOST_GROUPINGS = 3;
const MOST_TOTALS = 10;
const MOST_EDGES = 20;

/** What is wrong with a group or a total, at its place in what was asked. */
export const refuse = (place: string, detail: string): Problem => problem('grouping', [place], detail);

const readBy = (text: string): GroupBy | null => {
  if (text === '') return { kind: 'value' };
  if (text === 'letter') return { kind: 'letter' };
  const unit = UNITS.find((each) => each === text);
  if (unit) return { kind: 'unit', unit };
  const edges = text.split('/').map((edge) => findDecimal(edge));
  const isRising = edges.every((edge, at) => edge && (at === 0 || edges[at - 1]?.lt(edge)));
  return isRising && edges.length <= MOST_EDGES
    ? { kind: 'bands', edges: edges.flatMap((edge) => edge?.toFixed() ?? []) }
    : null;
};

/** Groups as an address says them: `client,due:month,gross:0/100/1000,name:letter`. */
export const readGroupings = (text: string): Result<readonly Grouping[]> => {
  const parts = text === '' ? [] : text.split(',');
  if (parts.length > MOST_GROUPINGS)
    return { ok: false, problems: [refuse('by', `Groups are at most ${MOST_GROUPINGS} deep.`)] };
  const groupings: Grouping[] = [];
  for (const part of parts) {
    const [path = '', how = ''] = part.split(':');
    const by = readBy(how);
    if (!by) return { ok: false, problems: [refuse('by', `“${how}” is no way to put records together.`)] };
    groupings.push({ path, by });
  }
  return ok(groupings);
};

const writeBy = (by: GroupBy): string => {
  switch (by.kind) {
    case 'value':
      return '';
    case 'letter':
      return ':letter';
    case 'unit':
      return `:${by.unit}`;
    case 'bands':
      return `:${by.edges.join('/')}`;
  }
};

/** The same as it stands in an address. */
export const writeGroupings = (groupings: readonly Grouping[]): string =>
  groupings.map(({ path, by }) => `${path}${writeBy(by)}`).join(',');

/** Totals as an address says them: `sum:gross,middle:price`. */
export const readTotals = (text: string): Result<readonly Total[]> => {
  const parts = text === '' ? [] : text.split(',');
  if (parts.length > MOST_TOTALS)
    return { ok: false, problems: [refuse('totals', `A list has at most ${MOST_TOTALS} totals.`)] };
  const totals: Total[] = [];
  for (const part of parts) {
    const [word = '', path = ''] = part.split(':');
    const kind = TOTAL_KINDS.find((each) => each === word);
    if (!kind) return { ok: false, problems: [refuse('totals', `“${word}” is no total.`)] };
    totals.push({ kind, path });
  }
  return ok(totals);
};

/** The same as it stands in an address. */
export const writeTotals = (totals: readonly Total[]): string =>
  totals.map(({ kind, path }) => `${kind}:${path}`).join(',');

/** What can be told of values of a type together. Durations are counted and not summed yet. */
export const totalsOf = (type: ValueType): readonly TotalKind[] => TOTALS[valueTraits(type).totals];

const TOTALS: { readonly [K in ValueTraits['totals']]: readonly TotalKind[] } = {
  sums: TOTAL_KINDS,
  ends: ['least', 'most', 'different', 'filled'],
  counts: ['different', 'filled'],
  none: [],
};

/** How totals are called in a sentence: "the sum of Balance". */
export const SAID: { readonly [K in TotalKind]: string } = {
  sum: 'sum',
  share: 'share of the whole',
  average: 'average',
  least: 'least',
  most: 'most',
  middle: 'middle',
  different: 'number of different',
  filled: 'number filled in',
};
