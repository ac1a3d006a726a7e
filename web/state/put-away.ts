/*
 * Formulas that were being typed and put away with Cancel or Escape, by what stood there before: whoever opens the same again
 * in this window can take up what they had. Only the newest are kept.
 */

const MAX_KEPT = 30;
const putAway = new Map<string, string>();

/** Puts a formula away that was typed over another one. */
export const putFormulaAway = (over: string, typed: string): void => {
  putAway.delete(over);
  if (typed.trim() !== '' && typed !== over) putAway.set(over, typed);
  const [oldest] = putAway.keys();
  if (putAway.size > MAX_KEPT && oldest !== undefined) putAway.delete(oldest);
};

/** What was put away over a formula, or null. */
export const formulaPutAway = (over: string): string | null => putAway.get(over) ?? null;

/** What was put away is used now, or no more wanted. */
export const forgetFormula = (over: string): void => void putAway.delete(over);
