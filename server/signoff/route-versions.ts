import type { z } from 'zod';
import type { routeVersionsSchema } from '#contract/index.ts';
import { compileRoute, routeSchema } from '#core/signoff/index.ts';
import { readVersions } from '../definitions/versions.ts';
import type { ReadContext } from '../records/work.ts';
import { readRunning } from './running.ts';

/** Every version a route has had, the newest first, with how much is on its way by each, and why it would not fit now. */
export const listRouteVersions = async (
  { db, definitions: { catalogue, roles } }: ReadContext,
  key: string,
): Promise<z.input<typeof routeVersionsSchema>> => {
  const running = await readRunning(db);
  return {
    versions: (await readVersions(db, 'route', key)).map(({ document, ...version }) => {
      const route = routeSchema.parse(document);
      const compiled = compileRoute(route, catalogue, roles);
      const own = running.find((each) => each.routeId === route.id && each.version === version.version);
      return {
        ...version,
        route,
        problems: compiled.ok ? [] : compiled.problems.map((each) => each.detail),
        running: own?.count ?? 0,
      };
    }),
  };
};
