import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { api, fillPath, streams } from '#contract/index.ts';
import { type Answer, newId } from '../testing/harness.ts';
import { LiveStream } from '../testing/live.ts';
import { Matrix, PEOPLE, SUMS, TABLET } from '../testing/matrix.ts';

describe('who sees what', () => {
  let matrix: Matrix;
  beforeAll(async () => {
    matrix = await Matrix.start();
  }, 120_000);
  afterAll(() => matrix?.stop());

  test('what may not be seen is answered as what never was: in every call that names it', async () => {
    const strange = new Set<string>();
    for (const name of PEOPLE)
      for (const { register, id } of matrix.hiddenFrom(name))
        for (const endpoint of [
          // Of a register of which somebody sees some records, the list is there, and these are not in it.
          ...(matrix.knows(name, register.key) ? [] : (['records'] as const)),
          'record',
          'linked',
          'history',
          'changeRecord',
          'archiveRecord',
          'bringBackRecord',
        ] as const) {
          const body = endpoint === 'changeRecord' ? { from: {}, changes: {} } : undefined;
          const there = await matrix.call(name, endpoint, { params: { key: register.key, id }, body });
          const never = await matrix.call(name, endpoint, { params: { key: 'no_such_register', id: newId() }, body });
          const said = ({ status, body: told }: Answer) => `${status} ${told?.detail}`;
          // A device is refused all writing alike, whatever it names.
          const wanted = name === TABLET && api[endpoint].method !== 'get' ? 403 : 404;
          if (there.status !== wanted || said(there) !== said(never))
            strange.add(`${name} ${endpoint} ${register.key}`);
        }
    expect([...strange]).toEqual([]);
  });

  test('what is found by a word is what may be seen, and is counted so', async () => {
    const wrong: string[] = [];
    for (const name of PEOPLE)
      for (const { register } of matrix.seenBy(name))
        for (const hidden of matrix.hiddenFrom(name)) {
          const { body } = await matrix.call(name, 'records', {
            params: { key: register.key },
            query: { find: hidden.word },
          });
          if (body.records.length > 0 || body.count > 0) wrong.push(`${name} finds ${hidden.word} in ${register.key}`);
        }
    expect(wrong).toEqual([]);
  });

  test('bytes that are asked for by what is no id, or no key, are not there', async () => {
    const answered: string[] = [];
    const wanted: string[] = [];
    for (const { method, path, secret } of Object.values(streams)) {
      if (method !== 'get' || !path.includes('{') || secret === 'path') continue;
      for (const key of path.includes('{key}/') && path.includes('{id}') ? ['no_such', 'boats'] : ['no_such']) {
        const at = fillPath(path, { key, id: 'no_such', file: 'no_such' });
        answered.push(`${at} ${(await matrix.who('Runa').get(`${at}?format=csv`)).status}`);
        wanted.push(`${at} 404`);
      }
    }
    expect(wanted.length).toBeGreaterThan(6);
    expect(answered).toEqual(wanted);
  });

  test('a file of a list holds no column of what may not be seen', async () => {
    const response = await fetch(`${matrix.server.base}/api/registers/boats/records.csv`, {
      headers: { cookie: matrix.who('Piet').cookie },
    });
    const [head = ''] = (await response.text()).split('\n');
    expect(head).toContain('Berth');
    expect(head).not.toContain('Owner');
    const asked = 'format=json&columns=name,owner,berth';
    const file = await matrix.who('Piet').get(`/api/registers/boats/export?${asked}`);
    expect(Object.keys(file.body.records[0].values)).toEqual(['name', 'berth']);
    const hidden = await matrix.who('Piet').get('/api/registers/boats/export?format=json&columns=name&sort=owner');
    const never = await matrix.who('Piet').get('/api/registers/boats/export?format=json&columns=name&sort=no_such');
    expect([hidden.status, never.status]).toEqual([422, 422]);
  });

  test('nobody hears that something happened to what they may not see', async () => {
    const streams = await Promise.all(
      // A program hears nothing live.
      PEOPLE.filter((name) => name !== SUMS).map(async (name) => ({
        name,
        stream: await LiveStream.open(matrix.server, matrix.who(name)),
      })),
    );
    const runa = streams[0]?.stream;
    for (const { register, id } of matrix.planted) {
      const text = register.fields.find(({ key, type }) => type.kind === 'text' && key !== 'email');
      const { values } = (await matrix.who('Runa').get(`/api/registers/${register.key}/records/${id}`)).body;
      if (!text) throw new RangeError(register.key);
      const heard = runa?.next((event) => event.includes(`"${register.key}"`));
      const change = {
        from: { [text.key]: values[text.key] ?? null },
        changes: { [text.key]: `${values[text.key]} x` },
      };
      const changed = await matrix.call('Runa', 'changeRecord', { params: { key: register.key, id }, body: change });
      expect([register.key, changed.status]).toEqual([register.key, 200]);
      await heard;
    }
    // What is told to all comes after: by then everybody has heard what they were to hear.
    const told = streams.map(({ stream }) => stream.next((event) => event.includes('"workspace"')));
    const { version } = (await matrix.who('Runa').get('/api/workspace')).body;
    await matrix.call('Runa', 'carryOut', { body: { version, registers: [], choice_lists: [] } });
    await Promise.all(told);
    for (const { name, stream } of streams) {
      const heard = stream.heard.join('\n');
      for (const { register } of matrix.hiddenFrom(name))
        expect([name, heard.includes(`"${register.key}"`), register.key]).toEqual([name, false, register.key]);
      stream.close();
    }
  });

  test('the matrix would see it: what somebody with all rights is answered counts as a leak, for each kind of read', async () => {
    const asked = { ...matrix.calls, ...matrix.byteCalls };
    const READS = ['workspace', 'counts', 'records', 'record', 'linked', 'history', 'form', 'lookUp'] as const;
    for (const endpoint of [...READS, 'exportList', 'exportCsv', 'recordPdf'] as const) {
      const found = [];
      for (const given of asked[endpoint]()) {
        if (found.length > 0) break;
        const answer = await matrix.call('Runa', endpoint, given);
        if (answer.status === 200 && matrix.leaksIn('Orla', answer).length > 0) found.push(given);
      }
      expect([endpoint, found.length]).toEqual([endpoint, 1]);
    }
  });
});
