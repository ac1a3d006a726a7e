import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { RecordAnswer } from '#contract/index.ts';
import type { Clock } from '#core/base/index.ts';
import { identifier, parameter, sql } from '#core/sql/index.ts';
import { DefinitionsReader } from '../../definitions/reader.ts';
import type { Definitions } from '../../definitions/store.ts';
import { clockNow } from '../../platform/clock.ts';
import { type Caller, newId, TestServer } from '../../testing/harness.ts';
import { narrowedScope, type Scope, type Sight, systemSight } from '../sight.ts';
import type { ReadContext } from '../work.ts';
import {
  countRecords,
  findAnyRecord,
  findByKey,
  findByTitle,
  readBackGroups,
  readHistory,
  readLinked,
  readPage,
  readPaths,
  readTitles,
} from './index.ts';

/** A register of a random workspace: what its first field is decides what its records are called. */
interface Made {
  readonly key: string;
  readonly mark: string;
  readonly first: 'text' | 'number' | 'link';
}

interface Kept {
  readonly id: string;
  readonly number: string;
  readonly name: string;
  readonly amount: string | null;
  readonly to: string | null;
}

const QUERY = {
  filter: '',
  find: '',
  sort: '',
  after: '',
  limit: 500,
  columns: '',
  archived: 'no',
  count: 'yes',
} as const;

describe('what a sight lets be read', () => {
  let server: TestServer;
  let runa: Caller;
  let round = 0;

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
  });
  afterAll(() => server?.stop());

  const definitionsNow = (): Promise<Definitions> => new DefinitionsReader().read(server.database.db);
  const lookWith = async (sight: (definitions: Definitions, clock: Clock) => Sight): Promise<ReadContext> => {
    const definitions = await definitionsNow();
    const { id, kind, name, email, roles, record } = (await runa.get('/api/me')).body;
    const clock = clockNow(definitions.catalogue);
    return {
      db: server.database.db,
      definitions,
      person: { id, kind, name, email, roles, record, forms: null },
      sight: sight(definitions, clock),
      clock,
    };
  };
  const everything = () => lookWith((definitions, clock) => systemSight(definitions, clock, 'a test'));
  const register = (look: ReadContext, key: string) => {
    const found = look.definitions.catalogue.registers.get(key);
    if (!found) throw new Error(key);
    return found;
  };

  /** Two registers, the second linking to the first, each with a worked-out sum over what points to it. */
  const make = async (first: Made, second: Made): Promise<void> => {
    const fields = (made: Made, to: string) => {
      const own = [
        { key: 'name', label: 'Name', type: { kind: 'text' } },
        { key: 'amount', label: 'Amount', type: { kind: 'number', decimals: 2 } },
        { key: 'to', label: 'To', type: { kind: 'link', register: to } },
      ];
      const at = { text: 0, number: 1, link: 2 }[made.first];
      return [...own.slice(at, at + 1), ...own.filter((_, i) => i !== at)];
    };
    const total = {
      key: 'total_of_them',
      label: 'Total of them',
      type: { kind: 'worked_out', formula: `total(${second.key}.amount)`, gives: { kind: 'number', decimals: 2 } },
    };
    const titled = (made: Made) => ({ text: 'name', number: 'amount', link: 'to' })[made.first];
    const { version } = (await runa.get('/api/workspace')).body;
    const answer = await runa.post('/api/workspace/carry-out', {
      version,
      registers: [
        {
          key: first.key,
          singular: 'One',
          plural: 'Ones',
          mark: first.mark,
          title: titled(first),
          fields: [...fields(first, first.key), total],
        },
        {
          key: second.key,
          singular: 'Other',
          plural: 'Others',
          mark: second.mark,
          title: titled(second),
          fields: fields(second, first.key),
        },
      ],
    });
    if (answer.status !== 200) throw new Error(JSON.stringify(answer.body));
  };

  const importAll = async (made: Made, given: readonly Omit<Kept, 'number'>[]): Promise<Kept[]> => {
    const records = given.map(({ id, name, amount, to }) => ({ id, values: { name, amount, to } }));
    const answer = await runa.post(`/api/registers/${made.key}/import`, { records });
    if (answer.status !== 201) throw new Error(JSON.stringify(answer.body));
    return given.map((each, i) => ({ ...each, number: `${made.mark}-${String(i + 1).padStart(4, '0')}` }));
  };

  /** What a record is called, worked out by hand. */
  const titleOf = (made: Made, record: Kept, inner: (id: string) => string): string => {
    switch (made.first) {
      case 'text':
        return record.name || record.number;
      case 'number':
        return record.amount === null
          ? record.number
          : Number(record.amount).toLocaleString('en-GB', { maximumFractionDigits: 2 });
      case 'link':
        return record.to === null ? record.number : `${inner(record.to)} · ${record.number}`;
    }
  };

  const amount = fc.option(
    fc.integer({ min: -9_999, max: 9_999 }).map((n) => String(n / 100)),
    { nil: null },
  );
  const name = fc.constantFrom('Anchor', 'Buoy', 'Cleat', 'Dinghy', 'Ebb', 'Ærø', '');
  const records = fc.array(fc.record({ name, amount, pick: fc.option(fc.nat(30), { nil: null }) }), {
    minLength: 1,
    maxLength: 12,
  });
  const kind = fc.constantFrom('text' as const, 'number' as const, 'link' as const);

  test('whole registers: the same records, titles, totals, links and back references as by hand', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.constantFrom('text' as const, 'number' as const),
        kind,
        records,
        records,
        async (one, two, some, others) => {
          round++;
          const letter = (n: number) => String.fromCharCode(65 + n);
          const [first, second]: [Made, Made] = [
            { key: `ones_${round}`, mark: `ON${letter(round)}`, first: one },
            { key: `others_${round}`, mark: `OT${letter(round)}`, first: two },
          ];
          await make(first, second);
          const ones = await importAll(
            first,
            some.map((each) => ({ id: newId(), name: each.name, amount: each.amount, to: null })),
          );
          const twos = await importAll(
            second,
            others.map((each) => ({
              id: newId(),
              name: each.name,
              amount: each.amount,
              to: each.pick === null ? null : (ones[each.pick % ones.length]?.id ?? null),
            })),
          );
          const byId = new Map(ones.map((record) => [record.id, record]));
          const oneTitle = (id: string): string => {
            const record = byId.get(id);
            return record ? titleOf(first, record, () => '') : '';
          };
          const look = await everything();
          const page = await readPage(look, register(look, second.key), QUERY);
          expect(
            page.records.map(({ number, title, values }) => [number, title, values.amount ?? null, values.name ?? '']),
          ).toEqual(
            twos.map((record) => [record.number, titleOf(second, record, oneTitle), record.amount, record.name]),
          );
          expect(page.records.map(({ links }) => links.to?.title ?? null)).toEqual(
            twos.map(({ to }) => (to === null ? null : oneTitle(to))),
          );
          expect([page.count, await countRecords(look, [register(look, second.key)])]).toEqual([
            twos.length,
            { [second.key]: twos.length },
          ]);
          const over = await readPage(look, register(look, second.key), { ...QUERY, filter: 'amount > 0' });
          expect(over.records.map(({ id }) => id)).toEqual(
            twos.flatMap(({ id, amount: held }) => (Number(held ?? 0) > 0 ? [id] : [])),
          );
          const through = await readPage(look, register(look, second.key), { ...QUERY, filter: 'to.amount > 0' });
          expect(through.records.map(({ id }) => id)).toEqual(
            twos.flatMap(({ id, to }) => (to !== null && Number(byId.get(to)?.amount ?? 0) > 0 ? [id] : [])),
          );
          const firsts = await readPage(look, register(look, first.key), QUERY);
          const totals = ones.map(({ id }) =>
            twos
              .filter(({ to }) => to === id)
              .reduce((sum, each) => sum + Math.round(Number(each.amount ?? 0) * 100), 0),
          );
          expect(firsts.records.map(({ values }) => Math.round(Number(values.total_of_them) * 100))).toEqual(totals);
          for (const record of ones.slice(0, 3)) {
            const { groups } = await readBackGroups(look, register(look, first.key), record.id);
            const pointing = twos.filter(({ to }) => to === record.id);
            const group = groups.find((each) => each.register === second.key);
            expect([group?.count, group?.records.map(({ id }) => id)]).toEqual([
              pointing.length,
              pointing
                .toReversed()
                .slice(0, 5)
                .map(({ id }) => id),
            ]);
          }
          const paths = await readPaths(
            look,
            register(look, second.key),
            twos.map(({ id }) => id),
            [['to', 'name'], ['amount']],
          );
          expect(twos.map(({ id }) => [paths.get(id)?.['to.name'], paths.get(id)?.amount])).toEqual(
            twos.map(({ to, amount: held }) => [(to === null ? null : byId.get(to)?.name) || null, held]),
          );
        },
      ),
      { numRuns: 8, seed: 12 },
    );
  });

  describe('a part of a register', () => {
    const [own, foreign] = [newId(), newId()];
    const [seen, hidden] = [newId(), newId()];
    let look: ReadContext;

    beforeAll(async () => {
      const client = (id: string, called: string) => ({
        id,
        values: { name: called, kind: 'private', phone: '+442079460958' },
      });
      await runa.post('/api/registers/clients/import', {
        records: [client(own, 'Own Holm'), client(foreign, 'Foreign Bell')],
      });
      const boat = (id: string, called: string, owner: string) => ({
        id,
        values: { name: called, owner, built: '1990' },
      });
      await runa.post('/api/registers/boats/import', {
        records: [boat(seen, 'Seen', own), boat(hidden, 'Hidden', foreign)],
      });
      await runa.patch(`/api/registers/boats/records/${seen}`, { from: { owner: own }, changes: { owner: foreign } });
      // Only one client and one boat, as a person's own would be.
      look = await lookWith((definitions, clock) => {
        const sight = systemSight(definitions, clock, 'a test');
        const scopes = [...sight.catalogue.registers.values()]
          .filter(({ key }) => key === 'clients' || key === 'boats')
          .map((register): [string, Scope] => {
            const record = parameter(register.key === 'clients' ? own : seen, 'uuid');
            return [
              register.key,
              narrowedScope(register, undefined, (alias) => sql`${identifier(alias, 'id')} = ${record}`),
            ];
          });
        return { ...sight, scopes: new Map(scopes) };
      });
    });
    const names = (found: readonly RecordAnswer[]) => found.map(({ title }) => title);

    test('is all there is: in lists, their counts, filters through links, finds and look-ups', async () => {
      const boats = register(look, 'boats');
      const page = await readPage(look, boats, QUERY);
      expect([names(page.records), page.count, page.total]).toEqual([['Seen'], 1, 1]);
      expect(await countRecords(look, [boats, register(look, 'clients')])).toEqual({ boats: 1, clients: 1 });
      expect(names((await readPage(look, boats, { ...QUERY, find: 'hidden' })).records)).toEqual([]);
      // What is seen links to somebody who is not: neither a filter nor a find gets through.
      expect(names((await readPage(look, boats, { ...QUERY, filter: 'owner.name = "Foreign Bell"' })).records)).toEqual(
        [],
      );
      expect(names((await readPage(look, boats, { ...QUERY, find: 'foreign' })).records)).toEqual([]);
      expect(await findByTitle(look, boats, 'hidden', { where: [], columns: '', limit: 5 })).toEqual([]);
      expect(await findByKey(look, boats, { by: 'name', value: 'Hidden' }, { where: [], columns: '' })).toEqual([]);
    });

    test('what lies outside is never there: not by id, as a link, a path, a title or a back reference', async () => {
      const boats = register(look, 'boats');
      expect(await findAnyRecord(look, boats, hidden)).toBeNull();
      expect((await readTitles(look, boats, [seen, hidden])).size).toBe(1);
      expect(Object.keys(await readLinked(look, 'clients', [own, foreign]))).toEqual([own]);
      expect((await findAnyRecord(look, boats, seen))?.links).toEqual({});
      expect((await readPaths(look, boats, [seen], [['owner', 'name']])).get(seen)).toEqual({ 'owner.name': null });
      const { groups } = await readBackGroups(look, register(look, 'clients'), foreign);
      expect(groups.find(({ register: key }) => key === 'boats')?.records.map(({ id }) => id)).toEqual([seen]);
      const all = await everything();
      const whole = await readBackGroups(all, register(all, 'clients'), foreign);
      expect(whole.groups.find(({ register: key }) => key === 'boats')?.count).toBe(2);
    });

    test('a history names only what may be seen', async () => {
      const { events } = await readHistory(look, register(look, 'boats'), seen);
      expect(events[0]?.changes).toEqual([{ field: 'Owner', from: 'Own Holm', to: 'a record' }]);
    });
  });
});
