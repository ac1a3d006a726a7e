import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { Browser, Key, literal } from '../browser.ts';
import { Iolite } from '../iolite.ts';
import { FormEditor } from '../pages/form-editor.ts';
import { type InputDriver, Keyboard, Mouse, questionsOf, takeWords } from '../pages/input-driver.ts';
import { signInAs } from '../pages/sign-in.ts';
import { makePicture } from '../picture.ts';

const KEPT = ['Title', 'Kind', 'Happened', 'Boat', 'Owner', 'Owner’s phone', 'What happened', 'People hurt', 'Cost'];
const outline = '//section[@aria-label = "Outline"]';
const live = '//section[@aria-label = "Live form"]';
const question = (key: string) => `//div[@data-question = "${key}"]`;
const button = (name: string) =>
  `//*[self::button or self::a][normalize-space(.) = ${literal(name)} or @aria-label = ${literal(name)}]`;
const part = (what: string) => `//button[contains(@aria-label, ${literal(`change the ${what}`)})]`;
const slipRow = (text: string) =>
  `//button[contains(@class, "slip-row")][normalize-space(translate(., "•", " ")) = ${literal(text)}]`;
const place = (words: string) => `//*[@data-outline][.//button[@data-handle][normalize-space(.) = ${literal(words)}]]`;

/** By what it is made, and what of it is called as nothing else. */
interface Made {
  readonly by: 'keyboard' | 'mouse';
  readonly label: string;
  readonly spar: string;
  readonly handsOf: (browser: Browser) => InputDriver;
}

/** Report an incident, made from nothing; by the keyboard alone until people fill it in too. */
const reportAnIncident = ({ by, label, spar, handsOf }: Made, filledIn: boolean): void => {
  describe('Report an incident', () => {
    const folder = mkdtempSync(join(tmpdir(), 'iolite-files-'));
    const picture = makePicture(folder, 'quay.png');
    let iolite: Iolite;
    let runa: Browser;
    /** Who fills it in, where that is part of it. */
    let piet: Browser;
    let phone: Browser;

    beforeAll(async () => {
      iolite = await Iolite.make();
      await iolite.start();
      runa = await Browser.open();
      await signInAs(runa, iolite.address, 'Runa Oakes');
      if (!filledIn) return;
      [piet, phone] = await Promise.all([Browser.open(), Browser.open({ width: 390, height: 844 })]);
      await signInAs(piet, iolite.address, 'Piet Lund');
      await signInAs(phone, iolite.address, 'Piet Lund');
    }, 180_000);
    afterAll(async () => {
      await Promise.all([runa, piet, phone].map((browser) => browser?.close()));
      await iolite?.remove();
      rmSync(folder, { recursive: true });
    });
    beforeEach(({ onTestFailed }) =>
      onTestFailed(async () => {
        await runa.pictureOfFailure(`incident-${by}-runa`);
        await piet?.pictureOfFailure('incident-piet');
        await phone?.pictureOfFailure('incident-phone');
      }),
    );

    const reads = (words: string, where = outline) =>
      runa.see(`${where}//*[contains(normalize-space(.), ${literal(words)})]`);
    const kept = () => new FormEditor(runa).kept();
    const valueIn = async (browser: Browser, key: string) =>
      browser.valueOf(`${question(key)}//*[self::input or self::textarea]`);
    const thanks = (browser: Browser) => browser.see('//h1[contains(., "Thank you")]');

    describe(`made by ${by}`, () => {
      // Questions of each form's own, whose fields the register has not got yet.
      const [struck, near, lowered] = [`Anyone near the ${spar}?`, `Who was near the ${spar}`, `${spar} lowered on`];
      let hands: InputDriver;
      beforeAll(() => {
        hands = handsOf(runa);
      });

      /** Writes a sentence word by word after opening its box. */
      const write = async (opener: string, ...words: readonly string[]): Promise<void> => {
        await hands.press(opener);
        await takeWords(runa, hands, words);
      };
      const rule = (of: string, ...words: readonly string[]) => write(button(`Add a rule to ${of}`), ...words);
      const newQuestions = async (...lines: readonly string[]): Promise<void> => {
        const box = await runa.see(`(${outline}//textarea[starts-with(@aria-label, "New questions")])[1]`);
        await box.sendKeys(lines.join(Key.chord(Key.SHIFT, Key.ENTER)));
      };

      test('outline and live form: all fields at once, some dropped; questions typed, pasted, moved, reworded, undone', async () => {
        await runa.visit(`${iolite.address}/set-up/forms`);
        await runa.write('Name of the form', label);
        await runa.choose('Adds to', 'Incidents');
        await hands.press(button('Make the form'));
        await runa.see(outline);
        const all = await questionsOf(runa);
        expect(all).toEqual(expect.arrayContaining(KEPT));
        // Some of them twice: what another form copied left its fields in the register.
        for (const each of all.filter((name) => !KEPT.includes(name))) {
          const before = (await questionsOf(runa)).length;
          const isGone = async () => (await questionsOf(runa)).length === before - 1;
          await hands.drop(each);
          // What is clicked while the outline moves under the pointer is clicked again.
          if (!(await runa.comesTrue(isGone))) await hands.drop(each);
          await runa.waitUntil(`${each} is gone`, isGone);
        }
        await newQuestions(struck, near, lowered);
        await reads(`${struck}: yes or no`);
        await reads(`${lowered}: date`);
        // What the words do not say is settled there: a list made on the spot, rows with questions of their own.
        await hands.press(part(`kind of ${struck}`));
        await hands.press(slipRow('choose one'));
        await runa.write('Choices, one a line', 'Nobody, One, Several');
        await hands.press(button('Make the list'));
        await hands.press(part(`kind of ${near}`));
        await hands.press(slipRow('rows'));
        await runa.write('One row is called', 'Onlooker');
        await (await runa.see(runa.field('Asked in each row'))).sendKeys('Name', Key.ENTER, 'Phone');
        await hands.press(button('Make the rows'));
        await reads(`${near}: rows of name, phone`);
        await hands.press(button('Add 3 questions'));
        await runa.waitUntil('they are asked', async () => (await questionsOf(runa)).includes(lowered));
        await runa.see(`${live}//label[normalize-space(.) = "Several"]`);
        await hands.moveBefore('What happened', 'what_happened', 'Boat');
        await runa.waitUntil('it moved', async () => {
          const now = await questionsOf(runa);
          return now.indexOf('What happened') === now.indexOf('Boat') - 1;
        });
        await hands.reword('Title', 'In one line');
        await runa.see(`${live}${question('title')}[contains(., "In one line")]`);
        const made = await questionsOf(runa);
        await hands.drop(lowered);
        await runa.waitUntil('it is gone', async () => !(await questionsOf(runa)).includes(lowered));
        await hands.undo();
        await runa.waitUntil('it is back', async () => (await questionsOf(runa)).join() === made.join());
        await kept();
      });

      test('rules as sentences, by the writer and as formulas', async () => {
        await rule('Kind', 'must be answered');
        await rule('What happened', 'must be answered');
        await rule('Happened', 'starts as …', 'now');
        await rule('Happened', 'cannot be later', 'now', 'that is all');
        await rule('Cost', 'must be at least', '0', 'that is all');
        await rule('Cost', 'is asked when …', 'Kind', 'is …', 'Damage to property', 'that is all');
        await rule(lowered, 'is locked when …', 'Kind', 'is …', 'Near miss', 'that is all');
        await rule('Kind', 'offers only …', 'Injury', 'Damage to property', 'Near miss', 'and no other');
        await reads('cannot be later than now');
        await reads('is asked when Kind is Damage to property');
        await runa.seeNo(`${live}//label[. = "Spill or pollution"]`);
        await runa.seeNo(`${live}${question('cost')}`);
        await runa.tick('Damage to property', live);
        await runa.see(`${live}${question('cost')}`);
        await runa.tick('Near miss', live);
        await runa.see(`${live}${question(`${spar.toLowerCase()}_lowered_on`)}//output`);
        // A formula, and what it says is wrong with one.
        await hands.press(button('Add a rule to Owner’s phone'));
        await hands.take('//span[@data-writer]//input', 'is asked when … (as a formula)');
        const box = await runa.see('//div[@aria-label = "Formula"][@contenteditable = "true"]');
        await box.sendKeys('boat != nul');
        await runa.seeText('nul');
        await box.sendKeys('l');
        await hands.press(button('Use'));
        await reads('is asked when');
        await runa.seeNo(`${live}${question('owner_phone')}`);
        await kept();
        expect(await runa.axe()).toEqual([]);
      });

      test('pages, sections and ways: a page leads elsewhere, a section waits, each way is tried by a click', async () => {
        await hands.press(button('make pages of it'));
        await runa.see(runa.field('Name of page 2'));
        await runa.write('Name of page 1', 'What happened');
        await runa.write('Name of page 2', 'Who was hurt');
        await hands.press(button('add a page'));
        await runa.write('Name of page 3', 'Damage');
        for (const [words, page] of [
          ['People hurt', 1],
          ['Cost', 2],
        ] as const) {
          const reached = async () =>
            runa.driver.executeScript<number>(
              `const at = [...document.querySelectorAll('section[aria-label=Outline] :is(h2, [data-handle])')];
             const here = at.findIndex((each) => each.textContent.trim() === arguments[0]);
             return at.slice(0, here).filter((each) => each.tagName === 'H2' && each.textContent.startsWith('Page')).length - 1`,
              words,
            );
          for (let i = 0; i < 12 && (await reached()) < page; i++) {
            const before = [await reached(), (await questionsOf(runa)).indexOf(words)].join();
            await hands.press(`${place(words)}//button[contains(@aria-label, " down")]`);
            await runa.waitUntil('it moved', async () => {
              const now = [await reached(), (await questionsOf(runa)).indexOf(words)].join();
              return now !== before;
            });
          }
          expect(await reached()).toBe(page);
        }
        const onward = (page: number) =>
          `(${outline}//li[contains(., "elsewhere when")]//button[. = "add a condition"])[${page}]`;
        await write(onward(1), 'Kind', 'is …', 'Damage to property', 'that is all');
        await reads('leads to Damage when Kind is Damage to property');
        await write(onward(1), 'Kind', 'is …', 'Near miss', 'that is all');
        await hands.press(part('page that way 2 leads to'));
        await hands.press(slipRow('the end'));
        await reads('leads to the end when Kind is Near miss');
        await hands.indent('Boat');
        await runa.write('Heading of section New section', 'Whose boat');
        await write(
          `${outline}//p[contains(., "is asked when")]//button[. = "add a condition"]`,
          'Kind',
          'is …',
          'Damage to property',
          'that is all',
        );
        await hands.press(button('add an ending'));
        await runa.write('Thanks of ending 1', 'Thank you for telling');
        await kept();
        await hands.press(button('Ways'));
        await runa.see('//table[@aria-label = "Ways"]//tbody/tr[3]');
        await runa.see('//tr[contains(., "Kind is Near miss")][contains(., "1")]');
        await hands.press(button('Way B, show it'));
        await hands.press(button('Fill in way B for me'));
        await runa.see(`${live}//p[contains(., "Page 1 of 2")]`);
        expect(await runa.axe()).toEqual([]);
        await hands.press(button('Outline'));
      });

      test('rows: their own rules, and at least one of them', async () => {
        await hands.press(part('rules of the rows of People hurt'));
        await hands.press(slipRow('Part of the body must be answered'));
        await reads('Part of the body of each must be answered');
        await hands.press(part('rules of the rows of People hurt'));
        await hands.press(slipRow('Days lost is asked when …'));
        await takeWords(runa, hands, ['Employed here', 'is …', 'yes', 'that is all']);
        await reads('Days lost of each is asked when Employed here is yes');
        await rule('People hurt', 'must be answered');
        await kept();
      });

      test('look-ups: offered on a condition, filling the owner and through it the telephone', async () => {
        await rule('Boat', 'offers only those whose …', 'State', 'is …', 'Afloat', 'that is all');
        await rule('Boat', 'fills …', 'Owner', 'Boat’s owner');
        await rule('Owner', 'fills …', 'Owner’s phone', 'Owner’s phone');
        await reads('offers only those whose State is Afloat');
        await kept();
        await hands.press(`${live}${button('Start again empty')}`);
        await runa.tick('Damage to property', live);
        const box = `${live}${question('boat')}//input`;
        await hands.take(box, 'a', '·');
        await runa.waitUntil('the owner is filled in', async () => (await valueIn(runa, 'owner')) !== '');
        await runa.see(`${live}${question('owner')}[contains(., "Filled in from Boat")]`);
      });

      test('introductions with formatted text and a picture; help under a question', async () => {
        await runa.write('Introduction of page 1', 'If someone is in **danger**, call for help first.');
        await (await runa.driver.findElement({ css: 'section[aria-label=Outline] input[type=file]' })).sendKeys(
          picture,
        );
        await runa.write('What the picture of page 1 shows', 'The quay from the water');
        await hands.press(`${place('In one line')}${part('words of Title')}`);
        await runa.write('Help', 'As you would tell it.');
        await runa.keys(Key.ESCAPE);
        await runa.see(`${live}//strong[. = "danger"]`);
        await runa.see(`${live}//img[@alt = "The quay from the water"]`);
        await runa.see(`${live}${question('title')}[contains(., "As you would tell it.")]`);
        await kept();
      });

      test('a question, a page and the whole form are copied', async () => {
        const before = await questionsOf(runa);
        await hands.press(button('Copy Cost'));
        await runa.see(place('Cost, copy'));
        await hands.press(button('Copy page 3'));
        await runa.see(`${outline}//input[@aria-label = "Name of page 4"]`);
        await hands.undo();
        await runa.seeNo(`${outline}//input[@aria-label = "Name of page 4"]`);
        await hands.undo();
        await runa.waitUntil('as before', async () => (await questionsOf(runa)).join() === before.join());
        await kept();
        await runa.visit(`${iolite.address}/set-up/forms`);
        await hands.press(button(`Copy ${label}`));
        await runa.see(`//h1[. = ${literal(`${label}, copy`)}]`);
        await runa.visit(`${iolite.address}/set-up/forms`);
        await hands.press(`//main//a[contains(., ${literal(label)})][not(contains(., "copy"))][1]`);
        await runa.see(outline);
      });

      test('two purposes: the same form changes a record, beside what stood there before', async () => {
        await hands.press(part('purpose'));
        await hands.press(slipRow('Adds to or changes'));
        await kept();
        await hands.press(`${live}${part('answers it is tried with')}`);
        await hands.take(runa.field('or one of Incidents'), 'INC-0003');
        await runa.waitUntil('the record is in it', async () => (await valueIn(runa, 'title')) !== '');
        const before = await valueIn(runa, 'title');
        await runa.typeInto(`${live}${question('title')}//input`, ' again');
        await runa.see(`${live}${question('title')}[contains(., ${literal(`was ${before}`)})]`);
      });

      test('as a person: another one, with an empty form and a kept sample', async () => {
        await hands.press(`${live}${part('person it is tried as')}`);
        await hands.press('//button[contains(@class, "slip-row")][contains(., "Piet Lund")]');
        await runa.see(`${live}//button[starts-with(normalize-space(.), "Piet Lund")]`);
        await hands.press(`${live}${part('answers it is tried with')}`);
        await hands.press(slipRow('an empty form'));
        await runa.waitUntil('it is empty', async () => (await valueIn(runa, 'title')) === '');
        await runa.typeInto(`${live}${question('title')}//input`, 'Fell in');
        await hands.press(`${live}${part('answers it is tried with')}`);
        await runa.write('Keep these answers as a sample called', 'fell in');
        await runa.keys(Key.ENTER);
        await hands.press(slipRow('an empty form'));
        await runa.waitUntil('it is empty', async () => (await valueIn(runa, 'title')) === '');
        await hands.press(`${live}${part('answers it is tried with')}`);
        await hands.press(slipRow('the sample fell in'));
        await runa.waitUntil('the sample is in it', async () => (await valueIn(runa, 'title')) === 'Fell in');
      });

      test('who may fill it in, from when, how many times; it is published', async () => {
        await hands.press(part('days and times'));
        await runa.write('At most so many times', '9');
        await runa.keys(Key.ESCAPE);
        await runa.see('//header//button[contains(., "at any time, 9 times each")]');
        await kept();
        await hands.press(button('Publish'));
        await hands.tick('Yard hand', '//fieldset[.//legend[contains(., "fill it in")]]');
        await hands.press(button('Publish now'));
        await runa.seeText('Version 1 was published.');
      });

      test('versions: what changed in sentences, and back again; the rule sheet for who never sees the program', async () => {
        await hands.drop(struck);
        await hands.press(button('Versions'));
        await runa.see(`//li[contains(., "Version 1")]//li[. = "${struck} is not asked any more."]`);
        await hands.press(button('Go back to version 1'));
        await runa.see(place(struck));
        await hands.press(button('Rule sheet'));
        const sheet = '//section[@aria-label = "Rule sheet"]';
        await runa.see(`${sheet}//p[. = "Nothing changed."]`);
        await runa.see(`${sheet}//li[contains(., "Boat")][contains(., "offers only those whose State is Afloat")]`);
        await runa.see(`${sheet}[contains(., "Part of the body of each must be answered")]`);
        expect(await runa.axe()).toEqual([]);
        await hands.press(button('Outline'));
        await kept();
      });
    });

    if (!filledIn) return;
    describe('filled in', () => {
      test('at a desk, by the keyboard: the way follows the answers, a reload loses nothing, one record comes of it', async () => {
        await piet.visit(iolite.address);
        await piet.click(`//main//a[contains(., ${literal(label)})][not(contains(., "afloat"))]`);
        await piet.waitUntil(
          'the first question has the focus',
          async () => (await piet.focusedQuestion()) === 'title',
        );
        await piet.keys('Crushed a finger', Key.ENTER);
        expect(await piet.focusedQuestion()).toBe('kind');
        await piet.keys(Key.SPACE);
        await piet.see('//p[contains(., "Page 1 of 3")]');
        await piet.write('What happened', 'Between the boat and the wall.');
        await piet.keys(Key.chord(Key.CONTROL, Key.ENTER));
        await piet.see('//form//h2[. = "Who was hurt"]');
        await piet.press('Add person hurt');
        await piet.write('Name, row 1', 'Ansel Brine');
        await piet.visit(await piet.driver.getCurrentUrl());
        await piet.see('//form//h2[. = "Who was hurt"]');
        expect(await piet.valueOf(piet.field('Name, row 1'))).toBe('Ansel Brine');
        await piet.press('Onward');
        await piet.seeText('Part of the body must be answered.');
        await piet.choose('Part of the body, row 1', 'Hand or finger');
        expect(await piet.axe()).toEqual([]);
        await piet.press('Onward');
        await piet.see('//form//h2[. = "Damage"]');
        await piet.press('Send');
        await thanks(piet);
      });

      test('what a look-up offers keeps nobody from pressing what stands beside it, at the first press', async () => {
        await piet.visit(`${iolite.address}/forms/report_incident`);
        await piet.typeInto('(//main//input[@role = "combobox"])[1]', 'a');
        await piet.see('//*[@role = "option"]');
        await piet.clickOnce('//nav//a[normalize-space(.) = "Today"]');
        await piet.seeNo('//*[@role = "option"]');
        await piet.see('//main//h1[contains(., "Today")]');
      });

      test('on a phone: the whole screen, cards for rows, two actions at the foot', async () => {
        await phone.visit(iolite.address);
        await phone.click(`//main//a[contains(., ${literal(label)})][not(contains(., "afloat"))]`);
        await phone.write('In one line', 'Nearly crushed');
        await phone.tick('Injury', question('kind'));
        await phone.write('What happened', 'The line parted.');
        await phone.press('Onward');
        await phone.press('Add person hurt');
        await phone.write('Name', 'Lowri Teague');
        await phone.choose('Part of the body', 'Eye');
        expect(await phone.axe()).toEqual([]);
        await phone.press('Done');
        await phone.see('//button[@aria-expanded = "false"][contains(., "Lowri Teague")][contains(., "Eye")]');
        await phone.visit(await phone.driver.getCurrentUrl());
        await phone.see('//button[@aria-expanded = "false"][contains(., "Lowri Teague")]');
        const wide = await phone.driver.executeScript<boolean>(
          'return document.documentElement.scrollWidth > document.documentElement.clientWidth',
        );
        expect(wide).toBe(false);
        await phone.press('Onward');
        await phone.press('Send');
        await thanks(phone);
      });
    });
  });
};

export const byKeys = (): void =>
  reportAnIncident(
    { by: 'keyboard', label: 'Tell of an incident', spar: 'Boom', handsOf: (browser) => new Keyboard(browser) },
    true,
  );

export const byMouse = (): void =>
  reportAnIncident(
    { by: 'mouse', label: 'Tell of an incident afloat', spar: 'Mast', handsOf: (browser) => new Mouse(browser) },
    false,
  );
