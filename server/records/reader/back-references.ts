import type { LinkedGroups } from '#contract/index.ts';
import {
  type BackLink,
  backLinks,
  type Catalogue,
  type Field,
  listFields,
  type Register,
} from '#core/register/index.ts';
import { identifier, parameter, type SqlFragment, sql } from '#core/sql/index.ts';
import { currencyIn, shownAs } from '#core/values/index.ts';
import { executeKept } from '../../platform/fragment.ts';
import type { Sight } from '../sight.ts';
import type { Reading } from '../work.ts';
import { readTotalsOver } from './groups.ts';
import { readSome } from './record.ts';
import { relation } from './relation.ts';

/*
 * The records that point to one: what its page shows from the other side, and what stands in the way of archiving it.
 */

/** The records of a group, as a condition on their register's table `t`; for rows the records they stand in. */
const condition = (sight: Sight, { register, field, many }: BackLink, id: string): SqlFragment => {
  const own = parameter(id, 'uuid');
  const points = (alias: string): SqlFragment =>
    many ? sql`${identifier(alias, field)} @> array[${own}]` : sql`${identifier(alias, field)} = ${own}`;
  return register.includes('.')
    ? sql`${identifier('t', 'id')} in (select ${identifier('r', 'entry')} from ${relation(sight, register)} r where ${points('r')})`
    : points('t');
};

/** The register whose records a group shows. */
const shownRegister = (link: BackLink, catalogue: Catalogue): Register | undefined =>
  catalogue.registers.get(link.register.split('.')[0] ?? '');

const pointing = ({ sight }: Reading, register: Register, link: BackLink, id: string): SqlFragment =>
  sql`from ${relation(sight, register.key)} t where ${condition(sight, link, id)} and t.archived_at is null`;

const countOf = async (reading: Reading, register: Register, link: BackLink, id: string): Promise<number> => {
  const [row] = await executeKept(reading.db, sql`select count(*) as n ${pointing(reading, register, link, id)}`);
  return Number(row?.n ?? 0);
};

const MOST_MOVED = 100_000;

/** The ids of the records of a register that point to one by a link of theirs, the newest first. */
export const readBackReferences = async (
  reading: Reading,
  register: Register,
  link: BackLink,
  id: string,
  limit = MOST_MOVED,
): Promise<string[]> => {
  const rows = await executeKept(
    reading.db,
    sql`select t.id ${pointing(reading, register, link, id)} order by t.seq desc limit ${parameter(limit, 'integer')}`,
  );
  return rows.map((row) => String(row.id));
};

const MOST_SHOWN = 5;
/** The columns a small list shows beside the title, and beside the link that leads here. */
const MOST_COLUMNS = 4;

const isAmount = ({ type }: Field): boolean => currencyIn(shownAs(type)) !== null;

/** The first few fields of a list, with an amount among them where it has any: that is what one adds up. */
const fewFields = (register: Register, link: string): readonly Field[] => {
  const listed = listFields(register)
    .slice(1)
    .filter((field) => field.key !== link);
  const few = listed.slice(0, MOST_COLUMNS);
  const amount = few.some(isAmount) ? undefined : listed.find(isAmount);
  return amount ? [...few, amount] : few;
};

/** What points to a record, as far as it may be seen; the newest few of each, and how many there are. */
export const readBackGroups = async (reading: Reading, register: Register, id: string): Promise<LinkedGroups> => {
  const { catalogue } = reading.sight;
  const groups: LinkedGroups['groups'] = [];
  for (const link of backLinks(register.key, catalogue)) {
    const shown = shownRegister(link, catalogue);
    if (!shown) continue;
    const count = await countOf(reading, shown, link, id);
    const fields = fewFields(shown, link.field);
    // Amounts are what a small list is added up by; one record says its own.
    const summed = count > 1 ? fields.filter(isAmount) : [];
    const sums = await readTotalsOver(
      reading,
      shown,
      [condition(reading.sight, link, id)],
      summed.map(({ key }) => ({ kind: 'sum', path: key })),
    );
    const ids = count === 0 ? [] : await readBackReferences(reading, shown, link, id, MOST_SHOWN);
    groups.push({
      key: link.key,
      label: link.label,
      register: shown.key,
      field: link.register.includes('.') ? null : link.field,
      count,
      records: ids.length === 0 ? [] : await readSome(reading, shown, ids, fields.map(({ key }) => key).join(',')),
      totals: Object.fromEntries(summed.map(({ key }, at) => [key, sums[at] ?? ''])),
    });
  }
  return { groups };
};

/** How many records point to one, by the words for each: "12 Invoices by Client". */
export const countBackReferences = async (
  reading: Reading,
  register: Register,
  id: string,
): Promise<{ key: string; count: number; label: string }[]> => {
  const { catalogue } = reading.sight;
  const counts = [];
  for (const link of backLinks(register.key, catalogue)) {
    const shown = shownRegister(link, catalogue);
    const count = shown ? await countOf(reading, shown, link, id) : 0;
    if (count > 0) counts.push({ key: link.key, count, label: link.label });
  }
  return counts;
};
