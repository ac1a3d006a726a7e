import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { routeTrialSchema } from '#contract/index.ts';
import { replay } from '#core/signoff/index.ts';
import { DefinitionsReader } from '../definitions/reader.ts';
import { nearMissRoute } from '../testing/near-misses.ts';
import { Signing, step } from '../testing/signing.ts';
import { findSignOff, readEvents, readState } from './stored.ts';

describe('a route is a document', () => {
  let at: Signing;
  beforeAll(async () => {
    at = await Signing.start({ tasks: 'all' });
  });
  afterAll(() => at?.server.stop());

  const runa = () => at.as('Runa');
  const ONE = { ...nearMissRoute, steps: [step('Yard manager', 'yard_manager')] };
  const list = async () => (await (await runa()).get('/api/routes')).body.routes;

  test('kept as a draft, also while it is wrong; published, the draft is gone; withdrawn, nothing more goes by it', async () => {
    const who = await runa();
    await at.route(ONE);
    const wrong = { ...ONE, steps: [step('Yard manager', 'yard_manager', { condition: 'cost >' })] };
    const kept = await who.put('/api/routes/near_misses/draft', wrong);
    expect([kept.status, kept.body.revision, kept.body.version]).toEqual([200, 1, 3]);
    expect((await list())[0]).toMatchObject({ version: 2, draft: true });
    expect((await who.post('/api/routes/near_misses/publish', undefined)).status).toBe(422);
    await who.put('/api/routes/near_misses/draft', { ...ONE, label: 'Renamed' });
    expect((await who.post('/api/routes/near_misses/publish', undefined)).body.version).toBe(3);
    expect((await who.get('/api/routes/near_misses/draft')).status).toBe(404);
    expect((await who.call('DELETE', '/api/routes/near_misses')).status).toBe(204);
    const sent = await at.send('Piet', 'No route');
    expect(await at.track(sent)).toBeNull();
    expect((await (await at.as('Piet')).get('/api/routes')).status).toBe(403);
  });

  test('of several routes the first that takes a record counts', async () => {
    const who = await runa();
    await at.route({ ...ONE, condition: 'severity = "injury"', steps: [step('Trustee', 'safety_trustee')] });
    const second = { ...ONE, key: 'others', label: 'All others', steps: [step('Treasurer', 'treasurer')] };
    expect((await who.put('/api/routes/others', second)).status).toBe(200);
    const hurt = await at.send('Piet', 'Hurt', '10', { severity: 'injury' });
    const other = await at.send('Piet', 'Other', '10');
    expect([(await at.track(hurt)).route, (await at.track(other)).route]).toEqual(['Near misses', 'All others']);
    await who.call('DELETE', '/api/routes/others');
    await at.route(ONE);
  });

  test('what is on its way stays on its version, until it is moved; signatures of steps that are still there stand', async () => {
    const first = await at.route({
      ...ONE,
      steps: [step('Yard manager', 'yard_manager'), step('Treasurer', 'treasurer')],
    });
    const id = await at.send('Piet', 'On its way');
    await at.decide('Sana', id, 'approve');
    const { route } = first.body;
    const steps = [step('Trustees', 'trustee'), ...route.steps];
    await at.route({ ...route, steps });
    expect((await at.track(id)).steps).toHaveLength(2);
    const rehearsed = await (await runa()).get('/api/routes/near_misses/moves');
    const mine = rehearsed.body.moves.find(({ record }: { record: string }) => record === id);
    expect(mine).toMatchObject({ waits_at: 'Treasurer', problem: null });
    expect((await (await runa()).post('/api/routes/near_misses/moves', undefined)).status).toBe(200);
    expect((await at.track(id)).steps.map(({ state }: { state: string }) => state)).toEqual([
      'waiting',
      'approved',
      'waiting',
    ]);
    await at.decide('Teo', id, 'approve');
    await at.decide('Ines', id, 'approve');
    expect((await at.track(id)).stage).toBe('approved');
  });

  test('where a sign-off stands is what its events say, whatever happened to it', async () => {
    const definitions = await new DefinitionsReader().read(at.server.database.db);
    const { db } = at.server.database;
    await at.route({ ...ONE, steps: [step('Trustees', 'trustee', { how_many: 2 })] });
    const id = await at.send('Piet', 'Replayed');
    await at.decide('Teo', id, 'approve');
    await at.decide('Tomas', id, 'send_back');
    const newest = await new DefinitionsReader().read(db);
    const signOff = await findSignOff(db, id);
    const route = newest.routes.get('near_misses')?.document.route;
    if (!signOff || !route) throw new Error('no sign-off');
    const state = await readState(db, newest, signOff);
    const events = (await readEvents(db, [signOff.id])).get(signOff.id) ?? [];
    expect(replay(route, events)).toEqual(state);
    expect([state.stage, state.round]).toEqual([signOff.stage, signOff.round]);
    expect(definitions.version).toBeLessThan(newest.version);
  });

  test('the table of who signs, with counts, who is missing, a mend, and a record walking it', async () => {
    const who = await runa();
    const steps = [
      step('Yard manager', 'yard_manager'),
      step('Trustees', 'trustee', { how_many: 2, condition: 'cost > 500' }),
    ];
    const id = await at.send('Piet', 'Walks', '900');
    const answer = (await who.post('/api/routes/near_misses/who-signs', { route: { ...ONE, steps }, record: id })).body;
    expect([answer.heads, answer.labels]).toEqual([['Cost'], ['Yard manager', 'Trustees']]);
    expect(answer.rows.map(({ says }: { says: string[] }) => says[0])).toEqual(['up to 500.00', 'over 500.00']);
    expect(answer.rows[1].steps[1]).toMatchObject({ status: 'signs', needed: 2 });
    expect(answer.walk).toMatchObject({ title: 'Walks', sender: 'Piet Lund', amount: '900.00', takes: true });
    const sana = answer.missing.find(({ person }: { person: { name: string } }) => person?.name === 'Sana Whitlock');
    expect(sana).toMatchObject({ kind: 'both', is_stuck: false });
    expect(sana.says).toContain('While Sana Whitlock is away, or sends it');
    const inDays = (by: number) => new Date(Date.now() + by * 86_400_000).toISOString().slice(0, 10);
    const away = { away: { from: inDays(90), until: inDays(94) }, stand_in: null };
    await at.person('Tomas', away);
    const then = (
      await who.post('/api/routes/near_misses/who-signs', {
        route: { ...ONE, steps },
        record: id,
        sender: await at.personId('Ines'),
        day: inDays(91),
      })
    ).body;
    expect(then.walk.steps[1]).toMatchObject({
      last_resort: ['Runa Oakes'],
      people: expect.arrayContaining(['Teo Marsh']),
    });
    await at.person('Tomas', { away: null });
    const wrong = await who.post('/api/routes/near_misses/who-signs', {
      route: { ...ONE, steps: [step('X', 'pirate')] },
    });
    expect([wrong.status, wrong.body.errors[0].pointer]).toEqual([422, '#/steps/0/who/role']);
  });

  test('a record that is made up walks it too, sent by whom one says', async () => {
    const who = await runa();
    const route = { ...ONE, steps: [step('Yard manager', 'yard_manager', { condition: 'cost > 500' })] };
    const walk = async (more: object) => (await who.post('/api/routes/near_misses/who-signs', { route, ...more })).body;
    const { walk: dear } = await walk({ made_up: { cost: '501' }, sender: await at.personId('Sana') });
    expect(dear).toMatchObject({
      number: 'made up',
      sender: 'Sana Whitlock',
      amount: '501.00',
      values: { cost: '501' },
    });
    expect(dear.steps[0]).toMatchObject({ status: 'signs', people: [], last_resort: ['Runa Oakes'] });
    expect((await walk({ made_up: {} })).walk.steps[0].status).toBe('skipped');
    const wrong = await walk({ made_up: { cost: 'much' } });
    expect(wrong.errors).toMatchObject([{ pointer: '#/made_up/cost', detail: 'Cost cannot be that.' }]);
  });

  test('every version is kept and told, with who published it and what is on its way by it', async () => {
    const who = await runa();
    await at.route({ ...ONE, label: 'Before' });
    await at.send('Piet', 'By the version before');
    await at.route({ ...ONE, label: 'After' });
    const { versions } = (await who.get('/api/routes/near_misses/versions')).body;
    const [newest, before] = versions;
    expect(newest).toMatchObject({ status: 'published', by: 'Runa Oakes', running: 0, problems: [] });
    expect(before).toMatchObject({ status: 'retired', version: newest.version - 1, running: 1 });
    expect([newest.route.label, before.route.label]).toEqual(['After', 'Before']);
    expect((await who.get('/api/routes/nothing/versions')).status).toBe(404);
    expect((await (await at.as('Piet')).get('/api/routes/near_misses/versions')).status).toBe(403);
  });

  test('tried on what is there: who would have signed, how that differs, how many signatures more', async () => {
    const who = await runa();
    const begun = await who.post('/api/routes/near_misses/trial', {
      route: { ...ONE, steps: [step('Trustees', 'trustee', { how_many: 2, condition: 'cost > 500' })] },
    });
    expect(begun.status).toBe(202);
    await expect
      .poll(async () => (await who.get(`/api/jobs/${begun.body.id}`)).body, { timeout: 30_000 })
      .toMatchObject({ state: 'done', problem: null });
    const trial = routeTrialSchema.parse((await who.get(`/api/jobs/${begun.body.id}`)).body.result);
    const paths = Object.fromEntries(trial.paths.map(({ says, count }) => [says, count]));
    expect(Object.keys(paths).sort()).toEqual(['Trustees', 'nobody']);
    expect(trial.records).toBe((paths.Trustees ?? 0) + (paths.nobody ?? 0));
    expect(trial.signatures).toBe(2 * (paths.Trustees ?? 0));
    expect(trial.sample.length).toBeGreaterThan(0);
  });

  test('the stage can be asked for in filters, sorts of it, rules and worked-out fields', async () => {
    const who = await runa();
    await at.route(ONE);
    const [one, other] = [await at.send('Piet', 'Stage one'), await at.send('Piet', 'Stage two')];
    await at.decide('Sana', other, 'approve');
    const find = async (filter: string) => {
      const query = `find=stage&filter=${encodeURIComponent(filter)}`;
      const { body } = await who.get(`/api/registers/near_misses/records?${query}`);
      return body.records.map(({ id }: { id: string }) => id);
    };
    expect(await find('sign_off.stage = "waiting"')).toEqual([one]);
    expect(await find('sign_off.stage = "approved" and sign_off.decided_on <= now()')).toEqual([other]);
    expect(await find('sign_off.waits_for = "Sana Whitlock" and sign_off.step = "Yard manager"')).toEqual([one]);
    const sorted = async (sort: string) =>
      (await who.get(`/api/registers/near_misses/records?find=stage&sort=${sort}`)).body.records.map(
        ({ id }: { id: string }) => id,
      );
    expect(await sorted('sign_off.stage')).toEqual([one, other]);
    expect(await sorted('-sign_off.stage')).toEqual([other, one]);
    expect(await sorted('-sign_off.decided_on')).toEqual([other, one]);
    expect((await who.get('/api/registers/near_misses/records?sort=sign_off.colour')).status).toBe(422);
    const { version, registers } = (await who.get('/api/workspace')).body;
    const nearMisses = registers.find(({ key }: { key: string }) => key === 'near_misses');
    const worked = {
      kind: 'worked_out',
      formula: 'if sign_off.stage = "approved" then cost else 0',
      gives: { kind: 'money', currency: 'GBP' },
    };
    const fields = [...nearMisses.fields, { key: 'agreed', label: 'Agreed', type: worked }];
    const constraints = [
      {
        kind: 'must',
        condition: 'cost < 5000 or sign_off.stage = "approved"',
        message: 'Over 5,000 only what is approved.',
      },
    ];
    const carried = await who.post('/api/workspace/carry-out', {
      version,
      registers: [{ ...nearMisses, fields, constraints }],
    });
    expect(carried.status, JSON.stringify(carried.body)).toBe(200);
    expect((await at.record('Runa', other)).body.values.agreed).toBe('900');
    expect((await at.record('Runa', one)).body.values.agreed).toBe('0');
    expect((await at.change('Runa', one, 'cost', '900', '6000')).body.errors[0].detail).toBe(
      'Over 5,000 only what is approved.',
    );
  });
});
