import { type Term, termsBelow } from './term.ts';
import type { Type } from './type.ts';

/** Told of each field that is read: of which register (or rows, `invoices.lines`), and by which name. */
export type NoteField = (register: string, field: string) => void;

const registerIn = (type: Type): string | null => {
  switch (type.kind) {
    case 'record':
    case 'link':
      return type.register;
    case 'list':
      return registerIn(type.of);
    default:
      return null;
  }
};

type Slots = ReadonlyMap<number, string | null>;

const withSlots = (slots: Slots, sources: readonly { readonly slot: number; readonly list: Term }[]): Slots =>
  new Map([...slots, ...sources.map(({ slot, list }) => [slot, registerIn(list.type)] as const)]);

/**
 * Every field that an expression over a register's records reads, on the way across links and back too, and those that
 * what is worked out among them is worked out from, unless only what stands in it `itself` is asked for.
 */
export const noteFieldsRead = (
  term: Term,
  register: string,
  note: NoteField,
  inside: 'and inside' | 'itself' = 'and inside',
): void => {
  const seen = new Set<Term>();
  const walk = (at: Term, start: string, slots: Slots): void => {
    if (at.op === 'read') {
      const bases = typeof at.base === 'number' ? (slots.get(at.base) ?? null) : at.base === 'me' ? null : start;
      let place = bases;
      for (const { name, to, formula } of at.steps) {
        if (place !== null) note(place, name);
        const inner = formula?.term();
        if (inside === 'and inside' && inner && place !== null && !seen.has(inner)) {
          seen.add(inner);
          walk(inner, place, new Map());
        }
        place = to;
      }
      // The records that point here are found by their own field.
      if (at.by !== null && at.by !== 'own' && place !== null) note(place, at.by.field);
      return;
    }
    const within =
      at.op === 'loop' ? withSlots(slots, at.sources) : at.op === 'filter' ? withSlots(slots, [at]) : slots;
    for (const below of termsBelow(at)) walk(below, start, within);
  };
  walk(term, register, new Map());
};
