import { randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { and, eq, sql } from 'drizzle-orm';
import type { z } from 'zod';
import type { groupChangeSchema, NewGroup } from '#contract/index.ts';
import { addDays, fromLocal, problem, today, toEpochMs, uuidV7 } from '#core/base/index.ts';
import { idOf } from '../definitions/ids.ts';
import type { Definitions } from '../definitions/store.ts';
import { toPerson } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import { isOn } from '../platform/active.ts';
import { clockNow } from '../platform/clock.ts';
import type { Db, Queryable, Tx } from '../platform/database.ts';
import { inTransaction, lockDefinitions, notify } from '../platform/locks.ts';
import { invalid, notFound, Refusal } from '../platform/refusal.ts';
import { groups, knownSources, people } from '../platform/schema.ts';
import { lookAs, type Workplace } from '../sight/work.ts';
import { note } from './noted.ts';
import { beginSession, endSessionsOf, type Session } from './session.ts';
import { beginTry, endTry } from './tries.ts';

/*
 * A group's code signs in a device that several share: for chosen forms, with one role, until an hour of the day. Who
 * fills in gives their name with each entry.
 */

const MOST_GROUPS = 20;
/** What tries of codes are counted as: a code names no address. */
const GUESSING = 'a group’s code';

/** The id of each form of a group, or a 422 at its place. */
const formIds = ({ forms }: Definitions, keys: readonly string[]): string[] =>
  keys.map((key, i) => {
    const open = forms.get(key)?.published.document;
    if (!open) throw invalid([problem('unknown_form', ['forms', i], `There is no form “${key}”.`)]);
    if (open.password_again)
      throw invalid([problem('password', ['forms', i], `“${open.label}” asks for a password, and a device has none.`)]);
    return idOf(open);
  });

/** A role that a group or a token may have: one that there is, and that sets up nothing. */
export const refuseRole = ({ roles }: Definitions, key: string): void => {
  const role = roles.get(key);
  if (!role) throw invalid([problem('unknown_role', ['role'], `There is no role “${key}”.`)]);
  if (role.sets_up.length > 0)
    throw invalid([problem('sets_up', ['role'], `${role.label} sets something up: that takes a person.`)]);
};

const readCodes = (db: Queryable) =>
  db
    .select({ person: people, codeHash: groups.codeHash, endsAt: groups.endsAt })
    .from(groups)
    .innerJoin(people, eq(people.id, groups.personId))
    .where(isOn);

/** The group whose code this is, or null. */
const groupOfCode = async (db: Queryable, code: string) => {
  for (const each of await readCodes(db)) if (await verify(each.codeHash, code)) return each;
  return null;
};

const refuseTaken = async (tx: Tx, code: string, own: string | null): Promise<void> => {
  const held = await groupOfCode(tx, code);
  if (held && held.person.id !== own)
    throw invalid([problem('taken', ['code'], 'This code cannot be taken. Choose another.')]);
};

/** Lets a shared device in by a code. */
export const addGroup = ({ db, reader }: Workplace, by: Person, given: NewGroup): Promise<string> =>
  inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    const definitions = await reader.read(tx);
    refuseRole(definitions, given.role);
    const forms = formIds(definitions, given.forms);
    await refuseTaken(tx, given.code, null);
    if ((await readCodes(tx)).length >= MOST_GROUPS)
      throw new Refusal('conflict', `There are ${MOST_GROUPS} groups’ codes. Switch one off first.`);
    const id = uuidV7(Date.now(), randomBytes(10));
    await tx.insert(people).values({
      id,
      kind: 'group',
      email: '',
      name: given.name,
      roles: [given.role],
      position: sql`(select coalesce(max(position), -1) + 1 from iolite.people)`,
    });
    await tx.insert(groups).values({ personId: id, codeHash: await hash(given.code), forms, endsAt: given.ends_at });
    const { clock } = lookAs(tx, definitions, by);
    const detail = `let ${given.name} in by a code`;
    await note(tx, clock.now, { personId: by.id, aboutId: id, action: 'group', detail });
    await notify(tx, { kind: 'workspace' });
    return id;
  });

/** Changes what a code opens, or the code itself; devices that it let in sign in anew. */
export const changeGroup = (
  { db, reader }: Workplace,
  by: Person,
  id: string,
  change: z.output<typeof groupChangeSchema>,
): Promise<void> =>
  inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    const definitions = await reader.read(tx);
    const [row] = await tx
      .select()
      .from(people)
      .where(and(eq(people.id, id), eq(people.kind, 'group')));
    if (!row) throw notFound();
    const { name, role, forms, ends_at: endsAt, code } = change;
    if (role !== undefined) refuseRole(definitions, role);
    if (code !== undefined) await refuseTaken(tx, code, id);
    const own = {
      ...(name === undefined ? {} : { name }),
      ...(role === undefined ? {} : { roles: [role] }),
    };
    if (Object.keys(own).length > 0) await tx.update(people).set(own).where(eq(people.id, id));
    const opened = {
      ...(forms === undefined ? {} : { forms: formIds(definitions, forms) }),
      ...(endsAt === undefined ? {} : { endsAt }),
      ...(code === undefined ? {} : { codeHash: await hash(code) }),
    };
    if (Object.keys(opened).length > 0) await tx.update(groups).set(opened).where(eq(groups.personId, id));
    await endSessionsOf(tx, id);
    const { clock } = lookAs(tx, definitions, by);
    const detail = `changed what ${name ?? row.name} may do by its code`;
    await note(tx, clock.now, { personId: by.id, aboutId: id, action: 'group', detail });
    await notify(tx, { kind: 'workspace' });
  });

/** When a device signed in now ends by itself: the next time that it is this hour. */
export const endOf = (endsAt: string, now: string, zone: string): Date => {
  const day = today({ now, zone });
  for (const each of [day, addDays(day, 1)]) {
    const at = fromLocal(`${each}T${endsAt}`, zone);
    if (at !== null && toEpochMs(at) > toEpochMs(now)) return new Date(at);
  }
  // An hour that the clocks leave out tonight.
  return new Date(toEpochMs(now) + 12 * 3_600_000);
};

/** A group whose devices signed in from here before: who guesses elsewhere does not lock it out there. */
const knownGroupAt = async (db: Queryable, source: string): Promise<string | null> => {
  const [row] = await db
    .select({ id: people.id })
    .from(knownSources)
    .innerJoin(people, eq(people.id, knownSources.personId))
    .where(and(eq(knownSources.source, source), eq(people.kind, 'group'), isOn))
    .limit(1);
  return row?.id ?? null;
};

/** Signs a device in. Wrong codes are counted before they are looked at, as wrong passwords are. */
export const signInDevice = async (
  db: Db,
  definitions: Definitions,
  given: { readonly code: string; readonly source: string; readonly device: string },
): Promise<Session> => {
  const { source } = given;
  const trying = { email: GUESSING, person: await knownGroupAt(db, source), source };
  const id = await beginTry(db, trying);
  const found = await groupOfCode(db, given.code.replace(/\s/g, ''));
  if (!found) throw new Refusal('sign_in', 'This code is not right.');
  await endTry(db, id, { ...trying, person: found.person.id });
  const { now, zone } = clockNow(definitions.catalogue);
  return beginSession(db, toPerson(found.person), given.device, endOf(found.endsAt, now, zone));
};

/** Whether any device could be signed in. */
export const isAnyGroup = async (db: Queryable): Promise<boolean> => {
  const rows = await db
    .select({ id: people.id })
    .from(people)
    .where(and(eq(people.kind, 'group'), isOn))
    .limit(1);
  return rows.length > 0;
};
