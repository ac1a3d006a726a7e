import { idParams, keyParams } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';
import { manySchema, manyStateSchema } from './schemas.ts';

/** The calls of changing many records at once. */
export const manyEndpoints = {
  changeMany: endpoint(paths.changeMany, 'Change many records at once, or rehearse it; a job where it is long', {
    params: keyParams,
    body: manySchema,
    answer: manyStateSchema,
  }),
  many: endpoint(paths.many, 'How far a change of many records has come', {
    params: idParams,
    answer: manyStateSchema,
  }),
  undoMany: endpoint(paths.undoMany, 'Undo what a change of many records did, as one', {
    params: idParams,
    answer: manyStateSchema,
  }),
};
