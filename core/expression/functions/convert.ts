import { DIGITS, findDecimal, findDuration, round34, showDays, showMonths } from '../../base/index.ts';
import { sql } from '../../sql/index.ts';
import { BOOLEAN, DAYS, NUMBER, TEXT } from '../type.ts';
import type { Value } from '../value.ts';
import { type BuiltIn, countOf, decimalOf, type Signature, takes, textArgument } from './signature.ts';

const from = (shape: Signature['parameters'][number]['shape']) => takes('from', shape);

/** A text as a number, its grouping sign taken out; null where it is none. */
const toNumber = (text: string, grouping: Value, point: Value): Value => {
  const signs = ['.', ',', ' ', ''];
  const [group, decimal] = [textArgument(grouping), textArgument(point) || '.'];
  if (!signs.includes(group) || !signs.includes(decimal) || group === decimal) return null;
  const plain = (group === '' ? text : text.replaceAll(group, '')).replace(decimal, '.');
  const full = plain.replace(/^(-?)\./, '$10.');
  if (decimal !== '.' && text.includes('.') && group !== '.') return null;
  const found = full.length <= DIGITS * 3 ? findDecimal(full) : null;
  return found ? round34(found) : null;
};

const shown = (
  shape: Signature['parameters'][number]['shape'],
  run: (value: Value) => string,
  sqlOf: Signature['sql'],
  longest: number,
): Signature => ({
  parameters: [from(shape)],
  result: TEXT,
  run: ([value]) => run(value ?? null),
  sql: sqlOf,
  longest: ([given = longest]) => Math.max(given, longest),
});

/** Conversion functions (OMG DMN 1.4 §10.3.4.1) and the one of yes and no (§10.3.4.2). */
export const CONVERSIONS: readonly BuiltIn[] = [
  {
    name: 'number',
    group: 'conversion',
    help: 'A text as a number; say which signs group the digits and stand before the decimals.',
    examples: [
      ['number("1 000,0", " ", ",")', '1000'],
      ['number("1,000.0", ",", ".")', '1000'],
      ['number("12.50")', '12.5'],
      ['number("twelve")', 'null'],
    ],
    clause: '10.3.4.1',
    signatures: [
      {
        parameters: [from('text')],
        result: NUMBER,
        run: ([text]) => toNumber(textArgument(text), null, null),
        sql: (call) => sql`iolite.find_number(${call.at(0)})`,
      },
      {
        parameters: [from('text'), takes('grouping separator', 'text'), takes('decimal separator', 'text')],
        result: NUMBER,
        takesNothing: true,
        run: ([text, group, point]) => (typeof text === 'string' ? toNumber(text, group ?? null, point ?? null) : null),
        sql: 'it reads a number with its separators',
      },
    ],
  },
  {
    name: 'string',
    group: 'conversion',
    help: 'A value as text: numbers without needless zeros, dates and durations in ISO 8601.',
    examples: [
      ['string(1.1)', '"1.1"'],
      ['string(1.10)', '"1.1"'],
      ['string(null)', 'null'],
      ['string(date("2012-12-25"))', '"2012-12-25"'],
      ['string(true)', '"true"'],
      ['string(duration("P26M"))', '"P2Y2M"'],
    ],
    clause: '10.3.4.1',
    signatures: [
      shown('text', textArgument, (call) => call.at(0), 0),
      shown(
        'number',
        (value) => decimalOf(value).toFixed(),
        (call) => sql`trim_scale(${call.at(0)})::text`,
        6200,
      ),
      shown('boolean', String, (call) => sql`${call.at(0)}::text`, 5),
      shown('date', textArgument, (call) => sql`to_char(${call.at(0)}, 'YYYY-MM-DD')`, 10),
      shown('time', textArgument, 'it writes a time as text', 12),
      shown(
        'moment',
        textArgument,
        (call) => sql`to_char(${call.at(0)} at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`,
        24,
      ),
      shown('days', (value) => showDays(countOf(value)), 'it writes a duration as text', 40),
      shown('months', (value) => showMonths(countOf(value)), 'it writes a duration as text', 20),
      shown('choice', textArgument, (call) => call.at(0), 48),
    ],
  },
  {
    name: 'duration',
    group: 'conversion',
    help: 'A duration of days, hours, minutes and seconds from a text such as "P3DT4H".',
    examples: [
      ['duration("P" + string(2) + "D")', 'duration("P2D")'],
      ['duration("P3DT4H") = duration("PT76H")', 'true'],
    ],
    clause: '10.3.4.1',
    signatures: [
      {
        parameters: [from('text')],
        result: DAYS,
        run: ([text]) => {
          const found = findDuration(textArgument(text));
          return found?.kind === 'days' ? found.ms : null;
        },
        sql: 'it reads a duration from text',
      },
    ],
  },
  {
    name: 'not',
    group: 'yes or no',
    help: 'The opposite of a condition; nothing of nothing.',
    examples: [
      ['not(true)', 'false'],
      ['not(null)', 'null'],
    ],
    clause: '10.3.4.2',
    signatures: [
      {
        parameters: [takes('negand', 'boolean')],
        result: BOOLEAN,
        run: ([value]) => value !== true,
        sql: (call) => sql`(not ${call.at(0)})`,
      },
    ],
  },
];
