import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { api, fillPath } from '#contract/index.ts';
import { rightsIn } from '#core/access/index.ts';
import { ownListKey } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { linkIn, rowFieldsIn } from '#core/values/index.ts';
import { DefinitionsReader } from '../definitions/reader.ts';
import type { Definitions } from '../definitions/store.ts';
import { type Answer, Caller, cookieIn, newId, TestServer } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';
import { type Planted, plantRecords } from '../testing/planted.ts';

/** The registers, those that are linked to first. */
const ORDER = [
  'clients',
  'berths',
  'boats',
  'stock',
  'appeals',
  'purchases',
  'invoices',
  'movements',
  'incidents',
  'donations',
];
/** A device by a group's code, and a program by a token: they see what their one role sees. */
const TABLET = 'Slipway tablet';
const SUMS = 'Year-end sums';
const PEOPLE = ['Runa', 'Piet', 'Sana', 'Ines', 'Teo', 'Bea', 'Orla', TABLET, SUMS];
const TABLET_FORMS = ['report_incident'];

type Name = keyof typeof api;

/** One call: what goes into the path, behind it, and along with it. */
interface Given {
  readonly params?: Readonly<Record<string, string>>;
  readonly query?: Readonly<Record<string, string>>;
  readonly body?: unknown;
}

/** So many calls of a person are on their way at a time. */
const AT_A_TIME = 4;

/** A question of a name, worked out once: what is asked about does not change. */
const memoized = <T>(find: (name: string) => T): ((name: string) => T) => {
  const found = new Map<string, T>();
  return (name) => {
    const known = found.get(name) ?? find(name);
    found.set(name, known);
    return known;
  };
};

const entryOf = (values: object) => ({ id: newId(), version: 1, filled_in_at: new Date().toISOString(), values });
const textOf = (into: string, field: string, cell: string) => ({
  text: `A\n${cell}`,
  into,
  plan: { columns: [{ fills: 'field', field }] },
});

/**
 * The matrix of today's rights: every person x every register x every call of the interface. Nothing of a record, and
 * nothing of a definition, may come out to somebody whose roles do not let them see it.
 */
describe('who sees what', () => {
  let server: TestServer;
  let definitions: Definitions;
  let planted: Planted[];
  const callers = new Map<string, Caller>();
  const rolesOf = new Map<string, readonly string[]>();

  beforeAll(async () => {
    // Jobs are begun and told of; what they would do is the importing tests'.
    server = await TestServer.start({ tasks: [] });
    callers.set(TABLET, await signTabletIn());
    callers.set(SUMS, await takeToken());
    for (const name of PEOPLE) {
      const caller = callers.get(name) ?? (await server.as(name));
      callers.set(name, caller);
      rolesOf.set(name, (await caller.get('/api/me')).body.roles);
    }
    definitions = await new DefinitionsReader().read(server.database.db);
    planted = await plantRecords(who('Runa'), definitions.catalogue, ORDER);
  }, 120_000);
  afterAll(() => server?.stop());

  const signTabletIn = async (): Promise<Caller> => {
    const given = { name: TABLET, role: 'yard_hand', forms: TABLET_FORMS, ends_at: '18:00', code: '482615' };
    await (await server.as('Runa')).post('/api/groups', given);
    const answer = await server.stranger().post('/api/device', { code: given.code });
    return new Caller(server.base, cookieIn(answer.headers) ?? '');
  };
  const takeToken = async (): Promise<Caller> => {
    const given = { name: SUMS, role: 'treasurer', ends_on: '2999-12-31' };
    const { body } = await (await server.as('Runa')).post('/api/tokens', given);
    return new Caller(server.base, '', body.token);
  };

  const who = (name: string): Caller => {
    const caller = callers.get(name);
    if (!caller) throw new RangeError(`nobody is called ${name}`);
    return caller;
  };
  const sees = (name: string, key: string): boolean =>
    (rolesOf.get(name) ?? []).some((role) => {
      const held = definitions.roles.get(role);
      return held !== undefined && rightsIn(held, key).see === true;
    });
  /** Whether there is any record of a register for somebody: then its definition is no secret. */
  const knows = (name: string, key: string): boolean =>
    (rolesOf.get(name) ?? []).some((role) => {
      const held = definitions.roles.get(role);
      return held !== undefined && rightsIn(held, key).see !== false;
    });
  // What is planted is nobody's own: of a register of which somebody sees some records they see none of these.
  const hiddenFrom = (name: string): Planted[] => planted.filter(({ register }) => !sees(name, register.key));
  const unknownTo = (name: string): Planted[] => planted.filter(({ register }) => !knows(name, register.key));
  const seenBy = (name: string): Planted[] => planted.filter(({ register }) => sees(name, register.key));
  const knownTo = (name: string): Planted[] => planted.filter(({ register }) => knows(name, register.key));
  const fillable = (name: string) =>
    [...definitions.forms.values()].flatMap(({ open }) =>
      open &&
      // A form by which strangers register is told to everybody.
      (open.document.registration !== undefined ||
        (name === TABLET
          ? TABLET_FORMS.includes(open.document.key)
          : (rolesOf.get(name) ?? []).some((role) => open.document.fill_in_by.includes(role))))
        ? [open.document]
        : [],
    );

  const call = (name: string, endpoint: Name, { params = {}, query = {}, body }: Given): Promise<Answer> => {
    const { method, path } = api[endpoint];
    const search = new URLSearchParams(query).toString();
    const at = `${fillPath(path, params)}${search === '' ? '' : `?${search}`}`;
    return who(name).call(method.toUpperCase(), at, method === 'get' || method === 'delete' ? undefined : (body ?? {}));
  };

  /** Of a record, what nobody may come by who may not see it. Its title a designed form's look-up may offer. */
  const marksOf = ({ id, number, word, title }: Planted, isTold: boolean): string[] =>
    isTold ? [] : [id, number, word, title.toLowerCase()];
  /** Words of a definition: the keys and labels of fields that stand nowhere a person may look. */
  const wordsOf = (register: Register): string[] =>
    register.fields.flatMap((field) => [field.key, ...rowFieldsIn(field.type).map((row) => row.key)]);
  const hiddenWords = memoized((name: string): string[] => {
    const allowed = JSON.stringify([
      knownTo(name).flatMap(({ register }) => wordsOf(register).filter((key) => !reachesHidden(name, register, key))),
      fillable(name),
      // Rows that are asked are asked with all their columns.
      fillable(name).flatMap((form) =>
        (definitions.catalogue.registers.get(form.register)?.fields ?? []).flatMap((field) =>
          form.questions.some((question) => question.field === field.key)
            ? rowFieldsIn(field.type).map((row) => row.key)
            : [],
        ),
      ),
      // Other things that are called the same.
      [...definitions.catalogue.choiceLists.values()],
      'description number status',
    ]);
    return unknownTo(name)
      .flatMap(({ register }) => wordsOf(register))
      .filter((word) => word.length > 7 && !allowed.includes(word));
  });
  const reachesHidden = (name: string, register: Register, key: string): boolean => {
    const to = linkIn(register.fields.find((field) => field.key === key)?.type ?? { kind: 'text' })?.register;
    return to !== undefined && !knows(name, to);
  };

  /** What of hidden things stands in an answer. What was asked with does not count: it is told back by no refusal. */
  const leaksIn = (name: string, answer: Answer, told: ReadonlySet<string> = new Set()): string[] => {
    const text = JSON.stringify(answer.body ?? '').toLowerCase();
    const marks = hiddenFrom(name).flatMap((each) => marksOf(each, told.has(each.register.key)));
    // As a name of a register stands where something is told of each.
    const keys = unknownTo(name).map(({ register }) => `"${register.key}":`);
    return [...new Set([...marks, ...keys, ...hiddenWords(name)])].filter((mark) => text.includes(mark.toLowerCase()));
  };

  const byRegister = (also: (each: Planted) => Partial<Given> = () => ({})): Given[] =>
    planted.map((each) => ({ params: { key: each.register.key, id: each.id }, ...also(each) }));
  const forms = (): string[] => [...definitions.forms.keys(), ...ORDER.map((key) => `.${key}`)];
  const questions = (form: string): string[] => {
    const register = definitions.forms.get(form)?.open?.document.register ?? form.slice(1);
    const fields = definitions.catalogue.registers.get(register)?.fields ?? [];
    return fields.flatMap(({ key, type }) => [
      ...(linkIn(type) ? [key] : []),
      ...rowFieldsIn(type).flatMap((row) => (linkIn(row.type) ? [`${key}.${row.key}`] : [])),
    ]);
  };
  const asked = (): { key: string; question: string }[] =>
    forms().flatMap((key) => questions(key).map((question) => ({ key, question })));
  const words = (): string[] => planted.map(({ word }) => word);

  /** Every call there is: one that is new does not compile until it says how it is tried. */
  const CALLS: { readonly [N in Name]: () => Given[] } = {
    takeBackup: () => [{}],
    keepSettings: () => [{}],
    readHolidays: () => [{ body: { country: 'GB' } }],
    health: () => [{}],
    healthLive: () => [{}],
    healthReady: () => [{}],
    sessionInfo: () => [{}],
    // Tried by themselves, in session.test.ts.
    begin: () => [],
    signIn: () => [],
    signOut: () => [],
    signInDevice: () => [],
    countries: () => [{}],
    starters: () => [{}],
    useStarter: () => [{ params: { key: 'no_such' } }],
    ownSessions: () => [{}],
    // It would sign them out.
    endOwnSessions: () => [],
    endOwnSession: () => byRegister(),
    forgotPassword: () => [],
    resetPassword: () => [{ body: { secret: 'none', password: 'none' } }],
    changePassword: () => [{ body: { before: 'none', password: 'none' } }],
    ownDetails: () => [{}],
    changeOwnDetails: () => [{ body: {} }],
    beginSecondStep: () => [{}],
    proveSecondStep: () => [{ body: { code: '1' } }],
    dropSecondStep: () => [{ body: { code: '1' } }],
    openLink: () => [{ body: { secret: 'none' } }],
    acceptInvitation: () => [{ params: { secret: 'none' }, body: { password: 'none' } }],
    registrationForm: () => forms().map((key) => ({ params: { key } })),
    register: () => forms().map((key) => ({ params: { key }, body: entryOf({ no_such: 1 }) })),
    invite: () => [{ body: { people: [] } }],
    inviteAgain: () => byRegister(),
    addGroup: () => [{ body: {} }],
    changeGroup: () => byRegister(() => ({ body: {} })),
    tokens: () => [{}],
    addToken: () => [{ body: {} }],
    endToken: () => byRegister(),
    postRoom: () => [{}],
    sendAgain: () => byRegister(),
    me: () => [{}],
    workspace: () => [{}],
    counts: () => [{}],
    rehearse: () => [{ body: { version: 1, registers: [], choice_lists: [] } }],
    carryOut: () => [{ body: { version: 0, registers: [], choice_lists: [] } }],
    drafts: () => [{}],
    draft: () => forms().map((key) => ({ params: { key } })),
    keepForm: () => [{ params: { key: 'new_client' }, body: {} }],
    publishForm: () => [{ params: { key: 'no_such' }, body: { fill_in_by: [], seen_by: [] } }],
    putRoute: () => byRegister(() => ({ body: {} })),
    routes: () => [{}],
    routeDraft: () => byRegister(),
    keepRoute: () => byRegister(() => ({ body: {} })),
    dropRouteDraft: () => byRegister(),
    publishRoute: () => byRegister(),
    withdrawRoute: () => byRegister(),
    routeMoves: () => byRegister(),
    routeVersions: () => byRegister(),
    moveRoute: () => byRegister(),
    whoSigns: () => byRegister(({ id }) => ({ body: { record: id } })),
    routeTrial: () => byRegister(() => ({ body: {} })),
    workOut: () => byRegister(() => ({ body: { formula: 'id', gives: { kind: 'text' } } })),
    setAside: () => byRegister(),
    groups: () => [
      ...byRegister(),
      ...planted.flatMap(({ register, id }) =>
        register.fields.flatMap(({ key }) => [
          { params: { key: register.key, id }, query: { by: key } },
          { params: { key: register.key, id }, query: { by: `${key}:letter`, totals: `different:${key}` } },
          { params: { key: register.key, id }, query: { totals: `most:${key}` } },
        ]),
      ),
    ],
    records: () => [
      ...byRegister(),
      ...byRegister(({ register }) => ({ query: { columns: register.fields.map(({ key }) => key).join(',') } })),
      ...byRegister().flatMap((each) => words().map((find) => ({ ...each, query: { find } }))),
      ...planted.flatMap(({ register, id }) =>
        register.fields.flatMap(({ key }) => [
          { params: { key: register.key, id }, query: { filter: `${key} != null` } },
          { params: { key: register.key, id }, query: { sort: key } },
        ]),
      ),
      ...planted.flatMap(({ register, id }) =>
        register.fields.flatMap(({ key, type }) => {
          const to = planted.find((each) => each.register.key === linkIn(type)?.register);
          return to
            ? [
                { params: { key: register.key, id }, query: { filter: `${key} = "${to.id}"` } },
                { params: { key: register.key, id }, query: { filter: `${key}.name = "${to.title}"` } },
                { params: { key: to.register.key, id }, query: { filter: `count(${register.key}) > 0` } },
              ]
            : [];
        }),
      ),
    ],
    places: () => [
      ...byRegister(),
      ...planted.flatMap(({ register, id }) =>
        register.fields.map(({ key }) => ({ params: { key: register.key, id }, query: { sort: key } })),
      ),
    ],
    meant: () => planted.map(({ register, word }) => ({ params: { key: register.key }, query: { find: `${word}x` } })),
    findEverywhere: () => words().map((each) => ({ query: { words: each } })),
    lists: () => [{}],
    keepList: () =>
      planted.flatMap(({ register }) =>
        // A few of each: how a list's parts are refused does not follow from the field.
        register.fields.slice(0, 3).flatMap((field) =>
          ['filter', 'by', 'sort', 'columns', 'totals'].map((part) => {
            const key = ownListKey(Buffer.from(newId().replaceAll('-', ''), 'hex'));
            const text = { filter: `${field.key} != null`, totals: `different:${field.key}` }[part] ?? field.key;
            const list = { key, label: 'Tried', register: register.key, view: { [part]: text } };
            return { params: { key }, body: { list, revision: 0 } };
          }),
        ),
      ),
    dropList: () => [{ params: { key: 'no_such' } }],
    addRecord: () => byRegister(() => ({ body: { id: newId(), values: {} } })),
    importRecords: () => byRegister(() => ({ body: { records: [] } })),
    record: () => byRegister(),
    changeRecord: () => byRegister(({ word }) => ({ body: { from: {}, changes: { [word]: '' } } })),
    linked: () => byRegister(),
    archiveRecord: () => byRegister(),
    bringBackRecord: () => byRegister(),
    beginImport: () =>
      planted.flatMap(({ register }) =>
        register.fields.map((field) => {
          const to = planted.find((each) => each.register.key === linkIn(field.type)?.register);
          return { body: textOf(register.key, field.key, to?.number ?? 'x') };
        }),
      ),
    imports: () => planted.map(({ register }) => ({ query: { register: register.key } })),
    importState: () => byRegister(),
    changeImport: () => byRegister(() => ({ body: { revision: 1 } })),
    carryOutImport: () => byRegister(() => ({ body: { revision: 1 } })),
    undoImport: () => byRegister(),
    dropImport: () => byRegister(),
    feeds: () => [{}],
    addFeed: () => words().map((each) => ({ body: { list: each } })),
    dropFeed: () => byRegister(),
    listFiles: () => [{}],
    usedForms: () => [{}],
    unprintable: () => byRegister().map((each) => ({ ...each, query: { format: 'pdf' } })),
    makeListFile: () => byRegister().map((each) => ({ ...each, body: { format: 'csv' } })),
    dropListFile: () => byRegister(),
    changeMany: () => [
      ...byRegister(({ id, word }) => ({
        body: { which: { ids: [id] }, deed: { kind: 'set', values: { [word]: '' } }, rehearse: true },
      })),
      ...byRegister(({ id }) => ({
        body: { which: { ids: [id] }, deed: { kind: 'archive', anyway: true }, rehearse: true },
      })),
    ],
    many: () => byRegister(),
    undoMany: () => byRegister(),
    history: () => byRegister(),
    signOffHistory: () => byRegister(),
    form: () => [
      ...forms().map((key) => ({ params: { key } })),
      ...planted.flatMap(({ register, id }) => [
        { params: { key: `.${register.key}` }, query: { record: id } },
        ...forms().map((key) => ({ params: { key }, query: { record: id } })),
        ...[...definitions.forms.keys()].map((key) => ({
          params: { key },
          query: { opened: JSON.stringify({ from: { register: register.key, id } }) },
        })),
      ]),
    ],
    whoSignsForm: () =>
      planted.flatMap(({ register, id }) =>
        forms().map((key) => ({
          params: { key },
          body: { values: Object.fromEntries(register.fields.map((field) => [field.key, id])) },
        })),
      ),
    sendEntry: () => forms().map((key) => ({ params: { key }, body: entryOf({ no_such: 1 }) })),
    lookUp: () => asked().flatMap((params) => ['', 'zq'].map((find) => ({ params, query: { find } }))),
    duplicates: () =>
      planted.flatMap(({ register, word }) =>
        forms().flatMap((key) =>
          register.alike.map((question) => ({
            params: { key, question },
            query: { value: JSON.stringify(`${word} ${question}`) },
          })),
        ),
      ),
    formVersions: () => forms().map((key) => ({ params: { key } })),
    keptEntries: () => [{}],
    keptEntry: () => byRegister(),
    keepEntry: () => [{ params: { id: newId() }, body: {} }],
    dropEntry: () => [{ params: { id: newId() } }],
    jobs: () => [{}],
    job: () => byRegister(),
    stopJob: () => byRegister(),
    tryJobAgain: () => byRegister(),
    clearFiles: () => [{}],
    inTray: () => [{}],
    people: () => [{}],
    changePerson: () => byRegister(),
    personSees: () => byRegister(),
    seenBy: () => byRegister(),
    lookAs: () => [{ body: { person: newId() } }],
    lookAsOneself: () => [{}],
    workspaceHistory: () => [{}],
    trayDetail: () => byRegister(),
    decideMany: () => [{ body: { decision: 'approve', comment: '', items: [{ id: newId(), version: 1 }] } }],
    decide: () => byRegister(() => ({ body: { decision: 'approve', comment: '', version: 1 } })),
  };
  /** What changes a record is tried where it may not be seen: what may be is another test's. */
  const CHANGING: ReadonlySet<Name> = new Set([
    'archiveRecord',
    'bringBackRecord',
    'clearFiles',
    'importRecords',
    'carryOut',
  ]);
  /** What a designed form offers by its title, to whoever may fill it in. */
  const TELLING: ReadonlySet<Name> = new Set(['lookUp', 'form']);
  const isTried = (name: string, endpoint: Name, { params }: Given): boolean =>
    !CHANGING.has(endpoint) || (params?.key !== undefined && !sees(name, params.key));

  /** The registers whose titles a designed form tells this person. */
  const toldBy = (name: string, endpoint: Name, { params }: Given): ReadonlySet<string> => {
    const form = fillable(name).find(({ key }) => key === params?.key);
    if (!TELLING.has(endpoint) || !form) return new Set();
    const fields = definitions.catalogue.registers.get(form.register)?.fields ?? [];
    const looked = fields.flatMap(({ type }) => [type, ...rowFieldsIn(type).map((row) => row.type)]);
    return new Set(looked.flatMap((type) => linkIn(type)?.register ?? []));
  };

  /** What is wrong with one call: a fault, or something that is hidden from who calls. */
  const wrongIn = async (name: string, endpoint: Name, given: Given): Promise<string | null> => {
    const answer = await call(name, endpoint, given);
    if (answer.status >= 500) return `${endpoint} ${JSON.stringify(given)}: ${answer.status}`;
    const sent = JSON.stringify(given).toLowerCase();
    const found = leaksIn(name, answer, toldBy(name, endpoint, given)).filter(
      (mark) => !sent.includes(mark.toLowerCase()),
    );
    return found.length > 0 ? `${endpoint} ${JSON.stringify(given)}: ${found.slice(0, 5).join(', ')}` : null;
  };

  // From Runa nothing is hidden: there is nothing she could come by.
  test.each(PEOPLE.filter((name) => name !== 'Runa'))(
    '%s comes by nothing they may not see, whatever they call',
    async (name) => {
      const wrong: string[] = [];
      for (const endpoint of Object.keys(api) as Name[]) {
        const calls = CALLS[endpoint]().filter((given) => isTried(name, endpoint, given));
        for (let from = 0; from < calls.length; from += AT_A_TIME) {
          const some = calls.slice(from, from + AT_A_TIME);
          const found = await Promise.all(some.map((given) => wrongIn(name, endpoint, given)));
          wrong.push(...found.flatMap((each) => each ?? []));
        }
      }
      expect(wrong).toEqual([]);
    },
    300_000,
  );

  test('what may not be seen is answered as what never was: in every call that names it', async () => {
    const strange = new Set<string>();
    for (const name of PEOPLE)
      for (const { register, id } of hiddenFrom(name))
        for (const endpoint of [
          // Of a register of which somebody sees some records, the list is there, and these are not in it.
          ...(knows(name, register.key) ? [] : (['records'] as const)),
          'record',
          'linked',
          'history',
          'changeRecord',
          'archiveRecord',
          'bringBackRecord',
        ] as const) {
          const body = endpoint === 'changeRecord' ? { from: {}, changes: {} } : undefined;
          const there = await call(name, endpoint, { params: { key: register.key, id }, body });
          const never = await call(name, endpoint, { params: { key: 'no_such_register', id: newId() }, body });
          const said = ({ status, body: told }: Answer) => `${status} ${told?.detail}`;
          // A device is refused all writing alike, whatever it names.
          const wanted = name === TABLET && api[endpoint].method !== 'get' ? 403 : 404;
          if (there.status !== wanted || said(there) !== said(never))
            strange.add(`${name} ${endpoint} ${register.key}`);
        }
    expect([...strange]).toEqual([]);
  });

  test('what is found by a word is what may be seen, and is counted so', async () => {
    const wrong: string[] = [];
    for (const name of PEOPLE)
      for (const { register } of seenBy(name))
        for (const hidden of hiddenFrom(name)) {
          const { body } = await call(name, 'records', { params: { key: register.key }, query: { find: hidden.word } });
          if (body.records.length > 0 || body.count > 0) wrong.push(`${name} finds ${hidden.word} in ${register.key}`);
        }
    expect(wrong).toEqual([]);
  });

  test('a file of a list holds no column of what may not be seen', async () => {
    const response = await fetch(`${server.base}/api/registers/boats/records.csv`, {
      headers: { cookie: who('Piet').cookie },
    });
    const [head = ''] = (await response.text()).split('\n');
    expect(head).toContain('Berth');
    expect(head).not.toContain('Owner');
    const asked = 'format=json&columns=name,owner,berth';
    const file = await who('Piet').get(`/api/registers/boats/export?${asked}`);
    expect(Object.keys(file.body.records[0].values)).toEqual(['name', 'berth']);
    const hidden = await who('Piet').get('/api/registers/boats/export?format=json&columns=name&sort=owner');
    const never = await who('Piet').get('/api/registers/boats/export?format=json&columns=name&sort=no_such');
    expect([hidden.status, never.status]).toEqual([422, 422]);
  });

  test('nobody hears that something happened to what they may not see', async () => {
    const streams = await Promise.all(
      // A program hears nothing live.
      PEOPLE.filter((name) => name !== SUMS).map(async (name) => ({
        name,
        stream: await LiveStream.open(server, who(name)),
      })),
    );
    const runa = streams[0]?.stream;
    for (const { register, id } of planted) {
      const text = register.fields.find(({ key, type }) => type.kind === 'text' && key !== 'email');
      const { values } = (await who('Runa').get(`/api/registers/${register.key}/records/${id}`)).body;
      if (!text) throw new RangeError(register.key);
      const heard = runa?.next((event) => event.includes(`"${register.key}"`));
      const change = {
        from: { [text.key]: values[text.key] ?? null },
        changes: { [text.key]: `${values[text.key]} x` },
      };
      const changed = await call('Runa', 'changeRecord', { params: { key: register.key, id }, body: change });
      expect([register.key, changed.status]).toEqual([register.key, 200]);
      await heard;
    }
    // What is told to all comes after: by then everybody has heard what they were to hear.
    const told = streams.map(({ stream }) => stream.next((event) => event.includes('"workspace"')));
    const { version } = (await who('Runa').get('/api/workspace')).body;
    await call('Runa', 'carryOut', { body: { version, registers: [], choice_lists: [] } });
    await Promise.all(told);
    for (const { name, stream } of streams) {
      const heard = stream.heard.join('\n');
      for (const { register } of hiddenFrom(name))
        expect([name, heard.includes(`"${register.key}"`), register.key]).toEqual([name, false, register.key]);
      stream.close();
    }
  });

  test('the matrix would see it: what somebody with all rights is answered counts as a leak, for each kind of read', async () => {
    const READS = ['workspace', 'counts', 'records', 'record', 'linked', 'history', 'form', 'lookUp'] as const;
    for (const endpoint of READS) {
      const planted = [];
      for (const given of CALLS[endpoint]()) {
        if (planted.length > 0) break;
        const answer = await call('Runa', endpoint, given);
        if (answer.status === 200 && leaksIn('Orla', answer).length > 0) planted.push(given);
      }
      expect([endpoint, planted.length]).toEqual([endpoint, 1]);
    }
  });
});
