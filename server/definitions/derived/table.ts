import { createHash } from 'node:crypto';
import { sql } from 'drizzle-orm';
import { type Catalogue, isRowsField, type Register } from '#core/register/index.ts';
import { rowsKey, rowsTableName, type SqlFragment } from '#core/sql/index.ts';
import type { RowField } from '#core/values/index.ts';
import type { Tx } from '../../platform/database.ts';
import { toPlainSql } from '../../platform/fragment.ts';
import { Refusal } from '../../platform/refusal.ts';

/* The tables that definitions ask for, and how steps on them are run. */

/** A table of records or of rows, with the fields that stand in it. */
export interface Table {
  /** The register's key, or `invoices.lines`. */
  readonly key: string;
  readonly schema: 'records' | 'rows';
  readonly name: string;
  readonly fields: readonly RowField[];
  readonly register: Register;
}

/** Every table of records and of rows. */
export const tablesOf = (catalogue: Catalogue): Table[] =>
  [...catalogue.registers.values()].flatMap((register): Table[] => [
    { key: register.key, schema: 'records', name: register.key, fields: register.fields, register },
    ...register.fields.filter(isRowsField).map((field): Table => {
      const key = rowsKey(register.key, field.key);
      return { key, schema: 'rows', name: rowsTableName(key), fields: field.type.fields, register };
    }),
  ]);

/** A short name for a long text. */
export const digest = (parts: string): string => createHash('sha256').update(parts).digest('hex').slice(0, 24);

/** A reading of the clock for what reads none. */
export const NO_CLOCK = { now: '2000-01-01T00:00:00.000Z', zone: 'UTC' };

/** Runs a statement of ours as it stands: where PostgreSQL takes no parameters. */
export const run = async (tx: Tx, fragment: SqlFragment): Promise<void> => {
  await tx.execute(sql.raw(toPlainSql(fragment)));
};

/** Tries a step that PostgreSQL may refuse; nothing of it stays when it does. */
export const tries = async (tx: Tx, fragment: SqlFragment): Promise<boolean> => {
  try {
    await tx.transaction((inner) => run(inner, fragment));
    return true;
  } catch (error) {
    if (error instanceof Refusal) throw error;
    return false;
  }
};
