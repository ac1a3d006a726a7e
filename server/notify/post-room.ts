import { eq } from 'drizzle-orm';
import type { PostRoom } from '#contract/index.ts';
import type { Definitions } from '../definitions/store.ts';
import { livingSecrets } from '../identity/secret-links.ts';
import type { Person } from '../people/person.ts';
import { setsUp } from '../people/roles.ts';
import type { Db } from '../platform/database.ts';
import { tryAgain } from '../platform/jobs.ts';
import { inTransaction } from '../platform/locks.ts';
import { findMessage, type Message, readMessages } from '../platform/messages.ts';
import { notAllowed, notFound } from '../platform/refusal.ts';
import { messages } from '../platform/schema.ts';

/**
 * Where a message's link leads inside Iolite. One that carries a secret leads there only while it works, and where no mail
 * leaves: else it is its reader's alone.
 */
const linkOf = (
  { link, secret }: Message,
  wasSecret: boolean,
  living: ReadonlySet<string>,
  sends: boolean,
): PostRoom['messages'][number]['link'] => {
  if (!link) return null;
  if (!wasSecret) return { label: link.label, href: link.path };
  const works = secret !== null && living.has(secret) && !sends;
  return { label: link.label, href: works ? `${link.path}#${secret}` : null };
};

/** The places that open with a secret only. */
const SECRET_PATHS: ReadonlySet<string> = new Set(['/invitation', '/new-password']);

/** What was written: to everybody, for whoever sets people up; in the demonstration to oneself, for everybody. */
export const readPostRoom = async (
  db: Db,
  definitions: Definitions,
  person: Person,
  { sends, demonstration }: { readonly sends: boolean; readonly demonstration: boolean },
): Promise<PostRoom> => {
  const all = setsUp(definitions, person, 'people');
  if (!all && !demonstration) throw notAllowed('Only set-up people may do this.');
  const rows = await readMessages(db, all ? null : person);
  const living = await livingSecrets(
    db,
    rows.flatMap(({ secret }) => secret ?? []),
  );
  return {
    sends,
    messages: rows.map((row) => ({
      id: row.id,
      at: row.at.toISOString(),
      to: { name: row.toName, email: row.toAddress },
      subject: row.subject,
      words: row.words,
      link: linkOf(row, SECRET_PATHS.has(row.link?.path ?? ''), living, sends),
      state: row.state,
      problem: row.problem,
    })),
  };
};

/** Sends a message once more that could not be sent. */
export const sendAgain = (db: Db, id: string): Promise<void> =>
  inTransaction(db, async (tx) => {
    const message = await findMessage(tx, id);
    if (!message?.jobId) throw notFound();
    await tryAgain(tx, message.jobId);
    await tx.update(messages).set({ state: 'waiting', problem: null }).where(eq(messages.id, id));
  });
