import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { inject, test } from 'vitest';
import { takeBackup } from '../../backup/take.ts';
import { TestServer } from '../harness.ts';
import { fillForUpgrade, tellEverything } from './fill.ts';

/*
 * `npm run keep-dump NAME`: keeps what a database of this version looks like, a backup of it, and what its server says. Run once
 * when a schema has landed; every later version must start on it and say the same.
 */
test('keeps a dump', async () => {
  const name = process.env.IOLITE_DUMP;
  if (!name || !/^[a-z0-9-]+$/.test(name)) throw new Error('say what it is called: npm run keep-dump 0006-drafts');
  const server = await TestServer.start();
  try {
    await fillForUpgrade(server);
    const dump = execFileSync('pg_dump', ['--inserts', '--no-owner', '--no-privileges', server.database.url], {
      encoding: 'utf8',
    });
    // Lines of psql's own are left out: the dump is read by the driver.
    const plain = dump.split('\n').filter((line) => !/^(?:\\|--|$|SET (?:transaction_timeout|idle_in))/.test(line));
    writeFileSync(`server/testing/upgrades/${name}.sql`, `${plain.join('\n')}\n`);
    await takeBackup({ bin: inject('postgresBin'), url: server.database.url }, `server/testing/upgrades/${name}.zip`);
    writeFileSync(`server/testing/upgrades/${name}.json`, `${JSON.stringify(await tellEverything(server), null, 1)}\n`);
  } finally {
    await server.stop();
  }
});
