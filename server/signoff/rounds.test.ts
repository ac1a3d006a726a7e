import { extractText, getDocumentProxy } from 'unpdf';
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { newId } from '../testing/harness.ts';
import { story } from '../testing/near-misses.ts';
import { Signing, step } from '../testing/signing.ts';

const TWO = [step('Yard manager', 'yard_manager'), step('Treasurer', 'treasurer', { condition: 'cost > 1000' })];
const TOLERANT = { steps: TWO, tolerance: { field: 'cost', share: '0.05', amount: '50' }, watches: ['cost', 'title'] };

describe('rounds', () => {
  let at: Signing;
  beforeAll(async () => {
    at = await Signing.start();
  });
  afterAll(() => at?.server.stop());

  test.each([
    ['950', 'approved', 1, 'within the amount'],
    ['945', 'approved', 1, 'within both'],
    ['951', 'waiting', 2, 'beyond both'],
    ['849', 'waiting', 2, 'beyond both, downwards'],
  ])('changed from 900 to %s it is %s in round %s: %s', async (to, stage, round) => {
    await at.route(TOLERANT);
    const id = await at.send('Piet', `To ${to}`);
    await at.decide('Sana', id, 'approve');
    await at.change('Runa', id, 'cost', '900', to);
    expect(await at.track(id)).toMatchObject({ stage, round });
    // Where the signatures stand it is said wherever the record is shown; where they fell there is nothing to say.
    expect((await at.record('Runa', id)).body.changed_since_signed).toBe(stage === 'approved');
  });

  test('tolerance is compared with what each signature saw, not with the change before; a step due now is entered', async () => {
    await at.route(TOLERANT);
    const id = await at.send('Piet', 'Creeps', '980');
    await at.decide('Sana', id, 'approve');
    await at.change('Runa', id, 'cost', '980', '1010');
    expect(await at.track(id)).toMatchObject({
      stage: 'waiting',
      round: 1,
      steps: [{ state: 'approved' }, { state: 'waiting' }],
    });
    expect((await at.track(id)).changed_since).toEqual(['Cost']);
    await at.change('Runa', id, 'cost', '1010', '1040');
    expect(await at.track(id)).toMatchObject({ round: 2, steps: [{ state: 'waiting' }, { state: 'to_come' }] });
  });

  test('another watched field goes round whatever the amount; one that is not watched does not', async () => {
    await at.route(TOLERANT);
    const id = await at.send('Piet', 'Watched');
    await at.decide('Sana', id, 'approve');
    await at.change('Runa', id, 'what_happened', story, `${story} Nobody was near.`);
    expect(await at.track(id)).toMatchObject({ stage: 'approved', round: 1, changed_since: ['What happened'] });
    await at.change('Runa', id, 'title', 'Watched', 'Renamed');
    expect(await at.track(id)).toMatchObject({ stage: 'waiting', round: 2 });
  });

  test('it runs again from the step the route says, and mended from the step that sent it back', async () => {
    const answer = await at.route({ steps: [step('Yard manager', 'yard_manager'), step('Treasurer', 'treasurer')] });
    const { route } = answer.body;
    await at.route({ ...route, again_from: route.steps[1].id, mended: 'that_step' });
    const id = await at.send('Piet', 'From the second');
    await at.decide('Sana', id, 'approve');
    await at.decide('Ines', id, 'approve');
    await at.change('Runa', id, 'cost', '900', '700');
    expect((await at.track(id)).steps.map(({ state }: { state: string }) => state)).toEqual(['approved', 'waiting']);
    const marks = [{ field: 'cost', says: 'Whose price is this?' }];
    await at.decide('Ines', id, 'send_back', { marks });
    const form = (await (await at.as('Piet')).get(`/api/forms/report_a_near_miss?record=${id}`)).body;
    expect(form.sent_back).toEqual({ by: 'Ines Varga', reason: 'A reason.', marks });
    const mended = await (await at.as('Piet')).post('/api/forms/report_a_near_miss/entries', {
      id: newId(),
      version: 2,
      filled_in_at: new Date().toISOString(),
      values: { cost: '650' },
      record: { id, from: { cost: '700' } },
    });
    expect([mended.status, mended.body.goes_to]).toEqual([201, 'Treasurer']);
  });

  test('sent back to an earlier step, its signers are asked again and the record stays where it is', async () => {
    await at.route({ steps: [step('Yard manager', 'yard_manager'), step('Treasurer', 'treasurer')] });
    const id = await at.send('Piet', 'To the manager');
    await at.decide('Sana', id, 'approve');
    const item = await at.item('Ines', id);
    const { back_to: backTo } = (await (await at.as('Ines')).get(`/api/sign-offs/${item.sign_off}`)).body;
    expect(backTo).toEqual([{ step: 0, label: 'Yard manager' }]);
    expect((await at.decide('Ines', id, 'send_back', { to_step: 0 })).body.stage).toBe('waiting');
    expect(await at.item('Sana', id)).toBeDefined();
    expect(await at.item('Piet', id)).toBeUndefined();
    expect((await at.decide('Sana', id, 'send_back', { to_step: 1 })).status).toBe(422);
  });

  test('what a step fills in is its own to fill in, must be, and is no change that goes round', async () => {
    const fills = [
      { field: 'owner', must: false },
      { field: 'reported_on', must: true },
    ];
    const runa = await at.as('Runa');
    const { version, registers } = (await runa.get('/api/workspace')).body;
    const nearMisses = registers.find(({ key }: { key: string }) => key === 'near_misses');
    const fields = [...nearMisses.fields, { key: 'reported_on', label: 'Reported on', type: { kind: 'date' } }];
    const added = nearMisses.fields.some(({ key }: { key: string }) => key === 'reported_on')
      ? { status: 200 }
      : await runa.post('/api/workspace/carry-out', { version, registers: [{ ...nearMisses, fields }] });
    expect(added.status).toBe(200);
    await at.route({
      steps: [step('Yard manager', 'yard_manager', { fills, locks: ['title'] }), step('Treasurer', 'treasurer')],
    });
    const id = await at.send('Piet', 'Filled in');
    const early = await at.change('Runa', id, 'reported_on', null, '2026-11-01');
    expect([early.status, early.body.errors[0].detail]).toEqual([
      403,
      'Reported on is filled in by Yard manager, when they sign.',
    ]);
    const missing = await at.decide('Sana', id, 'approve');
    expect([missing.status, missing.body.errors[0].pointer]).toEqual([422, '#/values/reported_on']);
    const odd = await at.decide('Sana', id, 'approve', { values: { cost: '1', reported_on: '2026-11-02' } });
    expect([odd.status, odd.body.errors[0].pointer]).toEqual([422, '#/values/cost']);
    const wrong = await at.decide('Sana', id, 'approve', { values: { reported_on: 'tomorrow' } });
    expect(wrong.status).toBe(422);
    expect((await at.decide('Sana', id, 'approve', { values: { reported_on: '2026-11-02' } })).body.stage).toBe(
      'waiting',
    );
    expect(await at.track(id)).toMatchObject({ round: 1, steps: [{ state: 'approved' }, { state: 'waiting' }] });
    expect((await at.record('Runa', id)).body.values.reported_on).toBe('2026-11-02');
  });

  test('what is locked is refused on every way of writing, and open again when it is opened again', async () => {
    await at.route({
      steps: [step('Yard manager', 'yard_manager', { locks: ['title'] })],
      reopens: ['treasurer'],
    });
    const id = await at.send('Piet', 'Locked');
    const says = 'Title is locked since Yard manager was asked to sign.';
    const runa = await at.as('Runa');
    const entryBody = {
      id: newId(),
      version: 1,
      filled_in_at: new Date().toISOString(),
      values: { title: 'By a form' },
      record: { id, from: { title: 'Locked' } },
    };
    const ways = {
      list: await at.change('Runa', id, 'title', 'Locked', 'By a list'),
      form: await runa.post('/api/forms/.near_misses/entries', entryBody),
    };
    for (const [way, answer] of Object.entries(ways))
      expect([way, answer.status, answer.body.detail]).toEqual([way, 403, says]);
    expect((await at.record('Runa', id)).body.locked.title).toBe(says);
    expect((await at.change('Runa', id, 'cost', '900', '800')).status).toBe(200);
    await at.decide('Sana', id, 'approve');
    expect((await at.change('Runa', id, 'title', 'Locked', 'After')).body.detail).toContain('until it is opened again');
    const signOff = await at.signOff(id);
    const reopen = (name: 'Sana' | 'Ines', comment: string) =>
      at.as(name).then((who) => who.post(`/api/sign-offs/${signOff}`, { decision: 'reopen', comment }));
    expect((await reopen('Sana', 'Let me')).status).toBe(403);
    expect((await reopen('Ines', '  ')).status).toBe(422);
    expect((await reopen('Ines', 'The title is wrong.')).body.stage).toBe('sent_back');
    expect(await at.item('Piet', id)).toMatchObject({ kind: 'mend', from: 'Ines Varga', why: 'The title is wrong.' });
    expect((await at.change('Runa', id, 'title', 'Locked', 'Open')).status).toBe(200);
  });

  test('approved and refused, it sets what the route says; what a rule refuses keeps it from being approved', async () => {
    const sets = {
      approved: [{ field: 'title', value: '"Approved: " + title' }],
      refused: [{ field: 'title', value: '"Refused"' }],
      sent_back: [],
    };
    await at.route({ steps: [step('Yard manager', 'yard_manager')], sets });
    const [one, other] = [await at.send('Piet', 'One'), await at.send('Piet', 'Other')];
    await at.decide('Sana', one, 'approve');
    await at.decide('Sana', other, 'refuse');
    expect((await at.record('Runa', one)).body.values.title).toBe('Approved: One');
    expect((await at.record('Runa', other)).body.values.title).toBe('Refused');
    expect(await at.track(one)).toMatchObject({ stage: 'approved', round: 1 });
    await at.route({
      steps: [step('Yard manager', 'yard_manager')],
      sets: { ...sets, approved: [{ field: 'cost', value: 'cost * 100000000000000' }] },
    });
    const third = await at.send('Piet', 'Third');
    const refused = await at.decide('Sana', third, 'approve');
    expect([refused.status, (await at.track(third)).stage]).toEqual([422, 'waiting']);
  });

  test('withdrawn by its sender alone, stopped by who may, and sent round again', async () => {
    await at.route({ steps: [step('Yard manager', 'yard_manager')] });
    const id = await at.send('Piet', 'Withdrawn');
    const signOff = await at.signOff(id);
    const act = async (name: 'Piet' | 'Sana' | 'Runa', decision: string, comment = '') =>
      (await at.as(name)).post(`/api/sign-offs/${signOff}`, { decision, comment });
    expect((await act('Sana', 'withdraw')).status).toBe(403);
    expect((await act('Piet', 'withdraw')).body.stage).toBe('none');
    expect(await at.item('Sana', id)).toBeUndefined();
    const late = await (await at.as('Sana')).post(`/api/sign-offs/${signOff}`, { decision: 'approve', version: 1 });
    expect([late.status, late.body.detail]).toEqual([409, expect.stringContaining('withdrawn, stopped, or changed')]);
    expect((await act('Piet', 'start')).body.stage).toBe('waiting');
    expect((await act('Runa', 'stop')).status).toBe(422);
    expect((await act('Runa', 'stop', 'Twice in the list.')).body.stage).toBe('none');
    expect((await at.history(id)).map(({ action }) => action).slice(0, 3)).toEqual(['stopped', 'started', 'withdrawn']);
  });

  test('each decision keeps what was seen, and shows it as it was', async () => {
    await at.route({ steps: [step('Yard manager', 'yard_manager'), step('Treasurer', 'treasurer')] });
    const id = await at.send('Piet', 'Seen');
    await at.decide('Sana', id, 'approve');
    await at.change('Runa', id, 'cost', '900', '700');
    const answer = await (await at.as('Runa')).get(`/api/registers/near_misses/records/${id}/sign-off`);
    const [decision] = answer.body.decisions;
    expect(decision).toMatchObject({ by: 'Sana Whitlock', version: 1, round: 1, step: 'Yard manager' });
    expect(decision.seen).toContainEqual({ field: 'Cost', value: '900.00' });
    const outsider = await (await at.as('Orla')).get(`/api/registers/near_misses/records/${id}/sign-off`);
    expect(outsider.status).toBe(404);
  });

  test('on paper it is what whoever asks sees of it, and nothing to whoever sees nothing', async () => {
    await at.route({ steps: [step('Trustees', 'trustee', { shows: ['title'] })] });
    const id = await at.send('Piet', 'On paper', '4321');
    const paper = async (cookie: string) => {
      const address = `${at.server.base}/api/registers/near_misses/records/${id}/record.pdf`;
      const answer = await fetch(address, { headers: { cookie } });
      if (!answer.ok) return answer.status;
      const pdf = await getDocumentProxy(new Uint8Array(await answer.arrayBuffer()));
      return (await extractText(pdf, { mergePages: true })).text;
    };
    const whole = await paper((await at.as('Runa')).cookie);
    expect(whole).toContain('On paper');
    expect(whole).toContain('4,321.00');
    const teo = await paper((await at.as('Teo')).cookie);
    expect(teo).toContain('Trustees');
    expect(await paper((await at.as('Orla')).cookie)).toBe(404);
    expect(await paper('')).toBe(401);
  });
});
