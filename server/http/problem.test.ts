import { describe, expect, test } from 'vitest';
import { problemSchema } from '#contract/index.ts';
import { problem } from '#core/base/index.ts';
import { findDatabaseFailure } from '../platform/database-failure.ts';
import { invalid, notFound, Refusal } from '../platform/refusal.ts';
import { toProblemAnswer, toRefusal } from './problem.ts';

const driverError = (code: string, message = 'secret detail'): Error =>
  new Error('Failed query: select secret', { cause: Object.assign(new Error(message), { code }) });

describe('what the driver says', () => {
  test.each([
    // PostgreSQL 15, appendix A; the socket errors are Node's.
    ['23505', 'taken', 409],
    ['23503', 'unknown_link', 422],
    ['40001', 'busy', 409],
    ['40P01', 'busy', 409],
    ['55P03', 'busy', 409],
    ['57014', 'too_slow', 503],
    ['53300', 'crowded', 503],
    ['53100', 'full', 507],
    ['57P01', 'unreachable', 503],
    ['ECONNREFUSED', 'unreachable', 503],
    ['22P02', 'bad_value', 500],
    ['42P01', 'other', 500],
  ])('%s is %s, answered with %i', (code, failure, status) => {
    const error = driverError(code);
    expect(findDatabaseFailure(error)).toBe(failure);
    expect(toProblemAnswer(toRefusal(error), 'urn:x').status).toBe(status);
  });

  test('a connection that ended without a code is unreachable too', () => {
    expect(findDatabaseFailure(new Error('Connection terminated unexpectedly'))).toBe('unreachable');
  });

  test('what is no driver’s error is not taken for one', () => {
    expect(findDatabaseFailure(new RangeError('x'))).toBeNull();
    expect(findDatabaseFailure('x')).toBeNull();
  });
});

describe('what the caller is told', () => {
  test('nothing of the inside', () => {
    for (const error of [driverError('42P01'), new TypeError('secret'), 'secret', { secret: 1 }]) {
      expect(JSON.stringify(toProblemAnswer(toRefusal(error), 'urn:x'))).not.toContain('secret');
    }
  });

  test('one problem is the sentence, several are counted and listed', () => {
    const one = problem('a', ['x'], 'The first.');
    expect(toProblemAnswer(invalid([one]), 'urn:x').detail).toBe('The first.');
    const answer = toProblemAnswer(
      invalid([one, problem('b', ['y/z', 0], 'The second.', { from: 1, to: 3 })], ['values']),
      'urn:x',
    );
    expect(answer).toMatchObject({
      status: 422,
      detail: '2 things are wrong.',
      errors: [
        { code: 'a', pointer: '#/values/x', detail: 'The first.' },
        { code: 'b', pointer: '#/values/y~1z/0', detail: 'The second.', span: { from: 1, to: 3 } },
      ],
    });
  });

  test('a conflict carries base, theirs and mine', () => {
    const conflict = { field: 'cost', base: '1', theirs: '2', mine: '3' };
    expect(toProblemAnswer(new Refusal('conflict', 'x', [], [conflict]), 'urn:x').conflicts).toEqual([conflict]);
  });

  test('every answer is a problem document', () => {
    for (const refusal of [notFound(), invalid([]), new Refusal('too_many', 'x')]) {
      expect(problemSchema.safeParse(toProblemAnswer(refusal, 'urn:x')).success).toBe(true);
    }
  });
});
