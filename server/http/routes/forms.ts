import { isUuid } from '#core/base/index.ts';
import type { Handlers } from '../app.ts';
import { clockOf, signedIn } from '../context.ts';
import { dropEntry, keepEntry, listEntries, readEntry } from '../../forms/kept.ts';
import { lookUp } from '../../forms/look-up.ts';
import { findSame } from '../../forms/duplicates.ts';
import { readForm, sendEntry } from '../../forms/send.ts';
import { listVersions } from '../../forms/versions.ts';

export const formHandlers: Handlers<
  'form' | 'sendEntry' | 'lookUp' | 'same' | 'keptEntries' | 'keptEntry' | 'keepEntry' | 'dropEntry' | 'formVersions'
> = {
  form: (context, { params, query }) => {
    const { person, found } = signedIn(context);
    return readForm(
      context.db,
      found,
      person,
      params.key,
      query.record,
      query.draft === 'yes',
      clockOf(found),
      query.opened,
    );
  },
  sendEntry: (context, { params, body }) => {
    const { person, found } = signedIn(context);
    return sendEntry(context.db, context.reader, person, params.key, body, clockOf(found));
  },
  lookUp: (context, { params, query }) => {
    const { person, found } = signedIn(context);
    return lookUp(
      context.db,
      found,
      person,
      params.key,
      params.question,
      {
        find: query.find,
        answers: query.answers ?? {},
        only: query.only === undefined ? null : query.only.split(',').filter(isUuid),
        key: query.key === undefined ? null : { value: query.key, by: query.by ?? '' },
        limit: query.limit,
      },
      query.draft === 'yes',
      clockOf(found),
    );
  },
  same: (context, { params, query }) => {
    const { person, found } = signedIn(context);
    const asked = { value: query.value, record: query.record ?? null, draft: query.draft === 'yes' };
    return findSame(context.db, found, person, params.key, params.question, asked, clockOf(found));
  },
  formVersions: (context, { params }) => listVersions(context.db, signedIn(context).found, params.key),
  keptEntries: (context) => {
    const { person, found } = signedIn(context);
    return listEntries(context.db, found, person);
  },
  keptEntry: (context, { params }) => readEntry(context.db, signedIn(context).person, params.id),
  keepEntry: async (context, { params, body }) => {
    await keepEntry(context.db, signedIn(context).person, params.id, body);
    return null;
  },
  dropEntry: async (context, { params }) => {
    await dropEntry(context.db, signedIn(context).person, params.id);
    return null;
  },
};
