/*
 * A column that follows from two others: a line's total from quantity and price. It is looked for among numbers alone, by
 * what their rows say.
 */

/** A column of numbers: what each row holds, NaN where that is no number. */
export interface Numbers {
  readonly at: number;
  /** How many decimals it has at most: what comes out is rounded to them. */
  readonly decimals: number;
  readonly values: readonly number[];
}

export const SIGNS = ['*', '+', '-', '/'] as const;
export type Sign = (typeof SIGNS)[number];

/** What a column seems to be: `left sign right`, columns by their place. */
export interface Follows {
  readonly left: number;
  readonly sign: Sign;
  readonly right: number;
  /** In how many rows that have all three it agrees, of how many. */
  readonly agree: number;
  readonly of: number;
}

const LEAST_ROWS = 5;
const LEAST_SHARE = 0.95;
/** So many rows are looked at first: what disagrees in them is looked at no further. */
const FIRST = 60;

const outcome = (sign: Sign, left: number, right: number): number => {
  switch (sign) {
    case '*':
      return left * right;
    case '+':
      return left + right;
    case '-':
      return left - right;
    case '/':
      return left / right;
  }
};

const agreeing = (total: Numbers, left: Numbers, right: Numbers, sign: Sign, most: number) => {
  // Half of the last decimal, and what doubles lose of large amounts.
  const half = 0.5 * 10 ** -total.decimals;
  let [agree, of, telling] = [0, 0, 0];
  const rows = Math.min(total.values.length, most);
  for (let i = 0; i < rows; i++) {
    const [a = Number.NaN, b = Number.NaN, c = Number.NaN] = [left.values[i], right.values[i], total.values[i]];
    const comes = outcome(sign, a, b);
    if (!Number.isFinite(comes) || !Number.isFinite(c)) continue;
    of++;
    if (Math.abs(comes - c) > half + Math.abs(c) * 1e-12) continue;
    agree++;
    // A row in which a part is nothing, or leaves the other as it was, tells little.
    if (c !== 0 && c !== a && c !== b) telling++;
  }
  return { agree, of, telling };
};

const follows = (total: Numbers, left: Numbers, right: Numbers, sign: Sign): Follows | null => {
  const first = agreeing(total, left, right, sign, FIRST);
  if (first.of < LEAST_ROWS || first.agree / first.of < LEAST_SHARE - 0.1) return null;
  const whole = agreeing(total, left, right, sign, total.values.length);
  if (whole.agree / whole.of < LEAST_SHARE || whole.telling < LEAST_ROWS || whole.telling < whole.of * 0.1) return null;
  return { left: left.at, sign, right: right.at, agree: whole.agree, of: whole.of };
};

/**
 * Which columns follow from two others, by their place. Of `a + b = c` and `c - a = b` one is told: what stands furthest
 * to the right is what follows, as people write. None follows from one that follows from it.
 */
export const findFollowing = (columns: readonly Numbers[]): ReadonlyMap<number, Follows> => {
  const found = new Map<number, Follows>();
  for (const total of columns.toReversed()) {
    const others = columns.filter(({ at }) => at < total.at);
    const ways = others.flatMap((left, i) =>
      others.flatMap((right, j) =>
        i === j
          ? []
          : SIGNS.filter((sign) => i < j || sign === '-' || sign === '/').flatMap(
              (sign) => follows(total, left, right, sign) ?? [],
            ),
      ),
    );
    const [best] = ways.sort(
      (one, other) => other.agree - one.agree || SIGNS.indexOf(one.sign) - SIGNS.indexOf(other.sign),
    );
    if (best) found.set(total.at, best);
  }
  return found;
};
