import { PgDialect } from 'drizzle-orm/pg-core';
import { expect, test } from 'vitest';
import { all, any, identifier, join, parameter, sql } from '#core/sql/index.ts';
import { toDrizzle } from './fragment.ts';

const print = (fragment: Parameters<typeof toDrizzle>[0]) => {
  const { sql: text, params } = new PgDialect().sqlToQuery(toDrizzle(fragment));
  return [text, params];
};

test.each([
  [
    'an identifier is only ever a name',
    sql`select ${identifier('records', 'a"; drop table x; --')}`,
    'select "records"."a""; drop table x; --"',
    [],
  ],
  [
    'a value is only ever a parameter',
    sql`${identifier('t', 'a')} = ${parameter("x' or 1=1", 'text')}`,
    '"t"."a" = $1::text',
    ["x' or 1=1"],
  ],
  [
    'parameters are numbered in order',
    join([parameter('a', 'text'), parameter('1', 'numeric')], ', '),
    '$1::text, $2::numeric',
    ['a', '1'],
  ],
  ['and of none is true', all([]), 'true', []],
  ['or of none is false', any([]), 'false', []],
])('%s', (_, fragment, text, params) => expect(print(fragment)).toEqual([text, params]));
