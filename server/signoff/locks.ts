import { eq } from 'drizzle-orm';
import type { Register } from '#core/register/index.ts';
import type { Route } from '#core/signoff/index.ts';
import { routesOf } from '../definitions/store.ts';
import { signOffSteps, signOffs } from '../platform/schema.ts';
import type { ReadContext } from '../records/work.ts';
import { findRouteAt } from './routes-in-force.ts';

const ENTERED = new Set(['open', 'signed', 'let_through']);
/** While it stands so, what was signed holds fast. */
const HELD = new Set(['waiting', 'stuck', 'approved']);

const labelOf = (register: Register, key: string): string =>
  register.fields.find((field) => field.key === key)?.label ?? key;

const fillsOf = (register: Register, route: Route): (readonly [string, string])[] =>
  route.steps.flatMap(({ fills, label }) =>
    fills.map(({ field }) => [field, `${labelOf(register, field)} is filled in by ${label}, when they sign.`] as const),
  );

/**
 * The fields of a record that its sign-off holds, each with why: those that only a step fills in, and those that the steps
 * it has come to lock. Of a record that is to be added: those that only a step fills in.
 */
export const readLocksOf = async (
  look: Pick<ReadContext, 'db' | 'definitions'>,
  register: Register,
  id: string | null,
): Promise<ReadonlyMap<string, string>> => {
  const { db, definitions } = look;
  if (id === null)
    return new Map(routesOf(definitions, register.key).flatMap(({ document }) => fillsOf(register, document.route)));
  const rows = await db
    .select({ signOff: signOffs, step: signOffSteps.step, status: signOffSteps.status })
    .from(signOffs)
    .innerJoin(signOffSteps, eq(signOffSteps.signOffId, signOffs.id))
    .where(eq(signOffs.recordId, id));
  const [first] = rows;
  if (!first || first.signOff.stage === 'none') return new Map();
  const route = await findRouteAt(db, definitions, first.signOff);
  // What a step fills in is everybody's again once it was signed, unless it is locked.
  const isRunning = first.signOff.stage !== 'approved' && first.signOff.stage !== 'refused';
  const locks = new Map(isRunning ? fillsOf(register, route) : []);
  if (!HELD.has(first.signOff.stage)) return locks;
  for (const { step, status } of rows) {
    const plan = route.steps[step];
    if (!plan || !ENTERED.has(status)) continue;
    const until = first.signOff.stage === 'approved' ? ' until it is opened again' : '';
    for (const field of plan.locks)
      locks.set(field, `${labelOf(register, field)} is locked since ${plan.label} was asked to sign${until}.`);
  }
  return locks;
};
