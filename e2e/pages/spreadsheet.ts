import { By } from 'selenium-webdriver';
import type { Browser } from '../browser.ts';

/** A spreadsheet on its way in: brought, looked at, mended, carried out. */
export class Spreadsheet {
  readonly #browser: Browser;
  constructor(browser: Browser) {
    this.#browser = browser;
  }

  /** Chooses a file where one can be. */
  async choose(file: string): Promise<void> {
    // The box itself is not drawn: its label is.
    const label = await this.#browser.see('//label[.//input[@type = "file"]]');
    await label.findElement(By.css('input')).sendKeys(file);
  }

  /** Pastes rows where a file could be chosen, and looks at them. */
  async paste(text: string): Promise<void> {
    await this.#browser.write('Rows from a spreadsheet', text);
    await this.#browser.press('Look at it');
  }

  /** Waits until it is known what would come of it: words of what it would make, change and leave out. */
  async would(says: string): Promise<void> {
    const xpath = `//footer//p[@role = "status"][contains(normalize-space(), "${says}")]`;
    const isThere = async () => (await this.#browser.driver.findElements(By.xpath(xpath))).length > 0;
    await this.#browser.waitByProgress(`it would: ${says}`, isThere, () => this.#sign());
  }

  /** How far what is done with it has come, as the server tells it. */
  #sign(): Promise<string> {
    return this.#browser.driver.executeAsyncScript<string>(
      `const done = arguments[0];
       const id = /[0-9a-f-]{36}/.exec(location.pathname)?.[0];
       if (!id) done(location.pathname);
       else fetch('/api/imports/' + id).then((answer) => answer.json()).then(({ revision, job }) =>
         done([revision, job.id, job.state, job.done].join(' ')), () => done('no answer'));`,
    );
  }

  /** Waits until so many rows stay out; 0 where none does. */
  async out(count: number): Promise<void> {
    const says = count === 1 ? 'One row stays out' : `${count} rows stay out`;
    if (count === 0) await this.#browser.seeNo('//footer[contains(normalize-space(), "out and")]');
    else await this.#browser.see(`//footer[contains(normalize-space(), "${says}")]`);
  }

  /** Shows what is alike of a reason: "4 could not be read as a date". */
  reason(says: string): Promise<void> {
    return this.#browser.click(
      `//section[@aria-labelledby = "misfits"]//button[contains(normalize-space(), "${says}")]`,
    );
  }

  /** Does something with all cells that say the same: presses what stands there, or picks it behind the mend. */
  async alike(of: string, what: string): Promise<void> {
    const line = `//section[@aria-labelledby = "alike"]//li[span[normalize-space() = "“${of}”"]]`;
    await this.#browser.click(`${line}//button[normalize-space() = "${what}"]`);
  }

  /** Opens the ways to mend cells that say the same. */
  async mend(of: string): Promise<void> {
    const said = of === '' ? 'nothing' : `“${of}”`;
    await this.#browser.click(
      `//section[@aria-labelledby = "alike"]//li[span[normalize-space() = "${said}"]]//button[contains(@aria-label, "change the mending")]`,
    );
  }

  /** Lets a column fill a field of the register that it goes into. */
  async fill(column: string, field: string): Promise<void> {
    await this.#browser.click(
      `//th[.//span[normalize-space() = "${column}"]]//button[contains(@aria-label, "change the field")]`,
    );
    await this.#browser.click(`//button[contains(@class, "slip-row")][normalize-space() = "${field}"]`);
  }
}
