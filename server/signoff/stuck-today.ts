import { problem } from '#core/base/index.ts';
import { type CompiledRoute, whoSigns } from '#core/signoff/index.ts';
import { readSigners } from '../people/signers.ts';
import { invalid } from '../platform/refusal.ts';
import type { ReadContext } from '../records/work.ts';
import { readNamesOf } from './names-of.ts';
import { sayMissing } from './who-signs.ts';

/** The cases in which a route would leave a record today where nobody can sign it, each in a sentence. */
const stuckToday = async (look: ReadContext, route: CompiledRoute): Promise<string[]> => {
  const people = await readSigners(look.db, look.clock);
  const { rows, missing } = whoSigns(route, people, look.clock);
  const names = await readNamesOf(look.db, look.definitions);
  const isToday = ({ kind, person }: (typeof missing)[number]): boolean =>
    kind === 'always' || kind === 'signed' || (kind !== 'sent_by' && people.get(person)?.away != null);
  return missing
    .filter((each) => each.isStuck && isToday(each))
    .map((each) =>
      sayMissing(
        route,
        each,
        rows.map(({ says }) => says),
        names,
      ),
    );
};

/** Whoever publishes what would leave records stuck today hears it first; who goes on says so. */
export const refuseStuckToday = async (look: ReadContext, routes: readonly CompiledRoute[]): Promise<void> => {
  const problems = [];
  for (const route of routes)
    for (const says of await stuckToday(look, route))
      problems.push(problem('would_stick', [], `${route.route.label}: ${says}`));
  if (problems.length > 0) throw invalid(problems);
};
