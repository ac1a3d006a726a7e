// `npm run restore -- FILE [--instead]`: puts a backup back into an empty place; with `--instead` what is there is set
// aside first, beside it, and comes back where the backup cannot be restored.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, renameSync, rmSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build, installModules, installPostgres } from './install.mjs';
import { Cluster } from './pg.mjs';

const from = process.env.INIT_CWD ?? process.cwd();
process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
const { place } = await import('./place.mjs');
const end = (text) => {
  console.error(text);
  process.exit(1);
};
const named = process.argv.slice(2).find((each) => !each.startsWith('-'));
const isInstead = process.argv.includes('--instead');
if (!named) end('Say which file: npm run restore -- FILE');
const file = resolve(from, named);
if (!existsSync(file)) end(`There is no file ${file}.`);
installModules();
build();

const restore = (url, bin) =>
  spawnSync(process.execPath, ['--enable-source-maps', 'dist/server/backup.js', 'restore', file], {
    stdio: 'inherit',
    env: { ...process.env, DATABASE_URL: url, ...(bin ? { IOLITE_PG_BIN: bin } : {}) },
  }).status === 0;

if (place.url) {
  if (isInstead) end('--instead is for data in a folder of Iolite’s own. Make an empty database, and name that one.');
  process.exit(restore(place.url, process.env.IOLITE_PG_BIN) ? 0 : 1);
}

const bin = installPostgres();
const { folder } = place;
mkdirSync(folder, { recursive: true });
/** What makes a database of one's own: all of it goes, or comes back, together. */
const PARTS = ['pg', 'pg-password', 'pg-role-password'];
const cluster = new Cluster(bin, folder);
let aside = null;
if (existsSync(join(folder, 'pg'))) {
  if (!isInstead)
    end(
      `There are data in ${folder} already. IOLITE_DATA names an empty folder; or say --instead: then they are set aside.`,
    );
  if (cluster.isRunning()) end('Iolite is running. Stop it first.');
  aside = join(folder, `set-aside-${new Date().toISOString().slice(0, 19).replaceAll(':', '-')}Z`);
  mkdirSync(aside, { mode: 0o755 });
  for (const part of PARTS) if (existsSync(join(folder, part))) renameSync(join(folder, part), join(aside, part));
}
const done = restore(await cluster.start(), bin);
cluster.stop();
if (!done) {
  for (const part of PARTS) rmSync(join(folder, part), { recursive: true, force: true });
  if (aside !== null) {
    for (const part of PARTS) if (existsSync(join(aside, part))) renameSync(join(aside, part), join(folder, part));
    rmSync(aside, { recursive: true });
  }
  end(aside === null ? 'Nothing was restored.' : 'Nothing was restored: everything is as it was.');
}
console.log(aside === null ? 'Iolite can be started on it.' : `What was there before is in ${aside}.`);
