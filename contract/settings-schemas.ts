import { z } from 'zod';
import { beginSchema } from './schemas.ts';

const daySchema = z.iso.date('This is no day of the calendar.');

/** How a workspace is called and writes, how it is known outside, and when nobody works. */
export const settingsSchema = beginSchema.pick({ name: true, locale: true, zone: true, currency: true }).extend({
  /** 1 is Monday, 7 is Sunday; null: as the language and country say. */
  week_begins: z.int().min(1).max(7).nullable(),
  /** Where it is reached, such as `https://forms.example.org`; null: nobody said. */
  address: z.string().max(300).nullable(),
  /** Who its mail comes from, as `Name <address>`; null: nobody said. */
  mail_from: z.string().max(320).nullable(),
  holidays: z.array(daySchema).max(2_000, 'At most 2,000 days are kept.'),
  /** The workspace's version that they were looked at in. */
  version: z.int32(),
});
/** How a workspace is called and writes, and when nobody works. */
export type Settings = z.infer<typeof settingsSchema>;

/** Where holidays are read from: a country, or a part of it, for some years; or the text of a file. */
export const holidaySourceSchema = z.union([
  z.strictObject({
    country: z.string().regex(/^[A-Z]{2}$/, 'This is no country.'),
    region: z.string().max(20).optional(),
  }),
  z.strictObject({ text: z.string().max(1_000_000, 'A file of holidays has at most a million characters.') }),
]);
/** Where holidays are read from. */
export type HolidaySource = z.infer<typeof holidaySourceSchema>;

/** Days on which nobody works, in order, each once. */
export const holidaysSchema = z.object({ holidays: z.array(z.string()) });
