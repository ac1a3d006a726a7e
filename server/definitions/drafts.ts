import { and, asc, eq, sql } from 'drizzle-orm';
import { type Form, formSchema } from '#core/form/index.ts';
import { type Route, routeSchema } from '#core/signoff/index.ts';
import type { Queryable } from '../platform/database.ts';
import { drafts } from '../platform/schema.ts';

/** What drafts are kept of. */
interface Drafted {
  readonly form: Form;
  readonly route: Route;
}
type DraftKind = keyof Drafted;

const PARSE: { readonly [K in DraftKind]: (document: unknown) => Drafted[K] } = {
  form: (document) => formSchema.parse(document),
  route: (document) => routeSchema.parse(document),
};

/** A form or a route as somebody is making it. */
export interface Draft<K extends DraftKind = 'form'> {
  readonly document: Drafted[K];
  readonly revision: number;
  readonly at: Date;
}

const toDraft = <K extends DraftKind>(kind: K, { document, revision, at }: typeof drafts.$inferSelect): Draft<K> => ({
  document: PARSE[kind](document),
  revision,
  at,
});

const at = (kind: DraftKind, key: string) => and(eq(drafts.kind, kind), eq(drafts.key, key));

/** The draft of a form or a route, or null. */
export const findDraft = async <K extends DraftKind>(db: Queryable, kind: K, key: string): Promise<Draft<K> | null> => {
  const [row] = await db.select().from(drafts).where(at(kind, key));
  return row ? toDraft(kind, row) : null;
};

/** Every draft there is of forms, or of routes. */
export const readDrafts = async <K extends DraftKind>(db: Queryable, kind: K): Promise<Draft<K>[]> =>
  (await db.select().from(drafts).where(eq(drafts.kind, kind)).orderBy(asc(drafts.key))).map((row) =>
    toDraft(kind, row),
  );

/** Keeps a draft, written over the one before; gives its revision. */
export const keepDraft = async <K extends DraftKind>(
  db: Queryable,
  kind: K,
  document: Drafted[K],
  by: string,
): Promise<number> => {
  const kept = { document, by, at: new Date() };
  const [row] = await db
    .insert(drafts)
    .values({ kind, key: document.key, revision: 1, ...kept })
    .onConflictDoUpdate({
      target: [drafts.kind, drafts.key],
      set: { ...kept, revision: sql`${drafts.revision} + 1` },
    })
    .returning({ revision: drafts.revision });
  return row?.revision ?? 1;
};

/** A draft has become a version of what it is of, or was thrown away. */
export const dropDraft = async (db: Queryable, kind: DraftKind, key: string): Promise<void> => {
  await db.delete(drafts).where(at(kind, key));
};

/** Writes every draft anew, where a field it names got a new key. */
export const rewriteDrafts = async (
  db: Queryable,
  form: (form: Form) => Form,
  route: (route: Route) => Route,
): Promise<void> => {
  const rewritten = [
    ...(await readDrafts(db, 'form')).map(({ document }) => ({ kind: 'form' as const, document: form(document) })),
    ...(await readDrafts(db, 'route')).map(({ document }) => ({ kind: 'route' as const, document: route(document) })),
  ];
  for (const { kind, document } of rewritten)
    await db
      .update(drafts)
      .set({ document, revision: sql`${drafts.revision} + 1` })
      .where(at(kind, document.key));
};
