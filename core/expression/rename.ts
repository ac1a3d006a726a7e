import type { Span } from '../base/index.ts';
import { checkExpression } from './check/index.ts';
import { everyTerm, type Term } from './term.ts';
import type { Vocabulary } from './vocabulary.ts';

/** A field's new key. */
export interface Renaming {
  readonly register: string;
  readonly from: string;
  readonly to: string;
}

/** The register a term's first step belongs to: the record's own, or that of a loop's item. */
const startOf = (term: Term & { op: 'read' }, items: ReadonlyMap<number, string>, vocabulary: Vocabulary): string =>
  typeof term.base === 'number' ? (items.get(term.base) ?? '') : term.base === 'me' ? '' : vocabulary.register;

const itemRegisters = (term: Term): Map<number, string> => {
  const found = new Map<number, string>();
  const note = (slot: number, list: Term) => {
    if (list.type.kind === 'list' && list.type.of.kind === 'record') found.set(slot, list.type.of.register);
  };
  for (const each of everyTerm(term)) {
    if (each.op === 'loop') for (const { slot, list } of each.sources) note(slot, list);
    if (each.op === 'filter') note(each.slot, each.list);
  }
  return found;
};

interface Replacement extends Span {
  readonly by: string;
}

/** Names in a stretch of text, each with its place. */
const namesIn = (text: string, span: Span): { name: string; span: Span }[] =>
  [...text.slice(span.from, span.to).matchAll(/[\p{L}_][\p{L}\p{N}_]*/gu)].map((found) => ({
    name: found[0],
    span: { from: span.from + found.index, to: span.from + found.index + found[0].length },
  }));

/**
 * The places at which an expression names a field, told apart from fields of the same key in other registers: each
 * read is followed step by step through the links it passes.
 */
const placesOf = (text: string, term: Term, vocabulary: Vocabulary, renaming: Renaming): Replacement[] => {
  const items = itemRegisters(term);
  const places: Replacement[] = [];
  const { from, to } = renaming;
  for (const each of everyTerm(term)) {
    if (each.op !== 'read') continue;
    const names = namesIn(text, each.span);
    let register = startOf(each, items, vocabulary);
    each.steps.forEach((step, i) => {
      // The steps are the last names of the read's own stretch: a loop's name or `before` may stand before them.
      const place = names.at(names.length - each.steps.length + i);
      if (!place || place.name !== step.name) return;
      if (register === renaming.register && step.name === from) places.push({ ...place.span, by: to });
      // The records that point back by a link may carry the link's key in their name.
      const back = `${renaming.register}_by_`;
      const by = each.by !== null && each.by !== 'own' ? each.by.field : null;
      if (by === from && step.to === renaming.register && step.name === back + from)
        places.push({ ...place.span, by: back + to });
      register = step.to ?? '';
    });
  }
  return places;
};

/**
 * An expression after a field got a new key: every place that names it is rewritten, all else stays as it was, letter
 * by letter. Against the vocabulary of before. A text that does not check is given back as it is.
 */
export const renameInExpression = (text: string, vocabulary: Vocabulary, renaming: Renaming): string => {
  const checked = checkExpression(text, vocabulary, { kind: 'any' });
  if (!checked.ok) return text;
  const places = new Map(placesOf(text, checked.value.term, vocabulary, renaming).map((place) => [place.from, place]));
  return [...places.values()]
    .toSorted((a, b) => b.from - a.from)
    .reduce((whole, { from, to, by }) => whole.slice(0, from) + by + whole.slice(to), text);
};
