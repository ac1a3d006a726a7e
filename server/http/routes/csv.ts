import type { Express } from 'express';
import type { z } from 'zod';
import { type csvImportSchema, listQuerySchema } from '#contract/index.ts';
import { csvHead, csvLines, importLines } from '../../lists/csv.ts';
import { personRights } from '../../people/roles.ts';
import { notAllowed, notFound } from '../../platform/refusal.ts';
import { readPage } from '../../records/reader/index.ts';
import { parse } from '../bind.ts';
import { type Context, type Handlers, type Identify, lookOf, writingFor } from '../context.ts';

const AT_ONCE = 500;

/** Thrown to give a transaction up once its outcome is known. */
class GivenUp<T> extends Error {
  readonly outcome: T;
  constructor(outcome: T) {
    super('given up');
    this.outcome = outcome;
  }
}

/** Imports, and keeps it only when asked to and every line was taken. */
const run = async (context: Context, key: string, body: z.output<typeof csvImportSchema>, keep: boolean) => {
  try {
    return await writingFor(context, async (work) => {
      const { definitions, person } = work;
      const register = work.sight.catalogue.registers.get(key);
      if (!register) throw notFound();
      const rights = personRights(definitions, person, key);
      if (!rights.add && !rights.change) throw notAllowed('You may not add or change records here.');
      const plan = await importLines(work, register, body, rights);
      if (!keep || plan.refused.length > 0) throw new GivenUp(plan);
      return plan;
    });
  } catch (error) {
    if (error instanceof GivenUp) return error.outcome;
    throw error;
  }
};

/** CSV files on their way in. */
export const csvHandlers: Handlers<'rehearseCsv' | 'importCsv'> = {
  rehearseCsv: (context, { params, body }) => run(context, params.key, body, false),
  importCsv: (context, { params, body }) => run(context, params.key, body, true),
};

const exportQuery = listQuerySchema.pick({ filter: true, find: true, sort: true });

/** A list as a CSV file, page by page as it is read, so that a long one needs no more memory than a short one. */
export const serveCsv = (app: Express, identify: Identify): void => {
  app.get('/api/registers/:key/records.csv', async (request, response) => {
    const look = lookOf(await identify(request));
    const { catalogue } = look.sight;
    const register = catalogue.registers.get(request.params.key);
    if (!register) throw notFound();
    const query = parse(exportQuery, request.query);
    const page = (after: string) =>
      readPage(look, register, { ...query, after, limit: AT_ONCE, columns: '', archived: 'no', count: 'no' });
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
