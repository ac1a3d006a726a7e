import { randomBytes } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { FoundEverywhere } from '#contract/index.ts';
import { uuidV7 } from '#core/base/index.ts';
import { TestServer } from '../testing/harness.ts';

describe('one box over all that a person may see', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start();
    const runa = await server.as('Runa');
    const id = () => uuidV7(Date.now(), randomBytes(10));
    const clients = ['Petrel Hire', 'Old Petrel', ...Array.from({ length: 7 }, (_, i) => `Storm Petrel ${i}`)].map(
      (name) => ({ id: id(), values: { name, kind: 'firm' } }),
    );
    await runa.post('/api/registers/clients/import', { records: clients });
    const boat = { id: id(), values: { name: 'Petrél of Sandvik', owner: clients[1]?.id } };
    await runa.post('/api/registers/boats/import', { records: [boat] });
  });
  afterAll(() => server?.stop());

  const found = async (name: string, words: string): Promise<FoundEverywhere> =>
    (await (await server.as(name)).get(`/api/find?words=${encodeURIComponent(words)}`)).body;

  test('records by register, those whose title begins so first, some of them and whether there are more', async () => {
    const { registers } = await found('Runa', 'petrel');
    const told = registers.map(({ key, records, more }) => [key, records.length, more, records[0]?.title]);
    expect(told).toEqual([
      ['clients', 5, true, 'Petrel Hire'],
      ['boats', 1, false, 'Petrél of Sandvik'],
    ]);
    expect((await found('Runa', 'storm petrel 3')).registers.map(({ records }) => records[0]?.title)).toEqual([
      'Storm Petrel 3',
    ]);
  });

  test('what is behind a register that one does not see is not found, nor counted', async () => {
    // A yard hand sees boats, and no clients.
    const { registers } = await found('Piet', 'petrel');
    expect(registers.map(({ key, records }) => [key, records.length])).toEqual([['boats', 1]]);
    expect((await found('Piet', 'storm')).registers).toEqual([]);
  });

  test('forms one may fill in and lists one is offered, by what they are called', async () => {
    const labels = ({ forms, lists }: FoundEverywhere) => [
      forms.map(({ label }) => label),
      lists.map(({ list }) => list.label),
    ];
    expect(labels(await found('Bea', 'owed'))).toEqual([[], ['Owed to us']]);
    expect(labels(await found('Piet', 'owed'))).toEqual([[], []]);
    expect(labels(await found('Piet', 'INCID'))).toEqual([['Report an incident'], []]);
    expect(await found('Runa', '   ')).toEqual({ registers: [], forms: [], lists: [] });
  });
});
