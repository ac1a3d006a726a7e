import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Browser, Key } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { EntryPage } from '../pages/entry.ts';
import { ListScreen } from '../pages/list.ts';
import { signInAs } from '../pages/sign-in.ts';

/** What one looks for is found although it is written with a slip, by what stands there, and goes out on paper. */
describe('finding, and taking along', () => {
  let iolite: Iolite;
  let runa: Browser;
  let lists: ListScreen;

  beforeAll(async () => {
    iolite = await Iolite.makeSeveral();
    await iolite.start();
    runa = await Browser.open();
    await signInAs(runa, iolite.address, 'Runa Oakes');
    lists = new ListScreen(runa, iolite.address);
  }, 180_000);
  afterAll(async () => {
    await runa?.close();
    await iolite?.remove();
  });
  beforeEach(({ onTestFailed }) => onTestFailed(() => runa.pictureOfFailure('finding')));

  test('what there is beside a list becomes a condition, and is taken back where it was asked', async () => {
    await lists.open('clients', '?list=&sort=number&columns=name,kind&there=yes');
    const only = '//aside[@aria-label = "What there is"]//button[@aria-label = "only Firm, Kind"]';
    await runa.click(only);
    await runa.see('//button[contains(@aria-label, "Firm, change the")]');
    expect(await runa.axe()).toEqual([]);
    await runa.click(only);
    await runa.seeNo('//button[contains(@aria-label, "Firm, change the")]');
  });

  test('by the keyboard alone a cell says what is to be shown', async () => {
    await lists.open('clients', '?list=&sort=number&columns=name,kind');
    await runa.see(lists.cell(1, 2));
    const kind = await runa.textOf(lists.cell(1, 2));
    await runa.focus(lists.cell(1, 2));
    await runa.keys(Key.chord(Key.SHIFT, Key.F10));
    await runa.see('//*[@role = "menu"]//*[contains(., "Only")]');
    await runa.keys(Key.ENTER);
    await runa.see(`//button[contains(@aria-label, "${kind}, change the")]`);
  });

  test('a word with a slip finds what was meant, in a list, and in a look-up', async () => {
    await lists.open('boats', '?list=&find=ganent');
    await runa.press('gannet');
    await runa.see('//tr[@data-record]');
    await runa.visit(`${iolite.address}/forms/boat_arrival`);
    await runa.focus(runa.field('Owner'));
    await new EntryPage(runa).lookUp('orla margetst', 'Orla Margetts');
    expect(await runa.valueOf(runa.field('Owner'))).toBe('Orla Margetts');
  });

  test('what one looked at last stands in the box that finds everything', async () => {
    await lists.open('boats', '?list=&sort=number');
    await runa.see(lists.cell(1, 1));
    const name = await runa.textOf(lists.cell(1, 1));
    await runa.focus(lists.cell(1, 1));
    await runa.keys(Key.ENTER);
    await runa.see(`//aside[@aria-label = "Record"]//h1[. = "${name}"]`);
    await runa.keys(Key.chord(Key.ALT, 'w'));
    await runa.see(`//div[@role = "group"][@aria-label = "Last looked at"]//*[contains(., "${name}")]`);
    await runa.keys(Key.ESCAPE);
  });

  test('labels are printed from where a sheet has some left', async () => {
    await lists.open('clients', '?list=&columns=name,address,phone');
    await lists.menu('Print …');
    await runa.click('//label[normalize-space(.) = "Labels"]');
    await runa.choose('Labels on a sheet of A4', '21: 3 × 7, each 63.5 × 38.1 mm');
    await runa.press('Begin at label 5');
    await runa.seeText('Begin at label 5 of 21');
    expect(await runa.axe()).toEqual([]);
    const address = await runa.attributeOf('//a[normalize-space(.) = "Open to print"]', 'href');
    expect(address).toContain('sheet=3x7&first=5');
    await runa.press('Close');
  });
});
