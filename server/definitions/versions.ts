import { and, desc, eq } from 'drizzle-orm';
import type { Queryable } from '../platform/database.ts';
import { notFound } from '../platform/refusal.ts';
import { definitions, people } from '../platform/schema.ts';
import type { DefinitionKind } from './store.ts';

/** A version of a definition, who published it when, and the document as it was. */
export interface KeptVersion {
  readonly version: number;
  readonly status: 'published' | 'retired';
  readonly at: string;
  readonly by: string | null;
  readonly document: unknown;
}

/** Every version a definition has had, the newest first; refused as not there where it never had one. */
export const readVersions = async (db: Queryable, kind: DefinitionKind, key: string): Promise<KeptVersion[]> => {
  const rows = await db
    .select({ definition: definitions, by: people.name })
    .from(definitions)
    .leftJoin(people, eq(people.id, definitions.createdBy))
    .where(and(eq(definitions.kind, kind), eq(definitions.key, key)))
    .orderBy(desc(definitions.version));
  if (rows.length === 0) throw notFound();
  return rows.map(({ definition: { version, status, createdAt, document }, by }) => ({
    version,
    status,
    at: createdAt.toISOString(),
    by,
    document,
  }));
};
