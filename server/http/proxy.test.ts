import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { request as askPlain } from 'node:http';
import { request as askSecurely } from 'node:https';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { afterAll, beforeAll, expect, test, vi } from 'vitest';
import { TestServer } from '../testing/harness.ts';

/*
 * The example of docs/running/ with nginx from Debian's packages: its ports, paths and folders are those of this test, all
 * else stands as it is delivered.
 */

const NAME = 'forms.example.org';
const folder = mkdtempSync(join(tmpdir(), 'iolite-proxy-'));
const ends: (() => unknown)[] = [() => rmSync(folder, { recursive: true, force: true })];
const ports = { http: 0, https: 0 };
let server: TestServer;
let certificate: string;

beforeAll(async () => {
  const scripts = (name: string) => import(pathToFileURL(join(process.cwd(), 'scripts', name)).href);
  const [{ freePort }, { startProxy }] = await Promise.all([scripts('pg.mjs'), scripts('proxy.mjs')]);
  ports.http = await freePort();
  ports.https = await freePort();
  server = await TestServer.start({
    place: { address: new URL(`https://${NAME}`), proxies: ['loopback'] },
    demonstration: false,
  });
  const paths = { certificate: join(folder, 'fullchain.pem'), key: join(folder, 'privkey.pem') };
  execFileSync(
    'openssl',
    [
      ...['req', '-x509', '-newkey', 'ec', '-pkeyopt', 'ec_paramgen_curve:P-256', '-nodes', '-days', '1'],
      ...[
        '-subj',
        `/CN=${NAME}`,
        '-addext',
        `subjectAltName=DNS:${NAME}`,
        '-keyout',
        paths.key,
        '-out',
        paths.certificate,
      ],
    ],
    { stdio: 'ignore' },
  );
  certificate = readFileSync(paths.certificate, 'utf8');
  const example = readFileSync('docs/running/nginx.conf', 'utf8')
    .replaceAll(/^\s*listen \[::\].*$/gm, '')
    .replace('listen 80;', `listen 127.0.0.1:${ports.http};`)
    .replace('listen 443 ssl', `listen 127.0.0.1:${ports.https} ssl`)
    .replace('127.0.0.1:4780', new URL(server.base).host)
    .replace('/etc/iolite/fullchain.pem', paths.certificate)
    .replace('/etc/iolite/privkey.pem', paths.key);
  const running = await startProxy(folder, example, ports.https);
  ends.push(() => running.kill('SIGTERM'));
}, 180_000);
afterAll(async () => {
  for (const end of ends.reverse()) await end();
  await server?.stop();
});

interface Answer {
  readonly status: number;
  readonly headers: Readonly<Record<string, string | string[] | undefined>>;
  readonly body: string;
}

/** Asks by HTTPS, as a browser that knows the certificate does; `until` ends a stream that goes on. */
const ask = (
  method: string,
  path: string,
  {
    body,
    headers = {},
    until,
  }: { body?: object; headers?: Record<string, string>; until?: (said: string) => boolean } = {},
): Promise<Answer> =>
  new Promise((resolve, reject) => {
    const asked = askSecurely(
      {
        host: '127.0.0.1',
        port: ports.https,
        servername: NAME,
        ca: certificate,
        method,
        path,
        headers: { host: NAME, origin: `https://${NAME}`, 'content-type': 'application/json', ...headers },
      },
      (response) => {
        let said = '';
        const done = () => resolve({ status: response.statusCode ?? 0, headers: response.headers, body: said });
        response.on('data', (chunk: Buffer) => {
          said += chunk.toString('utf8');
          if (!until?.(said)) return;
          done();
          asked.destroy();
        });
        response.on('end', done);
        response.on('error', () => undefined);
      },
    );
    asked.once('error', reject);
    asked.end(body === undefined ? undefined : JSON.stringify(body));
  });

const signIn = async (): Promise<string> => {
  const answer = await ask('POST', '/api/session', {
    body: { person: 'runa.oakes@example.org', password: 'salt marsh otter' },
  });
  expect(answer.status).toBe(200);
  return String(answer.headers['set-cookie']);
};

test('signing in by HTTPS gives a cookie that is sent by HTTPS alone, and browsers are told to stay with it', async () => {
  const cookie = await signIn();
  expect(cookie).toMatch(/^__Host-iolite_session=.*; Path=\/;.*HttpOnly; Secure; SameSite=Lax/);
  const health = await ask('GET', '/api/health');
  expect(health.headers['strict-transport-security']).toBe('max-age=31536000');
});

test('by plain HTTP one is sent on to HTTPS', async () => {
  const sent = await new Promise<[number | undefined, string | undefined]>((resolve, reject) => {
    const asked = askPlain(
      { host: '127.0.0.1', port: ports.http, path: '/registers/boats?find=a', headers: { host: NAME } },
      (answer) => {
        answer.resume();
        resolve([answer.statusCode, answer.headers.location]);
      },
    );
    asked.once('error', reject);
    asked.end();
  });
  expect(sent).toEqual([301, `https://${NAME}/registers/boats?find=a`]);
});

test('what happens is told through it at once', async () => {
  const cookie = (await signIn()).split(';')[0] ?? '';
  const add = (name: string) =>
    ask('POST', '/api/registers/clients/records', {
      headers: { cookie },
      body: { id: crypto.randomUUID(), values: { name, kind: 'private' } },
    });
  let isOpen = false;
  const heard = ask('GET', '/api/live', {
    headers: { cookie },
    until: (said) => {
      isOpen = true;
      return said.includes('"clients"');
    },
  });
  await vi.waitFor(() => expect(isOpen).toBe(true), { timeout: 10_000, interval: 20 });
  expect((await add('Through the proxy')).status).toBe(201);
  expect((await heard).headers['content-type']).toContain('text/event-stream');
});

test('tries are counted by who asks, not by the proxy, and what somebody says of themselves is not believed', async () => {
  const wrong = { body: { person: 'runa.oakes@example.org', password: 'not this one' } };
  const spoofed = { ...wrong, headers: { 'x-forwarded-for': '203.0.113.7', 'x-forwarded-proto': 'http' } };
  const answer = await ask('POST', '/api/session', spoofed);
  expect(answer.status).toBeGreaterThanOrEqual(400);
  const sources = await server.database.db.execute('select distinct source from iolite.sign_in_tries');
  expect(JSON.stringify(sources.rows)).not.toContain('203.0.113.7');
  // It is HTTPS all the same.
  expect(answer.headers['strict-transport-security']).toBe('max-age=31536000');
});

test('the figures are not for the world', async () => {
  expect((await ask('GET', '/api/metrics')).status).toBe(403);
});
