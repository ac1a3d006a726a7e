import { foldText } from '../base/index.ts';
import type { Catalogue, Register } from '../register/index.ts';
import { any, identifier, parameter, type SqlFragment, sql, tableOf } from '../sql/index.ts';
import { linkToOne } from '../values/index.ts';
import { findText, withoutMarks } from './words.ts';

/** What was found out about the words of a search before it is asked, where a register is large. */
export interface LinkedFound {
  /** By register and word the ids of the records whose titles hold the word; of a word that too many hold nothing. */
  readonly ids: ReadonlyMap<string, ReadonlyMap<string, readonly string[]>>;
  /** Words that so many records hold that their index is no help: they are looked for in what the others find. */
  readonly common: ReadonlySet<string>;
}

/** LIKE's own signs in what a person typed mean themselves. */
export const likeLiteral = (text: string): string => text.replace(/[\\%_]/g, (sign) => `\\${sign}`);

/** Words under three characters count as the beginning of a word, longer ones as a part of one, wherever it stands. */
const pattern = (word: string): string => (word.length < 3 ? `% ${likeLiteral(word)}%` : `%${likeLiteral(word)}%`);

/** The words of a find box, folded; a comma in an amount ("1,250") is taken out so that it finds 1250. */
export const findWords = (find: string): string[] =>
  withoutMarks(foldText(find))
    .split(' ')
    .filter((word) => word !== '')
    .map((word) => (/^\d{1,3}(,\d{3})+(\.\d+)?$/.test(word) ? word.replaceAll(',', '') : word))
    .slice(0, 12);

/** Whether a record's title or number holds a word. */
export const titledWith = (alias: string, word: string): SqlFragment =>
  sql`${identifier(alias, 'find_title')} like ${parameter(pattern(word), 'text')}`;

/** The ids of the records whose title holds a word, as a query over where a register's records are read. */
export const titledLike = (from: SqlFragment, word: string): SqlFragment =>
  sql`select ${identifier('f', 'id')} from ${from} ${identifier('f')} where ${titledWith('f', word)}`;

/** The links whose titles a register's records are found by, besides their own words. */
export const foundThrough = (register: Register, catalogue: Catalogue): { key: string; to: string }[] =>
  register.fields.flatMap(({ key, type }) => {
    const to = linkToOne(type)?.register;
    return to !== undefined && catalogue.registers.has(to) ? [{ key, to }] : [];
  });

/**
 * Whether a record's own words hold a word, over its table as `alias`. Where not all of them are seen, all stand in a
 * column `raw` besides: an index finds by that one, and what it finds is held against those that are seen.
 */
export const holdsWord = (alias: string, word: string, raw: string | null = null): SqlFragment => {
  const like = (column: string) => sql`${identifier(alias, column)} like ${parameter(pattern(word), 'text')}`;
  return raw === null ? like('find_text') : sql`(${like(raw)} and ${like('find_text')})`;
};

/** One condition a word, over the register's table as `alias`: it stands in the record, or in a title it links to. */
export const whereFound = (
  alias: string,
  register: Register,
  find: string,
  around: {
    readonly catalogue: Catalogue;
    readonly from?: (register: string) => SqlFragment;
    readonly rawWords?: (register: string) => string | null;
  },
  linked?: LinkedFound,
): SqlFragment[] => {
  const links = foundThrough(register, around.catalogue);
  const from = around.from ?? tableOf;
  const words = findWords(find);
  /** Whether few records of each register that is linked to are called so. */
  const isRare = (word: string): boolean => links.every(({ to }) => linked?.ids.get(to)?.has(word) === true);
  return words.map((word) => {
    const isBesideRare = linked !== undefined && words.some((other) => other !== word && isRare(other));
    const inLinked = links.flatMap(({ key, to }) => {
      const ids = linked?.ids.get(to)?.get(word);
      if (!ids) {
        // Another word leaves few records: their links are looked at one by one, not all that are called so beforehand.
        const title = sql`(select ${identifier('f', 'find_title')} from ${from(to)} ${identifier('f')} where ${identifier('f', 'id')} = ${identifier(alias, key)})`;
        return isBesideRare
          ? [sql`${title} like ${parameter(pattern(word), 'text')}`]
          : [sql`${identifier(alias, key)} in (${titledLike(from(to), word)})`];
      }
      // A word that names nothing there is asked of the record's own words alone: one index answers all such words at once.
      return ids.length === 0 ? [] : [sql`${identifier(alias, key)} = any(${parameter(ids, 'uuid[]')})`];
    });
    // Joined to nothing, the text is no longer what the index is over.
    const own = linked?.common.has(word)
      ? sql`(${identifier(alias, 'find_text')} || '') like ${parameter(pattern(word), 'text')}`
      : holdsWord(alias, word, around.rawWords?.(register.key));
    return any([own, ...inLinked]);
  });
};

/** How many of a title's signs its beginning is looked for in: as many as its index holds. */
const BEGINNING = 100;

/** The beginning of a title, in the order of its signs: what its index is over, and what must be asked for the same. */
export const titleBeginning = (title: SqlFragment): SqlFragment => sql`(left(${title}, 100) collate "C")`;

/** Whether a title, folded, begins with what was typed. */
export const beginsWith = (title: SqlFragment, find: string): SqlFragment =>
  sql`${titleBeginning(title)} like ${parameter(`${likeLiteral(findText([find]).slice(0, BEGINNING))}%`, 'text')}`;
