import { z } from 'zod';
import { givenValuesSchema, idParams, keyParams, uuidSchema } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';
import { foreseenAnswerSchema } from '../sign-off/schemas.ts';
import {
  duplicatesSchema,
  entrySchema,
  formAnswerSchema,
  jsonParameter,
  keptEntriesSchema,
  keptEntrySchema,
  lookUpSchema,
  openedSchema,
  registrationFormSchema,
  sentSchema,
} from './schemas.ts';

/** The calls of filling in. */
export const entriesEndpoints = {
  registrationForm: endpoint(paths.registrationForm, 'A form by which strangers register', {
    params: keyParams,
    answer: registrationFormSchema,
    open: true,
  }),
  register: endpoint(paths.register, 'Register by a form: stored once the address is confirmed', {
    params: keyParams,
    body: entrySchema,
    open: true,
  }),
  usedForms: endpoint(paths.usedForms, 'How often this person sent each form within half a year', {
    answer: z.object({ forms: z.record(z.string(), z.int()) }),
  }),
  form: endpoint(paths.form, 'A form as this person gets it', {
    params: keyParams,
    query: z.object({
      record: uuidSchema.optional(),
      draft: z.enum(['yes']).optional(),
      opened: jsonParameter(openedSchema).optional(),
    }),
    answer: formAnswerSchema,
  }),
  whoSignsForm: endpoint(paths.whoSignsForm, 'Who will sign answers that are not sent yet', {
    params: keyParams,
    body: z.strictObject({ values: givenValuesSchema, record: uuidSchema.optional() }),
    answer: foreseenAnswerSchema,
  }),
  sendEntry: endpoint(paths.sendEntry, 'Send an entry', {
    params: keyParams,
    body: entrySchema,
    answer: sentSchema,
    status: 201,
    by: 'devices',
  }),
  lookUp: endpoint(paths.lookUp, 'What a look-up offers this person', {
    params: z.object({ key: z.string(), question: z.string() }),
    query: z.object({
      find: z.string().max(200).default(''),
      draft: z.enum(['yes']).optional(),
      /** The answers so far, where what is offered follows from them. */
      answers: jsonParameter(z.record(z.string(), z.unknown())).optional(),
      /** Only these records, by commas: one just added, or those used last. */
      only: z.string().max(1000).optional(),
      /** The key by which another question fetches a record. */
      key: z.string().max(500).optional(),
      by: z.string().max(48).optional(),
      limit: z.coerce.number().int().min(1).max(100).default(12),
    }),
    answer: lookUpSchema,
  }),
  duplicates: endpoint(paths.duplicates, 'Other records that hold the same', {
    params: z.object({ key: z.string(), question: z.string() }),
    query: z.object({
      value: jsonParameter(z.unknown()),
      record: uuidSchema.optional(),
      draft: z.enum(['yes']).optional(),
    }),
    answer: duplicatesSchema,
  }),
  keptEntries: endpoint(paths.keptEntries, 'The entries this person has not sent yet', { answer: keptEntriesSchema }),
  keptEntry: endpoint(paths.keptEntry, 'An entry that is not sent yet', { params: idParams, answer: keptEntrySchema }),
  keepEntry: endpoint(paths.keepEntry, 'Keep an entry that is not sent yet', {
    params: idParams,
    body: keptEntrySchema,
    by: 'devices',
  }),
  dropEntry: endpoint(paths.dropEntry, 'Throw a kept entry away', { params: idParams, by: 'devices' }),
};
