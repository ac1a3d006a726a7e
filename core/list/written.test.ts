import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { often } from '../base/often.arb.ts';
import {
  checkExpression,
  evaluate,
  helpAt,
  operandText,
  readOperand,
  type SayContext,
  sayOperand,
  type Writing,
  writeCondition,
} from '../expression/index.ts';
import { sizes } from '../register/every-kind.arb.ts';
import { type Catalogue, recordItem, registerSchema, valueContext, vocabularyOf } from '../register/index.ts';
import { readCellOf } from '../spreadsheet/index.ts';
import {
  behaviourOf,
  comparedWith,
  durationText,
  type FieldType,
  readLimit,
  type StoredValue,
} from '../values/index.ts';

const TODAY = '2026-11-28';
const LOCALES = ['en-GB', 'en-US', 'de-DE', 'de-CH', 'fr-FR'] as const;
type Locale = (typeof LOCALES)[number];

const KINDS = {
  money: { kind: 'money', currency: 'GBP' },
  francs: { kind: 'money', currency: 'CHF' },
  number: { kind: 'number', decimals: 2 },
  metres: { kind: 'number', decimals: 2, unit: 'm' },
  percent: { kind: 'percent', decimals: 1 },
  date: { kind: 'date' },
  moment: { kind: 'moment' },
  time: { kind: 'time' },
  yes_no: { kind: 'yes_no' },
  duration: { kind: 'duration' },
  span: { kind: 'span', nights: false },
  choice: { kind: 'choice', list: 'sizes' },
} as const satisfies Readonly<Record<string, FieldType>>;
type KindKey = keyof typeof KINDS;

const register = registerSchema.parse({
  key: 'papers',
  singular: 'Paper',
  plural: 'Papers',
  mark: 'PAP',
  fields: Object.entries(KINDS).map(([key, type]) => ({ key, label: key, type })),
});

/** The choices without what the trade would never type: a comma in a label. */
const catalogueIn = (locale: string): Catalogue => ({
  locale,
  zone: 'Europe/London',
  currency: 'GBP',
  registers: new Map([[register.key, register]]),
  choiceLists: new Map([[sizes.key, sizes]]),
});

const clock = { now: `${TODAY}T10:40:00.000Z`, zone: 'Europe/London' };

/** What is written by the writer of conditions where the letters are typed as a value: the text, or null. */
const written = (context: SayContext, key: KindKey, typed: string): string | null => {
  let at: Writing<string> = writeCondition({ context, mood: 'is', finish: (text) => text });
  const isOrdered = !['yes_no', 'span', 'choice'].includes(key);
  const test = ['date', 'moment', 'time'].includes(key) ? 'is not earlier' : isOrdered ? 'is at least' : 'is …';
  for (const letters of [key, test, typed, 'that is all']) {
    const offer = at.offers(letters).find(({ label }) => letters !== key || label === key);
    if (!offer) return null;
    if (offer.to.kind === 'done') return offer.to.outcome;
    at = offer.to.next();
  }
  return null;
};

/** What a text means at each of the places where a value is written; null where it is refused. */
const places = (locale: string, key: KindKey, typed: string) => {
  const catalogue = catalogueIn(locale);
  const values = { ...valueContext(catalogue), today: TODAY };
  const type = KINDS[key];
  const vocabulary = vocabularyOf(register, catalogue);
  const context: SayContext = { vocabulary, values };
  const readIn = (read: { ok: true; value: StoredValue } | { ok: false }) => (read.ok ? read.value : null);
  const box = readIn(behaviourOf(type).parse(typed, values));
  const operand = readOperand(typed, behaviourOf(type).value, context);
  const isTrue = (condition: string): boolean => {
    const checked = checkExpression(condition, vocabulary, { kind: 'condition' });
    if (!checked.ok) throw new Error(`${condition}: ${checked.problems[0]?.detail}`);
    return evaluate(checked.value, { ...recordItem(register, { [key]: box }, catalogue, clock), clock }) === true;
  };
  const filter = written(context, key, typed);
  const limited = type.kind === 'number' || type.kind === 'money' || type.kind === 'percent';
  return {
    box,
    sentence: operand && isTrue(`${key} = ${operandText(operand)}`) ? box : null,
    filter: filter !== null && isTrue(filter) ? box : null,
    limit: limited ? readLimit(type, typed, values) : box,
    file: readIn(readCellOf(type, typed, { numbers: 'local', fraction: false }, values)),
  };
};

/** What a limit of a share is: in hundredths. */
const asLimit = (key: KindKey, value: string | boolean): string | boolean =>
  key === 'percent' ? String(Number(value) * 100) : value;

describe('a value means the same wherever it is written', () => {
  const everywhere: readonly (readonly [KindKey, string, string | boolean])[] = [
    ['percent', '50', '0.5'],
    ['percent', '50%', '0.5'],
    ['percent', '50 %', '0.5'],
    ['percent', '(5)', '-0.05'],
    ['percent', '150 %', '1.5'],
    ['percent', '1', '0.01'],
    ['money', '£12', '12'],
    ['money', 'GBP 12', '12'],
    ['money', '12 GBP', '12'],
    ['money', '-£12', '-12'],
    ['money', '(5)', '-5'],
    ['number', '1 250', '1250'],
    ['metres', '12 m', '12'],
    ['metres', '12m', '12'],
    ['number', '+7', '7'],
    ['number', '−7', '-7'],
    ['francs', 'CHF 12', '12'],
    ['francs', 'Fr. 12', '12'],
    ['date', '2026-11-23', '2026-11-23'],
    ['date', '23 Nov 2026', '2026-11-23'],
    ['date', '23rd November 2026', '2026-11-23'],
    ['date', 'Mon 23 Nov 2026', '2026-11-23'],
    ['date', '2026/11/23', '2026-11-23'],
    ['moment', '23 Nov 2026 10:40', '2026-11-23T10:40:00.000Z'],
    ['moment', '2026-11-23T10:40', '2026-11-23T10:40:00.000Z'],
    ['time', '9.30', '09:30:00'],
    ['time', '9:30 pm', '21:30:00'],
    ['yes_no', 'Y', true],
    ['yes_no', 'n', false],
    ['yes_no', '1', true],
    ['yes_no', '0', false],
    ['yes_no', 'x', true],
    ['yes_no', 'TRUE', true],
    ['yes_no', 'false', false],
    ['duration', '7:30', 'PT7H30M'],
    ['duration', '45 min', 'PT45M'],
    ['span', '1 Nov 2026 to 5 Nov 2026', '2026-11-01/2026-11-05'],
    ['choice', 'Small', 'small'],
    ['choice', 'SMALL', 'small'],
  ];
  const byLocale: readonly (readonly [readonly Locale[], KindKey, string, string | boolean])[] = [
    [['en-GB', 'en-US'], 'money', '£1,250.50', '1250.5'],
    [['en-GB', 'en-US', 'de-CH'], 'money', '(5.00)', '-5'],
    [['en-GB', 'en-US', 'de-CH'], 'number', '12.5', '12.5'],
    [['de-DE', 'fr-FR'], 'number', '12,5', '12.5'],
    [['de-DE'], 'number', '1.250,50', '1250.5'],
    [['de-DE', 'fr-FR'], 'percent', '12,5 %', '0.125'],
    [['fr-FR'], 'number', '1 250,50', '1250.5'],
    [['de-CH'], 'francs', "1'250.50", '1250.5'],
    [['de-CH'], 'francs', 'CHF 1’250.50', '1250.5'],
    [['de-CH'], 'francs', '12,50', '12.5'],
    [['en-GB', 'de-DE', 'de-CH', 'fr-FR'], 'date', '23/11/2026', '2026-11-23'],
    [['en-GB', 'de-DE', 'de-CH', 'fr-FR'], 'date', '23.11.2026', '2026-11-23'],
    [['en-GB', 'de-DE', 'de-CH', 'fr-FR'], 'date', '3/4/2026', '2026-04-03'],
    [['en-US'], 'date', '3/4/2026', '2026-03-04'],
    [['en-US'], 'date', '11/23/2026', '2026-11-23'],
    [['de-DE', 'de-CH'], 'date', '23. November 2026', '2026-11-23'],
    [['fr-FR'], 'date', '1er août 2026', '2026-08-01'],
    [['en-GB', 'de-DE', 'fr-FR'], 'moment', '23.11.2026 10:40', '2026-11-23T10:40:00.000Z'],
    [['en-US'], 'moment', '11/23/2026 10:40 AM', '2026-11-23T10:40:00.000Z'],
    [['de-DE', 'de-CH'], 'yes_no', 'Ja', true],
    [['de-DE'], 'yes_no', 'FALSCH', false],
    [['fr-FR'], 'yes_no', 'oui', true],
    [['fr-FR'], 'yes_no', 'Faux', false],
  ];
  const rows = [
    ...everywhere.flatMap(([key, typed, value]) => LOCALES.map((locale) => [locale, key, typed, value] as const)),
    ...byLocale.flatMap(([locales, key, typed, value]) =>
      locales.map((locale) => [locale, key, typed, value] as const),
    ),
  ];
  test.each(rows)('%s: %s “%s” is %s', (locale, key, typed, value) => {
    const limit = ['percent', 'money', 'francs', 'number', 'metres'].includes(key);
    expect(places(locale, key, typed)).toEqual({
      box: value,
      sentence: value,
      filter: value,
      file: value,
      limit: limit ? asLimit(key, value) : value,
    });
  });

  const refused: readonly (readonly [readonly Locale[], KindKey, string])[] = [
    [LOCALES, 'number', '12 50'],
    [LOCALES, 'number', '1 5'],
    [LOCALES, 'number', '.'],
    [LOCALES, 'number', ','],
    [LOCALES, 'number', '-'],
    [LOCALES, 'number', '()'],
    [LOCALES, 'number', '1e3'],
    [LOCALES, 'number', '12 m 3'],
    [LOCALES, 'money', '€12'],
    [LOCALES, 'money', 'EUR 12'],
    [LOCALES, 'money', '£'],
    [LOCALES, 'money', 'r5'],
    [LOCALES, 'money', '£5 GBP EUR'],
    [['en-GB', 'en-US'], 'number', '1,5'],
    [['en-GB', 'en-US'], 'number', "1'250"],
    [['de-DE'], 'number', '12.50'],
    [['fr-FR'], 'number', '1.250'],
    [['de-CH'], 'number', '1,250'],
    [['en-GB'], 'number', '12,34,567'],
    [['en-US'], 'date', '23/11/2026'],
    [['en-GB'], 'date', '11/23/2026'],
    [LOCALES, 'date', 'Tue 23 Nov 2026'],
    [LOCALES, 'date', '2026-02-30'],
    [LOCALES, 'yes_no', 'perhaps'],
    [LOCALES, 'time', '25:00'],
    [['en-GB'], 'yes_no', 'oui'],
  ];
  test.each(refused.flatMap(([locales, key, typed]) => locales.map((locale) => [locale, key, typed] as const)))(
    '%s: %s “%s” is refused',
    (locale, key, typed) =>
      expect(places(locale, key, typed)).toEqual({ box: null, sentence: null, filter: null, file: null, limit: null }),
  );

  test('in a file nothing is worked out, and no day is told from today', () => {
    const at = { ...valueContext(catalogueIn('en-GB')), today: TODAY };
    const inFile = (type: FieldType, cell: string) =>
      readCellOf(type, cell, { numbers: 'plain', fraction: false }, at).ok;
    expect([inFile(KINDS.number, '1/2'), behaviourOf(KINDS.number).parse('1/2', at).ok]).toEqual([false, true]);
    expect([inFile(KINDS.date, 'mon'), behaviourOf(KINDS.date).parse('mon', at).ok]).toEqual([false, true]);
  });

  test('what is far too long to be a value is none, and is told so at once', () => {
    const at = { ...valueContext(catalogueIn('en-GB')), today: TODAY };
    const long = [
      `1${' '.repeat(200_000)}x`,
      `23 Nov${' ,'.repeat(100_000)}`,
      '1'.repeat(300_000),
      '('.repeat(300_000),
    ];
    for (const type of Object.values(KINDS))
      for (const text of long) {
        const read = behaviourOf(type).parse(text, at);
        expect([type.kind, text.slice(0, 10), read.ok]).toEqual([type.kind, text.slice(0, 10), false]);
      }
  });

  test('an Indian number has its thousands in twos, and no other', () => {
    const read = (locale: string) => behaviourOf(KINDS.number).parse('12,34,567', valueContext(catalogueIn(locale))).ok;
    expect([read('en-IN'), read('en-GB')]).toEqual([true, false]);
  });
});

describe('what is said is read back the same', () => {
  const digits = (most: number, decimals: number) =>
    fc
      .tuple(fc.bigInt({ min: -(10n ** BigInt(most)), max: 10n ** BigInt(most) }), fc.constant(decimals))
      .map(([n, places]) => {
        const text = String(n < 0n ? -n : n).padStart(places + 1, '0');
        const [whole, rest] = [text.slice(0, text.length - places), text.slice(text.length - places)];
        const plain = places === 0 ? whole : `${whole}.${rest}`.replace(/\.?0+$/, '');
        return n < 0n && plain !== '0' ? `-${plain}` : plain;
      });
  const day = fc.integer({ min: -200_000, max: 2_000_000 }).map((n) => new Date(n * 86_400_000).toISOString());
  const isoDay = day.map((text) => text.slice(0, 10)).filter((text) => /^\d{4}-/.test(text));
  const two = (most: number) => fc.integer({ min: 0, max: most }).map((n) => String(n).padStart(2, '0'));
  const values: { readonly [K in KindKey]: fc.Arbitrary<string | boolean> } = {
    money: digits(14, 2),
    francs: digits(14, 2),
    number: digits(14, 2),
    metres: digits(14, 2),
    percent: digits(9, 3),
    date: isoDay,
    moment: fc
      .tuple(isoDay, two(23), two(59))
      .map(([date, hours, minutes]) => `${date}T${hours}:${minutes}:00.000Z`)
      .filter((text) => text > '1970' && text < '2100'),
    time: fc.tuple(two(23), two(59), two(59)).map((parts) => parts.join(':')),
    yes_no: fc.boolean(),
    duration: fc.integer({ min: 1, max: 99_999 }).map((minutes) => durationText(minutes * 60_000)),
    span: fc.tuple(isoDay, isoDay).map(([a, b]) => (a < b ? `${a}/${b}` : `${b}/${a}`)),
    choice: fc.constantFrom('small', 'large', 'huge'),
  };
  test.each(LOCALES.flatMap((locale) => Object.keys(KINDS).map((key) => [locale, key] as const)))(
    '%s: %s in a box, on the screen and in a sentence',
    (locale, name) => {
      const key = (Object.keys(KINDS) as KindKey[]).find((each) => each === name) ?? 'number';
      const catalogue = catalogueIn(locale);
      const context = { ...valueContext(catalogue), today: TODAY };
      const behaviour = behaviourOf(KINDS[key]);
      const compared = comparedWith(behaviour.value);
      fc.assert(
        fc.property(values[key], (value) => {
          const again = (said: string) => [said, behaviour.parse(said, context)];
          const edited = behaviour.edit(value, context);
          expect(again(edited)).toEqual([edited, { ok: true, value }]);
          const shown = behaviour.show(value, context);
          expect(again(shown)).toEqual([shown, { ok: true, value }]);
          const said = compared?.show(value, context) ?? '';
          expect([said, compared?.parse(said, context)]).toEqual([said, { ok: true, value }]);
        }),
        often(600),
      );
    },
  );
});

describe('a share in a formula', () => {
  const catalogue = catalogueIn('en-GB');
  const vocabulary = vocabularyOf(register, catalogue);
  const context: SayContext = { vocabulary, values: valueContext(catalogue) };
  const warned = (text: string) => {
    const checked = checkExpression(text, vocabulary, { kind: 'condition' });
    return checked.ok ? checked.value.warnings.map(({ code, mend }) => [code, mend?.text]) : 'wrong';
  };
  test.each([
    ['percent > 50', 'percent > 0.5'],
    ['25 < percent', '0.25 < percent'],
    ['percent in [0..20]', 'percent in [0..0.2]'],
    ['percent between 0 and 12.5', 'percent between 0 and 0.125'],
    ['money > 50 and percent >= 5', 'money > 50 and percent >= 0.05'],
  ])('%s is pointed out, with %s', (text, mended) => {
    expect(warned(text)).toEqual([['over_whole', mended]]);
    expect(warned(mended)).toEqual([]);
  });
  test.each(['percent > 0.5', 'money > 50', 'percent = 1', 'percent > number'])('%s is not', (text) =>
    expect(warned(text)).toEqual([]),
  );
  test('is explained where it is written', () =>
    expect(helpAt('percent > 0.5', 2, vocabulary)?.says).toBe('percent: a share: 20 % is written 0.2'));
  test('is said as per cent', () =>
    expect(sayOperand({ kind: 'number', text: '0.5' }, { kind: 'number', share: true }, context)).toBe('50 %'));
});
