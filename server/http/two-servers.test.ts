import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, newId, TestServer } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';

/** Two servers on one database, as behind a proxy: whichever answers, it is one Iolite. */
describe('two servers on one database', () => {
  let one: TestServer;
  let other: TestServer;
  let runa: Caller;
  let runaThere: Caller;

  beforeAll(async () => {
    one = await TestServer.start();
    other = await TestServer.start({ url: one.database.url, dump: '' });
    runa = await one.as('Runa');
    runaThere = new Caller(other.base, runa.cookie);
  });
  afterAll(async () => {
    await one?.stop();
    await other?.stop();
  });

  test('a session begun at one is one at the other, and ends at both', async () => {
    const teo = await one.as('Teo');
    const there = new Caller(other.base, teo.cookie);
    expect((await there.get('/api/me')).body.name).toBe('Teo Marsh');
    await there.call('DELETE', '/api/session');
    expect((await teo.get('/api/me')).status).toBe(401);
  });

  test('numbers are given once, without gaps, whoever gives them', async () => {
    const save = (who: Caller) =>
      who.post('/api/registers/clients/records', { id: newId(), values: { name: 'Somebody' } });
    const saved = await Promise.all(Array.from({ length: 40 }, (_, i) => save(i % 2 === 0 ? runa : runaThere)));
    expect(saved.map((each) => each.status)).toEqual(Array(40).fill(201));
    const numbers = saved.map((each) => Number(each.body.number.split('-')[1])).sort((a, b) => a - b);
    expect(numbers).toEqual(Array.from({ length: 40 }, (_, i) => (numbers[0] ?? 0) + i));
  });

  test('what is set up at one is in force at the other with the next request, and its browsers hear of it', async () => {
    const stream = await LiveStream.open(other, runaThere);
    const heard = stream.next((event) => event.includes('"workspace"'));
    const { version } = (await runa.get('/api/workspace')).body;
    const registers = [
      {
        key: 'kayaks',
        singular: 'Kayak',
        plural: 'Kayaks',
        mark: 'KAY',
        fields: [{ key: 'name', label: 'Name', type: { kind: 'text' } }],
      },
    ];
    expect((await runa.post('/api/workspace/carry-out', { version, registers, choice_lists: [] })).status).toBe(200);
    const added = await runaThere.post('/api/registers/kayaks/records', { id: newId(), values: { name: 'Selkie' } });
    expect(added.status).toBe(201);
    await heard;
    stream.close();
  });

  test('browsers of one hear what is saved at the other', async () => {
    const stream = await LiveStream.open(other, runaThere);
    const heard = stream.next((event) => event.includes('"clients"'));
    await runa.post('/api/registers/clients/records', { id: newId(), values: { name: 'Heard of' } });
    await heard;
    stream.close();
  });
});

describe('two hundred who save at the same moment', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start();
  });
  afterAll(() => server?.stop());

  test('all are stored, and numbered without gaps', async () => {
    const runa = await server.as('Runa');
    const save = () => runa.post('/api/registers/clients/records', { id: newId(), values: { name: 'One of many' } });
    const saved = await Promise.all(Array.from({ length: 200 }, save));
    expect(saved.map((each) => each.status)).toEqual(Array(200).fill(201));
    expect(new Set(saved.map((each) => each.body.number)).size).toBe(200);
  });
});
