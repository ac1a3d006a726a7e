import { createHash, randomBytes } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { chmod, open, rename, rm } from 'node:fs/promises';
import { dirname } from 'node:path';
import { PassThrough, type Readable, Transform } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { pipeline } from 'node:stream/promises';
import { type Entry, openPromise, type ZipFile as ZipRead } from 'yauzl';
import { ZipFile } from 'yazl';
import { z } from 'zod';
import { Refusal } from '../platform/refusal.ts';
import { figuresSchema } from './figures.ts';

/*
 * A backup is one file: a ZIP (PKWARE APPNOTE) that any program opens, of what PostgreSQL's own `pg_dump` wrote, as it is,
 * and of what is to be known of it.
 */

const DUMP = 'database.dump';
const ABOUT = 'about.json';
/** The form of these files; a later form is not read by an earlier program. */
const FORM = 1;

/** What a backup says of itself. */
const aboutSchema = z.object({
  form: z.int().min(1),
  /** When it was taken (RFC 3339): everything in it is as it stood at that moment. */
  taken_at: z.iso.datetime(),
  iolite: z.string(),
  postgresql: z.string(),
  /** The last migration that had been carried out, as its journal counts it. */
  migration: z.number(),
  dump: z.object({ size: z.int(), sha256: z.string() }),
  figures: figuresSchema,
});
export type About = z.output<typeof aboutSchema>;

/** Passes bytes on, and knows their number and SHA-256 (FIPS 180-4) when they are through. */
class Measure extends Transform {
  readonly #hash = createHash('sha256');
  size = 0;
  override _transform(chunk: Buffer, _: BufferEncoding, pass: (error: null, chunk: Buffer) => void): void {
    this.#hash.update(chunk);
    this.size += chunk.length;
    pass(null, chunk);
  }
  told(): About['dump'] {
    return { size: this.size, sha256: this.#hash.digest('hex') };
  }
}

/** What is written through is on the disk. */
const syncToDisk = async (path: string): Promise<void> => {
  const held = await open(path);
  await held.sync();
  await held.close();
};

/**
 * Writes a backup to a file, which is there only once it is whole. `about` is asked for what is known when the dump is
 * through; where anything fails nothing is left.
 */
export const writeBackupFile = async (
  path: string,
  dump: Readable,
  about: () => Promise<Omit<About, 'form' | 'dump'>>,
): Promise<About> => {
  // Two that are taken in the same second do not write into one another.
  const part = `${path}.${randomBytes(4).toString('hex')}.part`;
  const file = createWriteStream(part, { mode: 0o600 });
  const zip = new ZipFile();
  const measure = new Measure();
  const written = pipeline(zip.outputStream, file);
  // Told below, whoever fails first.
  written.catch(() => undefined);
  try {
    const into = new PassThrough();
    // It is pressed already, and may be of many gigabytes.
    zip.addReadStream(into, DUMP, { compress: false, forceZip64Format: true, mode: 0o600 });
    await Promise.race([pipeline(dump, measure, into), written]);
    const said: About = { form: FORM, ...(await about()), dump: measure.told() };
    zip.addBuffer(Buffer.from(JSON.stringify(said, null, 1)), ABOUT, { mode: 0o600 });
    zip.end();
    await written;
    await chmod(part, 0o600);
    await syncToDisk(part);
    await rename(part, path);
    await syncToDisk(dirname(path));
    return said;
  } catch (error) {
    dump.destroy();
    file.destroy();
    await written.catch(() => undefined);
    await rm(part, { force: true });
    throw error;
  }
};

/** A backup that was opened; it is closed by whoever opened it. */
export interface BackupFile {
  readonly about: About;
  /** The dump as PostgreSQL's own program reads it. */
  readonly dump: () => Promise<Readable>;
  readonly close: () => void;
}

const refused = (why: string): Refusal => new Refusal('invalid', `This cannot be restored: ${why}`);

const entriesOf = async (zip: ZipRead): Promise<Map<string, Entry>> => {
  const entries = new Map<string, Entry>();
  for await (const entry of zip.eachEntry()) entries.set(entry.fileName, entry);
  return entries;
};

const readAbout = async (zip: ZipRead, entry: Entry | undefined): Promise<About> => {
  if (!entry) throw refused('it is no backup of Iolite.');
  const said: unknown = JSON.parse((await buffer(await zip.openReadStreamPromise(entry))).toString('utf8'));
  const form = z.object({ form: z.int() }).safeParse(said);
  if (form.success && form.data.form > FORM)
    throw refused('it was taken by a newer Iolite. Restore it with that one, or a newer one.');
  const about = aboutSchema.safeParse(said);
  if (!about.success) throw refused('it is no backup of Iolite, or was altered.');
  return about.data;
};

/** Opens a backup, having read all of it once: one that was cut short or altered is refused. */
export const openBackupFile = async (path: string): Promise<BackupFile> => {
  const zip = await openPromise(path, { lazyEntries: true, autoClose: false }).catch((error: Error) => {
    if ('code' in error) throw refused(`${path} cannot be read (${error.code}).`);
    throw refused('it is no backup of Iolite, or was cut short.');
  });
  try {
    const entries = await entriesOf(zip);
    const about = await readAbout(zip, entries.get(ABOUT));
    const held = entries.get(DUMP);
    if (!held) throw refused('its database is missing.');
    const dump = () => zip.openReadStreamPromise(held);
    const measure = new Measure();
    measure.resume();
    await pipeline(await dump(), measure);
    const { size, sha256 } = measure.told();
    if (size !== about.dump.size || sha256 !== about.dump.sha256) throw refused('it was cut short, or altered.');
    return { about, dump, close: () => zip.close() };
  } catch (error) {
    zip.close();
    throw error instanceof Refusal ? error : refused('it was cut short, or altered.');
  }
};
