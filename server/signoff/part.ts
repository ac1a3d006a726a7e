import { and, eq } from 'drizzle-orm';
import { z } from 'zod';
import { today } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import type { Mark } from '#core/signoff/index.ts';
import { parameter, sql } from '#core/sql/index.ts';
import { idOf } from '../definitions/ids.ts';
import { readNames } from '../people/names.ts';
import { executeKept } from '../platform/fragment.ts';
import { signOffs } from '../platform/schema.ts';
import { isWithin } from '../records/reader/index.ts';
import type { ReadContext } from '../records/work.ts';
import { readState } from './stored.ts';

/** A record that was sent back to its sender: by whom, why, and what to mend. */
export interface SentBackTo {
  readonly by: string;
  readonly reason: string;
  readonly marks: Mark[];
}

/** What a record was sent back to this person with; null where it was not. */
export const findSentBack = async (
  { db, definitions, person }: Pick<ReadContext, 'db' | 'definitions' | 'person'>,
  recordId: string,
): Promise<SentBackTo | null> => {
  const [signOff] = await db
    .select()
    .from(signOffs)
    .where(and(eq(signOffs.recordId, recordId), eq(signOffs.stage, 'sent_back'), eq(signOffs.sender, person.id)));
  if (!signOff) return null;
  const { back } = await readState(db, definitions, signOff);
  const names = await readNames(db);
  return {
    by: names.get(back?.by ?? '') ?? '',
    reason: back?.comment ?? '',
    marks: back?.marks.map((mark) => ({ ...mark })) ?? [],
  };
};

/** How a person stands to a record: whether they see it, and whether they take part in its sign-off. */
export interface Standing {
  readonly sees: boolean;
  /** It waits for them, they decided on it, or they sent it. */
  readonly takesPart: boolean;
  /** It waits for them, or they decided on it: what its step shows them they see. */
  readonly signs: boolean;
  /** The form it came by, where they take part and it came by one. */
  readonly formId: string | null;
}

const standingSchema = z.object({
  sees: z.boolean(),
  sent: z.boolean().nullable(),
  signs: z.boolean(),
  form_id: z.string().nullable(),
});

/** How a person stands to a record: one statement, which does as much for a record that never was. */
export const standTo = async (
  { db, sight, person, clock }: ReadContext,
  register: Register,
  id: string,
): Promise<Standing> => {
  const [record, me] = [parameter(id, 'uuid'), parameter(person.id, 'uuid')];
  const [row] = await executeKept(
    db,
    sql`select ${isWithin(sight, register.key, id)} as sees, so.form_id,
        so.sender = ${me} as sent,
          exists (
            select 1 from iolite.sign_off_parts p left join iolite.people w on w.id = p.person_id
            where p.sign_off_id = so.id and (p.person_id = ${me} or (w.stand_in = ${me}
              and ${parameter(today(clock), 'text')} between w.away_from and w.away_until)))
          or exists (select 1 from iolite.decisions d where d.sign_off_id = so.id and d.person_id = ${me}
            and d.undone_at is null) as signs
      from (select ${record} as id) r
      left join iolite.sign_offs so on so.record_id = r.id and so.register_id = ${parameter(idOf(register), 'uuid')}`,
  );
  const { sees, sent, signs, form_id: formId } = standingSchema.parse(row);
  return { sees, takesPart: sent === true || signs, signs, formId };
};

/** Whether a person takes part in a record's sign-off: it waits for them, they decided on it, or they sent it. */
export const takesPart = async (look: ReadContext, register: Register, id: string): Promise<boolean> =>
  (await standTo(look, register, id)).takesPart;
