import { randomBytes } from 'node:crypto';
import {
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  utimesSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, inject, test } from 'vitest';
import type { Job } from '../platform/jobs.ts';
import { type Caller, makeDatabase, newId, queryAt, TestServer } from '../testing/harness.ts';
import { sayFailure } from './failure.ts';
import { differencesOf } from './figures.ts';
import { openBackupFile } from './file.ts';
import type { Programs } from './programs.ts';
import { restoreBackup } from './restore.ts';
import { takeBackup, takeIntoShelf } from './take.ts';
import { BACKUP_TASK, backupTask } from './task.ts';

const NEWEST = Number.MAX_SAFE_INTEGER;

const job: Job = {
  ...{ id: '018f2f2e-0000-7000-8000-00000000aa01', task: '', payload: {}, begunBy: null, state: 'running' },
  ...{
    begunAt: new Date(),
    changedAt: new Date(),
    done: null,
    total: null,
    result: null,
    problem: null,
    stopping: false,
    runBy: null,
    ends: 0,
    endedAt: null,
  },
};

/** What is kept here is not lost: a backup is of one moment, whole, and put back whole or not at all. */
describe('a backup', () => {
  const folder = mkdtempSync(join(tmpdir(), 'iolite-backup-'));
  let server: TestServer;
  let runa: Caller;
  let client: string;

  const at = (url: string): Programs => ({ bin: inject('postgresBin'), url });
  const add = async (name: string): Promise<void> => {
    const body = { id: newId(), values: { name, kind: 'private' } };
    expect((await runa.post('/api/registers/clients/records', body)).status).toBe(201);
  };

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
    const made = await runa.post('/api/registers/clients/records', {
      id: newId(),
      values: { name: 'Orla Margetts', kind: 'private' },
    });
    client = made.body.id;
    const said = await runa.patch(`/api/registers/clients/records/${client}`, {
      from: { name: 'Orla Margetts' },
      changes: { name: 'Orla Margetts-Wade' },
    });
    expect(said.status).toBe(200);
    const kept = await fetch(`${server.base}/api/files?name=paint.txt&sort=any`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream', cookie: runa.cookie },
      body: 'two tins of grey',
    });
    expect(kept.ok).toBe(true);
  });
  afterAll(async () => {
    await server?.stop();
    rmSync(folder, { recursive: true, force: true });
  });

  test('taken while people write is of one moment, and restored holds every record, history, file and next number', async () => {
    const path = join(folder, 'under-load.zip');
    let going = true;
    const writing = (async () => {
      let written = 0;
      while (going) await add(`While it runs ${written++}`);
      return written;
    })();
    const about = await takeBackup(at(server.database.url), path);
    going = false;
    expect(await writing).toBeGreaterThan(0);
    expect(statSync(path).mode & 0o077).toBe(0);

    const url = await makeDatabase();
    expect(await restoreBackup(at(url), path, NEWEST)).toEqual(about);
    const second = await TestServer.start({ url, dump: '' });
    try {
      const again = await second.as('Runa');
      const there = await again.get(`/api/registers/clients/records/${client}`);
      expect(there.body.values.name).toBe('Orla Margetts-Wade');
      const history = await again.get(`/api/registers/clients/records/${client}/history`);
      expect(history.body).toEqual((await runa.get(`/api/registers/clients/records/${client}/history`)).body);
      const signedIn = await second.stranger().post('/api/session', {
        person: 'runa.oakes@example.org',
        password: 'salt marsh otter',
      });
      expect(signedIn.status).toBe(200);
      // Of what was written meanwhile it holds a beginning: as many records as numbers were given.
      const [counted] = await queryAt(url, 'select count(*)::integer as n from records.clients');
      const next = await again.post('/api/registers/clients/records', {
        id: newId(),
        values: { name: 'After', kind: 'private' },
      });
      expect(next.body.number).toBe(`CLI-${String(Number(counted?.n) + 1).padStart(4, '0')}`);
    } finally {
      await second.stop();
    }
  });

  test('is restored into an empty place alone', async () => {
    const path = join(folder, 'onto-something.zip');
    await takeBackup(at(server.database.url), path);
    await expect(restoreBackup(at(server.database.url), path, NEWEST)).rejects.toThrow('There is something already');
  });

  test('that was cut short, altered, newer or none at all is refused before anything is touched', async () => {
    const path = join(folder, 'whole.zip');
    const about = await takeBackup(at(server.database.url), path);
    const whole = readFileSync(path);
    const url = await makeDatabase();
    const refused = async (bytes: Buffer): Promise<string> => {
      writeFileSync(join(folder, 'wrong.zip'), bytes);
      const why = await restoreBackup(at(url), join(folder, 'wrong.zip'), NEWEST).then(
        () => 'it was restored',
        (error: Error) => error.message,
      );
      const left = await queryAt(url, "select 1 from pg_namespace where nspname in ('iolite', 'records')");
      return left.length > 0 ? 'something was touched' : why;
    };
    for (const share of [0.2, 0.6, 0.99])
      expect(await refused(whole.subarray(0, Math.floor(whole.length * share)))).toMatch(/cut short/);
    const altered = Buffer.from(whole);
    altered[Math.floor(whole.length / 2)] = (altered[Math.floor(whole.length / 2)] ?? 0) ^ 1;
    expect(await refused(altered)).toMatch(/altered/);
    expect(await refused(Buffer.from('not a ZIP at all'))).toMatch(/no backup/);
    expect(await refused(randomBytes(5_000))).toMatch(/no backup/);
    await expect(restoreBackup(at(url), join(folder, 'nothing.zip'), NEWEST)).rejects.toThrow('ENOENT');
    await expect(restoreBackup(at(url), path, about.migration - 1)).rejects.toThrow('a newer Iolite');
    truncateSync(join(folder, 'wrong.zip'), 0);
    await expect(restoreBackup(at(url), join(folder, 'wrong.zip'), NEWEST)).rejects.toThrow('cannot be restored');
  });

  test('that fails leaves no file, and no half of one', async () => {
    const nowhere = new URL(server.database.url);
    nowhere.pathname = '/no_such_database';
    await expect(takeBackup(at(nowhere.href), join(folder, 'failed.zip'))).rejects.toThrow('no_such_database');
    const without = { bin: folder, url: server.database.url };
    await expect(takeBackup(without, join(folder, 'failed.zip'))).rejects.toThrow();
    expect(readdirSync(folder).filter((name) => name.startsWith('failed'))).toEqual([]);
  });

  test('that failed at night says why, for whoever keeps it going', async () => {
    const shelf = { folder: join(folder, 'nights'), keep: 2 };
    const run = (programs: Programs) =>
      backupTask({ programs, shelf }).run({
        job: { ...job, task: BACKUP_TASK },
        db: server.database.db,
        progress: async () => undefined,
      });
    await expect(run({ bin: folder, url: server.database.url })).rejects.toThrow('pg_dump is not there');
    const nowhere = new URL(server.database.url);
    nowhere.password = 'another';
    await expect(run(at(nowhere.href))).rejects.toThrow(/password authentication failed/);
    const full = sayFailure(Object.assign(new Error('write'), { code: 'ENOSPC' }));
    expect(full).toMatchObject({ message: expect.stringContaining('the disk is full') });
    expect(await run(at(server.database.url))).toMatchObject({ file: expect.stringMatching(/^iolite-.*zip$/) });
  });

  test('tells one changed value, one row less, one number given, when it is held against what was saved', async () => {
    const path = join(folder, 'held.zip');
    await takeBackup(at(server.database.url), path);
    const { about, close } = await openBackupFile(path);
    close();
    const { tables } = about.figures;
    expect(tables['records.clients']?.rows).toBeGreaterThan(1);
    const other = (name: string, to: { rows?: number; sum?: string }) => ({
      ...about.figures,
      tables: { ...tables, [name]: { rows: 0, sum: '0', ...tables[name], ...to } },
    });
    expect(differencesOf(about.figures, about.figures)).toEqual([]);
    expect(differencesOf(about.figures, other('iolite.files', { sum: '1' }))).toEqual([
      'iolite.files holds other values than it held.',
    ]);
    expect(differencesOf(about.figures, other('iolite.history', { rows: 0 }))[0]).toMatch(/holds 0 rows, and held/);
    const name = Object.keys(about.figures.sequences)[0] ?? '';
    const counted = (stands: string) => ({ tables, sequences: { ...about.figures.sequences, [name]: stands } });
    expect(differencesOf(counted('7'), counted('6'))).toEqual([`${name} goes on from 6, and stood at 7.`]);
    expect(differencesOf(counted('7'), counted('8'))).toEqual([]);
  });

  test('those taken by themselves are kept in so many, and no other file is thrown away', async () => {
    const shelf = { folder: join(folder, 'shelf'), keep: 2 };
    const first = await takeIntoShelf(at(server.database.url), shelf);
    // Taken by a clock that ran ahead: it must take the place of none that comes.
    const ahead = ['iolite-2999-01-01T02-13-00Z.zip', 'iolite-2999-01-02T02-13-00Z.zip'];
    for (const name of [...ahead, 'iolite-2020-01-01T02-13-00Z.zip', 'iolite-2020-01-02T02-13-00Z.zip', 'my own.zip'])
      writeFileSync(join(shelf.folder, name), '');
    rmSync(join(shelf.folder, first.file));
    // A server was killed over this one days ago, another writes at that one.
    const [left, going] = ['0a1b2c3d', '4e5f6a7b'].map((end) => `iolite-2020-01-01T02-13-00Z.zip.${end}.part`);
    for (const name of [left, going]) writeFileSync(join(shelf.folder, name ?? ''), '');
    utimesSync(join(shelf.folder, left ?? ''), new Date('2020-01-01'), new Date('2020-01-01'));
    utimesSync(join(shelf.folder, going ?? ''), new Date(), new Date());
    const { file } = await takeIntoShelf(at(server.database.url), shelf);
    expect(readdirSync(shelf.folder).sort()).toEqual(
      ['iolite-2020-01-02T02-13-00Z.zip', ...ahead, going, file, 'my own.zip'].sort(),
    );
  });
});
