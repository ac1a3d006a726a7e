import { Secret, TOTP } from 'otpauth';
import { type Browser, literal } from '../browser.ts';

/** What each page outside and one's own details let somebody do with their account. */
export class AccountPages {
  readonly #browser: Browser;
  readonly #address: string;
  constructor(browser: Browser, address: string) {
    this.#browser = browser;
    this.#address = address;
  }

  /** Follows the link of the newest message to somebody, as it lies in the post room. */
  async followLinkTo(name: string, subject: string): Promise<void> {
    await this.openMessage(name, subject);
    await this.#browser.click('//article//a[starts-with(@href, "/")]');
  }

  async openMessage(name: string, subject: string): Promise<void> {
    await this.#browser.visit(`${this.#address}/post-room`);
    await this.#browser.click(
      `(//ul[@aria-label = "Messages"]//button[contains(., ${literal(name)})][contains(., ${literal(subject)})])[1]`,
    );
    await this.#browser.see(`//article[contains(., ${literal(subject)})]`);
  }

  /** Where that link leads, to be opened in another browser. */
  async linkTo(name: string, subject: string): Promise<string> {
    await this.openMessage(name, subject);
    const href = await this.#browser.attributeOf('//article//a', 'href');
    return new URL(href, this.#address).href;
  }

  async choosePassword(password: string, go: string): Promise<void> {
    await this.#browser.write('Password', password);
    await this.#browser.press(go);
  }

  async signIn(email: string, password: string): Promise<void> {
    await this.#browser.visit(`${this.#address}/sign-in/password`);
    await this.#browser.write('E-mail address', email);
    await this.#browser.write('Password', password);
    await this.#browser.press('Sign in');
  }

  /** Signed in: the frame says as whom. */
  async seesFrameOf(name: string): Promise<void> {
    await this.#browser.see(`//header[contains(., ${literal(name)})]`);
  }

  async signOut(): Promise<void> {
    await this.#browser.press('Sign out');
    await this.#browser.see('//h1[. = "Sign in"]');
  }

  /** Sets a second step up; gives its secret and the recovery codes. */
  async setSecondStepUp(): Promise<{ readonly secret: string; readonly codes: readonly string[] }> {
    await this.#browser.visit(`${this.#address}/my-details`);
    await this.#browser.press('Set up a second step');
    const secret = (await this.#browser.textOf('//img[contains(@alt, "secret")]/following-sibling::p')).replace(
      /\s/g,
      '',
    );
    await this.#browser.write('Code', codeOf(secret));
    await this.#browser.press('Switch it on');
    await this.#browser.seeText('The second step is on.');
    const codes = await this.#browser.textOf('//div[@role = "status"]/ul');
    await this.#browser.press('I have kept them');
    return { secret, codes: codes.split(/\s+/) };
  }
}

/** The code that a device shows, now or in the next steps. */
export const codeOf = (secret: string, steps = 0): string =>
  new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: Date.now() + steps * 30_000 });
