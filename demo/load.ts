import { z } from 'zod';
import { today, toMomentText } from '#core/base/index.ts';
import { type Call, hasAccounts, makeAccounts } from './tern-quay/accounts.ts';
import { makeTernQuay } from './tern-quay/generate.ts';
import { hasRoutes, makeSignOff } from './tern-quay/sign-off.ts';

const BATCH = 500;
/** The register that is filled last: where it holds records, everything is there. */
const LAST = 'donations';

const OPERATIONS_MANAGER = 'runa.oakes@example.org';

/** Signs in as somebody. */
const signIn = async (base: string, person: string): Promise<Call> => {
  const json = { 'content-type': 'application/json' };
  const signedIn = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers: json,
    body: JSON.stringify({ person }),
  });
  if (!signedIn.ok) throw new Error(`signing in answered ${signedIn.status}`);
  let cookie = signedIn.headers.get('set-cookie')?.split(';')[0] ?? '';
  return async (method, path, body) => {
    const answer = await fetch(`${base}${path}`, {
      method,
      headers: { ...(body instanceof Uint8Array ? { 'content-type': 'application/octet-stream' } : json), cookie },
      ...(body === undefined ? {} : { body: body instanceof Uint8Array ? body : JSON.stringify(body) }),
    });
    // A session may be given another token.
    cookie = answer.headers.get('set-cookie')?.split(';')[0] ?? cookie;
    const text = await answer.text();
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${text}`);
    return JSON.parse(text || 'null');
  };
};

/**
 * Fills an Iolite that is running at `base` through its HTTP interface, unless it is filled already; `now` is what its clock
 * says, in milliseconds since 1970.
 */
export const loadTernQuay = async (base: string, now: number): Promise<number> => {
  const begunAt = Date.now();
  const call = await signIn(base, OPERATIONS_MANAGER);
  const day = today({ now: toMomentText(now), zone: 'Europe/London' });
  const page = recordsSchema.parse(await call('GET', `/api/registers/${LAST}/records?limit=1`));
  const stored = page.records.length > 0 ? 0 : await loadRecords(call, day);
  // Whoever began before there were accounts gets them too.
  if (!(await hasAccounts(call))) await makeAccounts(call, day);
  const signedIn = new Map<string, Promise<Call>>();
  const as = (email: string): Promise<Call> => {
    const found = signedIn.get(email) ?? signIn(base, email);
    signedIn.set(email, found);
    return found;
  };
  const sent = (await hasRoutes(call)) ? 0 : await makeSignOff(call, as, day, () => now + Date.now() - begunAt);
  return stored + sent;
};

const recordsSchema = z.object({ records: z.array(z.unknown()) });

/** Brings all records in; gives how many. */
const loadRecords = async (call: Call, day: string): Promise<number> => {
  let stored = 0;
  for (const { register, records } of makeTernQuay(day)) {
    for (let at = 0; at < records.length; at += BATCH) {
      const batch = records.slice(at, at + BATCH);
      await call('POST', `/api/registers/${register}/import`, { records: batch, as_they_stand: true });
      stored += batch.length;
    }
  }
  return stored;
};
