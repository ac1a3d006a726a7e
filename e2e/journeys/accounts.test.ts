import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Browser } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { AccountPages, codeOf } from '../pages/account.ts';
import { signInAs } from '../pages/sign-in.ts';

const NELL = 'nell.harrow@example.org';

/** Runa lets people in; Nell comes in, forgets, and proves who she is; a tablet and a stranger come in their own ways. */
describe('letting people in', () => {
  let iolite: Iolite;
  let [runa, nell, phone]: Browser[] = [];
  let office: AccountPages;
  let own: AccountPages;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    [runa, nell, phone] = await Promise.all([
      Browser.open(),
      Browser.open(),
      Browser.open({ width: 390, height: 844 }),
    ]);
    office = new AccountPages(browser(runa), iolite.address);
    own = new AccountPages(browser(nell), iolite.address);
  }, 180_000);
  afterAll(async () => {
    await Promise.all([runa, nell, phone].map((each) => each?.close()));
    await iolite?.remove();
  });
  beforeEach(({ onTestFailed }) =>
    onTestFailed(async () => {
      await runa?.pictureOfFailure('accounts-runa');
      await nell?.pictureOfFailure('accounts-nell');
      await phone?.pictureOfFailure('accounts-phone');
    }),
  );
  const browser = (opened: Browser | undefined): Browser => {
    if (!opened) throw new RangeError('no browser');
    return opened;
  };

  test('somebody is invited, and comes in by the link with a password of their own', async () => {
    const [desk, hers] = [browser(runa), browser(nell)];
    await signInAs(desk, iolite.address, 'Runa Oakes');
    await desk.visit(`${iolite.address}/set-up/people`);
    await desk.see('//tr[contains(., "Nell Harrow")]//*[. = "Invited"]');
    await desk.see('//tr[contains(., "Anneke Voss")]//*[. = "Switched off"]');
    await desk.see('//tr[contains(., "Teo Marsh")][contains(., "stand-in Ines Varga")]');
    await desk.see('//tr[contains(., "Slipway tablet")]//*[. = "Code until 18:00"]');
    await desk.see('//tr[contains(., "Year-end sums")][contains(., "Token until")]');
    expect(await desk.axe()).toEqual([]);
    await desk.press('send again: the invitation of Nell Harrow');
    const link = await office.linkTo('Nell Harrow', 'invites you');
    expect(await desk.axe()).toEqual([]);

    await hers.visit(link);
    await hers.see('//h1[. = "You are invited"]');
    // What lets her in is gone from the address as soon as the page is there.
    expect(await hers.driver.getCurrentUrl()).toBe(`${iolite.address}/invitation`);
    expect(await hers.axe()).toEqual([]);
    await own.choosePassword('nell harrow 1', 'Come in');
    await hers.seeText('This is made of a name or an address that others know.');
    await own.choosePassword('kelp and samphire', 'Come in');
    await own.seesFrameOf('Nell Harrow');
    await desk.visit(`${iolite.address}/set-up/people`);
    await desk.see('//tr[contains(., "Nell Harrow")]//*[. = "Active"]');
    // The link works once, also for whoever finds it in the post room.
    await office.openMessage('Nell Harrow', 'invites you');
    await desk.seeText('this link was used, or works no longer');
    await hers.visit(link);
    await hers.seeText('This link was used already, or works no longer.');
  });

  test('a forgotten password is given another by mail', async () => {
    const hers = browser(nell);
    await hers.visit(`${iolite.address}/sign-in`);
    await hers.press('Forgotten password?');
    await hers.write('Your e-mail address', NELL);
    await hers.press('Send me a link');
    await hers.seeText(`If ${NELL} can sign in here, a link is on its way there.`);
    expect(await hers.axe()).toEqual([]);
    await hers.visit(await office.linkTo('Nell Harrow', 'Choose another password'));
    await hers.see('//h1[. = "Choose another password"]');
    await own.choosePassword('12345678', 'Take this password');
    await hers.seeText('This is one of the commonest passwords.');
    await own.choosePassword('tide tables at dawn', 'Take this password');
    await hers.see('//h1[. = "The password was changed"]');
    await own.signIn(NELL, 'kelp and samphire');
    await hers.seeText('The e-mail address or the password is not right.');
    await own.signIn(NELL, 'tide tables at dawn');
    await own.seesFrameOf('Nell Harrow');
  });

  test('a second step is set up, asked for when she signs in, and a recovery code stands in for it', async () => {
    const hers = browser(nell);
    const { secret, codes } = await own.setSecondStepUp();
    expect(codes).toHaveLength(8);
    await hers.see('//*[. = "Chrome on Linux"]');
    expect(await hers.axe()).toEqual([]);
    await own.signOut();
    await own.signIn(NELL, 'tide tables at dawn');
    await hers.write('The code your device shows', '000000');
    await hers.press('Sign in');
    await hers.seeText('This code is not right, or was used already.');
    await hers.write('The code your device shows', codeOf(secret, 1));
    await hers.press('Sign in');
    await own.seesFrameOf('Nell Harrow');
    await own.signOut();
    await own.signIn(NELL, 'tide tables at dawn');
    await hers.write('The code your device shows', codes[0] ?? '');
    await hers.press('Sign in');
    await own.seesFrameOf('Nell Harrow');
  });

  test('whoever is switched off while at work is out at once', async () => {
    const [desk, hers] = [browser(runa), browser(nell)];
    await hers.visit(`${iolite.address}/registers/clients`);
    await hers.see('//main//*[self::tr or self::article][@data-record]');
    await desk.visit(`${iolite.address}/set-up/people`);
    await desk.click('//tr//button[normalize-space(.) = "Nell Harrow"]');
    await desk.click('//button[starts-with(normalize-space(.), "switch off")]');
    await desk.see('//tr[contains(., "Nell Harrow")]//*[. = "Switched off"]');
    await hers.visit(`${iolite.address}/registers/clients`);
    await hers.see('//h1[. = "Sign in"]');
    await own.signIn(NELL, 'tide tables at dawn');
    await hers.write('The code your device shows', '000000');
    await hers.press('Sign in');
    await hers.seeText('This code is not right');
  });

  test('a shared device is signed in by a group’s code, and asks who fills in', async () => {
    const tablet = browser(phone);
    await tablet.visit(`${iolite.address}/sign-in`);
    await tablet.press('Sign in a shared device by a group’s code');
    await tablet.write('The group’s code', '111111');
    await tablet.press('Sign in');
    await tablet.seeText('This code is not right.');
    expect(await tablet.axe()).toEqual([]);
    await tablet.write('The group’s code', '482615');
    await tablet.press('Sign in');
    await tablet.click('//main//a[contains(., "Move stock")]');
    await tablet.see('//label[normalize-space(.) = "Who fills this in"]');
    expect(await tablet.axe()).toEqual([]);
    await tablet.typeInto(tablet.field('Item'), 'Alternator belt');
    await tablet.click('(//*[@role = "option"][contains(., "STK-")])[1]');
    await tablet.write('What', 'For the slip');
    await tablet.write('Quantity', '1');
    await tablet.press('Send');
    await tablet.seeText('Write who fills this in.');
    await tablet.write('Who fills this in', 'Piet L.');
    await tablet.press('Send');
    await tablet.seeText('was stored');
    await tablet.visit(`${iolite.address}/my-details`);
    await tablet.seeText('This takes a person who signed in.');
    await tablet.consoleErrors();
  });

  test('a stranger registers by the berth inquiry, confirms the address, and sees their own record', async () => {
    const theirs = browser(phone);
    await theirs.visit(`${iolite.address}/sign-in`);
    await theirs.visit(`${iolite.address}/register/berth_inquiry`);
    await theirs.write('Who asks', 'Ivo Tarn');
    await theirs.write('What they are looking for', 'Nine metres, from May, with power.');
    await theirs.press('Send');
    await theirs.seeText('so it was not sent');
    expect(await theirs.axe()).toEqual([]);
    await theirs.write('E-mail', 'ivo.tarn@example.org');
    await theirs.press('Send');
    await theirs.see('//h1[. = "Look into your mail"]');
    await theirs.visit(await office.linkTo('Ivo Tarn', 'Confirm your address'));
    await theirs.see('//h1[. = "Confirm your address"]');
    await new AccountPages(theirs, iolite.address).choosePassword('nine metres from may', 'Confirm and come in');
    await theirs.see('//header[contains(., "Ivo Tarn")]');
    await theirs.visit(`${iolite.address}/registers/clients`);
    await theirs.waitUntil(
      'one record',
      async () => (await theirs.count('//main//*[self::tr or self::article][@data-record]')) === 1,
    );
    await theirs.seeText('Ivo Tarn');
    const desk = browser(runa);
    await desk.visit(`${iolite.address}/set-up/people`);
    await desk.see('//tbody[contains(., "Outside")]//tr[contains(., "Ivo Tarn")][contains(., "CLI-")]');
  });
});
