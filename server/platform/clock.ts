import { type Clock, toMomentText } from '#core/base/index.ts';
import type { Catalogue } from '#core/register/index.ts';

/** One reading of the clock, for reading records outside a request that has one. */
export const clockNow = (catalogue: Catalogue): Clock => ({
  now: toMomentText(Date.now()),
  zone: catalogue.zone,
  holidays: catalogue.holidays ?? [],
});

/** The clock of a write. */
export const clockAt = (at: Date, catalogue: Catalogue): Clock => ({
  now: at.toISOString(),
  zone: catalogue.zone,
  holidays: catalogue.holidays ?? [],
});
