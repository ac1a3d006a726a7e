import { ArrowDown, ArrowUp } from 'lucide-react';
import { useState } from 'react';
import type { ChoiceList } from '#core/register/index.ts';
import {
  behaviourOf,
  CHOICE_COLOURS,
  CHOICE_ICONS,
  type Choice,
  type ChoiceColour,
  type ChoiceIcon,
  type ValueContext,
} from '#core/values/index.ts';
import { ChoicePicture } from '../../fields/controls/choice.tsx';
import { Part, PickOne } from '../../ui/part.tsx';

interface Props {
  readonly choice: Choice;
  readonly at: number;
  readonly last: boolean;
  /** The list whose choices these belong to. */
  readonly parent: ChoiceList | undefined;
  readonly columns: ChoiceList['columns'];
  readonly context: ValueContext;
  /** `place`: what is typed there goes on from the change before. */
  readonly onChoice: (choice: Choice, place?: string) => void;
  readonly onMove: (by: 1 | -1) => void;
  readonly onEnter: () => void;
}

/** One choice of a list: its label, what it says besides, and whether it is offered. */
export const ChoiceLine = ({ choice, at, last, parent, columns, context, onChoice, onMove, onEnter }: Props) => (
  <li className={`ruled flex flex-wrap items-center gap-2 py-1.5 ${choice.retired ? 'text-ink-3' : ''}`}>
    <input
      className="min-h-8 w-56 border-b border-transparent bg-transparent px-1.5 font-semibold hover:border-edge"
      aria-label={`Label of choice ${at + 1}`}
      value={choice.label}
      maxLength={80}
      placeholder="Label"
      onChange={(event) => onChoice({ ...choice, label: event.target.value }, 'label')}
      onKeyDown={(event) => {
        if (event.key !== 'Enter') return;
        event.preventDefault();
        onEnter();
      }}
    />
    {parent && (
      <span className="text-ink-2">
        of{' '}
        <Part
          text={parent.choices.find((each) => each.code === choice.parent)?.label ?? '…'}
          what={`parent of choice ${at + 1}`}
        >
          {(close) => (
            <PickOne
              options={parent.choices.map((each) => ({ value: each.code, label: each.label }))}
              chosen={choice.parent ?? null}
              onPick={(code) => {
                onChoice({ ...choice, parent: code });
                close();
              }}
            />
          )}
        </Part>
      </span>
    )}
    {columns.map((column) => (
      <span key={column.key} className="flex items-center gap-1.5 text-ink-2">
        {column.label.toLowerCase()}
        <ExtraBox
          label={`${column.label} of choice ${at + 1}`}
          text={behaviourOf(column.type).edit(choice.extra?.[column.key] ?? null, context)}
          read={(text) => {
            const read = behaviourOf(column.type).parse(text, context);
            if (!read.ok) return read.problems[0]?.detail ?? '';
            const { value } = read;
            onChoice({
              ...choice,
              extra: { ...choice.extra, [column.key]: typeof value === 'object' ? null : value },
            });
            return '';
          }}
        />
      </span>
    ))}
    <ChoicePicture icon={choice.icon} />
    <Part text={choice.icon ?? 'no picture'} what={`picture of choice ${at + 1}`}>
      {(close) => (
        <PickOne<ChoiceIcon | 'none'>
          options={[
            { value: 'none', label: 'no picture' },
            ...CHOICE_ICONS.map((icon) => ({ value: icon, label: icon })),
          ]}
          chosen={choice.icon ?? 'none'}
          onPick={(icon) => {
            onChoice({ ...choice, icon: icon === 'none' ? undefined : icon });
            close();
          }}
        />
      )}
    </Part>
    <Part text={choice.colour ?? 'no colour'} what={`colour of choice ${at + 1}`}>
      {(close) => (
        <PickOne<ChoiceColour>
          options={CHOICE_COLOURS.map((colour) => ({ value: colour, label: colour }))}
          chosen={choice.colour ?? null}
          onPick={(colour) => {
            onChoice({ ...choice, colour });
            close();
          }}
        />
      )}
    </Part>
    <span className="ml-auto flex items-center gap-1">
      <button
        type="button"
        className="part"
        aria-pressed={choice.retired ?? false}
        onClick={() => onChoice({ ...choice, retired: !choice.retired })}
      >
        {choice.retired ? 'not offered any more' : 'offered'}
      </button>
      <button
        type="button"
        className="btn btn-quiet px-1.5!"
        aria-label={`Move choice ${at + 1} up`}
        disabled={at === 0}
        onClick={() => onMove(-1)}
      >
        <ArrowUp size={15} aria-hidden="true" />
      </button>
      <button
        type="button"
        className="btn btn-quiet px-1.5!"
        aria-label={`Move choice ${at + 1} down`}
        disabled={last}
        onClick={() => onMove(1)}
      >
        <ArrowDown size={15} aria-hidden="true" />
      </button>
    </span>
  </li>
);

/** A value in a list's own column: read as it is left, and told where it cannot be. */
const ExtraBox = ({ label, text, read }: { label: string; text: string; read: (text: string) => string }) => {
  const [wrong, setWrong] = useState('');
  return (
    <>
      <input
        className="box w-24"
        aria-label={label}
        aria-invalid={wrong !== ''}
        defaultValue={text}
        onBlur={(event) => setWrong(read(event.target.value))}
      />
      {wrong !== '' && <span className="wrong">{wrong}</span>}
    </>
  );
};
