import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { KeptListAnswer } from '#contract/index.ts';
import { type Caller, TestServer } from '../testing/harness.ts';

const ownKey = (): string => `own_${randomUUID().replaceAll('-', '')}`;

/** What of a list a test says; the rest is as it is left out. */
interface Said {
  readonly register?: string;
  readonly label?: string;
  readonly view?: Readonly<Record<string, string>>;
  readonly shared_with?: readonly string[];
  readonly first_for?: readonly string[];
  readonly pinned_for?: readonly string[];
}

describe('lists that are kept', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;
  let ines: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, piet, ines] = [await server.as('Runa'), await server.as('Piet'), await server.as('Ines')];
  });
  afterAll(() => server?.stop());

  const keep = (who: Caller, key: string, said: Said, revision = 0) =>
    who.put(`/api/lists/${key}`, { list: { key, label: 'Mine', register: 'stock', ...said }, revision });
  const offered = async (who: Caller): Promise<Record<string, KeptListAnswer>> =>
    Object.fromEntries(
      (await who.get('/api/lists')).body.lists.map((each: KeptListAnswer) => [each.list.key, each] as const),
    );

  test('one’s own is offered to nobody else, and cannot be changed or retired by them', async () => {
    const key = ownKey();
    const view = { filter: 'shelf = "A1"', sort: '-name', by: 'group', totals: 'sum:on_hand' };
    const kept = await keep(piet, key, { view });
    expect(kept.body).toMatchObject({ own: true, may_change: true, revision: 1, list: { label: 'Mine', view } });
    expect((await offered(piet))[key]).toEqual(kept.body);
    expect((await offered(runa))[key]).toBeUndefined();
    expect((await keep(runa, key, {}, 1)).status).toBe(404);
    expect((await runa.call('DELETE', `/api/lists/${key}`)).status).toBe(404);
  });

  test('a shared one takes the right to set up lists, and is offered to its roles', async () => {
    const shared = { shared_with: ['yard_hand'], first_for: ['yard_hand'], label: 'On the shelf' };
    expect((await keep(piet, 'on_the_shelf', shared)).status).toBe(403);
    expect((await keep(runa, 'on_the_shelf', shared)).status).toBe(200);
    expect((await offered(piet)).on_the_shelf).toMatchObject({ own: false, may_change: false, opens_first: true });
    expect((await offered(ines)).on_the_shelf).toBeUndefined();
    expect((await piet.call('DELETE', '/api/lists/on_the_shelf')).status).toBe(403);
    expect((await ines.call('DELETE', '/api/lists/on_the_shelf')).status).toBe(404);
    expect((await offered(runa)).on_the_shelf).toMatchObject({ may_change: true, opens_first: false });
  });

  test('of two who change one at the same moment the second is told, and nothing is lost', async () => {
    await keep(runa, 'two_at_once', { shared_with: ['office'] });
    const both = await Promise.all(
      ['One', 'Two'].map((label) => keep(runa, 'two_at_once', { label, shared_with: ['office'] }, 1)),
    );
    expect(both.map(({ status }) => status).sort()).toEqual([200, 409]);
    expect((await offered(runa)).two_at_once?.revision).toBe(2);
    const news = await Promise.all([1, 2].map(() => keep(runa, 'made_twice', { shared_with: ['office'] })));
    expect(news.map(({ status }) => status).sort()).toEqual([200, 409]);
  });

  test('columns and totals that one may not see drop out; a list that is made of such is not there', async () => {
    const shared_with = ['yard_hand'];
    const view = {
      columns: 'name,cost_price,supplier.name,shelf',
      totals: 'sum:cost_price,sum:on_hand',
      sort: 'name,-margin',
    };
    await keep(runa, 'with_costs', { shared_with, view });
    expect((await offered(runa)).with_costs?.list.view).toMatchObject(view);
    expect((await offered(piet)).with_costs?.list.view).toMatchObject({
      columns: 'name,shelf',
      totals: 'sum:on_hand',
      sort: 'name',
    });
    for (const [key, of] of Object.entries({
      by_filter: { filter: 'cost_price > 10' },
      by_group: { by: 'cost_price:0/10' },
      by_first_key: { sort: '-cost_price,name' },
    })) {
      expect((await keep(runa, key, { shared_with, view: of })).status).toBe(200);
      expect((await offered(piet))[key]).toBeUndefined();
      expect((await piet.call('DELETE', `/api/lists/${key}`)).status).toBe(404);
      // Nor can one be made so by whoever does not see it: what is hidden is refused like what never was.
      const hidden = await keep(piet, ownKey(), { view: of });
      const never = await keep(piet, ownKey(), {
        view: Object.fromEntries(
          Object.entries(of).map(([part, text]) => [part, text.replace('cost_price', 'cost_prize')]),
        ),
      });
      expect(hidden.status).toBe(422);
      expect(JSON.stringify(hidden.body.errors).replaceAll('cost_price', 'cost_prize')).toBe(
        JSON.stringify(never.body.errors),
      );
    }
    // A list of a register of which somebody sees nothing is not theirs, whoever it is shared with.
    await keep(runa, 'of_gifts', { register: 'donations', shared_with });
    expect((await offered(piet)).of_gifts).toBeUndefined();
  });

  test('what is wrong is told in words, at its place', async () => {
    const wrong = async (said: Said, key = ownKey()) => (await keep(runa, key, said)).body.errors;
    expect(await wrong({ register: 'no_such' })).toMatchObject([{ detail: 'There is no register “no_such”.' }]);
    expect(await wrong({ view: { filter: 'colour = "red"' } })).toMatchObject([{ pointer: '#/list/view/filter' }]);
    expect(await wrong({ view: { by: 'colour' } })).toMatchObject([
      { pointer: '#/list/view/by', detail: 'Stock have no field “colour” to group by.' },
    ]);
    expect(await wrong({ shared_with: ['pirate'] }, 'for_pirates')).toMatchObject([
      { detail: 'There is no role “pirate”.' },
    ]);
    expect(await wrong({ shared_with: ['office'] })).toMatchObject([{ pointer: '#/list' }]);
    expect(await wrong({ shared_with: ['office'], first_for: ['client'] }, 'for_others')).toMatchObject([
      { detail: 'A list that opens first, or is pinned, for a role is shared with it.' },
    ]);
  });

  test('retired it is offered to nobody, and comes back when it is kept again', async () => {
    const said = { shared_with: ['yard_hand'], label: 'For a while' };
    await keep(runa, 'for_a_while', said);
    expect((await runa.call('DELETE', '/api/lists/for_a_while')).status).toBe(204);
    expect((await offered(piet)).for_a_while).toBeUndefined();
    const retired = (await offered(runa)).for_a_while;
    expect(retired).toMatchObject({ retired: true, list: { label: 'For a while' } });
    expect((await keep(runa, 'for_a_while', said, retired?.revision)).body).toMatchObject({ retired: false });
    expect((await offered(piet)).for_a_while).toBeDefined();
  });

  test('a field’s new key is written into it; a field that is set aside is told to whoever can mend it', async () => {
    const key = ownKey();
    const said = {
      shared_with: ['yard_hand'],
      view: {
        filter: 'shelf = "A1"',
        columns: 'name,shelf,unit',
        sort: '-shelf,name',
        by: 'shelf:letter',
        totals: 'different:shelf',
      },
    };
    await keep(runa, 'by_shelf', said);
    await keep(piet, key, { view: { columns: 'shelf,name' } });
    const { version } = (await runa.get('/api/workspace')).body;
    const renames = [{ register: 'stock', from: 'shelf', to: 'stands_at' }];
    expect((await runa.post('/api/workspace/carry-out', { version, renames })).status).toBe(200);
    expect((await offered(piet)).by_shelf?.list.view).toMatchObject({
      filter: 'stands_at = "A1"',
      columns: 'name,stands_at,unit',
      sort: '-stands_at,name',
      by: 'stands_at:letter',
      totals: 'different:stands_at',
    });
    expect((await offered(piet))[key]?.list.view.columns).toBe('stands_at,name');
  });

  test('with a field that is set aside it is offered to whoever can mend it, and says what is wrong', async () => {
    const stockWith = async (change: (fields: { key: string }[]) => object[]) => {
      const { version, registers } = (await runa.get('/api/workspace')).body;
      const stock = registers.find((register: { key: string }) => register.key === 'stock');
      const changed = { ...stock, fields: change(stock.fields) };
      const done = await runa.post('/api/workspace/carry-out', { version, registers: [changed] });
      expect(done.status, JSON.stringify(done.body)).toBe(200);
    };
    await stockWith((fields) => [
      ...fields,
      { key: 'lot_size', label: 'Lot size', type: { kind: 'number', decimals: 0 } },
    ]);
    const key = ownKey();
    const view = { filter: 'lot_size > 1', columns: 'name,lot_size,unit' };
    await keep(runa, 'bought_in_lots', { shared_with: ['yard_hand'], view });
    await keep(piet, key, { view: { columns: 'name,lot_size' } });
    expect((await offered(piet)).bought_in_lots).toBeDefined();
    await stockWith((fields) => fields.filter((field) => field.key !== 'lot_size'));
    expect((await offered(piet)).bought_in_lots).toBeUndefined();
    const stale = (await offered(runa)).bought_in_lots;
    expect(stale?.problems).toEqual([expect.stringContaining('lot_size')]);
    expect(stale?.list.view).toMatchObject({ filter: 'lot_size > 1', columns: 'name,unit' });
    expect((await offered(piet))[key]?.list.view.columns).toBe('name');
  });

  test('a workspace file’s lists are there from the start', async () => {
    expect((await offered(ines)).owed_to_us).toMatchObject({
      pinned: true,
      list: { label: 'Owed to us', register: 'invoices' },
    });
    expect((await offered(piet)).to_reorder?.list.view.columns).not.toContain('cost_price');
  });
});
