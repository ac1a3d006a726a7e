import type { Clock } from '../base/index.ts';
import { evaluateStored } from '../expression/index.ts';
import type { StoredValue } from '../values/index.ts';
import type { CompiledRoute } from './compile.ts';

/** The values that a route gives to what is approved, where they are the same for every record. */
export const givenByApproval = (
  { sets, register }: Pick<CompiledRoute, 'sets' | 'register'>,
  clock: Clock,
): readonly { readonly field: string; readonly value: StoredValue }[] =>
  sets.approved
    .filter(({ value }) => value.reads.length === 0)
    .map(({ field, value }) => ({ field, value: evaluateStored(value, { read: () => null, clock }) }))
    .filter(({ field }) => register.fields.some(({ key }) => key === field));
