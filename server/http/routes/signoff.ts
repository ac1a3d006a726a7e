import { inWriting } from '../../definitions/writing.ts';
import type { Handlers } from '../app.ts';
import { clockOf, signedIn } from '../context.ts';
import { decide, readInTray } from '../../signoff/service.ts';

export const signOffHandlers: Handlers<'inTray' | 'decide'> = {
  inTray: (context) => {
    const { person, found } = signedIn(context);
    return readInTray(context.db, found, person);
  },
  decide: (context, { params, body }) => {
    const { person } = signedIn(context);
    return inWriting(context, async (tx, found) => {
      return decide(tx, found, params.id, body, person, clockOf(found));
    });
  },
};
