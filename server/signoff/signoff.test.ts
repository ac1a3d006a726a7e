import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import { entry, makeNearMisses, nearMissRoute, story } from '../testing/near-misses.ts';

const FORM = '/api/forms/report_a_near_miss/entries';
const LIST = '/api/registers/near_misses/records';

/** A route of two steps: the yard manager over 500, the trustee when somebody was hurt. */
describe('a record on its way round', () => {
  let server: TestServer;
  let runa: Caller;
  let piet: Caller;
  let sana: Caller;
  let teo: Caller;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, piet, sana, teo] = (await Promise.all(['Runa', 'Piet', 'Sana', 'Teo'].map((name) => server.as(name)))) as [
      Caller,
      Caller,
      Caller,
      Caller,
    ];
    await makeNearMisses(runa);
    await runa.post('/api/forms/report_a_near_miss/publish', {
      fill_in_by: ['yard_hand', 'yard_manager'],
      seen_by: ['yard_hand', 'yard_manager'],
    });
    const steps = [
      ...nearMissRoute.steps,
      { label: 'Trustee', who: { kind: 'role', role: 'safety_trustee' }, condition: 'severity = "injury"' },
    ];
    expect((await runa.put('/api/routes/near_misses', { ...nearMissRoute, steps })).body.version).toBe(2);
  });
  afterAll(() => server?.stop());

  const send = async (who: Caller, title: string, cost: string, severity = 'damage') =>
    (await who.post(FORM, { ...entry({ title, severity, cost, what_happened: story }), version: 2 })).body;
  const waiting = async (who: Caller, record: string) =>
    (await who.get('/api/in-tray')).body.items.find(
      (item: { record: string; kind: string }) => item.record === record && item.kind !== 'sent',
    );
  const decide = async (who: Caller, record: string, decision: string, comment = '') => {
    const item = await waiting(who, record);
    const { version } = (await who.get(`${LIST}/${record}`)).body;
    return who.post(`/api/sign-offs/${item?.sign_off}`, { decision, comment, version });
  };
  const track = async (record: string) => (await runa.get(`${LIST}/${record}`)).body.sign_off;

  test('both steps, one after the other', async () => {
    const { id } = await send(piet, 'Both', '900', 'injury');
    expect(await waiting(teo, id)).toBeUndefined();
    expect((await decide(sana, id, 'approve')).body.stage).toBe('waiting');
    expect(await waiting(sana, id)).toBeUndefined();
    expect((await waiting(teo, id)).why).toBe('Severity is Injury, so the Trustee signs after the Yard manager.');
    expect((await decide(teo, id, 'approve', 'Spoken with the crew.')).body.stage).toBe('approved');
    expect((await track(id)).steps.map((step: { state: string; by: string }) => [step.state, step.by])).toEqual([
      ['approved', 'Sana Whitlock'],
      ['approved', 'Teo Marsh'],
    ]);
  });

  test('a step whose condition is false is skipped, before and after', async () => {
    const cheap = await send(piet, 'Cheap but hurt', '10', 'injury');
    expect(cheap.goes_to).toBe('Trustee');
    expect((await track(cheap.id)).steps.map((step: { state: string }) => step.state)).toEqual(['skipped', 'waiting']);
    const dear = await send(piet, 'Dear, nobody hurt', '900');
    expect((await decide(sana, dear.id, 'approve')).body.stage).toBe('approved');
  });

  test('who takes part in it may see a record of a register they may not see', async () => {
    const { id } = await send(piet, 'For Teo', '10', 'injury');
    expect((await teo.get(LIST)).status).toBe(404);
    const seen = await teo.get(`${LIST}/${id}`);
    expect(seen.body).toMatchObject({ title: 'For Teo', may_change: false, definition: { plural: 'Near misses' } });
    const other = await send(piet, 'Not for Teo', '900');
    expect((await teo.get(`${LIST}/${other.id}`)).status).toBe(404);
  });

  test('nobody signs what they sent: it goes to the last resort, which is told so', async () => {
    const { id } = await send(sana, 'My own', '900');
    expect(await waiting(sana, id)).toBeUndefined();
    const item = await waiting(runa, id);
    expect(item.why).toBe(
      'Cost is over 500, so the Operations manager signs in place of the Yard manager, as nobody else may.',
    );
    expect((await decide(runa, id, 'approve')).body.stage).toBe('approved');
  });

  test('one refusal refuses, with a reason, and it is over', async () => {
    const { id } = await send(piet, 'Refused', '900', 'injury');
    expect((await decide(sana, id, 'refuse')).status).toBe(422);
    expect((await decide(sana, id, 'refuse', 'This is no near miss.')).body.stage).toBe('refused');
    expect(await waiting(teo, id)).toBeUndefined();
    const [newest] = (await runa.get(`${LIST}/${id}/history`)).body.events;
    expect(newest).toMatchObject({ action: 'refused', by: 'Sana Whitlock', comment: 'This is no near miss.' });
  });

  test('many are sent round at once: what was brought in unsigned or withdrawn, not what is on its way', async () => {
    const records = ['Old one', 'Cheap one'].map((title, at) => ({
      id: newId(),
      values: entry({ title, severity: 'damage', cost: at === 0 ? '900' : '1', what_happened: story }).values,
    }));
    const brought = await runa.post('/api/registers/near_misses/import', { records, as_they_stand: true });
    expect(brought.status).toBe(201);
    const underway = await send(piet, 'On its way', '900');
    const ids = [...records.map(({ id }) => id), underway.id];
    const many = { which: { ids }, deed: { kind: 'send' } };
    const rehearsed = await runa.post('/api/registers/near_misses/many', { ...many, rehearse: true });
    expect(rehearsed.body).toMatchObject({ changed: 2, refused: 1 });
    expect(await waiting(sana, records[0]?.id ?? '')).toBeUndefined();

    const sent = await runa.post('/api/registers/near_misses/many', many);
    expect(sent.body.outcomes.map(({ detail }: { detail: string }) => detail)).toEqual([
      '',
      '',
      'It is on its way already.',
    ]);
    expect(await waiting(sana, records[0]?.id ?? '')).toBeDefined();
    const [newest] = (await runa.get(`${LIST}/${records[0]?.id}/history`)).body.events;
    expect(newest).toMatchObject({ action: 'started', by: 'Runa Oakes' });
    // What was sent cannot be called back by undoing.
    expect(sent.body.may_undo).toBe(false);
  });

  test('two decisions on the same step: the second is told that it was decided', async () => {
    const { id } = await send(piet, 'Twice decided', '900');
    const item = await waiting(sana, id);
    const body = { decision: 'approve', comment: '', version: 1 };
    const answers = await Promise.all([1, 2].map(() => sana.post(`/api/sign-offs/${item.sign_off}`, body)));
    expect(answers.map((answer) => answer.status).sort()).toEqual([200, 409]);
  });

  const change = (id: string, field: string, from: string, to: string) =>
    runa.patch(`${LIST}/${id}`, { from: { [field]: from }, changes: { [field]: to } });

  test('a change of any field of what was approved begins a new round', async () => {
    const { id } = await send(piet, 'Changed later', '900');
    await decide(sana, id, 'approve');
    await change(id, 'title', 'Changed later', 'Renamed');
    expect(await track(id)).toMatchObject({ stage: 'waiting', round: 2 });
    expect((await waiting(sana, id)).title).toBe('Renamed');
  });

  test('what was stored with too little to be signed goes round once it is enough', async () => {
    const { id, goes_to } = await send(piet, 'Grew later', '99');
    expect(goes_to).toBeNull();
    await change(id, 'title', 'Grew later', 'Grew much later');
    expect(await track(id)).toBeNull();
    await change(id, 'cost', '99', '9999');
    expect(await track(id)).toMatchObject({ stage: 'waiting', round: 1 });
  });

  test('what was refused is not approved by being made so small that nobody signs it', async () => {
    const { id } = await send(piet, 'Shrinks', '900');
    expect((await decide(sana, id, 'refuse', 'Too dear.')).body.stage).toBe('refused');
    await change(id, 'cost', '900', '99');
    expect(await track(id)).toBeNull();
    const [listed] = (await runa.get(`${LIST}?find=shrinks`)).body.records;
    expect(listed).toMatchObject({ id, stage: null });
    await change(id, 'cost', '99', '900');
    expect(await track(id)).toMatchObject({ stage: 'waiting', round: 2 });
  });

  test('where no step has a condition, a change begins a new round too; where fields are named, only theirs do', async () => {
    const put = (route: object) => runa.put('/api/routes/near_misses', route);
    const unconditional = {
      ...nearMissRoute,
      steps: [{ label: 'Yard manager', who: { kind: 'role', role: 'yard_manager' }, condition: null }],
    };
    expect((await put(unconditional)).status).toBe(200);
    const one = await send(piet, 'Ninety-nine', '99');
    await decide(sana, one.id, 'approve');
    await change(one.id, 'cost', '99', '9999');
    expect(await track(one.id)).toMatchObject({ stage: 'waiting', round: 2 });

    expect((await put({ ...unconditional, watches: ['cost'] })).status).toBe(200);
    const other = await send(piet, 'Named', '99');
    await decide(sana, other.id, 'approve');
    await change(other.id, 'title', 'Named', 'Renamed');
    expect(await track(other.id)).toMatchObject({ stage: 'approved', round: 1 });
    await change(other.id, 'cost', '99', '100');
    expect(await track(other.id)).toMatchObject({ stage: 'waiting', round: 2 });
    const wrong = await put({ ...unconditional, watches: ['costs'] });
    expect([wrong.status, wrong.body.errors?.[0].pointer]).toEqual([422, '#/watches/0']);
    const steps = [
      ...nearMissRoute.steps,
      { label: 'Trustee', who: { kind: 'role', role: 'safety_trustee' }, condition: 'severity = "injury"' },
    ];
    expect((await put({ ...nearMissRoute, steps })).status).toBe(200);
  });

  test('what was sent back waits for its sender alone, and goes round from the beginning', async () => {
    const { id } = await send(piet, 'Back and again', '900', 'injury');
    await decide(sana, id, 'approve');
    expect((await decide(teo, id, 'send_back', 'Who was hurt?')).body.stage).toBe('sent_back');
    expect(await waiting(sana, id)).toBeUndefined();
    expect(await waiting(piet, id)).toMatchObject({ kind: 'mend', from: 'Teo Marsh', why: 'Who was hurt?' });
    const again = await piet.post(FORM, {
      ...entry({ what_happened: `${story} Nobody was hurt after all.` }),
      version: 2,
      record: { id, from: { what_happened: story } },
    });
    expect(again.body).toMatchObject({ id, goes_to: 'Yard manager' });
    expect(await track(id)).toMatchObject({ round: 2, stage: 'waiting' });
  });

  test('mending that ends a question’s being asked clears it, in the record and in the history', async () => {
    const { id } = await send(piet, 'Not so bad', '900');
    await decide(sana, id, 'send_back', 'Was anything broken?');
    const again = await piet.post(FORM, {
      ...entry({ severity: 'scare' }),
      version: 2,
      record: { id, from: { severity: 'damage' } },
    });
    // With no cost left, no step applies any more.
    expect(again.body).toMatchObject({ id, goes_to: null });
    expect((await runa.get(`${LIST}/${id}`)).body.values).toMatchObject({ severity: 'scare', cost: null });
    const [newest] = (await runa.get(`${LIST}/${id}/history`)).body.events;
    expect(newest).toMatchObject({ action: 'sent_again', by: 'Piet Lund' });
    expect(newest.changes).toEqual([
      { field: 'Severity', from: 'Damage', to: 'Scare' },
      { field: 'Cost', from: '900.00', to: '' },
    ]);
  });

  test('what is mended must pass the same rules', async () => {
    const { id } = await send(piet, 'Mended wrong', '900');
    await decide(sana, id, 'send_back', 'How much?');
    const answer = await piet.post(FORM, {
      ...entry({ cost: '0', title: null }),
      version: 2,
      record: { id, from: { cost: '900', title: 'Mended wrong' } },
    });
    expect(answer.status).toBe(422);
    expect(answer.body.errors.map((each: { pointer: string }) => each.pointer).sort()).toEqual([
      '#/values/cost',
      '#/values/title',
    ]);
  });
});
