import { extractText, getDocumentProxy } from 'unpdf';
import { describe, expect, test } from 'vitest';
import { recordSheet, type ToldRecord } from './record-sheet.ts';

/* What is written is read back with another library: PDF.js, as unpdf ships it. */

const register = {
  key: 'purchases',
  singular: 'Purchase',
  plural: 'Purchases',
  mark: 'PUR',
  fields: [],
  beside: [],
  listed: [],
  constraints: [],
  alike: [],
} satisfies ToldRecord['record']['definition'];

const told = (more: Partial<ToldRecord> = {}): ToldRecord => ({
  workspace: 'Tern Quay Boatyard',
  language: 'en-GB',
  record: {
    number: 'PUR-0007',
    title: 'Crane wire',
    definition: register,
    created_at: '2026-11-29T06:10:00.000Z',
    created_by: 'Piet Lund',
    beside_sign_off: [],
  },
  facts: [{ field: 'Supplier', value: 'Quayside Charters' }],
  track: null,
  decisions: [],
  when: (moment) => moment.slice(0, 10),
  by: 'Runa Oakes',
  now: '2026-11-30T06:10:00.000Z',
  ...more,
});

const open = async (record: ToldRecord) => getDocumentProxy(new Uint8Array(await recordSheet(record)));
const textOf = async (record: ToldRecord): Promise<string> =>
  (await extractText(await open(record), { mergePages: true })).text.replaceAll(/\s+/g, ' ');

describe('a record on paper', () => {
  test('tells what it holds and who saw it so', async () => {
    const text = await textOf(told());
    for (const part of ['Tern Quay Boatyard · Purchase PUR-0007', 'Crane wire', 'Supplier Quayside Charters'])
      expect(text).toContain(part);
    expect(text).toContain('Added 2026-11-29 by Piet Lund.');
    expect(text).toContain('PUR-0007, as Runa Oakes saw it 2026-11-30. Page 1 of 1.');
  });

  test.each([
    ['Polish', 'Zażółć gęślą jaźń'],
    ['Greek', 'Ξεσκεπάζω την ψυχοφθόρα βδελυγμία'],
    ['Ukrainian', 'Жебракують філософи'],
    ['Vietnamese', 'Do bạch kim rất quý'],
    ['prices', '£1,234.50 and €3 – “well” … 20 %'],
    ['currencies', '₹ ₺ ₽ ₩ ₫ ₪ ₴ ₦ ₱ ฿ ¥ ₸ ₿'],
    ['Armenian', 'Բել դղյակի ձախ ժամն'],
    ['Georgian', 'გთხოვთ ახლავე გაიაროთ'],
    ['Thai', 'เป็นมนุษย์สุดประเสริฐ'],
    ['simplified Chinese', '视野无限广，窗外有蓝天'],
    ['traditional Chinese', '視野無限廣，窗外有藍天'],
    ['Japanese', 'いろはにほへと ちりぬるを 色は匂へど'],
    ['Korean', '키스의 고유조건은 입술끼리'],
    ['rare signs of Chinese names', '𠮷野家 龘'],
    ['mathematics', '≤ ≥ ≠ ∞ √ → ← ‰ ✓ ★'],
  ])('letters of %s come back as they were: %s', async (_, value) =>
    expect(await textOf(told({ facts: [{ field: 'Note', value }] }))).toContain(value),
  );

  /** The parts of a line as they stand on the page, from the left, and where the last ends. */
  const asSeen = async (value: string) => {
    const page = await (await open(told({ facts: [{ field: 'Note', value }] }))).getPage(1);
    const { items } = await page.getTextContent();
    const parts = items.flatMap((item) => {
      // Dots of Arabic letters are glyphs of their own, of which PDF.js tells the number.
      const says = 'str' in item ? item.str.replaceAll(/\p{Cc}/gu, '').trim() : '';
      return 'str' in item && says !== '' ? [{ says, at: item.transform, width: item.width }] : [];
    });
    const height = parts.find(({ says }) => says === 'Note')?.at[5];
    const line = parts
      .filter(({ at }) => Math.abs(at[5] - height) < 1 && at[4] > 100)
      .sort((a, b) => a.at[4] - b.at[4]);
    const last = line.at(-1);
    const wide = line.reduce((sum, each) => sum + each.width, 0);
    return { says: line.map(({ says }) => says), ends: last ? last.at[4] + last.width : 0, wide };
  };

  test('what is read from the right stands from the right, numbers and Latin words in it from the left (UAX #9)', async () => {
    const hebrew = await asSeen('שלום עולם 123 abc');
    expect(hebrew.says.join(' ')).toBe('abc 123 עולם שלום');
    const { width } = await (await open(told())).getPage(1).then((page) => page.getViewport({ scale: 1 }));
    expect(Math.round(hebrew.ends)).toBe(Math.round(width - 56));
    expect((await asSeen('The word سلام means peace')).says.join(' ')).toBe('The word سلام means peace');
    expect((await asSeen('مرحبا بالعالم 2')).says).toEqual(['2', 'بالعالم', 'مرحبا']);
    expect((await asSeen('سنة ٢٠٢٦')).says).toEqual(['٢٠٢٦', 'سنة']);
    // Brackets are turned round.
    expect((await asSeen('(שלום)')).says).toEqual(['(', 'שלום', ')']);
  });

  test('Arabic letters join: a word is narrower than its letters one by one', async () => {
    const widthOf = async (value: string) => (await asSeen(value)).wide;
    const [joined, apart] = [await widthOf('ببب'), await widthOf('ب')];
    expect(joined).toBeGreaterThan(apart);
    expect(joined).toBeLessThan(apart * 2.5);
  });

  test('what no font has is shown as a question mark, rather than left out', async () => {
    expect(await textOf(told({ facts: [{ field: 'Note', value: 'a\u{13000}b' }] }))).toContain('a?b');
  });

  test('is tagged, in the workspace’s language, and called as the record is', async () => {
    const pdf = await open(told());
    const tree = await (await pdf.getPage(1)).getStructTree();
    const roles = (tree?.children ?? []).flatMap((child) => ('role' in child ? [child.role] : []));
    expect(roles).toEqual(['P', 'H1', 'P', 'P']);
    const { info } = await pdf.getMetadata();
    expect(info).toMatchObject({ Title: 'PUR-0007 Crane wire', Language: 'en-GB' });
  });

  test('is as many pages as it takes, each with its number, and loses no line', async () => {
    const facts = Array.from({ length: 120 }, (_, i) => ({ field: `Field ${i}`, value: `Value ${i}` }));
    const record = told({ facts: [...facts, { field: 'Long', value: 'word '.repeat(2_000) }] });
    const pdf = await open(record);
    const text = await textOf(record);
    expect(pdf.numPages).toBeGreaterThan(5);
    for (const { value } of facts) expect(text).toContain(value);
    expect(text).toContain(`Page ${pdf.numPages} of ${pdf.numPages}.`);
    expect(text.split('word').length - 1).toBe(2_000);
  });

  test('the track says who signed for whom, and what a deadline let through', async () => {
    const signature = {
      by: 'Dev Anand',
      for: 'Sana Whitlock',
      decision: 'approve',
      at: '2026-11-29T06:10:00.000Z',
      comment: 'Two are split.',
      version: 1,
      last_resort: false,
    } as const;
    const step = { beside: false, by: null, at: null, comment: null, needed: 1, waits_for: [], due: null, late: false };
    const text = await textOf(
      told({
        track: {
          id: '00000000-0000-7000-8000-000000000001',
          stage: 'approved',
          round: 2,
          route: 'Purchases',
          route_version: 3,
          why: null,
          sender: 'Piet Lund',
          from_device: null,
          sent_at: '2026-11-28T06:10:00.000Z',
          changed_since: ['Total'],
          sent_back: null,
          steps: [
            { ...step, label: 'Yard manager', state: 'approved', signatures: [signature] },
            { ...step, label: 'Treasurer', state: 'let_through', signatures: [] },
          ],
          may: { withdraw: false, stop: false, start: false, reopen: false },
        },
        decisions: [
          {
            ...signature,
            round: 2,
            step: 'Yard manager',
            route_version: 3,
            undone: false,
            seen: [{ field: 'Total', value: '900.00' }],
          },
        ],
      }),
    );
    for (const part of [
      'Purchases, version 3, round 2.',
      'Changed since signed Total',
      'Yard manager Dev Anand for Sana Whitlock approved, 2026-11-29: “Two are split.”',
      'Treasurer let through, as nobody signed in time',
      'Seen: version 1 of the record, version 3 of the route. Total 900.00',
    ])
      expect(text).toContain(part);
  });
});
