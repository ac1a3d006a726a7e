// `npm run load`: people work on an Iolite of their own, as the journeys do, for an hour: they look through lists, open
// records, fill in forms with drafts and pictures, decide what waits for them, take lists along, and hear of changes.
// Prints what was answered wrongly, how soon, and the memory of server and database; ends with 1 where anything was
// refused that should not be, or the memory grew. IOLITE_PEOPLE_AT_WORK and IOLITE_MINUTES choose others.
import { spawn, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { fileURLToPath } from 'node:url';
import { build, installModules, installPostgres } from './install.mjs';
import { freePort } from './pg.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
installPostgres();
build();

const { default: sharp } = await import('sharp');

const PEOPLE = Number(process.env.IOLITE_PEOPLE_AT_WORK ?? 50);
const MINUTES = Number(process.env.IOLITE_MINUTES ?? 60);
/** The last quarter may hold so much more than the second: the first is for warming up. */
const FLAT = 1.1;
/** Between two things that somebody does. */
const THINK_MS = [1_000, 6_000];

const folder = mkdtempSync(join(tmpdir(), 'iolite-load-'));
const port = await freePort();
const base = `http://127.0.0.1:${port}`;
const metricsToken = randomBytes(18).toString('base64url');
const starter = spawn(process.execPath, ['scripts/start.mjs'], {
  env: { ...process.env, PORT: String(port), IOLITE_DATA: folder, IOLITE_METRICS_TOKEN: metricsToken },
  stdio: ['ignore', 'pipe', 'pipe'],
});
let printed = '';
for (const stream of [starter.stdout, starter.stderr]) stream.on('data', (chunk) => (printed += chunk));
while (!printed.includes('Iolite is ready at')) {
  if (starter.exitCode !== null) throw new Error(printed);
  await pause(100);
}

const ends = Date.now() + MINUTES * 60_000;
const isOver = () => Date.now() > ends;
const any = (list) => list[Math.floor(Math.random() * list.length)];
const chance = (share) => Math.random() < share;
const think = () => pause(THINK_MS[0] + Math.random() * (THINK_MS[1] - THINK_MS[0]));
const newId = () => {
  const time = Date.now().toString(16).padStart(12, '0');
  const rest = randomBytes(10).toString('hex');
  return `${time.slice(0, 8)}-${time.slice(8)}-7${rest.slice(0, 3)}-8${rest.slice(3, 6)}-${rest.slice(6, 18)}`;
};

let asked = 0;
/** How long answers took, by what was done; and what was answered wrongly. */
const took = [];
const wrong = new Map();
/** What two people may meet who work on the same at once: one of them is told. */
const TOLD = new Set([409]);

class Somebody {
  constructor(email) {
    this.email = email;
    this.cookie = '';
  }

  async call(method, path, body, { bytes = false, may = TOLD } = {}) {
    asked++;
    const begun = performance.now();
    let status = 0;
    let text = '';
    try {
      const answer = await fetch(base + path, {
        method,
        headers: { 'content-type': bytes ? 'application/octet-stream' : 'application/json', cookie: this.cookie },
        ...(body === undefined ? {} : { body: bytes ? body : JSON.stringify(body) }),
      });
      status = answer.status;
      this.cookie = answer.headers.get('set-cookie')?.split(';')[0] ?? this.cookie;
      text = await answer.text();
    } catch (error) {
      text = String(error.cause ?? error);
    }
    took.push(performance.now() - begun);
    if (status >= 200 && status < 300) return text.startsWith('{') ? JSON.parse(text) : text;
    if (!may.has(status)) {
      const what = `${status} ${method} ${path.replaceAll(/[0-9a-f]{8}-[0-9a-f-]{27}/g, '…').split('?')[0]} ${/"detail":"([^"]*)/.exec(text)?.[1] ?? text.slice(0, 200)}`;
      wrong.set(what, (wrong.get(what) ?? 0) + 1);
    }
    return null;
  }

  get = (path) => this.call('GET', path);

  async signIn() {
    await this.call('POST', '/api/session', { person: this.email });
    await this.get('/api/me');
    await this.get('/api/workspace');
  }

  /** Hears of changes, and reads what is open again, as a browser does. */
  async hear() {
    while (!isOver()) {
      try {
        const answer = await fetch(`${base}/api/live`, { headers: { cookie: this.cookie } });
        let due = false;
        for await (const chunk of answer.body) {
          if (isOver()) break;
          const events = Buffer.from(chunk).toString('utf8');
          if (due || !this.open || !events.includes(`"register":"${this.open.register}"`)) continue;
          due = true;
          setTimeout(() => {
            due = false;
            if (this.open && !isOver()) void this.get(this.open.path);
          }, 250);
        }
      } catch (error) {
        if (!isOver()) wrong.set(`live: ${error}`, (wrong.get(`live: ${error}`) ?? 0) + 1);
      }
      await pause(1_000);
    }
  }

  async list(register, query) {
    const path = `/api/registers/${register}/records?${new URLSearchParams({ limit: '50', ...query })}`;
    this.open = { register, path };
    return this.get(path);
  }

  async send(form, values) {
    const read = await this.get(`/api/forms/${form}`);
    if (!read) return;
    const id = newId();
    const kept = { form, version: read.version, record: null, title: read.form.label, body: { values } };
    // It is kept while it is typed.
    for (let at = 0; at < 3; at++) {
      await this.call('PUT', `/api/kept/${id}`, kept);
      await pause(400);
    }
    const entry = { id, version: read.version, filled_in_at: new Date().toISOString(), values };
    await this.call('POST', `/api/forms/${form}/entries`, entry);
    await this.call('DELETE', `/api/kept/${id}`, undefined, { may: new Set([404]) });
  }
}

const WORDS = ['marg', 'boat', 'har', 'ltd', 'sail', 'wood', 'ann', 'ton'];
const LISTS = [
  ['clients', { sort: 'name' }],
  ['clients', { filter: 'kind = "firm"', sort: '-client_since' }],
  ['boats', { sort: 'name', find: 'mar' }],
  ['invoices', { filter: 'state in ("issued", "part_paid")', sort: '-due_on' }],
  ['incidents', { sort: '-happened_at' }],
  ['purchases', { sort: '-requested_on' }],
  ['stock', { filter: 'on_hand < reorder_point' }],
  ['movements', { sort: '-moved_on' }],
];
const today = () => new Date().toISOString().slice(0, 10);
/** A photo of its own each time, of noise, which nothing presses. */
const picture = () => {
  const [width, height] = [400, 300];
  return sharp(randomBytes(width * height * 3), { raw: { width, height, channels: 3 } })
    .jpeg()
    .toBuffer();
};

/** What somebody may do next, and how often. */
const looks = async (who, lists = LISTS) => {
  const [register, query] = any(lists);
  const page = await who.list(register, query);
  if (!page) return;
  if (page.next && chance(0.3)) await who.get(`${who.open.path}&after=${encodeURIComponent(page.next)}`);
  if (page.records.length === 0 || chance(0.4)) return;
  await think();
  const { id } = any(page.records);
  await who.get(`/api/registers/${register}/records/${id}`);
  if (chance(0.5)) await who.get(`/api/registers/${register}/records/${id}/history`);
  if (chance(0.5)) await who.get(`/api/registers/${register}/records/${id}/linked`);
};
const finds = async (who) => {
  const word = any(WORDS);
  for (let at = 2; at <= word.length; at++) {
    await who.get(`/api/find?words=${word.slice(0, at)}`);
    await pause(200);
  }
};
const groups = (who) => who.get('/api/registers/invoices/groups?by=state&totals=sum:gross');
const addsClient = (who) => who.send('new_client', { name: `Load ${randomBytes(4).toString('hex')}`, kind: 'private' });
const changes = async (who) => {
  const page = await who.list('clients', { sort: '-number', find: 'load' });
  const record = page && any(page.records);
  if (!record) return;
  const phone = `+44 1632 9${String(Math.floor(Math.random() * 90_000) + 10_000)}`;
  await who.call('PATCH', `/api/registers/clients/records/${record.id}`, {
    changes: { phone },
    from: { phone: record.values.phone ?? null },
  });
};
const reports = async (who) => {
  const file = chance(0.3)
    ? await who.call('POST', '/api/files?name=pontoon.jpg&sort=photos', await picture(), { bytes: true })
    : null;
  await who.send('report_incident', {
    title: `Slipped on pontoon ${randomBytes(2).toString('hex')}`,
    kind: file ? 'damage' : 'near_miss',
    happened_at: new Date(Date.now() - 3_600_000).toISOString(),
    what_happened: 'Wet boards.',
    ...(file ? { photos: [file.id] } : {}),
  });
};
const asks = (who) =>
  who.send('purchase_request', {
    what_for: `Rope ${randomBytes(2).toString('hex')}`,
    cost_centre: 'yard',
    requested_on: today(),
    needed_by: today(),
    lines: [
      {
        id: newId(),
        values: { stock: null, what: 'Rope', quantity: '3', unit_price: '12.50', vat_rate: 'standard' },
      },
    ],
  });
const decides = async (who) => {
  const tray = await who.get('/api/in-tray');
  const item = tray?.items.find(({ kind }) => kind === 'sign');
  if (!item) return;
  // Others decide too: it may be gone.
  const gone = { may: new Set([404]) };
  if (!(await who.call('GET', `/api/sign-offs/${item.sign_off}`, undefined, gone))) return;
  await think();
  await who.call(
    'POST',
    `/api/sign-offs/${item.sign_off}`,
    { decision: 'refuse', comment: 'Not this year.', version: item.version, step: item.step },
    { may: new Set([409, 404, 422]) },
  );
};
const takesAlong = (who) => who.get(`/api/registers/clients/export?format=${any(['csv', 'xlsx', 'json'])}`);
const setsUp = async (who) => {
  await who.get('/api/workspace');
  await who.get('/api/jobs');
  await who.get('/api/drafts');
};

const YARD = LISTS.filter(([register]) => ['boats', 'stock'].includes(register));
const PARTS = [
  ['bea.quill@example.org', [looks, looks, looks, finds, addsClient, changes, groups, asks, takesAlong], 20],
  ['piet.lund@example.org', [(who) => looks(who, YARD), reports, asks, finds], 10],
  ['dev.anand@example.org', [(who) => looks(who, YARD), reports, finds], 8],
  ['sana.whitlock@example.org', [decides, decides, (who) => looks(who, YARD), reports], 5],
  ['ines.varga@example.org', [decides, finds], 4],
  ['runa.oakes@example.org', [looks, setsUp, changes, groups, takesAlong, finds], 3],
];
const whole = PARTS.reduce((sum, [, , share]) => sum + share, 0);

const works = async (email, deeds) => {
  const who = new Somebody(email);
  await pause(Math.random() * 20_000);
  await who.signIn();
  void who.hear();
  while (!isOver()) {
    await any(deeds)(who);
    await think();
  }
};

const megabytes = (bytes) => Math.round(bytes / 1024 ** 2);
const figure = (text, name) => Number(new RegExp(`^${name} (\\S+)`, 'm').exec(text)?.[1] ?? Number.NaN);
/** What the database's processes hold, each page that they share counted once. */
const databaseMemory = () => {
  const main = Number(readFileSync(join(folder, 'pg/postmaster.pid'), 'utf8').split('\n')[0]);
  const { stdout } = spawnSync('ps', ['--ppid', String(main), '-o', 'pid='], { encoding: 'utf8' });
  let sum = 0;
  for (const pid of [main, ...stdout.trim().split(/\s+/).map(Number)]) {
    try {
      sum += Number(/^Pss:\s+(\d+)/m.exec(readFileSync(`/proc/${pid}/smaps_rollup`, 'utf8'))?.[1] ?? 0);
    } catch {
      // It ended meanwhile.
    }
  }
  return sum * 1024;
};
const samples = [];
const watches = async () => {
  const answer = await fetch(`${base}/api/metrics`, { headers: { authorization: `Bearer ${metricsToken}` } });
  const text = await answer.text();
  const sample = {
    server: figure(text, 'process_resident_memory_bytes'),
    heap: figure(text, 'nodejs_heap_size_used_bytes'),
    database: databaseMemory(),
    handles: figure(text, 'nodejs_active_handles_total'),
  };
  samples.push(sample);
  const times = took.splice(0).sort((a, b) => a - b);
  const at = (share) => Math.round(times[Math.floor((times.length - 1) * share)] ?? 0);
  console.log(
    `minute ${samples.length}: ${times.length} answers, half within ${at(0.5)} ms, 99 of 100 within ${at(0.99)} ms, all within ${at(1)} ms; server ${megabytes(sample.server)} MB (${megabytes(sample.heap)} of heap), database ${megabytes(sample.database)} MB, ${sample.handles} handles`,
  );
};

const mean = (list) => list.reduce((sum, each) => sum + each, 0) / list.length;
let bad = false;
try {
  const working = PARTS.flatMap(([email, deeds, share]) =>
    Array.from({ length: Math.max(1, Math.round((PEOPLE * share) / whole)) }, () => works(email, deeds)),
  );
  const watching = (async () => {
    while (!isOver()) {
      await pause(60_000);
      await watches();
    }
  })();
  await Promise.all([...working, watching]);
  console.log(`${working.length} people, ${MINUTES} minutes, ${asked} requests`);
  const quarter = Math.floor(samples.length / 4);
  for (const what of ['server', 'database']) {
    const early = mean(samples.slice(quarter, 2 * quarter).map((sample) => sample[what]));
    const late = mean(samples.slice(-quarter).map((sample) => sample[what]));
    const grew = quarter > 0 && late / early > FLAT;
    bad ||= grew;
    console.log(
      `${grew ? 'WRONG' : 'right'}  memory of the ${what}: ${megabytes(early)} MB in the second quarter, ${megabytes(late)} MB in the last: ${(late / early).toFixed(2)} times`,
    );
  }
  for (const [what, times] of wrong) console.log(`WRONG  ${times} times ${what}`);
  const failures = printed.split('\n').filter((line) => /"level":(50|"error")/.test(line));
  for (const line of failures.slice(0, 20)) console.log(`noted  ${line}`);
  bad ||= wrong.size > 0 || failures.length > 0;
} finally {
  starter.kill('SIGTERM');
  await new Promise((resolve) => (starter.exitCode === null ? starter.once('exit', resolve) : resolve()));
  rmSync(folder, { recursive: true, force: true });
}
process.exit(bad ? 1 : 0);
