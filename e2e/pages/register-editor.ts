import type { Browser } from '../browser.ts';

export interface NewFieldSpec {
  readonly label: string;
  readonly kind: string;
  readonly linksTo?: string;
  /** A choice list made on the way. */
  readonly newList?: { readonly name: string; readonly choices: readonly string[] };
}

/** Set-up, Registers & fields: one register being made. */
export class RegisterEditor {
  readonly #browser: Browser;
  constructor(browser: Browser) {
    this.#browser = browser;
  }

  async openNew(): Promise<void> {
    await this.#browser.press('Registers & fields');
    await this.#browser.press('New register');
  }

  async name(singular: string, plural: string, mark: string): Promise<void> {
    await this.#browser.write('One is called', singular);
    await this.#browser.write('Many are called', plural);
    await this.#browser.write('Tab mark', mark);
  }

  async addFields(fields: readonly NewFieldSpec[]): Promise<void> {
    for (const [i, field] of fields.entries()) {
      const n = i + 1;
      if (n > 1) await this.#browser.press('Add a field');
      await this.#browser.write(`Label of field ${n}`, field.label);
      if (field.kind !== 'text') await this.#pick(`change the kind of field ${n}`, field.kind);
      if (field.linksTo) await this.#pick(`change the register of field ${n}`, field.linksTo);
      if (field.newList) {
        await this.#browser.click(
          `//li[.//input[@aria-label = "Label of field ${n}"]]//button[starts-with(@aria-label, "make a new list")]`,
        );
        await this.#browser.write('Name of the list', field.newList.name);
        await this.#browser.write('Choices, one a line', field.newList.choices.join('\n'));
        await this.#browser.press('Make the list');
      }
    }
  }

  /** Opens the outline of a register that there is. */
  async open(address: string, register: string): Promise<void> {
    await this.#browser.visit(`${address}/set-up/registers/${register}`);
    await this.#browser.see('//h2[normalize-space(.) = "Fields"]');
  }

  /** Adds a field at the end; gives its place, counted from 1. */
  async addOne(label: string, kind: string): Promise<number> {
    await this.#browser.press('Add a field');
    const n = await this.#browser.count('//input[starts-with(@aria-label, "Label of field")]');
    await this.#browser.write(`Label of field ${n}`, label);
    if (kind !== 'text') await this.#pick(`change the kind of field ${n}`, kind);
    return n;
  }

  /** Changes a part of a field's sentence by picking. */
  async pick(part: string, choice: string): Promise<void> {
    await this.#pick(`change the ${part}`, choice);
  }

  async takeAway(label: string): Promise<void> {
    await this.#browser.click(
      `//li[.//input[starts-with(@aria-label, "Label of field")][@value = "${label}"]]//button[starts-with(@aria-label, "Take field")]`,
    );
  }

  /** Opens a part of a sentence by what it changes, and picks one of what it offers. */
  async #pick(part: string, choice: string): Promise<void> {
    await this.#browser.click(`//button[contains(@aria-label, "${part}")]`);
    await this.#browser.click(`//button[contains(@class, "slip-row")][normalize-space() = "${choice}"]`);
  }

  /** Rehearses, and gives what it says would be done. */
  async rehearse(): Promise<string> {
    await this.#browser.press('Rehearse');
    return this.#browser.textOf('//section[@aria-label = "What carrying out would do"]');
  }

  /** Carries out, and waits until it is done: the register's list opens then. */
  async carryOut(): Promise<void> {
    await this.#browser.press('Carry out');
    await this.#browser.waitUntil('it is carried out', async () =>
      (await this.#browser.path()).startsWith('/registers/'),
    );
  }
}
