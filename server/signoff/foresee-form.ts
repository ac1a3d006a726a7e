import type { ForeseenAnswer } from '#contract/index.ts';
import { checkValues, type RecordValues, type Register, workOutRecord } from '#core/register/index.ts';
import { foresee, sayForeseen, sayWhoSigns, takes } from '#core/signoff/index.ts';
import { routesOf } from '../definitions/store.ts';
import type { ReadContext } from '../records/work.ts';
import { factsOf, readAround, readBeyondAnswers, valuesOf } from './facts.ts';
import { readNamesOf } from './names-of.ts';

const NOBODY: ForeseenAnswer = { has_routes: false, route: null, says: '', steps: [] };

/**
 * Who will sign answers of a form that are not sent yet, as far as they say it: names and nothing else. What cannot be read
 * among the answers is taken as not answered.
 */
export const foreseeAnswers = async (
  look: ReadContext,
  register: Register,
  answers: Readonly<Record<string, unknown>>,
): Promise<ForeseenAnswer> => {
  const routes = routesOf(look.definitions, register.key);
  if (routes.length === 0) return NOBODY;
  const { catalogue } = look.definitions;
  const kept: RecordValues = Object.fromEntries(
    Object.entries(answers).flatMap(([key, value]) => {
      const checked = checkValues(register, { [key]: value }, catalogue);
      return checked.ok ? Object.entries(checked.value) : [];
    }),
  );
  const values = workOutRecord(register, kept, catalogue, look.clock);
  const names = await readNamesOf(look.db, look.definitions);
  for (const { document: route } of routes) {
    const beyond = await readBeyondAnswers(look, route, values, look.person.id);
    const facts = await factsOf(look, route, values, beyond);
    if (!takes(route, facts.values)) continue;
    const steps = sayForeseen(route, foresee(route, facts, look.person.id), names);
    return { has_routes: true, route: route.route.label, says: sayWhoSigns(steps), steps };
  }
  return { ...NOBODY, has_routes: true };
};

/** To which step each of some records would go first, by its label; those that go nowhere are left out. */
export const foreseeMany = async (
  look: ReadContext,
  register: Register,
  records: readonly RecordValues[],
): Promise<string[]> => {
  const { catalogue } = look.definitions;
  const routes = await Promise.all(
    routesOf(look.definitions, register.key).map(async ({ document }) => ({
      route: document,
      around: await readAround(look, document),
    })),
  );
  if (routes.length === 0) return [];
  const found: string[] = [];
  for (const record of records) {
    const values = workOutRecord(register, record, catalogue, look.clock);
    for (const { route, around } of routes) {
      const beyond = await readBeyondAnswers(look, route, values, look.person.id);
      if (!takes(route, valuesOf(look, route, values, beyond))) continue;
      const facts = await factsOf(look, route, values, beyond, around);
      const [first] = foresee(route, facts, look.person.id).filter(({ status }) => status !== 'skipped');
      const label = first && route.route.steps[first.step]?.label;
      if (label !== undefined) found.push(label);
      break;
    }
  }
  return found;
};
