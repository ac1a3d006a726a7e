import { identifier, type SqlFragment } from './fragment.ts';

/** PostgreSQL's longest name, in bytes (NAMEDATALEN − 1). */
const LONGEST = 63;

/** FNV-1a, 32 bits: enough to tell apart the few names that are too long. */
const hash = (text: string): string => {
  let value = 0x811c9dc5;
  for (let i = 0; i < text.length; i++) value = Math.imul(value ^ text.charCodeAt(i), 0x01000193);
  return (value >>> 0).toString(36);
};

/** How the rows in a register's field are named wherever registers are: `invoices.lines`. No register's key has a dot. */
export const rowsKey = (register: string, field: string): string => `${register}.${field}`;

/** The table of such rows, in the schema `rows`; shortened where PostgreSQL would cut it. */
export const rowsTableName = (key: string): string =>
  key.length <= LONGEST ? key : `${key.slice(0, LONGEST - 8)}~${hash(key)}`;

/** The table in which the records of a register stand, or rows, or people (`$people`). */
export const tableOf = (key: string): SqlFragment => {
  if (key.startsWith('$')) return identifier('iolite', key.slice(1));
  return key.includes('.') ? identifier('rows', rowsTableName(key)) : identifier('records', key);
};
