import { type Problem, problem } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import type { ReadContext } from '../work.ts';
import type { Placed } from './checks.ts';

const isWordIn = (text: string, word: string): boolean =>
  ` ${text.replaceAll(/[^\p{L}\p{N}]+/gu, ' ')} `.includes(` ${word.replaceAll(/[^\p{L}\p{N}]+/gu, ' ').trim()} `);

/**
 * What is wrong, as it may be told to whoever writes: a rule or a field that they do not see, and gave nothing in, is named
 * by nothing but that it stands in the way. `given`: the fields they gave.
 */
export const redactForWriter = (
  { sight }: ReadContext,
  register: Register,
  given: Readonly<Record<string, unknown>>,
  problems: readonly Problem[],
): Problem[] => {
  const seen = new Set(sight.catalogue.registers.get(register.key)?.fields.map(({ key }) => key));
  const unseen = register.fields.filter(({ key }) => !seen.has(key) && !Object.hasOwn(given, key));
  if (unseen.length === 0) return [...problems];
  const isUnseen = ({ path, detail }: Problem): boolean =>
    unseen.some(({ key, label }) => path[0] === key || isWordIn(detail, label));
  return problems.map((each) =>
    isUnseen(each)
      ? problem('unseen', [], `${register.plural} have a rule, over fields that you do not see, that does not hold.`)
      : each,
  );
};

/** The same of problems of several records, each with what was given for it. */
export const placedAsTold = (
  look: ReadContext,
  register: Register,
  records: readonly { readonly values: Readonly<Record<string, unknown>> }[],
  found: readonly Placed[],
): Placed[] =>
  found.flatMap(({ at, problem: one }) =>
    redactForWriter(look, register, records[at]?.values ?? {}, [one]).map((told) => ({ at, problem: told })),
  );
