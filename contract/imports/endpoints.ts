import { z } from 'zod';
import { idParams } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';
import { importChangeSchema, importStateSchema, importsSchema, importTextSchema } from './schemas.ts';

/** The calls of spreadsheets that are brought in. */
export const importsEndpoints = {
  beginImport: endpoint(
    paths.beginImport,
    'Begin to bring a spreadsheet in, as text here or as the bytes of a file: it is read, and what shall become of it guessed',
    { body: importTextSchema, answer: importStateSchema, status: 202 },
  ),
  imports: endpoint(paths.imports, 'The spreadsheets this person brought in of late', {
    query: z.object({ register: z.string().max(48).optional() }),
    answer: importsSchema,
  }),
  importState: endpoint(paths.importState, 'What was found in a spreadsheet, what shall become of it, how far it is', {
    params: idParams,
    answer: importStateSchema,
  }),
  changeImport: endpoint(paths.changeImport, 'Change what shall become of a spreadsheet; it is looked through anew', {
    params: idParams,
    body: importChangeSchema,
    answer: importStateSchema,
    status: 202,
  }),
  carryOutImport: endpoint(
    paths.carryOutImport,
    'Make what a spreadsheet makes, and begin to store its rows; those that do not fit stay out',
    { params: idParams, body: z.strictObject({ revision: z.int() }), answer: importStateSchema, status: 202 },
  ),
  undoImport: endpoint(paths.undoImport, 'Begin to undo all that a spreadsheet brought in', {
    params: idParams,
    answer: importStateSchema,
    status: 202,
  }),
  dropImport: endpoint(paths.dropImport, 'Throw a spreadsheet away that was not brought in', { params: idParams }),
};
