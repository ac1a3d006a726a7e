import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { newId, queryAt, TestServer } from '../testing/harness.ts';
import { entry, makeNearMisses } from '../testing/near-misses.ts';

interface ClusterLike {
  start(): Promise<string>;
  stop(): void;
  remove(): void;
}

describe('a disk that is full', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start();
  });
  afterAll(() => server?.stop());

  test('is told in words, and nothing of what was refused is stored', async () => {
    const runa = await server.as('Runa');
    const save = () => runa.post('/api/registers/clients/records', { id: newId(), values: { name: 'Too much' } });
    // As PostgreSQL refuses what its disk has no room for (appendix A, class 53), late in the transaction.
    await queryAt(
      server.database.url,
      `create function no_room() returns trigger language plpgsql as $$ begin raise exception 'no room' using errcode = '53100'; end $$;
       create trigger no_room before insert on iolite.history execute function no_room()`,
    );
    const full = await save();
    expect([full.status, full.body.detail]).toEqual([
      507,
      'The disk of the server is full: nothing of this was stored. Whoever keeps Iolite going must make room; then try again.',
    ]);
    expect((await runa.get('/api/registers/clients/records')).body.count).toBe(0);
    await queryAt(server.database.url, 'drop trigger no_room on iolite.history');
    expect((await save()).body.number).toBe('CLI-0001');
  });
});

describe('PostgreSQL going away', () => {
  let cluster: ClusterLike;
  let server: TestServer;

  beforeAll(async () => {
    const scripts = (name: string) => import(pathToFileURL(join(process.cwd(), 'scripts', name)).href);
    const [{ Cluster }, { installPostgres }] = await Promise.all([scripts('pg.mjs'), scripts('install.mjs')]);
    cluster = new Cluster(installPostgres(), mkdtempSync(join(tmpdir(), 'iolite-away-')));
    server = await TestServer.start({ url: await cluster.start() });
  });
  afterAll(async () => {
    await server?.stop();
    cluster?.remove();
  });

  test('is told in words, and the server recovers by itself, live events too', async () => {
    const runa = await server.as('Runa');
    await makeNearMisses(runa);
    cluster.stop();
    const away = await runa.get('/api/workspace');
    expect(away.status).toBe(503);
    expect(away.body.detail).toBe('The database cannot be reached just now. Nothing was lost; try again in a moment.');
    expect((await server.stranger().get('/api/health')).status).toBe(503);
    await cluster.start();
    await vi.waitFor(async () => expect((await runa.get('/api/workspace')).status).toBe(200), { timeout: 60_000 });

    const stop = new AbortController();
    const response = await fetch(`${server.base}/api/live`, { headers: { cookie: runa.cookie }, signal: stop.signal });
    const reader = response.body?.pipeThrough(new TextDecoderStream()).getReader();
    let heard = '';
    const listen = async (): Promise<void> => {
      while (!heard.includes('near_misses')) {
        const read = await reader?.read();
        if (!read || read.done) throw new Error('the stream ended');
        heard += read.value;
      }
    };
    const listening = listen();
    // The listening connection comes back within its own retry; entries until then are simply not heard of.
    await vi.waitFor(
      async () => {
        const sent = await runa.post(
          '/api/forms/report_a_near_miss/entries',
          entry({ title: 'Back again', severity: 'scare' }),
        );
        expect(sent.status).toBe(201);
        expect(heard).toContain('near_misses');
      },
      { timeout: 60_000, interval: 200 },
    );
    await listening;
    stop.abort();
  });
});
