import { addDays, plusMonths, toDayNumber, weekdayOf } from '../base/index.ts';
import type { Field } from '../register/index.ts';
import { heldTraits } from '../values/index.ts';
import type { ListLayout, Period } from './look.ts';

/* The days a calendar shows, and what stands on them. */

/** A day as `2026-11-29`. */
export type Day = string;

/** How many days lie between two days. */
export const daysBetween = (from: Day, to: Day): number => toDayNumber(to) - toDayNumber(from);

/** The first day of the week a day lies in; `begins` is the day weeks begin with, from 1 for Monday. */
export const weekOf = (day: Day, begins: number): Day => addDays(day, -((weekdayOf(day) - begins + 7) % 7));

const firstOfMonth = (day: Day): Day => `${day.slice(0, 7)}-01`;

/** The first day of the month after, or before. */
const nextMonth = (day: Day, step: 1 | -1): Day => plusMonths(firstOfMonth(day), step) ?? day;

/** What a calendar shows: its days in whole weeks, and those that are meant of them. */
export interface Shown {
  readonly from: Day;
  readonly to: Day;
  readonly weeks: readonly (readonly Day[])[];
}

/** The weeks that a period around a day shows; of a month also the days of those before and after. */
export const shownDays = (period: Period, day: Day, begins: number): Shown => {
  const from = period === 'week' ? weekOf(day, begins) : firstOfMonth(day);
  const to = period === 'week' ? addDays(from, 6) : addDays(nextMonth(from, 1), -1);
  const first = weekOf(from, begins);
  const count = Math.ceil((daysBetween(first, to) + 1) / 7);
  const weeks = Array.from({ length: count }, (_, week) =>
    Array.from({ length: 7 }, (_, each) => addDays(first, week * 7 + each)),
  );
  return { from, to, weeks };
};

/** The period before, or after. */
export const stepPeriod = (period: Period, day: Day, step: 1 | -1): Day =>
  period === 'week' ? addDays(day, step * 7) : nextMonth(day, step);

type Calendar = Extract<ListLayout, { kind: 'calendar' }>;

/** A FEEL condition for the records of a calendar that stand on some days, the first and the last included. */
export const withinDays = (
  { from, to }: Pick<Calendar, 'from' | 'to'>,
  field: Field,
  first: Day,
  last: Day,
): string => {
  const [begins, ends] = [`date("${first}")`, `date("${last}")`];
  switch (heldTraits(field.type).day) {
    case 'span':
      return `overlaps(${from}, [${begins}..${ends}])`;
    case 'moment':
      return `date(${from}) >= ${begins} and date(${from}) <= ${ends}`;
    case 'day':
    case null:
      return to === null
        ? `${from} >= ${begins} and ${from} <= ${ends}`
        : `${from} <= ${ends} and (if ${to} = null then ${from} >= ${begins} else ${to} >= ${begins})`;
  }
};

/** Two conditions as one; either may be none. */
export const bothOf = (one: string, other: string): string =>
  one.trim() === '' ? other : other.trim() === '' ? one : `(${one}) and (${other})`;

/** Something that stands in a calendar: on the days from one to another, both included. */
export interface Entry {
  readonly id: string;
  readonly from: Day;
  readonly to: Day;
}

/** A stretch of one entry within a week: which of its days, on which line, and whether it goes on before or after. */
export interface Stretch<E> {
  readonly entry: E;
  readonly line: number;
  readonly first: number;
  readonly days: number;
  readonly isBegun: boolean;
  readonly isEnded: boolean;
}

/**
 * The entries of a week, each on the first line that is free on all its days: the longer, and those that begin earlier,
 * first. `more` says of each day how many had no line.
 */
export const layWeek = <E extends Entry>(
  entries: readonly E[],
  days: readonly Day[],
  lines: number,
): { readonly stretches: readonly Stretch<E>[]; readonly more: readonly number[] } => {
  const [first = '', last = ''] = [days[0], days.at(-1)];
  const here = entries
    .filter(({ from, to }) => from <= last && to >= first)
    .sort((a, b) => a.from.localeCompare(b.from) || b.to.localeCompare(a.to) || a.id.localeCompare(b.id));
  const taken: Set<number>[] = [];
  const more = days.map(() => 0);
  const stretches: Stretch<E>[] = [];
  for (const entry of here) {
    const begin = Math.max(0, daysBetween(first, entry.from));
    const end = Math.min(days.length - 1, daysBetween(first, entry.to));
    const cells = Array.from({ length: end - begin + 1 }, (_, each) => begin + each);
    let line = 0;
    while (cells.some((cell) => taken[line]?.has(cell))) line++;
    if (line >= lines) {
      for (const cell of cells) more[cell] = (more[cell] ?? 0) + 1;
      continue;
    }
    const on = taken[line] ?? new Set<number>();
    for (const cell of cells) on.add(cell);
    taken[line] = on;
    stretches.push({
      entry,
      line,
      first: begin,
      days: cells.length,
      isBegun: entry.from >= first,
      isEnded: entry.to <= last,
    });
  }
  return { stretches, more };
};
