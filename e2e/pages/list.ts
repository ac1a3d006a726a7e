import { type Browser, Key, literal } from '../browser.ts';

/** A register's list on the screen: its tabs, its sentence, its records. */
export class ListScreen {
  readonly #browser: Browser;
  readonly #address: string;
  constructor(browser: Browser, address: string) {
    this.#browser = browser;
    this.#address = address;
  }

  /** Opens the list of a register; `query` as its address has it. */
  async open(register: string, query = ''): Promise<void> {
    await this.#browser.visit(`${this.#address}/registers/${register}${query}`);
    await this.#browser.see('//nav[starts-with(@aria-label, "Lists of")]');
  }

  tab(name: string): string {
    return `//nav[starts-with(@aria-label, "Lists of")]//a[starts-with(normalize-space(.), ${literal(name)})]`;
  }

  async openTab(name: string): Promise<void> {
    await this.#browser.click(this.tab(name));
    await this.isOpen(name);
  }

  async isOpen(name: string): Promise<void> {
    await this.#browser.see(`${this.tab(name)}[@aria-current = "page"]`);
  }

  /** Changes a part of the sentence by the drop-down in its slip. */
  async choose(part: string, what: string, label: string, option: string): Promise<void> {
    await this.#browser.press(`${part}, change the ${what}`);
    await this.#browser.choose(label, option);
    await this.#browser.keys(Key.ESCAPE);
  }

  /** Whether a part of the sentence reads so. */
  async reads(part: string, what: string): Promise<void> {
    await this.#browser.see(`//button[@aria-label = ${literal(`${part}, change the ${what}`)}]`);
  }

  async menu(item: string): Promise<void> {
    await this.#browser.press('More for this list');
    await this.#browser.click(
      `//div[contains(@class, "slip")]//*[self::button or self::a][normalize-space(.) = ${literal(item)}]`,
    );
  }

  async keepAs(
    name: string,
    pressed: 'Keep as a list' | 'Keep as another',
    ticks: readonly string[] = [],
  ): Promise<void> {
    await this.#browser.press(pressed);
    await this.#browser.write('Name', name);
    if (ticks.length > 0) await this.#browser.tick('people with these roles');
    for (const tick of ticks) await this.#browser.tick(tick, '//*[@role = "dialog"]');
    await this.#browser.click('//*[@role = "dialog"]//button[normalize-space(.) = "Keep"]');
    await this.isOpen(name);
  }

  /** Goes to where what the list is sorted by first holds something. */
  async goFrom(label: string, value: string): Promise<void> {
    await this.#browser.write(`From ${label}`, value);
    await this.#browser.press('Go');
  }

  /** What is said under the list of which rows are seen. */
  async rowsRead(words: string): Promise<void> {
    await this.#browser.see(`//span[contains(normalize-space(.), ${literal(words)})]`);
  }

  /** The first line that is not under the head, in words. */
  async firstSeen(): Promise<string> {
    const read = `
      const under = document.querySelector('[data-scroller] thead th').getBoundingClientRect().bottom - 1;
      const seen = [...document.querySelectorAll('tr[data-record]')].find((row) => row.getBoundingClientRect().top >= under);
      return seen ? seen.textContent : '';`;
    return String(await this.#browser.driver.executeScript(read));
  }

  /** Waits until the first line reads so, and gives what it read: asked a second time, rows may be on their way. */
  async firstReads(pattern: RegExp): Promise<string> {
    let read = '';
    await this.#browser.waitUntil(`the first line like ${pattern}`, async () => {
      read = await this.firstSeen();
      return pattern.test(read);
    });
    return read;
  }

  row(at: number): string {
    return `(//table/tbody/tr[@data-record])[${at}]`;
  }

  cell(row: number, column: number): string {
    return `${this.row(row)}/td[@data-column = "${column}"]`;
  }

  async hasFocus(xpath: string): Promise<void> {
    await this.#browser.waitUntil(`the focus at ${xpath}`, async () => this.#browser.isFocused(xpath));
  }

  /**
   * Puts the focus on a cell, as the mouse does. The cell is held by its record: rows that arrive above it move which one is
   * the twelfth.
   */
  async focus(cell: string): Promise<void> {
    const held = await this.#heldByRecord(cell);
    await this.#browser.click(held);
    if (await this.#browser.comesTrue(async () => this.#browser.isFocused(held))) return;
    await this.#browser.click(held);
    await this.hasFocus(held);
  }

  /** The same cell, found by its record and its column: asked for in one go, as rows that arrive draw the table anew. */
  async #heldByRecord(cell: string): Promise<string> {
    const read = `const cell = document.evaluate(arguments[0], document, null, XPathResult.FIRST_ORDERED_NODE_TYPE).singleNodeValue;
      return cell && { record: cell.closest('tr').dataset.record, column: cell.dataset.column }`;
    let held = { record: '', column: '' };
    await this.#browser.waitUntil(`the cell ${cell}`, async () => {
      const there = await this.#browser.driver.executeScript<typeof held | null>(read, cell);
      if (there) held = there;
      return there !== null;
    });
    return `//tr[@data-record = ${literal(held.record)}]/td[@data-column = ${literal(held.column)}]`;
  }

  /** Types over a cell. */
  async type(cell: string, text: string): Promise<void> {
    await this.focus(cell);
    await this.#browser.keys(...text);
  }

  /** Chooses a block of cells from one on, by the arrows. */
  async block(from: string, arrows: readonly string[]): Promise<void> {
    await this.focus(from);
    for (const arrow of arrows) await this.#browser.keys(Key.chord(Key.SHIFT, arrow));
  }

  /** Says of what is ticked that a field is to be set. */
  async manySet(field: string, value: string): Promise<void> {
    const bar = '//section[@aria-label = "What is ticked"]';
    await this.#browser.click(`${bar}//button[contains(@aria-label, "change the field")]`);
    await this.#browser.click(`//div[contains(@class, "slip")]//button[contains(., ${literal(field)})]`);
    await this.#browser.click(`${bar}//button[contains(@aria-label, "change the value")]`);
    await this.#browser.write(field, value);
    await this.#browser.press('Take this value');
  }
}
