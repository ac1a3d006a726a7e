import type { Role } from '#core/access/index.ts';
import { type Caller, newId, type TestServer } from '../harness.ts';
import { entry, makeBoat, makeNearMisses, nearMissForm, story } from '../near-misses.ts';

const must = async (made: Promise<{ status: number; body: unknown }>): Promise<ReturnType<typeof JSON.parse>> => {
  const { status, body } = await made;
  if (status >= 300) throw new Error(JSON.stringify(body));
  return body;
};

const NEAR_MISSES = '/api/registers/near_misses/records';

/** A set-up and records in which everything an upgrade must carry along is there at least once. */
export const fillForUpgrade = async (server: TestServer): Promise<void> => {
  const [runa, piet, sana] = [await server.as('Runa'), await server.as('Piet'), await server.as('Sana')];
  await makeNearMisses(runa);
  const thrift = await makeBoat(runa, 'Sea Thrift');
  const spare = await makeBoat(runa, 'Samphire');
  const send = (values: Readonly<Record<string, unknown>>, id = newId()) =>
    must(piet.post('/api/forms/report_a_near_miss/entries', entry({ what_happened: story, ...values }, id)));
  const waits = await send({ title: 'Parted warp', severity: 'damage', cost: '900', boat: thrift.boat });
  const back = await send({ title: 'Loose cleat', severity: 'damage', cost: '700' });
  const signed = await send({ title: 'Bent rail', severity: 'injury', cost: '800', boat: spare.boat });
  await send({ title: 'Slipped on weed', severity: 'scare' });
  for (const [record, decision] of [
    [back, 'send_back'],
    [signed, 'approve'],
  ] as const) {
    const item = (await sana.get('/api/in-tray')).body.items.find(
      (each: { record: string }) => each.record === record.id,
    );
    const { version } = (await sana.get(`${NEAR_MISSES}/${record.id}`)).body;
    await must(sana.post(`/api/sign-offs/${item.sign_off}`, { decision, comment: 'Seen on the pontoon.', version }));
  }
  await must(runa.patch(`${NEAR_MISSES}/${waits.id}`, { from: { cost: '900' }, changes: { cost: '950' } }));
  const invoice = newId();
  await must(
    runa.post('/api/registers/invoices/records', {
      id: invoice,
      values: {
        subject: 'Berth fee',
        client: thrift.client,
        boat: thrift.boat,
        state: 'issued',
        issued_on: '2026-02-01',
        due_on: '2026-03-01',
        lines: [{ id: newId(), values: { what: 'Fee', quantity: '2', unit_price: '12.50', vat_rate: 'standard' } }],
      },
    }),
  );
  await must(
    runa.patch(`/api/registers/boats/records/${spare.boat}`, { from: { built: null }, changes: { built: '1987' } }),
  );
  await must(runa.call('DELETE', `/api/registers/boats/records/${spare.boat}?anyway=yes`));
  await renameAndSetAside(runa);
  await must(
    runa.put('/api/forms/report_a_near_miss/draft', {
      ...nearMissForm,
      label: 'Report a near miss soon',
      questions: nearMissForm.questions.filter(({ field }) => field !== 'cost'),
    }),
  );
  await letPeopleIn(runa);
  await must(
    piet.put(`/api/kept/${newId()}`, {
      form: 'report_a_near_miss',
      version: 1,
      record: null,
      title: 'Half a story',
      body: { typed: { title: { value: 'Half a story' } } },
    }),
  );
};

/** Somebody invited and somebody switched off, a device and a program; with the messages that go with them. */
const letPeopleIn = async (runa: Caller): Promise<void> => {
  const invited = [
    { name: 'Nell Harrow', email: 'nell.harrow@example.org', roles: ['office'] },
    { name: 'Anneke Voss', email: 'anneke.voss@example.org', roles: ['yard_hand'] },
  ];
  await must(runa.post('/api/people', { people: invited }));
  const { people } = (await runa.get('/api/people')).body;
  const anneke = people.find((each: { email: string }) => each.email.startsWith('anneke'));
  await must(runa.patch(`/api/people/${anneke.id}`, { switched_off: true }));
  const forms = ['report_incident'];
  await must(
    runa.post('/api/groups', { name: 'Slipway tablet', role: 'yard_hand', forms, ends_at: '18:00', code: '482615' }),
  );
  await must(runa.post('/api/tokens', { name: 'Year-end sums', role: 'treasurer', ends_on: '2999-12-31' }));
};

/** A field under a new key, and one taken out with all it held: both have something in the history. */
const renameAndSetAside = async (runa: Caller): Promise<void> => {
  const { version } = (await runa.get('/api/workspace')).body;
  await must(
    runa.post('/api/workspace/carry-out', {
      version,
      renames: [{ register: 'boats', from: 'built', to: 'year_built' }],
    }),
  );
  const workspace = (await runa.get('/api/workspace')).body;
  const held = workspace.registers.find((each: { key: string }) => each.key === 'near_misses');
  const fields = held.fields.filter((field: { key: string }) => field.key !== 'berth');
  await must(runa.post('/api/workspace/carry-out', { version: workspace.version, registers: [{ ...held, fields }] }));
};

interface Told {
  readonly number: string;
  readonly title: string;
  readonly stage: string | null;
  readonly values: Readonly<Record<string, unknown>>;
  readonly history: readonly unknown[];
  readonly linked: readonly unknown[];
}

/** What a register's records hold, are called, went through and are pointed to by: as people read it. */
const tellRegister = async (runa: Caller, register: string, columns = ''): Promise<Told[]> => {
  const told: Told[] = [];
  for (const archived of ['no', 'yes']) {
    const page = (await runa.get(`/api/registers/${register}/records?columns=${columns}&archived=${archived}`)).body;
    for (const { id, number, title, stage, values } of page.records) {
      const at = `/api/registers/${register}/records/${id}`;
      const history = (await runa.get(`${at}/history`)).body.events.map(
        ({ by, action, comment, changes, form }: Record<string, unknown>) => ({ by, action, comment, changes, form }),
      );
      const linked = (await runa.get(`${at}/linked`)).body.groups.map(
        ({ key, label, count }: Record<string, unknown>) => ({ key, label, count }),
      );
      told.push({ number, title, stage, values, history, linked });
    }
  }
  return told;
};

const tellDraft = async (runa: Caller) => {
  const { status, form } = (await runa.get('/api/forms/report_a_near_miss?draft=yes')).body;
  return { status, label: form.label, questions: form.questions.length };
};

/** Everything that is compared before and after an upgrade. */
export const tellEverything = async (server: TestServer) => {
  const [runa, piet, sana] = [await server.as('Runa'), await server.as('Piet'), await server.as('Sana')];
  const workspace = (await runa.get('/api/workspace')).body;
  const tray = async (who: Caller) =>
    (await who.get('/api/in-tray')).body.items
      // What earlier versions told: what somebody sent stood in no in-tray.
      .filter(({ kind }: { kind: string }) => kind !== 'sent')
      .map(({ kind, number, title, from, why, form }: Record<string, unknown>) => ({
        kind,
        number,
        title,
        from,
        why,
        form,
      }));
  return {
    registers: workspace.registers.map(({ key, fields }: { key: string; fields: { key: string; label: string }[] }) => [
      key,
      ...fields.map((field) => `${field.key}: ${field.label}`),
    ]),
    roles: workspace.roles.map(({ key, label, registers }: Role) => ({
      key,
      label,
      sees: Object.keys(registers).filter((register) => registers[register]?.see !== false),
    })),
    clients: await tellRegister(runa, 'clients', 'name,kind'),
    boats: await tellRegister(runa, 'boats', 'name,owner,year_built'),
    invoices: await tellRegister(runa, 'invoices', 'subject,client,state,issued_on,lines,gross'),
    near_misses: await tellRegister(runa, 'near_misses'),
    set_aside: (await runa.get('/api/registers/near_misses/set-aside')).body.fields.map(
      ({ label, rows }: Record<string, unknown>) => ({ label, rows }),
    ),
    // A draft is no version, though it once stood among them.
    versions: (await runa.get('/api/forms/report_a_near_miss/versions')).body.versions
      .filter(({ status }: { status: string }) => status !== 'draft')
      .map(({ version, status, by, open, problems }: Record<string, unknown>) => ({
        version,
        status,
        by,
        open,
        problems,
      })),
    draft: await tellDraft(runa),
    kept: (await piet.get('/api/kept')).body.entries.map(({ form, label, title }: Record<string, unknown>) => ({
      form,
      label,
      title,
    })),
    in_tray: { sana: await tray(sana), piet: await tray(piet) },
  };
};
