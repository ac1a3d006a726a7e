import { findNearest, isUuid } from '../../base/index.ts';
import type { Term } from '../term.ts';
import { either, fits, listOf, NOTHING, type Type } from '../type.ts';
import type { Checking } from './checking.ts';

/**
 * A term where a type is wanted: a text that stands for a choice becomes that choice (and must be one), for a record
 * its id, and what is nothing takes the type. Anything else stays as it is.
 */
export const towards = (term: Term, type: Type, at: Checking): Term => {
  if (term.type.kind === 'null' && term.op === 'constant') return { ...term, type };
  if (type.kind === 'list' && term.op === 'list')
    return {
      ...term,
      items: term.items.map((item) => towards(item, type.of, at)),
      type: listOf(
        either(
          term.type.kind === 'list' ? itemType(term.items.map((item) => towards(item, type.of, at))) : NOTHING,
          type.of,
        ),
      ),
    };
  if (term.op === 'if' && term.type.kind === 'text' && (type.kind === 'choice' || type.kind === 'link'))
    return { ...term, whenTrue: towards(term.whenTrue, type, at), whenFalse: towards(term.whenFalse, type, at), type };
  if (term.op !== 'constant' || term.type.kind !== 'text' || typeof term.value !== 'string') return term;
  if (type.kind === 'choice') {
    const code = term.value;
    const codes = at.vocabulary.choices(type.list).map((choice) => choice.code);
    if (!codes.includes(code)) {
      const nearest = findNearest(code, codes);
      at.tell(
        'unknown_choice',
        term.span,
        `“${code}” is not one of the choices.${nearest ? ` Did you mean “${nearest}”?` : ''}`,
      );
    }
    return { ...term, type };
  }
  if (type.kind === 'link') {
    if (!isUuid(term.value)) at.tell('type', term.span, 'A link is compared with the id of a record.');
    return { ...term, type };
  }
  return term;
};

const itemType = (items: readonly Term[]): Type =>
  items.reduce<Type>((type, item) => (fits(type, item.type) ? either(type, item.type) : type), NOTHING);

/** Two terms brought to one type where a literal allows it. */
export const alike = (a: Term, b: Term, at: Checking): [Term, Term] => {
  const left = towards(a, b.type, at);
  return [left, towards(b, left.type, at)];
};
