import { loadTernQuay } from './load.ts';

const base = process.argv[2] ?? '';
const startedAt = performance.now();
// The server's clock may run ahead, to try what happens with time: what is brought in is of its day.
const aheadHours = Number(process.env.IOLITE_CLOCK_AHEAD_HOURS ?? 0);
const stored = await loadTernQuay(base, Date.now() + aheadHours * 3_600_000);
if (stored > 0)
  process.stdout.write(
    `${stored} demonstration records loaded in ${((performance.now() - startedAt) / 1000).toFixed(1)} s\n`,
  );
