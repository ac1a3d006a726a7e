import type { Clock } from '../base/index.ts';
import { evaluateStored, type Values } from '../expression/index.ts';
import { isNothing, type StoredValue } from '../values/index.ts';
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

/**
 * The values that a route alone gives a record as it is: those that it sets when it approves or refuses, and, of one that
 * is there already, when it sends back. Nothing is no value.
 */
export const givenByRouteAlone = (
  { sets }: Pick<CompiledRoute, 'sets'>,
  values: Values,
  isThere: boolean,
): readonly { readonly field: string; readonly value: StoredValue }[] =>
  [...sets.approved, ...sets.refused, ...(isThere ? sets.sent_back : [])]
    .map(({ field, value }) => ({ field, value: evaluateStored(value, values) }))
    .filter(({ value }) => !isNothing(value));
