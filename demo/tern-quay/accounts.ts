import { z } from 'zod';
import { addDays } from '#core/base/index.ts';

/** Calls the server as the operations manager; throws what it refuses. */
export type Call = (method: string, path: string, body?: unknown) => Promise<unknown>;

const peopleSchema = z.object({ people: z.array(z.object({ id: z.string(), email: z.string() })) });
const recordsSchema = z.object({ records: z.array(z.object({ id: z.string() })) });

/** Who signs in as a client. */
const CLIENT = 'orla.margetts@example.org';
const AWAY_IN_DAYS = 9;
const AWAY_DAYS = 11;

/** Who is invited, by which it is told that all of these are there. */
const INVITED = 'nell.harrow@example.org';

/** Whether those besides the eight are there already. */
export const hasAccounts = async (call: Call): Promise<boolean> =>
  peopleSchema.parse(await call('GET', '/api/people')).people.some(({ email }) => email === INVITED);

/**
 * Who there is besides the eight: somebody invited, somebody switched off, the tablet on the slipway and the program that
 * adds up the year; one of the eight is away soon, and the client is tied to her record.
 */
export const makeAccounts = async (call: Call, today: string): Promise<void> => {
  await call('POST', '/api/people', {
    people: [
      { name: 'Nell Harrow', email: INVITED, roles: ['office'] },
      { name: 'Anneke Voss', email: 'anneke.voss@example.org', roles: ['yard_hand'] },
    ],
  });
  const { people } = peopleSchema.parse(await call('GET', '/api/people'));
  const find = (email: string): string => {
    const found = people.find((person) => person.email === email);
    if (!found) throw new Error(`nobody has the address ${email}`);
    return found.id;
  };
  const change = (email: string, body: object) => call('PATCH', `/api/people/${find(email)}`, body);
  await change('anneke.voss@example.org', { switched_off: true });
  const from = addDays(today, AWAY_IN_DAYS);
  await change('teo.marsh@example.org', {
    away: { from, until: addDays(from, AWAY_DAYS) },
    stand_in: find('ines.varga@example.org'),
  });
  const filter = encodeURIComponent(`email = "${CLIENT}"`);
  const [record] = recordsSchema.parse(await call('GET', `/api/registers/clients/records?filter=${filter}`)).records;
  if (!record) throw new Error(`no record has the address ${CLIENT}`);
  await change(CLIENT, { record: record.id });
  await call('POST', '/api/groups', {
    name: 'Slipway tablet',
    role: 'yard_hand',
    forms: ['report_incident', 'move_stock'],
    ends_at: '18:00',
    code: '482615',
  });
  await call('POST', '/api/tokens', {
    name: 'Year-end sums',
    role: 'treasurer',
    ends_on: `${today.slice(0, 4)}-12-31`,
    note: 'the accountant’s year-end sums',
  });
};
