// `npm test`: everything, from lint to the browser, on its own throw-away PostgreSQL. Ends with one line that counts.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build, installBrowser, installModules, installPostgres } from './install.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
installPostgres();
installBrowser();
rmSync('.tmp', { recursive: true, force: true });
mkdirSync('.tmp');

let passed = 0;
let failed = 0;
const told = (title, green, startedAt) =>
  console.log(`# ${title}: ${green ? 'passed' : 'FAILED'} in ${((performance.now() - startedAt) / 1000).toFixed(1)} s`);
const node = (title, args) => {
  console.log(`\n# ${title}`);
  const startedAt = performance.now();
  const { status } = spawnSync(process.execPath, args, { stdio: 'inherit' });
  told(title, status === 0, startedAt);
  return status === 0;
};
/** One of several that run side by side: what it prints comes when it has ended. */
const check = (title, ...args) =>
  new Promise((resolve) => {
    const startedAt = performance.now();
    const child = spawn(process.execPath, args, { stdio: ['ignore', 'pipe', 'pipe'] });
    let printed = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (printed += chunk));
    child.once('exit', (code) => {
      console.log(`\n${printed.trimEnd()}`);
      told(title, code === 0, startedAt);
      if (code === 0) passed++;
      else failed++;
      resolve();
    });
  });
const suite = (title, report, ...args) => {
  const green = node(title, ['node_modules/vitest/vitest.mjs', 'run', ...args]);
  const counts = existsSync(report)
    ? JSON.parse(readFileSync(report, 'utf8'))
    : { numPassedTests: 0, numFailedTests: 0 };
  passed += counts.numPassedTests;
  failed += counts.numFailedTests;
  // A suite that could not even begin has failed, whatever it counted.
  if (!green && counts.numFailedTests === 0) failed++;
};

await Promise.all([
  check('lint', 'node_modules/@biomejs/biome/bin/biome', 'check', '--error-on-warnings', '.'),
  check('types', 'node_modules/typescript/bin/tsc', '-b'),
  check('import gate', 'scripts/import-gate.mjs'),
  check('text gate', 'scripts/text-gate.mjs'),
  check('kind gate', 'scripts/kind-gate.mjs'),
]);
suite('unit and interface tests', '.tmp/unit.json');
try {
  build();
  suite('journeys in the browser', '.tmp/e2e.json', '--config', 'vitest.e2e.config.ts');
} catch (error) {
  console.error(error.message);
  failed++;
}
console.log(`\n${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
