// `npm test`: everything, from lint to the browser, on its own throw-away PostgreSQL. Ends with one line that counts.
import { spawnSync } from 'node:child_process';
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
const node = (title, args) => {
  console.log(`\n# ${title}`);
  const startedAt = performance.now();
  const { status } = spawnSync(process.execPath, args, { stdio: 'inherit' });
  console.log(
    `# ${title}: ${status === 0 ? 'passed' : 'FAILED'} in ${((performance.now() - startedAt) / 1000).toFixed(1)} s`,
  );
  return status === 0;
};
const check = (title, ...args) => {
  if (node(title, args)) passed++;
  else failed++;
};
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

check('lint', 'node_modules/@biomejs/biome/bin/biome', 'check', '--error-on-warnings', '.');
check('types', 'node_modules/typescript/bin/tsc', '-b');
check('import gate', 'scripts/import-gate.mjs');
check('text gate', 'scripts/text-gate.mjs');
check('kind gate', 'scripts/kind-gate.mjs');
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
