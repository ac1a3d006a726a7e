import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const tools = {
  key: 'tools',
  singular: 'Tool',
  plural: 'Tools',
  mark: 'TOO',
  fields: [
    { key: 'name', label: 'Name', type: { kind: 'text' }, required: true },
    { key: 'state', label: 'State', type: { kind: 'choice', list: 'tool_states' } },
    { key: 'price', label: 'Price', type: { kind: 'money', currency: 'GBP' } },
    { key: 'remark', label: 'Remark', type: { kind: 'text' } },
    {
      key: 'parts',
      label: 'Parts',
      type: {
        kind: 'rows',
        singular: 'Part',
        plural: 'Parts',
        fields: [
          { key: 'tool', label: 'Tool', type: { kind: 'link', register: 'tools' } },
          { key: 'what', label: 'What', type: { kind: 'text' } },
          { key: 'cost', label: 'Cost', type: { kind: 'money', currency: 'GBP' } },
        ],
      },
    },
  ],
};
const lendings = {
  key: 'lendings',
  singular: 'Lending',
  plural: 'Lendings',
  mark: 'LEN',
  fields: [
    { key: 'what', label: 'What', type: { kind: 'link', register: 'tools' } },
    { key: 'worth', label: 'Worth', type: { kind: 'money', currency: 'GBP' } },
  ],
};
const states = {
  key: 'tool_states',
  label: 'Tool states',
  choices: ['sound', 'worn', 'broken'].map((code) => ({ code, label: code })),
};
const question = (field: string, ...rules: object[]) => ({ field, rules });

/** Forms that add, forms that change, and what a sender tries against them. */
describe('what a form is for', () => {
  let server: TestServer;
  let runa: Caller;
  let bea: Caller;
  let piet: Caller;

  const publish = async (form: { key: string }): Promise<void> => {
    const at = `/api/forms/${form.key}`;
    expect((await runa.put(`${at}/draft`, form)).body).toMatchObject({});
    const published = await runa.post(`${at}/publish`, { fill_in_by: ['office'], seen_by: ['office'] });
    expect([published.status, published.body.detail]).toEqual([200, undefined]);
  };
  const send = (form: string, values: object, more: object = {}, who = bea) =>
    who.post(`/api/forms/${form}/entries`, {
      id: newId(),
      version: 1,
      filled_in_at: new Date().toISOString(),
      values,
      ...more,
    });
  const stored = async (id: string) => (await runa.get(`/api/registers/tools/records/${id}`)).body.values;
  const codes = (answer: { body: { errors?: { code: string }[] } }) => answer.body.errors?.map((each) => each.code);

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, bea, piet] = await Promise.all([server.as('Runa'), server.as('Bea'), server.as('Piet')]);
    const made = await runa.post('/api/workspace/carry-out', {
      version: 1,
      registers: [tools, lendings],
      choice_lists: [states],
    });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
    await publish({
      key: 'add_tool',
      label: 'Add a tool',
      register: 'tools',
      questions: [
        question('name', { kind: 'must_be_answered' }),
        { ...question('state', { kind: 'offers_only', choices: ['sound', 'worn'] }), page: 'first' },
        {
          ...question('price', { kind: 'starts_as', value: '5' }, { kind: 'locked_when', condition: 'state = "worn"' }),
          page: 'second',
        },
        {
          ...question('remark', { kind: 'hidden_as', value: 'if state = "worn" then "look at it" else null' }),
          page: 'second',
        },
        {
          ...question(
            'parts',
            { kind: 'fills_cell', cell: 'what', from: 'tool.name' },
            { kind: 'fills_cell', cell: 'cost', from: 'tool.price' },
          ),
          page: 'second',
        },
      ].map((each) => ({ page: 'first', ...each })),
      pages: [
        { key: 'first', label: 'First', onward: [{ condition: 'state = null', to: null }] },
        { key: 'second', label: 'Second' },
      ],
    } as { key: string });
    await publish({
      key: 'yearly_check',
      label: 'Yearly check',
      register: 'tools',
      purpose: 'change',
      questions: [
        question('state', { kind: 'must_be_answered' }),
        question('price', { kind: 'must', condition: 'price >= before.price' }),
      ],
    } as { key: string });
  });
  afterAll(() => server?.stop());

  test('hidden and locked questions are worked out by the server, whatever is sent', async () => {
    const sent = await send('add_tool', { name: 'Saw', state: 'worn' });
    expect(sent.status).toBe(201);
    expect(await stored(sent.body.id)).toMatchObject({ state: 'worn', price: '5', remark: 'look at it' });
    expect(codes(await send('add_tool', { name: 'Saw', state: 'worn', price: '1' }))).toEqual(['locked']);
    expect(codes(await send('add_tool', { name: 'Saw', state: 'sound', remark: 'mine' }))).toEqual(['worked_out']);
  });

  test('what a look-up fills into a locked question is read by the server, and stored', async () => {
    await publish({
      key: 'lend_tool',
      label: 'Lend a tool',
      register: 'lendings',
      questions: [
        question('what', { kind: 'fills', question: 'worth', from: 'what.price' }),
        question('worth', { kind: 'locked_when', condition: 'what != null' }),
      ],
    } as { key: string });
    const what = (await send('add_tool', { name: 'Lathe', state: 'worn' })).body.id;
    const sent = await send('lend_tool', { what });
    expect(sent.status).toBe(201);
    const { body } = await runa.get(`/api/registers/lendings/records/${sent.body.id}`);
    expect(body.values).toMatchObject({ what, worth: '5' });
    expect(codes(await send('lend_tool', { what, worth: '999' }))).toEqual(['locked']);
  });

  test('a page that is not on the way takes no answer, and what is not offered is refused', async () => {
    const off = await send('add_tool', { name: 'Saw', price: '9' });
    expect([off.status, codes(off)]).toEqual([422, ['not_asked']]);
    expect(codes(await send('add_tool', { name: 'Saw', state: 'broken' }))).toEqual(['not_offered']);
    expect(codes(await send('add_tool', { name: 'Saw', state: 'melted' }))).toHaveLength(1);
  });

  test('a look-up in a row says what it fills, and no more of the record', async () => {
    const { id } = (await send('add_tool', { name: 'Plane', state: 'worn' })).body;
    const { body } = await bea.get('/api/forms/add_tool/questions/parts.tool/look-up?find=plane');
    expect(body.found).toHaveLength(1);
    expect(body.found[0]).toMatchObject({ id, title: 'Plane', fills: { what: 'Plane', cost: '5' } });
    expect(Object.keys(body.found[0].fills).sort()).toEqual(['cost', 'what']);
  });

  describe('a form that changes', () => {
    const make = async () => (await send('add_tool', { name: 'File', state: 'sound', price: '10' })).body.id;

    test('opens filled in from the record, and changes it', async () => {
      const id = await make();
      const opened = await bea.get(`/api/forms/yearly_check?record=${id}`);
      expect([opened.status, opened.body.record.values.price]).toEqual([200, '10']);
      const record = { id, from: { state: 'sound', price: '10' } };
      const changed = await send('yearly_check', { state: 'worn', price: '12' }, { record });
      expect(changed.status).toBe(201);
      expect(await stored(id)).toMatchObject({ name: 'File', state: 'worn', price: '12' });
      const { body } = await runa.get(`/api/registers/tools/records/${id}/history`);
      expect(body.events[0]).toMatchObject({ action: 'changed' });
    });

    test('its rules read what stood there before', async () => {
      const id = await make();
      const lower = await send(
        'yearly_check',
        { state: 'worn', price: '9' },
        { record: { id, from: { state: 'sound', price: '10' } } },
      );
      expect([lower.status, codes(lower)]).toEqual([422, ['must']]);
      expect(await stored(id)).toMatchObject({ state: 'sound', price: '10' });
    });

    test('adds nothing, and an adding form changes nothing', async () => {
      expect(codes(await send('yearly_check', { state: 'worn' }))).toEqual(['changes_only']);
      const id = await make();
      const record = { id, from: { state: 'sound' } };
      expect((await send('add_tool', { state: 'worn' }, { record })).status).toBe(404);
      expect((await bea.get(`/api/forms/add_tool?record=${id}`)).status).toBe(404);
    });

    test('is closed to who may not fill it in, also by its address', async () => {
      const id = await make();
      expect((await piet.get(`/api/forms/yearly_check?record=${id}`)).status).toBe(404);
      const record = { id, from: { state: 'sound' } };
      expect((await send('yearly_check', { state: 'worn' }, { record }, piet)).status).toBe(404);
    });
  });

  test('a form over fields that cannot be so is refused with every place', async () => {
    const answer = await runa.put('/api/forms/bad/draft', {
      key: 'bad',
      label: 'Bad',
      register: 'tools',
      questions: [
        { ...question('name', { kind: 'fills_cell', cell: 'x', from: 'tool.name' }), page: 'gone' },
        question(
          'parts',
          { kind: 'fills_cell', cell: 'cost', from: 'tool.name' },
          { kind: 'fills_cell', cell: 'cost', from: 'what' },
        ),
      ],
    });
    const published =
      answer.status === 200 ? await runa.post('/api/forms/bad/publish', { fill_in_by: [], seen_by: [] }) : answer;
    expect(published.status).toBe(422);
    expect(codes(published)?.length).toBeGreaterThanOrEqual(4);
  });

  test('how often each form was sent is counted for each person, of what they may fill in', async () => {
    const usedBy = async (who: Caller) => (await who.get('/api/used-forms')).body.forms;
    const before = (await usedBy(bea)).add_tool ?? 0;
    expect((await send('add_tool', { name: 'Adze' })).status).toBe(201);
    expect((await usedBy(bea)).add_tool).toBe(before + 1);
    expect((await usedBy(piet)).add_tool).toBeUndefined();
  });
});
