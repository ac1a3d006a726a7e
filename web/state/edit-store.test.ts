import { expect, test } from 'vitest';
import { createEditStore } from './edit-store.ts';

const storeOf = (start: string) => {
  const store = createEditStore(start);
  const put = (next: string, place?: string) => store.getState().edit(() => next, place);
  return { store, put };
};

test('every change can be undone and redone, in order', () => {
  const { store, put } = storeOf('a');
  put('b');
  put('c');
  store.getState().undo();
  store.getState().undo();
  expect(store.getState().now).toBe('a');
  store.getState().redo();
  expect(store.getState().now).toBe('b');
  expect(store.getState().future).toHaveLength(1);
});

test('a new change after undoing ends what could be redone', () => {
  const { store, put } = storeOf('a');
  put('b');
  store.getState().undo();
  put('c');
  store.getState().redo();
  expect(store.getState().now).toBe('c');
  expect(store.getState().past).toEqual(['a']);
});

test('there is nothing to undo at the beginning', () => {
  const { store } = storeOf('a');
  store.getState().undo();
  store.getState().redo();
  expect(store.getState().now).toBe('a');
});

test('what is typed in one box is one step, until another place is changed', () => {
  const { store, put } = storeOf('');
  for (const typed of ['S', 'Se', 'Sea']) put(typed, 'label 1');
  for (const typed of ['Sea T', 'Sea Th']) put(typed, 'label 2');
  put('moved');
  put('Sea Thr', 'label 2');
  expect(store.getState().past).toEqual(['', 'Sea', 'Sea Th', 'moved']);
  store.getState().undo();
  expect(store.getState().now).toBe('moved');
  // Typing on after going back is a step of its own.
  put('moved on', 'label 2');
  store.getState().undo();
  expect(store.getState().now).toBe('moved');
});

test('a change sees what the one before it made', () => {
  const store = createEditStore<readonly number[]>([]);
  for (const n of [1, 2, 3]) store.getState().edit((now) => [...now, n]);
  expect(store.getState().now).toEqual([1, 2, 3]);
});
