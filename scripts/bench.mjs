// `npm run bench`: builds the benchmarks and runs them on a PostgreSQL of their own. Prints ratios. With names behind
// `--` (language, ways, list-page, filter, registers, scopes,
// look-ups, lists, sign-off, filling-in, scrolling, backup, spreadsheet, scaling) only those.
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build, installBrowser, installModules, installPostgres, run } from './install.mjs';
import { Cluster } from './pg.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
run(process.execPath, [
  'node_modules/vite/bin/vite.js',
  'build',
  '--logLevel',
  'warn',
  '--config',
  'vite.bench.config.ts',
]);
const which = process.argv.slice(2);
const wanted = (name) => which.length === 0 || which.includes(name);
for (const name of ['language', 'ways'].filter(wanted)) run(process.execPath, [`dist/bench/${name}.js`]);
if (wanted('filling-in') || wanted('scrolling')) {
  installBrowser();
  build();
}
for (const name of [
  'list-page',
  'filter',
  'registers',
  'scopes',
  'look-ups',
  'lists',
  'sign-off',
  'filling-in',
  'scrolling',
  'backup',
  'spreadsheet',
  'scaling',
].filter(wanted)) {
  const bin = installPostgres();
  const cluster = new Cluster(bin, mkdtempSync(join(tmpdir(), 'iolite-bench-')), { throwAway: true });
  try {
    const url = await cluster.start();
    const env = { ...process.env, DATABASE_URL: url, SUPERUSER_URL: cluster.superuserUrl(), IOLITE_PG_BIN: bin };
    run(process.execPath, [`dist/bench/${name}.js`], { env });
  } finally {
    cluster.remove();
  }
}
