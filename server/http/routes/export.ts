import type { Express, Response } from 'express';
import { z } from 'zod';
import { listQuerySchema } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { columnFields, fittingWorked, MOST_LABELS, readTotals, SAID, sayFilter } from '#core/list/index.ts';
import {
  type Catalogue,
  type Field,
  linkedRegister,
  type Register,
  valueContext,
  vocabularyOf,
} from '#core/register/index.ts';
import { lookToExport } from '../../access/export.ts';
import { csvFields } from '../../lists/csv.ts';
import { csv } from '../../lists/export/csv.ts';
import { ics } from '../../lists/export/ics.ts';
import { json } from '../../lists/export/json.ts';
import type { ListFormat } from '../../lists/export/writer.ts';
import { xlsx } from '../../lists/export/xlsx.ts';
import { mayOf } from '../../people/roles.ts';
import { notAllowed, notFound, valueOrRefuse } from '../../platform/refusal.ts';
import { readGroups, readPage, withOwnColumns } from '../../records/reader/index.ts';
import type { Look } from '../../records/work.ts';
import { parse } from '../bind.ts';
import { type Identify, lookOf } from '../context.ts';

const AT_ONCE = 500;

const FORMATS = {
  csv: async () => csv,
  xlsx: async () => xlsx,
  json: async () => json,
  ics: async () => ics,
  // Nobody who takes no PDF waits for what writes it to be read in.
  pdf: async () => (await import('../../paper/list-sheet.ts')).pdf,
  labels: async () => (await import('../../paper/label-sheet.ts')).labels,
  sheets: async () => (await import('../../paper/sheet-each.ts')).sheets,
} as const satisfies Record<string, () => Promise<ListFormat>>;

const listSchema = listQuerySchema.pick({
  filter: true,
  find: true,
  sort: true,
  columns: true,
  archived: true,
  only: true,
  worked: true,
});
type Format = keyof typeof FORMATS;

export const exportSchema = listSchema.extend({
  format: z.enum(['csv', 'xlsx', 'json', 'ics', 'pdf', 'labels', 'sheets']),
  totals: z.string().max(1000).default(''),
  look: z.string().max(200).default('table'),
  /** What the list is called. */
  called: z.string().max(400).default(''),
  /** How the sheet of labels is cut, and which of its labels is the first that is still there. */
  sheet: z.string().max(20).default(''),
  first: z.coerce.number().int().min(1).max(MOST_LABELS).default(1),
  /** It is shown, to be printed, and not kept. */
  inline: z.enum(['yes', 'no']).default('no'),
});

/** The fields that are taken along: those that are named and seen; all that have a place in a file where none is named. */
const fieldsOf = (register: Register, columns: string, catalogue: Catalogue): readonly Field[] => {
  const known = columnFields(register, columns, catalogue);
  return known.length > 0 ? known : csvFields(register);
};

/** Whether a column goes along: what lies behind links only where all of those registers may be taken along too. */
const goesAlong = (
  { definitions, person, sight }: Pick<Look, 'definitions' | 'person' | 'sight'>,
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
const workedAlong = ({ definitions, person, sight }: Look, register: Register, worked: string): string => {
  const registers = [...sight.catalogue.registers].filter(
    ([key]) => key === register.key || mayOf(definitions, person, key, 'export') === 'all',
  );
  return fittingWorked(worked, register, { ...sight.catalogue, registers: new Map(registers) });
};

/** The totals of a whole list, in words, by the column they stand under; those of a column together. */
const readWhole = async (look: Look, register: Register, query: Query): Promise<ReadonlyMap<string, string>> => {
  const asked = valueOrRefuse(readTotals(query.totals));
  if (asked.length === 0) return new Map();
  const { groups } = await readGroups(look, register, { ...query, by: '' });
  const told = new Map<string, string>();
  asked.forEach(({ kind, path }, at) => {
    const says = groups[0]?.totals[at]?.says ?? '';
    const called = kind === 'sum' ? says : `${SAID[kind]} ${says}`;
    if (says !== '') told.set(path, [told.get(path), called].filter(Boolean).join(', '));
  });
  return told;
};

type Query = Omit<z.output<typeof exportSchema>, 'format'>;

/** Sends a list as a file, page by page as it is read, so that a long one needs no more memory than a short one. */
export const sendList = async (
  look: Look,
  key: string,
  format: Format,
  query: Query,
  { response, address }: { readonly response: Response; readonly address: string },
): Promise<void> => {
  const seen = look.sight.catalogue.registers.get(key);
  if (!seen) throw notFound();
  const allowed = lookToExport(look, seen.key);
  if (!allowed) throw notAllowed(`You may not take ${seen.plural.toLowerCase()} along as a file.`);
  const { reading: exporting, register } = withOwnColumns(allowed, seen, workedAlong(look, seen, query.worked));
  const { catalogue } = exporting.sight;
  const fields = fieldsOf(register, query.columns, catalogue).filter(({ key: path }) =>
    goesAlong(look, register, path.split('.')),
  );
  const { mediaType, extension, begin, most, reads } = await FORMATS[format]();
  const also = reads?.({ register, catalogue, look: query.look }) ?? [];
  const columns = [...new Set([...fields.map((field) => field.key), ...also])].join(',');
  const limit = most?.(catalogue.locale);
  const page = (after: string) =>
    readPage(exporting, register, {
      ...query,
      columns,
      after,
      limit: AT_ONCE,
      count: limit && after === '' ? 'yes' : 'no',
    });
  // The first page before the head: a filter that is wrong is told as such, not in the middle of a file.
  let at = await page('');
  if (limit && (at.more || (at.count ?? 0) > limit.count)) throw limit.refusal();
  const totals = await readWhole(exporting, register, query);
  const title = query.called || register.plural;
  response
    .type(mediaType)
    .set(
      'content-disposition',
      `${query.inline === 'yes' ? 'inline' : 'attachment'}; filename="${register.key}.${extension}"`,
    );
  const says = sayWhole(look, register, query);
  const labels = { sheet: query.sheet, first: query.first };
  const exported = { register, fields, catalogue, title, says, totals, address, look: query.look, labels };
  const writer = await begin(response, exported);
  for (;;) {
    // The database finds the next page while this one is written.
    const following = at.next === null ? null : page(at.next);
    following?.catch(() => undefined);
    await writer.add(at.records);
    // Whoever takes it slowly is waited for; who is gone is sent nothing more.
    if (response.writableNeedDrain) await drained(response);
    if (response.destroyed || following === null) break;
    at = await following;
  }
  await writer.end();
};

/** What a list holds, as its sentence says it, and who saw it so when. */
const sayWhole = ({ clock, person, sight }: Look, register: Register, { filter, find }: Query): string => {
  const { catalogue } = sight;
  const context = { vocabulary: vocabularyOf(register, catalogue), values: valueContext(catalogue) };
  const said = sayFilter(filter, context);
  const whose = said === '' ? '' : ` whose ${said}`;
  const words = find.trim() === '' ? '' : `, containing “${find.trim()}”`;
  return `${register.plural}${whose}${words}, as ${person.name} saw them ${showMoment(clock.now, catalogue.zone, catalogue.locale)}`;
};

const drained = (response: Response): Promise<void> =>
  new Promise((resolve) => {
    const go = (): void => {
      response.off('drain', go).off('close', go);
      resolve();
    };
    response.on('drain', go).on('close', go);
  });

/** Lists as files. */
export const serveExports = (app: Express, identify: Identify, address: string): void => {
  app.get('/api/registers/:key/export', async (request, response) => {
    const look = lookOf(await identify(request));
    const { format, ...query } = parse(exportSchema, request.query);
    await sendList(look, request.params.key, format, query, { response, address });
  });
  // The address that CSV files had first.
  app.get('/api/registers/:key/records.csv', async (request, response) => {
    const look = lookOf(await identify(request));
    const { filter, find, sort, only } = parse(exportSchema.omit({ format: true }), request.query);
    const whole = exportSchema.omit({ format: true }).parse({ filter, find, sort, only });
    await sendList(look, request.params.key, 'csv', whole, { response, address });
  });
};
