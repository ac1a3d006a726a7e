import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { afterAll, beforeAll, beforeEach, describe, expect, inject, test, vi } from 'vitest';
import { Caller, newId, queryAt, TestServer } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';

/*
 * Two servers on one database with a streaming replica, each with a PostgreSQL of its own as `npm start` makes it: commits
 * are waited for until they stand on the disk.
 */

interface ClusterLike {
  start(): Promise<string>;
  run(): Promise<void>;
  stop(): void;
  remove(): void;
  superuserUrl(): string;
  standby(folder: string): Promise<ClusterLike>;
  readonly port: number;
  roleUrl(port?: number): string;
}

const folders = [0, 1].map(() => mkdtempSync(join(tmpdir(), 'iolite-replica-')));
let first: ClusterLike;
let standby: ClusterLike;
let url: string;
let readUrl: string;
let one: TestServer;
let other: TestServer;
let runa: Caller;
let runaThere: Caller;
const noted: string[] = [];

const countOf = (rows: readonly Record<string, unknown>[]): number => Number(rows[0]?.n);
const clients = async (who: Caller, find = ''): Promise<{ names: string[]; count: number }> => {
  const { status, body } = await who.get(`/api/registers/clients/records?find=${find}&limit=500`);
  expect(status, JSON.stringify(body)).toBe(200);
  return { names: body.records.map((each: { values: { name: string } }) => each.values.name), count: body.count };
};
const save = async (who: Caller, name: string): Promise<void> => {
  expect(
    (await who.post('/api/registers/clients/records', { id: newId(), values: { name, kind: 'private' } })).status,
  ).toBe(201);
};
/** How many lists a server has read from where since it was asked last. */
const readsOf = ({ replica }: TestServer) => ({
  replica: replica?.reads.replica ?? 0,
  first: replica?.reads.first ?? 0,
});

/** Makes a register of things with a name. */
const makeRegister = async (key: string): Promise<void> => {
  const { version } = (await runa.get('/api/workspace')).body;
  const fields = [{ key: 'name', label: 'Name', type: { kind: 'text' } }];
  const register = { key, singular: key, plural: `${key}s`, mark: key.slice(0, 3).toUpperCase(), fields };
  const done = await runa.post('/api/workspace/carry-out', { version, registers: [register], choice_lists: [] });
  expect(done.status, JSON.stringify(done.body)).toBe(200);
};

/** Reads until a server has read that from the replica: on a busy machine it may be behind for a moment. */
const fromReplica = (server: TestServer, read: () => Promise<unknown>): Promise<void> =>
  vi.waitFor(
    async () => {
      const before = readsOf(server).replica;
      await read();
      expect(readsOf(server).replica).toBeGreaterThan(before);
    },
    { timeout: 30_000, interval: 100 },
  );

beforeAll(async () => {
  const { Cluster } = await import(pathToFileURL(join(process.cwd(), 'scripts/pg.mjs')).href);
  const made: ClusterLike = new Cluster(inject('postgresBin'), folders[0]);
  first = made;
  url = await made.start();
  one = await TestServer.start({ url });
  await one.stop();
  standby = await made.standby(folders[1] ?? '');
  readUrl = first.roleUrl(standby.port);
  const note = (where: string, error: unknown) => void noted.push(`${where} ${error}`);
  one = await TestServer.start({ url, dump: '', readUrl, tasks: 'all', note });
  other = await TestServer.start({ url, dump: '', readUrl, note });
  runa = await one.as('Runa');
  runaThere = new Caller(other.base, runa.cookie);
}, 120_000);
afterAll(async () => {
  await one?.stop();
  await other?.stop();
  standby?.stop();
  first?.stop();
  for (const folder of folders) rmSync(folder, { recursive: true, force: true });
});

/** What is done while the replica replays nothing. */
const whilePaused = async (run: () => Promise<void>): Promise<void> => {
  await queryAt(standby.superuserUrl(), 'select pg_wal_replay_pause()');
  try {
    await run();
  } finally {
    await queryAt(standby.superuserUrl(), 'select pg_wal_replay_resume()');
  }
};

describe('lists with a replica', () => {
  beforeEach(() => void noted.splice(0));

  test('are read from it, as the database has them', async () => {
    await save(runa, 'Replica reader');
    await fromReplica(one, async () => {
      expect((await clients(runa, 'replica+reader')).names).toEqual(['Replica reader']);
    });
    for (const path of [
      '/api/registers/clients/groups?by=kind',
      '/api/registers/clients/places?sort=name',
      '/api/find?words=replica',
      '/api/registers/clients/meant?find=raplica',
    ])
      await fromReplica(one, async () => expect((await runa.get(path)).status, path).toBe(200));
    expect(noted).toEqual([]);
  });

  test('show whoever saved what they saved, at once, at whichever server', async () => {
    for (let at = 0; at < 40; at++) {
      await save(at % 2 === 0 ? runa : runaThere, `Seen at once ${at}`);
      const { count } = await clients(at % 3 === 0 ? runa : runaThere, 'seen+at+once');
      expect(count, `after ${at}`).toBe(at + 1);
    }
  });

  test('show whoever heard of a change what changed', async () => {
    const stream = await LiveStream.open(other, runaThere);
    for (let at = 0; at < 10; at++) {
      const heard = stream.next((event) => event.includes('"kind":"records"') && event.includes('"clients"'));
      await save(runa, `Heard and read ${at}`);
      await heard;
      expect((await clients(runaThere, 'heard+and+read')).count).toBe(at + 1);
    }
    stream.close();
  });

  test('are read from the database while it is behind, and from the replica again once it has caught up', async () => {
    await whilePaused(async () => {
      await save(runa, 'While it was behind');
      const before = readsOf(one);
      expect((await clients(runa, 'while+it+was+behind')).count).toBe(1);
      expect(readsOf(one)).toEqual({ replica: before.replica, first: before.first + 1 });
    });
    await fromReplica(one, async () => {
      expect((await clients(runa, 'while+it+was+behind')).count).toBe(1);
    });
    expect(noted).toEqual([]);
  });

  test('know a change of the set-up with the next request', async () => {
    await makeRegister('kayaks');
    const asked = '/api/registers/kayaks/records?filter=name%20%3D%20%22x%22&count=no';
    expect((await runaThere.get(asked)).status).toBe(200);
    await fromReplica(other, async () => expect((await runaThere.get(asked)).status).toBe(200));
  });

  test('are taken along from it: at once, by a job, and by a calendar', async () => {
    await save(runa, 'Taken along');
    await fromReplica(one, async () => {
      const csv = await fetch(`${one.base}/api/registers/clients/export?format=csv&find=taken+along`, {
        headers: { cookie: runa.cookie },
      });
      expect(await csv.text()).toContain('Taken along');
    });
    await fromReplica(one, async () => {
      const begun = await runa.post('/api/registers/clients/list-files', { format: 'csv', find: 'taken along' });
      expect(begun.status, JSON.stringify(begun.body)).toBe(200);
      await vi.waitFor(
        async () => {
          const { files } = (await runa.get('/api/list-files')).body;
          expect(files[0].state).toBe('done');
        },
        { timeout: 20_000 },
      );
    });
    const view = { look: 'calendar:client_since', columns: 'number,client_since' };
    const key = `own_${'5'.repeat(32)}`;
    const list = { key, register: 'clients', label: 'Since', view };
    const kept = await runa.put(`/api/lists/${key}`, { list, revision: 0 });
    expect(kept.status, JSON.stringify(kept.body)).toBe(200);
    const feed = await runa.post('/api/feeds', { list: key });
    await fromReplica(one, async () => {
      const calendar = await fetch(`${one.base}${feed.body.path}`);
      expect(await calendar.text()).toContain('BEGIN:VCALENDAR');
    });
  });

  test('ask for an index at the database itself', async () => {
    await makeRegister('canoes');
    for (let at = 0; at < 5; at++) {
      const records = Array.from({ length: 500 }, (_, i) => ({ id: newId(), values: { name: `Many ${at} ${i}` } }));
      expect((await runaThere.post('/api/registers/canoes/import', { records })).status).toBe(201);
    }
    await fromReplica(other, async () => {
      expect((await runaThere.get('/api/registers/canoes/records?sort=name')).status).toBe(200);
    });
    const asked = await queryAt(url, "select count(*) as n from iolite.jobs where task = 'sort_index'");
    expect(countOf(asked)).toBe(1);
  });

  test('are answered while its sessions end, while it is away, and from it again when it is back', async () => {
    await queryAt(
      standby.superuserUrl(),
      "select pg_terminate_backend(pid) from pg_stat_activity where usename = 'iolite'",
    );
    expect((await clients(runa, 'replica+reader')).count).toBe(1);
    standby.stop();
    await save(runa, 'While it was away');
    expect((await clients(runa, 'while+it+was+away')).count).toBe(1);
    expect(noted.join()).toContain('the replica for lists');
    await standby.run();
    await fromReplica(one, async () => {
      expect((await clients(runa, 'while+it+was+away')).count).toBe(1);
    });
  }, 60_000);
});

test('an address that leads to another database is never read from, and that is noted', async () => {
  const notes: string[] = [];
  const server = await TestServer.start({
    readUrl: url,
    note: (where, error) => void notes.push(`${where}: ${error}`),
  });
  const someone = await server.as('Runa');
  await save(someone, 'Only here');
  expect((await clients(someone)).names).toEqual(['Only here']);
  expect(readsOf(server)).toEqual({ replica: 0, first: 1 });
  expect(notes.join()).toContain('no replica of the one in DATABASE_URL');
  await server.stop();
});
