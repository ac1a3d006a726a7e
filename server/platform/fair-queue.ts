import { Refusal } from './refusal.ts';

/** Someone's piece of work that waits for a place. */
interface Waiting {
  readonly begin: () => void;
  readonly giveUp: NodeJS.Timeout;
}

/**
 * So many at once, and the others wait. Places go round among those who wait, one piece of work each: whoever asks for
 * two hundred lets someone who asks for one pass after one.
 */
export class FairQueue {
  readonly #places: number;
  readonly #patienceMs: number;
  #taken = 0;
  /** Who waits, in the order of their turns, each with their own pieces in the order of asking. */
  readonly #waiting = new Map<string, Waiting[]>();

  constructor(places: number, patienceMs: number) {
    this.#places = places;
    this.#patienceMs = patienceMs;
  }

  /** Does a piece of work of `who` when its turn has come; refused with a 503 where it does not come in time. */
  async run<T>(who: string, work: () => Promise<T>): Promise<T> {
    if (this.#taken >= this.#places) await this.#turn(who);
    else this.#taken++;
    try {
      return await work();
    } finally {
      this.#pass();
    }
  }

  #turn(who: string): Promise<void> {
    return new Promise((begin, refuse) => {
      const own = this.#waiting.get(who) ?? [];
      this.#waiting.set(who, own);
      const giveUp = setTimeout(() => {
        own.splice(own.indexOf(waiting), 1);
        if (own.length === 0) this.#waiting.delete(who);
        refuse(
          new Refusal(
            'overloaded',
            'Very many are saving at this moment, and this waited too long for its turn. Nothing was stored; try again in a moment.',
          ),
        );
      }, this.#patienceMs);
      const waiting: Waiting = { begin, giveUp };
      own.push(waiting);
    });
  }

  /** Hands a place on: to the first of those who wait, who then stands behind the others. */
  #pass(): void {
    const [next] = this.#waiting;
    if (!next) {
      this.#taken--;
      return;
    }
    const [who, own] = next;
    const turn = own.shift();
    this.#waiting.delete(who);
    if (own.length > 0) this.#waiting.set(who, own);
    if (turn) {
      clearTimeout(turn.giveUp);
      turn.begin();
    } else this.#pass();
  }
}
