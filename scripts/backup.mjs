// `npm run backup [-- FILE]`: saves the database, and with it every file, in one file, also while people work.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build, installModules, installPostgres } from './install.mjs';
import { Cluster } from './pg.mjs';

const from = process.env.INIT_CWD ?? process.cwd();
process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
const { place } = await import('./place.mjs');
const stamp = new Date().toISOString().slice(0, 19).replaceAll(':', '-');
const named = process.argv.slice(2).find((each) => !each.startsWith('-'));
const file = named ? resolve(from, named) : join(place.folder, 'backups', `by-hand-${stamp}Z.zip`);
if (!place.url && !existsSync(join(place.folder, 'pg/PG_VERSION'))) {
  console.error(`There are no data of Iolite in ${place.folder}. IOLITE_DATA names another folder.`);
  process.exit(1);
}
installModules();
build();
mkdirSync(dirname(file), { recursive: true });
const bin = place.url ? process.env.IOLITE_PG_BIN : installPostgres();
const cluster = place.url ? null : new Cluster(bin, place.folder);
const ran = cluster?.isRunning() ?? true;
const url = place.url ?? (await cluster.start());
const { status } = spawnSync(process.execPath, ['--enable-source-maps', 'dist/server/backup.js', 'take', file], {
  stdio: 'inherit',
  env: { ...process.env, DATABASE_URL: url, ...(bin ? { IOLITE_PG_BIN: bin } : {}) },
});
if (!ran) cluster.stop();
process.exit(status ?? 1);
