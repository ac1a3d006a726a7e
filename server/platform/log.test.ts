import { expect, test } from 'vitest';
import { makeLog } from './log.ts';

const noting = (level: 'debug' | 'info') => {
  const lines: string[] = [];
  return { lines, log: makeLog(level, { write: (line) => void lines.push(line) }) };
};

test('each note is one line of JSON: when, where, what, and never more than an error says', () => {
  const { lines, log } = noting('info');
  const inner = new Error('relation "x"\ndoes not exist');
  log.note('GET /api/health', Object.assign(new Error('Failed query: … params: secret'), { cause: inner }));
  log.say('ready');
  expect(lines.every((line) => line.endsWith('\n') && line.trim().split('\n').length === 1)).toBe(true);
  const [first, second] = lines.map((line) => JSON.parse(line));
  expect(first).toMatchObject({ level: 50, where: 'GET /api/health', msg: inner.message });
  expect(first.time).toMatch(/^\d{4}-\d\d-\d\dT.*Z$/);
  expect(lines.join('')).not.toContain('secret');
  expect(second).toMatchObject({ level: 30, msg: 'ready' });
});

test('requests are told where they fail or take long, each of them where that is wanted', () => {
  const asked = { method: 'GET', route: '/api/registers/:key/records', status: 200, ms: 3.4 };
  const { lines, log } = noting('info');
  log.request(asked);
  expect(lines).toEqual([]);
  log.request({ ...asked, status: 503 });
  log.request({ ...asked, ms: 9_000 });
  expect(lines.map((line) => JSON.parse(line).level)).toEqual([50, 40]);
  const all = noting('debug');
  all.log.request(asked);
  expect(JSON.parse(all.lines[0] ?? '')).toMatchObject({ route: '/api/registers/:key/records', ms: 3 });
});
