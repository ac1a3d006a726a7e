import { afterAll, beforeAll, expect, test } from 'vitest';
import { TestServer } from '../testing/harness.ts';
import { upgrades } from './schema.ts';
import { doOnce } from './upgrades.ts';

let server: TestServer;
beforeAll(async () => {
  server = await TestServer.start();
});
afterAll(() => server?.stop());

const names = async () => (await server.database.db.select().from(upgrades)).map(({ name }) => name).toSorted();

test('what this version would upgrade is done, once, also where nothing was there before', async () => {
  expect(await names()).toEqual(['people_tied', 'words_marked']);
  await doOnce(server.database.db, 'people_tied', () => Promise.reject(new Error('it is done again')));
});

test('what fails is not kept as done, and is done the next time, and then no more', async () => {
  const { db } = server.database;
  await db.delete(upgrades);
  await expect(doOnce(db, 'words_marked', () => Promise.reject(new Error('no light')))).rejects.toThrow('no light');
  expect(await names()).toEqual([]);
  let times = 0;
  const count = async () => {
    times++;
  };
  await doOnce(db, 'words_marked', count);
  await doOnce(db, 'words_marked', count);
  expect([times, await names()]).toEqual([1, ['words_marked']]);
});
