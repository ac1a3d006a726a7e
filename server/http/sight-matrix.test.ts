import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { api, fillPath, type RecordAnswer } from '#contract/index.ts';
import { casesOf, SEED } from '#core/base/often.arb.ts';
import { Random } from '../../demo/random.ts';
import type { Answer, Caller, TestServer } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';
import { FIELDS, Onlooker, REGISTERS, type World, type WorldPerson, type WorldRecord } from '../testing/sight-world.ts';
import { WorldServer } from '../testing/world-server.ts';

/** So many random workspaces; `npm run long` tries all. */
const WORLDS = casesOf(30);

type Held = string | boolean | null;
const numeric = (value: unknown): string => (value === null || value === undefined ? '' : String(Number(value)));

/** A value as it is compared: numbers as numbers, rows by their cells. */
const plain = (register: string, key: string, value: unknown): unknown => {
  const kind = FIELDS[register]?.find((field) => field.key === key)?.kind;
  return kind === 'number' || kind === 'worked_out' ? numeric(value) : (value ?? null);
};

describe.each(Array.from({ length: WORLDS }, (_, i) => i + 1))('who sees what in random workspace %i', (seed) => {
  let at: WorldServer;
  let server: TestServer;
  let runa: Caller;
  let world: World;

  beforeAll(async () => {
    at = await WorldServer.start(new Random(SEED + seed * 7919));
    ({ server, runa, world } = at);
  }, 120_000);
  afterAll(() => at?.stop());

  const who = (person: WorldPerson): Caller => at.who(person);
  const recordsOf = (register: string): WorldRecord[] => world.records.filter((record) => record.register === register);
  const each = async (run: (person: WorldPerson, eyes: Onlooker, register: string) => Promise<void>): Promise<void> => {
    for (const person of world.people)
      for (const register of REGISTERS) await run(person, new Onlooker(world, person), register);
  };
  const list = (person: WorldPerson, register: string, query: Readonly<Record<string, string>> = {}): Promise<Answer> =>
    who(person).get(`/api/registers/${register}/records?${new URLSearchParams({ limit: '500', ...query })}`);
  const ids = ({ body }: Answer): string[] => body.records.map(({ id }: RecordAnswer) => id);
  const fields = (register: string) => FIELDS[register] ?? [];

  /** A record's values as the reference has them for somebody. */
  const valuesFor = (eyes: Onlooker, record: WorldRecord): Record<string, unknown> =>
    Object.fromEntries(
      fields(record.register).flatMap((field): [string, unknown][] => {
        if (field.kind === 'rows') return [];
        const value = eyes.valueOf(record, field);
        return value === undefined ? [] : [[field.key, plain(record.register, field.key, value)]];
      }),
    );
  const linesFor = (eyes: Onlooker, record: WorldRecord) =>
    eyes.seesField(record, 'lines')
      ? record.lines.map(({ id, part, qty }) => ({
          id,
          ...(eyes.knows('things', 'lines.part') ? { part: eyes.seesField(record, 'lines.part') ? part : null } : {}),
          ...(eyes.knows('things', 'lines.qty')
            ? { qty: eyes.seesField(record, 'lines.qty') ? Number(qty) : null }
            : {}),
        }))
      : [];
  const valuesIn = (register: string, { values }: RecordAnswer): Record<string, unknown> =>
    Object.fromEntries(
      Object.entries(values).flatMap(([key, value]) =>
        key === 'lines' ? [] : [[key, plain(register, key, value)] as const],
      ),
    );
  const linesIn = ({ values }: RecordAnswer) =>
    (Array.isArray(values.lines) ? values.lines : []).map((row) => {
      if (typeof row === 'string') throw new RangeError(row);
      const { part, qty } = row.values;
      return {
        id: row.id,
        ...(part === undefined ? {} : { part }),
        ...(qty === undefined ? {} : { qty: qty === null ? null : Number(qty) }),
      };
    });

  test('lists, counts and titles, with every field as it is seen record by record', async () => {
    await each(async (person, eyes, register) => {
      const answer = await list(person, register);
      if (!eyes.knowsRegister(register))
        return expect([person.name, register, answer.status]).toEqual([person.name, register, 404]);
      const seen = recordsOf(register).filter((record) => eyes.sees(record));
      const at = `${person.name} ${register}`;
      expect([at, ids(answer)]).toEqual([at, seen.map(({ id }) => id)]);
      expect([at, answer.body.count, answer.body.total]).toEqual([at, seen.length, seen.length]);
      expect((await who(person).get('/api/counts')).body.counts[register]).toBe(seen.length);
      answer.body.records.forEach((told: RecordAnswer, i: number) => {
        const record = seen[i];
        if (!record) throw new RangeError(at);
        expect([at, record.number, told.title, valuesIn(register, told)]).toEqual([
          at,
          record.number,
          eyes.titleOf(record),
          valuesFor(eyes, record),
        ]);
        const link = fields(register).find(({ kind }) => kind === 'link');
        const target = link && world.records.find(({ id }) => id === valuesFor(eyes, record)[link.key]);
        if (link)
          expect([at, record.number, told.links[link.key]?.title]).toEqual([
            at,
            record.number,
            target && eyes.sees(target) ? eyes.titleOf(target) : undefined,
          ]);
        if (register === 'things' && eyes.knows('things', 'lines'))
          expect([at, linesIn(told)]).toEqual([at, linesFor(eyes, record)]);
      });
    });
  });

  test('filters, also through links, and sorts: by what is seen, and by nothing else', async () => {
    await each(async (person, eyes, register) => {
      if (!eyes.knowsRegister(register)) return;
      const seen = recordsOf(register).filter((record) => eyes.sees(record));
      for (const field of fields(register)) {
        const at = `${person.name} ${register} ${field.key}`;
        const knows = eyes.knows(register, field.key);
        if (field.kind !== 'rows') {
          const answer = await list(person, register, { filter: `${field.key} != null` });
          expect([at, answer.status]).toEqual([at, knows ? 200 : 422]);
          if (knows)
            expect([at, ids(answer)]).toEqual([
              at,
              seen.filter((record) => (eyes.valueOf(record, field) ?? null) !== null).map(({ id }) => id),
            ]);
        }
        const sorted = await list(person, register, { sort: field.key });
        expect([at, sorted.status]).toEqual([at, knows ? 200 : 422]);
        if (!knows || (field.kind !== 'number' && field.kind !== 'worked_out')) continue;
        const key = (record: WorldRecord): number => {
          const value: Held | undefined = eyes.valueOf(record, field);
          return value === null || value === undefined ? Number.POSITIVE_INFINITY : Number(value);
        };
        const expected = seen.toSorted((a, b) => (key(a) === key(b) ? 0 : key(a) - key(b)));
        expect([at, ids(sorted)]).toEqual([at, expected.map(({ id }) => id)]);
      }
      const link = fields(register).find(({ kind }) => kind === 'link');
      const to = link?.to ?? '';
      const far = to === 'members' ? 'level' : 'price';
      if (!link) return;
      const through = await list(person, register, { filter: `${link.key}.${far} > 4` });
      const knows = eyes.knows(register, link.key) && eyes.knows(to, far);
      expect([person.name, register, through.status]).toEqual([person.name, register, knows ? 200 : 422]);
      if (!knows) return;
      const found = seen.filter((record) => {
        const target = world.records.find(({ id }) => id === eyes.valueOf(record, link));
        return target && eyes.sees(target) && eyes.seesField(target, far) && Number(target.values[far] ?? 0) > 4;
      });
      expect([person.name, register, ids(through)]).toEqual([person.name, register, found.map(({ id }) => id)]);
    });
  });

  test('what is found by a word is what shows it, and so with what a plain form offers', async () => {
    await each(async (person, eyes, register) => {
      if (!eyes.knowsRegister(register)) return;
      const words = world.records.flatMap(({ values }) =>
        Object.values(values).filter((value) => typeof value === 'string' && value.endsWith('q')),
      );
      for (const word of words) {
        const expected = recordsOf(register).filter(
          (record) => eyes.sees(record) && eyes.wordsOf(record).includes(String(word)),
        );
        const found = await list(person, register, { find: String(word) });
        expect([person.name, register, word, ids(found), found.body.count]).toEqual([
          person.name,
          register,
          word,
          expected.map(({ id }) => id),
          expected.length,
        ]);
      }
      const link = fields(register).find(({ kind }) => kind === 'link');
      if (!link?.to || !eyes.mayAny('change', register) || !eyes.knows(register, link.key)) return;
      const offered = await who(person).get(`/api/forms/.${register}/questions/${link.key}/look-up?limit=100`);
      const to = recordsOf(link.to).filter((record) => eyes.sees(record));
      const told = offered.body.found.map(({ id, title }: { id: string; title: string }) => `${id} ${title}`);
      expect([person.name, register, told.toSorted()]).toEqual([
        person.name,
        register,
        to.map((record) => `${record.id} ${eyes.titleOf(record)}`).toSorted(),
      ]);
    });
  });

  test('single records, what points to them, files: there for those who see them, never there for the others', async () => {
    await each(async (person, eyes, register) => {
      for (const record of recordsOf(register)) {
        const at = `${person.name} ${record.number}`;
        const one = await who(person).get(`/api/registers/${register}/records/${record.id}`);
        expect([at, one.status]).toEqual([at, eyes.sees(record) ? 200 : 404]);
        const history = await who(person).get(`/api/registers/${register}/records/${record.id}/history`);
        expect([at, history.status]).toEqual([at, eyes.sees(record) ? 200 : 404]);
        if (!eyes.sees(record)) continue;
        expect([at, valuesIn(register, one.body)]).toEqual([at, valuesFor(eyes, record)]);
        const { groups } = (await who(person).get(`/api/registers/${register}/records/${record.id}/linked`)).body;
        for (const group of groups) {
          const pointing = recordsOf(group.register).filter(
            (other) =>
              eyes.sees(other) && eyes.seesField(other, group.field) && other.values[group.field] === record.id,
          );
          expect([at, group.key, group.count]).toEqual([at, group.key, pointing.length]);
        }
      }
      const file = await fetch(`${server.base}/api/registers/${register}/records.csv`, {
        headers: { cookie: who(person).cookie },
      });
      const may = eyes.knowsRegister(register) && eyes.mayAny('export', register);
      expect([person.name, register, file.status]).toEqual([
        person.name,
        register,
        !eyes.knowsRegister(register) ? 404 : may ? 200 : 403,
      ]);
      if (!may) return;
      const lines = (await file.text()).trim().split('\r\n');
      const taken = recordsOf(register).filter((record) => eyes.sees(record) && eyes.may('export', record));
      expect([person.name, register, lines.length - 1]).toEqual([person.name, register, taken.length]);
      for (const record of taken) expect(lines.some((line) => line.includes(record.number))).toBe(true);
    });
  });

  test('whatever is asked, no word of what somebody does not see comes out: every call that reads', async () => {
    const leaks: string[] = [];
    for (const person of world.people) {
      const eyes = new Onlooker(world, person);
      const hidden = world.records.flatMap((record) => [
        ...fields(record.register).flatMap(({ key, kind }) => {
          const value = record.values[key];
          const isMark = kind === 'text' || (kind === 'number' && key !== 'level');
          return isMark && typeof value === 'string' && !eyes.seesField(record, key) ? [value] : [];
        }),
        ...record.lines.flatMap(({ part, qty }) => [
          ...(eyes.seesField(record, 'lines.part') ? [] : [part]),
          ...(eyes.seesField(record, 'lines.qty') ? [] : [qty]),
        ]),
        ...(eyes.sees(record) ? [] : [record.number]),
      ]);
      // What is worked out may come to the same digits as something else.
      const marks = [...new Set(hidden)].map((mark) => new RegExp(`(?<![\\w.-])${mark}(?![\\w.-])`, 'i'));
      const told = world.records.flatMap((record) => Object.values(valuesFor(eyes, record)).map(String));
      const secret = marks.filter((mark) => !told.some((value) => mark.test(value)));
      for (const endpoint of Object.values(api)) {
        if (endpoint.method !== 'get' || endpoint.open) continue;
        for (const path of pathsOf(endpoint.path)) {
          const answer = await who(person).get(path);
          if (answer.status >= 500) leaks.push(`${person.name} ${path}: ${answer.status}`);
          const body = JSON.stringify(answer.body ?? '');
          const found = secret.filter((mark) => mark.test(body));
          if (found.length > 0) leaks.push(`${person.name} ${path}: ${found.map(String).join(' ')}`);
        }
      }
    }
    expect(leaks).toEqual([]);
    const nobody = server.stranger();
    for (const endpoint of Object.values(api))
      if (endpoint.method === 'get' && !endpoint.open)
        expect((await nobody.get(pathsOf(endpoint.path)[0] ?? '')).status).toBe(401);
  }, 300_000);

  test('the matrix would see it: what somebody with all rights is answered is no answer for the others, read by read', async () => {
    const seeing = world.people.map((person) => {
      const eyes = new Onlooker(world, person);
      return { eyes, count: world.records.filter((record) => eyes.sees(record)).length };
    });
    // Whoever sees least.
    const [least] = seeing.toSorted((a, b) => a.count - b.count);
    if (!least) throw new RangeError('nobody');
    const { eyes } = least;
    const unseen = world.records.filter((record) => !eyes.sees(record));
    const all = (register: string, query: Readonly<Record<string, string>> = {}) =>
      runa.get(`/api/registers/${register}/records?${new URLSearchParams({ limit: '500', ...query })}`);
    const caught = new Set<string>();
    for (const register of REGISTERS) {
      const seen = recordsOf(register)
        .filter((record) => eyes.sees(record))
        .map(({ id }) => id);
      const differs = (answer: Answer): boolean => JSON.stringify(ids(answer)) !== JSON.stringify(seen);
      const list_ = await all(register);
      if (differs(list_)) caught.add('list');
      if (list_.body.count !== seen.length) caught.add('count');
      for (const told of list_.body.records as RecordAnswer[]) {
        const record = recordsOf(register).find(({ id }) => id === told.id);
        if (!record || !eyes.sees(record)) continue;
        if (JSON.stringify(valuesIn(register, told)) !== JSON.stringify(valuesFor(eyes, record))) caught.add('field');
        if (told.title !== eyes.titleOf(record)) caught.add('title');
      }
      for (const word of unseen.flatMap(({ values }) =>
        Object.values(values).filter((value) => typeof value === 'string'),
      ))
        if (
          (await all(register, { find: String(word) })).body.records.some(({ id }: RecordAnswer) => !seen.includes(id))
        )
          caught.add('find');
      for (const { id } of unseen.filter((record) => record.register === register))
        if ((await runa.get(`/api/registers/${register}/records/${id}`)).status === 200) caught.add('record');
      const file = await fetch(`${server.base}/api/registers/${register}/records.csv`, {
        headers: { cookie: runa.cookie },
      });
      const lines = (await file.text()).trim().split('\r\n').length - 1;
      if (
        lines !==
        seen.filter((id) => recordsOf(register).some((record) => record.id === id && eyes.may('export', record))).length
      )
        caught.add('file');
    }
    const most = ['list', 'count', 'find', 'record', 'file'];
    expect(most.filter((kind) => !caught.has(kind))).toEqual([]);
  });

  /** The addresses of a call: each register, plain form, record and question put in for its parameters. */
  const pathsOf = (path: string): string[] => {
    if (!path.includes('{')) return [path];
    const isForm = path.startsWith('/api/forms');
    return REGISTERS.flatMap((register) => {
      const key = isForm ? `.${register}` : register;
      const some = path.includes('{id}') ? recordsOf(register).map(({ id }) => id) : [''];
      const asked = path.includes('{question}') ? fields(register).map((field) => field.key) : [''];
      return some
        .flatMap((id) => asked.map((question) => fillPath(path, { key, id, question })))
        .map((at) => (path.endsWith('/duplicates') ? `${at}?value=${encodeURIComponent('"x"')}` : at));
    });
  };

  test('a change is made where a role lets it, refused by the field’s name where not, and heard by those who see it', async () => {
    const open = await Promise.all(
      world.people.map(async (person) => ({ person, stream: await LiveStream.open(server, who(person)) })),
    );
    for (const person of world.people) {
      const eyes = new Onlooker(world, person);
      for (const record of recordsOf('things')) {
        const at = `${person.name} ${record.number}`;
        const value = record.values.note ?? null;
        const answer = await who(person).patch(`/api/registers/things/records/${record.id}`, {
          from: { note: value },
          changes: { note: `${value ?? ''}.` },
        });
        const field = eyes.seesField(record, 'note') && eyes.mayChange(record, 'note');
        const expected = !eyes.sees(record)
          ? 404
          : !eyes.knows('things', 'note')
            ? [403, 422]
            : field && eyes.may('change', record)
              ? 200
              : 403;
        expect([at, [expected].flat().includes(answer.status), answer.status, expected]).toEqual([
          at,
          true,
          answer.status,
          expected,
        ]);
        if (answer.status === 200)
          await who(person).patch(`/api/registers/things/records/${record.id}`, {
            from: { note: `${value ?? ''}.` },
            changes: { note: value },
          });
      }
    }
    for (const { stream } of open) stream.heard.length = 0;
    for (const record of recordsOf('things')) {
      const change = (from: Held, to: Held) =>
        runa.patch(`/api/registers/things/records/${record.id}`, { from: { note: from }, changes: { note: to } });
      const value = record.values.note ?? null;
      for (const { stream } of open) stream.heard.length = 0;
      expect((await change(value, `${value ?? ''}!`)).status).toBe(200);
      // What everybody hears comes after: by then each has heard what they were to hear.
      const after = open.map(({ stream }) => stream.next((event) => event.includes('"workspace"')));
      const { version } = (await runa.get('/api/workspace')).body;
      await runa.post('/api/workspace/carry-out', { version, registers: [], choice_lists: [] });
      await Promise.all(after);
      for (const { person, stream } of open) {
        const heard = stream.heard.some((event) => event === '{"kind":"records","register":"things"}');
        expect([person.name, record.number, heard]).toEqual([
          person.name,
          record.number,
          new Onlooker(world, person).sees(record),
        ]);
      }
    }
    for (const { stream } of open) stream.close();
  }, 120_000);
});
