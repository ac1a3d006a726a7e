import { describe, expect, test } from 'vitest';
import { registerSchema } from '#core/register/index.ts';
import type { ValueContext } from '#core/values/index.ts';
import { apart, guessMeant, readFile, withColumns } from './csv-file.ts';

const plots = registerSchema.parse({
  key: 'plots',
  singular: 'Plot',
  plural: 'Plots',
  mark: 'PLO',
  fields: [
    { key: 'name', label: 'Name', type: { kind: 'text' } },
    { key: 'discount', label: 'Discount', type: { kind: 'percent', decimals: 0 } },
    { key: 'rent', label: 'Rent', type: { kind: 'money', currency: 'EUR' } },
  ],
});
const german: ValueContext = { locale: 'de-DE', zone: 'UTC', currency: 'EUR', choices: () => [] };

const fileOf = (bytes: Uint8Array) => {
  const read = readFile('plots.csv', bytes);
  if (!read.ok) throw new Error(read.problems[0]?.detail);
  return read.value;
};
/** As a spreadsheet in western Europe writes it: a byte a letter. */
const western = (text: string) => Uint8Array.from(Buffer.from(text, 'latin1'));

describe('a file that was chosen', () => {
  const file = fileOf(western('Náme;DISCOUNT;Rent;Else\nCitroën;0,2;1.250,50;x\n'));

  test('is told by its letters and its separator', () => {
    expect([file.encoding, file.table.separator, file.table.rows[0]?.[0]]).toEqual(['Windows-1252', ';', 'Citroën']);
    const other = apart(file, ',');
    expect(other.ok && other.value.table.separator).toBe(',');
  });

  test('fills the fields its heads name, capitals and accents aside, and asks what a share means', () => {
    const meant = guessMeant(file, plots, german);
    expect(meant.columns).toEqual(['name', 'discount', 'rent', null]);
    expect([meant.match, meant.written]).toEqual(['', 'local']);
    expect([...meant.fractions]).toEqual([[1, null]]);
  });

  test('goes on finding rows by what was chosen, as long as a column fills it', () => {
    const kept = withColumns(file, ['name', null, 'rent', null], 'name', plots, german);
    expect([kept.match, kept.fractions.size]).toEqual(['name', 0]);
    expect(withColumns(file, [null, null, 'rent', null], 'name', plots, german).match).toBe('');
  });

  test('finds rows by their number where it has one, and fills no field twice', () => {
    const meant = guessMeant(fileOf(western('PLO;Name;Name\nPLO-0001;a;b\n')), plots, german);
    expect([meant.columns, meant.match]).toEqual([['number', 'name', null], 'number']);
  });

  test('that is none is told', () => expect(readFile('empty.csv', western('')).ok).toBe(false));
});
