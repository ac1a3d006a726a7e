/**
 * Backups at size: a million records and a gigabyte of files that nothing presses, saved and restored, against
 * PostgreSQL's own programs doing the same in turn.
 */
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, statSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import pg from 'pg';
import { restoreBackup } from '#server/backup/restore.ts';
import { takeBackup } from '#server/backup/take.ts';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { fillQuotes } from './fill-quotes.ts';
import { flatWorkspace } from './flat.ts';
import { timed } from './measure.ts';
import { benchDatabase, RUNA } from './serve.ts';

const RECORDS = Number(process.env.RECORDS ?? 1_000_000);
const MEGABYTES = Number(process.env.MEGABYTES ?? 1_000);
const { database, url } = await benchDatabase();
await applyWorkspace(database.db, await flatWorkspace(), [RUNA]);
const pool = new pg.Pool({ connectionString: url, max: 2 });
await fillQuotes(pool, RECORDS);
const EACH = 2;
// Two megabytes a file, of random bytes: 1,024 at a time is what `gen_random_bytes` gives.
await pool.query('create extension if not exists pgcrypto');
await pool.query(
  `insert into iolite.files (id, name, media_type, size, added_by, content)
   select gen_random_uuid(), 'photo ' || i || '.jpg', 'image/jpeg', ${EACH} * 1048576, gen_random_uuid(),
     (select string_agg(gen_random_bytes(1024), '') from generate_series(1, ${EACH} * 1024) j where i > 0)
   from generate_series(1, ${Math.floor(MEGABYTES / EACH)}) i`,
);
await database.close();
await pool.end();

const superuser = new pg.Pool({ connectionString: process.env.SUPERUSER_URL ?? url, max: 1 });
const owner = new URL(url).username;
/** An empty database to restore into. */
const fresh = async (name: string): Promise<string> => {
  await superuser.query(`drop database if exists ${name}`);
  await superuser.query(`create database ${name} owner ${owner}`);
  const there = new URL(url);
  there.pathname = `/${name}`;
  return there.href;
};

const folder = mkdtempSync(join(tmpdir(), 'iolite-bench-backup-'));
const bin = process.env.IOLITE_PG_BIN ?? null;
const program = (name: string, ...args: string[]): void => {
  const { status, stderr } = spawnSync(bin === null ? name : join(bin, name), args, { encoding: 'utf8' });
  if (status !== 0) throw new Error(stderr);
};
const [ours, bare] = [join(folder, 'ours.zip'), join(folder, 'bare.dump')];
const say = (label: string, mine: number, theirs: number): void =>
  console.log(
    `${label.padEnd(10)} ${(mine / 1000).toFixed(1)} s, PostgreSQL’s own program ${(theirs / 1000).toFixed(1)} s: ${(mine / theirs).toFixed(2)} times (goal 1.3)`,
  );
try {
  const dumped = await timed(async () => program('pg_dump', '-Fc', '-f', bare, '-d', url));
  const saved = await timed(() => takeBackup({ bin, url }, ours));
  const megabytes = (path: string): string => `${(statSync(path).size / 2 ** 20).toFixed(0)} MB`;
  console.log(`${RECORDS} quotes and ${MEGABYTES} MB of files: ${megabytes(ours)}, bare ${megabytes(bare)}`);
  say('saved', saved, dumped);
  const there = await fresh('restored_bare');
  const put = await timed(async () => program('pg_restore', '--no-owner', '--single-transaction', '-d', there, bare));
  await superuser.query('drop database restored_bare');
  const here = await fresh('restored_ours');
  const restored = await timed(() => restoreBackup({ bin, url: here }, ours, Number.MAX_SAFE_INTEGER));
  say('restored', restored, put);
} finally {
  rmSync(folder, { recursive: true, force: true });
  await superuser.end();
}
