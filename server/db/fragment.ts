import { type SQL, sql } from 'drizzle-orm';
import type { Segment, SqlFragment } from '#core/sql/index.ts';

const toChunk = (segment: Segment): SQL => {
  switch (segment.kind) {
    case 'text':
      return sql.raw(segment.text);
    case 'identifier':
      return sql.join(
        segment.names.map((name) => sql.identifier(name)),
        sql.raw('.'),
      );
    case 'parameter':
      return sql`${sql.param(segment.value)}::${sql.raw(segment.type)}`;
  }
};

/** The one door from the core's SQL to the driver's: texts of our own source, quoted identifiers, bound parameters. */
export const toDrizzle = (fragment: SqlFragment): SQL => sql.join(fragment.segments.map(toChunk));
