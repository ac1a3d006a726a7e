import { type Caller, newId, TestServer } from './harness.ts';
import {
  type Chance,
  makeWorld,
  REGISTERS,
  sentRole,
  type World,
  type WorldPerson,
  worldRegisters,
} from './sight-world.ts';

/** The demonstration's client goes by its own register of people, which is another here. */
const NO_CLIENT = { key: 'client', label: 'Client', registers: {} };

const refused = (what: string, { status, body }: { readonly status: number; readonly body: unknown }): Error =>
  new Error(`${what}: ${status} ${JSON.stringify(body)}`);

/** A server with a random workspace in it: its registers, records, roles and people. */
export class WorldServer {
  readonly server: TestServer;
  readonly world: World;
  /** Whoever sets it up, with all rights. */
  readonly runa: Caller;
  readonly #callers = new Map<string, Caller>();

  private constructor(server: TestServer, world: World, runa: Caller) {
    this.server = server;
    this.world = world;
    this.runa = runa;
  }

  static async start(chance: Chance, options: Parameters<typeof TestServer.start>[0] = {}): Promise<WorldServer> {
    const world = makeWorld(chance, newId);
    const server = await TestServer.start(options);
    const made = new WorldServer(server, world, await server.as('Runa'));
    await made.#fill();
    return made;
  }

  async #fill(): Promise<void> {
    const { server, world, runa } = this;
    // The demonstration's registers are nobody's here, but for those of the world.
    await this.carryOut({ registers: worldRegisters(), roles: [NO_CLIENT] });
    await server.database.db.execute(
      `update iolite.workspace set people = '{"register": "members", "email": "name"}', version = version + 1`,
    );
    for (const register of REGISTERS) {
      const records = world.records
        .filter((record) => record.register === register)
        .map(({ id, values, lines }) => ({
          id,
          values: {
            ...values,
            ...(register === 'things'
              ? { lines: lines.map(({ id: row, part, qty }) => ({ id: row, values: { part, qty } })) }
              : {}),
          },
        }));
      const stored = await runa.post(`/api/registers/${register}/import`, { records });
      if (stored.body.stored !== records.length) throw refused(register, stored);
    }
    await this.carryOut({ roles: world.roles.map(sentRole) });
    for (const person of world.people) {
      await this.give(person.name, { roles: person.roles, record: person.record });
      this.#callers.set(person.name, await server.as(person.name));
    }
  }

  /** Carries out a change of the set-up. */
  async carryOut(change: object): Promise<void> {
    const { version } = (await this.runa.get('/api/workspace')).body;
    const done = await this.runa.post('/api/workspace/carry-out', { version, ...change });
    if (done.status !== 200 || done.body.errors) throw refused('carrying out', done);
  }

  /** Gives one of its people roles, or a record that they are. */
  async give(name: string, change: object): Promise<void> {
    const { people } = (await this.runa.get('/api/people')).body;
    const { id } = people.find((each: { name: string }) => each.name.startsWith(name));
    const given = await this.runa.patch(`/api/people/${id}`, change);
    if (given.status !== 204) throw refused(name, given);
  }

  who({ name }: Pick<WorldPerson, 'name'>): Caller {
    const caller = this.#callers.get(name);
    if (!caller) throw new RangeError(name);
    return caller;
  }

  stop(): Promise<void> {
    return this.server.stop();
  }
}
