import type { Register } from '#core/register/index.ts';
import { routesOf } from '../definitions/store.ts';
import { notAllowed, notFound, Refusal } from '../platform/refusal.ts';
import { readDoable } from '../records/commands/index.ts';
import { readOwnValues } from '../records/reader/index.ts';
import { asSystem, type CommandContext } from '../records/work.ts';
import { decide } from './decide.ts';
import { beginOne } from './follower.ts';
import { tellHistory } from './move.ts';
import { findSignOff } from './stored.ts';

const STANDS = {
  waiting: 'It is on its way already.',
  stuck: 'It is on its way already.',
  sent_back: 'It was sent back: whoever sent it mends it and sends it again.',
  approved: 'It is approved already.',
  refused: 'It was refused.',
} as const;

/**
 * Sends a record to be signed that never went round, though a route takes it as it is now, or that was withdrawn or
 * stopped. Refused where it is on its way, was decided on, or no route takes it.
 */
export const sendRound = async (work: CommandContext, register: Register, id: string): Promise<void> => {
  const signOff = await findSignOff(work.db, id, 'locked');
  if (signOff && signOff.stage !== 'none') throw new Refusal('conflict', STANDS[signOff.stage]);
  if (signOff) {
    const asked = { comment: '', version: 0, marks: [], values: {} };
    await decide(work, signOff.id, { decision: 'start', ...asked });
    return;
  }
  if (!(await readDoable(work, register, id)).mayChange) throw notAllowed('You may not send this round.');
  const system = asSystem(work, 'a route looks at the whole record');
  const record = await readOwnValues(system, register, id, 'locked');
  if (!record || record.archived) throw notFound();
  const begun = await beginOne(work, routesOf(work.definitions, register.key), { id, values: record.values }, null);
  if (!begun) throw new Refusal('conflict', 'No sign-off route takes this as it is.');
  await tellHistory(work, begun.route, id, 'started', '');
};
