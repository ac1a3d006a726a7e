import { and, asc, eq, isNull, or, sql } from 'drizzle-orm';
import { type List, listSchema } from '#core/list/index.ts';
import type { Queryable, Tx } from '../platform/database.ts';
import { lists } from '../platform/schema.ts';

/** A list as it is kept. */
export interface KeptList {
  readonly list: List;
  /** Whose own it is; null: it is shared. */
  readonly owner: string | null;
  readonly revision: number;
  readonly retired: boolean;
}

const toKept = ({ document, owner, revision, retiredAt }: typeof lists.$inferSelect): KeptList => ({
  list: listSchema.parse(document),
  owner,
  revision,
  retired: retiredAt !== null,
});

/** Every list that is shared, and a person's own, in the order they were made. */
export const readLists = async (db: Queryable, person: string): Promise<KeptList[]> =>
  (
    await db
      .select()
      .from(lists)
      .where(or(isNull(lists.owner), eq(lists.owner, person)))
      .orderBy(asc(lists.position))
  ).map(toKept);

/** A list by its key, whosever it is; null where there is none. */
export const findList = async (db: Queryable, key: string): Promise<KeptList | null> => {
  const [row] = await db.select().from(lists).where(eq(lists.key, key));
  return row ? toKept(row) : null;
};

/** Keeps a list as it was not kept before; null where somebody else did so meanwhile. */
export const addList = async (
  db: Queryable,
  list: List,
  { owner, by }: { readonly owner: string | null; readonly by: string | null },
): Promise<KeptList | null> => {
  const [row] = await db
    .insert(lists)
    .values({ key: list.key, owner, revision: 1, document: list, changedBy: by })
    .onConflictDoNothing()
    .returning();
  return row ? toKept(row) : null;
};

/** Writes a list over, and brings it back where it was retired; null where it is not what was seen any more. */
export const changeList = async (tx: Tx, list: List, revision: number, by: string): Promise<KeptList | null> => {
  const [row] = await tx
    .update(lists)
    .set({ document: list, revision: revision + 1, changedBy: by, retiredAt: null })
    .where(and(eq(lists.key, list.key), eq(lists.revision, revision)))
    .returning();
  return row ? toKept(row) : null;
};

/** A list that is offered no more. */
export const retireList = async (tx: Tx, key: string, by: string): Promise<void> => {
  await tx
    .update(lists)
    .set({ retiredAt: new Date(), changedBy: by, revision: sql`${lists.revision} + 1` })
    .where(eq(lists.key, key));
};

/** Writes every list anew, where a field it names got a new key. */
export const rewriteLists = async (tx: Tx, rewrite: (list: List) => List): Promise<void> => {
  for (const { key, document } of await tx.select().from(lists)) {
    const before = listSchema.parse(document);
    const after = rewrite(before);
    if (JSON.stringify(after) === JSON.stringify(before)) continue;
    await tx
      .update(lists)
      .set({ document: after, revision: sql`${lists.revision} + 1` })
      .where(eq(lists.key, key));
  }
};
