import type { api, streams } from '#contract/index.ts';
import { ownListKey } from '#core/list/index.ts';
import { linkIn, rowFieldsIn } from '#core/values/index.ts';
import type { Definitions } from '../definitions/store.ts';
import { newId } from './harness.ts';
import type { Planted } from './planted.ts';

/* How every call of the interface is tried by the matrix: about each of the records that were planted. */

/** One call: what goes into the path, behind it, and along with it. */
export interface Given {
  readonly params?: Readonly<Record<string, string>>;
  readonly query?: Readonly<Record<string, string>>;
  readonly body?: unknown;
}

/** By the name of a call, all that is asked of it: one that is new does not compile until it says how it is tried. */
export type Calls = { readonly [N in keyof typeof api]: () => Given[] };
/** The same of the calls of which bytes go in or come out. */
export type ByteCalls = { readonly [N in keyof typeof streams]: () => Given[] };

const entryOf = (values: object) => ({ id: newId(), version: 1, filled_in_at: new Date().toISOString(), values });
const textOf = (into: string, field: string, cell: string) => ({
  text: `A\n${cell}`,
  into,
  plan: { columns: [{ fills: 'field', field }] },
});

/** What is asked about: the records that were planted, and the definitions in force. */
export interface Asked {
  readonly planted: readonly Planted[];
  readonly definitions: Definitions;
}

const perRegister =
  (planted: readonly Planted[]) =>
  (also: (each: Planted) => Partial<Given> = () => ({})): Given[] =>
    planted.map((each) => ({ params: { key: each.register.key, id: each.id }, ...also(each) }));

/** Every form there is: those that were made, and the one of each register. */
const formsIn = ({ planted, definitions }: Asked): string[] => [
  ...definitions.forms.keys(),
  ...planted.map(({ register }) => `.${register.key}`),
];

/** What is asked of every call with one answer. */
export const callsAbout = (asked: Asked): Calls => {
  const { planted, definitions } = asked;
  const byRegister = perRegister(planted);
  const forms = (): string[] => formsIn(asked);
  const questions = (form: string): string[] => {
    const register = definitions.forms.get(form)?.open?.document.register ?? form.slice(1);
    const fields = definitions.catalogue.registers.get(register)?.fields ?? [];
    return fields.flatMap(({ key, type }) => [
      ...(linkIn(type) ? [key] : []),
      ...rowFieldsIn(type).flatMap((row) => (linkIn(row.type) ? [`${key}.${row.key}`] : [])),
    ]);
  };
  const lookUps = (): { key: string; question: string }[] =>
    forms().flatMap((key) => questions(key).map((question) => ({ key, question })));
  const words = (): string[] => planted.map(({ word }) => word);

  return {
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
    lookUp: () => lookUps().flatMap((params) => ['', 'zq'].map((find) => ({ params, query: { find } }))),
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
};

/** What is asked of every call of bytes: lists as text, that what is in them can be read. */
export const byteCallsAbout = (asked: Asked): ByteCalls => {
  const { planted } = asked;
  const byRegister = perRegister(planted);
  const columnsOf = ({ register }: Planted) => register.fields.map(({ key }) => key).join(',');
  const whole = (query: Given['query']) => [
    ...byRegister(() => ({ query: { ...query } })),
    ...byRegister((each) => ({ query: { ...query, columns: columnsOf(each) } })),
  ];
  return {
    keepFile: () => [{ body: 'a text' }],
    ownFile: () => byRegister(),
    formFile: () => formsIn(asked).map((key) => ({ params: { key, file: newId() } })),
    recordFile: () => byRegister(({ register, id }) => ({ params: { key: register.key, id, file: newId() } })),
    recordPdf: () => byRegister(),
    exportList: () => [
      ...['json', 'csv', 'ics'].flatMap((format) => whole({ format })),
      // How a list's parts are refused does not follow from the format.
      ...planted.flatMap(({ register }) =>
        register.fields.flatMap(({ key }) =>
          [{ sort: key }, { filter: `${key} != null` }, { by: key }].map((part) => ({
            params: { key: register.key },
            query: { format: 'json', ...part },
          })),
        ),
      ),
    ],
    exportCsv: () => whole({}),
    madeListFile: () => byRegister(),
    feed: () => planted.map(({ word }) => ({ params: { secret: word } })),
    beginImportOfFile: () =>
      planted.flatMap(({ register, number }) => ({
        body: `A\n${number}`,
        query: { name: 'tried.csv', into: register.key },
      })),
    refusedRows: () => byRegister(),
    // Who hears what live is a test of its own; it has no end.
    live: () => [],
    figures: () => [{}],
  };
};
