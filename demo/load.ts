import { z } from 'zod';
import { today, toMomentText } from '#core/base/index.ts';
import { makeTernQuay } from './tern-quay/generate.ts';

const BATCH = 500;
/** Who signs in as a client. */
const CLIENT = 'orla.margetts@example.org';
/** The register that is filled last: where it holds records, everything is there. */
const LAST = 'donations';

/** Fills an Iolite that is running at `base` through its HTTP import, unless it is filled already. */
export const loadTernQuay = async (base: string): Promise<number> => {
  const signIn = await fetch(`${base}/api/session`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ person: 'runa.oakes@example.org' }),
  });
  if (!signIn.ok) throw new Error(`signing in answered ${signIn.status}`);
  const cookie = signIn.headers.get('set-cookie')?.split(';')[0] ?? '';
  const page: unknown = await (
    await fetch(`${base}/api/registers/${LAST}/records?limit=1`, { headers: { cookie } })
  ).json();
  if (typeof page === 'object' && page && 'records' in page && Array.isArray(page.records) && page.records.length > 0)
    return 0;
  const day = today({ now: toMomentText(Date.now()), zone: 'Europe/London' });
  const data = makeTernQuay(day);
  let stored = 0;
  for (const { register, records } of data) {
    for (let at = 0; at < records.length; at += BATCH) {
      const answer = await fetch(`${base}/api/registers/${register}/import`, {
        method: 'POST',
        headers: { 'content-type': 'application/json', cookie },
        body: JSON.stringify({ records: records.slice(at, at + BATCH) }),
      });
      if (!answer.ok) throw new Error(`${register}: ${answer.status} ${await answer.text()}`);
      stored += Math.min(BATCH, records.length - at);
    }
  }
  await tieClient(base, cookie);
  return stored;
};

const peopleSchema = z.object({ people: z.array(z.object({ id: z.string(), email: z.string() })) });
const recordsSchema = z.object({ records: z.array(z.object({ id: z.string() })) });

/** Ties the client who signs in in the demonstration to her record. */
const tieClient = async (base: string, cookie: string): Promise<void> => {
  const read = async (path: string): Promise<unknown> =>
    (await fetch(`${base}${path}`, { headers: { cookie } })).json();
  const filter = encodeURIComponent(`email = "${CLIENT}"`);
  const [record] = recordsSchema.parse(await read(`/api/registers/clients/records?filter=${filter}`)).records;
  const person = peopleSchema.parse(await read('/api/people')).people.find(({ email }) => email === CLIENT);
  if (!record || !person) throw new Error(`nobody, or no record, has the address ${CLIENT}`);
  const answer = await fetch(`${base}/api/people/${person.id}`, {
    method: 'PATCH',
    headers: { 'content-type': 'application/json', cookie },
    body: JSON.stringify({ record: record.id }),
  });
  if (!answer.ok) throw new Error(`tying ${CLIENT}: ${answer.status} ${await answer.text()}`);
};
