import type { Field, Register } from '#core/register/index.ts';
import { behaviourOf, type StoredValue, type ValueContext } from '#core/values/index.ts';

export interface ControlProps {
  readonly id: string;
  readonly field: Field;
  readonly value: StoredValue;
  /** Text being typed, or that could not be read: shown as it was typed. */
  readonly asTyped: string | undefined;
  readonly filled: boolean;
  readonly invalid: boolean;
  readonly required: boolean;
  readonly describedBy: string | undefined;
  readonly context: ValueContext;
  /** Text as typed; the caller reads it by the field's kind. */
  readonly onType: (text: string) => void;
  readonly onValue: (value: StoredValue) => void;
  readonly onLeave: () => void;
}

const MOST_RADIOS = 6;

/** The control that fits a field's kind; a link has its own (LookUp), as it asks the server. */
export const FieldControl = (props: ControlProps) => {
  const { field, id, value, invalid, describedBy, onLeave, filled } = props;
  const shared = {
    id,
    'aria-invalid': invalid,
    'aria-describedby': describedBy,
    onBlur: onLeave,
    className: `box ${filled ? 'box-filled' : ''}`,
  };
  const text = props.asTyped ?? behaviourOf(field.type).edit(value, props.context);
  const type = (event: { target: { value: string } }) => props.onType(event.target.value);
  switch (field.type.kind) {
    case 'text':
      return <TextBox {...props} shared={shared} />;
    case 'long_text':
      return <TextBox {...props} shared={shared} long />;
    case 'number':
      return <Suffixed suffix={field.type.unit}>{<AmountBox {...props} shared={shared} />}</Suffixed>;
    case 'money':
      return <Suffixed suffix={field.type.currency}>{<AmountBox {...props} shared={shared} />}</Suffixed>;
    case 'date':
      return <input {...shared} type="date" max="9999-12-31" value={text} onChange={type} />;
    case 'moment':
      return <input {...shared} type="datetime-local" max="9999-12-31T23:59" value={text} onChange={type} />;
    case 'yes_no':
      return (
        <Radios
          {...props}
          options={[
            { code: 'yes', label: 'Yes' },
            { code: 'no', label: 'No' },
          ]}
          chosen={value === null ? '' : value ? 'yes' : 'no'}
          onPick={(code) => props.onValue(code === 'yes')}
        />
      );
    case 'choice': {
      const choices = props.context
        .choices(field.type.list)
        .filter((choice) => !choice.retired || choice.code === value);
      const chosen = typeof value === 'string' ? value : '';
      if (choices.length <= MOST_RADIOS)
        return <Radios {...props} options={choices} chosen={chosen} onPick={props.onValue} />;
      return (
        <select {...shared} value={chosen} onChange={(event) => props.onValue(event.target.value || null)}>
          <option value="">…</option>
          {choices.map((choice) => (
            <option key={choice.code} value={choice.code}>
              {choice.label}
            </option>
          ))}
        </select>
      );
    }
    case 'link':
      throw new RangeError('a link is looked up');
  }
};

interface Shared {
  readonly id: string;
  readonly 'aria-invalid': boolean;
  readonly 'aria-describedby': string | undefined;
  readonly onBlur: () => void;
  readonly className: string;
}

/** What is being typed stands as typed, spaces at the end included; the stored value is cleaned. */
const TextBox = ({
  value,
  asTyped,
  onType,
  shared,
  long = false,
}: ControlProps & { shared: Shared; long?: boolean }) => {
  const text = asTyped ?? (typeof value === 'string' ? value : '');
  const props = {
    ...shared,
    value: text,
    onChange: (event: { target: { value: string } }) => onType(event.target.value),
  };
  return long ? <textarea {...props} rows={4} /> : <input {...props} type="text" autoComplete="off" />;
};

const AmountBox = ({ value, asTyped, onType, field, context, shared }: ControlProps & { shared: Shared }) => {
  const text = asTyped ?? behaviourOf(field.type).edit(value, context);
  return (
    <input
      {...shared}
      className={`${shared.className} pr-14 text-right`}
      type="text"
      inputMode="decimal"
      autoComplete="off"
      value={text}
      onChange={(event) => onType(event.target.value)}
    />
  );
};

const Suffixed = ({ suffix, children }: { suffix: string | undefined; children: React.ReactNode }) => (
  <span className="relative block">
    {children}
    {suffix && (
      <span className="pointer-events-none absolute right-3 top-1/2 -translate-y-1/2 text-ink-3">{suffix}</span>
    )}
  </span>
);

interface RadioProps extends ControlProps {
  readonly options: readonly { readonly code: string; readonly label: string }[];
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
    {options.map(({ code, label }) => (
      <label key={code} className="pick">
        <input
          type="radio"
          name={`${id}-${field.key}`}
          value={code}
          checked={chosen === code}
          onChange={() => onPick(code)}
          onBlur={onLeave}
        />
        {label}
      </label>
    ))}
  </div>
);

/** The register a link field points to, among those at hand. */
export const linkTarget = (field: Field, registers: readonly Register[]): Register | null => {
  const { type } = field;
  return type.kind === 'link' ? (registers.find((each) => each.key === type.register) ?? null) : null;
};
