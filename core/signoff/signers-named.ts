import { Decimal } from '../base/index.ts';
import type { Values } from '../expression/index.ts';
import type { RecordValues } from '../register/index.ts';
import type { Who } from './route.ts';

const read = (values: Values, path: string): string | null => {
  const value = values.read(path.split('.'));
  return typeof value === 'string' ? value : typeof value === 'boolean' ? String(value) : null;
};

const textIn = (record: RecordValues, key: string | null): string | null => {
  const value = key === null ? null : (record[key] ?? null);
  return typeof value === 'string' ? value : typeof value === 'boolean' ? String(value) : null;
};

/**
 * Whom the records of a register of signers name for a record: those that are for it, whose limit its amount is not over,
 * on that day. What one of them leaves empty asks nothing: it is for anything, without a limit, from ever, for good.
 */
export const signersNamed = (
  who: Who & { readonly kind: 'signers' },
  register: readonly RecordValues[],
  values: Values,
  today: string,
): string[] => {
  const amount = who.limit ? read(values, who.limit.here) : null;
  const fits = (record: RecordValues): boolean => {
    const isFor = who.matches.every(({ there, here }) => {
      const asked = textIn(record, there);
      return asked === null || asked === read(values, here);
    });
    const limit = textIn(record, who.limit?.there ?? null);
    const isWithin = limit === null || amount === null || new Decimal(amount).lte(limit);
    const [from, until] = [textIn(record, who.from), textIn(record, who.until)];
    return isFor && isWithin && (from === null || from <= today) && (until === null || today <= until);
  };
  return [...new Set(register.filter(fits).flatMap((record) => textIn(record, who.person) ?? []))];
};
