import { and, desc, eq } from 'drizzle-orm';
import type { Track } from '#contract/index.ts';
import type { Stage } from '#core/signoff/index.ts';
import { readNames } from '../people/names.ts';
import { decisions } from '../platform/schema.ts';
import type { Look } from '../records/work.ts';
import { findSignOff } from './enter.ts';
import { readRoute, sayWhy } from './routes-in-force.ts';

const stepState = (stage: Stage, now: number, at: number, decided: boolean): Track['steps'][number]['state'] => {
  if (at > now) return 'to_come';
  if (at < now) return decided ? 'approved' : 'skipped';
  return stage === 'approved' && !decided ? 'skipped' : stage;
};

/** The sign-off track of a record, or null when it goes round nowhere. */
export const readTrack = async ({ db, definitions }: Look, recordId: string): Promise<Track | null> => {
  const signOff = await findSignOff(db, recordId);
  if (!signOff || signOff.stage === 'none') return null;
  const { stage } = signOff;
  const route = await readRoute(db, definitions, signOff);
  const names = await readNames(db);
  const made = await db
    .select()
    .from(decisions)
    .where(and(eq(decisions.signOffId, signOff.id), eq(decisions.round, signOff.round)))
    .orderBy(desc(decisions.id));
  return {
    stage,
    round: signOff.round,
    route: route.route.label,
    why: sayWhy(definitions, route, signOff.step),
    sender: names.get(signOff.sender) ?? '',
    sent_at: signOff.sentAt.toISOString(),
    steps: route.steps.map(({ step }, at) => {
      const decision = made.find((each) => each.step === at);
      return {
        label: step.label,
        state: stepState(stage, signOff.step, at, decision !== undefined),
        by: decision ? (names.get(decision.personId) ?? '') : null,
        at: decision?.at.toISOString() ?? null,
        comment: decision?.comment ?? null,
      };
    }),
  };
};
