import { addDays, fromLocal, plusDays, toLocal } from '../base/index.ts';
import type { RecordValues, Register } from '../register/index.ts';
import { behaviourOf, heldDays, heldTraits, nightsIn, type StoredValue, spanOf, spanStored } from '../values/index.ts';
import type { ListLayout } from './look.ts';
import type { Day } from './period.ts';

/* Where a record stands in a calendar, and what it holds once it stands elsewhere. */

type Calendar = Extract<ListLayout, { kind: 'calendar' }>;
type By = Pick<Calendar, 'from' | 'to'>;

const text = (value: StoredValue | undefined): string | null => (typeof value === 'string' ? value : null);

const nightsOf = (register: Register, key: string): boolean | null => {
  const field = register.fields.find((each) => each.key === key);
  return field ? nightsIn(behaviourOf(field.type).value) : null;
};

const isMoment = (register: Register, key: string): boolean => {
  const field = register.fields.find((each) => each.key === key);
  return field !== undefined && heldTraits(field.type).day === 'moment';
};

/**
 * The first and the last day on which a record stands in a calendar, both included; null where it stands on none. What
 * ends before it begins stands where it begins.
 */
export const standsOn = (
  { from, to }: By,
  register: Register,
  values: RecordValues,
  zone: string,
): { readonly from: Day; readonly to: Day } | null => {
  const held = text(values[from]);
  if (held === null) return null;
  const nights = nightsOf(register, from);
  // A span of no night stands on the day it begins.
  if (nights !== null) return spanOf(heldDays(held, nights) ?? held);
  const first = isMoment(register, from) ? toLocal(held, zone).slice(0, 10) : held;
  const last = to === null ? first : (text(values[to]) ?? first);
  const isBackwards = last < first;
  return { from: first, to: isBackwards ? first : last };
};

/** What a record holds once it stands so many days later, or earlier: at the same time of day, as long as before. */
export const shiftedDays = (
  { from, to }: By,
  register: Register,
  values: RecordValues,
  days: number,
  zone: string,
): Readonly<Record<string, StoredValue>> | null => {
  const held = text(values[from]);
  if (held === null) return null;
  if (nightsOf(register, from) !== null) {
    const span = spanOf(held);
    return span && { [from]: spanStored({ from: addDays(span.from, days), to: addDays(span.to, days) }) };
  }
  if (isMoment(register, from)) {
    const local = toLocal(held, zone);
    const moved = fromLocal(`${addDays(local.slice(0, 10), days)}${local.slice(10)}`, zone);
    return moved === null ? null : { [from]: moved };
  }
  const first = plusDays(held, days);
  const last = to === null ? null : text(values[to]);
  if (first === null) return null;
  return to === null || last === null ? { [from]: first } : { [from]: first, [to]: addDays(last, days) };
};
