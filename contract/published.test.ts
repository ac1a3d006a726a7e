import { createConfig, lintFromString } from '@redocly/openapi-core';
import { expect, test } from 'vitest';
import { openApiDocument } from './index.ts';

/** What the validator says against a document, each with the place. */
const against = async (document: object): Promise<string[]> => {
  const config = await createConfig({
    extends: ['spec'],
    rules: {
      'operation-operationId': 'error',
      'operation-operationId-unique': 'error',
      'operation-summary': 'error',
      'operation-4xx-response': 'error',
      'path-parameters-defined': 'error',
      'path-declaration-must-exist': 'error',
      'no-identical-paths': 'error',
      'no-unresolved-refs': 'error',
      'no-unused-components': 'error',
      'security-defined': 'error',
      'no-invalid-parameter-examples': 'error',
      'no-invalid-media-type-examples': 'error',
      'no-enum-type-mismatch': 'error',
    },
  });
  const problems = await lintFromString({ source: JSON.stringify(document), config });
  return problems.map(({ ruleId, message, location }) => `${ruleId}: ${message} ${location[0]?.pointer}`);
};

test('the OpenAPI document is one, as a public validator of the format finds (@redocly/openapi-core)', async () => {
  expect(await against(openApiDocument('1.2.3'))).toEqual([]);
});

test('and it finds what is wrong', async () => {
  const { paths, ...rest } = openApiDocument('1.2.3');
  const get = { summary: 'Nothing', responses: { 200: { $ref: '#/components/responses/Nowhere' } } };
  const found = await against({ ...rest, paths: { ...paths, '/api/{planted}': { get } } });
  for (const rule of ['no-unresolved-refs', 'operation-operationId', 'path-parameters-defined'])
    expect(found.join('\n')).toContain(rule);
});
