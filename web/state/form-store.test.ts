import { expect, test } from 'vitest';
import { formSchema } from '#core/form/index.ts';
import { createFormStore } from './form-store.ts';

const form = (label: string) =>
  formSchema.parse({ key: 'f', label, register: 'boats', questions: [{ field: 'name' }] });

test('every change can be undone and redone, in order', () => {
  const store = createFormStore(form('a'));
  store.getState().change(form('b'));
  store.getState().change(form('c'));
  store.getState().undo();
  store.getState().undo();
  expect(store.getState().form.label).toBe('a');
  store.getState().redo();
  expect(store.getState().form.label).toBe('b');
  expect(store.getState().future).toHaveLength(1);
});

test('a new change after undoing ends what could be redone', () => {
  const store = createFormStore(form('a'));
  store.getState().change(form('b'));
  store.getState().undo();
  store.getState().change(form('c'));
  store.getState().redo();
  expect(store.getState().form.label).toBe('c');
  expect(store.getState().past.map((each) => each.label)).toEqual(['a']);
});

test('there is nothing to undo at the beginning', () => {
  const store = createFormStore(form('a'));
  store.getState().undo();
  store.getState().redo();
  expect(store.getState().form.label).toBe('a');
});
