import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const field = (key: string, type: object, more: object = {}) => ({ key, label: key.toUpperCase(), type, ...more });
const sheds = {
  key: 'sheds',
  singular: 'Shed',
  plural: 'Sheds',
  mark: 'SHE',
  fields: [
    field('name', { kind: 'text' }),
    field('area', { kind: 'number', decimals: 0 }),
    field('colour', { kind: 'text' }),
    field('doors', {
      kind: 'rows',
      singular: 'Door',
      plural: 'Doors',
      fields: [field('wide', { kind: 'number', decimals: 0 }), field('lock', { kind: 'text' })],
    }),
  ],
};

/** What a rehearsal says of the records there are, and what carrying out does with those that break what is asked. */
describe('records that a change to the set-up would find broken', () => {
  let server: TestServer;
  let runa: Caller;
  const ids: string[] = [];

  const changed = (more: object = {}, fields: object[] = sheds.fields) => ({ ...sheds, fields, ...more });
  const smaller = sheds.fields.map((each) =>
    each.key === 'area' ? { ...each, type: { kind: 'number', decimals: 0, most: '10' } } : each,
  );
  const ask = async (path: string, register: object, more: object = {}) => {
    const { version } = (await runa.get('/api/workspace')).body;
    return runa.post(`/api/workspace/${path}`, { version, registers: [register], ...more });
  };
  const said = async (register: object): Promise<{ says: string; breaking?: Record<string, unknown> }[]> => {
    const answer = await ask('rehearse', register);
    expect([answer.status, answer.body.errors]).toEqual([200, undefined]);
    return answer.body.steps;
  };
  const change = (id: string | undefined, from: object, changes: object) =>
    runa.patch(`/api/registers/sheds/records/${id}`, { from, changes });

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
    expect((await ask('carry-out', sheds)).status).toBe(200);
    for (const [name, area, doors] of [
      ['One', '5', []],
      ['Two', '20', [{ id: newId(), values: { wide: '3' } }]],
      ['Three', '30', [{ id: newId(), values: { wide: '9' } }]],
    ] as const) {
      const id = newId();
      const stored = await runa.post('/api/registers/sheds/records', { id, values: { name, area, doors } });
      expect(stored.status).toBe(201);
      ids.push(id);
    }
  }, 60_000);
  afterAll(() => server.stop());

  test('a limit that is tightened names them, with the field they have otherwise', async () => {
    const [step] = await said(changed({}, smaller));
    expect(step?.says).toContain('2 records have it otherwise. They stay as they are until AREA is changed there.');
    expect(step?.breaking).toMatchObject({
      register: 'sheds',
      count: 2,
      fields: ['area'],
      until: 'AREA',
      may_stand: true,
      records: [{ title: 'Two' }, { title: 'Three' }],
    });
  });

  test('of rows it names the records they stand in', async () => {
    const doors = { kind: 'number', decimals: 0, most: '5' };
    const fields = sheds.fields.map((each) =>
      each.key === 'doors'
        ? { ...each, type: { ...each.type, fields: [field('wide', doors), field('lock', { kind: 'text' })] } }
        : each,
    );
    const [step] = await said(changed({}, fields));
    expect(step?.breaking).toMatchObject({ count: 1, fields: ['doors'], records: [{ title: 'Three' }] });
  });

  test('a rule names them too; one whose twin is there may not stand', async () => {
    const must = { kind: 'must', condition: 'area < 25', message: 'Sheds are small.' };
    const [step] = await said(changed({ constraints: [must] }));
    expect(step?.says).toContain('One record breaks it; each must be mended when it is next changed.');
    expect(step?.breaking).toMatchObject({ count: 1, may_stand: true, stands: false, records: [{ title: 'Three' }] });
    await change(ids[0], { colour: null }, { colour: 'Red' });
    await change(ids[1], { colour: null }, { colour: 'RED' });
    const unique = (folded: boolean) => ({ kind: 'unique', fields: ['colour'], folded });
    const [same] = await said(changed({ constraints: [unique(true)] }));
    expect(same?.breaking).toMatchObject({ count: 2, may_stand: false, records: [{ title: 'One' }, { title: 'Two' }] });
    expect((await said(changed({ constraints: [unique(false)] })))[0]).not.toHaveProperty('breaking');
  });

  test('nobody is told of them who may not set up registers', async () => {
    const bea = await server.as('Bea');
    const { version } = (await runa.get('/api/workspace')).body;
    const answer = await bea.post('/api/workspace/rehearse', { version, registers: [changed({}, smaller)] });
    expect(answer.status).toBe(403);
    expect(JSON.stringify(answer.body)).not.toContain('Three');
  });

  test('mended first, it is refused while one breaks it, and done once none does', async () => {
    const refused = await ask('carry-out', changed({}, smaller), { mended_first: true });
    expect([refused.status, refused.body.errors?.[0]?.code]).toEqual([422, 'still_broken']);
    expect(refused.body.errors[0].detail).toContain('2 records of Sheds would still break it');
    await change(ids[1], { area: '20' }, { area: '10' });
    await change(ids[2], { area: '30' }, { area: '9' });
    expect((await said(changed({}, smaller)))[0]).not.toHaveProperty('breaking');
    expect((await ask('carry-out', changed({}, smaller), { mended_first: true })).status).toBe(200);
  });

  test('a rule that lets stand what breaks it holds once what it reads is changed', async () => {
    const must = { kind: 'must', condition: 'area > 9', lets_stand: true };
    expect((await ask('carry-out', changed({ constraints: [must] }, smaller))).status).toBe(200);
    expect((await change(ids[0], { colour: 'Red' }, { colour: 'Blue' })).status).toBe(200);
    expect((await change(ids[0], { area: '5' }, { area: '6' })).status).toBe(422);
  });

  test('a field that goes is told with how many hold something in it, and not how many there are', async () => {
    const constraints = [{ kind: 'must', condition: 'area > 9', lets_stand: true }];
    const without = (key: string) =>
      changed(
        { constraints },
        smaller.filter((each) => each.key !== key),
      );
    expect((await said(without('colour')))[0]?.says).toBe(
      'The field COLOUR of Sheds is set aside with what 2 records hold in it; it can be brought back.',
    );
    expect((await said(without('doors')))[0]?.says).toContain('with what 2 records hold in it');
    const noLock = smaller.map((each) =>
      each.key === 'doors'
        ? { ...each, type: { ...each.type, fields: [field('wide', { kind: 'number', decimals: 0 })] } }
        : each,
    );
    expect((await said(changed({ constraints }, noLock)))[0]?.says).toContain(
      'in which none of the doors holds anything',
    );
  });
});
