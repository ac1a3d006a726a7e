import { randomBytes } from 'node:crypto';
import { and, count, eq, gt, sql } from 'drizzle-orm';
import type { FileFacts } from '#contract/index.ts';
import { cleanLine, uuidV7 } from '#core/base/index.ts';
import { type FileSort, filesIn, textsOf } from '#core/values/index.ts';
import { findDraft } from '../definitions/drafts.ts';
import { lookAtRecord } from '../forms/taking-part.ts';
import type { Person } from '../people/person.ts';
import { mayFill, setsUp } from '../people/roles.ts';
import type { Queryable } from '../platform/database.ts';
import { notFound, Refusal } from '../platform/refusal.ts';
import { files } from '../platform/schema.ts';
import { readOwnValues } from '../records/reader/index.ts';
import type { ReadContext } from '../records/work.ts';
import { inspectFile } from './inspect.ts';

/** A file's name as it is shown and offered for saving: one line, no path in it. */
const cleanName = (name: string): string => cleanLine(name.split(/[\\/]/).at(-1) ?? '').slice(0, 200) || 'file';

/** What somebody adds within two days: what of it belongs to no record by then is cleared. */
const MOST_FILES = 1_000;
const MOST_BYTES = 500_000_000;

const refuseTooMuch = async (db: Queryable, person: Person, size: number): Promise<void> => {
  const [row] = await db
    .select({ files: count(), bytes: sql<string>`coalesce(sum(${files.size}), 0)` })
    .from(files)
    .where(and(eq(files.addedBy, person.id), gt(files.addedAt, new Date(Date.now() - 2 * 86_400_000))));
  if ((row?.files ?? 0) >= MOST_FILES || Number(row?.bytes ?? 0) + size > MOST_BYTES)
    throw new Refusal('too_many', 'You have added as many files as one person may within two days.');
};

/** Keeps a file for this person, until it is part of a record: what it is, its content says. */
export const keepFile = async (
  { db, person }: ReadContext,
  given: { readonly name: string; readonly sort: FileSort; readonly content: Buffer },
): Promise<FileFacts> => {
  const { content } = given;
  await refuseTooMuch(db, person, content.length);
  const { mediaType, width, height, thumbnail } = await inspectFile(content, given.sort);
  const id = uuidV7(Date.now(), randomBytes(10));
  const name = cleanName(given.name);
  await db
    .insert(files)
    .values({ id, name, mediaType, size: content.length, width, height, addedBy: person.id, content, thumbnail });
  return { id, name, media_type: mediaType, size: content.length, width, height };
};

/** A file as it is sent: its small picture, or itself. */
export interface SentFile {
  readonly name: string;
  readonly mediaType: string;
  readonly bytes: Buffer;
}

const readFile = async ({ db, person }: ReadContext, id: string, small: boolean, byMe: boolean): Promise<SentFile> => {
  const mine = byMe ? eq(files.addedBy, person.id) : undefined;
  const [file] = await db
    .select({ name: files.name, mediaType: files.mediaType, bytes: small ? files.thumbnail : files.content })
    .from(files)
    .where(and(eq(files.id, id), mine));
  if (!file?.bytes) throw notFound();
  return { name: file.name, mediaType: file.mediaType, bytes: file.bytes };
};

/** A file that this person added. */
export const readOwnFile = (look: ReadContext, id: string, small: boolean): Promise<SentFile> =>
  readFile(look, id, small, true);

/** A file of a record, for whoever may see the record. */
export const readFileOfRecord = async (
  look: ReadContext,
  at: { readonly register: string; readonly record: string; readonly file: string },
  small: boolean,
): Promise<SentFile> => {
  const { look: seeing, register } = await lookAtRecord(look, at.register, at.record);
  const record = await readOwnValues(seeing, register, at.record);
  const holds = register.fields.some(
    (field) => filesIn(field.type) !== null && textsOf(record?.values[field.key] ?? null).includes(at.file),
  );
  if (!holds) throw notFound();
  return readFile(look, at.file, small, false);
};

/** A picture or video of a form's introductions, for whoever may fill the form in, or is making it. */
export const readFileOfForm = async (
  look: ReadContext,
  key: string,
  file: string,
  small: boolean,
): Promise<SentFile> => {
  const { definitions, person, db } = look;
  const draft = setsUp(definitions, person, 'forms') ? (await findDraft(db, 'form', key))?.document : undefined;
  const shows = [definitions.forms.get(key)?.open?.document, draft].some(
    (form) =>
      form &&
      mayFill(definitions, person, form) &&
      [form.media, ...form.pages.map((page) => page.media)].some((each) => each?.file === file),
  );
  if (!shows) throw notFound();
  return readFile(look, file, small, false);
};
