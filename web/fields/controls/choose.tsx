import { type Choice, type StoredValue, textsOf } from '#core/values/index.ts';
import { ChoicePicture } from './choice.tsx';
import { type ControlProps, sharedProps } from './control.ts';

const MOST_RADIOS = 6;

interface RadioProps extends ControlProps {
  readonly options: readonly Choice[];
  readonly chosen: string;
  readonly onPick: (code: string) => void;
}

const Radios = ({ id, options, chosen, describedBy, invalid, required, field, onPick, onLeave }: RadioProps) => (
  <div
    id={id}
    role="radiogroup"
    aria-labelledby={`${id}-label`}
    aria-describedby={describedBy}
    aria-required={required}
    aria-invalid={invalid}
    className="flex flex-wrap gap-2"
  >
    {options.map(({ code, label, icon }) => (
      <label key={code} className="pick">
        <input
          type="radio"
          name={`${id}-${field.key}`}
          value={code}
          checked={chosen === code}
          onChange={() => onPick(code)}
          onBlur={onLeave}
        />
        <ChoicePicture icon={icon} />
        {label}
      </label>
    ))}
  </div>
);

const YES_NO = [
  { code: 'yes', label: 'Yes' },
  { code: 'no', label: 'No' },
];

/** Yes or no as two radios; in a cell of a row, where there is little room, as a list. */
export const YesNo = ({ compact = false, ...props }: ControlProps & { compact?: boolean }) => {
  const chosen = props.value === null ? '' : props.value === true ? 'yes' : 'no';
  const pick = (code: string): void => props.onValue(code === '' ? null : code === 'yes');
  if (!compact) return <Radios {...props} options={YES_NO} chosen={chosen} onPick={pick} />;
  return (
    <select {...sharedProps(props)} value={chosen} onChange={(event) => pick(event.target.value)}>
      <option value="">…</option>
      {YES_NO.map(({ code, label }) => (
        <option key={code} value={code}>
          {label}
        </option>
      ))}
    </select>
  );
};

/** The choices that are offered: retired ones, and those the form does not offer, only where they stand already. */
const offeredOf = (
  choices: readonly Choice[],
  held: ReadonlySet<string>,
  offered: ReadonlySet<string> | null,
): readonly Choice[] =>
  choices.filter(({ code, retired }) => held.has(code) || (!retired && (offered === null || offered.has(code))));

/** One of a few as radios, one of many as a list. */
export const ChooseOne = (props: ControlProps & { list: string; compact?: boolean; under: StoredValue }) => {
  const chosen = typeof props.value === 'string' ? props.value : '';
  // Of a list that belongs to another, those of the choice made there; what was chosen before stays, with its problem.
  const { under } = props;
  const fits = (choice: Choice) =>
    under === null || choice.parent === undefined || choice.parent === under || choice.code === chosen;
  const choices = offeredOf(props.context.choices(props.list), new Set([chosen]), props.offered).filter(fits);
  if (choices.length <= MOST_RADIOS && !props.compact)
    return <Radios {...props} options={choices} chosen={chosen} onPick={props.onValue} />;
  return (
    <select
      {...sharedProps(props)}
      // Its question's name is tied to a group, as few choices are shown as one.
      aria-labelledby={props.compact ? undefined : `${props.id}-label`}
      value={chosen}
      onChange={(event) => props.onValue(event.target.value || null)}
    >
      <option value="">…</option>
      {choices.map((choice) => (
        <option key={choice.code} value={choice.code}>
          {choice.label}
        </option>
      ))}
    </select>
  );
};

/** Any number of choices, each with its tick. */
export const ChooseMany = ({ list, ...props }: ControlProps & { list: string }) => {
  const { id, describedBy, invalid, onLeave, onValue } = props;
  const chosen = new Set(textsOf(props.value));
  const choices = offeredOf(props.context.choices(list), chosen, props.offered);
  const toggle = (code: string): void =>
    onValue(choices.flatMap((choice) => ((choice.code === code) !== chosen.has(choice.code) ? [choice.code] : [])));
  return (
    <fieldset
      id={id}
      aria-labelledby={`${id}-label`}
      aria-describedby={describedBy}
      aria-invalid={invalid}
      className="flex max-h-56 flex-wrap gap-2 overflow-auto"
    >
      {choices.map(({ code, label, icon }) => (
        <label key={code} className="pick">
          <input type="checkbox" checked={chosen.has(code)} onChange={() => toggle(code)} onBlur={onLeave} />
          <ChoicePicture icon={icon} />
          {label}
        </label>
      ))}
    </fieldset>
  );
};
