import type { Express } from 'express';
import { listFileSchema, streams } from '#contract/index.ts';
import { listSchema } from '#core/list/index.ts';
import { stillAs } from '../../exports/still-as.ts';
import { findFeed } from '../../lists/feeds.ts';
import { findOffered } from '../../lists/kept-lists.ts';
import { notFound } from '../../platform/refusal.ts';
import { lookAs } from '../../sight/work.ts';
import { bindGiving, bySecret } from '../bind.ts';
import type { Context } from '../context.ts';
import { sendList, type Taking } from './export.ts';

/** Lists for calendar programs, by addresses whose secret says whose they are: nobody signs in there. */
export const serveFeeds = (
  app: Express,
  { db, reader, readLists, press }: Pick<Context, 'db' | 'reader' | 'readLists' | 'press'>,
  address: string,
): void => {
  bindGiving(app, streams.feed, bySecret, async (_nobody, { params, response }) => {
    const feed = await findFeed(db, params.secret);
    if (!feed) throw notFound();
    const look = lookAs(db, await reader.read(db), feed.person);
    const offered = await findOffered(look, feed.list);
    if (!offered) throw notFound();
    const { register, label, view } = listSchema.parse(offered.list);
    const { filter, find, sort, columns, archived, worked, look: drawn } = view;
    const query = listFileSchema.parse({
      ...{ filter, find, sort, columns, archived, worked, look: drawn, called: label },
      format: 'ics',
    });
    const taking: Taking = {
      reads: (run) => readLists((from) => run({ ...look, ...from })),
      still: stillAs(reader, db, look),
    };
    await sendList(taking, register, query, { response, address, press });
  });
};
