import { z } from 'zod';
import { keyParams, recordParams, uuidSchema } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { sentSchema } from '../entries/schemas.ts';
import { paths } from '../paths.ts';
import {
  changeSchema,
  historySchema,
  importSchema,
  linkedGroupsSchema,
  newRecordSchema,
  recordDetailSchema,
} from './schemas.ts';

/** The calls of records. */
export const recordsEndpoints = {
  addRecord: endpoint(paths.addRecord, 'Add one record', {
    params: keyParams,
    body: newRecordSchema,
    answer: sentSchema,
    status: 201,
  }),
  importRecords: endpoint(paths.importRecords, 'Add up to 500 records in one transaction', {
    params: keyParams,
    body: importSchema,
    answer: z.object({ stored: z.int() }),
    setup: 'registers',
    status: 201,
  }),
  record: endpoint(paths.record, 'One record, with its sign-off', { params: recordParams, answer: recordDetailSchema }),
  changeRecord: endpoint(paths.changeRecord, 'Change fields of a record', {
    params: recordParams,
    body: changeSchema,
    answer: recordDetailSchema,
  }),
  linked: endpoint(paths.linked, 'What points to a record, register by register', {
    params: recordParams,
    answer: linkedGroupsSchema,
  }),
  archiveRecord: endpoint(
    paths.archiveRecord,
    'Archive a record: it leaves lists and look-ups, keeps its links, and can be brought back',
    { params: recordParams, query: z.object({ anyway: z.enum(['yes']).optional(), move_to: uuidSchema.optional() }) },
  ),
  bringBackRecord: endpoint(paths.bringBackRecord, 'Bring an archived record back', { params: recordParams }),
  history: endpoint(paths.history, 'Who changed what, newest first', { params: recordParams, answer: historySchema }),
};
