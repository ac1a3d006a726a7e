import { keepPreviousData, QueryClient, queryOptions } from '@tanstack/react-query';
import { api } from '#contract/index.ts';
import type { FieldTypeOf } from '#core/values/index.ts';
import { call, ProblemError } from './client.ts';

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
}

/** One function per resource; live events refresh by the first words of the key. */
export const queries = {
  session: () =>
    queryOptions({ queryKey: ['session'], queryFn: () => call(api.sessionInfo), staleTime: Number.POSITIVE_INFINITY }),
  workspace: () =>
    queryOptions({
      queryKey: ['workspace'],
      queryFn: async () => {
        const answer = await call(api.workspace);
        return { ...answer, clockOffsetMs: Date.parse(answer.now) - Date.now() };
      },
    }),
  list: (register: string, address: ListAddress, limit: number) =>
    queryOptions({
      queryKey: ['records', register, 'list', address, limit],
      queryFn: () => call(api.records, { params: { key: register }, query: { ...address, limit: String(limit) } }),
      placeholderData: keepPreviousData,
    }),
  record: (register: string, id: string) =>
    queryOptions({
      queryKey: ['records', register, 'one', id],
      queryFn: () => call(api.record, { params: { key: register, id } }),
    }),
  linked: (register: string, id: string) =>
    queryOptions({
      queryKey: ['records', register, 'linked', id],
      queryFn: () => call(api.linked, { params: { key: register, id } }),
    }),
  workOut: (register: string, type: FieldTypeOf<'worked_out'>) =>
    queryOptions({
      queryKey: ['records', register, 'work-out', type],
      queryFn: () =>
        call(api.workOut, { params: { key: register }, body: { formula: type.formula, gives: type.gives } }),
    }),
  setAside: (register: string) =>
    queryOptions({
      queryKey: ['set-aside', register],
      queryFn: () => call(api.setAside, { params: { key: register } }),
    }),
  history: (register: string, id: string) =>
    queryOptions({
      queryKey: ['records', register, 'history', id],
      queryFn: () => call(api.history, { params: { key: register, id } }),
    }),
  form: (key: string, record: string | null) =>
    queryOptions({
      queryKey: ['form', key, record],
      queryFn: async () => {
        const answer = await call(api.form, { params: { key }, query: record ? { record } : {} });
        return { ...answer, clockOffsetMs: Date.parse(answer.now) - Date.now() };
      },
    }),
  lookUp: (form: string, question: string, find: string, draft: boolean) =>
    queryOptions({
      queryKey: ['look-up', form, question, find, draft],
      queryFn: () =>
        call(api.lookUp, { params: { key: form, question }, query: { find, ...(draft ? { draft: 'yes' } : {}) } }),
      placeholderData: keepPreviousData,
      staleTime: 5_000,
    }),
  inTray: () => queryOptions({ queryKey: ['in-tray'], queryFn: () => call(api.inTray) }),
};
