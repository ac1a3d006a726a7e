import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { lettersTo } from '../testing/letters.ts';
import { Signing, step } from '../testing/signing.ts';

/** Who signed is known by a name: nobody takes another's, and what was done keeps the name its doer had. */
describe('names', () => {
  let at: Signing;
  beforeAll(async () => {
    at = await Signing.start();
    await at.route({ steps: [step('Yard manager', 'yard_manager')] });
  });
  afterAll(() => at?.server.stop());

  test.each(['Sana Whitlock', 'sana  WHITLOCK', 'ORLA Margetts'])(
    'nobody calls themselves %j, as somebody else is',
    async (name) => {
      const answer = await (await at.as('Piet')).patch('/api/my-details', { name });
      expect([answer.status, answer.body.errors]).toMatchObject([422, [{ code: 'name_taken', pointer: '#/name' }]]);
    },
  );

  test('of two who take one name at the same moment one gets it', async () => {
    const callers = [await at.as('Piet'), await at.as('Dev'), await at.as('Bea')];
    const answers = await Promise.all(callers.map((each) => each.patch('/api/my-details', { name: 'Robin Vane' })));
    expect(answers.map(({ status }) => status).toSorted()).toEqual([200, 422, 422]);
    for (const [i, name] of ['Piet Lund', 'Dev Anand', 'Bea Quill'].entries())
      await callers[i]?.patch('/api/my-details', { name });
  });

  test('what was signed and done keeps the name; set-up people hear of another, and their history notes it', async () => {
    const id = await at.send('Piet', 'Signed before');
    expect((await at.decide('Sana', id, 'approve')).body.stage).toBe('approved');
    const sana = await at.as('Sana');
    expect((await sana.patch('/api/my-details', { name: 'Sana Marsh' })).status).toBe(200);
    const later = await at.send('Piet', 'Signed after');
    await at.decide('Sana', later, 'approve');
    expect((await at.track(id)).steps[0].signatures[0].by).toBe('Sana Whitlock');
    expect((await at.track(later)).steps[0].signatures[0].by).toBe('Sana Marsh');
    expect([(await at.history(id))[0]?.by, (await at.history(later))[0]?.by]).toEqual(['Sana Whitlock', 'Sana Marsh']);
    const { decisions } = (await (await at.as('Runa')).get(`/api/registers/near_misses/records/${id}/sign-off`)).body;
    expect(decisions[0].by).toBe('Sana Whitlock');
    const { events } = (await (await at.as('Runa')).get('/api/workspace/history')).body;
    expect(events[0]).toMatchObject({
      by: 'Sana Whitlock',
      says: 'changed their name from Sana Whitlock to Sana Marsh',
    });
    const [letter] = await lettersTo(at.server, 'runa.oakes@example.org');
    expect(letter?.subject).toBe('Sana Whitlock is now called Sana Marsh');
  });

  test('set-up people may have two of one name, once they heard it; both are shown with their address', async () => {
    const runa = await at.as('Runa');
    const teo = { name: 'Teo Marsh', email: 'teo.two@example.org', roles: ['yard_manager'] };
    const told = await runa.post('/api/people', { people: [teo] });
    expect([told.status, told.body.errors[0]]).toMatchObject([422, { code: 'same_name', pointer: '#/people/0/name' }]);
    expect((await runa.post('/api/people', { people: [teo], same_names: true })).status).toBe(201);
    await at.route({ steps: [step('Safety', 'safety_trustee')] });
    const id = await at.send('Piet', 'Two of a name');
    expect((await at.track(id)).steps[0].waits_for).toEqual(['Teo Marsh (teo.marsh@example.org)']);
  });
});
