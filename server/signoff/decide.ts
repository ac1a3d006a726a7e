import { eq } from 'drizzle-orm';
import { afterDecision, type DecisionKind, type Stage } from '#core/signoff/index.ts';

import { notAllowed, notFound, Refusal } from '../platform/refusal.ts';
import { decisions, signOffs } from '../platform/schema.ts';
import { follow, type RecordEvent, write } from '../records/commands/index.ts';
import { readOwnValues } from '../records/reader/index.ts';
import { asSystem, type Work } from '../records/work.ts';
import { routeValues, signersAt, tellTrays } from './enter.ts';
import { takesPart } from './part.ts';
import { readRoute } from './routes-in-force.ts';
import { tellWaiting } from './tell.ts';

/** What was decided, and on which version. */
export interface Decision {
  readonly decision: DecisionKind;
  readonly comment: string;
  /** The record's version that was seen. */
  readonly version: number;
}

const ACTIONS = { approve: 'approved', send_back: 'sent_back', refuse: 'refused' } as const;

/** A decision by one of the signers on the version they saw. Gives the stage it leads to. */
export const decide = async (work: Work, signOffId: string, decision: Decision): Promise<{ stage: Stage }> => {
  const { db, definitions, person, clock } = work;
  const [signOff] = await db.select().from(signOffs).where(eq(signOffs.id, signOffId)).for('update');
  if (!signOff) throw notFound();
  const route = await readRoute(db, definitions, signOff);
  if (!(await takesPart(work, route.register, signOff.recordId))) throw notFound();
  if (signOff.stage !== 'waiting') throw new Refusal('conflict', 'This was decided already.');
  const { signers } = await signersAt(db, route, signOff.step, signOff.sender);
  if (!signers.includes(person.id)) throw notAllowed('This step is not yours to sign.');
  const system = asSystem(work, 'a signer decides on the record whatever of it they may see elsewhere');
  const record = await readOwnValues(system, route.register, signOff.recordId);
  if (!record || record.archived) throw notFound();
  if (record.version !== decision.version)
    throw new Refusal('conflict', 'The record was changed since you opened it. Look at it again before you decide.');
  const comment = decision.comment.trim();
  if (decision.decision !== 'approve' && comment === '') {
    throw new Refusal('invalid', 'Sending back and refusing need a reason.', [
      { code: 'required', path: ['comment'], detail: 'Say why, so that it can be mended.' },
    ]);
  }
  const values = await routeValues(work, route, signOff.recordId, record.values);
  const next = afterDecision(route, signOff.step, decision.decision, values);
  await db.insert(decisions).values({
    signOffId,
    round: signOff.round,
    step: signOff.step,
    personId: person.id,
    decision: decision.decision,
    comment,
    recordVersion: record.version,
    at: new Date(clock.now),
  });
  const entered =
    next.stage === 'waiting'
      ? await signersAt(db, route, next.step, signOff.sender)
      : { signers: [], lastResort: signOff.lastResort };
  await db
    .update(signOffs)
    .set({ stage: next.stage, step: next.step, ...entered })
    .where(eq(signOffs.id, signOffId));
  const by = { action: ACTIONS[decision.decision], form: null };
  const event: RecordEvent = { kind: 'decided', register: route.register, id: signOff.recordId, comment, by };
  await write(work, event, []);
  await follow(work, event);
  if (next.stage === 'waiting' || next.stage === 'sent_back') await tellWaiting(db, signOffId);
  await tellTrays(db, [...signOff.signers, ...entered.signers, signOff.sender]);
  return { stage: next.stage };
};
