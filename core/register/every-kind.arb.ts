import fc from 'fast-check';
import type { FieldKindName, FieldType } from '../values/index.ts';
import { choiceListSchema, type Register, registerSchema } from './index.ts';

/** A choice list with a column of its own and a choice that is not offered any more. */
export const sizes = choiceListSchema.parse({
  key: 'sizes',
  label: 'Sizes',
  columns: [{ key: 'factor', label: 'Factor', type: { kind: 'number', decimals: 2 } }],
  choices: [
    { code: 'small', label: 'Small', extra: { factor: '0.5' } },
    { code: 'large', label: 'Large', extra: { factor: '2' } },
    { code: 'huge', label: 'Huge, really', extra: { factor: '10' } },
    { code: 'tiny', label: 'Tiny', retired: true },
  ],
});

const money = { kind: 'money', currency: 'GBP' } as const;

/** One field of every kind that people write. */
const WRITTEN = {
  text: { kind: 'text', longest: 40 },
  long_text: { kind: 'long_text' },
  formatted: { kind: 'formatted' },
  number: { kind: 'number', decimals: 2, unit: 'm', least: '-5', most: '1000' },
  money,
  percent: { kind: 'percent', decimals: 1 },
  yes_no: { kind: 'yes_no' },
  date: { kind: 'date' },
  time: { kind: 'time' },
  moment: { kind: 'moment' },
  duration: { kind: 'duration' },
  span: { kind: 'span', nights: true },
  choice: { kind: 'choice', list: 'sizes' },
  choices: { kind: 'choices', list: 'sizes' },
  link: { kind: 'link', register: 'things' },
  links: { kind: 'links', register: 'things', back: { key: 'holders', label: 'Held by' } },
  person: { kind: 'person' },
  email: { kind: 'email' },
  phone: { kind: 'phone' },
  web: { kind: 'web' },
  address: { kind: 'address' },
  position: { kind: 'position' },
  files: { kind: 'files', sort: 'any', most: 3 },
  code: { kind: 'code', scheme: 'gtin' },
} as const satisfies { readonly [K in Exclude<FieldKindName, 'rows' | 'worked_out' | 'running_number'>]: FieldType };

const labelled = (key: string, type: FieldType) => ({ key, label: key.replaceAll('_', ' '), type });

/** A register with a field `a_<kind>` of every kind, rows with most of them, and worked-out values over both. */
export const things: Register = registerSchema.parse({
  key: 'things',
  singular: 'Thing',
  plural: 'Things',
  mark: 'THI',
  title: 'a_text',
  fields: [
    ...Object.entries(WRITTEN).map(([kind, type]) => labelled(`a_${kind}`, type)),
    labelled('a_rows', {
      kind: 'rows',
      singular: 'Row',
      plural: 'Rows',
      most: 20,
      fields: [
        { key: 'what', label: 'What', type: { kind: 'text' }, required: true },
        { key: 'quantity', label: 'Quantity', type: { kind: 'number', decimals: 2 }, required: false },
        { key: 'price', label: 'Price', type: money, required: false },
        { key: 'size', label: 'Size', type: { kind: 'choice', list: 'sizes' }, required: false },
        { key: 'took', label: 'Took', type: { kind: 'duration' }, required: false },
        { key: 'other', label: 'Other', type: { kind: 'link', register: 'things' }, required: false },
        {
          key: 'net',
          label: 'Net',
          type: { kind: 'worked_out', formula: 'quantity * price', gives: money },
          required: false,
        },
      ],
    }),
    labelled('a_running_number', { kind: 'running_number', prefix: 'T-', width: 3, restart: 'never' }),
    labelled('doubled', { kind: 'worked_out', formula: 'a_number * 2', gives: { kind: 'number', decimals: 2 } }),
    labelled('sum_of_rows', { kind: 'worked_out', formula: 'total(a_rows.net)', gives: money }),
    labelled('factor', { kind: 'worked_out', formula: 'a_choice.factor', gives: { kind: 'number', decimals: 2 } }),
    labelled('time_of_rows', {
      kind: 'worked_out',
      formula: 'total(a_rows.took) + a_duration',
      gives: { kind: 'duration' },
    }),
    labelled('held_time', { kind: 'worked_out', formula: 'total(holders.a_duration)', gives: { kind: 'duration' } }),
    labelled('twice', { kind: 'worked_out', formula: 'a_duration + a_duration', gives: { kind: 'duration' } }),
    labelled('nights', { kind: 'worked_out', formula: 'a_span.days', gives: { kind: 'number', decimals: 0 } }),
    labelled('leaving', { kind: 'worked_out', formula: 'a_span.end', gives: { kind: 'date' } }),
    labelled('held', { kind: 'worked_out', formula: 'total(holders.a_money)', gives: money }),
  ],
});

/** Texts people and machines send: other scripts, what cannot be seen, markup, formulas, and the merely strange. */
const strange = fc.oneof(
  fc.string({ unit: 'grapheme', maxLength: 60 }),
  fc.constantFrom(
    '',
    '   ',
    'مرسى تيرن',
    'ターン岸壁',
    'Ærø å',
    '👩🏽‍🔧 repairs',
    'a\u200Bb\uFEFFc',
    '\u202Eevil',
    '\u0007bell',
    '<script>alert(1)</script>',
    '=1+1',
    "'; drop table records.things; --",
    '1e400',
    'NaN',
    '1,5',
    '1.5',
    '-0',
    '2026-02-29',
    '2024-02-29',
    '0000-01-01',
    '10000-01-01',
    '24:00',
    '10:40',
    'PT7H30M',
    '-PT1H15M',
    'P1DT1S',
    'PT0.5S',
    '2026-11-01/2026-11-05',
    '2026-11-01/2026-11-01',
    '0001-01-01/9999-12-31',
    '2026-11-05/2026-11-01',
    '2026-11-23T10:40:00Z',
    'name@example.org',
    '+441632960123',
    'https://example.org/a?b=c#d',
    'javascript:alert(1)',
    '50.3381, -4.1123',
    '91, 0',
    '4006381333931',
    '4006381333932',
    'small',
    'tiny',
    '1 Quay Row\n\nTern Quay\nTQ1 1AA\nGreat Britain',
  ),
);

const scalar = fc.oneof(
  { weight: 6, arbitrary: strange },
  fc.boolean(),
  fc.constant(null),
  // JSON knows no infinity, and nothing that is no number.
  fc.double({ noNaN: true, noDefaultInfinity: true }),
  fc.integer({ min: -2000, max: 2000 }),
);

const row = fc.record({
  id: fc.uuid({ version: 7 }),
  values: fc.record(
    {
      what: strange,
      quantity: fc.oneof(fc.integer({ min: -9, max: 99 }), strange),
      price: fc.oneof(fc.constantFrom('9.99', '0.335', '12'), strange),
      size: strange,
      took: fc.oneof(fc.constantFrom('PT45M', 'PT7H30M', 'P2D', null), strange),
    },
    { requiredKeys: ['what'] },
  ),
});

/** Records of `things` as they may come over the wire: some right, many wrong. */
export const sentThing: fc.Arbitrary<Record<string, unknown>> = fc
  .dictionary(
    fc.constantFrom(
      ...Object.keys(WRITTEN)
        .filter((kind) => kind !== 'link' && kind !== 'links' && kind !== 'person' && kind !== 'files')
        .map((kind) => `a_${kind}`),
    ),
    fc.oneof(
      { weight: 8, arbitrary: scalar },
      fc.array(fc.constantFrom('small', 'large', 'huge', 'nothing'), { maxLength: 4 }),
    ),
    { maxKeys: 5 },
  )
  .chain((values) =>
    fc
      .option(fc.array(row, { maxLength: 3 }), { nil: undefined, freq: 3 })
      .map((rows) => (rows ? { ...values, a_rows: rows } : values)),
  );
