import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { inject } from 'vitest';
import { z } from 'zod';

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

/** A copy of Iolite of its own, started as `npm start` starts it, with its own data and address. */
export class Iolite {
  readonly folder = mkdtempSync(join(tmpdir(), 'iolite-e2e-'));
  readonly #port: number;
  readonly #begun: Readonly<Record<string, string>>;
  #process: ChildProcess | null = null;

  private constructor(port: number, begun: Readonly<Record<string, string>>) {
    this.#port = port;
    this.#begun = begun;
  }

  /** One with the demonstration in it already. */
  static async make(): Promise<Iolite> {
    const iolite = await Iolite.makeFresh();
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
  start(more: Readonly<Record<string, string>> = {}): Promise<string> {
    const child = spawn(process.execPath, ['scripts/start.mjs'], {
      env: {
        ...process.env,
        IOLITE_UNDO_SECONDS: '2',
        ...this.#begun,
        ...more,
        PORT: String(this.#port),
        IOLITE_DATA: this.folder,
      },
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
  stop(): Promise<void> {
    const child = this.#process;
    this.#process = null;
    if (!child || child.exitCode !== null) return Promise.resolve();
    return new Promise((resolve) => {
      child.removeAllListeners('exit');
      child.once('exit', () => resolve());
      child.kill('SIGTERM');
    });
  }

  async remove(): Promise<void> {
    await this.stop();
    rmSync(this.folder, { recursive: true, force: true });
  }
}
