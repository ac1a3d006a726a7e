import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import type { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { ProgramFailure } from './failure.ts';

/* PostgreSQL's own programs, which know best what stands in a database. */

/** Where they are, and the database they work on. */
export interface Programs {
  /** The folder of PostgreSQL's programs; null: wherever the system finds them. */
  readonly bin: string | null;
  readonly url: string;
}

/** The address without its password, which other users of the machine could read among the arguments. */
const spared = (url: string): { readonly address: string; readonly env: NodeJS.ProcessEnv } => {
  const address = new URL(url);
  const password = decodeURIComponent(address.password);
  address.password = '';
  return { address: address.href, env: { ...process.env, PGPASSWORD: password } };
};

const LAST_WORDS = 2_000;

/** A program that was begun: what it writes, and its end, which throws with its own words where it went wrong. */
const begin = ({ bin, url }: Programs, name: string, args: readonly string[], input: Readable | null) => {
  const { address, env } = spared(url);
  const child = spawn(bin === null ? name : join(bin, name), [`--dbname=${address}`, ...args], {
    env,
    stdio: [input ? 'pipe' : 'ignore', 'pipe', 'pipe'],
  });
  let said = '';
  child.stderr?.on('data', (chunk: Buffer) => {
    said = `${said}${chunk}`.slice(-LAST_WORDS);
  });
  const ended = once(child, 'close').then(([code]) => {
    if (code !== 0) throw new ProgramFailure(`${name} ended with ${code}: ${said.trim()}`);
  });
  // A program that has ended takes no more: what went wrong is in its own words.
  const fed = input && child.stdin ? pipeline(input, child.stdin).catch(() => undefined) : Promise.resolve();
  return { output: child.stdout, ended: Promise.all([ended, fed]).then(() => undefined) };
};

/** Dumps a database as it stands at a snapshot that another transaction holds. */
export const dumpDatabase = (programs: Programs, snapshot: string): { output: Readable; ended: Promise<void> } => {
  const { output, ended } = begin(
    programs,
    'pg_dump',
    ['--format=custom', '--no-comments', `--snapshot=${snapshot}`],
    null,
  );
  if (!output) throw new Error('pg_dump writes nothing');
  return { output, ended };
};

/** Restores a dump in one transaction: all of it, or nothing. */
export const restoreDatabase = async (programs: Programs, dump: Readable): Promise<void> => {
  const { output, ended } = begin(
    programs,
    'pg_restore',
    ['--no-owner', '--no-comments', '--exit-on-error', '--single-transaction'],
    dump,
  );
  output?.resume();
  await ended;
};
