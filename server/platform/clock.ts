import { type Clock, toMomentText } from '#core/base/index.ts';
import type { Catalogue } from '#core/register/index.ts';

/** A reading of the clock at some moment, with the days on which the workspace does not work. */
export const clockAt = (at: Date, { zone, holidays = [] }: Catalogue): Clock => ({
  now: toMomentText(at.getTime()),
  zone,
  holidays,
});

/** One reading of the server's clock: a command or a request takes one, and judges everything by it. */
export const clockNow = (catalogue: Catalogue): Clock => clockAt(new Date(), catalogue);
