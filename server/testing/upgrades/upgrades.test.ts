import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { TestServer } from '../harness.ts';
import { tellEverything } from './fill.ts';

const FOLDER = 'server/testing/upgrades';
const kept = readdirSync(FOLDER).flatMap((file) => (file.endsWith('.sql') ? [file.slice(0, -4)] : []));

describe('a database of an earlier version', () => {
  test('there are dumps to start on', () => expect(kept.length).toBeGreaterThan(0));

  test.each(kept)('%s: this version starts on it, says all that it said, and starts on it again', async (name) => {
    const read = (ending: string) => readFileSync(join(FOLDER, `${name}.${ending}`), 'utf8');
    const said: unknown = JSON.parse(read('json'));
    const server = await TestServer.start({ dump: read('sql') });
    const { url } = server.database;
    try {
      expect(await tellEverything(server)).toEqual(said);
    } finally {
      await server.stop();
    }
    const again = await TestServer.start({ url, dump: '' });
    try {
      expect(await tellEverything(again)).toEqual(said);
    } finally {
      await again.stop();
    }
  });
});
