import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, inject, test } from 'vitest';
import { restoreBackup } from '../../backup/restore.ts';
import { newestMigration } from '../../platform/database.ts';
import { upgrades } from '../../platform/schema.ts';
import { makeDatabase, TestServer } from '../harness.ts';
import { tellEverything } from './fill.ts';

const FOLDER = 'server/testing/upgrades';
const kept = readdirSync(FOLDER).flatMap((file) => (file.endsWith('.sql') ? [file.slice(0, -4)] : []));

/** The backups that were kept with the dumps, from the first version on that took any. */
const backups = readdirSync(FOLDER).filter((file) => file.endsWith('.zip'));

describe('a backup of an earlier version', () => {
  test('there are some to restore', () => expect(backups.length).toBeGreaterThan(0));

  test.each(backups)('%s: is restored, and this version starts on it and says all that was said', async (file) => {
    const url = await makeDatabase();
    const newest = await newestMigration('server/platform/migrations');
    await restoreBackup({ bin: inject('postgresBin'), url }, join(FOLDER, file), newest);
    const server = await TestServer.start({ url, dump: '' });
    try {
      const said: unknown = JSON.parse(readFileSync(join(FOLDER, file.replace('.zip', '.json')), 'utf8'));
      expect(await tellEverything(server)).toEqual(said);
    } finally {
      await server.stop();
    }
  });
});

describe('a database of an earlier version', () => {
  test('there are dumps to start on', () => expect(kept.length).toBeGreaterThan(0));

  test.each(kept)('%s: this version starts on it, says all that it said, and starts on it again', async (name) => {
    const read = (ending: string) => readFileSync(join(FOLDER, `${name}.${ending}`), 'utf8');
    const said: unknown = JSON.parse(read('json'));
    const server = await TestServer.start({ dump: read('sql') });
    const { url } = server.database;
    try {
      expect(await tellEverything(server)).toEqual(said);
      const done = await server.database.db.select().from(upgrades);
      expect(done.map(({ name }) => name).toSorted()).toEqual(['people_tied', 'words_marked']);
    } finally {
      await server.stop();
    }
    const again = await TestServer.start({ url, dump: '' });
    try {
      expect(await tellEverything(again)).toEqual(said);
    } finally {
      await again.stop();
    }
  });
});
