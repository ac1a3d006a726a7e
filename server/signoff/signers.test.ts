import { afterAll, afterEach, beforeAll, describe, expect, test } from 'vitest';
import { addDays, today } from '#core/base/index.ts';
import { secretTo } from '../testing/letters.ts';
import { Signing, step } from '../testing/signing.ts';

const DAY = today({ now: new Date().toISOString(), zone: 'Europe/London' });

describe('who signs', () => {
  let at: Signing;
  beforeAll(async () => {
    at = await Signing.start();
  });
  afterAll(() => at?.server.stop());
  afterEach(async () => {
    for (const name of ['Teo', 'Sana'] as const) await at.person(name, { away: null });
  });

  const away = async (name: 'Teo' | 'Sana', standIn: 'Ines' | 'Dev' | 'Tomas' | 'Piet' | null) =>
    at.person(name, {
      away: { from: DAY, until: addDays(DAY, 3) },
      stand_in: standIn === null ? null : await at.personId(standIn),
    });

  test('two of three trustees, one away, one the sender: the last resort gives the missing one and says so', async () => {
    await at.route({ steps: [step('Trustees', 'trustee', { how_many: 2 })] });
    await away('Teo', null);
    const id = await at.send('Ines', 'Crane');
    expect((await at.decide('Tomas', id, 'approve')).body.stage).toBe('waiting');
    expect((await at.item('Runa', id)).why).toContain('signs in place of two of the Trustees, as nobody else may');
    expect((await at.decide('Runa', id, 'approve')).body.stage).toBe('approved');
    const { steps } = await at.track(id);
    expect(steps[0].signatures).toMatchObject([
      { by: 'Tomas Reed', last_resort: false },
      { by: 'Runa Oakes', last_resort: true },
    ]);
  });

  test('a stand-in signs in the name of who is away; both names are kept, and being away keeps nobody from signing', async () => {
    await at.route({ steps: [step('Yard manager', 'yard_manager')] });
    await away('Sana', 'Dev');
    const id = await at.send('Piet', 'While away');
    const [forDev, forSana] = [await at.item('Dev', id), await at.item('Sana', id)];
    expect([forDev.stands_in_for, forSana.stands_in_for]).toEqual(['Sana Whitlock', null]);
    expect(forDev.why).toContain('You stand in for Sana Whitlock.');
    expect((await at.decide('Dev', id, 'approve')).body.stage).toBe('approved');
    expect((await at.track(id)).steps[0].signatures).toMatchObject([{ by: 'Dev Anand', for: 'Sana Whitlock' }]);
    const [newest] = await at.history(id);
    expect(newest).toMatchObject({ action: 'approved', by: 'Dev Anand', comment: '(for Sana Whitlock)' });
  });

  test('whoever stands in and sent it may not sign: it goes to the last resort', async () => {
    await at.route({ steps: [step('Yard manager', 'yard_manager')] });
    await away('Sana', 'Piet');
    const id = await at.send('Piet', 'Own, as stand-in');
    expect(await at.item('Piet', id)).toBeUndefined();
    expect(await at.item('Runa', id)).toBeDefined();
  });

  test('nobody signs a round in which they changed a watched field, unless the route says so', async () => {
    await at.route({ steps: [step('Yard manager', 'yard_manager')] });
    const id = await at.send('Piet', 'Corrected');
    expect((await at.change('Sana', id, 'title', 'Corrected', 'Corrected by Sana')).status).toBe(403);
    await at.person('Sana', { roles: ['yard_manager', 'operations_manager'] });
    expect((await at.change('Sana', id, 'title', 'Corrected', 'Corrected by Sana')).status).toBe(200);
    expect(await at.item('Sana', id)).toBeUndefined();
    const tried = await (await at.as('Sana')).post(`/api/sign-offs/${await at.signOff(id)}`, {
      decision: 'approve',
      version: 2,
    });
    expect([tried.status, tried.body.detail]).toEqual([403, 'You changed this in this round: somebody else signs it.']);
    await at.route({ steps: [step('Yard manager', 'yard_manager')], may_sign: ['changed'] });
    const other = await at.send('Piet', 'Allowed');
    await at.change('Sana', other, 'title', 'Allowed', 'Allowed by Sana');
    expect(await at.item('Sana', other)).toBeDefined();
    await at.person('Sana', { roles: ['yard_manager'] });
  });

  test('passed on to somebody who could sign; to nobody else', async () => {
    await at.route({ steps: [step('Yard manager', 'yard_manager')] });
    const id = await at.send('Piet', 'Passed on');
    const { sign_off: signOff } = await at.item('Sana', id);
    const { pass_to: passTo } = (await (await at.as('Sana')).get(`/api/sign-offs/${signOff}`)).body;
    expect(passTo.map(({ name }: { name: string }) => name)).toEqual(['Runa Oakes']);
    const refused = await at.decide('Sana', id, 'delegate', { to: await at.personId('Bea') });
    expect([refused.status, refused.body.errors[0].pointer]).toEqual([422, '#/to']);
    expect((await at.decide('Sana', id, 'delegate', { to: await at.personId('Runa') })).status).toBe(200);
    expect([await at.item('Sana', id), (await at.item('Runa', id)) !== undefined]).toEqual([undefined, true]);
    expect((await at.history(id))[0]).toMatchObject({ action: 'delegated', comment: 'Runa Oakes: A reason.' });
  });

  test('a role taken away asks those who are left; nobody left is stuck, and said so to whoever sets up', async () => {
    await at.route({
      steps: [step('Trustees', 'trustee', { how_many: 'all' })],
      last_resort: { kind: 'person', person: await at.personId('Piet') },
    });
    const id = await at.send('Piet', 'All trustees');
    await at.decide('Teo', id, 'approve');
    await at.person('Ines', { roles: ['treasurer'] });
    expect(await at.item('Ines', id)).toBeUndefined();
    expect((await at.decide('Tomas', id, 'approve')).body.stage).toBe('approved');
    await at.person('Ines', { roles: ['treasurer', 'trustee'] });
    await at.route({
      steps: [step('Office', 'office')],
      last_resort: { kind: 'person', person: await at.personId('Piet') },
    });
    await at.person('Bea', { roles: [] });
    const stuck = await at.send('Piet', 'Nobody left');
    expect((await at.track(stuck)).stage).toBe('stuck');
    await at.person('Bea', { roles: ['office'] });
    expect((await at.track(stuck)).stage).toBe('waiting');
    expect(await at.item('Bea', stuck)).toBeDefined();
  });

  test('who comes into the role later is asked too; what the last resort held unsigned goes back', async () => {
    await at.route({ steps: [step('Trustees', 'trustee', { how_many: 2 })] });
    await at.person('Ines', { roles: ['treasurer'] });
    await at.person('Tomas', { roles: [] });
    const id = await at.send('Piet', 'Two of one');
    expect(await at.item('Runa', id)).toBeDefined();
    await at.person('Ines', { roles: ['treasurer', 'trustee'] });
    expect([await at.item('Runa', id), (await at.item('Ines', id)) !== undefined]).toEqual([undefined, true]);
    expect((await at.decide('Ines', id, 'approve')).body.stage).toBe('waiting');
    // Another who comes in is asked as well; as many signatures are enough as on entering.
    await at.person('Tomas', { roles: ['trustee'] });
    expect([(await at.item('Teo', id)) !== undefined, (await at.item('Tomas', id)) !== undefined]).toEqual([
      true,
      true,
    ]);
    expect((await at.decide('Tomas', id, 'approve')).body.stage).toBe('approved');
    expect((await at.track(id)).steps[0]).toMatchObject({
      needed: 2,
      signatures: [
        { by: 'Ines Varga', last_resort: false },
        { by: 'Tomas Reed', last_resort: false },
      ],
    });
  });

  test('where all sign, who comes later stands in for one who no longer can, and is asked by nobody else', async () => {
    await at.route({ steps: [step('Trustees', 'trustee', { how_many: 'all' })] });
    await at.person('Tomas', { roles: [] });
    const id = await at.send('Piet', 'All of two');
    await at.person('Tomas', { roles: ['trustee'] });
    expect(await at.item('Tomas', id)).toBeUndefined();
    await at.person('Ines', { roles: ['treasurer'] });
    expect(await at.item('Tomas', id)).toBeDefined();
    await at.decide('Teo', id, 'approve');
    expect((await at.decide('Tomas', id, 'approve')).body.stage).toBe('approved');
    await at.person('Ines', { roles: ['treasurer', 'trustee'] });
  });

  test('somebody who was invited, and comes in after it began to wait, is asked', async () => {
    const runa = await at.as('Runa');
    const invited = await runa.post('/api/people', {
      people: [{ name: 'Wim Hale', email: 'wim.hale@example.org', roles: ['office'] }],
    });
    expect(invited.status).toBe(201);
    await at.person('Bea', { roles: [] });
    await at.route({ steps: [step('Office', 'office')] });
    const id = await at.send('Piet', 'Before Wim came');
    expect(await at.item('Runa', id)).toBeDefined();
    const secret = await secretTo(at.server, 'wim.hale@example.org');
    expect(
      (await at.server.stranger().post(`/api/invitations/${secret}`, { password: 'tall ships at dawn' })).status,
    ).toBe(200);
    expect(await at.item('Runa', id)).toBeUndefined();
    const { people } = (await runa.get('/api/people')).body;
    const wim = people.find((each: { name: string }) => each.name === 'Wim Hale');
    expect((await at.track(id)).steps[0].waits_for).toContain('Wim Hale');
    await runa.patch(`/api/people/${wim.id}`, { switched_off: true });
    expect(await at.item('Runa', id)).toBeDefined();
    await at.person('Bea', { roles: ['office'] });
  });

  test('from 20 connections at once: where one counts one counts, and the others are told', async () => {
    await at.route({ steps: [step('Yard manager', 'yard_manager')] });
    const id = await at.send('Piet', 'At once');
    const { sign_off: signOff, version } = await at.item('Sana', id);
    const sana = await at.as('Sana');
    const answers = await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        sana.post(`/api/sign-offs/${signOff}`, {
          decision: i % 2 === 0 ? 'approve' : 'refuse',
          comment: 'At once.',
          version,
        }),
      ),
    );
    const counts = (status: number) => answers.filter((answer) => answer.status === status).length;
    expect([counts(200), counts(409)]).toEqual([1, 19]);
    expect(answers.find(({ status }) => status === 409)?.body.detail).toMatch(/decided already/);
  });

  test('two of three at the same moment: no signature is lost', async () => {
    await at.route({ steps: [step('Trustees', 'trustee', { how_many: 3 })] });
    const id = await at.send('Piet', 'All three at once');
    const answers = await Promise.all(
      (['Teo', 'Tomas', 'Ines'] as const).map((name) => at.decide(name, id, 'approve')),
    );
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200]);
    expect(await at.track(id)).toMatchObject({ stage: 'approved', steps: [{ needed: 3 }] });
  });

  test('whom a field of the record, the sender’s own record, and a register of signers name', async () => {
    const runa = await at.as('Runa');
    const { version, registers } = (await runa.get('/api/workspace')).body;
    const nearMisses = registers.find(({ key }: { key: string }) => key === 'near_misses');
    const person = (key: string, label: string) => ({ key, label, type: { kind: 'person' } });
    const signers = {
      key: 'signers',
      singular: 'Signer',
      plural: 'Signers',
      mark: 'SIG',
      fields: [
        { key: 'called', label: 'Called', type: { kind: 'text' }, required: true },
        person('who', 'Who'),
        { key: 'for_what', label: 'For what', type: { kind: 'choice', list: 'severities' } },
        { key: 'up_to', label: 'Up to', type: { kind: 'money', currency: 'GBP' } },
        { key: 'begins', label: 'From', type: { kind: 'date' } },
        { key: 'ends', label: 'Until', type: { kind: 'date' } },
      ],
    };
    const fields = [...nearMisses.fields, person('looked_at_by', 'Looked at by')];
    const carried = await runa.post('/api/workspace/carry-out', {
      version,
      registers: [{ ...nearMisses, fields }, signers],
    });
    expect(carried.status, JSON.stringify(carried.body)).toBe(200);
    const add = (values: object) =>
      runa.post('/api/registers/signers/records', { id: crypto.randomUUID().replace(/-4/, '-7'), values });
    const [sana, ines, teo] = await Promise.all((['Sana', 'Ines', 'Teo'] as const).map((name) => at.personId(name)));
    const stored = [
      await add({ called: 'Sana', who: sana, for_what: 'damage', up_to: '1000' }),
      await add({ called: 'Ines', who: ines, up_to: null, begins: DAY, ends: addDays(DAY, 5) }),
      await add({ called: 'Teo, no more', who: teo, ends: addDays(DAY, -1) }),
    ];
    expect(stored.map(({ status }) => status)).toEqual([201, 201, 201]);
    const named = {
      kind: 'signers',
      register: 'signers',
      person: 'who',
      matches: [{ there: 'for_what', here: 'severity' }],
      limit: { there: 'up_to', here: 'cost' },
      from: 'begins',
      until: 'ends',
    };
    await at.route({ steps: [{ label: 'Signers', who: named, condition: null }] });
    const small = await at.send('Piet', 'Small', '900');
    const big = await at.send('Piet', 'Big', '5000');
    expect((await at.track(small)).steps[0].waits_for.sort()).toEqual(['Ines Varga', 'Sana Whitlock']);
    expect((await at.track(big)).steps[0].waits_for).toEqual(['Ines Varga']);

    await at.route({ steps: [{ label: 'Looked at', who: { kind: 'field', path: 'looked_at_by' }, condition: null }] });
    const none = await at.send('Piet', 'Named nobody');
    expect((await at.track(none)).steps[0].waits_for).toEqual(['Runa Oakes']);
    const wrong = await runa.put('/api/routes/near_misses', {
      key: 'near_misses',
      label: 'X',
      register: 'near_misses',
      steps: [{ label: 'X', who: { kind: 'field', path: 'title' }, condition: null }],
      last_resort: { kind: 'role', role: 'operations_manager' },
    });
    expect([wrong.status, wrong.body.errors[0].detail]).toEqual([422, 'Title must be a field of people.']);
  });
});
