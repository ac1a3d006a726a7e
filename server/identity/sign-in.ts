import { verify } from '@node-rs/argon2';
import { and, eq } from 'drizzle-orm';
import { problem } from '#core/base/index.ts';
import { toPerson } from '../people/names.ts';
import type { Db } from '../platform/database.ts';
import { notAllowed, Refusal } from '../platform/refusal.ts';
import { people } from '../platform/schema.ts';
import { hashPassword, readable } from './passwords.ts';
import { provesSecondStep } from './second-step.ts';
import { beginSession, type Session } from './session.ts';
import { beginTry, endTry, forgetTry, type Trying } from './tries.ts';

const wrongPassword = (): Refusal => new Refusal('sign_in', 'The e-mail address or the password is not right.');

/** What is asked for besides the password, or was not right. */
const secondStepRefusal = (code: 'second_step' | 'second_step_wrong'): Refusal => {
  const detail =
    code === 'second_step'
      ? 'Write the code that your device shows now.'
      : 'This code is not right, or was used already. Wait for the next one.';
  return new Refusal('sign_in', detail, [problem(code, ['code'], detail)]);
};

/** What somebody signs in with. */
export interface SigningIn {
  readonly email: string;
  readonly password: string | undefined;
  /** Of their second step. */
  readonly code: string | undefined;
  readonly source: string;
  /** What the browser says it is. */
  readonly device: string;
}

type PersonRow = typeof people.$inferSelect;

/** An unknown address costs as much time as a known one, so that it cannot be told apart. */
const isRight = async (password: string, stored: string | null): Promise<boolean> =>
  stored ? await verify(stored, readable(password)) : (await hashPassword(password)) === '';

/** Tries a password, and the code of a second step where there is one. Every try is counted before it is looked at. */
const checkPassword = async (db: Db, trying: Trying, given: SigningIn, row: PersonRow | undefined): Promise<void> => {
  const id = await beginTry(db, trying);
  if (!(await isRight(given.password ?? '', row?.passwordHash ?? null)) || !row) throw wrongPassword();
  if (row.secondStep !== null) {
    if (!given.code) {
      await forgetTry(db, id);
      throw secondStepRefusal('second_step');
    }
    if (!(await provesSecondStep(db, row, given.code))) throw secondStepRefusal('second_step_wrong');
  }
  await endTry(db, id, { ...trying, person: row.id });
  if (row.switchedOffAt)
    throw notAllowed('Your account is switched off. Whoever sets up people can switch it on again.');
};

/** Signs in; in the demonstration the e-mail address alone is enough. */
export const signIn = async (db: Db, given: SigningIn, demonstration: boolean): Promise<Session> => {
  const address = given.email.trim().toLowerCase();
  const [row] = await db
    .select()
    .from(people)
    .where(and(eq(people.email, address), eq(people.kind, 'person')));
  if (!demonstration || given.password !== undefined)
    await checkPassword(db, { email: address, person: row?.id ?? null, source: given.source }, given, row);
  if (!row || row.joinedAt === null || row.switchedOffAt !== null) throw wrongPassword();
  return beginSession(db, toPerson(row), given.device);
};
