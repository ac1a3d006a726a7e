import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, TestServer } from '../testing/harness.ts';
import { makeNearMisses, nearMissForm, nearMissRegister, severities } from '../testing/near-misses.ts';

describe('definitions that are sent', () => {
  let server: TestServer;
  let runa: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
    await makeNearMisses(runa);
  });
  afterAll(() => server?.stop());

  const pointers = (answer: { body: { errors?: { pointer: string }[] } }) =>
    (answer.body.errors ?? []).map((each) => each.pointer).sort();
  const rehearse = async (changes: object) => runa.post('/api/workspace/rehearse', { version: 1, ...changes });

  test('carrying out made a real table with columns of the right types and foreign keys', async () => {
    const columns = await server.database.db.execute(
      sql`select column_name, data_type, numeric_scale from information_schema.columns where table_schema = 'records' and table_name = 'near_misses'`,
    );
    const types = Object.fromEntries(columns.rows.map((row) => [row.column_name, row.data_type]));
    expect(types).toMatchObject({
      title: 'text',
      when: 'timestamp with time zone',
      boat: 'uuid',
      cost: 'numeric',
      severity: 'text',
    });
    const keys = await server.database.db.execute(
      sql`select confrelid::regclass::text as target from pg_constraint where conrelid = 'records.near_misses'::regclass and contype = 'f'`,
    );
    expect(keys.rows.map((row) => row.target).sort()).toEqual([
      'choices.severities',
      'records.berths',
      'records.boats',
      'records.clients',
    ]);
  });

  test.each([
    [
      'a tab mark already taken',
      { registers: [{ ...nearMissRegister, key: 'other', mark: 'BOA' }] },
      '#/registers/other/mark',
    ],
    [
      'a reserved key',
      {
        registers: [
          {
            ...nearMissRegister,
            key: 'other',
            mark: 'OTH',
            fields: [{ key: 'me', label: 'Me', type: { kind: 'text' } }],
          },
        ],
      },
      '#/registers/other/fields/0/key',
    ],
    [
      'a function’s name as key',
      {
        registers: [
          {
            ...nearMissRegister,
            key: 'other',
            mark: 'OTH',
            fields: [{ key: 'today', label: 'Today', type: { kind: 'text' } }],
          },
        ],
      },
      '#/registers/other/fields/0/key',
    ],
    ['a label of spaces', { registers: [{ ...nearMissRegister, plural: '   ' }] }, '#/registers/0/plural'],
    [
      'a label over 80 characters',
      { registers: [{ ...nearMissRegister, singular: 'x'.repeat(81) }] },
      '#/registers/0/singular',
    ],
    [
      'a link to nowhere',
      {
        registers: [
          {
            ...nearMissRegister,
            key: 'other',
            mark: 'OTH',
            fields: [{ key: 'a', label: 'A', type: { kind: 'link', register: 'none' } }],
          },
        ],
      },
      '#/registers/other/fields/0/type/register',
    ],
    [
      'another kind for a field with values',
      { registers: [{ ...nearMissRegister, fields: [{ key: 'title', label: 'Title', type: { kind: 'date' } }] }] },
      '#/registers/near_misses/fields/0/type',
    ],
  ])('%s is refused with its place', async (_, changes, pointer) => {
    const answer = await rehearse(changes);
    expect(answer.status).toBe(422);
    expect(pointers(answer)).toContain(pointer);
  });

  test('80 characters of two UTF-16 units each are 80 characters', async () => {
    expect((await rehearse({ registers: [{ ...nearMissRegister, singular: '🚤'.repeat(80) }] })).status).toBe(200);
  });

  test('what was rehearsed on older definitions is not carried out', async () => {
    const { version } = (await runa.get('/api/workspace')).body;
    expect(
      (await runa.post('/api/workspace/carry-out', { version: version - 1, choice_lists: [severities] })).status,
    ).toBe(409);
  });

  test('taking a field away that a form asks is refused, with the form', async () => {
    const answer = await rehearse({
      registers: [{ ...nearMissRegister, fields: nearMissRegister.fields.filter((field) => field.key !== 'cost') }],
    });
    expect(answer.status).toBe(422);
    expect(pointers(answer).some((pointer) => pointer.startsWith('#/forms/report_a_near_miss/questions/5'))).toBe(true);
  });

  test.each([
    ['an unknown field', 'cots > 5', 'Did you mean cost?'],
    ['a number compared with a text', 'cost > "ten"', 'Cost is a number and cannot be compared with a text.'],
    ['what does not parse', 'cost > ', 'Something is missing'],
  ])('a rule with %s is refused in words, with the place', async (_, condition, words) => {
    const questions = nearMissForm.questions.with(0, { field: 'title', rules: [{ kind: 'must', condition }] });
    const answer = await runa.put('/api/forms/wrong/draft', { ...nearMissForm, key: 'wrong', questions });
    expect(answer.status).toBe(422);
    expect(answer.body.errors[0]).toMatchObject({
      pointer: '#/questions/0/rules/0/condition',
      span: expect.anything(),
    });
    expect(answer.body.errors[0].detail).toContain(words);
  });

  test('questions that wait for each other are refused, the circle spelled out', async () => {
    const questions = [
      { field: 'severity', rules: [{ kind: 'asked_when', condition: 'cost > 1' }] },
      { field: 'cost', rules: [{ kind: 'asked_when', condition: 'severity = "damage"' }] },
    ];
    const answer = await runa.put('/api/forms/wrong/draft', { ...nearMissForm, key: 'wrong', questions });
    expect(answer.body.errors[0]).toMatchObject({
      code: 'circle',
      detail: 'These questions wait for each other: Severity → Cost → Severity.',
    });
  });
});
