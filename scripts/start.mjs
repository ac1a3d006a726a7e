// `npm start`: installs what is missing, starts PostgreSQL on loopback, builds, serves, fills the demonstration once.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build, installModules, installPostgres } from './install.mjs';
import { Cluster } from './pg.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
const port = Number(process.env.PORT ?? 4780);
const host = process.env.IOLITE_HOST ?? '127.0.0.1';
// Where it is reached from this machine.
const reached = host === '0.0.0.0' || host === '::' ? '127.0.0.1' : host.includes(':') ? `[${host}]` : host;
const address = `http://${reached}:${port}`;
// Read after the way to the project's root: what it says is relative to that.
const { place } = await import('./place.mjs');
const { folder, isDemonstration, isEmpty, begunWith, url } = place;

const answers = async () => {
  try {
    const health = await fetch(`${address}/api/health`, { signal: AbortSignal.timeout(1500) });
    return health.headers.get('content-type')?.includes('json') === true;
  } catch {
    return false;
  }
};

if (await answers()) {
  console.log(`Iolite runs already at ${address}`);
  process.exit(0);
}

installModules();
let cluster = null;
// Backups are taken each night beside the data, unless `IOLITE_BACKUPS` names another folder.
let backups = {};
if (!url) {
  const bin = installPostgres();
  backups = { IOLITE_PG_BIN: bin, IOLITE_BACKUPS: join(folder, 'backups') };
  mkdirSync(folder, { recursive: true });
  cluster = new Cluster(bin, folder);
}
/** Where the database is: the server reads its program in while it starts. */
let database = null;
let server = null;
let stopping = false;
const stop = (code) => {
  if (stopping) return;
  stopping = true;
  const end = () => {
    cluster?.stop();
    process.exit(code);
  };
  if (!server || server.exitCode !== null || server.signalCode !== null) return end();
  server.once('exit', end);
  server.kill('SIGTERM');
};
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => stop(0));

try {
  build();
} catch (error) {
  console.error(error.message);
  cluster?.stop();
  process.exit(1);
}

const LONGEST_PAUSE_MS = 5_000;
/** Whoever ran this long had begun well: the next end is not counted with the ones before. */
const BEGAN_WELL_MS = 60_000;
/** Stands with the data once the demonstration was brought into them: it is not looked for again. */
const filled = cluster && join(cluster.data, 'demonstration-is-there');
const isToFill = isDemonstration && !process.env.IOLITE_WORKSPACE && !(filled && existsSync(filled));
let wasReady = false;
let pause = 250;

const whenReady = (ready) => {
  if (!wasReady && isToFill) {
    const loaded = spawnSync(process.execPath, ['dist/server/demo.js', `http://${reached}:${ready}`], {
      stdio: 'inherit',
    });
    if (loaded.status !== 0) return stop(1);
    if (filled) writeFileSync(filled, '');
    server.send({ filled: true });
  }
  wasReady = true;
  console.log(`Iolite is ready at http://${reached}:${ready}`);
};

/** Starts the server, and again when it ends by itself; one that never came to be ready says why, and is let be. */
const serve = () => {
  const startedAt = Date.now();
  // A process group of its own: Ctrl+C reaches only us, and the order of stopping is ours.
  server = spawn(process.execPath, ['--enable-source-maps', 'dist/server/main.js'], {
    detached: true,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
    env: {
      ...backups,
      ...process.env,
      NODE_ENV: 'production',
      PORT: String(port),
      IOLITE_DEMONSTRATION: isDemonstration ? 'yes' : 'no',
      // While the demonstration is brought in no decision waits to be undone.
      IOLITE_FILLING: !wasReady && isToFill ? 'yes' : 'no',
      IOLITE_WORKSPACE: (isEmpty ? undefined : process.env.IOLITE_WORKSPACE) ?? `${begunWith}/workspace.json`,
      IOLITE_PEOPLE: process.env.IOLITE_PEOPLE ?? `${begunWith}/people.json`,
    },
  });
  if (database) server.send({ database });
  server.once('message', ({ ready }) => whenReady(ready));
  server.once('exit', (code) => {
    if (stopping) return;
    if (!wasReady) {
      console.error('The server ended before it was ready.');
      return stop(code || 1);
    }
    if (Date.now() - startedAt > BEGAN_WELL_MS) pause = 250;
    console.error(`The server ended by itself; it is started again in ${pause / 1000} s.`);
    setTimeout(() => stopping || serve(), pause);
    pause = Math.min(2 * pause, LONGEST_PAUSE_MS);
  });
};
serve();
if (cluster) {
  database = await cluster.start();
  if (server.connected) server.send({ database });
}

/** A database of ours that ended by itself is started again too. The server waits for it meanwhile. */
const keepDatabase = async () => {
  if (!stopping && cluster.hasEnded()) {
    console.error('PostgreSQL ended by itself; it is started again.');
    // What is left of the one that ended may still be going away: then it is tried again.
    await cluster.run().catch((error) => console.error(error.message));
  }
  setTimeout(keepDatabase, 500).unref();
};
if (cluster) await keepDatabase();
