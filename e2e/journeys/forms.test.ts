import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Browser, Key } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { FormEditor } from '../pages/form-editor.ts';
import { signInAs } from '../pages/sign-in.ts';
import { Writer } from '../pages/writer.ts';

/** Forms of several pages: made in the outline, filled in at a desk and on a phone. */
describe('forms with pages, sections, ways and endings', () => {
  let iolite: Iolite;
  let runa: Browser;
  let phone: Browser;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    [runa, phone] = await Promise.all([Browser.open(), Browser.open({ width: 390, height: 844 })]);
    await signInAs(runa, iolite.address, 'Runa Oakes');
    await signInAs(phone, iolite.address, 'Runa Oakes');
  }, 180_000);
  afterAll(async () => {
    await runa?.close();
    await phone?.close();
    await iolite?.remove();
  });
  beforeEach(({ onTestFailed }) =>
    onTestFailed(async () => {
      await runa.pictureOfFailure('forms');
      await phone.pictureOfFailure('forms-phone');
    }),
  );

  const open = async (browser: Browser, form: string): Promise<void> => {
    await browser.visit(`${iolite.address}/forms/${form}`);
    await browser.see('//div[@data-question]');
  };
  const question = (key: string) => `//div[@data-question = "${key}"]`;
  const onPage = (browser: Browser, page: string) => browser.see(`//form//h2[. = "${page}"]`);
  const lookUp = async (browser: Browser, label: string, words: string) => {
    await browser.write(label, words);
    await browser.see(`//*[@role = "option"][contains(., "${words}")]`);
    await browser.keys(Key.ENTER);
    await browser.seeNo('//*[@role = "option"]');
  };

  describe('made in the outline', () => {
    const handle = (label: string) => `//button[@data-handle][normalize-space(.) = "${label}"]`;
    const keysOn = async (label: string, ...keys: string[]) => (await runa.see(handle(label))).sendKeys(...keys);
    const down = Key.chord(Key.ALT, Key.ARROW_DOWN);
    const right = Key.chord(Key.ALT, Key.ARROW_RIGHT);
    /** The outline as it reads: pages, and under each its questions. */
    const reads = () =>
      runa.driver.executeScript<string[]>(
        `return [...document.querySelectorAll('section[aria-label=Outline] :is(h2, [data-handle])')].map((each) => each.textContent.trim())`,
      );

    test('by the keyboard: questions are dropped, moved onto pages and into a section', async () => {
      const editor = new FormEditor(runa);
      await runa.visit(iolite.address);
      await editor.make('Berth check', 'Berths');
      for (const label of ['Position', 'Taken by', 'Services'])
        if ((await editor.questions()).includes(label)) await keysOn(label, Key.DELETE);
      await runa.waitUntil('four questions are left', async () => (await editor.questions()).length === 5);
      expect(await editor.questions()).toEqual(['Name', 'Pontoon', 'Longest boat', 'Shore power', 'Yearly fee']);
      await runa.press('make pages of it');
      await runa.see('//input[@aria-label = "Name of page 2"]');
      await keysOn('Yearly fee', down);
      await keysOn('Shore power', down);
      expect(await reads()).toEqual(
        expect.arrayContaining(['Page 1.', 'Name', 'Pontoon', 'Longest boat', 'Page 2.', 'Shore power', 'Yearly fee']),
      );
      await keysOn('Shore power', right);
      await keysOn('Yearly fee', right);
      await runa.write('Heading of section New section', 'Money');
      await runa.write('Name of page 1', 'The berth');
      await runa.write('Name of page 2', 'What it costs');
      await editor.kept();
      expect(await runa.axe()).toEqual([]);
    });

    test('undo goes all the way back, and redo forth again', async () => {
      const before = await reads();
      for (let i = 0; i < 3; i++) await runa.press('Undo');
      for (let i = 0; i < 3; i++) await runa.press('Redo');
      expect(await reads()).toEqual(before);
      expect(await runa.valueOf(runa.field('Name of page 2'))).toBe('What it costs');
    });

    test('a page leads to the end on a condition, and the live form follows', async () => {
      const live = '//section[@aria-label = "Live form"]';
      await runa.see(`${live}//p[contains(., "Page 1 of 2")]`);
      await new Writer(runa).write(
        '(//section[@aria-label = "Outline"]//li[contains(., "or elsewhere when")]//button[. = "add a condition"])[1]',
        'Pontoon',
        'is …',
        'Wall',
        'that is all',
      );
      await runa.see('//section[@aria-label = "Outline"]//li[contains(., "leads to the end when Pontoon is Wall")]');
      await runa.tick('Wall', live);
      await runa.see(`${live}//p[contains(., "Page 1 of 1")]`);
      await runa.see(`${live}//button[. = "Try sending"]`);
      await runa.tick('A pontoon', live);
      await runa.see(`${live}//p[contains(., "Page 1 of 2")]`);
    });

    test('a section asked on a condition, a part of the choices, a lock, an ending', async () => {
      const editor = new FormEditor(runa);
      const live = '//section[@aria-label = "Live form"]';
      await editor.addRule('Pontoon', 'offers only …', 'A pontoon', 'B pontoon', 'and no other');
      await runa.seeNo(`${live}//label[. = "C pontoon"]`);
      await (
        await editor.addRule('Longest boat', 'is locked when …', 'Pontoon', 'is …', 'B pontoon', 'that is all')
      ).reads('is locked when Pontoon is B pontoon');
      await runa.tick('B pontoon', live);
      await runa.see(`${live}${question('longest')}//output`);
      await runa.press('add an ending');
      await runa.write('Thanks of ending 1', 'Well checked');
      await editor.kept();
      expect(await runa.axe()).toEqual([]);
      await editor.publish(['Office'], []);
    });

    test('the ways are a map and a table, and sample answers take a way in the live form', async () => {
      await runa.visit(`${iolite.address}/set-up/forms/report_incident`);
      await runa.press('Ways');
      await runa.see('//table[@aria-label = "Ways"]//tbody/tr[4]');
      await runa.see('//tr[contains(., "Kind is Near miss")][contains(., "1, 4")]');
      expect(await runa.axe()).toEqual([]);
      await runa.press('Way B, show it');
      await runa.picture('form-ways');
      await runa.press('Fill in way B for me');
      const live = '//section[@aria-label = "Live form"]';
      await runa.see(`${live}//p[contains(., "Page 1 of 3")]`);
      await runa.see(
        `${live}${question('kind')}//label[. = "Damage to property"]//input[@checked or @value = "damage"]`,
      );
    });

    test('the rule sheet says the whole form, and what changed since it was published', async () => {
      await runa.visit(`${iolite.address}/set-up/forms/stock_movement`);
      await runa.press('Rule sheet');
      const sheet = '//section[@aria-label = "Rule sheet"]';
      await runa.see(`${sheet}//li[contains(., "Item")][contains(., "fills What from Item’s name")]`);
      await runa.see(`${sheet}//li[contains(., "is locked when Kind is Issue or Write-off")]`);
      await runa.see(`${sheet}//p[. = "Nothing changed."]`);
      await runa.press('Outline');
      await runa.press('Drop Done by');
      await runa.press('Rule sheet');
      await runa.see(`${sheet}//li[. = "Done by is not asked any more."]`);
      expect(await runa.axe()).toEqual([]);
      // Printed, it is the sheet alone, on few pages.
      const pdf = (await runa.printed()).toString('latin1');
      expect([pdf.slice(0, 5), (pdf.match(/\/Type\s*\/Page\b/g) ?? []).length]).toEqual(['%PDF-', 1]);
      await runa.press('Undo');
      await runa.see(`${sheet}//p[. = "Nothing changed."]`);
    });

    test('a whole form is copied', async () => {
      await runa.visit(`${iolite.address}/set-up/forms`);
      await runa.press('Copy Purchase request');
      await runa.see('//h1[. = "Purchase request, copy"]');
      await new FormEditor(runa).kept();
    });

    test('what cannot be is said where it stands, and the last good form stays', async () => {
      await runa.visit(`${iolite.address}/set-up/forms/berth_check`);
      await runa.press('Move page 1 down');
      await runa.see('//section[@aria-label = "Outline"]//input[@aria-label = "Name of page 2"][@value = "The berth"]');
      await runa.press('Move page 2 up');
      await runa.see('//section[@aria-label = "Outline"]//input[@aria-label = "Name of page 1"][@value = "The berth"]');
      await new FormEditor(runa).kept();
    });
  });

  describe('filled in', () => {
    test('at a desk, page by page; a reload in the middle loses nothing; the way follows the answers', async () => {
      await open(runa, 'report_incident');
      await runa.write('Title', 'Fell from the ladder');
      await runa.tick('Near miss', question('kind'));
      await runa.see('//p[contains(., "Page 1 of 2")]');
      await runa.tick('Injury', question('kind'));
      await runa.see('//p[contains(., "Page 1 of 3")]');
      // Onward tells what is missing on this page, and goes there.
      await runa.press('Onward');
      await runa.seeText('What happened must be answered.');
      await runa.waitUntil('the focus is there', async () => (await runa.focusedQuestion()) === 'what_happened');
      await runa.write('What happened', 'The third rung broke.');
      await runa.keys(Key.chord(Key.CONTROL, Key.ENTER));
      await onPage(runa, 'Who was hurt');
      await runa.press('Add person hurt');
      await runa.write('Name, row 1', 'Ansel Brine');
      await runa.write('Days lost, row 1', '9');
      await runa.see(`${question('days_lost')}//output[starts-with(., "9")]`);
      await runa.visit(await runa.driver.getCurrentUrl());
      await onPage(runa, 'Who was hurt');
      await runa.see(`${question('days_lost')}//output[starts-with(., "9")]`);
      expect(await runa.axe()).toEqual([]);
      await runa.press('Back a page');
      await onPage(runa, 'What happened');
      expect(await runa.valueOf(runa.field('Title'))).toBe('Fell from the ladder');
      await runa.press('Onward');
      await onPage(runa, 'Who was hurt');
      await runa.press('Onward');
      await onPage(runa, 'What now');
      await runa.press('Send');
      // More than seven days: this ending and no other.
      await runa.see('//h1[contains(., "The safety trustee will call you")]');
      await runa.press('See it in Incidents');
      await runa.see('//main//td[contains(., "Fell from the ladder")]');
    });

    test('on a phone', async () => {
      await open(phone, 'report_incident');
      await phone.write('Title', 'Nearly hit by the boom');
      await phone.tick('Near miss', question('kind'));
      await phone.write('What happened', 'It swung across in the gust.');
      await phone.press('Onward');
      await onPage(phone, 'What now');
      expect(await phone.axe()).toEqual([]);
      await phone.press('Send');
      await phone.see('//h1[contains(., "Thank you for reporting")]');
    });

    test('lines take name, price and VAT rate from the item, and what is typed stands', async () => {
      await open(runa, 'raise_invoice');
      await lookUp(runa, 'Client', 'Orla Margetts');
      await runa.write('Subject', 'Spring order');
      await runa.press('Onward');
      await onPage(runa, 'Lines');
      await runa.press('Add line');
      await runa.write('What, row 1', 'As agreed');
      await lookUp(runa, 'Item, row 1', 'Antifoul');
      const value = async (label: string) => runa.valueOf(runa.field(label));
      await runa.waitUntil('the price is filled in', async () => (await value('Unit price, net, row 1')) !== '');
      expect(await value('What, row 1')).toBe('As agreed');
      await runa.write('Quantity, row 1', '2');
      await runa.see(`${question('net')}//output[not(starts-with(., "0.00"))]`);
      await runa.press('Onward');
      await runa.seeNo(`${question('state')}//label[. = "Paid"]`);
      await runa.press('Send');
      await runa.see('//h1[contains(., "was stored")]');
    });

    test('a form that changes asks which record, and shows what stood there before', async () => {
      await runa.visit(`${iolite.address}/forms/boat_details`);
      await runa.write('Which boat?', 'Tide of Sandvik');
      await runa.click('//*[@role = "option"][contains(., "Tide of Sandvik")]');
      await runa.see(question('insured_until'));
      await runa.write('Beam', '3.9');
      await runa.seeText('was 4.1 m');
      await runa.press('Store');
      await runa.seeText('The insurance has run out: ask for the new policy.');
      await runa.write('Insured until', '31 dec 27');
      await runa.press('Store');
      await runa.see('//h1[contains(., "BOA-0002 was changed")]');
    });

    test('an ending that leads to another entry says what was stored and begins anew', async () => {
      await open(runa, 'stock_movement');
      await lookUp(runa, 'Item', 'Antifoul');
      await runa.waitUntil('what was moved is filled in', async () => {
        const what = await runa.see(`${question('what')}//input`);
        return (await what.getAttribute('value')) !== '';
      });
      await runa.see(`${question('unit_cost')}//output`);
      await runa.write('Quantity', '1');
      await runa.press('Send');
      await runa.seeText('MOV-1501 was stored.');
      expect(await runa.valueOf(runa.field('Quantity'))).toBe('');
    });
  });

  test.each([
    'new_client',
    'boat_arrival',
    'report_incident',
    'raise_invoice',
    'record_donation',
    'purchase_request',
    'stock_movement',
    'berth_inquiry',
    'new_item',
    'new_appeal',
    'berth_details',
  ])('%s says in words what is missing, at a desk and on a phone', async (form) => {
    for (const browser of [runa, phone]) {
      await open(browser, form);
      expect(await browser.axe()).toEqual([]);
      await browser.click('//form//button[@type = "submit"]');
      await browser.see('//p[contains(@class, "wrong")][contains(., "must be answered.")]');
      await browser.waitUntil('the focus is on a question', async () => (await browser.focusedQuestion()) !== '');
      expect(await browser.axe()).toEqual([]);
    }
  });
});
