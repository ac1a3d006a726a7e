/** An id, as one stands in examples. */
export const EXAMPLE_ID = '01a235de-b2c5-7e15-8828-8405e59968a1';

/** What stands in an address, by its name: as the demonstration has it. */
export const NAMED = {
  key: 'boats',
  form: 'report_incident',
  question: 'boat',
  field: 'name',
  id: EXAMPLE_ID,
  file: EXAMPLE_ID,
  secret: 'k3Jx9QmT2vB7wLr4',
  register: 'boats',
  filter: 'length_overall > 10',
  sort: '-length_overall',
  columns: 'name,owner,length_overall',
  find: 'tern',
  find_by: 'name',
  name: 'boats.csv',
  into: 'boats',
} as const;
const byName: Readonly<Record<string, string>> = NAMED;

/** An example of a parameter: one that its schema takes; none where only the workspace knows. */
export const exampleOf = (name: string, schema: unknown): { readonly example?: unknown } => {
  const { type, enum: words, format, default: usual, pattern, minimum } = Object(schema);
  if (Array.isArray(words)) return { example: words[0] };
  if (format === 'uuid') return { example: NAMED.id };
  if (type === 'integer') return { example: usual ?? Math.max(1, minimum ?? 1) };
  const named = byName[name];
  if (type === 'string' && named !== undefined && (typeof pattern !== 'string' || new RegExp(pattern).test(named)))
    return { example: named };
  return usual === undefined || usual === '' ? {} : { example: usual };
};
