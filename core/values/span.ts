import { z } from 'zod';
import {
  findDate,
  LONGEST_WRITTEN,
  makeDate,
  ok,
  plusDays,
  type Result,
  readDay,
  showDate,
  toDayNumber,
  yearOf,
} from '../base/index.ts';
import { spanText, sql } from '../sql/index.ts';
import {
  describe,
  type FieldBehaviour,
  type Kind,
  type StoredValue,
  textOf,
  type ValueContext,
  wrong,
} from './kind.ts';

/** A first and a last day, as they were written: of nights the last is the day of leaving. */
export interface DaySpan {
  readonly from: string;
  readonly to: string;
}

const ISO = /^(\d{4}-\d{2}-\d{2})\/(\d{4}-\d{2}-\d{2})$/;

/** The days of a stored span ("2026-11-01/2026-11-05"), or null where it is none. */
export const spanOf = (value: StoredValue): DaySpan | null => {
  const [, from = '', to = ''] = ISO.exec(textOf(value)) ?? [];
  return findDate(from) && findDate(to) && from <= to ? { from, to } : null;
};

export const spanStored = ({ from, to }: DaySpan): string => `${from}/${to}`;

/**
 * The first and the last day that are held of a stored span, as the rule language counts them, or null where none is:
 * of nights the day of leaving is not.
 */
export const heldDays = (value: StoredValue, nights: boolean): string | null => {
  const span = spanOf(value);
  if (!span || !nights) return span && spanStored(span);
  const last = plusDays(span.to, -1);
  return last !== null && span.from <= last ? spanStored({ from: span.from, to: last }) : null;
};

/** The same the other way: what is stored of some days that are held. */
export const storedSpan = (held: string, nights: boolean): string | null => {
  const span = spanOf(held);
  const to = span && nights ? plusDays(span.to, 1) : (span?.to ?? null);
  return span && to !== null ? spanStored({ from: span.from, to }) : null;
};

/** How many days a span holds; of nights, how many nights. */
const lengthOf = ({ from, to }: DaySpan, nights: boolean): number =>
  toDayNumber(to) - toDayNumber(from) + (nights ? 0 : 1);

/** "1 Nov to 5 Nov", "1 Nov – 5 Nov", "2026-11-01/2026-11-05", "1/11 - 5/11". A hyphen stands between blanks. */
const APART = /\s+(?:to|till|until|bis|-)\s+|\s*(?:–|—|\.\.)\s*|(?<=\d{4}-\d{2}-\d{2})\/(?=\d{4}-)/i;
/** "1–5 Nov", "1 to 5 November 2026": the month is said once. */
const ONE_MONTH = /^(\d{1,2})\.?\s*(?:-|–|—|to|bis)\s*(\d{1,2})\.?\s+([^\d\s].*)$/i;
const YEAR = /(?<!\d)\d{4}(?!\d)/;
/** How many days a span has, as it is said behind it. */
const COUNTED = /\s*\(\d+ (?:days?|nights?)\)$/i;

const daysTyped = (typed: string): readonly [from: string, to: string] | null => {
  const once = ONE_MONTH.exec(typed);
  if (once) return [`${once[1]} ${once[3]}`, `${once[2]} ${once[3]}`];
  const [from, to, more] = typed.split(APART);
  return from === undefined || more !== undefined ? null : [from, to ?? from];
};

/** Two days as people say them: the year of the last one is that of the first, and New Year may lie between. */
const readSpan = (typed: string, context: ValueContext): DaySpan | null => {
  if (typed.length > LONGEST_WRITTEN) return null;
  const [first, last] = daysTyped(typed.replace(COUNTED, '')) ?? [];
  if (first === undefined || last === undefined) return null;
  const day = (text: string): string | null => readDay(text, context);
  const to = day(last);
  const year = YEAR.test(first) ? undefined : YEAR.exec(last)?.[0];
  const from = (year === undefined ? null : day(`${first} ${year}`)) ?? day(first);
  if (!from || !to) return null;
  if (to >= from || YEAR.test(last)) return { from, to };
  const next = makeDate(yearOf(from) + 1, Number(to.slice(5, 7)), Number(to.slice(8, 10)));
  return { from, to: next ?? to };
};

const NOT_A_SPAN = 'This must be a first and a last day, such as 1 Nov 2026 to 5 Nov 2026.';

const checked = (span: DaySpan | null, nights: boolean): Result<StoredValue> => {
  if (!span) return wrong('not_a_span', NOT_A_SPAN);
  if (span.to < span.from) return wrong('backwards', 'The last day cannot come before the first.');
  if (nights && span.to === span.from)
    return wrong('no_night', 'This must have at least one night: the last day is the day of leaving.');
  return ok(spanStored(span));
};

const counted = (count: number, word: string): string => `${count} ${count === 1 ? word : `${word}s`}`;

/**
 * Days in a row, from one to another. Both belong to it, and 1 to 1 Nov is one day; where it counts nights the last day
 * does not, so that stays that touch do not overlap. A daterange in the database.
 */
export const span = (nights: boolean): FieldBehaviour => ({
  value: { kind: 'span', nights },
  sql: 'text',
  column: 'daterange',
  fixed: [nights],
  read: (column) => spanText(column, nights),
  written: {
    type: 'daterange',
    text: (value) => {
      const { from, to } = spanOf(value) ?? { from: '', to: '' };
      return `[${from},${to}${nights ? ')' : ']'}`;
    },
  },
  asks: (column) => [sql`lower(${column}) >= date '0001-01-01' and upper(${column}) <= date '10000-01-01'`],
  traits: { fitsLine: true, hasWords: true, asTyped: false, tellsAlike: false, cell: 'stored' },
  parse: (typed, context) => (typed.trim() === '' ? ok(null) : checked(readSpan(typed.trim(), context), nights)),
  check: (value) => {
    if (value === null || value === '') return ok(null);
    if (typeof value !== 'string') return wrong('wrong_type', `This must be a span of days, not ${describe(value)}.`);
    const [, from = '', to = ''] = ISO.exec(value) ?? [];
    return checked(findDate(from) && findDate(to) ? { from, to } : null, nights);
  },
  show: (value, { locale }) => {
    const days = spanOf(value);
    if (!days) return '';
    const length = lengthOf(days, nights);
    if (length === 1 && !nights) return showDate(days.from, locale);
    return `${showDate(days.from, locale)} – ${showDate(days.to, locale)} (${counted(length, nights ? 'night' : 'day')})`;
  },
  edit: (value) => {
    const days = spanOf(value);
    return days ? `${days.from} to ${days.to}` : '';
  },
});

export const spanKind: Kind<{ readonly kind: 'span'; readonly nights: boolean }, false> = {
  word: 'span of days',
  schema: z.strictObject({ kind: z.literal('span'), nights: z.boolean().default(false) }),
  behaviour: ({ nights }) => span(nights),
  begins: () => ({ kind: 'span', nights: false }),
  inRows: true,
  given: false,
};
