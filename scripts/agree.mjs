// `npm run agree`: a million random expressions, the core against PostgreSQL (npm test does 20,000), and 10,000 random
// lists against a plain reading (npm test does 1,000). IOLITE_CASES, IOLITE_LIST_CASES and IOLITE_SEED choose others.
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { installModules, installPostgres, run } from './install.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
installPostgres();
run(
  process.execPath,
  ['node_modules/vitest/vitest.mjs', 'run', 'server/records/agreement', 'server/records/lists-reference'],
  {
    env: { IOLITE_CASES: '1000000', IOLITE_LIST_CASES: '10000', ...process.env },
  },
);
