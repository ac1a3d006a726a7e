import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { csvFormat } from 'd3-dsv';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { z } from 'zod';
import { readDay } from '#core/base/index.ts';
import { readText } from '#core/spreadsheet/index.ts';
import { Browser, Key } from '../browser.ts';
import { thisYear } from '../days.ts';
import { Iolite } from '../iolite.ts';
import { FormEditor } from '../pages/form-editor.ts';
import { RegisterEditor } from '../pages/register-editor.ts';
import { Spreadsheet } from '../pages/spreadsheet.ts';
import { Writer } from '../pages/writer.ts';

/** The public file of movies that vega-datasets carries (3,201 of them), each value as it stands there. */
const FILMS = z
  .array(z.record(z.string(), z.union([z.string(), z.number(), z.null()])))
  .parse(JSON.parse(readFileSync('node_modules/vega-datasets/data/movies.json', 'utf8')));
const COLUMNS = [
  'Title',
  'US Gross',
  'Production Budget',
  'Release Date',
  'Running Time min',
  'Major Genre',
  'IMDB Rating',
];

/** Somebody who knows nothing but the screen begins with nothing, and keeps plots, loans, bookings and films. */
describe('from an empty workspace', () => {
  const folder = mkdtempSync(join(tmpdir(), 'iolite-nothing-'));
  let iolite: Iolite;
  let code = '';
  let wren: Browser;
  let editor: RegisterEditor;

  beforeAll(async () => {
    iolite = await Iolite.makeEmpty();
    code = Iolite.codeIn(await iolite.start());
    wren = await Browser.open();
    editor = new RegisterEditor(wren);
  }, 180_000);
  afterAll(async () => {
    await wren?.close();
    await iolite?.remove();
    rmSync(folder, { recursive: true });
  });
  beforeEach(({ onTestFailed }) => onTestFailed(() => wren.pictureOfFailure('from-nothing')));

  const make = async (names: readonly [string, string, string], fields: Parameters<RegisterEditor['addFields']>[0]) => {
    await editor.openNew();
    await editor.name(...names);
    await editor.addFields(fields);
  };
  /** Writes into a part of a field's sentence, and uses it with Enter. */
  const writePart = async (part: string, text: string): Promise<void> => {
    await wren.click(`//button[contains(@aria-label, "change the ${part}")]`);
    await wren.typeInto('//div[contains(@class, "slip")]//input', Key.chord(Key.CONTROL, 'a'), text, Key.ENTER);
  };
  const saysPart = (part: string, text: string) => wren.see(`//button[@aria-label = "${text}, change the ${part}"]`);
  const add = async (singular: string, answers: Readonly<Record<string, string>>) => {
    await wren.press(`Add ${singular}`);
    for (const [label, answer] of Object.entries(answers)) await wren.write(label, answer);
    await wren.press('Send');
    await wren.seeText('was stored');
  };

  test('the first page asks for a name and the first person, and says what is wrong', async () => {
    await wren.visit(iolite.address);
    await wren.see('//h1[. = "Begin a workspace"]');
    await wren.write('Your e-mail address', 'wren');
    await wren.press('Begin');
    await wren.seeText('Write a name.');
    await wren.seeText('This is no e-mail address.');
    expect(await wren.axe()).toEqual([]);
    await wren.write('The code from the console', code);
    await wren.write('Name of the organisation', 'Hill Field');
    await wren.click('//label[. = "Country"]/following-sibling::select/option[. = "United Kingdom"]');
    await wren.write('Your name', 'Wren Attwater');
    await wren.write('Your e-mail address', 'wren@example.org');
    await wren.write('Password', 'beans and peas');
    await wren.click('//select[@name = "locale"]/option[@value = "en-GB"]');
    await wren.click('//select[@name = "currency"]/option[@value = "GBP"]');
    await wren.click('//select[@name = "zone"]/option[@value = "Europe/London"]');
    await wren.press('Begin');
    await wren.press('Make the first register');
    await wren.see('//h1[. = "New register"]');
  });

  test('plots with limits as they are written, and tenancies of them', async () => {
    await make(
      ['Plot', 'Plots', 'PLO'],
      [
        { label: 'Name', kind: 'text' },
        { label: 'Area', kind: 'number' },
        { label: 'Discount', kind: 'percent' },
      ],
    );
    await writePart('unit of field 2', 'm²');
    await saysPart('unit of field 2', 'm²');
    expect(await wren.count('//input[starts-with(@aria-label, "Label of field")]')).toBe(3);
    await writePart('most of field 3', 'half');
    await wren.seeText('Write a number as the field’s values are.');
    await wren.typeInto('//div[contains(@class, "slip")]//input', Key.chord(Key.CONTROL, 'a'), '50%', Key.ENTER);
    await saysPart('most of field 3', '50 %');
    await editor.rehearse();
    await editor.carryOut();
    await wren.press('Add plot');
    await wren.write('Name', 'By the gate');
    await wren.write('Area', '1 20');
    await wren.write('Discount', '60%');
    await wren.press('Send');
    await wren.seeText('This must be a number, such as 12 or 12.50.');
    await wren.seeText('This must be at most 50 %.');
    await wren.write('Area', '120 m²');
    await wren.write('Discount', '25%');
    await wren.press('Send');
    await wren.seeText('PLO-0001');

    await make(
      ['Tenancy', 'Tenancies', 'TEN'],
      [
        { label: 'Tenant', kind: 'text' },
        { label: 'Plot', kind: 'link to one', linksTo: 'Plots' },
        { label: 'From', kind: 'date' },
        { label: 'Rent', kind: 'money' },
        { label: 'Phone', kind: 'phone' },
      ],
    );
    await editor.rehearse();
    await editor.carryOut();
    await wren.press('Add tenancy');
    await wren.write('Plot', 'gate');
    await wren.see('//*[@role = "option"][contains(., "By the gate")]');
    await wren.keys(Key.ENTER);
    await wren.write('From', 'Mon 23 Nov 2026');
    await wren.write('Rent', '£45.50');
    await wren.write('Phone', '01632 960123 ext. 4');
    await wren.press('Send');
    await wren.seeText('TEN-0001');
    // A tenancy without a tenant has nothing under that heading, and not its number a second time.
    await wren.visit(`${iolite.address}/registers/plots`);
    await wren.press('Open PLO-0001');
    await wren.press("Open the record's own page");
    const row = '//table[@aria-label = "Tenancies"]//tbody/tr';
    await wren.see(`${row}[contains(., "45.50")]`);
    expect(await wren.textOf(`${row}/td[1]`)).toBe('TEN-0001');
    expect(await wren.driver.findElement({ xpath: `${row}/td[2]` }).getText()).toBe('');
  });

  test('a list is asked in the usual words, in per cent; a saved address that looks like a slip offers its mend', async () => {
    await wren.visit(`${iolite.address}/registers/plots`);
    const writer = new Writer(wren);
    await wren.click(wren.button('add a condition'));
    await wren.typeInto('//span[@data-writer]//input', 'Discount', Key.ENTER);
    await wren.typeInto('//span[@data-writer]//input', 'is more than');
    expect(await writer.offers()).toEqual(['is over …']);
    await wren.keys(Key.ENTER);
    await wren.see('//span[@data-writer]//input[not(@value) or @value = ""]');
    await wren.typeInto('//span[@data-writer]//input', '20%', Key.ENTER);
    await wren.see('//*[@role = "option"][contains(., "that is all")]');
    await wren.keys(Key.ENTER);
    await wren.see('//main//p[contains(normalize-space(.), "Plots whose Discount is over 20 %")]');
    await wren.seeText('By the gate');
    await wren.visit(`${iolite.address}/registers/plots?filter=${encodeURIComponent('discount > 20')}`);
    await wren.seeText('Discount is a share: 20 is 2000 %');
    await wren.press('Make it 20 %');
    await wren.seeText('By the gate');
    expect(await wren.axe()).toEqual([]);
  });

  test('a limit that is tightened says what stands, and leaves it changeable', async () => {
    await editor.open(iolite.address, 'plots');
    await writePart('most of field 2', '100 m²');
    await saysPart('most of field 2', '100 m²');
    expect(await editor.rehearse()).toContain('One of the records has it otherwise. It stays as it is until Area');
    await editor.carryOut();
    await wren.press('Open PLO-0001');
    await wren.press('Change Name');
    await wren.write('Name', 'By the old gate');
    await wren.keys(Key.ENTER);
    await wren.seeText('By the old gate');
    await wren.press('Change Area');
    await wren.write('Area', '110');
    await wren.keys(Key.ENTER);
    await wren.seeText('This must be at most 100 m².');
    await wren.keys(Key.ESCAPE);
  });

  test('a form of two ways lets a plot to somebody who is not there yet; who is, is offered instead', async () => {
    await make(
      ['Holder', 'Holders', 'HOL'],
      [
        { label: 'Full name', kind: 'text' },
        { label: 'E-mail', kind: 'e-mail' },
      ],
    );
    await editor.rehearse();
    await editor.carryOut();
    await make(
      ['Letting', 'Lettings', 'LET'],
      [
        { label: 'Plot', kind: 'link to one', linksTo: 'Plots' },
        { label: 'Holder', kind: 'link to one', linksTo: 'Holders' },
        { label: 'In parts', kind: 'yes or no' },
        { label: 'First part', kind: 'money' },
      ],
    );
    await editor.rehearse();
    await editor.carryOut();
    const form = new FormEditor(wren);
    await form.make('Let a plot', 'Lettings');
    await form.addRule('Holder', 'offers a new holder');
    await wren.seeText('offers a new holder, stored along with it, and asks');
    await wren.click('//button[normalize-space() = "ask more"]');
    await wren.click('//button[contains(@class, "slip-row")][normalize-space() = "E-mail"]');
    await wren.see('//li[contains(@class, "outline-rule")]//button[normalize-space() = "E-mail"]');
    await wren.press('make pages of it');
    await wren.see('//input[@aria-label = "Name of page 2"]');
    await wren.press('Move First part to page …');
    await wren.click('//button[contains(@class, "slip-row")][normalize-space() = "2. Page 2"]');
    await new Writer(wren).write(
      '(//li[contains(., "elsewhere when")]//button[. = "add a condition"])[1]',
      'In parts',
      'is …',
      'no',
      'that is all',
    );
    await wren.see('//li[contains(normalize-space(.), "leads to the end when In parts is no")]');
    await form.publish(['Staff'], []);
    expect(await wren.axe()).toEqual([]);

    await wren.visit(`${iolite.address}/forms/let_a_plot`);
    await wren.write('Plot', 'gate');
    await wren.see('//*[@role = "option"][contains(., "By the old gate")]');
    await wren.keys(Key.ENTER);
    await wren.write('Holder', 'Fern Hollis');
    await wren.see('//*[@role = "option"][@data-focus][contains(., "a new holder")]');
    await wren.keys(Key.ENTER);
    // What was typed is the name; the next question of the new holder has the focus.
    expect(await wren.valueOf(wren.field('Full name'))).toBe('Fern Hollis');
    await wren.waitUntil('the new holder is asked on', async () =>
      ((await wren.focusedQuestion()) ?? '').endsWith('.e_mail'),
    );
    await wren.keys('fern at home');
    await wren.click('//div[@data-question = "in_parts"]//label[normalize-space() = "Yes"]');
    await wren.press('Onward');
    await wren.seeText('This must be an e-mail address');
    // A reload in the middle loses nothing of it.
    await wren.driver.navigate().refresh();
    expect(await wren.valueOf(wren.field('E-mail'))).toBe('fern at home');
    await wren.write('E-mail', 'fern@example.org');
    expect(await wren.axe()).toEqual([]);
    await wren.press('Onward');
    await wren.write('First part', '20');
    await wren.press('Send');
    await wren.seeText('LET-0001 was stored');
    await wren.seeText('Fern Hollis HOL-0001 was stored along with it.');

    // The other way; somebody of that name is there already, and is taken instead.
    await wren.press('Fill in another');
    await wren.write('Holder', 'Fern');
    await wren.see('//*[@role = "option"][contains(., "“Fern”, a new holder")]');
    await wren.click('//*[@role = "option"][contains(., "“Fern”, a new holder")]');
    await wren.write('Full name', 'Fern Hollis');
    await wren.press('Choose Fern Hollis instead');
    await wren.seeNo('//*[@data-new]');
    await wren.click('//div[@data-question = "in_parts"]//label[normalize-space() = "No"]');
    await wren.press('Send');
    await wren.seeText('LET-0002 was stored');
    await wren.visit(`${iolite.address}/registers/holders`);
    await wren.seeText('HOL-0001');
    await wren.seeNo('//*[contains(., "HOL-0002")]');
  });

  test('what is being changed in the set-up is there again after leaving it, until it is thrown away', async () => {
    await editor.open(iolite.address, 'holders');
    await editor.addOne('Town', 'text');
    await wren.visit(iolite.address);
    await editor.open(iolite.address, 'holders');
    await wren.seeText('not carried out yet');
    expect(await wren.valueOf('//input[@aria-label = "Label of field 3"]')).toBe('Town');
    expect(await editor.rehearse()).toContain('Holders get the field Town (text), empty in the one record.');
    await wren.press('Throw them away');
    await wren.seeNo('//input[@aria-label = "Label of field 3"]');
    await wren.visit(iolite.address);
    await editor.open(iolite.address, 'holders');
    await wren.seeNo('//*[contains(text(), "not carried out yet")]');
  });

  test('loans over two pages: what is typed after “Onward” belongs to the first question there', async () => {
    await make(
      ['Loan', 'Loans', 'LOA'],
      [
        { label: 'Tool', kind: 'text' },
        { label: 'Borrower', kind: 'text' },
        { label: 'Lent on', kind: 'date' },
        { label: 'Back by', kind: 'date' },
      ],
    );
    await editor.rehearse();
    await editor.carryOut();
    const form = new FormEditor(wren);
    await form.make('Lend a tool', 'Loans');
    await (await form.addRule('Back by', 'must be earlier than …', `31 Dec ${thisYear()}`, 'that is all')).reads(
      `must be earlier than 31 Dec ${thisYear()}`,
    );
    await wren.press('make pages of it');
    await wren.see('//input[@aria-label = "Name of page 2"]');
    for (const label of ['Back by', 'Lent on'])
      await wren.typeInto(`//*[@data-handle][normalize-space(.) = "${label}"]`, Key.chord(Key.ALT, Key.ARROW_DOWN));
    await form.kept();
    await wren.press('Publish');
    await wren.tick('Staff', '//fieldset[.//legend[contains(., "fill it in")]]');
    await wren.seeText('Staff gets a number for what is sent, and does not see the record behind it.');
    expect(await wren.axe()).toEqual([]);
    await wren.press('Publish now');
    await wren.seeText('was published');
    await wren.visit(`${iolite.address}/forms/lend_a_tool`);
    await wren.write('Tool', 'Rotavator');
    await wren.write('Borrower', 'Ash');
    await wren.press('Onward');
    await wren.waitUntil('the first question has the focus', async () => (await wren.focusedQuestion()) === 'lent_on');
    await wren.keys('23.11.2026');
    await wren.write('Back by', `31/12/${thisYear()}`);
    await wren.press('Send');
    await wren.seeText(`must be earlier than 31 Dec ${thisYear()}`);
    await wren.write('Back by', '30 Dec');
    await wren.press('Send');
    await wren.seeText('LOA-0001');
  });

  test('bookings of days in a row', async () => {
    await make(
      ['Booking', 'Bookings', 'BOO'],
      [
        { label: 'Room', kind: 'text' },
        { label: 'Days', kind: 'span of days' },
        { label: 'Confirmed', kind: 'yes or no' },
      ],
    );
    await editor.rehearse();
    await editor.carryOut();
    const file = join(folder, 'bookings.csv');
    writeFileSync(
      file,
      'Room;Days;Confirmed\nHall;1 Nov 2026 to 3 Nov 2026;Y\nKitchen;2/11/2026 - 2/11/2026;x\nHall;TBA;n\n',
    );
    const spreadsheet = new Spreadsheet(wren);
    // An empty list says that they may stand in a spreadsheet.
    await spreadsheet.choose(file);
    await wren.seeText('columns parted by');
    await spreadsheet.would('Adds 2 bookings');
    await spreadsheet.out(1);
    await wren.seeText('1 could not be read as a span of days, e.g. “TBA”');
    expect(await wren.axe()).toEqual([]);
    await wren.press('Throw it away');
    await wren.visit(`${iolite.address}/registers/bookings`);
    await add('booking', { Room: 'Hall', Days: '1-3 Nov 2026' });
  });

  test('a public file of films becomes a register as it stands, every value what it was', async () => {
    const file = join(folder, 'films.csv');
    const given = FILMS.map((film) => Object.fromEntries(COLUMNS.map((column) => [column, film[column] ?? ''])));
    writeFileSync(file, csvFormat(given, COLUMNS));
    const spreadsheet = new Spreadsheet(wren);
    await wren.press('Registers & fields');
    await spreadsheet.choose(file);
    await spreadsheet.would('3,201 films');
    await wren.seeText('as all 3,194 read so');
    expect(await wren.axe()).toEqual([]);
    // A film without a title is told once titles are needed, and gets one.
    await wren.click('//th[.//button[normalize-space() = "Title"]]//button[normalize-space() = "may be empty"]');
    await spreadsheet.would('3,200 films');
    await wren.seeText('1 is empty, and must be answered');
    await spreadsheet.reason('1 is empty');
    await spreadsheet.mend('');
    await wren.write('What it is instead', 'Without a title');
    await wren.press('Use');
    await spreadsheet.would('3,201 films');
    await wren.press('Make Films');
    await wren.seeText('It was brought in: 3,201 added');
    await wren.click('//a[normalize-space() = "Open Films"]');
    await wren.seeText('3,201');
    const csv = await wren.driver.executeAsyncScript<string>(
      "const done = arguments[0]; fetch('/api/registers/films/records.csv?sort=number').then((answer) => answer.text()).then(done)",
    );
    const kept = readText(csv);
    const [head, ...others] = kept.ok ? kept.value.grid : [];
    expect(head).toEqual(['Number', ...COLUMNS]);
    const rows = others.map((row) => row.slice(1)).toSorted();
    const wanted = given.map((film) =>
      COLUMNS.map((column) => {
        const value = String(film[column]);
        return column === 'Release Date'
          ? (readDay(value, { locale: 'en-GB', today: '2026-11-28' }) ?? '')
          : value.replace(/\s+/g, ' ').trim() || (column === 'Title' ? 'Without a title' : '');
      }),
    );
    expect(rows).toEqual(wanted.toSorted());
  });
});
