import { pipeline } from 'node:stream/promises';
import type { Express, Response } from 'express';
import { z } from 'zod';
import { type ListFileQuery, listFileSchema } from '#contract/index.ts';
import { openListFile } from '../../exports/list-files.ts';
import { listOut } from '../../exports/list-out.ts';
import { stillAs } from '../../exports/still-as.ts';
import type { Prints } from '../../paper/press.ts';
import type { ReadContext } from '../../records/work.ts';
import { parse } from '../bind.ts';
import { type Context, type Identify, lookOf, readingList } from '../context.ts';

/** It is shown, to be printed, and not kept. */
const shownSchema = listFileSchema.extend({ inline: z.enum(['yes', 'no']).default('no') });

/** How a list is read for whoever takes it along, and how it is asked whether they still may. */
export interface Taking {
  readonly reads: <T>(run: (look: ReadContext) => Promise<T>) => Promise<T>;
  readonly still: () => Promise<void>;
}

const takingOf = (context: Context): Taking => ({
  reads: (run) => readingList(context, run),
  still: stillAs(context.reader, context.db, lookOf(context)),
});

/** Sends a list as a file as it is read; it ends where whoever takes it along may see something else meanwhile. */
export const sendList = async (
  { reads, still }: Taking,
  key: string,
  query: ListFileQuery & { readonly inline?: 'yes' | 'no' },
  { response, address, press }: { readonly response: Response; readonly address: string; readonly press: Prints },
): Promise<void> => {
  // Where it was made ready it is read to its end.
  const { mediaType, fileName, write } = await reads((look) => listOut(look, key, query, { address, press, still }));
  const how = query.inline === 'yes' ? 'inline' : 'attachment';
  response.type(mediaType).set('content-disposition', `${how}; filename="${fileName}"`);
  await write(response);
};

/** Lists as files. */
export const serveExports = (app: Express, identify: Identify, address: string, press: Prints): void => {
  app.get('/api/registers/:key/export', async (request, response) => {
    const context = await identify(request);
    const query = parse(shownSchema, request.query);
    await sendList(takingOf(context), request.params.key, query, { response, address, press });
  });
  // One that a job has written.
  app.get('/api/list-files/:id/file', async (request, response) => {
    const look = lookOf(await identify(request));
    const { name, mediaType, size, content } = await openListFile(look, request.params.id);
    response
      .type(mediaType)
      .set({ 'content-disposition': `attachment; filename="${name}"`, 'content-length': `${size}` });
    await pipeline(content, response);
  });
  // The address that CSV files had first.
  app.get('/api/registers/:key/records.csv', async (request, response) => {
    const context = await identify(request);
    const { filter, find, sort, only } = parse(shownSchema.omit({ format: true }), request.query);
    const whole = listFileSchema.parse({ filter, find, sort, only, format: 'csv' });
    await sendList(takingOf(context), request.params.key, whole, { response, address, press });
  });
};
