import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, test, vi } from 'vitest';
import { z } from 'zod';
import { Browser, literal } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { signInAs } from '../pages/sign-in.ts';
import { makePicture } from '../picture.ts';

const pageSchema = z.object({ records: z.array(z.object({ id: z.string() })) });
const RUNA = 'runa.oakes@example.org';

/** One form on its way: what is answered before the page is reloaded, and what after. */
interface Filling {
  readonly form: string;
  /** Where it is opened, behind its address. */
  readonly from?: () => Promise<string>;
  readonly before: () => Promise<void>;
  readonly after: () => Promise<void>;
  /** What is said once it is sent. */
  readonly thanks: string;
}

/** The forms of the demonstration as people fill them in: a reload in the middle of each loses nothing. */
describe('eight forms, each reloaded in the middle', () => {
  const folder = mkdtempSync(join(tmpdir(), 'iolite-files-'));
  const photo = makePicture(folder, 'hull.png');
  let iolite: Iolite;
  let runa: Browser;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    runa = await Browser.open();
    await signInAs(runa, iolite.address, 'Runa Oakes');
  }, 180_000);
  afterAll(async () => {
    await runa?.close();
    await iolite?.remove();
    rmSync(folder, { recursive: true });
  });
  beforeEach(({ onTestFailed }) => onTestFailed(() => runa.pictureOfFailure('eight-forms')));

  const question = (key: string) => `//div[@data-question = "${key}"]`;
  const lookUp = async (label: string, words: string): Promise<void> => {
    await runa.write(label, words);
    await runa.click(`//*[@role = "option"][contains(., ${literal(words)})]`);
    await runa.seeNo('//*[@role = "option"]');
  };
  const pick = (key: string, choice: string) => runa.tick(choice, question(key));
  const filledIn = (key: string) =>
    runa.waitUntil(`${key} is filled in`, async () => (await runa.valueOf(`${question(key)}//input`)) !== '');
  const first = async (register: string): Promise<string> => {
    const page = await iolite.call(RUNA, 'GET', `/api/registers/${register}/records?limit=1`);
    return pageSchema.parse(page).records[0]?.id ?? '';
  };
  /** All that stands in the form: the page, what is in each box, what is ticked, what is worked out. */
  const standing = () =>
    runa.driver.executeScript<string[]>(
      `const boxes = [...document.querySelectorAll('form :is(h2, output, input, select, textarea, img)')];
       return boxes.map((box) => {
         const of = box.closest('[data-question]')?.dataset.question ?? '';
         const held = box.type === 'radio' || box.type === 'checkbox' ? box.checked : (box.value ?? box.textContent);
         return [of, box.tagName, box.tagName === 'IMG' ? box.alt : held].join(' ');
       })`,
    );

  const fillings: readonly Filling[] = [
    {
      form: 'report_incident',
      before: async () => {
        await runa.write('Title', 'Boom struck the crane');
        await pick('kind', 'Damage to property');
        await runa.write('What happened', 'The boom swung across.');
        await lookUp('Boat', 'Tide of Sandvik');
        await filledIn('owner');
        await runa.press('Onward');
        await runa.write('Cost', '12*80');
        await (await runa.driver.findElement({ css: '[data-question=photos] input[type=file]' })).sendKeys(photo);
        await runa.see(`${question('photos')}//img`);
      },
      after: async () => {
        await runa.press('Onward');
        await runa.write('Root cause', 'No preventer was rigged.');
        await runa.press('Send');
      },
      thanks: 'Thank you',
    },
    {
      form: 'new_client',
      before: async () => {
        await runa.write('Name', 'Gannet Sailing School');
        await pick('kind', 'School');
        await runa.write('Phone', '01632 960 277');
        await runa.write('Credit limit', '500');
      },
      after: async () => {
        await runa.write('E-mail', 'office@gannet.example');
        await runa.press('Send');
      },
      thanks: 'was stored',
    },
    {
      form: 'raise_invoice',
      before: async () => {
        await lookUp('Client', 'Orla Margetts');
        await runa.write('Subject', 'Winter cover');
        await runa.press('Onward');
        await runa.press('Add line');
        await lookUp('Item, row 1', 'Antifoul');
        await runa.write('Quantity, row 1', '3');
        await runa.see(`${question('gross')}//output[not(starts-with(., "0.00"))]`);
      },
      after: async () => {
        // Another item fills name, price and VAT anew, as nobody typed in them.
        const price = async () => runa.valueOf(runa.field('Unit price, net, row 1'));
        const before = await price();
        await lookUp('Item, row 1', 'Shackle');
        await runa.waitUntil('the price is another', async () => (await price()) !== before);
        await runa.press('Onward');
        await runa.press('Send');
      },
      thanks: 'was stored',
    },
    {
      form: 'record_donation',
      from: async () => `?${new URLSearchParams({ register: 'appeals', of: await first('appeals') })}`,
      before: async () => {
        await lookUp('Donor in Clients', 'Hale & Finch Charters');
        await filledIn('donor_name');
        await runa.write('Amount', '25');
      },
      after: async () => {
        await pick('method', 'Cash');
        await runa.press('Send');
      },
      thanks: 'was stored',
    },
    {
      form: 'purchase_request',
      before: async () => {
        await runa.write('What for', 'New fenders for A pontoon');
        await runa.press('Add line');
        await runa.write('What, row 1', 'Fender');
        await runa.write('Quantity, row 1', '4');
        await runa.write('Unit price, net, row 1', '18.50');
        await runa.write('Needed by', '31 dec 27');
      },
      after: async () => {
        await runa.click(`(${question('cost_centre')}//label)[1]`);
        await runa.press('Send');
      },
      thanks: 'was stored',
    },
    {
      form: 'stock_movement',
      before: async () => {
        await lookUp('Item', 'Antifoul');
        await filledIn('what');
      },
      after: async () => {
        await runa.write('Quantity', '2');
        await runa.press('Send');
      },
      thanks: 'was stored.',
    },
    {
      form: 'boat_details',
      from: async () => `?${new URLSearchParams({ record: await first('boats') })}`,
      before: async () => {
        await runa.write('Beam', '3.75');
        await runa.write('Insured until', '31 dec 27');
        await runa.see(`${question('beam')}[contains(., "was ")]`);
      },
      after: () => runa.press('Store'),
      thanks: 'was changed',
    },
    {
      form: 'berth_inquiry',
      before: async () => {
        await runa.write('Who asks', 'Lowri Teague');
        await runa.write('Phone', '01632 960 114');
      },
      after: async () => {
        await (await runa.see(`${question('notes')}//textarea`)).sendKeys('Nine metres, from April.');
        await runa.press('Send');
      },
      thanks: 'was stored',
    },
  ];

  test.each(fillings)('$form', async ({ form, from, before, after, thanks }) => {
    const address = `${iolite.address}/forms/${form}${from ? await from() : ''}`;
    await runa.visit(address);
    await runa.see('//div[@data-question]');
    await before();
    // Left, so that a sum typed in a box is worked out.
    await runa.click('//h1');
    const stood = await standing();
    expect(stood.length).toBeGreaterThan(3);
    await runa.visit(address);
    await runa.see('//div[@data-question]');
    await vi.waitFor(async () => expect(await standing()).toEqual(stood), { timeout: 10_000 });
    await after();
    await runa.see(`//*[self::h1 or @role = "status"][contains(., ${literal(thanks)})]`);
    expect(await runa.consoleErrors()).toEqual([]);
  });

  test('in two windows an entry is one record; with other answers it is another only when one says so', async () => {
    const name = async () => runa.valueOf(runa.field('Name'));
    const first = await runa.driver.getWindowHandle();
    await runa.visit(`${iolite.address}/forms/new_client`);
    await runa.write('Name', 'Tabitha Twice');
    await runa.driver.switchTo().newWindow('tab');
    const second = await runa.driver.getWindowHandle();
    await runa.visit(`${iolite.address}/forms/new_client`);
    await runa.waitUntil('it stands here too', async () => (await name()) === 'Tabitha Twice');
    const numberAfterSending = async (window: string): Promise<string> => {
      await runa.driver.switchTo().window(window);
      await runa.press('Send');
      return runa.textOf('//h1[contains(., "was stored")]');
    };
    expect(await numberAfterSending(second)).toBe(await numberAfterSending(first));
    // Begun as one in both windows, and gone on with differently.
    for (const window of [first, second]) {
      await runa.driver.switchTo().window(window);
      await runa.visit(`${iolite.address}/forms/new_client`);
      await runa.see(question('name'));
      if (window === first) await runa.write('Name', 'Lowri');
      else await runa.waitUntil('it stands here too', async () => (await name()) === 'Lowri');
    }
    await runa.write('Name', 'Lowri Teague');
    const one = await numberAfterSending(first);
    await runa.driver.switchTo().window(second);
    await runa.press('Send');
    await runa.seeText('This entry was sent before, with other answers.');
    expect(await name()).toBe('Lowri Teague');
    await runa.press('Send these answers as a new entry');
    expect(await runa.textOf('//h1[contains(., "was stored")]')).not.toBe(one);
    await runa.driver.close();
    await runa.driver.switchTo().window(first);
  });
});
