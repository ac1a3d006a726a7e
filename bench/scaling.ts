/**
 * What gives way first: from 10,000 records to 10,000,000, over HTTP as a browser asks, each thing that people do. The
 * records are written straight into the tables; each has its line of history. `SIZES` names others.
 */
import { setTimeout } from 'node:timers/promises';
import pg from 'pg';
import { z } from 'zod';
import { Jobs } from '#server/platform/jobs.ts';
import { sortIndexTask } from '#server/records/reader/index.ts';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { fillQuotes } from './fill-quotes.ts';
import { flatWorkspace } from './flat.ts';
import { inTurns, ms, say, timed } from './measure.ts';
import { benchDatabase, RUNA, serve } from './serve.ts';

const SIZES = (process.env.SIZES ?? '10000,100000,1000000,10000000').split(',').map(Number);
const ROUNDS = 30;
/** What takes longer than this is measured a few times only. */
const LONG_MS = 1_000;

const { database, url } = await benchDatabase();
await applyWorkspace(database.db, await flatWorkspace(), [RUNA]);
const pool = new pg.Pool({ connectionString: url, max: 4, options: '-c jit=off -c timezone=UTC' });
const { get, post, stop } = await serve(database, url);
const jobs = new Jobs({ url, db: database.db, tasks: [sortIndexTask], note: console.error });
await jobs.start();

const indexed = async (): Promise<void> => {
  const waiting = 'select from iolite.jobs where state in ($1, $2)';
  while ((await pool.query(waiting, ['waiting', 'running'])).rowCount !== 0) await setTimeout(100);
};
/** A record more, whose id says when it was made. */
let saved = 0;
let savedLast = '';
const newId = (): string => {
  savedLast = `${Date.now()
    .toString(16)
    .padStart(12, '0')
    .replace(/^(.{8})/, '$1-')}-7000-8000-${(saved++).toString(16).padStart(12, '0')}`;
  return savedLast;
};
const list = (query: string): string => `/api/registers/quotes/${query}`;
const page = (query: string): string => list(`records?limit=50&count=no&${query}`);
const filter = encodeURIComponent('gross > 500 and state in ("issued", "part_paid")');

/** What people do, by what they call it. What the statement's time limit refuses counts as refused. */
const deeds: readonly (readonly [string, () => Promise<unknown>])[] = [
  ['a page of 50, the newest first', () => get(page('sort=-number'))],
  ['a page by a date, whose index was made', () => get(page('sort=-due_on'))],
  ['a page filtered by an amount and two choices, by a date', () => get(page(`sort=-due_on&filter=${filter}`))],
  ['a page of what holds a rare word, in its order', () => get(page('find=77712&sort=-number'))],
  ['a page of what holds two common words', () => get(page('find=berth+fee&sort=-number'))],
  ['how many there are, counted to 10,000', () => get(list('records?limit=1&count=yes'))],
  ['how many there are, exactly', () => get(list('records?limit=1&count=exact'))],
  ['found everywhere: “client 4711”', () => get('/api/find?words=client%204711')],
  [
    'a record is saved',
    () =>
      post(list('records'), { id: newId(), values: { subject: 'Berth fee', net: '20', gross: '24', state: 'draft' } }),
  ],
  [
    'a record with its history',
    async () => {
      await get(list(`records/${savedLast}`));
      await get(list(`records/${savedLast}/history`));
    },
  ],
  [
    'groups by state and year with two sums',
    () => get(list('groups?by=state%2Cissued_on%3Ayear&totals=sum%3Agross%2Csum%3Anet')),
  ],
  ['a page by what a link leads to, which no index holds', () => get(page('sort=client'))],
];

const registersSchema = z.object({ registers: z.array(z.object({ key: z.string(), id: z.string() })) });
const { registers } = registersSchema.parse(JSON.parse(await get('/api/workspace')));
const registerId = registers.find(({ key }) => key === 'quotes')?.id;

const taken = new Map<string, (number | null)[]>();
const held: string[] = [];
for (const size of SIZES) {
  const filledIn = await timed(async () => {
    await fillQuotes(pool, size);
    await pool.query('truncate iolite.history');
    await pool.query(
      `insert into iolite.history (register_id, record_id, at, person_id, action, changes)
        select $1, id, created_at, created_by, 'added', '{}' from records.quotes`,
      [registerId],
    );
    await pool.query('vacuum analyze iolite.history');
  });
  const { rows } = await pool.query<{ whole: string; indexes: string }>(
    `select pg_size_pretty(pg_total_relation_size('records.quotes')) as whole, pg_size_pretty(pg_indexes_size('records.quotes')) as indexes`,
  );
  held.push(`${rows[0]?.whole} (${rows[0]?.indexes} of it indexes)`);
  console.log(`${size} quotes, filled in ${(filledIn / 1000).toFixed(0)} s: ${held.at(-1)}`);
  await get(page('sort=-due_on')).catch(() => undefined);
  say('  the index by a date is made', ms(await timed(indexed)));
  for (const [label, run] of deeds) {
    let time: number | null = null;
    try {
      const once = await timed(run);
      [time = null] = await inTurns(once > LONG_MS ? 2 : ROUNDS, run);
    } catch (error) {
      console.log(`  ${label}: ${error instanceof Error ? error.message.slice(0, 200) : error}`);
    }
    taken.set(label, [...(taken.get(label) ?? []), time]);
    say(`  ${label}`, time === null ? 'refused' : ms(time));
  }
}
console.log(`at ${SIZES.join(', ')} quotes, a fifth as many clients and boats; on the disk ${held.join(', ')}:`);
for (const [label, times] of taken) {
  const [least, most] = [times[0], times.at(-1)];
  const grew = least && most ? `${(most / least).toFixed(2)} times` : '';
  say(`  ${label}`, `${times.map((time) => (time === null ? 'refused' : ms(time))).join(', ')}: ${grew}`);
}

await jobs.stop();
await stop();
await pool.end();
await database.close();
process.exit(0);
