import { infiniteQueryOptions, keepPreviousData, QueryClient, queryOptions } from '@tanstack/react-query';
import type { JobAnswer, Opened } from '#contract/index.ts';
import type { FieldTypeOf, StoredValue } from '#core/values/index.ts';
import { type AnswerOf, call, ProblemError } from './client.ts';

export const queryClient = new QueryClient({
  defaultOptions: {
    queries: {
      staleTime: 30_000,
      // The server being away is worth waiting for; what it refuses it will refuse again.
      retry: (count, error) =>
        count < 3 && error instanceof ProblemError && (error.answer.status === 0 || error.answer.status === 503),
    },
  },
});

export interface ListAddress {
  readonly filter: string;
  readonly find: string;
  readonly sort: string;
  /** Keys of the fields that are shown, by commas. */
  readonly columns: string;
  readonly archived: 'yes' | 'no';
  /** One group of it: by what it is put together, and the group's keys. */
  readonly by?: string;
  readonly group?: string;
  /** Rules to mark records by, and columns that are worked out for this list alone. */
  readonly marks?: string;
  readonly worked?: string;
}

/** A list as it is put together, with its totals, as `#core/list` writes them down. */
export interface GroupedAddress extends ListAddress {
  readonly by: string;
  readonly totals: string;
}

const hasKeys = (value: object): boolean => Object.keys(value).length > 0;

/** What a look-up is asked for. */
export interface LookUpAsked {
  readonly find?: string;
  readonly draft: boolean;
  /** The answers that what is offered follows from. */
  readonly answers?: Readonly<Record<string, StoredValue>>;
  /** Only these records. */
  readonly only?: readonly string[];
  /** A key, and the field of the linked register that must hold it. */
  readonly key?: { readonly value: string; readonly by: string };
  readonly limit?: number;
}

/** One record that a look-up offers. */
export type Offered = AnswerOf<'lookUp'>['found'][number];

/** Asks a look-up of a form. */
export const askLookUp = (
  form: string,
  question: string,
  { find = '', draft, answers, only, key, limit }: LookUpAsked,
) =>
  call('lookUp', {
    params: { key: form, question },
    query: {
      find,
      ...(draft ? { draft: 'yes' } : {}),
      ...(answers && hasKeys(answers) ? { answers: JSON.stringify(answers) } : {}),
      ...(only ? { only: only.join(',') } : {}),
      ...(key ? { key: key.value, by: key.by } : {}),
      ...(limit === undefined ? {} : { limit: String(limit) }),
    },
  });

/** What was asked for, or null where there is no such thing. */
const orNothing = <T>(asked: Promise<T>): Promise<T | null> =>
  asked.catch((error: unknown) => {
    if (error instanceof ProblemError && error.answer.status === 404) return null;
    throw error;
  });

/** How often one asks how far something long has come. */
export const ASKED_MS = 700;

/** Whether nothing more comes of a file, or of a change of many. */
export const isOver = ({ state }: Pick<JobAnswer, 'state'>): boolean =>
  state === 'done' || state === 'stopped' || state === 'failed';

/** One function per resource; live events refresh by the first words of the key. */
export const queries = {
  session: () =>
    queryOptions({ queryKey: ['session'], queryFn: () => call('sessionInfo'), staleTime: Number.POSITIVE_INFINITY }),
  workspace: () =>
    queryOptions({
      queryKey: ['workspace'],
      queryFn: async () => {
        const answer = await call('workspace');
        return { ...answer, clockOffsetMs: Date.parse(answer.now) - Date.now() };
      },
    }),
  /** How many records there are: kept right by the live events. */
  counts: () =>
    queryOptions({ queryKey: ['counts'], queryFn: () => call('counts'), staleTime: Number.POSITIVE_INFINITY }),
  drafts: () => queryOptions({ queryKey: ['drafts'], queryFn: () => call('drafts'), staleTime: 0 }),
  /** The draft of a form, or null; asked anew whenever its editor is opened. */
  draft: (key: string) =>
    queryOptions({
      queryKey: ['draft', key],
      queryFn: () => orNothing(call('draft', { params: { key } })),
      staleTime: 0,
      refetchOnWindowFocus: false,
    }),
  list: (register: string, address: ListAddress, limit: number) =>
    queryOptions({
      queryKey: ['records', register, 'list', address, limit],
      queryFn: ({ signal }) => {
        const { filter, find, sort, columns, archived, by, group, marks = '', worked = '' } = address;
        const of = group === undefined || by === undefined ? {} : { by, group };
        const query = { filter, find, sort, columns, archived, marks, worked, ...of, limit: String(limit) };
        return call('records', { params: { key: register }, query }, signal);
      },
      placeholderData: keepPreviousData,
    }),
  /** One group of a list, page by page. */
  groupPages: (register: string, address: ListAddress) =>
    infiniteQueryOptions({
      queryKey: ['records', register, 'group', address],
      queryFn: ({ pageParam: after, signal }) => {
        const { filter, find, sort, columns, archived, by = '', group = '', marks = '', worked = '' } = address;
        const query = { filter, find, sort, columns, archived, marks, worked, by, group, after };
        return call('records', { params: { key: register }, query: { ...query, limit: '100', count: 'no' } }, signal);
      },
      initialPageParam: '',
      getNextPageParam: ({ next }) => next,
      placeholderData: keepPreviousData,
    }),
  groups: (register: string, { filter, find, archived, by, totals, worked = '' }: GroupedAddress) =>
    queryOptions({
      queryKey: ['records', register, 'groups', filter, find, archived, by, totals, worked],
      queryFn: ({ signal }) =>
        call('groups', { params: { key: register }, query: { filter, find, archived, by, totals, worked } }, signal),
      placeholderData: keepPreviousData,
    }),
  /** The countries there are, with what follows from each. */
  countries: () =>
    queryOptions({ queryKey: ['countries'], queryFn: () => call('countries'), staleTime: Number.POSITIVE_INFINITY }),
  /** The lists a person is offered. */
  lists: () => queryOptions({ queryKey: ['lists'], queryFn: () => call('lists') }),
  /** The addresses by which calendar programs read this person's lists. */
  feeds: () => queryOptions({ queryKey: ['feeds'], queryFn: () => call('feeds'), staleTime: 0 }),
  /** How often this person sent each form. */
  usedForms: () => queryOptions({ queryKey: ['used-forms'], queryFn: () => call('usedForms'), staleTime: 60_000 }),
  /** What of a list cannot be printed. */
  unprintable: (
    register: string,
    of: Readonly<Record<string, string>> & { readonly format: 'pdf' | 'sheets' | 'labels' },
  ) =>
    queryOptions({
      queryKey: ['records', register, 'unprintable', of],
      queryFn: ({ signal }) => call('unprintable', { params: { key: register }, query: of }, signal),
    }),
  /** The lists this person had written to files. */
  listFiles: () => queryOptions({ queryKey: ['list-files'], queryFn: () => call('listFiles'), staleTime: 0 }),
  /** What holds some words, everywhere. */
  found: (words: string) =>
    queryOptions({
      queryKey: ['records', 'found', words],
      queryFn: ({ signal }) => call('findEverywhere', { query: { words } }, signal),
      placeholderData: keepPreviousData,
      staleTime: 5_000,
    }),
  /** How many records a list holds, to 10,000, and of how many. */
  listCount: (
    register: string,
    { filter, find, archived, worked = '' }: Pick<ListAddress, 'filter' | 'find' | 'archived' | 'worked'>,
  ) =>
    queryOptions({
      queryKey: ['records', register, 'count', filter, find, archived, worked],
      queryFn: async () => {
        const query = { filter, find, archived, worked, limit: '1' };
        const { count, more, total } = await call('records', { params: { key: register }, query });
        return { count: count ?? 0, more, total: total ?? 0 };
      },
      placeholderData: keepPreviousData,
    }),
  /** What may have been meant by words that find nothing. */
  meant: (
    register: string,
    { filter, find, archived, worked = '' }: Pick<ListAddress, 'filter' | 'find' | 'archived' | 'worked'>,
  ) =>
    queryOptions({
      queryKey: ['records', register, 'meant', filter, find, archived, worked],
      queryFn: ({ signal }) =>
        call('meant', { params: { key: register }, query: { filter, find, archived, worked } }, signal),
    }),
  /** Some records of a register, by their ids. */
  some: (register: string, ids: readonly string[]) =>
    queryOptions({
      queryKey: ['records', register, 'some', ids],
      queryFn: async () => {
        const query = { only: ids.join(','), limit: String(ids.length), count: 'no' as const };
        return (await call('records', { params: { key: register }, query })).records;
      },
    }),
  /** Whether a list shows a record. */
  isShown: (
    register: string,
    { filter, find, archived, worked = '' }: Pick<ListAddress, 'filter' | 'find' | 'archived' | 'worked'>,
    id: string,
  ) =>
    queryOptions({
      queryKey: ['records', register, 'is-shown', filter, find, archived, worked, id],
      queryFn: async () => {
        const query = { filter, find, archived, worked, only: id, limit: '1', count: 'no' as const, columns: 'number' };
        return (await call('records', { params: { key: register }, query })).records.length > 0;
      },
    }),
  /** Places of a list to begin at: they need not be right to the record, so they are not asked anew with each change. */
  places: (register: string, { filter, find, sort, archived, worked = '' }: ListAddress) =>
    queryOptions({
      queryKey: ['places', register, filter, find, sort, archived, worked],
      queryFn: ({ signal }) =>
        call('places', { params: { key: register }, query: { filter, find, sort, archived, worked } }, signal),
      placeholderData: keepPreviousData,
      staleTime: 120_000,
    }),
  record: (register: string, id: string) =>
    queryOptions({
      queryKey: ['records', register, 'one', id],
      queryFn: () => call('record', { params: { key: register, id } }),
    }),
  linked: (register: string, id: string) =>
    queryOptions({
      queryKey: ['records', register, 'linked', id],
      queryFn: () => call('linked', { params: { key: register, id } }),
    }),
  workOut: (register: string, type: FieldTypeOf<'worked_out'>) =>
    queryOptions({
      queryKey: ['records', register, 'work-out', type],
      queryFn: () => call('workOut', { params: { key: register }, body: { formula: type.formula, gives: type.gives } }),
    }),
  setAside: (register: string) =>
    queryOptions({
      queryKey: ['set-aside', register],
      queryFn: () => call('setAside', { params: { key: register } }),
    }),
  seenBy: (register: string, id: string) =>
    queryOptions({
      queryKey: ['records', register, 'seen-by', id],
      queryFn: () => call('seenBy', { params: { key: register, id } }),
      staleTime: 0,
    }),
  people: () => queryOptions({ queryKey: ['people'], queryFn: () => call('people'), staleTime: 0 }),
  tokens: () => queryOptions({ queryKey: ['people', 'tokens'], queryFn: () => call('tokens'), staleTime: 0 }),
  ownDetails: () => queryOptions({ queryKey: ['own-details'], queryFn: () => call('ownDetails'), staleTime: 0 }),
  ownSessions: () => queryOptions({ queryKey: ['own-sessions'], queryFn: () => call('ownSessions'), staleTime: 0 }),
  /** What was written; asked again while it is looked at, as messages leave by themselves. */
  postRoom: () =>
    queryOptions({ queryKey: ['post-room'], queryFn: () => call('postRoom'), staleTime: 0, refetchInterval: 5_000 }),
  starters: () =>
    queryOptions({ queryKey: ['starters'], queryFn: () => call('starters'), staleTime: Number.POSITIVE_INFINITY }),
  personSees: (id: string) =>
    queryOptions({
      queryKey: ['people', id, 'sees'],
      queryFn: () => call('personSees', { params: { id } }),
      staleTime: 0,
    }),
  workspaceHistory: () =>
    queryOptions({ queryKey: ['people', 'history'], queryFn: () => call('workspaceHistory'), staleTime: 0 }),
  history: (register: string, id: string) =>
    queryOptions({
      queryKey: ['records', register, 'history', id],
      queryFn: () => call('history', { params: { key: register, id } }),
    }),
  form: (key: string, record: string | null, opened: Opened = {}) =>
    queryOptions({
      queryKey: ['form', key, record, opened],
      queryFn: async () => {
        const query = { ...(record ? { record } : {}), ...(hasKeys(opened) ? { opened: JSON.stringify(opened) } : {}) };
        const answer = await call('form', { params: { key }, query });
        return { ...answer, clockOffsetMs: Date.parse(answer.now) - Date.now() };
      },
    }),
  lookUp: (form: string, question: string, asking: LookUpAsked) =>
    queryOptions({
      queryKey: ['look-up', form, question, asking],
      queryFn: () => askLookUp(form, question, asking),
      placeholderData: keepPreviousData,
      staleTime: 5_000,
    }),
  duplicates: (form: string, question: string, value: string, record: string | null, draft: boolean) =>
    queryOptions({
      queryKey: ['look-up', form, question, 'duplicates', value, record, draft],
      queryFn: () =>
        call('duplicates', {
          params: { key: form, question },
          query: { value: JSON.stringify(value), ...(record ? { record } : {}), ...(draft ? { draft: 'yes' } : {}) },
        }),
      staleTime: 5_000,
    }),
  /** What this device kept at some places: the texts that stood there, and what comes of them. */
  keptHere: <T>(places: readonly (string | null)[], texts: readonly (string | null)[], read: () => Promise<T>) =>
    queryOptions({
      queryKey: ['kept here', ...places, ...texts],
      queryFn: read,
      staleTime: Number.POSITIVE_INFINITY,
      gcTime: 0,
    }),
  /** Who will sign answers that are not sent yet, as they stood when it was asked. */
  whoSignsForm: (form: string, values: string | null) =>
    queryOptions({
      queryKey: ['who-signs', form, values],
      queryFn: () => call('whoSignsForm', { params: { key: form }, body: { values: JSON.parse(values ?? '{}') } }),
      placeholderData: keepPreviousData,
      retry: false,
    }),
  keptEntries: () => queryOptions({ queryKey: ['kept'], queryFn: () => call('keptEntries') }),
  keptEntry: (id: string) =>
    queryOptions({
      queryKey: ['kept', id],
      queryFn: async () => {
        const [{ body }, { readKept }] = await Promise.all([
          call('keptEntry', { params: { id } }),
          import('./kept.ts'),
        ]);
        return readKept(body);
      },
      gcTime: 0,
      staleTime: Number.POSITIVE_INFINITY,
    }),
  routeVersions: (key: string) =>
    queryOptions({ queryKey: ['routes', 'versions', key], queryFn: () => call('routeVersions', { params: { key } }) }),
  formVersions: (key: string) =>
    queryOptions({ queryKey: ['form-versions', key], queryFn: () => call('formVersions', { params: { key } }) }),
  jobs: () => queryOptions({ queryKey: ['jobs'], queryFn: () => call('jobs'), staleTime: 0 }),
  /** A spreadsheet on its way in. */
  importState: (id: string) =>
    queryOptions({
      queryKey: ['imports', id],
      queryFn: () => call('importState', { params: { id } }),
      staleTime: 0,
      refetchInterval: ({ state: { data } }) => (data && isOver(data.job) ? false : ASKED_MS),
    }),
  /** The spreadsheets one brought in of late: into a register, or anywhere. */
  imports: (register: string | null) =>
    queryOptions({
      queryKey: ['imports', 'of', register],
      // What was brought a moment ago is among them.
      staleTime: 0,
      queryFn: () => call('imports', { query: register === null ? {} : { register } }),
      refetchInterval: ({ state: { data } }) => (data?.imports.some(({ job }) => !isOver(job)) ? ASKED_MS : false),
    }),
  /** How far a change of many records has come. */
  many: (id: string) =>
    queryOptions({
      queryKey: ['many', id],
      queryFn: () => call('many', { params: { id } }),
      staleTime: 0,
      refetchInterval: ({ state: { data } }) => (data && isOver(data) ? false : ASKED_MS),
    }),
  inTray: () => queryOptions({ queryKey: ['in-tray'], queryFn: () => call('inTray') }),
  /** One thing of an in-tray as it was at a moment: asked anew with the tray, so never for what is gone from it. */
  trayDetail: (id: string, trayAt: number) =>
    queryOptions({
      queryKey: ['tray-detail', id, trayAt],
      queryFn: () => call('trayDetail', { params: { id } }),
      placeholderData: keepPreviousData,
    }),
  signOffHistory: (register: string, id: string) =>
    queryOptions({
      queryKey: ['records', register, 'sign-off', id],
      queryFn: () => call('signOffHistory', { params: { key: register, id } }),
    }),
  routes: () => queryOptions({ queryKey: ['routes'], queryFn: () => call('routes'), staleTime: 0 }),
  /** The draft of a route that has one; asked anew whenever its editor is opened. */
  routeDraft: (key: string) =>
    queryOptions({
      queryKey: ['route-draft', key],
      queryFn: () => orNothing(call('routeDraft', { params: { key } })),
      staleTime: 0,
      refetchOnWindowFocus: false,
    }),
  job: (id: string) =>
    queryOptions({
      queryKey: ['jobs', id],
      queryFn: () => call('job', { params: { id } }),
      staleTime: 0,
      refetchInterval: ({ state: { data } }) => (data && isOver(data) ? false : ASKED_MS),
    }),
};
