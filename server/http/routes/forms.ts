import { isUuid } from '#core/base/index.ts';
import { findDuplicates } from '../../forms/duplicates.ts';
import { dropEntry, keepEntry, listEntries, readEntry } from '../../forms/kept.ts';
import { lookUp } from '../../forms/look-up.ts';
import { readForm } from '../../forms/read-form.ts';
import { sendEntry } from '../../forms/send-entry.ts';
import { readUsed } from '../../forms/used.ts';
import { listVersions } from '../../forms/versions.ts';
import { askPasswordAgain } from '../../identity/passwords.ts';
import { sourceOf } from '../../identity/tries.ts';
import { type Handlers, lookOf, signedIn, writingFor } from '../context.ts';

/** Forms as they are filled in. */
export const formHandlers: Handlers<
  | 'form'
  | 'usedForms'
  | 'sendEntry'
  | 'lookUp'
  | 'duplicates'
  | 'keptEntries'
  | 'keptEntry'
  | 'keepEntry'
  | 'dropEntry'
  | 'formVersions'
> = {
  usedForms: async (context) => ({ forms: await readUsed(lookOf(context)) }),
  form: (context, { params, query }) =>
    readForm(lookOf(context), {
      form: params.key,
      record: query.record,
      draft: query.draft === 'yes',
      opened: query.opened,
    }),
  sendEntry: async (context, { params, body, request }) => {
    const { person, definitions } = signedIn(context);
    const { password, ...entry } = body;
    if (definitions.forms.get(params.key)?.open?.document.password_again) {
      const { db, demonstration } = context;
      await askPasswordAgain(db, person, { password, source: sourceOf(request.ip), demonstration });
    }
    return writingFor(context, (work) => sendEntry(work, params.key, entry));
  },
  lookUp: (context, { params, query }) =>
    lookUp(lookOf(context), params.key, params.question, {
      find: query.find,
      answers: query.answers ?? {},
      only: query.only === undefined ? null : query.only.split(',').filter(isUuid),
      key: query.key === undefined ? null : { value: query.key, by: query.by ?? '' },
      limit: query.limit,
      draft: query.draft === 'yes',
    }),
  duplicates: (context, { params, query }) =>
    findDuplicates(lookOf(context), {
      form: params.key,
      question: params.question,
      value: query.value,
      record: query.record ?? null,
      draft: query.draft === 'yes',
    }),
  formVersions: (context, { params }) => listVersions(lookOf(context), params.key),
  keptEntries: (context) => listEntries(lookOf(context)),
  keptEntry: (context, { params }) => readEntry(lookOf(context), params.id),
  keepEntry: async (context, { params, body }) => {
    await keepEntry(lookOf(context), params.id, body);
    return null;
  },
  dropEntry: async (context, { params }) => {
    await dropEntry(context.db, signedIn(context).person, params.id);
    return null;
  },
};
