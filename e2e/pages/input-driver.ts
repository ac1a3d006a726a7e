import { type Browser, Key, literal } from '../browser.ts';
import { FormEditor } from './form-editor.ts';

/** How a person works the set-up: everything is done by the keyboard alone, or pointed at with the mouse. */
export interface InputDriver {
  readonly name: string;
  /** Works a button, a link or a part of a sentence. */
  press(xpath: string): Promise<void>;
  /** Ticks a box or picks one of several, by its label. */
  tick(label: string, within: string): Promise<void>;
  /** Takes one of what a box offers, after typing what finds it. */
  take(box: string, typed: string, whole?: string): Promise<void>;
  /** Opens a question's words in place, and writes others. */
  reword(question: string, words: string): Promise<void>;
  /** Moves a question to the place of the one before it. */
  moveBefore(question: string, field: string, before: string): Promise<void>;
  /** Puts a question into a section of its own, or into the one above it. */
  indent(question: string): Promise<void>;
  drop(question: string): Promise<void>;
  undo(): Promise<void>;
}

const handle = (question: string): string => `//button[@data-handle][normalize-space(.) = ${literal(question)}]`;
const option = (text: string): string => `//*[@role = "option"][contains(normalize-space(.), ${literal(text)})]`;

/** The questions of the outline, in their order. */
export const questionsOf = (browser: Browser): Promise<string[]> =>
  browser.driver.executeScript<string[]>(
    `return [...document.querySelectorAll('section[aria-label=Outline] [data-handle]')].map((each) => each.textContent.trim())`,
  );

const BOX = '//span[@data-writer]//input';

/** Takes words one after the other in the box in which a sentence is written. */
export const takeWords = async (browser: Browser, hands: InputDriver, words: readonly string[]): Promise<void> => {
  for (const word of words) {
    const before = await (await browser.see(BOX)).getAttribute('aria-label');
    await hands.take(BOX, word);
    await browser.waitUntil(`“${word}” was taken`, async () => {
      const [now] = await browser.driver.findElements({ xpath: BOX });
      return !now || (await now.getAttribute('aria-label')) !== before;
    });
  }
};

export class Keyboard implements InputDriver {
  readonly name = 'by the keyboard alone';
  readonly #browser: Browser;
  constructor(browser: Browser) {
    this.#browser = browser;
  }

  /** Puts the focus where Tab would bring it in the end; what Tab never reaches is no place to work. */
  async #reach(xpath: string): Promise<void> {
    const element = await this.#browser.see(xpath);
    const reached = await this.#browser.driver.executeScript<boolean>(
      'arguments[0].focus(); return arguments[0].tabIndex >= 0 && document.activeElement === arguments[0]',
      element,
    );
    if (!reached) throw new Error(`the keyboard does not reach ${xpath}`);
  }

  async press(xpath: string): Promise<void> {
    await this.#reach(xpath);
    await this.#browser.keys(Key.ENTER);
  }

  async tick(label: string, within: string): Promise<void> {
    await this.#reach(`${within}//label[normalize-space(.) = ${literal(label)}]//input`);
    await this.#browser.keys(Key.SPACE);
  }

  async take(box: string, typed: string, whole = typed): Promise<void> {
    await this.#reach(box);
    await this.#browser.keys(typed);
    await this.#browser.see(option(whole));
    for (let i = 0; i < 20 && (await this.#browser.count(`${option(whole)}[@data-focus]`)) === 0; i++)
      await this.#browser.keys(Key.ARROW_DOWN);
    await this.#browser.keys(Key.ENTER);
  }

  async reword(question: string, words: string): Promise<void> {
    await this.press(handle(question));
    await this.#browser.see(`//input[@aria-label = ${literal(`Words of ${question}`)}]`);
    await this.#browser.keys(words, Key.ENTER);
  }

  async moveBefore(question: string, _: string, before: string): Promise<void> {
    for (let i = 0; i < 30; i++) {
      const now = await questionsOf(this.#browser);
      if (now.indexOf(question) < now.indexOf(before)) return;
      await this.#reach(handle(question));
      await this.#browser.keys(Key.chord(Key.ALT, Key.ARROW_UP));
      await this.#browser.waitUntil(
        `${question} moved`,
        async () => (await questionsOf(this.#browser)).join() !== now.join(),
      );
    }
  }

  async indent(question: string): Promise<void> {
    await this.#reach(handle(question));
    await this.#browser.keys(Key.chord(Key.ALT, Key.ARROW_RIGHT));
  }

  async drop(question: string): Promise<void> {
    await this.#reach(handle(question));
    await this.#browser.keys(Key.DELETE);
  }

  async undo(): Promise<void> {
    await this.#reach('(//button[@data-handle])[1]');
    await this.#browser.keys(Key.chord(Key.CONTROL, 'z'));
  }
}

const MOST_DRAGS = 5;

export class Mouse implements InputDriver {
  readonly name = 'with the mouse';
  readonly #browser: Browser;
  constructor(browser: Browser) {
    this.#browser = browser;
  }

  async press(xpath: string): Promise<void> {
    await this.#browser.click(xpath);
  }

  async tick(label: string, within: string): Promise<void> {
    await this.#browser.tick(label, within);
  }

  async take(box: string, typed: string, whole = typed): Promise<void> {
    await (await this.#browser.see(box)).sendKeys(typed);
    await this.#browser.click(option(whole));
  }

  async reword(question: string, words: string): Promise<void> {
    await this.#browser.click(handle(question));
    await (await this.#browser.see(`//input[@aria-label = ${literal(`Words of ${question}`)}]`)).sendKeys(words);
    await this.#browser.click('//section[@aria-label = "Live form"]//h2');
  }

  async moveBefore(_: string, field: string, before: string): Promise<void> {
    const onto = await this.#browser.attributeOf(`//*[@data-outline][.${handle(before)}]`, 'data-outline');
    const order = async () => (await questionsOf(this.#browser)).join();
    const now = await order();
    for (let tries = 1; ; tries++) {
      await new FormEditor(this.#browser).drag(field, onto);
      // What is let go before a slow page has seen it move is taken up again.
      if (await this.#browser.comesTrue(async () => (await order()) !== now)) return;
      if (tries === MOST_DRAGS) throw new Error(`${field} cannot be dragged`);
    }
  }

  async indent(question: string): Promise<void> {
    await this.#browser.click(`//*[@data-outline][.${handle(question)}]//button[starts-with(@aria-label, "Put ")]`);
  }

  async drop(question: string): Promise<void> {
    await this.#browser.click(`//*[@data-outline][.${handle(question)}]//button[starts-with(@aria-label, "Drop ")]`);
  }

  async undo(): Promise<void> {
    await this.#browser.press('Undo');
  }
}
