import { sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { Caller, cookieIn, newId, TestServer } from '../testing/harness.ts';
import { lettersTo, secretTo } from '../testing/letters.ts';

const IVO = 'ivo.tarn@example.org';
const PASSWORD = 'nine metres from may';
const values = (also: object = {}) => ({
  name: 'Ivo Tarn',
  kind: 'private',
  phone: null,
  email: IVO,
  notes: 'Nine metres, from May.',
  ...also,
});
const entry = (given: object, id = newId()) => ({
  id,
  version: 1,
  filled_in_at: new Date().toISOString(),
  values: given,
});

describe('strangers who register by a form', () => {
  let server: TestServer;
  let runa: Caller;
  beforeAll(async () => {
    server = await TestServer.start();
    runa = await server.as('Runa');
  });
  afterAll(() => server?.stop());
  const send = (given: object, key = 'berth_inquiry') =>
    server.stranger().post(`/api/registration/${key}`, entry(given));
  const confirm = (secret: string, password = PASSWORD) =>
    server.stranger().post(`/api/invitations/${secret}`, { password });
  const clients = async () => (await runa.get('/api/registers/clients/records')).body.count;

  test('get the form and nothing else of the workspace', async () => {
    const { body, status } = await server.stranger().get('/api/registration/berth_inquiry');
    expect(status).toBe(200);
    expect(body.form.form.key).toBe('berth_inquiry');
    expect(body.form.register.fields.map(({ key }: { key: string }) => key)).not.toContain('iban');
    expect(body.workspace.name).toBe('Tern Quay Boatyard');
    const email = body.form.form.questions.find((each: { field: string }) => each.field === 'email');
    expect(email.rules).toContainEqual({ kind: 'must_be_answered' });
    for (const key of ['report_incident', 'no_such', '.clients'])
      expect([key, (await server.stranger().get(`/api/registration/${key}`)).status]).toEqual([key, 404]);
    expect((await server.stranger().get('/api/forms/berth_inquiry')).status).toBe(401);
  });

  test('come to be a person with a record that is theirs once they confirm, and neither before', async () => {
    const before = await clients();
    expect((await send(values())).status).toBe(204);
    expect(await clients()).toBe(before);
    const secret = await secretTo(server, IVO);
    expect((await server.stranger().post('/api/links', { secret })).body).toMatchObject({
      kind: 'registration',
      email: IVO,
    });
    expect((await confirm(secret, 'ivo tarn 1')).status).toBe(422);
    const both = await Promise.all([confirm(secret), confirm(secret)]);
    expect(both.map(({ status }) => status).toSorted()).toEqual([200, 404]);
    const ivo = new Caller(
      server.base,
      both.map(({ headers }) => cookieIn(headers)).find((cookie) => cookie !== null) ?? '',
    );
    const me = (await ivo.get('/api/me')).body;
    expect(me).toMatchObject({ name: 'Ivo Tarn', email: IVO, roles: ['client'] });
    expect(await clients()).toBe(before + 1);
    const { records } = (await ivo.get('/api/registers/clients/records')).body;
    expect(records.map(({ id }: { id: string }) => id)).toEqual([me.record]);
    const { events } = (await runa.get(`/api/registers/clients/records/${me.record}/history`)).body;
    expect(events[0]).toMatchObject({ by: 'Ivo Tarn', action: 'added' });
    expect(events[0].form.key).toBe('berth_inquiry');
  });

  test('who takes the name of somebody here is not told; whoever lets people in is, and both are told apart', async () => {
    const email = 'other.sana@example.org';
    expect((await send(values({ name: 'SANA Whitlock', email }))).status).toBe(204);
    const confirmed = await confirm(await secretTo(server, email));
    expect([confirmed.status, JSON.stringify(confirmed.body)]).toEqual([200, expect.not.stringContaining('already')]);
    const letters = await lettersTo(server, 'runa.oakes@example.org');
    expect(letters.map(({ subject }) => subject)).toContain('Two are called Sana Whitlock now');
    const { people } = (await runa.get('/api/routes')).body;
    expect(people.map(({ name }: { name: string }) => name)).toEqual(
      expect.arrayContaining([`SANA Whitlock (${email})`, 'Sana Whitlock (sana.whitlock@example.org)']),
    );
  });

  test('an address that is here already gets the same answer, and a message that says so', async () => {
    const before = await clients();
    expect((await send(values({ email: 'ORLA.margetts@example.org' }))).status).toBe(204);
    const [letter] = await lettersTo(server, 'orla.margetts@example.org');
    expect(letter).toMatchObject({ path: '/sign-in', secret: null });
    expect(await clients()).toBe(before);
  });

  test('what is wrong is told at its place, and nobody is written to', async () => {
    const missing = await send(values({ email: null }));
    expect([missing.status, missing.body.errors[0].pointer]).toEqual([422, '#/values/email']);
    const none = await send(values({ email: 'nowhere' }));
    expect([none.status, none.body.errors[0].pointer]).toEqual([422, '#/values/email']);
    const header = await send(values({ email: 'a@example.org\nBcc: evil@example.org' }));
    expect(header.status).toBe(422);
    const hidden = await send(values({ iban: 'GB33BUKB20201555555555' }));
    expect(hidden.status).toBe(422);
    const { rows } = await server.database.db.execute(
      sql`select 1 from iolite.messages where to_address like '%evil%'`,
    );
    expect(rows).toEqual([]);
  });

  test('what cannot be stored when it is confirmed lets nobody in, and the link stays for when it can', async () => {
    const given = { ...values({ email: 'ada.quist@example.org', name: 'Ada Quist' }) };
    expect((await send(given)).status).toBe(204);
    const secret = await secretTo(server, 'ada.quist@example.org');
    const open = (until: string | null) =>
      server.database.db.execute(
        sql`update iolite.definitions set document = ${until === null ? sql`document - 'open_until'` : sql`document || ${JSON.stringify({ open_until: until })}::jsonb`} where kind = 'form' and key = 'berth_inquiry'`,
      );
    const bump = () => server.database.db.execute(sql`update iolite.workspace set version = version + 1`);
    await open('2020-01-01');
    await bump();
    const refused = await confirm(secret);
    expect(refused.status).toBe(403);
    const { rows } = await server.database.db.execute(
      sql`select 1 from iolite.people where email = 'ada.quist@example.org'`,
    );
    expect(rows).toEqual([]);
    await open(null);
    await bump();
    expect((await confirm(secret)).status).toBe(200);
  });
});
