import { z } from 'zod';
import { listSchema, MOST_LABELS } from '#core/list/index.ts';
import { keySchema } from '#core/values/index.ts';
import { momentSchema, uuidSchema } from '../basics.ts';
import { recordSchema } from '../records/schemas.ts';

/** What a list is asked for. */
export const listQuerySchema = z.object({
  filter: z.string().max(10_000).default(''),
  find: z.string().max(200).default(''),
  /** Fields, paths across links or `number`, by commas, each with `-` before it for descending; empty: by number. */
  sort: z.string().max(600).default(''),
  /** Where a page begins: after a record, or before one, as an answer's `next` and `previous` name them; before `end` stand the last. */
  after: z.string().max(2000).default(''),
  before: z.string().max(2000).default(''),
  /** Or where what is sorted by first holds this value, of texts where they begin so. */
  from: z.string().max(200).default(''),
  limit: z.coerce.number().int().min(1).max(500).default(50),
  /** Keys of the fields that are wanted, by commas; empty: all. */
  columns: z.string().max(4000).default(''),
  /** `yes` shows what was archived instead. */
  archived: z.enum(['yes', 'no']).default('no'),
  /** `yes` counts to 10,000; `no` leaves the count out, for pages after the first. */
  count: z.enum(['yes', 'no', 'exact']).default('yes'),
  /** Columns that are worked out for this list alone, as lists keep them: they can be shown, filtered and sorted by. */
  worked: z.string().max(30_000).default(''),
  /** Rules to mark records by, as lists keep them; the answer's records say which is true of each. */
  marks: z.string().max(12_000).default(''),
  /** Only these records of it, by their ids, with commas between. */
  only: z
    .string()
    .max(8000)
    .refine(
      (ids) => ids === '' || ids.split(',').every((id) => uuidSchema.safeParse(id).success),
      'These must be ids with commas between.',
    )
    .default(''),
  /** How the list is put together, and the group that is wanted of it: its keys from the outermost, as JSON. */
  by: z.string().max(600).default(''),
  group: z.string().max(2000).default(''),
});

/** Which groups of a list, up to three deep, with which totals: `client,due:month` and `sum:gross,middle:gross`. */
export const groupsQuerySchema = listQuerySchema
  .pick({ filter: true, find: true, archived: true, by: true, worked: true })
  .extend({ totals: z.string().max(1000).default('') });

/** A list's groups, those above before those they are made of. The first is the whole of it. */
export const groupsSchema = z.object({
  groups: z.array(
    z.object({
      /** Keys from the outermost; none: the whole. */
      keys: z.array(z.string().nullable()),
      /** The innermost of them in words. */
      says: z.string(),
      count: z.int(),
      /** Each total in words, and as it is stored. */
      totals: z.array(z.object({ says: z.string(), value: z.string().nullable() })),
    }),
  ),
  /** How the levels, and the totals, are called. */
  levels: z.array(z.string()),
  totals: z.array(z.string()),
  /** There are more groups than are told. */
  more: z.boolean(),
});
/** A list's groups. */
export type ListGroups = z.infer<typeof groupsSchema>;

/** A page of a list, and where the next one begins. */
export const listPageSchema = z.object({
  records: z.array(recordSchema),
  /** Where the next page begins, and where the one before ends; null: there is none. */
  next: z.string().nullable(),
  previous: z.string().nullable(),
  /** How many records stand before the first, where a page was begun at a value. */
  at: z.int().nullable(),
  count: z.int().nullable(),
  /** There are more records than were counted. */
  more: z.boolean(),
  /** All records of the register this person may see. */
  total: z.int().nullable(),
});
/** A page of a list. */
export type ListPage = z.infer<typeof listPageSchema>;

/** A list as a person is offered it: its view without what they may not see. */
export const keptListSchema = z.object({
  list: listSchema,
  /** It is their own. */
  own: z.boolean(),
  /** Which change of it this is: sent along when it is kept again. */
  revision: z.int(),
  /** It is offered to nobody any more, and can be brought back by keeping it again. */
  retired: z.boolean(),
  may_change: z.boolean(),
  /** What no longer fits its register, for whoever can mend it. */
  problems: z.array(z.string()),
  /** The register opens with it. */
  opens_first: z.boolean(),
  /** It stands on Today. */
  pinned: z.boolean(),
});
/** A list as a person is offered it. */
export type KeptListAnswer = z.infer<typeof keptListSchema>;

/** The lists a person is offered, in the order they were made. */
export const listsSchema = z.object({ lists: z.array(keptListSchema) });

/** What was found by words: records by register, forms and lists by what they are called. */
export const foundEverywhereSchema = z.object({
  registers: z.array(
    z.object({
      key: keySchema,
      /** Those that fit best. */
      records: z.array(recordSchema),
      /** There are more than these. */
      more: z.boolean(),
    }),
  ),
  forms: z.array(z.object({ key: keySchema, label: z.string(), register: keySchema })),
  lists: z.array(z.object({ list: listSchema, own: z.boolean() })),
});
/** What was found by words. */
export type FoundEverywhere = z.infer<typeof foundEverywhereSchema>;

/** Places of a list to begin at, from its first record to its last. */
export const placesSchema = z.object({
  /** How what is sorted by first is called. */
  by: z.string(),
  places: z.array(
    z.object({
      /** How much of the list stands before it, from 0 to 1: about, where not every record was looked at. */
      share: z.number(),
      /** What the first sort key holds there, in words. */
      says: z.string(),
      /** The address of the record there: a page begins after it. */
      after: z.string(),
    }),
  ),
  /** Whether every record of the list was looked at. */
  exact: z.boolean(),
  /** No index can hold this order, and the register is so large that one waits for each page. */
  slow: z.boolean(),
});
/** Places of a list to begin at. */
export type PlacesAnswer = z.infer<typeof placesSchema>;

/** A list as it shall be kept; `revision` is that of the one that was seen, 0 for a new one. */
export const keepListSchema = z.strictObject({ list: listSchema, revision: z.int().min(0) });

/** An address to which a calendar program subscribes, as it is shown once: below where the program is. */
export const madeFeedSchema = z.object({ id: uuidSchema, path: z.string() });

/** The addresses a person has. */
export const feedsSchema = z.object({
  feeds: z.array(z.object({ id: uuidSchema, list: keySchema, made_at: momentSchema })),
});

/** The formats in which a list is taken along; the last three are PDF. */
export const LIST_FORMATS = ['csv', 'xlsx', 'json', 'ics', 'pdf', 'labels', 'sheets'] as const;
export type ListFormatName = (typeof LIST_FORMATS)[number];

/** A list as a file: the list's parameters, and what a format needs besides. */
export const listFileSchema = listQuerySchema
  .pick({ filter: true, find: true, sort: true, columns: true, archived: true, only: true, worked: true })
  .extend({
    format: z.enum(LIST_FORMATS),
    totals: z.string().max(1000).default(''),
    /** What it is put together by, in formats that have groups. */
    by: z.string().max(1000).default(''),
    look: z.string().max(200).default('table'),
    /** What the list is called. */
    called: z.string().max(400).default(''),
    /** How the sheet of labels is cut, and which of its labels is the first that is still there. */
    sheet: z.string().max(20).default(''),
    first: z.coerce.number().int().min(1).max(MOST_LABELS).default(1),
  });
/** What a list is taken along by. */
export type ListFileQuery = z.output<typeof listFileSchema>;

/** The letters of a list that cannot be printed, some of them where there are more. */
export const unprintableSchema = z.object({ letters: z.array(z.string()), more: z.boolean() });

/** A list that is, or was, written to a file: kept for a day, for whoever began it. */
export const madeFileSchema = z.object({
  id: uuidSchema,
  register: keySchema,
  /** What the list is called. */
  name: z.string(),
  format: z.enum(LIST_FORMATS),
  state: z.enum(['waiting', 'running', 'done', 'stopped', 'failed']),
  begun_at: momentSchema,
  /** How many of how many records are written; null where that is not known yet. */
  done: z.int().nullable(),
  total: z.int().nullable(),
  stopping: z.boolean(),
  /** In bytes, once it is done. */
  size: z.int().nullable(),
  problem: z.string().nullable(),
});
export type MadeFile = z.infer<typeof madeFileSchema>;

export const madeFilesSchema = z.object({ files: z.array(madeFileSchema) });
