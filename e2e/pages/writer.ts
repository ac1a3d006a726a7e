import { type Browser, Key, literal } from '../browser.ts';

const BOX = '//span[@data-writer]//input';

/** Writing a sentence word by word: each is typed, found among what is offered, and taken with Enter. */
export class Writer {
  readonly #browser: Browser;
  constructor(browser: Browser) {
    this.#browser = browser;
  }

  /** Opens the writer by a button, and writes; the last word ends the sentence. */
  async write(opener: string, ...words: readonly string[]): Promise<void> {
    await this.#browser.click(opener);
    for (const word of words) await this.#take(word);
  }

  async #take(word: string): Promise<void> {
    const label = await (await this.#browser.see(BOX)).getAttribute('aria-label');
    await (await this.#browser.see(BOX)).sendKeys(word);
    await this.#browser.see(`//*[@role = "option"][@data-focus][contains(normalize-space(.), ${literal(word)})]`);
    await (await this.#browser.see(BOX)).sendKeys(Key.ENTER);
    await this.#browser.waitUntil(`“${word}” was taken`, async () => {
      const [box] = await this.#browser.driver.findElements({ xpath: BOX });
      return !box || (await box.getAttribute('aria-label')) !== label;
    });
  }

  /** What is offered next in the open box. */
  async offers(): Promise<string[]> {
    await this.#browser.see('//*[@role = "option"]');
    const options = await this.#browser.driver.findElements({ xpath: '//*[@role = "option"]' });
    return Promise.all(options.map((option) => option.getText()));
  }
}
