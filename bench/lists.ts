/**
 * Lists at size: a page from 10,000 to 1,000,000 records, first, filtered and far down, against the same SQL by hand;
 * three groups with five totals over a million; find everywhere; 100,000 rows as CSV and XLSX with what memory they
 * take. The records are written straight into the tables: what is measured is reading.
 */
import { setTimeout } from 'node:timers/promises';
import pg from 'pg';
import { to as copyTo } from 'pg-copy-streams';
import { z } from 'zod';
import { Jobs } from '#server/platform/jobs.ts';
import { sortIndexTask } from '#server/records/reader/index.ts';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { fillQuotes } from './fill-quotes.ts';
import { flatWorkspace } from './flat.ts';
import { inTurns, median, ms, say } from './measure.ts';
import { benchDatabase, RUNA, serve } from './serve.ts';

const SIZES = (process.env.SIZES ?? '10000,100000,1000000').split(',').map(Number);
const ROUNDS = 40;
const EXPORTED = 100_000;
const { database, url } = await benchDatabase();
await applyWorkspace(database.db, await flatWorkspace(), [RUNA]);
const pool = new pg.Pool({ connectionString: url, max: 4, options: '-c jit=off -c timezone=UTC' });
const { base, cookie, get, stop } = await serve(database, url);
const jobs = new Jobs({ url, db: database.db, tasks: [sortIndexTask], note: console.error });
await jobs.start();
/** The first who sorts by a field makes an index wanted; what is measured is what all others get. */
const indexed = async (): Promise<void> => {
  const waiting = 'select from iolite.jobs where state in ($1, $2)';
  while ((await pool.query(waiting, ['waiting', 'running'])).rowCount !== 0) await setTimeout(100);
};
const list = (query: string): string => `/api/registers/quotes/${query}`;

// A hundred thousand rows as a file, taken by somebody who throws it away.
const COLUMNS = 'subject,client,boat,issued_on,due_on,net,vat,gross,paid,state';
const COPY = `copy (select t.number, t.subject, c.number as client, b.number as boat, t.issued_on, t.due_on, t.net, t.vat, t.gross, t.paid, t.state from records.quotes t
  left join records.clients c on c.id = t.client left join records.boats b on b.id = t.boat
  where t.archived_at is null order by t.seq) to stdout with (format csv, header)`;
const lengthOf = async (stream: AsyncIterable<Uint8Array>): Promise<number> => {
  let bytes = 0;
  for await (const chunk of stream) bytes += chunk.length;
  return bytes;
};
const takenAs = async (format: string): Promise<number> => {
  const address = `${base}${list(`export?format=${format}&sort=number&columns=${COLUMNS}`)}`;
  const answer = await fetch(address, { headers: { cookie } });
  if (!answer.ok || !answer.body) throw new Error(await answer.text());
  return lengthOf(answer.body);
};
const copied = async (): Promise<number> => {
  const client = await pool.connect();
  const bytes = await lengthOf(client.query(copyTo(COPY)));
  client.release();
  return bytes;
};
/** What something takes of memory: the most that was held above what was held before, of the process and of its heap. */
const memoryOf = async (run: () => Promise<unknown>): Promise<string> => {
  const before = process.memoryUsage();
  let [rss, heap] = [before.rss, before.heapUsed + before.external];
  const looking = setInterval(() => {
    const now = process.memoryUsage();
    rss = Math.max(rss, now.rss);
    heap = Math.max(heap, now.heapUsed + now.external);
  }, 10);
  await run();
  clearInterval(looking);
  const megabytes = (bytes: number): string => `${(bytes / 2 ** 20).toFixed(0)} MB`;
  return `the process at most ${megabytes(rss)}, ${megabytes(rss - before.rss)} more than before; its heap ${megabytes(heap)}`;
};
const measureExports = async (): Promise<void> => {
  say('  memory while it goes out as XLSX', await memoryOf(() => takenAs('xlsx')));
  say('  memory while it goes out as CSV', await memoryOf(() => takenAs('csv')));
  const [asCsv = 0, byCopy = 0, asXlsx = 0] = await inTurns(
    5,
    () => takenAs('csv'),
    copied,
    () => takenAs('xlsx'),
  );
  say(
    `${EXPORTED} rows as CSV (${((await takenAs('csv')) / 2 ** 20).toFixed(1)} MB)`,
    `${ms(asCsv)}, COPY ${ms(byCopy)}: ${(asCsv / byCopy).toFixed(2)} times (goal 2)`,
  );
  say(`${EXPORTED} rows as XLSX`, `${ms(asXlsx)}: ${(asXlsx / asCsv).toFixed(2)} times CSV`);
};

// A page, from ten thousand records to a million.
const pageSchema = z.object({ next: z.string().nullable(), records: z.array(z.object({ number: z.string() })) });
const DUE_FILTER = encodeURIComponent('gross > 500 and state in ("issued", "part_paid")');
/** What no index helps: seconds at a million. */
const SLOW = 'sort=client';
const PAGES = [
  ['by number, newest first', 'sort=-number'],
  ['by a date', 'sort=-due_on'],
  ['by an amount, then a date', 'sort=gross,-due_on'],
  ['by a choice', 'sort=state'],
  ['filtered, by a date', `sort=-due_on&filter=${DUE_FILTER}`],
  ['by the client, through a link (estimated)', SLOW],
] as const;
const taken = new Map<string, number[]>();
for (const size of SIZES) {
  await fillQuotes(pool, size);
  if (size === EXPORTED) await measureExports();
  for (const [label, query] of PAGES) {
    const first = list(`records?limit=50&count=no&${query}`);
    await get(first);
    await indexed();
    let at = first;
    // Ten pages of five hundred down: a page goes on from a record, so how far down it lies costs nothing.
    for (let down = 0; down < 10; down++) {
      const { next } = pageSchema.parse(JSON.parse(await get(at.replace('limit=50', 'limit=500'))));
      if (next === null) break;
      at = `${first}&after=${encodeURIComponent(next)}`;
    }
    const [top = 0, below = 0] = await inTurns(
      query === SLOW ? 5 : ROUNDS,
      () => get(first),
      () => get(at),
    );
    for (const [name, time] of [
      [label, top],
      [`${label}, 5,000 down`, below],
    ] as const)
      taken.set(name, [...(taken.get(name) ?? []), time]);
  }
}
console.log(`a page of 50 over HTTP, at ${SIZES.join(', ')} quotes:`);
for (const [label, times] of taken)
  say(`  ${label}`, `${times.map(ms).join(', ')}: ${((times.at(-1) ?? 0) / (times[0] ?? 1)).toFixed(2)} times`);

// Three groups with five totals over all of them.
const BY = 'state,issued_on:year,gross:500/1000/2000';
const TOTALS = 'sum:gross,average:gross,most:gross,least:due_on,filled:client';
const BY_HAND = `
  select state, year, band, grouping(state, year, band) as open, count(*), sum(gross), round(avg(gross), 2), max(gross), min(due_on), count(client)
  from (select state, date_trunc('year', issued_on::timestamp)::date as year, width_bucket(gross, array[500, 1000, 2000]::numeric[]) as band, gross, due_on, client
    from records.quotes where archived_at is null) g
  group by rollup (state, year, band)
  order by grouping(state) desc, state, grouping(year) desc, year, grouping(band) desc, band`;
const groups = list(`groups?by=${encodeURIComponent(BY)}&totals=${encodeURIComponent(TOTALS)}`);
const told = z.object({ groups: z.array(z.object({ count: z.number() })) }).parse(JSON.parse(await get(groups)));
const { rows: byHand } = await pool.query(BY_HAND);
const counts = (all: readonly number[]): string => all.toSorted((a, b) => a - b).join();
if (counts(told.groups.map(({ count }) => count)) !== counts(byHand.map(({ count }) => Number(count))))
  throw new Error(`the groups differ: ${told.groups.length} against ${byHand.length}`);
const [ours = 0, hand = 0] = await inTurns(
  5,
  () => get(groups),
  () => pool.query(BY_HAND),
);
say(
  `three groups with five totals over ${SIZES.at(-1)} (${byHand.length} groups)`,
  `${ms(ours)}, SQL by hand ${ms(hand)}: ${(ours / hand).toFixed(2)} times (goal 1.2)`,
);

// Everywhere at once.
const WORDS = ['b', 'berth', 'berth fee', '77712', 'QUO-0512017', 'client 4711', 'boat 99', 'zeppelin', 'fee zeppelin'];
const found = await Promise.all(WORDS.map(() => 0));
for (const [i, words] of WORDS.entries())
  found[i] = (await inTurns(20, () => get(`/api/find?words=${encodeURIComponent(words)}`)))[0] ?? 0;
say(
  `find everywhere among ${(SIZES.at(-1) ?? 0) * 1.4} records, ${WORDS.length} sorts of words`,
  `${ms(median(found))} median, ${ms(Math.max(...found))} the slowest: “${WORDS[found.indexOf(Math.max(...found))]}” (goal 150)`,
);

await jobs.stop();
await stop();
await pool.end();
await database.close();
process.exit(0);
