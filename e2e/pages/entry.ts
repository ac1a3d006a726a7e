import { type Browser, Key, literal } from '../browser.ts';

/** A form being filled in, by the keyboard alone. */
export class EntryPage {
  readonly #browser: Browser;
  constructor(browser: Browser) {
    this.#browser = browser;
  }

  async open(form: string): Promise<void> {
    await this.#browser.click(`//main//a[contains(., ${literal(form)})]`);
    await this.#browser.see(`//h1[normalize-space(.) = ${literal(form)}]`);
    await this.onQuestion('title');
  }

  async onQuestion(key: string): Promise<void> {
    await this.#browser.waitUntil(
      `the focus is on ${key}`,
      async () => (await this.#browser.focusedQuestion()) === key,
    );
  }

  /** Enter: to the next question that is asked. */
  async next(key: string): Promise<void> {
    await this.#browser.keys(Key.ENTER);
    await this.onQuestion(key);
  }

  /** Shift and Tab until a question before this one has the focus. */
  async backTo(key: string): Promise<void> {
    for (let i = 0; i < 30 && (await this.#browser.focusedQuestion()) !== key; i++)
      await this.#browser.keys(Key.chord(Key.SHIFT, Key.TAB));
    await this.onQuestion(key);
  }

  /** Puts the focus on a question by its label and writes. */
  async write(label: string, text: string): Promise<void> {
    await this.#browser.write(label, text);
  }

  /** The question's worked-out value, once it is that. */
  async shows(label: string, value: string): Promise<void> {
    const row = `//div[@data-question][starts-with(normalize-space(.), ${literal(label)})]`;
    await this.#browser.see(`${row}//output[starts-with(normalize-space(.), ${literal(value)})]`);
  }

  async type(text: string): Promise<void> {
    await this.#browser.keys(text);
  }

  async retype(text: string): Promise<void> {
    await this.#browser.keys(Key.chord(Key.CONTROL, 'a'), Key.DELETE, text);
  }

  /** A day and a time as people type them, over what stands there. */
  async typeMoment(moment: string): Promise<void> {
    await this.retype(moment);
  }

  async lookUp(part: string, whole: string): Promise<void> {
    await this.type(part);
    await this.#browser.see(`//*[@role = "option"][contains(., ${literal(whole)})]`);
    for (
      let i = 0;
      i < 15 && (await this.#browser.count(`//*[@role = "option"][@data-focus][contains(., ${literal(whole)})]`)) === 0;
      i++
    ) {
      await this.#browser.keys(Key.ARROW_DOWN);
    }
    await this.#browser.keys(Key.ENTER);
    await this.#browser.seeNo('//*[@role = "option"]');
  }

  row(key: string): string {
    return `//div[@data-question = ${literal(key)}]`;
  }

  async value(key: string): Promise<string> {
    return this.#browser.valueOf(`${this.row(key)}//*[self::input or self::textarea]`);
  }

  async isTold(key: string, sentence: string): Promise<void> {
    await this.#browser.see(`${this.row(key)}//p[contains(., ${literal(sentence)})]`);
  }

  async isToldNothing(key: string): Promise<void> {
    await this.#browser.seeNo(`${this.row(key)}//p[contains(@class, "wrong")]`);
  }

  async asks(key: string, asked: boolean): Promise<void> {
    if (asked) await this.#browser.see(this.row(key));
    else await this.#browser.seeNo(this.row(key));
  }

  async pickNext(): Promise<void> {
    await this.#browser.keys(Key.ARROW_RIGHT);
  }

  async send(): Promise<void> {
    await this.#browser.keys(Key.chord(Key.CONTROL, Key.ENTER));
  }

  /** Waits for the thanks and gives the number in it. */
  async thanks(): Promise<string> {
    const head = await this.#browser.see('//h1[contains(., "Thank you.")]');
    return (await head.getText()).match(/[A-Z]{3}-\d{4,}/)?.[0] ?? '';
  }
}
