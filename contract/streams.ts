import { z } from 'zod';
import { FILE_SORTS } from '#core/values/index.ts';
import { fileSchema, idParams, keyParams, liveEventSchema, recordParams, uuidSchema } from './basics.ts';
import { type Endpoint, none } from './endpoint.ts';
import { importFileSchema, importStateSchema } from './imports/schemas.ts';
import { LIST_FORMATS, listFileSchema } from './lists/schemas.ts';
import { FILES_PATH, LIVE_PATH, paths } from './paths.ts';

/** A call of which bytes go in or come out: a file, a list as a file, a stream of events. */
export interface Stream<
  Params extends z.ZodType = z.ZodType,
  Query extends z.ZodType = z.ZodType,
  Answer extends z.ZodType = z.ZodType,
> extends Endpoint<Params, Query, z.ZodType, Answer> {
  /** The media types of the bytes that are sent; null: nothing is sent. */
  readonly takes: readonly string[] | null;
  /** The media types it answers with; null: with JSON, as `answer` says. */
  readonly gives: readonly string[] | null;
  /** The same path takes JSON too, by another call. */
  readonly besideJson: boolean;
  /** What is said of bytes, or words beside them, that are none. */
  readonly wants: string;
  /** It is opened by a secret of its own, in its path or as a bearer token, and by no session. */
  readonly secret: 'path' | 'bearer' | null;
}

interface Options<P extends z.ZodType, Q extends z.ZodType, A extends z.ZodType>
  extends Partial<Pick<Stream, 'takes' | 'gives' | 'besideJson' | 'wants' | 'secret' | 'by' | 'setup' | 'status'>> {
  readonly params: P;
  readonly query: Q;
  readonly answer?: A;
}

const stream = <P extends z.ZodType, Q extends z.ZodType, A extends z.ZodType = typeof none>(
  at: Pick<Endpoint, 'method' | 'path'>,
  summary: string,
  options: Options<P, Q, A>,
): Stream<P, Q, A | typeof none> => ({
  ...at,
  summary,
  open: (options.secret ?? null) !== null,
  by: null,
  setup: null,
  status: 200,
  body: none,
  takes: null,
  gives: null,
  besideJson: false,
  wants: '',
  secret: null,
  ...options,
  answer: options.answer ?? none,
});

/** A small picture of it, where it is one. */
const smallSchema = z.object({ small: z.enum(['yes', 'no']).default('no').catch('no') });

/** By the format of a list as a file, what it is sent as. */
const MEDIA_TYPES = {
  csv: 'text/csv',
  xlsx: 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
  json: 'application/json',
  ics: 'text/calendar',
  pdf: 'application/pdf',
  labels: 'application/pdf',
  sheets: 'application/pdf',
} as const satisfies Record<(typeof LIST_FORMATS)[number], string>;
const LIST_MEDIA = [...new Set(LIST_FORMATS.map((format) => MEDIA_TYPES[format]))];
const ANYTHING = ['*/*'];

/** It is shown, to be printed, and not kept. */
const shownListSchema = listFileSchema.extend({ inline: z.enum(['yes', 'no']).default('no') });

/** The calls of which bytes go in or come out. */
export const streams = {
  keepFile: stream({ method: 'post', path: FILES_PATH }, 'Keep a file, to be given as the value of a field', {
    params: none,
    query: z.object({ name: z.string().max(400).default(''), sort: z.enum(FILE_SORTS).default('any') }),
    takes: ANYTHING,
    answer: fileSchema,
    status: 201,
    by: 'devices',
    wants: 'A file is sent as its bytes.',
  }),
  ownFile: stream({ method: 'get', path: `${FILES_PATH}/{id}` }, 'A file one has sent, until a record holds it', {
    params: idParams,
    query: smallSchema,
    gives: ANYTHING,
  }),
  formFile: stream({ method: 'get', path: '/api/forms/{key}/media/{file}' }, 'A picture or video of a form', {
    params: keyParams.extend({ file: uuidSchema }),
    query: smallSchema,
    gives: ANYTHING,
  }),
  recordFile: stream(
    { method: 'get', path: '/api/registers/{key}/records/{id}/files/{file}' },
    'A file that a record holds',
    { params: recordParams.extend({ file: uuidSchema }), query: smallSchema, gives: ANYTHING },
  ),
  recordPdf: stream(
    { method: 'get', path: '/api/registers/{key}/records/{id}/record.pdf' },
    'A record with its sign-off on paper',
    { params: recordParams, query: none, gives: ['application/pdf'] },
  ),
  exportList: stream({ method: 'get', path: '/api/registers/{key}/export' }, 'A list as a file', {
    params: keyParams,
    query: shownListSchema,
    gives: LIST_MEDIA,
  }),
  exportCsv: stream({ method: 'get', path: '/api/registers/{key}/records.csv' }, 'A list as CSV', {
    params: keyParams,
    query: shownListSchema.omit({ format: true }),
    gives: ['text/csv'],
  }),
  madeListFile: stream({ method: 'get', path: '/api/list-files/{id}/file' }, 'A list that was written to a file', {
    params: idParams,
    query: none,
    gives: LIST_MEDIA,
  }),
  feed: stream({ method: 'get', path: '/api/feeds/{secret}/list.ics' }, 'A kept list for a calendar program', {
    params: z.object({ secret: z.string() }),
    query: none,
    gives: ['text/calendar'],
    secret: 'path',
  }),
  beginImportOfFile: stream(paths.beginImport, 'Bring a spreadsheet in, as its bytes', {
    params: none,
    query: importFileSchema,
    takes: ANYTHING,
    answer: importStateSchema,
    status: 202,
    besideJson: true,
    wants: 'A spreadsheet is sent as its bytes, with its name.',
  }),
  refusedRows: stream(
    { method: 'get', path: '/api/imports/{id}/refused.csv' },
    'The rows of a spreadsheet that stayed out',
    {
      params: idParams,
      query: none,
      gives: ['text/csv'],
    },
  ),
  live: stream({ method: 'get', path: LIVE_PATH }, 'What changes, as server-sent events', {
    params: none,
    query: none,
    gives: ['text/event-stream'],
    answer: liveEventSchema,
  }),
  figures: stream({ method: 'get', path: '/api/metrics' }, 'Figures of the running server, for whoever watches it', {
    params: none,
    query: none,
    gives: ['text/plain'],
    secret: 'bearer',
  }),
} as const satisfies Record<string, Stream>;
