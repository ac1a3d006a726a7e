import { valueContext, vocabularyOf } from '#core/register/index.ts';
import { type CompiledRoute, compileRoute, sayStepReason } from '#core/signoff/index.ts';
import { registerWithId } from '../definitions/ids.ts';
import { type Definitions, readRouteVersion } from '../definitions/store.ts';
import type { Queryable } from '../platform/database.ts';
import { Refusal } from '../platform/refusal.ts';
import type { signOffs } from '../platform/schema.ts';

/** A record’s way round, as it is kept. */
export type SignOff = typeof signOffs.$inferSelect;

/** The route a sign-off runs on, at the version it was begun on. */
export const readRoute = async (
  db: Queryable,
  definitions: Definitions,
  signOff: Pick<SignOff, 'registerId' | 'routeId' | 'routeVersion'>,
): Promise<CompiledRoute> => {
  const register = registerWithId(definitions, signOff.registerId);
  const now = register && definitions.routes.get(register.key);
  if (now && now.document.route.id === signOff.routeId && now.version === signOff.routeVersion) return now.document;
  const route = await readRouteVersion(db, signOff.routeId, signOff.routeVersion);
  const compiled = compileRoute(route, definitions.catalogue, new Set(definitions.roles.keys()));
  if (!compiled.ok) throw new Refusal('conflict', 'The route this record is on no longer fits its register.');
  return compiled.value;
};

/** Why a sign-off waits where it does: "Cost is over 500"; null where the step has no condition. */
export const sayWhy = (definitions: Definitions, route: CompiledRoute, step: number): string | null =>
  sayStepReason(route, step, {
    vocabulary: vocabularyOf(route.register, definitions.catalogue),
    values: valueContext(definitions.catalogue),
  });

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Why it waits for this person, as one sentence. */
export const sayWhyYou = (definitions: Definitions, route: CompiledRoute, signOff: SignOff): string => {
  const reason = sayWhy(definitions, route, signOff.step);
  const label = route.steps[signOff.step]?.step.label ?? '';
  const resort = definitions.roles.get(route.route.last_resort)?.label ?? '';
  const isLastResort = signOff.lastResort === 1;
  const signs = isLastResort ? `the ${resort} signs in place of the ${label}` : `the ${label} signs`;
  // Who else could has sent it, or cannot come in any more.
  const besides = isLastResort ? ', as nobody else may' : '';
  return reason ? `${reason}, so ${signs}${besides}.` : `${capital(signs)} every one of these${besides}.`;
};
