/** Whether all random cases are asked for: `npm run long`. */
const IS_LONG = process.env.IOLITE_LONG === 'yes';
/** `npm test` takes one of so many. */
const SHARE = 50;
/** Another one tries other cases; what fails tells it. */
export const SEED = Number(process.env.IOLITE_SEED ?? 4_780);

/** How many random cases of so many are tried: all in `npm run long`, a fiftieth in `npm test`, `least` at least. */
export const casesOf = (all: number, least = 1): number => (IS_LONG ? all : Math.max(least, Math.ceil(all / SHARE)));

/** How often a property is tried, for fast-check. */
export const often = (all: number, least?: number): { readonly numRuns: number; readonly seed: number } => ({
  numRuns: casesOf(all, least),
  seed: SEED,
});
