import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { addDays, today } from '#core/base/index.ts';
import { newId } from '../testing/harness.ts';
import { type Name, Signing, step } from '../testing/signing.ts';

const DAY = today({ now: new Date().toISOString(), zone: 'Europe/London' });

describe('the in-tray', () => {
  let at: Signing;
  beforeAll(async () => {
    at = await Signing.start();
    await at.route({
      steps: [step('Yard manager', 'yard_manager'), step('Treasurer', 'treasurer')],
      watches: ['cost'],
    });
  });
  afterAll(() => at?.server.stop());

  const tray = async (name: 'Sana' | 'Ines' | 'Piet' | 'Dev') => (await (await at.as(name)).get('/api/in-tray')).body;
  const detail = async (name: Name, record: string) => {
    const item = await at.item(name, record);
    return (await (await at.as(name)).get(`/api/sign-offs/${item.sign_off}`)).body;
  };

  test('says what it is, how much, why, and counts by what it is', async () => {
    const id = await at.send('Piet', 'Told');
    expect(await at.item('Sana', id)).toMatchObject({
      kind: 'sign',
      amount: '900.00',
      why: 'The Yard manager signs every one of these.',
      group: 'near_misses',
      from: 'Piet Lund',
      changed: false,
      fills: false,
      version: 1,
    });
    const { groups } = await tray('Sana');
    expect(groups).toEqual([{ key: 'near_misses', label: 'Near misses', count: expect.any(Number), late: 0 }]);
    expect(groups[0].count).toBeGreaterThan(0);
  });

  test('what a person sent, with whom it waits for, until it was decided', async () => {
    const id = await at.send('Dev', 'Sent by Dev');
    const sent = async () => (await tray('Dev')).items.find((each: { record: string }) => each.record === id);
    expect(await sent()).toMatchObject({ kind: 'sent', stage: 'waiting', waits_for: 'Sana Whitlock' });
    await at.decide('Sana', id, 'approve');
    expect(await sent()).toMatchObject({ waits_for: 'Ines Varga' });
    await at.decide('Ines', id, 'refuse');
    expect(await sent()).toMatchObject({ stage: 'refused', waits_for: '' });
  });

  test('what is different since somebody signed, field by field, and what others said', async () => {
    const id = await at.send('Piet', 'Differs');
    await at.decide('Sana', id, 'approve');
    expect((await detail('Ines', id)).since).toMatchObject({ who: 'Sana Whitlock', changes: [] });
    await at.change('Runa', id, 'title', 'Differs', 'Differs now');
    const told = await detail('Ines', id);
    expect(told.since.changes).toEqual([{ field: 'Title', from: 'Differs', to: 'Differs now' }]);
    expect((await at.item('Ines', id)).changed).toBe(true);
  });

  test('earlier ones like it: of the same sender, within 25 % of the amount, and what became of them', async () => {
    const [near, far] = [await at.send('Bea', 'Near', '1000'), await at.send('Bea', 'Far', '5000')];
    await at.decide('Sana', near, 'refuse');
    await at.decide('Sana', far, 'refuse');
    const id = await at.send('Bea', 'Like it', '900');
    const { similar } = await detail('Sana', id);
    expect(similar).toMatchObject([{ title: 'Near', amount: '1,000.00', stage: 'refused', comment: 'A reason.' }]);
  });

  test('many at once: each with its own check, one that is refused keeps no other from being signed', async () => {
    const ids = [await at.send('Piet', 'First'), await at.send('Piet', 'Second'), await at.send('Piet', 'Third')];
    const items = await Promise.all(ids.map((id) => at.item('Sana', id)));
    await at.change('Runa', ids[1] ?? '', 'title', 'Second', 'Second, changed');
    const answer = await (await at.as('Sana')).post('/api/sign-offs', {
      decision: 'approve',
      comment: '',
      items: items.map(({ sign_off: id, version, step: place }) => ({ id, version, step: place })),
    });
    expect(answer.body.outcomes.map(({ problem }: { problem: string | null }) => problem)).toEqual([
      null,
      expect.stringContaining('The record was changed since you opened it.'),
      null,
    ]);
    expect((await at.track(ids[0] ?? '')).steps[0].state).toBe('approved');
  });

  test('what must be filled in is not signed along with others', async () => {
    await at.route({ steps: [step('Yard manager', 'yard_manager', { fills: [{ field: 'boat', must: true }] })] });
    const id = await at.send('Piet', 'Filled in with others');
    const { sign_off: signOff, version, fills } = await at.item('Sana', id);
    const answer = await (await at.as('Sana')).post('/api/sign-offs', {
      decision: 'approve',
      items: [{ id: signOff, version }],
    });
    expect([fills, answer.body.outcomes[0].problem]).toEqual([true, 'Boat must be filled in before you approve.']);
  });

  test('a step shows what it says, there and nowhere else', async () => {
    await at.route({ steps: [step('Office', 'office', { shows: ['title'] })] });
    const id = await at.send('Piet', 'Shown in part');
    const seen = (await at.record('Bea', id)).body;
    expect(Object.keys(seen.values)).toEqual(['title']);
    expect((await at.decide('Bea', id, 'approve')).status).toBe(200);
    expect(Object.keys((await at.record('Bea', id)).body.values)).toEqual(['title']);
    const others = await at.send('Piet', 'Not shown', '900');
    await at.route({ steps: [step('Yard manager', 'yard_manager')] });
    const none = await at.send('Piet', 'Not theirs');
    expect([(await at.record('Bea', others)).status, (await at.record('Bea', none)).status]).toEqual([200, 404]);
    const history = (await (await at.as('Bea')).get(`/api/registers/near_misses/records/${id}/sign-off`)).body;
    expect(history.decisions[0].seen.map(({ field }: { field: string }) => field)).toEqual(['Title']);
  });

  test('what waits for somebody else is not there, in the tray, by its id, nor in what it would say', async () => {
    const id = await at.send('Piet', 'For Sana alone');
    const { sign_off: signOff } = await at.item('Sana', id);
    for (const name of ['Orla', 'Bea', 'Teo'] as const) {
      const who = await at.as(name);
      expect(await at.item(name, id)).toBeUndefined();
      expect([name, (await who.get(`/api/sign-offs/${signOff}`)).status]).toEqual([name, 404]);
      const decided = await who.post(`/api/sign-offs/${signOff}`, { decision: 'approve', version: 1 });
      const never = await who.post('/api/sign-offs/01a22556-46c8-7170-ac8d-3c58985e139e', {
        decision: 'approve',
        version: 1,
      });
      expect([decided.status, decided.body.detail]).toEqual([never.status, never.body.detail]);
    }
  });

  test('somebody away is told who stands in for them', async () => {
    await at.person('Sana', {
      away: { from: DAY, until: addDays(DAY, 2) },
      stand_in: await at.personId('Dev'),
    });
    expect((await tray('Sana')).my_stand_in.name).toBe('Dev Anand');
    expect(
      (await tray('Dev')).items.some(
        ({ stands_in_for: name }: { stands_in_for: string | null }) => name === 'Sana Whitlock',
      ),
    ).toBe(true);
    await at.person('Sana', { away: null });
  });

  test('before it is sent, a form says who will sign; and nothing to whoever may not fill it in', async () => {
    await at.route({
      steps: [
        step('Yard manager', 'yard_manager', { fills: [{ field: 'boat', must: false }] }),
        step('Treasurer', 'treasurer', { condition: 'cost > 500' }),
        step('Trustees', 'trustee', { condition: 'boat != null', how_many: 2 }),
      ],
    });
    const ask = async (name: 'Piet' | 'Orla', cost: string) =>
      (await at.as(name)).post('/api/forms/report_a_near_miss/who-signs', { values: { cost, title: 7 } });
    expect((await ask('Piet', '900')).body.says).toBe(
      'The Yard manager (Sana Whitlock), then the Treasurer (Ines Varga), as Cost is over 500, then perhaps two of the Trustees (Teo Marsh or Tomas Reed).',
    );
    expect((await ask('Piet', '100')).body.says).not.toContain('Treasurer');
    expect((await ask('Orla', '900')).status).toBe(404);
  });

  test('what changed behind a link is told to a signer as far as they see it', async () => {
    await at.route({
      steps: [
        step('Treasurer', 'treasurer', { condition: 'owner.name != "" and owner.credit_limit >= 0' }),
        step('Office', 'office', { beside: true, condition: 'owner.iban = null' }),
        step('Trustee', 'trustee', { beside: true }),
        step('Client', 'client', { beside: true }),
      ],
      watches: ['cost'],
    });
    const runa = await at.as('Runa');
    const former = { name: 'Former & Co', kind: 'private', credit_limit: '500', iban: null };
    const owner = newId();
    expect((await runa.post('/api/registers/clients/records', { id: owner, values: former })).status).toBe(201);
    const id = await at.send('Piet', 'Behind a link', '900', { owner });
    // The IBAN is the example of ISO 13616's registry.
    const changes = { name: 'Newer & Co', credit_limit: '750', iban: 'GB29NWBK60161331926819' };
    const { name, credit_limit, iban } = former;
    const changed = await runa.patch(`/api/registers/clients/records/${owner}`, {
      from: { name, credit_limit, iban },
      changes,
    });
    expect(changed.status).toBe(200);
    const told = async (who: Name) =>
      (await detail(who, id)).beyond.map(({ field }: { field: string }) => field).sort();
    expect(await told('Ines')).toEqual(['Owner, Bank account (IBAN)', 'Owner, Credit limit', 'Owner, Name']);
    // One field of it is hidden from the office.
    expect(await told('Bea')).toEqual(['Owner, Credit limit', 'Owner, Name']);
    // They see no such client, only how the one is called that the record they sign names.
    for (const who of ['Tomas', 'Orla'] as const) {
      const record = (await (await at.as(who)).get(`/api/registers/near_misses/records/${id}`)).body;
      expect([who, record.links.owner.title, await told(who)]).toEqual([who, 'Newer & Co', ['Owner, Name']]);
    }
  });
});
