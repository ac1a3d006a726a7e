import { type Catalogue, choiceListSchema, registerSchema } from './index.ts';

const field = (key: string, label: string, type: object, required = false) => ({ key, label, type, required });

/** The registers most tests are about: near misses, with boats and their owners behind them. */
export const nearMisses = registerSchema.parse({
  key: 'near_misses',
  singular: 'Near miss',
  plural: 'Near misses',
  mark: 'NEA',
  fields: [
    field('title', 'Title', { kind: 'text' }, true),
    field('when', 'When', { kind: 'moment' }),
    field('boat', 'Boat', { kind: 'link', register: 'boats' }),
    field('owner', 'Owner', { kind: 'link', register: 'clients' }),
    field('severity', 'Severity', { kind: 'choice', list: 'severities' }),
    field('cost', 'Cost', { kind: 'money', currency: 'GBP' }),
    field('reported_on', 'Reported on', { kind: 'date' }),
    field('witnessed', 'Witnessed', { kind: 'yes_no' }),
    field('took', 'Took', { kind: 'duration' }),
    field('closed', 'Closed', { kind: 'span', nights: false }),
    field('moored', 'Moored', { kind: 'span', nights: true }),
    field('what_happened', 'What happened', { kind: 'long_text' }),
  ],
});

export const boats = registerSchema.parse({
  key: 'boats',
  singular: 'Boat',
  plural: 'Boats',
  mark: 'BOA',
  fields: [
    field('name', 'Name', { kind: 'text' }),
    field('owner', 'Owner', { kind: 'link', register: 'clients' }),
    field('length_overall', 'Length overall', { kind: 'number', decimals: 2, unit: 'm' }),
  ],
});

export const clients = registerSchema.parse({
  key: 'clients',
  singular: 'Client',
  plural: 'Clients',
  mark: 'CLI',
  fields: [field('name', 'Name', { kind: 'text' }), field('phone', 'Phone', { kind: 'text' })],
});

export const severities = choiceListSchema.parse({
  key: 'severities',
  label: 'Severities',
  choices: [
    { code: 'scare', label: 'Scare' },
    { code: 'damage', label: 'Damage' },
    { code: 'injury', label: 'Injury' },
  ],
});

export const catalogue: Catalogue = {
  locale: 'en-GB',
  zone: 'Europe/London',
  currency: 'GBP',
  registers: new Map([nearMisses, boats, clients].map((register) => [register.key, register])),
  choiceLists: new Map([[severities.key, severities]]),
};

export const clock = { now: '2026-11-23T10:40:00.000Z', zone: 'Europe/London' };
