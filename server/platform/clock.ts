import { type Clock, toMomentText } from '#core/base/index.ts';
import type { Catalogue } from '#core/register/index.ts';

let aheadMs = 0;

/** Lets the server's clock run ahead, so that what happens with time alone can be tried; 0: it is right. */
export const runAhead = (ms: number): void => {
  aheadMs = ms;
};

/** The moment it is by the server's clock. */
export const now = (): Date => new Date(Date.now() + aheadMs);

/** A reading of the clock at some moment, with the days on which the workspace does not work. */
export const clockAt = (at: Date, { zone, holidays = [] }: Catalogue): Clock => ({
  now: toMomentText(at.getTime()),
  zone,
  holidays,
});

/** One reading of the server's clock: a command or a request takes one, and judges everything by it. */
export const clockNow = (catalogue: Catalogue): Clock => clockAt(now(), catalogue);
