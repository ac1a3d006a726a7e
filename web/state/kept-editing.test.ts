import { beforeEach, describe, expect, test, vi } from 'vitest';
import { z } from 'zod';
import { dropEditing, editingChannel, keepEditing, readKeptEditing } from './kept-editing.ts';

const kept = new Map<string, string>();
const keeping = { as: 'wren register boats', base: 'begun', schema: z.object({ label: z.string() }) };

describe('what an editor is in the middle of', () => {
  beforeEach(() => {
    kept.clear();
    vi.stubGlobal('localStorage', {
      getItem: (key: string) => kept.get(key) ?? null,
      setItem: (key: string, value: string) => void kept.set(key, value),
      removeItem: (key: string) => void kept.delete(key),
    });
  });

  test('is there again with what it was begun from, each editor its own, until it is dropped', () => {
    keepEditing(keeping, 'begun', { label: 'Boats' });
    expect(readKeptEditing(keeping)).toMatchObject({ base: 'begun', now: { label: 'Boats' } });
    expect(readKeptEditing({ ...keeping, as: 'piet register boats' })).toBeNull();
    dropEditing(keeping);
    expect(readKeptEditing(keeping)).toBeNull();
  });

  test.each([['not JSON'], ['null'], ['{"base":"begun","now":{"label":7},"at":"x"}']])(
    'is nothing where what was kept is not ours: %s',
    (text) => {
      keepEditing(keeping, 'begun', { label: 'Boats' });
      for (const key of kept.keys()) kept.set(key, text);
      expect(readKeptEditing(keeping)).toBeNull();
    },
  );

  test('goes on where the device has no room to keep it', () => {
    vi.stubGlobal('localStorage', {
      setItem: () => {
        throw new Error('full');
      },
    });
    expect(() => keepEditing(keeping, 'begun', { label: 'Boats' })).not.toThrow();
  });

  test('is told to other windows with the same open, not to its own nor to others, and nothing strange is heard', async () => {
    const heard = vi.fn();
    const one = editingChannel(keeping, () => expect.unreachable('told itself'));
    const other = editingChannel(keeping, heard);
    const elsewhere = editingChannel({ ...keeping, as: 'wren register berths' }, () => expect.unreachable('another'));
    const stranger = new BroadcastChannel('iolite editing wren register boats');
    stranger.postMessage('nonsense');
    stranger.postMessage({ from: 'x', now: { label: 7 } });
    one.tell({ label: 'Ships' });
    await vi.waitFor(() => expect(heard).toHaveBeenCalled());
    expect(heard.mock.calls).toEqual([[{ label: 'Ships' }]]);
    for (const each of [one, other, elsewhere, stranger]) each.close();
  });
});
