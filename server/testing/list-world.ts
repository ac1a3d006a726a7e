/*
 * Random registers with their records, whoever looks at them, and lists asked of them; and a reference in plain
 * JavaScript: what each list holds, in which order, by walking through all of them. It knows nothing of the program's
 * own conditions, orders or SQL.
 */
import { Decimal } from 'decimal.js';
import type { Chance } from './sight-world.ts';

export type Value = string | boolean | null;
export interface ListRecord {
  readonly id: string;
  readonly number: string;
  readonly values: Readonly<Record<string, Value>>;
}

const KINDS = ['text', 'number', 'money', 'date', 'yes_no', 'choice', 'link'] as const;
export interface ListField {
  readonly key: string;
  readonly kind: (typeof KINDS)[number];
}

/** In the order of their list, which is not that of their letters. */
export const GRADES: readonly string[] = ['rough', 'fair', 'good', 'best', 'aged'];
const WORDS = [
  'Tern',
  'tern',
  'Térn',
  'Gannet',
  'avocet',
  'Ångström',
  'Émile',
  'zeal',
  'Wake of Sandvik',
  'O’Hara',
  'Blue 7',
];
const DAYS = ['2024-02-29', '2025-12-31', '2026-01-01', '2026-03-15', '2026-03-16', '2026-11-29'];
const AMOUNTS = ['-12.50', '0', '0.01', '3', '3.10', '250', '1000000.99'];

/** What a kind's values look like in a rule, some of them. */
const SAMPLES: Readonly<Record<ListField['kind'], readonly string[]>> = {
  text: WORDS,
  number: AMOUNTS,
  money: AMOUNTS,
  date: DAYS,
  yes_no: ['true', 'false'],
  choice: GRADES,
  link: [],
};

/** Three-valued, as the rule language has it: null is neither. */
type Truth = boolean | null;
/** A condition as the program is told it and as it is judged here, over what somebody sees of a record. */
export interface Condition {
  readonly text: string;
  readonly holds: (values: ListRecord['values']) => Truth;
}

export const anyFields = ({ whole, pick }: Chance): ListField[] => [
  { key: 'name', kind: 'text' },
  ...Array.from({ length: whole(3, 7) }, (_, i): ListField => ({ key: `f${i}`, kind: pick(KINDS) })),
];

export const anyValue = ({ pick, chance }: Chance, { kind }: ListField, owners: readonly ListRecord[]): Value => {
  if (chance(0.2)) return null;
  if (kind === 'yes_no') return chance(0.5);
  return kind === 'link' ? pick(owners).id : pick(SAMPLES[kind]);
};

const literal = ({ kind }: ListField, value: string): string => {
  switch (kind) {
    case 'text':
    case 'choice':
      return JSON.stringify(value);
    case 'date':
      return `date("${value}")`;
    default:
      return value;
  }
};

export const isCounted = (kind: ListField['kind']): boolean => kind === 'number' || kind === 'money';
const compare = (kind: ListField['kind'], a: string, b: string): number =>
  isCounted(kind) ? new Decimal(a).cmp(b) : a < b ? -1 : a > b ? 1 : 0;

const ORDERS: Readonly<Record<string, (order: number) => boolean>> = {
  '<': (order) => order < 0,
  '<=': (order) => order <= 0,
  '>': (order) => order > 0,
  '>=': (order) => order >= 0,
};

const anyAtom = (fields: readonly ListField[], { pick, chance }: Chance): Condition => {
  const field = pick(fields);
  const { key, kind } = field;
  if (kind === 'link' || chance(0.15)) {
    const isEmpty = chance(0.5);
    return { text: `${key} ${isEmpty ? '=' : '!='} null`, holds: (values) => (values[key] === null) === isEmpty };
  }
  const sample = pick(SAMPLES[kind]);
  if (kind === 'text' && chance(0.5))
    return {
      text: `contains(${key}, ${literal(field, sample.slice(1, 3))})`,
      holds: (values) => (values[key] === null ? null : String(values[key]).includes(sample.slice(1, 3))),
    };
  if ((kind === 'date' || isCounted(kind)) && chance(0.7)) {
    const [sign, fits] = pick(Object.entries(ORDERS));
    return {
      text: `${key} ${sign} ${literal(field, sample)}`,
      holds: (values) => (values[key] === null ? null : fits(compare(kind, String(values[key]), sample))),
    };
  }
  const isSame = chance(0.6);
  const same = (values: ListRecord['values']): boolean =>
    values[key] !== null &&
    (isCounted(kind) ? new Decimal(String(values[key])).eq(sample) : String(values[key]) === sample);
  return {
    text: `${key} ${isSame ? '=' : '!='} ${literal(field, sample)}`,
    holds: (values) => same(values) === isSame,
  };
};

const and = (a: Truth, b: Truth): Truth =>
  a === false || b === false ? false : a === null || b === null ? null : true;
const not = (a: Truth): Truth => (a === null ? null : !a);

/** A condition, some of them of several parts. */
export const anyCondition = (fields: readonly ListField[], by: Chance, depth = 2): Condition => {
  if (depth === 0 || by.chance(0.4)) return anyAtom(fields, by);
  const [one, other] = [anyCondition(fields, by, depth - 1), anyCondition(fields, by, depth - 1)];
  const how = by.whole(0, 2);
  if (how === 0) return { text: `not(${one.text})`, holds: (values) => not(one.holds(values)) };
  if (how === 1)
    return {
      text: `(${one.text}) and (${other.text})`,
      holds: (values) => and(one.holds(values), other.holds(values)),
    };
  return {
    text: `(${one.text}) or (${other.text})`,
    holds: (values) => not(and(not(one.holds(values)), not(other.holds(values)))),
  };
};

/** One of a person's roles: on which records it sees which fields. */
export interface ListRole {
  readonly see: Condition | null;
  readonly hidden: readonly string[];
}

/** What somebody sees of some records, in no order: what no role of theirs shows on a record is nothing there. */
export const seenBy = (roles: readonly ListRole[], records: readonly ListRecord[]): ListRecord[] =>
  records.flatMap((record) => {
    const seeing = roles.filter(({ see }) => see === null || see.holds(record.values) === true);
    if (seeing.length === 0) return [];
    const values = Object.entries(record.values).map(([key, value]): [string, Value] => [
      key,
      seeing.some(({ hidden }) => !hidden.includes(key)) ? value : null,
    ]);
    return [{ ...record, values: Object.fromEntries(values) }];
  });

/** A key to sort by, as an address says it. */
export interface ByKey {
  readonly field: ListField;
  readonly down: boolean;
}

const letters = new Intl.Collator('und');
const rank = ({ kind }: ListField, a: string, b: string, titles: ReadonlyMap<string, string>): number => {
  switch (kind) {
    case 'text':
      return letters.compare(a, b);
    case 'link':
      return letters.compare(titles.get(a) ?? '', titles.get(b) ?? '');
    case 'choice':
      return GRADES.indexOf(a) - GRADES.indexOf(b);
    default:
      return compare(kind, a, b);
  }
};

/** Records in order: by each key in turn with nothing last, then by number. */
export const inOrder = (
  records: readonly ListRecord[],
  by: readonly ByKey[],
  numbersDown: boolean,
  titles: ReadonlyMap<string, string>,
): ListRecord[] =>
  records.toSorted((a, b) => {
    for (const { field, down } of by) {
      const [one, other] = [a.values[field.key] ?? null, b.values[field.key] ?? null];
      if (one === null || other === null) {
        if (one !== other) return one === null ? 1 : -1;
        continue;
      }
      const order = rank(field, String(one), String(other), titles);
      if (order !== 0) return down ? -order : order;
    }
    return a.number.localeCompare(b.number) * (numbersDown ? -1 : 1);
  });

/** What a word is found in: all that somebody sees of a record in letters. */
export const holdsWord = (
  { values }: ListRecord,
  fields: readonly ListField[],
  titles: ReadonlyMap<string, string>,
  word: string,
): boolean =>
  fields.some(({ key, kind }) => {
    const value = values[key] ?? null;
    if (value === null) return false;
    if (kind === 'link') return folded(titles.get(String(value)) ?? '').includes(word);
    return (kind === 'text' || kind === 'choice') && folded(String(value)).includes(word);
  });

/** Without case and accents (Unicode, canonical decomposition without marks). */
export const folded = (text: string): string => text.normalize('NFD').replaceAll(/\p{M}/gu, '').toLowerCase();

/** How many, the sum, the least and the most of a counted field, as texts that two equal numbers share. */
export const totalsOf = (records: readonly ListRecord[], { key }: ListField): (string | null)[] => {
  const held = records.flatMap(({ values }) => (values[key] == null ? [] : [new Decimal(String(values[key]))]));
  if (held.length === 0) return [null, null, null];
  return [Decimal.sum(...held), Decimal.min(...held), Decimal.max(...held)].map(String);
};
