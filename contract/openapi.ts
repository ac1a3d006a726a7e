import { z } from 'zod';
import { formSchema } from '#core/form/index.ts';
import { choiceListSchema, registerSchema } from '#core/register/index.ts';
import { routeSchema, stepSchema, whoSchema } from '#core/signoff/index.ts';
import { givenPlanSchema, planSchema as importPlanSchema } from '#core/spreadsheet/index.ts';
import { fieldTypeSchema } from '#core/values/index.ts';
import { api } from './api.ts';
import { conflictSchema, fileSchema, linkedSchema, problemSchema, storedValueSchema } from './basics.ts';
import { bodyExamples } from './body-examples.ts';
import type { Endpoint } from './endpoint.ts';
import { duplicatesSchema, keptEntrySchema, sentSchema } from './entries/schemas.ts';
import { exampleOf } from './examples.ts';
import { formSummarySchema } from './forms/schemas.ts';
import { importStateSchema } from './imports/schemas.ts';
import { jobSchema } from './jobs/schemas.ts';
import { recordDetailSchema, recordSchema } from './records/schemas.ts';
import { meSchema } from './session/schemas.ts';
import { foreseenSchema, signatureSchema, trackSchema, trayItemSchema } from './sign-off/schemas.ts';
import { type Stream, streams } from './streams.ts';
import { planSchema } from './workspace/schemas.ts';

/** The schemas that several calls share, by the names they have in the document. */
const shared = z.registry<{ id: string }>();
const NAMES: Readonly<Record<string, z.ZodType>> = {
  ChoiceList: choiceListSchema,
  Conflict: conflictSchema,
  Duplicates: duplicatesSchema,
  FieldType: fieldTypeSchema,
  File: fileSchema,
  Form: formSchema,
  FormSummary: formSummarySchema,
  ImportPlan: importPlanSchema,
  ImportPlanPart: givenPlanSchema,
  ImportState: importStateSchema,
  Job: jobSchema,
  KeptEntry: keptEntrySchema,
  Linked: linkedSchema,
  Person: meSchema,
  Plan: planSchema,
  Problem: problemSchema,
  Record: recordSchema,
  RecordDetail: recordDetailSchema,
  Register: registerSchema,
  Foreseen: foreseenSchema,
  Route: routeSchema,
  Signature: signatureSchema,
  Step: stepSchema,
  TrayItem: trayItemSchema,
  Who: whoSchema,
  SentEntry: sentSchema,
  Track: trackSchema,
  Value: storedValueSchema,
};
for (const [id, schema] of Object.entries(NAMES)) shared.add(schema, { id });

type Json = { [key: string]: unknown };
type Security = Readonly<Record<string, readonly string[]>>;
type Content = Readonly<Record<string, { readonly schema?: Json; readonly example?: unknown }>>;
const examples: { readonly [id: string]: unknown } = bodyExamples;

/** One call, as the document says it. */
interface Operation {
  readonly operationId: string;
  readonly summary: string;
  readonly security?: readonly Security[];
  readonly parameters: readonly { readonly name: string; readonly in: 'path' | 'query'; readonly required: boolean }[];
  readonly requestBody?: { readonly required: boolean; readonly content: Content };
  readonly responses: Readonly<Record<string, { readonly description: string; readonly content?: Content }>>;
}
type Io = 'input' | 'output';

/** What is taken may leave out what has a default, and has a name of its own where that makes a difference. */
const nameOf = (id: string, io: Io): string => (io === 'input' ? `${id}Given` : id);

/** Schemas as JSON Schema, those with a name once, among the document's components. */
class Components {
  readonly schemas: Record<string, unknown> = {};

  of(schema: z.ZodType, io: Io): Json {
    const {
      $defs = {},
      $schema: _,
      ...json
    }: Json = z.toJSONSchema(schema, {
      io,
      unrepresentable: 'any',
      metadata: shared,
    });
    for (const [id, each] of Object.entries(Object($defs))) this.schemas[nameOf(id, io)] ??= this.#referring(each, io);
    const own = shared.get(schema)?.id;
    if (own === undefined) return this.#object(json, io);
    this.schemas[nameOf(own, io)] ??= this.#object(json, io);
    return { $ref: `#/components/schemas/${nameOf(own, io)}` };
  }

  #object(json: Json, io: Io): Json {
    return Object.fromEntries(
      Object.entries(json).flatMap(([key, value]) =>
        key === 'id' && typeof value === 'string' ? [] : [[key, this.#referring(value, io)]],
      ),
    );
  }

  /** The same with every reference leading to the components. */
  #referring(json: unknown, io: Io): unknown {
    if (Array.isArray(json)) return json.map((each) => this.#referring(each, io));
    if (typeof json !== 'object' || json === null) return json;
    if ('$ref' in json && typeof json.$ref === 'string')
      return {
        $ref: json.$ref.replace(/^#\/\$defs\/(.+)$/, (_, id: string) => `#/components/schemas/${nameOf(id, io)}`),
      };
    return this.#object({ ...json }, io);
  }
}

const parametersOf = (components: Components, schema: z.ZodType, place: 'path' | 'query') => {
  const { properties = {}, required = [] } = components.of(schema, 'input');
  const needed = new Set(Array.isArray(required) ? required : []);
  return Object.entries(Object(properties)).map(([name, property]) => ({
    name,
    in: place,
    required: place === 'path' || needed.has(name),
    schema: property,
    ...exampleOf(name, property),
  }));
};

/** What a call takes: nothing, a session alone where it is a person's own, else a session or a token. */
const securityOf = ({ open, by }: Endpoint) =>
  open ? { security: [] as Security[] } : by === 'people' ? { security: [{ session: [] }] } : {};

const PROBLEM = {
  description: 'A problem (RFC 9457)',
  content: { 'application/problem+json': { schema: { $ref: '#/components/schemas/Problem' } } },
};

const operation = (components: Components, id: string, each: Endpoint): Operation => ({
  operationId: id,
  summary: each.summary,
  ...securityOf(each),
  parameters: [...parametersOf(components, each.params, 'path'), ...parametersOf(components, each.query, 'query')],
  ...(['post', 'put', 'patch'].includes(each.method)
    ? {
        requestBody: {
          required: true,
          content: {
            'application/json': {
              schema: components.of(each.body, 'input'),
              ...(id in examples ? { example: examples[id] } : {}),
            },
          },
        },
      }
    : {}),
  responses: {
    [each.status]:
      each.status === 204
        ? { description: 'Done' }
        : {
            description: 'The answer',
            content: { 'application/json': { schema: components.of(each.answer, 'output') } },
          },
    // Any call may meet a problem; what is there only to be seen has none of its sort.
    '4XX': PROBLEM,
    '5XX': PROBLEM,
  },
});

/** Bytes as they are, of some media types (OpenAPI 3.1, §4.8.14.3: no schema says what is in them). */
const bytesOf = (types: readonly string[]): Content => Object.fromEntries(types.map((type) => [type, {}]));

/** What opens a call of bytes: a session or a token, a secret in its path, or the secret of whoever watches the server. */
const securityOfStream = (each: Stream): { security?: Security[] } =>
  each.secret === 'bearer' ? { security: [{ figures: [] }] } : securityOf(each);

const streamOperation = (components: Components, id: string, each: Stream): Operation => {
  const as = operation(components, id, each);
  const { requestBody: _json, security: _usual, ...rest } = as;
  return {
    ...rest,
    ...securityOfStream(each),
    ...(each.takes ? { requestBody: { required: true, content: bytesOf(each.takes) } } : {}),
    responses: each.gives
      ? { ...as.responses, [each.status]: { description: 'The bytes', content: bytesOf(each.gives) } }
      : as.responses,
  };
};

/** One call that takes JSON, or the bytes of a file with words beside them in its query. */
const withBytes = (json: Operation, bytes: Operation): Operation => ({
  ...json,
  parameters: [...json.parameters, ...bytes.parameters.map((each) => ({ ...each, required: false }))],
  requestBody: {
    required: true,
    content: { ...json.requestBody?.content, ...bytes.requestBody?.content },
  },
});

/**
 * The OpenAPI 3.1 document of the whole interface, printed from the schemas the server parses with. What several calls
 * share stands once, among its components.
 */
export const openApiDocument = (version: string) => {
  const components = new Components();
  // Every call may answer with it.
  components.of(problemSchema, 'output');
  const paths: Record<string, Record<string, Operation>> = {};
  for (const [id, each] of Object.entries(api)) {
    paths[each.path] = { ...paths[each.path], [each.method]: operation(components, id, each) };
  }
  for (const [id, each] of Object.entries(streams)) {
    const bytes = streamOperation(components, id, each);
    const json = paths[each.path]?.[each.method];
    paths[each.path] = { ...paths[each.path], [each.method]: json ? withBytes(json, bytes) : bytes };
  }
  return {
    openapi: '3.1.0',
    info: { title: 'Iolite', version, description: 'Registers, forms, sign-off and lists of one workspace.' },
    security: [{ session: [] }, { token: [] }],
    paths,
    components: {
      schemas: components.schemas,
      securitySchemes: {
        session: { type: 'apiKey', in: 'cookie', name: 'iolite_session' },
        token: { type: 'http', scheme: 'bearer' },
        figures: { type: 'http', scheme: 'bearer', description: 'The secret of whoever watches the server.' },
      },
    },
  };
};
