import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { catalogue } from '../register/example.arb.ts';
import { singularOf } from './guess-name.ts';
import {
  calledAnew,
  catalogueAfter,
  guessHead,
  guessInto,
  guessNew,
  nameOfFile,
  readText,
  sayBecause,
  sayHolds,
  sayNot,
  withWritten,
} from './index.ts';
import { findBoats, MOORINGS } from './moorings.arb.ts';

const TODAY = '2026-11-30';
const gridOf = (text: string) => {
  const read = readText(text);
  if (!read.ok) throw new Error(read.problems[0]?.detail);
  return read.value.grid;
};
const guess = (text: string, file = 'moorings 2026.csv') => {
  const grid = gridOf(text);
  return guessNew(grid, guessHead(grid), file, { catalogue, today: TODAY, findNamed: findBoats });
};
/** Each column in a sentence: "Boat looks up one of Boats as 39 of 42 are there, not “Zephir” and “Tern II”". */
const said = async (text: string, file?: string) => {
  const { plan, because } = await guess(text, file);
  const after = catalogueAfter(plan, catalogue);
  return plan.columns.map((column, at) => {
    if (column.fills !== 'new') return '';
    const why = because[at];
    const flags = [column.required ? 'must' : '', column.unique ? 'unique' : ''].filter(Boolean).join(' ');
    return [
      `${column.label}: ${sayHolds(column.type, after)}${flags === '' ? '' : ` (${flags})`}`,
      why ? sayBecause(why, 'en-GB') : '',
      why ? sayNot(why.not) : '',
    ]
      .filter(Boolean)
      .join(', ');
  });
};

describe('what a spreadsheet seems to be', () => {
  test('each column is guessed, with why and what speaks against it', async () =>
    expect(await said(MOORINGS)).toEqual([
      'Mooring: text (must unique), as all 40 are different',
      'Boat: looks up one of Boats (must), as 38 of 40 are there, not “Zephir” and “Tern II”',
      'From: date (must), as 39 of 40 read so, not “TBA”',
      'Kind: choose one from Mooring kinds (must), as the same few stand in it again and again',
      'Length: number (must), as 39 of 40 read so, not “6m50”',
      'Rate: money (must), as all 40 read so',
      'Charge: worked out, as 38 of 39 agree',
      'Paid: yes or no (must), as all 40 read so',
    ]));

  test('the head is found under a title; the register is called by the file', async () => {
    expect(guessHead(gridOf(MOORINGS))).toBe(2);
    const { plan } = await guess(MOORINGS);
    expect(plan.made).toEqual({ key: 'moorings', singular: 'Mooring', plural: 'Moorings', mark: 'MOO' });
    expect(plan.columns[6]).toMatchObject({ type: { kind: 'worked_out', formula: 'length * rate' } });
    expect(plan.columns[4]).toMatchObject({ type: { kind: 'number', decimals: 1, unit: 'm' } });
  });

  test('spellings that differ in case and accents are one choice, as most are written', async () => {
    const { plan } = await guess(MOORINGS);
    expect(plan.lists).toEqual([
      {
        key: 'mooring_kinds',
        label: 'Mooring kinds',
        choices: [
          { code: 'swinging', label: 'Swinging', alike: ['swinging', 'SWINGING'] },
          { code: 'pontoon', label: 'Pontoon', alike: [] },
          { code: 'half_tide', label: 'Half tide', alike: [] },
        ],
      },
    ]);
  });

  test('a list that is there is used where most of a column stands in it', async () => {
    const rows = ['Scare', 'DAMAGE', 'injury', 'Scare', 'Damage', 'Other'].map((word, i) => `${i},${word}`);
    expect((await said(`No,How bad\n${[...rows, ...rows].join('\n')}`))[1]).toBe(
      'How bad: choose one from Severities (must), as 10 of 12 are choices of it, not “Other”',
    );
  });

  test.each<[string, readonly string[], string]>([
    ['codes with a zero before them stay text', ['007', '012', '345'], 'text'],
    [
      'amounts, some with their sign and some with another comma, are money',
      ['£12.50', '£3.00', '"12,5"', '£4.75'],
      'money',
    ],
    ['amounts with their sign are money', ['£1,250.00', '£3', '£4.50'], 'money'],
    ['shares with their sign are shares', ['12%', '12.5 %', '3%'], 'percent'],
    ['days in words are days', ['Jun 12 1998', 'Aug 7 1998', '1 Sep 2001'], 'date'],
    ['days with a time are moments', ['2026-04-01 10:40', '01/04/2026 9:30', '2026-04-02T08:00'], 'date and time'],
    ['addresses of mail', ['a@example.org', 'b@example.org', 'c@example.com'], 'e-mail'],
    ['pages of the web', ['https://example.org', 'https://example.com/a', 'http://example.net'], 'web address'],
    ['a mark or nothing is yes or no', ['x', '', 'x'], 'yes or no'],
    ['several lines are a long text', ['"a\nb"', 'c', 'd'], 'long text'],
    ['too many digits for a number stay text', ['1234567890123456', '2234567890123456', '3'], 'text'],
    [
      'what stands there often counts often',
      [...Array.from({ length: 20 }, () => '01/04/2026'), 'TBA', '2 Apr 2026'],
      'date',
    ],
    ['years are numbers', ['1998', '2001', '2026'], 'number'],
  ])('%s', async (_, cells, kind) =>
    expect((await said(`${'A thing'}\n${cells.join('\n')}`))[0]).toContain(`: ${kind}`),
  );

  test('a column is called a field’s name: what it links to is looked for later, and its days are read in their own order', () => {
    const grid = gridOf('Boat,Reported on\nTern,03/31/2026\nGannet,04/15/2026');
    const register = catalogue.registers.get('near_misses');
    if (!register) throw new Error('no near misses');
    const { because } = guessInto(grid, 1, register, { catalogue, today: TODAY, findNamed: findBoats });
    expect(because.map((why) => [sayBecause(why, 'en-GB'), sayNot(why.not)])).toEqual([
      ['as it is called so', ''],
      ['as it is called so', ''],
    ]);
  });

  test('what is said of numbers that can be read either way is asked, not guessed', async () => {
    const german = { ...catalogue, locale: 'de-DE' };
    const grid = gridOf('Menge\n1.250\n12');
    const { plan } = await guessNew(grid, 1, 'm.csv', { catalogue: german, today: TODAY, findNamed: findBoats });
    expect(withWritten(plan, german, grid.slice(1), TODAY).columns[0]).toMatchObject({ numbers: null });
  });

  test('what can be read either way is written as the other columns of its file are, where these agree', async () => {
    const says = async (text: string) => {
      const grid = gridOf(text);
      const { plan } = await guessNew(grid, 1, 'm.csv', { catalogue, today: TODAY, findNamed: findBoats });
      const { columns } = withWritten(plan, catalogue, grid.slice(1), TODAY);
      return columns.map((column) => (column.fills === 'new' ? [column.days, column.numbers] : []));
    };
    expect(await says('A;B\n13/02/2026;01/02/2026\n14/02/2026;03/04/2026')).toEqual([
      ['day_first', undefined],
      ['day_first', undefined],
    ]);
    expect(await says('A;B;C\n13/02/2026;02/13/2026;01/02/2026\n')).toEqual([
      ['day_first', undefined],
      ['month_first', undefined],
      [null, undefined],
    ]);
  });

  test('rows without a name are called by the head of their first column, where that is a word for them', async () => {
    const called = async (head: string) => {
      const grid = gridOf(`${head};Town\nA;Ely\nB;Ely`);
      const guess = await guessNew(grid, 1, 'Pasted 2026-11-30', { catalogue, today: TODAY, findNamed: findBoats });
      return [guess.plan.made?.plural, guess.plan.made?.singular];
    };
    expect(await called('Singer')).toEqual(['Singers', 'Singer']);
    expect(await called('Entry')).toEqual(['Entries', 'Entry']);
    expect(await called('Name')).toEqual(['Records', 'Record']);
    expect(await called('Length (m)')).toEqual(['Records', 'Record']);
  });

  test('a register that is called otherwise before it is made is called so throughout, but for what somebody said', () => {
    const pasted = { key: 'pasted', plural: 'Pasted', singular: 'Pasted', mark: 'PAS' };
    expect(calledAnew(pasted, 'Singers', catalogue)).toEqual({
      key: 'singers',
      plural: 'Singers',
      singular: 'Singer',
      mark: 'SIN',
    });
    const said = { ...pasted, singular: 'Voice', mark: 'VOX' };
    expect(calledAnew(said, 'Singers', catalogue)).toMatchObject({ singular: 'Voice', mark: 'VOX' });
  });

  test('heads that stand twice, columns without one, a last row that is short: each is told', async () => {
    expect((await guess('A,A,\nx,y,z\nx,y,z\nx,y,z\nx,y')).notes).toEqual([
      '“A” stands more than once in the head: the others are numbered.',
      'One column has no head: it is called by its letter.',
      'The last row has 2 cells where all others have 3: the file may be cut off.',
    ]);
    expect((await guess('A\n=SUM(1)\nx')).notes).toEqual([
      'One cell begins as a formula does: they are taken as they stand, and nothing is worked out.',
    ]);
  });

  test.each([
    ['moorings 2026.csv', 'Moorings'],
    ['Tool_loans (1).xlsx', 'Tool loans'],
    ['2026-11-30.csv', 'Records'],
  ])('%s becomes %s', (file, name) => expect(nameOfFile(file)).toBe(name));

  test.each([
    ['Moorings', 'Mooring'],
    ['Companies', 'Company'],
    ['Movies', 'Movie'],
    ['Boxes', 'Box'],
    ['Glass', 'Glass'],
    ['Tool people', 'Tool person'],
    ['Status', 'Status'],
  ])('one of %s is a %s', (plural, singular) => expect(singularOf(plural)).toBe(singular));
});

describe('what columns fill in a register that is there', () => {
  const boats = catalogue.registers.get('boats');
  if (!boats) throw new Error('no boats');
  const into = (text: string) =>
    guessInto(gridOf(text), 1, boats, { catalogue, today: TODAY, findNamed: findBoats }).plan;
  test('is told by what they are called, a unit aside; rows are found by their number where it is there', () =>
    expect(into('Number,NAME,Length overall (m),Colour\nBOA-0001,Sandpiper,9.2,red')).toMatchObject({
      columns: [
        { fills: 'number' },
        { fills: 'field', field: 'name' },
        { fills: 'field', field: 'length_overall' },
        { fills: 'nothing' },
      ],
      found_by: 'number',
    }));
});

/*
 * The public data that the package vega-datasets 3.2.1 carries (BSD-3-Clause): what each column of these files is, anybody
 * can see who opens them.
 */
describe('public files', () => {
  const read = (name: string): string => readFileSync(`node_modules/vega-datasets/data/${name}`, 'utf8');
  test.each([
    [
      'seattle-weather.csv',
      ['date', 'number', 'number', 'number', 'number', 'choose one from Seattle weather weathers'],
    ],
    ['unemployment.tsv', ['number', 'number']],
    ['github.csv', ['date and time', 'number']],
  ])('%s', async (name, kinds) => {
    const columns = await said(read(name), name);
    expect(columns.map((each) => each.replace(/^[^:]*: ([^,(]*?)( \(.*)?,.*$/, '$1'))).toEqual(kinds);
  });
});
