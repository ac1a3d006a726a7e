import { afterAll, beforeAll, describe, expect, test, vi } from 'vitest';
import { type Caller, newId, TestServer } from '../../testing/harness.ts';

const lockers = {
  key: 'lockers',
  singular: 'Locker',
  plural: 'Lockers',
  mark: 'LCK',
  fields: [
    { key: 'name', label: 'Name', type: { kind: 'text' }, required: true },
    { key: 'room', label: 'Room', type: { kind: 'number', decimals: 0 } },
    { key: 'shelf', label: 'Shelf', type: { kind: 'number', decimals: 0 } },
    { key: 'tag', label: 'Tag', type: { kind: 'text' } },
    { key: 'beside', label: 'Beside', type: { kind: 'link', register: 'lockers' } },
  ],
  constraints: [
    { kind: 'unique', fields: ['tag'], folded: true },
    { kind: 'must', condition: 'shelf = null or room = null or shelf <= room', message: 'Shelf must be at most Room.' },
  ],
};

/** Many records changed at once: rehearsed, carried out each whole, watched, undone as one. */
describe('a change of many records', () => {
  let server: TestServer;
  let runa: Caller;
  let bea: Caller;

  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    [runa, bea] = [await server.as('Runa'), await server.as('Bea')];
    const made = await runa.post('/api/workspace/carry-out', { version: 1, registers: [lockers], choice_lists: [] });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
  });
  afterAll(() => server?.stop());

  const add = async (values: object): Promise<{ id: string; number: string }> => {
    const { body } = await runa.post('/api/registers/lockers/records', { id: newId(), values });
    return { id: body.id, number: body.number };
  };
  const read = async (id: string) => (await runa.get(`/api/registers/lockers/records/${id}`)).body;
  const change = (which: object, deed: object, more: object = {}, who: Caller = runa) =>
    who.post('/api/registers/lockers/many', { which, deed, ...more });
  const over = (id: string) =>
    vi.waitFor(
      async () => {
        const { body } = await runa.get(`/api/many/${id}`);
        if (!['done', 'stopped', 'failed'].includes(body.state)) throw new Error('it still runs');
        return body;
      },
      { timeout: 60_000, interval: 20 },
    );

  test('is rehearsed, says what would be refused and why, and stores nothing', async () => {
    const [wide, narrow, same] = [
      await add({ name: 'Wide', room: '40', shelf: '8' }),
      await add({ name: 'Narrow', room: '12', shelf: '2' }),
      await add({ name: 'Same', room: '60', shelf: '20' }),
    ];
    const ids = [wide.id, narrow.id, same.id, newId()];
    const { status, body } = await change({ ids }, { kind: 'set', values: { shelf: '20' } }, { rehearse: true });
    expect(status).toBe(200);
    expect(body).toMatchObject({ state: 'done', total: 4, changed: 1, unchanged: 1, refused: 2, may_undo: false });
    expect(body.outcomes.map(({ outcome }: { outcome: string }) => outcome)).toEqual([
      'changed',
      'refused',
      'unchanged',
      'refused',
    ]);
    expect(body.reasons[0]).toEqual({ detail: 'Shelf must be at most Room.', count: 1, numbers: [narrow.number] });
    expect((await read(wide.id)).values.shelf).toBe('8');
  });

  test('is carried out, each record whole, and undone as one; what others changed since stays', async () => {
    const some = [
      await add({ name: 'One', room: '40', shelf: '8' }),
      await add({ name: 'Two', room: '12', shelf: '2' }),
      await add({ name: 'Three', room: '40', shelf: '3' }),
    ];
    const [one, , three] = some;
    const { body } = await change({ ids: some.map(({ id }) => id) }, { kind: 'set', values: { shelf: '20' } });
    expect(body).toMatchObject({ kind: 'change', changed: 2, refused: 1, may_undo: true });
    expect((await read(one?.id ?? '')).values.shelf).toBe('20');
    await runa.patch(`/api/registers/lockers/records/${three?.id}`, {
      from: { shelf: '20' },
      changes: { shelf: '21' },
    });

    const undone = await runa.post(`/api/many/${body.id}/undo`, {});
    expect(undone.body).toMatchObject({ kind: 'undoing', changed: 1, refused: 1 });
    expect(undone.body.reasons[0].detail).toContain('Someone else changed Shelf');
    expect((await read(one?.id ?? '')).values.shelf).toBe('8');
    expect((await read(three?.id ?? '')).values.shelf).toBe('21');
    expect((await runa.post(`/api/many/${body.id}/undo`, {})).status).toBe(409);
  });

  test('archives and brings back; what others point to is refused until it is wanted anyway', async () => {
    const first = await add({ name: 'First' });
    const second = await add({ name: 'Second', beside: first.id });
    const ids = [first.id, second.id];
    const { body } = await change({ ids }, { kind: 'archive' });
    expect(body).toMatchObject({ changed: 1, refused: 1 });
    expect(body.reasons[0].detail).toContain('point here');
    await runa.post(`/api/many/${body.id}/undo`, {});
    expect((await read(second.id)).archived_at).toBeNull();
    expect((await change({ ids }, { kind: 'archive', anyway: true })).body).toMatchObject({ changed: 2, refused: 0 });
    expect((await change({ ids }, { kind: 'bring_back' })).body).toMatchObject({ changed: 2, refused: 0 });
  });

  test('what only one may hold is given to the first, and refused to the others', async () => {
    const ids = [(await add({ name: 'Left' })).id, (await add({ name: 'Right' })).id];
    const deed = { kind: 'set', values: { tag: 'blue' } };
    expect((await change({ ids }, deed, { rehearse: true })).body).toMatchObject({ changed: 1, refused: 1 });
    expect((await change({ ids }, deed)).body).toMatchObject({ changed: 1, refused: 1 });
  });

  test('all that fit a list are changed by a job that can be watched, and undone by one', async () => {
    const records = Array.from({ length: 130 }, (_, i) => ({ id: newId(), values: { name: `Row ${i}`, room: '7' } }));
    await runa.post('/api/registers/lockers/import', { records });
    const list = { filter: 'starts with(name, "Row") and room = 7' };
    const begun = await change({ list }, { kind: 'set', values: { room: '9' } });
    expect([begun.status, begun.body.total]).toEqual([200, 130]);
    const done = await over(begun.body.id);
    expect(done).toMatchObject({ state: 'done', through: 130, changed: 130, refused: 0, may_undo: true });
    const count = async (room: number) =>
      (await runa.get(`/api/registers/lockers/records?filter=${encodeURIComponent(`room = ${room}`)}`)).body.count;
    expect([await count(7), await count(9)]).toEqual([0, 130]);
    const undoing = await runa.post(`/api/many/${begun.body.id}/undo`, {});
    expect(await over(undoing.body.id)).toMatchObject({ changed: 130, refused: 0 });
    expect([await count(7), await count(9)]).toEqual([130, 0]);
  });

  test('is refused as a whole where its value is none, its register is not there, or it may not be done', async () => {
    const { id } = await add({ name: 'Whole' });
    const wrong = await change({ ids: [id] }, { kind: 'set', values: { room: 'plenty', nothing: '1' } });
    expect(wrong.status).toBe(422);
    expect(wrong.body.errors.map(({ pointer }: { pointer: string }) => pointer).sort()).toEqual([
      '#/deed/values/nothing',
      '#/deed/values/room',
    ]);
    expect((await change({ ids: [] }, { kind: 'archive' })).status).toBe(422);
    const piet = await server.as('Piet');
    expect((await change({ ids: [id] }, { kind: 'archive' }, {}, piet)).status).toBe(404);
    const own = await change({ ids: [id] }, { kind: 'set', values: { room: '1' } });
    expect((await bea.get(`/api/many/${own.body.id}`)).status).toBe(404);
    expect((await bea.post(`/api/many/${own.body.id}/undo`, {})).status).toBe(404);
  });
});
