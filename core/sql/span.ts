import { type SqlFragment, sql } from './fragment.ts';

/*
 * A span of days is a daterange in tables and in the rule language; where a value of it is read it is its first and last
 * day ("2026-11-01/2026-11-05", ISO 8601-1:2019, 5.5.2). PostgreSQL keeps the day after the last one.
 */

const day = (date: SqlFragment): SqlFragment => sql`to_char(${date}, 'YYYY-MM-DD')`;

/** A span as it is stored; of nights the day of leaving is told, which the range leaves out. */
export const spanText = (range: SqlFragment, nights: boolean): SqlFragment =>
  nights
    ? sql`(${day(sql`lower(${range})`)} || '/' || ${day(sql`upper(${range})`)})`
    : sql`(${day(sql`lower(${range})`)} || '/' || ${day(sql`upper(${range}) - 1`)})`;
