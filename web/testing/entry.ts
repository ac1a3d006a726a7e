import type { StoreApi } from 'zustand';
import { compileForm, formSchema } from '#core/form/index.ts';
import { clock } from '#core/register/example.arb.ts';
import type { Catalogue } from '#core/register/index.ts';
import { createEntryStore, type EntryOptions, type EntryState } from '../state/entry-store.ts';

/** An entry that is open: a form over a catalogue, filled in by nobody in particular, and kept nowhere. */
export const openEntry = (
  definition: object,
  catalogue: Catalogue,
  more: Partial<EntryOptions> = {},
): StoreApi<EntryState> => {
  const compiled = compileForm(formSchema.parse(definition), catalogue);
  if (!compiled.ok) throw new Error(JSON.stringify(compiled.problems));
  return createEntryStore({
    compiled: compiled.value,
    version: 1,
    record: null,
    links: {},
    clock: () => clock,
    me: { name: 'Piet', email: 'piet@example.org', roles: [], record: null },
    keepAs: null,
    ...more,
  });
};
