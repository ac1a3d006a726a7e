import { Decimal } from '../base/index.ts';
import {
  type Checked,
  evaluate,
  everyTerm,
  findNamed,
  fromValueType,
  samplesOf,
  type Value,
  type Vocabulary,
} from '../expression/index.ts';
import { valueContext } from '../register/index.ts';
import { isNumber, type StoredValue, type ValueType } from '../values/index.ts';
import type { CompiledRoute } from './compile.ts';
import { recordValues } from './facts.ts';
import { behaviourAt } from './vocabulary.ts';

/** Values of one path between which no condition tells: what they are called, and one of them. */
export interface Band {
  readonly says: string;
  readonly value: StoredValue;
}

/** A path that conditions compare with something, and the stretches in which they cannot tell its values apart. */
export interface Banded {
  readonly path: string;
  readonly label: string;
  readonly bands: readonly Band[];
}

/** More rows than this are not made: the paths that tell least apart are left out. */
const MOST_ROWS = 60;

/** The constants a path is compared with. */
const constantsFor = (path: string, type: ValueType, conditions: readonly Checked[]): Value[] =>
  conditions
    .filter(({ reads }) => reads.some((each) => each.join('.') === path))
    .flatMap(({ term }) => [...everyTerm(term)].flatMap((each) => (each.op === 'constant' ? [each.value] : [])))
    .filter((value) => value !== null && Decimal.isDecimal(value) === isNumber(type));

/** What all conditions say where one path has a value and the others hold nothing. */
const outcomesOf = (path: string, value: StoredValue, conditions: readonly Checked[], route: CompiledRoute): string => {
  const values = recordValues({ [path]: value }, { now: '2000-01-01T00:00:00.000Z', zone: route.catalogue.zone });
  const reading = conditions.filter(({ reads }) => reads.some((each) => each.join('.') === path));
  const isAlone = reading.every(({ reads }) => reads.length === 1);
  return isAlone ? reading.map((each) => evaluate(each, values) === true).join() : String(value);
};

/** A stretch of numbers in words: "up to 500.00", "over 500.00 up to 5,000.00". */
const sayStretch = (
  stretch: readonly string[],
  all: readonly string[],
  isLimit: (value: string) => boolean,
  show: (value: string) => string,
): string => {
  const [first = '', last = ''] = [stretch[0], stretch.at(-1)];
  const below = all[all.indexOf(first) - 1];
  const above = all[all.indexOf(last) + 1];
  const from = below === undefined ? null : isLimit(first) ? `from ${show(first)}` : `over ${show(below)}`;
  const to = above === undefined ? null : isLimit(last) ? `up to ${show(last)}` : `under ${show(above)}`;
  if (from && to) return `${from} ${to}`;
  return from ?? to ?? 'any';
};

const numberBands = (
  samples: readonly StoredValue[],
  constants: readonly Value[],
  outcome: (value: StoredValue) => string,
  show: (value: string) => string,
): Band[] => {
  const numbers = [...new Set(samples.filter((value) => typeof value === 'string'))].toSorted((a, b) =>
    new Decimal(a).cmp(b),
  );
  const limits = new Set(constants.flatMap((value) => (Decimal.isDecimal(value) ? [value.toFixed()] : [])));
  const stretches: string[][] = [];
  for (const value of numbers) {
    const last = stretches.at(-1);
    if (last && outcome(last[0] ?? null) === outcome(value)) last.push(value);
    else stretches.push([value]);
  }
  const bands = stretches.map((stretch) => ({
    says: sayStretch(stretch, numbers, (value) => limits.has(value), show),
    // A limit itself stands for its stretch where it lies in one: it is what people know.
    value: stretch.find((value) => limits.has(value)) ?? stretch[0] ?? null,
  }));
  const isApart = !numbers.some((value) => outcome(value) === outcome(null));
  return isApart ? [...bands, { says: 'nothing', value: null }] : bands;
};

const MOST_SAID = 4;

const otherBands = (
  samples: readonly StoredValue[],
  outcome: (value: StoredValue) => string,
  show: (value: StoredValue) => string,
): Band[] => {
  const groups = new Map<string, StoredValue[]>();
  for (const value of new Set(samples)) groups.set(outcome(value), [...(groups.get(outcome(value)) ?? []), value]);
  return [...groups.values()].map((group) => {
    const said = group.filter((value) => value !== null).map(show);
    const says = said.length === 0 ? 'nothing' : said.length > MOST_SAID ? 'any other' : said.join(' or ');
    return { says, value: group.find((value) => value !== null) ?? null };
  });
};

const bandedBy = (path: string, conditions: readonly Checked[], route: CompiledRoute): Banded | null => {
  const found = findNamed(route.vocabulary, path.split('.'));
  if (!found || found.named.type.kind === 'records') return null;
  const { type } = found.named;
  const behaviour = behaviourAt(route.register, path, type);
  const constants = constantsFor(path, type, conditions);
  const samples = samplesOf({ type: fromValueType(type), constants }, route.vocabulary as Pick<Vocabulary, 'choices'>);
  if (!samples || !behaviour) return null;
  const context = valueContext(route.catalogue);
  const outcome = (value: StoredValue): string => outcomesOf(path, value, conditions, route);
  const show = (value: StoredValue): string => (value === null ? 'nothing' : behaviour.show(value, context));
  const bands = isNumber(type) ? numberBands(samples, constants, outcome, show) : otherBands(samples, outcome, show);
  return bands.length < 2 ? null : { path, label: found.labels.at(-1) ?? path, bands };
};

/** The values that a route's conditions compare with, as bands; and what they ask of that cannot be told in bands. */
export const bandsOf = (route: CompiledRoute): { banded: Banded[]; besides: string[] } => {
  const conditions = [route.condition, ...route.steps.map(({ condition }) => condition)].filter(
    (each) => each !== null,
  );
  const paths = [...new Set(conditions.flatMap(({ reads }) => reads.map((path) => path.join('.'))))];
  const banded: Banded[] = [];
  const besides: string[] = [];
  let rows = 1;
  for (const path of paths) {
    const found = bandedBy(path, conditions, route);
    if (found && rows * found.bands.length <= MOST_ROWS) {
      banded.push(found);
      rows *= found.bands.length;
    } else besides.push(findNamed(route.vocabulary, path.split('.'))?.labels.at(-1) ?? path);
  }
  return { banded, besides };
};
