import { and, desc, eq } from 'drizzle-orm';
import type { z } from 'zod';
import type { formVersionsSchema } from '#contract/index.ts';
import { compileForm, formSchema } from '#core/form/index.ts';
import type { Queryable } from '../platform/database.ts';
import { definitions, people } from '../platform/schema.ts';
import type { Definitions } from '../definitions/store.ts';
import { notFound } from '../http/problem.ts';

/** Every version a form has had, the newest first, each with why it would not fit its register now. */
export const listVersions = async (
  tx: Queryable,
  found: Definitions,
  key: string,
): Promise<z.input<typeof formVersionsSchema>> => {
  const rows = await tx
    .select({ definition: definitions, by: people.name })
    .from(definitions)
    .leftJoin(people, eq(people.id, definitions.createdBy))
    .where(and(eq(definitions.kind, 'form'), eq(definitions.key, key)))
    .orderBy(desc(definitions.version));
  if (rows.length === 0) throw notFound();
  const open = found.forms.get(key)?.open?.version;
  return {
    versions: rows.map(({ definition: { version, status, createdAt, document }, by }) => {
      const form = formSchema.parse(document);
      const compiled = compileForm(form, found.catalogue);
      return {
        version,
        status,
        at: createdAt.toISOString(),
        by,
        form,
        problems: compiled.ok ? [] : compiled.problems.map((each) => each.detail),
        open: version === open,
      };
    }),
  };
};
