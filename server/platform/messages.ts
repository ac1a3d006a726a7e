import { randomBytes } from 'node:crypto';
import { and, desc, eq, lt, or, sql } from 'drizzle-orm';
import { cleanLine, cleanText, uuidV7 } from '#core/base/index.ts';
import type { Queryable } from './database.ts';
import { addJob } from './jobs.ts';
import { messages } from './schema.ts';

/*
 * The post room: whatever is written to somebody is kept here first, and sent from here. Its words are text: what a person
 * typed among them can become neither a header nor markup.
 */

/** To whom something is written; the id where they are somebody here. */
export interface Addressee {
  readonly id: string | null;
  readonly name: string;
  readonly email: string;
}

/** What is written. */
export interface Written {
  readonly to: Addressee;
  readonly subject: string;
  /** Its paragraphs. */
  readonly words: readonly string[];
  /** A place inside Iolite, what its link says, and the secret it carries, if it carries one. */
  readonly link?: { readonly path: string; readonly label: string; readonly secret?: string };
}

/** A message as it is kept. */
export type Message = typeof messages.$inferSelect;

/** The job that sends one. */
export const SEND_MAIL = 'send_mail';

/** Writes to somebody, in the caller's transaction: sent once that is committed, and never where it is not. */
export const post = async (db: Queryable, { to, subject, words, link }: Written): Promise<void> => {
  const at = new Date();
  const id = uuidV7(at.getTime(), randomBytes(10));
  const jobId = await addJob(db, SEND_MAIL, { message: id }, null);
  await db.insert(messages).values({
    id,
    at,
    toId: to.id,
    toName: cleanLine(to.name),
    toAddress: to.email,
    subject: cleanLine(subject),
    words: words.map(cleanText),
    link: link ? { path: link.path, label: link.label } : null,
    secret: link?.secret ?? null,
    state: 'waiting',
    jobId,
  });
};

/** A message, or null. */
export const findMessage = async (db: Queryable, id: string): Promise<Message | null> => {
  const [row] = await db.select().from(messages).where(eq(messages.id, id));
  return row ?? null;
};

/** What became of a message. Once it is sent its secret is told, and known here no longer. */
export const markMessage = async (
  db: Queryable,
  id: string,
  state: Message['state'],
  problem: string | null = null,
): Promise<void> => {
  const told = state === 'sent' ? { secret: null } : {};
  await db
    .update(messages)
    .set({ state, problem, ...told })
    .where(eq(messages.id, id));
};

/** A secret was used, or is good no longer: no message tells it any more. */
export const forgetSecret = async (db: Queryable, secret: string): Promise<void> => {
  await db.update(messages).set({ secret: null }).where(eq(messages.secret, secret));
};

const MAX_SHOWN = 200;

/** The newest messages; of one person alone, where one is named. */
export const readMessages = (db: Queryable, only: { readonly id: string; readonly email: string } | null) =>
  db
    .select()
    .from(messages)
    .where(only ? or(eq(messages.toId, only.id), eq(messages.toAddress, only.email)) : undefined)
    .orderBy(desc(messages.at), desc(messages.id))
    .limit(MAX_SHOWN);

/** For so long the post room keeps what it sent. */
const KEPT_DAYS = 180;

/** Throws away what is old. */
export const clearMessages = async (db: Queryable): Promise<void> => {
  await db
    .delete(messages)
    .where(and(lt(messages.at, sql`now() - make_interval(days => ${KEPT_DAYS})`), sql`${messages.state} <> 'waiting'`));
};
