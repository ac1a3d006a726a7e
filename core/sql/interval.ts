import { type SqlFragment, sql } from './fragment.ts';

/*
 * A duration is an interval in tables, as outside readers expect, and a count of milliseconds in the rule language.
 */

/** An interval as the rule language counts it. */
export const intervalMs = (interval: SqlFragment): SqlFragment => sql`(extract(epoch from ${interval}) * 1000)`;

/** A count of milliseconds as an interval. */
export const msInterval = (ms: SqlFragment): SqlFragment =>
  sql`make_interval(secs => ((${ms}) / 1000)::double precision)`;
