import { Agent, request as httpRequest } from 'node:http';
import fc from 'fast-check';
import { afterAll, beforeAll, expect, test } from 'vitest';
import { casesOf, SEED } from '#core/base/often.arb.ts';
import { DefinitionsReader } from '../definitions/reader.ts';
import { type Known, type Wrong, wrongRequests } from '../testing/fuzz.ts';
import { type Caller, TestServer } from '../testing/harness.ts';
import { plantRecords } from '../testing/planted.ts';

const CASES = casesOf(100_000);
const AT_ONCE = 8;
const NAMES = ['Runa', 'Bea', 'Piet'];

let server: TestServer;
let callers: Caller[];
let known: Known[];
const noted: string[] = [];

beforeAll(async () => {
  server = await TestServer.start({ tasks: [], note: (where, error) => noted.push(`${where} ${error}`) });
  callers = [...(await Promise.all(NAMES.map((name) => server.as(name)))), server.stranger()];
  const { catalogue, forms } = await new DefinitionsReader().read(server.database.db);
  const [runa] = callers;
  if (!runa) throw new RangeError('nobody');
  const planted = await plantRecords(runa, catalogue, [
    'clients',
    'berths',
    'boats',
    'stock',
    'appeals',
    'purchases',
    'invoices',
    'incidents',
  ]);
  known = planted.map(({ register, id }) => ({
    register: register.key,
    id,
    fields: register.fields.map(({ key }) => key),
    forms: [
      `.${register.key}`,
      ...[...forms.values()].flatMap(({ open }) =>
        open?.document.register === register.key ? [open.document.key] : [],
      ),
    ],
  }));
}, 120_000);
afterAll(() => server?.stop());

const agent = new Agent({ keepAlive: true });

/** Sends a request as it is: fetch would put right what is wrong in it. */
const send = ({ method, path, headers, body }: Wrong, cookie: string): Promise<number> =>
  new Promise((resolve, reject) => {
    const { hostname, port } = new URL(server.base);
    const request = httpRequest(
      {
        agent,
        hostname,
        port,
        method,
        path: Buffer.from(path).toString('latin1').replaceAll(' ', '%20'),
        headers: {
          cookie,
          ...(body === null ? {} : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(body) }),
          ...headers,
        },
      },
      (response) => {
        // Of a stream the head is enough.
        if (response.headers['content-type']?.startsWith('text/event-stream')) response.destroy();
        else response.resume();
        response.once('close', () => resolve(response.statusCode ?? 0));
      },
    );
    request.once('error', reject);
    request.end(body ?? undefined);
  });

test(`of ${CASES} malformed requests none is answered with a fault of ours`, async () => {
  const faults: string[] = [];
  const memory: number[] = [];
  const begun = Math.ceil(CASES / 1_000);
  for (let round = 0; round < begun; round++) {
    const requests = fc.sample(wrongRequests(known), {
      seed: SEED + round,
      numRuns: Math.min(1_000, CASES - round * 1_000),
    });
    const next = requests.entries();
    const work = async (): Promise<void> => {
      for (const [i, wrong] of next) {
        const at = i % callers.length;
        const status = await send(wrong, callers[at]?.cookie ?? '');
        // Some of these requests sign out: whoever was comes in again, else the others would be asked of nobody.
        const name = NAMES[at];
        if (status === 401 && name !== undefined) callers[at] = await server.as(name);
        if (status >= 500 || status === 0)
          faults.push(
            `${status} ${wrong.method} ${wrong.path.slice(0, 300)} ${JSON.stringify(wrong.headers)} ${wrong.body?.slice(0, 400)}`,
          );
      }
    };
    await Promise.all(Array.from({ length: AT_ONCE }, work));
    memory.push(process.memoryUsage().rss);
  }
  expect([...faults.slice(0, 20), ...noted.slice(0, 20)]).toEqual([]);
  // The service goes on as before, for everybody.
  expect((await callers[1]?.get('/api/me'))?.status ?? 0).toBeLessThan(500);
  expect((await server.stranger().get('/api/health')).status).toBe(200);
  // After the first tenth everything there is to keep is kept.
  const warm = memory[Math.floor(begun / 10)] ?? 0;
  if (begun >= 50) expect(memory.at(-1)).toBeLessThan(warm * 1.5);
}, 3_600_000);
