import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { z } from 'zod';
import { Browser, Key } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { FormEditor } from '../pages/form-editor.ts';
import { signInAs } from '../pages/sign-in.ts';

const pageSchema = z.object({ records: z.array(z.object({ id: z.string() })) });

/** A form made from its questions on, its versions and trials; look-ups, duplicates and entries that wait. */
describe('questions made, tried and asked', () => {
  let iolite: Iolite;
  let runa: Browser;
  let bea: Browser;
  let phone: Browser;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    [runa, bea, phone] = await Promise.all([Browser.open(), Browser.open(), Browser.open({ width: 390, height: 844 })]);
    await signInAs(runa, iolite.address, 'Runa Oakes');
    await signInAs(bea, iolite.address, 'Bea Quill');
    await signInAs(phone, iolite.address, 'Bea Quill');
  }, 180_000);
  afterAll(async () => {
    await Promise.all([runa, bea, phone].map((browser) => browser?.close()));
    await iolite?.remove();
  });
  beforeEach(({ onTestFailed }) =>
    onTestFailed(async () => {
      await runa.pictureOfFailure('asking-runa');
      await bea.pictureOfFailure('asking-bea');
      await phone.pictureOfFailure('asking-phone');
    }),
  );

  const question = (key: string) => `//div[@data-question = "${key}"]`;
  const offered = (text: string) => `//*[@role = "option"][contains(., "${text}")]`;
  const inDialog = (xpath: string) => `//*[@role = "dialog"]${xpath}`;
  const answerOf = async (browser: Browser, key: string) => browser.valueOf(`${question(key)}//input`);

  describe('a form is made', () => {
    const handle = (label: string) => `//button[@data-handle][normalize-space(.) = "${label}"]`;
    const handles = () =>
      runa.driver.executeScript<string[]>(
        `return [...document.querySelectorAll('section[aria-label=Outline] [data-handle]')].map((each) => each.textContent.trim())`,
      );
    const reads = (...labels: string[]) =>
      runa.waitUntil(`the outline reads ${labels}`, async () => (await handles()).join() === labels.join());
    const outline = '//section[@aria-label = "Outline"]';

    test('from labels that are pasted: kinds are suggested, and what the register has is asked', async () => {
      const editor = new FormEditor(runa);
      await runa.visit(iolite.address);
      await editor.make('Winter storage', 'Boats');
      while ((await handles()).length > 1)
        await (await runa.see('(//button[@data-handle])[last()]')).sendKeys(Key.DELETE);
      const box = await runa.see(`${outline}//textarea[@aria-label = "New questions"]`);
      const line = Key.chord(Key.SHIFT, Key.ENTER);
      await box.sendKeys('1. Beam', line, '2. Is the mast off?', line, '3. Lifted out on', line, '4. Storage fee');
      await runa.see(`${outline}//li[contains(., "Beam")][contains(., "asks Boats")]`);
      await runa.see(`${outline}//li[contains(., "Is the mast off?")][contains(., "yes or no")]`);
      await runa.see(`${outline}//li[contains(., "Lifted out on")][contains(., "date")]`);
      await runa.see(`${outline}//li[contains(., "Storage fee")][contains(., "money")]`);
      await runa.press('Add 4 questions');
      await reads('Name', 'Beam', 'Is the mast off?', 'Lifted out on', 'Storage fee');
      await runa.see(`//section[@aria-label = "Live form"]${question('storage_fee')}`);
      await editor.kept();
    });

    test('its words are changed where they stand, and a question is copied with its rules', async () => {
      await (await runa.see(handle('Storage fee'))).sendKeys(Key.ENTER);
      await runa.see('//input[@aria-label = "Words of Storage fee"]');
      await runa.keys('What is the fee?', Key.ENTER);
      await runa.see(`//section[@aria-label = "Live form"]${question('storage_fee')}[contains(., "What is the fee?")]`);
      await runa.waitUntil('the focus is on it', async () => {
        const text = await runa.driver.switchTo().activeElement().getText();
        return text === 'What is the fee?';
      });
      await runa.press('Add a rule to What is the fee?');
      await runa.keys('must be at least', Key.ENTER, '10', Key.ENTER, Key.ENTER);
      await runa.see(`${outline}//li[contains(., "must be at least")]`);
      await runa.press('Copy Storage fee');
      await runa.see(handle('What is the fee?, copy'));
      expect(await runa.count('//*[@data-outline]//li[contains(., "must be at least")]')).toBe(2);
    });

    test('by the mouse, a question is dragged by its grip', async () => {
      await new FormEditor(runa).drag('storage_fee_copy', 'beam');
      await reads('Name', 'What is the fee?, copy', 'Beam', 'Is the mast off?', 'Lifted out on', 'What is the fee?');
      await runa.press('Undo');
      await reads('Name', 'Beam', 'Is the mast off?', 'Lifted out on', 'What is the fee?', 'What is the fee?, copy');
    });

    test('it is tried as someone else, with a kept sample and over a record', async () => {
      const live = '//section[@aria-label = "Live form"]';
      await runa.click(`${live}//button[contains(@aria-label, "change the person")]`);
      await runa.click('//button[contains(., "anyone with the role Yard hand")]');
      await runa.see(`${live}//button[starts-with(normalize-space(.), "Someone (Yard hand)")]`);
      await (await runa.see(`${live}${question('beam')}//input`)).sendKeys('3.1');
      await runa.click(`${live}//button[contains(@aria-label, "change the answers")]`);
      await runa.write('Keep these answers as a sample called', 'narrow');
      await runa.keys(Key.ENTER);
      await runa.click('//button[contains(., "an empty form")][contains(@class, "slip-row")]');
      await runa.waitUntil('it is empty', async () => (await answerOf(runa, 'beam')) === '');
      await runa.click(`${live}//button[contains(@aria-label, "change the answers")]`);
      await runa.click('//button[contains(., "the sample narrow")]');
      await runa.waitUntil('the sample is in it', async () => (await answerOf(runa, 'beam')) === '3.1');
    });

    test('it is published, changed, and taken back to what was published', async () => {
      const editor = new FormEditor(runa);
      await editor.kept();
      // Whoever sees the boats goes on seeing them.
      await editor.publish(['Office'], []);
      await (await runa.see(handle('Beam'))).sendKeys(Key.DELETE);
      await runa.press('Versions');
      await runa.see('//li[contains(., "Version 1")]//li[. = "Beam is not asked any more."]');
      await runa.press('Go back to version 1');
      await runa.see(handle('Beam'));
    });
  });

  describe('a form is filled in', () => {
    test('a look-up offers what fits the other answers; all are browsed, and one more is added in place', async () => {
      await bea.visit(`${iolite.address}/forms/raise_invoice`);
      await bea.write('Client', 'Hale & Finch');
      await bea.click(offered('Hale & Finch Charters'));
      await bea.write('Boat', 'a');
      await bea.click(offered('Browse all Boats'));
      const owners = async () =>
        bea.driver.executeScript<string[]>(
          `return [...document.querySelectorAll('[role=dialog] li')].map((each) => each.textContent)`,
        );
      await bea.waitUntil('boats are there', async () => (await owners()).length > 0);
      expect((await owners()).every((each) => each.includes('Hale & Finch Charters'))).toBe(true);
      expect(await bea.axe()).toEqual([]);
      await bea.click(inDialog('//li[1]//button'));
      await bea.seeNo('//*[@role = "dialog"]');
      await bea.write('Client', 'zzz');
      await bea.click(offered('Add a new client'));
      await bea.see(inDialog(question('name')));
      await (await bea.see(inDialog(`${question('name')}//input`))).sendKeys('Ottoline Frayne');
      await bea.click(inDialog('//button[. = "Send"]'));
      await bea.seeNo('//*[@role = "dialog"]');
      await bea.waitUntil('she is chosen', async () => (await answerOf(bea, 'client')) === 'Ottoline Frayne');
      // The boat of somebody else stays, with a problem: nothing is cleared in silence.
      await bea.press('Onward');
      await bea.seeText('Subject must be answered.');
      await bea.click(`${question('client')}//button[contains(@aria-label, "look at Ottoline Frayne")]`);
      await bea.see(inDialog('//*[contains(., "CLI-0201")]'));
      await bea.press('Back to the form');
    });

    test('what was used last comes first', async () => {
      await bea.visit(`${iolite.address}/forms/boat_arrival`);
      await bea.click(bea.field('Owner'));
      await bea.keys(Key.ARROW_DOWN);
      await bea.see(
        '//*[contains(., "Used last")]/following-sibling::*[@role = "option"][1][contains(., "Ottoline Frayne")]',
      );
      await bea.keys(Key.ESCAPE);
    });

    test('a likely duplicate is told while it is typed, and days are typed as people say them', async () => {
      await bea.visit(`${iolite.address}/forms/new_client`);
      await bea.write('Name', 'ottoline  FRAYNE');
      await bea.see(`${question('name')}//p[contains(., "may be there already")]//a[contains(., "CLI-0201")]`);
      await bea.write('Client since', 'yesterday');
      await bea.seeNo(`${question('client_since')}//p[contains(@class, "wrong")]`);
      await bea.write('Client since', 'someday');
      await bea.click(bea.field('Name'));
      await bea.see(`${question('client_since')}//p[contains(., "must be a day of the calendar")]`);
    });

    test('an entry is kept, found on a phone, and sent from there: one record', async () => {
      await bea.write('Client since', '1 Nov');
      await bea.press('Keep');
      await phone.visit(iolite.address);
      await phone.click(
        '//section[@aria-labelledby = "not-sent"]//a[contains(., "New client")][contains(., "FRAYNE")]',
      );
      await phone.waitUntil(
        'what was typed is there',
        async () => (await answerOf(phone, 'name')) === 'ottoline FRAYNE',
      );
      await phone.write('Name', 'Ottilie Frayne');
      await phone.press('Send');
      await phone.see('//h1[contains(., "CLI-0202 was stored")]');
      await bea.visit(iolite.address);
      await bea.see('//h1[contains(., "Today")]');
      await bea.seeNo('//section[@aria-labelledby = "not-sent"]//a[contains(., "New client")]');
    });

    test('what is cancelled is thrown away only after asking', async () => {
      await bea.visit(`${iolite.address}/forms/new_item`);
      await bea.write('Name', 'Deck brush');
      await bea.press('Cancel');
      await bea.press('Go on filling in');
      expect(await answerOf(bea, 'name')).toBe('Deck brush');
      await bea.press('Cancel');
      expect(await bea.axe()).toEqual([]);
      await bea.press('Throw it away');
      await bea.visit(`${iolite.address}/forms/new_item`);
      expect(await answerOf(bea, 'name')).toBe('');
    });

    test('a key fetches its record or says that there is none yet; what was typed is filled over only after asking', async () => {
      const form = {
        key: 'gift_by_name',
        label: 'Gift by name',
        register: 'donations',
        questions: [
          { field: 'donor_name', rules: [{ kind: 'fetches', question: 'donor', by: 'name' }] },
          { field: 'donor', rules: [{ kind: 'fills', question: 'note', from: 'donor.name' }] },
          { field: 'note' },
          { field: 'appeal' },
        ],
      };
      const runas = 'runa.oakes@example.org';
      await iolite.call(runas, 'PUT', '/api/forms/gift_by_name/draft', form);
      await iolite.call(runas, 'POST', '/api/forms/gift_by_name/publish', {
        fill_in_by: ['office'],
        seen_by: ['office'],
      });
      await bea.visit(`${iolite.address}/forms/gift_by_name`);
      await bea.write('Donor', 'Nobody of that name');
      await bea.keys(Key.ENTER);
      await bea.see(`${question('donor_name')}//p[contains(., "not known yet")]`);
      await bea.write('Note', 'Paid at the gate');
      await bea.write('Donor', 'hale & finch CHARTERS');
      await bea.keys(Key.ENTER);
      await bea.waitUntil(
        'the client is chosen',
        async () => (await answerOf(bea, 'donor')) === 'Hale & Finch Charters',
      );
      await bea.seeNo(`${question('donor_name')}//p[contains(., "not known yet")]`);
      await bea.see(`${question('note')}[contains(., "has “Hale & Finch Charters”")]`);
      const note = async () => bea.valueOf(`${question('note')}//textarea`);
      expect(await note()).toBe('Paid at the gate');
      await bea.press('Use that instead');
      await bea.waitUntil('it is taken', async () => (await note()) === 'Hale & Finch Charters');
    });

    test('a gift to an appeal is opened from its page, which it holds without asking', async () => {
      const page = await iolite.call('bea.quill@example.org', 'GET', '/api/registers/appeals/records?limit=1');
      const [appeal] = pageSchema.parse(page).records;
      // Today does not offer what cannot be filled in from there.
      await bea.visit(iolite.address);
      await bea.see('//main//a[contains(., "Record a donation")]');
      await bea.seeNo('//main//a[contains(., "Gift to an appeal")]');
      await bea.visit(`${iolite.address}/registers/appeals/${appeal?.id}`);
      await bea.click('//a[contains(., "Gift to an appeal")]');
      await bea.see(question('amount'));
      await bea.seeNo(question('appeal'));
      await bea.write('Donor', 'Wilf Ambrose');
      await bea.write('Amount', '12*2.50');
      await bea.tick('Cash', question('method'));
      await bea.press('Send');
      await bea.see('//h1[contains(., "was stored")]');
      // An address can name the donor, whose name then stands there.
      await bea.visit(`${iolite.address}/forms/appeal_gift?register=appeals&of=${appeal?.id}&donor=CLI-0002`);
      await bea.waitUntil(
        'the name is there',
        async () => (await answerOf(bea, 'donor_name')) === 'Hale & Finch Charters',
      );
      // Without an appeal it says why it cannot be sent.
      await bea.visit(`${iolite.address}/forms/appeal_gift`);
      await bea.press('Send');
      await bea.seeText('It is not shown here');
    });
  });
});
