import { z } from 'zod';
import { formSchema } from '#core/form/index.ts';
import { keySchema } from '#core/values/index.ts';

/** A form as it is published. */
export const formSummarySchema = z.object({ form: formSchema, version: z.int32(), may_fill: z.boolean() });
/** A form as it is published. */
export type FormSummary = z.infer<typeof formSummarySchema>;

/** A form as somebody is making it: how often it was kept, and the version it would become. */
export const draftSchema = z.object({ form: formSchema, revision: z.int(), version: z.int32() });
/** A form as somebody is making it. */
export type DraftAnswer = z.infer<typeof draftSchema>;

/** What there is of drafts, without the drafts. */
export const draftsSchema = z.object({
  drafts: z.array(
    z.object({
      key: keySchema,
      label: z.string(),
      register: keySchema,
      purpose: z.enum(['add', 'change', 'both']),
      questions: z.int(),
      version: z.int32(),
      revision: z.int(),
    }),
  ),
});
/** What there is of drafts. */
export type Drafts = z.infer<typeof draftsSchema>;
