/**
 * A spreadsheet of 100,000 rows of 12 columns: read and guessed at, as CSV and as XLSX, against papaparse and
 * read-excel-file reading the same; and brought in with all checks, history and numbers, against COPY of the same records
 * into the finished table.
 */
import { execFileSync } from 'node:child_process';
import { createReadStream, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { setTimeout } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import excel from 'exceljs';
import Papa from 'papaparse';
import pg from 'pg';
import { from as copyFrom, to as copyTo } from 'pg-copy-streams';
import readXlsx from 'read-excel-file/node';
import { z } from 'zod';
import { importTask } from '#server/imports/task.ts';
import { Jobs } from '#server/platform/jobs.ts';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { flatWorkspace } from './flat.ts';
import { ms, say, timed } from './measure.ts';
import { benchDatabase, RUNA, serve } from './serve.ts';

const ROWS = Number(process.env.ROWS ?? 100_000);
const HERE = dirname(fileURLToPath(import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'iolite-bench-sheet-'));
const [csv, xlsx] = [join(folder, 'moorings.csv'), join(folder, 'moorings.xlsx')];

const HEAD = 'Mooring,Boat,From,Kind,Length (m),Rate,Charge,Paid,Email,Phone,Agreed at,Remarks'.split(',');
const KINDS = ['Swinging', 'Pontoon', 'Half tide'];
/** A row of text as it is typed, and as a workbook holds it. */
const row = (i: number) => {
  const day = new Date(Date.UTC(2020, 0, 1 + ((i * 37) % 2_000)));
  const [tenths, cents] = [50 + ((i * 7) % 100), 2_000 + ((i * 131) % 4_000)];
  const charge = (tenths * cents) / 1_000;
  const [iso = ''] = day.toISOString().split('T');
  const texts = [
    `A-${String(i).padStart(6, '0')}`,
    `Boat ${(i * 7_919) % 30_000}`,
    `${iso.slice(8)}/${iso.slice(5, 7)}/${iso.slice(0, 4)}`,
    KINDS[i % 3] ?? '',
    (tenths / 10).toFixed(1),
    (cents / 100).toFixed(2),
    (Math.floor(charge * 100 + 0.5 + 1e-6) / 100).toFixed(2),
    i % 2 === 0 ? 'Y' : 'N',
    `person${i}@example.org`,
    `+44 1632 96${String(i % 10_000).padStart(4, '0')}`,
    `${iso} 10:${String(i % 60).padStart(2, '0')}`,
    `Remark number ${i} about something`,
  ];
  return { texts, day };
};

writeFileSync(
  csv,
  [HEAD, ...Array.from({ length: ROWS }, (_, i) => row(i).texts)].map((each) => each.join(',')).join('\r\n'),
);
const book = new excel.stream.xlsx.WorkbookWriter({ filename: xlsx, useStyles: true, useSharedStrings: true });
const sheet = book.addWorksheet('Moorings');
sheet.columns = HEAD.map((header, at) => ({
  header,
  ...(at === 2 ? { style: { numFmt: 'dd/mm/yyyy' } } : at === 10 ? { style: { numFmt: 'dd/mm/yyyy hh:mm' } } : {}),
}));
for (let i = 0; i < ROWS; i++) {
  const { texts, day } = row(i);
  const typed = texts.map((text, at) => {
    if (at === 2) return day;
    if (at === 10) return new Date(`${text.replace(' ', 'T')}:00Z`);
    return at >= 4 && at <= 6 ? Number(text) : text;
  });
  sheet.addRow(typed).commit();
}
sheet.commit();
await book.commit();

const measured = z.object({ read_ms: z.number(), all_ms: z.number(), before: z.number(), memory: z.number() });
const inProcess = (file: string) =>
  measured.parse(
    JSON.parse(execFileSync(process.execPath, [join(HERE, 'read-spreadsheet.js'), file], { encoding: 'utf8' })),
  );
const text = Papa.unparse([HEAD, ...Array.from({ length: ROWS }, (_, i) => row(i).texts)]);
const byPapa = await timed(async () => Papa.parse(text, { delimiter: ',' }));
const byOther = await timed(() => readXlsx(xlsx));
for (const [name, file, other, goal] of [
  ['CSV', csv, byPapa, '3 s, 300 MB'],
  ['XLSX', xlsx, byOther, '10 s, 400 MB'],
] as const) {
  const { read_ms, all_ms, memory } = inProcess(file);
  say(
    `${ROWS} rows of 12 as ${name}: read, and guessed at (goal ${goal})`,
    `${ms(read_ms)}, in all ${ms(all_ms)}, ${memory.toFixed(0)} MB; a library alone ${ms(other)}: ${(read_ms / other).toFixed(2)} times`,
  );
}

const { database, url } = await benchDatabase();
await applyWorkspace(database.db, await flatWorkspace(), [RUNA]);
const { base, cookie, stop } = await serve(database, url);
const jobs = new Jobs({
  url,
  db: database.db,
  tasks: [importTask(url, join(HERE, 'import-worker.js'))],
  note: console.error,
});
await jobs.start();
const stateSchema = z.object({
  id: z.string(),
  revision: z.number(),
  added: z.number(),
  refused_count: z.number(),
  job: z.object({ state: z.string(), problem: z.string().nullable() }),
});
const ask = async (path: string, init: RequestInit = {}) => {
  const answer = await fetch(`${base}${path}`, { ...init, headers: { cookie, ...init.headers } });
  return stateSchema.parse(await answer.json());
};
const untilOver = async (id: string) => {
  for (;;) {
    const state = await ask(`/api/imports/${id}`);
    if (state.job.state === 'failed') throw new Error(state.job.problem ?? 'it failed');
    if (state.job.state === 'done') return state;
    await setTimeout(50);
  }
};
const begun = await ask('/api/imports?name=moorings.csv', {
  method: 'POST',
  headers: { 'content-type': 'text/csv' },
  body: Readable.toWeb(createReadStream(csv)) as ReadableStream,
  duplex: 'half',
} as RequestInit);
const looking = await timed(() => untilOver(begun.id));
say('the same looked through: every row fitted to what was guessed', ms(looking));
const looked = await untilOver(begun.id);
const storing = await timed(async () => {
  await ask(`/api/imports/${begun.id}/carry-out`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ revision: looked.revision }),
  });
  await untilOver(begun.id);
});
const { added, refused_count: refused } = await untilOver(begun.id);
const client = new pg.Client({ connectionString: url });
await client.connect();
const columns = await client.query<{ names: string }>(
  "select string_agg(quote_ident(column_name), ', ') as names from information_schema.columns where table_schema = 'records' and table_name = 'moorings' and is_generated = 'NEVER'",
);
const names = columns.rows[0]?.names ?? '';
await client.query('create table public.copied (like records.moorings including all)');
const parts: Buffer[] = [];
for await (const part of client.query(copyTo(`copy (select ${names} from records.moorings) to stdout`)))
  parts.push(part);
const copying = await timed(() =>
  pipeline(Readable.from(parts), client.query(copyFrom(`copy public.copied (${names}) from stdin`))),
);
say(
  `stored with all checks, history and numbers (${added}, ${refused} stayed out), against COPY into the finished table`,
  `${ms(storing)}, COPY ${ms(copying)}: ${(storing / copying).toFixed(2)} times (goal 3)`,
);
await client.end();
await jobs.stop();
await stop();
await database.close();
rmSync(folder, { recursive: true, force: true });
