import { foldText } from '#core/base/index.ts';
import { type Register, titleField } from '#core/register/index.ts';
import type { Fitting } from '#core/spreadsheet/index.ts';
import { findHoldingFolded } from '../records/reader/index.ts';
import type { CommandContext } from '../records/work.ts';
import type { Judged } from './judge.ts';

/** So many of them are named. */
const NAMED = 3;

/** What rows that would be added look like: rows before them in the file, and records that are there. */
export interface TwinsFound {
  /** How many rows, and some of what they have in common with others, as it is written. */
  readonly inside: { readonly rows: number; readonly like: string[] };
  readonly there: { readonly rows: number; readonly like: string[] };
}

/** How many were found, and some of what they have in common. */
interface Counted {
  rows: number;
  readonly like: Set<string>;
}

/** The fields by which a register's records are likely to be the same: those it names for it; of one that is made its title. */
const fieldsOf = (register: Register, isMade: boolean): readonly string[] =>
  register.alike.length > 0 || !isMade ? register.alike : [titleField(register).key];

/**
 * Looks for twins among the rows that a file would add, part by part. Nothing is refused for it: two may be called alike.
 * Records are looked through as whoever brings the file sees them.
 */
export class Twins {
  readonly #fields: readonly string[];
  readonly #isMade: boolean;
  readonly #seen: ReadonlyMap<string, Set<string>>;
  readonly #found: { readonly inside: Counted; readonly there: Counted } = {
    inside: { rows: 0, like: new Set() },
    there: { rows: 0, like: new Set() },
  };

  constructor({ register, plan }: Fitting) {
    this.#isMade = plan.into === null;
    this.#fields = fieldsOf(register, this.#isMade);
    this.#seen = new Map(this.#fields.map((field) => [field, new Set<string>()]));
  }

  get found(): TwinsFound {
    const told = ({ rows, like }: Counted) => ({ rows, like: [...like] });
    return { inside: told(this.#found.inside), there: told(this.#found.there) };
  }

  /** Looks at some rows more, in their order. */
  async look(work: CommandContext, register: Register, judged: readonly Judged[]): Promise<void> {
    const added = judged.filter((each) => each.record === null && !each.fitted.isOut && each.besides.length === 0);
    if (this.#fields.length === 0 || added.length === 0) return;
    const textOf = ({ fitted }: Judged, field: string): string => {
      const value = fitted.values[field];
      return typeof value === 'string' ? value.trim() : '';
    };
    const held = new Map<string, ReadonlyMap<string, readonly string[]>>();
    if (!this.#isMade)
      for (const field of this.#fields) {
        const texts = [...new Set(added.map((each) => textOf(each, field).toLowerCase()))].filter(Boolean);
        if (texts.length > 0) held.set(field, await findHoldingFolded(work, register, field, texts));
      }
    for (const each of added) {
      const texts = this.#fields
        .map((field) => ({ field, text: textOf(each, field) }))
        .filter(({ text }) => text !== '');
      const there = texts.find(({ field, text }) => (held.get(field)?.get(text.toLowerCase())?.length ?? 0) > 0);
      const inside = texts.find(({ field, text }) => this.#seen.get(field)?.has(foldText(text)));
      if (there) this.#note('there', there.text);
      if (inside) this.#note('inside', inside.text);
      for (const { field, text } of texts) this.#seen.get(field)?.add(foldText(text));
    }
  }

  #note(where: 'inside' | 'there', text: string): void {
    const { like } = this.#found[where];
    this.#found[where].rows++;
    if (like.size < NAMED) like.add(text.slice(0, 80));
  }
}
