import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import type { ReactNode } from 'react';

interface PartProps {
  /** What stands in the sentence. */
  readonly text: string;
  /** What the part is, for those who do not see the sentence: "field", "value". */
  readonly what: string;
  /** Said without weight, where the sentence reads well without it. */
  readonly quiet?: boolean;
  /** The small editor; `close` puts the focus back on the part. */
  readonly children: (close: () => void) => ReactNode;
}

/** A part of a sentence that opens a small editor in place. */
export const Part = ({ text, what, quiet = false, children }: PartProps) => (
  <Popover as="span" className="relative">
    <PopoverButton className={quiet ? 'quiet-link' : 'part'} aria-label={`${text}, change the ${what}`}>
      {text === '' ? '…' : text}
    </PopoverButton>
    <PopoverPanel anchor={{ to: 'bottom start', gap: 4, padding: 8 }} focus className="slip w-64">
      {({ close }) => <>{children(() => close())}</>}
    </PopoverPanel>
  </Popover>
);

interface PickProps<T extends string> {
  readonly options: readonly { readonly value: T; readonly label: string }[];
  readonly chosen: T | null;
  readonly onPick: (value: T) => void;
}

/** A short list to pick one from; arrows are the browser's, as these are buttons in order. */
export const PickOne = <T extends string>({ options, chosen, onPick }: PickProps<T>) => (
  <ul>
    {options.map(({ value, label }) => (
      <li key={value}>
        <button type="button" className="slip-row" aria-current={value === chosen} onClick={() => onPick(value)}>
          <span aria-hidden="true" className="w-3 text-iolite">
            {value === chosen ? '•' : ''}
          </span>
          {label}
        </button>
      </li>
    ))}
  </ul>
);

/** Yes or no, for a value of that kind. */
export const PickYesNo = ({ chosen, onPick }: { chosen: boolean | null; onPick: (value: boolean) => void }) => (
  <PickOne
    options={[
      { value: 'yes', label: 'yes' },
      { value: 'no', label: 'no' },
    ]}
    chosen={chosen === null ? null : chosen ? 'yes' : 'no'}
    onPick={(word) => onPick(word === 'yes')}
  />
);
