import { findNearest, parsePattern, type Span } from '../../base/index.ts';
import {
  BUILT_IN,
  type BuiltIn,
  FUNCTION_NAMES,
  LONGEST_TEXT,
  type Shape,
  type Signature,
} from '../functions/index.ts';
import type { Size, Term } from '../term.ts';
import type { Expr } from '../tree.ts';
import { either, fits, isOrdered, listOf, NOTHING, SPAN, sayType, type Type } from '../type.ts';
import type { Checking } from './checking.ts';
import { towards } from './literals.ts';

export const WIDE: Size = { before: 6145, after: 6176 };

/** How large a number can get; of a constant its own digits. */
export const sizeOf = (term: Term): Size => {
  if (term.size) return term.size;
  if (term.type.kind === 'list') return itemSize(term);
  if (term.op !== 'constant' || typeof term.value !== 'object' || term.value === null || !('toFixed' in term.value))
    return WIDE;
  const [before = '', after = ''] = term.value.abs().toFixed().split('.');
  return { before: before.length, after: after.length };
};

/** How large the items of a list can get. */
const itemSize = (list: Term): Size => {
  if (list.op === 'loop' && list.form === 'for') return sizeOf(list.body);
  if (list.op === 'filter') return itemSize(list.list);
  if (list.op !== 'list') return WIDE;
  return list.items
    .map(sizeOf)
    .reduce((a, b) => ({ before: Math.max(a.before, b.before), after: Math.max(a.after, b.after) }), {
      before: 0,
      after: 0,
    });
};

const shapeWords = (shape: Shape): string => {
  if (typeof shape === 'object') {
    if (shape.list === 'T' || shape.list === 'ordered') return 'a list';
    return typeof shape.list === 'object' ? 'a list of lists' : sayType(listOf(shapeType(shape.list)));
  }
  if (shape === 'T') return 'a value';
  return shape === 'ordered' ? 'a number, a text, a date or a duration' : sayType(shapeType(shape));
};

const shapeType = (shape: Shape): Type => {
  if (typeof shape === 'object') return listOf(shapeType(shape.list));
  switch (shape) {
    case 'T':
    case 'ordered':
    case 'choice':
    case 'link':
    case 'record':
    case 'list':
      return NOTHING;
    case 'span':
      return SPAN;
    default:
      return { kind: shape };
  }
};

/** An argument brought to a parameter's shape, with what T is found to be; null where it does not fit. */
const shaped = (arg: Term, shape: Shape, known: Type, at: Checking): { term: Term; known: Type } | null => {
  if (typeof shape === 'object') {
    if (arg.type.kind === 'null') return { term: { ...arg, type: listOf(NOTHING) }, known };
    // One value where a list is wanted is a list of one (OMG DMN 1.4 §10.3.2.9.4).
    const list: Term =
      arg.type.kind === 'list' ? arg : { op: 'list', items: [arg], type: listOf(arg.type), span: arg.span };
    const of = list.type.kind === 'list' ? list.type.of : NOTHING;
    if (typeof shape.list === 'object')
      return of.kind === 'list' || of.kind === 'null'
        ? { term: list, known: of.kind === 'list' ? either(known, of.of) : known }
        : null;
    const generic = shape.list === 'T' || shape.list === 'ordered';
    const wanted = generic ? known : shapeType(shape.list);
    const term = towards(list, listOf(wanted), at);
    const item = term.type.kind === 'list' ? term.type.of : NOTHING;
    if (!fits(item, wanted) || (shape.list === 'ordered' && !isOrdered(item)) || (!generic && shape.list === 'choice'))
      return null;
    return { term, known: generic ? either(known, item) : known };
  }
  if (shape === 'choice') return arg.type.kind === 'choice' ? { term: arg, known } : null;
  const generic = shape === 'T' || shape === 'ordered';
  const wanted = generic ? known : shapeType(shape);
  const term = towards(arg, wanted, at);
  if (!fits(term.type, wanted) || (shape === 'ordered' && !isOrdered(term.type))) return null;
  return { term, known: generic ? either(known, term.type) : known };
};

type Attempt =
  | { readonly ok: true; readonly args: readonly Term[]; readonly known: Type }
  | { readonly ok: false; readonly wrong: number };

const attempt = (signature: Signature, args: readonly Term[], at: Checking): Attempt => {
  const { parameters } = signature;
  const least = signature.rest ? Math.max(1, parameters.length) : parameters.filter((each) => !each.optional).length;
  if (args.length < least || (!signature.rest && args.length > parameters.length)) return { ok: false, wrong: -1 };
  const fitted: Term[] = [];
  let known: Type = NOTHING;
  for (const [i, arg] of args.entries()) {
    const parameter = parameters[Math.min(i, parameters.length - 1)];
    const found = parameter && shaped(arg, parameter.shape, known, at);
    if (!found) return { ok: false, wrong: i };
    fitted.push(found.term);
    known = found.known;
  }
  // What came first may have been nothing: it takes the type found later.
  return { ok: true, args: fitted.map((term) => (term.type.kind === 'null' ? towards(term, known, at) : term)), known };
};

const innermost = (type: Type): Type => (type.kind === 'list' ? innermost(type.of) : type);

const resultOf = ({ result }: Signature, known: Type): Type => {
  switch (result) {
    case 'T':
      return known;
    case 'list T':
      return listOf(known);
    case 'items of T':
      return listOf(innermost(known));
    default:
      return result;
  }
};

/** A call of the first signature that fits, or null. */
export const applied = (
  name: string,
  signatures: readonly Signature[],
  args: readonly Term[],
  span: Span,
  at: Checking,
): Term | null => {
  for (const signature of signatures) {
    const found = attempt(signature, args, at);
    if (!found.ok) continue;
    const type = resultOf(signature, found.known);
    const size = type.kind === 'number' ? signature.size?.(found.args.map(sizeOf)) : undefined;
    const longest =
      type.kind === 'text'
        ? (signature.longest?.(found.args.map((arg) => arg.longest ?? LONGEST_TEXT)) ?? LONGEST_TEXT)
        : undefined;
    if (longest !== undefined && longest > LONGEST_TEXT * 10)
      return at.tell('too_much', span, `This could make a text of more than ${LONGEST_TEXT * 10} characters.`);
    return at.folded({ op: 'call', name, signature, args: found.args, type, span, size, longest });
  }
  return null;
};

/** Arguments given by name put in the order of a signature, or null where a name is not one of its parameters. */
const inOrder = (signature: Signature, args: readonly Term[], names: readonly string[], span: Span): Term[] | null => {
  const places = names.map((name) => signature.parameters.findIndex((parameter) => parameter.name === name));
  if (places.includes(-1) || new Set(places).size !== places.length) return null;
  const last = Math.max(...places);
  return Array.from({ length: last + 1 }, (_, i) => {
    const arg = args[places.indexOf(i)];
    return arg ?? { op: 'constant', value: null, type: NOTHING, span };
  });
};

/** How a function is called, for a message: `substring(string, start position, length?)`. */
export const sayUse = (name: string, signature: Signature): string =>
  `${name}(${signature.parameters.map((each) => `${each.name}${each.optional ? '?' : ''}`).join(', ')}${signature.rest ? ', …' : ''})`;

/** The ways in which a function is called, each once. */
export const usesOf = (builtIn: BuiltIn): string[] => [
  ...new Set(builtIn.signatures.map((signature) => sayUse(builtIn.name, signature))),
];

/** A function's call as it is written. */
type Call = Pick<Expr & { readonly kind: 'call' }, 'name' | 'named' | 'nameSpan' | 'span'>;

/** The term of a function's call. */
export const called = ({ name, named, nameSpan, span }: Call, args: readonly Term[], at: Checking): Term => {
  const builtIn = BUILT_IN.get(name);
  if (!builtIn) {
    const nearest = findNearest(name, FUNCTION_NAMES);
    return at.tell(
      'unknown_function',
      nameSpan,
      `There is no function “${name}”.${nearest ? ` Did you mean ${nearest}?` : ''}`,
    );
  }
  const candidates = builtIn.signatures.flatMap((signature) => {
    const given = named ? inOrder(signature, args, named, span) : [...args];
    return given ? [{ signature, given }] : [];
  });
  const known = at.problems.length;
  if (!candidates.every(({ given }) => patternFits(name, given, at)))
    return { op: 'constant', value: null, type: NOTHING, span };
  for (const { signature, given } of candidates) {
    const found = applied(name, [signature], given, span, at);
    if (found) return found;
    if (at.problems.length > known) return { op: 'constant', value: null, type: NOTHING, span };
  }
  const byCount = candidates.filter(({ signature, given }) => attemptCount(signature, given.length));
  const [only] = byCount;
  if (!only)
    return at.tell('arguments', span, `This is not how “${name}” is called. Write ${usesOf(builtIn).join(' or ')}.`);
  const wrong = attempt(only.signature, only.given, at);
  const place = wrong.ok ? 0 : Math.max(0, wrong.wrong);
  const arg = only.given[place];
  const shapes = byCount.map(
    ({ signature }) => signature.parameters[Math.min(place, signature.parameters.length - 1)]?.shape ?? 'T',
  );
  const wanted = [...new Set(shapes.map(shapeWords))];
  return at.tell(
    'type',
    arg?.span ?? span,
    `“${name}” takes ${wanted.join(' or ')} here, not ${sayType(arg?.type ?? NOTHING)}.`,
  );
};

const attemptCount = (signature: Signature, count: number): boolean =>
  signature.rest === true
    ? count >= 1
    : count <= signature.parameters.length && count >= signature.parameters.filter((each) => !each.optional).length;

const PATTERN_PLACE: ReadonlyMap<string, number> = new Map([
  ['matches', 1],
  ['replace', 1],
  ['split', 1],
]);

/** Patterns are written down, not worked out, so that both sides can read them and refuse what would never end. */
const patternFits = (name: string, args: readonly Term[], at: Checking): boolean => {
  const pattern = args[PATTERN_PLACE.get(name) ?? args.length];
  if (!pattern) return true;
  const read = pattern.op === 'constant' && typeof pattern.value === 'string' ? parsePattern(pattern.value) : null;
  if (read === null)
    at.tell('pattern', pattern.span, 'A pattern must be a text written here, not one that is worked out.');
  if (typeof read === 'string') at.tell('pattern', pattern.span, `This pattern cannot be used: ${read}.`);
  return read !== null && typeof read !== 'string';
};
