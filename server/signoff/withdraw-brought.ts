import { Refusal } from '../platform/refusal.ts';
import type { CommandContext } from '../records/work.ts';
import { findMoving, move, tellHistory } from './move.ts';
import { readNamesOf } from './names-of.ts';

/**
 * Withdraws a record from its way round, as what brought it in is taken back. Refused by name where somebody signed it:
 * what is signed stays.
 */
export const withdrawBrought = async (work: CommandContext, record: string): Promise<void> => {
  const moving = await findMoving(work, record);
  if (!moving || moving.state.stage === 'none') return;
  const signed = moving.state.steps.flatMap(({ signatures }) => signatures.map(({ by }) => by));
  if (signed.length > 0) {
    const names = await readNamesOf(work.db, work.definitions);
    const who = [...new Set(signed)].map((id) => names.person(id)).join(', ');
    throw new Refusal('conflict', `It was signed by ${who}, so it stays.`);
  }
  await move(work, moving, { kind: 'withdrawn', at: work.clock.now, by: work.person.id, comment: '' });
  await tellHistory(work, moving.route, record, 'withdrawn', '');
};
