import { behaviourOf, currencyIn, isNumber, shownAs, workedOutIn } from '../values/index.ts';
import type { CompiledRoute } from './compile.ts';

/**
 * The field a route is about in money or numbers: the one it says, else that of its tolerance, else the first number its
 * conditions read, else the register's total, which is the last amount that is worked out, else its first amount. Null where
 * there is none.
 */
export const amountField = ({ route, register, steps, condition }: CompiledRoute): string | null => {
  if (route.amount !== null) return route.amount;
  if (route.tolerance) return route.tolerance.field;
  const holdsNumber = (key: string): boolean => {
    const field = register.fields.find((each) => each.key === key);
    return field !== undefined && isNumber(behaviourOf(field.type).value);
  };
  const read = [condition, ...steps.map((step) => step.condition)]
    .flatMap((each) => each?.reads ?? [])
    .find((path) => path.length === 1 && holdsNumber(path[0] ?? ''));
  if (read) return read[0] ?? null;
  const amounts = register.fields.filter(({ type }) => currencyIn(shownAs(type)) !== null);
  return (amounts.findLast(({ type }) => workedOutIn(type) !== null) ?? amounts[0])?.key ?? null;
};
