import { beforeEach, expect, test, vi } from 'vitest';

/** A window of its own: what the last one kept is there still. */
const open = async () => {
  vi.resetModules();
  return (await import('./undoing.ts')).useUndoing;
};

const kept = new Map<string, string>();
beforeEach(() => {
  kept.clear();
  vi.stubGlobal('sessionStorage', {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  });
});

const many = (id: string, by = 'me') => ({ kind: 'many', by, says: `${id} was changed.`, id }) as const;
const sayId = async (done: { kind: string; says: string }) => `${done.says} It is as it was.`;

test('what was done last is taken back first, and it is said', async () => {
  const undoing = await open();
  undoing.getState().add(many('one'));
  undoing.getState().add(many('two'));
  expect(undoing.getState().says).toBe('two was changed.');
  await undoing.getState().undo('me', sayId);
  expect(undoing.getState().says).toBe('two was changed. It is as it was.');
  await undoing.getState().undo('me', sayId);
  expect([undoing.getState().says, undoing.getState().done]).toEqual(['one was changed. It is as it was.', []]);
});

test('it is there still when the page was loaded anew, and what is kept wrongly is left out', async () => {
  (await open()).getState().add(many('one'));
  expect((await open()).getState().done).toEqual([many('one')]);
  kept.set('iolite-undoing', JSON.stringify({ state: { done: [{ kind: 'strange' }] }, version: 0 }));
  expect((await open()).getState().done).toEqual([]);
});

test('nobody takes back what somebody else did in the same window', async () => {
  const undoing = await open();
  undoing.getState().add(many('theirs', 'them'));
  undoing.getState().add(many('mine'));
  undoing.getState().add(many('theirs again', 'them'));
  await undoing.getState().undo('me', sayId);
  expect(undoing.getState().done.map(({ by }) => by)).toEqual(['them', 'them']);
});

test('what cannot be taken back is told, and can be tried again', async () => {
  const undoing = await open();
  undoing.getState().add(many('one'));
  await undoing.getState().undo('me', async () => {
    throw new Error('away');
  });
  expect([undoing.getState().error, undoing.getState().done.length]).toEqual([new Error('away'), 1]);
  await undoing.getState().undo('me', sayId);
  expect([undoing.getState().error, undoing.getState().done.length]).toEqual([null, 0]);
});

test('twenty things are kept', async () => {
  const undoing = await open();
  for (let i = 0; i < 25; i++) undoing.getState().add(many(`${i}`));
  expect([undoing.getState().done.length, undoing.getState().done[0]?.says]).toEqual([20, '5 was changed.']);
});
