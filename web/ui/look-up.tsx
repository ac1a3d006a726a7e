import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Linked, LookUp as LookUpAnswer } from '#contract/index.ts';
import { foldText } from '#core/base/index.ts';
import { queries } from '../data/queries.ts';
import type { Target } from './controls/control.ts';
import { Found } from './found.tsx';
import { TabMark } from './marks.tsx';

export type Offered = LookUpAnswer['found'][number];

interface Props {
  readonly id: string;
  readonly form: string;
  readonly draft: boolean;
  readonly question: string;
  readonly register: Target;
  readonly chosen: Linked | null;
  readonly filled: boolean;
  readonly describedBy: string | undefined;
  readonly invalid: boolean;
  readonly onChoose: (offered: Offered | null) => void;
  readonly onLeave: () => void;
}

/** Type part of a name, choose with the arrows and Enter. What is chosen is shown with its register's tab mark. */
export const LookUp = ({
  id,
  form,
  draft,
  question,
  register,
  chosen,
  filled,
  describedBy,
  invalid,
  onChoose,
  onLeave,
}: Props) => {
  const [typed, setTyped] = useState('');
  const { data } = useQuery(queries.lookUp(form, question, typed.trim(), draft));
  const words = foldText(typed).split(' ').filter(Boolean);
  return (
    <Combobox<Offered | null>
      value={null}
      onChange={(offered) => {
        setTyped('');
        onChoose(offered);
      }}
    >
      <div className="relative">
        {register.mark !== null && (
          <span className="pointer-events-none absolute left-2 top-1/2 -translate-y-1/2">
            <TabMark mark={register.mark} name={register.plural} />
          </span>
        )}
        <ComboboxInput
          id={id}
          className={`box ${register.mark === null ? '' : 'pl-13'} ${chosen ? 'pr-24' : ''} ${filled ? 'box-filled' : ''}`}
          autoComplete="off"
          aria-describedby={describedBy}
          aria-invalid={invalid}
          placeholder={`Part of a name or number`}
          displayValue={() => chosen?.title ?? ''}
          onChange={(event) => {
            setTyped(event.target.value);
            if (event.target.value === '' && chosen) onChoose(null);
          }}
          onBlur={() => {
            setTyped('');
            onLeave();
          }}
        />
        {chosen && (
          <span className="pointer-events-none absolute right-3 top-1/2 -translate-y-1/2 font-mono text-xs text-ink-2">
            {chosen.number}
          </span>
        )}
      </div>
      <ComboboxOptions anchor={{ to: 'bottom start', gap: 2 }} className="slip w-(--input-width) empty:hidden">
        {(data?.found ?? []).map((offered) => (
          <ComboboxOption key={offered.id} value={offered} className="slip-row">
            <span className="grow">
              <Found text={offered.title} words={words} />
              {offered.beside.length > 0 && <span className="text-ink-2"> · {offered.beside.join(' · ')}</span>}
            </span>
            <span className="font-mono text-xs text-ink-2">{offered.number}</span>
          </ComboboxOption>
        ))}
        {data?.found.length === 0 && <p className="px-2 py-1 text-ink-2">Nothing found in {register.plural}.</p>}
      </ComboboxOptions>
    </Combobox>
  );
};
