import { isRowsField, type RecordValues, type Register, vocabularyOf } from '#core/register/index.ts';
import { join, parameter, sql } from '#core/sql/index.ts';
import { isColumn, type StoredValue } from '#core/values/index.ts';
import { readColumn } from '../../platform/driver-values.ts';
import { executeKept } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { as, selectFields } from './columns.ts';
import { relation } from './relation.ts';
import { readRows } from './rows.ts';

/** What a record holds in its own columns and rows: nothing that is worked out. */
export interface OwnValues {
  readonly number: string;
  readonly version: number;
  readonly archived: boolean;
  readonly values: RecordValues;
}

/** A record to be changed, archived ones too, or null. `locked`: nobody else changes it until the commit. */
export const readOwnValues = async (
  reading: Reading,
  register: Register,
  id: string,
  locked: 'locked' | 'free' = 'free',
): Promise<OwnValues | null> => {
  const { db, sight, clock } = reading;
  const selected = selectFields(register.fields.filter(isColumn), vocabularyOf(register, sight.catalogue));
  const columns = join(
    [
      sql`t.number`,
      sql`t.version`,
      sql`t.archived_at is not null as archived`,
      ...selected.map(({ name, value }) => as(value('t', clock), name)),
    ],
    ', ',
  );
  const lock = locked === 'locked' ? sql` for update` : sql``;
  const [row] = await executeKept(
    db,
    sql`select ${columns} from ${relation(sight, register.key)} t where t.id = ${parameter(id, 'uuid')}${lock}`,
  );
  if (!row) return null;
  const values: Record<string, StoredValue> = {};
  for (const { field, name, type } of selected) values[field.key] = readColumn(row[name], type);
  for (const field of register.fields.filter(isRowsField))
    values[field.key] = (await readRows(reading, register, field, [id], 'own')).get(id) ?? [];
  return { number: String(row.number), version: Number(row.version), archived: row.archived === true, values };
};
