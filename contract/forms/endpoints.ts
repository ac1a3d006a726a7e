import { z } from 'zod';
import { formSchema } from '#core/form/index.ts';
import { anywaySchema, keyParams } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { formVersionsSchema } from '../entries/schemas.ts';
import { paths } from '../paths.ts';
import { draftSchema, draftsSchema, formSummarySchema } from './schemas.ts';

/** The calls of forms as they are made. */
export const formsEndpoints = {
  drafts: endpoint(paths.drafts, 'The forms somebody is making', { answer: draftsSchema, setup: 'forms' }),
  draft: endpoint(paths.draft, 'A form as somebody is making it', {
    params: keyParams,
    answer: draftSchema,
    setup: 'forms',
  }),
  keepForm: endpoint(paths.keepForm, 'Keep a draft of a form', {
    params: keyParams,
    body: formSchema,
    answer: draftSchema,
    setup: 'forms',
  }),
  publishForm: endpoint(paths.publishForm, 'Publish the draft: who may fill it in, and who may see the register', {
    params: keyParams,
    query: anywaySchema,
    body: z.strictObject({ fill_in_by: z.array(z.string()), seen_by: z.array(z.string()) }),
    answer: formSummarySchema,
    setup: 'forms',
  }),
  formVersions: endpoint(paths.formVersions, 'Every version of a form', {
    params: keyParams,
    answer: formVersionsSchema,
    setup: 'forms',
  }),
};
