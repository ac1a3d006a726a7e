import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { api } from '#contract/index.ts';
import { FROM_RECORDS } from '../http/composition.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import { DefinitionsReader } from './reader.ts';
import { DefinitionsService } from './service.ts';

const buoy = { key: 'name', label: 'Name', type: { kind: 'text' } };
const depth = { key: 'depth', label: 'Depth', type: { kind: 'number', decimals: 0 } };
const buoys = (more: object) => ({
  registers: [{ key: 'buoys', singular: 'Buoy', plural: 'Buoys', mark: 'BUO', ...more }],
});
const named = { kind: 'must', condition: 'name != "Old one"', message: 'It must be named anew.' };
const deep = { kind: 'must', condition: 'depth > 2', message: 'It must lie deeper.' };

/** What a rule that is added means for the records there are. */
describe('what a new rule would break', () => {
  let server: TestServer;
  let runa: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
    expect((await carryOut(buoys({ fields: [buoy] }))).status).toBe(200);
    const added = await runa.post('/api/registers/buoys/records', { id: newId(), values: { name: 'Old one' } });
    expect(added.status).toBe(201);
  });
  afterAll(() => server?.stop());

  const version = async (): Promise<number> => (await runa.get('/api/workspace')).body.version;
  const carryOut = async (changes: object) =>
    runa.post('/api/workspace/carry-out', { version: await version(), ...changes });

  test('is refused while a record breaks it, where they are to be mended first', async () => {
    const answer = await carryOut({ ...buoys({ fields: [buoy], constraints: [named] }), mended_first: true });
    expect([answer.status, answer.body.errors?.[0]?.code]).toEqual([422, 'still_broken']);
  });

  test('is nothing, where the field it reads is added with it: that is carried out', async () => {
    const answer = await carryOut({ ...buoys({ fields: [buoy, depth], constraints: [deep] }), mended_first: true });
    expect([answer.status, answer.body.detail]).toEqual([200, undefined]);
  });

  test('is never taken for nothing, where it could not be found out', async () => {
    const findBreaking = () => Promise.reject(new Error('the disk is full'));
    const service = new DefinitionsService(server.database.db, new DefinitionsReader(), {
      ...FROM_RECORDS,
      findBreaking,
    });
    const changes = { version: await version(), ...buoys({ fields: [buoy, depth], constraints: [named] }) };
    await expect(service.rehearse(api.rehearse.body.parse(changes))).rejects.toThrow('the disk is full');
  });
});
