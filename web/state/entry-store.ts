import { createStore, type StoreApi } from 'zustand';
import type { FileFacts, FormAnswer, Linked } from '#contract/index.ts';
import { type Clock, today, toMomentText, uuidV7 } from '#core/base/index.ts';
import { type PersonFacts, personItem } from '#core/expression/index.ts';
import {
  type CompiledForm,
  carryOver,
  cellKey,
  type Entry,
  entryByIds,
  entryByKeys,
  type FilledIn,
  fillIn,
  idsInLookUps,
  newAt,
  newEntry,
  titleOfNew,
  withOtherMade,
} from '#core/form/index.ts';
import { titleField, valueContext } from '#core/register/index.ts';
import {
  behaviourOf,
  isListType,
  isNothing,
  type RowValue,
  rowFieldsIn,
  rowsOf,
  type StoredValue,
  sameValue,
  textsOf,
} from '#core/values/index.ts';
import type { Kept } from '../data/kept.ts';
import type { Offered } from '../data/queries.ts';
import { placeOf } from './places.ts';

export interface EntryState {
  readonly compiled: CompiledForm;
  readonly entry: Entry;
  readonly filledIn: FilledIn;
  /** The records that chosen and filled links point to, by id: what is shown for them. */
  readonly links: Readonly<Record<string, Linked>>;
  /** Files that were added, by id. */
  readonly files: Readonly<Record<string, FileFacts>>;
  /** The question being typed in and its text as typed: spaces at the end stay until it is left. */
  readonly typing: { readonly key: string; readonly text: string } | null;
  /** Questions that were left once: only then are they told what is wrong. */
  readonly left: ReadonlySet<string>;
  readonly tried: boolean;
  readonly askedOnOpening: ReadonlySet<string>;
  readonly keptAt: string | null;
  /** The record it changes, if it changes one. */
  readonly recordId: string | null;
  /** What an entry begun on an older version held that does not fit any more, in sentences. */
  readonly lost: readonly string[];
  /** Keys for which no record was found, by question. */
  readonly unknown: Readonly<Record<string, string>>;
  readonly setUnknown: (key: string, text: string | null) => void;
  /** Takes what a look-up says instead of what was typed. */
  readonly takeInstead: (key: string) => void;
  /** The place of the page that is open, as far as it is on the way. */
  readonly page: number;
  readonly type: (key: string, text: string) => void;
  readonly setValue: (key: string, value: StoredValue) => void;
  readonly choose: (key: string, offered: Offered | null) => void;
  /** One more record in a list of links. */
  readonly addLink: (key: string, offered: Offered) => void;
  readonly addFile: (key: string, file: FileFacts) => void;
  /** What was typed in a cell of a row, or chosen for it. */
  readonly typeCell: (key: string, row: string, field: string, text: string) => void;
  readonly setCell: (key: string, row: string, field: string, value: RowValue['values'][string]) => void;
  readonly chooseCell: (key: string, row: string, field: string, offered: Offered | null) => void;
  /** Takes what a look-up of the row says instead of what was typed in a cell. */
  readonly takeInsteadInCell: (key: string, row: string, field: string) => void;
  /**
   * A look-up takes a record that is not there yet, and is made along with the entry. `at` is the look-up; what is typed in it
   * becomes what the record is called. One that it held before comes back with what was answered of it.
   */
  readonly chooseNew: (at: NewAt, called: string) => void;
  /** The record that was chosen to be made just now: its questions take the focus once they are drawn. */
  readonly justMade: string | null;
  readonly takeFocus: () => void;
  /** What was answered of a record that is made along, with what its links and files are called. */
  readonly setMade: (
    id: string,
    state: Pick<EntryState, 'entry' | 'links' | 'files' | 'filledIn' | 'compiled'>,
  ) => void;
  readonly leave: (key: string) => void;
  /** A box was left, its question not: what was typed shows as it is kept. */
  readonly stopTyping: () => void;
  readonly trySending: () => FilledIn;
  readonly goTo: (page: number) => void;
  /** Tells what is wrong on a page, before one goes on; gives the questions, also of records that are made along. */
  readonly tryPage: (page: number) => ReadonlySet<string>;
  /** The form was changed while it is being tried: what was typed stays. */
  readonly setForm: (compiled: CompiledForm) => void;
  readonly forget: () => void;
  /** The same answers as another entry, where this one was sent before with others. */
  readonly renew: () => void;
}

export interface EntryOptions {
  readonly compiled: CompiledForm;
  readonly version: number;
  readonly record: Readonly<Record<string, StoredValue>> | null;
  readonly recordId?: string | null;
  readonly links: Readonly<Record<string, Linked>>;
  readonly files?: Readonly<Record<string, FileFacts>>;
  /** A record that is made along with another entry, as far as it was filled in. */
  readonly begunAs?: Entry;
  /** What stands in a new entry from the beginning, as if typed: a copy of a record, a link carried along. */
  readonly typed?: Readonly<Record<string, StoredValue>>;
  readonly clock: () => Clock;
  /** The person who fills in, as rules may name them. */
  readonly me: PersonFacts;
  /** Where it is kept on this device; null: nowhere (a trial in set-up). */
  readonly keepAs: string | null;
  /** The entry it goes on with, as this device or the server kept it. */
  readonly kept?: Kept | null;
  /** What questions start as because of where the form was opened from. */
  readonly begun?: Pick<FormAnswer['begun'], 'values' | 'snapshots'>;
}

const freshId = (clock: Clock): string => uuidV7(Date.parse(clock.now), crypto.getRandomValues(new Uint8Array(10)));

/** What is kept by key without one of them; the same where there is no such. */
const without = <T>(kept: Readonly<Record<string, T>>, key: string): Readonly<Record<string, T>> => {
  if (!Object.hasOwn(kept, key)) return kept;
  const { [key]: _, ...rest } = kept;
  return rest;
};

/** A row's cells without those that a look-up fills and nobody typed in: empty, or as the record has them. */
const withoutUntyped = (
  cells: RowValue['values'],
  fills: Readonly<Record<string, StoredValue>>,
  before: RowValue['values'] | undefined,
): RowValue['values'] => {
  const untyped = (cell: string, value: StoredValue): boolean =>
    Object.hasOwn(fills, cell) &&
    (isNothing(value) || (before !== undefined && sameValue(value, before[cell] ?? null)));
  return Object.fromEntries(Object.entries(cells).filter(([cell, value]) => !untyped(cell, value)));
};

/** A look-up that takes a record which is not there yet: of a question, or of a cell in a row. */
export type NewAt =
  | { readonly question: string; readonly row?: undefined }
  | { readonly question: string; readonly row: string; readonly cell: string };

/** As an entry names it: `boat`, `lines.stock`. */
const lookUpOf = (at: NewAt): string => (at.row === undefined ? at.question : `${at.question}.${at.cell}`);

/** What was typed in a look-up, as the name of the record that is made; nothing where that cannot hold it. */
const nameOfNew = ({ byKey, register, catalogue }: CompiledForm, called: string): Record<string, StoredValue> => {
  if (called === '') return {};
  const question = byKey.get(titleField(register).key);
  const read = question && behaviourOf(question.field.type).parse(called, valueContext(catalogue));
  return question && read?.ok ? { [question.key]: read.value } : {};
};

/** What a record that is made along is called, as far as that was typed. */
const calledIn = ({ register, catalogue }: CompiledForm, { typed }: Entry): string => {
  const { key, type } = titleField(register);
  return behaviourOf(type).show(typed[key] ?? null, valueContext(catalogue));
};

/** What is shown where a record is chosen that is made along. */
const linkToNew = ({ register }: CompiledForm, id: string, called: string): Linked => ({
  id,
  number: 'new',
  title: called === '' ? `New ${register.singular.toLowerCase()}` : called,
  beside: [],
});

/** What of an entry is kept, by the ids of its fields: a key may change before it is taken up again. */
export const toKept = ({ compiled, entry, links, files, page }: EntryState): Omit<Kept, 'version' | 'at'> => ({
  entry: entryByIds(compiled, entry),
  links: { ...links },
  files: { ...files },
  page,
});

/** One store for one open entry. Only what the person did is stored; all else is worked out by the core. */
export const createEntryStore = (options: EntryOptions): StoreApi<EntryState> => {
  const { clock, keepAs } = options;
  const kept = options.kept ?? null;
  const held = kept ? entryByKeys(options.compiled, kept.entry) : undefined;
  const carried =
    kept && held && kept.version !== options.version ? carryOver(options.compiled, held) : { entry: held, lost: [] };
  const fresh: Entry = {
    ...newEntry(freshId(clock()), options.record, options.begun?.values),
    snapshots: options.begun?.snapshots ?? {},
    typed: options.typed ?? {},
  };
  const entry: Entry = carried.entry ?? options.begunAs ?? fresh;
  const me = personItem(options.me);
  const work = (compiled: CompiledForm, next: Entry, last?: FilledIn): FilledIn =>
    fillIn(compiled, next, clock(), { me, last });
  const opening = work(options.compiled, newEntry('', options.record));
  let counter = Math.max(
    0,
    ...[...Object.values(entry.snapshots), ...Object.values(entry.made)].map((each) => each.taken),
  );

  const typedContext = (compiled: CompiledForm) => ({ ...valueContext(compiled.catalogue), today: today(clock()) });

  return createStore<EntryState>((set, get) => {
    /** Takes over a change and keeps it on this device: told once, however much of the entry it is. */
    const change = (what: Partial<EntryState>): void => {
      const at = keepAs ? toMomentText(Date.now()) : null;
      set(at ? { ...what, keptAt: at } : what);
      if (keepAs && at)
        localStorage.setItem(keepAs, JSON.stringify({ ...toKept(get()), version: options.version, at }));
    };
    const update = (next: Entry, more: Partial<Pick<EntryState, 'links' | 'files' | 'typing'>> = {}): void =>
      change({ ...more, entry: next, filledIn: work(get().compiled, next, get().filledIn) });
    const heldBy = (key: string): StoredValue => get().filledIn.byKey.get(key)?.value ?? null;
    /** Rows as a person left them, without what follows from their look-ups and rules. */
    const rowsTyped = (key: string): readonly RowValue[] => rowsOf(get().entry.typed[key] ?? heldBy(key));
    const changeRow = (key: string, row: string, to: (cells: RowValue['values']) => RowValue['values']): Entry => {
      const now = get().entry;
      const rows = rowsTyped(key).map((each) => (each.id === row ? { ...each, values: to(each.values) } : each));
      return { ...now, typed: { ...now.typed, [key]: rows } };
    };
    const putCell = (key: string, row: string, field: string, value: RowValue['values'][string]): Entry => {
      const next = changeRow(key, row, (cells) => ({ ...cells, [field]: value }));
      return { ...next, unread: without(next.unread, cellKey(key, row, field)) };
    };
    /** Rows added, moved or taken away: those that were not touched stay as they were left. */
    const asLeft = (key: string, value: StoredValue): StoredValue => {
      const shown = rowsOf(value);
      if (shown.length === 0) return value;
      const [held, typed] = [new Set(rowsOf(heldBy(key))), new Map(rowsTyped(key).map((row) => [row.id, row]))];
      return shown.map((row) => (held.has(row) ? (typed.get(row.id) ?? row) : row));
    };
    const withLink = (offered: Offered): Readonly<Record<string, Linked>> => {
      const { fills: _, links: further, ...link } = offered;
      const links = { ...get().links, [offered.id]: link };
      for (const each of Object.values(further)) links[each.id] = each;
      return links;
    };
    return {
      compiled: options.compiled,
      entry,
      filledIn: work(options.compiled, entry),
      links: { ...options.links, ...kept?.links },
      files: { ...options.files, ...kept?.files },
      typing: null,
      left: new Set(),
      tried: false,
      askedOnOpening: new Set(opening.questions.filter((state) => state.asked).map((state) => state.question.key)),
      keptAt: null,
      recordId: options.recordId ?? null,
      lost: carried.lost,
      unknown: {},
      setUnknown: (key, text) => {
        const unknown = without(get().unknown, key);
        set({ unknown: text === null ? unknown : { ...unknown, [key]: text } });
      },
      takeInstead: (key) => {
        const now = get().entry;
        update({ ...now, typed: without(now.typed, key) });
      },
      page: kept?.page ?? 0,
      goTo: (page) => change({ page }),
      tryPage: (page) => {
        const here = get().filledIn.questions.filter(({ asked, question }) => asked && question.page === page);
        const { filledIn } = get();
        const made = here.flatMap(({ question, value, notAsked }) => [...idsInLookUps(question, value, notAsked)]);
        set({ left: new Set([...get().left, ...here.map((state) => state.question.key), ...made]) });
        return new Set(here.flatMap(({ problems }) => problems.map((each) => placeOf(each, filledIn))));
      },
      type: (key, text) => {
        const { entry: now, compiled } = get();
        const question = compiled.byKey.get(key);
        if (!question) return;
        const typing = { key, text };
        const read = behaviourOf(question.field.type).parse(text, typedContext(compiled));
        const unread = without(now.unread, key);
        if (!read.ok) update({ ...now, unread: { ...unread, [key]: text } }, { typing });
        else update({ ...now, unread, typed: { ...now.typed, [key]: read.value } }, { typing });
      },
      setValue: (key, value) => {
        const now = get().entry;
        const rows = new Set(rowsOf(value).map((row) => row.id));
        const gone = (name: string) => name.startsWith(`${key}/`) && !rows.has(name.split('/')[1] ?? '');
        const unread = Object.fromEntries(Object.entries(now.unread).filter(([name]) => !gone(name)));
        update({ ...now, unread, typed: { ...now.typed, [key]: asLeft(key, value) } });
      },
      choose: (key, offered) => {
        const now = get().entry;
        const typed = { ...now.typed, [key]: offered?.id ?? null };
        if (!offered) return update({ ...now, typed });
        const snapshots = { ...now.snapshots, [key]: { record: offered.id, taken: ++counter, fills: offered.fills } };
        update({ ...now, typed, snapshots }, { links: withLink(offered) });
      },
      addLink: (key, offered) => {
        const now = get().entry;
        const ids = new Set([...textsOf(heldBy(key)), offered.id]);
        update({ ...now, typed: { ...now.typed, [key]: [...ids] } }, { links: withLink(offered) });
      },
      addFile: (key, file) => {
        const now = get().entry;
        const ids = [...textsOf(heldBy(key)), file.id];
        update({ ...now, typed: { ...now.typed, [key]: ids } }, { files: { ...get().files, [file.id]: file } });
      },
      typeCell: (key, row, field, text) => {
        const { compiled } = get();
        const type = compiled.byKey.get(key)?.field.type;
        const cell = type && rowFieldsIn(type).find((each) => each.key === field);
        if (!cell) return;
        const typing = { key: cellKey(key, row, field), text };
        const read = behaviourOf(cell.type).parse(text, typedContext(compiled));
        if (read.ok) {
          const { value } = read;
          return update(putCell(key, row, field, typeof value === 'object' ? textsOf(value) : value), { typing });
        }
        const now = putCell(key, row, field, null);
        update({ ...now, unread: { ...now.unread, [cellKey(key, row, field)]: text } }, { typing });
      },
      setCell: (key, row, field, value) => update(putCell(key, row, field, value)),
      chooseCell: (key, row, field, offered) => {
        if (!offered) return update(putCell(key, row, field, null));
        const before = rowsOf(get().entry.record?.[key] ?? null).find((each) => each.id === row)?.values;
        const next = changeRow(key, row, (cells) => ({
          ...withoutUntyped(cells, offered.fills, before),
          [field]: offered.id,
        }));
        const name = cellKey(key, row, field);
        const unread = without(next.unread, name);
        const snapshots = { ...next.snapshots, [name]: { record: offered.id, taken: ++counter, fills: offered.fills } };
        update({ ...next, unread, snapshots }, { links: withLink(offered) });
      },
      takeInsteadInCell: (key, row, field) => {
        const next = changeRow(key, row, ({ [field]: _, ...cells }) => cells);
        update({ ...next, unread: without(next.unread, cellKey(key, row, field)) });
      },
      chooseNew: (at, called) => {
        const { compiled, entry: now } = get();
        const asked = newAt(compiled, lookUpOf(at));
        if (!asked) return;
        const held = get().filledIn.made;
        // One that was begun here and left comes back, unless another name was typed: that is somebody else.
        const earlier = Object.entries(now.made).find(
          ([id, made]) =>
            made.at === lookUpOf(at) && !held.has(id) && (called === '' || calledIn(asked, made.entry) === called),
        );
        const id = earlier?.[0] ?? freshId(clock());
        const own = earlier?.[1].entry ?? { ...newEntry(id), typed: nameOfNew(asked, called) };
        const made = { ...now.made, [id]: { at: lookUpOf(at), taken: ++counter, entry: own } };
        const links = { ...get().links, [id]: linkToNew(asked, id, calledIn(asked, own)) };
        const question = compiled.byKey.get(at.question);
        if (at.row !== undefined) {
          const fills = (question?.cellFills ?? []).filter(({ lookUp }) => lookUp === at.cell);
          const untyped = Object.fromEntries(fills.map(({ target }) => [target, null]));
          const before = rowsOf(now.record?.[at.question] ?? null).find((each) => each.id === at.row)?.values;
          const next = changeRow(at.question, at.row, (cells) => ({
            ...withoutUntyped(cells, untyped, before),
            [at.cell]: id,
          }));
          const unread = without(next.unread, cellKey(at.question, at.row, at.cell));
          update({ ...next, unread, made }, { links });
          set({ justMade: id });
          return;
        }
        const type = question?.field.type;
        const value = type && isListType(type) ? [...textsOf(heldBy(at.question)), id] : id;
        update({ ...now, made, typed: { ...now.typed, [at.question]: value } }, { links });
        set({ justMade: id });
      },
      setMade: (id, { entry: own, links, files, filledIn, compiled: asked }) => {
        const now = get().entry;
        const made = now.made[id];
        if (!made || made.entry === own) return;
        const called = titleOfNew({ compiled: asked, filledIn });
        update(
          { ...now, made: { ...now.made, [id]: { ...made, entry: own } } },
          {
            links: { ...get().links, ...links, [id]: linkToNew(asked, id, called) },
            files: { ...get().files, ...files },
          },
        );
      },
      justMade: null,
      takeFocus: () => set({ justMade: null }),
      stopTyping: () => set({ typing: null }),
      leave: (key) => {
        if (get().typing?.key === key || get().typing?.key.startsWith(`${key}/`)) set({ typing: null });
        if (!get().left.has(key)) set({ left: new Set([...get().left, key]) });
      },
      trySending: () => {
        const filledIn = work(get().compiled, get().entry, get().filledIn);
        // What is wrong may stand on a page before this one.
        const wrong = filledIn.questions.find((state) => state.problems.length > 0);
        set({ tried: true, filledIn, ...(wrong ? { page: wrong.question.page } : {}) });
        return filledIn;
      },
      setForm: (compiled) => set({ compiled, filledIn: work(compiled, get().entry) }),
      renew: () => {
        const next = withOtherMade({ ...get().entry, id: freshId(clock()) }, () => freshId(clock()));
        const called = Object.entries(next.made).flatMap(([id, { at, entry: own }]) => {
          const asked = newAt(get().compiled, at);
          return asked ? [[id, linkToNew(asked, id, calledIn(asked, own))] as const] : [];
        });
        update(next, { links: { ...get().links, ...Object.fromEntries(called) } });
      },
      forget: () => {
        if (keepAs) localStorage.removeItem(keepAs);
      },
    };
  });
};
