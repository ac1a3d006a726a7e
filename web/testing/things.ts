import type { ImportState, InTray, Me, RecordAnswer, RecordDetail } from '#contract/index.ts';
import { boats, clients, nearMisses, severities } from '#core/register/example.arb.ts';
import type { KnownWorkspace } from '../data/workspace.ts';

/** Something that waits in somebody's in-tray; a test says what of it matters. */
export const trayEntry = (of: Partial<InTray['items'][number]>): InTray['items'][number] => ({
  sign_off: 's1',
  kind: 'sign',
  register: 'purchases',
  record: 'r1',
  number: 'PUR-0001',
  title: 'Shackles',
  from: 'Piet Lund',
  at: '2027-01-05T09:00:00Z',
  why: '',
  form: null,
  group: 'purchases',
  step: 0,
  stage: 'waiting',
  amount: '',
  due: null,
  late: false,
  changed: false,
  fills: false,
  stands_in_for: null,
  waits_for: '',
  version: 1,
  ...of,
});

/** A record as a list shows it. */
export const recordThing = (of: Partial<RecordAnswer> & Pick<RecordAnswer, 'id'>): RecordAnswer => ({
  number: 'NEA-0001',
  version: 1,
  title: 'Slipped on the ramp',
  values: {},
  links: {},
  linked: {},
  files: {},
  stage: null,
  changed_since_signed: false,
  mark: null,
  ...of,
});

/** A near miss as its page shows it. */
export const recordDetailThing = (of: Partial<RecordDetail> & Pick<RecordDetail, 'id'>): RecordDetail => ({
  ...recordThing(of),
  register: nearMisses.key,
  definition: nearMisses,
  choice_lists: [severities],
  created_at: '2027-01-04T09:00:00.000Z',
  created_by: 'Piet Lund',
  archived_at: null,
  updated_at: '2027-01-04T09:00:00.000Z',
  may_change: true,
  locked: {},
  may_archive: true,
  sign_off: null,
  beside_sign_off: [],
  ...of,
});

/** A workspace with near misses, boats and clients, whose clock is right. */
export const workspaceThing = (of: Partial<KnownWorkspace> = {}): KnownWorkspace => ({
  version: 1,
  now: '2027-01-05T09:00:00.000Z',
  name: 'Ternquay',
  locale: 'en-GB',
  zone: 'Europe/London',
  currency: 'GBP',
  holidays: [],
  week_begins: null,
  outward: null,
  people: null,
  choice_lists: [severities],
  registers: [nearMisses, boats, clients],
  rights: {},
  roles: [],
  forms: [],
  routes: [],
  signed: [],
  given: {},
  clockOffsetMs: 0,
  ...of,
});

/** Somebody who is signed in. */
export const meThing = (of: Partial<Me> = {}): Me => ({
  id: '00000000-0000-7000-8000-0000000000aa',
  name: 'Sana Whitlock',
  email: 'sana.whitlock@example.org',
  roles: [],
  sets_up: [],
  record: null,
  kind: 'person',
  second_step_due: false,
  looked_as_by: null,
  ...of,
});

/** A spreadsheet on its way in: read, and not looked through by any plan. */
export const importThing = (of: Partial<ImportState>): ImportState => ({
  id: 'i1',
  name: 'boats.csv',
  sort: 'csv',
  begun_at: '2027-01-05T09:00:00Z',
  phase: 'looking',
  job: { id: 'j1', state: 'done', done: 1, total: 1, problem: null, stopping: false },
  revision: 1,
  reading: {},
  plan: null,
  found: null,
  is_current: true,
  register: null,
  form: null,
  through: 0,
  added: 0,
  changed: 0,
  unchanged: 0,
  refused_count: 0,
  refused: [],
  may_undo: false,
  undone: null,
  ...of,
});
