import { describe, expect, test } from 'vitest';
import { none } from './endpoint.ts';
import { api, fillPath, liveEventSchema, openApiDocument, problemSchema, streams } from './index.ts';

const document = openApiDocument('1.2.3');

describe('the OpenAPI document', () => {
  test.each(Object.entries(api))('%s is in it, with its parameters and answer', (name, endpoint) => {
    const operation = document.paths[endpoint.path]?.[endpoint.method];
    expect(operation?.operationId).toBe(name);
    expect(operation?.summary.length).toBeGreaterThan(5);
    const inPath = [...endpoint.path.matchAll(/\{(\w+)\}/g)].map((match) => match[1]);
    expect(operation?.parameters.filter((each) => each.in === 'path').map((each) => each.name)).toEqual(inPath);
    expect(operation?.responses[endpoint.status]).toBeDefined();
    expect('requestBody' in (operation ?? {})).toBe(['post', 'put', 'patch'].includes(endpoint.method));
  });

  test.each(Object.entries(api).filter(([, { body }]) => body !== none))(
    'what %s takes is shown by an example that it takes',
    (name, { body, path, method }) => {
      const example = document.paths[path]?.[method]?.requestBody?.content['application/json']?.example;
      expect(example, name).toBeDefined();
      expect(body.safeParse(example).error?.issues).toBeUndefined();
    },
  );

  test.each(Object.entries(streams))('%s is in it, with the bytes it takes or gives', (_, each) => {
    const operation = document.paths[each.path]?.[each.method];
    const contents = (content: object | undefined) => Object.keys(content ?? {});
    if (each.takes) expect(contents(operation?.requestBody?.content)).toEqual(expect.arrayContaining([...each.takes]));
    const answered = contents(operation?.responses[each.status]?.content);
    expect(answered).toEqual(each.gives ? [...each.gives] : ['application/json']);
    const inPath = [...each.path.matchAll(/\{(\w+)\}/g)].map((match) => match[1]);
    expect(operation?.parameters.filter((one) => one.in === 'path').map((one) => one.name)).toEqual(inPath);
  });

  test('a spreadsheet can be sent as text or as its bytes by one path; who watches has a secret of their own', () => {
    const content = document.paths['/api/imports']?.post?.requestBody?.content;
    expect(Object.keys(content ?? {})).toEqual(['application/json', '*/*']);
    expect(document.paths['/api/metrics']?.get?.security).toEqual([{ figures: [] }]);
    expect(document.paths['/api/feeds/{secret}/list.ics']?.get?.security).toEqual([]);
  });

  test('what needs no session says so, and nothing else', () => {
    const open = Object.entries(api)
      .filter(([, endpoint]) => endpoint.open)
      .map(([name]) => name);
    expect(open.toSorted()).toEqual([
      'acceptInvitation',
      'begin',
      'countries',
      'forgotPassword',
      'health',
      'healthLive',
      'healthReady',
      'openLink',
      'register',
      'registrationForm',
      'resetPassword',
      'sessionInfo',
      'signIn',
      'signInDevice',
      'signOut',
    ]);
    expect(document.paths['/api/health']?.get).toHaveProperty('security', []);
    expect(document.paths['/api/me']?.get).not.toHaveProperty('security');
    expect(document.security).toEqual([{ session: [] }, { token: [] }]);
    // What is a person's own takes their session.
    expect(document.paths['/api/sessions']?.get).toHaveProperty('security', [{ session: [] }]);
  });

  test('what several calls share stands once, and every reference leads to it', () => {
    const text = JSON.stringify(document);
    const referred = new Set([...text.matchAll(/"\$ref":"([^"]+)"/g)].map((match) => match[1] ?? ''));
    expect(referred.size).toBeGreaterThan(15);
    const there: Readonly<Record<string, unknown>> = document.components.schemas;
    for (const reference of referred) {
      const name = reference.replace('#/components/schemas/', '');
      expect([reference, name in there]).toEqual([`#/components/schemas/${name}`, true]);
    }
    expect(there.Record).toMatchObject({ type: 'object', required: expect.arrayContaining(['number', 'title']) });
    // A register as it is given may leave out what has a default; as it is answered it says all.
    expect(there.RegisterGiven).toMatchObject({ required: expect.not.arrayContaining(['constraints']) });
    expect(there.Register).toMatchObject({ required: expect.arrayContaining(['constraints']) });
    // A call more is so much more, and no more: besides its examples.
    const bare = JSON.stringify(document, (key, value) => (key === 'example' ? undefined : value));
    expect(bare.length / (Object.keys(api).length + Object.keys(streams).length)).toBeLessThan(2_360);
  });

  test('it is of version 3.1 and says its own', () => {
    expect(document.openapi).toBe('3.1.0');
    expect(document.info.version).toBe('1.2.3');
    expect(JSON.stringify(document.components.schemas.Problem)).toContain('pointer');
  });
});

describe('paths', () => {
  test('parameters are encoded, so that none can lead elsewhere', () => {
    expect(fillPath('/api/registers/{key}/records/{id}', { key: '../x?y', id: 'a b' })).toBe(
      '/api/registers/..%2Fx%3Fy/records/a%20b',
    );
  });
  test('a parameter that is missing is the caller’s mistake', () =>
    expect(() => fillPath('/api/forms/{key}', {})).toThrow(RangeError));
});

test('a problem as RFC 9457 shows one (appendix A) is understood', () => {
  // RFC 9457 §3, figure 3: errors with a detail and a JSON pointer; ours carry a code too.
  const answer = {
    type: 'https://example.net/validation-error',
    title: 'Your request is not valid.',
    status: 422,
    detail: 'Two things are wrong.',
    errors: [
      { code: 'integer', detail: 'must be a positive integer', pointer: '#/age' },
      { code: 'choice', detail: "must be 'green', 'red' or 'blue'", pointer: '#/profile/color' },
    ],
  };
  expect(problemSchema.parse(answer)).toEqual(answer);
});

test.each([
  [{ kind: 'records', register: 'boats' }, true],
  [{ kind: 'in_tray' }, true],
  [{ kind: 'records' }, false],
  [{ kind: 'other' }, false],
])('the live event %o is known: %s', (event, known) => expect(liveEventSchema.safeParse(event).success).toBe(known));
