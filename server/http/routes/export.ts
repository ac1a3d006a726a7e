import type { Express, Response } from 'express';
import { z } from 'zod';
import { listQuerySchema } from '#contract/index.ts';
import { columnFields, fittingWorked } from '#core/list/index.ts';
import { type Catalogue, type Field, linkedRegister, type Register } from '#core/register/index.ts';
import { lookToExport } from '../../access/export.ts';
import { csvFields } from '../../lists/csv.ts';
import { csv } from '../../lists/export/csv.ts';
import { json } from '../../lists/export/json.ts';
import type { ListFormat } from '../../lists/export/writer.ts';
import { xlsx } from '../../lists/export/xlsx.ts';
import { mayOf } from '../../people/roles.ts';
import { notAllowed, notFound } from '../../platform/refusal.ts';
import { readPage, withOwnColumns } from '../../records/reader/index.ts';
import type { Look } from '../../records/work.ts';
import { parse } from '../bind.ts';
import { type Identify, lookOf } from '../context.ts';

const AT_ONCE = 500;

const FORMATS = { csv, xlsx, json } as const satisfies Record<string, ListFormat>;

const listSchema = listQuerySchema.pick({
  filter: true,
  find: true,
  sort: true,
  columns: true,
  archived: true,
  only: true,
  worked: true,
});
const exportSchema = listSchema.extend({ format: z.enum(['csv', 'xlsx', 'json']) });

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

const sendFile = async (
  look: Look,
  key: string,
  { format, ...query }: z.output<typeof exportSchema>,
  response: Response,
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
  const columns = fields.map((field) => field.key).join(',');
  const page = (after: string) =>
    readPage(exporting, register, { ...query, columns, after, limit: AT_ONCE, count: 'no' });
  // The first page before the head: a filter that is wrong is told as such, not in the middle of a file.
  let at = await page('');
  const { mediaType, begin } = FORMATS[format];
  response.type(mediaType).set('content-disposition', `attachment; filename="${register.key}.${format}"`);
  const writer = await begin(response, { register, fields, catalogue });
  for (;;) {
    await writer.add(at.records);
    // Whoever takes it slowly is waited for; who is gone is sent nothing more.
    if (response.writableNeedDrain) await drained(response);
    if (response.destroyed || at.next === null) break;
    at = await page(at.next);
  }
  await writer.end();
};

const drained = (response: Response): Promise<void> =>
  new Promise((resolve) => {
    response.once('drain', resolve);
    response.once('close', resolve);
  });

/** A list as a file, page by page as it is read, so that a long one needs no more memory than a short one. */
export const serveExports = (app: Express, identify: Identify): void => {
  app.get('/api/registers/:key/export', async (request, response) => {
    const look = lookOf(await identify(request));
    await sendFile(look, request.params.key, parse(exportSchema, request.query), response);
  });
  // The address that CSV files had first.
  app.get('/api/registers/:key/records.csv', async (request, response) => {
    const look = lookOf(await identify(request));
    const query = parse(listSchema, request.query);
    await sendFile(
      look,
      request.params.key,
      { ...query, columns: '', archived: 'no', worked: '', format: 'csv' },
      response,
    );
  });
};
