import { hash, verify } from '@node-rs/argon2';
import { dictionary } from '@zxcvbn-ts/language-common';
import { eq } from 'drizzle-orm';
import { countCharacters, foldText, type Problem, problem } from '#core/base/index.ts';
import type { Person } from '../people/person.ts';
import type { Db, Queryable } from '../platform/database.ts';
import { inTransaction } from '../platform/locks.ts';
import { invalid, notAllowed, Refusal } from '../platform/refusal.ts';
import { people } from '../platform/schema.ts';
import { beginTry, endTry } from './tries.ts';

/*
 * Passwords, after NIST SP 800-63B-4, section 3.1.1.2: a least and a greatest length in characters, any character there
 * is, no rules of composition, refused where they are among the commonest or made of what anybody knows of their owner.
 */

/** A password as it is compared, however it was put in (NIST SP 800-63B-4, section 3.1.1.2: Unicode is normalized). */
export const readable = (password: string): string => password.normalize('NFKC');

/** argon2id with the library's parameters (RFC 9106 leaves them to the site: 19 MiB, 2 passes). */
export const hashPassword = (password: string): Promise<string> => hash(readable(password));

const LEAST = 8;
const MAX_LENGTH = 128;

/** The 49,233 commonest passwords of published leaks, as zxcvbn-ts counts them (MIT; @zxcvbn-ts/language-common). */
const COMMONEST: ReadonlySet<string> = new Set(dictionary['passwords-common']);

/** Words that anybody knows of somebody: their name, their address and the organisation's name, whole and in parts. */
const knownOf = (known: readonly string[]): ReadonlySet<string> =>
  new Set(
    known.flatMap((text) => {
      const folded = foldText(text);
      return [folded, folded.replace(/\s/g, ''), ...folded.split('@').slice(0, 1)].filter((each) => each.length >= 4);
    }),
  );

/** A word with what people put behind it to make it another: digits and signs. */
const withoutTail = (folded: string): string => folded.replace(/[\d\s\p{P}\p{S}]+$/u, '');

/** What is wrong with a password that somebody chooses, in words; none where nothing is. */
export const passwordProblems = (
  password: string,
  known: readonly string[],
  path: readonly (string | number)[] = ['password'],
): Problem[] => {
  const tell = (detail: string): Problem[] => [problem('password', path, detail)];
  const typed = readable(password);
  const length = countCharacters(typed);
  if (length < LEAST) return tell(`A password has at least ${LEAST} characters.`);
  if (length > MAX_LENGTH) return tell(`A password has at most ${MAX_LENGTH} characters.`);
  if (COMMONEST.has(typed.toLowerCase()) || /^(.)\1*$/u.test(typed))
    return tell('This is one of the commonest passwords. Three or four words in a row are a good one.');
  const folded = foldText(typed);
  const words = knownOf([...known, 'Iolite']);
  if (words.has(folded) || words.has(withoutTail(folded)))
    return tell('This is made of a name or an address that others know. Three or four words in a row are better.');
  return [];
};

/** Refuses a password that nobody should choose. */
export const refuseWeak = (
  password: string,
  known: readonly string[],
  path: readonly string[] = ['password'],
): void => {
  const problems = passwordProblems(password, known, path);
  if (problems.length > 0) throw invalid(problems);
};

/** Tries somebody's own password once more, counted as any other try. */
const proveOwn = async (db: Db, person: Person, password: string, source: string): Promise<void> => {
  const trying = { email: person.email, person: person.id, source };
  const id = await beginTry(db, trying);
  const [row] = await db.select({ stored: people.passwordHash }).from(people).where(eq(people.id, person.id));
  if (!row?.stored || !(await verify(row.stored, readable(password))))
    throw invalid([problem('wrong_password', ['password'], 'This is not your password.')]);
  await endTry(db, id, trying);
};

/**
 * Asks somebody for their password again. In the demonstration most have none: of them it is not asked. What signs in by
 * a code or a token has none either, and may not do what asks for it.
 */
export const askPasswordAgain = async (
  db: Db,
  person: Person,
  given: { readonly password: string | undefined; readonly source: string; readonly demonstration: boolean },
): Promise<void> => {
  if (person.kind !== 'person') throw notAllowed('This takes a person’s own password. Sign in as yourself.');
  const [row] = await db.select({ stored: people.passwordHash }).from(people).where(eq(people.id, person.id));
  if (!row?.stored && given.demonstration) return;
  if (!given.password)
    throw invalid([problem('password_again', ['password'], 'Write your password again to send this.')]);
  await proveOwn(db, person, given.password, given.source);
};

/** Gives somebody another password; whoever has none yet needs no old one. */
export const setPassword = async (
  db: Queryable,
  person: Pick<Person, 'id' | 'name' | 'email'>,
  workspace: string,
  password: string,
): Promise<void> => {
  refuseWeak(password, [person.name, person.email, workspace]);
  await db
    .update(people)
    .set({ passwordHash: await hashPassword(password) })
    .where(eq(people.id, person.id));
};

/** Changes one's own password, by the one before; the caller ends the other sessions. */
export const changeOwnPassword = async (
  db: Db,
  person: Person,
  workspace: string,
  given: { readonly before: string; readonly password: string; readonly source: string },
): Promise<void> => {
  const [row] = await db.select({ stored: people.passwordHash }).from(people).where(eq(people.id, person.id));
  if (!row?.stored)
    throw new Refusal(
      'conflict',
      'You have no password yet. Ask for a link by “Forgotten password?” where you sign in.',
    );
  refuseWeak(given.password, [person.name, person.email, workspace]);
  await proveOwn(db, person, given.before, given.source).catch((error: unknown) => {
    if (!(error instanceof Refusal) || error.kind !== 'invalid') throw error;
    throw invalid([problem('wrong_password', ['before'], 'This is not your password.')]);
  });
  await inTransaction(db, (tx) => setPassword(tx, person, workspace, given.password));
};
