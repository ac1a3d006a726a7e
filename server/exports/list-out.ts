import type { Writable } from 'node:stream';
import type { ListFileQuery, ListFormatName, ListGroups, ListPage } from '#contract/index.ts';
import { problem, showMoment } from '#core/base/index.ts';
import {
  columnFields,
  fittingWorked,
  readGroupings,
  readTotals,
  SAID,
  sayFilter,
  type Total,
} from '#core/list/index.ts';
import {
  type Catalogue,
  type Field,
  linkedRegister,
  type Register,
  valueContext,
  vocabularyOf,
} from '#core/register/index.ts';
import { csvFields } from '../lists/csv.ts';
import { csv } from '../lists/export/csv.ts';
import { ics } from '../lists/export/ics.ts';
import { json } from '../lists/export/json.ts';
import type { ColumnTotals, ListFormat } from '../lists/export/writer.ts';
import { xlsx } from '../lists/export/xlsx.ts';
import { labels, type Printer, pdf, sheets } from '../paper/formats.ts';
import type { Prints } from '../paper/press.ts';
import { mayOf } from '../people/roles.ts';
import { invalid, notAllowed, notFound, valueOrRefuse } from '../platform/refusal.ts';
import { readGroups, readPage, withOwnColumns } from '../records/reader/index.ts';
import type { ReadContext } from '../records/work.ts';
import { lookToExport } from './export.ts';

/* Lists as they are taken along: written page by page as they are read, so that a long one needs no more memory. */

const BATCH_SIZE = 500;

const FORMATS = {
  csv: () => csv,
  xlsx: () => xlsx,
  json: () => json,
  ics: () => ics,
  pdf,
  labels,
  sheets,
} as const satisfies Record<ListFormatName, (printer: Printer) => ListFormat>;

/** The fields that are taken along: those that are named and seen; all that have a place in a file where none is named. */
const fieldsOf = (register: Register, columns: string, catalogue: Catalogue): readonly Field[] => {
  const known = columnFields(register, columns, catalogue);
  return known.length > 0 ? known : csvFields(register);
};

/** Whether a column goes along: what lies behind links only where all of those registers may be taken along too. */
const goesAlong = (
  { definitions, person, sight }: Pick<ReadContext, 'definitions' | 'person' | 'sight'>,
  register: Register,
  [first, ...rest]: readonly string[],
): boolean => {
  if (rest.length === 0) return true;
  const field = register.fields.find(({ key }) => key === first);
  const to = field && linkedRegister(field.type, sight.catalogue);
  if (!to || mayOf(definitions, person, to.key, 'export') !== 'all') return false;
  return goesAlong({ definitions, person, sight }, to, rest);
};

/** The columns worked out for a list that go along: those that read no register which may not be taken along too. */
const workedAlong = ({ definitions, person, sight }: ReadContext, register: Register, worked: string): string => {
  const registers = [...sight.catalogue.registers].filter(
    ([key]) => key === register.key || mayOf(definitions, person, key, 'export') === 'all',
  );
  return fittingWorked(worked, register, { ...sight.catalogue, registers: new Map(registers) });
};

/** The totals of a group, or of the whole, by the column they stand under; those of a column together, in words. */
const totalsUnder = (
  asked: readonly Total[],
  { totals }: ListGroups['groups'][number],
): ReadonlyMap<string, ColumnTotals> => {
  const told = new Map<string, ColumnTotals>();
  asked.forEach(({ kind, path }, at) => {
    const { says = '', value = null } = totals[at] ?? {};
    // A sum and a share say themselves what they are.
    const called = kind === 'sum' || kind === 'share' ? says : `${SAID[kind]} ${says}`;
    const before = told.get(path);
    if (says !== '')
      told.set(
        path,
        before
          ? { says: `${before.says}, ${called}`, alone: null }
          : { says: called, alone: value === null ? null : { kind, value } },
      );
  });
  return told;
};

/** What a list is put together in, and the totals of the whole. */
interface PutTogether {
  readonly asked: readonly Total[];
  /** The whole is not among them. */
  readonly groups: ListGroups['groups'];
  readonly levels: number;
  readonly whole: ReadonlyMap<string, ColumnTotals>;
}

const putTogether = async (reading: ReadContext, register: Register, query: ListFileQuery): Promise<PutTogether> => {
  const asked = valueOrRefuse(readTotals(query.totals));
  if (asked.length === 0 && query.by === '') return { asked, groups: [], levels: 0, whole: new Map() };
  const { groups, levels, more } = await readGroups(reading, register, query);
  if (more)
    throw invalid([
      problem('too_many', ['by'], 'This list has more groups than a file holds. Take it without them, or find fewer.'),
    ]);
  const [all, ...parts] = groups;
  return { asked, groups: parts, levels: levels.length, whole: all ? totalsUnder(asked, all) : new Map() };
};

/** A list made ready to be written. */
export interface ListOut {
  readonly mediaType: string;
  readonly fileName: string;
  /** How many records it holds, where that was asked for. */
  readonly total: number | null;
  /** Writes it; `progress` hears how many records are written. */
  readonly write: (to: Writable, progress?: (done: number) => Promise<void>) => Promise<void>;
}

/**
 * A list as whoever looks may take it along, made ready so far that what is wrong with it is told before a file begins.
 * `address` is where the program is, for links back to it; '' where the server's settings do not say; `press` is where
 * lists go on paper. `still` is asked before each page is written, and refuses where the list may not be gone on with.
 */
export const listOut = async (
  look: ReadContext,
  key: string,
  query: ListFileQuery,
  {
    address,
    press,
    counted = false,
    still,
  }: {
    readonly address: string;
    readonly press: Prints;
    readonly counted?: boolean;
    readonly still?: () => Promise<void>;
  },
): Promise<ListOut> => {
  const seen = look.sight.catalogue.registers.get(key);
  if (!seen) throw notFound();
  const allowed = lookToExport(look, seen.key);
  if (!allowed) throw notAllowed(`You may not take ${seen.plural.toLowerCase()} along as a file.`);
  const { reading, register } = withOwnColumns(allowed, seen, workedAlong(look, seen, query.worked));
  const { catalogue } = reading.sight;
  const fields = fieldsOf(register, query.columns, catalogue).filter(({ key: path }) =>
    goesAlong(look, register, path.split('.')),
  );
  const {
    mediaType,
    extension,
    begin,
    most,
    reads,
    hasGroups = false,
  } = FORMATS[query.format]({
    press,
    by: look.person.id,
  });
  const also = reads?.({ register, catalogue, look: query.look }) ?? [];
  const columns = [...new Set([...fields.map((field) => field.key), ...also])].join(',');
  const page = (after: string, group = '') =>
    readPage(reading, register, {
      ...query,
      group,
      columns,
      after,
      limit: BATCH_SIZE,
      count: after !== '' || group !== '' ? 'no' : counted ? 'exact' : most ? 'yes' : 'no',
    });
  const first = await page('');
  if (most && (first.more || (first.count ?? 0) > most.count))
    throw invalid([problem('too_many', ['format'], most.says(most.count.toLocaleString(catalogue.locale)))]);
  // What it is put together by is told at the head of each group: it goes along, or the list goes without groups.
  const by = hasGroups ? valueOrRefuse(readGroupings(query.by)) : [];
  const isPut = by.length > 0 && by.every(({ path }) => goesAlong(look, register, path.split('.')));
  const { asked, groups, levels, whole } = await putTogether(reading, register, isPut ? query : { ...query, by: '' });
  return {
    mediaType,
    fileName: `${register.key}.${extension}`,
    total: counted ? first.count : null,
    write: async (to, progress) => {
      const writer = await begin(to, {
        register,
        fields,
        catalogue,
        title: query.called || register.plural,
        says: sayWhole(look, register, query),
        levels,
        totals: whole,
        address: address || (look.definitions.address ?? ''),
        look: query.look,
        labels: { sheet: query.sheet, first: query.first },
      });
      let done = 0;
      const go = async (from: ListPage, group: string): Promise<void> => {
        for (let at = from; ; ) {
          // The database finds the next page while this one is written.
          const following = at.next === null ? null : page(at.next, group);
          following?.catch(() => undefined);
          await still?.();
          await writer.add(at.records);
          done += at.records.length;
          await progress?.(done);
          // Whoever takes it slowly is waited for; who is gone is sent nothing more.
          if (to.writableNeedDrain) await drained(to);
          if (to.destroyed || following === null) return;
          at = await following;
        }
      };
      try {
        if (levels === 0) await go(first, '');
        for (const group of groups) {
          const { keys, says, count } = group;
          writer.group?.({ depth: keys.length, says, count, totals: totalsUnder(asked, group) });
          if (keys.length === levels && !to.destroyed)
            await go(await page('', JSON.stringify(keys)), JSON.stringify(keys));
        }
        await writer.end();
      } catch (error) {
        writer.abandon?.();
        throw error;
      }
    },
  };
};

/** What a list holds, as its sentence says it, and who saw it so when. */
const sayWhole = (
  { clock, person, sight }: ReadContext,
  register: Register,
  { filter, find }: ListFileQuery,
): string => {
  const { catalogue } = sight;
  const context = { vocabulary: vocabularyOf(register, catalogue), values: valueContext(catalogue) };
  const said = sayFilter(filter, context);
  const whose = said === '' ? '' : ` whose ${said}`;
  const words = find.trim() === '' ? '' : `, containing “${find.trim()}”`;
  return `${register.plural}${whose}${words}, as ${person.name} saw them ${showMoment(clock.now, catalogue.zone, catalogue.locale)}`;
};

const drained = (to: Writable): Promise<void> =>
  new Promise((resolve) => {
    const go = (): void => {
      to.off('drain', go).off('close', go);
      resolve();
    };
    to.on('drain', go).on('close', go);
  });
