import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Browser, Key } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { EntryPage } from '../pages/entry.ts';
import { FormEditor } from '../pages/form-editor.ts';
import { RegisterEditor } from '../pages/register-editor.ts';
import { signInAs } from '../pages/sign-in.ts';

/** What people do wrong, and what goes wrong around them: told in words, and nothing is lost. */
describe('when things go wrong', () => {
  let iolite: Iolite;
  let bea: Browser;
  let runa: Browser;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    [bea, runa] = await Promise.all([Browser.open(), Browser.open()]);
    await Promise.all([signInAs(bea, iolite.address, 'Bea Quill'), signInAs(runa, iolite.address, 'Runa Oakes')]);
  }, 180_000);
  afterAll(async () => {
    await Promise.all([bea?.close(), runa?.close()]);
    await iolite?.remove();
  });

  test('a definition that cannot be is refused with its reason, and nothing typed is lost', async () => {
    const editor = new RegisterEditor(runa);
    await editor.openNew();
    await editor.name('Tool', '   ', 'BOA');
    await editor.addFields([{ label: 'Name', kind: 'text' }]);
    await runa.press('Rehearse');
    await runa.seeText('A label cannot be empty or only spaces.');
    await editor.name('Tool', 'Tools', 'BOA');
    await runa.press('Rehearse');
    await runa.seeText('The tab mark BOA already belongs to Boats.');
    expect(await runa.valueOf(runa.field('Label of field 1'))).toBe('Name');
    await editor.name('Tool', 'Tools', 'TOO');
    expect(await editor.rehearse()).toContain('The register Tools is made');
  });

  test('a formula that is wrong says where and why, and is not used', async () => {
    await runa.visit(`${iolite.address}/set-up/forms/new_client`);
    const editor = new FormEditor(runa);
    const formula = await editor.asFormula('Credit limit');
    await formula.write('credit_limt > "ten"');
    await runa.seeText('Did you mean credit_limit?');
    await formula.write('credit_limit > "ten"');
    await runa.seeText('Credit limit is a number and cannot be compared with a text.');
    await runa.see('//button[normalize-space(.) = "Use"][@disabled]');
    await formula.write('credit_limit > 10 and credit_limit < 9000');
    await runa.press('Use');
    await editor.rules('Credit limit').reads('must be over 10 and must be under 9000');
    await runa.press('Undo');
    await editor.kept();
  });

  test('an address with a filter that cannot be read shows the filter and the reason', async () => {
    await bea.visit(`${iolite.address}/registers/boats?filter=${encodeURIComponent('lenght_overall > 5')}`);
    await bea.seeText('Did you mean length_overall?');
    await bea.visit(`${iolite.address}/registers/boats?filter=${encodeURIComponent('length_overall > ')}`);
    await bea.seeText('Something is missing at the end of this expression.');
    await bea.visit(`${iolite.address}/registers/no_such`);
    await bea.seeText('There is no such register, or none you may see.');
    await bea.visit(`${iolite.address}/forms/no_such`);
    await bea.seeText('There is nothing here for you');
    await bea.visit(`${iolite.address}/set-up/registers`);
    await bea.seeText('Only set-up people work here.');
    await bea.visit(`${iolite.address}/no/such/place`);
    await bea.seeText('There is nothing at this address.');
  });

  test('two windows change the same field: the second is shown both, and decides', async () => {
    const address = `${iolite.address}/registers/clients?find=Orla+Margetts`;
    for (const browser of [bea, runa]) {
      await browser.visit(address);
      await browser.press('Open CLI-0001');
      await browser.press('Change Phone');
    }
    await bea.write('Phone', '01632 960111');
    await runa.write('Phone', '01632 960222');
    await bea.press('Store');
    await bea.see('//aside//dd[contains(., "01632 960111")]');
    await runa.press('Store');
    await runa.seeText('Someone else changed Phone meanwhile.');
    await runa.seeText('and is 01632 960111 now.');
    await runa.press('Store 01632 960222 over it');
    await runa.see(
      '//aside//section[@aria-label = "History"]//li[contains(., "Phone: 01632 960222 was 01632 960111")]',
    );
    // The other window hears of it.
    await bea.see('//aside//dd[contains(., "01632 960222")]');
  });

  test('what the first journey passes by is accessible too, by day and by night', async () => {
    for (const scheme of ['light', 'dark']) {
      await runa.prefer(scheme);
      for (const place of [
        '/',
        '/set-up/registers',
        '/set-up/registers/invoices',
        '/set-up/choice-lists',
        '/set-up/choice-lists/incident_causes',
        '/registers/stock',
        '/forms/.purchases',
        '/set-up/forms',
        '/set-up/routes',
        '/registers/invoices',
        '/in-tray',
        '/forms/new_client',
      ]) {
        await runa.visit(`${iolite.address}${place}`);
        await runa.see('//main//h1');
        expect([place, scheme, await runa.axe()]).toEqual([place, scheme, []]);
      }
      await runa.visit(`${iolite.address}/set-up/forms/new_client`);
      await runa.press('Publish');
      await runa.seeText('Who may see Clients?');
      expect(await runa.axe()).toEqual([]);
      await runa.press('Not yet');
    }
    await runa.prefer('light');
    await runa.visit(`${iolite.address}/registers/clients?find=Orla+Margetts`);
    await runa.press('Open CLI-0001');
  });

  test('nine windows of one browser all hear of a change', async () => {
    const { driver } = runa;
    const first = await driver.getWindowHandle();
    const windows: string[] = [];
    for (let i = 0; i < 8; i++) {
      await driver.switchTo().newWindow('tab');
      windows.push(await driver.getWindowHandle());
      await runa.visit(`${iolite.address}/registers/clients?find=Orla+Margetts`);
      await runa.see('//table//td[normalize-space(.) = "Orla Margetts"]');
    }
    await driver.switchTo().window(first);
    await runa.press('Change Phone');
    await runa.write('Phone', '01632 960333');
    await runa.press('Store');
    for (const handle of windows) {
      await driver.switchTo().window(handle);
      await runa.see('//table//td[normalize-space(.) = "01632 960333"]');
      await driver.close();
    }
    await driver.switchTo().window(first);
  });

  test('leaving with Escape, a reload and a server that is away lose nothing', async () => {
    await bea.visit(`${iolite.address}/forms/new_client`);
    const entry = new EntryPage(bea);
    await entry.onQuestion('name');
    await entry.type('Tilda Brine');
    await bea.keys(Key.ESCAPE);
    await bea.seeText('Good to see you, Bea.');
    await bea.click('//main//a[contains(., "New client")]');
    await entry.onQuestion('name');
    expect(await entry.value('name')).toBe('Tilda Brine');
    await iolite.stop();
    await entry.send();
    await bea.seeText('The server cannot be reached just now. What you typed is kept here; try again in a moment.');
    await iolite.start();
    expect(await entry.value('name')).toBe('Tilda Brine');
    await entry.send();
    expect(await entry.thanks()).toBe('CLI-0201');
    await bea.press('Fill in another');
    await entry.onQuestion('name');
    expect(await entry.value('name')).toBe('');
  });

  test('a server that was killed is started again by itself, and what is being filled in goes on', async () => {
    await bea.visit(`${iolite.address}/forms/new_client`);
    const entry = new EntryPage(bea);
    await entry.onQuestion('name');
    await entry.type('Marlow Pike');
    await iolite.killServer();
    await entry.send();
    expect(await entry.thanks()).toBe('CLI-0202');
    // While it was down the open windows noticed; that is not a fault.
    await Promise.all([runa, bea].map((browser) => browser.consoleErrors()));
  });
});
