import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { newId, TestServer } from '../testing/harness.ts';
import { refuseUnbounded } from './bounds.ts';

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);
const nested = (deep: number): string => `${'['.repeat(deep)}${']'.repeat(deep)}`;
const keyed = (many: number): string => `{${Array.from({ length: many }, (_, i) => `"k${i}":1`).join(',')}}`;

describe('how much a body may hold', () => {
  test.each([
    ['64 deep', nested(64), '/api/keep', true],
    ['65 deep', nested(65), '/api/keep', false],
    ['brackets in a text', JSON.stringify({ a: nested(500) }), '/api/keep', true],
    ['a quote and a backslash in a text', JSON.stringify({ a: `\\"${nested(500)}\\` }), '/api/keep', true],
    ['20,000 keys', keyed(20_000), '/api/registers/boats/records', true],
    ['20,001 keys', keyed(20_001), '/api/registers/boats/records', false],
    ['20,001 keys of many records', keyed(20_001), '/api/registers/boats/import', true],
    ['250,001 keys of many records', keyed(250_001), '/api/registers/boats/import', false],
    ['250,001 items', `[${'0,'.repeat(250_001)}0]`, '/api/imports', false],
    ['no JSON at all', '}}}]]]', '/api/keep', true],
  ])('%s', (_, text, path, isRead) => {
    const read = () => refuseUnbounded(bytes(text), path);
    if (isRead) expect(read).not.toThrow();
    else expect(read).toThrow(/nested more than 64 deep|more than is read at once/);
  });
});

describe('a body from outside', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start();
  });
  afterAll(() => server?.stop());

  const large = (kilobytes: number) => ({ person: 'a'.repeat(kilobytes * 1024) });

  test('of somebody who is not signed in is read up to 64 kB, of others up to 4 MB', async () => {
    const stranger = server.stranger();
    expect((await stranger.post('/api/session', large(60))).status).not.toBe(413);
    expect((await stranger.post('/api/session', large(70))).status).toBe(413);
    expect((await stranger.post('/api/registers/boats/records', large(70))).status).toBe(413);
    const runa = await server.as('Runa');
    const record = (kilobytes: number) => ({ id: newId(), values: { name: 'a'.repeat(kilobytes * 1024) } });
    expect((await runa.post('/api/registers/boats/records', record(2_000))).status).toBe(422);
    expect((await runa.post('/api/registers/boats/records', record(5_000))).status).toBe(413);
  });

  test('that is nested or keyed without an end is refused before it is parsed', async () => {
    const runa = await server.as('Runa');
    const deep = await runa.post('/api/registers/boats/records', `{"id":${nested(1_000)}}`);
    expect([deep.status, deep.body.detail]).toEqual([413, expect.stringContaining('64 deep')]);
    const wide = await runa.post('/api/registers/boats/records', keyed(100_000));
    expect([wide.status, wide.body.detail]).toEqual([413, expect.stringContaining('in parts')]);
  });

  test('with many keys that are not known tells the first of them, and how many more there are', async () => {
    const runa = await server.as('Runa');
    const values = Object.fromEntries(Array.from({ length: 10_000 }, (_, i) => [`nam${i}`, 1]));
    const answer = await runa.post('/api/registers/boats/records', { id: newId(), values });
    expect(answer.status).toBe(422);
    expect(answer.body.errors).toHaveLength(51);
    expect(answer.body.errors.at(-1).detail).toBe('And 9,950 more are not known here.');
    const few = await runa.post('/api/registers/boats/records', { id: newId(), values: { nam: 'a' } });
    expect(few.body.detail).toContain('Did you mean name?');
    const unknown = Object.fromEntries(Array.from({ length: 10_000 }, (_, i) => [`key_${i}`, 1]));
    const strange = await runa.post('/api/registers/boats/records', unknown);
    expect([strange.status, JSON.stringify(strange.body).length < 2_000]).toEqual([422, true]);
  });
});
