import { type StoreApi, useStore } from 'zustand';
import type { QuestionState } from '#core/form/index.ts';
import { type Register, valueContext } from '#core/register/index.ts';
import type { EntryState } from '../state/entry-store.ts';
import { FieldControl } from './controls/field-control.tsx';

interface Props {
  readonly id: string;
  readonly store: StoreApi<EntryState>;
  readonly state: QuestionState;
  readonly registers: readonly Register[];
  readonly draft: boolean;
  readonly invalid: boolean;
  readonly describedBy: string | undefined;
}

/** The control of a question, tied to the entry it is answered in. */
export const QuestionControl = ({ id, store, state, registers, draft, invalid, describedBy }: Props) => {
  const entry = useStore(store);
  const { question } = state;
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
      describedBy={describedBy}
      offered={state.offered}
      context={valueContext(compiled.catalogue)}
      lookUp={{ form: compiled.form.key, draft, question: key }}
      known={{ registers, links, files }}
      onType={(text) => entry.type(key, text)}
      onValue={(value) => entry.setValue(key, value)}
      onChoose={(offered) => {
        if (question.field.type.kind !== 'links') entry.choose(key, offered);
        else if (offered) entry.addLink(key, offered);
      }}
      onLeave={() => entry.leave(key)}
    />
  );
};
