import { describe, expect, test } from 'vitest';
import { readersQueue, writersQueue } from './fair-queue.ts';

/** Work that ends when it is told to. */
const held = () => {
  let end: () => void = () => undefined;
  const until = new Promise<void>((resolve) => {
    end = resolve;
  });
  return { end, work: () => until };
};

describe('a fair queue', () => {
  test('lets no more work at once than there are places', async () => {
    const queue = writersQueue(2, 60_000);
    let [now, most] = [0, 0];
    const work = async () => {
      most = Math.max(most, ++now);
      await Promise.resolve();
      now--;
    };
    await Promise.all(Array.from({ length: 50 }, (_, i) => queue.run(`p${i % 7}`, work)));
    expect([most, now]).toEqual([2, 0]);
  });

  test('goes round among those who wait: who asks for one does not wait for another’s hundred', async () => {
    const queue = writersQueue(1, 60_000);
    const first = held();
    const begun: string[] = [];
    const ask = (who: string) => queue.run(who, async () => void begun.push(who));
    const all = [queue.run('anyone', first.work), ...Array.from({ length: 100 }, () => ask('many')), ask('one')];
    first.end();
    await Promise.all(all);
    expect([begun.indexOf('one'), begun.length]).toEqual([1, 101]);
  });

  test('gives nobody more than their share, however many places are free, and none of it to who waits in vain', async () => {
    const queue = readersQueue(6, 2, 60_000);
    const begun: string[] = [];
    const ends: (() => void)[] = [];
    const ask = (who: string) =>
      queue.run(who, () => {
        begun.push(who);
        const { end, work } = held();
        ends.push(end);
        return work();
      });
    const all = [ask('many'), ask('many'), ask('many'), ask('many'), ask('one')];
    await Promise.resolve();
    expect(begun).toEqual(['many', 'many', 'one']);
    while (begun.length < all.length || ends.length > 0) {
      ends.shift()?.();
      await new Promise(setImmediate);
    }
    await Promise.all(all);
    expect(begun).toEqual(['many', 'many', 'one', 'many', 'many']);
  });

  test('hands a place on also when work failed', async () => {
    const queue = writersQueue(1, 60_000);
    const failing = queue.run('a', async () => Promise.reject(new RangeError('no')));
    const after = queue.run('b', async () => 'done');
    await expect(failing).rejects.toThrow('no');
    expect(await after).toBe('done');
  });

  test('refuses in true words where a turn does not come in time, and goes on with the others', async () => {
    const queue = writersQueue(1, 1);
    const first = held();
    const running = queue.run('a', first.work);
    await expect(queue.run('b', async () => undefined)).rejects.toMatchObject({
      kind: 'overloaded',
      message: expect.stringMatching(/waited too long for its turn/),
    });
    first.end();
    await running;
    expect(await queue.run('b', async () => 'done')).toBe('done');
  });
});
