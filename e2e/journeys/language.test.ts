import fc from 'fast-check';
import { build } from 'vite';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { anyExpression } from '#core/expression/random.arb.ts';
import { Browser } from '../browser.ts';
import { answersTo } from '../language/answers.ts';

const CASES = 20_000;
const BATCH = 2_000;

/** The evaluator as the browser gets it, bundled and minified, against the same in Node. */
describe('the rule language in a browser', () => {
  let browser: Browser;

  beforeAll(async () => {
    browser = await Browser.open();
    const built = await build({
      configFile: false,
      logLevel: 'warn',
      build: {
        write: false,
        lib: { entry: 'e2e/language/in-browser.ts', name: 'language', formats: ['iife'] },
      },
    });
    const [first] = Array.isArray(built) ? built : [built];
    const code = first && 'output' in first ? first.output[0].code : '';
    await browser.driver.get('about:blank');
    await browser.driver.executeScript(
      `const script = document.createElement('script'); script.textContent = arguments[0]; document.head.append(script);`,
      code,
    );
  }, 180_000);
  afterAll(() => browser?.close());

  test(`answers ${CASES} random expressions as it does in Node`, { timeout: 180_000 }, async () => {
    for (let done = 0; done < CASES; done += BATCH) {
      const texts = fc.sample(anyExpression, { numRuns: BATCH, seed: 90 + done });
      const inBrowser: readonly string[] = await browser.driver.executeScript('return answersTo(arguments[0]);', texts);
      const inNode = answersTo(texts);
      const different = texts.flatMap((text, i) =>
        inBrowser[i] === inNode[i] ? [] : [{ text, browser: inBrowser[i], node: inNode[i] }],
      );
      expect(different.slice(0, 5)).toEqual([]);
    }
  });
});
