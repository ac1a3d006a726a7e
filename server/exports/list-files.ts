import { Readable, Writable } from 'node:stream';
import { finished } from 'node:stream/promises';
import { and, desc, eq, gt, lt, sql } from 'drizzle-orm';
import { z } from 'zod';
import { type ListFileQuery, listFileSchema, type MadeFile } from '#contract/index.ts';
import type { DefinitionsReader } from '../definitions/reader.ts';
import type { Prints } from '../paper/press.ts';
import { findPerson } from '../people/names.ts';
import type { Queryable } from '../platform/database.ts';
import { addJob, findJob, type Job, stopJob, type Task } from '../platform/jobs.ts';
import { notFound, Refusal } from '../platform/refusal.ts';
import type { ReadLists } from '../platform/replica.ts';
import { jobs, listFileParts } from '../platform/schema.ts';
import type { ReadContext } from '../records/work.ts';
import { lookAs } from '../sight/work.ts';
import { lookToExport } from './export.ts';
import { listOut } from './list-out.ts';
import { RIGHTS_CHANGED, rightsMark, stillAs } from './still-as.ts';

/*
 * Long lists are written to a file by a job, as whoever began it sees them then, and kept for a day for that person alone.
 */

export const LIST_FILE_TASK = 'list_file';
/** So many of one person's wait or run at once. */
const MAX_FILES = 5;
const KEPT = sql`now() - interval '1 day'`;
const PART_BYTES = 256 * 1024;

const payloadSchema = z.object({ register: z.string(), query: listFileSchema });
const resultSchema = z.object({
  name: z.string(),
  mediaType: z.string(),
  size: z.int(),
  /** With which rights it was read; files of earlier versions do not say. */
  rights: z.string().optional(),
});

/** Whether a file that is done was read with other rights than its owner has by now. */
const isOutdated = ({ definitions, person }: ReadContext, job: Job): boolean => {
  const made = resultSchema.safeParse(job.result);
  return made.success && made.data.rights !== rightsMark(definitions, person);
};

const toAnswer = (look: ReadContext, job: Job): MadeFile => {
  const made = resultSchema.safeParse(job.result);
  const outdated = isOutdated(look, job);
  const { register, query } = payloadSchema.parse(job.payload);
  return {
    id: job.id,
    register,
    name: query.called || register,
    format: query.format,
    state: outdated ? 'failed' : job.state,
    begun_at: job.begunAt.toISOString(),
    done: job.done,
    total: job.total,
    stopping: job.stopping,
    size: made.success && !outdated ? made.data.size : null,
    problem: outdated ? RIGHTS_CHANGED : job.problem,
  };
};

const ofMine = ({ person }: ReadContext) =>
  and(eq(jobs.task, LIST_FILE_TASK), eq(jobs.begunBy, person.id), gt(jobs.begunAt, KEPT));

/** The files of a person, the newest first. */
export const readListFiles = async (look: ReadContext): Promise<MadeFile[]> => {
  const rows = await look.db.select().from(jobs).where(ofMine(look)).orderBy(desc(jobs.begunAt)).limit(50);
  return rows.map((row) => toAnswer(look, row));
};

/** Begins to write a list to a file; what is wrong with the list is told at once. */
export const makeListFile = async (
  look: ReadContext,
  register: string,
  query: ListFileQuery,
  press: Prints,
): Promise<MadeFile> => {
  await listOut(look, register, query, { address: '', press });
  const going = (await readListFiles(look)).filter(({ state }) => state === 'waiting' || state === 'running');
  if (going.length >= MAX_FILES)
    throw new Refusal(
      'too_many',
      `${MAX_FILES} of your lists are being written already. Wait for one of them, or stop it.`,
    );
  const id = await addJob(look.db, LIST_FILE_TASK, { register, query }, look.person.id);
  const job = await findJob(look.db, id);
  if (!job) throw notFound();
  return toAnswer(look, job);
};

const findMine = async (look: ReadContext, id: string): Promise<Job> => {
  const [job] = await look.db
    .select()
    .from(jobs)
    .where(and(ofMine(look), eq(jobs.id, id)));
  if (!job) throw notFound();
  return job;
};

/** Stops writing a file where it is not done yet; else throws it away. */
export const dropListFile = async (look: ReadContext, id: string): Promise<void> => {
  const job = await findMine(look, id);
  if (job.state === 'waiting' || job.state === 'running') await stopJob(look.db, id);
  else await look.db.delete(jobs).where(eq(jobs.id, id));
};

/** A file that is done, to be sent piece by piece. */
export interface SentListFile {
  readonly name: string;
  readonly mediaType: string;
  readonly size: number;
  readonly content: Readable;
}

/** A file of this person's, while they may take such records along and see what they saw; others do not exist. */
export const openListFile = async (look: ReadContext, id: string): Promise<SentListFile> => {
  const job = await findMine(look, id);
  const { payload, result } = job;
  const made = resultSchema.safeParse(result);
  if (isOutdated(look, job)) throw notFound();
  if (!made.success || !lookToExport(look, payloadSchema.parse(payload).register)) throw notFound();
  return { ...made.data, content: Readable.from(readParts(look.db, id)) };
};

async function* readParts(db: Queryable, id: string): AsyncGenerator<Buffer> {
  for (let at = 0; ; at++) {
    const [part] = await db
      .select({ content: listFileParts.content })
      .from(listFileParts)
      .where(and(eq(listFileParts.jobId, id), eq(listFileParts.at, at)));
    if (!part) return;
    yield part.content;
  }
}

/** Takes a file in as it is written, and keeps it in pieces. */
class Parts extends Writable {
  size = 0;
  readonly #db: Queryable;
  readonly #id: string;
  #at = 0;
  #held: Buffer[] = [];
  #bytes = 0;

  constructor(db: Queryable, id: string) {
    super();
    this.#db = db;
    this.#id = id;
  }

  override _write(chunk: Buffer, _encoding: BufferEncoding, done: (error?: Error | null) => void): void {
    this.#held.push(chunk);
    this.#bytes += chunk.length;
    if (this.#bytes < PART_BYTES) done();
    else this.#keep().then(() => done(), done);
  }

  override _final(done: (error?: Error | null) => void): void {
    this.#keep().then(() => done(), done);
  }

  async #keep(): Promise<void> {
    if (this.#bytes === 0) return;
    const content = Buffer.concat(this.#held);
    this.#held = [];
    this.#bytes = 0;
    this.size += content.length;
    await this.#db.insert(listFileParts).values({ jobId: this.#id, at: this.#at++, content });
  }
}

/** Writes a list to a file. */
export const listFileTask = (
  reader: DefinitionsReader,
  readLists: ReadLists,
  address: string,
  press: Prints,
): Task => ({
  name: LIST_FILE_TASK,
  run: async ({ job, db, progress }) => {
    const { register, query } = payloadSchema.parse(job.payload);
    const person = job.begunBy === null ? null : await findPerson(db, job.begunBy);
    if (!person) throw notFound();
    // What an earlier try wrote is of no use.
    const clear = () => db.delete(listFileParts).where(eq(listFileParts.jobId, job.id));
    await clear();
    const look = lookAs(db, await reader.read(db), person);
    const out = await readLists((from) =>
      listOut({ ...look, ...from }, register, query, {
        address,
        press,
        counted: true,
        still: stillAs(reader, db, look),
      }),
    );
    const parts = new Parts(db, job.id);
    try {
      const ended = finished(parts);
      ended.catch(() => undefined);
      await out.write(parts, (done) => progress(done, Math.max(done, out.total ?? 0)));
      await ended;
    } catch (error) {
      await clear();
      throw error;
    }
    return {
      name: out.fileName,
      mediaType: out.mediaType,
      size: parts.size,
      rights: rightsMark(look.definitions, person),
    };
  },
});

/** Every hour: files older than a day are thrown away. */
export const clearListFilesTask: Task = {
  name: 'clear_list_files',
  at: '13 * * * *',
  atStart: true,
  run: async ({ db }) => {
    const gone = await db
      .delete(jobs)
      .where(and(eq(jobs.task, LIST_FILE_TASK), lt(jobs.begunAt, KEPT)))
      .returning({ id: jobs.id });
    return { cleared: gone.length };
  },
};
