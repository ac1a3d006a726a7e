import { and, desc, eq } from 'drizzle-orm';
import type { z } from 'zod';
import type { formVersionsSchema } from '#contract/index.ts';
import { compileForm, formSchema } from '#core/form/index.ts';
import { notFound } from '../platform/refusal.ts';
import { definitions, people } from '../platform/schema.ts';
import type { Look } from '../records/work.ts';

/** Every version a form has had, the newest first, each with why it would not fit its register now. */
export const listVersions = async (
  { db, definitions: { forms, catalogue } }: Look,
  key: string,
): Promise<z.input<typeof formVersionsSchema>> => {
  const rows = await db
    .select({ definition: definitions, by: people.name })
    .from(definitions)
    .leftJoin(people, eq(people.id, definitions.createdBy))
    .where(and(eq(definitions.kind, 'form'), eq(definitions.key, key)))
    .orderBy(desc(definitions.version));
  if (rows.length === 0) throw notFound();
  const open = forms.get(key)?.open?.version;
  return {
    versions: rows.map(({ definition: { version, status, createdAt, document }, by }) => {
      const form = formSchema.parse(document);
      const compiled = compileForm(form, catalogue);
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
