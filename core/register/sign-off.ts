import type { Named } from '../expression/index.ts';
import type { Choice } from '../values/index.ts';

/*
 * Where a record stands in its sign-off, as rules, lists and worked-out fields read it: `sign_off.stage`, `.step`,
 * `.waits_for`, `.since`, `.decided_on`. It is read as if it were a record behind a link, with the record's own id.
 */

/** What `sign_off` leads to; no register's key can be this. */
export const SIGN_OFF = '$sign_off_facts';
/** The choice list of the stages. */
export const STAGES = '$stages';

/** The stages a record can be in; one that is in none holds nothing. */
export const STAGE_CHOICES: readonly Choice[] = [
  { code: 'waiting', label: 'Waiting' },
  { code: 'approved', label: 'Approved' },
  { code: 'sent_back', label: 'Sent back' },
  { code: 'refused', label: 'Refused' },
  { code: 'stuck', label: 'Stuck' },
];

/** The name by which a record's sign-off is read. */
export const SIGN_OFF_NAME: Named = { name: 'sign_off', label: 'Sign-off', type: { kind: 'link', register: SIGN_OFF } };

/** What can be read of it. */
export const SIGN_OFF_NAMES: readonly Named[] = [
  { name: 'stage', label: 'Stage of sign-off', type: { kind: 'choice', list: STAGES } },
  { name: 'step', label: 'Step of sign-off', type: { kind: 'text' } },
  { name: 'waits_for', label: 'Waits for', type: { kind: 'text' } },
  { name: 'since', label: 'There since', type: { kind: 'moment' } },
  { name: 'decided_on', label: 'Decided', type: { kind: 'moment' } },
];
