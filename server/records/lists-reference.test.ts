import { Decimal } from 'decimal.js';
import { sql } from 'drizzle-orm';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { casesOf, often, SEED } from '#core/base/often.arb.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import {
  anyCondition,
  anyFields,
  anyValue,
  type ByKey,
  type Condition,
  folded,
  GRADES,
  holdsWord,
  inOrder,
  isCounted,
  type ListField,
  type ListRecord,
  type ListRole,
  seenBy,
  totalsOf,
} from '../testing/list-world.ts';
import type { Chance } from '../testing/sight-world.ts';

/** So many lists are asked for. */
const LISTS = 10_000;
const REGISTERS = 6;
const markOf = (at: number): string => `RA${'ABCDEFGHIJ'[at]}`;
const OWNERS = ['Ångström Marine', 'apple Hire', 'Zell & Co', 'Émile Pell'];

/** Chance that a property shrinks and tells the seed of. */
const chanceOf = (random: fc.GeneratorValue): Chance => ({
  whole: (min, max) => random(fc.integer, { min, max }),
  // Of doubles most lie next to nothing.
  chance: (share) => random(fc.nat, { max: 999 }) < share * 1000,
  pick: (items) => {
    const found = items[random(fc.nat, { max: items.length - 1 })];
    if (found === undefined) throw new Error('there is nothing to pick from');
    return found;
  },
});

interface Made {
  readonly key: string;
  readonly fields: readonly ListField[];
  readonly records: readonly ListRecord[];
  /** Whoever looks, and through which roles; Runa sees everything. */
  readonly viewers: readonly { readonly who: Caller; readonly roles: readonly ListRole[] }[];
}

/** What lists hold against a plain reading: random registers, sights, filters, words, orders, pages, groups, totals. */
describe('a list holds what a plain reading finds', () => {
  let server: TestServer;
  let runa: Caller;
  const made: Made[] = [];
  const titles = new Map<string, string>();

  const typeOf = ({ kind }: ListField): object => {
    if (kind === 'money') return { kind, currency: 'GBP' };
    if (kind === 'number') return { kind, decimals: 2 };
    if (kind === 'choice') return { kind, list: 'grades' };
    return kind === 'link' ? { kind, register: 'owners' } : { kind };
  };
  const roleOf = (fields: readonly ListField[], by: Chance): ListRole => ({
    see: by.chance(0.3) ? null : anyCondition(fields, by),
    hidden: fields.filter(({ key }) => key !== 'name' && by.chance(0.25)).map(({ key }) => key),
  });

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
    const name = { key: 'name', label: 'Name', type: { kind: 'text' }, required: true };
    const owners = { key: 'owners', singular: 'Owner', plural: 'Owners', mark: 'OWN', fields: [name] };
    const shapes = fc.sample(
      fc.noBias(fc.gen()).map((random) => {
        const by = chanceOf(random);
        const fields = anyFields(by);
        return { fields, hand: roleOf(fields, by), treasurer: roleOf(fields, by), trustee: roleOf(fields, by), by };
      }),
      { numRuns: REGISTERS, seed: SEED },
    );
    const rights = (of: 'hand' | 'treasurer' | 'trustee') => ({
      owners: { see: true },
      ...Object.fromEntries(
        shapes.map((shape, i) => [`r${i}`, { see: shape[of].see?.text ?? true, hidden: shape[of].hidden }]),
      ),
    });
    const registers = shapes.map(({ fields }, i) => ({
      key: `r${i}`,
      singular: `R${i} item`,
      plural: `R${i} items`,
      mark: markOf(i),
      title: 'name',
      fields: fields.map((field) => ({ key: field.key, label: field.key, type: typeOf(field) })),
    }));
    const carried = await runa.post('/api/workspace/carry-out', {
      version: 1,
      choice_lists: [{ key: 'grades', label: 'Grades', choices: GRADES.map((code) => ({ code, label: code })) }],
      registers: [owners, ...registers],
      roles: [
        { key: 'yard_hand', label: 'Yard hand', registers: rights('hand') },
        { key: 'treasurer', label: 'Treasurer', registers: rights('treasurer') },
        { key: 'trustee', label: 'Trustee', registers: rights('trustee') },
      ],
    });
    expect(carried.status, JSON.stringify(carried.body)).toBe(200);
    const owned = OWNERS.map((title) => ({ id: newId(), number: '', values: { name: title } }));
    for (const { id, values } of owned) titles.set(id, values.name);
    await runa.post('/api/registers/owners/import', { records: owned.map(({ id, values }) => ({ id, values })) });
    const [piet, ines] = [await server.as('Piet'), await server.as('Ines')];
    for (const [i, shape] of shapes.entries()) {
      const sent = Array.from({ length: shape.by.whole(20, 60) }, () => ({
        id: newId(),
        values: Object.fromEntries(shape.fields.map((field) => [field.key, anyValue(shape.by, field, owned)])),
      }));
      const stored = await runa.post(`/api/registers/r${i}/import`, { records: sent });
      expect(stored.status, JSON.stringify(stored.body)).toBe(201);
      // Every other register is read as one of thousands is: in parts, each from its place in an index.
      if (i % 2 === 0)
        await server.database.db.execute(sql`update iolite.counters set next = 5000 where register = ${`r${i}`}`);
      made.push({
        key: `r${i}`,
        fields: shape.fields,
        records: sent.map((each, at) => ({
          ...each,
          number: `${markOf(i)}-${String(at + 1).padStart(4, '0')}`,
        })),
        viewers: [
          { who: runa, roles: [{ see: null, hidden: [] }] },
          { who: piet, roles: [shape.hand] },
          { who: ines, roles: [shape.treasurer, shape.trustee] },
        ],
      });
    }
  });
  afterAll(() => server?.stop());

  const ask = async (who: Caller, path: string, query: Record<string, string>) => {
    const answer = await who.get(`${path}?${new URLSearchParams(query)}`);
    expect(answer.status, JSON.stringify([query, answer.body.errors])).toBe(200);
    return answer.body;
  };
  const numbersOf = (records: readonly { readonly number: string }[]): string[] => records.map(({ number }) => number);

  test(
    'page by page to its end, back again, and in its totals',
    async () => {
      await fc.assert(
        fc.asyncProperty(fc.noBias(fc.gen()), async (random) => {
          const by = chanceOf(random);
          const { key, fields, records, viewers } = by.pick(made);
          const { who, roles } = by.pick(viewers);
          const seen = fields.filter((field) => roles.some(({ hidden }) => !hidden.includes(field.key)));
          const none: Condition = { text: '', holds: () => true };
          const filter = by.chance(0.3) ? none : anyCondition(seen, by);
          const word = by.chance(0.2) ? by.pick(['tern', 'ann', 'zel', 'ang', 'emile', 'ood', 'sandvik']) : '';
          const keys: ByKey[] = Array.from({ length: by.whole(0, 3) }, () => ({
            field: by.pick(seen),
            down: by.chance(0.5),
          }));
          const numbersDown = by.chance(0.3);
          const sort = [
            ...keys.map(({ field, down }) => `${down ? '-' : ''}${field.key}`),
            ...(numbersDown ? ['-number'] : []),
          ].join(',');
          const held = seenBy(roles, records).filter(
            (record) =>
              filter.holds(record.values) === true && (word === '' || holdsWord(record, seen, titles, folded(word))),
          );
          const expected = numbersOf(inOrder(held, keys, numbersDown, titles));

          const path = `/api/registers/${key}/records`;
          const limit = by.whole(3, 30);
          const query = { filter: filter.text, find: word, sort, limit: `${limit}` };
          const told: string[] = [];
          const places: string[] = [];
          for (let after = ''; ; ) {
            const page = await ask(who, path, { ...query, after, count: after === '' ? 'yes' : 'no' });
            if (after === '') expect([page.count, page.more]).toEqual([expected.length, false]);
            told.push(...numbersOf(page.records));
            if (page.next === null) break;
            places.push(page.next);
            after = page.next;
          }
          expect(told).toEqual(expected);
          if (places.length > 0) {
            const at = by.whole(0, places.length - 1);
            const page = await ask(who, path, { ...query, before: places[at] ?? '', count: 'no' });
            const until = (at + 1) * limit - 1;
            expect(numbersOf(page.records)).toEqual(expected.slice(Math.max(0, until - limit), until));
          }
          const counted = seen.find(({ kind }) => isCounted(kind));
          if (counted && by.chance(0.3)) {
            const totals = ['sum', 'least', 'most'].map((kind) => `${kind}:${counted.key}`).join(',');
            const { groups } = await ask(who, `/api/registers/${key}/groups`, {
              filter: filter.text,
              find: word,
              totals,
            });
            const values = groups[0].totals.map(
              ({ value }: { value: string | null }) => value && new Decimal(value).toString(),
            );
            expect([groups[0].count, ...values]).toEqual([held.length, ...totalsOf(held, counted)]);
          }
        }),
        often(LISTS),
      );
    },
    120_000 + casesOf(LISTS) * 60,
  );

  test('while others add, change and archive between two pages, all that nobody touched comes once and in order', async () => {
    await fc.assert(
      fc.asyncProperty(fc.noBias(fc.gen()), async (random) => {
        const by = chanceOf(random);
        const { key, fields } = by.pick(made);
        const path = `/api/registers/${key}/records`;
        const keys = Array.from({ length: by.whole(1, 2) }, () => `${by.chance(0.5) ? '-' : ''}${by.pick(fields).key}`);
        const query = { sort: keys.join(','), limit: `${by.whole(3, 12)}`, count: 'no' };
        const before = await ask(runa, path, { ...query, limit: '500' });
        const touched = new Set<string>();
        const write = async (): Promise<void> => {
          const record = by.pick<{ id: string; number: string }>(before.records);
          const values = Object.fromEntries(
            fields.map((field) => [field.key, field.kind === 'link' ? null : anyValue(by, field, [])]),
          );
          if (by.chance(0.4)) return void (await runa.post(path, { id: newId(), values }));
          const at = `${path}/${record.id}`;
          const { version } = (await runa.get(at)).body;
          const answer = by.chance(0.7) ? await runa.patch(at, { version, values }) : await runa.call('DELETE', at);
          if (answer.status < 300) touched.add(record.number);
        };
        const told: string[] = [];
        for (let after: string | null = ''; after !== null; ) {
          const page = await ask(runa, path, { ...query, after });
          told.push(...numbersOf(page.records));
          after = page.next;
          await write();
        }
        const known = new Set(numbersOf(before.records));
        const untouched = (numbers: readonly string[]): string[] =>
          numbers.filter((number) => known.has(number) && !touched.has(number));
        expect(touched.size).toBeLessThan(known.size);
        expect(untouched(told)).toEqual(untouched(numbersOf(before.records)));
      }),
      often(600),
    );
  }, 120_000);
});
