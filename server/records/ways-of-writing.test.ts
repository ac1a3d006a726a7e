import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { bringCsv } from '../testing/csv.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';
import { entry, makeNearMisses, nearMissRoute, story } from '../testing/near-misses.ts';

const LIST = '/api/registers/near_misses/records';
const FORM = '/api/forms/report_a_near_miss/entries';

/** What became of a record that something was done to. */
interface Done {
  readonly id: string;
  /** The word by which it is found now; null where it is not in the list any more. */
  readonly word: string | null;
}

/**
 * Every way in which a record is written, held against every one who follows: the history has it, the record is found
 * by what it holds now, whoever looks at the register hears of it, and the sign-off goes on.
 */
describe('whichever way a record is written', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;
  let sana: Caller;
  let live: LiveStream;
  let owner: string;
  let harbour: string;

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    [runa, piet, sana] = [await server.as('Runa'), await server.as('Piet'), await server.as('Sana')];
    await makeNearMisses(runa);
    const steps = [
      {
        label: 'Yard manager',
        who: { kind: 'role', role: 'yard_manager' },
        condition: 'cost > 500 or owner.name = "Harbour"',
      },
    ];
    expect((await runa.put('/api/routes/near_misses', { ...nearMissRoute, steps })).status).toBe(200);
    [owner, harbour] = [await client('Owner'), await client('Harbour')];
    live = await LiveStream.open(server, piet);
  });
  afterAll(async () => {
    live?.close();
    await server?.stop();
  });

  const client = async (name: string): Promise<string> => {
    const id = newId();
    await runa.post('/api/registers/clients/records', { id, values: { name, kind: 'private' } });
    return id;
  };
  let count = 0;
  const word = () => `Zeugma${++count}`;
  const values = (title: string, more: object = {}) => ({
    title,
    severity: 'damage',
    cost: '50',
    what_happened: story,
    ...more,
  });
  const add = async (more: object = {}): Promise<Done & { word: string }> => {
    const [id, title] = [newId(), word()];
    const answer = await runa.post(LIST, { id, values: values(title, more) });
    expect([answer.status, answer.body.detail]).toEqual([201, undefined]);
    return { id, word: title };
  };
  const read = async (id: string) => (await runa.get(`${LIST}/${id}`)).body;
  const found = async (text: string): Promise<string[]> =>
    (await runa.get(`${LIST}?find=${text}`)).body.records.map((record: { id: string }) => record.id);
  const csv = (text: string, columns: readonly string[], match = '') =>
    bringCsv(runa, 'near_misses', { csv: text, columns, match });

  const WAYS: Readonly<Record<string, () => Promise<Done>>> = {
    'added in a list': () => add({ cost: '900' }),
    'added by a form': async () => {
      const title = word();
      const sent = await piet.post(FORM, entry(values(title, { cost: '900' })));
      return { id: sent.body.id, word: title };
    },
    'added by a JSON import': async () => {
      const [id, title] = [newId(), word()];
      await runa.post('/api/registers/near_misses/import', {
        records: [{ id, values: values(title, { cost: '900' }) }],
      });
      return { id, word: title };
    },
    'brought in as it stands': async () => {
      const [id, title] = [newId(), word()];
      await runa.post('/api/registers/near_misses/import', {
        records: [{ id, values: values(title, { cost: '900' }) }],
        as_they_stand: true,
      });
      return { id, word: title };
    },
    'added by a CSV import': async () => {
      const title = word();
      const answer = await csv(`Title,Cost\n${title},900`, ['title', 'cost']);
      expect(answer).toMatchObject({ added: 1, refused: [] });
      return { id: (await found(title))[0] ?? '', word: title };
    },
    'changed in a list': async () => {
      const { id } = await add();
      const title = word();
      const from = { cost: '50', title: (await read(id)).values.title };
      expect((await runa.patch(`${LIST}/${id}`, { from, changes: { cost: '900', title } })).status).toBe(200);
      return { id, word: title };
    },
    'changed by a form': async () => {
      const { id, word: was } = await add();
      const title = word();
      const sent = await runa.post('/api/forms/.near_misses/entries', {
        ...entry({ title, cost: '900' }),
        record: { id, from: { title: was, cost: '50' } },
      });
      expect([sent.status, sent.body.detail]).toEqual([201, undefined]);
      return { id, word: title };
    },
    'changed by a CSV import': async () => {
      const { id } = await add();
      const title = word();
      const { number } = await read(id);
      const answer = await csv(`Number,Title,Cost\n${number},${title},900`, ['number', 'title', 'cost'], 'number');
      expect(answer).toMatchObject({ changed: 1, refused: [] });
      return { id, word: title };
    },
    'changed by moving links': async () => {
      const former = await client(word());
      const done = await add({ owner: former });
      const moved = await runa.call('DELETE', `/api/registers/clients/records/${former}?move_to=${harbour}`);
      expect(moved.status).toBe(204);
      return done;
    },
    archived: async () => {
      const { id } = await add();
      expect((await runa.call('DELETE', `${LIST}/${id}`)).status).toBe(204);
      return { id, word: null };
    },
    'brought back': async () => {
      const done = await add();
      await runa.call('DELETE', `${LIST}/${done.id}`);
      expect((await runa.post(`${LIST}/${done.id}/bring-back`, {})).status).toBe(204);
      return done;
    },
    decided: async () => {
      const done = await add({ cost: '900' });
      expect((await decide(done.id, 'approve')).body.stage).toBe('approved');
      return done;
    },
    'sent back and sent again': async () => {
      const title = word();
      const sent = await piet.post(FORM, entry(values(title, { cost: '900' })));
      await decide(sent.body.id, 'send_back');
      const again = await piet.post(FORM, {
        ...entry(values(title, { cost: '800' })),
        record: { id: sent.body.id, from: { cost: '900' } },
      });
      expect([again.status, again.body.detail]).toEqual([201, undefined]);
      return { id: sent.body.id, word: title };
    },
  };

  const decide = async (id: string, decision: string) => {
    const tray = (await sana.get('/api/in-tray')).body.items;
    const item = tray.find((each: { record: string }) => each.record === id);
    const { version } = (await sana.get(`${LIST}/${id}`)).body;
    return sana.post(`/api/sign-offs/${item?.sign_off}`, { decision, comment: 'Seen.', version });
  };

  test.each([
    ['added in a list', ['added'], ['waiting', 1]],
    ['added by a form', ['added'], ['waiting', 1]],
    ['added by a JSON import', ['imported'], ['waiting', 1]],
    ['added by a CSV import', ['imported'], ['waiting', 1]],
    // Old records were signed elsewhere, or never: they go round when they are changed here.
    ['brought in as it stands', ['brought_in_as_is'], null],
    // Stored with nothing to sign, and changed into what is to be signed.
    ['changed in a list', ['changed', 'added'], ['waiting', 1]],
    ['changed by a form', ['changed', 'added'], ['waiting', 1]],
    ['changed by a CSV import', ['imported', 'added'], ['waiting', 1]],
    ['changed by moving links', ['changed', 'added'], ['waiting', 1]],
    ['archived', ['archived', 'added'], null],
    ['brought back', ['brought_back', 'archived', 'added'], null],
    ['decided', ['approved', 'added'], ['approved', 1]],
    ['sent back and sent again', ['sent_again', 'sent_back', 'added'], ['waiting', 2]],
  ] as const)('%s: history, search, live events and sign-off follow', async (way, actions, signOff) => {
    const heard = live.next((event) => event.includes('"near_misses"'));
    const run = WAYS[way];
    if (!run) throw new Error(way);
    const done = await run();
    await heard;
    const history = (await runa.get(`${LIST}/${done.id}/history`)).body.events;
    expect(history.map((event: { action: string }) => event.action)).toEqual([...actions]);
    if (done.word === null) expect(await found(`Zeugma${count}`)).toEqual([]);
    else expect(await found(done.word)).toEqual([done.id]);
    const { sign_off: track } = await read(done.id);
    expect(track && [track.stage, track.round]).toEqual(signOff);
  });

  /** What changes the cost of a record that is approved, in each way in which a field of it can be written. */
  const COSTS: Readonly<Record<string, (id: string, number: string, cost: string) => Promise<unknown>>> = {
    'a change in a list': (id, _, cost) => runa.patch(`${LIST}/${id}`, { from: { cost: '900' }, changes: { cost } }),
    'a form': (id, _, cost) =>
      runa.post('/api/forms/.near_misses/entries', { ...entry({ cost }), record: { id, from: { cost: '900' } } }),
    'a CSV import': (_, number, cost) => csv(`Number,Cost\n${number},${cost}`, ['number', 'cost'], 'number'),
  };
  /** Lets what points to the owner of a record point to the harbour. */
  const moveOwner = async (id: string) =>
    runa.call('DELETE', `/api/registers/clients/records/${(await read(id)).values.owner}?move_to=${harbour}`);
  const approved = async (): Promise<{ id: string; number: string }> => {
    const { id } = await add({ cost: '900', owner: await client(word()) });
    expect((await decide(id, 'approve')).body.stage).toBe('approved');
    return read(id);
  };

  const WATCHED: typeof COSTS = { ...COSTS, 'moving links': moveOwner };

  test.each(Object.keys(WATCHED))('%s that changes a watched field starts a new round', async (how) => {
    const { id, number } = await approved();
    await WATCHED[how]?.(id, number, '1200');
    expect((await read(id)).sign_off).toMatchObject({ stage: 'waiting', round: 2 });
  });

  test('a change of what nobody watches starts none', async () => {
    const { route } = (await runa.get('/api/workspace')).body.routes[0];
    expect((await runa.put('/api/routes/near_misses', { ...route, watches: ['cost'] })).status).toBe(200);
    const { id } = await add({ cost: '900', owner });
    await decide(id, 'approve');
    await runa.patch(`${LIST}/${id}`, { from: { title: (await read(id)).values.title }, changes: { title: word() } });
    expect((await read(id)).sign_off).toMatchObject({ stage: 'approved', round: 1 });
  });

  describe('with a tolerance, and fields that are locked', () => {
    beforeAll(async () => {
      const [step] = nearMissRoute.steps;
      const tolerance = { field: 'cost', share: '0.05', amount: '50' };
      const steps = [{ ...step, locks: ['title', 'owner'] }];
      const put = await runa.put('/api/routes/near_misses', { ...nearMissRoute, steps, tolerance, watches: ['cost'] });
      expect([put.status, put.body.errors]).toEqual([200, undefined]);
    });

    test.each(Object.keys(COSTS))(
      '%s within the tolerance keeps the signatures, one beyond it does not',
      async (how) => {
        const near = await approved();
        await COSTS[how]?.(near.id, near.number, '940');
        expect(await read(near.id)).toMatchObject({
          values: { cost: '940' },
          sign_off: { stage: 'approved', round: 1 },
        });
        const far = await approved();
        await COSTS[how]?.(far.id, far.number, '951');
        expect((await read(far.id)).sign_off).toMatchObject({ stage: 'waiting', round: 2 });
      },
    );

    /** What would write a locked field, and what it is told. */
    const LOCKED: Readonly<Record<string, (id: string, number: string, was: string) => Promise<unknown>>> = {
      'a change in a list': async (id, _, was) =>
        (await runa.patch(`${LIST}/${id}`, { from: { title: was }, changes: { title: word() } })).body.detail,
      'a form': async (id, _, was) =>
        (
          await runa.post('/api/forms/.near_misses/entries', {
            ...entry({ title: word() }),
            record: { id, from: { title: was } },
          })
        ).body.detail,
      'a CSV import': async (_, number) =>
        (await csv(`Number,Title\n${number},${word()}`, ['number', 'title'], 'number')).refused[0]?.detail,
      'moving links': async (id) => (await moveOwner(id)).body.detail,
    };

    test.each(Object.keys(LOCKED))('%s is refused where it would change what is locked', async (how) => {
      const { id, number } = await approved();
      const before = (await read(id)).values;
      expect(await LOCKED[how]?.(id, number, before.title)).toMatch(
        /(Title|Owner) is locked since Yard manager was asked to sign until it is opened again\./,
      );
      expect((await read(id)).values).toEqual(before);
    });

    test('moving links says which record holds what it would move', async () => {
      const { id, number } = await approved();
      expect((await moveOwner(id)).body.detail).toMatch(new RegExp(`^${number}: Owner is locked `));
    });
  });

  test('a condition over what is worked out is judged by the record as it is stored, and watches what that follows from', async () => {
    const purchases = {
      key: 'purchases',
      label: 'Purchases',
      register: 'purchases',
      steps: [{ label: 'Yard manager', who: { kind: 'role', role: 'yard_manager' }, condition: 'net > 500' }],
      last_resort: { kind: 'role', role: 'operations_manager' },
    };
    const put = await runa.put('/api/routes/purchases', purchases);
    expect([put.status, put.body.errors]).toEqual([200, undefined]);
    const line = (price: string) => [
      { id: newId(), values: { what: 'Paint', quantity: '2', unit_price: price, vat_rate: 'standard' } },
    ];
    const id = newId();
    const lines = line('10');
    const given = { what_for: 'Paint', requested_on: '2026-11-01', state: 'requested', lines };
    const added = await runa.post('/api/registers/purchases/records', { id, values: given });
    expect([added.status, added.body.errors, added.body.goes_to]).toEqual([201, undefined, null]);
    const dear = newId();
    const other = await runa.post('/api/registers/purchases/records', {
      id: dear,
      values: { ...given, lines: line('400') },
    });
    expect(other.body.goes_to).toBe('Yard manager');
    const version = (await runa.get(`/api/registers/purchases/records/${dear}`)).body.version;
    const tray = (await sana.get('/api/in-tray')).body.items;
    const item = tray.find((each: { record: string }) => each.record === dear);
    await sana.post(`/api/sign-offs/${item.sign_off}`, { decision: 'approve', comment: '', version });
    const at = `/api/registers/purchases/records/${dear}`;
    const { values: now } = (await runa.get(at)).body;
    const dearer = [
      { ...now.lines[0], values: { what: 'Paint', quantity: '2', unit_price: '450', vat_rate: 'standard' } },
    ];
    const from = [
      { ...now.lines[0], values: { what: 'Paint', quantity: '2', unit_price: '400', vat_rate: 'standard' } },
    ];
    const changed = await runa.patch(at, { from: { lines: from }, changes: { lines: dearer } });
    expect([changed.status, changed.body.errors]).toEqual([200, undefined]);
    expect(changed.body.sign_off).toMatchObject({ stage: 'waiting', round: 2 });
  });
});
