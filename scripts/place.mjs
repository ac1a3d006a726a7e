// Where this Iolite keeps its data, as the environment says it: a folder with a PostgreSQL of its own, or somebody's database.
import { existsSync } from 'node:fs';
import { resolve } from 'node:path';

const isEmpty = process.env.IOLITE_WORKSPACE === 'empty';
const url = process.env.DATABASE_URL;
// With somebody's own database the demonstration comes only where it is asked for: it signs in without passwords.
const isDemonstration = (process.env.IOLITE_DEMONSTRATION ?? (url || isEmpty ? 'no' : 'yes')) === 'yes';
// Else it is a workspace of one's own: its name, where it is and its first person are asked for on the first page,
// unless `IOLITE_WORKSPACE` names a file. `IOLITE_WORKSPACE=empty` says the same.
const isOwn = isEmpty || !isDemonstration;
const ownFolder = existsSync('.data-empty') ? '.data-empty' : '.data-own';
const folder = resolve(process.env.IOLITE_DATA ?? (isOwn ? ownFolder : '.data'));

/** What is there, and where; relative paths are those of the project's root. */
export const place = {
  url,
  isEmpty,
  isDemonstration,
  isOwn,
  folder,
  begunWith: isOwn ? 'demo/empty' : 'demo/tern-quay',
};
