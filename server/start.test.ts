import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { sql } from 'drizzle-orm';
import { afterAll, expect, test } from 'vitest';
import { openDatabase } from './platform/database.ts';
import { prepare, prepareWhenReachable, type Start } from './start.ts';
import { makeDatabase } from './testing/harness.ts';

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

test('what is wrong otherwise ends the start, and is not tried for ever', async () => {
  const database = open(await makeDatabase());
  await expect(
    prepareWhenReachable(database, { ...start(), workspaceFile: 'demo/tern-quay/no-such.json' }),
  ).rejects.toThrow('no such file');
});
