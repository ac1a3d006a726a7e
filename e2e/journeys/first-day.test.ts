import { afterEach, describe, expect, test } from 'vitest';
import { Browser } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { AccountPages } from '../pages/account.ts';
import { InTray } from '../pages/in-tray.ts';

const PASSWORD = 'beans and peas';

/** An organisation begins: from an empty database, with a set to begin with, to the first approved record. */
describe('the first day', () => {
  const opened: { close(): Promise<void> }[] = [];
  let iolite: Iolite;
  afterEach(async () => {
    await Promise.all(opened.splice(0).map((each) => each.close()));
    await iolite?.remove();
  });
  const open = async (): Promise<Browser> => {
    const browser = await Browser.open();
    opened.push(browser);
    return browser;
  };

  /** Begins with the code that stands on the console, and takes a set. */
  const begin = async (set: string): Promise<Browser> => {
    iolite = await Iolite.makeEmpty();
    const printed = await iolite.start();
    const wren = await open();
    await wren.visit(iolite.address);
    await wren.see('//h1[. = "Begin a workspace"]');
    await wren.write('Name of the organisation', 'Hill Field');
    await wren.click('//label[. = "Country"]/following-sibling::select/option[. = "United Kingdom"]');
    await wren.click('//label[. = "Part of it"]/following-sibling::select/option[. = "Scotland"]');
    await wren.write('Your name', 'Wren Attwater');
    await wren.write('Your e-mail address', 'wren@example.org');
    await wren.write('Password', PASSWORD);
    await wren.write('The code from the console', 'aaaa-bbbb-cccc');
    await wren.press('Begin');
    await wren.seeText('This is not the code.');
    await wren.write('The code from the console', Iolite.codeIn(printed));
    await wren.press('Begin');
    await wren.see('//h1[starts-with(., "Today")]');
    await wren.see('//a[. = "Make the first register"]');
    if (set === 'Expenses and assets of an office') {
      expect(await wren.axe()).toEqual([]);
      await wren.picture('first-day');
    }
    await wren.press(`Begin with it: ${set}`);
    return wren;
  };

  test.each([
    ['People and equipment of a small club', ['Members', 'Equipment', 'Loans'], 'Join the club'],
    ['A waiting list with bookings', ['Guests', 'Places', 'Bookings'], 'Join the waiting list'],
  ])('with %s', async (set, registers, form) => {
    const wren = await begin(set);
    for (const register of registers) await wren.see(`//nav[@aria-label = "Index"]//a[contains(., "${register}")]`);
    await wren.click(`//main//a[contains(., "${form}")]`);
    await wren.write('Name', 'Ivo Tarn');
    await wren.write('E-mail', 'ivo.tarn@example.org');
    if (set.includes('bookings')) await wren.tick('Plot', '//main');
    await wren.press('Send');
    await wren.seeText('was stored');
    await wren.click(`//nav[@aria-label = "Index"]//a[contains(., "${registers[0]}")]`);
    await wren.seeText('Ivo Tarn');
    expect(await wren.axe()).toEqual([]);
  });

  test('with the expenses of an office: two are invited, one claims, the other approves', async () => {
    const wren = await begin('Expenses and assets of an office');
    await wren.see('//nav[@aria-label = "Index"]//a[contains(., "Expenses")]');
    await wren.visit(`${iolite.address}/set-up/people`);
    await wren.press('Invite many');
    await wren.typeInto(
      '//textarea',
      'Una Penn, una@example.org, Staff\nHal Quist, hal@example.org, Approver\nnobody, nowhere',
    );
    await wren.press('Invite these 3 people');
    await wren.seeText('One line is wrong or known: nobody was invited yet.');
    expect(await wren.axe()).toEqual([]);
    await wren.press('Leave it out');
    await wren.press('Invite these 2 people');
    await wren.seeText('2 people were invited.');
    const office = new AccountPages(wren, iolite.address);
    const [una, hal] = [await open(), await open()];
    for (const [browser, name] of [
      [una, 'Una Penn'],
      [hal, 'Hal Quist'],
    ] as const) {
      await browser.visit(await office.linkTo(name, 'invites you'));
      const account = new AccountPages(browser, iolite.address);
      await account.choosePassword('kelp and samphire', 'Come in');
      await account.seesFrameOf(name);
    }
    await una.click('//main//a[contains(., "Claim an expense")]');
    await una.write('What for', 'Train to the county fair');
    await una.tick('Travel', '//main');
    await una.write('Amount', '18.40');
    await una.press('Send');
    await una.seeText('Approval');
    await hal.visit(`${iolite.address}/in-tray`);
    await hal.click('//main//a[contains(., "Train to the county fair")]');
    await new InTray(hal, iolite.address).approve();
    await una.visit(`${iolite.address}/registers/expenses`);
    await una.seeText('Train to the county fair');
    await una.see('//main//*[. = "Approved"]');
    // And it was written to him, before he looked.
    await office.openMessage('Hal Quist', 'waits for you to sign');
    await wren.see('//article//a[. = "Open it in the in-tray"]');
  });
});
