// `npm test`: everything, from lint to the browser, on its own throw-away PostgreSQL. Ends with one line that counts.
// `npm test -- NAME …`: what has one of the names in its path, in all parts.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { dirname, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build, installBrowser, installModules, installPostgres } from './install.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
installPostgres();
installBrowser();
rmSync('.tmp', { recursive: true, force: true });
mkdirSync('.tmp');

const named = process.argv.slice(2);
/** A part need not have what is named. */
const BY_NAME = named.length > 0 ? ['--passWithNoTests', ...named] : [];
let passed = 0;
/** How long each file of tests took, in seconds. */
const took = [];
/** How many tests passed, by the folder they stand in. */
const byPart = new Map();
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
const note = ({ name, startTime, endTime, assertionResults }) => {
  const file = relative(process.cwd(), name);
  const [part] = file.split('/');
  took.push({ file, seconds: (endTime - startTime) / 1000 });
  const count = assertionResults.filter(({ status }) => status === 'passed').length;
  byPart.set(part, (byPart.get(part) ?? 0) + count);
};
const suite = (title, report, ...args) => {
  const green = node(title, ['node_modules/vitest/vitest.mjs', 'run', ...args, ...BY_NAME]);
  const { numPassedTests = 0, testResults = [] } = existsSync(report) ? JSON.parse(readFileSync(report, 'utf8')) : {};
  passed += numPassedTests;
  for (const file of testResults) note(file);
  const failedHere = testResults.flatMap((file) => {
    const tests = file.assertionResults.filter((test) => test.status === 'failed');
    const said = tests.map((test) => `${file.name}: ${test.fullName}\n${test.failureMessages.join('\n')}`);
    // A file that could not even begin has failed, whatever it counted.
    return said.length > 0 || file.status !== 'failed' ? said : [`${file.name}\n${file.message}`];
  });
  // So has a suite.
  failures.push(...(green || failedHere.length > 0 ? failedHere : [title]));
};

const checks = () =>
  Promise.all([
    check('lint', 'node_modules/@biomejs/biome/bin/biome', 'check', '--error-on-warnings', '.'),
    check('types', 'node_modules/typescript/bin/tsc', '-b'),
    check('import gate', 'scripts/import-gate.mjs'),
    check('text gate', 'scripts/text-gate.mjs'),
    check('shape gate', 'scripts/shape-gate.mjs'),
    check('kind gate', 'scripts/kind-gate.mjs'),
  ]);
if (named.length === 0) await checks();
suite('unit and interface tests', '.tmp/unit.json');
const isJourneyAsked =
  named.length === 0 ||
  readdirSync('e2e/journeys').some((file) => named.some((name) => `e2e/journeys/${file}`.includes(name)));
try {
  if (isJourneyAsked) {
    build();
    if (named.length === 0) await check('weight gate', 'scripts/weight-gate.mjs');
    suite('journeys in the browser', '.tmp/e2e.json', '--config', 'vitest.e2e.config.ts');
  }
} catch (error) {
  failures.push(error.message);
}
const SLOWEST = 20;
console.log(`\n# the slowest files`);
for (const { file, seconds } of took.sort((a, b) => b.seconds - a.seconds).slice(0, SLOWEST))
  console.log(`${seconds.toFixed(1).padStart(7)} s  ${file}`);
console.log(`\n# tests that passed, by part`);
for (const [part, count] of byPart) console.log(`${String(count).padStart(7)}  ${part}`);
if (passed === 0 && failures.length === 0) failures.push(`nothing is called ${named.join(' or ')}`);
for (const failure of failures) console.log(`\nFAILED ${failure}`);
console.log(`\n${passed} passed, ${failures.length} failed`);
process.exitCode = failures.length === 0 ? 0 : 1;
