import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { expect, inject, test } from 'vitest';
import { makeDatabase, queryAt, TestServer } from '#server/testing/harness.ts';
import { tellEverything } from '#server/testing/upgrades/fill.ts';

const DUMP = 'server/testing/upgrades/0009-ids';

test('a database that a superuser filled is handed over, and the server works on it as a role that is none', async () => {
  const url = await makeDatabase();
  const superuser = new URL(inject('superuser'));
  superuser.pathname = new URL(url).pathname;
  await queryAt(superuser.href, readFileSync(`${DUMP}.sql`, 'utf8'));
  const { prepareRole } = await import(pathToFileURL(join(process.cwd(), 'scripts/role.mjs')).href);
  await prepareRole(superuser.href, new URL(url).password);

  const [role] = await queryAt(
    url,
    'select rolsuper, rolbypassrls, rolcreaterole, rolcreatedb from pg_roles where rolname = current_user',
  );
  expect(role).toEqual({ rolsuper: false, rolbypassrls: false, rolcreaterole: false, rolcreatedb: false });
  const server = await TestServer.start({ url, dump: '' });
  try {
    expect(await tellEverything(server)).toEqual(JSON.parse(readFileSync(`${DUMP}.json`, 'utf8')));
    // Changing tables is for their owner alone.
    const runa = await server.as('Runa');
    const { version, registers } = (await runa.get('/api/workspace')).body;
    const made = await runa.post('/api/workspace/carry-out', {
      version,
      registers: [
        { ...registers[0], fields: [...registers[0].fields, { key: 'more', label: 'More', type: { kind: 'text' } }] },
      ],
      choice_lists: [],
    });
    expect([made.status, made.body.errors]).toEqual([200, undefined]);
    const left = `select relname from pg_class c join pg_roles r on r.oid = relowner join pg_namespace n on n.oid = relnamespace
      where nspname in ('iolite', 'records', 'rows', 'choices', 'reading', 'drizzle') and relkind in ('r', 'v', 'm', 'S') and rolname <> 'iolite'`;
    expect(await queryAt(url, left)).toEqual([]);
  } finally {
    await server.stop();
  }
});
