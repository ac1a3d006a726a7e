import { randomBytes } from 'node:crypto';
import { Decimal } from 'decimal.js';
import { sql } from 'drizzle-orm';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { ListGroups } from '#contract/index.ts';
import { uuidV7 } from '#core/base/index.ts';
import { often } from '#core/base/often.arb.ts';
import { type Caller, TestServer } from '../testing/harness.ts';

interface Row {
  readonly number: string;
  readonly values: Readonly<Record<string, string | boolean | null>>;
  readonly links: Readonly<Record<string, { readonly id: string; readonly title: string }>>;
}
type Key = string | null;

const PATH = '/api/registers/boats';
/** In the order of their choice lists. */
const KINDS = ['private', 'firm'];
const HULLS = ['sail', 'motor', 'rowing', 'work_boat'];
const EDGES = ['4', '8.5', '12'];

/** Groups and totals on a real PostgreSQL, against a plain reading of the same records. */
describe('a list of 150 boats put together', () => {
  let server: TestServer;
  let runa: Caller;
  let all: Row[];

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
    const id = () => uuidV7(Date.now(), randomBytes(10));
    const clients = ['Ångström Marine', 'apple Hire', 'Zell & Co', 'Émile Pell'].map((name, i) => ({
      id: id(),
      values: { name, kind: i % 2 === 0 ? 'firm' : 'private' },
    }));
    await runa.post('/api/registers/clients/import', { records: clients });
    const names = ['Tern', 'tern', 'Éire', 'Gannet', 'avocet', '7 Seas', 'Wake of Sandvik'];
    const boats = Array.from({ length: 150 }, (_, i) => ({
      id: id(),
      values: {
        name: `${names[i % names.length]} ${i % 11}`,
        owner: clients[i % clients.length]?.id,
        hull: [null, 'sail', 'motor', 'rowing'][i % 4] ?? null,
        length_overall: i % 5 === 0 ? null : `${(i * 37) % 20}.${i % 10}`,
        insured_until:
          i % 3 === 0 ? null : `2026-${String((i % 12) + 1).padStart(2, '0')}-${String((i % 27) + 1).padStart(2, '0')}`,
      },
    }));
    expect((await runa.post(`${PATH}/import`, { records: boats })).body).toEqual({ stored: 150 });
    all = (await runa.get(`${PATH}/records?limit=500`)).body.records;
  });
  afterAll(() => server?.stop());

  const groups = async (query: Readonly<Record<string, string>>, who = runa): Promise<ListGroups> => {
    const answer = await who.get(`${PATH}/groups?${new URLSearchParams(query)}`);
    expect(answer.body.errors ?? []).toEqual([]);
    return answer.body;
  };

  const text = (row: Row, key: string): Key => {
    const value = row.values[key];
    return typeof value === 'string' ? value : null;
  };
  const monday = (day: string): string => {
    const at = new Date(`${day}T00:00:00Z`);
    at.setUTCDate(at.getUTCDate() - ((at.getUTCDay() + 6) % 7));
    return at.toISOString().slice(0, 10);
  };
  const quarter = (day: string): string =>
    `${day.slice(0, 5)}${String(Math.floor((Number(day.slice(5, 7)) - 1) / 3) * 3 + 1).padStart(2, '0')}-01`;
  const onDay =
    (to: (day: string) => string) =>
    (row: Row): Key => {
      const day = text(row, 'insured_until');
      return day === null ? null : to(day);
    };
  /** How each way of grouping reads a record, in plain JavaScript. */
  const KEYS: Readonly<Record<string, (row: Row) => Key>> = {
    hull: (row) => text(row, 'hull'),
    owner: (row) => text(row, 'owner'),
    'owner.kind': (row) => {
      const title = row.links.owner?.title;
      return title === undefined ? null : ['Ångström Marine', 'Zell & Co'].includes(title) ? 'firm' : 'private';
    },
    'name:letter': (row) => {
      const [first = ''] = (text(row, 'name') ?? '').normalize('NFD').toUpperCase();
      return /\p{L}/u.test(first) ? first : '#';
    },
    'insured_until:year': onDay((day) => `${day.slice(0, 4)}-01-01`),
    'insured_until:quarter': onDay(quarter),
    'insured_until:month': onDay((day) => `${day.slice(0, 7)}-01`),
    'insured_until:week': onDay(monday),
    'insured_until:day': onDay((day) => day),
    [`length_overall:${EDGES.join('/')}`]: (row) => {
      const length = text(row, 'length_overall');
      return length === null ? null : String(EDGES.filter((edge) => new Decimal(length).gte(edge)).length);
    },
  };
  const rank: Readonly<Record<string, (key: string) => number>> = {
    hull: (key) => HULLS.indexOf(key),
    'owner.kind': (key) => KINDS.indexOf(key),
  };
  const collator = new Intl.Collator('und');
  const titleOf = (id: string): string => all.find((row) => row.links.owner?.id === id)?.links.owner?.title ?? '';
  const compareKeys = (how: string, a: Key, b: Key): number => {
    if (a === null || b === null) return a === b ? 0 : a === null ? 1 : -1;
    if (how === 'owner') return collator.compare(titleOf(a), titleOf(b));
    if (rank[how]) return (rank[how]?.(a) ?? 0) - (rank[how]?.(b) ?? 0);
    if (how.startsWith('length_overall')) return Number(a) - Number(b);
    return collator.compare(a, b);
  };

  const decimals = (rows: readonly Row[]): Decimal[] =>
    rows.flatMap((row) => (row.values.length_overall === null ? [] : [new Decimal(String(row.values.length_overall))]));
  const halfUp = (value: Decimal): string => value.toDecimalPlaces(2, Decimal.ROUND_HALF_UP).toString();
  const TOTALS: Readonly<Record<string, (rows: readonly Row[], whole: readonly Row[]) => string | null>> = {
    'share:length_overall': (rows, whole) => {
      const [held, all] = [decimals(rows), decimals(whole)];
      if (held.length === 0 || Decimal.sum(...all).isZero()) return null;
      const share = Decimal.sum(...held).div(Decimal.sum(...all));
      return share.toDecimalPlaces(3, Decimal.ROUND_HALF_UP).toString();
    },
    'sum:length_overall': (rows) => {
      const held = decimals(rows);
      return held.length === 0 ? null : Decimal.sum(...held).toString();
    },
    'average:length_overall': (rows) => {
      const held = decimals(rows);
      return held.length === 0 ? null : halfUp(Decimal.sum(...held).div(held.length));
    },
    'least:length_overall': (rows) => {
      const held = decimals(rows);
      return held.length === 0 ? null : Decimal.min(...held).toString();
    },
    'most:length_overall': (rows) => {
      const held = decimals(rows);
      return held.length === 0 ? null : Decimal.max(...held).toString();
    },
    // The usual median: the middle of what is in order, or halfway between the two in the middle.
    'middle:length_overall': (rows) => {
      const held = decimals(rows).toSorted((a, b) => a.cmp(b));
      const [low, high] = [held[Math.ceil(held.length / 2) - 1], held[Math.floor(held.length / 2)]];
      return low && high ? halfUp(low.add(high).div(2)) : null;
    },
    'different:hull': (rows) => String(new Set(rows.flatMap((row) => text(row, 'hull') ?? [])).size),
    'filled:hull': (rows) => String(rows.filter((row) => text(row, 'hull') !== null).length),
    'most:insured_until': (rows) =>
      rows
        .flatMap((row) => text(row, 'insured_until') ?? [])
        .toSorted()
        .at(-1) ?? null,
  };

  /** The same by plain reading: the whole, then each group before those it is made of. */
  const expected = (
    rows: readonly Row[],
    hows: readonly string[],
    keys: readonly Key[] = [],
  ): { keys: readonly Key[]; rows: readonly Row[] }[] => {
    const how = hows[keys.length];
    if (how === undefined) return [{ keys, rows }];
    const held = [...new Set(rows.map((row) => KEYS[how]?.(row) ?? null))].toSorted((a, b) => compareKeys(how, a, b));
    const below = held.flatMap((key) =>
      expected(
        rows.filter((row) => (KEYS[how]?.(row) ?? null) === key),
        hows,
        [...keys, key],
      ),
    );
    return [{ keys, rows }, ...below];
  };

  const plain = (value: string | null): string | null =>
    value === null || value.includes('-') ? value : new Decimal(value).toString();

  test('by any ways at once, each group and the whole has the count and the totals that plain reading gives', async () => {
    const ways = fc.uniqueArray(fc.constantFrom(...Object.keys(KEYS)), {
      selector: (way) => way.split(/[.:]/)[0],
      minLength: 0,
      maxLength: 3,
    });
    const totals = fc.subarray(Object.keys(TOTALS));
    const filters = fc.constantFrom('', 'length_overall > 6', 'owner.kind = "firm"', 'hull = null');
    await fc.assert(
      fc.asyncProperty(ways, totals, filters, async (hows, wanted, filter) => {
        const answer = await groups({ by: hows.join(','), totals: wanted.join(','), filter });
        const rows: Row[] = (await runa.get(`${PATH}/records?limit=500&filter=${encodeURIComponent(filter)}`)).body
          .records;
        const told = answer.groups.map(({ keys, count, totals: values }) => ({
          keys,
          count,
          totals: values.map(({ value }) => plain(value)),
        }));
        const should = expected(rows, hows).map(({ keys, rows: held }) => ({
          keys,
          count: held.length,
          totals: wanted.map((each) => plain(TOTALS[each]?.(held, rows) ?? null)),
        }));
        expect(told).toEqual(should);
      }),
      often(1_200),
    );
  });

  test('the records of a group are those that plain reading puts there', async () => {
    const hows = ['hull', 'insured_until:quarter'];
    const by = hows.join(',');
    for (const { keys, count } of (await groups({ by })).groups) {
      const query = new URLSearchParams({ by, group: JSON.stringify(keys), limit: '500', sort: '-name' });
      const { records, count: told } = (await runa.get(`${PATH}/records?${query}`)).body;
      const should = all.filter((row) => keys.every((key, at) => (KEYS[hows[at] ?? '']?.(row) ?? null) === key));
      expect([told, records.map(({ number }: Row) => number).toSorted()]).toEqual([
        count,
        should.map(({ number }) => number).toSorted(),
      ]);
    }
  });

  test('said in words: stretches of time, bands, letters, links, nothing, and totals as their fields show them', async () => {
    const says = async (by: string) => (await groups({ by })).groups.slice(1).map((group) => group.says);
    expect(await says('hull')).toEqual(['Sail', 'Motor', 'Rowing', 'nothing']);
    expect(await says('owner')).toEqual(['Ångström Marine', 'apple Hire', 'Émile Pell', 'Zell & Co']);
    expect((await says('insured_until:quarter')).slice(0, 2)).toEqual(['Q1 2026', 'Q2 2026']);
    expect((await says('insured_until:month'))[0]).toBe('February 2026');
    expect((await says('insured_until:week'))[0]).toMatch(/^week of \d/);
    expect(await says('length_overall:5/10')).toEqual(['under 5 m', '5 m to under 10 m', 'from 10 m on', 'nothing']);
    expect(await says('name:letter')).toEqual(['A', 'E', 'G', 'T', 'W', '#'].toSorted(collator.compare));
    const whole = await groups({ totals: 'most:length_overall,different:hull' });
    expect(whole.totals).toEqual(['most of Length overall', 'number of different of Hull']);
    expect(whole.groups[0]?.totals.map((total) => total.says)).toEqual([expect.stringMatching(/^19\.\d m$/), '3']);
  });

  test.each([
    ['by=hull,owner,name:letter,insured_until:year', 'Groups are at most 3 deep.'],
    ['by=colour', 'Boats have no field “colour” to group by.'],
    ['by=me.name', 'Boats have no field “me.name” to group by.'],
    ['by=hull:month', 'Hull cannot be put together so.'],
    ['by=length_overall:9/3', '“9/3” is no way to put records together.'],
    ['totals=sum:name', 'Name has no sum.'],
    ['totals=average:insured_until', 'Insured until has no average.'],
    ['totals=heap:name', '“heap” is no total.'],
    ['totals=sum:colour', 'Boats have no field “colour” to total.'],
  ])('%s is refused in words', async (query, detail) => {
    const answer = await runa.get(`${PATH}/groups?${query}`);
    expect([answer.status, answer.body.errors[0].detail]).toEqual([422, detail]);
  });

  test('who sees no clients groups by nothing of theirs, nor asks for a group of it', async () => {
    const piet = await server.as('Piet');
    expect((await groups({ by: 'hull' }, piet)).groups[0]?.count).toBe(150);
    for (const by of ['owner.kind', 'owner.name:letter'])
      expect((await piet.get(`${PATH}/groups?by=${by}`)).status).toBe(422);
    const group = encodeURIComponent('["firm"]');
    expect((await piet.get(`${PATH}/records?by=owner.kind&group=${group}`)).status).toBe(422);
    expect((await piet.get(`${PATH}/groups?totals=different:owner.name`)).status).toBe(422);
    for (const [by, wrong] of [
      ['hull', 'nonsense'],
      ['length_overall', '["long"]'],
      ['insured_until:month', '["2026-13-01"]'],
      ['owner', '["nobody"]'],
    ]) {
      const answer = await runa.get(`${PATH}/records?by=${by}&group=${encodeURIComponent(wrong ?? '')}`);
      expect([by, answer.status, answer.body.errors?.[0].code]).toEqual([by, 422, 'bad_group']);
    }
  });

  test('weeks begin on the day the workspace says', async () => {
    const keys = async () =>
      (await groups({ by: 'insured_until:week' })).groups.flatMap(({ keys: [key] }) => key ?? []);
    const weekdays = async () => new Set((await keys()).map((day) => new Date(`${day}T00:00:00Z`).getUTCDay()));
    expect([...(await weekdays())]).toEqual([1]);
    await server.database.db.execute(sql`update iolite.workspace set week_begins = 7, version = version + 1`);
    expect([...(await weekdays())]).toEqual([0]);
    // Each day lies in the week it is put in.
    for (const day of await keys()) {
      const query = new URLSearchParams({ by: 'insured_until:week', group: JSON.stringify([day]), limit: '500' });
      for (const { values } of (await runa.get(`${PATH}/records?${query}`)).body.records) {
        const days = (Date.parse(values.insured_until) - Date.parse(day)) / 86_400_000;
        expect(days).toBeGreaterThanOrEqual(0);
        expect(days).toBeLessThan(7);
      }
    }
  });
});
