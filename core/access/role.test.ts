import { describe, expect, test } from 'vitest';
import { catalogue as examples } from '../register/example.arb.ts';
import { type Catalogue, OUT_OF_SIGHT, registerSchema } from '../register/index.ts';
import {
  givesSetUp,
  NO_RIGHTS,
  type Rights,
  type Role,
  readRole,
  rightsIn,
  roleProblems,
  roleSchema,
  roleWarnings,
  sayRole,
  seenByRole,
  writeInRole,
} from './index.ts';

const field = (key: string, label: string, type: object) => ({ key, label, type });
const money = { kind: 'money', currency: 'GBP' };

/** Sales with rows of their own, an outcome over cost, and one over all sales of a client. */
const sales = registerSchema.parse({
  key: 'sales',
  singular: 'Sale',
  plural: 'Sales',
  mark: 'SAL',
  fields: [
    field('what', 'What', { kind: 'text' }),
    field('client', 'Client', { kind: 'link', register: 'clients' }),
    field('price', 'Price', money),
    field('cost', 'Cost', money),
    field('margin', 'Margin', { kind: 'worked_out', formula: 'price - cost', gives: money }),
    field('lines', 'Lines', {
      kind: 'rows',
      singular: 'Line',
      plural: 'Lines',
      fields: [field('item', 'Item', { kind: 'text' }), field('weight', 'Weight', { kind: 'number', decimals: 2 })],
    }),
    field('heaviest', 'Heaviest', {
      kind: 'worked_out',
      formula: 'max(lines.weight)',
      gives: { kind: 'number', decimals: 2 },
    }),
  ],
});
const clientsWith = (examples.registers.get('clients') ?? sales).fields;
const clients = registerSchema.parse({
  ...examples.registers.get('clients'),
  fields: [
    ...clientsWith,
    field('email', 'E-mail', { kind: 'email' }),
    field('bought', 'Bought', { kind: 'worked_out', formula: 'total(sales.price)', gives: money }),
  ],
});
const catalogue: Catalogue = {
  ...examples,
  registers: new Map(examples.registers).set('clients', clients).set('sales', sales),
  people: { register: 'clients', email: 'email' },
};

const role = (registers: Readonly<Record<string, Partial<Rights>>>, more: Partial<Role> = {}): Role => ({
  key: 'customer',
  label: 'Customer',
  sets_up: [],
  registers: Object.fromEntries(Object.entries(registers).map(([key, rights]) => [key, { ...NO_RIGHTS, ...rights }])),
  ...more,
});
const fieldsSeen = (given: Role, register: string): string[] => [
  ...(seenByRole(given, catalogue).get(register)?.fields ?? []),
];

describe('what a role sees', () => {
  test('a new register is nobody’s, but for who sets up registers or forms', () => {
    expect(seenByRole(role({}), catalogue).size).toBe(0);
    expect(seenByRole(role({}, { sets_up: ['people'] }), catalogue).size).toBe(0);
    for (const right of ['registers', 'forms'] as const)
      expect([...seenByRole(role({}, { sets_up: [right] }), catalogue).keys()]).toEqual([
        'near_misses',
        'boats',
        'clients',
        'sales',
      ]);
    expect(rightsIn(role({}, { sets_up: ['forms'] }), 'sales')).toMatchObject({ see: true, change: false });
    expect(rightsIn(role({}, { sets_up: ['registers'] }), 'sales')).toMatchObject({ see: true, archive: true });
    expect(rightsIn(role({}), 'constructor')).toEqual(NO_RIGHTS);
  });

  test('without some fields, and without what is worked out from them, unless it sees the result', () => {
    const hides = role({ sales: { see: true, hidden: ['cost'] } });
    expect(fieldsSeen(hides, 'sales')).toEqual(['what', 'price', 'lines', 'lines.item', 'lines.weight', 'heaviest']);
    const results = role({ sales: { see: true, hidden: ['cost'], results: ['margin'] } });
    expect(fieldsSeen(results, 'sales')).toContain('margin');
    expect(fieldsSeen(results, 'sales')).not.toContain('cost');
    const rows = role({ sales: { see: true, hidden: ['lines.weight'] } });
    expect(fieldsSeen(rows, 'sales')).toEqual(['what', 'price', 'cost', 'margin', 'lines', 'lines.item']);
  });

  test('what is worked out across a register is seen where all of its records are, or its result', () => {
    const all = role({ clients: { see: true }, sales: { see: true } });
    expect(fieldsSeen(all, 'clients')).toContain('bought');
    const own = { see: 'client = me.record' };
    expect(fieldsSeen(role({ clients: { see: true }, sales: own }), 'clients')).not.toContain('bought');
    expect(fieldsSeen(role({ clients: { see: true, results: ['bought'] }, sales: own }), 'clients')).toContain(
      'bought',
    );
    expect(fieldsSeen(role({ clients: { see: true } }), 'clients')).not.toContain('bought');
    // What is worked out from a record's own rows goes with the record.
    expect(fieldsSeen(role({ sales: own }), 'sales')).toContain('heaviest');
  });

  test('a link is seen with the register it leads to', () => {
    expect(fieldsSeen(role({ sales: { see: true } }), 'sales')).not.toContain('client');
    expect(fieldsSeen(role({ sales: { see: true }, clients: { see: 'record = me.record' } }), 'sales')).toContain(
      'client',
    );
  });

  test('a condition that is wrong lets nobody through', () => {
    expect(seenByRole(role({ sales: { see: 'no_such = 1' } }), catalogue).has('sales')).toBe(false);
  });

  test('the formula of a result names nothing', () => expect(OUT_OF_SIGHT).toBe('null'));
});

describe('what is wrong with a role, and what may not be expected of it', () => {
  test.each<[string, Partial<Rights>, string]>([
    ['a field that is not there', { hidden: ['no_such'] }, '/registers/sales/hidden/0'],
    ['a result of what is typed', { results: ['price'] }, '/registers/sales/results/0'],
    ['a change of what is worked out', { only: ['margin'] }, '/registers/sales/only/0'],
    ['a condition over nothing', { see: 'no_such = 1' }, '/registers/sales/see'],
    ['a condition that is none', { change: 'price + 1' }, '/registers/sales/change'],
    [
      'what the database cannot answer',
      { see: 'count(for l in lines return if l.weight > 1 then {} else null) > 0' },
      '/registers/sales/see',
    ],
    ['a condition on a field that is not there', { when: { no_such: 'price > 1' } }, '/registers/sales/when/no_such'],
  ])('%s is told at its place', (_, rights, at) => {
    const [problem] = roleProblems(role({ sales: rights }), catalogue);
    expect(`/${problem?.path.join('/')}`).toBe(at);
    expect(problem?.detail).toMatch(/\.$/);
  });

  test('a register that is not there is told', () =>
    expect(roleProblems(role({ nothing: {} }), catalogue)[0]?.path).toEqual(['registers', 'nothing']));

  test('what goes with what is hidden, and a scope over what is hidden, are said', () => {
    expect(
      roleWarnings(role({ sales: { see: 'cost > 5', hidden: ['cost'] }, clients: { see: true } }), catalogue),
    ).toEqual([
      'Which Sales Customer sees follows from Cost, which it does not see.',
      'Margin reads Cost, so it is absent from Sales too, unless Customer sees the result of it.',
      'Bought reads Sales, of which Customer does not see all, so it is absent from Clients too, unless Customer sees the result of it.',
    ]);
    expect(roleWarnings(role({ boats: { change: true } }), catalogue)).toEqual([
      'Customer may change, archive or export Boats and does not see them, which comes to nothing.',
    ]);
  });
});

describe('roles as sentences', () => {
  const written: readonly [typed: string, says: string, rights: Partial<Rights>, register: string][] = [
    ['sees every Sale', 'sees every Sale', { see: true }, 'sales'],
    ['sees Sales', 'sees every Sale', { see: true }, 'sales'],
    ['sees Boats whose owner is me', 'sees Boats whose owner is me', { see: 'owner = me.record' }, 'boats'],
    ['sees Clients that are me', 'sees Clients that are me', { see: 'record = me.record' }, 'clients'],
    [
      'sees every Sale, without Cost and Lines’ weight',
      'sees every Sale, without Cost and Lines’ weight',
      { see: true, hidden: ['cost', 'lines.weight'] },
      'sales',
    ],
    [
      'sees sales whose client is me and whose price is over 500, without cost',
      'sees Sales whose client is me and whose price is over 500, without Cost',
      { see: 'client = me.record and price > 500', hidden: ['cost'] },
      'sales',
    ],
    [
      'sees near misses whose boat’s owner is me',
      'sees Near misses whose boat’s owner is me',
      { see: 'boat.owner = me.record' },
      'near_misses',
    ],
    [
      'sees near misses whose severity is injury',
      'sees Near misses whose severity is Injury',
      { see: 'severity = "injury"' },
      'near_misses',
    ],
    [
      'changes Clients that are me: Phone',
      'changes Clients that are me: Phone',
      { change: 'record = me.record', only: ['phone'] },
      'clients',
    ],
    [
      'changes every Sale, but not Price or Cost',
      'changes every Sale, but not Price or Cost',
      { change: true, locked: ['price', 'cost'] },
      'sales',
    ],
    ['adds Boats.', 'adds every Boat', { add: true }, 'boats'],
    ['archives every Boat', 'archives every Boat', { archive: true }, 'boats'],
    [
      'exports sales for which price > 5 or cost > 5',
      'exports Sales whose price is over 5 or whose cost is over 5',
      { export: 'price > 5 or cost > 5' },
      'sales',
    ],
  ];
  test.each(written)('“%s” is read, and said as “%s”', (typed, says, rights, register) => {
    const made = writeInRole(role({}), typed, catalogue);
    if (!made.ok) throw new Error(made.problems[0]?.detail);
    expect(made.value.registers[register]).toEqual({ ...NO_RIGHTS, ...rights });
    expect(sayRole(made.value, catalogue).map((each) => each.says)).toEqual([says]);
    const again = writeInRole(role({}), says, catalogue);
    expect(again.ok && again.value).toEqual(made.value);
  });

  test.each([
    ['looks at Boats', 'Begin with'],
    ['sees Ships', 'names no register'],
    ['sees Boats whose colour is red', 'names no field'],
    ['sees Boats whose name reminds of the sea', 'says nothing'],
    ['sees Sales whose price is over lots', 'is no value'],
    ['sees Boats that are me', 'Nobody is one of the Boats'],
    ['sees Boats of mine', 'Say which'],
    ['sees every Boat: Name', 'Fields are named only where one changes something.'],
    ['sees every Sale, without Colour', 'no field “Colour”'],
    ['sees Boats for which owner =', ''],
  ])('“%s” is refused in words', (typed, words) => {
    const made = writeInRole(role({}), typed, catalogue);
    expect(made.ok).toBe(false);
    expect(made.ok ? '' : made.problems[0]?.detail).toContain(words);
  });

  test('a field that changes on a condition, results and rights to set up have sentences', () => {
    const given = role(
      { sales: { change: true, when: { price: 'cost > 5' }, results: ['margin'] } },
      { sets_up: ['people'] },
    );
    expect(sayRole(given, catalogue).map(({ says }) => says)).toEqual([
      'sets up people and roles',
      'changes every Sale',
      'sees the result of Margin of Sales',
      'changes Price of Sales while cost is over 5',
    ]);
  });
});

describe('roles as they are stored', () => {
  test('what an earlier version kept becomes what it meant', () => {
    const earlier = { id: '0198b2f0-0000-7000-8000-000000000001', key: 'office', label: 'Office' };
    const rights = { see: true, add: false, change: true };
    expect(readRole({ ...earlier, setup: false, registers: { boats: rights } })).toEqual({
      ...earlier,
      sets_up: [],
      registers: { boats: { ...NO_RIGHTS, ...rights, archive: true, export: true } },
    });
    expect(givesSetUp([readRole({ ...earlier, setup: true, registers: {} })], 'people')).toBe(true);
  });

  test('what is stored now is read as it is', () => {
    const given = roleSchema.parse({ key: 'office', label: 'Office', registers: { boats: { see: 'name = "Tern"' } } });
    expect(readRole(JSON.parse(JSON.stringify(given)))).toEqual(given);
  });
});
