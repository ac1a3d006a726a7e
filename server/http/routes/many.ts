import { beginMany, readMany, undoMany } from '../../lists/many/many.ts';
import { type Context, type Handlers, lookOf, signedIn, writingFor } from '../context.ts';

/** What is short is done while whoever asks waits: nobody listens how far it has come. */
const doing = (context: Context) => {
  signedIn(context);
  return {
    db: context.db,
    writing: <T>(_person: unknown, run: Parameters<typeof writingFor<T>>[1]) => writingFor(context, run),
    progress: async () => undefined,
  };
};

/** One change of many records. */
export const manyHandlers: Handlers<'changeMany' | 'many' | 'undoMany'> = {
  changeMany: (context, { params, body }) => beginMany(lookOf(context), doing(context), params.key, body),
  many: (context, { params }) => readMany(lookOf(context), params.id),
  undoMany: (context, { params }) => undoMany(lookOf(context), doing(context), params.id),
};
