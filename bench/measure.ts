export const median = (values: readonly number[]): number =>
  values.toSorted((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** Milliseconds that something took. */
export const timed = async (run: () => Promise<unknown>): Promise<number> => {
  const from = performance.now();
  await run();
  return performance.now() - from;
};

/** Medians of so many rounds, in milliseconds, taking turns, so that the machine's moods meet all alike. */
export const inTurns = async (rounds: number, ...runs: readonly (() => Promise<unknown>)[]): Promise<number[]> => {
  const times = runs.map((): number[] => []);
  for (let round = 0; round < rounds + 3; round++)
    for (const [i, run] of runs.entries()) {
      const took = await timed(run);
      // The first rounds compile what is run and warm what is read.
      if (round >= 3) times[i]?.push(took);
    }
  return times.map(median);
};

export const say = (label: string, text: string): void => console.log(`${label.padEnd(64)} ${text}`);
export const ms = (value: number): string => `${value.toFixed(1)} ms`;
