import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const loans = {
  key: 'loans',
  singular: 'Loan',
  plural: 'Loans',
  mark: 'LOA',
  fields: [
    { key: 'what', label: 'What', type: { kind: 'text' }, required: true },
    { key: 'state', label: 'State', type: { kind: 'choice', list: 'loan_states' } },
    { key: 'days', label: 'Days', type: { kind: 'number', decimals: 0 } },
    { key: 'why', label: 'Why', type: { kind: 'text' } },
    { key: 'boat', label: 'Boat', type: { kind: 'link', register: 'boats' } },
    {
      key: 'parts',
      label: 'Parts',
      type: {
        kind: 'rows',
        singular: 'Part',
        plural: 'Parts',
        fields: [
          { key: 'name', label: 'Name', type: { kind: 'text' } },
          { key: 'broken', label: 'Broken', type: { kind: 'yes_no' } },
          { key: 'damage', label: 'Damage', type: { kind: 'text' } },
        ],
      },
    },
  ],
};
const choice = (code: string, more: object = {}) => ({ code, label: code, ...more });
const states = { key: 'loan_states', label: 'Loan states', choices: [choice('out'), choice('back'), choice('lost')] };
const form = (...more: object[]) => ({
  key: 'lend',
  label: 'Lend',
  register: 'loans',
  questions: [
    { field: 'what', rules: [{ kind: 'must_be_answered' }] },
    { field: 'state', rules: [{ kind: 'offers_only', choices: ['out', 'lost'] }] },
    { field: 'days', rules: [{ kind: 'must', condition: 'days <= 30', message: 'A month at most.' }] },
    {
      field: 'parts',
      columns: [{ field: 'damage', rules: [{ kind: 'asked_when', condition: 'broken = true' }] }],
    },
    ...more,
  ],
});

/** Entries that no form of ours would send: each is answered with every reason, and nothing is stored. */
describe('an entry built by hand', () => {
  let server: TestServer;
  let runa: Caller;
  let bea: Caller;
  let piet: Caller;
  let gone: string;

  const publish = async (definition: object): Promise<number> => {
    expect((await runa.put('/api/forms/lend/draft', definition)).status).toBe(200);
    const published = await runa.post('/api/forms/lend/publish', { fill_in_by: ['office'], seen_by: ['office'] });
    return published.body.version;
  };
  const entry = (values: object, version: number) => ({
    id: newId(),
    version,
    filled_in_at: new Date().toISOString(),
    values,
  });
  const count = async () => (await runa.get('/api/registers/loans/records?limit=1')).body.total;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, bea, piet] = await Promise.all([server.as('Runa'), server.as('Bea'), server.as('Piet')]);
    const made = await runa.post('/api/workspace/carry-out', {
      version: 1,
      registers: [loans],
      choice_lists: [states],
    });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
    // A choice that was offered once, and a record that is archived.
    const { version } = (await runa.get('/api/workspace')).body;
    const retired = { ...states, choices: [choice('out'), choice('back'), choice('lost', { retired: true })] };
    await runa.post('/api/workspace/carry-out', { version, registers: [], choice_lists: [retired] });
    const add = async (register: string, values: object): Promise<string> => {
      const id = newId();
      const added = await runa.post(`/api/registers/${register}/records`, { id, values });
      expect([added.status, added.body.errors]).toEqual([201, undefined]);
      return id;
    };
    gone = await add('boats', { name: 'Gone', owner: await add('clients', { name: 'Petra Pell' }) });
    expect((await runa.call('DELETE', `/api/registers/boats/records/${gone}`)).status).toBeLessThan(300);
    await publish(form());
    await publish(
      form({ field: 'why', rules: [{ kind: 'asked_when', condition: 'state = "out"' }] }, { field: 'boat' }),
    );
  }, 60_000);
  afterAll(() => server?.stop());

  const part = (values: object) => ({ parts: [{ id: newId(), values }] });
  test.each<[string, object, number, readonly string[]]>([
    ['answers what the form does not ask', { what: 'a', colour: 'red' }, 2, ['#/values/colour not_asked']],
    ['answers what is not asked with these answers', { what: 'a', why: 'x' }, 2, ['#/values/why not_asked']],
    [
      'answers a cell that its row does not ask',
      { what: 'a', ...part({ damage: 'x' }) },
      2,
      ['#/values/parts not_asked'],
    ],
    ['picks a choice that is retired', { what: 'a', state: 'lost' }, 2, ['#/values/state retired_choice']],
    ['picks a choice that the form does not offer', { what: 'a', state: 'back' }, 2, ['#/values/state not_offered']],
    ['picks a choice of another list', { what: 'a', state: 'gbp' }, 2, ['#/values/state not_a_choice']],
    ['breaks a rule of the form', { what: 'a', days: '31' }, 2, ['#/values/days must']],
    ['leaves out what must be answered', { days: '3' }, 2, ['#/values/what required']],
    [
      'is of the wrong kind',
      { what: ['a'], days: 'many' },
      2,
      ['#/values/what wrong_type', '#/values/days not_a_number'],
    ],
    ['links to a record that there is not', { what: 'a', boat: newId() }, 2, ['#/values/boat unknown_record']],
    ['names a version that there is not', { what: 'a' }, 9, ['#/version unknown_version']],
    ['answers what its older version did not ask', { what: 'a', boat: newId() }, 1, ['#/values/boat not_asked']],
    [
      'does several of these at once',
      { colour: 'red', state: 'back', days: '31', why: 'x' },
      2,
      [
        '#/values/colour not_asked',
        '#/values/what required',
        '#/values/state not_offered',
        '#/values/days must',
        '#/values/why not_asked',
      ],
    ],
  ])('that %s is refused with every reason, and nothing is stored', async (_, values, version, reasons) => {
    const before = await count();
    const answer = await bea.post('/api/forms/lend/entries', entry(values, version));
    const told = answer.body.errors?.map((each: { pointer: string; code: string }) => `${each.pointer} ${each.code}`);
    expect([answer.status, told]).toEqual([422, reasons]);
    expect(await count()).toBe(before);
  });

  test('a record that is archived is offered to nobody, and cannot be linked to', async () => {
    const answer = await bea.post('/api/forms/lend/entries', entry({ what: 'a', boat: gone }, 2));
    expect([answer.status, answer.body.errors?.[0].code, await count()]).toEqual([422, 'unknown_record', 0]);
  });

  test('through a form that is not there, or not theirs, there is nothing: 404', async () => {
    const sent = entry({ what: 'a' }, 2);
    expect((await bea.post('/api/forms/no_such/entries', sent)).status).toBe(404);
    expect((await piet.post('/api/forms/lend/entries', sent)).status).toBe(404);
    expect((await server.stranger().post('/api/forms/lend/entries', sent)).status).toBe(401);
    expect(await count()).toBe(0);
  });

  test('what is said names the question and the rule in words', async () => {
    const answer = await bea.post('/api/forms/lend/entries', entry({ days: '31' }, 2));
    expect(answer.body.errors.map((each: { detail: string }) => each.detail)).toEqual([
      'What must be answered.',
      'A month at most.',
    ]);
  });

  test('an entry begun on the version before is taken as that one asked', async () => {
    const answer = await bea.post('/api/forms/lend/entries', entry({ what: 'a', state: 'out' }, 1));
    expect([answer.status, await count()]).toEqual([201, 1]);
  });
});
