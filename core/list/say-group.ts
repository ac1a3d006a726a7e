import { showDate } from '../base/index.ts';
import {
  durationText,
  type FieldBehaviour,
  isDuration,
  recordBehind,
  type StoredValue,
  type ValueContext,
  type ValueType,
  valueTraits,
} from '../values/index.ts';
import type { CompiledGrouping, CompiledTotal } from './compile-groups.ts';
import type { Unit } from './grouping.ts';

/** The first day of a stretch of time, in words: "Nov 2026", "Q4 2026", "week of 23 Nov 2026". */
const sayStretch = (day: string, unit: Unit, locale: string): string => {
  const at = new Date(`${day}T00:00:00Z`);
  switch (unit) {
    case 'day':
      return showDate(day, locale);
    case 'week':
      return `week of ${showDate(day, locale)}`;
    case 'month':
      return new Intl.DateTimeFormat(locale, { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(at);
    case 'quarter':
      return `Q${Math.floor(at.getUTCMonth() / 3) + 1} ${day.slice(0, 4)}`;
    case 'year':
      return day.slice(0, 4);
  }
};

const sayBand = (bucket: number, edges: readonly string[], say: (edge: string) => string): string => {
  const [low, high] = [edges[bucket - 1], edges[bucket]];
  if (low === undefined) return `under ${say(high ?? '')}`;
  return high === undefined ? `from ${say(low)} on` : `${say(low)} to under ${say(high)}`;
};

/** What the records of a group hold, by its key as a text. */
export const groupValue = (key: string | null, type: ValueType): StoredValue => {
  if (key === null) return null;
  if (valueTraits(type).sql === 'boolean') return key === 'true' || key === 't';
  // Durations are counted in milliseconds.
  return isDuration(type) ? durationText(Number(key)) : key;
};

const sayValue = (text: string, type: ValueType, behaviour: FieldBehaviour | null, context: ValueContext): string =>
  behaviour?.show(groupValue(text, type), context) ?? text;

/** A group's key in words; `titles` are what links lead to, by id. */
export const sayKey = (
  { by, type, behaviour }: Pick<CompiledGrouping, 'by' | 'type' | 'behaviour'>,
  key: string | null,
  context: ValueContext,
  titles: ReadonlyMap<string, string>,
): string => {
  if (key === null) return 'nothing';
  switch (by.kind) {
    case 'letter':
      return key;
    case 'unit':
      return sayStretch(key, by.unit, context.locale);
    case 'bands':
      return sayBand(Number(key), by.edges, (edge) => sayValue(edge, type, behaviour, context));
    case 'value':
      return recordBehind(type) !== null ? (titles.get(key) ?? 'a record') : sayValue(key, type, behaviour, context);
  }
};

/** A total in words; nothing where there was nothing to total. */
export const sayTotal = (
  { type, behaviour }: Pick<CompiledTotal, 'type' | 'behaviour'>,
  value: string | null,
  context: ValueContext,
): string => (value === null ? '' : behaviour ? sayValue(value, type, behaviour, context) : value);
