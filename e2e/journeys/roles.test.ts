import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { z } from 'zod';
import { Browser } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { PeopleEditor } from '../pages/people-editor.ts';
import { signInAs } from '../pages/sign-in.ts';

const recordsSchema = z.object({ records: z.array(z.object({ id: z.string(), number: z.string() })) });

/** A client sees what is hers, a yard hand no money, and the operations manager gives the treasurer one field to change. */
describe('what each may see', () => {
  let iolite: Iolite;
  let runa: Browser;
  let orla: Browser;
  let phone: Browser;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    [runa, orla, phone] = await Promise.all([
      Browser.open(),
      Browser.open(),
      Browser.open({ width: 390, height: 844 }),
    ]);
  }, 180_000);
  afterAll(async () => {
    await Promise.all([runa, orla, phone].map((browser) => browser?.close()));
    await iolite?.remove();
  });
  beforeEach(({ onTestFailed }) =>
    onTestFailed(async () => {
      await runa.pictureOfFailure('roles-runa');
      await orla.pictureOfFailure('roles-orla');
      await phone.pictureOfFailure('roles-phone');
    }),
  );

  /** Shows the fields of a record in which nothing stands. */
  const unfold = (browser: Browser) => browser.click('//main//button[contains(., " empty field")]');
  /** The records of a list: lines on a desk, cards on a phone. */
  const inList = '//main//*[self::tr or self::article][@data-record]';
  const recordsOf = async (register: string, query: string) =>
    recordsSchema.parse(
      await iolite.call('runa.oakes@example.org', 'GET', `/api/registers/${register}/records?${query}`),
    ).records;

  test('a client sees two boats and three invoices and nothing else, on a desk and on a phone', async () => {
    for (const browser of [orla, phone]) {
      await signInAs(browser, iolite.address, 'Orla Margetts');
      for (const [register, count] of [
        ['clients', 1],
        ['boats', 2],
        ['invoices', 3],
      ] as const) {
        await browser.visit(`${iolite.address}/registers/${register}`);
        await browser.waitUntil(`${count} ${register}`, async () => (await browser.count(inList)) === count);
      }
      expect(await browser.count('//nav[@aria-label = "Index"]//a')).toBe(4);
      expect(await browser.axe()).toEqual([]);
    }
    const [other] = await recordsOf('boats', 'limit=1');
    await orla.visit(`${iolite.address}/registers/boats/${other?.id}`);
    await orla.seeText('There is no such record, or none you may see.');
    await orla.visit(`${iolite.address}/registers/clients`);
    await orla.click('//main//tbody//*[normalize-space(text()) = "CLI-0001"]');
    await orla.see('//*[@role = "img"][@aria-label = "Name may not be changed by you here."]');
    await orla.see('//button[@aria-label = "Change Phone"]');
  });

  test('a yard hand’s stock has no money anywhere', async () => {
    await signInAs(orla, iolite.address, 'Piet Lund');
    await orla.visit(`${iolite.address}/registers/stock`);
    await orla.see(inList);
    await orla.seeNo('//main//th[contains(., "price") or contains(., "Value") or contains(., "Margin")]');
    const [item] = await recordsOf('stock', 'limit=1');
    await orla.visit(`${iolite.address}/registers/stock/${item?.id}`);
    await orla.seeText('Shelf');
    for (const words of ['price', 'Margin', 'Value on hand', 'GBP', '£'])
      await orla.seeNo(`//main//*[text()[contains(., "${words}")]]`);
  });

  test('the operations manager gives the treasurer the right to change one field, sees what that means, and looks as her', async () => {
    await signInAs(runa, iolite.address, 'Runa Oakes');
    const roles = new PeopleEditor(runa);
    await roles.open(iolite.address, 'treasurer');
    await roles.write('changes every Ship');
    await runa.seeText('“Ship” names no register.');
    await runa.typeInto('//input[@id = "add-sentence"]', '\uE009a');
    await roles.write('changes every Purchase: Approved by accounts');
    await roles.rehearse();
    await runa.see(roles.step('Whoever is Treasurer changes every Purchase: Approved by accounts.'));
    await runa.see(roles.step('Not any more: changes every Purchase.'));
    expect(await runa.axe()).toEqual([]);
    await runa.picture('people-roles');
    await roles.carryOut();
    await runa.press('Look as Ines Varga');
    await runa.seeText('You see everything as Ines Varga does.');
    const [purchase] = await recordsOf('purchases', 'limit=1');
    await runa.visit(`${iolite.address}/registers/purchases/${purchase?.id}`);
    await unfold(runa);
    await runa.see('//button[@aria-label = "Change Approved by accounts"]');
    await runa.seeNo('//button[@aria-label = "Change What for"]');
    expect(await runa.axe()).toEqual([]);
    await runa.click('//button[@aria-label = "Change Approved by accounts"]');
    await runa.tick('Yes', '//main');
    await runa.press('Store');
    await runa.seeText('You look as Ines Varga: nothing can be written meanwhile.');
    await runa.press('Look as Runa Oakes again');
    await runa.seeText('Runa Oakes looked as Ines Varga.');
    await runa.consoleErrors();
  });

  test('the treasurer changes that field, and nobody else does', async () => {
    const [purchase] = await recordsOf('purchases', 'limit=1');
    await signInAs(orla, iolite.address, 'Ines Varga');
    await orla.visit(`${iolite.address}/registers/purchases/${purchase?.id}`);
    await unfold(orla);
    await orla.click('//button[@aria-label = "Change Approved by accounts"]');
    await orla.tick('Yes', '//main');
    await orla.press('Store');
    await orla.see('//dt[contains(., "Approved by accounts")]/following-sibling::dd[1][contains(., "Yes")]');
    await signInAs(orla, iolite.address, 'Bea Quill');
    await orla.visit(`${iolite.address}/registers/purchases/${purchase?.id}`);
    await orla.see('//*[@role = "img"][@aria-label = "Approved by accounts may not be changed by you here."]');
    await orla.see('//button[@aria-label = "Change What for"]');
  });

  test('who may see a record is told with the role’s own sentence', async () => {
    const [invoice] = await recordsOf(
      'invoices',
      `limit=1&filter=${encodeURIComponent('client.name = "Orla Margetts"')}`,
    );
    await runa.visit(`${iolite.address}/registers/invoices/${invoice?.id}`);
    await runa.press('Go through everybody');
    await runa.see(
      '//section[@aria-label = "Who may see this"]//li[contains(., "Orla Margetts")][contains(., "sees Invoices whose client is me")]',
    );
    await runa.seeNo('//section[@aria-label = "Who may see this"]//li[contains(., "Piet Lund")]');
    expect(await runa.axe()).toEqual([]);
  });
});
