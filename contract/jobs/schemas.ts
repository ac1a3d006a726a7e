import { z } from 'zod';
import { momentSchema, uuidSchema } from '../basics.ts';

/* Long work. */

/** Long work: a client asks for it again, or hears of it, until its state is one of the last three. */
export const jobSchema = z.object({
  id: uuidSchema,
  label: z.string(),
  state: z.enum(['waiting', 'running', 'done', 'stopped', 'failed']),
  begun_at: momentSchema,
  /** How much of how much is done, as far as that is known. */
  done: z.int().nullable(),
  total: z.int().nullable(),
  result: z.unknown(),
  /** What came of it, in a sentence; '' until something did. */
  says: z.string(),
  /** Why the last try failed. */
  problem: z.string().nullable(),
  /** Somebody wants it stopped. */
  stopping: z.boolean(),
});
/** Long work. */
export type JobAnswer = z.infer<typeof jobSchema>;

/** Long work, the newest first. */
export const jobsSchema = z.object({ jobs: z.array(jobSchema) });
