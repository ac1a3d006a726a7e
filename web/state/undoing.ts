import { z } from 'zod';
import { create } from 'zustand';
import { createJSONStorage, persist } from 'zustand/middleware';
import { storedValueSchema } from '#contract/index.ts';

/** What some fields held, and how it is said. */
const heldSchema = z.object({ values: z.record(z.string(), storedValueSchema), says: z.string() });

const doneSchema = z.intersection(
  z.object({
    /** Who did it: on a device that several use nobody takes back what others did. */
    by: z.string(),
    /** What was done, in past tense. */
    says: z.string(),
  }),
  z.discriminatedUnion('kind', [
    z.object({
      kind: z.literal('cell'),
      register: z.string(),
      id: z.string(),
      /** What was changed, in words: "Shelf of STK-0012". */
      what: z.string(),
      from: heldSchema,
      to: heldSchema,
    }),
    z.object({ kind: z.literal('many'), id: z.string() }),
    z.object({ kind: z.literal('pasted'), id: z.string() }),
  ]),
);
/** Something done in a list that can be taken back. */
export type Done = z.infer<typeof doneSchema>;

interface Undoing {
  /** The last things that were done, the newest last. */
  readonly done: readonly Done[];
  /** What is said now: of the last thing, or of its undoing. */
  readonly says: string;
  readonly error: unknown;
  readonly isBusy: boolean;
  readonly add: (done: Done) => void;
  /** Takes back the last thing somebody did, by `take`, which gives what is said of that. What is refused stays. */
  readonly undo: (by: string, take: (done: Done) => Promise<string>) => Promise<void>;
}

/** So many things are kept to be taken back. */
const MAX_KEPT = 20;

const keptSchema = z.object({ done: z.array(doneSchema).max(MAX_KEPT) });

/** What I did in lists, to be taken back one after the other, the last first; kept for as long as the window is there. */
export const useUndoing = create<Undoing>()(
  persist(
    (set, get) => ({
      done: [],
      says: '',
      error: null,
      isBusy: false,
      add: (done) => set((now) => ({ done: [...now.done, done].slice(-MAX_KEPT), says: done.says, error: null })),
      undo: async (by, take) => {
        const last = get().done.findLast((each) => each.by === by);
        if (!last || get().isBusy) return;
        set({ isBusy: true, error: null });
        try {
          const says = await take(last);
          set((now) => ({ done: now.done.filter((each) => each !== last), says }));
        } catch (error) {
          set({ error });
        } finally {
          set({ isBusy: false });
        }
      },
    }),
    {
      name: 'iolite-undoing',
      storage: createJSONStorage(() => sessionStorage),
      partialize: ({ done }) => ({ done }),
      merge: (kept, now) => {
        const read = keptSchema.safeParse(kept);
        return read.success ? { ...now, done: read.data.done } : now;
      },
    },
  ),
);
