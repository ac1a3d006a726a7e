import type { Clock } from '#core/base/index.ts';
import { toMomentText } from '#core/base/index.ts';
import type { Db } from '../platform/database.ts';
import type { DefinitionsService } from '../definitions/service.ts';
import type { Definitions, DefinitionsReader } from '../definitions/store.ts';
import type { Person } from '../access/session.ts';
import { Refusal } from './problem.ts';

/** Who asks, with the definitions at the version their request met. */
export interface SignedContext {
  readonly person: Person;
  readonly found: Definitions;
}

/** What every handler gets. */
export interface Context {
  readonly db: Db;
  readonly reader: DefinitionsReader;
  readonly definitions: DefinitionsService;
  readonly demonstration: boolean;
  readonly signed: SignedContext | null;
}

/** The person of a request that needs one. */
export const signedIn = (context: Context): SignedContext => {
  if (!context.signed) throw new Refusal('sign_in', 'Please sign in.');
  return context.signed;
};

/** One reading of the server's clock. */
export const clockOf = (found: Definitions): Clock => ({
  now: toMomentText(Date.now()),
  zone: found.catalogue.zone,
  holidays: found.catalogue.holidays ?? [],
});
