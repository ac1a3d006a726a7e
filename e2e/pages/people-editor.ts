import { type Browser, Key, literal } from '../browser.ts';

/** The screen on which roles are written, rehearsed and carried out. */
export class PeopleEditor {
  readonly #browser: Browser;

  constructor(browser: Browser) {
    this.#browser = browser;
  }

  async open(address: string, role: string): Promise<void> {
    await this.#browser.visit(`${address}/set-up/people/${role}`);
    await this.#browser.see('//h2[contains(., "Who may")]');
  }

  /** Writes one more sentence about whoever holds the role. */
  async write(sentence: string): Promise<void> {
    await this.#browser.typeInto('//input[@id = "add-sentence"]', sentence, Key.ENTER);
  }

  async rehearse(): Promise<void> {
    await this.#browser.click('//button[starts-with(normalize-space(.), "Rehearse")]');
    await this.#browser.see('//section[@aria-label = "What carrying out would do"]');
  }

  /** A step of what was rehearsed, by its words. */
  step(words: string): string {
    return `//section[@aria-label = "What carrying out would do"]//li[contains(., ${literal(words)})]`;
  }

  async carryOut(): Promise<void> {
    await this.#browser.press('Carry out');
    await this.#browser.see('//button[. = "Nothing to rehearse"]');
  }
}
