import type { LiveEvent } from '#contract/index.ts';
import { dependantsOf } from '#core/register/index.ts';
import { type Follower, idsOf } from '../events.ts';

/** So many records are told of at once: a word among servers has at most 8,000 bytes. */
const MOST_TOLD = 100;

/** Tells whoever looks at the register, and at those in which something is worked out from its records. */
export const liveFollower: Follower = {
  name: 'live events',
  tells: ({ definitions }, event) => {
    const { key } = event.register;
    const ids = idsOf(event);
    const parts = Array.from({ length: Math.ceil(ids.length / MOST_TOLD) }, (_, i) =>
      ids.slice(i * MOST_TOLD, (i + 1) * MOST_TOLD),
    );
    const dependants = [...dependantsOf(key, definitions.catalogue)];
    return parts.flatMap((some): LiveEvent[] => [
      { kind: 'records', register: key, ids: [...some] },
      ...dependants.map((register): LiveEvent => ({ kind: 'records', register, through: key, ids: [...some] })),
    ]);
  },
};
