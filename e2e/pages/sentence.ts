import { type Browser, literal } from '../browser.ts';

/** Changing sentences by their parts, inside one place of the page. */
export class Sentence {
  readonly #browser: Browser;
  readonly #place: string;
  constructor(browser: Browser, place: string) {
    this.#browser = browser;
    this.#place = place;
  }

  /** Opens the part that reads so; the last one where several do. */
  async openPart(text: string): Promise<void> {
    await this.#browser.click(
      `(${this.#place}//button[starts-with(@aria-label, ${literal(`${text}, change the`)})])[last()]`,
    );
    await this.#browser.see('//div[contains(@class, "slip")]');
  }

  async pick(option: string): Promise<void> {
    await this.#browser.click(
      `//div[contains(@class, "slip")]//button[contains(@class, "slip-row")][normalize-space(translate(., "•", " ")) = ${literal(option)}]`,
    );
  }

  async change(part: string, option: string): Promise<void> {
    await this.openPart(part);
    await this.pick(option);
  }

  async setValue(part: string, value: string): Promise<void> {
    await this.openPart(part);
    await this.#browser.write('Value', value);
    await this.#browser.press('Set');
  }

  /** Ticks and unticks choices of a value, then closes it. */
  async tickChoices(part: string, ...choices: string[]): Promise<void> {
    await this.openPart(part);
    for (const choice of choices) await this.#browser.tick(choice, '//div[contains(@class, "slip")]');
    await this.#browser.keys('\uE00C');
  }

  async reads(text: string): Promise<void> {
    await this.#browser.see(`${this.#place}//*[contains(normalize-space(.), ${literal(text)})]`);
  }
}
