import { randomBytes } from 'node:crypto';
import { z } from 'zod';
import { uuidV7 } from '#core/base/index.ts';
import { routeSchema } from '#core/signoff/index.ts';
import { DefinitionsReader } from '#server/definitions/reader.ts';
import { findJob } from '#server/platform/jobs.ts';
import { routeTrialTask } from '#server/signoff/trial.ts';
import { applyWorkspace } from '#server/workspace/first-start.ts';
import { flatWorkspace } from './flat.ts';
import { median, timed } from './measure.ts';
import { benchDatabase, RUNA, serve } from './serve.ts';

/* What sign-off costs: entering a route of ten steps, an in-tray among very many sign-offs, a trial over many records. */

const SAVES = 200;
const WAITING = 500;
const SIGN_OFFS = Number(process.env.SIGN_OFFS ?? 1_000_000);
const RECORDS = Number(process.env.RECORDS ?? 100_000);
const ROUNDS = 15;

const { database, url } = await benchDatabase();
await applyWorkspace(database.db, await flatWorkspace(), [RUNA, SIGNER()]);
const { get, post, base, cookie, stop } = await serve(database, url);

function SIGNER() {
  return { name: 'Sana Whitlock', email: 'sana.whitlock@example.org', roles: ['yard_manager'] };
}

const newId = (): string => uuidV7(Date.now(), randomBytes(10));
const quote = (i: number) => ({
  id: newId(),
  values: {
    subject: `Quote ${i}`,
    net: '1000',
    vat: '200',
    gross: String(100 + ((i * 37) % 9000)),
    paid: '0',
    state: 'issued',
  },
});
const put = async (path: string, body: unknown, method = 'PUT'): Promise<void> => {
  const answer = await fetch(`${base}${path}`, {
    method,
    headers: { 'content-type': 'application/json', cookie },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  });
  if (!answer.ok) throw new Error(`${path}: ${answer.status} ${await answer.text()}`);
};

const role = (key: string) => ({ kind: 'role' as const, role: key });
const TEN = {
  key: 'quotes',
  label: 'Quotes',
  register: 'quotes',
  steps: Array.from({ length: 10 }, (_, i) => ({
    label: `Step ${i + 1}`,
    who: role('yard_manager'),
    condition: i < 4 ? `gross > ${100_000 + i}` : null,
    deadline: { by: { kind: 'days', days: 2 } },
  })),
  last_resort: role('operations_manager'),
  may_sign: ['twice'],
};

const save = async (): Promise<number> => timed(() => post('/api/registers/quotes/records', quote(1)));
for (let i = 0; i < 30; i++) await save();
const [plain, routed]: [number[], number[]] = [[], []];
for (let round = 0; round < 4; round++) {
  for (let i = 0; i < SAVES / 4; i++) plain.push(await save());
  await put('/api/routes/quotes', TEN);
  for (let i = 0; i < 5; i++) await save();
  for (let i = 0; i < SAVES / 4; i++) routed.push(await save());
  await put('/api/routes/quotes', undefined, 'DELETE');
  for (let i = 0; i < 5; i++) await save();
}
console.log(
  `saving with a route of 10 steps against without: ${(median(routed) / median(plain)).toFixed(2)} times (${median(plain).toFixed(1)} ms, ${median(routed).toFixed(1)} ms)`,
);

await put('/api/routes/quotes', {
  ...TEN,
  steps: [{ label: 'Office', who: role('operations_manager'), condition: null }],
  may_sign: ['sent'],
});
for (let i = 0; i < WAITING; i++) await post('/api/registers/quotes/records', quote(i));
await database.db.execute(
  `insert into iolite.sign_offs (id, register_id, record_id, route_id, route_version, begun_route_id, begun_version, round, stage, sender, sent_at)
   select gen_random_uuid(), so.register_id, gen_random_uuid(), so.route_id, so.route_version, so.begun_route_id, so.begun_version, 1,
     case when n % 5 = 0 then 'waiting' else 'approved' end, p.id, now() - n * interval '1 minute'
   from generate_series(1, ${SIGN_OFFS}) n, (select * from iolite.sign_offs limit 1) so,
     (select id from iolite.people where email like 'sana%') p`,
);
await database.db.execute(
  `insert into iolite.sign_off_parts (sign_off_id, step, person_id, asked)
   select so.id, 0, p.id, 'asked' from iolite.sign_offs so, (select id from iolite.people where email like 'sana%') p
   where so.stage = 'waiting' and not exists (select 1 from iolite.sign_off_parts x where x.sign_off_id = so.id)`,
);
await database.db.execute('analyze');
const trays: number[] = [];
for (let i = 0; i < ROUNDS; i++) trays.push(await timed(() => get('/api/in-tray')));
const told = z.object({ items: z.array(z.unknown()) }).parse(JSON.parse(await get('/api/in-tray'))).items.length;
console.log(`an in-tray of ${told} among ${SIGN_OFFS} sign-offs: ${median(trays).toFixed(0)} ms over HTTP`);

await put('/api/routes/quotes', undefined, 'DELETE');
for (let at = 0; at < RECORDS; at += 500)
  await post('/api/registers/quotes/import', { records: Array.from({ length: 500 }, (_, i) => quote(at + i)) });
await database.db.execute('analyze');
const route = routeSchema.parse({
  ...TEN,
  steps: [500, 2000, 5000].map((over) => ({
    label: `Over ${over}`,
    who: role('yard_manager'),
    condition: `gross > ${over}`,
  })),
});
const payload = { route, all: true };
await database.db.execute(
  `insert into iolite.jobs (id, task, payload, begun_at, state, changed_at) values ('${newId()}', 'route_trial', '${JSON.stringify(payload)}', now(), 'running', now())`,
);
const { rows } = await database.db.execute(`select id from iolite.jobs where task = 'route_trial' limit 1`);
const job = await findJob(database.db, String(rows[0]?.id));
if (!job) throw new Error('no job');
const trial = await timed(() =>
  routeTrialTask(new DefinitionsReader()).run({ db: database.db, job, progress: async () => undefined }),
);
console.log(`a trial over ${RECORDS} records: ${(trial / 1000).toFixed(1)} s`);
await stop();
await database.close();
