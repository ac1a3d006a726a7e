// `npm run dates`: the tests that deal in days, with the clock at days on which such tests break. libfaketime from Debian.
import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build, installBrowser, installFakeTime, installModules, installPostgres } from './install.mjs';

process.chdir(dirname(dirname(fileURLToPath(import.meta.url))));
installModules();
installPostgres();
installBrowser();
const library = installFakeTime();
build();

const inDays = (days) => new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 19).replace('T', ' ');
/** The last half hour of a year, its first day, a leap day, both nights that change clocks in London, and far ahead. */
const DAYS = [
  '2026-12-31 23:30:00',
  '2027-01-01 09:00:00',
  '2027-03-28 00:30:00',
  '2027-10-31 00:30:00',
  '2028-02-29 12:00:00',
  inDays(400),
];
/** What was asked for: `--units` and `--journeys` leave the others out, days stand in place of the usual ones. */
const asked = process.argv.slice(2);
const days = asked.filter((each) => !each.startsWith('--'));
/** Journeys that write, show or move days. */
const JOURNEYS = ['looks', 'kinds', 'from-nothing', 'registers', 'keeping', 'sign-off', 'near-miss'];

/**
 * What cannot be tried so: under libfaketime PostgreSQL does not see that whoever asked has gone (tried with two sessions of
 * psql and no program of ours: `client_connection_check_interval` stops the statement, and does not under libfaketime).
 */
const NOT_SO = ['--exclude', 'server/http/asked.test.ts'];

/** By how much clocks differ: so that all processes of a run agree, whenever each of them began. */
const awayFrom = (at) => {
  const seconds = Math.round((Date.parse(`${at.replace(' ', 'T')}Z`) - Date.now()) / 1000);
  return `${seconds < 0 ? '' : '+'}${seconds}`;
};

const run = (title, at, args) => {
  console.log(`\n# ${title}, at ${at}`);
  const { status } = spawnSync(process.execPath, ['node_modules/vitest/vitest.mjs', 'run', ...args], {
    stdio: 'inherit',
    // Waiting goes by the real clock; only what day it is differs.
    env: { ...process.env, TZ: 'UTC', LD_PRELOAD: library, FAKETIME: awayFrom(at), FAKETIME_DONT_FAKE_MONOTONIC: '1' },
  });
  return status === 0 ? [] : [`${title}, at ${at}`];
};

if (!existsSync('.tmp')) spawnSync('mkdir', ['.tmp']);
const failed = (days.length > 0 ? days : DAYS).flatMap((at) => [
  ...(asked.includes('--journeys') ? [] : run('unit and interface tests', at, NOT_SO)),
  ...(asked.includes('--units') ? [] : run('journeys', at, ['--config', 'vitest.e2e.config.ts', ...JOURNEYS])),
]);
for (const each of failed) console.log(`FAILED ${each}`);
console.log(failed.length === 0 ? 'On every day they pass.' : `${failed.length} runs failed.`);
process.exitCode = failed.length === 0 ? 0 : 1;
