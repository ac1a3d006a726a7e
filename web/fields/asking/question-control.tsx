import type { StoreApi } from 'zustand';
import { today } from '#core/base/index.ts';
import type { CompiledQuestion, QuestionState } from '#core/form/index.ts';
import { type Register, valueContext } from '#core/register/index.ts';
import { isListType } from '#core/values/index.ts';
import { askLookUp } from '../../data/queries.ts';
import type { EntryState } from '../../state/entry-store.ts';
import { askedPath } from '../../state/places.ts';
import { answersFor, useQuestion } from '../../state/use-question.ts';
import { FieldControl } from '../kinds/index.tsx';

interface Props {
  readonly id: string;
  readonly store: StoreApi<EntryState>;
  readonly state: QuestionState;
  readonly registers: readonly Register[];
  readonly draft: boolean;
  readonly invalid: boolean;
  readonly describedBy: string | undefined;
  /** Where there is little room. */
  readonly compact?: boolean;
}

/** A key was typed: the look-ups it fetches for take its record, or it is said that there is none yet. */
const fetchRecords = async (
  store: StoreApi<EntryState>,
  { key, fetches }: CompiledQuestion,
  draft: boolean,
): Promise<void> => {
  for (const { question, by } of fetches) {
    const { filledIn, compiled, unknown } = store.getState();
    const value = filledIn.byKey.get(key)?.value ?? null;
    const lookUp = compiled.byKey.get(question);
    if (typeof value !== 'string' || !lookUp) {
      if (unknown[key] !== undefined) store.getState().setUnknown(key, null);
      continue;
    }
    const answers = answersFor(store.getState(), lookUp);
    const { found } = await askLookUp(compiled.form.key, question, { draft, answers, key: { value, by } });
    const now = store.getState();
    // What was typed meanwhile counts, and is asked for when it is left in its turn.
    if (now.filledIn.byKey.get(key)?.value !== value) return;
    const [only] = found;
    now.setUnknown(key, only ? null : `${lookUp.label}: not known yet.`);
    if (only && found.length === 1 && now.filledIn.byKey.get(question)?.value !== only.id) now.choose(question, only);
  }
};

/** The control of a question, tied to the entry it is answered in. */
export const QuestionControl = ({
  id,
  store,
  state,
  registers,
  draft,
  invalid,
  describedBy,
  compact = false,
}: Props) => {
  const { question } = state;
  const entry = useQuestion(store, question);
  const { key } = question;
  const { compiled, typing, links, files } = entry;
  return (
    <FieldControl
      id={id}
      entry={entry}
      field={question.field}
      value={state.value}
      asTyped={typing?.key === key ? typing.text : entry.entry.unread[key]}
      filled={state.source === 'filled'}
      invalid={invalid}
      required={question.required}
      compact={compact}
      describedBy={describedBy}
      offered={state.offered}
      context={{ ...valueContext(compiled.catalogue), today: today(entry.filledIn.from.clock) }}
      lookUp={{
        form: compiled.form.key,
        draft,
        question: askedPath(compiled, key),
        answers: answersFor(entry, question),
      }}
      known={{ registers, links, files }}
      onType={(text) => entry.type(key, text)}
      onValue={(value) => entry.setValue(key, value)}
      onChoose={(offered) => {
        if (!isListType(question.field.type)) entry.choose(key, offered);
        else if (offered) entry.addLink(key, offered);
      }}
      onNew={question.makes ? (called) => entry.chooseNew({ question: key }, called) : null}
      onLeave={() => {
        entry.leave(key);
        void fetchRecords(store, question, draft);
      }}
    />
  );
};
