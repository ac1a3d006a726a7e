import { dependantsOf } from '#core/register/index.ts';
import type { Follower } from '../commands/events.ts';

/** Tells whoever looks at the register, and at those in which something is worked out from its records. */
export const liveFollower: Follower = {
  name: 'live events',
  tells: ({ definitions }, { register }) =>
    [register.key, ...dependantsOf(register.key, definitions.catalogue)].map((key) => ({
      kind: 'records',
      register: key,
    })),
};
