import fc from 'fast-check';
import { api, streams } from '#contract/index.ts';

/*
 * Requests that no browser of ours would send: of every call, with parameters, queries, bodies and headers that are
 * wrong in small and large ways. From a seed, so that what was found is found again.
 */

/** A request as it goes over the wire: the path is not touched. */
export interface Wrong {
  readonly method: string;
  readonly path: string;
  readonly headers: Readonly<Record<string, string>>;
  readonly body: string | null;
}

/** What a program written in a hurry does not expect. */
const NASTY: readonly unknown[] = [
  null,
  true,
  '',
  ' ',
  0,
  -1,
  0.1,
  1e308,
  2_147_483_648,
  9_007_199_254_740_992,
  '\u0000',
  'a\u0000b',
  '\ud800',
  'x\udfff',
  '\u202e',
  '🛶'.repeat(50),
  'x'.repeat(5_000),
  'null',
  'now()',
  "'; drop table iolite.people; --",
  '../../etc/passwd',
  '__proto__',
  'constructor',
  '9999-99-99',
  '0000-00-00',
  '2026-02-30',
  '-271822-01-01',
  '2026-11-28T25:61:61Z',
  '1e999',
  'NaN',
  [],
  {},
  [[[[[[]]]]]],
  [null],
  { __proto__: null, kind: 'text' },
];

/** Bodies deep and wide beyond measure: no address would hold them. */
const HEAVY: readonly unknown[] = [
  JSON.parse(`${'['.repeat(300)}${']'.repeat(300)}`),
  Object.fromEntries(Array.from({ length: 3_000 }, (_, i) => [`key_${i}`, i])),
];

/** Formulas that were wrong once, or look as if they could be. */
const FORMULAS: readonly string[] = [
  'null',
  'null = today()',
  'name = null',
  'date(null) = today()',
  '((((',
  'name = "\u0000"',
  'name < "\ud800"',
  '1/0 = 1',
  'count(boats) > 1',
  'matches(name, "(")',
  'some x in boats satisfies x.name = "a"',
  `${'('.repeat(200)}1${')'.repeat(200)} = 1`,
  'substring(name, 0) = ""',
  '10 ** 400 > 1',
];

const CURSORS: readonly string[] = [
  'x',
  ...[['a'], [null, 1e20], ['x', 1], ['9999999999999999999', 1], [null, 'x'], ['2026-99-99', 2], ['\u0000', 3], {}].map(
    (each) => Buffer.from(JSON.stringify(each)).toString('base64url'),
  ),
];

const PATHS: readonly string[] = [
  '%',
  '%E0%A4',
  '%00',
  '%ED%A0%80',
  '..%2f..',
  '%2e%2e',
  'a'.repeat(3_000),
  '🛶',
  '.',
  ' ',
];

/** Where requests go that are not all wrong: a register that is there, its forms, a record of it, and its fields. */
export interface Known {
  readonly register: string;
  readonly forms: readonly string[];
  readonly id: string;
  readonly fields: readonly string[];
}

const UUID = '01890000-0000-7000-8000-000000000000';

const textIn = (value: unknown): string => (typeof value === 'string' ? value : JSON.stringify(value ?? null));

/** A body that could be right, of the kind most calls take; then something in it is exchanged. */
const bodies = (known: Known): fc.Arbitrary<unknown> => {
  const field = fc.constantFrom(...known.fields);
  const nasty = fc.constantFrom(...NASTY, ...FORMULAS, ...HEAVY);
  const values = fc.dictionary(fc.oneof(field, fc.constantFrom('__proto__', '', 'no_such')), nasty, { maxKeys: 4 });
  const id = fc.oneof(fc.constant(known.id), fc.uuid(), fc.constantFrom('x', UUID));
  const version = fc.constantFrom(1, 0, -1, 2_147_483_648, 1e20, 0.5, '1');
  return fc.oneof(
    fc.record({ id, values }),
    fc.record({ from: values, changes: values }),
    fc.record({ id, version, filled_in_at: fc.oneof(fc.constant('2026-11-28T10:00:00Z'), nasty), values }),
    fc.record({
      id,
      version,
      filled_in_at: fc.constant('2026-11-28T10:00:00Z'),
      values,
      record: fc.record({ id, from: values }),
    }),
    fc.record({
      form: fc.constantFrom(...known.forms),
      version,
      record: fc.oneof(id, fc.constant(null)),
      title: nasty,
      body: values,
    }),
    fc.record({ person: nasty, password: nasty }),
    fc.record({ decision: fc.constantFrom('approve', 'refuse', 'x'), comment: nasty, version }),
    fc.record({
      csv: fc.constantFrom('A\nx', 'A,B\n1', '"', '\u0000', 'A\n\ud800', ''),
      columns: fc.array(fc.oneof(field, fc.constant(null), nasty), { maxLength: 3 }),
      match: fc.oneof(field, fc.constantFrom('', 'number')),
    }),
    fc.record({
      formula: fc.constantFrom(...FORMULAS),
      gives: fc.constantFrom({ kind: 'date' }, { kind: 'text' }, { kind: 'x' }),
    }),
    fc.record({
      key: fc.constantFrom(...known.forms),
      label: nasty,
      register: fc.constant(known.register),
      questions: fc.array(fc.record({ field, rules: fc.array(nasty, { maxLength: 2 }) }), { maxLength: 3 }),
    }),
    fc.record({
      version,
      registers: fc.array(nasty, { maxLength: 2 }),
      choice_lists: fc.array(nasty, { maxLength: 2 }),
    }),
    fc.record({ fill_in_by: fc.array(nasty, { maxLength: 2 }), seen_by: fc.array(nasty, { maxLength: 2 }) }),
    nasty,
    fc.object({ maxDepth: 3 }),
  );
};

const queries = (known: Known): fc.Arbitrary<string> => {
  const field = fc.constantFrom(...known.fields);
  const nasty = fc.constantFrom(...NASTY.map(textIn), ...FORMULAS);
  const pair = fc.oneof(
    fc.tuple(
      fc.constant('filter'),
      fc.oneof(
        fc.constantFrom(...FORMULAS),
        fc.tuple(field, nasty).map(([name, value]) => `${name} = ${value}`),
        nasty,
      ),
    ),
    fc.tuple(
      fc.constant('sort'),
      fc.oneof(
        field,
        field.map((name) => `-${name}`),
        nasty,
      ),
    ),
    fc.tuple(fc.constant('after'), fc.oneof(fc.constantFrom(...CURSORS), nasty)),
    fc.tuple(fc.constant('find'), nasty),
    fc.tuple(fc.constant('columns'), fc.oneof(field, nasty)),
    fc.tuple(fc.constantFrom('limit', 'archived', 'count', 'draft', 'anyway', 'small', 'sort'), nasty),
    fc.tuple(fc.constantFrom('record', 'move_to', 'only', 'by', 'key'), fc.oneof(fc.constant(known.id), nasty)),
    fc.tuple(fc.constantFrom('answers', 'opened', 'value', 'address'), fc.oneof(nasty, fc.json({ maxDepth: 2 }))),
  );
  return fc.array(pair, { maxLength: 3 }).map((pairs) => {
    if (pairs.length === 0) return '';
    return `?${pairs.map(([name, value]) => `${name}=${encoded(value)}`).join('&')}`;
  });
};

/** As encodeURIComponent, which refuses halves of surrogate pairs; here they go as the three bytes they never are. */
const encoded = (text: string): string =>
  [...text].map((char) => (/^[\ud800-\udfff]$/.test(char) ? '%ED%A0%80' : encodeURIComponent(char))).join('');

const HEADERS: readonly Readonly<Record<string, string>>[] = [
  {},
  {},
  {},
  {},
  { 'content-type': 'text/plain' },
  { 'content-type': 'application/json; charset=klingon' },
  { 'content-type': 'application/json; charset=utf-16' },
  { 'content-type': 'multipart/form-data' },
  { 'content-encoding': 'br' },
  { 'content-encoding': 'gzip' },
  { 'content-encoding': 'no-such' },
  { cookie: 'iolite_session=%E0%A4' },
  { origin: 'null' },
  { origin: '://' },
  { accept: 'no/such' },
  { 'if-none-match': '*' },
  { range: 'bytes=9-1' },
];

/** Wrong requests of every call there is, about one register. */
const wrongOf = (known: Known): fc.Arbitrary<Wrong> => {
  const endpoints = [
    // Whoever signed out would be refused everything else.
    ...[...Object.values(api), ...Object.values(streams)]
      .filter((each) => each !== api.signOut)
      .map(({ method, path }) => ({ method: method.toUpperCase(), path })),
    { method: 'PUT', path: '/api/no-such' },
    { method: 'GET', path: '/api/%' },
  ];
  const part = (name: string): fc.Arbitrary<string> => {
    const wrong = fc.oneof(
      fc.constantFrom(...PATHS),
      fc.constantFrom(...NASTY).map((each) => encoded(textIn(each)).slice(0, 500)),
    );
    const right =
      name === 'key'
        ? fc.constantFrom(known.register, ...known.forms)
        : name === 'question'
          ? fc.constantFrom(...known.fields)
          : fc.constant(known.id);
    return fc.oneof({ weight: 3, arbitrary: right }, { weight: 1, arbitrary: wrong });
  };
  return fc.constantFrom(...endpoints).chain(({ method, path }) =>
    fc
      .record({
        parts: fc.tuple(...[...path.matchAll(/\{(\w+)\}/g)].map(([, name = '']) => part(name))),
        query: queries(known),
        body: bodies(known),
        broken: fc.constantFrom('no', 'no', 'no', 'no', 'cut', 'empty'),
        headers: fc.constantFrom(...HEADERS),
      })
      .map(({ parts, query, body, broken, headers }): Wrong => {
        let at = 0;
        const text = JSON.stringify(body) ?? 'null';
        const sends = method !== 'GET' && method !== 'DELETE';
        return {
          method,
          path: `${path.replace(/\{\w+\}/g, () => parts[at++] ?? '')}${query}`,
          headers,
          body: !sends ? null : broken === 'cut' ? text.slice(0, -1) : broken === 'empty' ? '' : text,
        };
      }),
  );
};

/** Wrong requests of every call there is, about one register or another. */
export const wrongRequests = (known: readonly Known[]): fc.Arbitrary<Wrong> => fc.oneof(...known.map(wrongOf));
