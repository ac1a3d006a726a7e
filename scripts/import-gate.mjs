// The import gate: which folder may import which, checked over every module. Fails also when it looked at too few.
import { spawnSync } from 'node:child_process';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

const home = dirname(dirname(fileURLToPath(import.meta.url)));
const root = resolve(process.argv[2] ?? home);
const folders = ['core', 'contract', 'server', 'web', 'demo', 'e2e'];
const cruise = spawnSync(
  process.execPath,
  [
    join(home, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs'),
    '--config',
    join(home, '.dependency-cruiser.cjs'),
    '--output-type',
    'json',
    ...folders,
  ],
  { cwd: root, encoding: 'utf8', maxBuffer: 1 << 28 },
);
if (cruise.error) throw cruise.error;
let report;
try {
  report = JSON.parse(cruise.stdout);
} catch {
  console.error(cruise.stdout || cruise.stderr);
  process.exit(1);
}
for (const { rule, from, to } of report.summary.violations) console.error(`${rule.name}: ${from} imports ${to}`);
const seen = new Set(report.modules.map((module) => module.source));
const list = spawnSync(
  'git',
  [
    'ls-files',
    '--cached',
    '--others',
    '--exclude-standard',
    ...folders.flatMap((folder) => [`${folder}/*.ts`, `${folder}/*.tsx`]),
  ],
  { cwd: root, encoding: 'utf8' },
);
const missed = list.stdout.split('\n').filter((file) => file !== '' && !file.endsWith('.d.ts') && !seen.has(file));
for (const file of missed) console.error(`not looked at: ${file}`);
if (report.summary.violations.length > 0 || missed.length > 0 || seen.size === 0) process.exit(1);
console.log(`import gate: ${seen.size} modules, no forbidden import`);
