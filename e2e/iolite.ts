import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inject } from 'vitest';
import { z } from 'zod';
import { type Ports, Several } from './several.ts';

const freePort = (): Promise<number> =>
  new Promise((resolve, reject) => {
    const server = createServer();
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const address = server.address();
      server.close(() =>
        typeof address === 'object' && address ? resolve(address.port) : reject(new Error('no port')),
      );
    });
  });

const versionSchema = z.object({ version: z.int() });

/** What the starter tells the first server, and the second is told likewise. */
const BEGUN_WITH = {
  IOLITE_DEMONSTRATION: 'yes',
  IOLITE_WORKSPACE: 'demo/tern-quay/workspace.json',
  IOLITE_PEOPLE: 'demo/tern-quay/people.json',
};

/** A copy of Iolite of its own, started as `npm start` starts it, with its own data and address. */
export class Iolite {
  readonly folder = mkdtempSync(join(tmpdir(), 'iolite-e2e-'));
  readonly #port: number;
  readonly #begun: Readonly<Record<string, string>>;
  /** What stands beside the server, with the addresses of all. */
  readonly #beside: { readonly ports: Ports; readonly several: Several } | null;
  #process: ChildProcess | null = null;

  private constructor(port: number, begun: Readonly<Record<string, string>>, ports: Ports | null = null) {
    this.#port = port;
    this.#begun = begun;
    this.#beside = ports && { ports, several: new Several(ports) };
  }

  /** One with the demonstration in it already. `IOLITE_SEVERAL=yes` tries every journey as several. */
  static async make(): Promise<Iolite> {
    if (process.env.IOLITE_SEVERAL === 'yes') return Iolite.makeSeveral();
    return Iolite.#copyInto(new Iolite(await freePort(), {}));
  }

  /** The same as two servers behind a proxy, with a replica that lists are read from. */
  static async makeSeveral(): Promise<Iolite> {
    const [proxy, first, second, standby] = [await freePort(), await freePort(), await freePort(), await freePort()];
    return Iolite.#copyInto(new Iolite(proxy, {}, { proxy, first, second, standby }));
  }

  static #copyInto(iolite: Iolite): Iolite {
    // With whose the files are and who may read them, as PostgreSQL asks for.
    const copied = spawnSync('cp', ['-a', `${inject('prepared')}/.`, iolite.folder]);
    if (copied.status !== 0) throw new Error(`the prepared folder was not copied:\n${copied.stderr}`);
    return iolite;
  }

  /** One that loads the demonstration when it is first started. */
  static async makeFresh(): Promise<Iolite> {
    return new Iolite(await freePort(), {});
  }

  /** One with nothing and nobody in it. */
  static async makeEmpty(): Promise<Iolite> {
    return new Iolite(await freePort(), { IOLITE_DEMONSTRATION: 'no' });
  }

  /** The code with which a workspace that has nobody yet is begun, from what was printed at its start. */
  static codeIn(printed: string): string {
    const code = /begun with the code (\S+)/.exec(printed)?.[1];
    if (code === undefined) throw new Error(`no code in:\n${printed}`);
    return code;
  }

  get address(): string {
    return `http://127.0.0.1:${this.#port}`;
  }

  /**
   * Starts and waits for the one line with the address; gives what was printed until then. A decision can be undone for a
   * second: nobody waits longer for what follows from it. `more` is environment besides.
   */
  async start(more: Readonly<Record<string, string>> = {}): Promise<string> {
    const environment = { ...process.env, IOLITE_UNDO_SECONDS: '2', ...this.#begun, ...more };
    if (!this.#beside) return this.#startOne(environment, this.#port);
    const { ports, several } = this.#beside;
    const reading = { ...environment, IOLITE_READ_URL: await Several.readUrl(this.folder, ports) };
    const printed = await this.#startOne(reading, ports.first);
    await several.start(this.folder, { ...reading, ...BEGUN_WITH });
    return printed;
  }

  #startOne(environment: Readonly<Record<string, string | undefined>>, port: number): Promise<string> {
    const child = spawn(process.execPath, ['scripts/start.mjs'], {
      env: { ...environment, PORT: String(port), IOLITE_DATA: this.folder },
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    this.#process = child;
    return new Promise((resolve, reject) => {
      let printed = '';
      const read = (chunk: Buffer) => {
        printed += chunk.toString('utf8');
        if (printed.includes('Iolite is ready at')) resolve(printed);
      };
      child.stdout.on('data', read);
      child.stderr.on('data', read);
      child.once('exit', (code) => reject(new Error(`start ended with ${code}:\n${printed}`)));
    });
  }

  /** Kills the server as nobody should, and gives when it is started again. */
  async killServer(): Promise<void> {
    const { stdout } = spawnSync('ps', ['--ppid', String(this.#process?.pid), '-o', 'pid=,args='], {
      encoding: 'utf8',
    });
    const line = stdout.split('\n').find((each) => each.includes('dist/server/main.js'));
    const pid = Number(line?.trim().split(/\s+/)[0]);
    if (!(pid > 0)) throw new Error(`no server among ${stdout}`);
    const again = new Promise<void>((resolve) => {
      this.#process?.stdout?.on('data', (chunk: Buffer) => {
        if (chunk.toString('utf8').includes('Iolite is ready at')) resolve();
      });
    });
    process.kill(pid, 'SIGKILL');
    await again;
  }

  /** A call as one of the demonstration's people, where a journey needs something there before it begins. */
  async call(email: string, method: string, path: string, body?: unknown): Promise<unknown> {
    const headers = { 'content-type': 'application/json' };
    const signIn = await fetch(`${this.address}/api/session`, {
      method: 'POST',
      headers,
      body: JSON.stringify({ person: email }),
    });
    const cookie = signIn.headers.get('set-cookie')?.split(';')[0] ?? '';
    const isFile = body instanceof Uint8Array;
    const answer = await fetch(`${this.address}${path}`, {
      method,
      headers: { ...(isFile ? { 'content-type': 'application/octet-stream' } : headers), cookie },
      ...(body === undefined ? {} : { body: isFile ? new Uint8Array(body) : JSON.stringify(body) }),
    });
    const said = await answer.text();
    if (!answer.ok) throw new Error(`${path}: ${answer.status} ${said}`);
    return JSON.parse(said || 'null');
  }

  /** Makes registers and lists. */
  async carryOut(email: string, changes: object): Promise<void> {
    const { version } = versionSchema.parse(await this.call(email, 'GET', '/api/workspace'));
    await this.call(email, 'POST', '/api/workspace/carry-out', { version, ...changes });
  }

  /** Ends it as Ctrl+C would, and waits until server and database are down. */
  async stop(): Promise<void> {
    await this.#beside?.several.stop();
    const child = this.#process;
    this.#process = null;
    if (!child || child.exitCode !== null) return;
    await new Promise<void>((resolve) => {
      child.removeAllListeners('exit');
      child.once('exit', () => resolve());
      child.kill('SIGTERM');
    });
  }

  async remove(): Promise<void> {
    await this.stop();
    await this.#beside?.several.remove();
    rmSync(this.folder, { recursive: true, force: true });
  }
}
