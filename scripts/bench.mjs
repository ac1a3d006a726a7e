// `npm run bench`: builds the benchmarks and runs them on a PostgreSQL of their own. Prints ratios.
import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { installModules, installPostgres, run } from './install.mjs';
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
const cluster = new Cluster(installPostgres(), mkdtempSync(join(tmpdir(), 'iolite-bench-')), { throwAway: true });
try {
  const url = await cluster.start();
  run(process.execPath, ['dist/bench/list-page.js'], { env: { ...process.env, DATABASE_URL: url } });
} finally {
  cluster.remove();
}
