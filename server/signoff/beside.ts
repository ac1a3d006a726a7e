import { and, asc, eq, isNotNull, or } from 'drizzle-orm';
import type { BesideSignOff } from '#contract/index.ts';
import { byKeys, type Register } from '#core/register/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import { idOf } from '../definitions/ids.ts';
import { routesOf } from '../definitions/store.ts';
import { readNames } from '../people/names.ts';
import { history } from '../platform/schema.ts';
import { readSeenOn } from '../records/reader/index.ts';
import type { ReadContext } from '../records/work.ts';

/**
 * What happened to a record past its sign-off: that it was brought in as it stands, and what was changed with a reason where
 * a sign-off alone gives it. Of what is changed the fields are named that whoever looks sees.
 */
export const readBesideSignOff = async (
  look: ReadContext,
  register: Register,
  recordId: string,
): Promise<BesideSignOff[]> => {
  const { db, definitions } = look;
  const isOf = and(eq(history.recordId, recordId), eq(history.registerId, idOf(register)));
  const rows = await db
    .select()
    .from(history)
    .where(
      and(
        isOf,
        or(eq(history.action, 'brought_in_as_is'), and(eq(history.action, 'changed'), isNotNull(history.comment))),
      ),
    )
    .orderBy(asc(history.id));
  if (rows.length === 0) return [];
  const names = await readNames(db);
  const isSeen = await readSeenOn(look, register.key, recordId);
  const isSigned = routesOf(definitions, register.key).length > 0;
  return rows.flatMap((row): BesideSignOff[] => {
    const at = row.at.toISOString();
    const by = names.at(row.personId, at) ?? 'somebody who is no more';
    // Where nothing is signed, it says nothing that nobody signed it.
    if (row.action === 'brought_in_as_is') return isSigned ? [{ kind: 'as_it_stands', by, at }] : [];
    const changed = byKeys<readonly StoredValue[]>(register.fields, row.changes, (pair) => pair);
    const fields = register.fields.flatMap(({ key, label }) => (changed[key] && isSeen(key) ? [label] : []));
    return fields.length === 0 ? [] : [{ kind: 'by_hand', by, at, fields, reason: row.comment ?? '' }];
  });
};

/** How somebody on a device that several share named themselves when they sent a record last; null where nobody did. */
export const readNamed = async ({ db }: ReadContext, recordId: string, device: string): Promise<string | null> => {
  const rows = await db
    .select({ name: history.byName })
    .from(history)
    .where(and(eq(history.recordId, recordId), eq(history.personId, device), isNotNull(history.byName)))
    .orderBy(asc(history.id));
  return rows.at(-1)?.name ?? null;
};
