import { Refusal } from './refusal.ts';

/** Someone's piece of work that waits for a place. */
interface Waiting {
  readonly begin: () => void;
  readonly giveUp: NodeJS.Timeout;
}

/** How a queue gives out its places. */
export interface Places {
  /** So much work at once. */
  readonly places: number;
  /** So much of it of one person; as much as there are places where nothing else is said. */
  readonly each?: number;
  readonly patienceMs: number;
  /** What is said to whoever waited so long in vain. */
  readonly tooLong: string;
}

/**
 * So many at once, and the others wait. Places go round among those who wait, one piece of work each: whoever asks for
 * two hundred lets someone who asks for one pass after one, and nobody has more than their share at the same time.
 */
export class FairQueue {
  readonly #how: Places;
  #taken = 0;
  readonly #takenBy = new Map<string, number>();
  /** Who waits, in the order of their turns, each with their own pieces in the order of asking. */
  readonly #waiting = new Map<string, Waiting[]>();

  constructor(how: Places) {
    this.#how = how;
  }

  /** Does a piece of work of `who` when its turn has come; refused with a 503 where it does not come in time. */
  async run<T>(who: string, work: () => Promise<T>): Promise<T> {
    if (this.#isFreeFor(who)) this.#take(who);
    else await this.#turn(who);
    try {
      return await work();
    } finally {
      this.#giveBack(who);
      this.#pass();
    }
  }

  #isFreeFor(who: string): boolean {
    const { places, each = places } = this.#how;
    return this.#taken < places && (this.#takenBy.get(who) ?? 0) < each;
  }

  #take(who: string): void {
    this.#taken++;
    this.#takenBy.set(who, (this.#takenBy.get(who) ?? 0) + 1);
  }

  #giveBack(who: string): void {
    this.#taken--;
    const left = (this.#takenBy.get(who) ?? 1) - 1;
    if (left === 0) this.#takenBy.delete(who);
    else this.#takenBy.set(who, left);
  }

  #turn(who: string): Promise<void> {
    return new Promise((begin, refuse) => {
      const own = this.#waiting.get(who) ?? [];
      this.#waiting.set(who, own);
      const giveUp = setTimeout(() => {
        own.splice(own.indexOf(waiting), 1);
        if (own.length === 0) this.#waiting.delete(who);
        refuse(new Refusal('overloaded', this.#how.tooLong));
      }, this.#how.patienceMs);
      const waiting: Waiting = { begin, giveUp };
      own.push(waiting);
    });
  }

  /** Hands a free place on: to the first of those who wait and have not their share, who then stands behind the others. */
  #pass(): void {
    for (const [who, own] of this.#waiting) {
      if (!this.#isFreeFor(who)) continue;
      const turn = own.shift();
      this.#waiting.delete(who);
      if (own.length > 0) this.#waiting.set(who, own);
      if (!turn) continue;
      clearTimeout(turn.giveUp);
      this.#take(who);
      turn.begin();
      return;
    }
  }
}

/** The queue of those who save, of whom one server lets so many at once. */
export const writersQueue = (places: number, patienceMs: number): FairQueue =>
  new FairQueue({
    places,
    patienceMs,
    tooLong:
      'Very many are saving at this moment, and this waited too long for its turn. Nothing was stored; try again in a moment.',
  });

/** The queue of those who read lists: some places, of which one person has a share. */
export const readersQueue = (places: number, each: number, patienceMs: number): FairQueue =>
  new FairQueue({
    places,
    each,
    patienceMs,
    tooLong: 'Too many lists are being read at this moment. Try again in a moment.',
  });
