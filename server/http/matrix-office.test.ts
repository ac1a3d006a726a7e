import { afterAll, beforeAll, expect, test } from 'vitest';
import { Matrix, OFFICE } from '../testing/matrix.ts';

let matrix: Matrix;
beforeAll(async () => {
  matrix = await Matrix.start();
}, 120_000);
afterAll(() => matrix?.stop());

// From Runa nothing is hidden: there is nothing she could come by.
test.each(OFFICE)(
  '%s comes by nothing they may not see, whatever they call',
  async (name) => expect(await matrix.wrongOf(name)).toEqual([]),
  300_000,
);
