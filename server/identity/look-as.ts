import { eq } from 'drizzle-orm';
import { findPerson, readEveryone } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import type { Db } from '../platform/database.ts';
import { inTransaction } from '../platform/locks.ts';
import { notFound } from '../platform/refusal.ts';
import { sessions } from '../platform/schema.ts';
import { note } from './noted.ts';
import { tellEnded } from './session.ts';

/**
 * Lets a session look as another person: all of its windows, until it is ended. Its open streams end, so that they begin
 * anew as that person. Noted in the history of the workspace.
 */
export const lookAsPerson = async (db: Db, session: string, by: Person, at: string, id: string): Promise<Person> =>
  inTransaction(db, async (tx) => {
    const person = (await readEveryone(tx)).find((each) => each.id === id && each.kind === 'person');
    if (!person) throw notFound();
    const other = person.id === by.id ? null : person.id;
    await tx.update(sessions).set({ looksAs: other }).where(eq(sessions.id, session));
    if (other !== null)
      await note(tx, at, { personId: by.id, aboutId: id, action: 'looked_as', detail: `looked as ${person.name}` });
    await tellEnded(tx, [session]);
    return person;
  });

/** Ends that; gives whose session it is. */
export const lookAsOneself = (db: Db, session: string): Promise<Person> =>
  inTransaction(db, async (tx) => {
    const [row] = await tx
      .update(sessions)
      .set({ looksAs: null })
      .where(eq(sessions.id, session))
      .returning({ personId: sessions.personId });
    const person = row ? await findPerson(tx, row.personId) : null;
    if (!person) throw notFound();
    await tellEnded(tx, [session]);
    return person;
  });
