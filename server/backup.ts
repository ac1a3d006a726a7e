import { join, resolve } from 'node:path';
import { z } from 'zod';
import { restoreBackup } from './backup/restore.ts';
import { takeBackup } from './backup/take.ts';
import { newestMigration } from './platform/database.ts';

/* `npm run backup` and `npm run restore`, once the database is there: `take FILE` and `restore FILE`. */

const { DATABASE_URL: url, IOLITE_PG_BIN: bin } = z
  .object({ DATABASE_URL: z.string().min(1), IOLITE_PG_BIN: z.string().min(1).optional() })
  .parse(process.env);
const [deed, path] = z.tuple([z.enum(['take', 'restore']), z.string().min(1)]).parse(process.argv.slice(2));

const programs = { bin: bin ?? null, url };
const file = resolve(path);
try {
  const about =
    deed === 'take'
      ? await takeBackup(programs, file)
      : await restoreBackup(programs, file, await newestMigration(join(process.cwd(), 'server/platform/migrations')));
  const rows = Object.values(about.figures.tables).reduce((sum, table) => sum + table.rows, 0);
  const said = `${rows.toLocaleString('en')} rows in ${Object.keys(about.figures.tables).length} tables`;
  process.stdout.write(
    deed === 'take'
      ? `Saved in ${file}: ${said}, as they stood at ${about.taken_at}.\n`
      : `Restored from ${file} and found the same: ${said}, as they stood at ${about.taken_at}.\n`,
  );
} catch (error) {
  process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`);
  process.exitCode = 1;
}
