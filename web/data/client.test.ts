import { describe, expectTypeOf, test } from 'vitest';
import type { AnswerOf, InputOf } from './client.ts';

/** What the contract does not know does not compile: these are read by the compiler, which `npm test` runs first. */
describe('a call takes what the contract says', () => {
  test('parameters by their names, and all of them', () => {
    expectTypeOf<{ params: { key: string } }>().toExtend<InputOf<'records'>>();
    expectTypeOf<{ params: { kay: string } }>().not.toExtend<InputOf<'records'>>();
    expectTypeOf<{ params: { key: string } }>().not.toExtend<InputOf<'record'>>();
    expectTypeOf<{ query: { find: string } }>().not.toExtend<InputOf<'records'>>();
  });
  test('queries by their names and words', () => {
    expectTypeOf<keyof NonNullable<InputOf<'lookUp'>['query']>>().toEqualTypeOf<
      'find' | 'draft' | 'answers' | 'only' | 'key' | 'by' | 'limit'
    >();
    expectTypeOf<{ params: { key: string }; query: { draft: 'no' } }>().not.toExtend<InputOf<'form'>>();
  });
  test('bodies where there is one', () => {
    expectTypeOf<{ params: { id: string } }>().not.toExtend<InputOf<'decide'>>();
    expectTypeOf<AnswerOf<'decide'>['stage']>().toEqualTypeOf<
      'none' | 'waiting' | 'approved' | 'sent_back' | 'refused' | 'stuck'
    >();
  });
});
