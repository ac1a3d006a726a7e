import type { Route } from '#core/signoff/index.ts';
import { setsUp } from '../people/roles.ts';
import type { ReadContext } from '../records/work.ts';

/** Whether somebody may stop what goes by a route, or open it again: whoever sets up routes, and whom the route names. */
export const manages = ({ definitions, person }: ReadContext, route: Route, right: 'stops' | 'reopens'): boolean =>
  person.kind === 'person' &&
  (setsUp(definitions, person, 'forms') || route[right].some((role) => person.roles.includes(role)));
