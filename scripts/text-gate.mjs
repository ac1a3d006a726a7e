// The gate of what may be written where, by the text of each file. Each rule names what is looked for, where it may
// stand, and why. Prints every line that breaks one.

import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = resolve(process.argv[2] ?? dirname(dirname(fileURLToPath(import.meta.url))));

const RULES = [
  {
    name: 'record-tables-are-named-by-reader-commands-and-definitions',
    why: 'every reading of records goes through a sight, every change through a command',
    found: /identifier\('(?:records|rows)'|\btableOf\(|\brelation\(|(?:from|into|update|join)\s+"?(?:records|rows)"?\./,
    within: /^server\//,
    allowed: /^server\/(?:records\/(?:reader|commands)|definitions|platform\/migrations)\//,
  },
  {
    name: 'query-keys-are-made-in-data',
    why: 'what is read anew together goes by the first words of a key, and who reads the same uses the same key',
    found: /queryKey:(?! queries\.)|QueryData(?:<[^(]*>)?\(\[/,
    within: /^web\//,
    allowed: /^web\/data\//,
  },
];

const list = spawnSync('git', ['ls-files', '--cached', '--others', '--exclude-standard', '*.ts', '*.tsx'], {
  cwd: root,
  encoding: 'utf8',
});
const files = list.stdout
  .split('\n')
  .filter((file) => file !== '' && !/\.(?:test|arb|d)\.tsx?$|\/testing\//.test(file));
let broken = 0;
for (const file of files) {
  const rules = RULES.filter(({ within, allowed }) => within.test(file) && !allowed.test(file));
  if (rules.length === 0) continue;
  const lines = readFileSync(join(root, file), 'utf8').split('\n');
  lines.forEach((line, i) => {
    for (const { name, why, found } of rules)
      if (found.test(line)) {
        console.error(`${name}: ${file}:${i + 1} (${why})`);
        broken++;
      }
  });
}
if (broken > 0 || files.length === 0) process.exit(1);
console.log(`text gate: ${files.length} files, ${RULES.length} rules kept`);
