import { z } from 'zod';
import { momentSchema, nameSchema, uuidSchema } from '../basics.ts';

const passwordSchema = z.string().max(1000);

/** What a link in a message is for, for the page it opens. */
export const linkAnswerSchema = z.object({
  kind: z.enum(['invitation', 'password', 'registration']),
  workspace: z.string(),
  name: z.string(),
  email: z.string(),
});

/** What somebody chooses who follows a link. */
export const choosePasswordSchema = z.strictObject({ password: passwordSchema });

/** A password that takes the place of a forgotten one. */
export const resetSchema = z.strictObject({ secret: z.string().max(200), password: passwordSchema });

/** One's own account. */
export const ownDetailsSchema = z.object({
  name: z.string(),
  email: z.string(),
  telephone: z.string(),
  told_of_signing: z.enum(['at_once', 'daily']),
  has_password: z.boolean(),
  second_step: z.boolean(),
  /** How many recovery codes are left. */
  recovery_codes: z.int(),
});
/** One's own account. */
export type OwnDetails = z.infer<typeof ownDetailsSchema>;

/** What one changes of one's own account. */
export const ownChangeSchema = z.strictObject({
  name: nameSchema.optional(),
  telephone: z.string().max(40, 'A telephone number has at most 40 characters.').optional(),
  told_of_signing: z.enum(['at_once', 'daily']).optional(),
});

/** Another password, and the one before. */
export const passwordChangeSchema = z.strictObject({ before: passwordSchema, password: passwordSchema });

/** What a device is shown to make codes from. */
export const secondStepSchema = z.object({ secret: z.string(), uri: z.string(), picture: z.string() });

/** The code a device shows. */
export const codeSchema = z.strictObject({ code: z.string().max(60) });

/** One's own password again, and a code of the second step as it is now, or a recovery code. */
export const provedSchema = z.strictObject({ password: passwordSchema.default(''), code: z.string().max(60) });

/** The same, where a second step stands already. */
export const beginSecondStepSchema = provedSchema.partial();

/** Codes for the day on which the device is lost: shown this once. */
export const recoveryCodesSchema = z.object({ codes: z.array(z.string()) });

/** Where one is signed in. */
export const sessionsSchema = z.object({
  sessions: z.array(
    z.object({
      id: uuidSchema,
      device: z.string(),
      begun_at: momentSchema,
      seen_at: momentSchema,
      /** The one that asks. */
      own: z.boolean(),
    }),
  ),
});
