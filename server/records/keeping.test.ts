import { execFile } from 'node:child_process';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { promisify } from 'node:util';
import { afterAll, beforeAll, describe, expect, inject, test } from 'vitest';
import { type Caller, makeDatabase, newId, queryAt, TestServer } from '../testing/harness.ts';

const run = promisify(execFile);
/** Where PostgreSQL's programs are: whichever version the installer took. */
const { installPostgres } = await import(pathToFileURL(join(process.cwd(), 'scripts/install.mjs')).href);
const BIN: string = installPostgres();

/** Registers that change while they hold records, and what must hold of these whoever writes. */
describe('keeping registers', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, piet] = await Promise.all([server.as('Runa'), server.as('Piet')]);
  });
  afterAll(() => server?.stop());

  const base = {
    singular: 'Tool',
    plural: 'Tools',
    mark: 'TOO',
    fields: [
      { key: 'name', label: 'Name', type: { kind: 'text' }, required: true },
      { key: 'shelf', label: 'Shelf', type: { kind: 'text' } },
      { key: 'least', label: 'Least', type: { kind: 'number', decimals: 0 } },
      { key: 'most', label: 'Most', type: { kind: 'number', decimals: 0 } },
    ],
  };
  const version = async () => (await runa.get('/api/workspace')).body.version;
  const carryOut = async (change: object, path = 'carry-out') =>
    runa.post(`/api/workspace/${path}`, { version: await version(), ...change });
  const make = async (key: string, change: object = {}) => {
    const mark = key.toUpperCase().slice(0, 3);
    const answer = await carryOut({ registers: [{ ...base, key, plural: key, mark, ...change }] });
    expect([answer.status, answer.body.detail]).toEqual([200, undefined]);
  };
  const add = async (register: string, values: object) => {
    const id = newId();
    const answer = await runa.post(`/api/registers/${register}/records`, { id, values });
    return { id, ...answer };
  };
  const read = async (register: string, id: string) =>
    (await runa.get(`/api/registers/${register}/records/${id}`)).body;
  const sql = (text: string, url = server.database.url) => queryAt(url, text);

  test('unique looks past capitals and accents where it is told to, and names who has it', async () => {
    await make('unique_tools', { constraints: [{ kind: 'unique', fields: ['name', 'shelf'], folded: true }] });
    const first = await add('unique_tools', { name: 'Spanner', shelf: 'Á1' });
    const second = await add('unique_tools', { name: ' spanner', shelf: 'a1' });
    expect([second.status, second.body.detail]).toEqual([
      422,
      `No two unique_tools may have the same name and shelf together, capitals and accents aside. ${first.body.number} has this already.`,
    ]);
    expect((await add('unique_tools', { name: 'Spanner', shelf: 'A2' })).status).toBe(201);
    // Nothing is never taken.
    expect((await add('unique_tools', { name: 'Spanner' })).status).toBe(201);
    expect((await add('unique_tools', { name: 'Spanner' })).status).toBe(201);
    // Two at the very same moment: one of them wins.
    const both = await Promise.all([1, 2].map(() => add('unique_tools', { name: 'Level', shelf: 'B' })));
    expect(both.map((each) => each.status).sort()).toEqual([201, 422]);
    // An archived record holds nothing back, and cannot come back over one that took its place.
    expect((await runa.call('DELETE', `/api/registers/unique_tools/records/${first.id}`)).status).toBe(204);
    expect((await add('unique_tools', { name: 'spanner', shelf: 'A1' })).status).toBe(201);
    const back = await runa.post(`/api/registers/unique_tools/records/${first.id}/bring-back`, {});
    expect([back.status, back.body.errors?.[0].code]).toEqual([422, 'unique']);
  });

  test('a condition holds whoever writes, in the database too, and is said as a sentence', async () => {
    await make('must_tools', {
      constraints: [
        { kind: 'must', condition: 'most >= least' },
        { kind: 'must', condition: 'least = null or least > 0', message: 'Keep at least one.' },
      ],
    });
    const wrong = await add('must_tools', { name: 'Rope', least: '5', most: '3' });
    expect([wrong.status, wrong.body.errors[0]]).toMatchObject([
      422,
      { pointer: '#/values/most', detail: 'Most must be at least Least.' },
    ]);
    expect((await add('must_tools', { name: 'Rope', least: '0' })).body.errors[0].detail).toBe('Keep at least one.');
    // A condition that is neither true nor false holds.
    const { id } = await add('must_tools', { name: 'Rope', least: '5' });
    const changed = await runa.patch(`/api/registers/must_tools/records/${id}`, {
      from: { most: null },
      changes: { most: '1' },
    });
    expect(changed.body.errors[0].pointer).toBe('#/changes/most');
    await expect(sql(`update records.must_tools set most = 1 where id = '${id}'`)).rejects.toThrow(/holds-/);
  });

  test('a rule over other records is asked of the database', async () => {
    await make('parents', {});
    await make('children', {
      fields: [...base.fields, { key: 'parent', label: 'Parent', type: { kind: 'link', register: 'parents' } }],
      constraints: [{ kind: 'must', condition: 'count(parent.children) <= 2', message: 'A parent has at most two.' }],
    });
    const parent = (await add('parents', { name: 'P' })).id;
    const outcomes = [];
    for (const name of ['a', 'b', 'c']) outcomes.push((await add('children', { name, parent })).status);
    expect(outcomes).toEqual([201, 201, 422]);
  });

  test('rehearsing says how many records break what would be asked; whoever writes a record is asked from then on', async () => {
    await make('loose');
    await add('loose', { name: 'a', least: '9', most: '1' });
    const { id } = await add('loose', { name: 'a', least: '1', most: '2' });
    const register = { ...base, key: 'loose', plural: 'loose', mark: 'LOO' };
    const must = { ...register, constraints: [{ kind: 'must', condition: 'most >= least' }] };
    const rehearsed = await carryOut({ registers: [must] }, 'rehearse');
    expect(rehearsed.body.steps.map((step: { says: string }) => step.says)).toEqual([
      'From now on: Most must be at least Least. One record breaks it; each must be mended when it is next changed.',
    ]);
    expect((await carryOut({ registers: [must] })).status).toBe(200);
    const broken = await runa.patch(`/api/registers/loose/records/${id}`, {
      from: { most: '2' },
      changes: { most: '0' },
    });
    expect([broken.status, broken.body.detail]).toEqual([422, 'Most must be at least Least.']);
    const unique = { ...register, constraints: [{ kind: 'unique', fields: ['name'] }] };
    const refused = await carryOut({ registers: [unique] });
    expect([refused.status, refused.body.detail]).toEqual([
      422,
      '2 records of loose share it with another: mend them first.',
    ]);
    for (const name of ['Ünit', ' unit']) await add('loose', { name });
    const folded = await carryOut({
      registers: [{ ...register, constraints: [{ kind: 'unique', fields: ['name'], folded: true }] }],
    });
    expect([folded.status, folded.body.detail]).toEqual([
      422,
      '4 records of loose share it with another: mend them first.',
    ]);
  });

  test('a formula that changes is worked out anew, with its column', async () => {
    const worked = (formula: string) => ({
      ...base,
      key: 'worked',
      plural: 'worked',
      mark: 'WOR',
      fields: [
        ...base.fields,
        { key: 'span', label: 'Span', type: { kind: 'worked_out', formula, gives: { kind: 'number', decimals: 0 } } },
      ],
    });
    expect((await carryOut({ registers: [worked('most - least')] })).status).toBe(200);
    const { id } = await add('worked', { name: 'a', least: '2', most: '9' });
    expect((await read('worked', id)).values.span).toBe('7');
    const rehearsed = await carryOut({ registers: [worked('most * least')] }, 'rehearse');
    expect(rehearsed.body.steps[0].says).toContain('Span of worked is worked out anew in all 1 records');
    expect((await carryOut({ registers: [worked('most * least')] })).status).toBe(200);
    expect((await read('worked', id)).values.span).toBe('18');
    expect(await sql('select span from records.worked')).toEqual([{ span: '18' }]);
    const circle = await carryOut({ registers: [worked('span + 1')] });
    expect([circle.status, circle.body.detail]).toEqual([
      422,
      'Span cannot be worked out so, as span is worked out from itself, or its formula is wrong.',
    ]);
  });

  test('a field that is set aside comes back with its data, rows and all, under a free key', async () => {
    const withRows = {
      ...base,
      key: 'aside',
      plural: 'aside',
      mark: 'ASI',
      fields: [
        ...base.fields,
        {
          key: 'parts',
          label: 'Parts',
          type: {
            kind: 'rows',
            singular: 'Part',
            plural: 'Parts',
            fields: [{ key: 'what', label: 'What', type: { kind: 'text' } }],
          },
        },
      ],
    };
    expect((await carryOut({ registers: [withRows] })).status).toBe(200);
    const parts = [{ id: newId(), values: { what: 'blade' } }];
    const { id } = await add('aside', { name: 'Saw', shelf: 'C3', parts });
    const without = {
      ...withRows,
      fields: withRows.fields.filter((field) => field.key !== 'shelf' && field.key !== 'parts'),
    };
    expect((await carryOut({ registers: [without] })).status).toBe(200);
    expect(Object.keys((await read('aside', id)).values)).toEqual(['name', 'least', 'most']);
    // Meanwhile another field took the key.
    const taken = {
      ...without,
      fields: [...without.fields, { key: 'shelf', label: 'Shelf', type: { kind: 'yes_no' } }],
    };
    expect((await carryOut({ registers: [taken] })).status).toBe(200);
    const held = (await runa.get('/api/registers/aside/set-aside')).body.fields;
    expect(held.map((field: { label: string }) => field.label).sort()).toEqual(['Parts', 'Shelf']);
    expect((await carryOut({ bring_back: held.map((field: { id: string }) => field.id) })).status).toBe(200);
    expect((await read('aside', id)).values).toMatchObject({ shelf: null, shelf_2: 'C3', parts });
    expect((await runa.get('/api/registers/aside/set-aside')).body.fields).toEqual([]);
    expect((await piet.get('/api/registers/aside/set-aside')).status).toBe(403);
  });

  test('one field of rows comes back alone with what the rows held, and waits for its rows where these are aside', async () => {
    const parts = (fields: object[]) => ({
      ...base,
      key: 'row_aside',
      plural: 'row_aside',
      mark: 'ROA',
      fields: [
        ...base.fields,
        { key: 'parts', label: 'Parts', type: { kind: 'rows', singular: 'Part', plural: 'Parts', fields } },
      ],
    });
    const what = { key: 'what', label: 'What', type: { kind: 'text' } };
    const size = { key: 'size', label: 'Size', type: { kind: 'text' } };
    expect((await carryOut({ registers: [parts([what, size])] })).status).toBe(200);
    const row = { id: newId(), values: { what: 'blade', size: '60 cm' } };
    const { id } = await add('row_aside', { name: 'Saw', parts: [row] });
    expect((await carryOut({ registers: [parts([what])] })).status).toBe(200);
    expect((await read('row_aside', id)).values.parts).toEqual([{ id: row.id, values: { what: 'blade' } }]);
    const aside = async () => (await runa.get('/api/registers/row_aside/set-aside')).body.fields;
    const [held] = await aside();
    expect(held).toMatchObject({ label: 'Size', rows: 'parts' });
    // Its rows go aside too: it can only come back with or after them, also when others have taken their key.
    expect((await carryOut({ registers: [{ ...parts([]), fields: base.fields }] })).status).toBe(200);
    const others = [{ key: 'other', label: 'Other', type: { kind: 'text' } }];
    expect((await carryOut({ registers: [parts(others)] })).status).toBe(200);
    const alone = await carryOut({ bring_back: [held.id] });
    expect([alone.status, alone.body.errors?.[0].detail]).toEqual([
      422,
      'Size stood in rows that are set aside: bring those back first.',
    ]);
    const all = (await aside()).map((field: { id: string }) => field.id);
    expect((await carryOut({ bring_back: all })).status).toBe(200);
    expect((await read('row_aside', id)).values.parts_2).toEqual([row]);
    expect(await aside()).toEqual([]);
  });

  test('no save fails while the register under it changes', async () => {
    await make('busy');
    const register = { ...base, key: 'busy', plural: 'busy', mark: 'BUS' };
    let going = true;
    const saving = (async () => {
      const statuses = new Set<number>();
      while (going) statuses.add((await add('busy', { name: 'a' })).status);
      return statuses;
    })();
    for (let n = 1; n <= 4; n++) {
      const more = Array.from({ length: n }, (_, i) => ({
        key: `more_${i}`,
        label: `More ${i}`,
        type: { kind: 'text' },
      }));
      expect((await carryOut({ registers: [{ ...register, fields: [...base.fields, ...more] }] })).status).toBe(200);
    }
    going = false;
    expect(await saving).toEqual(new Set([201]));
  });

  test('archiving says who points here, and moves them or leaves them', async () => {
    await make('keepers');
    await make('owned', {
      fields: [...base.fields, { key: 'owner', label: 'Owner', type: { kind: 'link', register: 'keepers' } }],
    });
    const [one, two] = [(await add('keepers', { name: 'One' })).id, (await add('keepers', { name: 'Two' })).id];
    const thing = (await add('owned', { name: 'T', owner: one })).id;
    const path = `/api/registers/keepers/records/${one}`;
    const asked = await runa.call('DELETE', path);
    expect([asked.status, asked.body.errors]).toMatchObject([
      409,
      [{ code: 'pointed_to', detail: '1 owned point here.' }],
    ]);
    expect((await piet.call('DELETE', path)).status).toBe(404);
    expect((await runa.call('DELETE', `${path}?move_to=${two}`)).status).toBe(204);
    expect((await read('owned', thing)).links.owner).toMatchObject({ id: two, title: 'Two' });
    expect((await runa.get(`/api/registers/owned/records/${thing}/history`)).body.events[0].changes).toEqual([
      { field: 'Owner', from: 'One', to: 'Two' },
    ]);
    const listed = (await runa.get('/api/registers/keepers/records')).body.records;
    expect(listed.map((record: { id: string }) => record.id)).toEqual([two]);
    expect((await read('keepers', one)).archived_at).not.toBeNull();
    const archived = (await runa.get('/api/registers/keepers/records?archived=yes')).body.records;
    expect(archived.map((record: { id: string }) => record.id)).toEqual([one]);
    expect((await runa.post(`${path}/bring-back`, {})).status).toBe(204);
    expect((await read('keepers', one)).archived_at).toBeNull();
  });

  test('a form of its own from the first field on: add, change, and no more than one may', async () => {
    await make('plain_tools');
    expect((await piet.get('/api/forms/.plain_tools')).status).toBe(404);
    const form = (await runa.get('/api/forms/.plain_tools')).body;
    expect(form.form.questions.map((question: { field: string }) => question.field)).toEqual([
      'name',
      'shelf',
      'least',
      'most',
    ]);
    const entry = {
      id: newId(),
      version: form.version,
      filled_in_at: new Date().toISOString(),
      values: { name: 'Adze' },
    };
    const sent = await runa.post('/api/forms/.plain_tools/entries', entry);
    expect(sent.status).toBe(201);
    const change = {
      ...entry,
      id: newId(),
      values: { shelf: 'D' },
      record: { id: sent.body.id, from: { shelf: null } },
    };
    expect((await runa.post('/api/forms/.plain_tools/entries', change)).status).toBe(201);
    expect((await read('plain_tools', sent.body.id)).values).toMatchObject({ name: 'Adze', shelf: 'D' });
  });

  test('an outside tool reads the views with a login of its own, and nothing else', async () => {
    await make('seen_tools');
    await add('seen_tools', { name: 'Mallet' });
    const login = `reader_${newId().slice(-12)}`;
    const superuser = new URL(inject('superuser'));
    superuser.pathname = new URL(server.database.url).pathname;
    await sql(`create role ${login} login password 'x' in role iolite_reading`, superuser.href);
    const url = new URL(server.database.url);
    [url.username, url.password] = [login, 'x'];
    expect(await sql('select number, name from reading.seen_tools', url.href)).toEqual([
      { number: 'SEE-0001', name: 'Mallet' },
    ]);
    for (const hidden of ['records.seen_tools', 'iolite.people', 'iolite.sessions'])
      await expect(sql(`select * from ${hidden}`, url.href)).rejects.toThrow(/permission denied/);
    await expect(sql('delete from reading.seen_tools', url.href)).rejects.toThrow(/permission denied/);
    await sql(`drop role ${login}`, superuser.href);
  });

  test('a dump restored in an empty database is the same workspace, rules and all', async () => {
    const other = await makeDatabase();
    const { stdout } = await run(`${BIN}/pg_dump`, ['--no-owner', server.database.url], { maxBuffer: 1 << 28 });
    const client = run(`${BIN}/psql`, ['-q', '-v', 'ON_ERROR_STOP=1', '-f', '-', other]);
    client.child.stdin?.end(stdout);
    await client;
    const tables = `select table_schema || '.' || table_name as name from information_schema.tables
      where table_schema in ('records', 'rows', 'choices', 'iolite', 'reading') order by 1`;
    const names = (await sql(tables)).map((row) => String(row.name));
    expect((await sql(tables, other)).map((row) => String(row.name))).toEqual(names);
    for (const name of names) {
      const [schema, ...table] = name.split('.');
      const all = `select md5(coalesce(string_agg(t::text, '\n' order by t::text), '')) as sum from "${schema}"."${table.join('.')}" t`;
      expect([name, await sql(all, other)]).toEqual([name, await sql(all)]);
    }
    await expect(sql('update records.must_tools set most = 0, least = 5', other)).rejects.toThrow(/holds-/);
  }, 60_000);
});
