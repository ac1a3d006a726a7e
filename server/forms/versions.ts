import type { z } from 'zod';
import type { formVersionsSchema } from '#contract/index.ts';
import { compileForm, formSchema } from '#core/form/index.ts';
import { readVersions } from '../definitions/versions.ts';
import type { ReadContext } from '../records/work.ts';

/** Every version a form has had, the newest first, each with why it would not fit its register now. */
export const listVersions = async (
  { db, definitions: { forms, catalogue } }: ReadContext,
  key: string,
): Promise<z.input<typeof formVersionsSchema>> => {
  const kept = await readVersions(db, 'form', key);
  const open = forms.get(key)?.open?.version;
  return {
    versions: kept.map(({ document, ...version }) => {
      const form = formSchema.parse(document);
      const compiled = compileForm(form, catalogue);
      return {
        ...version,
        form,
        problems: compiled.ok ? [] : compiled.problems.map((each) => each.detail),
        open: version.version === open,
      };
    }),
  };
};
