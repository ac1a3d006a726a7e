import { z } from 'zod';
import { createStore, type StoreApi } from 'zustand';
import type { Linked } from '#contract/index.ts';
import { type Clock, toMomentText, uuidV7 } from '#core/base/index.ts';
import { type PersonFacts, personItem } from '#core/expression/index.ts';
import { type CompiledForm, type Entry, type FilledIn, fillIn, newEntry } from '#core/form/index.ts';
import { valueContext } from '#core/register/index.ts';
import { behaviourOf, type StoredValue } from '#core/values/index.ts';
import type { Offered } from '../ui/look-up.tsx';

const stored = z.union([z.string(), z.boolean(), z.null()]);
const values = z.record(z.string(), stored);
const linked = z.object({ id: z.string(), number: z.string(), title: z.string() });

/** An entry as it is kept on this device between reloads. */
const keptSchema = z.object({
  entry: z.object({
    id: z.string(),
    typed: values,
    unread: z.record(z.string(), z.string()),
    snapshots: z.record(z.string(), z.object({ record: z.string(), taken: z.number(), fills: values })),
    record: values.nullable(),
  }),
  links: z.record(z.string(), linked),
  version: z.number(),
});

export interface EntryState {
  readonly compiled: CompiledForm;
  readonly entry: Entry;
  readonly filledIn: FilledIn;
  /** The records that chosen and filled links point to, by id: what is shown for them. */
  readonly links: Readonly<Record<string, Linked>>;
  /** The question being typed in and its text as typed: spaces at the end stay until it is left. */
  readonly typing: { readonly key: string; readonly text: string } | null;
  /** Questions that were left once: only then are they told what is wrong. */
  readonly left: ReadonlySet<string>;
  readonly tried: boolean;
  readonly askedOnOpening: ReadonlySet<string>;
  readonly keptAt: string | null;
  readonly type: (key: string, text: string) => void;
  readonly setValue: (key: string, value: StoredValue) => void;
  readonly choose: (key: string, offered: Offered | null) => void;
  readonly leave: (key: string) => void;
  readonly trySending: () => FilledIn;
  /** The form was changed while it is being tried: what was typed stays. */
  readonly setForm: (compiled: CompiledForm) => void;
  readonly forget: () => void;
}

export interface EntryOptions {
  readonly compiled: CompiledForm;
  readonly version: number;
  readonly record: Readonly<Record<string, StoredValue>> | null;
  readonly links: Readonly<Record<string, Linked>>;
  readonly clock: () => Clock;
  /** The person who fills in, as rules may name them. */
  readonly me: PersonFacts;
  /** Where it is kept on this device; null: nowhere (a trial in set-up). */
  readonly keepAs: string | null;
}

const freshId = (clock: Clock): string => uuidV7(Date.parse(clock.now), crypto.getRandomValues(new Uint8Array(10)));

const readKept = ({ keepAs, version }: EntryOptions): z.infer<typeof keptSchema> | null => {
  const text = keepAs ? localStorage.getItem(keepAs) : null;
  if (!text) return null;
  try {
    const kept = keptSchema.parse(JSON.parse(text));
    return kept.version === version ? kept : { ...kept, version };
  } catch {
    return null;
  }
};

/** One store for one open entry. Only what the person did is stored; all else is worked out by the core. */
export const createEntryStore = (options: EntryOptions): StoreApi<EntryState> => {
  const { clock, keepAs } = options;
  const kept = readKept(options);
  const entry: Entry = kept?.entry ?? newEntry(freshId(clock()), options.record);
  const me = personItem(options.me);
  const work = (compiled: CompiledForm, next: Entry, last?: FilledIn): FilledIn =>
    fillIn(compiled, next, clock(), { me, last });
  const opening = work(options.compiled, newEntry('', options.record));
  let counter = Math.max(0, ...Object.values(entry.snapshots).map((snapshot) => snapshot.taken));

  return createStore<EntryState>((set, get) => {
    const update = (next: Entry, links = get().links): void => {
      set({ entry: next, links, filledIn: work(get().compiled, next, get().filledIn) });
      if (!keepAs) return;
      localStorage.setItem(keepAs, JSON.stringify({ entry: next, links, version: options.version }));
      set({ keptAt: toMomentText(Date.now()) });
    };
    return {
      compiled: options.compiled,
      entry,
      filledIn: work(options.compiled, entry),
      links: { ...options.links, ...kept?.links },
      typing: null,
      left: new Set(),
      tried: false,
      askedOnOpening: new Set(opening.questions.filter((state) => state.asked).map((state) => state.question.key)),
      keptAt: null,
      type: (key, text) => {
        const { entry: now, compiled } = get();
        const question = compiled.byKey.get(key);
        if (!question) return;
        set({ typing: { key, text } });
        const read = behaviourOf(question.field.type).parse(text, valueContext(compiled.catalogue));
        const { [key]: _, ...unread } = now.unread;
        if (!read.ok) update({ ...now, unread: { ...unread, [key]: text } });
        else update({ ...now, unread, typed: { ...now.typed, [key]: read.value } });
      },
      setValue: (key, value) => {
        const now = get().entry;
        update({ ...now, typed: { ...now.typed, [key]: value } });
      },
      choose: (key, offered) => {
        const now = get().entry;
        const typed = { ...now.typed, [key]: offered?.id ?? null };
        if (!offered) return update({ ...now, typed });
        const links = {
          ...get().links,
          [offered.id]: { id: offered.id, number: offered.number, title: offered.title },
        };
        for (const each of Object.values(offered.links)) links[each.id] = each;
        const snapshots = { ...now.snapshots, [key]: { record: offered.id, taken: ++counter, fills: offered.fills } };
        update({ ...now, typed, snapshots }, links);
      },
      leave: (key) => {
        if (get().typing?.key === key) set({ typing: null });
        if (!get().left.has(key)) set({ left: new Set([...get().left, key]) });
      },
      trySending: () => {
        const filledIn = work(get().compiled, get().entry, get().filledIn);
        set({ tried: true, filledIn });
        return filledIn;
      },
      setForm: (compiled) => set({ compiled, filledIn: work(compiled, get().entry) }),
      forget: () => {
        if (keepAs) localStorage.removeItem(keepAs);
      },
    };
  });
};
