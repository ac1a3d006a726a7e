import { identifier, type SqlFragment, sql, tableOf } from '#core/sql/index.ts';
import type { Sight } from '../sight.ts';

/**
 * Where a sight reads the records of a register, or of rows (`invoices.lines`): its table, or within the sight's scope
 * the part of it. The only function of the reader that names a table of records; what stands in a `from` comes from it.
 */
export const relation = (sight: Sight, register: string): SqlFragment => {
  const scope = sight.scopes.get(register);
  if (scope) {
    const inner = identifier('own');
    return sql`(select ${inner}.* from ${tableOf(register)} ${inner} where ${scope('own')})`;
  }
  const [owner, rows] = register.split('.');
  const ownerScope = rows === undefined || owner === undefined ? undefined : sight.scopes.get(owner);
  if (!owner || !ownerScope) return tableOf(register);
  // Rows are seen where the record is that they stand in.
  return sql`(select ${identifier('line')}.* from ${tableOf(register)} ${identifier('line')} join ${tableOf(owner)} ${identifier('own')} on ${identifier('own', 'id')} = ${identifier('line', 'entry')} where ${ownerScope('own')})`;
};

/** The same as the compiler of expressions and lists takes it. */
export const relationsOf =
  (sight: Sight) =>
  (register: string): SqlFragment =>
    relation(sight, register);
