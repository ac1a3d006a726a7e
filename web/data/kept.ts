import { z } from 'zod';
import { fileSchema, linkedSchema, recordValuesSchema } from '#contract/index.ts';

const values = recordValuesSchema;

const entrySchema = z.object({
  id: z.string(),
  typed: values,
  unread: z.record(z.string(), z.string()),
  snapshots: z.record(z.string(), z.object({ record: z.string(), taken: z.number(), fills: values })),
  record: values.nullable(),
  begun: values.default({}),
  /** Records made along with it; what is made along makes none in its turn. */
  get made() {
    return z.record(z.string(), z.object({ at: z.string(), taken: z.number(), entry: entrySchema })).default({});
  },
});

const keptSchema = z.object({
  entry: entrySchema,
  links: z.record(z.string(), linkedSchema),
  files: z.record(z.string(), fileSchema).default({}),
  page: z.number().default(0),
  version: z.number(),
  at: z.string().default(''),
});
/** An entry as it is kept between reloads, on this device and on the server. */
export type Kept = z.infer<typeof keptSchema>;

/** What was kept, or null where it is nothing of ours. */
export const readKept = (body: unknown): Kept | null => keptSchema.safeParse(body).data ?? null;

/** As `readKept`, of the text that stands in this device's storage; null also where nothing does. */
export const readKeptText = (text: string | null): Kept | null => {
  try {
    return text === null ? null : readKept(JSON.parse(text));
  } catch {
    return null;
  }
};
