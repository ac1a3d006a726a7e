import { type ChildProcess, spawn } from 'node:child_process';
import { once } from 'node:events';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';

interface ClusterLike {
  port?: number;
  start(): Promise<string>;
  run(): Promise<void>;
  stop(): void;
  standby(folder: string, options: { port: number }): Promise<ClusterLike>;
}

const scripts = (name: string) => import(pathToFileURL(join(process.cwd(), 'scripts', name)).href);

/** The addresses of what stands beside a server that `npm start` started. */
export interface Ports {
  readonly proxy: number;
  readonly first: number;
  readonly second: number;
  readonly standby: number;
}

/**
 * A second server on the same database, a streaming replica that both read lists from, and a proxy before them that gives
 * each request to the next in turn.
 */
export class Several {
  readonly #folder = mkdtempSync(join(tmpdir(), 'iolite-several-'));
  readonly #ports: Ports;
  #standby: ClusterLike | null = null;
  #running: ChildProcess[] = [];

  constructor(ports: Ports) {
    this.#ports = ports;
  }

  /** Where the replica will be, with the name and password of the first. */
  static async readUrl(folder: string, { standby }: Ports): Promise<string> {
    const { Cluster } = await scripts('pg.mjs');
    return new Cluster('', folder).roleUrl(standby);
  }

  /** Starts them beside the server that runs already on the data in a folder. */
  async start(data: string, environment: Readonly<Record<string, string | undefined>>): Promise<void> {
    const [{ Cluster }, { installPostgres }, { startProxy }] = await Promise.all(
      ['pg.mjs', 'install.mjs', 'proxy.mjs'].map(scripts),
    );
    const cluster: ClusterLike = new Cluster(installPostgres(), data);
    const url = await cluster.start();
    if (this.#standby) await this.#standby.run();
    else this.#standby = await cluster.standby(join(this.#folder, 'standby'), { port: this.#ports.standby });
    const server = spawn(process.execPath, ['--enable-source-maps', 'dist/server/main.js'], {
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
      env: { ...environment, NODE_ENV: 'production', DATABASE_URL: url, PORT: String(this.#ports.second) },
    });
    this.#running.push(server);
    await once(server, 'message');
    const { proxy, first, second } = this.#ports;
    const running: ChildProcess = await startProxy(
      this.#folder,
      `upstream iolite { server 127.0.0.1:${first}; server 127.0.0.1:${second}; keepalive 32; }
      server {
        listen 127.0.0.1:${proxy};
        client_max_body_size 60m;
        proxy_http_version 1.1;
        proxy_set_header Connection "";
        proxy_set_header Host $http_host;
        proxy_buffering off;
        proxy_read_timeout 1h;
        location / { proxy_pass http://iolite; }
      }`,
      proxy,
    );
    this.#running.push(running);
  }

  async stop(): Promise<void> {
    const ended = this.#running.map((child) => (child.exitCode === null ? once(child, 'exit') : null));
    for (const child of this.#running) child.kill('SIGTERM');
    await Promise.all(ended);
    this.#running = [];
    this.#standby?.stop();
  }

  async remove(): Promise<void> {
    await this.stop();
    rmSync(this.#folder, { recursive: true, force: true });
  }
}
