import { foldText } from '../base/index.ts';

/** What stands in a column: how often each text, the empty ones aside, in the order in which they came. */
export interface Profile {
  /** Its place in the file, from 0. */
  readonly at: number;
  readonly head: string;
  readonly rows: number;
  readonly filled: number;
  readonly counts: ReadonlyMap<string, number>;
}

/** What stands in a column of some rows. */
export const profileOf = (at: number, head: string, rows: readonly (readonly string[])[]): Profile => {
  const counts = new Map<string, number>();
  let filled = 0;
  for (const row of rows) {
    const cell = row[at] ?? '';
    if (cell === '') continue;
    filled++;
    counts.set(cell, (counts.get(cell) ?? 0) + 1);
  }
  return { at, head, rows: rows.length, filled, counts };
};

/** Some of a column's texts, from all over it: enough to tell by. */
export const someOf = ({ counts }: Profile, most: number): readonly string[] => {
  const step = Math.max(1, counts.size / most);
  const some: string[] = [];
  let [at, next] = [0, 0];
  for (const word of counts.keys()) {
    if (at++ < Math.floor(next)) continue;
    some.push(word);
    next += step;
  }
  return some;
};

/** Texts that differ only in case, accents and spacing, each with how often it stands there, the commonest first. */
interface Spellings {
  readonly count: number;
  readonly spellings: readonly (readonly [word: string, count: number])[];
}

const inCapitals = (word: string): boolean => word === word.toUpperCase() && word !== word.toLowerCase();

/** A column's texts brought together by what they are without case and accents, the commonest first. */
export const alikeIn = ({ counts }: Profile): ReadonlyMap<string, Spellings> => {
  const found = new Map<string, [string, number][]>();
  for (const [word, count] of counts) {
    const folded = foldText(word);
    const held = found.get(folded);
    if (held) held.push([word, count]);
    else found.set(folded, [[word, count]]);
  }
  return new Map(
    [...found].map(([folded, spellings]) => [
      folded,
      {
        count: spellings.reduce((sum, [, count]) => sum + count, 0),
        // Of those that stand there as often, the one that is not in capitals.
        spellings: spellings.sort(
          ([one, n], [other, m]) => m - n || Number(inCapitals(one)) - Number(inCapitals(other)),
        ),
      },
    ]),
  );
};

/** Whether no two rows of a column hold the same, case and accents aside. */
export const isEachDifferent = ({ filled, counts }: Profile): boolean => {
  if (filled === 0 || counts.size < filled) return false;
  const folded = new Set<string>();
  for (const word of counts.keys()) folded.add(foldText(word));
  return folded.size === filled;
};
