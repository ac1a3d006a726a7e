import { z } from 'zod';
import { keySchema } from '#core/values/index.ts';
import { idParams, keyParams } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';
import {
  feedsSchema,
  foundEverywhereSchema,
  groupsQuerySchema,
  groupsSchema,
  keepListSchema,
  keptListSchema,
  listFileSchema,
  listPageSchema,
  listQuerySchema,
  listsSchema,
  madeFeedSchema,
  madeFileSchema,
  madeFilesSchema,
  placesSchema,
  unprintableSchema,
} from './schemas.ts';

/** The calls of lists. */
export const listsEndpoints = {
  records: endpoint(paths.records, 'A page of a list', {
    params: keyParams,
    query: listQuerySchema,
    answer: listPageSchema,
  }),
  groups: endpoint(paths.groups, 'A list put together in groups, with totals of each and of the whole', {
    params: keyParams,
    query: groupsQuerySchema,
    answer: groupsSchema,
  }),
  places: endpoint(paths.places, 'Places of a list to begin at, by what it is sorted by first', {
    params: keyParams,
    query: listQuerySchema.pick({ filter: true, find: true, sort: true, archived: true, worked: true }),
    answer: placesSchema,
  }),
  meant: endpoint(paths.meant, 'What may have been meant by words that find nothing in a list', {
    params: keyParams,
    query: listQuerySchema.pick({ filter: true, find: true, archived: true, worked: true }),
    answer: z.object({
      /** The words with a slip in them mended; null: nothing is near that would find something. */
      find: z.string().nullable(),
    }),
  }),
  findEverywhere: endpoint(paths.findEverywhere, 'What holds some words, wherever this person may look', {
    query: z.object({ words: z.string().max(200).default('') }),
    answer: foundEverywhereSchema,
  }),
  lists: endpoint(paths.lists, 'The lists a person is offered: their own, and those shared with them', {
    answer: listsSchema,
  }),
  keepList: endpoint(paths.keepList, 'Keep a list: one’s own, or with the right to set up lists one for others', {
    params: keyParams,
    body: keepListSchema,
    answer: keptListSchema,
    by: 'people',
  }),
  dropList: endpoint(paths.dropList, 'Retire a list', { params: keyParams, by: 'people' }),
  feeds: endpoint(paths.feeds, 'The addresses by which calendar programs read this person’s lists', {
    answer: feedsSchema,
    by: 'people',
  }),
  addFeed: endpoint(paths.addFeed, 'Make an address by which a calendar program reads a kept list', {
    body: z.strictObject({ list: keySchema }),
    answer: madeFeedSchema,
    by: 'people',
  }),
  dropFeed: endpoint(paths.dropFeed, 'Withdraw an address of a calendar', { params: idParams, by: 'people' }),
  listFiles: endpoint(paths.listFiles, 'The lists this person had written to files within a day', {
    answer: madeFilesSchema,
  }),
  unprintable: endpoint(paths.unprintable, 'The letters of a list that no font has which could print it', {
    params: keyParams,
    query: listFileSchema,
    answer: unprintableSchema,
  }),
  makeListFile: endpoint(paths.makeListFile, 'Write a long list to a file, which is kept for a day', {
    params: keyParams,
    body: listFileSchema,
    answer: madeFileSchema,
  }),
  dropListFile: endpoint(paths.dropListFile, 'Stop writing a list to a file, or throw the file away', {
    params: idParams,
  }),
};
