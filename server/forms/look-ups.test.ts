import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const field = (key: string, type: object) => ({ key, label: `${key[0]?.toUpperCase()}${key.slice(1)}`, type });
const parts = {
  key: 'parts',
  singular: 'Part',
  plural: 'Parts',
  mark: 'PRT',
  alike: ['name'],
  fields: [
    field('name', { kind: 'text' }),
    field('email', { kind: 'email' }),
    field('price', { kind: 'money', currency: 'GBP' }),
    field('sold', { kind: 'yes_no' }),
  ],
};
const orders = {
  key: 'orders',
  singular: 'Order',
  plural: 'Orders',
  mark: 'ORD',
  fields: [
    field('what', { kind: 'text' }),
    field('most', { kind: 'money', currency: 'GBP' }),
    field('part', { kind: 'link', register: 'parts' }),
    field('reach', { kind: 'email' }),
    field('about', { kind: 'text' }),
  ],
};
const ask = (name: string, ...rules: object[]) => ({ field: name, rules });
const CONDITION = 'sold != true and (entry.most = null or price <= entry.most)';

/** Look-ups, where a form is opened from, uniqueness, and entries that wait, as a caller meets them. */
describe('what a form asks of other records', () => {
  let server: TestServer;
  let runa: Caller;
  let bea: Caller;
  let piet: Caller;
  const part: Record<string, string> = {};

  const publish = async (form: { key: string }, roles = ['office']) => {
    const kept = await runa.put(`/api/forms/${form.key}/draft`, form);
    expect([kept.status, kept.body.errors]).toEqual([200, undefined]);
    const published = await runa.post(`/api/forms/${form.key}/publish`, { fill_in_by: roles, seen_by: ['office'] });
    expect([published.status, published.body.detail]).toEqual([200, undefined]);
    return published.body.version as number;
  };
  const send = (form: string, values: object, more: object = {}, who = bea, version = 1) =>
    who.post(`/api/forms/${form}/entries`, {
      id: newId(),
      version,
      filled_in_at: new Date().toISOString(),
      values,
      ...more,
    });
  const offered = async (query: string, who = bea, form = 'order', question = 'part') => {
    const answer = await who.get(`/api/forms/${form}/questions/${question}/look-up?${query}`);
    return answer.status === 200 ? answer.body.found.map((each: { title: string }) => each.title) : answer.status;
  };
  const problems = (answer: { body: { errors?: { pointer: string; code: string }[] } }) =>
    answer.body.errors?.map((each) => `${each.pointer} ${each.code}`);
  const json = (value: unknown) => encodeURIComponent(JSON.stringify(value));

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, bea, piet] = await Promise.all([server.as('Runa'), server.as('Bea'), server.as('Piet')]);
    const made = await runa.post('/api/workspace/carry-out', {
      version: 1,
      registers: [parts, orders],
      choice_lists: [],
    });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
    await publish({ key: 'new_part', label: 'New part', register: 'parts', questions: [ask('name')] } as never);
    for (const [name, price, sold] of [
      ['Shackle', '4.00', false],
      ['Block', '40.00', false],
      ['Rope', '9.00', true],
    ] as const) {
      const id = newId();
      const values = { name, price, sold, email: `${name.toLowerCase()}@example.org` };
      const stored = await runa.post('/api/registers/parts/records', { id, values });
      expect(stored.status).toBe(201);
      part[name] = id;
    }
    await publish({
      key: 'order',
      label: 'Order',
      register: 'orders',
      questions: [
        ask('what', { kind: 'must_be_unique', message: 'That was ordered already.' }),
        ask('most'),
        ask(
          'part',
          { kind: 'offers_where', condition: CONDITION },
          { kind: 'fills', question: 'about', from: 'part.name' },
        ),
        ask('reach', { kind: 'fetches', question: 'part', by: 'email' }),
        ask('about'),
      ],
    } as never);
  }, 60_000);
  afterAll(() => server.stop());

  test('a look-up offers only what its condition lets through, by the answers so far', async () => {
    expect(await offered('find=')).toEqual(['Block', 'Shackle']);
    expect(await offered(`find=&answers=${json({ most: '5' })}`)).toEqual(['Shackle']);
    expect(await offered(`find=blo&answers=${json({ most: '5' })}`)).toEqual([]);
    // An answer that cannot be read counts as none, and is no way in.
    expect(await offered(`find=&answers=${json({ most: "5'; drop table" })}`)).toEqual(['Block', 'Shackle']);
    expect(await offered(`find=&only=${part.Rope},${part.Block}`)).toEqual(['Block']);
  });

  test('words with one slip offer what they are near to, of what is offered alone', async () => {
    const meant = async (find: string, answers: object = {}) => {
      const query = `find=${find}&answers=${json(answers)}`;
      const { body } = await bea.get(`/api/forms/order/questions/part/look-up?${query}`);
      return [body.meant, ...body.found.map((each: { title: string }) => each.title)];
    };
    expect(await meant('shakcle')).toEqual(['shackle', 'Shackle']);
    expect(await meant('blok')).toEqual(['block', 'Block']);
    // What was found needs no mending; what these answers do not offer is not given away; nor what else a part holds.
    expect(await meant('shac')).toEqual([null, 'Shackle']);
    expect(await meant('blokc', { most: '5' })).toEqual([null]);
    expect(await meant('ropee')).toEqual([null]);
    expect(await meant('exampel')).toEqual([null]);
  });

  test('an entry built by hand cannot take what is not offered', async () => {
    expect(problems(await send('order', { what: 'a', part: part.Rope }))).toEqual(['#/values/part not_offered']);
    expect(problems(await send('order', { what: 'a', most: '5', part: part.Block }))).toEqual([
      '#/values/part not_offered',
    ]);
    expect((await send('order', { what: 'a', most: '5', part: part.Shackle })).status).toBe(201);
  });

  test('a look-up in rows offers by its own condition, and an entry cannot take another there', async () => {
    const kits = {
      ...orders,
      key: 'kits',
      singular: 'Kit',
      plural: 'Kits',
      mark: 'KIT',
      fields: [
        field('name', { kind: 'text' }),
        field('most', { kind: 'money', currency: 'GBP' }),
        field('lines', {
          kind: 'rows',
          singular: 'Line',
          plural: 'Lines',
          fields: [field('part', { kind: 'link', register: 'parts' }), field('about', { kind: 'text' })],
        }),
      ],
    };
    const { version: now } = (await runa.get('/api/workspace')).body;
    const made = await runa.post('/api/workspace/carry-out', { version: now, registers: [kits], choice_lists: [] });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
    await publish({
      key: 'kit',
      label: 'Kit',
      register: 'kits',
      questions: [
        ask('name'),
        ask('most'),
        {
          ...ask('lines', { kind: 'fills_cell', cell: 'about', from: 'part.name' }),
          columns: [ask('part', { kind: 'offers_where', condition: CONDITION })],
        },
      ],
    } as never);
    expect(await offered(`find=&answers=${json({ most: '5' })}`, bea, 'kit', 'lines.part')).toEqual(['Shackle']);
    const kit = (...names: string[]) => ({
      most: '5',
      lines: names.map((name) => ({ id: newId(), values: { part: part[name], about: name } })),
    });
    expect(problems(await send('kit', kit('Shackle', 'Block')))).toEqual(['#/values/lines not_offered']);
    expect((await send('kit', kit('Shackle', 'Shackle'))).status).toBe(201);
  });

  test('a key fetches its record, by the field the form names and no other', async () => {
    expect(await offered('key=block%40example.org&by=email')).toEqual(['Block']);
    expect(await offered('key=BLOCK%40EXAMPLE.ORG&by=email')).toEqual(['Block']);
    expect(await offered('key=nobody%40example.org&by=email')).toEqual([]);
    expect(await offered('key=Block&by=name')).toBe(404);
    // What is not offered is not fetched either.
    expect(await offered('key=rope%40example.org&by=email')).toEqual([]);
  });

  test('what must be unique is told while it is typed, and refused when it is sent', async () => {
    expect((await send('order', { what: 'Crème brûlée' })).status).toBe(201);
    const same = await bea.get(`/api/forms/order/questions/what/duplicates?value=${json('creme  BRULEE')}`);
    expect(same.body).toMatchObject({ any: true, found: [{ title: 'Crème brûlée' }] });
    const refused = await send('order', { what: 'CREME BRULEE' });
    expect(refused.body.errors).toMatchObject([{ pointer: '#/values/what', detail: 'That was ordered already.' }]);
    expect((await bea.get(`/api/forms/order/questions/what/duplicates?value=${json('Crème')}`)).body.any).toBe(false);
    // Fields that nobody named are not for guessing.
    expect((await bea.get(`/api/forms/order/questions/about/duplicates?value=${json('x')}`)).status).toBe(404);
  });

  test('the same entry sent twice is one record, also where it must be unique', async () => {
    const id = newId();
    const body = { id, version: 1, filled_in_at: new Date().toISOString(), values: { what: 'once' } };
    const [first, second] = [
      await bea.post('/api/forms/order/entries', body),
      await bea.post('/api/forms/order/entries', body),
    ];
    expect([first.status, second.status, second.body.number === first.body.number]).toEqual([201, 201, true]);
  });

  test('a form opened from a record, or by an address, begins with what that says', async () => {
    const version = await publish({
      key: 'reorder',
      label: 'Reorder',
      register: 'orders',
      questions: [
        ask(
          'part',
          { kind: 'starts_as_opened', register: 'parts' },
          { kind: 'hidden' },
          { kind: 'fills', question: 'about', from: 'part.name' },
        ),
        ask('about', { kind: 'hidden' }),
        ask('most', { kind: 'starts_as_opened', register: 'parts', from: 'price' }),
        ask('what', { kind: 'starts_as_addressed', name: 'for' }),
      ],
    } as never);
    const opened = { from: { register: 'parts', id: part.Block }, address: { for: 'Piet', most: '1' } };
    const form = await bea.get(`/api/forms/reorder?opened=${json(opened)}`);
    expect(form.body.begun.values).toEqual({ part: part.Block, most: '40', what: 'Piet' });
    expect(form.body.begun.links.part?.title).toBe('Block');
    expect(form.body.begun.snapshots.part.fills).toEqual({ about: 'Block' });
    // What is hidden the server reads itself: a sender cannot put something else there.
    const forged = await send('reorder', { part: part.Rope, what: 'x' }, { opened }, bea, version);
    expect(problems(forged)).toEqual(['#/values/part locked']);
    const sent = await send('reorder', { what: 'x', most: '40' }, { opened }, bea, version);
    const stored = await runa.get(`/api/registers/orders/records/${sent.body.id}`);
    // What it fills into what is hidden as well.
    expect(stored.body.values).toMatchObject({ part: part.Block, about: 'Block' });
    // Where the record may not be seen, or is none, nothing comes of it.
    const strange = { from: { register: 'parts', id: newId() } };
    expect((await bea.get(`/api/forms/reorder?opened=${json(strange)}`)).body.begun.values).toEqual({});
    expect((await bea.get('/api/forms/reorder?opened=%7Bnot')).status).toBe(422);
  });

  test('a form is filled in only from its first day to its last, and so many times', async () => {
    const day = (by: number) => new Date(Date.now() + by * 86_400_000).toISOString().slice(0, 10);
    const about = (key: string, more: object) => ({
      key,
      label: 'About',
      register: 'orders',
      questions: [ask('about')],
      ...more,
    });
    await publish(about('later', { open_from: day(3) }));
    await publish(about('before', { open_until: day(-3) }));
    await publish(about('twice', { open_from: day(-3), open_until: day(3), at_most: { times: 2, per: 'person' } }));
    const later = await bea.get('/api/forms/later');
    expect([later.status, later.body.detail]).toEqual([
      403,
      expect.stringMatching(/^This form can be filled in from \d/),
    ]);
    expect((await send('before', { about: 'x' })).body.detail).toMatch(/^This form could be filled in until \d/);
    // Who makes it may try it.
    expect((await runa.get('/api/forms/later')).status).toBe(200);
    const statuses = [];
    for (let i = 0; i < 3; i++) statuses.push((await send('twice', { about: `n${i}` })).status);
    expect(statuses).toEqual([201, 201, 403]);
  });

  test('an entry that is not sent is kept for its person, and gone once it is sent', async () => {
    const id = newId();
    const kept = { form: 'order', version: 1, record: null, title: 'Rope for Piet', body: { typed: { what: 'Rope' } } };
    expect((await bea.put(`/api/kept/${id}`, kept)).status).toBe(204);
    expect((await bea.put(`/api/kept/${id}`, { ...kept, title: 'Rope for Sana' })).status).toBe(204);
    expect((await bea.get('/api/kept')).body.entries).toMatchObject([{ id, label: 'Order', title: 'Rope for Sana' }]);
    expect((await bea.get(`/api/kept/${id}`)).body.body).toEqual({ typed: { what: 'Rope' } });
    // Nobody else's.
    expect((await piet.get('/api/kept')).body.entries).toEqual([]);
    expect((await piet.get(`/api/kept/${id}`)).status).toBe(404);
    expect((await server.stranger().get('/api/kept')).status).toBe(401);
    await piet.call('DELETE', `/api/kept/${id}`);
    expect((await bea.get('/api/kept')).body.entries).toHaveLength(1);
    const sent = await send('order', { what: 'Rope, at last' }, { id });
    expect([sent.status, (await bea.get('/api/kept')).body.entries]).toEqual([201, []]);
  });

  test('a form that no longer fits its register is filled in as it last fitted, and says so in set-up', async () => {
    const asks = (...fields: string[]) => ({
      key: 'fit',
      label: 'Fit',
      register: 'orders',
      questions: fields.map((name) => ask(name)),
    });
    await publish(asks('about'));
    await publish(asks('about', 'most'));
    const workspace = (await runa.get('/api/workspace')).body;
    const register = workspace.registers.find((each: { key: string }) => each.key === 'orders');
    const without = { ...register, fields: register.fields.filter((each: { key: string }) => each.key !== 'most') };
    const carried = await runa.post('/api/workspace/carry-out', {
      version: workspace.version,
      registers: [without],
      choice_lists: [],
    });
    // The form that has no version without the field stands in the way; the others would go on as they were.
    expect([carried.status, Object.keys(carried.body.errors ?? {}).length > 0]).toEqual([422, true]);
    for (const key of ['order', 'reorder'])
      await publish({ key, label: key, register: 'orders', questions: [ask('what')] } as never);
    const changes = {
      version: (await runa.get('/api/workspace')).body.version,
      registers: [without],
      choice_lists: [],
    };
    const again = await runa.post('/api/workspace/carry-out', changes);
    expect([again.status, again.body.steps.map((each: { says: string }) => each.says)]).toEqual([
      200,
      expect.arrayContaining([
        'The form Fit no longer fits: until it is mended and published, its version 1 is filled in.',
      ]),
    ]);
    const form = await bea.get('/api/forms/fit');
    expect([form.status, form.body.version]).toEqual([200, 1]);
    const { versions } = (await runa.get('/api/forms/fit/versions')).body;
    expect(
      versions.map((each: { version: number; open: boolean; problems: string[] }) => [
        each.version,
        each.open,
        each.problems,
      ]),
    ).toEqual([
      [2, false, ['Orders have no field “most”.']],
      [1, true, []],
    ]);
    expect((await bea.get('/api/forms/fit/versions')).status).toBe(403);
  });
});
