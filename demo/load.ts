import { today, toMomentText } from '#core/base/index.ts';
import { makeTernQuay } from './tern-quay/generate.ts';

const BATCH = 500;
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
  return stored;
};
