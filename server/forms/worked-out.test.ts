import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { quotes } from '#demo/quotes.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';
import { makeBoat } from '../testing/near-misses.ts';

const FORM = '/api/forms/make_a_quote';

/** A quote whose VAT and total the server works out itself, whatever a sender says. */
describe('a form that works out', () => {
  let server: TestServer;
  let runa: Caller;
  let bea: Caller;
  let client: string;

  const form = (vat: string, due = 'issued_on + duration("P30D")') => ({
    key: 'make_a_quote',
    label: 'Make a quote',
    register: 'quotes',
    questions: [
      { field: 'subject', rules: [{ kind: 'starts_as', value: '"Raised by " + me.name' }] },
      { field: 'client', rules: [] },
      { field: 'issued_on', rules: [{ kind: 'starts_as', value: 'today()' }] },
      { field: 'due_on', rules: [{ kind: 'worked_out_as', value: due }] },
      { field: 'net', rules: [{ kind: 'must', condition: 'net != 0' }] },
      { field: 'vat', rules: [{ kind: 'worked_out_as', value: vat }] },
      { field: 'gross', rules: [{ kind: 'worked_out_as', value: 'net + vat' }] },
      { field: 'paid', rules: [{ kind: 'starts_as', value: '0' }] },
      { field: 'state', rules: [{ kind: 'starts_as', value: '"draft"' }] },
    ],
  });

  beforeAll(async () => {
    server = await TestServer.start();
    [runa, bea] = (await Promise.all(['Runa', 'Bea'].map((name) => server.as(name)))) as [Caller, Caller];
    client = (await makeBoat(runa, 'Owner')).client;
    const made = await runa.post('/api/workspace/carry-out', { version: 1, registers: [quotes] });
    expect(made.status).toBe(200);
    expect((await runa.put(`${FORM}/draft`, form('net * 0.2'))).status).toBe(200);
    const published = await runa.post(`${FORM}/publish`, { fill_in_by: ['office'], seen_by: ['office'] });
    expect(published.status).toBe(200);
  });
  afterAll(() => server?.stop());

  const send = (values: Readonly<Record<string, unknown>>, filledIn = new Date().toISOString()) =>
    bea.post(`${FORM}/entries`, { id: newId(), version: 1, filled_in_at: filledIn, values });
  const given = { subject: 'Berth fee', issued_on: '2026-01-31', paid: '0', state: 'draft' };
  const stored = async (id: string) => (await runa.get(`/api/registers/quotes/records/${id}`)).body.values;

  test.each([
    ['12.35', '2.47', '14.82'],
    ['0.03', '0.01', '0.04'],
    ['-0.12', '-0.02', '-0.14'],
    ['99.99', '20', '119.99'],
  ])('net %s gives VAT %s and total %s, rounded away from zero', async (net, vat, gross) => {
    const sent = await send({ ...given, client, net });
    expect(sent.status).toBe(201);
    const values = await stored(sent.body.id);
    expect([Number(values.vat), Number(values.gross)]).toEqual([Number(vat), Number(gross)]);
    expect(values.due_on).toBe('2026-03-02');
  });

  test('a value that is worked out is not taken from a sender, and nothing is stored', async () => {
    const before = (await runa.get('/api/registers/quotes/records?limit=1')).body.count;
    const answer = await send({ ...given, client, net: '10', gross: '1' });
    expect([answer.status, answer.body.errors[0].pointer]).toEqual([422, '#/values/gross']);
    expect(answer.body.errors[0].detail).toBe('Total is worked out, so it cannot be answered.');
    expect((await runa.get('/api/registers/quotes/records?limit=1')).body.count).toBe(before);
  });

  test('what the rule breaks is told with the rule’s words', async () => {
    const answer = await send({ ...given, client, net: '0' });
    expect(answer.body.errors[0]).toMatchObject({ pointer: '#/values/net' });
  });

  test.each([
    ['gross - net', 'wait for each other'],
    ['net * "0.2"', 'cannot be multiplied by'],
    ['nett * 0.2', 'Did you mean net?'],
    ['client', 'must be a number'],
    ['client.credit_limit', 'let a look-up fill'],
  ])('a form with VAT worked out as %s is refused: %s', async (vat, words) => {
    const answer = await runa.put(`${FORM}/draft`, form(vat));
    expect(answer.status).toBe(422);
    expect(JSON.stringify(answer.body.errors)).toContain(words);
    expect(answer.body.errors[0].pointer).toMatch(/^#\/questions\/\d/);
  });
});
