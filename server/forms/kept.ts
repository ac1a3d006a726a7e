import { and, count, desc, eq, ne } from 'drizzle-orm';
import { z } from 'zod';
import type { KeptEntry } from '#contract/index.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from '../people/person.ts';
import type { Queryable } from '../platform/database.ts';
import { notFound, Refusal } from '../platform/refusal.ts';
import { keptEntries } from '../platform/schema.ts';

const keptBody = z.record(z.string(), z.unknown());
const MOST_KEPT = 200;

const own = (person: Person, id: string) => and(eq(keptEntries.personId, person.id), eq(keptEntries.id, id));

/** Keeps an entry that is not sent yet, for this person alone. What it holds is judged when it is sent. */
export const keepEntry = async (db: Queryable, person: Person, id: string, entry: KeptEntry): Promise<void> => {
  const [row] = await db
    .select({ others: count() })
    .from(keptEntries)
    .where(and(eq(keptEntries.personId, person.id), ne(keptEntries.id, id)));
  if ((row?.others ?? 0) >= MOST_KEPT)
    throw new Refusal('conflict', `You keep ${MOST_KEPT} entries that were not sent. Send or throw away some first.`);
  const { form, version, record: recordId, title, body } = entry;
  const values = { form, version, recordId, title, body, at: new Date() };
  await db
    .insert(keptEntries)
    .values({ id, personId: person.id, ...values })
    .onConflictDoUpdate({ target: [keptEntries.personId, keptEntries.id], set: values });
};

/** The entries a person keeps, the newest first, with the form they are of. */
export const listEntries = async (db: Queryable, definitions: Definitions, person: Person) => {
  const rows = await db
    .select()
    .from(keptEntries)
    .where(eq(keptEntries.personId, person.id))
    .orderBy(desc(keptEntries.at));
  return {
    entries: rows.map(({ id, form, recordId, title, at }) => ({
      id,
      form,
      label: labelOf(definitions, form),
      record: recordId,
      title,
      at: at.toISOString(),
    })),
  };
};

const labelOf = ({ forms, catalogue }: Definitions, key: string): string =>
  forms.get(key)?.open?.document.label ??
  catalogue.registers.get(key.replace(/^\./, ''))?.singular ??
  'a form that is no longer there';

/** An entry this person keeps; 404 where they keep none of that id. */
export const readEntry = async (db: Queryable, person: Person, id: string): Promise<KeptEntry> => {
  const [row] = await db.select().from(keptEntries).where(own(person, id));
  if (!row) throw notFound();
  const { form, version, recordId, title, body } = row;
  return { form, version, record: recordId, title, body: keptBody.parse(body) };
};

/** Throws a kept entry away; nothing happens where there is none. */
export const dropEntry = async (db: Queryable, person: Person, id: string): Promise<void> => {
  await db.delete(keptEntries).where(own(person, id));
};
