import { useId, useState } from 'react';
import { toKey } from '#core/base/index.ts';
import { FUNCTION_NAMES } from '#core/expression/index.ts';
import { type Catalogue, type ChoiceList, sayKind } from '#core/register/index.ts';
import { type FieldType, KIND_WORDS, type RowField } from '#core/values/index.ts';
import { readLabels, suggestType } from '#core/workspace/index.ts';
import { typeOfKind } from '../../state/register-draft.ts';
import { PickOne } from '../../ui/part.tsx';
import { ListMaker } from '../set-up-registers/new-choice-list.tsx';

/** What a new question holds, and the choice list that is made for it. */
export interface NewKind {
  readonly type: FieldType;
  readonly list: ChoiceList | null;
}

/** Kinds in the order in which they are offered; those with more to say ask for it in the next step. */
const OFFERED = [
  'text',
  'long_text',
  'formatted',
  'number',
  'money',
  'percent',
  'yes_no',
  'date',
  'time',
  'moment',
  'duration',
  'choice',
  'choices',
  'link',
  'links',
  'rows',
  'person',
  'email',
  'phone',
  'web',
  'address',
  'position',
  'files',
] as const satisfies readonly FieldType['kind'][];
type Offered = (typeof OFFERED)[number];

interface Props {
  readonly label: string;
  readonly chosen: FieldType['kind'];
  readonly catalogue: Catalogue;
  /** Choice lists that other new questions make. */
  readonly lists: readonly ChoiceList[];
  readonly onPick: (kind: NewKind) => void;
}

/** Picks what a new question holds: the kind, and then the list, the register or the questions of each row. */
export const KindPicker = ({ label, chosen, catalogue, lists, onPick }: Props) => {
  const [asked, setAsked] = useState<Offered | null>(null);
  const pick = (type: FieldType): void => onPick({ type, list: null });
  switch (asked) {
    case 'choice':
    case 'choices': {
      const known = [...catalogue.choiceLists.values(), ...lists];
      return (
        <div className="grid gap-2">
          <PickOne
            options={known.map(({ key, label: called }) => ({ value: key, label: called }))}
            chosen={null}
            onPick={(list) => pick({ kind: asked, list })}
          />
          <p className="border-t border-rule pt-2 text-ink-2">or a new list:</p>
          <ListMaker
            label={label}
            taken={new Set(known.map(({ key }) => key))}
            onMake={(list) => onPick({ type: { kind: asked, list: list.key }, list })}
          />
        </div>
      );
    }
    case 'link':
    case 'links':
      return (
        <PickOne
          options={[...catalogue.registers.values()].map(({ key, plural }) => ({ value: key, label: plural }))}
          chosen={null}
          onPick={(register) => pick({ kind: asked, register })}
        />
      );
    case 'rows':
      return <RowsMaker label={label} catalogue={catalogue} onMake={pick} />;
    default:
      return (
        <PickOne
          options={OFFERED.map((kind) => ({ value: kind, label: KIND_WORDS[kind] }))}
          chosen={OFFERED.find((kind) => kind === chosen) ?? null}
          onPick={(kind) => {
            const more =
              kind === 'choice' || kind === 'choices' || kind === 'link' || kind === 'links' || kind === 'rows';
            if (more) setAsked(kind);
            else pick(typeOfKind(kind, catalogue.currency));
          }}
        />
      );
  }
};

/** What is asked in each row, one a line; their kinds are suggested from the words as those of questions are. */
const fieldsOf = (lines: string, catalogue: Catalogue): RowField[] => {
  const taken = new Set<string>();
  return readLabels(lines).map((label) => {
    const key = toKey(label, taken, FUNCTION_NAMES);
    taken.add(key);
    const type = suggestType(label, catalogue);
    return { key, label, type, required: false };
  });
};

interface RowsProps {
  readonly label: string;
  readonly catalogue: Catalogue;
  readonly onMake: (type: FieldType) => void;
}

const RowsMaker = ({ label, catalogue, onMake }: RowsProps) => {
  const [singular, setSingular] = useState('');
  const [lines, setLines] = useState('');
  const id = useId();
  const fields = fieldsOf(lines, catalogue);
  const ready = singular.trim() !== '' && fields.length > 0;
  return (
    <div className="grid gap-2">
      <label className="grid gap-1 font-semibold">
        One row is called
        <input
          className="box font-normal"
          value={singular}
          maxLength={80}
          placeholder="Person hurt"
          onChange={(event) => setSingular(event.target.value)}
        />
      </label>
      <label className="grid gap-1 font-semibold">
        Asked in each row, one a line
        <textarea
          className="box font-normal"
          rows={5}
          aria-describedby={`${id}-kinds`}
          value={lines}
          onChange={(event) => setLines(event.target.value)}
        />
      </label>
      <ul id={`${id}-kinds`} className="text-[13px] text-ink-2">
        {fields.map(({ key, label: called, type }) => (
          <li key={key}>
            {called}: {sayKind(type, catalogue)}
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="btn btn-go justify-self-start"
        disabled={!ready}
        onClick={() => onMake({ kind: 'rows', singular: singular.trim(), plural: label, fields })}
      >
        Make the rows
      </button>
    </div>
  );
};
