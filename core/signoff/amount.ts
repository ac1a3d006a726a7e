import { behaviourOf, currencyIn, shownAs } from '../values/index.ts';
import type { CompiledRoute } from './compile.ts';

/**
 * The field a route is about in money or numbers: the one it says, else that of its tolerance, else the first number its conditions read, else
 * the register's last amount of money, which is its total. Null where there is none.
 */
export const amountField = ({ route, register, steps }: CompiledRoute): string | null => {
  if (route.amount !== null) return route.amount;
  if (route.tolerance) return route.tolerance.field;
  const isNumber = (key: string): boolean => {
    const field = register.fields.find((each) => each.key === key);
    return field !== undefined && behaviourOf(field.type).value.kind === 'number';
  };
  const read = steps
    .flatMap(({ condition }) => condition?.reads ?? [])
    .find((path) => path.length === 1 && isNumber(path[0] ?? ''));
  if (read) return read[0] ?? null;
  return register.fields.findLast(({ type }) => currencyIn(shownAs(type)) !== null)?.key ?? null;
};
