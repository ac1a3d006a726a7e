import { afterAll, afterEach, beforeAll, describe, expect, test } from 'vitest';
import { Browser, literal } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { EntryPage } from '../pages/entry.ts';
import { FormEditor } from '../pages/form-editor.ts';
import { InTray } from '../pages/in-tray.ts';
import { RegisterEditor } from '../pages/register-editor.ts';
import { Sentence } from '../pages/sentence.ts';
import { signInAs } from '../pages/sign-in.ts';
import { Writer } from '../pages/writer.ts';

/** The whole job once: from a kind of record to an approved record found in a list. One test per step, in order. */
describe('a near miss, from the register to the approved record', () => {
  let iolite: Iolite;
  let runa: Browser;
  let piet: Browser;
  let sana: Browser;
  let printed = '';

  beforeAll(async () => {
    iolite = await Iolite.makeFresh();
    printed = await iolite.start();
    [runa, piet, sana] = await Promise.all([Browser.open(), Browser.open(), Browser.open()]);
  }, 180_000);

  afterAll(async () => {
    await Promise.all([runa?.close(), piet?.close(), sana?.close()]);
    await iolite?.remove();
  });

  afterEach(async ({ task }) => {
    if (task.result?.state === 'fail')
      await Promise.all([runa.pictureOfFailure('runa'), piet.pictureOfFailure('piet'), sana.pictureOfFailure('sana')]);
    // A refusal for want of a reason answers 422, which the browser notes by itself; anything else is a fault of ours.
    const errors = (await Promise.all([runa, piet, sana].map((browser) => browser.consoleErrors()))).flat();
    expect(errors.filter((error) => !error.includes('/api/sign-offs/') || !error.includes('422'))).toEqual([]);
  });

  test('1. it starts with one address, and the demonstration offers its nine people', async () => {
    expect(printed.match(/http:\/\/127\.0\.0\.1:\d+/g)).toEqual([iolite.address]);
    await runa.visit(iolite.address);
    await runa.seeText('only in the demonstration');
    expect(await runa.count('//section//li/button')).toBe(9);
    expect(await runa.axe()).toEqual([]);
    await runa.picture('sign-in');
    await signInAs(runa, iolite.address, 'Runa Oakes');
    await runa.see('//nav//a[contains(., "Boats")][contains(., "180")]');
  });

  test('2. the operations manager makes the register Near misses', async () => {
    const editor = new RegisterEditor(runa);
    await editor.openNew();
    await editor.name('Near miss', 'Near misses', 'NEA');
    await editor.addFields([
      { label: 'Title', kind: 'text' },
      { label: 'When', kind: 'date and time' },
      { label: 'Berth', kind: 'link to one', linksTo: 'Berths' },
      { label: 'Boat', kind: 'link to one', linksTo: 'Boats' },
      { label: 'Owner', kind: 'link to one', linksTo: 'Clients' },
      {
        label: 'Severity',
        kind: 'choose one',
        newList: { name: 'Severities', choices: ['Scare', 'Damage', 'Injury'] },
      },
      { label: 'Cost', kind: 'money' },
      { label: 'What happened', kind: 'long text' },
    ]);
    const plan = await editor.rehearse();
    expect(plan).toContain('The choice list Severities is made, with Scare, Damage, Injury.');
    expect(plan).toContain('The register Near misses is made, with numbers from NEA-0001 and 8 fields');
    expect(plan).toContain('Boat (link to Boats)');
    expect(await runa.axe()).toEqual([]);
    await editor.carryOut();
    await runa.seeText('No near misses yet.');
  });

  test('3. she makes the form, its rules as sentences, with the live form following', async () => {
    const editor = new FormEditor(runa);
    await editor.make('Report a near miss', 'Near misses');
    expect(await editor.questions()).toEqual([
      'Title',
      'When',
      'Berth',
      'Boat',
      'Owner',
      'Severity',
      'Cost',
      'What happened',
    ]);
    await editor.drop('Berth');
    await editor.liveAsks('Berth', false);
    await editor.moveUp('Severity', 2);
    expect(await editor.questions()).toEqual(['Title', 'When', 'Severity', 'Boat', 'Owner', 'Cost', 'What happened']);

    await editor.addRule('Title', 'must be answered');
    await editor.addRule('Severity', 'must be answered');
    await (await editor.addRule('When', 'starts as …', 'now')).reads('starts as now');
    await (await editor.addRule('When', 'cannot be later', 'now', 'that is all')).reads('cannot be later than now');
    await editor.liveAsks('Cost', true);
    const asked = await editor.addRule('Cost', 'is asked when …', 'Severity', 'is …', 'Damage', 'that is all');
    await asked.tickChoices('Damage', 'Injury');
    await asked.reads('is asked when Severity is Damage or Injury');
    await editor.liveAsks('Cost', false);
    await (await editor.addRule('Cost', 'must be over', '0', 'that is all')).reads('must be over 0');
    const fills = await editor.addRule('Boat', 'fills …', 'Owner', 'Boat’s owner');
    await fills.reads('fills Owner from Boat’s owner');
    const length = await editor.addRule('What happened', 'must have at least', '1', 'that is all');
    await length.setValue('1', '40');
    await length.reads('must have at least 40 characters');
    await editor.kept();
    expect(await runa.axe()).toEqual([]);
    await runa.picture('form-outline');
  });

  test('4. she gives the register a route, and publishes the form', async () => {
    await runa.press('Sign-off routes');
    await runa.click('//section[@aria-label = "Routes of Near misses"]//button[. = "Give them a route"]');
    const place = '//li[@aria-label = "Step 1"]';
    const route = new Sentence(runa, place);
    await new Sentence(runa, `${place}//p[1]`).change('Yard hand', 'Yard manager');
    await new Writer(runa).write(`${place}//button[. = "add a condition"]`, 'Cost', 'is over', '500', 'that is all');
    await route.reads('signs when Cost is over 500');
    expect(await runa.axe()).toEqual([]);
    await runa.press('Publish');
    await runa.seeText('Version 1 was published.');
    await runa.press('Forms');
    await runa.click('//main//a[contains(., "Report a near miss")]');
    const editor = new FormEditor(runa);
    // Before anyone is let in, a yard hand is offered nothing of it.
    await signInAs(piet, iolite.address, 'Piet Lund');
    await piet.see('//h2[normalize-space(.) = "Fill in"]');
    await piet.seeNo('//a[contains(., "Report a near miss")]');
    await editor.publish(['Yard hand', 'Yard manager'], ['Yard hand', 'Yard manager']);
  });

  test('5. a yard hand fills it in with the keyboard alone', async () => {
    const entry = new EntryPage(piet);
    await piet.visit(iolite.address);
    await piet.see('//a[contains(., "Report a near miss")]');
    expect(await piet.axe()).toEqual([]);
    await piet.picture('today');
    await entry.open('Report a near miss');
    await entry.next('when');
    await entry.isTold('title', 'Title must be answered.');
    await entry.backTo('title');
    await entry.type('Warp parted on the slip');
    await entry.isToldNothing('title');
    await entry.next('when');
    expect(await entry.value('when')).toMatch(/^\d{1,2} \w{3} \d{4}, \d\d:\d\d$/);
    await entry.typeMoment('31/12/2098 10am');
    await entry.next('severity');
    await entry.isTold('when', 'When cannot be later than now.');
    await entry.backTo('title');
    await entry.next('when');
    await entry.typeMoment('1 Nov 2026 9:30');
    await entry.isToldNothing('when');
    expect(await entry.value('when')).toBe('1 Nov 2026 9:30');
    await entry.next('severity');
    await entry.backTo('when');
    expect(await entry.value('when')).toBe('01 Nov 2026, 09:30');
    await entry.next('severity');
    await entry.asks('cost', false);
    await entry.type(' ');
    await entry.pickNext();
    await entry.asks('cost', true);
    await entry.next('boat');
    await entry.lookUp('sandv', 'Margit of Sandvik');
    expect(await entry.value('boat')).toBe('Margit of Sandvik');
    expect(await entry.value('owner')).toBe('Hale & Finch Charters');
    await entry.isTold('owner', 'Filled in from Boat');
    await entry.next('owner');
    await entry.next('cost');
    await entry.type('0');
    await entry.next('what_happened');
    await entry.isTold('cost', 'Cost must be over 0.');
    await entry.backTo('cost');
    await entry.retype('750');
    await entry.isToldNothing('cost');
    await entry.backTo('severity');
    await piet.keys('\uE012');
    await entry.asks('cost', false);
    await entry.pickNext();
    await entry.asks('cost', true);
    expect(await entry.value('cost')).toBe('750.00');
    await entry.next('boat');
    await entry.next('owner');
    await entry.next('cost');
    await entry.next('what_happened');
    await entry.type('The warp broke');
    await entry.send();
    await entry.isTold('what_happened', 'What happened must have at least 40 characters; 14 so far.');
    await entry.onQuestion('what_happened');
    expect(await piet.axe()).toEqual([]);
    await piet.picture('filling-in');
    await entry.type(' while we hauled out, and the cradle rolled back a yard.');
    await entry.send();
    expect(await entry.thanks()).toBe('NEA-0001');
    await piet.seeText('It waits for the Yard manager to sign.');
    expect(await piet.axe()).toEqual([]);
  });

  test('5b. on a phone it is filled in too', async () => {
    const phone = await Browser.open({ width: 390, height: 844 });
    try {
      await signInAs(phone, iolite.address, 'Dev Anand');
      await new EntryPage(phone).open('Report a near miss');
      await phone.keys('Fender lost off C pontoon');
      await phone.tick('Damage');
      await phone.seeText('Cost');
      const wide = await phone.driver.executeScript<number>('return document.documentElement.scrollWidth');
      expect(wide).toBe(390);
      expect(await phone.axe()).toEqual([]);
      await phone.picture('filling-in-phone');
      // A reload in the middle loses nothing.
      await phone.driver.navigate().refresh();
      await phone.waitUntil(
        'the title is back',
        async () => (await new EntryPage(phone).value('title')) === 'Fender lost off C pontoon',
      );
      expect(await phone.consoleErrors()).toEqual([]);
    } finally {
      await phone.close();
    }
  });

  test('6. the yard manager approves one, and sends one back that is mended', async () => {
    const inTray = new InTray(sana, iolite.address);
    await signInAs(sana, iolite.address, 'Sana Whitlock');
    await sana.click('//header//a[starts-with(normalize-space(.), "In-tray")]');
    await sana.click('//section[@aria-label = "In-tray"]//a[contains(., "Warp parted on the slip")]');
    await sana.seeText('Cost is over 500, so the Yard manager signs.');
    await sana.see('//article//dd[contains(., "Hale & Finch Charters")]');
    expect(await sana.axe()).toEqual([]);
    await sana.write('Say why, or what to change', 'New warps are ordered.');
    await inTray.approve();
    await inTray.said('Approved: Warp parted on the slip');

    const entry = new EntryPage(piet);
    await piet.press('Fill in another');
    await entry.onQuestion('title');
    await entry.type('Crane strop frayed');
    await entry.next('when');
    await entry.next('severity');
    await entry.type(' ');
    await entry.pickNext();
    await entry.next('boat');
    await entry.next('owner');
    await entry.next('cost');
    await entry.type('900');
    await entry.next('what_happened');
    await entry.type('The strop frayed at the hook while the mast was lifted.');
    await entry.send();
    expect(await entry.thanks()).toBe('NEA-0002');

    await sana.click('//section[@aria-label = "In-tray"]//a[contains(., "Crane strop frayed")]');
    await inTray.sendBack('Which boat was it?');
    await inTray.said('Sent back: Crane strop frayed');

    await piet.press('Go to Today');
    await piet.click(`//main//a[contains(., ${literal('“Which boat was it?”')})]`);
    await piet.seeText('Sana Whitlock sent this back:');
    expect(await entry.value('title')).toBe('Crane strop frayed');
    await entry.onQuestion('title');
    await entry.next('when');
    await entry.next('severity');
    await entry.next('boat');
    await entry.lookUp('tide run', 'Tide Runner');
    await entry.send();
    expect(await entry.thanks()).toBe('NEA-0002');
    await sana.click('//section[@aria-label = "In-tray"]//a[contains(., "Crane strop frayed")]');
    await sana.seeText('round 2');
  });

  test('7. it is found, filtered and sorted in the list, and changed beside it', async () => {
    await runa.press('Sign out');
    await signInAs(runa, iolite.address, 'Runa Oakes');
    await runa.click('//nav//a[contains(., "Near misses")]');
    const rows = '//table//tbody/tr';
    const head = (label: string) => `//th//button[starts-with(normalize-space(.), ${literal(label)})]`;
    await runa.waitUntil('two records', async () => (await runa.count(rows)) === 2);
    await runa.write('Find in this list', 'arp par');
    await runa.waitUntil('one found', async () => (await runa.count(rows)) === 1);
    await runa.see('//mark[normalize-space(.) = "arp"]');
    await runa.write('Find in this list', ' ');
    await runa.waitUntil('both again', async () => (await runa.count(rows)) === 2);

    const filter = new Sentence(runa, '//main');
    const writer = new Writer(runa);
    await writer.write('//main//button[. = "add a condition"]', 'Severity', 'is …', 'Damage', 'that is all');
    await writer.write('//main//button[. = "+ and, or"]', 'Cost', 'is over', '800', 'that is all');
    await filter.reads('Near misses whose Severity is Damage, and Cost is over 800');
    await runa.waitUntil('one over 800', async () => (await runa.count(rows)) === 1);
    await runa.seeText('1 of 2');
    await filter.setValue('800', '500');
    await runa.waitUntil('both over 500', async () => (await runa.count(rows)) === 2);
    await runa.click(head('Cost'));
    await runa.see(`(${rows})[1][contains(., "750.00")]`);
    await runa.click(head('Cost'));
    await runa.see(`(${rows})[1][contains(., "900.00")]`);

    await runa.press('Open NEA-0001');
    const panel = '//aside[@aria-label = "Record"]';
    await runa.see(`${panel}//dd[contains(., "Margit of Sandvik")]`);
    await runa.see(
      `${panel}//section[@aria-label = "Sign-off"][contains(., "Yard manager")][contains(., "Sana Whitlock approved")][contains(., "New warps are ordered.")]`,
    );
    await runa.see(
      `${panel}//section[@aria-label = "History"][contains(., "Piet Lund")][contains(., "Report a near miss version 1")]`,
    );
    await runa.press('Change Title');
    await runa.write('Title', 'Warp parted on the north slip');
    await runa.press('Store');
    await runa.see(
      `${panel}//section[@aria-label = "History"]//li[contains(., "Runa Oakes")][contains(., "Title: Warp parted on the north slip was Warp parted on the slip")]`,
    );
    // What was approved was something else: it goes round again.
    await runa.see(`${panel}//section[@aria-label = "Sign-off"][contains(., "round 2")]`);
    expect(await runa.axe()).toEqual([]);
    await runa.picture('list-and-record');
  });

  test('8. a second window that shows the same list gets a new record without a reload', async () => {
    await sana.visit(`${iolite.address}/registers/near_misses`);
    await sana.seeText('NEA-0002');
    await piet.visit(`${iolite.address}/forms/report_a_near_miss`);
    const entry = new EntryPage(piet);
    await entry.onQuestion('title');
    await entry.type('Ladder slipped');
    await entry.next('when');
    await entry.next('severity');
    await entry.type(' ');
    await entry.send();
    expect(await entry.thanks()).toBe('NEA-0003');
    await sana.see('//table//tr[contains(., "NEA-0003")][contains(., "Ladder slipped")]');
  });

  test('9. stopped and started again, everything is still there', async () => {
    await iolite.stop();
    expect(await iolite.start()).not.toMatch(/Installing|Building/);
    await runa.visit(`${iolite.address}/registers/near_misses?find=north`);
    await runa.see(
      '//table//tr[contains(., "NEA-0001")][contains(., "Warp parted on the north slip")][contains(., "Waiting")]',
    );
    // While it was down the open windows noticed; that is not a fault.
    await Promise.all([runa, piet, sana].map((browser) => browser.consoleErrors()));
  });
});
