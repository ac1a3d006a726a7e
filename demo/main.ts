import { loadTernQuay } from './load.ts';

const base = process.argv[2] ?? '';
const startedAt = performance.now();
const stored = await loadTernQuay(base);
if (stored > 0)
  process.stdout.write(
    `${stored} demonstration records loaded in ${((performance.now() - startedAt) / 1000).toFixed(1)} s\n`,
  );
