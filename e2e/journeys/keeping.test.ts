import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Browser, Key } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { signInAs } from '../pages/sign-in.ts';

/** What an operations manager keeps besides the registers' fields: choices, places, rows out of a spreadsheet. */
describe('choices, places and pasted rows', () => {
  let iolite: Iolite;
  let runa: Browser;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    await iolite.carryOut('runa.oakes@example.org', {
      registers: [
        {
          key: 'stays',
          singular: 'Stay',
          plural: 'Stays',
          mark: 'STA',
          fields: [
            { key: 'boat', label: 'Boat', type: { kind: 'text' } },
            { key: 'when', label: 'Nights', type: { kind: 'span', nights: true } },
            {
              key: 'leaving',
              label: 'Leaving',
              type: { kind: 'worked_out', formula: 'when.end', gives: { kind: 'date' } },
            },
          ],
        },
      ],
    });
    runa = await Browser.open();
    await signInAs(runa, iolite.address, 'Runa Oakes');
  }, 180_000);
  afterAll(async () => {
    await runa?.close();
    await iolite?.remove();
  });
  beforeEach(({ onTestFailed }) => onTestFailed(() => runa.pictureOfFailure('keeping')));

  const paste = async (text: string): Promise<void> => {
    await runa.driver.executeScript(
      `const data = new DataTransfer();
       data.setData('text/plain', arguments[0]);
       document.activeElement.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }))`,
      text,
    );
  };
  const carryOut = async (): Promise<void> => {
    await runa.press('Rehearse');
    await runa.press('Carry out');
    await runa.waitUntil('it is carried out', async () => (await runa.path()) === '/set-up/choice-lists');
  };

  test('a choice list is made with the keyboard: words, a picture, a wash, an order', async () => {
    await runa.visit(`${iolite.address}/set-up/choice-lists`);
    await runa.press('New choice list');
    await runa.write('Name of the list', 'Tide states');
    await runa.write('Label of choice 1', 'High water');
    await runa.keys(Key.ENTER);
    await runa.write('Label of choice 2', 'Ebb');
    await runa.keys(Key.ENTER);
    await runa.write('Label of choice 3', 'Low water');
    await runa.press('no picture, change the picture of choice 1');
    await runa.press('droplet');
    await runa.press('no colour, change the colour of choice 1');
    await runa.press('haze');
    await runa.press('Move choice 3 up');
    expect(await runa.axe()).toEqual([]);
    await carryOut();
    await runa.see('//li[contains(., "Tide states")][contains(., "High water")][contains(., "Low water")]');
    await runa.see('//li[contains(., "Tide states")]//*[contains(@class, "chip-haze")]//*[name() = "svg"]');
  });

  test('what was done to a choice list while setting up is undone step by step, and done again', async () => {
    await runa.visit(`${iolite.address}/set-up/choice-lists`);
    await runa.click('//main//a[contains(., "Tide states")]');
    await runa.press('Move choice 1 down');
    await runa.see('//input[@aria-label = "Label of choice 1"][@value = "Low water"]');
    await runa.press('Undo');
    await runa.see('//input[@aria-label = "Label of choice 1"][@value = "High water"]');
    await runa.press('Redo');
    await runa.see('//input[@aria-label = "Label of choice 1"][@value = "Low water"]');
    expect(await runa.axe()).toEqual([]);
    await runa.press('Undo');
  });

  test('files that belong to no record are cleared when an operations manager asks for it', async () => {
    await runa.visit(`${iolite.address}/set-up/jobs`);
    await runa.seeText('Nothing runs, and nothing failed.');
    await runa.press('Clear them now');
    await runa.see('//li[contains(., "Clear files that belong to no record")][contains(., "is done")]');
    await runa.seeText('There were none.');
    expect(await runa.axe()).toEqual([]);
  });

  test('a choice called otherwise is called so everywhere at once', async () => {
    await runa.visit(`${iolite.address}/set-up/choice-lists`);
    await runa.click('//main//a[contains(., "Client kinds")]');
    await runa.write('Label of choice 2', 'Company');
    await carryOut();
    await runa.visit(`${iolite.address}/registers/clients?filter=${encodeURIComponent('kind = "firm"')}`);
    await runa.see('//main//td[. = "Company"]');
    await runa.seeNo('//main//td[. = "Firm"]');
    await runa.seeText('Company');
    await runa.visit(`${iolite.address}/forms/.clients`);
    await runa.see('//label[. = "Company"]');
  });

  test('a choice that is not offered any more stays on old records and cannot be picked anew', async () => {
    await runa.visit(`${iolite.address}/set-up/choice-lists`);
    await runa.click('//main//a[contains(., "Hull kinds") or contains(., "Hulls")]');
    const place = await runa.see('//input[@value = "Rowing"]');
    const label = (await place.getAttribute('aria-label')) ?? '';
    const n = label.replace(/\D/g, '');
    await runa.click(`(//li[.//input[@aria-label = "Label of choice ${n}"]]//button[. = "offered"])`);
    await carryOut();
    await runa.visit(`${iolite.address}/forms/.boats`);
    await runa.see('//label[. = "Sail"]');
    await runa.seeNo('//label[. = "Rowing"]');
    await runa.visit(`${iolite.address}/registers/boats?filter=${encodeURIComponent('hull = "rowing"')}`);
    await runa.see('//main//td[contains(., "Rowing")]');
  });

  test('lines copied from a spreadsheet fill cells to the right and downwards, and what cannot be read says so', async () => {
    await runa.visit(`${iolite.address}/forms/.purchases`);
    await runa.write('What for', 'Spring painting');
    await runa.press('Add line');
    await (await runa.see(runa.field('What, row 1'))).click();
    await paste('Antifoul, 5 l\t4\t59.50\nRollers\t12\t3.25\nBrushes\ta few\t8\n');
    await runa.waitUntil(
      'three lines are there',
      async () => (await runa.count('//table[@aria-label = "Lines"]//tbody/tr')) >= 3,
    );
    const value = async (label: string) => runa.valueOf(runa.field(label));
    expect(await value('What, row 2')).toBe('Rollers');
    expect(await value('Unit price, net, row 2')).toBe('3.25');
    expect(await value('Quantity, row 3')).toBe('a few');
    // 4 × 59.50 + 12 × 3.25
    await runa.see('//div[@data-question = "net"]//output[starts-with(., "277.00")]');
    await runa.write('Quantity, row 3', '2');
    await runa.see('//div[@data-question = "net"]//output[starts-with(., "293.00")]');
    expect(await runa.axe()).toEqual([]);
  });

  test('a place is pointed to on a chart with the arrow keys, and typed in degrees and minutes', async () => {
    await runa.visit(`${iolite.address}/forms/.berths`);
    await runa.write('Position', "50°20.29'N 4°6.74'W");
    await runa.press('Chart');
    await runa.see('//*[@role = "application"]//*[name() = "circle"]');
    expect(await runa.axe()).toEqual([]);
    await (await runa.see('//*[@role = "application"]')).sendKeys(Key.ARROW_UP, Key.ARROW_RIGHT);
    const box = await runa.see(runa.field('Position'));
    await runa.waitUntil('the mark moved north and east', async () => {
      const [north, east] = ((await box.getAttribute('value')) ?? '').split(',').map(Number);
      return (north ?? 0) > 50.339 && (east ?? -9) > -4.11;
    });
    await runa.press('Nearer');
    await runa.write('Position', 'at the crane');
    await runa.keys(Key.TAB);
    await runa.seeText('This must be a position');
  });

  test('an entry begun before a field was called otherwise in formulas is gone on with after it', async () => {
    await runa.visit(`${iolite.address}/forms/.stays`);
    await runa.write('Boat', 'Gannet');
    await runa.write('Nights', '10 Dec 2027 to 12 Dec 2027');
    await runa.seeText('(2 nights)');
    await runa.visit(`${iolite.address}/set-up/registers/stays`);
    await runa.write('Key of field 2', 'moored');
    await runa.press('Rehearse');
    await runa.seeText('Nights of Stays is called moored in formulas instead of when');
    await runa.press('Carry out');
    await runa.waitUntil('it is carried out', async () => (await runa.path()) === '/registers/stays');
    await runa.visit(`${iolite.address}/forms/.stays`);
    await runa.see('//input[@value = "10 Dec 2027 to 12 Dec 2027"]');
    await runa.see('//output[contains(., "12 Dec 2027")]');
    expect(await runa.axe()).toEqual([]);
    await runa.press('Send');
    await runa.seeText('“Gannet” is in Stays now.');
  });
});
