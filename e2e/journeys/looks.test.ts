import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Browser, Key, literal } from '../browser.ts';
import { daysOn, headed, monthAway, shown } from '../days.ts';
import { Iolite } from '../iolite.ts';
import { ListScreen } from '../pages/list.ts';
import { signInAs } from '../pages/sign-in.ts';

/** The same records drawn otherwise: as a board, a calendar, a map, cards; and what is moved there is changed. */
describe('the looks of a list', () => {
  let iolite: Iolite;
  let runa: Browser;
  let phone: Browser;
  let lists: ListScreen;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    [runa, phone] = await Promise.all([Browser.open(), Browser.open({ width: 390, height: 844 })]);
    await signInAs(runa, iolite.address, 'Runa Oakes');
    lists = new ListScreen(runa, iolite.address);
  }, 180_000);
  afterAll(async () => {
    await runa?.close();
    await phone?.close();
    await iolite?.remove();
  });
  beforeEach(({ onTestFailed }) => onTestFailed(() => runa.pictureOfFailure('looks')));

  const column = (name: string) => `//section[@data-board-column][@aria-label = ${literal(name)}]`;
  const card = (number: string) => `//article[.//button[starts-with(@aria-label, "Open ${number},")]]`;

  test('a board: a card is moved by the keyboard, stands in the next column, and is taken back', async () => {
    await lists.open('boats', '?list=');
    await runa.press('a table, change the look');
    await runa.click('//div[contains(@class, "slip")]//button[contains(., "a board")]');
    await runa.choose('A column for each', 'State');
    await runa.keys(Key.ESCAPE);
    await lists.reads('a board by State', 'look');
    const first = '(//section[@data-board-column])[1]';
    await runa.see(`${first}//article`);
    expect(await runa.axe()).toEqual([]);
    const open = `(${first}//article)[1]//button[starts-with(@aria-label, "Open ")]`;
    const name = (await runa.driver.findElement({ xpath: open }).getAttribute('aria-label')) ?? '';
    const moved = `//article[.//button[@aria-label = ${literal(name)}]]`;
    await runa.focus(open);
    await runa.keys(Key.chord(Key.ALT, Key.ARROW_RIGHT));
    await runa.see(`(//section[@data-board-column])[2]${moved}`);
    await runa.seeText('now.');
    await runa.press('Undo');
    await runa.see(`${first}${moved}`);
    await runa.picture('list-board');
  });

  test('where a sign-off gives a state, a card that is put there is sent to it, or it is said why not', async () => {
    await lists.open('purchases', '?list=&look=board:state&columns=what_for,gross&sort=-number');
    const inRequested = (number: string) =>
      `${column('Requested')}${card(number)}//button[starts-with(@aria-label, "Open ")]`;
    await runa.see(`${column('Requested')}//article`);
    // One that waits to be signed already.
    const waiting = `(${column('Requested')}//article[.//span[contains(@class, "stamp-waiting")]])[1]`;
    await runa.see(waiting);
    await runa.focus(`${waiting}//button[starts-with(@aria-label, "Open ")]`);
    await runa.keys(Key.chord(Key.ALT, Key.ARROW_RIGHT));
    await runa.see(`${column('Approved')}//*[@role = "alert"][contains(., "It is on its way already.")]`);
    await runa.see(waiting);
    expect(await runa.axe()).toEqual([]);
    await runa.press('I have read it');
    // One that never went round.
    const never = `(${column('Requested')}//article[not(.//span[contains(@class, "stamp-")])])[1]//button[starts-with(@aria-label, "Open ")]`;
    const label = (await runa.driver.findElement({ xpath: never }).getAttribute('aria-label')) ?? '';
    const number = /Open (PUR-\d+),/.exec(label)?.[1] ?? '';
    await runa.focus(never);
    await runa.keys(Key.chord(Key.ALT, Key.ARROW_RIGHT));
    await runa.seeText(`${number} was sent to sign-off.`);
    await runa.see(inRequested(number));
  });

  test('a calendar: what stands on a day is moved to another by the keyboard, and months are gone through', async () => {
    // Of this month or the one before: what is needed late in a month has its next day in another.
    const months = [monthAway(0), monthAway(-1)];
    let [title, number, day] = ['', '', ''];
    for (const month of months) {
      if (day !== '') break;
      await lists.open('purchases', `?list=&look=calendar:needed_by:month&columns=what_for,gross&at=${month}`);
      await runa.seeText(headed(month));
      for (let date = 1; date <= 27 && day === ''; date++) {
        const each = daysOn(month, date - 1);
        const bars = `//button[contains(@class, "calendar-bar")][contains(@aria-label, ${literal(`, ${shown(each)}`)})]`;
        const [bar] = await runa.driver.findElements({ xpath: bars });
        const label = (await bar?.getAttribute('aria-label')) ?? '';
        const found = /^(.*), (PUR-\d+), /.exec(label);
        if (found) [title, number, day] = [found[1] ?? '', found[2] ?? '', each];
      }
    }
    const on = (each: string) =>
      `//button[starts-with(@aria-label, ${literal(`${title}, ${number}, ${shown(each)}`)})]`;
    await runa.focus(on(day));
    await runa.keys(Key.chord(Key.ALT, Key.ARROW_RIGHT));
    await runa.see(on(daysOn(day, 1)));
    expect(await runa.axe()).toEqual([]);
    await runa.press('Undo');
    await runa.see(on(day));
    await runa.press('This month');
    await runa.seeText(headed(monthAway(0)));
    await runa.press('month after →');
    await runa.seeText(headed(monthAway(1)));
    await runa.press('month after →');
    await runa.press('← month before');
    await runa.seeText(headed(monthAway(1)));
    await runa.press('This month');
    await runa.seeText(headed(monthAway(0)));
  });

  test('a map, cards with marks by a rule, and on a phone cards of themselves', async () => {
    await lists.open('berths', '?list=&look=map:position&columns=name');
    await runa.seeText('60 with a position.');
    await runa.see('//button[contains(@aria-label, "records here")]');
    expect(await runa.axe()).toEqual([]);
    const marks = encodeURIComponent('[{"colour":"straw","when":"insured_until < today()"}]');
    await lists.open('boats', `?list=&look=cards&columns=name,owner,insured_until&marks=${marks}`);
    await runa.see('//article[contains(@class, "marked-straw")][.//span[contains(., "marked yellow")]]');
    expect(await runa.axe()).toEqual([]);
    await signInAs(phone, iolite.address, 'Piet Lund');
    await new ListScreen(phone, iolite.address).open('boats', '?list=&columns=name,owner,insured_until');
    await phone.see('//article//button[starts-with(@aria-label, "Open BOA-")]');
    expect(await phone.count('//table')).toBe(0);
    expect(await phone.axe()).toEqual([]);
  });
});
