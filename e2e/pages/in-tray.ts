import { type Browser, literal } from '../browser.ts';

const TRAY = '//section[@aria-label = "In-tray"]';
const BESIDE = '//section[@aria-label = "Record to decide"]';
const APPROVE = `${BESIDE}//button[starts-with(normalize-space(.), "Approve")][not(@disabled)]`;

/** Somebody's in-tray: what waits, and what is decided beside it. */
export class InTray {
  readonly #browser: Browser;
  readonly #address: string;

  constructor(browser: Browser, address: string) {
    this.#browser = browser;
    this.#address = address;
  }

  async open(): Promise<void> {
    await this.#browser.visit(`${this.#address}/in-tray`);
    await this.#browser.see(`${TRAY}//h1`);
  }

  async has(title: string): Promise<void> {
    await this.#browser.see(`${TRAY}//a[contains(., ${literal(title)})]`);
  }

  async hasNot(title: string): Promise<void> {
    await this.#browser.seeNo(`${TRAY}//a[contains(., ${literal(title)})]`);
  }

  async look(title: string): Promise<void> {
    await this.#browser.click(`${TRAY}//a[contains(., ${literal(title)})]`);
    await this.#browser.see(`${BESIDE}//article//h1[. = ${literal(title)}]`);
  }

  /** What stands beside the tray says this. */
  async says(text: string): Promise<void> {
    await this.#browser.see(`${BESIDE}[contains(normalize-space(.), ${literal(text)})]`);
  }

  async tick(title: string): Promise<void> {
    await this.#browser.click(`${TRAY}//input[@aria-label = ${literal(`Choose ${title}`)}]`);
  }

  async fillIn(label: string, value: string): Promise<void> {
    await this.#browser.write(label, value);
  }

  /** Approves, as soon as what was decided before is through. */
  async approve(): Promise<void> {
    await this.#browser.click(APPROVE);
  }

  /** Sends it back with a reason, and a mark on a field. */
  async sendBack(why: string, mark?: { readonly field: string; readonly says: string }): Promise<void> {
    await this.#browser.click(`${BESIDE}//button[starts-with(normalize-space(.), "Send back to")]`);
    await this.#browser.write('Why, or what to change', why);
    if (mark) {
      await this.#browser.click('//summary[. = "Mark single fields"]');
      await this.#browser.tick(mark.field, '//*[@role = "dialog"]');
      await this.#browser.write(`What about ${mark.field}`, mark.says);
    }
    await this.#browser.click('//*[@role = "dialog"]//button[. = "Send back"]');
  }

  async said(text: string): Promise<void> {
    await this.#browser.see(`${BESIDE}//*[@role = "status"][contains(., ${literal(text)})]`);
  }

  async undo(): Promise<void> {
    await this.#browser.click(`${BESIDE}//*[@role = "status"]//button[. = "Undo"]`);
    await this.said('Undone.');
  }
}
