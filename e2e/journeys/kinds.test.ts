import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { registerSchema } from '#core/register/index.ts';
import { Browser, Key } from '../browser.ts';
import { thisYear } from '../days.ts';
import { Iolite } from '../iolite.ts';
import { FormulaBox } from '../pages/formula.ts';
import { RegisterEditor } from '../pages/register-editor.ts';
import { signInAs } from '../pages/sign-in.ts';
import { makePicture } from '../picture.ts';

/** A list is sorted by five keys at most: so many kinds are found and sorted by at a time. */
const TOGETHER = 5;
/** Days without a year are meant of this one. */
const YEAR = thisYear();

const samples = registerSchema.parse({
  key: 'samples',
  singular: 'Sample',
  plural: 'Samples',
  mark: 'SAM',
  fields: [{ key: 'name', label: 'Name', type: { kind: 'text' }, required: true }],
});

/** One kind of field on its way through the application; `label` is what the field is called. */
interface Way {
  readonly kind: string;
  /** What the kind asks for before it can be made. */
  readonly settle?: (n: number) => Promise<void>;
  /** Something that is refused when the question is left, and how. */
  readonly wrong?: readonly [typed: string, says: string];
  readonly enter?: (label: string) => Promise<void>;
  readonly shows: string;
  readonly filter: string;
  readonly change?: (label: string) => Promise<void>;
  readonly changed?: string;
}

/** Every kind of field is added, entered, checked, shown, filtered, sorted, changed, set aside and brought back. */
describe('every kind of field, in the running application', () => {
  const folder = mkdtempSync(join(tmpdir(), 'iolite-files-'));
  const photo = makePicture(folder, 'hull.png');
  let iolite: Iolite;
  let runa: Browser;
  let editor: RegisterEditor;

  beforeAll(async () => {
    iolite = await Iolite.make();
    await iolite.start();
    await iolite.carryOut('runa.oakes@example.org', { registers: [samples] });
    runa = await Browser.open();
    editor = new RegisterEditor(runa);
    await signInAs(runa, iolite.address, 'Runa Oakes');
  }, 180_000);
  afterAll(async () => {
    await runa?.close();
    await iolite?.remove();
    rmSync(folder, { recursive: true });
  });
  beforeEach(({ onTestFailed }) => onTestFailed(() => runa.pictureOfFailure('kinds')));

  const write = (text: string) => (label: string) => runa.write(label, text);
  const lookUp = (words: string) => async (label: string) => {
    await runa.write(label, words);
    // Enter takes the first.
    await runa.see(`(//*[@role = "option"])[1][contains(., "${words}")]`);
    await runa.keys(Key.ENTER);
    await runa.seeNo('//*[@role = "option"]');
  };
  const tick = (choice: string) => () => runa.tick(choice);
  const formula = (text: string) => async () => {
    await new FormulaBox(runa).write(text);
    await runa.press('Use');
  };

  const ways: readonly Way[] = [
    {
      kind: 'text',
      enter: write('Tern'),
      shows: 'Tern',
      filter: 'contains(KEY, "ern")',
      change: write('Gull'),
      changed: 'Gull',
    },
    {
      kind: 'long text',
      enter: write('Two words'),
      shows: 'Two words',
      filter: 'KEY != null',
      change: write('Three'),
      changed: 'Three',
    },
    {
      kind: 'formatted text',
      enter: write('**Bold** word'),
      shows: 'Bold word',
      filter: 'KEY != null',
      change: write('Plain'),
      changed: 'Plain',
    },
    {
      kind: 'number',
      wrong: ['1.5', 'This can have no decimals.'],
      enter: write('12'),
      shows: '12',
      filter: 'KEY > 11',
      change: write('1,250'),
      changed: '1,250',
    },
    {
      kind: 'money',
      wrong: ['1,5', 'This must be a number'],
      enter: write('9.5'),
      shows: '9.50',
      filter: 'KEY = 9.5',
      change: write('10'),
      changed: '10.00',
    },
    {
      kind: 'percent',
      wrong: ['lots', 'This must be a number'],
      enter: write('20 %'),
      shows: '20 %',
      filter: 'KEY = 0.2',
      change: write('5'),
      changed: '5 %',
    },
    { kind: 'yes or no', enter: tick('Yes'), shows: 'Yes', filter: 'KEY = true', change: tick('No'), changed: 'No' },
    {
      kind: 'date',
      enter: write('23/11'),
      shows: `23 Nov ${YEAR}`,
      filter: `KEY = date("${YEAR}-11-23")`,
      change: write('28 Feb 2027'),
      changed: '28 Feb 2027',
    },
    {
      kind: 'time',
      wrong: ['25:00', 'This must be a time of day'],
      enter: write('9.30 pm'),
      shows: '21:30',
      filter: 'KEY > time("20:00:00")',
      change: write('0815'),
      changed: '08:15',
    },
    {
      kind: 'date and time',
      enter: write('23/11 10:40'),
      shows: `23 Nov ${YEAR}, 10:40`,
      filter: 'KEY < now() + duration("P3650D")',
      change: write('23/11 11.40am'),
      changed: '11:40',
    },
    {
      kind: 'duration',
      wrong: ['7', 'This must be hours and minutes'],
      enter: write('7:30'),
      shows: '7:30 h',
      filter: 'KEY > duration("PT7H")',
      change: write('90 min'),
      changed: '1:30 h',
    },
    {
      kind: 'span of days',
      wrong: ['soon', 'This must be a first and a last day'],
      enter: write('1-5 Nov'),
      shows: `01 Nov ${YEAR} – 05 Nov ${YEAR} (5 days)`,
      filter: `includes(KEY, date("${YEAR}-11-03"))`,
      change: write('23/11 to 24/11'),
      changed: '(2 days)',
    },
    {
      kind: 'choose one',
      settle: (n) => editor.pick(`choice list of field ${n}`, 'Pontoons'),
      enter: tick('Wall'),
      shows: 'Wall',
      filter: 'KEY = "wall"',
      change: tick('A pontoon'),
      changed: 'A pontoon',
    },
    {
      kind: 'choose many',
      settle: (n) => editor.pick(`choice list of field ${n}`, 'Berth services'),
      enter: tick('Water'),
      shows: 'Water',
      filter: 'list contains(KEY, "water")',
      change: tick('Fuel'),
      changed: 'Water, Fuel',
    },
    {
      kind: 'link to one',
      settle: (n) => editor.pick(`register of field ${n}`, 'Clients'),
      enter: lookUp('Orla Margetts'),
      shows: 'Orla Margetts',
      filter: 'KEY.name = "Orla Margetts"',
      change: lookUp('Hale & Finch Charters'),
      changed: 'Hale & Finch Charters',
    },
    {
      kind: 'link to many',
      settle: (n) => editor.pick(`register of field ${n}`, 'Berths'),
      enter: lookUp('A1'),
      shows: 'A1',
      filter: 'some b in KEY satisfies b.name = "A1"',
      change: lookUp('B1'),
      changed: 'B1',
    },
    {
      kind: 'rows',
      settle: () => runa.write('Label of row field 1', 'What'),
      enter: async () => {
        await runa.press('Add line');
        await runa.write('What, row 1', 'Rope');
      },
      shows: 'Rope',
      filter: 'some r in KEY satisfies r.what = "Rope"',
      change: async () => {
        await runa.press('Add line');
        await runa.write('What, row 2', 'Paint');
      },
      changed: 'Paint',
    },
    {
      kind: 'person',
      enter: lookUp('Piet Lund'),
      shows: 'Piet Lund',
      filter: 'KEY.name = "Piet Lund"',
      change: lookUp('Bea Quill'),
      changed: 'Bea Quill',
    },
    {
      kind: 'e-mail',
      wrong: ['piet@', 'This must be an e-mail address'],
      enter: write('a@example.org'),
      shows: 'a@example.org',
      filter: 'ends with(KEY, "example.org")',
      change: write('b@example.org'),
      changed: 'b@example.org',
    },
    {
      kind: 'phone',
      wrong: ['call me', 'This must be a telephone number'],
      enter: write('020 7946 0958'),
      shows: '020 7946 0958',
      filter: 'KEY = "+442079460958"',
      change: write('01632 960123'),
      changed: '01632 960123',
    },
    {
      kind: 'web address',
      wrong: ['javascript:alert(1)', 'This must be a web address'],
      enter: write('example.org/quay'),
      shows: 'example.org/quay',
      filter: 'starts with(KEY, "https://")',
      change: write('http://example.org'),
      changed: 'example.org',
    },
    {
      kind: 'postal address',
      enter: () => runa.write('Town', 'Tern Quay'),
      shows: 'Tern Quay',
      filter: 'contains(KEY, "Tern")',
      change: () => runa.write('Postcode', 'TQ1 1AA'),
      changed: 'TQ1 1AA',
    },
    {
      kind: 'map position',
      wrong: ['91, 0', 'This must be a position'],
      enter: write('50.5, -4.25'),
      shows: '50.50000° N, 4.25000° W',
      filter: 'KEY != null',
      change: write('51, 0'),
      changed: '51.00000° N',
    },
    {
      kind: 'files',
      enter: async (label) => {
        await (await runa.see(runa.field(label))).sendKeys(photo);
        await runa.see('//li[contains(., "hull.png")]');
      },
      shows: 'hull.png',
      filter: 'count(KEY) = 1',
      change: async (label) => {
        await (await runa.see(runa.field(label))).sendKeys(photo);
        await runa.see('(//li[contains(., "hull.png")])[2]');
      },
      changed: 'hull.png',
    },
    {
      kind: 'code with a check',
      wrong: ['4006381333932', 'The check digit is wrong'],
      enter: write('4006381333931'),
      shows: '4006381333931',
      filter: 'KEY = "4006381333931"',
      change: write('6291041500213'),
      changed: '6291041500213',
    },
    { kind: 'running number', shows: '0001', filter: 'KEY = "0001"' },
    { kind: 'worked out', settle: formula('string length(name) * 1.5'), shows: '6.00', filter: 'KEY = 6' },
  ];

  const together = Array.from({ length: Math.ceil(ways.length / TOGETHER) }, (_, i) => {
    const some = ways.slice(i * TOGETHER, (i + 1) * TOGETHER);
    return { kinds: some.map(({ kind }) => kind).join(', '), some };
  });
  const labelOf = ({ kind }: Way): string => `My ${kind.replaceAll('-', ' ')}`;
  const keyOf = (way: Way): string => labelOf(way).toLowerCase().replaceAll(' ', '_');
  const fieldOf = (way: Way): string => `div[dt[. = "${labelOf(way)}"]]`;
  /** Where each field of the one sample stands as it is expected, in a part of the page. */
  const seeAll = async (part: string, expected: (way: Way) => string): Promise<void> => {
    for (const way of ways) await runa.see(`//${part}//${fieldOf(way)}/dd[contains(., "${expected(way)}")]`);
  };

  test('each is added to a register, and all are carried out at once', async () => {
    await editor.open(iolite.address, 'samples');
    for (const way of ways) {
      const n = await editor.addOne(labelOf(way), way.kind);
      await way.settle?.(n);
    }
    const would = await editor.rehearse();
    for (const way of ways) expect(would).toContain(`Samples get the field ${labelOf(way)}`);
    await editor.carryOut();
  });

  test('each is entered, refuses what is wrong when the question is left, and shows what was sent', async () => {
    await runa.visit(`${iolite.address}/forms/.samples`);
    await runa.write('Name', 'Name');
    for (const way of ways) {
      const { wrong, enter } = way;
      if (wrong) {
        await runa.write(labelOf(way), wrong[0]);
        await runa.keys(Key.TAB);
        await runa.seeText(wrong[1]);
      }
      await enter?.(labelOf(way));
    }
    await runa.press('Send');
    await runa.press('See it in Samples');
    await seeAll('aside', ({ shows }) => shows);
    expect(await runa.axe()).toEqual([]);
  });

  test.each(together)('is found by a condition and sorted: $kinds', async ({ some }) => {
    const filter = some.map((way) => `(${way.filter.replaceAll('KEY', keyOf(way))})`).join(' and ');
    const sort = some.map((way) => `-${keyOf(way)}`).join();
    await runa.visit(`${iolite.address}/registers/samples?${new URLSearchParams({ filter, sort })}`);
    await runa.waitUntil(`one record whose ${filter}`, async () => (await runa.count('//main//tbody/tr')) >= 1);
    await runa.click('(//main//tbody//button[starts-with(@aria-label, "Open SAM-")])[1]');
    for (const way of some) await runa.see(`//aside//${fieldOf(way)}/dd[contains(., "${way.shows}")]`);
  });

  test('each is changed in its place', async () => {
    for (const way of ways) {
      const { change, changed } = way;
      if (!change || changed === undefined) continue;
      const field = `//aside//${fieldOf(way)}`;
      await runa.press(`Change ${labelOf(way)}`);
      await change(labelOf(way));
      await runa.press('Store');
      await runa.see(`${field}/dd[contains(., "${changed}")]`);
      await runa.seeNo(`${field}//button[. = "Store"]`);
    }
  });

  test('each is set aside, brought back, and holds what it held', async () => {
    const record = new URL(await runa.driver.getCurrentUrl()).searchParams.get('record');
    await editor.open(iolite.address, 'samples');
    for (const way of ways) await editor.takeAway(labelOf(way));
    const would = await editor.rehearse();
    for (const way of ways) expect(would).toContain(`The field ${labelOf(way)} of Samples is set aside`);
    await editor.carryOut();
    await editor.open(iolite.address, 'samples');
    for (const way of ways) {
      const back = runa.button(`Bring ${labelOf(way)} back`);
      // While one comes back no other does.
      await runa.click(`${back}[not(@disabled)]`);
      await runa.seeNo(back);
    }
    await runa.visit(`${iolite.address}/registers/samples/${record}`);
    await seeAll('article', ({ changed, shows }) => changed ?? shows);
    expect(await runa.axe()).toEqual([]);
    expect(await runa.consoleErrors()).toEqual([]);
  });
});
