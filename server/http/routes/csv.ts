import type { Express } from 'express';
import type { z } from 'zod';
import { type csvImportSchema, listQuerySchema } from '#contract/index.ts';
import { lookToExport } from '../../access/export.ts';
import { lookAs } from '../../access/work.ts';
import { csvHead, csvLines } from '../../lists/csv.ts';
import { beginImport, beginUndoing, listImports, readImport } from '../../lists/imports.ts';
import type { Tx } from '../../platform/database.ts';
import { inTransaction } from '../../platform/locks.ts';
import { notAllowed, notFound } from '../../platform/refusal.ts';
import { readPage } from '../../records/reader/index.ts';
import type { Look } from '../../records/work.ts';
import { parse } from '../bind.ts';
import { type Context, type Handlers, type Identify, lookOf, signedIn } from '../context.ts';
import { readJob } from './jobs.ts';

const AT_ONCE = 500;

/** Begins a job of the person's in one transaction, and tells how it stands. */
const beginning = async (context: Context, begin: (tx: Tx, look: Look) => Promise<string>) => {
  const { person, definitions } = signedIn(context);
  const id = await inTransaction(context.db, (tx) => begin(tx, lookAs(tx, definitions, person)));
  return readJob(context, id);
};

const beginFile = (
  context: Context,
  key: string,
  kind: 'rehearsal' | 'import',
  body: z.output<typeof csvImportSchema>,
) =>
  beginning(context, (tx, look) => {
    const register = look.sight.catalogue.registers.get(key);
    if (!register) throw notFound();
    return beginImport(tx, look, kind, register, body);
  });

/** CSV files on their way in. */
export const csvHandlers: Handlers<'rehearseCsv' | 'importCsv' | 'csvImports' | 'csvState' | 'undoCsv'> = {
  rehearseCsv: (context, { params, body }) => beginFile(context, params.key, 'rehearsal', body),
  importCsv: (context, { params, body }) => beginFile(context, params.key, 'import', body),
  csvImports: async (context, { params }) => {
    const look = lookOf(context);
    const register = look.sight.catalogue.registers.get(params.key);
    if (!register) throw notFound();
    return { imports: await listImports(look, register) };
  },
  csvState: (context, { params }) => readImport(lookOf(context), params.id),
  undoCsv: (context, { params }) => beginning(context, (tx, look) => beginUndoing(tx, look, params.id)),
};

const exportQuery = listQuerySchema.pick({ filter: true, find: true, sort: true });

/** A list as a CSV file, page by page as it is read, so that a long one needs no more memory than a short one. */
export const serveCsv = (app: Express, identify: Identify): void => {
  app.get('/api/registers/:key/records.csv', async (request, response) => {
    const look = lookOf(await identify(request));
    const { catalogue } = look.sight;
    const register = catalogue.registers.get(request.params.key);
    if (!register) throw notFound();
    const exporting = lookToExport(look, register.key);
    if (!exporting) throw notAllowed(`You may not take ${register.plural.toLowerCase()} along as a file.`);
    const query = parse(exportQuery, request.query);
    const page = (after: string) =>
      readPage(exporting, register, { ...query, after, limit: AT_ONCE, columns: '', archived: 'no', count: 'no' });
    // The first page before the head: a filter that is wrong is told as such, not in the middle of a file.
    let at = await page('');
    response
      .type('text/csv; charset=utf-8')
      .set('content-disposition', `attachment; filename="${register.key}.csv"`)
      .write(csvHead(register));
    for (;;) {
      response.write(csvLines(register, at.records, catalogue));
      if (at.next === null) break;
      at = await page(at.next);
    }
    response.end();
  });
};
