import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';

const css = readFileSync('web/app/styles.css', 'utf8');
const tokensOf = (block: string): Map<string, string> =>
  new Map([...block.matchAll(/--([a-z0-9-]+):\s*(#[0-9a-f]{6})/g)].map((match) => [match[1] ?? '', match[2] ?? '']));
const [, rest = ''] = css.split(':root {');
const day = tokensOf(rest.split('}')[0] ?? '');
const night = new Map([...day, ...tokensOf(css.split('prefers-color-scheme: dark')[1]?.split('@theme')[0] ?? '')]);

/** Relative luminance and contrast ratio as WCAG 2.2 defines them. */
const luminance = (hex: string): number => {
  const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
    const channel = Number.parseInt(hex.slice(at, at + 2), 16) / 255;
    return channel <= 0.04045 ? channel / 12.92 : ((channel + 0.055) / 1.055) ** 2.4;
  });
  return 0.2126 * r + 0.7152 * g + 0.0722 * b;
};
const contrast = (a: string, b: string): number => {
  const [light = 0, dark = 0] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light + 0.05) / (dark + 0.05);
};

const INKS = ['ink', 'ink-2', 'ink-3', 'iolite', 'iolite-deep', 'straw', 'kelp', 'brick', 'haze'];
const GROUNDS = ['paper', 'sheet', 'iolite-wash', 'straw-wash', 'kelp-wash', 'brick-wash', 'haze-wash'];
const pairs = INKS.flatMap((ink) => GROUNDS.map((ground) => [ink, ground] as const));

// WCAG 2.2, success criterion 1.4.3: black on white is 21:1.
test('the measure is right', () => expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5));

describe.each([
  ['day', day],
  ['night', night],
])('by %s', (_, tokens) => {
  const value = (name: string) => tokens.get(name) ?? '';
  test.each(pairs)('%s reads on %s', (ink, ground) =>
    expect(contrast(value(ink), value(ground))).toBeGreaterThanOrEqual(4.5),
  );
  test('what stands on a filled button reads', () => {
    expect(contrast(value('on-iolite'), value('iolite'))).toBeGreaterThanOrEqual(4.5);
    expect(contrast(value('on-iolite'), value('iolite-deep'))).toBeGreaterThanOrEqual(4.5);
    expect(contrast(value('on-kelp'), value('kelp'))).toBeGreaterThanOrEqual(4.5);
  });
  test('edges of controls are seen on paper', () =>
    expect(contrast(value('edge'), value('paper'))).toBeGreaterThanOrEqual(3));
});
