import { type CompiledRoute, compileRoute, type Route } from '#core/signoff/index.ts';
import { type Definitions, readRouteVersion } from '../definitions/store.ts';
import type { Queryable } from '../platform/database.ts';
import { Refusal } from '../platform/refusal.ts';
import type { signOffs } from '../platform/schema.ts';

/** A record’s way round, as it is kept. */
export type SignOff = typeof signOffs.$inferSelect;

/** Which route, at which version. */
export interface RouteAt {
  readonly routeId: string;
  readonly routeVersion: number;
}

const inForce = ({ routes }: Definitions, { routeId, routeVersion }: RouteAt): CompiledRoute | null => {
  for (const { document, version } of routes.values())
    if (document.route.id === routeId && version === routeVersion) return document;
  return null;
};

/** A route as it was written at a version, whether or not it still fits. */
export const findRouteAt = async (db: Queryable, definitions: Definitions, at: RouteAt): Promise<Route> =>
  inForce(definitions, at)?.route ?? readRouteVersion(db, at.routeId, at.routeVersion);

/** The route a sign-off runs on, at its version; refused in words where it no longer fits its register. */
export const readRoute = async (db: Queryable, definitions: Definitions, at: RouteAt): Promise<CompiledRoute> => {
  const now = inForce(definitions, at);
  if (now) return now;
  const route = await readRouteVersion(db, at.routeId, at.routeVersion);
  const compiled = compileRoute(route, definitions.catalogue, definitions.roles);
  if (!compiled.ok)
    throw new Refusal(
      'conflict',
      `The route this record is on no longer fits its register: ${compiled.problems[0]?.detail ?? ''} Whoever sets up routes can stop it and start it again.`,
    );
  return compiled.value;
};
