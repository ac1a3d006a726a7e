import { Refusal } from './refusal.ts';

/** How often somebody may ask, within how long. */
export interface Rate {
  readonly most: number;
  readonly withinMs: number;
}

/**
 * Keeps what tells something of others from being asked as often as a machine would. Counted in this server alone: it is no
 * lock, and several servers let through as many times more.
 */
export class RateLimit {
  readonly #rate: Rate;
  readonly #asked = new Map<string, number[]>();

  constructor(rate: Rate) {
    this.#rate = rate;
  }

  /** Counts one asking; refused (429) where it is too many. */
  count(who: string, nowMs: number): void {
    const since = nowMs - this.#rate.withinMs;
    const recent = (this.#asked.get(who) ?? []).filter((at) => at > since);
    if (recent.length >= this.#rate.most)
      throw new Refusal('too_many', 'This was asked too often. Wait a moment and try again.');
    recent.push(nowMs);
    this.#asked.delete(who);
    this.#asked.set(who, recent);
    // Who asked longest ago is forgotten first: their time is over.
    for (const [name, times] of this.#asked) {
      if ((times.at(-1) ?? 0) > since) break;
      this.#asked.delete(name);
    }
  }
}
