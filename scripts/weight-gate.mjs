// The gate of the weight: what is fetched before a screen can be used may not grow by more than a hundredth. Reads the
// last build. Whoever makes a screen lighter writes the smaller numbers: `node scripts/weight-gate.mjs --keep`.
import { readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { closureOf, inKilobytes, SCREENS, weigh } from './first-load.mjs';

const own = dirname(fileURLToPath(import.meta.url));
const [named] = process.argv.slice(2).filter((each) => each !== '--keep');
const root = resolve(named ?? dirname(own));
const budget = join(root, 'scripts/first-load.json');
const MAY_GROW = 1.01;

const dist = join(root, 'dist/web');
const manifest = JSON.parse(readFileSync(join(dist, '.vite/manifest.json'), 'utf8'));
const importsOf = (name) => manifest[name]?.imports ?? [];
const weights = Object.fromEntries(
  Object.entries(SCREENS).map(([screen, module]) => {
    if (!manifest[module]) throw new Error(`no build holds ${module}`);
    const files = closureOf(['index.html', module], importsOf).map((name) => join(dist, manifest[name].file));
    return [screen, weigh(files.map((file) => readFileSync(file)))];
  }),
);
if (process.argv.includes('--keep')) writeFileSync(budget, `${JSON.stringify(weights, null, 2)}\n`);
const kept = JSON.parse(readFileSync(budget, 'utf8'));
const heavy = Object.entries(weights).filter(([screen, bytes]) => bytes > (kept[screen] ?? 0) * MAY_GROW);
for (const [screen, bytes] of heavy)
  console.error(`${screen}: ${inKilobytes(bytes)} kB are fetched first, ${inKilobytes(kept[screen] ?? 0)} kB were`);
if (heavy.length > 0) process.exit(1);
const told = Object.entries(weights).map(([screen, bytes]) => `${screen} ${inKilobytes(bytes)} kB`);
console.log(`weight gate: fetched first, gzipped: ${told.join(', ')}`);
