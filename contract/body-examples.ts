import type { z } from 'zod';
import type { Api } from './api.ts';
import { EXAMPLE_ID as ID, NAMED } from './examples.ts';

const FORM: z.input<Api['keepForm']['body']> = {
  key: NAMED.form,
  label: 'Report an incident',
  register: 'incidents',
  questions: [{ field: 'boat' }],
};
const ROUTE: z.input<Api['keepRoute']['body']> = {
  key: 'incident_sign_off',
  label: 'Sign-off of incidents',
  register: 'incidents',
  steps: [{ label: 'Yard', condition: null, who: { kind: 'role', role: 'yard' } }],
  last_resort: { kind: 'role', role: 'operations' },
};
const CHANGES: z.input<Api['rehearse']['body']> = {
  version: 7,
  choice_lists: [{ key: 'sails', label: 'Sails', choices: [{ code: 'main', label: 'Main' }] }],
};
const ENTRY: z.input<Api['sendEntry']['body']> = {
  id: ID,
  version: 3,
  filled_in_at: '2026-05-04T09:30:00Z',
  values: { boat: ID, happened: 'The fender tore.' },
};
const PASSWORD = 'four quiet geese at dawn';
const SECRET = NAMED.secret;
const CODE = '482913';

/** A body of each call that takes one, as the demonstration has it; what is left out shows what may be. */
export const bodyExamples = {
  begin: {
    name: 'Tern Quay Boatyard',
    locale: 'en-GB',
    zone: 'Europe/London',
    currency: 'GBP',
    country: 'GB',
    code: CODE,
    person: { name: 'Runa Oakes', email: 'runa.oakes@example.org', password: PASSWORD },
  },
  signIn: { person: 'runa.oakes@example.org', password: PASSWORD },
  signInDevice: { code: CODE },
  lookAs: { person: ID },
  rehearse: CHANGES,
  carryOut: CHANGES,
  keepSettings: {
    name: 'Tern Quay Boatyard',
    locale: 'en-GB',
    zone: 'Europe/London',
    currency: 'GBP',
    week_begins: null,
    address: 'https://yard.example.org',
    mail_from: 'yard@example.org',
    holidays: ['2026-12-25'],
    version: 7,
  },
  readHolidays: { country: 'GB', region: 'ENG' },
  workOut: { formula: 'length_overall * 2', gives: { kind: 'number', decimals: 2 } },
  forgotPassword: { email: 'runa.oakes@example.org' },
  resetPassword: { secret: SECRET, password: PASSWORD },
  changePassword: { before: PASSWORD, password: 'five loud geese at noon' },
  changeOwnDetails: { name: 'Runa Oakes' },
  beginSecondStep: { password: PASSWORD },
  proveSecondStep: { code: CODE },
  dropSecondStep: { password: PASSWORD, code: CODE },
  openLink: { secret: SECRET },
  acceptInvitation: { password: PASSWORD },
  register: ENTRY,
  whoSignsForm: { values: ENTRY.values },
  sendEntry: ENTRY,
  keepEntry: { form: NAMED.form, version: 3, record: null, title: 'A fender', body: { values: ENTRY.values } },
  invite: { people: [{ name: 'Ines Ward', email: 'ines.ward@example.org', roles: ['office'] }] },
  addGroup: { name: 'Yard tablet', role: 'yard', forms: [NAMED.form], ends_at: '18:00', code: CODE },
  changeGroup: { ends_at: '20:00' },
  addToken: { name: 'Web site', role: 'web_site', ends_on: '2027-06-30' },
  changePerson: { roles: ['office', 'treasurer'] },
  keepForm: FORM,
  publishForm: { fill_in_by: ['yard'], seen_by: ['office'] },
  keepRoute: ROUTE,
  whoSigns: { made_up: { amount: '1200.00' }, day: '2026-05-04' },
  routeTrial: { all: true },
  putRoute: ROUTE,
  keepList: {
    list: { key: 'long_boats', label: 'Long boats', register: 'boats', shared_with: ['office'] },
    revision: 0,
  },
  addFeed: { list: 'long_boats' },
  makeListFile: { filter: NAMED.filter, format: 'csv' },
  addRecord: { id: ID, values: { name: 'Tern', length_overall: '9.5' } },
  importRecords: { records: [{ id: ID, values: { name: 'Tern' } }] },
  changeRecord: { from: { name: 'Tern' }, changes: { name: 'Tern II' } },
  beginImport: { text: 'Name,Length\nTern,9.5\n', name: 'boats.csv', into: 'boats' },
  changeImport: { revision: 2, plan: {} },
  carryOutImport: { revision: 3 },
  changeMany: { which: { ids: [ID] }, deed: { kind: 'set', values: { kept: true } }, rehearse: true },
  decide: { decision: 'approve', version: 4 },
  decideMany: { decision: 'approve', items: [{ id: ID, version: 4 }] },
} satisfies { readonly [Name in keyof Api]?: z.input<Api[Name]['body']> };
