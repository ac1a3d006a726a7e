import { Decimal } from '#core/base/index.ts';

/* What a cell of a workbook says, as it would be typed (ISO/IEC 29500-1, 18.3.1.4 and 18.8.30). */

/** How a number is shown: by itself, in hundredths, as a day or a time, as hours that go on beyond a day, in a currency. */
export interface CellFormat {
  readonly as: 'plain' | 'share' | 'day' | 'elapsed';
  /** The sign of the currency it is shown in, '' where it is shown in none. */
  readonly sign: string;
}

export const PLAIN: CellFormat = { as: 'plain', sign: '' };

/** The formats that are known by their numbers alone and show days or times. */
const isBuiltInDate = (id: number): boolean =>
  (id >= 14 && id <= 22) || (id >= 27 && id <= 36) || (id >= 45 && id <= 47) || (id >= 50 && id <= 58);

/** `[h]:mm:ss`, which is known by its number alone. */
const ELAPSED = 46;

/** A format's code without what is shown as it stands: quoted texts, signs behind a backslash, colours. */
const bare = (code: string): string => code.replace(/"[^"]*"|\\.|\[(?!\$)[^\]]*\]/g, '');

const CURRENCY = /[£€$¥]/;
/** `[$£-809]`, `[$EUR]`: a currency named by a locale. */
const NAMED = /\[\$([^\]-]+)/;

/** What a format's number, or the code that a workbook gives it, shows. */
export const formatOf = (id: number, codes: ReadonlyMap<number, string>): CellFormat => {
  const code = codes.get(id);
  if (code === undefined) {
    if (id === 9 || id === 10) return { as: 'share', sign: '' };
    if (id === ELAPSED) return { as: 'elapsed', sign: '' };
    return isBuiltInDate(id) ? { as: 'day', sign: '' } : PLAIN;
  }
  if (/\[h+\]/i.test(code)) return { as: 'elapsed', sign: '' };
  const [first = ''] = bare(code).split(';');
  const named = NAMED.exec(first)?.[1]?.trim();
  const shown = first.replace(/\[\$[^\]]*\]/g, '');
  if (shown.includes('%')) return { as: 'share', sign: '' };
  if (/[ymdhs]/i.test(shown.replace(/General|Standard/gi, ''))) return { as: 'day', sign: '' };
  const quoted = /"\s*([£€$¥])\s*"/.exec(code)?.[1];
  return { as: 'plain', sign: named ?? quoted ?? CURRENCY.exec(shown)?.[0] ?? '' };
};

/** A number as it is typed: without exponents, and with the fifteen digits that a spreadsheet keeps. */
const numberText = (value: number): string => {
  const text = String(value);
  // Most are short, and are so already.
  return text.length <= 15 && !text.includes('e') ? text : new Decimal(value.toPrecision(15)).toFixed();
};

const DAY_MS = 86_400_000;
/** Day 0 of the two calendars that workbooks count by (ISO/IEC 29500-1, 18.17.4.1). */
const FROM_1900 = Date.UTC(1899, 11, 30);
const FROM_1904 = Date.UTC(1904, 0, 1);

/** A day, a time of day, or both, by what of it there is: what is less than a day is a time. */
const dateText = (days: number, from1904: boolean): string => {
  const at = Math.round((days * DAY_MS) / 1_000) * 1_000;
  const date = new Date((from1904 ? FROM_1904 : FROM_1900) + at);
  if (Number.isNaN(date.getTime())) return numberText(days);
  const text = date.toISOString();
  const time = text.slice(11, text.endsWith(':00.000Z') ? 16 : 19);
  if (days >= 0 && days < 1) return time;
  return at % DAY_MS === 0 ? text.slice(0, 10) : `${text.slice(0, 10)} ${time}`;
};

/** So many days as hours and minutes, with seconds where there are some: "31:30". */
const hoursText = (days: number): string => {
  const all = Math.round(Math.abs(days) * 86_400);
  const two = (part: number): string => String(part).padStart(2, '0');
  const [hours, minutes, seconds] = [Math.floor(all / 3_600), Math.floor(all / 60) % 60, all % 60];
  return `${days < 0 && all > 0 ? '-' : ''}${hours}:${two(minutes)}${seconds === 0 ? '' : `:${two(seconds)}`}`;
};

/** What stands in a cell of a kind (`b` yes or no, `e` an error, `str` and `inlineStr` texts, `d` a date, else a number). */
export const valueText = (kind: string, raw: string, { as, sign }: CellFormat, from1904: boolean): string => {
  switch (kind) {
    case 'b':
      return raw === '1' ? 'yes' : 'no';
    case 'e':
    case 'str':
    case 'inlineStr':
      return raw.trim();
    case 'd':
      return raw.replace(/T00:00:00(?:\.0+)?Z?$/, '').replace('T', ' ');
    default: {
      const value = Number(raw);
      if (!Number.isFinite(value)) return raw;
      if (as === 'day') return dateText(value, from1904);
      if (as === 'elapsed') return hoursText(value);
      return as === 'share' ? `${numberText(value * 100)}%` : `${sign}${numberText(value)}`;
    }
  }
};
