import { type ProblemAnswer, problemType } from '#contract/index.ts';
import { type Problem, toPointer, within } from '#core/base/index.ts';
import type { Conflict } from '#core/register/index.ts';
import { findDatabaseFailure } from '../platform/database-failure.ts';

const KINDS = {
  invalid: [422, 'Something is wrong with what was sent'],
  bad_json: [400, 'This is not JSON'],
  sign_in: [401, 'Please sign in'],
  not_allowed: [403, 'This is not allowed'],
  not_found: [404, 'There is nothing here'],
  conflict: [409, 'Someone else changed this'],
  sent_before: [409, 'This was sent before'],
  too_large: [413, 'This is too large'],
  too_many: [429, 'Too many tries'],
  internal: [500, 'Something went wrong here'],
  unavailable: [503, 'The database cannot be reached'],
} as const;
export type ProblemKind = keyof typeof KINDS;

/** A refusal on its way out; the one mapper below turns it into RFC 9457. */
export class Refusal extends Error {
  readonly kind: ProblemKind;
  readonly problems: readonly Problem[];
  readonly conflicts: readonly Conflict[];
  constructor(
    kind: ProblemKind,
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

export const notFound = (): Refusal => new Refusal('not_found', 'There is nothing here, or nothing you may see.');
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

const FAILURES = {
  unreachable: ['unavailable', 'The database cannot be reached just now. Nothing was lost; try again in a moment.'],
  taken: ['conflict', 'Something with this key or id is there already.'],
  unknown_link: ['invalid', 'A link points to a record that is not there.'],
  busy: ['conflict', 'Someone else is changing this at the same moment. Try again.'],
  too_slow: ['unavailable', 'This took too long and was stopped.'],
  other: ['internal', 'Something went wrong here. It was noted.'],
} as const;

/** Any thrown thing as a refusal; what is not ours tells nothing of the inside. */
export const toRefusal = (error: unknown): Refusal => {
  if (error instanceof Refusal) return error;
  const failure = findDatabaseFailure(error);
  if (failure) {
    const [kind, detail] = FAILURES[failure];
    return new Refusal(kind, detail);
  }
  if (error instanceof Error && 'type' in error) {
    if (error.type === 'entity.parse.failed') return new Refusal('bad_json', 'What was sent cannot be read as JSON.');
    if (error.type === 'entity.too.large')
      return new Refusal('too_large', 'What was sent is larger than this server takes.');
  }
  return new Refusal('internal', 'Something went wrong here. It was noted.');
};

export const toProblemAnswer = (refusal: Refusal, instance: string): ProblemAnswer => {
  const [status, title] = KINDS[refusal.kind];
  return {
    type: problemType(refusal.kind),
    title,
    status,
    detail: refusal.message,
    instance,
    ...(refusal.problems.length > 0
      ? {
          errors: refusal.problems.map(({ code, path, detail, span }) => ({
            code,
            pointer: toPointer(path),
            detail,
            ...(span ? { span: { from: span.from, to: span.to } } : {}),
          })),
        }
      : {}),
    ...(refusal.conflicts.length > 0 ? { conflicts: [...refusal.conflicts] } : {}),
  };
};
