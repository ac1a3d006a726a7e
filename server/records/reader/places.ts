import type { PlacesAnswer } from '#contract/index.ts';
import { type CompiledList, labelAt, orderBy, sayPlace } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { parameter, sql } from '#core/sql/index.ts';
import { type DriverRow, execute } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { heldEver } from './find.ts';
import { compileFor, type PageQuery, refuseTooSlow, sortsOf, writeCursor } from './page.ts';
import { relation } from './relation.ts';

/** What a list's places are asked for. */
export type PlacesQuery = Pick<PageQuery, 'filter' | 'find' | 'sort' | 'archived'>;

/** So many records take a second or more to be put in an order that no index has. */
const SLOW = 100_000;
/** As many places as one can tell apart on a bar. */
const MOST_PLACES = 100;
/** So many records say well enough where the others stand. */
const ENOUGH = 2_000;
/** Fewer than this say too little. */
const TOO_FEW = 200;

/** Of the records of a list one in `each`, in order, as their numbers fall: what they hold has no part in it. */
const sample = ({ db, sight }: Reading, list: CompiledList, each: number): Promise<DriverRow[]> => {
  const some = each === 1 ? list.where : sql`${list.where} and t.seq % ${parameter(each, 'integer')} = 0`;
  return execute(
    db,
    sql`select t.seq, t.number${sortsOf(list)} from ${relation(sight, list.register.key)} t where ${some} order by ${orderBy(list)} limit ${parameter(50 * ENOUGH, 'integer')}`,
  );
};

/** How high the numbers of a register have come: about how many records it holds. */
const highest = async ({ db, sight }: Reading, register: Register): Promise<number> => {
  const [row] = await execute(db, sql`select max(t.seq) as n from ${relation(sight, register.key)} t`);
  return Number(row?.n ?? 0);
};

/** Every how many-th place is told, so that there are not too many, the last one always. */
const thinned = <T>(items: readonly T[]): { readonly item: T; readonly at: number }[] => {
  const step = Math.max(1, Math.ceil(items.length / MOST_PLACES));
  return items.flatMap((item, at) => (at % step === 0 || at === items.length - 1 ? [{ item, at }] : []));
};

/**
 * Places of a list to begin at, spread evenly over it. Of a long one they are taken from a sample, so that how much
 * stands before each is told about.
 */
export const readPlaces = async (reading: Reading, register: Register, query: PlacesQuery): Promise<PlacesAnswer> => {
  const list = await compileFor(reading, register, query);
  await refuseTooSlow(reading, list);
  // A filter may leave few: then more of the records are looked at.
  let each = Math.max(1, Math.floor((await highest(reading, register)) / ENOUGH));
  let rows = await sample(reading, list, each);
  while (rows.length < TOO_FEW && each > 1) {
    each = Math.floor(each / 20) || 1;
    rows = await sample(reading, list, each);
  }
  const [first] = list.sortKeys;
  const says = (row: DriverRow): string => {
    const held = row['-sort0'];
    return first
      ? sayPlace(
          register,
          first.path,
          held === null || held === undefined ? null : String(held),
          reading.sight.catalogue,
        )
      : String(row.number);
  };
  return {
    by: first ? labelAt(register, first.path, reading.sight.catalogue) : 'Number',
    places: thinned(rows).map(({ item, at }) => ({
      share: rows.length < 2 ? 0 : at / (rows.length - 1),
      says: says(item),
      after: writeCursor(list, item),
    })),
    exact: each === 1,
    slow: first !== undefined && first.held === null && (await heldEver(reading, register)) > SLOW,
  };
};
