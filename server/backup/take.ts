import { constants } from 'node:fs';
import { access, mkdir, readdir, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import pg from 'pg';
import { z } from 'zod';
import { lastMigration } from '../platform/database.ts';
import { Refusal } from '../platform/refusal.ts';
import { VERSION } from '../platform/version.ts';
import { readSequences, readTables } from './figures.ts';
import { type About, writeBackupFile } from './file.ts';
import { dumpDatabase, type Programs } from './programs.ts';

const snapshotSchema = z.object({ snapshot: z.string(), taken: z.date(), postgresql: z.string() });

/**
 * Takes a backup while people work: the dump and the figures are of one moment, whatever is written meanwhile. The file is
 * there once it is whole.
 */
export const takeBackup = async (programs: Programs, path: string): Promise<About> => {
  const client = new pg.Client({ connectionString: programs.url });
  await client.connect();
  try {
    await client.query('begin isolation level repeatable read read only');
    const found = await client.query(
      "select pg_export_snapshot() as snapshot, now() as taken, current_setting('server_version') as postgresql",
    );
    const { snapshot, taken, postgresql } = snapshotSchema.parse(found.rows[0]);
    const sequences = await readSequences(client);
    const dump = dumpDatabase(programs, snapshot);
    // Told when it is waited for.
    dump.ended.catch(() => undefined);
    const known = Promise.all([readTables(client), lastMigration(client)]);
    known.catch(() => undefined);
    return await writeBackupFile(path, dump.output, async () => {
      await dump.ended;
      const [tables, migration] = await known;
      return { taken_at: taken.toISOString(), iolite: VERSION, postgresql, migration, figures: { tables, sequences } };
    });
  } finally {
    await client.end();
  }
};

/** What backups taken by themselves are called, so that no other file is ever thrown away. */
const OWN_NAME = /^iolite-\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}Z\.zip$/;
const OWN_PART = /^iolite-\d{4}-\d{2}-\d{2}T\d{2}-\d{2}-\d{2}Z\.zip\.[0-9a-f]{8}\.part$/;
/** Nobody writes so long at one. */
const LEFT_MS = 2 * 86_400_000;
const nameOf = (at: Date): string => `iolite-${at.toISOString().slice(0, 19).replaceAll(':', '-')}Z.zip`;

/** A folder for backups that are taken by themselves, and how many of them are kept. */
export interface Shelf {
  readonly folder: string;
  readonly keep: number;
}

const openShelf = async ({ folder }: Shelf): Promise<void> => {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  await access(folder, constants.W_OK).catch(() => {
    throw new Refusal('invalid', `Backups cannot be written into ${folder}.`);
  });
};

/**
 * Takes a backup before an upgrade: it is kept until somebody throws it away. Gives its path. A start that fails and is
 * begun again and again by the machine keeps one, not one of each try: they are of the same data.
 */
export const takeBeforeUpgrade = async (programs: Programs, shelf: Shelf): Promise<string> => {
  await openShelf(shelf);
  const begun = join(shelf.folder, `before-upgrade-${nameOf(new Date())}`);
  const { migration } = await takeBackup(programs, begun);
  const path = join(shelf.folder, `before-upgrade-from-${migration}.zip`);
  await rename(begun, path);
  return path;
};

/**
 * Takes a backup into a folder, and throws away those that are too many, the oldest first. What bears a day to come was taken
 * by a clock that was wrong, or is now: it stands in the place of none, and is kept.
 */
export const takeIntoShelf = async (
  programs: Programs,
  { folder, keep }: Shelf,
): Promise<{ readonly file: string; readonly bytes: number; readonly about: About }> => {
  await openShelf({ folder, keep });
  // What a server was writing when it was killed is no backup, and takes room.
  for (const each of (await readdir(folder)).filter((name) => OWN_PART.test(name))) {
    // Another server may be done with it at this moment: then there is nothing to throw away.
    const found = await stat(join(folder, each)).catch(() => null);
    if (found && Date.now() - found.mtimeMs > LEFT_MS) await rm(join(folder, each), { force: true });
  }
  const name = nameOf(new Date());
  const about = await takeBackup(programs, join(folder, name));
  const own = (await readdir(folder)).filter((each) => OWN_NAME.test(each) && each <= name).sort();
  for (const old of own.slice(0, Math.max(0, own.length - keep))) await rm(join(folder, old));
  return { file: name, bytes: (await stat(join(folder, name))).size, about };
};
