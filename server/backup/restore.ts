import pg from 'pg';
import { z } from 'zod';
import { Refusal } from '../platform/refusal.ts';
import { differencesOf, readSequences, readTables } from './figures.ts';
import { type About, openBackupFile } from './file.ts';
import { type Programs, restoreDatabase } from './programs.ts';

const foundSchema = z.object({ tables: z.coerce.number() });

const withClient = async <T>(url: string, run: (client: pg.Client) => Promise<T>): Promise<T> => {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await run(client);
  } finally {
    await client.end();
  }
};

const refuseFilled = async (client: pg.Client): Promise<void> => {
  const { rows } = await client.query(
    "select count(*) as tables from pg_class c join pg_namespace n on n.oid = c.relnamespace where relkind = 'r' and nspname !~ '^pg_' and nspname <> 'information_schema'",
  );
  const { tables } = foundSchema.parse(rows[0]);
  if (tables > 0)
    throw new Refusal(
      'conflict',
      `There is something already: ${tables} tables. A backup is restored into an empty place.`,
    );
};

/**
 * Restores a backup into an empty database, and holds what is there then against what was there when it was taken. All of
 * the file is read before anything is touched. `newest` is the last migration that this program knows.
 */
export const restoreBackup = async (programs: Programs, path: string, newest: number): Promise<About> => {
  const file = await openBackupFile(path);
  try {
    const { about } = file;
    if (about.migration > newest)
      throw new Refusal(
        'invalid',
        'This cannot be restored: it was taken by a newer Iolite. Restore it with that one.',
      );
    await withClient(programs.url, refuseFilled);
    await restoreDatabase(programs, await file.dump());
    const found = await withClient(programs.url, async (client) => ({
      tables: await readTables(client),
      sequences: await readSequences(client),
    }));
    const differences = differencesOf(about.figures, found);
    if (differences.length > 0)
      throw new Refusal('invalid', `What was restored is not what was saved: ${differences.slice(0, 10).join(' ')}`);
    return about;
  } finally {
    file.close();
  }
};
