import { and, count, desc, eq, ne, sql } from 'drizzle-orm';
import { z } from 'zod';
import type { KeptEntry } from '#contract/index.ts';
import { formIdOf, formKeyOf, formWithId, registerWithId } from '../definitions/ids.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from '../people/person.ts';
import type { Queryable } from '../platform/database.ts';
import { notFound, Refusal } from '../platform/refusal.ts';
import { keptEntries } from '../platform/schema.ts';
import type { ReadContext } from '../records/work.ts';
import { openForm } from './open.ts';

const keptBody = z.record(z.string(), z.unknown());
const MOST_KEPT = 200;
/** All that somebody keeps, as it is stored. */
const MOST_BYTES = 20_000_000;

const own = (person: Person, id: string) => and(eq(keptEntries.personId, person.id), eq(keptEntries.id, id));

/** Keeps an entry that is not sent yet, for this person alone. What it holds is judged when it is sent. */
export const keepEntry = async (look: ReadContext, id: string, entry: KeptEntry): Promise<void> => {
  const { db, definitions, person } = look;
  const { form, version, record: recordId, title, body } = entry;
  // Only what could be filled in is kept; the draft of a form is tried, and not kept.
  await openForm(look, form, false);
  const [row] = await db
    .select({
      others: count(),
      bytes: sql<number>`coalesce(sum(pg_column_size(${keptEntries.body})), 0)::integer`,
    })
    .from(keptEntries)
    .where(and(eq(keptEntries.personId, person.id), ne(keptEntries.id, id)));
  if ((row?.others ?? 0) >= MOST_KEPT)
    throw new Refusal('conflict', `You keep ${MOST_KEPT} entries that were not sent. Send or throw away some first.`);
  if ((row?.bytes ?? 0) + JSON.stringify(body).length > MOST_BYTES)
    throw new Refusal('too_large', 'The entries you keep are too large together. Send or throw away some first.');
  const formId = formIdOf(definitions, form);
  if (formId === null) throw notFound();
  const values = { formId, version, recordId, title, body, at: new Date() };
  await db
    .insert(keptEntries)
    .values({ id, personId: person.id, ...values })
    .onConflictDoUpdate({ target: [keptEntries.personId, keptEntries.id], set: values });
};

/** The entries a person keeps, the newest first, with the form they are of. */
export const listEntries = async ({ db, definitions, person }: ReadContext) => {
  const rows = await db
    .select()
    .from(keptEntries)
    .where(eq(keptEntries.personId, person.id))
    .orderBy(desc(keptEntries.at));
  return {
    entries: rows.map(({ id, formId, recordId, title, at }) => ({
      id,
      form: formKeyOf(definitions, formId) ?? '',
      label: labelOf(definitions, formId),
      record: recordId,
      title,
      at: at.toISOString(),
    })),
  };
};

const labelOf = (definitions: Definitions, id: string): string =>
  formWithId(definitions, id)?.label ?? registerWithId(definitions, id)?.singular ?? 'a form that is no longer there';

/** An entry this person keeps; 404 where they keep none of that id. */
export const readEntry = async ({ db, definitions, person }: ReadContext, id: string): Promise<KeptEntry> => {
  const [row] = await db.select().from(keptEntries).where(own(person, id));
  const form = row ? formKeyOf(definitions, row.formId) : null;
  if (!row || form === null) throw notFound();
  const { version, recordId, title, body } = row;
  return { form, version, record: recordId, title, body: keptBody.parse(body) };
};

/** Throws a kept entry away; nothing happens where there is none. */
export const dropEntry = async (db: Queryable, person: Person, id: string): Promise<void> => {
  await db.delete(keptEntries).where(own(person, id));
};
