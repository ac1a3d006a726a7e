import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { casesOf, often } from '#core/base/often.arb.ts';
import { sentThing, sizes, things } from '#core/register/every-kind.arb.ts';
import { checkValues, recordProblems, retiredProblems, workOutRecord } from '#core/register/index.ts';
import { isNothing, type StoredValue, sameValue } from '#core/values/index.ts';
import { catalogueOf } from '#core/workspace/index.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const RECORDS = '/api/registers/things/records';

/** Every kind of field, over HTTP and in the database: what the core says is what is kept and what is read. */

const CASES = 3_000;

describe('records of every kind of field', () => {
  let server: TestServer;
  let runa: Caller;
  let catalogue: ReturnType<typeof catalogueOf>;

  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
    const made = await runa.post('/api/workspace/carry-out', {
      version: 1,
      choice_lists: [sizes],
      registers: [things],
    });
    expect([made.status, made.body.detail]).toEqual([200, undefined]);
    const workspace = (await runa.get('/api/workspace')).body;
    catalogue = catalogueOf({ ...workspace, registers: [things], choice_lists: [sizes] });
  });
  afterAll(() => server?.stop());

  const add = async (values: Readonly<Record<string, unknown>>) => {
    const id = newId();
    const answer = await runa.post(RECORDS, { id, values });
    return { id, ...answer };
  };
  const read = async (id: string) => (await runa.get(`${RECORDS}/${id}`)).body;
  const sql = async (text: string, values: readonly unknown[] = []) => {
    const { default: pg } = await import('pg');
    const client = new pg.Client({ connectionString: server.database.url });
    await client.connect();
    try {
      return (await client.query(text, [...values])).rows;
    } finally {
      await client.end();
    }
  };

  test('what the core takes is stored and read back the same; what it refuses is refused whole', async () => {
    const outcomes = { taken: 0, refused: 0 };
    await fc.assert(
      fc.asyncProperty(sentThing, async (values) => {
        const checked = checkValues(things, values, catalogue);
        const right =
          checked.ok &&
          recordProblems(things, checked.value).length === 0 &&
          retiredProblems(things.fields, checked.value, {}, catalogue).length === 0;
        const { id, status, body } = await add(values);
        expect([status, right ? '' : body.errors?.length > 0]).toEqual(right ? [201, ''] : [422, true]);
        if (!right) {
          outcomes.refused++;
          expect((await runa.get(`${RECORDS}/${id}`)).status).toBe(404);
          return;
        }
        outcomes.taken++;
        const stored = (await read(id)).values;
        const clock = { now: new Date().toISOString(), zone: 'Europe/London' };
        const worked = checked.ok ? workOutRecord(things, checked.value, catalogue, clock) : {};
        for (const { key, type } of things.fields) {
          if (type.kind === 'running_number' || ['factor', 'held', 'held_time'].includes(key)) continue;
          const [was, is]: [StoredValue, StoredValue] = [worked[key] ?? null, stored[key] ?? null];
          expect([key, is, sameValue(was, is) || (isNothing(was) && isNothing(is))]).toEqual([key, is, true]);
        }
      }),
      often(CASES),
    );
    expect(Math.min(outcomes.taken, outcomes.refused)).toBeGreaterThan(casesOf(CASES) / 20);
  });

  test.each([
    ['a number too large for the field', 'a_number', '1e400', 'not_a_number'],
    ['a number of a binary machine', 'a_number', Number.MAX_VALUE, 'not_a_number'],
    ['a comma that could be a point', 'a_money', '1,5', 'not_a_number'],
    ['29 February of a common year', 'a_date', '2026-02-29', 'not_a_date'],
    ['the year 0', 'a_date', '0000-12-31', 'not_a_date'],
    ['the year 10000', 'a_date', '10000-01-01', 'not_a_date'],
    ['a script as a web address', 'a_web', 'javascript:alert(1)', 'not_a_web_address'],
    ['a wrong check digit', 'a_code', '4006381333932', 'wrong_check_digit'],
    ['a duration of months', 'a_duration', 'P1M', 'not_a_duration'],
    ['half a second', 'a_duration', 'PT0.5S', 'too_fine'],
    ['north of the pole', 'a_position', '91, 0', 'not_a_position'],
    ['a choice of no list', 'a_choices', ['small', 'endless'], 'not_a_choice'],
    ['a choice not offered any more', 'a_choice', 'tiny', 'retired_choice'],
    ['a record that is not there', 'a_links', ['00000000-0000-7000-8000-000000000000'], 'unknown_record'],
    ['someone who is not there', 'a_person', '00000000-0000-7000-8000-000000000000', 'unknown_record'],
    ['a file that is not there', 'a_files', ['00000000-0000-7000-8000-000000000000'], 'unknown_record'],
    ['what is worked out', 'doubled', '4', 'worked_out'],
    ['what is given', 'a_running_number', 'T-999', 'worked_out'],
  ])('%s is refused at its field', async (_, key, value, code) => {
    const { status, body } = await add({ [key]: value });
    expect([status, body.errors?.[0]]).toMatchObject([422, { code, pointer: `#/values/${key}` }]);
  });

  test.each([
    ['a_text', 'مرسى \u202Eتيرن', 'مرسى تيرن'],
    ['a_text', 'a\u200Bb', 'ab'],
    ['a_text', '<b>bold</b>', '<b>bold</b>'],
    ['a_date', '2024-02-29', '2024-02-29'],
    ['a_date', '0001-01-01', '0001-01-01'],
    ['a_date', '9999-12-31', '9999-12-31'],
    ['a_percent', '0.125', '0.125'],
    ['a_time', '23:59', '23:59:00'],
    ['a_duration', 'PT450M', 'PT7H30M'],
    ['a_duration', '-PT1H15M', '-PT1H15M'],
    ['a_duration', 'P400DT1S', 'P400DT1S'],
    ['a_choices', ['huge', 'small', 'huge'], ['small', 'huge']],
    ['a_position', "50°20.29'N 4°6.74'W", '50.338167,-4.112333'],
  ])('%s keeps %o as %o', async (key, sent, kept) => {
    const { id, status } = await add({ [key]: sent });
    expect([status, (await read(id)).values[key]]).toEqual([201, kept]);
  });

  test('rows keep their order and their ids, and are worked out', async () => {
    const rows = ['b', 'a'].map((what, i) => ({ id: newId(), values: { what, quantity: `${i + 1}`, price: '2.335' } }));
    // 2.335 is more decimals than a pound has.
    expect((await add({ a_rows: rows })).body.errors[0].pointer).toBe('#/values/a_rows/0/values/price');
    const mended = rows.map((row) => ({ ...row, values: { ...row.values, price: '2.33', size: 'large' } }));
    const { id } = await add({ a_rows: mended });
    const { values } = await read(id);
    expect(values.a_rows.map((row: { id: string }) => row.id)).toEqual(rows.map((row) => row.id));
    expect(values.a_rows.map((row: { values: object }) => row.values)).toMatchObject([
      { what: 'b', net: '2.33', size: 'large' },
      { what: 'a', net: '4.66' },
    ]);
    expect(values.sum_of_rows).toBe('6.99');
    const changed = await runa.patch(`${RECORDS}/${id}`, {
      from: { a_rows: mended },
      changes: { a_rows: [mended[1]] },
    });
    expect(changed.body.values.sum_of_rows).toBe('4.66');
    expect((await runa.get(`${RECORDS}/${id}/history`)).body.events[0].changes[0]).toMatchObject({ field: 'a rows' });
  });

  test('links to many show both sides, and a roll-up over them is right at once', async () => {
    const target = await add({ a_text: 'Target' });
    const holder = await add({ a_text: 'Holder', a_links: [target.id], a_money: '12.50' });
    expect((await read(holder.id)).linked[target.id]).toMatchObject({ title: 'Target' });
    expect((await read(target.id)).values.held).toBe('12.5');
    const groups = (await runa.get(`${RECORDS}/${target.id}/linked`)).body.groups;
    expect(groups.find((group: { key: string }) => group.key === 'holders')).toMatchObject({
      label: 'Held by',
      count: 1,
    });
    // What several come to stands under them; one says its own.
    const other = await add({ a_text: 'Another', a_links: [target.id], a_money: '30' });
    const [of] = (await runa.get(`${RECORDS}/${target.id}/linked`)).body.groups.filter(
      (group: { key: string }) => group.key === 'holders',
    );
    expect([of.count, of.totals]).toEqual([2, { a_money: '42.50' }]);
    await runa.call('DELETE', `${RECORDS}/${other.id}`);
    await runa.patch(`${RECORDS}/${holder.id}`, { from: { a_money: '12.5' }, changes: { a_money: '20' } });
    expect((await read(target.id)).values.held).toBe('20');
    const listed = await runa.get(`${RECORDS}?filter=${encodeURIComponent('held > 19')}&sort=-held`);
    expect(listed.body.records.map((record: { id: string }) => record.id)).toEqual([target.id]);
  });

  test('a choice brings what stands in its list’s own column, in SQL too', async () => {
    const { id } = await add({ a_choice: 'huge' });
    expect((await read(id)).values.factor).toBe('10');
    const found = await runa.get(`${RECORDS}?filter=${encodeURIComponent('a_choice.factor > 5')}`);
    expect(found.body.records.map((record: { id: string }) => record.id)).toContain(id);
  });

  test('what follows from the record alone stands in a column, the rest in the readable view', async () => {
    const { id } = await add({ a_number: '4', a_choice: 'large', a_choices: ['small', 'large'] });
    const [column] = await sql('select doubled::text from records.things where id = $1', [id]);
    expect(column).toEqual({ doubled: '8.00' });
    const [seen] = await sql(
      'select doubled::text, factor::text, a_choice, a_choices from reading.things where id = $1',
      [id],
    );
    expect(seen).toEqual({ doubled: '8.00', factor: '2.00', a_choice: 'Large', a_choices: ['Small', 'Large'] });
    await expect(sql('update records.things set a_number = 1001 where id = $1', [id])).rejects.toThrow(/holds-/);
    await expect(sql("update records.things set a_choices = '{nowhere}' where id = $1", [id])).rejects.toThrow(
      /nowhere/,
    );
    await expect(sql("update records.things set a_choice = 'nowhere' where id = $1", [id])).rejects.toThrow(
      /foreign key/,
    );
  });

  test('every kind can be sorted and filtered by, and pages go on where they ended', async () => {
    for (const { key, type } of things.fields) {
      const first = await runa.get(`${RECORDS}?sort=-${key}&limit=3`);
      expect([type.kind, first.status]).toEqual([type.kind, 200]);
      const next = await runa.get(`${RECORDS}?sort=-${key}&limit=3&after=${encodeURIComponent(first.body.next)}`);
      const ids = [...first.body.records, ...next.body.records].map((record: { id: string }) => record.id);
      expect([type.kind, next.status, new Set(ids).size]).toEqual([type.kind, 200, 6]);
      const many = ['choices', 'links', 'rows', 'files'].includes(type.kind);
      const filter = many ? `count(${key}) > 0` : `${key} != null`;
      expect([key, (await runa.get(`${RECORDS}?filter=${encodeURIComponent(filter)}`)).status]).toEqual([key, 200]);
    }
  });

  test('changes of different fields merge, of the same list are shown to whoever comes second', async () => {
    const { id } = await add({ a_text: 'Both', a_choices: ['small'] });
    await runa.patch(`${RECORDS}/${id}`, {
      from: { a_choices: ['small'] },
      changes: { a_choices: ['small', 'large'] },
    });
    const merged = await runa.patch(`${RECORDS}/${id}`, { from: { a_text: 'Both' }, changes: { a_text: 'Each' } });
    expect(merged.body.values).toMatchObject({ a_text: 'Each', a_choices: ['small', 'large'] });
    const second = await runa.patch(`${RECORDS}/${id}`, { from: { a_choices: ['small'] }, changes: { a_choices: [] } });
    expect([second.status, second.body.conflicts]).toEqual([
      409,
      [{ field: 'a_choices', base: ['small'], theirs: ['small', 'large'], mine: [] }],
    ]);
  });

  test('running numbers come without gaps, also when many are stored at once and some are refused', async () => {
    const before = (await add({ a_text: 'n' })).id;
    const first = Number((await read(before)).values.a_running_number.slice(2));
    const outcomes = await Promise.all(
      ['x', 'y'.repeat(41), 'z', 'v'.repeat(41), 'w'].map((text) => add({ a_text: text })),
    );
    const numbers = await Promise.all(
      outcomes
        .filter((each) => each.status === 201)
        .map(async (each) => Number((await read(each.id)).values.a_running_number.slice(2))),
    );
    expect(numbers.toSorted((a, b) => a - b)).toEqual([first + 1, first + 2, first + 3]);
  });
});
