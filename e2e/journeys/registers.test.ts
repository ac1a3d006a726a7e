import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { z } from 'zod';
import { Browser, Key } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { signInAs } from '../pages/sign-in.ts';
import { Spreadsheet } from '../pages/spreadsheet.ts';

const listSchema = z.object({ records: z.array(z.object({ values: z.record(z.string(), z.unknown()) })) });

/** The shared records in daily use: an invoice with its lines, a client's page, a list out and in as CSV. */
describe('registers in daily use', () => {
  const folder = mkdtempSync(join(tmpdir(), 'iolite-csv-'));
  let iolite: Iolite;
  let runa: Browser;
  let bea: Browser;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    [runa, bea] = await Promise.all([Browser.open(), Browser.open()]);
    await signInAs(runa, iolite.address, 'Runa Oakes');
    await signInAs(bea, iolite.address, 'Bea Quill');
  }, 180_000);
  afterAll(async () => {
    await runa?.close();
    await bea?.close();
    await iolite?.remove();
    rmSync(folder, { recursive: true });
  });
  beforeEach(({ onTestFailed }) =>
    onTestFailed(async () => {
      await runa.pictureOfFailure('registers');
      await bea.pictureOfFailure('registers-office');
    }),
  );

  const lookUp = async (browser: Browser, label: string, words: string) => {
    await browser.write(label, words);
    await browser.see(`//*[@role = "option"][contains(., "${words}")]`);
    await browser.keys(Key.ENTER);
    await browser.seeNo('//*[@role = "option"]');
  };
  const cell = (browser: Browser, label: string, text: string) => browser.write(label, text);

  test('all registers and their links are one picture that can be clicked through', async () => {
    await runa.visit(`${iolite.address}/set-up/registers`);
    await runa.press('As a picture');
    expect(await runa.count('//*[@role = "link"][@tabindex = "0"]')).toBe(10);
    expect(await runa.axe()).toEqual([]);
    await runa.click('//*[@role = "link"][contains(@aria-label, "Invoices")]');
    await runa.see('//main//h1[. = "Invoices"]');
    await runa.press('See it on real records');
    await runa.see('//table[@aria-label = "Preview on real records"]//tbody/tr[8]');
    expect(await runa.axe()).toEqual([]);
    await runa.picture('register-outline');
  });

  test('an invoice is entered line by line with the keyboard, and its sums follow', async () => {
    await bea.visit(`${iolite.address}/forms/.invoices`);
    await bea.write('Subject', 'Winter storage, Tide Lass');
    await lookUp(bea, 'Client', 'Orla Margetts');
    await bea.tick('Issued', '//div[@data-question = "state"]');
    await bea.press('Add line');
    await cell(bea, 'What, row 1', 'Storage');
    await cell(bea, 'Quantity, row 1', '3');
    await cell(bea, 'Unit price, net, row 1', '9.99');
    await bea.choose('VAT rate, row 1', 'Standard 20 %');
    // Enter goes down, and past the last row adds one.
    await bea.write('What, row 1', 'Storage');
    await bea.keys(Key.ENTER);
    await cell(bea, 'What, row 2', 'Lifejacket');
    await cell(bea, 'Quantity, row 2', 'many');
    await bea.keys(Key.TAB);
    await bea.seeText('one cell cannot be read');
    await cell(bea, 'Quantity, row 2', '2');
    await cell(bea, 'Unit price, net, row 2', '12.50');
    await bea.choose('VAT rate, row 2', 'Reduced 5 %');
    // 29.97 at 20 % is 5.99, 25.00 at 5 % is 1.25.
    await bea.see('//div[@data-question = "vat"]//output[starts-with(., "7.24")]');
    await bea.see('//div[@data-question = "gross"]//output[starts-with(., "62.21")]');
    expect(await bea.axe()).toEqual([]);
    await bea.picture('rows');
    // A reload in the middle loses nothing.
    await bea.visit(await bea.driver.getCurrentUrl());
    await bea.see('//div[@data-question = "gross"]//output[starts-with(., "62.21")]');
    await bea.press('Send');
    await bea.see('//h1[contains(., "INV-1305 was stored")]');
  });

  test('a client’s page shows what points to it, right at once, and carries itself along', async () => {
    await runa.visit(`${iolite.address}/registers/clients?sort=number`);
    await runa.press('Open CLI-0001');
    await runa.press("Open the record's own page");
    await runa.see('//main//h1[. = "Orla Margetts"]');
    await runa.see('//section[@aria-label = "Invoices"]//td[. = "Winter storage, Tide Lass"]');
    await runa.see('//div[dt[. = "Open balance"]]/dd');
    expect(await runa.axe()).toEqual([]);
    await runa.picture('record-page');
    await runa.press('Next in the list');
    await runa.see('//main//h1[. = "Hale & Finch Charters"]');
    await runa.press('Previous in the list');
    await runa.see('//main//h1[. = "Orla Margetts"]');
    await runa.press('Add boat');
    await runa.waitUntil('the owner is filled in', async () => {
      const owner = await runa.see(runa.field('Owner'));
      return (await owner.getAttribute('value')) === 'Orla Margetts';
    });
  });

  test('invoices are put together by state and quarter, with what is owed of each, and the address holds it all', async () => {
    await bea.visit(`${iolite.address}/registers/invoices`);
    await bea.press('no groups, change the groups');
    await bea.choose('Group by', 'State');
    await bea.choose('Then by', 'quarter of Due');
    await bea.keys(Key.ESCAPE);
    await bea.press('no totals, change the totals');
    await bea.choose('With', 'the sum of Balance');
    await bea.keys(Key.ESCAPE);
    await bea.press('Number, newest first, change the order');
    await bea.choose('Then by', 'Balance');
    await bea.press('Turn Balance round');
    await bea.keys(Key.ESCAPE);
    await bea.see('//button[starts-with(@aria-label, "Balance, highest first")]');
    const row = (says: string): string => `//table[@aria-label = "Invoices"]/tbody/tr[th[contains(., "${says}")]]`;
    await bea.see(`${row('Paid')}//td[normalize-space(.) = "0.00"]`);
    await bea.click(`${row('Issued')}//button[starts-with(normalize-space(.), "Issued")]`);
    const quarter = [1, 2, 3, 4].map((n) => `contains(., "Q${n} ")`).join(' or ');
    await bea.click(`(${row('Issued')}/following-sibling::tr/th[${quarter}])[1]//button`);
    await bea.see('//table[@aria-label = "Invoices"]//td//button[starts-with(@aria-label, "Open INV-")]');
    expect(await bea.axe()).toEqual([]);
    await bea.picture('list-groups');
    // A colleague who opens the address sees the same, as far as it is theirs to see.
    await runa.visit(await bea.driver.getCurrentUrl());
    await runa.see('//button[starts-with(@aria-label, "State, then quarter of Due")]');
    await runa.see('//tfoot//th[contains(., "invoices")]');
  });

  test('archiving says who points here, and what points here can be moved', async () => {
    await runa.visit(`${iolite.address}/registers/clients?sort=number`);
    await runa.press('Open CLI-0002');
    await runa.press("Open the record's own page");
    await runa.press('Archive');
    await runa.seeText('Other records point to CLI-0002');
    expect(await runa.axe()).toEqual([]);
    await runa.write('Another client', 'Orla');
    await runa.click('//*[@role = "option"][contains(., "Orla Margetts")]');
    // A purchase from this firm was signed: who supplies it holds fast.
    await runa.press('Move and archive');
    await runa.seeText('Supplier is locked since Treasurer was asked to sign');
    await runa.press('Leave it');
    // Nothing that was signed points to this one.
    await runa.visit(`${iolite.address}/registers/clients?sort=number`);
    await runa.press('Open CLI-0004');
    await runa.press("Open the record's own page");
    await runa.press('Archive');
    await runa.seeText('Other records point to CLI-0004');
    await runa.write('Another client', 'Orla');
    await runa.click('//*[@role = "option"][contains(., "Orla Margetts")]');
    await runa.press('Move and archive');
    await runa.see('//main//table[@aria-label = "Clients"]');
    await runa.visit(`${iolite.address}/registers/clients?archived=yes`);
    await runa.press('Open CLI-0004');
    await runa.press("Open the record's own page");
    await runa.press('Bring it back');
    await runa.seeNo(runa.button('Bring it back'));
  });

  test('what a rule of the register refuses is gone to, whether the browser or the server knows it', async () => {
    const page = listSchema.parse(await iolite.call('runa.oakes@example.org', 'GET', '/api/registers/berths/records'));
    const taken = String(page.records[0]?.values.name);
    await runa.visit(`${iolite.address}/forms/.berths`);
    await runa.write('Name', taken);
    await runa.tick('A pontoon');
    await runa.press('Send');
    await runa.seeText('No two berths may have the same name');
    await runa.waitUntil('the name has the focus', async () => (await runa.focusedQuestion()) === 'name');
    // This one the browser knows itself.
    await runa.visit(`${iolite.address}/forms/.appeals`);
    await runa.write('Name', 'The old lugger');
    await runa.write('Begins', '2 Dec 2026');
    await runa.write('Ends', '1 Dec 2026');
    await runa.write('Target', '£500');
    await runa.press('Send');
    await runa.seeText('An appeal cannot end before it begins.');
    await runa.waitUntil('the end has the focus', async () => (await runa.focusedQuestion()) === 'ends_on');
  });

  test('a spreadsheet goes into a list; what does not fit is mended in place, and all of it is taken back', async () => {
    const file = join(folder, 'stock.csv');
    writeFileSync(file, 'Name,Item code,Sale price,Colour\nNew rope,RO-9001,12.50,red\nNew cleat,FI-9001,a lot,blue\n');
    const spreadsheet = new Spreadsheet(runa);
    await runa.visit(`${iolite.address}/registers/stock`);
    await runa.press('More for this list');
    await runa.click('//a[normalize-space() = "Bring a spreadsheet in …"]');
    await spreadsheet.choose(file);
    await spreadsheet.would('Adds 2 stock');
    await spreadsheet.fill('Sale price', 'Sale price, net');
    await spreadsheet.would('Adds 1 stock item');
    await spreadsheet.out(1);
    await spreadsheet.reason('1 could not be read as an amount of money');
    await spreadsheet.mend('a lot');
    await runa.write('What it is instead', '7');
    await runa.press('Use');
    await spreadsheet.would('Adds 2 stock');
    expect(await runa.axe()).toEqual([]);
    await runa.press('Bring into Stock');
    await runa.seeText('It was brought in: 2 added');
    expect(await runa.axe()).toEqual([]);
    await runa.click('//a[normalize-space() = "Open Stock"]');
    await runa.see('//main//td[. = "New cleat"]');
    // Whoever regrets it takes all of it back in one step.
    await runa.press('More for this list');
    await runa.click('//a[normalize-space() = "Bring a spreadsheet in …"]');
    await runa.click('//a[contains(., "stock.csv")]');
    await runa.press('Undo all of it');
    await runa.seeText('It was undone: 2 archived');
    await runa.click('//a[normalize-space() = "Open Stock"]');
    await runa.seeNo('//main//td[. = "New cleat"]');
  });
});
