import { holdDefinitions, inTransaction } from '../db/locks.ts';
import type { Handlers } from '../http/app.ts';
import { clockOf, signedIn } from '../http/context.ts';
import { decide, readInTray } from './service.ts';

export const signOffHandlers: Handlers<'inTray' | 'decide'> = {
  inTray: (context) => {
    const { person, found } = signedIn(context);
    return readInTray(context.db, found, person);
  },
  decide: (context, { params, body }) => {
    const { person } = signedIn(context);
    return inTransaction(context.db, async (tx) => {
      await holdDefinitions(tx);
      const found = await context.reader.read(tx);
      return decide(tx, found, params.id, body, person, clockOf(found));
    });
  },
};
