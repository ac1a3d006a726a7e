import { randomBytes } from 'node:crypto';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { foldText, uuidV7 } from '#core/base/index.ts';
import { often } from '#core/base/often.arb.ts';
import { type Caller, TestServer } from '../testing/harness.ts';

interface Row {
  readonly number: string;
  readonly title: string;
  readonly values: Readonly<Record<string, string | boolean | null>>;
  readonly links: Readonly<Record<string, { readonly title: string }>>;
}

/** Sorting, paging and finding on a real PostgreSQL, against a plain reading of the same records. */
describe('a list of 120 boats', () => {
  let server: TestServer;
  let runa: Caller;
  let all: Row[];

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
    const id = () => uuidV7(Date.now(), randomBytes(10));
    const clients = ['Ångström Marine', 'apple Hire', 'Zell & Co', 'Émile Pell'].map((name) => ({
      id: id(),
      values: { name, kind: 'firm' },
    }));
    await runa.post('/api/registers/clients/import', { records: clients });
    const names = ['Tern', 'tern', 'Térn', 'Gannet', 'avocet', 'Wake of Sandvik', 'Blue 7'];
    const boats = Array.from({ length: 120 }, (_, i) => ({
      id: id(),
      values: {
        name: `${names[i % names.length]} ${i % 11}`,
        owner: clients[i % clients.length]?.id,
        hull: [null, 'sail', 'motor', 'rowing'][i % 4] ?? null,
        length_overall: i % 5 === 0 ? null : `${(i * 37) % 20}.${i % 10}`,
        insured_until: i % 3 === 0 ? null : `2026-${String((i % 12) + 1).padStart(2, '0')}-15`,
      },
    }));
    const answer = await runa.post('/api/registers/boats/import', { records: boats });
    expect(answer.body).toEqual({ stored: 120 });
    all = (await runa.get('/api/registers/boats/records?limit=500')).body.records;
  });
  afterAll(() => server?.stop());

  const pages = async (query: string, limit: number): Promise<Row[]> => {
    const rows: Row[] = [];
    let after: string | null = '';
    while (after !== null) {
      const page: { records: Row[]; next: string | null } = (
        await runa.get(`/api/registers/boats/records?${query}&limit=${limit}&after=${after}`)
      ).body;
      rows.push(...page.records);
      after = page.next;
    }
    return rows;
  };

  interface Page {
    readonly records: Row[];
    readonly next: string | null;
    readonly previous: string | null;
  }
  const page = async (query: string): Promise<Page> => (await runa.get(`/api/registers/boats/records?${query}`)).body;
  /** The same gone through from its end: the pages that stand before one, up to the first. */
  const pagesBefore = async (query: string, limit: number, previous: string | null): Promise<Row[]> => {
    const rows: Row[] = [];
    for (let before = previous; before !== null; ) {
      const told = await page(`${query}&limit=${limit}&before=${before}`);
      rows.unshift(...told.records);
      before = told.previous;
    }
    return rows;
  };

  const hulls = ['sail', 'motor', 'rowing', 'work_boat'];
  const compareBy: Readonly<Record<string, (row: Row) => number | null>> = {
    length_overall: (row) => (row.values.length_overall === null ? null : Number(row.values.length_overall)),
    insured_until: (row) => (row.values.insured_until === null ? null : Date.parse(String(row.values.insured_until))),
    hull: (row) => (row.values.hull === null ? null : hulls.indexOf(String(row.values.hull))),
  };

  test.each(Object.keys(compareBy).flatMap((key) => [[key, 1] as const, [key, -1] as const]))(
    'sorted by %s, direction %i, nothing comes last and the number decides',
    async (key, direction) => {
      const rows = await pages(`sort=${direction < 0 ? '-' : ''}${key}`, 7);
      const rank = compareBy[key] ?? (() => null);
      const expected = all.toSorted((a, b) => {
        const [x, y] = [rank(a), rank(b)];
        if (x === null || y === null) return x === y ? a.number.localeCompare(b.number) : x === null ? 1 : -1;
        return (x - y) * direction || a.number.localeCompare(b.number);
      });
      expect(rows.map((row) => row.number)).toEqual(expected.map((row) => row.number));
    },
  );

  test.each(['name', '-name', 'owner', '-owner'])(
    'sorted by %s as letters sort for people, page by page as in one',
    async (sort) => {
      const paged = await pages(`sort=${sort}`, 9);
      const whole = (await runa.get(`/api/registers/boats/records?sort=${sort}&limit=500`)).body.records;
      expect(paged.map((row) => row.number)).toEqual(whole.map((row: Row) => row.number));
      const shown = paged.map((row) => (sort.endsWith('owner') ? row.links.owner?.title : row.title) ?? '');
      // The Unicode collation of the platform's ICU, as PostgreSQL's "und-x-icu" is one too.
      const collator = new Intl.Collator('und');
      const ordered = shown.every(
        (text, i) => i === 0 || collator.compare(shown[i - 1] ?? '', text) * (sort.startsWith('-') ? -1 : 1) <= 0,
      );
      expect(ordered).toBe(true);
    },
  );

  const finds = (row: Row, word: string): boolean => {
    const hay = [
      row.number,
      row.title,
      String(row.values.length_overall ?? ''),
      row.links.owner?.title ?? '',
      String(row.links.owner ? 'cli' : ''),
    ].map(foldText);
    const hull = row.values.hull === null ? '' : String(row.values.hull);
    return [...hay, hull].some((text) => (word.length < 3 ? ` ${text}`.includes(` ${word}`) : text.includes(word)));
  };

  test.each([
    'tern',
    'TÉRN 7',
    'sandvik wake',
    'gann',
    'bl',
    'ue',
    'angstrom',
    'zell tern',
    'BOA-0007',
    'motor gannet',
    'nothing like it',
  ])('“%s” finds what a plain reading finds', async (find) => {
    const { records, count } = (
      await runa.get(`/api/registers/boats/records?limit=500&find=${encodeURIComponent(find)}`)
    ).body;
    const expected = all.filter((row) =>
      foldText(find)
        .split(' ')
        .every((word) => finds(row, word)),
    );
    expect(records.map((row: Row) => row.number)).toEqual(expected.map((row) => row.number));
    expect(count).toBe(expected.length);
  });

  test('sorted by several keys at random, of the boats and across a link, every page goes on where the last ended', async () => {
    const collator = new Intl.Collator('und');
    const ranks: Readonly<Record<string, (a: Row, b: Row) => number | null>> = {
      ...Object.fromEntries(
        Object.entries(compareBy).map(([key, rank]) => [
          key,
          (a: Row, b: Row) => {
            const [one, other] = [rank(a), rank(b)];
            return one === null || other === null ? null : one - other;
          },
        ]),
      ),
      'owner.name': (a, b) => collator.compare(a.links.owner?.title ?? '', b.links.owner?.title ?? ''),
    };
    const isNothing = (key: string, row: Row): boolean => key !== 'owner.name' && row.values[key] === null;
    const key = fc.record({ path: fc.constantFrom(...Object.keys(ranks)), down: fc.boolean() });
    const keys = fc.uniqueArray(key, { selector: ({ path }) => path, minLength: 2, maxLength: 4 });
    await fc.assert(
      fc.asyncProperty(keys, fc.integer({ min: 5, max: 60 }), fc.boolean(), async (by, limit, numbersDown) => {
        const sort = [...by.map(({ path, down }) => `${down ? '-' : ''}${path}`), ...(numbersDown ? ['-number'] : [])];
        const rows = await pages(`sort=${sort.join(',')}`, limit);
        const expected = all.toSorted((a, b) => {
          for (const { path, down } of by) {
            const [one, other] = [isNothing(path, a), isNothing(path, b)];
            if (one !== other) return one ? 1 : -1;
            const held = one ? 0 : (ranks[path]?.(a, b) ?? 0);
            if (held !== 0) return down ? -held : held;
          }
          return (numbersDown ? -1 : 1) * a.number.localeCompare(b.number);
        });
        const numbers = expected.map(({ number }) => number);
        expect(rows.map(({ number }) => number)).toEqual(numbers);
        // From any place of it back to its beginning, each record once.
        const { next } = await page(`sort=${sort.join(',')}&limit=${limit}`);
        const second = next === null ? null : await page(`sort=${sort.join(',')}&limit=${limit}&after=${next}`);
        const back = await pagesBefore(`sort=${sort.join(',')}`, 7, second?.next ?? next);
        const passed = second?.next ? second.records.length + limit : next === null ? 0 : limit;
        expect(back.map(({ number }) => number)).toEqual(
          next === null ? [] : numbers.slice(0, Math.max(0, passed - 1)),
        );
      }),
      often(400),
    );
  });

  test.each([
    ['sort=name&from=g', 'Gannet'],
    ['sort=name&from=Gz', 'tern'],
    ['sort=-name&from=g', 'Gannet'],
    ['sort=-name&from=b', 'Blue'],
    ['sort=owner&from=é', null],
  ])('begun at a value, %s, the first is the one that stands there', async (query, begins) => {
    const { records, previous } = await page(`${query}&limit=1`);
    if (begins === null) expect(records[0]?.links.owner?.title).toBe('Émile Pell');
    else expect(foldText(records[0]?.title ?? '')).toMatch(new RegExp(`^${foldText(begins)}`));
    expect(previous).not.toBeNull();
  });

  test('begun at a day, a number and a record’s number', async () => {
    const first = async (query: string) => (await page(`${query}&limit=1`)).records[0];
    expect((await first('sort=insured_until&from=2026-06-20'))?.values.insured_until).toBe('2026-08-15');
    expect((await first('sort=-insured_until&from=2026-06-20'))?.values.insured_until).toBe('2026-06-15');
    expect(Number((await first('sort=length_overall&from=10'))?.values.length_overall)).toBeGreaterThanOrEqual(10);
    expect((await first('sort=number&from=57'))?.number).toBe('BOA-0057');
    const wrong = await runa.get('/api/registers/boats/records?sort=insured_until&from=soon');
    expect([wrong.status, wrong.body.errors[0].code]).toEqual([422, 'bad_from']);
  });

  test('its places lead to where they say, from its first record to its last', async () => {
    const { by, places, exact } = (await runa.get('/api/registers/boats/places?sort=-insured_until,name')).body;
    expect([by, exact, places.at(0).share, places.at(-1).share]).toEqual(['Insured until', true, 0, 1]);
    expect([places.at(0).says, places.at(-1).says]).toEqual(['15 Dec 2026', 'nothing']);
    for (const { after, share } of places) {
      const before = await pagesBefore('sort=-insured_until,name', 500, after);
      expect(before.length).toBe(Math.round(share * 119));
    }
    const none = (await runa.get('/api/registers/boats/places?filter=name = "no such"')).body;
    expect(none).toEqual({ by: 'Number', places: [], exact: true, slow: false });
  });

  test('columns behind links are read with each record, as far as they are seen, and no further', async () => {
    const ask = async (who: Caller, columns: string) =>
      (await who.get(`/api/registers/boats/records?limit=500&sort=number&columns=${columns}`)).body.records;
    const rows: Row[] = await ask(runa, 'name,owner.name,owner.kind,owner.client_since,owner');
    const plain = all.toSorted((a, b) => a.number.localeCompare(b.number));
    expect(rows.map(({ values }) => values['owner.name'])).toEqual(plain.map(({ links }) => links.owner?.title));
    expect(new Set(rows.map(({ values }) => values['owner.kind']))).toEqual(new Set(['firm']));
    // A yard hand sees boats, and no clients: to them there is nothing behind.
    const piet = await server.as('Piet');
    const [first]: Row[] = await ask(piet, 'name,owner.name,owner.kind,no.such,berth.name');
    expect(Object.keys(first?.values ?? {}).sort()).toEqual(['berth.name', 'name']);
    const file = await runa.get('/api/registers/boats/export?format=json&sort=number&columns=name,owner.name');
    expect(file.body.records[0].values).toEqual({
      name: plain[0]?.values.name,
      'owner.name': plain[0]?.links.owner?.title,
    });
  });

  test('too many keys, and an address of other keys, are refused in words', async () => {
    const ask = async (query: string) => (await runa.get(`/api/registers/boats/records?limit=5&${query}`)).body;
    const many = await ask('sort=name,hull,owner.name,owner.kind,length_overall,insured_until');
    expect(many.errors[0].detail).toBe('A list is sorted by at most 5 keys.');
    const { next } = await ask('sort=hull,name');
    expect((await ask(`sort=hull&after=${next}`)).errors[0].code).toBe('bad_cursor');
    // Who sees no clients sorts by nothing of theirs.
    const piet = await server.as('Piet');
    expect((await piet.get('/api/registers/boats/records?sort=name')).status).toBe(200);
    expect((await piet.get('/api/registers/boats/records?sort=owner.name')).body.errors[0].code).toBe('unknown_field');
  });

  test('a filter through a link, a find and a sort go together, and count the whole', async () => {
    const filter = encodeURIComponent('owner.name = "Zell & Co" and length_overall > 5');
    const { records, count, total } = (
      await runa.get(`/api/registers/boats/records?filter=${filter}&find=tern&sort=-length_overall&limit=3`)
    ).body;
    const expected = all.filter(
      (row) =>
        row.links.owner?.title === 'Zell & Co' &&
        Number(row.values.length_overall) > 5 &&
        foldText(row.title).includes('tern'),
    );
    expect(count).toBe(expected.length);
    expect(total).toBe(120);
    expect(records).toHaveLength(Math.min(3, expected.length));
  });

  test('records that come while someone pages are neither repeated nor do they push others out', async () => {
    const first = (await runa.get('/api/registers/boats/records?sort=-number&limit=60')).body;
    await runa.post('/api/registers/boats/records', {
      id: uuidV7(Date.now(), randomBytes(10)),
      values: { name: 'Latecomer', owner: all[0]?.values.owner },
    });
    const second = (await runa.get(`/api/registers/boats/records?sort=-number&limit=60&after=${first.next}`)).body;
    const numbers = [...first.records, ...second.records].map((row: Row) => row.number);
    expect(numbers).toEqual(all.map((row) => row.number).toReversed());
  });

  test('gone through while others write, each record that stood there all the time comes once', async () => {
    const seen: string[] = [];
    let after: string | null = '';
    for (let i = 0; after !== null; i++) {
      const told: Page = await page(`sort=-name&limit=9&after=${after}`);
      seen.push(...told.records.map(({ number }) => number));
      after = told.next;
      const name = ['Aa new', 'Tz new', 'Gannet 0'][i % 3];
      await runa.post('/api/registers/boats/import', {
        records: [{ id: uuidV7(Date.now(), randomBytes(10)), values: { name, owner: all[0]?.values.owner } }],
      });
    }
    expect(new Set(seen).size).toBe(seen.length);
    expect(all.filter(({ number }) => !seen.includes(number))).toEqual([]);
  });
});
