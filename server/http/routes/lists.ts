import { dropListFile, makeListFile, readListFiles } from '../../exports/list-files.ts';
import { readUnprintable } from '../../exports/unprintable.ts';
import { addFeed, dropFeed, listFeeds } from '../../lists/feeds.ts';
import { findEverywhere } from '../../lists/find-everywhere.ts';
import { dropList, keepList, listLists } from '../../lists/kept-lists.ts';
import { type Handlers, lookOf, readingList } from '../context.ts';

/** The lists that people keep, and share. */
export const listHandlers: Handlers<
  | 'findEverywhere'
  | 'lists'
  | 'keepList'
  | 'dropList'
  | 'feeds'
  | 'addFeed'
  | 'dropFeed'
  | 'listFiles'
  | 'makeListFile'
  | 'dropListFile'
  | 'unprintable'
> = {
  findEverywhere: (context, { query }) => readingList(context, (look) => findEverywhere(look, query.words)),
  lists: (context) => listLists(lookOf(context)),
  keepList: (context, { params, body }) => keepList(context.db, lookOf(context), params.key, body),
  dropList: async (context, { params }) => {
    await dropList(context.db, lookOf(context), params.key);
    return null;
  },
  feeds: (context) => listFeeds(lookOf(context)),
  addFeed: (context, { body }) => addFeed(lookOf(context), body.list),
  dropFeed: async (context, { params }) => {
    await dropFeed(lookOf(context), params.id);
    return null;
  },
  listFiles: async (context) => ({ files: await readListFiles(lookOf(context)) }),
  makeListFile: (context, { params, body }) => makeListFile(lookOf(context), params.key, body, context.press),
  unprintable: (context, { params, query }) => readingList(context, (look) => readUnprintable(look, params.key, query)),
  dropListFile: async (context, { params }) => {
    await dropListFile(lookOf(context), params.id);
    return null;
  },
};
