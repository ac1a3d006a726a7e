// `npm run keep-dump NAME`: keeps a small dump of the schema as it is now, for the test of upgrades.
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { installModules, installPostgres, run } from './install.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
installPostgres();
run(process.execPath, ['node_modules/vitest/vitest.mjs', 'run', '--config', 'vitest.dump.config.ts'], {
  env: { ...process.env, IOLITE_DUMP: process.argv[2] ?? '' },
});
// As every other file of the project is written.
run(process.execPath, ['node_modules/@biomejs/biome/bin/biome', 'check', '--write', 'server/testing/upgrades']);
