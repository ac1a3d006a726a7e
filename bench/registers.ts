/**
 * Registers at size: saving an invoice with ten lines against the bare inserts by hand; a record's page with its
 * linked lists; a list sorted by a worked-out field against one sorted by a stored field; a roll-up over a million
 * rows on a page of fifty. The records are written straight into the tables: what is measured is what comes after.
 */
import { randomBytes } from 'node:crypto';
import pg from 'pg';
import { uuidV7 } from '#core/base/index.ts';
import { DefinitionsReader } from '#server/definitions/reader.ts';
import { FOLLOWERS } from '#server/http/composition.ts';
import { WRITERS_AT_ONCE } from '#server/platform/database.ts';
import { writersQueue } from '#server/platform/fair-queue.ts';
import { addRecords } from '#server/records/commands/index.ts';
import { inWriting } from '#server/sight/work.ts';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { readTernQuay } from './flat.ts';
import { median, timed } from './measure.ts';
import { benchDatabase, RUNA, serve } from './serve.ts';

const SIZE = Number(process.env.RECORDS ?? 1_000_000);
const ROUNDS = 60;
const { database, url } = await benchDatabase();
await applyWorkspace(database.db, await readTernQuay(), [RUNA]);
const pool = new pg.Pool({ connectionString: url, max: 2, options: '-c jit=off -c timezone=UTC' });
const { rows: people } = await pool.query('select id from iolite.people');
const person = String(people[0].id);

const id = (kind: string, n: string) => `('00000000-0000-7000-8${kind}-' || lpad(to_hex(${n}), 12, '0'))::uuid`;
const common = (mark: string) =>
  `i, '${mark}-' || lpad(i::text, greatest(4, length(i::text)), '0'), 1, now(), '${person}'::uuid, now(), '${person}'::uuid, ' x ' || i, ' x ' || i`;
const COLUMNS = 'id, seq, number, version, created_at, created_by, updated_at, updated_by, find_text, find_title';
const fill = async (): Promise<void> => {
  const clients = SIZE / 100;
  const items = SIZE / 100;
  await pool.query(
    `insert into records.clients (${COLUMNS}, name) select ${id('0c1', 'i')}, ${common('CLI')}, 'Client ' || i from generate_series(1, ${clients}) i`,
  );
  await pool.query(
    `insert into records.boats (${COLUMNS}, name, owner) select ${id('0b1', 'i')}, ${common('BOA')}, 'Boat ' || i, ${id('0c1', 'i')} from generate_series(1, ${clients}) i`,
  );
  await pool.query(
    `insert into records.stock (${COLUMNS}, name, code, cost_price, sale_price) select ${id('051', 'i')}, ${common('STK')}, 'Item ' || i, 'IT-' || i, 1 + i % 90, 2 + (i * 7919) % 140 from generate_series(1, ${items}) i`,
  );
  await pool.query('alter table records.movements disable trigger user');
  await pool.query(
    `insert into records.movements (${COLUMNS}, what, stock, kind, moved_on, quantity) select ${id('0d1', 'i')}, ${common('MOV')}, 'Item', ${id('051', `1 + i % ${items}`)}, (array['receipt','issue'])[1 + i % 2], date '2026-01-01', 1 + i % 9 from generate_series(1, ${SIZE}) i`,
  );
  await pool.query('alter table records.movements enable trigger user');
  await pool.query(
    `insert into records.invoices (${COLUMNS}, subject, client, boat, issued_on, due_on, state) select ${id('0a1', 'i')}, ${common('INV')}, 'Berth fee ' || i, ${id('0c1', `1 + i % ${clients}`)}, ${id('0b1', `1 + i % ${clients}`)}, date '2024-01-01' + i % 900, date '2024-01-31' + i % 900, (array['issued','paid','part_paid','draft'])[1 + i % 4] from generate_series(1, ${SIZE}) i`,
  );
  await pool.query(
    `insert into rows."invoices.lines" (id, entry, seq, what, quantity, unit_price, vat_rate) select ${id('0e1', 'i')}, ${id('0a1', 'i')}, 0, 'Fee', 1 + i % 9, 10 + i % 300, 'standard' from generate_series(1, ${SIZE}) i`,
  );
  await pool.query(`update iolite.counters set next = ${SIZE} + 1`);
  await pool.query('vacuum analyze');
};
const filledAt = performance.now();
await fill();
console.log(
  `${SIZE} invoices with a line each, ${SIZE} movements, ${SIZE / 100} clients and items; filled in ${((performance.now() - filledAt) / 1000).toFixed(0)} s`,
);

// Saving an invoice with ten lines.
const reader = new DefinitionsReader();
const found = await reader.read(database.db);
const invoices = found.catalogue.registers.get('invoices');
if (!invoices) throw new Error('there are no invoices');
const runa = { id: person, kind: 'person' as const, ...RUNA, record: null, forms: null };
const newId = () => uuidV7(Date.now(), randomBytes(10));
const { rows: anyClient } = await pool.query('select id from records.clients limit 1');
const lines = () =>
  Array.from({ length: 10 }, () => ({
    id: newId(),
    values: { what: 'Fee', quantity: '2', unit_price: '12.50', vat_rate: 'standard' },
  }));
const values = () => ({
  subject: 'Berth fee',
  client: String(anyClient[0].id),
  state: 'issued',
  issued_on: '2026-11-01',
  due_on: '2026-12-01',
  lines: lines(),
});
const turns = writersQueue(WRITERS_AT_ONCE, 25_000);
const saveOurs = (): Promise<unknown> =>
  inWriting({ db: database.db, reader, followers: FOLLOWERS, turns }, runa, (work) =>
    addRecords(work, invoices, [{ id: newId(), values: values() }], { action: 'added', form: null }),
  );
let seq = SIZE * 2;
/** The same by hand: one record, its ten lines in one statement, its history, in one transaction. */
const saveByHand = async (): Promise<void> => {
  const client = await pool.connect();
  const [record, at, given] = [newId(), new Date(), values()];
  seq++;
  await client.query('begin');
  await client.query(
    `insert into records.invoices (${COLUMNS}, subject, client, state, issued_on, due_on) values ($1, $2, $3, 1, $4, $5, $4, $5, $6, $6, $7, $8, $9, $10, $11)`,
    [
      record,
      seq,
      `INV-${seq}`,
      at,
      person,
      ' berth fee',
      given.subject,
      given.client,
      given.state,
      given.issued_on,
      given.due_on,
    ],
  );
  const places = given.lines.map(
    (_, i) =>
      `($${i * 7 + 1}, $${i * 7 + 2}, $${i * 7 + 3}, $${i * 7 + 4}, $${i * 7 + 5}, $${i * 7 + 6}, $${i * 7 + 7})`,
  );
  await client.query(
    `insert into rows."invoices.lines" (id, entry, seq, what, quantity, unit_price, vat_rate) values ${places.join(', ')}`,
    given.lines.flatMap((line, i) => [
      line.id,
      record,
      i,
      line.values.what,
      line.values.quantity,
      line.values.unit_price,
      line.values.vat_rate,
    ]),
  );
  await client.query(
    `insert into iolite.history (register_id, record_id, at, person_id, action, changes) values ($4, $1, $2, $3, 'added', '{}')`,
    [record, at, person, invoices.id],
  );
  await client.query('commit');
  client.release();
};
const [ours, byHand]: [number[], number[]] = [[], []];
// A server that has been up for a while: what is run often is compiled by then.
for (let round = 0; round < 500; round++) await Promise.all([saveOurs(), saveByHand()]);
for (let round = 0; round < ROUNDS * 3; round++) {
  ours.push(await timed(saveOurs));
  byHand.push(await timed(saveByHand));
}
console.log(
  `saving an invoice with 10 lines: ${median(ours).toFixed(2)} ms, bare inserts by hand ${median(byHand).toFixed(2)} ms: ${(median(ours) / median(byHand)).toFixed(2)} times`,
);

// Over HTTP.
const { get, stop } = await serve(database, url);
const page = async (path: string): Promise<number> => {
  const times: number[] = [];
  for (let round = 0; round < 5; round++) await get(path);
  for (let round = 0; round < ROUNDS; round++) times.push(await timed(() => get(path)));
  return median(times);
};
const { rows: some } = await pool.query('select id from records.clients order by seq desc limit 1');
const client = `/api/registers/clients/records/${some[0].id}`;
const [whole, linked] = [await page(client), await page(`${client}/linked`)];
console.log(
  `a client's page: the record with its roll-ups ${whole.toFixed(1)} ms, its linked lists ${linked.toFixed(1)} ms; together ${(whole + linked).toFixed(1)} ms (goal 40)`,
);

const list = (query: string) => `/api/registers/${query}&limit=50&count=no`;
const inTurns = async (...paths: readonly string[]): Promise<number[]> => {
  const times = paths.map((): number[] => []);
  for (let round = 0; round < ROUNDS * 2; round++)
    for (const [i, path] of paths.entries()) times[i]?.push(await timed(() => get(path)));
  return times.map(median);
};
const [stored = 0, workedOut = 0] = await inTurns(
  list('stock/records?sort=-sale_price&columns=name,sale_price'),
  list('stock/records?sort=-margin&columns=name,margin'),
);
console.log(
  `50 of ${SIZE / 100} items sorted by a stored field ${stored.toFixed(1)} ms, by a worked-out field of its own record ${workedOut.toFixed(1)} ms: ${(workedOut / stored).toFixed(2)} times (goal 1)`,
);
const rollUp = await page(list('stock/records?sort=-number&columns=name,on_hand'));
console.log(`a roll-up over ${SIZE} movements shown on 50 items: ${rollUp.toFixed(1)} ms (goal 60)`);
await stop();
await pool.end();
await database.close();
process.exit(0);
