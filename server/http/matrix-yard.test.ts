import { afterAll, beforeAll, expect, test } from 'vitest';
import { Matrix, YARD } from '../testing/matrix.ts';

let matrix: Matrix;
beforeAll(async () => {
  matrix = await Matrix.start();
}, 120_000);
afterAll(() => matrix?.stop());

// The office stands in another file, so that both go side by side.
test.each(YARD)(
  '%s comes by nothing they may not see, whatever they call',
  async (name) => expect(await matrix.wrongOf(name)).toEqual([]),
  300_000,
);
