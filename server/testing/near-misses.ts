import { type Caller, newId } from './harness.ts';

/** The definitions of the journey, as its screens send them. */
export const nearMissRegister = {
  key: 'near_misses',
  singular: 'Near miss',
  plural: 'Near misses',
  mark: 'NEA',
  fields: [
    { key: 'title', label: 'Title', type: { kind: 'text' } },
    { key: 'when', label: 'When', type: { kind: 'moment' } },
    { key: 'berth', label: 'Berth', type: { kind: 'link', register: 'berths' } },
    { key: 'boat', label: 'Boat', type: { kind: 'link', register: 'boats' } },
    { key: 'owner', label: 'Owner', type: { kind: 'link', register: 'clients' } },
    { key: 'severity', label: 'Severity', type: { kind: 'choice', list: 'severities' } },
    { key: 'cost', label: 'Cost', type: { kind: 'money', currency: 'GBP' } },
    { key: 'what_happened', label: 'What happened', type: { kind: 'long_text' } },
  ],
};

export const severities = {
  key: 'severities',
  label: 'Severities',
  choices: [
    { code: 'scare', label: 'Scare' },
    { code: 'damage', label: 'Damage' },
    { code: 'injury', label: 'Injury' },
  ],
};

export const nearMissForm = {
  key: 'report_a_near_miss',
  label: 'Report a near miss',
  register: 'near_misses',
  questions: [
    { field: 'title', rules: [{ kind: 'must_be_answered' }] },
    {
      field: 'when',
      rules: [
        { kind: 'starts_as', value: 'now()' },
        { kind: 'must', condition: 'when <= now()' },
      ],
    },
    { field: 'severity', rules: [{ kind: 'must_be_answered' }] },
    { field: 'boat', rules: [{ kind: 'fills', question: 'owner', from: 'boat.owner' }] },
    { field: 'owner', rules: [] },
    {
      field: 'cost',
      rules: [
        { kind: 'asked_when', condition: 'severity in ("damage", "injury")' },
        { kind: 'must', condition: 'cost > 0' },
      ],
    },
    { field: 'what_happened', rules: [{ kind: 'must', condition: 'string length(what_happened) >= 40' }] },
  ],
};

export const nearMissRoute = {
  key: 'near_misses',
  label: 'Near misses',
  register: 'near_misses',
  steps: [{ label: 'Yard manager', who: { kind: 'role', role: 'yard_manager' }, condition: 'cost > 500' }],
  last_resort: { kind: 'role', role: 'operations_manager' },
};

/** Makes register, list, form and route, and lets yard hands fill in and yard managers see. */
export const makeNearMisses = async (runa: Caller): Promise<void> => {
  const { version } = (await runa.get('/api/workspace')).body;
  const steps = [
    await runa.post('/api/workspace/carry-out', { version, registers: [nearMissRegister], choice_lists: [severities] }),
    await runa.put('/api/forms/report_a_near_miss/draft', nearMissForm),
    await runa.put('/api/routes/near_misses', nearMissRoute),
    await runa.post('/api/forms/report_a_near_miss/publish', {
      fill_in_by: ['yard_hand'],
      seen_by: ['yard_hand', 'yard_manager'],
    }),
  ];
  const failed = steps.find((answer) => answer.status !== 200);
  if (failed) throw new Error(JSON.stringify(failed.body));
};

/** A client and a boat of theirs. */
export const makeBoat = async (runa: Caller, name = 'Sea Thrift'): Promise<{ boat: string; client: string }> => {
  const [client, boat] = [newId(), newId()];
  await runa.post('/api/registers/clients/records', {
    id: client,
    values: { name: `Owner of ${name}`, kind: 'private' },
  });
  await runa.post('/api/registers/boats/records', { id: boat, values: { name, owner: client } });
  return { boat, client };
};

export const entry = (values: Readonly<Record<string, unknown>>, id = newId()) => ({
  id,
  version: 1,
  filled_in_at: new Date().toISOString(),
  values,
});

export const story = 'The warp parted at the bollard while the yawl was being hauled.';
