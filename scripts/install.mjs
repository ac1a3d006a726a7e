// What a bare machine needs, installed only where it is missing. No dependencies: runs before node_modules is there.
import { spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync, utimesSync } from 'node:fs';
import { join } from 'node:path';

export const run = (command, args, options = {}) => {
  const result = spawnSync(command, args, { stdio: 'inherit', ...options });
  if (result.error) throw result.error;
  if (result.status !== 0) throw new Error(`${command} ${args.join(' ')} ended with ${result.status ?? result.signal}`);
};

const newer = (a, b) => !existsSync(b) || statSync(a).mtimeMs > statSync(b).mtimeMs;

/** node_modules as the lock file says. */
export const installModules = () => {
  const stamp = 'node_modules/.package-lock.json';
  if (!newer('package-lock.json', stamp)) return;
  console.log('Installing packages …');
  run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'], { stdio: ['ignore', 'ignore', 'inherit'] });
  const now = new Date();
  utimesSync(stamp, now, now);
};

const apt = (packages) => {
  if (process.getuid?.() !== 0)
    throw new Error(`Please install ${packages.join(', ')} with your system's packages, then start again.`);
  console.log(`Installing ${packages.join(', ')} …`);
  run('apt-get', ['update', '-qq'], { stdio: ['ignore', 'ignore', 'inherit'] });
  run('apt-get', ['install', '-y', '-qq', '--no-install-recommends', ...packages], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
};

const LIB = '/usr/lib/postgresql';

/** The folder of PostgreSQL's programs, the newest there is; null when none is. */
const findPostgres = () => {
  if (!existsSync(LIB)) return null;
  const versions = readdirSync(LIB).filter((version) => existsSync(join(LIB, version, 'bin/initdb')));
  const newest = versions.sort((a, b) => Number(b) - Number(a))[0];
  return newest ? join(LIB, newest, 'bin') : null;
};

export const installPostgres = () => {
  const found = findPostgres();
  if (found) return found;
  apt(['postgresql']);
  const installed = findPostgres();
  if (!installed) throw new Error('PostgreSQL was installed but its programs were not found.');
  return installed;
};

export const installBrowser = () => {
  if (!existsSync('/usr/bin/chromium') || !existsSync('/usr/bin/chromedriver')) apt(['chromium', 'chromium-driver']);
};

/** libfaketime, for the tests of days: the library that is loaded before all others. */
export const installFakeTime = () => {
  const find = () =>
    ['x86_64', 'aarch64'].map((each) => `/usr/lib/${each}-linux-gnu/faketime/libfaketimeMT.so.1`).find(existsSync);
  if (!find()) apt(['libfaketime']);
  const library = find();
  if (!library) throw new Error('libfaketime was installed but its library was not found.');
  return library;
};

/** nginx, for the test of the example in docs/running/. */
export const installProxy = () => {
  const nginx = '/usr/sbin/nginx';
  if (!existsSync(nginx)) apt(['nginx-light']);
  return nginx;
};

const newestUnder = (folder) => {
  let newest = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    newest = Math.max(newest, entry.isDirectory() ? newestUnder(path) : statSync(path).mtimeMs);
  }
  return newest;
};

/** Builds when a source is newer than the last build. */
export const build = () => {
  const stamp = 'dist/server/main.js';
  const sources = ['core', 'contract', 'server', 'web', 'demo'].map(newestUnder);
  const files = ['package-lock.json', 'vite.config.ts', 'vite.server.config.ts'].map((file) => statSync(file).mtimeMs);
  const built = existsSync(stamp) && existsSync('dist/web/index.html') ? statSync(stamp).mtimeMs : 0;
  if (built >= Math.max(...sources, ...files)) return;
  console.log('Building …');
  const vite = 'node_modules/vite/bin/vite.js';
  // Whoever calls may have set another (a test runner does); what is built is always what is delivered.
  const env = { ...process.env, NODE_ENV: 'production' };
  run(process.execPath, [vite, 'build', '--logLevel', 'warn'], { env });
  run(process.execPath, [vite, 'build', '--logLevel', 'warn', '--config', 'vite.server.config.ts'], { env });
};
