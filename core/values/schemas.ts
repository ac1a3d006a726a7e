import { z } from 'zod';
import { cleanLine, countCharacters, findDecimal } from '../base/index.ts';

/* The pieces that definitions are written with: keys, labels, formulas. */

export const keySchema = z
  .string()
  .regex(/^[a-z][a-z0-9_]{0,47}$/, 'A key has small letters, digits and _, and begins with a letter.');

/** What a definition is known by for good, whatever it is called: given when it is made, and never changed. */
export const idSchema = z.guid().optional();

/** A label as people read it: 1 to 80 characters of any script, cleaned of what cannot be seen. */
export const labelSchema = z
  .string()
  .transform(cleanLine)
  .pipe(
    z
      .string()
      .min(1, 'A label cannot be empty or only spaces.')
      .refine((label) => countCharacters(label) <= 80, 'A label can have at most 80 characters.'),
  );

/** A key of something that is looked up when the definition is checked. */
export const keyOfSchema = z.string().max(48);
export const formulaSchema = z.string().min(1, 'There must be a formula.').max(10_000);

const limit = z.string().refine((text) => findDecimal(text) !== null, 'A limit is a plain number such as 0 or 12.5.');
export const limitsSchemas = { least: limit.optional(), most: limit.optional() };
