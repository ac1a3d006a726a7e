import { randomBytes } from 'node:crypto';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { z } from 'zod';
import { addDays, today, uuidV7 } from '#core/base/index.ts';
import { quoteFile } from '#demo/tern-quay/quote-file.ts';
import { Browser, Key, literal } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { InTray } from '../pages/in-tray.ts';
import { Sentence } from '../pages/sentence.ts';
import { signInAs } from '../pages/sign-in.ts';
import { Spreadsheet } from '../pages/spreadsheet.ts';

const newId = (): string => uuidV7(Date.now(), randomBytes(10));
const DAY = today({ now: new Date().toISOString(), zone: 'Europe/London' });
const fileSchema = z.object({ id: z.string() });
const peopleSchema = z.object({ people: z.array(z.object({ id: z.string(), name: z.string() })) });
const HOURS_OF_A_MONTH = 30 * 24;

describe('signed by those who must', () => {
  let iolite: Iolite;
  let one: Browser;
  let other: Browser;
  let tray: InTray;
  const folder = mkdtempSync(join(tmpdir(), 'iolite-requests-'));

  beforeAll(async () => {
    iolite = await Iolite.makeSeveral();
    await iolite.start();
    [one, other] = [await Browser.open(), await Browser.open()];
    tray = new InTray(one, iolite.address);
  });
  afterAll(async () => {
    await one?.close();
    await other?.close();
    await iolite?.remove();
    rmSync(folder, { recursive: true, force: true });
  });

  /** Piet asks for something; what it comes to is so much and VAT. */
  const ask = async (what: string, net: string): Promise<void> => {
    const line = { id: newId(), values: { stock: null, what, quantity: '1', unit_price: net, vat_rate: 'standard' } };
    const values = {
      what_for: what,
      cost_centre: 'yard',
      requested_on: DAY,
      needed_by: addDays(DAY, 9),
      lines: [line],
    };
    await iolite.call('piet.lund@example.org', 'POST', '/api/forms/purchase_request/entries', {
      id: newId(),
      version: 1,
      filled_in_at: new Date().toISOString(),
      values: Number(net) < 1000 ? values : { ...values, quotes: [await quote()] },
    });
  };
  const quote = async (): Promise<string> => {
    const file = await iolite.call(
      'piet.lund@example.org',
      'POST',
      '/api/files?name=quote.pdf',
      quoteFile(['Quotation']),
    );
    return fileSchema.parse(file).id;
  };

  const signIn = async (name: string): Promise<void> => {
    await signInAs(one, iolite.address, name);
    await tray.open();
  };

  test('1. up to 500 the yard manager alone; the next one opens by itself', async () => {
    await ask('Shackles', '200.00');
    await signIn('Sana Whitlock');
    await tray.look('Shackles');
    await tray.says('Why you: The Yard manager signs every one of these.');
    expect(await one.axe()).toEqual([]);
    await tray.approve();
    await tray.said('Approved: Shackles');
    await tray.hasNot('Shackles');
    await one.see('//section[@aria-label = "Record to decide"]//article');
  });

  test('2. a decision can be undone while the seconds run', async () => {
    await ask('Undone shackles', '210.00');
    await tray.look('Undone shackles');
    await tray.approve();
    await tray.undo();
    await tray.look('Undone shackles');
    await tray.approve();
    await tray.said('Approved: Undone shackles');
  });

  test('3. over 500 the treasurer too, who fills in what is approved', async () => {
    await ask('Mooring chain', '700.00');
    await tray.look('Mooring chain');
    await tray.approve();
    // Who signs out before it is answered takes it away with them.
    await tray.said('Approved: Mooring chain');
    await signIn('Ines Varga');
    await tray.look('Mooring chain');
    await tray.says('Total is over 500, so the Treasurer signs after the Yard manager.');
    await tray.approve();
    await one.seeText('Approved amount must be filled in before you approve.');
    await tray.fillIn('Approved amount', '800');
    await one.picture('in-tray');
    await tray.approve();
    await tray.said('Approved: Mooring chain');
    await one.visit(`${iolite.address}/registers/purchases?find=Mooring+chain`);
    await one.see('//table//tbody/tr[contains(., "Mooring chain")][contains(., "Approved")]');
  });

  test('4. over 5,000 two of the three trustees, one of them on a phone', async () => {
    await ask('Travel hoist tyres', '5400.00');
    for (const [name, amount] of [
      ['Sana Whitlock', null],
      ['Ines Varga', '6480'],
    ] as const) {
      await signIn(name);
      await tray.look('Travel hoist tyres');
      if (amount) await tray.fillIn('Approved amount', amount);
      await tray.approve();
      await tray.said('Approved: Travel hoist tyres');
    }
    const phone = await Browser.open({ width: 390, height: 844 });
    try {
      await signInAs(phone, iolite.address, 'Teo Marsh');
      const inHand = new InTray(phone, iolite.address);
      await inHand.open();
      await inHand.look('Travel hoist tyres');
      const wide = await phone.driver.executeScript<number>('return document.documentElement.scrollWidth');
      expect(wide).toBe(390);
      expect(await phone.axe()).toEqual([]);
      await phone.picture('in-tray-phone');
      await inHand.approve();
      await phone.seeText('Approved: Travel hoist tyres');
    } finally {
      await phone.close();
    }
    await signIn('Tomas Reed');
    await tray.look('Travel hoist tyres');
    await tray.says('1 of 2');
    await tray.approve();
    await tray.said('Approved: Travel hoist tyres');
  });

  test('5. sent back with a mark on a field, and mended by its sender', async () => {
    await ask('Paint, some', '150.00');
    await signIn('Sana Whitlock');
    await tray.look('Paint, some');
    await tray.sendBack('Which paint?', { field: 'What for', says: 'Name the paint.' });
    await tray.said('Sent back: Paint, some');
    await signInAs(other, iolite.address, 'Piet Lund');
    await other.click(`//main//a[contains(., ${literal('“Which paint?”')})]`);
    await other.seeText('Name the paint.');
    await other.write('What for', 'Antifouling, red');
    await other.press('Send again');
    await other.seeText('It waits for the Yard manager to sign.');
    await tray.look('Antifouling, red');
    await tray.says('Antifouling, red was Paint, some');
  });

  test('6. many are signed together', async () => {
    await signIn('Ines Varga');
    await tray.tick('Quayside Sailing School');
    await tray.tick('Hale & Finch Charters');
    await tray.says('2 chosen: 2 can be signed together.');
    expect(await one.axe()).toEqual([]);
    await one.picture('in-tray-many');
    await tray.approve();
    await tray.said('Approved: 2 of 2.');
    await tray.hasNot('Quayside Sailing School');
  });

  test('7. a stand-in signs in the name of who is away; both stand in the track', async () => {
    const runa = 'runa.oakes@example.org';
    const { people } = peopleSchema.parse(await iolite.call(runa, 'GET', '/api/people'));
    const idOf = (name: string): string => people.find((each) => each.name === name)?.id ?? '';
    await iolite.call(runa, 'PATCH', `/api/people/${idOf('Sana Whitlock')}`, {
      away: { from: DAY, until: addDays(DAY, 2) },
      stand_in: idOf('Dev Anand'),
    });
    await ask('Work gloves', '60.00');
    await signIn('Dev Anand');
    await one.see('//section[@aria-label = "You stand in for Sana Whitlock"]');
    await tray.look('Work gloves');
    await tray.says('You stand in for Sana Whitlock.');
    await tray.approve();
    await tray.said('Approved: Work gloves');
    await signInAs(other, iolite.address, 'Runa Oakes');
    await other.visit(`${iolite.address}/registers/purchases?find=Work+gloves`);
    await other.click('//button[starts-with(@aria-label, "Open PUR-")]');
    await other.see('//section[@aria-label = "Sign-off"][contains(., "Dev Anand for Sana Whitlock")]');
  });

  test('8. decided in another window while one writes, it says so and keeps what was written', async () => {
    await ask('Mooring buoys', '80.00');
    await signIn('Dev Anand');
    await tray.look('Mooring buoys');
    await one.write('Say why, or what to change', 'Are these the yellow ones?');
    await signInAs(other, iolite.address, 'Dev Anand');
    const second = new InTray(other, iolite.address);
    await second.open();
    await second.look('Mooring buoys');
    await second.approve();
    await second.said('Approved: Mooring buoys');
    await tray.says('This does not wait for you any more');
    expect(await one.valueOf(one.field('Say why, or what to change'))).toBe('Are these the yellow ones?');
    expect(await one.axe()).toEqual([]);
  });

  test('8b. what a file brings in goes round too; who comes into the role later signs it, and the track keeps their name', async () => {
    const file = join(folder, 'requests.csv');
    const line = (what: string): string => `${what},requested,yard,${DAY},${addDays(DAY, 9)}`;
    writeFileSync(
      file,
      `What for,State,Cost centre,Requested,Needed by\n${line('Fenders by file')}\n${line('Warps by file')}\n`,
    );
    await signInAs(other, iolite.address, 'Runa Oakes');
    await other.visit(`${iolite.address}/registers/purchases`);
    await other.press('More for this list');
    await other.click('//a[normalize-space() = "Bring a spreadsheet in …"]');
    const spreadsheet = new Spreadsheet(other);
    await spreadsheet.choose(file);
    await spreadsheet.would('Adds 2 purchases');
    await other.seeText('2 go to Yard manager for approval.');
    await other.press('Bring into Purchases');
    await other.seeText('It was brought in: 2 added');
    // Piet becomes a yard manager only now, while they wait.
    const runa = 'runa.oakes@example.org';
    const { people } = peopleSchema.parse(await iolite.call(runa, 'GET', '/api/people'));
    const piet = people.find(({ name }) => name === 'Piet Lund')?.id ?? '';
    await iolite.call(runa, 'PATCH', `/api/people/${piet}`, { roles: ['yard_hand', 'yard_manager'] });
    await signIn('Piet Lund');
    await tray.look('Fenders by file');
    await tray.approve();
    await tray.said('Approved: Fenders by file');
    await iolite.call('piet.lund@example.org', 'PATCH', '/api/my-details', { name: 'Piet Aldren' });
    await other.visit(`${iolite.address}/registers/purchases?find=Fenders+by+file`);
    await other.click('//button[starts-with(@aria-label, "Open PUR-")]');
    await other.see('//section[@aria-label = "Sign-off"][contains(., "Piet Lund")][not(contains(., "Piet Aldren"))]');
    await tray.open();
    await one.seeText('Piet Aldren');
    await iolite.call('piet.lund@example.org', 'PATCH', '/api/my-details', { name: 'Piet Lund' });
    await iolite.call(runa, 'PATCH', `/api/people/${piet}`, { roles: ['yard_hand'] });
  });

  test('9. the operations manager changes the route; who signs, and a trial, stand beside it', async () => {
    await signInAs(other, iolite.address, 'Runa Oakes');
    await other.click('//nav//a[. = "Sign-off routes"]');
    await other.click('//section[@aria-label = "Routes of Purchases"]//a[. = "Purchases"]');
    await other.see('//section[@aria-label = "The route, running"]//table//td[. = "over 5,000.00"]');
    const second = new Sentence(other, '//li[@aria-label = "Step 2"]');
    await second.setValue('500', '600');
    await other.see('//section[@aria-label = "The route, running"]//table//td[. = "up to 600.00"]');
    expect(await other.axe()).toEqual([]);
    await other.picture('routes');
    // One made up by hand walks it: over 600 the treasurer signs it, at 600 nobody after the yard manager.
    const walks = (who: string): string => `//section[@aria-label = "The route, running"]//*[@role = "img"][${who}]`;
    await other.click('//button[contains(@aria-label, ", change the record")]');
    await other.click('//button[. = "or make one up"]');
    await other.click('//button[contains(@aria-label, ", change the Total")]');
    await other.typeInto('//input[@aria-label = "Total"]', Key.chord(Key.CONTROL, 'a'), '600.01', Key.ENTER);
    await other.see(walks('contains(@aria-label, "Treasurer: Ines Varga")'));
    await other.click('//button[contains(@aria-label, ", change the Total")]');
    await other.typeInto('//input[@aria-label = "Total"]', Key.chord(Key.CONTROL, 'a'), '600', Key.ENTER);
    await other.see(walks('not(contains(@aria-label, "Treasurer"))'));
    expect(await other.axe()).toEqual([]);
    await other.press('Try on what is there');
    await other.see('//*[@role = "dialog"][contains(., "would go otherwise than they did")]');
    await other.press('Close');
    await other.press('Publish');
    await other.seeText('Version 2 was published.');
    await other.see('//button[contains(., "go by older versions")]');
    await other.press('Versions');
    await other.see('//section[@aria-label = "Versions of the route"]//li[2][contains(., "Total is over 600")]');
    expect(await other.axe()).toEqual([]);
    await other.press('Go back to version 1');
    await other.see('//li[@aria-label = "Step 2"]//button[. = "500"]');
    await other.press('Throw the draft away');
  });

  test('10. late, it is passed on: the clock of the server is a month ahead', async () => {
    await iolite.stop();
    await iolite.start({ IOLITE_CLOCK_AHEAD_HOURS: String(HOURS_OF_A_MONTH) });
    await signIn('Runa Oakes');
    await one.waitUntil('it is passed on', async () => {
      await tray.open();
      return (await one.count('//section[@aria-label = "In-tray"]//a[contains(., "Hoses and couplings")]')) > 0;
    });
    await tray.look('Hoses and couplings');
    await tray.says('It was passed to you, as the Yard manager did not sign in time.');
    await tray.says('By itself: passed on, as it was late');
    await tray.approve();
    await tray.said('Approved: Hoses and couplings');
  });
});
