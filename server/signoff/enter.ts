import { randomBytes } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { uuidV7 } from '#core/base/index.ts';
import type { Values } from '#core/expression/index.ts';
import type { RecordValues, Register } from '#core/register/index.ts';
import { type CompiledRoute, nextStep, recordValues, signersOf } from '#core/signoff/index.ts';
import { idOf } from '../definitions/ids.ts';
import { readActive } from '../people/names.ts';
import type { Queryable, Tx } from '../platform/database.ts';
import { notify } from '../platform/locks.ts';
import { signOffs } from '../platform/schema.ts';
import { readPaths } from '../records/reader/index.ts';
import { asSystem, type Work } from '../records/work.ts';
import type { SignOff } from './routes-in-force.ts';
import { tellWaiting } from './tell.ts';

/** What the conditions of a route read of a record as it is stored: its own values, what is worked out, what it links to. */
export const routeValues = async (work: Work, route: CompiledRoute, id: string, own: RecordValues): Promise<Values> => {
  const system = asSystem(work, 'where a record goes does not depend on who sends it');
  const read = (await readPaths(system, route.register, [id], route.reads)).get(id);
  const known = Object.fromEntries(Object.entries(read ?? {}).filter(([, value]) => value !== null));
  return recordValues({ ...own, ...known }, work.clock);
};

/** Who may sign a step, and whether they sign because nobody else is left. */
export const signersAt = async (db: Queryable, route: CompiledRoute, at: number, sender: string) => {
  const step = route.steps[at]?.step;
  if (!step) throw new RangeError(`route ${route.route.key} has no step ${at}`);
  const { signers, lastResort } = signersOf(route.route, step, await readActive(db), sender);
  return { signers, lastResort: lastResort ? 1 : 0 };
};

/** Tells those whose in-trays hold something else now, and nobody else that anything happened. */
export const tellTrays = (db: Tx, people: readonly (string | undefined)[]): Promise<void> =>
  notify(db, { kind: 'in_tray', of: [...new Set(people)].filter((id) => id !== undefined) });

/** The sign-off a record is in, or null. */
export const findSignOff = async (db: Queryable, recordId: string): Promise<SignOff | null> => {
  const [row] = await db.select().from(signOffs).where(eq(signOffs.recordId, recordId));
  return row ?? null;
};

/** A record that is sent round. */
export interface Entering {
  readonly register: Register;
  readonly id: string;
  readonly values: RecordValues;
  /** The id of the form it came by. */
  readonly form: string | null;
  /** The sign-off it went round in before. */
  readonly old: SignOff | null;
}

/**
 * Sends a stored record round, if its register has a route and a step of it applies. A record that went round before
 * begins the next round in the same sign-off. Gives the label of the step it waits at, or null.
 */
export const enterRoute = async (work: Work, { register, id, values, form, old }: Entering): Promise<string | null> => {
  const { db, definitions, person, clock } = work;
  const published = definitions.routes.get(register.key);
  if (!published) return null;
  const route = published.document;
  const step = nextStep(route, 0, await routeValues(work, route, id, values));
  if (step === null) {
    await tellTrays(db, [...(old?.signers ?? []), old?.sender]);
    // Nothing is left to sign, and nobody approved it as it is now: what was decided before stays in the history.
    if (old) await db.update(signOffs).set({ stage: 'none', signers: [] }).where(eq(signOffs.id, old.id));
    return null;
  }
  const at = new Date(clock.now);
  const sender = old?.sender ?? person.id;
  const entered = {
    routeId: idOf(route.route),
    routeVersion: published.version,
    stage: 'waiting' as const,
    step,
    sentAt: at,
    ...(await signersAt(db, route, step, sender)),
  };
  await tellTrays(db, [...(old?.signers ?? []), ...entered.signers, sender]);
  const signOffId = old?.id ?? uuidV7(at.getTime(), randomBytes(10));
  if (old) {
    await db
      .update(signOffs)
      .set({ ...entered, round: old.round + 1 })
      .where(eq(signOffs.id, old.id));
  } else {
    const begun = { id: signOffId, registerId: idOf(register), recordId: id, round: 1, sender, formId: form };
    await db.insert(signOffs).values({ ...entered, ...begun });
  }
  await tellWaiting(db, signOffId);
  return route.steps[step]?.step.label ?? null;
};
