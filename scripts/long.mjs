// `npm run long`: the tests of random cases with all of them, where `npm test` takes a fiftieth: a million expressions
// (the core against PostgreSQL), 10,000 lists, 100,000 malformed requests, thirty workspaces of who sees what, and so on.
// `npm run long -- NAME …` takes those alone that are called so. IOLITE_SEED chooses other cases.
import { spawnSync } from 'node:child_process';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { installModules, installPostgres, run } from './install.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
installPostgres();
const { stdout } = spawnSync('git', ['grep', '-l', 'often.arb.ts', '--', '*.test.ts'], { encoding: 'utf8' });
const files = stdout.split('\n').filter((file) => file !== '');
const asked = process.argv.slice(2);
const chosen = asked.length === 0 ? files : files.filter((file) => asked.some((name) => file.includes(name)));
if (chosen.length === 0) throw new Error(`no test of random cases is called ${asked.join(' or ')}`);
run(process.execPath, ['node_modules/vitest/vitest.mjs', 'run', ...chosen], {
  env: { ...process.env, IOLITE_LONG: 'yes' },
});
