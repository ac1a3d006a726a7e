/*
 * A spreadsheet read, and guessed at, in a process of its own, as the thread does it: how long that takes, and how much
 * memory the process came to hold. `node read-spreadsheet.js FILE`.
 */
import { readFileSync } from 'node:fs';
import { guessNew } from '#core/spreadsheet/index.ts';
import { readFile, sortOf } from '#server/imports/read-file.ts';

const file = process.argv[2] ?? '';
const bytes = readFileSync(file);
const before = process.resourceUsage().maxRSS / 1_000;
const from = performance.now();
const { read } = await readFile(sortOf(bytes), bytes, {}, null);
const read_ms = performance.now() - from;
const catalogue = {
  locale: 'en-GB',
  zone: 'Europe/London',
  currency: 'GBP',
  registers: new Map(),
  choiceLists: new Map(),
};
const guess = await guessNew(read.grid, read.head, file, {
  catalogue,
  today: '2026-11-30',
  findNamed: async () => new Map(),
});
const all_ms = performance.now() - from;
const memory = process.resourceUsage().maxRSS / 1_000;
process.stdout.write(JSON.stringify({ read_ms, all_ms, before, memory, columns: guess.plan.columns.length }));
