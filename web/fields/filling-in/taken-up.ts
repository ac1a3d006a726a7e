import { useSuspenseQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Kept } from '../../data/kept.ts';
import { queries } from '../../data/queries.ts';

/** Where an entry is kept on this device, and what of it is gone on with. */
export interface TakenUp {
  readonly keepAs: string;
  readonly kept: Kept | null;
}

/** Which of two places an entry is kept in, and the newer of what this device and the server hold of it. */
const decide = (
  usual: string,
  own: string | null,
  here: Kept | null,
  ownHere: Kept | null,
  there: Kept | null,
): TakenUp => {
  // An entry taken up from the list of those not sent stands beside one that is being typed here.
  const aside = there !== null && own !== null && here?.entry.id !== there.entry.id;
  const [keepAs, held] = aside ? [own, ownHere] : [usual, here];
  if (!held || !there) return { keepAs, kept: there ?? held };
  return { keepAs, kept: held.entry.id === there.entry.id && held.at > there.at ? held : there };
};

/**
 * What an entry goes on with: what this device kept under its usual place, or the entry taken up from the server (`there`),
 * which has a place of its own beside it. What reads kept entries is fetched only where there are some.
 */
export const useTakenUp = (usual: string, own: string | null, there: Kept | null): TakenUp => {
  // As it was on arrival: what is typed from then on is written there.
  const [texts] = useState(() => [usual, own].map((place) => (place === null ? null : localStorage.getItem(place))));
  const { data } = useSuspenseQuery(
    queries.keptHere([usual, own, there?.at ?? null], texts, async () => {
      if (texts.every((text) => text === null)) return decide(usual, own, null, null, there);
      const { readKeptText } = await import('../../data/kept.ts');
      const [here = null, ownHere = null] = texts.map(readKeptText);
      return decide(usual, own, here, ownHere, there);
    }),
  );
  return data;
};
