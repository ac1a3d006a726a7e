import { idParams, recordParams } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';
import {
  decidedSchema,
  decisionOutcomesSchema,
  decisionSchema,
  decisionsSchema,
  inTraySchema,
  signOffHistorySchema,
  trayDetailSchema,
} from './schemas.ts';

/** The calls of sign-off. */
export const signOffEndpoints = {
  signOffHistory: endpoint(paths.signOffHistory, 'The sign-off of a record: every decision with what was seen', {
    params: recordParams,
    answer: signOffHistorySchema,
  }),
  inTray: endpoint(paths.inTray, 'What waits for this person', { answer: inTraySchema }),
  trayDetail: endpoint(paths.trayDetail, 'What a signer needs to decide one thing', {
    params: idParams,
    answer: trayDetailSchema,
  }),
  decide: endpoint(paths.decide, 'Approve, send back, refuse; withdraw, pass on, stop, open again; undo', {
    params: idParams,
    body: decisionSchema,
    answer: decidedSchema,
    by: 'people',
  }),
  decideMany: endpoint(paths.decideMany, 'Decide on many, each with its own check', {
    body: decisionsSchema,
    answer: decisionOutcomesSchema,
    by: 'people',
  }),
};
