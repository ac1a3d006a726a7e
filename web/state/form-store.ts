import { createStore, type StoreApi } from 'zustand';
import type { Form } from '#core/form/index.ts';

export interface FormState {
  readonly form: Form;
  readonly past: readonly Form[];
  readonly future: readonly Form[];
  readonly change: (form: Form) => void;
  readonly undo: () => void;
  readonly redo: () => void;
}

/** One store per open form editor: the document, and the way back and forth through its changes. */
export const createFormStore = (form: Form): StoreApi<FormState> =>
  createStore<FormState>((set, get) => ({
    form,
    past: [],
    future: [],
    change: (next) => set({ form: next, past: [...get().past, get().form], future: [] }),
    undo: () => {
      const { past, form: now, future } = get();
      const before = past.at(-1);
      if (before) set({ form: before, past: past.slice(0, -1), future: [now, ...future] });
    },
    redo: () => {
      const { past, form: now, future } = get();
      const [next, ...rest] = future;
      if (next) set({ form: next, past: [...past, now], future: rest });
    },
  }));
