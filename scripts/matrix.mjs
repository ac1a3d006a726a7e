// `npm run matrix`: who sees what, held against a reference in plain JavaScript, in thirty random workspaces (npm test
// tries three). IOLITE_WORLDS chooses another number.
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { installModules, installPostgres, run } from './install.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
installPostgres();
run(process.execPath, ['node_modules/vitest/vitest.mjs', 'run', 'server/http/sight-matrix'], {
  env: { IOLITE_WORLDS: '30', ...process.env },
});
