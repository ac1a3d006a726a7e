/** A small seeded generator (mulberry32, public domain), so that every start makes the same people and boats. */
export class Random {
  #state: number;
  constructor(seed: number) {
    this.#state = seed >>> 0;
  }

  /** A number from 0 (in) to 1 (out). */
  next(): number {
    this.#state = (this.#state + 0x6d2b79f5) >>> 0;
    let t = this.#state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  }

  /** A whole number from `least` to `most`, both in. */
  whole(least: number, most: number): number {
    return least + Math.floor(this.next() * (most - least + 1));
  }

  pick<T>(items: readonly T[]): T {
    const item = items[this.whole(0, items.length - 1)];
    if (item === undefined) throw new RangeError('nothing to pick from');
    return item;
  }

  chance(share: number): boolean {
    return this.next() < share;
  }

  bytes(count: number): Uint8Array {
    return Uint8Array.from({ length: count }, () => this.whole(0, 255));
  }
}
