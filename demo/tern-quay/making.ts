import { addDays, uuidV7 } from '#core/base/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import type { Random } from '../random.ts';

export interface MadeRecord {
  readonly id: string;
  readonly values: Readonly<Record<string, StoredValue>>;
}

/** What every maker of records needs: chance, ids, the day, and how many. */
export interface Making {
  readonly random: Random;
  readonly nextId: () => string;
  readonly today: string;
  readonly count: number;
}

/** Ids in the order in which they were made, the same on every start. */
export const idsFrom = (random: Random): (() => string) => {
  let at = Date.UTC(2026, 0, 1);
  return () => uuidV7(at++, random.bytes(10));
};

/** A telephone number of the range Ofcom keeps for drama (01632 960000 to 960999), as it is stored. */
export const phone = (random: Random): string => `+441632960${String(random.whole(0, 999)).padStart(3, '0')}`;

/** The i-th of `count` days over a stretch that ends some days ago: older first. */
export const dayAt = (today: string, i: number, count: number, stretch: number, until = 0): string =>
  addDays(today, -until - Math.floor(((count - i) * stretch) / count));
