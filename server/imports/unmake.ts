import { dropDraft } from '../definitions/drafts.ts';
import { noChanges } from '../definitions/planning.ts';
import type { DefinitionsService } from '../definitions/service.ts';
import { setsUp } from '../people/roles.ts';
import { Refusal } from '../platform/refusal.ts';
import { countRecords } from '../records/reader/index.ts';
import { asSystem, type CommandContext } from '../records/work.ts';
import type { Made } from './kept.ts';

/** Whether somebody added records since that are left in a register. */
const isUsed = async (work: CommandContext, key: string): Promise<boolean> => {
  const system = asSystem(work, 'a register is set aside only where nobody has a record left in it');
  const register = work.definitions.catalogue.registers.get(key);
  return register !== undefined && ((await countRecords(system, [register]))[key] ?? 0) > 0;
};

/** Why what a spreadsheet made cannot be set aside; null where it can. */
const whyNot = async (work: CommandContext, { register: key }: Made): Promise<string | null> => {
  if (!setsUp(work.definitions, work.person, 'registers'))
    return 'To set the register aside takes the right to set up registers.';
  if (key === null || !(await isUsed(work, key))) return null;
  const plural = work.definitions.catalogue.registers.get(key)?.plural ?? '';
  return `${plural} stay, as other records were added there since.`;
};

/**
 * Sets aside the register and the choice lists that a spreadsheet made, as far as nothing else uses them by then and no
 * record is left in it. Says why it could not; null where it did, or nothing was made.
 */
export const unmake = async (
  setUp: DefinitionsService,
  judging: <T>(run: (work: CommandContext) => Promise<T>) => Promise<T>,
  made: Made,
): Promise<string | null> => {
  if (made.register === null && made.lists.length === 0) return null;
  const { why, definitions, person } = await judging(async (work) => {
    return { why: await whyNot(work, made), definitions: work.definitions, person: work.person };
  });
  if (why !== null) return why;
  const { registers, choiceLists } = definitions.catalogue;
  // A form of it that nobody published goes along.
  const draft = made.form !== null && !definitions.forms.has(made.form) ? made.form : null;
  try {
    await setUp.carryOut(
      {
        ...noChanges(definitions.version),
        gone: {
          registers: made.register !== null && registers.has(made.register) ? [made.register] : [],
          lists: made.lists.filter((key) => choiceLists.has(key)),
        },
      },
      person.id,
      async (tx) => {
        if (draft !== null) await dropDraft(tx, 'form', draft);
      },
    );
    return null;
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    const says = error.problems.map(({ detail }) => detail).join(' ') || error.message;
    return `What was made along stays, as something else uses it: ${says}`;
  }
};
