import { identifier, join, parameter, type SqlFragment, sql } from '#core/sql/index.ts';

/*
 * How rows get into a table: as one JSON parameter, whatever their number. The text of the statement depends on the
 * table alone, and PostgreSQL reads each value by its column's type.
 */

/** A column of a table and its type, both from definitions that were checked. */
export interface TableColumn {
  readonly name: string;
  readonly type: string;
}

/** A table with the columns that are written, as the texts of a statement name them. */
export interface TableShape {
  readonly table: SqlFragment;
  readonly names: SqlFragment;
  /** Each name with its type. */
  readonly typed: SqlFragment;
}

/** A table and the columns that are written, as statements name them. */
export const shapeOf = (table: SqlFragment, columns: readonly TableColumn[]): TableShape => ({
  table,
  names: join(
    columns.map(({ name }) => identifier(name)),
    ', ',
  ),
  typed: join(
    columns.map(({ name, type }) => ({ segments: [...identifier(name).segments, { kind: 'text', text: ` ${type}` }] })),
    ', ',
  ),
});

type Row = Readonly<Record<string, unknown>>;

/** Puts some rows into a table, in their order. */
export const insertion = ({ table, names, typed }: TableShape, rows: readonly Row[]): SqlFragment => {
  const given = sql`json_to_recordset(${parameter(JSON.stringify(rows), 'json')}) as given(${typed})`;
  return sql`insert into ${table} (${names}) select ${names} from ${given}`;
};

/** Writes one row over the one with this id. */
export const overwriting = ({ table, names, typed }: TableShape, id: string, row: Row): SqlFragment => {
  const given = sql`json_to_recordset(${parameter(JSON.stringify([row]), 'json')}) as given(${typed})`;
  return sql`update ${table} set (${names}) = (select ${names} from ${given}) where id = ${parameter(id, 'uuid')}`;
};
