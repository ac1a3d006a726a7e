import { useState } from 'react';
import type { ChoiceList } from '#core/register/index.ts';
import { toChoiceList } from '../../state/register-draft.ts';
import { Part } from '../../ui/part.tsx';

/** A choice list made on the way: its name, and one choice a line. */
export const NewChoiceList = ({
  label,
  taken,
  onMake,
}: {
  label: string;
  taken: ReadonlySet<string>;
  onMake: (list: ChoiceList) => void;
}) => (
  <span className="text-[13px]">
    or{' '}
    <Part text="make a new list" what="choice list">
      {(close) => (
        <ListMaker
          label={label}
          taken={taken}
          onMake={(list) => {
            onMake(list);
            close();
          }}
        />
      )}
    </Part>
  </span>
);

/** The small form that makes a choice list. */
export const ListMaker = ({
  label,
  taken,
  onMake,
}: {
  label: string;
  taken: ReadonlySet<string>;
  onMake: (list: ChoiceList) => void;
}) => {
  const [name, setName] = useState(label);
  const [lines, setLines] = useState('');
  const list = toChoiceList(name.trim(), lines, taken);
  const ready = name.trim() !== '' && list.choices.length > 0;
  return (
    <div className="grid gap-2">
      <label className="grid gap-1 font-semibold">
        Name of the list
        <input
          className="box font-normal"
          value={name}
          maxLength={80}
          onChange={(event) => setName(event.target.value)}
        />
      </label>
      <label className="grid gap-1 font-semibold">
        Choices, one a line
        <textarea
          className="box font-normal"
          rows={5}
          value={lines}
          onChange={(event) => setLines(event.target.value)}
        />
      </label>
      <button type="button" className="btn btn-go justify-self-start" disabled={!ready} onClick={() => onMake(list)}>
        Make the list
      </button>
    </div>
  );
};
