import { createStore, type StoreApi } from 'zustand';

export interface EditState<T> {
  readonly now: T;
  readonly past: readonly T[];
  readonly future: readonly T[];
  /**
   * Makes a change of what there is. Changes one after the other at the same `place` (a box that is typed in) are one
   * step back.
   */
  readonly edit: (make: (now: T) => T, place?: string) => void;
  readonly undo: () => void;
  readonly redo: () => void;
}

/** One store per open set-up editor: the document, and the way back and forth through its changes. */
export const createEditStore = <T>(start: T): StoreApi<EditState<T>> => {
  let last: string | undefined;
  return createStore<EditState<T>>((set, get) => ({
    now: start,
    past: [],
    future: [],
    edit: (make, place) => {
      const { now, past } = get();
      const goesOn = place !== undefined && place === last && past.length > 0;
      last = place;
      set({ now: make(now), past: goesOn ? past : [...past, now], future: [] });
    },
    undo: () => {
      const { past, now, future } = get();
      last = undefined;
      const before = past.at(-1);
      if (before !== undefined) set({ now: before, past: past.slice(0, -1), future: [now, ...future] });
    },
    redo: () => {
      const { past, now, future } = get();
      last = undefined;
      const [next, ...rest] = future;
      if (next !== undefined) set({ now: next, past: [...past, now], future: rest });
    },
  }));
};
