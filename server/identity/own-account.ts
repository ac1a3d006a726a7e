import { and, count, eq, sql } from 'drizzle-orm';
import type { z } from 'zod';
import type { OwnDetails, ownChangeSchema, recoveryCodesSchema, secondStepSchema } from '#contract/index.ts';
import { cleanLine, problem } from '#core/base/index.ts';
import type { Definitions } from '../definitions/store.ts';
import { findNamesake, readActive } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import { setsUp } from '../people/roles.ts';
import { isActive } from '../platform/active.ts';
import { now } from '../platform/clock.ts';
import type { Db, Queryable, Tx } from '../platform/database.ts';
import { inTransaction, lockDefinitions, notify } from '../platform/locks.ts';
import { type Addressee, post } from '../platform/messages.ts';
import { invalid, notFound } from '../platform/refusal.ts';
import { people, recoveryCodes } from '../platform/schema.ts';
import { note } from './noted.ts';
import { askPasswordAgain, changeOwnPassword, setPassword } from './passwords.ts';
import { beginSecondStep, dropSecondStep, proveSecondStep, provesSecondStep } from './second-step.ts';
import { makeLink, takeLink } from './secret-links.ts';
import { endSessionsOf } from './session.ts';
import { beginTry, endTry } from './tries.ts';

/* What somebody does with their own account. */

const RESET_PATH = '/new-password';

/** One's own account as one sees it. */
export const readOwnDetails = async (db: Queryable, id: string): Promise<OwnDetails> => {
  const [row] = await db.select().from(people).where(eq(people.id, id));
  if (!row) throw notFound();
  const [left] = await db.select({ n: count() }).from(recoveryCodes).where(eq(recoveryCodes.personId, id));
  return {
    name: row.name,
    email: row.email,
    telephone: row.telephone,
    told_of_signing: row.toldOfSigning,
    has_password: row.passwordHash !== null,
    second_step: row.secondStep !== null,
    recovery_codes: left?.n ?? 0,
  };
};

/**
 * Gives oneself another name: not one that somebody else has, as who signed is known by it. What one did keeps the name one
 * had, the workspace's history notes it, and those who set up people hear of it.
 */
const renameOneself = async (tx: Tx, definitions: Definitions, id: string, name: string): Promise<void> => {
  // Of two who take one name at the same moment the second finds the first.
  await lockDefinitions(tx);
  const [row] = await tx.select().from(people).where(eq(people.id, id));
  if (!row || row.name === name) return;
  const other = await findNamesake(tx, name, id);
  if (other)
    throw invalid([
      problem(
        'name_taken',
        ['name'],
        `${other.name} is somebody else’s name here. Add what tells you apart, such as a middle name.`,
      ),
    ]);
  const at = now().toISOString();
  const former = sql`${people.formerNames} || ${JSON.stringify([{ name: row.name, until: at }])}::jsonb`;
  await tx.update(people).set({ name, formerNames: former }).where(eq(people.id, id));
  const detail = `changed their name from ${row.name} to ${name}`;
  await note(tx, at, { personId: id, aboutId: id, action: 'renamed', detail });
  for (const person of await readActive(tx))
    if (person.id !== id && setsUp(definitions, person, 'people'))
      await post(tx, {
        to: person,
        subject: `${row.name} is now called ${name}`,
        words: [
          `Hello ${person.name},`,
          `${row.name} (${row.email}) changed their name to ${name} at ${definitions.name}. What they signed before stands under the name they had.`,
        ],
      });
};

/** Changes one's own name, number, and when one is written to. */
export const changeOwnDetails = async (
  db: Db,
  definitions: Definitions,
  id: string,
  { name, telephone, told_of_signing: told }: z.output<typeof ownChangeSchema>,
): Promise<OwnDetails> => {
  const change = {
    ...(telephone === undefined ? {} : { telephone: cleanLine(telephone) }),
    ...(told === undefined ? {} : { toldOfSigning: told }),
  };
  if (Object.keys(change).length > 0 || name !== undefined)
    await inTransaction(db, async (tx) => {
      if (name !== undefined) await renameOneself(tx, definitions, id, name);
      if (Object.keys(change).length > 0) await tx.update(people).set(change).where(eq(people.id, id));
      await notify(tx, { kind: 'workspace' });
    });
  return readOwnDetails(db, id);
};

/** Writes to somebody that what they sign in with was changed: it may not have been them. */
const warn = (db: Queryable, to: Addressee, workspace: string, what: string): Promise<void> =>
  post(db, {
    to,
    subject: `${what} of your account at ${workspace}`,
    words: [
      `Hello ${to.name},`,
      `${what} of your account at ${workspace} just now. If this was not you, tell whoever sets up people there at once.`,
    ],
  });

const PASSWORD_CHANGED = 'The password was changed';

/** Thrown where a link was made for nobody: nothing of it stays. */
class Nobody extends Error {}

/**
 * Writes a link for a forgotten password, where the address is somebody's. Whoever asks is answered alike in either case,
 * after the same work, and only so often.
 */
export const forgotPassword = async (
  db: Db,
  workspace: string,
  { email, source }: { readonly email: string; readonly source: string },
): Promise<void> => {
  const address = email.trim().toLowerCase();
  await beginTry(db, { email: `forgotten ${address}`, person: null, source });
  await inTransaction(db, async (tx) => {
    const [row] = await tx
      .select()
      .from(people)
      .where(and(eq(people.email, address), isActive));
    const to = row ?? { id: null, name: '', email: address };
    const secret = await makeLink(tx, 'password', to.id);
    await post(tx, {
      to,
      subject: `Choose another password for ${workspace}`,
      words: [
        `Hello ${to.name},`,
        `Somebody, most likely you, asked for another password at ${workspace}. If it was not you, do nothing: the one you have goes on.`,
        'The link works once, and for 30 minutes.',
      ],
      link: { path: RESET_PATH, label: 'Choose another password', secret },
    });
    if (!row) throw new Nobody();
  }).catch((error: unknown) => {
    if (!(error instanceof Nobody)) throw error;
  });
};

/** Gives somebody another password by a link; all their sessions end. */
export const resetPassword = (db: Db, workspace: string, secret: string, password: string): Promise<void> =>
  inTransaction(db, async (tx) => {
    const link = await takeLink(tx, secret, ['password']);
    const [row] = await tx
      .select()
      .from(people)
      .where(and(eq(people.id, link.personId ?? ''), isActive));
    if (!row) throw notFound();
    await setPassword(tx, row, workspace, password);
    await endSessionsOf(tx, row.id);
    await warn(tx, row, workspace, PASSWORD_CHANGED);
  });

/** Changes one's own password; all other sessions end. */
export const changePassword = async (
  db: Db,
  person: Person,
  workspace: string,
  given: { readonly before: string; readonly password: string; readonly source: string; readonly session: string },
): Promise<void> => {
  await changeOwnPassword(db, person, workspace, given);
  await inTransaction(db, async (tx) => {
    await endSessionsOf(tx, person.id, given.session);
    await warn(tx, person, workspace, PASSWORD_CHANGED);
  });
};

/** What shows that it is oneself who changes what one signs in with, and not somebody at a computer left open. */
interface Proof {
  readonly password: string;
  readonly code: string;
  readonly source: string;
  readonly demonstration: boolean;
}

/** Asks for one's password, and for a code of the second step as it is now or a recovery code; every try is counted. */
const proveOneself = async (db: Db, person: Person, { password, code, source, demonstration }: Proof) => {
  await askPasswordAgain(db, person, { password, source, demonstration });
  const trying = { email: person.email, person: person.id, source };
  const id = await beginTry(db, trying);
  const [row] = await db.select().from(people).where(eq(people.id, person.id));
  if (!row || !(await provesSecondStep(db, row, code)))
    throw invalid([problem('wrong_code', ['code'], 'This code is not right. Write the one that is shown now.')]);
  await endTry(db, id, trying);
};

/** Begins to set a second step up; where there is one already, it takes what one signs in with now. */
export const beginOwnSecondStep = async (
  db: Db,
  person: Person,
  workspace: string,
  proof: Proof,
): Promise<z.output<typeof secondStepSchema>> => {
  const [row] = await db.select({ secondStep: people.secondStep }).from(people).where(eq(people.id, person.id));
  if (row?.secondStep) await proveOneself(db, person, proof);
  return beginSecondStep(db, person, workspace);
};

/** Switches one's own second step on, by a code of the device; all other sessions end. */
export const proveOwnSecondStep = (
  db: Db,
  person: Person,
  workspace: string,
  { code, session }: { readonly code: string; readonly session: string },
): Promise<z.output<typeof recoveryCodesSchema>> =>
  inTransaction(db, async (tx) => {
    const codes = await proveSecondStep(tx, person, code);
    await endSessionsOf(tx, person.id, session);
    await warn(tx, person, workspace, 'The second step was set up anew, with other recovery codes,');
    return codes;
  });

/** Switches one's own second step off; all other sessions end. */
export const dropOwnSecondStep = async (
  db: Db,
  person: Person,
  workspace: string,
  { session, ...proof }: Proof & { readonly session: string },
): Promise<void> => {
  await proveOneself(db, person, proof);
  await inTransaction(db, async (tx) => {
    await dropSecondStep(tx, person.id);
    await endSessionsOf(tx, person.id, session);
    await warn(tx, person, workspace, 'The second step was switched off');
  });
};
