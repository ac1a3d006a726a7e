import { z } from 'zod';
import { roleSchema } from '../access/index.ts';
import { findDate } from '../base/index.ts';
import { formSchema } from '../form/index.ts';
import { listSchema } from '../list/index.ts';
import { choiceListSchema, registerSchema } from '../register/index.ts';
import { routeSchema } from '../signoff/index.ts';
import { keySchema, labelSchema } from '../values/index.ts';

const daySchema = z.string().refine((text) => findDate(text) !== null, 'A holiday is a day such as 2026-12-25.');

/** The workspace file: every definition in one document that can be reviewed, compared and applied. */
export const workspaceSchema = z.strictObject({
  iolite: z.literal(1),
  name: labelSchema,
  locale: z.string().max(35),
  zone: z.string().max(64),
  currency: z.string().regex(/^[A-Z]{3}$/),
  /** Days on which nobody works, besides Saturdays and Sundays; for working days. */
  holidays: z.array(daySchema).max(2000).default([]),
  /** The day a week begins with, where it is another than the locale says: 1 is Monday, 7 is Sunday. */
  week_begins: z.int().min(1).max(7).optional(),
  /** The register whose records are people, and its field with their e-mail: by it `me.record` is found. */
  people: z.strictObject({ register: keySchema, email: keySchema }).nullable().default(null),
  choice_lists: z.array(choiceListSchema),
  registers: z.array(registerSchema),
  roles: z.array(roleSchema),
  forms: z.array(formSchema),
  routes: z.array(routeSchema),
  /** The lists that are shared. */
  lists: z.array(listSchema).default([]),
});
export type Workspace = z.infer<typeof workspaceSchema>;
