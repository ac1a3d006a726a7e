import { findCondition, parseExpression, type SayContext, sayCondition } from '../expression/index.ts';

/** A list's filter as its sentence says it; the formula itself where it has no sentence, '' where there is none. */
export const sayFilter = (filter: string, context: SayContext): string => {
  if (filter.trim() === '') return '';
  const parsed = parseExpression(filter);
  const condition = parsed.ok ? findCondition(parsed.value) : null;
  return condition ? sayCondition(condition, 'is', context) : filter.trim();
};
