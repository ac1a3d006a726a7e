/** At most so many records at a commit. */
const MAX_BATCH = 500;
/** As long as nobody minds waiting who saves meanwhile: parts grow and shrink towards it. */
const PART_MS = 120;

/** How many records the next part has, after one of so many that took so many milliseconds. */
export const nextSize = (size: number, took: number): number =>
  Math.max(1, Math.min(MAX_BATCH, size * 2, Math.round((size * PART_MS) / Math.max(took, 1))));
