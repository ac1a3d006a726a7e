import { withWorked } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { valueOrRefuse } from '../../platform/refusal.ts';
import type { Reading } from '../work.ts';

/** A register with the columns that are worked out for one list alone, and a sight in which it has them. */
export const withOwnColumns = <R extends Reading>(
  reading: R,
  register: Register,
  worked: string,
): { readonly reading: R; readonly register: Register } => {
  if (worked === '') return { reading, register };
  const more = valueOrRefuse(withWorked(worked, register, reading.sight.catalogue));
  return {
    reading: { ...reading, sight: { ...reading.sight, catalogue: more.catalogue } },
    register: more.register,
  };
};
