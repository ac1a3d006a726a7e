import { z } from 'zod';
import { isRowsField } from '#core/register/index.ts';
import { identifier, join, parameter, rowsKey, type SqlFragment, sql } from '#core/sql/index.ts';
import { fieldTypeSchema, filesIn } from '#core/values/index.ts';
import { execute } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { relation } from './relation.ts';

const asideSchema = z.object({ type: fieldTypeSchema });

/** Every column that holds the ids of files, those of fields that were set aside too: these can be brought back. */
const fileColumns = async ({ db, sight }: Reading): Promise<{ from: SqlFragment; column: string }[]> => {
  const columns: { from: SqlFragment; column: string }[] = [];
  for (const register of sight.catalogue.registers.values()) {
    const from = relation(sight, register.key);
    for (const { key, type } of register.fields) if (filesIn(type)) columns.push({ from, column: key });
    for (const field of register.fields.filter(isRowsField))
      for (const { key, type } of field.type.fields)
        if (filesIn(type)) columns.push({ from: relation(sight, rowsKey(register.key, field.key)), column: key });
  }
  const aside = await execute(db, sql`select register, "column", field from iolite.set_aside where rows is null`);
  for (const { register, column, field } of aside) {
    const read = asideSchema.safeParse(field);
    if (read.success && filesIn(read.data.type) && sight.catalogue.registers.has(String(register)))
      columns.push({ from: relation(sight, String(register)), column: String(column) });
  }
  return columns;
};

/** Which of some files a record holds, archived or not, or held in a field that was set aside. */
export const findHeldFiles = async (reading: Reading, ids: readonly string[]): Promise<ReadonlySet<string>> => {
  const columns = await fileColumns(reading);
  if (columns.length === 0 || ids.length === 0) return new Set();
  const wanted = parameter([...ids], 'uuid[]');
  const parts = columns.map(
    ({ from, column }) =>
      sql`select f.id from ${from} t, unnest(${identifier('t', column)}) as f(id) where ${identifier('t', column)} && ${wanted}`,
  );
  const rows = await execute(reading.db, join(parts, ' union '));
  return new Set(rows.map((row) => String(row.id)));
};
