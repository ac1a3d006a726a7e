import { afterAll, afterEach, beforeAll, describe, expect, test } from 'vitest';
import { runAhead } from '../platform/clock.ts';
import { Signing, step } from '../testing/signing.ts';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;

describe('what happens with time', () => {
  let at: Signing;
  beforeAll(async () => {
    at = await Signing.start({ undoMs: 10_000 });
  });
  afterAll(() => at?.server.stop());
  afterEach(() => runAhead(0));

  const TWO = { steps: [step('Yard manager', 'yard_manager'), step('Treasurer', 'treasurer')] };

  test('a decision counts at once, and the next step begins when it cannot be undone any more', async () => {
    await at.route(TWO);
    const id = await at.send('Piet', 'In a moment');
    const decided = await at.decide('Sana', id, 'approve');
    expect(decided.body).toMatchObject({ stage: 'waiting', undo_until: expect.any(String) });
    expect((await at.track(id)).steps.map(({ state }: { state: string }) => state)).toEqual(['approved', 'to_come']);
    expect(await at.item('Ines', id)).toBeUndefined();
    expect(await at.server.wake()).toBe(0);
    runAhead(11_000);
    expect(await at.server.wake()).toBe(1);
    expect(await at.item('Ines', id)).toBeDefined();
  });

  test('undone, all of it is as before, and what it set is set back; later it is refused in words', async () => {
    const sets = { approved: [{ field: 'title', value: '"Approved"' }], refused: [], sent_back: [] };
    await at.route({ steps: [step('Yard manager', 'yard_manager')], sets });
    const id = await at.send('Piet', 'Undone');
    const { sign_off: signOff } = await at.item('Sana', id);
    const undo = async (name: 'Sana' | 'Ines') =>
      (await at.as(name)).post(`/api/sign-offs/${signOff}`, { decision: 'undo' });
    await at.decide('Sana', id, 'approve');
    expect((await at.record('Runa', id)).body).toMatchObject({ stage: 'approved', values: { title: 'Approved' } });
    expect((await undo('Ines')).status).toBe(404);
    expect((await undo('Sana')).body.stage).toBe('waiting');
    expect((await at.record('Runa', id)).body).toMatchObject({ stage: 'waiting', values: { title: 'Undone' } });
    const [decision] = (await (await at.as('Runa')).get(`/api/registers/near_misses/records/${id}/sign-off`)).body
      .decisions;
    expect(decision.undone).toBe(true);
    await at.decide('Sana', id, 'refuse');
    runAhead(11_000);
    expect((await undo('Sana')).body.detail).toBe('This cannot be undone any more: it was too long ago.');
  });

  test('once somebody acted on it, it is not undone', async () => {
    await at.route({ steps: [step('Trustees', 'trustee', { how_many: 3 })] });
    const id = await at.send('Piet', 'Acted on');
    await at.decide('Teo', id, 'approve');
    const signOff = await at.signOff(id);
    await at.decide('Tomas', id, 'approve');
    const answer = await (await at.as('Teo')).post(`/api/sign-offs/${signOff}`, { decision: 'undo' });
    expect([answer.status, answer.body.detail]).toEqual([409, expect.stringContaining('somebody acted on it')]);
  });

  const deadline = (late: object | null) => ({ by: { kind: 'days', days: 2 }, remind: 1, late });

  test('reminded before and on the day, then passed on, each said in the history', async () => {
    const to = { kind: 'role', role: 'treasurer' };
    await at.route({
      steps: [step('Yard manager', 'yard_manager', { deadline: deadline({ kind: 'pass', after: 2, to }) })],
    });
    const id = await at.send('Piet', 'Late');
    const due = (await at.item('Sana', id)).due;
    expect(due).toMatch(/T(22|23):59:59\.999Z$/);
    const aheadOf = (moment: string, more: number) => runAhead(Date.parse(moment) - Date.now() + more);
    aheadOf(due, -12 * HOUR);
    await at.server.wake();
    expect((await at.history(id))[0]).toMatchObject({ action: 'reminded', by: 'By itself', comment: 'Yard manager' });
    aheadOf(due, HOUR);
    await at.server.wake();
    expect(await at.item('Sana', id)).toMatchObject({ late: true });
    expect((await at.track(id)).steps[0].late).toBe(true);
    // At most a weekend and two working days later.
    aheadOf(due, 5 * DAY);
    await at.server.wake();
    expect((await at.history(id))[0]).toMatchObject({ action: 'passed_on', comment: 'Yard manager' });
    expect((await at.item('Ines', id)).why).toContain('was passed to you');
    expect(await at.item('Sana', id)).toBeDefined();
    expect((await at.decide('Ines', id, 'approve')).body.stage).toBe('approved');
  });

  test('let through it is approved without a signature, and says so wherever it is told', async () => {
    await at.route({
      steps: [step('Yard manager', 'yard_manager', { deadline: deadline({ kind: 'let_through', after: 0 }) })],
    });
    const id = await at.send('Piet', 'Let through');
    runAhead(9 * DAY);
    await at.server.wake();
    expect(await at.track(id)).toMatchObject({
      stage: 'approved',
      steps: [{ state: 'let_through', by: null, signatures: [] }],
    });
    expect((await at.history(id)).some(({ action, by }) => action === 'let_through' && by === 'By itself')).toBe(true);
  });

  test('a deadline on a day of the record; where that is empty, on none', async () => {
    const runa = await at.as('Runa');
    const { version, registers } = (await runa.get('/api/workspace')).body;
    const nearMisses = registers.find(({ key }: { key: string }) => key === 'near_misses');
    const fields = [...nearMisses.fields, { key: 'wanted', label: 'Wanted', type: { kind: 'date' } }];
    expect(
      (await runa.post('/api/workspace/carry-out', { version, registers: [{ ...nearMisses, fields }] })).status,
    ).toBe(200);
    await at.route({
      steps: [step('Yard manager', 'yard_manager', { deadline: { by: { kind: 'date', path: 'wanted' } } })],
    });
    const none = await at.send('Piet', 'No day');
    expect((await at.item('Sana', none)).due).toBeNull();
    await at.change('Runa', none, 'wanted', null, '2020-02-29');
    expect(await at.item('Sana', none)).toMatchObject({ due: '2020-02-29T23:59:59.999Z', late: true });
  });
});
