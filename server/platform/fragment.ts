import { createHash } from 'node:crypto';
import { Param, SQL, StringChunk } from 'drizzle-orm';
import type { PreparedQueryConfig } from 'drizzle-orm/pg-core';
import pg, { type QueryResult } from 'pg';
import type { Segment, SqlFragment } from '#core/sql/index.ts';
import type { Db } from './database.ts';

/** An identifier as PostgreSQL quotes it: whatever stands in it is a name (PostgreSQL 15, §4.1.1). */
const quoted = (name: string): string => `"${name.replaceAll('"', '""')}"`;

/**
 * The one door from the core's SQL to the driver's: texts of our own source, quoted identifiers, bound parameters.
 * Neighbouring texts become one chunk, as Drizzle looks at every chunk many times.
 */
export const toDrizzle = (fragment: SqlFragment): SQL => {
  const chunks: (StringChunk | Param)[] = [];
  let text = '';
  for (const segment of fragment.segments) {
    switch (segment.kind) {
      case 'text':
        text += segment.text;
        break;
      case 'identifier':
        text += segment.names.map(quoted).join('.');
        break;
      case 'parameter':
        chunks.push(new StringChunk(text), new Param(segment.value));
        text = `::${segment.type}`;
        break;
    }
  }
  return new SQL([...chunks, new StringChunk(text)]);
};

/** A fragment as the driver takes it: the text with numbered places, and what goes there. */
const toQuery = (fragment: SqlFragment): { sql: string; params: unknown[] } => {
  const params: unknown[] = [];
  const text = fragment.segments.map((segment) => {
    if (segment.kind !== 'parameter') return plainSegment(segment);
    params.push(segment.value);
    return `$${params.length}::${segment.type}`;
  });
  return { sql: text.join(''), params };
};

/** A row as the driver gives it: moments and days as text, numbers that a binary number could not hold as text. */
export type DriverRow = Readonly<Record<string, unknown>>;

const run = async (
  db: Pick<Db, '_'>,
  query: { sql: string; params: unknown[] },
  name?: string,
): Promise<DriverRow[]> => {
  const { rows } = await db._.session.prepareQuery<Raw>(query, undefined, name, false).execute();
  return rows;
};

/** Runs a statement and gives its rows. */
export const execute = (db: Pick<Db, '_'>, fragment: SqlFragment): Promise<DriverRow[]> => run(db, toQuery(fragment));

/** So many statements are kept on a connection; texts follow definitions, of which there are never so many. */
const MOST_KEPT = 2_000;
const names = new Map<string, string>();

const nameOf = (text: string): string | undefined => {
  const known = names.get(text);
  if (known !== undefined || names.size >= MOST_KEPT) return known;
  const name = createHash('sha256').update(text).digest('base64url');
  names.set(text, name);
  return name;
};

/**
 * The same for a statement whose text comes again and again (it depends on definitions alone, never on what is written
 * or asked): PostgreSQL keeps it parsed and planned on each connection, and plans anew when a table under it changes.
 */
export const executeKept = (db: Pick<Db, '_'>, fragment: SqlFragment): Promise<DriverRow[]> => {
  const query = toQuery(fragment);
  return run(db, query, nameOf(query.sql));
};

/** A fragment with its names quoted already: for what is put into many statements. */
export const withPlainText = (fragment: SqlFragment): SqlFragment => {
  const segments: Segment[] = [];
  let text = '';
  for (const segment of fragment.segments) {
    if (segment.kind !== 'parameter') {
      text += segment.kind === 'text' ? segment.text : segment.names.map(quoted).join('.');
      continue;
    }
    segments.push({ kind: 'text', text }, segment);
    text = '';
  }
  return { segments: text === '' ? segments : [...segments, { kind: 'text', text }] };
};

interface Raw extends PreparedQueryConfig {
  execute: QueryResult<Record<string, unknown>>;
}

const literal = ({ value, type }: Segment & { kind: 'parameter' }): string => {
  if (value === null) return `null::${type}`;
  if (typeof value === 'object') return `array[${value.map((each) => pg.escapeLiteral(each)).join(', ')}]::${type}`;
  return `${pg.escapeLiteral(String(value))}::${type}`;
};

/**
 * A fragment as plain text, its parameters as quoted literals: for definitions (generated columns, checks, views),
 * where PostgreSQL takes no parameters. Everything else goes through `toDrizzle`.
 */
export const toPlainSql = (fragment: SqlFragment): string => fragment.segments.map(plainSegment).join('');

const plainSegment = (segment: Segment): string => {
  switch (segment.kind) {
    case 'text':
      return segment.text;
    case 'identifier':
      return segment.names.map(quoted).join('.');
    case 'parameter':
      return literal(segment);
  }
};
