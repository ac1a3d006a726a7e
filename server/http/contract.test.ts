import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { openApiDocument } from '#contract/index.ts';
import { TestServer } from '../testing/harness.ts';

describe('the contract holds every call', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.start({ figuresToken: 'a secret of whoever watches' });
  });
  afterAll(() => server?.stop());

  test('every route under /api stands in the OpenAPI document, the document itself excepted, and nothing else does', () => {
    const there = new Set(server.routes().filter((route) => / \/api\//.test(route)));
    expect(there.delete('get /api/openapi.json')).toBe(true);
    const told = Object.entries(openApiDocument('1.2.3').paths).flatMap(([path, calls]) =>
      Object.keys(calls).map((method) => `${method} ${path.replace(/\{(\w+)\}/g, ':$1')}`),
    );
    expect([...there].sort()).toEqual([...new Set(told)].sort());
    expect(there.size).toBeGreaterThan(120);
  });
});
