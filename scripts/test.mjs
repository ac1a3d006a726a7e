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
/** What failed, by name: said once more at the end, as whoever reads a long run reads its end. */
const failures = [];
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
      else failures.push(`${title}\n${printed.trimEnd()}`);
      resolve();
    });
  });
const suite = (title, report, ...args) => {
  const green = node(title, ['node_modules/vitest/vitest.mjs', 'run', ...args]);
  const { numPassedTests = 0, testResults = [] } = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : {};
  passed += numPassedTests;
  const failedHere = testResults.flatMap((file) => {
    const tests = file.assertionResults.filter((test) => test.status === 'failed');
    const named = tests.map((test) => `${file.name}: ${test.fullName}\n${test.failureMessages.join('\n')}`);
    // A file that could not even begin has failed, whatever it counted.
    return named.length > 0 || file.status !== 'failed' ? named : [`${file.name}\n${file.message}`];
  });
  // So has a suite.
  failures.push(...(green || failedHere.length > 0 ? failedHere : [title]));
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
  failures.push(error.message);
}
for (const failure of failures) console.log(`\nFAILED ${failure}`);
console.log(`\n${passed} passed, ${failures.length} failed`);
process.exitCode = failures.length === 0 ? 0 : 1;
