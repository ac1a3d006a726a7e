import { and, eq, lt } from 'drizzle-orm';
import { Secret, TOTP } from 'otpauth';
import QRCode from 'qrcode';
import type { z } from 'zod';
import type { recoveryCodesSchema, secondStepSchema } from '#contract/index.ts';
import { problem } from '#core/base/index.ts';
import type { Person } from '../people/person.ts';
import type { Queryable } from '../platform/database.ts';
import { invalid, Refusal } from '../platform/refusal.ts';
import { people, recoveryCodes } from '../platform/schema.ts';
import { foldCode, hashOf, newCode } from '../platform/secrets.ts';

/*
 * The second step: codes that follow from a secret and the time (RFC 6238, with what apps expect: SHA-1, six digits, 30
 * seconds), and codes for the day on which the device is lost.
 */

const PERIOD_S = 30;
/** A clock may go wrong by one code, before or behind. */
const WINDOW = 1;
const SECRET_BYTES = 20;
const RECOVERY_CODES = 8;

const totpOf = (secret: string, issuer = 'Iolite', label = ''): TOTP =>
  new TOTP({ issuer, label, secret: Secret.fromBase32(secret), algorithm: 'SHA1', digits: 6, period: PERIOD_S });

/** The time step a code belongs to, if it is one of those that are good at a moment; null where it is not. */
export const stepOfCode = (secret: string, code: string, at: number): number | null => {
  const token = code.replace(/\s/g, '');
  if (!/^\d{6}$/.test(token)) return null;
  const delta = totpOf(secret).validate({ token, window: WINDOW, timestamp: at });
  return delta === null ? null : Math.floor(at / 1000 / PERIOD_S) + delta;
};

/** Uses a code up: each is good once, also of two that come at the same moment. */
const takeCode = async (db: Queryable, person: string, secret: string, code: string): Promise<boolean> => {
  const step = stepOfCode(secret, code, Date.now());
  if (step === null) return false;
  const used = await db
    .update(people)
    .set({ secondStepUsed: step })
    .where(and(eq(people.id, person), lt(people.secondStepUsed, step)))
    .returning({ id: people.id });
  return used.length > 0;
};

const takeRecoveryCode = async (db: Queryable, person: string, code: string): Promise<boolean> => {
  const used = await db
    .delete(recoveryCodes)
    .where(and(eq(recoveryCodes.personId, person), eq(recoveryCodes.codeHash, hashOf(foldCode(code)))))
    .returning({ id: recoveryCodes.personId });
  return used.length > 0;
};

/** Whether a code is that of somebody's device now, or one of their recovery codes; either is used up by it. */
export const provesSecondStep = async (
  db: Queryable,
  { id, secondStep }: { readonly id: string; readonly secondStep: string | null },
  code: string,
): Promise<boolean> =>
  secondStep !== null && ((await takeCode(db, id, secondStep, code)) || (await takeRecoveryCode(db, id, code)));

/** Begins a second step: what the device is shown. Nothing changes for signing in until a code of it came back. */
export const beginSecondStep = async (
  db: Queryable,
  person: Person,
  workspace: string,
): Promise<z.output<typeof secondStepSchema>> => {
  const secret = new Secret({ size: SECRET_BYTES }).base32;
  await db.update(people).set({ secondStepBegun: secret }).where(eq(people.id, person.id));
  const uri = totpOf(secret, workspace.replaceAll(':', ' '), person.email).toString();
  return { secret, uri, picture: await QRCode.toString(uri, { type: 'svg', margin: 2 }) };
};

/** Switches the second step on, by a code of the device; gives the recovery codes, which are never shown again. */
export const proveSecondStep = async (
  db: Queryable,
  person: Person,
  code: string,
): Promise<z.output<typeof recoveryCodesSchema>> => {
  const [row] = await db.select({ begun: people.secondStepBegun }).from(people).where(eq(people.id, person.id));
  if (!row?.begun) throw new Refusal('conflict', 'Begin to set the second step up first.');
  if (!(await takeCode(db, person.id, row.begun, code)))
    throw invalid([problem('wrong_code', ['code'], 'This code is not right. Write the one that is shown now.')]);
  await db.update(people).set({ secondStep: row.begun, secondStepBegun: null }).where(eq(people.id, person.id));
  return { codes: await giveRecoveryCodes(db, person.id) };
};

const giveRecoveryCodes = async (db: Queryable, person: string): Promise<string[]> => {
  // 125 bits each: no slower hash is needed for what nobody can guess (ASVS 4.0.3, 2.6.2).
  const codes = Array.from({ length: RECOVERY_CODES }, () => newCode(5, 5));
  await db.delete(recoveryCodes).where(eq(recoveryCodes.personId, person));
  await db.insert(recoveryCodes).values(codes.map((code) => ({ personId: person, codeHash: hashOf(foldCode(code)) })));
  return codes;
};

/** Switches somebody's second step off. */
export const dropSecondStep = async (db: Queryable, person: string): Promise<void> => {
  await db
    .update(people)
    .set({ secondStep: null, secondStepBegun: null, secondStepUsed: 0 })
    .where(eq(people.id, person));
  await db.delete(recoveryCodes).where(eq(recoveryCodes.personId, person));
};
