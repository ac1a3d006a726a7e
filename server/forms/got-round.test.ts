import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const tools = {
  key: 'tools',
  singular: 'Tool',
  plural: 'Tools',
  mark: 'TOO',
  fields: [
    { key: 'name', label: 'Name', type: { kind: 'text' }, required: true },
    { key: 'serial', label: 'Serial', type: { kind: 'text' } },
  ],
};
const form = (more: object = {}) => ({
  key: 'lend_tool',
  label: 'Lend a tool',
  register: 'tools',
  questions: [
    { field: 'name', rules: [] },
    { field: 'serial', rules: [{ kind: 'must_be_unique' }] },
  ],
  ...more,
});

/** What somebody tries who would rather not keep to what a form says. */
describe('a form that somebody tries to get round', () => {
  let server: TestServer;
  let runa: Caller;
  let bea: Caller;

  const publish = async (definition: object): Promise<number> => {
    expect((await runa.put('/api/forms/lend_tool/draft', definition)).status).toBe(200);
    const published = await runa.post('/api/forms/lend_tool/publish', { fill_in_by: ['office'], seen_by: ['office'] });
    expect(published.status).toBe(200);
    return published.body.version;
  };
  const send = (version: number, values: object = { name: 'Drill' }, more: object = {}) =>
    bea.post('/api/forms/lend_tool/entries', {
      id: newId(),
      version,
      filled_in_at: new Date().toISOString(),
      values,
      ...more,
    });

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, bea] = await Promise.all([server.as('Runa'), server.as('Bea')]);
    const made = await runa.post('/api/workspace/carry-out', { version: 1, registers: [tools], choice_lists: [] });
    expect(made.status).toBe(200);
  });
  afterAll(() => server?.stop());

  test('of twelve who send the same at once where it must be unique, one is stored', async () => {
    const version = await publish(form());
    const values = { name: 'Saw', serial: 'S 1' };
    const sent = await Promise.all(
      Array.from({ length: 12 }, (_, i) => send(version, { ...values, serial: i % 2 ? 's  1' : 'S 1' })),
    );
    expect(sent.map((each) => each.status).sort()).toEqual([201, ...Array(11).fill(422)]);
    const refused = sent.find((each) => each.status === 422);
    expect(refused?.body.errors[0]).toMatchObject({ code: 'unique', pointer: '#/values/serial' });
  });

  test('a form that is closed stays closed to an entry that names an older version', async () => {
    const open = await publish(form());
    expect((await send(open)).status).toBe(201);
    const closed = await publish(form({ open_until: '2020-01-01' }));
    const answers = [await send(open), await send(closed)];
    expect(answers.map((each) => [each.status, each.body.detail])).toEqual(
      Array(2).fill([403, 'This form could be filled in until 01 Jan 2020.']),
    );
  });

  test('how many times it may be sent is said by the version that is open', async () => {
    const often = await publish(form());
    const once = await publish(form({ at_most: { times: 1, per: 'person' } }));
    const answers = [await send(often), await send(once)];
    expect(answers.map((each) => each.status)).toEqual([403, 403]);
  });

  test('an older version is taken as long as the form says, and then no more', async () => {
    const older = await publish(form());
    await publish(form({ label: 'Lend out a tool', waits_days: 3 }));
    expect((await send(older)).status).toBe(201);
    const made = (days: number) =>
      server.database.db.execute(
        sql`update iolite.definitions set created_at = now() - make_interval(days => ${days}::integer)
          where kind = 'form' and key = 'lend_tool' and version > ${older}`,
      );
    await made(2);
    expect((await send(older)).status).toBe(201);
    await made(4);
    const late = await send(older);
    expect([late.status, late.body.detail]).toEqual([
      409,
      'This form has changed since it was opened. Open it again; what you typed is kept.',
    ]);
  });
});
