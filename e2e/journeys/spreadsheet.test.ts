import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Browser } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { signInAs } from '../pages/sign-in.ts';
import { Spreadsheet } from '../pages/spreadsheet.ts';

/** What the harbour office keeps beside: spellings, slips, a length as somebody says it, a sum that is wrong. */
const KINDS = ['Swinging', 'Pontoon', 'Half tide'];
const RATES = [46, 58, 31];
const BOATS = ['Margit of Sandvik', 'Tide of Sandvik', 'Silver of Sandvik', 'Wander of Sandvik', 'Margit Runner'];
const rows = Array.from({ length: 60 }, (_, i) => {
  const [kind = '', rate = 0] = [KINDS[i % 3], RATES[i % 3]];
  const length = 60 + ((i * 7) % 70);
  const charge = ((length * rate) / 10 - (i === 5 ? 9 : 0)).toFixed(2);
  return [
    `A-${String(i + 1).padStart(2, '0')}`,
    i % 20 === 2 ? 'Margit Runer' : i % 30 === 7 ? '?' : BOATS[i % BOATS.length],
    i === 3 ? 'TBA' : `${String(1 + (i % 28)).padStart(2, '0')}/04/2026`,
    i % 11 === 4 ? kind.toUpperCase() : kind,
    i === 9 ? `${Math.floor(length / 10)}m${length % 10}` : (length / 10).toFixed(1),
    `${rate}.00`,
    charge,
    i % 3 === 0 ? 'Y' : 'N',
  ].join(';');
});
const MOORINGS = ['Moorings 2026;;;;;;;', 'Mooring;Boat;From;Kind;Length (m);Rate;Charge;Paid', ...rows].join('\r\n');

describe('a spreadsheet becomes a register', () => {
  const folder = mkdtempSync(join(tmpdir(), 'iolite-spreadsheet-'));
  let iolite: Iolite;
  let runa: Browser;
  let spreadsheet: Spreadsheet;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    runa = await Browser.open();
    await signInAs(runa, iolite.address, 'Runa Oakes');
    spreadsheet = new Spreadsheet(runa);
  });
  afterAll(async () => {
    await runa?.close();
    await iolite?.stop();
    rmSync(folder, { recursive: true, force: true });
  });

  test('each column says what it becomes and why; what does not fit is mended, all alike at once', async () => {
    const file = join(folder, 'moorings 2026.csv');
    writeFileSync(file, MOORINGS);
    await runa.press('Registers & fields');
    await spreadsheet.choose(file);
    await spreadsheet.would('Makes the register Moorings with 8 fields');
    await runa.seeText('as 55 of 60 are there');
    await runa.seeText('“Swinging” and “SWINGING” are one');
    await spreadsheet.out(8);
    await spreadsheet.reason('5 are not in Boats');
    await spreadsheet.alike('Margit Runer', 'Margit Runner');
    await spreadsheet.out(5);
    await runa.seeText('taken as Margit Runner');
    await spreadsheet.reason('differs from what comes out');
    await runa.press('take what comes out');
    await spreadsheet.out(4);
    await spreadsheet.reason('could not be read as a number');
    await runa.see('//section[@aria-labelledby = "alike"]//button[contains(normalize-space(), " m")]');
    await spreadsheet.reason('5 are not in Boats');
    expect(await runa.axe()).toEqual([]);
    await runa.picture('spreadsheet');
  });

  test('it is made with its records, its choice list and a form; what stayed out goes out as a file', async () => {
    await runa.press('no form yet');
    await spreadsheet.would('a form that asks for them, as a draft');
    await runa.press('Make Moorings');
    await runa.seeText('It was brought in: 56 added');
    await runa.see('//a[contains(., "with a column “Why”")]');
    await runa.click('//a[normalize-space() = "Open its form"]');
    await runa.see(
      '//h1[contains(., "Add a mooring")] | //*[contains(@aria-label, "Add a mooring")] | //input[@value = "Add a mooring"]',
    );
  });

  test('all of it is taken back in one step, and nothing of it is left', async () => {
    await runa.visit(`${iolite.address}/set-up/registers`);
    await runa.click('//a[contains(., "moorings 2026.csv")]');
    await runa.press('Undo all of it');
    await runa.seeText('It was undone: 56 archived');
    await runa.seeNo('//nav//a[contains(., "Moorings")]');
    await runa.press('Choice lists');
    await runa.seeNo('//main//*[normalize-space() = "Mooring kinds"]');
  });
});
