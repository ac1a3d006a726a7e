import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Linked } from '#contract/index.ts';
import { type Register, titleField } from '#core/register/index.ts';
import { queries } from '../../data/queries.ts';

interface Props {
  readonly id: string;
  readonly register: Register;
  /** The one that is not meant. */
  readonly except?: string;
  readonly chosen: Linked | null;
  readonly onChoose: (record: Linked | null) => void;
}

/** A record of a register, found by its words. */
export const FindRecord = ({ id, register, except, chosen, onChoose }: Props) => {
  const [typed, setTyped] = useState('');
  const address = {
    filter: '',
    find: typed,
    sort: 'number',
    columns: titleField(register).key,
    archived: 'no' as const,
  };
  const { data } = useQuery(queries.list(register.key, address, 12));
  const others = data?.records.filter((each) => each.id !== except) ?? [];
  return (
    <Combobox<Linked | null> value={chosen} onChange={onChoose}>
      <ComboboxInput
        id={id}
        className="box"
        autoComplete="off"
        placeholder="Part of a name or number"
        displayValue={(each: Linked | null) => (each ? `${each.title} (${each.number})` : '')}
        onChange={(event) => setTyped(event.target.value)}
      />
      <ComboboxOptions
        modal={false}
        anchor={{ to: 'bottom start', gap: 2 }}
        className="slip w-(--input-width) empty:hidden"
      >
        {others.map(({ id: other, number, title }) => (
          <ComboboxOption key={other} value={{ id: other, number, title, beside: [] }} className="slip-row">
            <span className="grow">{title}</span>
            <span className="font-mono text-xs text-ink-2">{number}</span>
          </ComboboxOption>
        ))}
      </ComboboxOptions>
    </Combobox>
  );
};
