import { and, count, eq, gt, inArray } from 'drizzle-orm';
import { registerWithId } from '../definitions/ids.ts';
import { mayFill } from '../people/roles.ts';
import { history } from '../platform/schema.ts';
import type { ReadContext } from '../records/work.ts';

/** What was long ago says little of what is used now. */
const DAYS = 180;

/** How often a person sent each form they may fill in within half a year, by the form's key; those never sent are left out. */
export const readUsed = async ({ db, definitions, person }: ReadContext): Promise<Record<string, number>> => {
  const keys = new Map(
    [...definitions.forms.values()].flatMap(({ published: { document } }) =>
      document.id && mayFill(definitions, person, document) ? [[document.id, document] as const] : [],
    ),
  );
  if (keys.size === 0) return {};
  const rows = await db
    .select({ form: history.formId, register: history.registerId, times: count() })
    .from(history)
    .where(
      and(
        inArray(history.formId, [...keys.keys()]),
        eq(history.personId, person.id),
        eq(history.action, 'added'),
        gt(history.at, new Date(Date.now() - DAYS * 86_400_000)),
      ),
    )
    .groupBy(history.formId, history.registerId);
  // What a form makes along with its own records is no sending of it.
  return Object.fromEntries(
    rows.flatMap(({ form, register, times }) => {
      const sent = keys.get(form ?? '');
      return sent && registerWithId(definitions, register)?.key === sent.register ? [[sent.key, times] as const] : [];
    }),
  );
};
