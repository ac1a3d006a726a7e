import { Decimal, ok } from '../base/index.ts';
import { sql } from '../sql/index.ts';
import { checkText, type FieldBehaviour, plainKind, type StoredValue, textOf, wrong } from './kind.ts';

const DECIMALS = 6;

export interface Position {
  /** Degrees north of the equator. */
  readonly latitude: number;
  /** Degrees east of Greenwich. */
  readonly longitude: number;
}

/** The position a stored value names, or null. */
export const positionOf = (value: StoredValue): Position | null => {
  const [latitude, longitude] = textOf(value).split(',').map(Number);
  return latitude === undefined || longitude === undefined || textOf(value) === '' ? null : { latitude, longitude };
};

/** One angle: degrees, with minutes and seconds where given, and a letter of the compass (ISO 6709, annex D). */
const ANGLE =
  /^([+-]?\d{1,3}(?:\.\d+)?)\s*°?\s*(?:(\d{1,2}(?:\.\d+)?)\s*['′]\s*(?:(\d{1,2}(?:\.\d+)?)\s*(?:"|″|''|′′)\s*)?)?([NSEW])?$/i;

const readAngle = (text: string, positive: string, negative: string, most: number): Decimal | null => {
  const found = ANGLE.exec(text.trim());
  if (!found) return null;
  const [, degrees = '', minutes = '0', seconds = '0', letter = ''] = found;
  const way = letter.toUpperCase();
  if (way !== '' && way !== positive && way !== negative) return null;
  if (Number(minutes) >= 60 || Number(seconds) >= 60) return null;
  const whole = new Decimal(degrees);
  if (way !== '' && degrees.startsWith('-')) return null;
  const size = whole.abs().add(new Decimal(minutes).div(60)).add(new Decimal(seconds).div(3600));
  const signed = degrees.startsWith('-') || way === negative ? size.neg() : size;
  return size.gt(most) ? null : signed.toDecimalPlaces(DECIMALS, Decimal.ROUND_HALF_UP);
};

/**
 * A place on the map in WGS 84: stored as "50.338100,-4.112300", latitude first, to six decimals (about 0.1 m).
 * Typed as decimals or as degrees, minutes and seconds with letters: 50°20.29'N 4°6.74'W.
 */
export const position = (): FieldBehaviour => {
  const parse: FieldBehaviour['parse'] = (typed) => {
    const text = typed.trim().replace(/^geo:/i, '');
    if (text === '') return ok(null);
    const halves = text.includes(',') ? text.split(',') : text.split(/(?<=[NSns])\s*|\s+(?=[+-]?\d+(?:\.\d+)?$)/);
    const [first = '', second = ''] = halves.filter((half) => half.trim() !== '');
    const latitude = readAngle(first, 'N', 'S', 90);
    const longitude = readAngle(second, 'E', 'W', 180);
    return latitude && longitude && halves.length === 2
      ? ok(`${latitude.toFixed(DECIMALS)},${longitude.toFixed(DECIMALS)}`)
      : wrong('not_a_position', "This must be a position, such as 50.3381, -4.1123 or 50°20.29'N 4°6.74'W.");
  };
  return {
    value: { kind: 'text' },
    sql: 'text',
    column: 'text',
    asks: (column) => [sql`${column} ~ '^-?[0-9]{1,2}[.][0-9]{6},-?[0-9]{1,3}[.][0-9]{6}$'`],
    traits: { fitsLine: false, hasWords: true, asTyped: false, tellsAlike: false, cell: 'stored' },
    parse,
    check: checkText('a position', parse),
    show: (value) => {
      const at = positionOf(value);
      if (!at) return '';
      const side = (angle: number, positive: string, negative: string) =>
        `${Math.abs(angle).toFixed(5)}° ${angle < 0 ? negative : positive}`;
      return `${side(at.latitude, 'N', 'S')}, ${side(at.longitude, 'E', 'W')}`;
    },
    edit: (value) => textOf(value).replace(',', ', '),
  };
};

export const positionKind = plainKind('position', 'map position', false, position);
