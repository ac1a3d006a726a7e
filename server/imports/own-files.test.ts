import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import type { ImportState } from '#contract/index.ts';
import { sizes, things } from '#core/register/every-kind.arb.ts';
import { untilOver } from '../testing/csv.ts';
import { type Caller, newId, TestServer } from '../testing/harness.ts';

/** What was taken out as a workbook and is brought in again changes nothing, whatever stands in it. */
describe('a workbook of our own', () => {
  let server: TestServer;
  let runa: Caller;
  beforeAll(async () => {
    server = await TestServer.start({ tasks: 'all' });
    runa = await server.as('Runa');
    const made = { version: 1, choice_lists: [sizes], registers: [things] };
    expect((await runa.post('/api/workspace/carry-out', made)).status).toBe(200);
    const other = newId();
    const records = [
      { id: other, values: { a_text: 'Other' } },
      {
        id: newId(),
        values: {
          ...{ a_text: '=1+1', a_number: '3', a_money: '-1250.5', a_percent: '0.125', a_yes_no: false },
          ...{ a_date: '2026-02-03', a_time: '18:45', a_moment: '2026-07-01T09:30:12.345Z', a_duration: 'PT31H30M' },
          ...{ a_span: '2026-02-03/2026-03-04', a_choices: ['small', 'huge'], a_link: other },
        },
      },
      { id: newId(), values: { a_text: 'Early', a_date: '1899-12-31', a_moment: '2026-03-29T00:59:59.000Z' } },
      { id: newId(), values: { a_text: 'Short', a_duration: 'PT45S', a_moment: '2026-10-25T00:30:00.000Z' } },
    ];
    for (const record of records) {
      const stored = await runa.post('/api/registers/things/records', record);
      expect(stored.status, JSON.stringify(stored.body)).toBe(201);
    }
  });
  afterAll(() => server?.stop());

  test('comes back with nothing changed', async () => {
    const keys = 'a_text,a_number,a_money,a_percent,a_yes_no,a_date,a_time,a_moment,a_duration,a_span,a_choices,a_link';
    const file = await fetch(`${server.base}/api/registers/things/export?format=xlsx&sort=number&columns=${keys}`, {
      headers: { cookie: runa.cookie },
    });
    const answer = await fetch(`${server.base}/api/imports?name=things.xlsx&into=things`, {
      method: 'POST',
      headers: { cookie: runa.cookie, 'content-type': 'application/octet-stream' },
      body: Buffer.from(await file.arrayBuffer()),
    });
    const begun: ImportState = await answer.json();
    const looked = await untilOver(runa, begun.id);
    expect(looked.plan?.found_by).toBe('number');
    const would = looked.found?.would;
    expect(would?.unfit.map(({ cells, why }) => [why, cells.filter((cell) => cell?.was ?? cell?.wrong)])).toEqual([]);
    expect([would?.unchanged, would?.add, would?.change, would?.out]).toEqual([4, 0, 0, 0]);
  });
});
