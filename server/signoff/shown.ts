import { and, eq, isNull, or, sql } from 'drizzle-orm';
import { today } from '#core/base/index.ts';
import { readStoodInFor } from '../people/signers.ts';
import { decisions, signOffParts, signOffs } from '../platform/schema.ts';
import type { ReadContext } from '../records/work.ts';
import { findRouteAt } from './routes-in-force.ts';

/** What the steps a person signs, or signed, show them of a record. */
export interface ShownToSigner {
  /** These fields and no others; null: what the record's form asks. */
  readonly only: readonly string[] | null;
  /** And those they fill in. */
  readonly besides: readonly string[];
}

/** The same; null where they sign none of its steps, or these say nothing of what is shown. */
export const readShownToSigner = async (look: ReadContext, record: string): Promise<ShownToSigner | null> => {
  const { db, definitions, person, clock } = look;
  const [signOff] = await db.select().from(signOffs).where(eq(signOffs.recordId, record));
  // Who sent it sees what they sent.
  if (!signOff || signOff.sender === person.id) return null;
  const names = [person.id, ...(await readStoodInFor(db, person.id, today(clock)))];
  const waiting = await db
    .select({ step: signOffParts.step })
    .from(signOffParts)
    .where(and(eq(signOffParts.signOffId, signOff.id), or(...names.map((id) => eq(signOffParts.personId, id)))));
  const decided = await db
    .select({ step: sql<number>`${decisions.step}` })
    .from(decisions)
    .where(and(eq(decisions.signOffId, signOff.id), eq(decisions.personId, person.id), isNull(decisions.undoneAt)));
  const route = await findRouteAt(db, definitions, signOff);
  const steps = [...new Set([...waiting, ...decided].map(({ step }) => step))].flatMap((at) => route.steps[at] ?? []);
  const besides = steps.flatMap(({ fills }) => fills.map(({ field }) => field));
  const shows = steps.flatMap((step) => (step.shows === null ? [] : [step.shows]));
  if (shows.length === 0 && besides.length === 0) return null;
  return { only: shows.length === steps.length ? [...new Set(shows.flat())] : null, besides };
};
