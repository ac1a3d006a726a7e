/**
 * A list of which a person sees a part: a million invoices over ten thousand clients, by `client = me.record` and by what
 * lies behind two links, each held against the same SQL by hand; what rights cost outside SQL; and whether *never there*,
 * *not mine* and *archived* take the same time.
 */
import pg from 'pg';
import { DefinitionsReader } from '#server/definitions/reader.ts';
import { readPage } from '#server/records/reader/index.ts';
import type { ReadContext } from '#server/records/work.ts';
import { lookAs } from '#server/sight/work.ts';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { readTernQuay } from './flat.ts';
import { median, timed } from './measure.ts';
import { benchDatabase, RUNA, serve } from './serve.ts';

const SIZE = Number(process.env.RECORDS ?? 1_000_000);
const CLIENTS = SIZE / 100;
const BOATS = CLIENTS * 2;
const ROUNDS = 60;
const LIMIT = 51;

const role = (key: string, invoices: string) => ({
  key,
  label: key,
  sets_up: [],
  registers: Object.fromEntries(
    Object.entries({ clients: 'record = me.record', boats: 'owner = me.record', invoices }).map(([register, see]) => [
      register,
      {
        see,
        add: false,
        change: false,
        archive: false,
        export: false,
        hidden: [],
        results: [],
        locked: [],
        when: {},
      },
    ]),
  ),
});
const workspace = await readTernQuay();
const { database, url } = await benchDatabase();
await applyWorkspace(
  database.db,
  {
    ...workspace,
    roles: [
      ...workspace.roles,
      role('one_link', 'client = me.record'),
      role('two_links', 'boat.owner.email = me.email'),
    ],
  },
  [
    RUNA,
    { name: 'One', email: 'one@example.org', roles: ['one_link'] },
    { name: 'Two', email: 'client.4711@example.org', roles: ['two_links'] },
  ],
);
const pool = new pg.Pool({ connectionString: url, max: 2, options: '-c jit=off -c timezone=UTC' });
const { rows: people } = await pool.query('select id from iolite.people order by position');
const person = String(people[0].id);
const id = (kind: string, n: string) => `('00000000-0000-7000-8${kind}-' || lpad(to_hex(${n}), 12, '0'))::uuid`;
const COLUMNS = 'id, seq, number, version, created_at, created_by, updated_at, updated_by, find_text, find_title';
const common = (mark: string, title: string) => {
  const find = `lower(' ' || ${title})`;
  return `i, '${mark}-' || lpad(i::text, 7, '0'), 1, now(), '${person}'::uuid, now(), '${person}'::uuid, ${find}, ${find}`;
};
await pool.query(
  `insert into records.clients (${COLUMNS}, name, email) select ${id('0c1', 'i')}, ${common('CLI', `'Client ' || i`)}, 'Client ' || i, 'client.' || i || '@example.org' from generate_series(1, ${CLIENTS}) i`,
);
await pool.query(
  `insert into records.boats (${COLUMNS}, name, owner) select ${id('0b1', 'i')}, ${common('BOA', `'Boat ' || i`)}, 'Boat ' || i, ${id('0c1', `1 + i % ${CLIENTS}`)} from generate_series(1, ${BOATS}) i`,
);
await pool.query(
  `insert into records.invoices (${COLUMNS}, subject, client, boat, issued_on, state) select ${id('0a1', 'i')}, ${common('INV', `'Berth fee ' || i`)}, 'Berth fee ' || i, ${id('0c1', `1 + i % ${CLIENTS}`)}, ${id('0b1', `1 + i % ${BOATS}`)}, date '2024-01-01' + i % 900, (array['issued','paid','part_paid','draft'])[1 + i % 4] from generate_series(1, ${SIZE}) i`,
);
const own = (await pool.query(`select id from records.clients where name = 'Client 4711'`)).rows[0]?.id;
await pool.query(`update iolite.people set record_id = $1 where name in ('One', 'Two')`, [own]);
await pool.query(`update iolite.counters set next = ${SIZE} + 1`);
await pool.query('vacuum analyze');
console.log(`${SIZE} invoices of ${CLIENTS} clients and ${BOATS} boats`);

const definitions = await new DefinitionsReader().read(database.db);
const somebody = async (name: string) => {
  const { rows } = await pool.query(
    'select id, name, email, roles, record_id as record from iolite.people where name = $1',
    [name],
  );
  return rows[0];
};
const QUERY = {
  filter: '',
  find: '',
  sort: '-number',
  after: '',
  limit: LIMIT - 1,
  columns: 'subject,issued_on,state',
  archived: 'no',
  count: 'yes',
} as const;

interface Asked {
  readonly sql: string;
  readonly params: unknown[];
}

/** The statements that a page of a list is read by, caught on their way to the database. */
const statementsOf = async (look: ReadContext): Promise<Asked[]> => {
  const asked: Asked[] = [];
  const { session } = database.db._;
  const spy = new Proxy(session, {
    get: (target, key) =>
      key === 'prepareQuery'
        ? (query: Asked, ...rest: []) => {
            asked.push(query);
            return Reflect.apply(target.prepareQuery, target, [query, ...rest]);
          }
        : Reflect.get(target, key),
  });
  const db = new Proxy(database.db, {
    get: (target, key) => (key === '_' ? { ...target._, session: spy } : Reflect.get(target, key)),
  });
  const register = look.sight.catalogue.registers.get('invoices');
  if (!register) throw new RangeError('no invoices');
  await readPage({ ...look, db }, register, QUERY);
  return asked;
};

const runAll = async (statements: readonly Asked[]): Promise<void> => {
  for (const { sql, params } of statements) await pool.query(sql, params);
};

const BY_HAND = {
  One: {
    where: 't.client = $1',
    params: [own],
  },
  Two: {
    where: 't.boat in (select b.id from records.boats b join records.clients c on c.id = b.owner where c.email = $1)',
    params: ['client.4711@example.org'],
  },
} as const;
const handStatements = (where: string, params: readonly unknown[]): Asked[] => [
  {
    sql: `select p.id, p.seq, p.number, p.version, so.stage, p.subject, p.issued_on::text, p.state from (select t.* from records.invoices t where t.archived_at is null and ${where} order by t.seq desc limit ${LIMIT}) p left join iolite.sign_offs so on so.record_id = p.id order by p.seq desc`,
    params: [...params],
  },
  { sql: `select count(*) as n from records.invoices t where t.archived_at is null and ${where}`, params: [...params] },
];

/** The statements of the same page as whoever sees everything reads it, with the condition put in by hand. */
const sameByHand = async (where: string, value: string): Promise<Asked[]> => {
  const all = await statementsOf(lookAs(database.db, definitions, await somebody('Runa Oakes')));
  const from = '"records"."invoices" t where ';
  return all.map(({ sql, params }) => {
    if (!sql.includes(from)) throw new RangeError(sql);
    return { sql: sql.replace(from, `${from}${where.replace('$1', `'${value}'`)} and `), params };
  });
};

for (const [name, goal, what] of [
  ['One', 1.1, 'client = me.record'],
  ['Two', 1.25, 'boat.owner.email = me.email'],
] as const) {
  const look = lookAs(database.db, definitions, await somebody(name));
  const ours = await statementsOf(look);
  const { where, params } = BY_HAND[name];
  const hand = handStatements(where, params);
  const same = await sameByHand(where, String(params[0]));
  const times: { ours: number[]; hand: number[]; same: number[] } = { ours: [], hand: [], same: [] };
  for (let round = 0; round < ROUNDS; round++) {
    times.ours.push(await timed(() => runAll(ours)));
    times.hand.push(await timed(() => runAll(hand)));
    times.same.push(await timed(() => runAll(same)));
  }
  const [mine, bare, reference] = [median(times.ours), median(times.hand), median(times.same)];
  console.log(
    `${what}: ${mine.toFixed(2)} ms; the same statements, the condition by hand, ${reference.toFixed(2)} ms: ratio ${(mine / reference).toFixed(2)} (goal ${goal}); a bare page and count by hand ${bare.toFixed(2)} ms: ${(mine / bare).toFixed(2)}`,
  );
}

const rightsCost = async (name: string): Promise<number> => {
  const who = await somebody(name);
  const register = definitions.catalogue.registers.get('invoices');
  if (!register) throw new RangeError('no invoices');
  const session = new Proxy(database.db._.session, {
    get: (target, key) =>
      key === 'prepareQuery' ? () => ({ execute: async () => ({ rows: [] }) }) : Reflect.get(target, key),
  });
  const db = new Proxy(database.db, {
    get: (target, key) => (key === '_' ? { ...target._, session } : Reflect.get(target, key)),
  });
  const times: number[] = [];
  for (let round = 0; round < 400; round++)
    times.push(
      await timed(async () => {
        const look = { ...lookAs(database.db, definitions, who), db };
        await readPage(look, look.sight.catalogue.registers.get('invoices') ?? register, QUERY);
      }),
    );
  return median(times);
};
const [without, withRights] = [await rightsCost('Runa Oakes'), await rightsCost('Two')];
console.log(
  `outside SQL: ${without.toFixed(2)} ms without scopes, ${withRights.toFixed(2)} ms with, ${(withRights - without).toFixed(2)} ms more (goal 1)`,
);

const { base, stop } = await serve(database, url);
const signIn = await fetch(`${base}/api/session`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ person: 'one@example.org' }),
});
const cookie = signIn.headers.get('set-cookie')?.split(';')[0] ?? '';
const idOf = async (where: string): Promise<string> =>
  String((await pool.query(`select id from records.invoices where ${where} limit 1`)).rows[0]?.id);
const foreign = await idOf('seq = 100');
const archived = await idOf('seq = 300');
await pool.query('update records.invoices set archived_at = now() where id = $1', [archived]);
const KINDS = { 'never there': '00000000-0000-7000-8fff-000000000000', 'not mine': foreign, archived };
const taken = new Map<string, number[]>(Object.keys(KINDS).map((kind) => [kind, []]));
for (let round = 0; round < 600; round++)
  for (const [kind, record] of Object.entries(KINDS))
    taken.get(kind)?.push(
      await timed(async () => {
        const answer = await fetch(`${base}/api/registers/invoices/records/${record}`, { headers: { cookie } });
        if (answer.status !== 404) throw new Error(`${kind}: ${answer.status}`);
        await answer.text();
      }),
    );
const medians = [...taken].map(([kind, times]) => [kind, median(times)] as const);
const values = medians.map(([, value]) => value);
console.log(
  `${medians.map(([kind, value]) => `${kind} ${value.toFixed(2)} ms`).join(', ')}; largest to least ${(Math.max(...values) / Math.min(...values)).toFixed(3)} (goal 1.05)`,
);
await stop();
await pool.end();
await database.close();
