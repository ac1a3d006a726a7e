import { and, eq, isNotNull, isNull } from 'drizzle-orm';
import { people } from './schema.ts';

/** Who is not switched off. */
export const isOn = isNull(people.switchedOffAt);

/** Who came in and is not switched off: nobody else signs, sets up, or is chosen for anything. */
export const isActive = and(eq(people.kind, 'person'), isNotNull(people.joinedAt), isOn);
