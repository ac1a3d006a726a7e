import type { EntryState, NewAt } from '../state/entry-store.ts';

/** Takes a record that is not there yet, and goes on with the first of its questions that is not answered. */
export const chooseNew = (entry: Pick<EntryState, 'chooseNew'>, at: NewAt, called: string): void => {
  const id = entry.chooseNew(at, called);
  // Its questions are there once React has drawn them.
  requestAnimationFrame(() => {
    const boxes = [...document.querySelectorAll<HTMLInputElement>(`[data-new="${id}"] :is(input, textarea, select)`)];
    (boxes.find((box) => box.value === '') ?? boxes[0])?.focus();
  });
};
