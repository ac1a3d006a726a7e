import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Browser, Key } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { ListScreen } from '../pages/list.ts';
import { signInAs } from '../pages/sign-in.ts';

/** Whoever keeps Iolite going saves what is kept in it, loses the machine, and puts it back. */
describe('running it', () => {
  const shelf = mkdtempSync(join(tmpdir(), 'iolite-shelf-'));
  const file = join(shelf, 'saved.zip');
  let first: Iolite;
  let second: Iolite;
  let runa: Browser;

  /** A command as it is typed, and what it says. */
  const command = (script: 'backup' | 'restore', iolite: Iolite, ...args: string[]) => {
    const { DATABASE_URL: _, ...env } = process.env;
    const { status, stdout, stderr } = spawnSync(process.execPath, [`scripts/${script}.mjs`, ...args], {
      env: { ...env, IOLITE_DATA: iolite.folder },
      encoding: 'utf8',
    });
    return { status, said: `${stdout}${stderr}` };
  };

  beforeAll(async () => {
    [first, second] = [await Iolite.make(), await Iolite.makeFresh()];
    await first.start();
    runa = await Browser.open();
    await signInAs(runa, first.address, 'Runa Oakes');
  }, 240_000);
  afterAll(async () => {
    await runa?.close();
    await first?.remove();
    await second?.remove();
    rmSync(shelf, { recursive: true, force: true });
  });

  test('the workspace is called otherwise, and its holidays come from a calendar', async () => {
    const calendar = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'BEGIN:VEVENT', 'UID:1', 'DTSTART;VALUE=DATE:20280302'];
    const holidays = join(shelf, 'holidays.ics');
    writeFileSync(holidays, [...calendar, 'SUMMARY:Lifeboat day', 'END:VEVENT', 'END:VCALENDAR'].join('\r\n'));
    await runa.click('//nav//a[. = "Workspace"]');
    await runa.write('Name of the organisation', 'Tern Quay Trust');
    await (await runa.see(runa.field('Those of a file'))).sendKeys(holidays);
    await runa.seeText('1 of those in holidays.ics was added.');
    await runa.see('//*[@aria-label = "Holidays of 2028"]/li[contains(., "02 Mar 2028")]');
    expect(await runa.axe()).toEqual([]);
    await runa.press('Keep');
    await runa.see('//header//*[. = "Tern Quay Trust"]');
    // What was settled by the first record is not changed any more, and it says why.
    await runa.choose('Time zone', 'Europe/Lisbon');
    await runa.press('Keep');
    await runa.seeText('There are records already');
    await runa.press('Take back');
    await runa.waitUntil(
      'the zone is as it was',
      async () => (await runa.valueOf(runa.field('Time zone'))) === 'Europe/London',
    );
  });

  test('where it is reached and who its mail comes from is said, and kept', async () => {
    await runa.write('Address of Iolite', 'forms.example.org');
    await runa.write('Mail comes from', 'Tern Quay Trust <office@example.org>');
    await runa.press('Keep');
    await runa.seeText('Write where it is reached and no more');
    await runa.write('Address of Iolite', 'https://forms.example.org');
    await runa.press('Keep');
    await runa.see('//*[@role = "status"][. = "Kept."]');
    await runa.visit(`${first.address}/set-up/workspace`);
    expect(await runa.valueOf(runa.field('Address of Iolite'))).toBe('https://forms.example.org');
    expect(await runa.valueOf(runa.field('Mail comes from'))).toBe('Tern Quay Trust <office@example.org>');
    expect(await runa.axe()).toEqual([]);
  });

  test('a backup of the night is taken at once where somebody wants it, and told where it lies', async () => {
    await runa.click('//nav//a[. = "Jobs"]');
    await runa.press('Take one now');
    await runa.see(
      '//ul[@aria-label = "Jobs"]/li[contains(., "Take a backup")][contains(., "is done")][contains(., "MB")]',
    );
    expect(await runa.axe()).toEqual([]);
    expect(readdirSync(join(first.folder, 'backups'))).toContainEqual(expect.stringMatching(/^iolite-.*Z\.zip$/));
  });

  test('a backup is taken while somebody works, and says what it holds', async () => {
    const lists = new ListScreen(runa, first.address);
    await lists.open('stock', '?list=&sort=number&columns=name,reorder_point');
    await lists.type(lists.cell(1, 2), '4711');
    await runa.keys(Key.ENTER);
    await runa.see(`${lists.cell(1, 2)}[. = "4,711"]`);
    const { status, said } = command('backup', first, file);
    expect(said).toMatch(/Saved in .*saved\.zip: [\d,]+ rows in \d+ tables/);
    expect(status).toBe(0);
  });

  test('it is not restored over what runs, nor over what is there, unless that is set aside', async () => {
    expect(command('restore', first, file).said).toContain('There are data in');
    expect(command('restore', first, file, '--instead').said).toContain('Iolite is running. Stop it first.');
    await first.stop();
    writeFileSync(join(shelf, 'cut.zip'), readFileSync(file).subarray(0, 100_000));
    const cut = command('restore', first, join(shelf, 'cut.zip'), '--instead');
    expect(cut.said).toMatch(/cut short\.\s+Nothing was restored: everything is as it was\./);
    expect(cut.status).toBe(1);
    const back = command('restore', first, file, '--instead');
    expect(back.said).toContain('What was there before is in');
    expect(readdirSync(first.folder).filter((name) => name.startsWith('set-aside'))).toHaveLength(1);
  });

  test('in an empty folder on another machine it goes on as it was', async () => {
    const { said, status } = command('restore', second, file);
    expect(said).toMatch(/found the same: [\d,]+ rows/);
    expect(status).toBe(0);
    await second.start();
    await signInAs(runa, second.address, 'Runa Oakes');
    await runa.see('//header//*[. = "Tern Quay Trust"]');
    // What its window said while the first one was stopped.
    await runa.consoleErrors();
    const lists = new ListScreen(runa, second.address);
    await lists.open('stock', '?list=&sort=number&columns=name,reorder_point');
    await runa.see(`${lists.cell(1, 2)}[. = "4,711"]`);
    await lists.open('clients');
    await runa.see('//header//*[. = "Clients"]');
    expect(await runa.consoleErrors()).toEqual([]);
  });
});
