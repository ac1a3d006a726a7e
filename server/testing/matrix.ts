import { extractText, getDocumentProxy } from 'unpdf';
import { api, fillPath, streams } from '#contract/index.ts';
import { rightsIn } from '#core/access/index.ts';
import type { Form } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import { linkIn, rowFieldsIn } from '#core/values/index.ts';
import { DefinitionsReader } from '../definitions/reader.ts';
import type { Definitions } from '../definitions/store.ts';
import { type Answer, Caller, cookieIn, TestServer } from './harness.ts';
import { type ByteCalls, byteCallsAbout, type Calls, callsAbout, type Given } from './matrix-calls.ts';
import { type Planted, plantRecords } from './planted.ts';

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
/** A device by a group's code: it sees what its one role sees. */
export const TABLET = 'Slipway tablet';
/** A program by a token: the same. */
export const SUMS = 'Year-end sums';
/** The yard, its device, and the program. */
export const YARD = ['Piet', 'Sana', TABLET, SUMS];
/** The office, trustees and a client. */
export const OFFICE = ['Ines', 'Teo', 'Bea', 'Orla'];
/** Everybody of the matrix; Runa may do everything. */
export const PEOPLE = ['Runa', ...YARD, ...OFFICE];
const TABLET_FORMS = ['report_incident'];

type Name = keyof typeof api;
type StreamName = keyof typeof streams;

/** So many calls of a person are on their way at a time. */
const AT_A_TIME = 4;

/** What changes a record is tried where it may not be seen: what may be is another test's. */
const CHANGING: ReadonlySet<string> = new Set([
  'archiveRecord',
  'bringBackRecord',
  'clearFiles',
  'importRecords',
  'carryOut',
]);
/** What a designed form offers by its title, to whoever may fill it in. */
const TELLING: ReadonlySet<string> = new Set(['lookUp', 'form']);

const isTyped = (name: string): name is Name => name in api;
const isOfBytes = (name: string): name is StreamName => name in streams;
/** The names of all calls with one answer. */
const NAMES = Object.keys(api).filter(isTyped);
const STREAM_NAMES = Object.keys(streams).filter(isOfBytes);

const wordsOf = (register: Register): string[] =>
  register.fields.flatMap((field) => [field.key, ...rowFieldsIn(field.type).map((row) => row.key)]);

const signTabletIn = async (server: TestServer): Promise<Caller> => {
  const given = { name: TABLET, role: 'yard_hand', forms: TABLET_FORMS, ends_at: '18:00', code: '482615' };
  await (await server.as('Runa')).post('/api/groups', given);
  const answer = await server.stranger().post('/api/device', { code: given.code });
  return new Caller(server.base, cookieIn(answer.headers) ?? '');
};
const takeToken = async (server: TestServer): Promise<Caller> => {
  const given = { name: SUMS, role: 'treasurer', ends_on: '2999-12-31' };
  const { body } = await (await server.as('Runa')).post('/api/tokens', given);
  return new Caller(server.base, '', body.token);
};

interface World {
  readonly server: TestServer;
  readonly definitions: Definitions;
  readonly planted: readonly Planted[];
  readonly callers: ReadonlyMap<string, Caller>;
  readonly roles: ReadonlyMap<string, readonly string[]>;
}

/**
 * The matrix of today's rights: every person x every register x every call of the interface. It knows what each may see,
 * and finds in an answer what they may not.
 */
export class Matrix {
  readonly server: TestServer;
  readonly definitions: Definitions;
  readonly planted: readonly Planted[];
  readonly calls: Calls;
  readonly byteCalls: ByteCalls;
  readonly #world: World;
  /** By person: words of definitions, worked out once. */
  readonly #hiddenWords = new Map<string, readonly string[]>();

  private constructor(world: World) {
    this.#world = world;
    this.server = world.server;
    this.definitions = world.definitions;
    this.planted = world.planted;
    this.calls = callsAbout(world);
    this.byteCalls = byteCallsAbout(world);
  }

  /** Starts a server with a record of every register, whose words are found wherever they come up. */
  static async start(): Promise<Matrix> {
    // Jobs are begun and told of; what they would do is the importing tests'.
    const server = await TestServer.start({ tasks: [] });
    const own = new Map([
      [TABLET, await signTabletIn(server)],
      [SUMS, await takeToken(server)],
    ]);
    const callers = new Map<string, Caller>();
    const roles = new Map<string, readonly string[]>();
    for (const name of PEOPLE) {
      const caller = own.get(name) ?? (await server.as(name));
      callers.set(name, caller);
      roles.set(name, (await caller.get('/api/me')).body.roles);
    }
    const definitions = await new DefinitionsReader().read(server.database.db);
    const runa = callers.get('Runa');
    if (!runa) throw new RangeError('Runa is not there');
    const planted = await plantRecords(runa, definitions.catalogue, ORDER);
    return new Matrix({ server, definitions, planted, callers, roles });
  }

  stop(): Promise<void> {
    return this.server.stop();
  }

  who(name: string): Caller {
    const caller = this.#world.callers.get(name);
    if (!caller) throw new RangeError(`nobody is called ${name}`);
    return caller;
  }

  /** Whether some role lets a person see a register's records: all of them, or `some` of them at least. */
  #mayLook(name: string, key: string, some: boolean): boolean {
    return (this.#world.roles.get(name) ?? []).some((role) => {
      const held = this.definitions.roles.get(role);
      const sight = held && rightsIn(held, key).see;
      return sight === true || (some && sight !== undefined && sight !== false);
    });
  }

  sees(name: string, key: string): boolean {
    return this.#mayLook(name, key, false);
  }

  /** Whether there is any record of a register for somebody: then its definition is no secret. */
  knows(name: string, key: string): boolean {
    return this.#mayLook(name, key, true);
  }

  /** What is planted is nobody's own: of a register of which somebody sees some records they see none of these. */
  hiddenFrom(name: string): Planted[] {
    return this.planted.filter(({ register }) => !this.sees(name, register.key));
  }

  seenBy(name: string): Planted[] {
    return this.planted.filter(({ register }) => this.sees(name, register.key));
  }

  #unknownTo(name: string): Planted[] {
    return this.planted.filter(({ register }) => !this.knows(name, register.key));
  }

  #fillable(name: string): Form[] {
    const roles = this.#world.roles.get(name) ?? [];
    return [...this.definitions.forms.values()].flatMap(({ open }) => {
      if (!open) return [];
      const { document } = open;
      const may =
        // A form by which strangers register is told to everybody.
        document.registration !== undefined ||
        (name === TABLET
          ? TABLET_FORMS.includes(document.key)
          : roles.some((role) => document.fill_in_by.includes(role)));
      return may ? [document] : [];
    });
  }

  /** Makes one call as somebody. */
  async call(name: string, endpoint: Name | StreamName, { params = {}, query = {}, body }: Given): Promise<Answer> {
    const bytes = !isTyped(endpoint);
    const { method, path } = bytes ? streams[endpoint] : api[endpoint];
    const search = new URLSearchParams(query).toString();
    const at = `${fillPath(path, params)}${search === '' ? '' : `?${search}`}`;
    const sent = method === 'get' || method === 'delete' ? undefined : (body ?? {});
    const headers = bytes ? { 'content-type': 'application/octet-stream' } : undefined;
    const answer = await this.who(name).call(method.toUpperCase(), at, sent, headers);
    if (!(answer.body instanceof Uint8Array)) return answer;
    // A paper is asked for its words: between them stands what every paper holds.
    const { text } = await extractText(await getDocumentProxy(answer.body), { mergePages: true });
    return { ...answer, body: text };
  }

  #reachesHidden(name: string, register: Register, key: string): boolean {
    const to = linkIn(register.fields.find((field) => field.key === key)?.type ?? { kind: 'text' })?.register;
    return to !== undefined && !this.knows(name, to);
  }

  /** Words of a definition: the keys and labels of fields that stand nowhere a person may look. */
  #wordsHiddenFrom(name: string): readonly string[] {
    const known = this.#hiddenWords.get(name);
    if (known) return known;
    const knownTo = this.planted.filter(({ register }) => this.knows(name, register.key));
    const allowed = JSON.stringify([
      knownTo.flatMap(({ register }) => wordsOf(register).filter((key) => !this.#reachesHidden(name, register, key))),
      this.#fillable(name),
      // Rows that are asked are asked with all their columns.
      this.#fillable(name).flatMap((form) =>
        (this.definitions.catalogue.registers.get(form.register)?.fields ?? []).flatMap((field) =>
          form.questions.some((question) => question.field === field.key)
            ? rowFieldsIn(field.type).map((row) => row.key)
            : [],
        ),
      ),
      // Other things that are called the same.
      [...this.definitions.catalogue.choiceLists.values()],
      'description number status',
    ]);
    const words = this.#unknownTo(name)
      .flatMap(({ register }) => wordsOf(register))
      .filter((word) => word.length > 7 && !allowed.includes(word));
    this.#hiddenWords.set(name, words);
    return words;
  }

  /**
   * What of hidden things stands in an answer. Of a record that is what nobody may come by who may not see it; its title a
   * designed form's look-up may offer: of the registers that are `told`.
   */
  leaksIn(name: string, answer: Answer, told: ReadonlySet<string> = new Set()): string[] {
    const text = JSON.stringify(answer.body ?? '').toLowerCase();
    const marks = this.hiddenFrom(name).flatMap(({ register, id, number, word, title }) =>
      told.has(register.key) ? [] : [id, number, word, title],
    );
    // As a name of a register stands where something is told of each.
    const keys = this.#unknownTo(name).map(({ register }) => `"${register.key}":`);
    return [...new Set([...marks, ...keys, ...this.#wordsHiddenFrom(name)])].filter((mark) =>
      text.includes(mark.toLowerCase()),
    );
  }

  /** The registers whose titles a designed form tells this person. */
  #toldBy(name: string, endpoint: string, { params }: Given): ReadonlySet<string> {
    const form = this.#fillable(name).find(({ key }) => key === params?.key);
    if (!TELLING.has(endpoint) || !form) return new Set();
    const fields = this.definitions.catalogue.registers.get(form.register)?.fields ?? [];
    const looked = fields.flatMap(({ type }) => [type, ...rowFieldsIn(type).map((row) => row.type)]);
    return new Set(looked.flatMap((type) => linkIn(type)?.register ?? []));
  }

  /** What is wrong with one call: a fault, or something that is hidden from who calls. What was asked with is no leak. */
  async #wrongIn(name: string, endpoint: Name | StreamName, given: Given): Promise<string | null> {
    const answer = await this.call(name, endpoint, given);
    if (answer.status >= 500) return `${endpoint} ${JSON.stringify(given)}: ${answer.status}`;
    const sent = JSON.stringify(given).toLowerCase();
    const found = this.leaksIn(name, answer, this.#toldBy(name, endpoint, given)).filter(
      (mark) => !sent.includes(mark.toLowerCase()),
    );
    return found.length > 0 ? `${endpoint} ${JSON.stringify(given)}: ${found.slice(0, 5).join(', ')}` : null;
  }

  /** What is wrong with all that somebody can call. */
  async wrongOf(name: string): Promise<string[]> {
    const isTried = (endpoint: string, { params }: Given) =>
      !CHANGING.has(endpoint) || (params?.key !== undefined && !this.sees(name, params.key));
    const asked: readonly (readonly [Name | StreamName, Given])[] = [
      ...NAMES.flatMap((endpoint) => this.calls[endpoint]().map((given) => [endpoint, given] as const)),
      ...STREAM_NAMES.flatMap((endpoint) => this.byteCalls[endpoint]().map((given) => [endpoint, given] as const)),
    ].filter(([endpoint, given]) => isTried(endpoint, given));
    const wrong: string[] = [];
    for (let from = 0; from < asked.length; from += AT_A_TIME) {
      const some = asked.slice(from, from + AT_A_TIME);
      const found = await Promise.all(some.map(([endpoint, given]) => this.#wrongIn(name, endpoint, given)));
      wrong.push(...found.flatMap((each) => each ?? []));
    }
    return wrong;
  }
}
