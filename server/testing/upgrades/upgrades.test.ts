import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { isNotNull } from 'drizzle-orm';
import { describe, expect, inject, test } from 'vitest';
import { restoreBackup } from '../../backup/restore.ts';
import { newestMigration } from '../../platform/database.ts';
import { people, upgrades } from '../../platform/schema.ts';
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

describe('what an earlier version did once', () => {
  /** Who is tied to a record after this version has started on data of version 22, with something changed in them. */
  const tiedAfter = async (change: string): Promise<string[]> => {
    const dump = `${readFileSync(join(FOLDER, '0022-faults.sql'), 'utf8')}\n${change}`;
    const server = await TestServer.start({ dump });
    try {
      const rows = await server.database.db
        .select({ name: people.name })
        .from(people)
        .where(isNotNull(people.recordId));
      return rows.map(({ name }) => name);
    } finally {
      await server.stop();
    }
  };
  // One client has the address of somebody, who is tied to no record.
  const UNTIED = `update iolite.people set record_id = null;
    update records.clients set email = 'orla.margetts@example.org' where number = 'CLI-0001';`;

  test('is not done again: who was taken from their record stays so', async () =>
    expect(await tiedAfter(UNTIED)).toEqual([]));

  test('is done where it was not', async () =>
    expect(await tiedAfter(`${UNTIED} update iolite.workspace set tied = false;`)).toEqual(['Orla Margetts']));
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
