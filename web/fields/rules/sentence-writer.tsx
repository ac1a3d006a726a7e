import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/react';
import { type KeyboardEvent, useState } from 'react';
import type { Offer, Writing } from '#core/expression/index.ts';

interface Props<T> {
  readonly start: Writing<T>;
  /** What is written, for those who do not see it: "a rule of Boat". */
  readonly label: string;
  readonly onDone: (outcome: T) => void;
  /** Escape was pressed. */
  readonly onCancel?: () => void;
  /** The focus went elsewhere before anything was said. */
  readonly onLeave?: () => void;
}

/**
 * A sentence written with a little help: what is said so far, and a box that offers what can come next. Letters
 * narrow the offers, Enter takes the first, Backspace in the empty box goes one step back, Escape leaves.
 */
export const SentenceWriter = <T,>({ start, label, onDone, onCancel, onLeave }: Props<T>) => {
  const [trail, setTrail] = useState<readonly Writing<T>[]>([]);
  const [typed, setTyped] = useState('');
  const writing = trail.at(-1) ?? start;
  const offers = writing.offers(typed);
  const take = (offer: Offer<T> | null) => {
    if (!offer) return;
    setTyped('');
    if (offer.to.kind === 'on') return setTrail([...trail, offer.to.next()]);
    setTrail([]);
    onDone(offer.to.outcome);
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Backspace' && typed === '' && trail.length > 0) {
      event.preventDefault();
      setTrail(trail.slice(0, -1));
    }
    const [only, ...others] = offers;
    // What alone is left is taken at the first Enter, also where the slip of offers has not come up yet.
    if (event.key === 'Enter' && typed !== '' && only && others.length === 0) {
      event.preventDefault();
      take(only);
    }
    if (event.key === 'Escape') {
      setTrail([]);
      setTyped('');
      onCancel?.();
    }
  };
  return (
    // With every step a new box, which opens with what can come next.
    <Combobox<Offer<T> | null> key={trail.length} value={null} onChange={take} immediate>
      <span className="flex flex-wrap items-center gap-x-1.5 gap-y-1" data-writer={label}>
        {trail.length > 0 && (
          <span data-said>
            {writing.said.map((part, i) => (
              <span
                // The words of a sentence are known by their places.
                // biome-ignore lint/suspicious/noArrayIndexKey: see above
                key={i}
                className={part.role === 'words' || part.role === 'test' ? '' : 'font-semibold text-iolite-deep'}
              >
                {part.text}{' '}
              </span>
            ))}
          </span>
        )}
        <ComboboxInput
          className="box h-8 max-w-96 min-w-48 grow basis-48 py-1"
          aria-label={trail.length === 0 ? label : `${label}: ${writing.said.map((part) => part.text).join(' ')} …`}
          autoComplete="off"
          autoFocus
          placeholder={writing.wants}
          displayValue={() => ''}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={onKeyDown}
          onBlur={() => {
            setTyped('');
            // Left before anything was said: the box goes, and what it was opened from comes back.
            if (trail.length === 0 && typed === '') onLeave?.();
          }}
        />
      </span>
      <ComboboxOptions
        modal={false}
        anchor={{ to: 'bottom start', gap: 2 }}
        className="slip max-h-72 w-80 empty:hidden"
      >
        {offers.slice(0, 60).map((offer) => (
          <ComboboxOption key={offer.label} value={offer} className="slip-row">
            {offer.label}
          </ComboboxOption>
        ))}
        {offers.length === 0 && <p className="px-2 py-1 text-ink-2">Here comes {writing.wants}.</p>}
      </ComboboxOptions>
    </Combobox>
  );
};
