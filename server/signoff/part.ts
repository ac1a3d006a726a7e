import { and, desc, eq } from 'drizzle-orm';
import { z } from 'zod';
import type { Register } from '#core/register/index.ts';
import { parameter, sql } from '#core/sql/index.ts';
import { idOf } from '../definitions/ids.ts';
import { readNames } from '../people/names.ts';
import type { Queryable } from '../platform/database.ts';
import { executeKept } from '../platform/fragment.ts';
import { decisions, signOffs } from '../platform/schema.ts';
import { isWithin } from '../records/reader/index.ts';
import type { Look } from '../records/work.ts';

/** The last reason a record was sent back to its sender with, and by whom; null where it was not. */
export const findSentBack = async (
  db: Queryable,
  recordId: string,
  sender: string,
): Promise<{ readonly by: string; readonly reason: string } | null> => {
  const [signOff] = await db
    .select()
    .from(signOffs)
    .where(and(eq(signOffs.recordId, recordId), eq(signOffs.stage, 'sent_back'), eq(signOffs.sender, sender)));
  if (!signOff) return null;
  const [last] = await db
    .select()
    .from(decisions)
    .where(eq(decisions.signOffId, signOff.id))
    .orderBy(desc(decisions.id))
    .limit(1);
  const names = await readNames(db);
  return { by: names.get(last?.personId ?? '') ?? '', reason: last?.comment ?? '' };
};

/** How a person stands to a record: whether they see it, and whether they take part in its sign-off. */
export interface Standing {
  readonly sees: boolean;
  /** It waits for them, they decided on it, or they sent it. */
  readonly takesPart: boolean;
  /** The form it came by, where they take part and it came by one. */
  readonly formId: string | null;
}

const standingSchema = z.object({
  sees: z.boolean(),
  takes_part: z.boolean().nullable(),
  form_id: z.string().nullable(),
});

/** How a person stands to a record: one statement, which does as much for a record that never was. */
export const standTo = async ({ db, sight, person }: Look, register: Register, id: string): Promise<Standing> => {
  const [record, me] = [parameter(id, 'uuid'), parameter(person.id, 'uuid')];
  const [row] = await executeKept(
    db,
    sql`select ${isWithin(sight, register.key, id)} as sees, so.form_id,
        so.sender = ${me} or (so.stage = 'waiting' and ${me} = any(so.signers))
          or exists (select 1 from iolite.decisions d where d.sign_off_id = so.id and d.person_id = ${me}) as takes_part
      from (select ${record} as id) r
      left join iolite.sign_offs so on so.record_id = r.id and so.register_id = ${parameter(idOf(register), 'uuid')}`,
  );
  const { sees, takes_part: takesPart, form_id: formId } = standingSchema.parse(row);
  return { sees, takesPart: takesPart === true, formId };
};

/** Whether a person takes part in a record's sign-off: it waits for them, they decided on it, or they sent it. */
export const takesPart = async (look: Look, register: Register, id: string): Promise<boolean> =>
  (await standTo(look, register, id)).takesPart;
