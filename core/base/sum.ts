import { Decimal } from './decimal.ts';

const MAX_LENGTH = 200;
const TOKEN = /[\d.,'’]+|[-+*/×÷−()]/g;

/**
 * A sum as people type it in a box for a number: + − * / and brackets, `12*4.50`. Exact as decimals are; null where it
 * is one number alone, cannot be read, or is divided by zero. `read` reads one number as the locale writes it.
 */
export const readSum = (typed: string, read: (number: string) => Decimal | null): Decimal | null => {
  const text = typed.replace(/\s/g, '');
  const parts = text.match(TOKEN) ?? [];
  if (text.length > MAX_LENGTH || parts.length < 3 || parts.join('') !== text) return null;
  let at = 0;
  const term = (): Decimal | null => {
    const part = parts[at++];
    if (part === undefined) return null;
    if (part === '-' || part === '−') return term()?.neg() ?? null;
    if (part !== '(') return read(part);
    const inside = sum();
    return parts[at++] === ')' ? inside : null;
  };
  const chain = (
    signs: string,
    next: () => Decimal | null,
    join: (a: Decimal, sign: string, b: Decimal) => Decimal,
  ) => {
    let value = next();
    for (let sign = parts[at]; value && sign && signs.includes(sign); sign = parts[at]) {
      at++;
      const other = next();
      value = other && join(value, sign, other);
    }
    return value;
  };
  const product = (): Decimal | null =>
    chain('*×/÷', term, (a, sign, b) => ('*×'.includes(sign) ? a.mul(b) : a.div(b)));
  const sum = (): Decimal | null => chain('+-−', product, (a, sign, b) => (sign === '+' ? a.add(b) : a.sub(b)));
  const value = sum();
  return at === parts.length && value?.isFinite() ? new Decimal(value) : null;
};
