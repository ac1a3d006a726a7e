import { X } from 'lucide-react';
import { type ComponentType, useEffect, useId, useMemo, useRef } from 'react';
import { type StoreApi, useStore } from 'zustand';
import {
  type CompiledQuestion,
  type FilledIn,
  idsInLookUps,
  type MadeIn,
  type QuestionState,
} from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import { isListType, rowsIn, rowsOf, textsOf } from '#core/values/index.ts';
import { askLookUp } from '../../data/queries.ts';
import { useFacts } from '../../data/workspace.ts';
import { createEntryStore, type EntryState, type NewAt } from '../../state/entry-store.ts';
import { answersFor } from '../../state/use-question.ts';
import { TabMark } from '../../ui/marks.tsx';

/** What a question gets: here too, as each may hold further questions. */
export interface QuestionRowProps {
  readonly store: StoreApi<EntryState>;
  readonly question: CompiledQuestion;
  readonly registers: readonly Register[];
  readonly draft: boolean;
  /** What the server refused, by where it stands. */
  readonly refused: ReadonlyMap<string, readonly string[]>;
  /** Why whoever fills it in may not answer it, if so. */
  readonly locked: string | undefined;
  /** Of a record that is made along: its id, and how another is taken instead. */
  readonly within?: string;
  readonly onInstead?: (record: string) => Promise<void>;
}

interface Props {
  readonly store: StoreApi<EntryState>;
  readonly entry: EntryState;
  readonly state: QuestionState;
  readonly registers: readonly Register[];
  readonly draft: boolean;
  /** What the server refused, by where it stands. */
  readonly refused: ReadonlyMap<string, readonly string[]>;
  /** A question, given from outside: it holds these records in its turn. */
  readonly row: ComponentType<QuestionRowProps>;
}

/** Where a record that is made along is chosen: in the question itself, or in a cell of one of its rows. */
const chosenAt = ({ question, value }: QuestionState, { id, at }: MadeIn<FilledIn>): NewAt => {
  const [, cell] = at.split('.');
  const row = cell === undefined ? undefined : rowsOf(value).find((each) => each.values[cell] === id);
  return row === undefined || cell === undefined
    ? { question: question.key }
    : { question: question.key, row: row.id, cell };
};

/** The records that a question's look-ups make along, each asked for right below it. */
export const NewRecords = ({ store, entry, state, ...around }: Props) => {
  const ids = [...idsInLookUps(state.question, state.value, state.notAsked)];
  return ids.map((id) => {
    const made = entry.filledIn.made.get(id);
    return made ? (
      <NewRecord key={id} store={store} made={made} at={chosenAt(state, made)} state={state} {...around} />
    ) : null;
  });
};

interface NewProps extends Omit<Props, 'entry'> {
  readonly made: MadeIn<FilledIn>;
  readonly at: NewAt;
}

/** Puts another record, or none, where one that is made along is chosen; what was answered of that is kept. */
const useInstead = ({ store, made, at, state, draft }: NewProps) => {
  const clear = (): void => {
    const entry = store.getState();
    const { key, field } = state.question;
    if (at.row !== undefined) entry.chooseCell(key, at.row, at.cell, null);
    else if (isListType(field.type))
      entry.setValue(
        key,
        textsOf(state.value).filter((each) => each !== made.id),
      );
    else entry.choose(key, null);
  };
  const choose = async (record: string): Promise<void> => {
    const { key, field } = state.question;
    const answers = answersFor(store.getState(), state.question);
    const { found } = await askLookUp(made.compiled.form.key, made.at, { draft, answers, only: [record] });
    const [offered] = found;
    const entry = store.getState();
    if (!offered) {
      entry.setUnknown(key, 'That one cannot be chosen here.');
      return;
    }
    if (at.row !== undefined) entry.chooseCell(key, at.row, at.cell, offered);
    else if (isListType(field.type)) {
      clear();
      store.getState().addLink(key, offered);
    } else entry.choose(key, offered);
  };
  return { clear, choose };
};

const sayRow = (state: QuestionState, at: NewAt): string => {
  const rows = rowsIn(state.question.field.type);
  const place = at.row === undefined ? -1 : rowsOf(state.value).findIndex((each) => each.id === at.row);
  return rows && place >= 0 ? `, ${rows.singular.toLowerCase()} ${place + 1}` : '';
};

/** The questions of one record that is made along, in an entry of its own that the entry around it holds. */
const NewRecord = (props: NewProps) => {
  const { store, made, at, state, registers, draft, refused, row: QuestionRow } = props;
  const { id, compiled } = made;
  const facts = useFacts();
  const head = useId();
  const own = useMemo(() => {
    const { links, files, entry } = store.getState();
    const begun = entry.made[id]?.entry;
    return createEntryStore({
      compiled,
      version: 0,
      record: null,
      links,
      files,
      ...(begun ? { begunAs: begun } : {}),
      clock: () => store.getState().filledIn.from.clock,
      me: facts,
      keepAs: null,
    });
  }, [store, id, compiled, facts]);
  useEffect(() => own.subscribe((now) => store.getState().setMade(id, now)), [own, store, id]);
  const told = useStore(store, (now) => now.tried || now.left.has(id));
  useEffect(() => {
    if (told) own.getState().trySending();
  }, [told, own]);
  const asked = useStore(own, (now) =>
    now.filledIn.questions
      .filter((each) => each.asked)
      .map((each) => each.question.key)
      .join(' '),
  );
  const place = useRef<HTMLFieldSetElement>(null);
  useEffect(() => {
    if (store.getState().justMade !== id) return;
    store.getState().takeFocus();
    // After the look-up has taken it back once more.
    requestAnimationFrame(() => {
      const boxes = [...(place.current?.querySelectorAll<HTMLInputElement>('input, textarea, select') ?? [])];
      (boxes.find((box) => box.value === '') ?? boxes[0])?.focus();
    });
  }, [store, id]);
  const { clear, choose } = useInstead(props);
  const { register } = compiled;
  return (
    <fieldset
      ref={place}
      data-new={id}
      aria-labelledby={head}
      className="mt-2 mb-1 min-w-0 border-l-2 border-iolite bg-paper px-3 pt-2 sm:col-span-2"
    >
      <div className="mb-2 flex flex-wrap items-center gap-2">
        <TabMark mark={register.mark} name={register.plural} />
        <span id={head} className="font-semibold">
          New {register.singular.toLowerCase()}
          {sayRow(state, at)}
        </span>
        <span className="text-[13px] text-ink-2">stored along with this</span>
        <button type="button" className="btn btn-quiet ml-auto" onClick={clear}>
          <X size={15} aria-hidden="true" /> Choose one that is there instead
        </button>
      </div>
      {asked.split(' ').flatMap((key) => {
        const question = compiled.byKey.get(key);
        return question ? (
          <QuestionRow
            key={key}
            store={own}
            question={question}
            registers={registers}
            draft={draft}
            refused={refused}
            locked={undefined}
            within={id}
            onInstead={choose}
          />
        ) : (
          []
        );
      })}
    </fieldset>
  );
};
