import { z } from 'zod';

/** An id: a UUID in small letters (RFC 9562). */
export const uuidSchema = z
  .string()
  .regex(/^[0-9a-f]{8}-[0-9a-f]{4}-[1-8][0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/, 'This must be a UUID.');
/** An instant in UTC with milliseconds (RFC 3339). */
export const momentSchema = z.string();
