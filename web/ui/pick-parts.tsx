import { useState } from 'react';
import { Part, PickOne } from './part.tsx';

interface PickPartProps<T extends string> {
  readonly text: string;
  readonly what: string;
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly chosen: T | null;
  readonly onPick: (value: T) => void;
}

/** A part of the sentence that is one of a few. */
export const PickPart = <T extends string>({ text, what, options, chosen, onPick }: PickPartProps<T>) => (
  <Part text={text} what={what}>
    {(close) => (
      <div className="max-h-72 overflow-auto">
        <PickOne
          options={options}
          chosen={chosen}
          onPick={(value) => {
            onPick(value);
            close();
          }}
        />
      </div>
    )}
  </Part>
);

interface TickPartProps {
  readonly text: string;
  readonly what: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  readonly chosen: readonly string[];
  readonly onChange: (chosen: string[]) => void;
}

/** A part of the sentence that is some of several. */
export const TickPart = ({ text, what, options, chosen, onChange }: TickPartProps) => (
  <Part text={text} what={what}>
    {() => (
      <fieldset className="max-h-72 overflow-auto">
        <legend className="sr-only">{what}</legend>
        {options.map(({ value, label }) => (
          <label key={value} className="slip-row">
            <input
              type="checkbox"
              checked={chosen.includes(value)}
              onChange={() =>
                onChange(
                  options.flatMap((each) =>
                    (each.value === value ? !chosen.includes(value) : chosen.includes(each.value)) ? [each.value] : [],
                  ),
                )
              }
            />
            {label}
          </label>
        ))}
      </fieldset>
    )}
  </Part>
);

interface CountPartProps {
  readonly value: number;
  readonly what: string;
  readonly least: number;
  readonly most: number;
  readonly onChange: (value: number) => void;
}

/** A part of the sentence that is a whole number. */
export const CountPart = ({ value, what, least, most, onChange }: CountPartProps) => {
  const [wrong, setWrong] = useState('');
  return (
    <Part text={String(value)} what={what}>
      {(close) => (
        <form
          className="grid gap-1"
          onSubmit={(event) => {
            event.preventDefault();
            event.stopPropagation();
            const typed = Number(new FormData(event.currentTarget).get('count'));
            if (!Number.isInteger(typed) || typed < least || typed > most)
              return setWrong(`A whole number from ${least} to ${most}.`);
            setWrong('');
            onChange(typed);
            close();
          }}
        >
          <span className="flex gap-2">
            <input
              className="box w-24"
              name="count"
              inputMode="numeric"
              defaultValue={value}
              aria-label={what}
              aria-invalid={wrong !== ''}
              onFocus={(event) => event.target.select()}
            />
            <button type="submit" className="btn">
              Use
            </button>
          </span>
          <span role="alert" className="wrong">
            {wrong}
          </span>
        </form>
      )}
    </Part>
  );
};
