import { and, eq, isNull, sql } from 'drizzle-orm';
import type { DefinitionsReader } from '../definitions/reader.ts';
import type { Definitions } from '../definitions/store.ts';
import { clockNow } from '../platform/clock.ts';
import type { Db, Queryable } from '../platform/database.ts';
import { inTransaction } from '../platform/locks.ts';
import { people } from '../platform/schema.ts';
import { doOnce } from '../platform/upgrades.ts';
import { findHoldingFolded } from '../records/reader/index.ts';
import { systemSight } from '../records/sight.ts';

/*
 * The tie between somebody who may sign in and their record in the register of people: stored, so that who writes an
 * e-mail address into a record becomes nobody by it.
 */

/** The records of the people's register that hold some e-mail addresses, by address; those of archived ones are none. */
const recordsByEmail = async (
  db: Queryable,
  definitions: Definitions,
  emails: readonly string[],
): Promise<ReadonlyMap<string, readonly string[]>> => {
  const { catalogue } = definitions;
  const register = catalogue.people ? catalogue.registers.get(catalogue.people.register) : undefined;
  const field = register?.fields.find(({ key }) => key === catalogue.people?.email);
  if (!register || !field || emails.length === 0) return new Map();
  const clock = clockNow(catalogue);
  const sight = systemSight(definitions, clock, 'who somebody is does not depend on what they may see');
  return findHoldingFolded({ db, sight, clock }, register, field.key, emails);
};

/**
 * Ties everybody who is tied to no record, or `only` one of them, to the one with their e-mail address. Where two records
 * hold it, it ties nobody, and the list of people says so.
 */
export const tieByEmail = async (db: Queryable, definitions: Definitions, only?: string): Promise<void> => {
  const untied = await db
    .select({ id: people.id, email: people.email })
    .from(people)
    .where(
      and(isNull(people.recordId), eq(people.kind, 'person'), only === undefined ? undefined : eq(people.id, only)),
    );
  const records = await recordsByEmail(
    db,
    definitions,
    untied.map(({ email }) => email.toLowerCase()),
  );
  for (const { id, email } of untied) {
    const [record, ...others] = records.get(email.toLowerCase()) ?? [];
    if (record === undefined || others.length > 0) continue;
    await db.update(people).set({ recordId: record }).where(eq(people.id, id));
  }
};

/**
 * At the first start that knows of ties: people are tied by their addresses, as they were looked up before. From then on
 * only when somebody confirms their address: whoever may write one into a record would say by it who somebody is.
 */
export const tieOnce = (db: Db, reader: DefinitionsReader): Promise<void> =>
  inTransaction(db, (tx) => doOnce(tx, 'people_tied', async () => tieByEmail(tx, await reader.read(tx))));

/** How many records hold each person's address, for those who are tied to none: why, two or none says. */
export const readUntied = async (db: Queryable, definitions: Definitions): Promise<ReadonlyMap<string, number>> => {
  const untied = await db
    .select({ email: sql<string>`lower(${people.email})` })
    .from(people)
    .where(and(isNull(people.recordId), eq(people.kind, 'person')));
  const emails = untied.map(({ email }) => email);
  const records = await recordsByEmail(db, definitions, emails);
  return new Map(emails.map((email) => [email, records.get(email)?.length ?? 0]));
};
