import type { Handlers } from '../http/app.ts';
import { clockOf, signedIn } from '../http/context.ts';
import { lookUp, readForm, sendEntry } from './service.ts';

export const formHandlers: Handlers<'form' | 'sendEntry' | 'lookUp'> = {
  form: (context, { params, query }) => {
    const { person, found } = signedIn(context);
    return readForm(context.db, found, person, params.key, query.record, query.draft === 'yes', clockOf(found));
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
      query.find,
      query.draft === 'yes',
      clockOf(found),
    );
  },
};
