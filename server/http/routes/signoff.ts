import { decide } from '../../signoff/decide.ts';
import { readInTray } from '../../signoff/in-tray.ts';
import { type Handlers, lookOf, writingFor } from '../context.ts';

/** The in-tray, and deciding. */
export const signOffHandlers: Handlers<'inTray' | 'decide'> = {
  inTray: (context) => readInTray(lookOf(context)),
  decide: (context, { params, body }) => writingFor(context, (work) => decide(work, params.id, body)),
};
