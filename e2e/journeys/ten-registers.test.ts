import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Browser } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { signInAs } from '../pages/sign-in.ts';

/** Each register of the demonstration: its list, a record's page and the form for adding, at a desk and on a phone. */
describe('the ten registers', () => {
  let iolite: Iolite;
  let desk: Browser;
  let phone: Browser;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    [desk, phone] = await Promise.all([Browser.open(), Browser.open({ width: 390, height: 844 })]);
    await signInAs(desk, iolite.address, 'Runa Oakes');
    await signInAs(phone, iolite.address, 'Runa Oakes');
  }, 180_000);
  afterAll(async () => {
    await desk?.close();
    await phone?.close();
    await iolite?.remove();
  });
  beforeEach(({ onTestFailed }) =>
    onTestFailed(async () => {
      await desk.pictureOfFailure('ten');
      await phone.pictureOfFailure('ten-phone');
    }),
  );

  /** Pixels by which the page itself can be moved sideways: tables scroll inside it, the page must not. */
  const sideways = (browser: Browser): Promise<number> =>
    browser.driver.executeScript<number>(
      'const page = document.scrollingElement; return page.scrollWidth - page.clientWidth',
    );

  test.each([
    ['clients', 'Clients', 'CLI', 'Name'],
    ['boats', 'Boats', 'BOA', 'Name'],
    ['berths', 'Berths', 'BER', 'Name'],
    ['stock', 'Stock', 'STK', 'Name'],
    ['movements', 'Stock movements', 'MOV', 'What'],
    ['invoices', 'Invoices', 'INV', 'Subject'],
    ['incidents', 'Incidents', 'INC', 'Title'],
    ['appeals', 'Appeals', 'APL', 'Name'],
    ['donations', 'Donations', 'DON', 'Donor'],
    ['purchases', 'Purchases', 'PUR', 'What for'],
  ])('%s can be listed, read and added to, by everyone', async (key, plural, mark, first) => {
    for (const browser of [desk, phone]) {
      await browser.visit(`${iolite.address}/registers/${key}?sort=number`);
      // Lines on a desk, cards on a phone.
      if (browser === desk) await browser.see(`//main//table[@aria-label = "${plural}"]//tbody/tr[3]`);
      await browser.see('(//main//*[@data-record])[3]');
      expect(await browser.axe()).toEqual([]);
      expect(await sideways(browser)).toBe(0);
      await browser.click(`//main//button[starts-with(@aria-label, "Open ${mark}-0002")]`);
      await browser.press("Open the record's own page");
      await browser.see(`//main//dt[. = "${first}"]`);
      expect(await browser.axe()).toEqual([]);
      expect(await sideways(browser)).toBe(0);
      await browser.visit(`${iolite.address}/forms/.${key}`);
      await browser.see(browser.field(first));
      expect(await browser.axe()).toEqual([]);
      expect(await sideways(browser)).toBe(0);
      // Sent empty, it says what must be answered, and goes there.
      await browser.press('Send');
      await browser.seeText(`${first} must be answered.`);
      await browser.waitUntil(
        'the focus is on the first question',
        async () => (await browser.focusedQuestion()) !== '',
      );
    }
    expect(await desk.consoleErrors()).toEqual([]);
  });
});
