/*
 * Random workspaces for the matrix of who sees what, and a reference in plain JavaScript: which records and fields a
 * person sees, by walking through all of them. It knows nothing of the program's own roles, conditions or SQL.
 */

/** Chance, from a seed. */
export interface Chance {
  readonly whole: (least: number, most: number) => number;
  readonly chance: (share: number) => boolean;
  readonly pick: <T>(items: readonly T[]) => T;
}

/** What is kept of a record: its values by field, of rows by their cells. */
export interface WorldRecord {
  readonly register: string;
  readonly id: string;
  readonly number: string;
  readonly values: Readonly<Record<string, string | boolean | null>>;
  readonly lines: readonly { readonly id: string; readonly part: string; readonly qty: string }[];
}

/** Whoever looks: their roles, and the member they are. */
export interface WorldPerson {
  readonly name: string;
  readonly roles: readonly string[];
  readonly record: string | null;
}

/** A condition, as the program is told it and as it is judged here. */
interface WorldReach {
  readonly text: string;
  readonly holds: (record: WorldRecord, me: WorldPerson, world: World) => boolean;
}

export interface WorldRights {
  readonly see: boolean | WorldReach;
  readonly change: boolean | WorldReach;
  readonly archive: boolean | WorldReach;
  readonly export: boolean | WorldReach;
  readonly hidden: readonly string[];
  readonly results: readonly string[];
  readonly locked: readonly string[];
}

export interface WorldRole {
  readonly key: string;
  readonly rights: ReadonlyMap<string, WorldRights>;
}

export interface World {
  readonly records: readonly WorldRecord[];
  readonly roles: readonly WorldRole[];
  readonly people: readonly WorldPerson[];
}

/** A field: what it is, and for what is worked out all that it reads. */
interface WorldField {
  readonly key: string;
  readonly label: string;
  readonly kind: 'text' | 'number' | 'yes_no' | 'link' | 'rows' | 'worked_out';
  readonly to?: string;
  readonly formula?: string;
  readonly reads?: readonly (readonly [register: string, field: string])[];
  /** The registers of which all records are read. */
  readonly across?: readonly string[];
}

const text = (key: string, label: string): WorldField => ({ key, label, kind: 'text' });
const number = (key: string, label: string): WorldField => ({ key, label, kind: 'number' });

export const FIELDS: { readonly [register: string]: readonly WorldField[] } = {
  members: [
    text('name', 'Name'),
    text('remark', 'Remark'),
    number('level', 'Level'),
    {
      key: 'worth',
      label: 'Worth',
      kind: 'worked_out',
      formula: 'total(things.price)',
      reads: [
        ['things', 'owner'],
        ['things', 'price'],
      ],
      across: ['things'],
    },
  ],
  things: [
    text('name', 'Name'),
    { key: 'owner', label: 'Owner', kind: 'link', to: 'members' },
    number('price', 'Price'),
    number('cost', 'Cost'),
    text('note', 'Note'),
    {
      key: 'margin',
      label: 'Margin',
      kind: 'worked_out',
      formula: 'price - cost',
      reads: [
        ['things', 'price'],
        ['things', 'cost'],
      ],
    },
    { key: 'lines', label: 'Lines', kind: 'rows' },
    {
      key: 'heaviest',
      label: 'Heaviest',
      kind: 'worked_out',
      formula: 'max(lines.qty)',
      reads: [
        ['things', 'lines'],
        ['things', 'lines.qty'],
      ],
    },
  ],
  uses: [
    text('what', 'What'),
    { key: 'thing', label: 'Thing', kind: 'link', to: 'things' },
    number('amount', 'Amount'),
    { key: 'done', label: 'Done', kind: 'yes_no' },
    {
      key: 'of_price',
      label: 'Of price',
      kind: 'worked_out',
      formula: 'amount + thing.price',
      reads: [
        ['uses', 'amount'],
        ['uses', 'thing'],
        ['things', 'price'],
      ],
      across: ['things'],
    },
  ],
};
export const REGISTERS = Object.keys(FIELDS);
const CELLS = ['lines.part', 'lines.qty'];

const typeOf = ({ kind, to, formula }: WorldField): object => {
  switch (kind) {
    case 'link':
      return { kind, register: to };
    case 'number':
      return { kind, decimals: 2 };
    case 'worked_out':
      return { kind, formula, gives: { kind: 'number', decimals: 2 } };
    case 'rows':
      return {
        kind,
        singular: 'Line',
        plural: 'Lines',
        fields: [
          { key: 'part', label: 'Part', type: { kind: 'text' } },
          { key: 'qty', label: 'Qty', type: { kind: 'number', decimals: 2 } },
        ],
      };
    default:
      return { kind };
  }
};

/** The registers as they are sent to be carried out. */
export const worldRegisters = (): object[] =>
  REGISTERS.map((key) => ({
    key,
    singular: `One of ${key}`,
    plural: `All ${key}`,
    mark: key.slice(0, 3).toUpperCase(),
    title: key === 'uses' ? 'what' : 'name',
    fields: (FIELDS[key] ?? []).map((field) => ({ key: field.key, label: field.label, type: typeOf(field) })),
  }));

const of = (world: World, id: string | boolean | null | undefined): WorldRecord | undefined =>
  world.records.find((record) => record.id === id);
const numberOf = (value: string | boolean | null | undefined): number | null =>
  typeof value === 'string' ? Number(value) : null;
const over = (value: string | boolean | null | undefined, than: number): boolean => (numberOf(value) ?? -1) > than;

const ownedBy = (record: WorldRecord | undefined, me: WorldPerson): boolean =>
  me.record !== null && record?.values.owner === me.record;

const CONDITIONS: { readonly [register: string]: readonly WorldReach[] } = {
  members: [
    { text: 'record = me.record', holds: ({ id }, me) => me.record === id },
    { text: 'level > 4', holds: ({ values }) => over(values.level, 4) },
    {
      text: 'record = me.record or level > 6',
      holds: ({ id, values }, me) => me.record === id || over(values.level, 6),
    },
  ],
  things: [
    { text: 'owner = me.record', holds: (record, me) => ownedBy(record, me) },
    { text: 'price > 5000', holds: ({ values }) => over(values.price, 5000) },
    { text: 'owner.level > 4', holds: ({ values }, _, world) => over(of(world, values.owner)?.values.level, 4) },
    {
      text: 'owner != me.record',
      holds: ({ values }, me) => me.record !== null && values.owner !== me.record,
    },
    {
      text: 'count(uses) > 1',
      holds: ({ id }, _, world) => world.records.filter((each) => each.values.thing === id).length > 1,
    },
  ],
  uses: [
    { text: 'thing.owner = me.record', holds: ({ values }, me, world) => ownedBy(of(world, values.thing), me) },
    { text: 'done = true', holds: ({ values }) => values.done === true },
    {
      text: 'thing.owner.level > 4',
      holds: ({ values }, _, world) => over(of(world, of(world, values.thing)?.values.owner)?.values.level, 4),
    },
    {
      text: 'amount > 4000 and thing.price > 2000',
      holds: ({ values }, _, world) => over(values.amount, 4000) && over(of(world, values.thing)?.values.price, 2000),
    },
  ],
};

const somePaths = (random: Chance, register: string): string[] =>
  [...(FIELDS[register] ?? []).map(({ key }) => key), ...(register === 'things' ? CELLS : [])].filter(() =>
    random.chance(0.22),
  );

const reachOf = (random: Chance, register: string): boolean | WorldReach => {
  const dice = random.whole(0, 9);
  if (dice < 2) return false;
  return dice < 5 ? true : random.pick(CONDITIONS[register] ?? []);
};

const rightsOf = (random: Chance, register: string): WorldRights => ({
  see: reachOf(random, register),
  change: reachOf(random, register),
  archive: reachOf(random, register),
  export: reachOf(random, register),
  hidden: random.chance(0.6) ? somePaths(random, register) : [],
  results: (FIELDS[register] ?? [])
    .filter(({ kind }) => kind === 'worked_out' && random.chance(0.3))
    .map(({ key }) => key),
  locked: random.chance(0.3)
    ? (FIELDS[register] ?? []).filter(({ kind }) => kind !== 'worked_out' && random.chance(0.3)).map(({ key }) => key)
    : [],
});

const textOf = (reach: boolean | WorldReach): boolean | string => (typeof reach === 'boolean' ? reach : reach.text);

/** A role as it is sent to be carried out. */
export const sentRole = ({ key, rights }: WorldRole): object => ({
  key,
  label: `Role ${key}`,
  registers: Object.fromEntries(
    [...rights].map(([register, { see, change, archive, export: exported, ...lists }]) => [
      register,
      { see: textOf(see), change: textOf(change), archive: textOf(archive), export: textOf(exported), ...lists },
    ]),
  ),
});

/** A random world: three roles, people with some of them, with and without a record of their own, and some records. */
export const makeWorld = (random: Chance, newId: () => string): World => {
  const word = (register: string, i: number, field: string) => `${register.slice(0, 2)}${i}${field}q`;
  const amount = (i: number): string | null => (random.chance(0.15) ? null : `${random.whole(1, 9)}${String(100 + i)}`);
  const make = (
    register: string,
    count: number,
    values: (i: number) => WorldRecord['values'],
    lines: (i: number) => WorldRecord['lines'] = () => [],
  ): WorldRecord[] =>
    Array.from({ length: count }, (_, i) => ({
      register,
      id: newId(),
      number: `${register.slice(0, 3).toUpperCase()}-${String(i + 1).padStart(4, '0')}`,
      values: values(i),
      lines: lines(i),
    }));
  const members = make('members', 5, (i) => ({
    name: word('members', i, 'name'),
    remark: random.chance(0.7) ? word('members', i, 'remark') : null,
    level: `${random.whole(1, 9)}`,
  }));
  const things = make(
    'things',
    8,
    (i) => ({
      name: word('things', i, 'name'),
      owner: random.chance(0.85) ? random.pick(members).id : null,
      price: amount(i),
      cost: amount(40 + i),
      note: random.chance(0.7) ? word('things', i, 'note') : null,
    }),
    (i) =>
      Array.from({ length: random.whole(0, 2) }, (_, n) => ({
        id: newId(),
        part: word('things', i, `part${n}`),
        qty: `${random.whole(1, 9)}${200 + i * 2 + n}`,
      })),
  );
  const uses = make('uses', 10, (i) => ({
    what: word('uses', i, 'what'),
    thing: random.chance(0.9) ? random.pick(things).id : null,
    amount: amount(300 + i),
    done: random.pick([true, false, null]),
  }));
  const roles = ['one', 'two', 'three'].map((key) => ({
    key: `role_${key}`,
    rights: new Map(REGISTERS.map((register) => [register, rightsOf(random, register)])),
  }));
  const keys = roles.map(({ key }) => key);
  const people = [
    { name: 'Piet', roles: keys.slice(0, 1), record: members[0]?.id ?? null },
    { name: 'Dev', roles: keys.slice(0, 2), record: members[1]?.id ?? null },
    { name: 'Sana', roles: keys.slice(1, 3), record: null },
    { name: 'Teo', roles: keys, record: members[2]?.id ?? null },
  ];
  return { records: [...members, ...things, ...uses], roles, people };
};

const holds = (reach: boolean | WorldReach, record: WorldRecord, me: WorldPerson, world: World): boolean =>
  typeof reach === 'boolean' ? reach : reach.holds(record, me, world);

/** What a role sees of the fields of a register, whichever the record: by walking until nothing changes any more. */
const seenFields = (role: WorldRole): ReadonlySet<string> => {
  const seen = new Set<string>();
  const sees = (register: string): boolean | WorldReach => role.rights.get(register)?.see ?? false;
  const paths = REGISTERS.flatMap((register) => [
    ...(FIELDS[register] ?? []).map((field) => ({ register, path: field.key, field })),
    ...(register === 'things' ? CELLS.map((path) => ({ register, path, field: null })) : []),
  ]);
  for (const { register, path } of paths)
    if (sees(register) !== false && !role.rights.get(register)?.hidden.includes(path)) seen.add(`${register}.${path}`);
  for (let before = -1; before !== seen.size; ) {
    before = seen.size;
    for (const { register, path, field } of paths) {
      const name = `${register}.${path}`;
      const isResult = role.rights.get(register)?.results.includes(path) ?? false;
      const gone =
        (path.startsWith('lines.') && !seen.has('things.lines')) ||
        (path === 'lines' && !CELLS.some((cell) => !role.rights.get('things')?.hidden.includes(cell))) ||
        (field?.kind === 'link' && sees(field.to ?? '') === false) ||
        (field?.kind === 'worked_out' &&
          !isResult &&
          ((field.reads ?? []).some(([at, key]) => !seen.has(`${at}.${key}`)) ||
            (field.across ?? []).some((at) => sees(at) !== true)));
      if (gone) seen.delete(name);
    }
    // A register of which no field is left is not there.
    for (const register of REGISTERS)
      if (![...seen].some((name) => name.startsWith(`${register}.`)))
        for (const { register: at, path, field } of paths) if (field?.to === register) seen.delete(`${at}.${path}`);
  }
  return seen;
};

/** What one person sees of a world. */
export class Onlooker {
  readonly #world: World;
  readonly #me: WorldPerson;
  readonly #roles: readonly { readonly role: WorldRole; readonly seen: ReadonlySet<string> }[];

  constructor(world: World, me: WorldPerson) {
    this.#world = world;
    this.#me = me;
    this.#roles = world.roles
      .filter(({ key }) => me.roles.includes(key))
      .map((role) => ({ role, seen: seenFields(role) }));
  }

  /** Whether a field is known of at all: on some record there may be. */
  knows(register: string, path: string): boolean {
    return this.#roles.some(({ seen }) => seen.has(`${register}.${path}`));
  }

  /** Whether a register is there for them. */
  knowsRegister(register: string): boolean {
    return this.#roles.some(({ seen }) => [...seen].some((name) => name.startsWith(`${register}.`)));
  }

  #giving(record: WorldRecord) {
    return this.#roles.filter(
      ({ role, seen }) =>
        [...seen].some((name) => name.startsWith(`${record.register}.`)) &&
        holds(role.rights.get(record.register)?.see ?? false, record, this.#me, this.#world),
    );
  }

  sees(record: WorldRecord): boolean {
    return this.#giving(record).length > 0;
  }

  seesField(record: WorldRecord, path: string): boolean {
    return this.#giving(record).some(({ seen }) => seen.has(`${record.register}.${path}`));
  }

  may(deed: 'change' | 'archive' | 'export', record: WorldRecord): boolean {
    return this.#roles.some(({ role }) =>
      holds(role.rights.get(record.register)?.[deed] ?? false, record, this.#me, this.#world),
    );
  }

  mayAny(deed: 'change' | 'archive' | 'export', register: string): boolean {
    return this.#roles.some(({ role }) => (role.rights.get(register)?.[deed] ?? false) !== false);
  }

  /** Whether one role gives changing a field of a record: it sees the field, or nothing of the register at all. */
  mayChange(record: WorldRecord, path: string): boolean {
    return this.#roles.some(({ role, seen }) => {
      const rights = role.rights.get(record.register);
      const isSeen =
        ![...seen].some((name) => name.startsWith(`${record.register}.`)) || seen.has(`${record.register}.${path}`);
      return (
        rights !== undefined &&
        isSeen &&
        !rights.locked.includes(path) &&
        holds(rights.change, record, this.#me, this.#world)
      );
    });
  }

  /** What a record holds in a field, for this person; undefined where the field is not there for them at all. */
  valueOf(record: WorldRecord, field: WorldField): string | boolean | null | undefined {
    if (!this.knows(record.register, field.key)) return undefined;
    return this.seesField(record, field.key) ? this.#held(record, field) : null;
  }

  #held(record: WorldRecord, { key, kind }: WorldField): string | boolean | null {
    return kind === 'worked_out' ? workedOut(this.#world, record, key) : (record.values[key] ?? null);
  }

  /** What a record is called. */
  titleOf(record: WorldRecord): string {
    const key = record.register === 'uses' ? 'what' : 'name';
    return this.seesField(record, key) ? String(record.values[key]) : record.number;
  }

  /** The words that this person can find a record by: its own, and the title of what it links to. */
  wordsOf(record: WorldRecord): string[] {
    const own = (FIELDS[record.register] ?? []).flatMap(({ key, kind }) =>
      kind === 'text' && this.seesField(record, key) ? [String(record.values[key] ?? '')] : [],
    );
    const link = FIELDS[record.register]?.find(({ kind }) => kind === 'link');
    const linked = link && this.seesField(record, link.key) ? of(this.#world, record.values[link.key]) : undefined;
    return [...own, ...(linked && this.sees(linked) ? [this.titleOf(linked)] : [])];
  }
}

const sum = (values: readonly (number | null)[]): number => values.reduce<number>((all, each) => all + (each ?? 0), 0);

/** What is worked out, whoever looks. */
export const workedOut = (world: World, record: WorldRecord, key: string): string | null => {
  const { values } = record;
  const [price, cost, amount] = [values.price, values.cost, values.amount].map(numberOf);
  switch (key) {
    case 'worth':
      return String(
        sum(world.records.filter((each) => each.values.owner === record.id).map((each) => numberOf(each.values.price))),
      );
    case 'margin':
      return price === null || cost === null || price === undefined || cost === undefined ? null : String(price - cost);
    case 'heaviest':
      return record.lines.length === 0 ? null : String(Math.max(...record.lines.map(({ qty }) => Number(qty))));
    default: {
      const of_ = numberOf(of(world, values.thing)?.values.price);
      return of_ === null || amount === null || amount === undefined ? null : String(of_ + amount);
    }
  }
};
