import { type Browser, Key, literal } from '../browser.ts';
import { FormulaBox } from './formula.ts';
import { Sentence } from './sentence.ts';
import { Writer } from './writer.ts';

/** Set-up, Forms: one form's outline, with the live form beside it. */
export class FormEditor {
  readonly #browser: Browser;
  constructor(browser: Browser) {
    this.#browser = browser;
  }

  async make(label: string, register: string): Promise<void> {
    await this.#browser.press('Forms');
    await this.#browser.write('Name of the form', label);
    await this.#browser.choose('Adds to', register);
    await this.#browser.press('Make the form');
    await this.#browser.see('//section[@aria-label = "Outline"]');
  }

  async questions(): Promise<string[]> {
    const handles = await this.#browser.driver.findElements({ css: '[data-outline] [data-handle]' });
    return Promise.all(handles.map((handle) => handle.getText()));
  }

  async drop(label: string): Promise<void> {
    await this.#browser.press(`Drop ${label}`);
  }

  /** Moves a question with Alt and an arrow, the focus going along. */
  async moveUp(label: string, times: number): Promise<void> {
    const handle = `//button[@data-handle][normalize-space(.) = ${literal(label)}]`;
    for (let i = 0; i < times; i++) {
      const before = (await this.questions()).indexOf(label);
      await (await this.#browser.see(handle)).sendKeys(Key.chord(Key.ALT, Key.ARROW_UP));
      await this.#browser.waitUntil(
        `${label} moved`,
        async () => (await this.questions()).indexOf(label) === before - 1,
      );
    }
  }

  #place(question: string): string {
    return `//*[@data-outline][.//button[@data-handle][normalize-space(.) = ${literal(question)}]]`;
  }

  /** Drags a question by its grip onto the place of another, both by their fields. */
  async drag(field: string, onto: string): Promise<void> {
    const grips = await Promise.all(
      [field, onto].map((each) => this.#browser.see(`//*[@data-outline = ${literal(each)}]//*[@data-grip]`)),
    );
    // Where they are before anything moves: the others make room while one is dragged.
    const [from, to] = await this.#browser.driver.executeScript<{ x: number; y: number }[]>(
      `arguments[1].scrollIntoView({ block: 'center' });
       return [...arguments].map((grip) => {
         const { x, y, width, height } = grip.getBoundingClientRect();
         return { x: Math.round(x + width / 2), y: Math.round(y + height / 2) };
       })`,
      ...grips,
    );
    if (!from || !to) throw new Error('nothing to drag');
    const towards = Math.sign(to.y - from.y);
    await this.#browser.driver
      .actions({ async: true })
      .move(from)
      .press()
      .move({ x: from.x, y: from.y + 12 * towards, duration: 80 })
      .move({ ...to, duration: 250 })
      .move({ x: to.x, y: to.y + towards, duration: 80 })
      .release()
      .perform();
  }

  rules(question: string): Sentence {
    return new Sentence(this.#browser, this.#place(question));
  }

  /** Opens a rule of a question as a formula. */
  async asFormula(question: string): Promise<FormulaBox> {
    const formula = new FormulaBox(this.#browser);
    await formula.open(this.#place(question));
    return formula;
  }

  /** Adds a rule of a question whose condition or value is written as a formula. */
  async writeFormula(question: string, begins: string, text: string): Promise<void> {
    await this.addRule(question, begins);
    await new FormulaBox(this.#browser).write(text);
    await this.#browser.press('Use');
  }

  /** Writes a rule of a question, word by word. */
  async addRule(question: string, ...words: readonly string[]): Promise<Sentence> {
    await new Writer(this.#browser).write(this.#browser.button(`Add a rule to ${question}`), ...words);
    return this.rules(question);
  }

  /** The live form shows a question, or does not. */
  async liveAsks(question: string, asks: boolean): Promise<void> {
    const xpath = `//section[@aria-label = "Live form"]//div[@data-question][starts-with(normalize-space(.), ${literal(question)})]`;
    if (asks) await this.#browser.see(xpath);
    else await this.#browser.seeNo(xpath);
  }

  async kept(): Promise<void> {
    await this.#browser.see('//header//*[@role = "status"][normalize-space(.) = "kept"]');
  }

  async publish(fillInBy: readonly string[], seenBy: readonly string[]): Promise<void> {
    await this.kept();
    await this.#browser.press('Publish');
    for (const role of fillInBy) await this.#browser.tick(role, '//fieldset[.//legend[contains(., "fill it in")]]');
    for (const role of seenBy) await this.#browser.tick(role, '//fieldset[.//legend[contains(., "may see")]]');
    await this.#browser.press('Publish now');
    await this.#browser.seeText('was published');
  }
}
