import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { catalogue as british } from '../register/example.arb.ts';
import { fitRow, guessHead, guessNew, prepareFitting, readText, SEPARATORS, withWritten } from './index.ts';

const TODAY = '2026-11-30';
const none = async () => new Map();

/** What people write in a cell, signs that part columns elsewhere too. */
const word = fc.constantFrom(
  'Sandpiper',
  'north quay',
  'Zoë',
  'berth 4, inner',
  'ask; or call',
  'A|B',
  '12',
  '7.5',
  '',
);
const separator = fc.constantFrom(...SEPARATORS);
const HEADS = ['Boat', 'Place', 'Note', 'Length'];

const written = (cell: string, by: string, always: boolean): string =>
  always || cell.includes(by) ? `"${cell}"` : cell;

describe('small files in every separator', () => {
  const file = fc
    .record({
      by: separator,
      width: fc.integer({ min: 2, max: 4 }),
      quoted: fc.boolean(),
      ends: fc.constantFrom('', '\n', '\r\n'),
    })
    .chain((how) =>
      fc.record({
        how: fc.constant(how),
        rows: fc.array(
          fc
            .array(word, { minLength: how.width, maxLength: how.width })
            // An empty line is no row.
            .filter((row) => row[0] !== ''),
          { minLength: 1, maxLength: 8 },
        ),
      }),
    );

  test('200 of them are read as they were written', () => {
    fc.assert(
      fc.property(file, ({ how: { by, width, quoted, ends }, rows }) => {
        const grid = [HEADS.slice(0, width), ...rows];
        const text = grid.map((row) => row.map((cell) => written(cell, by, quoted)).join(by)).join('\n') + ends;
        const read = readText(text);
        expect(read.ok && { separator: read.value.separator, grid: read.value.grid }).toEqual({ separator: by, grid });
      }),
      { numRuns: 200, seed: 32 },
    );
  });
});

describe('twelve writings of numbers and days, each column decided once', () => {
  const inLocale = (locale: string) => ({ ...british, locale });
  const stored = async (locale: string, head: string, cells: readonly string[]) => {
    const catalogue = inLocale(locale);
    const grid = [[head, 'Code'], ...cells.map((cell, i) => [cell, `K-${i}`])];
    const guess = await guessNew(grid, guessHead(grid), 'things.csv', { catalogue, today: TODAY, findNamed: none });
    const plan = withWritten(guess.plan, catalogue, grid.slice(1), TODAY);
    const fitting = prepareFitting(plan, catalogue, { now: `${TODAY}T12:00:00Z`, zone: 'Europe/London' });
    if (!fitting) throw new Error('no register is made');
    const [column] = plan.columns;
    if (column?.fills !== 'new') throw new Error('it becomes no field');
    const asked = [column.numbers, column.days, column.years].includes(null);
    const key = column.key;
    return [
      column.type.kind,
      asked ? 'asked' : grid.slice(1).map((row, i) => fitRow(fitting, i + 2, row, new Map()).values[key]),
    ];
  };

  test.each<[string, string, string, readonly string[], string, readonly string[] | 'asked']>([
    ['points', 'en-GB', 'Length', ['9.2', '423.25'], 'number', ['9.2', '423.25']],
    ['commas', 'en-GB', 'Length', ['9,2', '423,25'], 'number', ['9.2', '423.25']],
    ['points, then a comma', 'en-GB', 'Length', ['1.250,5', '9,2'], 'number', ['1250.5', '9.2']],
    ['commas, then a point', 'de-DE', 'Length', ['1,250.5', '9.2'], 'number', ['1250.5', '9.2']],
    ['spaces between thousands', 'fr-FR', 'Length', ['1 250,5', '9,2'], 'number', ['1250.5', '9.2']],
    ['apostrophes between thousands', 'de-CH', 'Price', ['1’250.50', '12.00'], 'money', ['1250.5', '12']],
    ['with their unit', 'en-GB', 'Length', ['9.2 m', '10 m'], 'number', ['9.2', '10']],
    ['a sign, and commas', 'de-DE', 'Preis', ['1.250,50 €', '12,00 €'], 'money', ['1250.5', '12']],
    ['what is a thousand to some', 'de-DE', 'Länge', ['1.250', '2.125'], 'number', 'asked'],
    ['the day first', 'en-US', 'Begun', ['01/02/2026', '31/03/2026'], 'date', ['2026-02-01', '2026-03-31']],
    ['the month first', 'en-GB', 'Begun', ['01/02/2026', '03/31/2026'], 'date', ['2026-01-02', '2026-03-31']],
    ['either first', 'en-GB', 'Begun', ['01/02/2026', '03/04/2026'], 'date', 'asked'],
    ['two digits, some ahead', 'en-GB', 'Until', ['31/12/26', '30/06/31'], 'date', ['2026-12-31', '2031-06-30']],
    ['two digits, of either century', 'en-GB', 'Born', ['31/12/58', '30/06/31'], 'date', 'asked'],
    ['two digits, all past', 'en-GB', 'Born', ['31/12/58', '30/06/04'], 'date', ['1958-12-31', '2004-06-30']],
    ['with points', 'en-GB', 'Begun', ['01.02.2026', '31.03.2026'], 'date', ['2026-02-01', '2026-03-31']],
    ['year first', 'de-DE', 'Begun', ['2026-02-01', '2026/03/31'], 'date', ['2026-02-01', '2026-03-31']],
  ])('%s (%s)', async (_, locale, head, cells, kind, values) =>
    expect(await stored(locale, head, cells)).toEqual([kind, values]),
  );
});
