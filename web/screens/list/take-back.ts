import { sayDid } from '#core/list/index.ts';
import { call } from '../../data/client.ts';
import { ASKED_MS, isOver, queries, queryClient } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { storeFields } from '../../fields/asking/use-change.ts';
import { sayRows } from '../../fields/bringing/say-rows.ts';
import { type Done, useUndoing } from '../../state/undoing.ts';

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, ASKED_MS));

/** Waits until a spreadsheet, or a block that was pasted, is through. */
export const untilThrough = async (id: string) => {
  for (;;) {
    const state = await queryClient.fetchQuery(queries.importState(id));
    if (isOver(state.job)) return state;
    await pause();
  }
};

const untilDone = async (id: string) => {
  for (;;) {
    const state = await queryClient.fetchQuery(queries.many(id));
    if (isOver(state)) return state;
    await pause();
  }
};

const takeBack = async (done: Done, locale: string): Promise<string> => {
  switch (done.kind) {
    case 'cell': {
      const { from, to, register, id, what } = done;
      await storeFields({ register, id }, to.values, from.values);
      return `${what} is ${from.says} again.`;
    }
    case 'many': {
      const { id } = await call('undoMany', { params: { id: done.id } });
      return `${sayDid(await untilDone(id), 'undo', locale)}.`;
    }
    case 'pasted': {
      const { id } = await call('undoImport', { params: { id: done.id } });
      return `What was pasted was taken back: ${sayRows(await untilThrough(id), locale)}.`;
    }
  }
};

/** Takes back the last thing a person did in lists. */
export const undoLast = (me: string, locale: string): Promise<void> =>
  useUndoing.getState().undo(me, async (done) => {
    const says = await takeBack(done, locale);
    await readAnew('records');
    return says;
  });
