import { type Browser, Key, literal } from '../browser.ts';

const BOX = '//div[@aria-label = "Formula"][@contenteditable = "true"]';

/** The editor of a formula. */
export class FormulaBox {
  readonly #browser: Browser;
  constructor(browser: Browser) {
    this.#browser = browser;
  }

  /** Opens it from a place of the page where a sentence stands; the last one where several do. */
  async open(place: string): Promise<void> {
    await this.#browser.click(`(${place}//button[normalize-space(.) = "formula"])[last()]`);
    await this.#browser.see(BOX);
  }

  /** Writes over what stands there. */
  async write(text: string): Promise<void> {
    await (await this.#browser.see(BOX)).sendKeys(Key.chord(Key.CONTROL, 'a'), text);
  }

  async add(text: string): Promise<void> {
    await (await this.#browser.see(BOX)).sendKeys(text);
  }

  /** Takes what is offered under the letters typed. */
  async complete(label: string): Promise<void> {
    await this.#browser.see(
      `//*[@role = "option"][@aria-selected = "true"][starts-with(normalize-space(.), ${literal(label)})]`,
    );
    await (await this.#browser.see(BOX)).sendKeys(Key.ENTER);
    await this.#browser.seeNo('//*[@role = "option"]');
  }

  /** What a pointer over a word is told. */
  async hover(word: string): Promise<string> {
    const line = await this.#browser.see(`${BOX}//*[contains(@class, "cm-line")]`);
    const place = await this.#browser.driver.executeScript<{ x: number; y: number }>(
      `const walker = document.createTreeWalker(arguments[0], NodeFilter.SHOW_TEXT);
       for (let node = walker.nextNode(); node; node = walker.nextNode()) {
         const at = node.data.indexOf(arguments[1]);
         if (at < 0) continue;
         const range = document.createRange();
         range.setStart(node, at); range.setEnd(node, at + arguments[1].length);
         const box = range.getBoundingClientRect();
         return { x: Math.round(box.x + box.width / 2), y: Math.round(box.y + box.height / 2) };
       }`,
      line,
      word,
    );
    await this.#browser.driver.actions().move({ x: place.x, y: place.y }).perform();
    return this.#browser.textOf('//*[contains(@class, "formula-help")]');
  }

  async text(): Promise<string> {
    // As it stands, with every space: WebDriver's own text runs them together.
    return (await (await this.#browser.see(BOX)).getAttribute('textContent')) ?? '';
  }
}
