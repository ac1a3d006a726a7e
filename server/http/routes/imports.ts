import type { Express } from 'express';
import { streams } from '#contract/index.ts';
import { LARGEST_SPREADSHEET } from '#core/spreadsheet/index.ts';
import { type Brought, beginImport, beginUndoing, changeImport, dropImport } from '../../imports/begin.ts';
import { carryOutImport } from '../../imports/carry-out.ts';
import { listImports, readImport, refusedCsv } from '../../imports/state.ts';
import type { Tx } from '../../platform/database.ts';
import { inTransaction } from '../../platform/locks.ts';
import { notFound } from '../../platform/refusal.ts';
import type { ReadContext } from '../../records/work.ts';
import { lookAs } from '../../sight/work.ts';
import { bindGiving, bindTaking } from '../bind.ts';
import { type Context, type Handlers, type Identify, lookOf, signedIn } from '../context.ts';

const within = <T>(context: Context, run: (tx: Tx, look: ReadContext) => Promise<T>): Promise<T> => {
  const { person, definitions } = signedIn(context);
  return inTransaction(context.db, (tx) => run(tx, lookAs(tx, definitions, person)));
};

const bring = async (context: Context, brought: Brought) =>
  readImport(lookOf(context), await within(context, (tx, look) => beginImport(tx, look, brought)));

/** Spreadsheets on their way in. */
export const importHandlers: Handlers<
  'beginImport' | 'imports' | 'importState' | 'changeImport' | 'carryOutImport' | 'undoImport' | 'dropImport'
> = {
  beginImport: (context, { body: { text, ...body } }) => bring(context, { ...body, bytes: Buffer.from(text, 'utf8') }),
  imports: async (context, { query }) => {
    const look = lookOf(context);
    if (query.register === undefined) return { imports: await listImports(look, null) };
    const register = look.sight.catalogue.registers.get(query.register);
    if (!register) throw notFound();
    return { imports: await listImports(look, register) };
  },
  importState: (context, { params }) => readImport(lookOf(context), params.id),
  changeImport: async (context, { params, body }) => {
    await within(context, (tx, look) => changeImport(tx, look, params.id, body));
    return readImport(lookOf(context), params.id);
  },
  carryOutImport: async (context, { params, body }) => {
    await carryOutImport(context.db, context.setUp, lookOf(context), params.id, body.revision);
    // By then there may be a register that this request has not met.
    const definitions = await context.reader.read(context.db);
    return readImport(lookAs(context.db, definitions, signedIn(context).person), params.id);
  },
  undoImport: async (context, { params }) => {
    await within(context, (tx, look) => beginUndoing(tx, look, params.id));
    return readImport(lookOf(context), params.id);
  },
  dropImport: async (context, { params }) => {
    await within(context, (tx, look) => dropImport(tx, look, params.id));
    return null;
  },
};

/** Spreadsheets come as bytes too; the rows that stayed out go as such. */
export const serveImports = (app: Express, identify: Identify): void => {
  bindTaking(app, streams.beginImportOfFile, LARGEST_SPREADSHEET, identify, (context, { query, body: bytes }) =>
    bring(context, { bytes, name: query.name, into: query.into ?? null, reading: {}, plan: {} }),
  );
  bindGiving(app, streams.refusedRows, identify, async (context, { params, response }) => {
    const { name, text } = await refusedCsv(lookOf(context), params.id);
    response
      .type('text/csv')
      .set('content-disposition', `attachment; filename*=UTF-8''${encodeURIComponent(name)}`)
      .send(text);
  });
};
