import { useState } from 'react';
import { useStore } from 'zustand';
import { type Field, type Register, valueContext } from '#core/register/index.ts';
import { behaviourOf, type StoredValue, textsOf } from '#core/values/index.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { useFieldEntry } from '../../fields/asking/field-entry.ts';
import { QuestionControl } from '../../fields/asking/question-control.tsx';
import { Part } from '../../ui/part.tsx';

interface Props {
  readonly register: Register;
  readonly field: Field;
  /** What was chosen, in words; null: nothing yet. */
  readonly says: string | null;
  readonly onValue: (stored: StoredValue, says: string) => void;
}

/** A value for a field, as a part of a sentence: asked for with the same control as in any form. */
export const ValuePart = ({ register, field, says, onValue }: Props) => (
  <Part text={says ?? 'a value'} what="value">
    {(close) => (
      <ValueForm
        register={register}
        field={field}
        onValue={(stored, said) => {
          onValue(stored, said);
          close();
        }}
      />
    )}
  </Part>
);

const ValueForm = ({ register, field, onValue }: Pick<Props, 'register' | 'field' | 'onValue'>) => {
  const { workspace, catalogue } = useWorkspace();
  const nothing = { definition: register, values: {}, links: {}, linked: {}, files: {} };
  const store = useFieldEntry({ record: nothing, fields: [field.key], label: field.label, catalogue });
  const { filledIn, links } = useStore(store);
  const [tried, setTried] = useState(false);
  const state = filledIn.byKey.get(field.key);
  if (!state) return null;
  const wrong = tried ? state.problems.map(({ detail }) => detail).join(' ') : '';
  const say = (stored: StoredValue): string => {
    const titles = textsOf(stored).flatMap((id) => links[id]?.title ?? []);
    const linked =
      typeof stored === 'string' ? links[stored]?.title : titles.length > 0 ? titles.join(', ') : undefined;
    return linked ?? (behaviourOf(field.type).show(stored, valueContext(catalogue)) || 'nothing');
  };
  return (
    <form
      className="p-3"
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        setTried(true);
        if (state.problems.length === 0) onValue(state.value, say(state.value));
      }}
    >
      <span id="set-value-label" className="sr-only">
        {field.label}
      </span>
      <label htmlFor="set-value" className="mb-1 block font-semibold">
        {field.label}
      </label>
      <QuestionControl
        id="set-value"
        store={store}
        state={state}
        registers={workspace.registers}
        draft={false}
        invalid={wrong !== ''}
        describedBy={wrong === '' ? undefined : 'set-value-wrong'}
      />
      {wrong !== '' && (
        <p id="set-value-wrong" className="wrong">
          {wrong}
        </p>
      )}
      <button type="submit" className="btn mt-2">
        Take this value
      </button>
    </form>
  );
};
