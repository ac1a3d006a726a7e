import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { quotes } from '#demo/quotes.ts';
import { Browser } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { EntryPage } from '../pages/entry.ts';
import { FormEditor } from '../pages/form-editor.ts';
import { FormulaBox } from '../pages/formula.ts';
import { RegisterEditor } from '../pages/register-editor.ts';
import { signInAs } from '../pages/sign-in.ts';
import { Writer } from '../pages/writer.ts';

/** The operations manager writes rules and filters: word by word, and as formulas; both are one stored text. */
describe('rules and filters are written as sentences and as formulas', () => {
  let iolite: Iolite;
  let runa: Browser;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    await iolite.carryOut('runa.oakes@example.org', { registers: [quotes] });
    runa = await Browser.open();
    await signInAs(runa, iolite.address, 'Runa Oakes');
  }, 180_000);
  afterAll(async () => {
    await runa?.close();
    await iolite?.remove();
  });
  beforeEach(({ onTestFailed }) => onTestFailed(() => runa.pictureOfFailure('rules')));

  const filter = async (): Promise<string> =>
    new URL(await runa.driver.getCurrentUrl()).searchParams.get('filter') ?? '';
  const filterIs = (text: string) => runa.waitUntil(`the filter is ${text}`, async () => (await filter()) === text);

  test('a filter is written word by word, across a link, and what can come next is offered', async () => {
    await runa.visit(`${iolite.address}/registers/invoices`);
    const writer = new Writer(runa);
    await runa.click('//main//button[. = "add a condition"]');
    expect((await writer.offers()).slice(0, 3)).toEqual(['Subject', 'Client', 'Client’s …']);
    await runa.keys('\uE00C');
    const add = '//main//button[. = "add a condition"]';
    await writer.write(
      add,
      'Boat’s',
      'Length overall',
      'is over',
      '12',
      'and',
      'Issued',
      'is earlier',
      '30 days ago',
      'that is all',
    );
    await filterIs('boat.length_overall > 12 and issued_on < today() - duration("P30D")');
    await runa.seeText('Boat’s length overall');
    await runa.seeText('30 days ago');
    expect(await runa.axe()).toEqual([]);
  });

  test('the same filter is a formula, with completion, help and what is wrong in place', async () => {
    const formula = new FormulaBox(runa);
    await formula.open('//main');
    expect(await formula.text()).toBe('boat.length_overall > 12 and issued_on < today() - duration("P30D")');
    await formula.write('gross > pa');
    await formula.complete('paid');
    expect(await formula.text()).toBe('gross > paid');
    await formula.add(' and state in ("iss');
    await formula.complete('issued');
    await formula.add('"');
    await runa.seeText('Something is missing at the end of this expression.');
    await formula.write('gross > paid and working days(due_on, today()) > 5');
    expect(await formula.hover('working')).toContain('How many working days lie after a day');
    expect(await formula.hover('gross')).toContain('Total: a number');
    await formula.write('gros > paid');
    await runa.seeText('There is no field “gros” here. Did you mean gross?');
    await runa.see('//*[contains(@class, "cm-lintRange-error")][. = "gros"]');
    expect(await runa.axe()).toEqual([]);
    await formula.write('count(reverse(client.invoices.gross)) > 3');
    await runa.seeText('A list cannot be filtered by this, as it makes a new list.');
    await formula.write('total(client.invoices[state != "paid"].gross) > 5000');
    await runa.press('Use');
    await filterIs('total(client.invoices[state != "paid"].gross) > 5000');
    await runa.see('//main//button[contains(., "total(client.invoices")]');
    await runa.see('//main//tbody/tr');
  });

  test('a filter that can let nothing through says so, and going back and forth changes nothing', async () => {
    const text = '(gross   > 500) and gross<=500';
    await runa.visit(`${iolite.address}/registers/invoices?filter=${encodeURIComponent(text)}`);
    await runa.seeText('This can never be true.');
    const formula = new FormulaBox(runa);
    await formula.open('//main');
    expect(await formula.text()).toBe(text);
    await runa.press('Cancel');
    await runa.seeText('This can never be true.');
    expect(await filter()).toBe(text);
  });

  test('a form works out what follows, and refuses what waits for itself', async () => {
    const editor = new FormEditor(runa);
    await runa.visit(`${iolite.address}/registers/quotes`);
    await editor.make('Make a quote', 'Quotes');
    await editor.writeFormula('VAT', 'is worked out as', 'net * 0.2');
    await editor.writeFormula('Total', 'is worked out as', 'net + vat');
    await editor.rules('Total').reads('is worked out as net + vat');
    await editor.addRule('Due', 'must be later than', 'Issued', 'that is all');
    await editor.rules('Due').reads('must be later than Issued');
    const live = new EntryPage(runa);
    // 12.35 at 20 % is 2.47; 0.125 would round away from zero (common practice on invoices).
    await live.write('Net', '12.35');
    await live.shows('VAT', '2.47');
    await live.shows('Total', '14.82');
    expect(await runa.axe()).toEqual([]);
    await editor.writeFormula('Net', 'is worked out as', 'gross - vat');
    await runa.seeText('These questions wait for each other: Net → ');
  });

  test('a field gets another key, and the rules that name it follow', async () => {
    await runa.visit(`${iolite.address}/set-up/registers/quotes`);
    await runa.write('Key of field 7', 'vat_due');
    await runa.press('Rehearse');
    await runa.seeText('VAT of Quotes is called vat_due in formulas instead of vat');
    expect(await runa.axe()).toEqual([]);
    await new RegisterEditor(runa).carryOut();
    await runa.visit(`${iolite.address}/set-up/forms/make_a_quote`);
    await new FormEditor(runa).rules('Total').reads('is worked out as net + vat_due');
  });
});
