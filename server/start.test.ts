import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { sql } from 'drizzle-orm';
import pg from 'pg';
import { afterAll, describe, expect, inject, test } from 'vitest';
import { restoreBackup } from './backup/restore.ts';
import { takeBeforeUpgrade } from './backup/take.ts';
import { openDatabase } from './platform/database.ts';
import { prepare, prepareWhenReachable, type Start } from './start.ts';
import { makeDatabase, queryAt } from './testing/harness.ts';

const start = (note: Start['note'] = () => undefined): Start => ({
  migrations: 'server/platform/migrations',
  workspaceFile: 'demo/tern-quay/workspace.json',
  peopleFile: 'demo/tern-quay/people.json',
  note,
});

const ends: (() => unknown)[] = [];
afterAll(async () => {
  for (const end of ends.reverse()) await end();
});
const open = (url: string) => {
  const database = openDatabase(url);
  ends.push(database.close);
  return database;
};

test('two servers that start at the same moment on one empty database fill it once', async () => {
  const url = await makeDatabase();
  const two = [open(url), open(url)];
  await Promise.all(two.map((database) => prepare(database, start())));
  const { rows } = await open(url).db.execute(
    sql`select (select count(*)::integer from iolite.people) as people, (select max(version) from iolite.workspace) as version,
      (select count(*)::integer from information_schema.tables where table_schema = 'records') as registers`,
  );
  expect(rows).toEqual([{ people: 9, version: 1, registers: 10 }]);
});

test('a server that starts while its database is away waits for it', async () => {
  const scripts = (name: string) => import(pathToFileURL(join(process.cwd(), 'scripts', name)).href);
  const [{ Cluster }, { installPostgres }] = await Promise.all([scripts('pg.mjs'), scripts('install.mjs')]);
  const cluster = new Cluster(installPostgres(), mkdtempSync(join(tmpdir(), 'iolite-late-')));
  ends.push(() => cluster.remove());
  const url: string = await cluster.start();
  cluster.stop();
  let tell: (where: string) => void = () => undefined;
  const told = new Promise<string>((resolve) => {
    tell = resolve;
  });
  const database = open(url);
  const started = prepareWhenReachable(database, start(tell));
  expect(await told).toBe('the database cannot be reached: waiting for it');
  await cluster.run();
  await started;
  expect((await database.db.execute(sql`select version from iolite.workspace`)).rows).toEqual([{ version: 1 }]);
});

test('a server whose database sessions are ended while it starts begins again, and does not end', async () => {
  const url = await makeDatabase();
  const name = new URL(url).pathname.slice(1);
  const database = open(url);
  let [isStarted, ended] = [false, 0];
  const started = prepareWhenReachable(database, start()).finally(() => {
    isStarted = true;
  });
  const ender = new pg.Client({ connectionString: inject('superuser') });
  await ender.connect();
  // Whatever it is at, of ten sessions that it opened each is ended.
  while (!isStarted && ended < 10) {
    const { rowCount } = await ender.query(
      'select pg_terminate_backend(pid) from pg_stat_activity where datname = $1',
      [name],
    );
    ended += rowCount ?? 0;
  }
  await ender.end();
  await started;
  expect(ended).toBeGreaterThanOrEqual(10);
  expect((await database.db.execute(sql`select version from iolite.workspace`)).rows).toEqual([{ version: 1 }]);
});

test('what is wrong otherwise ends the start, and is not tried for ever', async () => {
  const database = open(await makeDatabase());
  await expect(
    prepareWhenReachable(database, { ...start(), workspaceFile: 'demo/tern-quay/no-such.json' }),
  ).rejects.toThrow('no such file');
});

describe('data that an earlier version kept', () => {
  const folder = mkdtempSync(join(tmpdir(), 'iolite-upgrade-'));
  ends.push(() => rmSync(folder, { recursive: true, force: true }));
  const kept = async () => {
    const url = await makeDatabase();
    await queryAt(url, readFileSync('server/testing/upgrades/0011-misfits.sql', 'utf8'));
    const programs = { bin: inject('postgresBin'), url };
    const said: string[] = [];
    const given = (migrations: string): Start => ({
      ...start(),
      migrations,
      save: () => takeBeforeUpgrade(programs, { folder, keep: 1 }),
      say: (text) => void said.push(text),
    });
    const clients = async () =>
      (await queryAt(url, 'select number, name from records.clients order by 1')).map((row) => JSON.stringify(row));
    return { url, programs, said, given, clients };
  };
  /** The migrations, and one more. */
  const withOneMore = (name: string, text: string): string => {
    const more = join(folder, name);
    cpSync('server/platform/migrations', more, { recursive: true });
    writeFileSync(join(more, '9999_more.sql'), text);
    const path = join(more, 'meta/_journal.json');
    const journal = JSON.parse(readFileSync(path, 'utf8'));
    journal.entries.push({
      ...journal.entries.at(-1),
      idx: 9999,
      when: journal.entries.at(-1).when + 1,
      tag: '9999_more',
    });
    writeFileSync(path, JSON.stringify(journal));
    return more;
  };

  test('are saved as they are, and brought up to date; a second start does neither', async () => {
    const { url, said, given, clients } = await kept();
    const before = await clients();
    await prepare(open(url), given('server/platform/migrations'));
    expect(said.join(' ')).toMatch(/As they were they are saved in .*before-upgrade-.*zip\. They are up to date\./);
    expect(await clients()).toEqual(before);
    said.length = 0;
    await prepare(open(url), given('server/platform/migrations'));
    expect(said).toEqual([]);
  });

  test('stay as they were where it fails, and can be put back from what was saved', async () => {
    const { url, said, given, clients } = await kept();
    const before = await clients();
    await expect(
      prepare(open(url), given(withOneMore('broken', 'create table iolite.more (a no_such_type);'))),
    ).rejects.toThrow();
    expect(said.at(-1)).toMatch(/could not be brought up to date.*npm run restore -- .*--instead/);
    expect(await clients()).toEqual(before);
    // Tried again and again by the machine it keeps one backup. In somebody's own database nothing is set aside.
    await expect(prepare(open(url), { ...given(join(folder, 'broken')), isTheirs: true })).rejects.toThrow();
    expect(said.at(-1)).toMatch(/DATABASE_URL of an empty database.*npm run restore -- \S+zip$/);
    expect(readdirSync(folder).filter((name) => name.startsWith('before-upgrade'))).toHaveLength(1);
    const saved = /restore -- (\S+)/.exec(said.at(-1) ?? '')?.[1] ?? '';
    const other = await makeDatabase();
    await restoreBackup({ bin: inject('postgresBin'), url: other }, saved, Number.MAX_SAFE_INTEGER);
    expect(
      (await queryAt(other, 'select number, name from records.clients order by 1')).map((row) => JSON.stringify(row)),
    ).toEqual(before);
    // Once it is mended the same data are brought up to date.
    await prepare(open(url), given(withOneMore('mended', 'create table iolite.more (a text);')));
    expect(said.at(-1)).toBe('They are up to date.');
  });

  test('that a newer version kept are refused in words, and not touched', async () => {
    const { url, given, said } = await kept();
    await prepare(open(url), given(withOneMore('newer', 'create table iolite.more (a text);')));
    said.length = 0;
    await expect(prepare(open(url), start())).rejects.toThrow('kept by a newer Iolite');
    expect(said).toEqual([]);
  });
});
