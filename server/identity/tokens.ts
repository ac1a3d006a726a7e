import { randomBytes } from 'node:crypto';
import { and, desc, sql as drizzle, eq } from 'drizzle-orm';
import { z } from 'zod';
import type { madeTokenSchema, newTokenSchema, tokensSchema } from '#contract/index.ts';
import { problem, today, uuidV7 } from '#core/base/index.ts';
import { parameter, sql } from '#core/sql/index.ts';
import { readNames } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import type { Db } from '../platform/database.ts';
import { executeKept } from '../platform/fragment.ts';
import { inTransaction, lockDefinitions, notify } from '../platform/locks.ts';
import { invalid, notFound } from '../platform/refusal.ts';
import { people, tokens } from '../platform/schema.ts';
import { hashOf, newSecret } from '../platform/secrets.ts';
import { lookAs, type Workplace } from '../sight/work.ts';
import { refuseRole } from './groups.ts';
import { note } from './noted.ts';
import type { Signed } from './session.ts';

/* Tokens by which programs sign in: with one role, until a day. Kept is their hash; what they do is done in their name. */

/** By its beginning a token is known for one, where it turns up. */
const BEGINNING = 'iolite_';

const holderSchema = z.object({
  id: z.string(),
  name: z.string(),
  roles: z.array(z.string()),
  version: z.int(),
  stale: z.boolean(),
});

/** Whose token this is, or null: none, or one that has ended. */
export const findTokenHolder = async (db: Db, token: string): Promise<Signed | null> => {
  // Asked with every request.
  const [row] = await executeKept(
    db,
    sql`select p.id, p.name, p.roles, w.version, p.seen_at is null or p.seen_at < now() - interval '1 minute' as stale
      from iolite.tokens t join iolite.people p on p.id = t.person_id join iolite.workspace w on w.id = 1
      where t.token_hash = ${parameter(hashOf(token), 'text')} and p.switched_off_at is null
        and t.ends_on >= to_char(now() at time zone w.zone, 'YYYY-MM-DD')`,
  );
  if (!row) return null;
  const { version, stale, ...holder } = holderSchema.parse(row);
  if (stale)
    await executeKept(db, sql`update iolite.people set seen_at = now() where id = ${parameter(holder.id, 'uuid')}`);
  return {
    person: { ...holder, kind: 'token', email: '', record: null, forms: null },
    looksAs: null,
    workspaceVersion: version,
    session: null,
    renew: false,
    secondStep: false,
  };
};

/** Makes a token; it is shown this once. */
export const addToken = (
  { db, reader }: Workplace,
  by: Person,
  given: z.output<typeof newTokenSchema>,
): Promise<z.output<typeof madeTokenSchema>> =>
  inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    const definitions = await reader.read(tx);
    const { clock } = lookAs(tx, definitions, by);
    refuseRole(definitions, given.role);
    if (given.ends_on < today(clock)) throw invalid([problem('over', ['ends_on'], 'This day is over.')]);
    const id = uuidV7(Date.now(), randomBytes(10));
    const token = `${BEGINNING}${newSecret()}`;
    await tx.insert(people).values({
      id,
      kind: 'token',
      email: '',
      name: given.name,
      roles: [given.role],
      position: drizzle`(select coalesce(max(position), -1) + 1 from iolite.people)`,
    });
    await tx.insert(tokens).values({
      personId: id,
      tokenHash: hashOf(token),
      note: given.note,
      endsOn: given.ends_on,
      madeBy: by.id,
      madeAt: new Date(clock.now),
    });
    const detail = `made the token ${given.name}`;
    await note(tx, clock.now, { personId: by.id, aboutId: id, action: 'token', detail });
    await notify(tx, { kind: 'workspace' });
    return { id, token };
  });

/** The tokens there are, the newest first. */
export const readTokens = async ({ db, reader }: Workplace, asking: Person): Promise<z.output<typeof tokensSchema>> => {
  const definitions = await reader.read(db);
  const day = today(lookAs(db, definitions, asking).clock);
  const names = await readNames(db);
  const rows = await db
    .select()
    .from(tokens)
    .innerJoin(people, eq(people.id, tokens.personId))
    .orderBy(desc(tokens.madeAt));
  return {
    tokens: rows.map(({ tokens: token, people: holder }) => ({
      id: holder.id,
      name: holder.name,
      role: holder.roles[0] ?? '',
      note: token.note,
      ends_on: token.endsOn,
      made_by: names.get(token.madeBy) ?? '',
      made_at: token.madeAt.toISOString(),
      used_at: holder.seenAt?.toISOString() ?? null,
      ended: holder.switchedOffAt !== null || token.endsOn < day,
    })),
  };
};

/** Ends a token, at once and for good: what it did stays, in its name. */
export const endToken = ({ db, reader }: Workplace, by: Person, id: string): Promise<void> =>
  inTransaction(db, async (tx) => {
    const { clock } = lookAs(tx, await reader.read(tx), by);
    const [row] = await tx
      .update(people)
      .set({ switchedOffAt: new Date(clock.now) })
      .where(and(eq(people.id, id), eq(people.kind, 'token')))
      .returning({ name: people.name });
    if (!row) throw notFound();
    // What is left of it opens nothing, also when its row is switched on again.
    await tx
      .update(tokens)
      .set({ tokenHash: `ended ${id}` })
      .where(eq(tokens.personId, id));
    await note(tx, clock.now, { personId: by.id, aboutId: id, action: 'token', detail: `ended the token ${row.name}` });
    await notify(tx, { kind: 'workspace' });
  });
