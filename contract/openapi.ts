import { z } from 'zod';
import { api } from './api.ts';
import type { Endpoint } from './endpoint.ts';
import { problemSchema } from './schemas.ts';

const schemaOf = (schema: z.ZodType, io: 'input' | 'output') => z.toJSONSchema(schema, { io, unrepresentable: 'any' });

const parametersOf = (schema: z.ZodType, place: 'path' | 'query') => {
  const json = schemaOf(schema, 'input');
  return Object.entries(json.properties ?? {}).map(([name, property]) => ({
    name,
    in: place,
    required: place === 'path' || (json.required ?? []).includes(name),
    schema: property,
  }));
};

const operation = (id: string, each: Endpoint) => ({
  operationId: id,
  summary: each.summary,
  ...(each.open ? { security: [] } : {}),
  parameters: [...parametersOf(each.params, 'path'), ...parametersOf(each.query, 'query')],
  ...(['post', 'put', 'patch'].includes(each.method)
    ? { requestBody: { required: true, content: { 'application/json': { schema: schemaOf(each.body, 'input') } } } }
    : {}),
  responses: {
    [each.status]:
      each.status === 204
        ? { description: 'Done' }
        : { description: 'The answer', content: { 'application/json': { schema: schemaOf(each.answer, 'output') } } },
    default: {
      description: 'A problem (RFC 9457)',
      content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
    },
  },
});

/** The OpenAPI 3.1 document of the whole interface, printed from the schemas the server parses with. */
export const openApiDocument = (version: string) => {
  const paths: Record<string, Record<string, ReturnType<typeof operation>>> = {};
  for (const [id, each] of Object.entries(api)) {
    paths[each.path] = { ...paths[each.path], [each.method]: operation(id, each) };
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Iolite', version, description: 'Registers, forms, sign-off and lists of one workspace.' },
    security: [{ session: [] }],
    paths,
    components: {
      schemas: { Problem: schemaOf(problemSchema, 'output') },
      securitySchemes: { session: { type: 'apiKey', in: 'cookie', name: 'iolite_session' } },
    },
  };
};
