import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

const field = (key: string, type: object, more: object = {}) => ({
  key,
  label: `${key[0]?.toUpperCase()}${key.slice(1)}`,
  type,
  ...more,
});
const towns = {
  key: 'towns',
  singular: 'Town',
  plural: 'Towns',
  mark: 'TWN',
  fields: [field('name', { kind: 'text' }), field('open', { kind: 'yes_no' })],
};
const holders = {
  key: 'holders',
  singular: 'Holder',
  plural: 'Holders',
  mark: 'HOL',
  alike: ['phone'],
  fields: [
    field('name', { kind: 'text' }, { required: true }),
    field('email', { kind: 'email' }),
    field('phone', { kind: 'text' }),
    field('age', { kind: 'number', decimals: 0 }),
    field('town', { kind: 'link', register: 'towns' }),
    field('notes', { kind: 'text' }),
  ],
  constraints: [
    { kind: 'unique', fields: ['email'], folded: true },
    { kind: 'must', condition: 'age >= 18', message: 'Holders are of age.' },
  ],
};
const plots = {
  key: 'plots',
  singular: 'Plot',
  plural: 'Plots',
  mark: 'PLO',
  fields: [
    field('name', { kind: 'text' }, { required: true }),
    field('holder', { kind: 'link', register: 'holders' }),
    field('reach', { kind: 'text' }),
    field('where', { kind: 'text' }),
    field('helpers', { kind: 'links', register: 'holders' }),
    field('visits', {
      kind: 'rows',
      singular: 'Visit',
      plural: 'Visits',
      fields: [field('who', { kind: 'link', register: 'holders' }), field('what', { kind: 'text' })],
    }),
  ],
};
const ask = (name: string, ...rules: object[]) => ({ field: name, rules });
const offersNew = (...asks: object[]) => ({ kind: 'offers_new', asks });
const NAMED = ask('name');

/** Records that are made along with the one a form adds, as callers meet them. */
describe('a form that needs a record that is not there yet', () => {
  let server: TestServer;
  let runa: Caller;
  let bea: Caller;
  let piet: Caller;
  let version = 0;

  const publish = async (form: { key: string }, roles: string[]) => {
    const kept = await runa.put(`/api/forms/${form.key}/draft`, form);
    expect([kept.status, kept.body.errors]).toEqual([200, undefined]);
    const published = await runa.post(`/api/forms/${form.key}/publish`, { fill_in_by: roles, seen_by: [] });
    expect([published.status, published.body.detail]).toEqual([200, undefined]);
    return published.body.version as number;
  };
  const entry = (values: object, makes: object[], more: object = {}) => ({
    id: newId(),
    version,
    filled_in_at: new Date().toISOString(),
    values: { name: 'Plot 1', ...values },
    makes,
    ...more,
  });
  const send = (values: object, makes: object[], more: object = {}, who = bea) =>
    who.post('/api/forms/let_plot/entries', entry(values, makes, more));
  const made = (at: string, values: object, id = newId()) => ({ id, at, values });
  const problems = (answer: { body: { errors?: { pointer: string; detail: string }[] } }) =>
    answer.body.errors?.map((each) => `${each.pointer} ${each.detail}`);
  const count = async (register: string): Promise<number> =>
    (await runa.get(`/api/registers/${register}/records?limit=1`)).body.count;
  const stored = async (register: string, id: string) =>
    (await runa.get(`/api/registers/${register}/records/${id}`)).body;

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, bea, piet] = await Promise.all([server.as('Runa'), server.as('Bea'), server.as('Piet')]);
    const carried = await runa.post('/api/workspace/carry-out', {
      version: 1,
      registers: [towns, holders, plots],
      choice_lists: [],
    });
    expect([carried.status, carried.body.errors]).toEqual([200, undefined]);
    version = await publish(
      {
        key: 'let_plot',
        label: 'Let a plot',
        register: 'plots',
        questions: [
          ask('name'),
          ask(
            'holder',
            offersNew(
              NAMED,
              ask('email'),
              ask('phone'),
              ask('age'),
              ask('town', { kind: 'offers_where', condition: 'open = true' }),
            ),
            { kind: 'fills', question: 'reach', from: 'holder.phone' },
            { kind: 'fills', question: 'where', from: 'holder.town.name' },
          ),
          ask('reach', { kind: 'hidden' }),
          ask('where', { kind: 'hidden' }),
          ask('helpers', offersNew(NAMED)),
          { field: 'visits', rules: [], columns: [ask('who', offersNew(NAMED, ask('email')))] },
        ],
      } as never,
      ['office', 'yard_hand'],
    );
  }, 60_000);
  afterAll(() => server.stop());
  let before: { holders: number; plots: number };
  beforeEach(async () => {
    before = { holders: await count('holders'), plots: await count('plots') };
  });
  /** How many of each came since the test began. */
  const came = async () => [(await count('holders')) - before.holders, (await count('plots')) - before.plots];

  test('both are stored, the new one first, and the form’s record links to it; by whoever may fill it in', async () => {
    const ann = made('holder', { name: 'Ann Wren', email: 'ann@example.org', age: '30' });
    // Piet sees neither register: what a form does, its maker gave to whoever fills it in.
    const sent = await send({ holder: ann.id }, [ann], {}, piet);
    expect([sent.status, sent.body.errors]).toEqual([201, undefined]);
    expect(sent.body.made).toEqual([{ id: ann.id, register: 'holders', number: 'HOL-0001', title: 'Ann Wren' }]);
    const plot = await stored('plots', sent.body.id);
    expect(plot.links.holder).toMatchObject({ id: ann.id, title: 'Ann Wren' });
    const history = await runa.get(`/api/registers/holders/records/${ann.id}/history`);
    expect(JSON.stringify(history.body)).toContain('Let a plot');
  });

  test('what hidden questions are filled with is read from it, as far as its own links lead', async () => {
    const town = newId();
    await runa.post('/api/registers/towns/records', { id: town, values: { name: 'Quayside', open: true } });
    const ben = made('holder', { name: 'Ben', phone: '0123', age: '40', town });
    const { body } = await send({ holder: ben.id }, [ben]);
    expect((await stored('plots', body.id)).values).toMatchObject({ reach: '0123', where: 'Quayside' });
  });

  test('several come at once: in a list of links, and in the lines of rows', async () => {
    const helpers = [made('helpers', { name: 'Cy' }), made('helpers', { name: 'Di' })];
    const visitors = [made('visits.who', { name: 'Ed', email: 'ed@example.org' }), made('visits.who', { name: 'Flo' })];
    const visits = visitors.map(({ id }) => ({ id: newId(), values: { who: id } }));
    const sent = await send({ helpers: helpers.map(({ id }) => id), visits }, [...helpers, ...visitors]);
    expect([sent.status, sent.body.errors]).toEqual([201, undefined]);
    expect(sent.body.made.map(({ title }: { title: string }) => title)).toEqual(['Cy', 'Di', 'Ed', 'Flo']);
    expect(await came()).toEqual([4, 1]);
  });

  test('sent twice, it is stored once', async () => {
    const gus = made('holder', { name: 'Gus' });
    const once = entry({ holder: gus.id }, [gus]);
    const [first, second] = await Promise.all([1, 2].map(() => bea.post('/api/forms/let_plot/entries', once)));
    expect([first?.status, second?.status]).toEqual([201, 201]);
    expect(first?.body.number).toBe(second?.body.number);
    expect(await came()).toEqual([1, 1]);
  });

  test('two who make the same at once: one is stored, the other is told, and nothing of theirs is', async () => {
    const two = ['Plot A', 'Plot B'].map((name) => {
      const hal = made('holder', { name: 'Hal', email: 'hal@example.org' });
      return send({ name, holder: hal.id }, [hal]);
    });
    const statuses = (await Promise.all(two)).map(({ status }) => status).sort();
    expect(statuses).toEqual([201, 422]);
    expect(await came()).toEqual([1, 1]);
  });

  describe('is refused, and nothing of it is stored', () => {
    const refused = async (values: object, makes: object[], more: object = {}) => {
      const answer = await send(values, makes, more);
      expect([answer.status, await came()]).toEqual([422, [0, 0]]);
      return problems(answer);
    };

    test('where the register’s rules refuse the new record, told at its question', async () => {
      const young = made('holder', { name: 'Ivo', age: '12' });
      expect(await refused({ holder: young.id }, [young])).toEqual(['#/makes/0/values/age Holders are of age.']);
    });

    test('where the form’s own record is wrong, also when the new one is right', async () => {
      const jo = made('holder', { name: 'Jo' });
      expect(await refused({ name: null, holder: jo.id }, [jo])).toEqual(['#/values/name Name must be answered.']);
    });

    test('where both are wrong, all of it told at once', async () => {
      const nobody = made('holder', { age: '20' });
      expect(await refused({ name: null, holder: nobody.id }, [nobody])).toEqual([
        '#/makes/0/values/name Name must be answered.',
        '#/values/name Name must be answered.',
      ]);
    });

    test('where it holds what must be unique and is not, at the one of several that does', async () => {
      await runa.post('/api/registers/holders/records', {
        id: newId(),
        values: { name: 'Kit', email: 'kit@example.org' },
      });
      before = { holders: await count('holders'), plots: await count('plots') };
      const visitors = [
        made('visits.who', { name: 'Lu' }),
        made('visits.who', { name: 'Kit', email: 'KIT@example.org' }),
      ];
      const visits = visitors.map(({ id }) => ({ id: newId(), values: { who: id } }));
      const [told, ...others] = (await refused({ visits }, visitors)) ?? [];
      expect([told?.startsWith('#/makes/1/values/email'), others]).toEqual([true, []]);
    });

    test('where it answers what is not asked of it', async () => {
      const mo = made('holder', { name: 'Mo', notes: 'in by the back door' });
      expect(await refused({ holder: mo.id }, [mo])).toEqual([
        '#/makes/0/values/notes This form does not ask “notes”.',
      ]);
    });

    test('where no look-up of the entry holds it', async () => {
      expect(await refused({}, [made('holder', { name: 'Nan' })])).toEqual([
        '#/makes/0 The new Holder is not chosen in this entry.',
      ]);
    });

    test.each(['name', 'reach', 'visits', 'visits.what', 'nowhere', 'holder.name'])(
      'where it comes at %s, which makes none',
      async (at) => {
        const oz = made(at, { name: 'Oz' });
        expect(await refused({ holder: oz.id }, [oz])).toEqual([
          `#/makes/0 This form offers no new record at “${at}”.`,
        ]);
      },
    );

    test('where two come with one id, or with the entry’s own', async () => {
      const pip = made('holder', { name: 'Pip' });
      expect(await refused({ holder: pip.id }, [pip, pip])).toHaveLength(1);
      expect(await refused({ holder: pip.id }, [pip], { id: pip.id })).toHaveLength(1);
    });

    test('where its own look-up takes what is not offered there', async () => {
      const closed = newId();
      await runa.post('/api/registers/towns/records', { id: closed, values: { name: 'Closed', open: false } });
      const quin = made('holder', { name: 'Quin', town: closed });
      expect(await refused({ holder: quin.id }, [quin])).toEqual([
        '#/makes/0/values/town Town: this record is not offered with these answers.',
      ]);
    });
  });

  test('an id that somebody else’s record has is refused without a word of it', async () => {
    const theirs = newId();
    await runa.post('/api/registers/holders/records', { id: theirs, values: { name: 'Secret' } });
    const answer = await send({ holder: theirs }, [{ id: theirs, at: 'holder', values: { name: 'Mine' } }]);
    expect(answer.status).toBe(409);
    expect(JSON.stringify(answer.body)).not.toContain('Secret');
  });

  test('a form that changes a record makes one along too', async () => {
    const key = 'relet';
    const form = {
      key,
      label: 'Let again',
      register: 'plots',
      purpose: 'both',
      questions: [ask('name'), ask('holder', offersNew(NAMED))],
    };
    const own = await publish(form as never, []);
    const plot = (await send({ name: 'Plot 9' }, [])).body.id as string;
    const ray = made('holder', { name: 'Ray' });
    const sent = await runa.post(`/api/forms/${key}/entries`, {
      id: newId(),
      version: own,
      filled_in_at: new Date().toISOString(),
      values: { holder: ray.id },
      makes: [ray],
      record: { id: plot, from: { holder: null } },
    });
    expect([sent.status, sent.body.errors]).toEqual([201, undefined]);
    expect((await stored('plots', plot)).links.holder.title).toBe('Ray');
  });

  describe('whoever fills it in', () => {
    const ask2 = (path: string, who = piet) => who.get(`/api/forms/let_plot/questions/${path}`);
    const json = (value: unknown) => encodeURIComponent(JSON.stringify(value));

    test('is sent what is asked of a new record, and nothing else of its register', async () => {
      const { body } = await piet.get('/api/forms/let_plot');
      const sent = body.registers.find(({ key }: { key: string }) => key === 'holders');
      expect(sent.fields.map(({ key }: { key: string }) => key)).toEqual(['name', 'email', 'phone', 'age', 'town']);
      // The rows of the towns its look-up names come along, by their names.
      expect(body.registers.map(({ key }: { key: string }) => key)).toContain('towns');
    });

    test('is offered by its look-ups what they offer, by their own conditions', async () => {
      const { body } = await ask2('holder.town/look-up?find=');
      expect(body.found.map(({ title }: { title: string }) => title)).toEqual(['Quayside']);
      expect((await ask2('holder.email/look-up?find=')).status).toBe(404);
      expect((await ask2('name.town/look-up?find=')).status).toBe(404);
    });

    test('is offered one of the same name, as the look-up itself would; by other fields only what they see', async () => {
      await runa.post('/api/registers/holders/records', { id: newId(), values: { name: 'Sue Swan', phone: '0777' } });
      const called = await ask2(`holder.name/duplicates?value=${json('SUE swan')}`);
      expect(called.body).toMatchObject({ any: true, found: [{ title: 'Sue Swan' }] });
      expect((await ask2(`holder.phone/duplicates?value=${json('0777')}`)).body).toEqual({ any: false, found: [] });
      expect((await ask2(`holder.phone/duplicates?value=${json('0777')}`, runa)).body.any).toBe(true);
      expect((await ask2(`holder.age/duplicates?value=${json('30')}`)).status).toBe(404);
    });
  });

  test('a look-up that offers only some tells of none it does not offer, except of what is seen', async () => {
    const key = 'adults';
    const rules = [{ kind: 'offers_where', condition: 'age > 60' }, offersNew(NAMED)];
    const form = { key, label: 'Adults', register: 'plots', questions: [ask('name'), ask('holder', ...rules)] };
    await publish(form as never, ['yard_hand']);
    await runa.post('/api/registers/holders/records', { id: newId(), values: { name: 'Una Teal', age: '30' } });
    const path = `/api/forms/${key}/questions/holder.name/duplicates?value=${encodeURIComponent('"Una Teal"')}`;
    expect((await piet.get(path)).body).toEqual({ any: false, found: [] });
    expect((await runa.get(path)).body).toMatchObject({ any: true, found: [{ title: 'Una Teal' }] });
    // A new one must be such as the look-up offers, too: none is stored that is not.
    const young = made('holder', { name: 'Vic' });
    const version = (await piet.get(`/api/forms/${key}`)).body.version;
    const body = { ...entry({ name: 'Plot V', holder: young.id }, [young]), version };
    const sent = await piet.post(`/api/forms/${key}/entries`, body);
    expect([sent.status, problems(sent), (await came())[1]]).toEqual([
      422,
      ['#/values/holder Holder: this record is not offered with these answers.'],
      0,
    ]);
    expect((await runa.get(`/api/registers/holders/records/${young.id}`)).status).toBe(404);
  });

  test('a form may be filled in as often as it says, what it makes along not counted', async () => {
    const key = 'once';
    const form = {
      key,
      label: 'Once',
      register: 'plots',
      at_most: { times: 2, per: 'all' },
      questions: [ask('name'), ask('holder', offersNew(NAMED))],
    };
    const own = await publish(form as never, ['office']);
    const times = [];
    for (const name of ['one', 'two', 'three']) {
      const tia = made('holder', { name });
      const sent = await bea.post(`/api/forms/${key}/entries`, {
        ...entry({ name, holder: tia.id }, [tia]),
        version: own,
      });
      times.push(sent.status);
    }
    expect(times).toEqual([201, 201, 403]);
  });
});
