import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { often } from '#core/base/often.arb.ts';
import { registerSchema } from '#core/register/index.ts';
import { catalogueOf } from '#core/workspace/index.ts';
import { boxArea, layOut, overlap, wordsArea } from './links-layout.ts';

/** A workspace of so many registers, with links from one to another by their places. */
const workspace = (count: number, links: readonly (readonly [number, number])[]) =>
  catalogueOf({
    locale: 'en-GB',
    zone: 'Europe/London',
    currency: 'GBP',
    holidays: [],
    people: null,
    choice_lists: [],
    registers: Array.from({ length: count }, (_, i) =>
      registerSchema.parse({
        key: `register_${i}`,
        singular: `Register ${i}`,
        plural: `Registers ${i}`,
        mark: `R${String.fromCharCode(65 + Math.floor(i / 26), 65 + (i % 26))}`,
        fields: [
          { key: 'name', label: 'Name', type: { kind: 'text' } },
          ...links.flatMap(([from, to], n) =>
            from === i
              ? [{ key: `link_${n}`, label: `Link ${n}`, type: { kind: 'link', register: `register_${to}` } }]
              : [],
          ),
        ],
      }),
    ),
  });

const arbitrary = fc.integer({ min: 1, max: 36 }).chain((count) => {
  const at = fc.nat({ max: count - 1 });
  return fc.record({ count: fc.constant(count), links: fc.array(fc.tuple(at, at), { maxLength: 50 }) });
});

describe('the picture of registers', () => {
  test('lays no register over another, however many there are and whatever links them', () =>
    fc.assert(
      fc.property(arbitrary, ({ count, links }) => {
        const { boxes } = layOut(workspace(count, links));
        const areas = boxes.map(boxArea);
        expect(areas.flatMap((a, i) => areas.slice(i + 1).filter((b) => overlap(a, b) > 0))).toEqual([]);
      }),
      often(600),
    ));

  test('draws every link with its words, one register’s to itself too, all of it inside the view', () =>
    fc.assert(
      fc.property(arbitrary, ({ count, links }) => {
        const { lines, boxes, view } = layOut(workspace(count, links));
        const said = lines.flatMap(({ words }) => words.split(', ')).sort();
        expect(said).toEqual(links.map((_, n) => `link ${n}`).sort());
        for (const area of [...boxes.map(boxArea), ...lines.map(({ label, words }) => wordsArea(label, words))])
          expect(overlap(area, view)).toBeCloseTo(area.width * area.height, 3);
      }),
      often(600),
    ));

  test('lays words on no register and on no other words where there is room', () => {
    const links = [
      [0, 1],
      [1, 0],
      [1, 2],
      [2, 2],
      [3, 1],
      [4, 1],
    ] as const;
    const { lines, boxes } = layOut(workspace(5, links));
    const areas = [...boxes.map(boxArea), ...lines.map(({ label, words }) => wordsArea(label, words))];
    expect(areas.flatMap((a, i) => areas.slice(i + 1).filter((b) => overlap(a, b) > 0))).toEqual([]);
  });

  test('is the same whenever it is drawn', () => {
    const links = [
      [0, 1],
      [2, 1],
      [3, 0],
    ] as const;
    expect(layOut(workspace(4, links))).toEqual(layOut(workspace(4, links)));
  });
});
