// `npm run faults`: what happens to Iolite when what it stands on breaks. It is started as `npm start` starts it, with data
// of its own, and its server and its PostgreSQL are killed, and database sessions ended, while people send. Prints what
// was lost, stored twice or failed, and how long it was away; ends with 1 where anything was, or it was away too long.
// `--workbooks` brings it the workbooks that are made to be heavy, and nothing else.
import { spawn, spawnSync } from 'node:child_process';
import { randomBytes, randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { build, installModules, installPostgres } from './install.mjs';
import { Cluster, freePort } from './pg.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
const bin = installPostgres();
build();

const SENDS = Number(process.env.IOLITE_CASES ?? 500);
const ROWS = Number(process.env.IOLITE_ROWS ?? 100_000);
const AWAY_MS = 10_000;

const folder = mkdtempSync(join(tmpdir(), 'iolite-faults-'));
const port = await freePort();
const base = `http://127.0.0.1:${port}`;
const starter = spawn(process.execPath, ['scripts/start.mjs'], {
  env: { ...process.env, PORT: String(port), IOLITE_DATA: folder },
  stdio: ['ignore', 'pipe', 'pipe'],
});
let printed = '';
for (const stream of [starter.stdout, starter.stderr]) stream.on('data', (chunk) => (printed += chunk));
const until = async (holds, what) => {
  for (let tries = 0; tries < 600; tries++, await pause(100)) if (await holds()) return;
  throw new Error(`never: ${what}\n${printed}`);
};
await until(() => printed.includes('Iolite is ready at'), 'it is ready');

const { default: pg } = await import('pg');
const { bringHeavy, HEAVY } = await import('./heavy-workbooks.mjs');
const cluster = new Cluster(bin, folder);
const postmaster = () => Number(readFileSync(join(folder, 'pg/postmaster.pid'), 'utf8').split('\n')[0]);
/** The server, which is the one child of the starter that runs our program. */
const serverPid = () =>
  Number(
    spawnSync('ps', ['--ppid', String(starter.pid), '-o', 'pid=,args='], { encoding: 'utf8' })
      .stdout.split('\n')
      .find((line) => line.includes('dist/server/main.js'))
      ?.trim()
      .split(/\s+/)[0],
  );
const kill = (pid) => pid > 0 && process.kill(pid, 'SIGKILL');

/** An id as the program's own: its time first (RFC 9562, version 7). */
const newId = () => {
  const time = Date.now().toString(16).padStart(12, '0');
  const rest = randomBytes(10).toString('hex');
  return `${time.slice(0, 8)}-${time.slice(8)}-7${rest.slice(0, 3)}-8${rest.slice(3, 6)}-${rest.slice(6, 18)}`;
};

const call = async (cookie, method, path, body) => {
  try {
    const response = await fetch(base + path, {
      method,
      headers: { 'content-type': 'application/json', cookie },
      signal: AbortSignal.timeout(30_000),
      ...(body ? { body: JSON.stringify(body) } : {}),
    });
    const text = await response.text();
    return { status: response.status, body: text === '' ? null : JSON.parse(text), headers: response.headers };
  } catch (error) {
    return { status: 0, body: { detail: String(error) }, headers: new Headers() };
  }
};
const signIn = async (person) =>
  (await call('', 'POST', '/api/session', { person })).headers.get('set-cookie')?.split(';')[0] ?? '';
const [runa, bea] = [await signIn('runa.oakes@example.org'), await signIn('bea.quill@example.org')];
const isBack = async () => (await call(bea, 'GET', '/api/counts')).status === 200;

/** Sends until it is answered with a record or a refusal, the same entry each time, as a browser does. */
const send = async (id, name) => {
  for (;;) {
    const { status, body } = await call(bea, 'POST', '/api/registers/clients/records', { id, values: { name } });
    if (status === 201) return body.number;
    if (status !== 0 && status < 500 && status !== 409) throw new Error(`${status} ${JSON.stringify(body)}`);
    await pause(50);
  }
};

let bad = 0;
const report = (what, wrong, detail) => {
  if (wrong) bad++;
  console.log(`${wrong ? 'WRONG' : 'right'}  ${what}: ${detail}`);
};

const terminate = async () => {
  const client = new pg.Client({ connectionString: cluster.superuserUrl() });
  await client.connect();
  await client.query(
    "select pg_terminate_backend(pid) from pg_stat_activity where usename = 'iolite' and pid <> pg_backend_pid() order by random() limit 3",
  );
  await client.end();
};

/** So much more memory than at rest at most, in MB. */
const MOST_MEMORY = 300;
const workbooks = async () => {
  for (const [what, make] of HEAVY) {
    const { above, seconds, says, survived } = await bringHeavy(make, { base, cookie: runa, pid: serverPid });
    report(
      `a workbook: ${what}`,
      !survived || says === '' || above > MOST_MEMORY,
      `${Math.round(above)} MB above rest, ${seconds.toFixed(1)} s, ${survived ? 'refused' : 'the server ended'}: ${says}`,
    );
  }
};

const breakAll = async () => {
  for (const [what, breakIt, times] of [
    ['database sessions are ended', () => terminate().catch(() => undefined), 20],
    ['the server is killed', () => kill(serverPid()), 4],
    ['PostgreSQL is killed', () => kill(postmaster()), 3],
  ]) {
    const sent = Array.from({ length: SENDS }, (_, i) => ({ id: newId(), name: `${what} ${i}` }));
    let left = SENDS;
    const away = [];
    const breaking = (async () => {
      for (let i = 0; i < times && left > 0; i++) {
        await pause(200 + Math.random() * 300);
        const at = performance.now();
        await breakIt();
        await until(isBack, `it is back after ${what}`);
        away.push(performance.now() - at);
      }
    })();
    const next = sent.values();
    await Promise.all(
      Array.from({ length: 10 }, async () => {
        for (const { id, name } of next) {
          await send(id, name);
          left--;
          // Long enough that every break falls into the sending.
          await pause(20);
        }
      }),
    );
    await breaking;
    const client = new pg.Client({ connectionString: cluster.superuserUrl() });
    await client.connect();
    const { rows } = await client.query(
      'select name, count(*)::integer as n from records.clients where name like $1 group by name',
      [`${what} %`],
    );
    await client.end();
    const lost = SENDS - rows.length;
    const doubled = rows.filter(({ n }) => n > 1).length;
    report(`${SENDS} sends while ${what}`, lost + doubled > 0, `${lost} lost, ${doubled} stored twice`);
    const longest = Math.max(...away);
    report(`back by itself, ${away.length} times`, longest > AWAY_MS, `within ${(longest / 1000).toFixed(1)} s`);
  }

  const statuses = [];
  const writing = Promise.all(
    Array.from({ length: 44 }, async (_, i) => {
      await pause(i * 40);
      statuses.push(
        (await call(bea, 'POST', '/api/registers/clients/records', { id: newId(), values: { name: `Set-up ${i}` } }))
          .status,
      );
    }),
  );
  for (let i = 0; i < 8; i++) {
    const { version, registers } = (await call(runa, 'GET', '/api/workspace')).body;
    const clients = registers.find(({ key }) => key === 'clients');
    const field = { key: `extra_${i}`, label: `Extra ${i}`, type: { kind: 'text' } };
    const changed = { version, registers: [{ ...clients, fields: [...clients.fields, field] }], choice_lists: [] };
    const { status } = await call(runa, 'POST', '/api/workspace/carry-out', changed);
    if (status !== 200) report('a change of the set-up', true, status);
  }
  await writing;
  const failed = statuses.filter((status) => status !== 201);
  report('44 writes during 8 changes of the set-up', failed.length > 0, `${failed.length} failed ${failed}`);

  const csv = `Name,Email\n${Array.from({ length: ROWS }, (_, i) => `Row ${i},r${i}@example.org`).join('\n')}`;
  // Brought in as a file of a hundred thousand rows is: looked through, and then stored.
  const brought = await fetch(`${base}/api/imports?name=rows.csv&into=clients`, {
    method: 'POST',
    headers: { 'content-type': 'text/csv', cookie: runa },
    body: csv,
  });
  const { id } = await brought.json();
  let state;
  for (const how of ['look through', 'store']) {
    if (how === 'store') await call(runa, 'POST', `/api/imports/${id}/carry-out`, { revision: state.revision });
    const took = [];
    let isOver = false;
    const savers = Array.from({ length: 20 }, async () => {
      while (!isOver) {
        const at = performance.now();
        const { status } = await call(bea, 'POST', '/api/registers/clients/records', {
          id: newId(),
          values: { name: randomUUID() },
        });
        took.push(status === 201 ? performance.now() - at : Number.POSITIVE_INFINITY);
        await pause(1_000);
      }
    });
    await until(async () => {
      state = (await call(runa, 'GET', `/api/imports/${id}`)).body;
      await pause(400);
      return ['done', 'failed', 'stopped'].includes(state.job.state);
    }, `${how} is over`);
    isOver = true;
    await Promise.all(savers);
    took.sort((a, b) => a - b);
    const at = (share) => Math.round(took[Math.floor((took.length - 1) * share)]);
    report(
      `${how} ${ROWS} rows`,
      state.job.state !== 'done' || (how === 'store' ? state.added : state.found.would.add) !== ROWS,
      `${state.job.state}, ${how === 'store' ? state.added : state.found.would.add} rows`,
    );
    report(
      `${took.length} saves of 20 people meanwhile`,
      at(0.99) >= 500 || at(1) >= 2_000,
      `half within ${at(0.5)} ms, 99 of 100 within ${at(0.99)} ms, all within ${at(1)} ms`,
    );
  }
};

try {
  await cluster.run();
  await workbooks();
  if (!process.argv.includes('--workbooks')) await breakAll();
} finally {
  starter.kill('SIGTERM');
  await new Promise((resolve) => (starter.exitCode === null ? starter.once('exit', resolve) : resolve()));
  rmSync(folder, { recursive: true, force: true });
}
process.exitCode = bad === 0 ? 0 : 1;
