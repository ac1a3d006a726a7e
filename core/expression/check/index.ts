import { failed, ok, problem, type Result } from '../../base/index.ts';
import type { ValueType } from '../../values/index.ts';
import type { Checked } from '../checked.ts';
import { whyNotSql } from '../not-in-sql.ts';
import { parseExpression } from '../parse.ts';
import { type Base, everyTerm, type Term } from '../term.ts';
import { fits, fromValueType, sayType } from '../type.ts';
import type { Vocabulary } from '../vocabulary.ts';
import { alwaysOrNever } from './always.ts';
import { build } from './build.ts';
import { Checking } from './checking.ts';
import { towards } from './literals.ts';
import { shareWarnings } from './shares.ts';

/** What an expression must give: a condition, or a value that fits a field. */
export type Expected =
  | { readonly kind: 'condition' }
  | { readonly kind: 'value'; readonly type: ValueType }
  | { readonly kind: 'any' };

/** The paths read from one base, each once. */
export const readsOf = (term: Term, base: Base): (readonly string[])[] => {
  const seen = new Map<string, readonly string[]>();
  for (const each of everyTerm(term)) {
    if (each.op !== 'read' || each.base !== base) continue;
    const path = each.steps.map((step) => step.name);
    seen.set(path.join('.'), path);
  }
  return [...seen.values()];
};

const CLOCK_FUNCTIONS = new Set(['today', 'now']);
const readsClock = (term: Term): boolean => {
  for (const each of everyTerm(term)) if (each.op === 'call' && CLOCK_FUNCTIONS.has(each.name)) return true;
  return false;
};

const readsRecords = (term: Term): boolean => {
  for (const each of everyTerm(term)) if (each.op === 'read' && each.by !== null) return true;
  return false;
};

const expecting = (term: Term, expected: Expected, at: Checking): Term => {
  if (expected.kind === 'any' || term.type.kind === 'null') return term;
  if (expected.kind === 'condition') {
    return term.type.kind === 'boolean'
      ? term
      : at.tell('type', term.span, `A condition must be yes or no, but this is ${sayType(term.type)}.`);
  }
  const want = fromValueType(expected.type);
  const found = towards(term, want, at);
  if (fits(found.type, want)) return found;
  const detail =
    found.type.kind !== want.kind
      ? `This must be ${sayType(want)}, but is ${sayType(found.type)}.`
      : want.kind === 'link'
        ? 'This is a link to another register.'
        : 'This is a choice of another list.';
  return at.tell('type', term.span, detail);
};

/**
 * Parses and type-checks an expression against the names it may use.
 * All problems of one pass, sorted by place, each with its span in the text.
 */
export const checkExpression = (text: string, vocabulary: Vocabulary, expected: Expected): Result<Checked> => {
  const parsed = parseExpression(text);
  if (!parsed.ok) return parsed;
  const at = new Checking(vocabulary);
  const built = build(parsed.value, at);
  const term = at.problems.length === 0 ? expecting(built, expected, at) : built;
  if (at.problems.length > 0) {
    return failed(...at.problems.toSorted((a, b) => (a.span?.from ?? 0) - (b.span?.from ?? 0)));
  }
  const verdict = expected.kind === 'condition' ? alwaysOrNever(term, vocabulary) : null;
  const odd = verdict
    ? [
        problem(
          `${verdict}_true`,
          [],
          verdict === 'always' ? 'This is always true.' : 'This can never be true.',
          parsed.value.span,
        ),
      ]
    : [];
  return ok({
    text,
    expr: parsed.value,
    term,
    type: term.type,
    reads: readsOf(term, 'record'),
    reach: {
      me: readsOf(term, 'me').length > 0,
      before: readsOf(term, 'before').length > 0,
      records: readsRecords(term),
    },
    readsClock: readsClock(term),
    notInSql: whyNotSql(term),
    warnings: [
      ...at.warnings,
      ...shareWarnings(text, parsed.value, vocabulary, expected.kind === 'value' ? expected.type : undefined),
      ...odd,
    ],
  });
};
