import type { InTray } from '#contract/index.ts';

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
