import { type Problem, within } from '#core/base/index.ts';
import type { Conflict } from '#core/register/index.ts';

/** What sort of refusal it is; what each is called over HTTP, the HTTP layer says. */
export type RefusalKind =
  | 'invalid'
  | 'bad_json'
  | 'bad_request'
  | 'unsupported'
  | 'sign_in'
  | 'not_allowed'
  | 'not_found'
  | 'conflict'
  | 'sent_before'
  | 'too_large'
  | 'too_many'
  | 'overloaded'
  | 'full'
  | 'internal'
  | 'unavailable';

/** A refusal on its way out, thrown by whoever refuses; the HTTP layer turns it into RFC 9457. */
export class Refusal extends Error {
  readonly kind: RefusalKind;
  readonly problems: readonly Problem[];
  readonly conflicts: readonly Conflict[];
  constructor(
    kind: RefusalKind,
    detail: string,
    problems: readonly Problem[] = [],
    conflicts: readonly Conflict[] = [],
  ) {
    super(detail);
    this.kind = kind;
    this.problems = problems;
    this.conflicts = conflicts;
  }
}

/** 404 that does not tell what exists. */
export const notFound = (): Refusal => new Refusal('not_found', 'There is nothing here, or nothing you may see.');
/** 403, to whoever may know that it is there. */
export const notAllowed = (detail = 'You may not do this.'): Refusal => new Refusal('not_allowed', detail);

/** 422 with every problem at its place below `prefix`. */
export const invalid = (problems: readonly Problem[], prefix: readonly (string | number)[] = []): Refusal =>
  new Refusal(
    'invalid',
    problems.length === 1 ? (problems[0]?.detail ?? '') : `${problems.length} things are wrong.`,
    within(prefix, problems),
  );

/** The value of a Result, or its problems as a 422. */
export const valueOrRefuse = <T>(
  result: { ok: true; value: T } | { ok: false; problems: readonly Problem[] },
  prefix: readonly (string | number)[] = [],
): T => {
  if (result.ok) return result.value;
  throw invalid(result.problems, prefix);
};
