import type { z } from 'zod';
import type { csvImportSchema } from '#contract/index.ts';
import { lookAs } from '../../access/work.ts';
import { beginImport, beginUndoing, listImports, readImport } from '../../lists/imports.ts';
import type { Tx } from '../../platform/database.ts';
import { inTransaction } from '../../platform/locks.ts';
import { notFound } from '../../platform/refusal.ts';
import type { Look } from '../../records/work.ts';
import { type Context, type Handlers, lookOf, signedIn } from '../context.ts';
import { readJob } from './jobs.ts';

/** Begins a job of the person's in one transaction, and tells how it stands. */
const beginning = async (context: Context, begin: (tx: Tx, look: Look) => Promise<string>) => {
  const { person, definitions } = signedIn(context);
  const id = await inTransaction(context.db, (tx) => begin(tx, lookAs(tx, definitions, person)));
  return readJob(context, id);
};

const beginFile = (
  context: Context,
  key: string,
  kind: 'rehearsal' | 'import',
  body: z.output<typeof csvImportSchema>,
) =>
  beginning(context, (tx, look) => {
    const register = look.sight.catalogue.registers.get(key);
    if (!register) throw notFound();
    return beginImport(tx, look, kind, register, body);
  });

/** CSV files on their way in. */
export const csvHandlers: Handlers<'rehearseCsv' | 'importCsv' | 'csvImports' | 'csvState' | 'undoCsv'> = {
  rehearseCsv: (context, { params, body }) => beginFile(context, params.key, 'rehearsal', body),
  importCsv: (context, { params, body }) => beginFile(context, params.key, 'import', body),
  csvImports: async (context, { params }) => {
    const look = lookOf(context);
    const register = look.sight.catalogue.registers.get(params.key);
    if (!register) throw notFound();
    return { imports: await listImports(look, register) };
  },
  csvState: (context, { params }) => readImport(lookOf(context), params.id),
  undoCsv: (context, { params }) => beginning(context, (tx, look) => beginUndoing(tx, look, params.id)),
};
