/**
 * A compiled filter against the same condition written by hand in SQL, on a million quotes; and the list page at
 * growing sizes. The records are written straight into the table: what is measured is reading.
 */
import pg from 'pg';
import { compileList } from '#core/list/index.ts';
import { catalogueOf } from '#core/workspace/index.ts';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { fillQuotes } from './fill-quotes.ts';
import { flatWorkspace } from './flat.ts';
import { median, timed } from './measure.ts';
import { printed } from './print.ts';
import { benchDatabase, RUNA, serve } from './serve.ts';

const SIZES = (process.env.SIZES ?? '100000,1000000').split(',').map(Number);
const ROUNDS = 15;
const { database, url } = await benchDatabase();
const workspace = await flatWorkspace();
await applyWorkspace(database.db, workspace, [RUNA]);
const pool = new pg.Pool({ connectionString: url, max: 2, options: '-c jit=off -c timezone=UTC' });
const catalogue = catalogueOf(workspace);
const quotes = catalogue.registers.get('quotes');
if (!quotes) throw new Error('there are no quotes');
const clock = { now: '2026-11-23T10:40:00.000Z', zone: 'Europe/London' };

/** Each filter as people write it, and the same by hand. Division is left out, as the goal says. */
const FILTERS: readonly (readonly [feel: string, hand: string])[] = [
  ['state = "issued"', `t.state = 'issued'`],
  ['gross > 4000 and state in ("issued", "part_paid")', `t.gross > 4000 and t.state in ('issued', 'part_paid')`],
  ['client = null or gross - paid > 4700', 't.client is null or t.gross - t.paid > 4700'],
  [
    'due_on < date("2020-03-01") and not(state = "paid")',
    `t.due_on < '2020-03-01' and not coalesce(t.state = 'paid', false)`,
  ],
  ['contains(subject, "fee 77777")', `strpos(t.subject, 'fee 77777') > 0`],
  [
    'boat.length_overall > 22 and gross > 4000',
    '(select b.length_overall from records.boats b where b.id = t.boat) > 22 and t.gross > 4000',
  ],
  ['issued_on < today() - duration("P2000D")', `t.issued_on < date '2026-11-23' - 2000`],
];

const asking = (text: string, values: readonly unknown[]) => timed(() => pool.query({ text, values: [...values] }));
const planOf = async (text: string, values: readonly unknown[]): Promise<string> => {
  const { rows } = await pool.query({ text: `explain (costs off) ${text}`, values: [...values] });
  const lines: string[] = rows.map((row) => String(row['QUERY PLAN']));
  // Which tables are read how: conditions are printed differently where they are cast differently.
  return lines
    .filter((line) => /Scan|Sort|Aggregate|Limit/.test(line))
    .map((line) =>
      line
        .trim()
        .replace(/^-> +/, '')
        // What a table is called in the query is no difference.
        .replace(/ on (\w+) \w+$/, ' on $1'),
    )
    .join(' | ');
};

const compiled = (filter: string) => {
  const list = compileList(quotes, { filter, find: '', sort: '' }, { catalogue, clock });
  if (!list.ok) throw new Error(`${filter}: ${list.problems[0]?.detail}`);
  return printed(list.value.where);
};

const { get, stop } = await serve(database, url);
const PAGE = `filter=${encodeURIComponent('gross > 500 and state in ("issued", "part_paid")')}&sort=-number&limit=50&count=no`;

/** One list page over HTTP, with all that belongs to it. */
const listPage = (): Promise<number> =>
  timed(async () => {
    if (!(await get(`/api/registers/quotes/records?${PAGE}`)).includes('QUO-')) throw new Error('the page is empty');
  });

const pages: number[] = [];
for (const size of SIZES) {
  await fillQuotes(pool, size);
  const ratios: number[] = [];
  if (size === Math.max(...SIZES)) {
    for (const [feel, hand] of FILTERS) {
      const { text, values } = compiled(feel);
      const ours = `select count(*) from records.quotes t where ${text}`;
      const theirs = `select count(*) from records.quotes t where t.archived_at is null and (${hand})`;
      const [mine, other] = [(await pool.query(ours, values)).rows[0].count, (await pool.query(theirs)).rows[0].count];
      if (mine !== other) throw new Error(`${feel}: ${mine} against ${other}`);
      const [a, b]: [number[], number[]] = [[], []];
      for (let round = 0; round < ROUNDS; round++) {
        a.push(await asking(ours, values));
        b.push(await asking(theirs, []));
      }
      const same = (await planOf(ours, values)) === (await planOf(theirs, []));
      ratios.push(median(a) / median(b));
      console.log(
        `${feel.padEnd(52)} ${median(a).toFixed(1).padStart(7)} ms, by hand ${median(b).toFixed(1).padStart(7)} ms: ${(median(a) / median(b)).toFixed(2)} times; the plan is ${same ? 'the same' : `another: ${await planOf(ours, values)} against ${await planOf(theirs, [])}`}`,
      );
    }
    console.log(
      `filters on ${size} records: median ${median(ratios).toFixed(2)}, most ${Math.max(...ratios).toFixed(2)} times the SQL by hand`,
    );
  }
  const { text, values } = compiled('gross > 500 and state in ("issued", "part_paid")');
  const count = `select count(*) from records.quotes t where ${text}`;
  const [shown, counted]: [number[], number[]] = [[], []];
  for (let round = 0; round < 10; round++) await listPage();
  for (let round = 0; round < ROUNDS * 3; round++) shown.push(await listPage());
  for (let round = 0; round < ROUNDS; round++) counted.push(await asking(count, values));
  pages.push(median(shown));
  console.log(
    `list page of 50 over HTTP at ${size} records: ${median(shown).toFixed(2)} ms; its count ${median(counted).toFixed(1)} ms, apart`,
  );
}
const [small = 1] = pages;
console.log(
  `the page at ${SIZES.at(-1)} records takes ${((pages.at(-1) ?? 0) / small).toFixed(2)} times what it takes at ${SIZES[0]}`,
);
await stop();
await pool.end();
await database.close();
process.exit(0);
