import { type SqlFragment, type SqlType, sql } from './fragment.ts';

/** A value of SQL as the text the core keeps it in: for where several kinds meet in one column. Lists stay lists. */
export const storedText = (value: SqlFragment, type: SqlType): SqlFragment => {
  switch (type) {
    case 'numeric':
      return sql`trim_scale(${value})::text`;
    case 'timestamptz':
      return sql`to_char((${value}) at time zone 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.MS"Z"')`;
    case 'time':
      return sql`to_char(${value}, 'HH24:MI:SS')`;
    case 'date':
      return sql`to_char(${value}, 'YYYY-MM-DD')`;
    default:
      return sql`(${value})::text`;
  }
};
