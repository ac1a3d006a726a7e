import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { beginCsv, bringCsv, carryOut, lookAtCsv, untilOver } from '../testing/csv.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const crates = {
  key: 'crates',
  singular: 'Crate',
  plural: 'Crates',
  mark: 'CRT',
  fields: [
    { key: 'name', label: 'Name', type: { kind: 'text' }, required: true },
    { key: 'weight', label: 'Weight', type: { kind: 'number', decimals: 0 } },
    { key: 'inside', label: 'Inside', type: { kind: 'link', register: 'crates' } },
  ],
  constraints: [
    { kind: 'unique', fields: ['name'], folded: true },
    { kind: 'must', condition: 'weight = null or weight < 1000', message: 'Weight must be under 1000.' },
    // What looks beyond the record, only the database can answer.
    {
      kind: 'must',
      condition: 'inside = null or inside.weight = null or weight <= inside.weight',
      message: 'It must fit into it.',
    },
  ],
};
/** A machine that others use too takes its time. */
const PATIENCE = { timeout: 60_000, interval: 20 };
const COLUMNS = ['name', 'weight', 'inside'];
const rows = (from: number, count: number): string =>
  Array.from({ length: count }, (_, i) => `Crate ${from + i},${(from + i) % 900}`).join('\n');
const file = (from: number, count: number) => ({
  csv: `Name,Weight\n${rows(from, count)}`,
  columns: COLUMNS.slice(0, 2),
});

/** Files of records on their way in: jobs, part by part, watched, stopped, gone on with, undone. */
describe('a file of records', () => {
  let server: TestServer;
  let runa: Caller;
  let bea: Caller;

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    [runa, bea] = [await server.as('Runa'), await server.as('Bea')];
    const made = await runa.post('/api/workspace/carry-out', { version: 1, registers: [crates], choice_lists: [] });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
  });
  afterAll(() => server?.stop());

  const count = async (): Promise<number> => (await runa.get('/api/registers/crates/records?limit=1')).body.count;
  const add = (name: string, more: object = {}) =>
    runa.post('/api/registers/crates/records', { id: newId(), values: { name, ...more } });
  /** Waits until a part of a file is stored. */
  const untilStored = (id: string) =>
    vi.waitFor(async () => {
      if ((await runa.get(`/api/imports/${id}`)).body.through === 0) throw new Error('nothing is stored yet');
    }, PATIENCE);
  const numberOf = (answer: { body: { number: string } }): number => Number(answer.body.number.split('-')[1]);

  test('rehearsed, says of every row what importing it would say, and takes no number', async () => {
    const before = numberOf(await add('Big', { weight: '10' }));
    const csv = [
      'Name,Weight,Of',
      'Sound,5,Big',
      'big,1,',
      'Too heavy,2000,',
      'Sound,1,',
      'Does not fit,50,Big',
      ',1,',
      'Fits,10,Big',
    ].join('\n');
    const given = { csv, columns: COLUMNS };
    const looked = await lookAtCsv(runa, 'crates', given);
    const would = looked.found?.would;
    expect(would).toMatchObject({ add: 2, out: 5 });
    expect(numberOf(await add('Next'))).toBe(before + 1);
    expect((await carryOut(runa, looked)).status).toBe(202);
    const imported = await untilOver(runa, looked.id);
    expect(imported).toMatchObject({ added: 2, refused_count: 5, may_undo: true });
    expect(imported.refused).toEqual([
      { line: 3, detail: expect.stringMatching(/^No two crates .* CRT-0001 has this already\.$/) },
      { line: 4, detail: 'Weight must be under 1000.' },
      { line: 5, detail: expect.stringMatching(/ Row 2 has this already\.$/) },
      { line: 6, detail: 'It must fit into it.' },
      { line: 7, detail: expect.stringContaining('must be answered') },
    ]);
    // What looking through it told of each row, in the same words.
    const told = would?.first
      .filter(({ outcome }) => outcome === 'out')
      .map(({ why, cells }) => [why, ...cells.map((cell) => cell?.wrong)]);
    for (const [at, { detail }] of imported.refused.entries())
      expect(detail).toContain(told?.[at]?.find((each) => typeof each === 'string'));
  });

  test('imported, is stored part by part, numbered without gaps, and undone in one step', async () => {
    const before = await count();
    const first = numberOf(await add('Before it'));
    const imported = await bringCsv(runa, 'crates', file(1_000, 1_200));
    expect(imported).toMatchObject({
      through: 1_200,
      added: 1_200,
      refused_count: 0,
      job: { state: 'done', total: 1_200 },
    });
    expect(await count()).toBe(before + 1_201);
    expect(numberOf(await add('After it'))).toBe(first + 1_201);
    // Two change what came in: one is changed back with the rest by nobody, as it holds something else by then.
    const change = 'Name,Weight\nCrate 1000,7\nCrate 1001,8';
    const changed = await bringCsv(runa, 'crates', { csv: change, columns: ['name', 'weight'], match: 'name' });
    expect(changed).toMatchObject({ changed: 2, added: 0 });
    const undone = await runa.post(`/api/imports/${changed.id}/undo`, {});
    expect((await untilOver(runa, undone.body.id)).undone).toEqual({ archived: 0, changed: 2, refused: [] });
    const [crate] = (await runa.get('/api/registers/crates/records?find=1000')).body.records;
    expect(crate.values.weight).toBe('100');

    const again = await runa.post(`/api/imports/${imported.id}/undo`, {});
    expect((await untilOver(runa, again.body.id)).undone).toEqual({ archived: 1_200, changed: 0, refused: [] });
    expect(await count()).toBe(before + 2);
    expect((await runa.post(`/api/imports/${imported.id}/undo`, {})).status).toBe(409);
  });

  test('what cannot be undone is named: what others changed since, and what others point to', async () => {
    const imported = await bringCsv(runa, 'crates', file(5_000, 3));
    const changed = await bringCsv(runa, 'crates', {
      csv: 'Name,Weight\nCrate 5000,1\nCrate 5001,1',
      columns: ['name', 'weight'],
      match: 'name',
    });
    const [crate] = (await runa.get('/api/registers/crates/records?find=5001')).body.records;
    const at = `/api/registers/crates/records/${crate.id}`;
    expect((await runa.patch(at, { from: { weight: '1' }, changes: { weight: '2' } })).status).toBe(200);
    const undoing = await untilOver(runa, (await runa.post(`/api/imports/${changed.id}/undo`, {})).body.id);
    const refused = [`${crate.number}: Someone else changed Weight meanwhile.`];
    expect(undoing.undone).toEqual({ archived: 0, changed: 1, refused });
    await add('Points there', { inside: crate.id, weight: '1' });
    const archiving = await untilOver(runa, (await runa.post(`/api/imports/${imported.id}/undo`, {})).body.id);
    expect(archiving.undone).toMatchObject({ archived: 2 });
    expect(archiving.undone?.refused).toEqual([expect.stringMatching(new RegExp(`^${crate.number}: .*point here`))]);
  });

  test('stopped, it keeps what is stored and says so', async () => {
    const before = await count();
    const looked = await lookAtCsv(runa, 'crates', file(10_000, 20_000));
    const { body } = await carryOut(runa, looked);
    await untilStored(body.id);
    await runa.call('DELETE', `/api/jobs/${body.job.id}`);
    const stopped = await untilOver(runa, body.id);
    expect(stopped).toMatchObject({ job: { state: 'stopped' }, may_undo: true });
    expect(stopped.added).toBeLessThan(20_000);
    expect(stopped.added).toBe(stopped.through);
    expect(await count()).toBe(before + stopped.added);
  });

  test('goes on where a server that ended left it: nothing is lost, nothing is stored twice', async () => {
    const before = await count();
    const { body } = await carryOut(runa, await lookAtCsv(runa, 'crates', file(100_000, 3_000)));
    await untilStored(body.id);
    // Its jobs end as they would with the server; another takes them over.
    await server.restartJobs();
    expect(await untilOver(runa, body.id)).toMatchObject({ job: { state: 'done' }, through: 3_000, added: 3_000 });
    expect(await count()).toBe(before + 3_000);
  });

  test('changed while it is looked through, it is looked through anew; an older window is told', async () => {
    const { body } = await beginCsv(runa, 'crates', file(200_000, 20_000));
    const changed = await runa.patch(`/api/imports/${body.id}`, { revision: 1, reading: { head: 1, separator: ';' } });
    expect(changed.body).toMatchObject({ revision: 2, is_current: false });
    const looked = await untilOver(runa, body.id);
    expect(looked).toMatchObject({ is_current: true, found: { separator: ';' } });
    expect((await runa.patch(`/api/imports/${body.id}`, { revision: 1, plan: { form: true } })).status).toBe(409);
    expect((await carryOut(runa, { id: body.id, revision: 1 })).status).toBe(409);
    expect((await runa.call('DELETE', `/api/imports/${body.id}`)).status).toBe(204);
    expect((await runa.get(`/api/imports/${body.id}`)).status).toBe(404);
  });

  test('is told with its job as both stood at one moment: over, it never stands as it did before', async () => {
    const { id, job } = await lookAtCsv(runa, 'crates', file(900, 2));
    const { db } = server.database;
    await db.execute(sql`update jobs set state = 'running' where id = ${job.id}`);
    const asked = await db.transaction(async (tx) => {
      await tx.execute(sql`lock table jobs in access exclusive mode`);
      const answer = runa.get(`/api/imports/${id}`);
      await vi.waitFor(async () => {
        const { rows: held } = await tx.execute(
          sql`select from pg_locks where not granted and relation = 'jobs'::regclass`,
        );
        expect(held).toHaveLength(1);
      }, PATIENCE);
      await tx.execute(sql`update imports set through = 2 where id = ${id}`);
      await tx.execute(sql`update jobs set state = 'done' where id = ${job.id}`);
      return { answer };
    });
    const { body } = await asked.answer;
    expect([body.job.state, body.through]).toEqual(['done', 2]);
  });

  test('is there for who brought it, and for set-up people', async () => {
    await runa.post('/api/workspace/carry-out', {
      version: (await runa.get('/api/workspace')).body.version,
      registers: [],
      choice_lists: [],
      roles: [
        {
          key: 'office',
          label: 'Office',
          registers: { crates: { see: true, add: true, change: false } },
        },
      ],
    });
    const own = await bringCsv(bea, 'crates', file(300_000, 2));
    const other = await bringCsv(runa, 'crates', file(300_010, 2));
    expect((await bea.get(`/api/imports/${other.id}`)).status).toBe(404);
    expect((await runa.get(`/api/imports/${own.id}`)).status).toBe(200);
    expect((await bea.get('/api/imports?register=crates')).body.imports.map((each: { id: string }) => each.id)).toEqual(
      [own.id],
    );
    // Rights are those of the moment: who may not change may not take back.
    expect((await bea.post(`/api/imports/${own.id}/undo`, {})).status).toBe(403);
    const changing = await bringCsv(bea, 'crates', {
      csv: 'Name,Weight\nCrate 300000,1',
      columns: ['name', 'weight'],
      match: 'name',
    });
    expect(changing.refused).toEqual([{ line: 2, detail: 'You may not change records here.' }]);
  });
});
