// `npm run fuzz`: a hundred thousand malformed requests (npm test sends 3,000). IOLITE_CASES and IOLITE_SEED choose
// others.
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { installModules, installPostgres, run } from './install.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
installPostgres();
run(process.execPath, ['node_modules/vitest/vitest.mjs', 'run', 'server/http/fuzz'], {
  env: { IOLITE_CASES: '100000', ...process.env },
});
