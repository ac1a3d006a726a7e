/**
 * A look-up among a million invoices, over HTTP with all that a browser gets. Their subjects are words as a yard's would
 * be, two of sixty each, with a number; the clients they link to are found by name as well.
 */
import pg from 'pg';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { readTernQuay } from './flat.ts';
import { median, timed } from './measure.ts';
import { benchDatabase, RUNA, serve } from './serve.ts';

const SIZE = Number(process.env.RECORDS ?? 1_000_000);
const ROUNDS = 40;
const { database, url } = await benchDatabase();
await applyWorkspace(database.db, await readTernQuay(), [RUNA]);
const pool = new pg.Pool({ connectionString: url, max: 2, options: '-c jit=off -c timezone=UTC' });
const { rows: people } = await pool.query('select id from iolite.people');
const person = String(people[0].id);

const words = (text: string): string => `(array[${text.split(' ').map((word) => `'${word}'`)}])`;
const ONE = words(
  'blue grey tern gannet avocet plover dunlin curlew heron egret amber copper silver merry quiet swift bold early late north south east west sand salt river harbour island winter summer',
);
const OTHER = words(
  'wake star rose spray gull pearl drift ebb flood tide current breeze gale squall haze dawn dusk moon lantern anchor compass sextant rudder keel mast spar shroud tiller halyard bowline',
);
const name = (n: string) => `${ONE}[1 + (${n}) % 30] || ' ' || ${OTHER}[1 + (${n}) / 30 % 30]`;
const id = (kind: string, n: string) => `('00000000-0000-7000-8${kind}-' || lpad(to_hex(${n}), 12, '0'))::uuid`;
const COLUMNS = 'id, seq, number, version, created_at, created_by, updated_at, updated_by, find_text, find_title';
const number = (mark: string) => `'${mark}-' || lpad(i::text, greatest(4, length(i::text)), '0')`;
const common = (mark: string, title: string) => {
  const find = `lower(' ' || ${title} || ' ' || ${number(mark)})`;
  return `i, ${number(mark)}, 1, now(), '${person}'::uuid, now(), '${person}'::uuid, ${find}, ${find}`;
};
const clients = SIZE / 100;
const filledAt = performance.now();
await pool.query(
  `insert into records.clients (${COLUMNS}, name) select ${id('0c1', 'i')}, ${common('CLI', `'Client ' || i`)}, 'Client ' || i from generate_series(1, ${clients}) i`,
);
const subject = `'Berth fee ' || ${name('i % 900 * 7919 % 900')} || ' ' || i`;
await pool.query(
  `insert into records.invoices (${COLUMNS}, subject, client, issued_on, due_on, state) select ${id('0a1', 'i')}, ${common('INV', subject)}, ${subject}, ${id('0c1', `1 + i % ${clients}`)}, date '2024-01-01' + i % 900, date '2024-01-31' + i % 900, (array['issued','paid','part_paid','draft'])[1 + i % 4] from generate_series(1, ${SIZE}) i`,
);
await pool.query(`update iolite.counters set next = ${SIZE} + 1`);
await pool.query('vacuum analyze');
console.log(
  `${SIZE} invoices of ${clients} clients, filled in ${((performance.now() - filledAt) / 1000).toFixed(0)} s`,
);

const { get, stop } = await serve(database, url);
const ASKED = [
  ['nothing typed', ''],
  ['one letter, of every one', 'b'],
  ['a word of every one', 'berth'],
  ['part of a word of one in thirty', 'gann'],
  ['two words of one in nine hundred', 'gannet ebb'],
  ['a number in part', '77712'],
  ['the whole number of an invoice', `INV-${SIZE / 2 + 17}`],
  ['a client by name, with a hundred invoices', 'client 4711'],
  ['the beginning of a subject', 'berth fee salt ga'],
  ['a word there is not', 'zeppelin'],
] as const;
const medians: number[] = [];
for (const [what, find] of ASKED) {
  const path = `/api/forms/stock_movement/questions/invoice/look-up?find=${encodeURIComponent(find)}`;
  const times: number[] = [];
  const found = JSON.parse(await get(path)).found.length;
  for (let round = 0; round < 5; round++) await get(path);
  for (let round = 0; round < ROUNDS; round++) times.push(await timed(() => get(path)));
  medians.push(median(times));
  const worst = Math.max(...times);
  console.log(
    `${what} (“${find}”), ${found} offered: ${median(times).toFixed(1)} ms, ${worst.toFixed(1)} at worst (goal 40)`,
  );
}
console.log(
  `a look-up among ${SIZE} records: ${median(medians).toFixed(1)} ms median, ${Math.max(...medians).toFixed(1)} the slowest`,
);
if (process.env.EXPLORE) {
  console.log(url);
  await new Promise((resolve) => setTimeout(resolve, Number(process.env.EXPLORE) * 1000));
}
await stop();
await pool.end();
await database.close();
process.exit(0);
