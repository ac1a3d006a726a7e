import { pipeline } from 'node:stream/promises';
import type { Express, Response } from 'express';
import { type ListFileQuery, listFileSchema, streams } from '#contract/index.ts';
import { openListFile } from '../../exports/list-files.ts';
import { listOut } from '../../exports/list-out.ts';
import { stillAs } from '../../exports/still-as.ts';
import type { Prints } from '../../paper/press.ts';
import type { ReadContext } from '../../records/work.ts';
import { bindGiving } from '../bind.ts';
import { type Context, type Identify, lookOf, readingList } from '../context.ts';

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
  bindGiving(app, streams.exportList, identify, (context, { params, query, response }) =>
    sendList(takingOf(context), params.key, query, { response, address, press }),
  );
  // One that a job has written.
  bindGiving(app, streams.madeListFile, identify, async (context, { params, response }) => {
    const { name, mediaType, size, content } = await openListFile(lookOf(context), params.id);
    response
      .type(mediaType)
      .set({ 'content-disposition': `attachment; filename="${name}"`, 'content-length': `${size}` });
    await pipeline(content, response);
  });
  // The address that CSV files had first.
  bindGiving(app, streams.exportCsv, identify, async (context, { params, query, response }) => {
    const { filter, find, sort, only } = query;
    const whole = listFileSchema.parse({ filter, find, sort, only, format: 'csv' });
    await sendList(takingOf(context), params.key, whole, { response, address, press });
  });
};
