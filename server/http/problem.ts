import { type ProblemAnswer, problemType } from '#contract/index.ts';
import { toPointer } from '#core/base/index.ts';
import { findDatabaseFailure } from '../platform/database-failure.ts';
import { Refusal, type RefusalKind } from '../platform/refusal.ts';

const KINDS = {
  invalid: [422, 'Something is wrong with what was sent'],
  bad_json: [400, 'This is not JSON'],
  bad_request: [400, 'This request cannot be read'],
  unsupported: [415, 'This is not written in a way that is read here'],
  sign_in: [401, 'Please sign in'],
  not_allowed: [403, 'This is not allowed'],
  not_found: [404, 'There is nothing here'],
  conflict: [409, 'Someone else changed this'],
  sent_before: [409, 'This was sent before'],
  too_large: [413, 'This is too large'],
  too_many: [429, 'Too many tries'],
  overloaded: [503, 'Too much is going on at this moment'],
  // RFC 4918, section 11.5.
  full: [507, 'There is no room left'],
  internal: [500, 'Something went wrong here'],
  unavailable: [503, 'The database cannot be reached'],
} as const satisfies { readonly [K in RefusalKind]: readonly [number, string] };

const FAILURES = {
  unreachable: ['unavailable', 'The database cannot be reached just now. Nothing was lost; try again in a moment.'],
  taken: ['conflict', 'Something with this key or id is there already.'],
  unknown_link: ['invalid', 'A link points to a record that is not there.'],
  busy: ['conflict', 'Someone else is changing this at the same moment. Try again.'],
  crowded: ['overloaded', 'Too much is going on at this moment. Nothing was stored; try again in a moment.'],
  too_slow: ['overloaded', 'This took too long and was stopped. Nothing was stored.'],
  full: [
    'full',
    'The disk of the server is full: nothing of this was stored. Whoever keeps Iolite going must make room; then try again.',
  ],
  // Whoever asks the database with what came in has read it before: where that is not so, it is a fault of ours.
  bad_value: ['internal', 'Something went wrong here. It was noted.'],
  other: ['internal', 'Something went wrong here. It was noted.'],
} as const;

/** What Express says of a request that it could not even read: with a status of its own below 500. */
const statusOf = (error: unknown): number | null =>
  error instanceof Error &&
  'status' in error &&
  typeof error.status === 'number' &&
  error.status >= 400 &&
  error.status < 500
    ? error.status
    : null;

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
  const status = statusOf(error);
  if (status === 415)
    return new Refusal('unsupported', 'What was sent is packed or written in a way that this server does not read.');
  if (status !== null) return new Refusal('bad_request', 'This request cannot be read.');
  return new Refusal('internal', 'Something went wrong here. It was noted.');
};

/** A refusal as RFC 9457 writes one. */
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
