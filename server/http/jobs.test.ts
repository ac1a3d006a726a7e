import pg from 'pg';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { DefinitionsReader } from '../definitions/reader.ts';
import { clearFiles } from '../files/clear.ts';
import { addJob, clearJobs, Jobs, type Run, type Task, ThreadEnded } from '../platform/jobs.ts';
import { inTransaction } from '../platform/locks.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';

/** A promise and who keeps it. */
const promised = () => {
  let keep: () => void = () => undefined;
  const kept = new Promise<void>((resolve) => {
    keep = resolve;
  });
  return { kept, keep };
};

/** Long work: begun in a transaction, watched, stopped, tried again, taken over from a server that died. */
describe('jobs', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;
  let live: LiveStream;
  /** What the test's own tasks do, by the name in their payload. */
  const does = new Map<string, (run: Run) => Promise<object>>();
  const task: Task = {
    name: 'trial',
    run: (run) => {
      const { name } = run.job.payload as { name: string };
      return does.get(name)?.(run) ?? Promise.reject(new Error(`nothing to do for ${name}`));
    },
  };

  let atStart = promised();
  const first: Task = {
    name: 'first',
    atStart: true,
    run: async () => {
      atStart.keep();
      return {};
    },
  };

  beforeAll(async () => {
    server = await TestServer.start({ tasks: [task, first, clearFiles(new DefinitionsReader())] });
    [runa, piet] = [await server.as('Runa'), await server.as('Piet')];
    live = await LiveStream.open(server, runa);
  });
  afterAll(async () => {
    live?.close();
    await server?.stop();
  });

  const sql = async (text: string, values: readonly unknown[] = []) => {
    const client = new pg.Client({ connectionString: server.database.url });
    await client.connect();
    try {
      return (await client.query(text, [...values])).rows;
    } finally {
      await client.end();
    }
  };
  const me = async (who: Caller): Promise<string> => (await who.get('/api/me')).body.id;
  const begin = async (name: string, run: (run: Run) => Promise<object>, by: Caller = runa): Promise<string> => {
    does.set(name, run);
    const person = await me(by);
    return inTransaction(server.database.db, (tx) => addJob(tx, 'trial', { name }, person));
  };
  const job = async (id: string) => (await runa.get(`/api/jobs/${id}`)).body;
  /** Waits until a job has come to a state; whoever looks hears of each of its changes. */
  const until = async (id: string, state: string) => {
    for (;;) {
      const changed = live.next((event) => event.includes(id));
      const now = await job(id);
      if (now.state === state) return now;
      await changed;
    }
  };

  test('one is begun with its transaction, tells how far it has come, and keeps what came of it', async () => {
    const [halfway, goOn] = [promised(), promised()];
    const id = await begin('counts', async ({ progress }) => {
      await progress(1, 2);
      halfway.keep();
      await goOn.kept;
      await progress(2, 2);
      return { counted: 2 };
    });
    await halfway.kept;
    expect(await job(id)).toMatchObject({ state: 'running', done: 1, total: 2, label: 'trial' });
    goOn.keep();
    expect(await until(id, 'done')).toMatchObject({ done: 2, total: 2, result: { counted: 2 }, problem: null });
  });

  test('what is rolled back begins nothing', async () => {
    const before = await sql('select count(*)::integer as n from graphile_worker.jobs');
    const given = inTransaction(server.database.db, async (tx) => {
      await addJob(tx, 'trial', { name: 'never' }, null);
      throw new RangeError('given up');
    });
    await expect(given).rejects.toThrow('given up');
    expect(await sql('select count(*)::integer as n from graphile_worker.jobs')).toEqual(before);
  });

  test('it is there for who began it and for set-up people, and for nobody else', async () => {
    const own = await begin('of Piet', async () => ({}), piet);
    const other = await begin('of Runa', async () => ({}), runa);
    await Promise.all([until(own, 'done'), until(other, 'done')]);
    expect((await piet.get(`/api/jobs/${own}`)).status).toBe(200);
    expect((await piet.get(`/api/jobs/${other}`)).status).toBe(404);
    expect((await piet.call('DELETE', `/api/jobs/${other}`)).status).toBe(404);
    expect((await piet.get('/api/jobs')).status).toBe(403);
    expect((await piet.post('/api/files/clear', {})).status).toBe(403);
    expect((await runa.get(`/api/jobs/${newId()}`)).status).toBe(404);
    expect((await server.stranger().get(`/api/jobs/${own}`)).status).toBe(401);
  });

  test('it stops between two steps, and what it has done stays done', async () => {
    const running = promised();
    const id = await begin('goes on and on', async ({ progress, db }) => {
      for (let done = 0; ; done++) {
        await progress(done, null);
        running.keep();
        await db.execute('select 1');
      }
    });
    await running.kept;
    expect((await runa.call('DELETE', `/api/jobs/${id}`)).body.stopping).toBe(true);
    expect(await until(id, 'stopped')).toMatchObject({ result: null, problem: null });
  });

  test('what failed for good is shown with why, and can be tried again', async () => {
    let fails = true;
    const goesOn = promised();
    const id = await begin('fails at first', async () => {
      if (fails) throw new Error('secret detail');
      await goesOn.kept;
      return { better: true };
    });
    // The pauses between tries grow to an hour: here they are over, and the next is the last. One that is being tried just
    // now is locked, and waits again soon.
    let last: unknown[] = [];
    while (last.length === 0) {
      await until(id, 'waiting');
      last = await sql(
        'update graphile_worker._private_jobs set max_attempts = attempts + 1, run_at = now() where key = $1 and locked_at is null returning key',
        [id],
      );
    }
    const failed = await until(id, 'failed');
    expect(failed.problem).toBe('Something went wrong here. It was noted.');
    expect((await runa.get('/api/jobs')).body.jobs.map((each: { id: string }) => each.id)).toContain(id);
    fails = false;
    const again = await runa.post(`/api/jobs/${id}/again`, {});
    // A worker may have taken it before it is told.
    expect([again.status, ['waiting', 'running'].includes(again.body.state)]).toEqual([200, true]);
    goesOn.keep();
    expect(await until(id, 'done')).toMatchObject({ result: { better: true }, problem: null });
    expect((await runa.post(`/api/jobs/${id}/again`, {})).status).toBe(409);
  });

  test.each([
    ['', '-1 minute'],
    [' while its clock ran ahead', '400 days'],
  ])('a job of a server that died%s is taken over by another', async (_, locked) => {
    let runs = 0;
    const id = await begin('outlives a server', async () => {
      runs++;
      return { runs };
    });
    await until(id, 'done');
    // As a server that was killed leaves it: locked by a pool whose guard holds its lock no more.
    await sql(`update iolite.jobs set state = 'running', result = null where id = $1`, [id]);
    await sql(
      `select graphile_worker.add_job('iolite', json_build_object('job', $1::text), job_key := $1::text, run_at := now() + interval '1 hour')`,
      [id],
    );
    await sql(
      `update graphile_worker._private_jobs set locked_by = 'a dead pool', locked_at = now() + $2::interval, attempts = 1, run_at = now() where key = $1`,
      [id, locked],
    );
    expect(await until(id, 'done')).toMatchObject({ result: { runs: 2 } });
  });

  /** As a server that is killed in the middle leaves a job, and another finds it. */
  const killedIn = async (id: string, runBy: string | null): Promise<void> => {
    await sql(`update iolite.jobs set state = 'running', result = null, run_by = $2 where id = $1`, [id, runBy]);
    await sql(
      `select graphile_worker.add_job('iolite', json_build_object('job', $1::text), job_key := $1::text, run_at := now() + interval '1 hour')`,
      [id],
    );
    await sql(
      `update graphile_worker._private_jobs set locked_by = 'a dead pool', locked_at = now() - interval '1 minute', attempts = 1, run_at = now() where key = $1`,
      [id],
    );
  };

  test('a job that ended its server twice at the same place fails for good; one that came further goes on', async () => {
    let [runs, further] = [0, 0];
    const id = await begin('ends its server', async ({ progress }) => {
      runs++;
      await progress(further, 10);
      return { runs };
    });
    await until(id, 'done');
    const other = newId();
    await killedIn(id, other);
    expect(await until(id, 'done')).toMatchObject({ result: { runs: 2 } });
    // Further than when it ended last: it is tried again.
    await sql('update iolite.jobs set done = 5 where id = $1', [id]);
    further = 5;
    await killedIn(id, other);
    expect(await until(id, 'done')).toMatchObject({ result: { runs: 3 } });
    // A stop that was asked for does not count.
    await killedIn(id, null);
    expect(await until(id, 'done')).toMatchObject({ result: { runs: 4 } });
    await killedIn(id, other);
    expect((await until(id, 'failed')).problem).toMatch(/stopped in the middle twice, at the same place/);
    expect(runs).toBe(4);
    // Somebody may try it again.
    await runa.post(`/api/jobs/${id}/again`, {});
    expect(await until(id, 'done')).toMatchObject({ result: { runs: 5 } });
  });

  test('the session of a server that lives on ended, not the server: its job is taken up again', async () => {
    let runs = 0;
    const id = await begin('loses its session', async () => ({ runs: ++runs }));
    await until(id, 'done');
    const lives = new pg.Client({ connectionString: server.database.url });
    await lives.connect();
    const self = newId();
    await lives.query('select pg_advisory_lock(4781, hashtext($1))', [self]);
    for (const many of [2, 3, 4]) {
      await killedIn(id, self);
      expect(await until(id, 'done')).toMatchObject({ result: { runs: many } });
    }
    await lives.end();
  });

  test('a thread that ends twice at the same place ends its job with why', async () => {
    let runs = 0;
    const id = await begin('ends its thread', async () => {
      runs++;
      throw new ThreadEnded('out of memory');
    });
    await until(id, 'waiting');
    await sql('update graphile_worker._private_jobs set run_at = now() where key = $1 and locked_at is null', [id]);
    expect((await until(id, 'failed')).problem).toMatch(/bring it in smaller parts/);
    expect(runs).toBe(2);
  });

  test('two servers share what there is to do, and each job runs once', async () => {
    const { url } = server.database;
    const other = new Jobs({ url, db: server.database.db, tasks: [task], note: () => undefined });
    await other.start();
    const ran: number[] = [];
    const ids = await Promise.all(
      Array.from({ length: 12 }, (_, i) =>
        begin(`shared ${i}`, async () => {
          ran.push(i);
          return {};
        }),
      ),
    );
    await Promise.all(ids.map((id) => until(id, 'done')));
    expect(ran.toSorted((a, b) => a - b)).toEqual(ids.map((_, i) => i));
    await other.stop();
  });

  test('what may have fallen due while no server ran is done as one starts, not only at its hour', async () => {
    await atStart.kept;
    atStart = promised();
    await server.restartJobs();
    await atStart.kept;
  });

  test('what a clock that ran ahead put off for years is done once it is set right', async () => {
    const [begun, goOn] = [promised(), promised()];
    const others = await Promise.all(
      [1, 2, 3, 4].map((n) =>
        begin(`keeps all busy ${n}`, async () => {
          if (n === 4) begun.keep();
          await goOn.kept;
          return {};
        }),
      ),
    );
    await begun.kept;
    const id = await begin('put off', async () => ({ done: true }));
    const ahead = "now() + interval '400 days'";
    const put = await sql(
      `update graphile_worker._private_jobs set created_at = ${ahead}, run_at = ${ahead} where key = $1 returning id`,
      [id],
    );
    expect(put).toHaveLength(1);
    await sql(`update graphile_worker._private_known_crontabs set last_execution = ${ahead}`);
    goOn.keep();
    await Promise.all(others.map((each) => until(each, 'done')));
    await until(id, 'done');
    const known = 'select count(*)::integer as n from graphile_worker._private_known_crontabs';
    expect((await sql(known))[0].n).toBeGreaterThan(0);
    await vi.waitFor(
      async () => expect(await sql(`${known} where last_execution > now() + interval '1 day'`)).toEqual([{ n: 0 }]),
      { timeout: 20_000, interval: 100 },
    );
  });

  test('files that belong to no record are cleared; those of records, forms, drafts and kept entries stay', async () => {
    const pixel = Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
      'base64',
    );
    const upload = async (name: string): Promise<string> => {
      const answer = await fetch(`${server.base}/api/files?name=${name}&sort=photos`, {
        method: 'POST',
        headers: { cookie: runa.cookie, 'content-type': 'application/octet-stream' },
        body: pixel,
      });
      return (await answer.json()).id;
    };
    const [free, held, archived, kept, young] = [
      await upload('free.png'),
      await upload('held.png'),
      await upload('archived.png'),
      await upload('kept.png'),
      await upload('young.png'),
    ];
    const client = newId();
    await runa.post('/api/registers/clients/records', { id: client, values: { name: 'Owner', kind: 'private' } });
    const boat = async (photo: string) => {
      const id = newId();
      const values = { name: `Boat ${id}`, owner: client, photos: [photo] };
      expect((await runa.post('/api/registers/boats/records', { id, values })).status).toBe(201);
      return id;
    };
    await boat(held);
    await runa.call('DELETE', `/api/registers/boats/records/${await boat(archived)}`);
    await runa.put(`/api/kept/${newId()}`, {
      form: '.boats',
      version: 1,
      record: null,
      title: '',
      body: { typed: { photos: [kept] } },
    });
    await sql(`update iolite.files set added_at = now() - interval '3 days' where id <> $1`, [young]);
    const begun = await runa.post('/api/files/clear', {});
    expect([begun.status, begun.body.label]).toEqual([202, 'Clear files that belong to no record']);
    expect(await until(begun.body.id, 'done')).toMatchObject({ result: { cleared: 1 }, says: 'One was cleared.' });
    const left = (await sql('select id from iolite.files')).map((row) => row.id);
    expect(left).not.toContain(free);
    expect(left).toEqual(expect.arrayContaining([held, archived, kept, young]));
  });

  test('of tasks of which there are many, what ended well a week ago is thrown away, and nothing else', async () => {
    const row = async (name: string, state: string, age: string): Promise<string> => {
      const id = newId();
      await sql(
        `insert into iolite.jobs (id, task, payload, begun_at, state, changed_at)
         values ($1, $2, '{}', now(), $3, now() - $4::interval)`,
        [id, name, state, age],
      );
      return id;
    };
    const old = await row('many', 'done', '8 days');
    const kept = [
      await row('many', 'done', '6 days'),
      await row('many', 'failed', '8 days'),
      await row('few', 'done', '8 days'),
    ];
    expect(await clearJobs(server.database.db, ['many'])).toBe(1);
    const left = (await sql('select id from iolite.jobs')).map(({ id }) => id);
    expect(left).not.toContain(old);
    expect(left).toEqual(expect.arrayContaining(kept));
  });
});
