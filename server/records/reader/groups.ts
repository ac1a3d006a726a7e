import type { ListGroups } from '#contract/index.ts';
import {
  compileGroups,
  compileList,
  keyName,
  OPEN_NAME,
  readGroupings,
  readTotals,
  SAID,
  sayKey,
  sayTotal,
  shareOf,
  type Total,
  totalName,
} from '#core/list/index.ts';
import { type Register, valueContext } from '#core/register/index.ts';
import type { SqlFragment } from '#core/sql/index.ts';
import { recordBehind } from '#core/values/index.ts';
import { type DriverRow, execute } from '../../platform/fragment.ts';
import { valueOrRefuse } from '../../platform/refusal.ts';
import type { Reading } from '../work.ts';
import { aroundOf } from './find.ts';
import { readLinked } from './linked.ts';
import { compileFor, refuseTooSlow, weigh } from './page.ts';
import { relation } from './relation.ts';

/** What a list's groups are asked for. */
export interface GroupsQuery {
  readonly filter: string;
  readonly find: string;
  readonly archived: 'yes' | 'no';
  readonly by: string;
  readonly totals: string;
}

/** So many groups are told at once; a list of more is put together otherwise. */
const MOST_GROUPS = 1_000;

const textOf = (value: unknown): string | null => (value === null || value === undefined ? null : String(value));

/** Totals over the records of a register that some conditions over `t` hold for, in words, one for each that is asked for. */
export const readTotalsOver = async (
  reading: Reading,
  register: Register,
  also: readonly SqlFragment[],
  totals: readonly Total[],
): Promise<readonly string[]> => {
  if (totals.length === 0) return [];
  const around = { ...aroundOf(reading), also };
  const list = valueOrRefuse(compileList(register, { filter: '', find: '', sort: '' }, around));
  const compiled = valueOrRefuse(compileGroups(list, [], totals, around));
  const [row] = await execute(reading.db, compiled.query(relation(reading.sight, register.key), 1));
  const context = valueContext(reading.sight.catalogue);
  return compiled.totals.map((total, at) => sayTotal(total, textOf(row?.[totalName(at)]), context));
};

/** A list put together: each group and the whole with how many there are and its totals, over the records that are seen. */
export const readGroups = async (reading: Reading, register: Register, query: GroupsQuery): Promise<ListGroups> => {
  const { db, sight } = reading;
  const list = await compileFor(reading, register, { ...query, sort: '' });
  await refuseTooSlow(reading, list);
  const groupings = valueOrRefuse(readGroupings(query.by));
  const totals = valueOrRefuse(readTotals(query.totals));
  const compiled = valueOrRefuse(compileGroups(list, groupings, totals, aroundOf(reading)));
  const asked = compiled.query(relation(sight, register.key), MOST_GROUPS + 1);
  await weigh(db, asked, 'by');
  const rows = await execute(db, asked);
  const told = rows.slice(0, MOST_GROUPS);
  const context = valueContext(sight.catalogue);
  const titles = new Map<string, string>();
  for (const [at, { type, by }] of compiled.groupings.entries()) {
    const behind = recordBehind(type);
    if (behind === null || by.kind !== 'value') continue;
    const ids = [...new Set(told.flatMap((row) => textOf(row[keyName(at)]) ?? []))];
    for (const [id, linked] of Object.entries(await readLinked(reading, behind, ids))) titles.set(id, linked.title);
  }
  /** How many levels a row has: those that are open in it are set in its last bits. */
  const depthOf = (row: DriverRow): number =>
    compiled.groupings.length - Number(row[OPEN_NAME]).toString(2).replaceAll('0', '').length;
  return {
    groups: told.map((row) => {
      const keys = compiled.groupings.slice(0, depthOf(row)).map((_, at) => textOf(row[keyName(at)]));
      const innermost = compiled.groupings[keys.length - 1];
      return {
        keys,
        says: innermost ? sayKey(innermost, keys.at(-1) ?? null, context, titles) : register.plural,
        count: Number(row.n),
        totals: compiled.totals.map((total, at) => {
          const held = textOf(row[totalName(at)]);
          const value = total.kind === 'share' ? shareOf(held, textOf(told[0]?.[totalName(at)])) : held;
          return { says: sayTotal(total, value, context), value };
        }),
      };
    }),
    levels: compiled.groupings.map(({ label }) => label),
    totals: compiled.totals.map(({ kind, label }) => `${SAID[kind]} of ${label}`),
    more: rows.length > MOST_GROUPS,
  };
};
