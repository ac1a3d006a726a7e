import type { Express, Request } from 'express';
import type { z } from 'zod';
import { type csvImportSchema, listQuerySchema } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import { personRights, visibleCatalogue } from '../../definitions/store.ts';
import { inWriting } from '../../definitions/writing.ts';
import type { Handlers } from '../app.ts';
import { type Context, clockOf, signedIn } from '../context.ts';
import { notAllowed, notFound } from '../problem.ts';
import { readFacts } from '../../access/facts.ts';
import { csvHead, csvLines, importLines } from '../../lists/csv.ts';
import { readPage } from '../../records/reader/page.ts';

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
  const { person } = signedIn(context);
  try {
    return await inWriting(context, async (tx, found) => {
      const register = found.catalogue.registers.get(key);
      const rights = personRights(found, person, key);
      if (!register || !rights.see) throw notFound();
      if (!rights.add && !rights.change) throw notAllowed('You may not add or change records here.');
      const author = { person: person.id, at: new Date(), form: null };
      const plan = await importLines(tx, found, register, body, author, rights);
      if (!keep || plan.refused.length > 0) throw new GivenUp(plan);
      return plan;
    });
  } catch (error) {
    if (error instanceof GivenUp) return error.outcome;
    throw error;
  }
};

export const csvHandlers: Handlers<'rehearseCsv' | 'importCsv'> = {
  rehearseCsv: (context, { params, body }) => run(context, params.key, body, false),
  importCsv: (context, { params, body }) => run(context, params.key, body, true),
};

const exportQuery = listQuerySchema.pick({ filter: true, find: true, sort: true });

/** A list as a CSV file, page by page as it is read, so that a long one needs no more memory than a short one. */
export const serveCsv = (app: Express, identify: (request: Request) => Promise<Context>): void => {
  app.get('/api/registers/:key/records.csv', async (request, response) => {
    const context = await identify(request);
    const { person, found } = signedIn(context);
    const catalogue = visibleCatalogue(found, person);
    const register: Register | undefined = catalogue.registers.get(request.params.key);
    if (!register) throw notFound();
    const query = exportQuery.parse(request.query);
    const me = await readFacts(context.db, found, person);
    const page = (after: string) =>
      readPage(
        context.db,
        register,
        catalogue,
        { ...query, after, limit: AT_ONCE, columns: '', archived: 'no', count: 'no' },
        clockOf(found),
        me,
      );
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
