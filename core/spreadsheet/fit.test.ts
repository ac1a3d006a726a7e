import { describe, expect, test } from 'vitest';
import { foldText } from '../base/index.ts';
import { catalogue, clock } from '../register/example.arb.ts';
import { valueContext } from '../register/index.ts';
import { findFollowing } from './guess-worked.ts';
import {
  fitRow,
  guessHead,
  guessNew,
  type ImportPlan,
  type Mends,
  madeLists,
  madeRegister,
  NO_MENDS,
  namesToFind,
  partGrid,
  prepareFitting,
  readText,
  sayFitted,
  sayMisfits,
  suggestText,
  Tally,
  Twice,
} from './index.ts';
import { BOATS, findBoats, MOORINGS } from './moorings.arb.ts';
import { nearestName } from './suggest-mend.ts';

const read = readText(MOORINGS);
const grid = read.ok ? read.value.grid : [];
const head = guessHead(grid);
const guess = await guessNew(grid, head, 'moorings.csv', { catalogue, today: '2026-11-30', findNamed: findBoats });
const { rows, numbers } = partGrid(grid, head);

/** What becomes of the rows by a plan. */
const through = (change: Partial<ImportPlan> = {}, cells = rows, at: readonly number[] = numbers) => {
  const plan = { ...guess.plan, ...change };
  const fitting = prepareFitting(plan, catalogue, clock);
  if (!fitting) throw new Error('nothing to fit');
  const named = new Map([['boats', BOATS]]);
  const tally = new Tally();
  const twice = new Twice(fitting);
  const fitted = cells.map((texts, i) => {
    const row = fitRow(fitting, at[i] ?? 0, texts, named);
    tally.add(row, twice.find(row, texts));
    return row;
  });
  const misfits = tally.misfits();
  return {
    fitting,
    fitted,
    tally,
    misfits,
    says: misfits.map((misfit) => {
      const column = fitting.columns.find((each) => each.at === misfit.column);
      return `${column?.label ?? 'row'}: ${sayMisfits(misfit, column?.type ?? null, fitting.catalogue)}`;
    }),
    out: fitted.filter(({ isOut }) => isOut).map(({ row }) => row),
    said: (row: number, column: number) => {
      const cell = fitted.find((each) => each.row === row)?.cells[column];
      return cell ? sayFitted(fitting, column, cell) : null;
    },
  };
};
const mending = (mends: Partial<Mends>) => through({ mends: { ...NO_MENDS, ...mends } });

describe('rows as records', () => {
  test('what does not fit is counted by column and reason, and its rows stay out', () => {
    const { says, out, tally } = through();
    expect(says).toEqual([
      'Boat: 2 are not in Boats, e.g. “Zephir”',
      'From: 1 could not be read as a date, e.g. “TBA”',
      'Length: 1 could not be read as a number, e.g. “6m50”',
      'Charge: 1 differs from what comes out: 201.80 where 210.80 comes out',
    ]);
    // By the numbers that rows have in the file.
    expect(out).toEqual([5, 6, 8, 10]);
    expect([tally.rows, tally.out]).toEqual([40, 4]);
  });

  test('a row that fits is a record; what is worked out is no value of it', () => {
    const [first] = through().fitted;
    expect(first?.values).toEqual({
      mooring: 'A-01',
      boat: BOATS.get('sandpiper'),
      from: '2026-04-01',
      kind: 'swinging',
      length: '9.2',
      rate: '46',
      paid: true,
    });
  });

  test('choices spelled otherwise are said as the others', () => {
    const { fitted, said } = through();
    expect(said(7, 3)).toBe('Swinging');
    expect(fitted.find(({ row }) => row === 7)?.cells[3]).toMatchObject({
      mended: true,
      written: 'swinging',
      wrong: null,
    });
  });
});

describe('what does not fit, mended', () => {
  const boat = (taken: Mends['alike'][number]['taken'], of = 'Zephir') =>
    mending({ alike: [{ column: 1, of, taken }] });
  test('all alike taken as a record that is there', () => {
    const id = BOATS.get('zephyr') ?? '';
    const { fitted, out, misfits } = boat({ as: 'record', id, called: 'Zephyr' });
    expect(out).toEqual([6, 8, 10]);
    expect(fitted.find(({ row }) => row === 5)?.values.boat).toBe(id);
    // It is told still, as settled.
    expect(misfits[0]).toMatchObject({ code: 'not_there', count: 2, settled: 1 });
  });
  test('a record of that name is made', () => {
    const { fitted } = boat({ as: 'made' });
    expect(fitted.find(({ row }) => row === 5)?.cells[1]).toMatchObject({ makes: 'Zephir', settled: 'mended' });
  });
  test('left out by word, the row stays out and is settled', () => {
    const { out, misfits } = boat({ as: 'out' }, 'Tern II');
    expect(out).toContain(10);
    expect(misfits[0]?.alike.find(({ of }) => of === 'Tern II')).toMatchObject({ settled: 1 });
  });
  test('left empty where it must be answered, it still does not fit', () =>
    expect(boat({ as: 'empty' }).says).toContain('Boat: 1 is empty, and must be answered'));
  test('one cell alone', () => {
    const { out, said } = mending({ cells: [{ row: 6, column: 2, taken: { as: 'text', text: '1/7/2026' } }] });
    expect(out).toEqual([5, 8, 10]);
    expect(said(6, 2)).toBe('01 Jul 2026');
  });
  test('found and replaced', () => {
    const { out, said } = mending({ replaced: [{ column: 4, find: 'm', with: '.' }] });
    expect(said(10, 4)).toBe('6.5 m');
    // Its boat is still not there.
    expect(out).toEqual([5, 6, 8, 10]);
  });
  test('what is worked out counts, or the file’s word against it keeps the row out', () => {
    expect(mending({ rest: [{ column: 6, taken: 'result' }] }).said(8, 6)).toBe('210.80');
    expect(mending({ rest: [{ column: 6, taken: 'result' }] }).out).not.toContain(8);
    expect(mending({ alike: [{ column: 6, of: '201.80', taken: { as: 'result' } }] }).out).not.toContain(8);
    expect(mending({ rest: [{ column: 6, taken: 'out' }] }).misfits.at(-1)).toMatchObject({
      code: 'differs',
      settled: 1,
    });
  });
  test('the rest of a column left empty', () => {
    const columns = guess.plan.columns.map((column) =>
      column.fills === 'new' && column.key === 'from' ? { ...column, required: false } : column,
    );
    const { fitted } = through({ columns, mends: { ...NO_MENDS, rest: [{ column: 2, taken: 'empty' }] } });
    expect(fitted.find(({ row }) => row === 6)).toMatchObject({ isOut: false, values: { from: null } });
  });
  test('a whole row left out', () => expect(mending({ out: [3] }).out).toContain(3));
  test('a choice is made of what is none', () => {
    const column = { column: 3, of: 'Drying', taken: { as: 'made' as const } };
    const cells = [['X-1', 'Sandpiper', '1/4/2026', 'Drying', '5', '40', '', 'N']];
    const before = through({}, cells, [99]);
    expect(before.says).toEqual(['Kind: 1 is not in Mooring kinds, e.g. “Drying”']);
    const after = through({ mends: { ...NO_MENDS, alike: [column] } }, cells, [99]);
    expect(after.said(99, 3)).toBe('Drying');
    expect(madeLists({ ...guess.plan, mends: { ...NO_MENDS, alike: [column] } }, catalogue)[0]?.choices.at(-1)).toEqual(
      {
        code: 'drying',
        label: 'Drying',
      },
    );
  });
});

describe('what stands twice where no two may be the same', () => {
  test('is told of the second, with the row of the first; one that stays out holds nothing', () => {
    const cells = [
      ['X-1', 'Sandpiper', '1/4/2026', 'Pontoon', '5', '40', '', 'N'],
      ['x-1', 'Sandpiper', '1/4/2026', 'Pontoon', '5', '40', '', 'N'],
      ['X-2', 'Sandpiper', 'never', 'Pontoon', '5', '40', '', 'N'],
      ['X-2', 'Sandpiper', '1/4/2026', 'Pontoon', '5', '40', '', 'N'],
    ];
    const { misfits } = through({}, cells, [2, 3, 4, 5]);
    expect(misfits[0]).toMatchObject({ code: 'twice', detail: '“x-1” stands in row 2 too.', count: 1 });
    expect(misfits).toHaveLength(2);
  });
});

test('the names that are looked up are those that stand there, and those that they are mended to', () => {
  const fitting = prepareFitting(
    {
      ...guess.plan,
      mends: { ...NO_MENDS, alike: [{ column: 1, of: '?', taken: { as: 'text', text: 'Zephyr' } }] },
    },
    catalogue,
    clock,
  );
  const wanted = fitting ? namesToFind(fitting, [['A-01', '?']]) : new Map();
  expect([...(wanted.get('boats') ?? [])]).toEqual(['?', 'Zephyr']);
});

test('the register that is made has the fields, and asks what was guessed', () =>
  expect(madeRegister(guess.plan)).toMatchObject({
    key: 'moorings',
    fields: [
      { key: 'mooring', required: true },
      { key: 'boat' },
      {},
      {},
      {},
      {},
      { key: 'charge', required: false },
      {},
    ],
    constraints: [{ kind: 'unique', fields: ['mooring'], folded: true }],
  }));

describe('what a cell may have meant', () => {
  const context = { ...valueContext(catalogue), today: '2026-11-30' };
  const how = { numbers: 'plain' as const, fraction: false };
  test.each([
    [{ kind: 'number' as const, decimals: 2, unit: 'm' }, '6m50', '6.50'],
    [{ kind: 'number' as const, decimals: 0 }, 'about 12', '12'],
    [{ kind: 'number' as const, decimals: 0 }, '12 or 13', null],
    [{ kind: 'date' as const }, '04/13/2026', '13/04/2026'],
    [{ kind: 'date' as const }, 'TBA', null],
    [{ kind: 'choice' as const, list: 'severities' }, 'Dammage', 'Damage'],
    [{ kind: 'text' as const }, 'x', null],
  ])('%j: %s: %s', (type, word, text) =>
    expect(suggestText(type, word, how, context)?.as === 'text' ? suggestText(type, word, how, context) : null).toEqual(
      text === null ? null : expect.objectContaining({ text }),
    ),
  );
  test('a name one slip away; of two as near none', () => {
    const names = ['Zephyr', 'Tern', 'Sandpiper'].map((name) => [name, foldText(name)] as const);
    expect(nearestName('Zephir', names)).toBe('zephyr');
    expect(nearestName('Sandpiepr', names)).toBe('sandpiper');
    expect(nearestName('Tide', names)).toBeNull();
    expect(nearestName('Ternb', [...names, ['Terna', 'terna'] as const])).toBeNull();
  });
});

describe('what follows from two other columns', () => {
  const column = (at: number, values: readonly number[], decimals = 2) => ({ at, values, decimals });
  const quantity = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10];
  const price = [2.5, 3.1, 4.2, 1.15, 9.99, 3, 4, 5, 6, 7];
  const total = quantity.map((each, i) => Math.round(each * (price[i] ?? 0) * 100) / 100);
  test.each([
    ['a line total', [column(0, quantity, 0), column(1, price), column(2, total)], { left: 0, sign: '*', right: 1 }],
    [
      'a sum',
      [
        column(0, quantity),
        column(1, price),
        column(
          2,
          quantity.map((q, i) => q + (price[i] ?? 0)),
        ),
      ],
      { sign: '+' },
    ],
    [
      'what is left',
      [
        column(0, price),
        column(1, quantity),
        column(
          2,
          price.map((p, i) => p - (quantity[i] ?? 0)),
        ),
      ],
      { left: 0, sign: '-', right: 1 },
    ],
  ])('%s', (_, columns, follows) => expect(findFollowing(columns).get(2)).toMatchObject(follows));
  test('what agrees by chance, or in too few rows, follows from nothing', () => {
    expect(findFollowing([column(0, quantity), column(1, price), column(2, [...price].reverse())]).size).toBe(0);
    expect(findFollowing([column(0, [1, 2]), column(1, [3, 4]), column(2, [3, 8])]).size).toBe(0);
    // A column of noughts follows from everything.
    const nought = quantity.map(() => 0);
    expect(findFollowing([column(0, quantity), column(1, nought), column(2, nought)]).size).toBe(0);
  });
});
