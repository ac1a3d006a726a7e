import { findNearest, type Span } from '../../base/index.ts';
import { propertyOf } from '../functions/index.ts';
import type { Base, PathStep, Term } from '../term.ts';
import { fromValueType, listOf, sayType, TEXT, type Type } from '../type.ts';
import { fromGiven } from '../value.ts';
import { ME_NAMES, type Named, type Vocabulary } from '../vocabulary.ts';
import { applied } from './calls.ts';
import type { Checking } from './checking.ts';

export const MOST_LINKS = 4;
/** What a number field holds at most (semantics: 15 digits before, 6 after the point). */
const FIELD_SIZE = { before: 15, after: 6 };
/** What a text field holds at most. */
const FIELD_LENGTH = 20_000;

const typeOf = (named: Named): Type => {
  const { type } = named;
  return type.kind === 'records' ? listOf({ kind: 'record', register: type.register }) : fromValueType(type);
};

const stepOf = (named: Named): PathStep => ({
  name: named.name,
  to: named.type.kind === 'records' || named.type.kind === 'link' ? named.type.register : null,
  ...(named.formula ? { formula: named.formula } : {}),
  ...(named.type.kind === 'days' ? { interval: true as const } : {}),
});

const readOf = (base: Base, steps: readonly PathStep[], named: Named, span: Span): Term => {
  const type = typeOf(named);
  const by = named.type.kind === 'records' ? named.type.by : null;
  const bounds = {
    ...(type.kind === 'number' ? { size: FIELD_SIZE } : {}),
    ...(type.kind === 'text' ? { longest: FIELD_LENGTH } : {}),
  };
  return { op: 'read', base, steps: [...steps, stepOf(named)], by, type, span, ...bounds };
};

const unknown = (name: string, known: Iterable<string>, span: Span, at: Checking): Term => {
  const nearest = findNearest(name.split('.').at(-1) ?? name, known);
  return at.tell(
    'unknown_name',
    span,
    `There is no field “${name}” here.${nearest ? ` Did you mean ${nearest}?` : ''}`,
  );
};

/** The names that may follow the dot of a term: those of the register it leads to, or null where nothing may. */
const namesAfter = (term: Term, at: Checking): Vocabulary | null => {
  const { type } = term;
  if (type.kind === 'link' || type.kind === 'record') return at.vocabulary.linked(type.register);
  return type.kind === 'list' ? namesAfter({ ...term, type: type.of }, at) : null;
};

/** The term of `base.name`. */
export const afterDot = (base: Term, name: string, whole: string, span: Span, at: Checking): Term => {
  if (base.type.kind === 'null') return base;
  if (base.type.kind === 'list') return plucked(base, name, whole, span, at);
  if (base.type.kind === 'link' || base.type.kind === 'record') {
    const names = namesAfter(base, at);
    const named = names?.names.get(name);
    if (!names || !named) return unknown(whole, names?.names.keys() ?? [], span, at);
    if (base.op === 'at') {
      const list = plucked(base.list, name, whole, span, at);
      return list.type.kind === 'list' ? { ...base, list, type: list.type.of, span } : list;
    }
    if (base.op === 'item') return readOf(base.slot, [], named, span);
    if (base.op !== 'read')
      return at.tell('not_supported', span, 'A dot can follow the name of a link, not a record that is worked out.');
    if (base.steps.length > MOST_LINKS)
      return at.tell('too_many_links', span, `A path can pass at most ${MOST_LINKS} links.`);
    return readOf(base.base, base.steps, named, span);
  }
  if (base.type.kind === 'choice') return columnOf(base, base.type.list, { name, whole, span }, at);
  const signatures = propertyOf(name, base.type);
  const found = signatures && applied(name, signatures, [base], span, at);
  if (found) return found;
  const inside = signatures ? ` It has no “${name}”.` : '';
  const label = base.op === 'read' ? labelOf(base, at) : null;
  return at.tell(
    'not_a_link',
    span,
    `${label ?? 'This'} is ${sayType(base.type)}, not a link: nothing called “${name}” can follow its dot.${inside}`,
  );
};

/** `rate.percentage`: what the choice's list says of it in a column of its own. */
const columnOf = (
  of: Term,
  list: string,
  { name, whole, span }: { readonly name: string; readonly whole: string; readonly span: Span },
  at: Checking,
): Term => {
  const columns = at.vocabulary.columns?.(list) ?? [];
  const column = columns.find((each) => each.name === name);
  if (!column)
    return columns.length > 0
      ? unknown(
          whole,
          columns.map((each) => each.name),
          span,
          at,
        )
      : at.tell(
          'not_a_link',
          span,
          `${labelOf(of, at) ?? 'This'} is a choice, and its list has no columns of its own.`,
        );
  const type = fromValueType(column.type);
  const values = new Map(
    at.vocabulary.choices(list).map((choice) => [choice.code, fromGiven(choice.extra?.[name] ?? null, type)]),
  );
  return {
    op: 'column',
    of,
    list,
    column: name,
    values,
    type,
    span,
    ...(type.kind === 'number' ? { size: FIELD_SIZE } : {}),
    ...(type.kind === 'text' ? { longest: 500 } : {}),
  };
};

/** A dot behind a list takes that field of every item: `lines.net`. */
const plucked = (list: Term, name: string, whole: string, span: Span, at: Checking): Term => {
  if (list.type.kind !== 'list') return list;
  if (list.op === 'loop' && list.form === 'for' && list.body.type.kind !== 'list') {
    const body = afterDot(list.body, name, whole, span, at);
    return { ...list, body, type: listOf(body.type), span };
  }
  if (list.type.of.kind === 'list')
    return at.tell('list_of_lists', span, `This is a list of lists: write flatten(…) before “.${name}”.`);
  const slot = at.nextSlot();
  const body = afterDot({ op: 'item', slot, type: list.type.of, span }, name, whole, span, at);
  return { op: 'loop', form: 'for', sources: [{ slot, list }], body, partial: null, type: listOf(body.type), span };
};

/** The label of the field a path ends at. */
export const labelOf = (term: Term, at: Checking): string | null => {
  if (term.op !== 'read') return null;
  let names: Vocabulary | null = term.base === 'record' || term.base === 'before' ? at.vocabulary : null;
  let label: string | null = null;
  for (const step of term.steps) {
    const named = names?.names.get(step.name);
    label = named?.label ?? step.name;
    names = step.to ? at.vocabulary.linked(step.to) : null;
  }
  return label;
};

const ofMe = (names: readonly string[], span: Span, at: Checking): Term => {
  const [, name = '', ...rest] = names;
  const register = at.vocabulary.peopleRegister;
  const known = ME_NAMES.filter((each) => each !== 'record' || register);
  if (!known.some((each) => each === name)) {
    const nearest = findNearest(name, known);
    return at.tell(
      'unknown_name',
      span,
      `“me” has ${known.join(', ')}${name === '' ? '' : `, and no “${name}”`}.${nearest ? ` Did you mean me.${nearest}?` : ''}`,
    );
  }
  const type: Type =
    name === 'roles' ? listOf(TEXT) : name === 'record' ? { kind: 'link', register: register ?? '' } : TEXT;
  const step: PathStep = { name, to: type.kind === 'link' ? type.register : null };
  const start: Term = {
    op: 'read',
    base: 'me',
    steps: [step],
    by: null,
    type,
    span,
    ...(type === TEXT ? { longest: 320 } : {}),
  };
  return rest.reduce<Term>((term, each) => afterDot(term, each, names.join('.'), span, at), start);
};

/** The term of a path of names: of a loop's name, the item of a filter, `me`, `before`, or the record's own fields. */
export const named = (names: readonly string[], spans: readonly Span[], span: Span, at: Checking): Term => {
  const [first = '', ...rest] = names;
  const from = spans[0]?.from ?? span.from;
  const follow = (start: Term, others: readonly string[], skipped: number): Term =>
    others.reduce<Term>(
      (term, name, i) =>
        afterDot(
          term,
          name,
          names.slice(0, i + skipped + 1).join('.'),
          { from, to: spans[i + skipped]?.to ?? span.to },
          at,
        ),
      start,
    );
  for (const scope of at.scopes) {
    if (scope.name === first)
      return follow({ op: 'item', slot: scope.slot, type: scope.type, span: spans[0] ?? span }, rest, 1);
    if (!scope.open || scope.type.kind !== 'record') continue;
    const field = at.vocabulary.linked(scope.type.register)?.names.get(first);
    if (field) return follow(readOf(scope.slot, [], field, spans[0] ?? span), rest, 1);
  }
  if (first === 'me') return ofMe(names, span, at);
  if (first === 'before') return before(names, spans, span, at);
  const field = at.vocabulary.names.get(first);
  if (!field)
    return unknown(
      first,
      [...at.scopes.map((scope) => scope.name), ...at.vocabulary.names.keys()],
      spans[0] ?? span,
      at,
    );
  return follow(readOf('record', [], field, spans[0] ?? span), rest, 1);
};

const before = (names: readonly string[], spans: readonly Span[], span: Span, at: Checking): Term => {
  const [, name = '', ...rest] = names;
  if (!at.vocabulary.before) return at.tell('no_before', span, '“before” is known only where a record is changed.');
  const field = at.vocabulary.names.get(name);
  if (!field) return unknown(names.slice(0, 2).join('.'), at.vocabulary.names.keys(), spans[1] ?? span, at);
  return rest.reduce<Term>(
    (term, each, i) => afterDot(term, each, names.join('.'), spans[i + 2] ?? span, at),
    readOf('before', [], field, span),
  );
};
