import { type Answer, type Caller, TestServer } from './harness.ts';
import { entry, makeNearMisses, nearMissRoute, story } from './near-misses.ts';

const LIST = '/api/registers/near_misses/records';
const FORM = '/api/forms/report_a_near_miss/entries';

export type Name = 'Runa' | 'Piet' | 'Dev' | 'Sana' | 'Ines' | 'Teo' | 'Tomas' | 'Bea' | 'Orla';

/** What a step is made of: whom it asks by role, and whatever else it says. */
export const step = (label: string, role: string, more: object = {}) => ({
  label,
  who: { kind: 'role', role },
  condition: null,
  ...more,
});

/** A server with near misses that go round, and people who send, sign and look at them. */
export class Signing {
  readonly #people = new Map<Name, Caller>();
  readonly server: TestServer;

  private constructor(server: TestServer) {
    this.server = server;
  }

  static async start(options: Parameters<typeof TestServer.start>[0] = {}): Promise<Signing> {
    const signing = new Signing(await TestServer.start(options));
    const runa = await signing.as('Runa');
    await makeNearMisses(runa);
    await runa.post('/api/forms/report_a_near_miss/publish', {
      fill_in_by: ['yard_hand', 'yard_manager', 'treasurer', 'office', 'trustee'],
      seen_by: ['yard_hand', 'yard_manager', 'treasurer', 'trustee'],
    });
    return signing;
  }

  async as(name: Name): Promise<Caller> {
    const known = this.#people.get(name) ?? (await this.server.as(name));
    this.#people.set(name, known);
    return known;
  }

  /** Publishes the route over near misses, with what differs from the plain one; also where nobody could sign today. */
  async route(more: object): Promise<Answer> {
    const answer = await (await this.as('Runa')).put('/api/routes/near_misses?anyway=yes', {
      ...nearMissRoute,
      ...more,
    });
    if (answer.status !== 200) throw new Error(JSON.stringify(answer.body));
    return answer;
  }

  /** Sends a near miss of a cost; gives its id. */
  async send(name: Name, title: string, cost = '900', more: object = {}): Promise<string> {
    const values = { title, severity: 'damage', cost, what_happened: story, ...more };
    const answer = await (await this.as(name)).post(FORM, { ...entry(values), version: 2 });
    if (answer.status !== 201) throw new Error(JSON.stringify(answer.body));
    return answer.body.id;
  }

  async item(name: Name, record: string) {
    const { items } = (await (await this.as(name)).get('/api/in-tray')).body;
    return items.find((each: { record: string; kind: string }) => each.record === record && each.kind !== 'sent');
  }

  /** Decides on a record by what the in-tray says of it. */
  async decide(name: Name, record: string, decision: string, more: object = {}): Promise<Answer> {
    const item = await this.item(name, record);
    const comment = decision === 'approve' || decision === 'undo' ? '' : 'A reason.';
    const body = { decision, comment, version: item?.version ?? 0, ...(item ? { step: item.step } : {}), ...more };
    return (await this.as(name)).post(`/api/sign-offs/${item?.sign_off ?? (await this.signOff(record))}`, body);
  }

  /** The id of a record's sign-off. */
  async signOff(record: string): Promise<string> {
    return (await this.track(record))?.id ?? '00000000-0000-7000-8000-000000000000';
  }

  async track(record: string) {
    return (await (await this.as('Runa')).get(`${LIST}/${record}`)).body.sign_off;
  }

  async change(name: Name, record: string, field: string, from: unknown, to: unknown): Promise<Answer> {
    const body = { from: { [field]: from }, changes: { [field]: to } };
    return (await this.as(name)).patch(`${LIST}/${record}`, body);
  }

  async record(name: Name, record: string): Promise<Answer> {
    return (await this.as(name)).get(`${LIST}/${record}`);
  }

  async history(record: string): Promise<{ action: string; by: string; comment: string | null }[]> {
    return (await (await this.as('Runa')).get(`${LIST}/${record}/history`)).body.events;
  }

  async personId(name: Name): Promise<string> {
    const { people } = (await (await this.as('Runa')).get('/api/people')).body;
    return people.find((each: { name: string }) => each.name.startsWith(name)).id;
  }

  async person(name: Name, change: object): Promise<Answer> {
    return (await this.as('Runa')).patch(`/api/people/${await this.personId(name)}`, change);
  }
}
