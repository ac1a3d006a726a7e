import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { problemType } from '#contract/index.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';
import { entry, makeBoat, makeNearMisses, nearMissForm, story } from '../testing/near-misses.ts';

const FORM = '/api/forms/report_a_near_miss/entries';
const LIST = '/api/registers/near_misses/records';

describe('the HTTP interface', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;
  let sana: Caller;
  let orla: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, piet, sana, orla] = (await Promise.all(['Runa', 'Piet', 'Sana', 'Orla'].map((name) => server.as(name)))) as [
      Caller,
      Caller,
      Caller,
      Caller,
    ];
    // Somebody without any role.
    await server.database.db.execute(sql`update iolite.people set roles = '{}' where name = 'Orla Margetts'`);
    await makeNearMisses(runa);
  });
  afterAll(() => server?.stop());

  const pointers = (answer: { body: { errors?: { pointer: string }[] } }) =>
    (answer.body.errors ?? []).map((each) => each.pointer).sort();

  describe('who may ask', () => {
    test.each([
      ['GET', '/api/workspace'],
      ['GET', LIST],
      ['POST', FORM],
      ['GET', '/api/in-tray'],
      ['GET', '/api/live'],
    ])('%s %s needs a session', async (method, path) => {
      const answer = await server.stranger().call(method, path);
      expect(answer.status).toBe(401);
      expect(answer.headers.get('content-type')).toContain('application/problem+json');
    });

    test('health, the sign-in page’s data and OpenAPI are open', async () => {
      expect((await server.stranger().get('/api/health')).body).toMatchObject({ status: 'ok', database: 'ok' });
      const openApi = (await server.stranger().get('/api/openapi.json')).body;
      expect(openApi.openapi).toBe('3.1.0');
      expect(Object.keys(openApi.paths)).toContain('/api/registers/{key}/records/{id}');
      expect(openApi.paths[FORM.replace('report_a_near_miss', '{key}')].post.requestBody).toBeDefined();
    });

    test.each([
      ['POST', '/api/workspace/rehearse', { version: 1 }],
      ['POST', '/api/workspace/carry-out', { version: 1 }],
      ['PUT', '/api/forms/report_a_near_miss/draft', nearMissForm],
      ['POST', '/api/forms/report_a_near_miss/publish', { fill_in_by: [], seen_by: [] }],
      ['POST', '/api/registers/boats/import', { records: [] }],
    ])('only set-up people may %s %s', async (method, path, body) => {
      expect((await piet.call(method, path, body)).status).toBe(403);
    });

    test('what one may not see does not exist: 404, no name, no count', async () => {
      const { boat } = await makeBoat(runa);
      for (const path of [
        '/api/registers/boats/records',
        `/api/registers/boats/records/${boat}`,
        `/api/registers/boats/records/${boat}/history`,
        '/api/registers/no_such/records',
      ]) {
        expect((await orla.get(path)).status).toBe(404);
      }
      expect((await orla.get('/api/workspace')).body).toMatchObject({ registers: [], forms: [], roles: [] });
      expect((await orla.post(FORM, entry({ title: 'x', severity: 'scare' }))).status).toBe(404);
      expect(
        (await piet.get(`/api/registers/boats/records?filter=${encodeURIComponent('owner.name = "x"')}`)).status,
      ).toBe(422);
    });

    test('seeing is not changing: 403', async () => {
      const { boat } = await makeBoat(runa);
      expect(
        (await piet.patch(`/api/registers/boats/records/${boat}`, { from: {}, changes: { name: 'Mine' } })).status,
      ).toBe(403);
      expect((await piet.post('/api/registers/boats/records', { id: newId(), values: { name: 'Mine' } })).status).toBe(
        403,
      );
    });

    test('a change from another site’s page is refused', async () => {
      const body = entry({ title: 'x', severity: 'scare' });
      expect((await piet.call('POST', FORM, body, { 'sec-fetch-site': 'cross-site' })).status).toBe(403);
      expect((await piet.call('POST', FORM, body, { origin: 'https://elsewhere.example' })).status).toBe(403);
    });
  });

  describe('entries', () => {
    test('every problem is listed with its pointer, and nothing is stored', async () => {
      const before = (await runa.get(LIST)).body.total;
      const answer = await piet.post(
        FORM,
        entry({
          when: '2098-12-31T10:00:00Z',
          severity: 'scare',
          cost: '7',
          boat: newId(),
          what_happened: 'short',
          colour: 'red',
          owner: 7,
        }),
      );
      expect(answer.status).toBe(422);
      expect(pointers(answer)).toEqual([
        '#/values/colour',
        '#/values/cost',
        '#/values/owner',
        '#/values/title',
        '#/values/what_happened',
        '#/values/when',
      ]);
      expect((await runa.get(LIST)).body.total).toBe(before);
    });

    test('a link to a record that is not there is a problem of its question', async () => {
      const answer = await piet.post(FORM, entry({ title: 'x', severity: 'scare', boat: newId() }));
      expect(answer.status).toBe(422);
      expect(pointers(answer)).toEqual(['#/values/boat']);
    });

    test('broken JSON is 400, too much is 413', async () => {
      expect((await piet.call('POST', FORM, '{"id": ')).status).toBe(400);
      expect((await piet.call('POST', FORM, JSON.stringify({ x: 'x'.repeat(5_000_000) }))).status).toBe(413);
    });

    test('sent twice it is one record; the same id with other content is 409 and tells nothing', async () => {
      const sent = entry({
        title: 'Sent twice',
        severity: 'scare',
        when: '2026-11-01T09:30:00Z',
        boat: null,
        owner: null,
        what_happened: null,
      });
      const [first, second] = [await piet.post(FORM, sent), await piet.post(FORM, sent)];
      expect(first.status).toBe(201);
      expect(second.body.number).toBe(first.body.number);
      expect((await runa.get(`${LIST}?find=sent+twice`)).body.count).toBe(1);
      const other = await piet.post(FORM, { ...sent, values: { ...sent.values, title: 'Other' } });
      expect([other.status, other.body.type]).toEqual([409, problemType('sent_before')]);
      expect(JSON.stringify(other.body)).not.toContain('Sent twice');
    });

    test('sent twice at the same moment it is still one record', async () => {
      const sent = entry({ title: 'Twice at once', severity: 'scare', when: '2026-11-01T09:30:00Z' });
      const answers = await Promise.all([piet.post(FORM, sent), piet.post(FORM, sent), piet.post(FORM, sent)]);
      expect(answers.map((answer) => answer.status)).toEqual([201, 201, 201]);
      expect(new Set(answers.map((answer) => answer.body.number)).size).toBe(1);
      expect((await runa.get(`${LIST}?find=twice+at+once`)).body.count).toBe(1);
    });

    test('a look-up offers titles and what choosing fills, nothing else', async () => {
      const { boat, client } = await makeBoat(runa, 'Grey Avocet');
      const answer = await piet.get('/api/forms/report_a_near_miss/questions/boat/look-up?find=avoc');
      expect(answer.body.found).toEqual([
        {
          id: boat,
          number: expect.stringMatching(/^BOA-/),
          title: 'Grey Avocet',
          beside: [],
          fills: { owner: client },
          links: {
            owner: { id: client, number: expect.stringMatching(/^CLI-/), title: 'Owner of Grey Avocet', beside: [] },
          },
        },
      ]);
      expect((await piet.get('/api/forms/report_a_near_miss/questions/title/look-up')).status).toBe(404);
    });

    test('numbers come without gaps', async () => {
      const make = (title: string) => piet.post(FORM, entry({ title, severity: 'scare' }));
      const first = (await make('gap a')).body.number;
      await piet.post(FORM, entry({ title: 'refused', severity: 'none' }));
      const answers = await Promise.all(['gap b', 'gap c', 'gap d'].map(make));
      const numbers = [first, ...answers.map((answer) => answer.body.number)]
        .map((number: string) => Number(number.slice(4)))
        .sort((a, b) => a - b);
      expect(numbers).toEqual([0, 1, 2, 3].map((n) => (numbers[0] ?? 0) + n));
    });
  });

  describe('changes', () => {
    const store = async (title: string) =>
      (await piet.post(FORM, entry({ title, severity: 'damage', cost: '100', what_happened: story }))).body.id;

    test('different fields merge, the same field is 409 with base, theirs and mine', async () => {
      const id = await store('merge me');
      const path = `${LIST}/${id}`;
      expect((await runa.patch(path, { from: { cost: '100' }, changes: { cost: '200' } })).status).toBe(200);
      const merged = await runa.patch(path, { from: { title: 'merge me' }, changes: { title: 'merged' } });
      expect(merged.body.values).toMatchObject({ title: 'merged', cost: '200' });
      const conflict = await runa.patch(path, { from: { cost: '100' }, changes: { cost: '300' } });
      expect(conflict.status).toBe(409);
      expect(conflict.body.conflicts).toEqual([{ field: 'cost', base: '100', theirs: '200', mine: '300' }]);
    });

    test('the history says who, when, from what to what', async () => {
      const id = await store('history me');
      await runa.patch(`${LIST}/${id}`, { from: { severity: 'damage' }, changes: { severity: 'injury' } });
      const [changed, added] = (await piet.get(`${LIST}/${id}/history`)).body.events;
      expect(changed).toMatchObject({
        by: 'Runa Oakes',
        action: 'changed',
        changes: [{ field: 'Severity', from: 'Damage', to: 'Injury' }],
      });
      expect(added).toMatchObject({
        by: 'Piet Lund',
        action: 'added',
        form: { label: 'Report a near miss', version: 1 },
      });
    });
  });

  describe('lists', () => {
    test('pages follow each other without gap or repeat, sorted, nothing last', async () => {
      for (let i = 0; i < 7; i++) await makeBoat(runa, `Page ${i % 3} boat ${i}`);
      const seen: string[] = [];
      let after = '';
      do {
        const page = (
          await runa.get(`/api/registers/boats/records?find=page&sort=length_overall&limit=3&after=${after}`)
        ).body;
        seen.push(...page.records.map((record: { title: string }) => record.title));
        after = page.next ?? '';
      } while (after !== '');
      expect(seen).toHaveLength(7);
      expect(new Set(seen).size).toBe(7);
      const down = (await runa.get('/api/registers/boats/records?find=page&sort=-name&limit=2')).body.records;
      expect(down.map((record: { title: string }) => record.title)).toEqual(['Page 2 boat 5', 'Page 2 boat 2']);
    });

    test('find looks in linked titles, in any order, folded, and takes % for itself', async () => {
      await makeBoat(runa, 'Störtebeker');
      const count = async (find: string) =>
        (await runa.get(`/api/registers/boats/records?find=${encodeURIComponent(find)}`)).body.count;
      expect(await count('BEKER stort')).toBe(1);
      expect(await count('owner stortebeker')).toBe(1);
      expect(await count('%')).toBe(0);
    });

    test('a page address that was not given out is refused', async () => {
      expect((await runa.get('/api/registers/boats/records?after=xyz')).status).toBe(422);
    });
  });

  describe('sign-off', () => {
    test('round: waits for the manager, sent back with a reason, mended, approved; nobody else may decide', async () => {
      const sent = await piet.post(
        FORM,
        entry({ title: 'Round trip', severity: 'damage', cost: '900', what_happened: story }),
      );
      expect(sent.body.goes_to).toBe('Yard manager');
      const mine = async (who: Caller) =>
        (await who.get('/api/in-tray')).body.items.find(
          (item: { record: string; kind: string }) => item.record === sent.body.id && item.kind !== 'sent',
        );
      const item = await mine(sana);
      expect(item.why).toBe('Cost is over 500, so the Yard manager signs.');
      expect(await mine(piet)).toBeUndefined();
      const decide = (who: Caller, decision: string, comment: string, version = 1) =>
        who.post(`/api/sign-offs/${item.sign_off}`, { decision, comment, version });
      expect((await decide(piet, 'approve', '')).status).toBe(403);
      expect((await decide(orla, 'approve', '')).status).toBe(404);
      expect((await decide(sana, 'send_back', '  ')).status).toBe(422);
      expect((await decide(sana, 'approve', '', 7)).status).toBe(409);
      expect((await decide(sana, 'send_back', 'Which boat?')).body.stage).toBe('sent_back');
      expect((await mine(piet)).why).toBe('Which boat?');
      const form = (await piet.get(`/api/forms/report_a_near_miss?record=${sent.body.id}`)).body;
      expect(form.sent_back).toEqual({ by: 'Sana Whitlock', reason: 'Which boat?', marks: [] });
      const { boat } = await makeBoat(runa);
      const again = await piet.post(FORM, { ...entry({ boat }), record: { id: sent.body.id, from: { boat: null } } });
      expect(again.status).toBe(201);
      expect((await decide(sana, 'approve', 'Thanks', 2)).body.stage).toBe('approved');
      const { sign_off } = (await sana.get(`${LIST}/${sent.body.id}`)).body;
      expect(sign_off).toMatchObject({
        stage: 'approved',
        round: 2,
        steps: [{ state: 'approved', by: 'Sana Whitlock', comment: 'Thanks' }],
      });
    });

    test('500 is not over 500: it goes round nowhere', async () => {
      const sent = await piet.post(
        FORM,
        entry({ title: 'Cheap', severity: 'damage', cost: '500', what_happened: story }),
      );
      expect(sent.body.goes_to).toBeNull();
    });

    test('only the sender of a record that was sent back may change it through the form', async () => {
      const sent = await piet.post(FORM, entry({ title: 'Mine', severity: 'scare' }));
      expect(
        (await piet.post(FORM, { ...entry({ title: 'Theirs' }), record: { id: sent.body.id, from: {} } })).status,
      ).toBe(404);
    });
  });

  test('those who see a register hear of a new record, and those whose in-tray it comes to; others hear neither', async () => {
    const [sees, seesNot] = [await LiveStream.open(server, sana), await LiveStream.open(server, orla)];
    const heard = Promise.all(['"near_misses"', '"in_tray"'].map((word) => sees.next((event) => event.includes(word))));
    await piet.post(FORM, entry({ title: 'Live', severity: 'damage', cost: '900', what_happened: story }));
    await heard;
    // What is told to all comes after: by then everybody has heard what they were to hear.
    const told = seesNot.next((event) => event.includes('"workspace"'));
    const { version } = (await runa.get('/api/workspace')).body;
    await runa.post('/api/workspace/carry-out', { version, registers: [], choice_lists: [] });
    await told;
    expect(seesNot.heard.filter((event) => /near_misses|in_tray/.test(event))).toEqual([]);
    sees.close();
    seesNot.close();
  });
});

describe('outside the demonstration', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start({ demonstration: false });
  });
  afterAll(() => server?.stop());
  const signIn = (person: string, password?: string) =>
    server.stranger().post('/api/session', { person, ...(password === undefined ? {} : { password }) });

  test('a name alone signs nobody in, a password does, and nobody is listed', async () => {
    expect((await server.stranger().get('/api/session')).body).toMatchObject({ demonstration: false, people: [] });
    expect((await signIn('runa.oakes@example.org')).status).toBe(401);
    expect((await signIn('piet.lund@example.org', '')).status).toBe(401);
    const answer = await signIn('Runa.Oakes@example.org', 'salt marsh otter');
    expect(answer.status).toBe(200);
    expect(answer.headers.get('set-cookie')).toMatch(/HttpOnly.*SameSite=Lax/);
    const stored = await server.database.db.execute(
      sql`select password_hash from iolite.people where email = 'runa.oakes@example.org'`,
    );
    expect(stored.rows[0]?.password_hash).toMatch(/^\$argon2id\$/);
  });

  test('after ten wrong passwords it is 429', async () => {
    for (let i = 0; i < 10; i++) await signIn('teo.marsh@example.org', `wrong ${i}`);
    expect((await signIn('teo.marsh@example.org', 'x')).status).toBe(429);
  });
});
