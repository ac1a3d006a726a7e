import type { RoutesAnswer } from '#contract/index.ts';
import { valueContext } from '#core/register/index.ts';
import { type CompiledRoute, type MadeUp, type MadeUpPart, madeUpParts } from '#core/signoff/index.ts';
import { PickPart } from '../../ui/pick-parts.tsx';
import { TextPart } from '../../ui/text-part.tsx';

interface Props {
  readonly compiled: CompiledRoute;
  readonly values: MadeUp;
  readonly people: RoutesAnswer['people'];
  readonly onChange: (values: MadeUp) => void;
}

/** What a record that is made up holds: each thing the route reads, to be clicked and changed. */
export const MadeUpParts = ({ compiled, values, people, onChange }: Props) => {
  const parts = madeUpParts(compiled);
  if (parts.length === 0) return ', of which the route reads nothing';
  return parts.map((part, at) => (
    <span key={part.path}>
      {at === 0 ? ' with ' : ', '}
      {part.labels.join(', ')}{' '}
      <OneValue
        part={part}
        value={values[part.path] ?? null}
        compiled={compiled}
        people={people}
        onValue={(value) => onChange({ ...values, [part.path]: value })}
      />
    </span>
  ));
};

interface OneProps {
  readonly part: MadeUpPart;
  readonly value: MadeUp[string];
  readonly compiled: CompiledRoute;
  readonly people: RoutesAnswer['people'];
  readonly onValue: (value: MadeUp[string]) => void;
}

const NOTHING = { value: '', label: 'nothing' } as const;

const OneValue = ({ part: { type, labels, behaviour }, value, compiled, people, onValue }: OneProps) => {
  const what = labels.join(', ');
  const context = { ...valueContext(compiled.catalogue), choices: compiled.vocabulary.choices };
  const shown = value === null ? 'nothing' : (behaviour?.show(value, context) ?? String(value));
  const pick = (options: readonly { readonly value: string; readonly label: string }[]) => (
    <PickPart
      text={options.find((each) => each.value === value)?.label ?? 'nothing'}
      what={what}
      options={[NOTHING, ...options]}
      chosen={typeof value === 'string' ? value : ''}
      onPick={(chosen) => onValue(chosen === '' ? null : chosen)}
    />
  );
  switch (type.kind) {
    case 'link':
      return pick(people.map(({ id, name }) => ({ value: id, label: name })));
    case 'choice':
      return pick((context.choices(type.list) ?? []).map(({ code, label }) => ({ value: code, label })));
    case 'boolean':
      return (
        <PickPart
          text={value === null ? 'nothing' : value === true ? 'yes' : 'no'}
          what={what}
          options={[NOTHING, { value: 'yes', label: 'yes' }, { value: 'no', label: 'no' }]}
          chosen={value === null ? '' : value === true ? 'yes' : 'no'}
          onPick={(chosen) => onValue(chosen === '' ? null : chosen === 'yes')}
        />
      );
    default: {
      const read = (text: string) => behaviour?.parse(text, context);
      return (
        <TextPart
          text={value === null ? '' : shown}
          shown={shown}
          what={what}
          refuse={(text) => {
            const found = text === '' ? undefined : read(text);
            return found && !found.ok ? (found.problems[0]?.detail ?? 'That cannot be read.') : null;
          }}
          onText={(text) => {
            const found = read(text);
            const stored = found?.ok ? found.value : text;
            onValue(text === '' || typeof stored !== 'string' ? null : stored);
          }}
        />
      );
    }
  }
};
