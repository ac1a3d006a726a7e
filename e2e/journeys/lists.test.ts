import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Browser, Key } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { ListScreen } from '../pages/list.ts';
import { signInAs } from '../pages/sign-in.ts';

/** Finding again, day after day: lists that are made, kept, shared, and opened by others. */
describe('lists', () => {
  let iolite: Iolite;
  let runa: Browser;
  let ines: Browser;
  let lists: ListScreen;
  let hers: ListScreen;

  beforeAll(async () => {
    iolite = await Iolite.makeSeveral();
    await iolite.start();
    [runa, ines] = await Promise.all([Browser.open(), Browser.open()]);
    await signInAs(runa, iolite.address, 'Runa Oakes');
    await signInAs(ines, iolite.address, 'Ines Varga');
    lists = new ListScreen(runa, iolite.address);
    hers = new ListScreen(ines, iolite.address);
  }, 180_000);
  afterAll(async () => {
    await runa?.close();
    await ines?.close();
    await iolite?.remove();
  });
  beforeEach(({ onTestFailed }) =>
    onTestFailed(async () => {
      await runa.pictureOfFailure('lists');
      await ines.pictureOfFailure('lists-treasurer');
    }),
  );

  test('the operations manager makes a list, shares it, and the treasurer finds it at once', async () => {
    await hers.open('donations');
    await lists.open('donations');
    await lists.choose('no groups', 'groups', 'Group by', 'Kind');
    await lists.choose('no totals', 'totals', 'With', 'the sum of Amount');
    await lists.keepAs('Gifts by kind', 'Keep as a list', ['Treasurer opens with it', 'Treasurer has it on Today']);
    expect(await runa.axe()).toEqual([]);
    // In her window, which was open all the while.
    await ines.see(hers.tab('Gifts by kind'));
    await hers.open('donations');
    await hers.isOpen('Gifts by kind');
    await hers.reads('Kind', 'groups');
    await ines.see('//tfoot//th[contains(., "donations")]');
  });

  test('what she changes is hers until she keeps it, and she takes it back or keeps it for herself', async () => {
    await hers.choose('Kind', 'groups', 'Then by', 'year of Received');
    await ines.press('Take back');
    await hers.reads('Kind', 'groups');
    await hers.choose('Kind', 'groups', 'Then by', 'year of Received');
    await hers.keepAs('By kind and year', 'Keep as another');
    await ines.click('//a[normalize-space(.) = "Today"]');
    await ines.see('//section//h2[contains(., "Gifts by kind")][contains(., "sum of Amount")]');
    await ines.see('//table[@aria-label = "Owed to us"]//tr[5]');
    expect(await ines.axe()).toEqual([]);
    await ines.picture('today');
    await lists.open('donations');
    await runa.see(lists.tab('Gifts by kind'));
    expect(await runa.count(lists.tab('By kind and year'))).toBe(0);
  });

  test('it is called otherwise, retired and brought back, and everybody follows', async () => {
    await hers.open('donations', '?list=gifts_by_kind');
    await lists.openTab('Gifts by kind');
    await lists.menu('Name and sharing of “Gifts by kind” …');
    await runa.write('Name', 'Kinds of gifts');
    await runa.tick('Its tab says how many it holds');
    await runa.click('//*[@role = "dialog"]//button[normalize-space(.) = "Keep"]');
    await hers.isOpen('Kinds of gifts');
    await ines.see(`${hers.tab('Kinds of gifts')}//span[contains(., "records")]`);
    await lists.menu('Retire “Kinds of gifts”');
    await runa.seeText('“Kinds of gifts” was retired.');
    await ines.seeText('There is no such list, or none you may see.');
    await lists.menu('Bring back “Kinds of gifts”');
    await lists.isOpen('Kinds of gifts');
    await hers.isOpen('Kinds of gifts');
  });

  test('a long list is gone through to its end and begun anywhere, by the keyboard alone', async () => {
    await lists.open('invoices', '?list=&sort=client');
    await lists.rowsRead('Rows 1 to');
    await lists.goFrom('Client', 'm');
    // The subject of the very first may have a word with M as well.
    await runa.seeNo('//span[starts-with(normalize-space(.), "Rows 1 to")]');
    await lists.firstReads(/^INV-\d+.*?M\p{L}+ /u);
    await lists.focus(lists.cell(12, 1));
    await runa.keys(Key.chord(Key.CONTROL, Key.END));
    await lists.rowsRead('to 1,304 of 1,304');
    await lists.hasFocus('(//table[@aria-label = "Invoices"]/tbody/tr[@data-record])[last()]/td[@data-column = "1"]');
    await runa.keys(Key.PAGE_UP, Key.ARROW_RIGHT, Key.chord(Key.CONTROL, Key.HOME));
    await lists.rowsRead('Rows 1 to');
    await lists.hasFocus('(//table[@aria-label = "Invoices"]/tbody/tr[@data-record])[1]/td[@data-column = "0"]');
    await runa.keys(Key.ARROW_DOWN, Key.ENTER);
    await runa.see('//aside[@aria-label = "Record"]//dl');
    expect(await runa.axe()).toEqual([]);
    // The bar beside it leads to about where it says.
    await runa.typeInto('//*[@role = "slider"]', Key.END);
    await lists.rowsRead('to 1,304 of 1,304');
    await runa.typeInto('//*[@role = "slider"]', Key.PAGE_UP);
    await runa.see('//*[@role = "slider"][@aria-valuenow > 80 and @aria-valuenow < 100]');
    await runa.typeInto('//*[@role = "slider"]', Key.HOME);
    await lists.rowsRead('Rows 1 to');
    await lists.goFrom('Client', '');
    await lists.open('invoices', '?list=&sort=-due_on');
    await lists.goFrom('Due', 'soon');
    await runa.see('//*[@role = "alert"][contains(., "day of the calendar")]');
  });

  test('what somebody else stores comes in where it belongs, is marked, and moves nothing one reads', async () => {
    await lists.open('clients', '?list=&sort=name');
    await lists.goFrom('Name', 'm');
    const first = await lists.firstReads(/^CLI-\d+M/);
    await iolite.call('runa.oakes@example.org', 'POST', '/api/registers/clients/import', {
      records: [
        { id: '018f2f2e-0000-7000-8000-00000000aa01', values: { name: 'Aaron Ash', kind: 'private' } },
        { id: '018f2f2e-0000-7000-8000-00000000aa02', values: { name: 'Mz of the Quay', kind: 'private' } },
      ],
    });
    await runa.see('//tr[contains(@class, "arrived")][contains(., "Mz of the Quay")]');
    expect(await lists.firstReads(/./)).toBe(first);
  });

  test('a field behind a link is shown, moved to where one wants it, and kept with the list', async () => {
    await lists.open('boats', '?list=');
    await runa.click('//button[contains(@aria-label, "change the fields that are shown")]');
    await runa.choose('Something behind', 'Owner (Clients)');
    await runa.choose('With', 'Phone');
    await runa.press('Owner, Phone to the left');
    await runa.keys(Key.ESCAPE);
    await runa.see('//thead//th[normalize-space(.) = "Owner, Phone"]');
    await runa.see('//tbody/tr[@data-record][1]/td[starts-with(normalize-space(.), "01632")]');
    await lists.keepAs('Whom to ring', 'Keep as a list');
    expect(await runa.axe()).toEqual([]);
    await lists.openTab('All boats');
    await runa.seeNo('//thead//th[normalize-space(.) = "Owner, Phone"]');
    await lists.openTab('Whom to ring');
    await runa.see('//thead//th[normalize-space(.) = "Owner, Phone"]');
  });

  test('found everywhere, by the keyboard alone: a record opens with Enter, and a list by its name', async () => {
    await ines.visit(iolite.address);
    await ines.see('//h2[contains(., "Owed to us")]');
    await ines.keys(Key.chord(Key.ALT, 'w'));
    await ines.keys('margetts');
    await ines.see('//*[@role = "option"][contains(., "Orla Margetts")]');
    expect(await ines.axe()).toEqual([]);
    await ines.keys(Key.ENTER);
    await ines.see('//main//h1[contains(., "Orla Margetts")]');
    await ines.keys(Key.chord(Key.ALT, 'w'));
    await ines.keys('owed');
    await ines.click('//*[@role = "group"][@aria-label = "Lists"]//*[@role = "option"]');
    await hers.isOpen('Owed to us');
  });

  test('cells are changed where they stand, a block is copied and pasted, and all of it is taken back', async () => {
    await lists.open('stock', '?list=&sort=number&columns=name,shelf,reorder_point');
    const before = await runa.textOf(lists.cell(2, 3));
    await lists.type(lists.cell(2, 3), 'ab');
    await runa.keys(Key.ENTER);
    await runa.seeText('This must be a number');
    await runa.keys(Key.ESCAPE);
    await runa.seeNo('//*[@id = "cell"]');
    await lists.type(lists.cell(2, 3), '77');
    await runa.keys(Key.ENTER);
    await runa.see(`${lists.cell(2, 3)}[. = "77"]`);
    await lists.hasFocus(lists.cell(2, 3));
    await runa.seeText(`was ${before}, and is 77 now`);
    expect(await runa.axe()).toEqual([]);
    // What it stands on cannot be filled in.
    await lists.open('stock', '?list=&sort=number&columns=name,on_hand,shelf,reorder_point');
    await lists.type(lists.cell(1, 2), '5');
    await runa.seeText('On hand is worked out, and not filled in.');
    await runa.keys(Key.ESCAPE);

    const [first, second] = [await runa.textOf(lists.cell(1, 3)), await runa.textOf(lists.cell(1, 4))];
    await lists.block(lists.cell(1, 3), [Key.ARROW_RIGHT]);
    await runa.seeText('2 cells chosen');
    await runa.keys(Key.chord(Key.CONTROL, 'c'));
    await lists.block(lists.cell(4, 3), []);
    await runa.keys(Key.chord(Key.CONTROL, 'v'));
    await runa.seeText('Pasting would do this: 1 changed');
    expect(await runa.axe()).toEqual([]);
    await runa.press('Paste');
    await runa.see(`${lists.cell(4, 3)}[. = "${first}"]`);
    await runa.see(`${lists.cell(4, 4)}[. = "${second}"]`);
    await runa.press('Undo');
    await runa.seeText('What was pasted was taken back');
    await lists.focus(lists.cell(2, 4));
    await runa.keys(Key.chord(Key.CONTROL, 'z'));
    await runa.see(`${lists.cell(2, 4)}[. = "${before}"]`);
  });

  test('a list in groups is gone through, changed and taken back by the same keys, from one group into the next', async () => {
    await lists.open('incidents', '?list=&by=kind&columns=kind,title');
    await lists.focus(lists.cell(1, 2));
    const kind = await runa.textOf(lists.cell(1, 1));
    await runa.keys(Key.chord(Key.CONTROL, Key.END));
    const last = '(//tr[@data-record])[last()]/td[@data-column = "2"]';
    await lists.hasFocus(last);
    const before = await runa.textOf(last);
    await lists.type(last, 'A mast struck a cable');
    await runa.keys(Key.ENTER);
    await runa.see(`${last}[. = "A mast struck a cable"]`);
    await lists.hasFocus(last);
    expect(await runa.axe()).toEqual([]);
    await runa.keys(Key.chord(Key.CONTROL, 'z'));
    await runa.see(`${last}[. = "${before}"]`);
    // A block reaches over the line between two groups.
    const there = await runa.count(`//tr[@data-record][td[@data-column = "1"][. = "${kind}"]]`);
    await lists.block(lists.cell(there, 1), [Key.ARROW_DOWN, Key.ARROW_RIGHT]);
    await runa.seeText('4 cells chosen');
    await runa.keys(Key.ESCAPE, Key.ENTER);
    await runa.press('The record after');
    await runa.see(`${lists.row(there + 2)}[contains(@class, "chosen")]`);
  });

  test('many are ticked, rehearsed in their lines, changed, and taken back as one', async () => {
    await lists.open('stock', '?list=&sort=number&columns=name,reorder_point');
    const values = await Promise.all([1, 2, 3].map((row) => runa.textOf(lists.cell(row, 2))));
    await lists.focus(lists.cell(1, 1));
    await runa.keys(' ', Key.ARROW_DOWN, Key.ARROW_DOWN, Key.chord(Key.SHIFT, ' '));
    await runa.see('//section[@aria-label = "What is ticked"]//button[starts-with(@aria-label, "3 ticked")]');
    await lists.manySet('Reorder point', '4321');
    await runa.see(`${lists.row(1)}//span[. = "then 4,321"]`);
    expect(await runa.axe()).toEqual([]);
    await runa.press('Change the 3');
    for (const row of [1, 2, 3]) await runa.see(`${lists.cell(row, 2)}[. = "4,321"]`);
    await runa.seeText('3 were changed.');
    // Wherever the focus is left by then.
    await runa.keys(Key.chord(Key.CONTROL, 'z'));
    for (const [at, value] of values.entries()) await runa.see(`${lists.cell(at + 1, 2)}[. = "${value}"]`);
  });
});
