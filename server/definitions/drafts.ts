import { asc, eq, sql } from 'drizzle-orm';
import { type Form, formSchema } from '#core/form/index.ts';
import type { Queryable } from '../platform/database.ts';
import { drafts } from '../platform/schema.ts';

/** A form as somebody is making it. */
export interface Draft {
  readonly form: Form;
  readonly revision: number;
  readonly at: Date;
}

const toDraft = ({ document, revision, at }: typeof drafts.$inferSelect): Draft => ({
  form: formSchema.parse(document),
  revision,
  at,
});

/** The draft of a form, or null. */
export const findDraft = async (db: Queryable, key: string): Promise<Draft | null> => {
  const [row] = await db.select().from(drafts).where(eq(drafts.form, key));
  return row ? toDraft(row) : null;
};

/** Every draft there is. */
export const readDrafts = async (db: Queryable): Promise<Draft[]> =>
  (await db.select().from(drafts).orderBy(asc(drafts.form))).map(toDraft);

/** Keeps a draft, written over the one before; gives its revision. */
export const keepDraft = async (db: Queryable, form: Form, by: string): Promise<number> => {
  const kept = { document: form, by, at: new Date() };
  const [row] = await db
    .insert(drafts)
    .values({ form: form.key, revision: 1, ...kept })
    .onConflictDoUpdate({ target: drafts.form, set: { ...kept, revision: sql`${drafts.revision} + 1` } })
    .returning({ revision: drafts.revision });
  return row?.revision ?? 1;
};

/** A draft has become a version of its form. */
export const dropDraft = async (db: Queryable, key: string): Promise<void> => {
  await db.delete(drafts).where(eq(drafts.form, key));
};

/** Writes every draft anew, where a field it names got a new key. */
export const rewriteDrafts = async (db: Queryable, rewrite: (form: Form) => Form): Promise<void> => {
  for (const { form } of await readDrafts(db))
    await db
      .update(drafts)
      .set({ document: rewrite(form), revision: sql`${drafts.revision} + 1` })
      .where(eq(drafts.form, form.key));
};
