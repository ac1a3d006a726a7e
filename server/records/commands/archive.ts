import { problem } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import { parameter, sql, tableOf } from '#core/sql/index.ts';
import { invalid, notFound, Refusal } from '../../platform/refusal.ts';
import { type By, follow, type RecordEvent, write } from '../events.ts';
import { countBackReferences } from '../reader/back-references.ts';
import { readOwnValues } from '../reader/own-values.ts';
import { asSystem, type CommandContext } from '../work.ts';
import { uniqueProblems } from './checks.ts';
import { moveLinks } from './move-links.ts';
import { refuseDeed } from './rights.ts';

/** What a deed is part of. */
type Batch = Pick<By, 'batchId'>;

/** Marks a record archived, or no more so, and tells that it was done. */
const mark = async (
  work: CommandContext,
  register: Register,
  id: string,
  kind: 'archived' | 'brought_back',
  { batchId }: Batch,
): Promise<void> => {
  const at = parameter(kind === 'archived' ? work.clock.now : null, 'timestamptz');
  const event: RecordEvent = {
    kind,
    register,
    id,
    by: { action: kind, form: null, ...(batchId === undefined ? {} : { batchId }) },
  };
  await write(work, event, [
    sql`update ${tableOf(register.key)} set archived_at = ${at}, version = version + 1 where id = ${parameter(id, 'uuid')}`,
  ]);
  await follow(work, event);
};

/**
 * Archives a record: it leaves lists and look-ups, keeps its links, and can be brought back. What points to it stands
 * in the way (409, with the counts), unless it is moved to another record, or the person wants it archived anyway. What
 * they may not see is not in their way and is not moved: it goes on pointing to what is archived.
 */
export const archiveRecord = async (
  work: CommandContext,
  register: Register,
  id: string,
  { moveTo, anyway }: { readonly moveTo?: string | undefined; readonly anyway: boolean },
  batch: Batch = {},
): Promise<void> => {
  const system = asSystem(work, 'a record is archived whole, also what of it may not be seen');
  const held = await readOwnValues(system, register, id, 'locked');
  if (!held || held.archived) throw notFound();
  await refuseDeed(work, register, id, 'archive', 'You may not archive this record.');
  if (moveTo !== undefined) {
    const seen = work.sight.catalogue.registers.has(register.key);
    const target = moveTo === id || !seen ? null : await readOwnValues(work, register, moveTo);
    if (!target || target.archived)
      throw invalid([
        problem('unknown_record', ['move_to'], 'What points here can only be moved to another record that is there.'),
      ]);
    await moveLinks(work, register, id, moveTo);
  } else if (!anyway) {
    const pointing = await countBackReferences(work, register, id);
    if (pointing.length > 0)
      throw new Refusal(
        'conflict',
        'Other records point to this one.',
        pointing.map(({ key, count, label }) => problem('pointed_to', [key], `${count} ${label} point here.`)),
      );
  }
  await mark(work, register, id, 'archived', batch);
};

/** Brings an archived record back; refused where another has meanwhile taken what only one may hold. */
export const bringBackRecord = async (
  work: CommandContext,
  register: Register,
  id: string,
  batch: Batch = {},
): Promise<void> => {
  const system = asSystem(work, 'an archived record is looked for among all, and checked against all');
  const held = await readOwnValues(system, register, id, 'locked');
  if (!held?.archived) throw notFound();
  await refuseDeed(work, register, id, 'archive', 'You may not bring this record back.');
  const taken = await uniqueProblems(work, register, [{ id, values: held.values }]);
  if (taken.length > 0) throw invalid(taken.map((each) => each.problem));
  await mark(work, register, id, 'brought_back', batch);
};
