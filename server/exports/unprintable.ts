import { Writable } from 'node:stream';
import type { z } from 'zod';
import type { ListFileQuery, unprintableSchema } from '#contract/index.ts';
import type { Printing, Prints } from '../paper/press.ts';
import type { ReadContext } from '../records/work.ts';
import { listOut } from './list-out.ts';

/** So many letters are named. */
const MAX_SHOWN = 20;

/** Takes in what would go on paper: each letter of it once. */
class Letters implements Prints {
  readonly #letters = new Set<string>();

  get all(): string {
    return [...this.#letters].join('\n');
  }

  async begin(...[, , head]: Parameters<Prints['begin']>): Promise<Printing> {
    this.#take([head.title, head.says, ...head.columns.map(({ label }) => label), ...head.totals]);
    return {
      add: async (rows) => this.#take(rows.flatMap(({ title, cells }) => [title, ...cells])),
      group: ({ says, totals }) => this.#take([says, ...totals]),
      end: async () => undefined,
      abandon: () => undefined,
    };
  }

  #take(texts: readonly string[]): void {
    for (const text of texts) {
      // Latin letters are on every page.
      if (/^[\x20-\x7e\s]*$/.test(text)) continue;
      for (const { segment } of new Intl.Segmenter('en', { granularity: 'grapheme' }).segment(text))
        this.#letters.add(segment);
    }
  }
}

/** The letters of a list that no font has which could print it. */
export const readUnprintable = async (
  look: ReadContext,
  register: string,
  query: ListFileQuery,
): Promise<z.input<typeof unprintableSchema>> => {
  const press = new Letters();
  const out = await listOut(look, register, query, { address: '', press });
  await out.write(new Writable({ write: (_chunk, _encoding, done) => done() }));
  // Nobody who prints nothing waits for the fonts to be read in.
  const { lettersWithout } = await import('../paper/typeface.ts');
  const letters = lettersWithout(press.all);
  return { letters: letters.slice(0, MAX_SHOWN), more: letters.length > MAX_SHOWN };
};
