import { useEffect, useRef, useState } from 'react';
import type { StoreApi } from 'zustand';
import { sayEntry } from '#core/form/index.ts';
import { call } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { type EntryState, toKept } from '../../state/entry-store.ts';

/** What is kept: an entry of a form, of the record it changes. */
interface Keeping {
  readonly form: string;
  readonly version: number;
  readonly record: string | null;
  /** Of somebody who is nobody here the server keeps nothing. */
  readonly isOff: boolean;
}

/** How long a pause in typing is before the server keeps what was typed. */
const PAUSE_MS = 800;

/** Keeps an entry on the server as well, after each pause in typing; this device keeps every letter by itself. */
export const useServerKeeping = (store: StoreApi<EntryState>, { form, version, record, isOff }: Keeping) => {
  const [there, setThere] = useState(false);
  const held = useRef({ off: isOff, timer: 0, last: Promise.resolve() });
  const keeper = useRef({
    keep: (): Promise<void> => {
      const state = store.getState();
      const { keptAt, entry, compiled, links } = state;
      const touched = Object.keys(entry.typed).length + Object.keys(entry.unread).length > 0;
      if (held.current.off || keptAt === null || !touched) return held.current.last;
      const body = { ...toKept(state), version, at: keptAt };
      const title = sayEntry(compiled, entry, (id) => links[id]?.title);
      const keepIt = () =>
        call('keepEntry', { params: { id: entry.id }, body: { form, version, record, title, body } }).then(
          () => setThere(true),
          // This device has it; the next pause tries again.
          () => setThere(false),
        );
      held.current.last = held.current.last.then(keepIt);
      return held.current.last;
    },
  });
  useEffect(() => {
    const stop = store.subscribe((state, before) => {
      if (state.keptAt === before.keptAt) return;
      setThere(false);
      window.clearTimeout(held.current.timer);
      held.current.timer = window.setTimeout(() => void keeper.current.keep(), PAUSE_MS);
    });
    return () => {
      stop();
      window.clearTimeout(held.current.timer);
    };
  }, [store]);
  const rest = async (): Promise<void> => {
    window.clearTimeout(held.current.timer);
    held.current.off = true;
    await held.current.last;
  };
  return {
    there,
    /** Keeps it now, however short the pause. */
    flush: async (): Promise<void> => {
      window.clearTimeout(held.current.timer);
      await keeper.current.keep();
      void readAnew('kept');
    },
    /** Keeps nothing more, once what is on its way has arrived: it is sent now. */
    rest,
    /** It was not sent after all. */
    goOn: (): void => {
      held.current.off = isOff;
      void keeper.current.keep();
    },
    drop: async (): Promise<void> => {
      await rest();
      if (!isOff) await call('dropEntry', { params: { id: store.getState().entry.id } }).catch(() => undefined);
      void readAnew('kept');
    },
  };
};
