import type { ReactNode } from 'react';
import { behaviourOf } from '#core/values/index.ts';
import { type ControlProps, sharedProps } from './control.ts';

/** What is being typed stands as typed, spaces at the end included; the stored value is cleaned. */
const shownText = ({ asTyped, field, value, context }: ControlProps): string =>
  asTyped ?? behaviourOf(field.type).edit(value, context);

interface BoxProps {
  readonly input?: 'text' | 'tel';
  /** Which keys a telephone shows. Browsers turn what is typed in boxes of their own kinds for these into other letters. */
  readonly inputMode?: 'decimal' | 'numeric' | 'email' | 'url';
  readonly mono?: boolean;
  readonly placeholder?: string;
}

/** A box of one line for everything that is typed. */
export const Box = ({ input = 'text', inputMode, mono = false, placeholder, ...props }: ControlProps & BoxProps) => {
  const shared = sharedProps(props);
  return (
    <input
      {...shared}
      className={`${shared.className} ${mono ? 'font-mono' : ''}`}
      type={input}
      inputMode={inputMode}
      autoComplete="off"
      placeholder={placeholder}
      value={shownText(props)}
      onChange={(event) => props.onType(event.target.value)}
    />
  );
};

/** A number, right-aligned, with what it is counted in. */
export const Amount = ({ suffix, ...props }: ControlProps & { suffix: string | undefined }) => {
  const shared = sharedProps(props);
  return (
    <Suffixed suffix={suffix}>
      <input
        {...shared}
        className={`${shared.className} ${suffix ? 'pr-14' : ''} text-right`}
        type="text"
        inputMode="decimal"
        autoComplete="off"
        value={shownText(props)}
        onChange={(event) => props.onType(event.target.value)}
      />
    </Suffixed>
  );
};

const Suffixed = ({ suffix, children }: { suffix: string | undefined; children: ReactNode }) => (
  <span className="relative block">
    {children}
    {suffix && (
      <span className="pointer-events-none absolute right-3 top-1/2 -translate-y-1/2 text-ink-3">{suffix}</span>
    )}
  </span>
);

/** Text of several lines. */
export const LongBox = (props: ControlProps) => (
  <textarea
    {...sharedProps(props)}
    rows={4}
    value={shownText(props)}
    onChange={(event) => props.onType(event.target.value)}
  />
);
