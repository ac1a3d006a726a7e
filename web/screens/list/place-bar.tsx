import { useQuery } from '@tanstack/react-query';
import { type KeyboardEvent, type PointerEvent, useState } from 'react';
import type { PlacesAnswer } from '#contract/index.ts';
import { type GroupedAddress, queries } from '../../data/queries.ts';
import type { Start } from '../../data/rows-query.ts';
import { endOf, TOP } from './use-rows.ts';

/** A list of fewer has all of it under one's hand. */
const FEW = 300;
/** So many of its places are written beside the bar. */
const WRITTEN = 9;

/** How many places each key goes on. */
const STEPS: Readonly<Record<string, number>> = {
  ArrowUp: -1,
  ArrowDown: 1,
  PageUp: -10,
  PageDown: 10,
  Home: Number.NEGATIVE_INFINITY,
  End: Number.POSITIVE_INFINITY,
};

type Place = PlacesAnswer['places'][number];

interface Props {
  readonly register: string;
  readonly address: GroupedAddress;
  readonly count: number;
  /** How many records stand before the first that is seen, and how many are seen. */
  readonly at: number;
  readonly shown: number;
  readonly onPlace: (start: Start) => void;
}

/** A bar along a long list that says what stands where, and leads there. */
export const PlaceBar = ({ register, address, count, at, shown, onPlace }: Props) => {
  const { data } = useQuery({ ...queries.places(register, address), enabled: count > FEW });
  const [pulled, setPulled] = useState<Place | null>(null);
  const places = data?.places ?? [];
  if (!data || count <= FEW || places.length < 2) return null;
  const share = Math.min(1, at / Math.max(1, count - shown));
  const nearest = (to: number): Place | undefined =>
    places.reduce<Place | undefined>(
      (best, place) => (best && Math.abs(best.share - to) <= Math.abs(place.share - to) ? best : place),
      undefined,
    );
  const go = (place: Place | undefined): void => {
    if (!place) return;
    // The first and the last of its places are the list's own beginning and end.
    if (place.share === 0) onPlace(TOP);
    else if (place.share === 1) onPlace(endOf(count));
    else onPlace({ after: place.after, at: Math.round(place.share * (count - 1)) + 1, exact: data.exact });
  };
  const here = nearest(share);
  const shareAt = ({ currentTarget, clientY }: PointerEvent<HTMLElement>): number => {
    const { top, height } = currentTarget.getBoundingClientRect();
    return Math.min(1, Math.max(0, (clientY - top) / height));
  };
  const step = (by: number): void => {
    const now = here ? places.indexOf(here) : 0;
    go(places[Math.min(places.length - 1, Math.max(0, now + by))]);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const by = STEPS[event.key];
    if (by === undefined) return;
    event.preventDefault();
    step(by);
  };
  const written = Array.from({ length: WRITTEN }, (_, i) => nearest(i / (WRITTEN - 1))).flatMap((place) => place ?? []);
  const mark = pulled ?? here;
  return (
    <div
      role="slider"
      tabIndex={0}
      aria-label={`Place in the list, by ${data.by}`}
      aria-orientation="vertical"
      aria-valuemin={0}
      aria-valuemax={100}
      aria-valuenow={Math.round(share * 100)}
      aria-valuetext={`${data.exact ? '' : 'about '}${here?.says ?? ''}`}
      className="relative w-22 shrink-0 cursor-pointer touch-none select-none border-l border-rule bg-paper text-[11px] text-ink-2 max-sm:hidden print:hidden"
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setPulled(nearest(shareAt(event)) ?? null);
      }}
      onPointerMove={(event) => pulled && setPulled(nearest(shareAt(event)) ?? null)}
      onPointerUp={() => {
        if (pulled) go(pulled);
        setPulled(null);
      }}
      onPointerCancel={() => setPulled(null)}
    >
      {written.map((place, i) => (
        <span
          key={place.after}
          className="absolute right-1 left-2.5 truncate"
          style={{ top: `calc(${(i / (WRITTEN - 1)) * 100}% - ${(i / (WRITTEN - 1)) * 16}px)` }}
        >
          {place.says}
        </span>
      ))}
      <span
        aria-hidden="true"
        className="absolute left-0 h-1.5 w-2 bg-iolite"
        style={{ top: `calc(${(pulled?.share ?? share) * 100}% - ${(pulled?.share ?? share) * 6}px)` }}
      />
      {pulled && (
        <span
          aria-hidden="true"
          className="slip pointer-events-none absolute right-full mr-1 whitespace-nowrap px-2 py-1 text-sm font-semibold text-ink"
          style={{ top: `calc(${pulled.share * 100}% - 16px)` }}
        >
          {data.exact ? '' : 'about '}
          {mark?.says}
        </span>
      )}
    </div>
  );
};
