import { identifier, sql as text } from '#core/sql/index.ts';
import { dropDraft } from '../definitions/drafts.ts';
import { noChanges } from '../definitions/planning.ts';
import type { DefinitionsReader } from '../definitions/reader.ts';
import type { DefinitionsService } from '../definitions/service.ts';
import type { Person } from '../people/person.ts';
import { setsUp } from '../people/roles.ts';
import type { Db } from '../platform/database.ts';
import { toDrizzle } from '../platform/fragment.ts';
import { Refusal } from '../platform/refusal.ts';
import type { Made } from './kept.ts';

/**
 * Sets aside the register and the choice lists that a spreadsheet made, as far as nothing else uses them by then and no
 * record is left in it. Says why it could not; null where it did, or nothing was made.
 */
export const unmake = async (
  setUp: DefinitionsService,
  reader: DefinitionsReader,
  db: Db,
  made: Made,
  person: Person,
): Promise<string | null> => {
  if (made.register === null && made.lists.length === 0) return null;
  const definitions = await reader.read(db);
  if (!setsUp(definitions, person, 'registers'))
    return 'To set the register aside takes the right to set up registers.';
  const { catalogue } = definitions;
  const register = catalogue.registers.get(made.register ?? '');
  if (register) {
    const { rows } = await db.execute(
      toDrizzle(text`select 1 from ${identifier('records', register.key)} where archived_at is null limit 1`),
    );
    if (rows.length > 0) return `${register.plural} stay, as other records were added there since.`;
  }
  try {
    if (made.form !== null && !definitions.forms.has(made.form))
      await db.transaction((tx) => dropDraft(tx, 'form', made.form ?? ''));
    await setUp.carryOut(
      {
        ...noChanges(definitions.version),
        gone: {
          registers: register ? [register.key] : [],
          lists: made.lists.filter((key) => catalogue.choiceLists.has(key)),
        },
      },
      person.id,
    );
    return null;
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    const why = error.problems.map(({ detail }) => detail).join(' ') || error.message;
    return `What was made along stays, as something else uses it: ${why}`;
  }
};
