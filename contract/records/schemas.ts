import { z } from 'zod';
import { choiceListSchema, RECORD_ACTIONS, registerSchema } from '#core/register/index.ts';
import { keySchema } from '#core/values/index.ts';
import {
  fileSchema,
  givenValuesSchema,
  linkedSchema,
  momentSchema,
  recordValuesSchema,
  uuidSchema,
} from '../basics.ts';
import { besideSignOffSchema, stageSchema, trackSchema } from '../sign-off/schemas.ts';

/** A record as lists show it: its values, and what these point to. */
export const recordSchema = z.object({
  id: uuidSchema,
  number: z.string(),
  version: z.int32(),
  title: z.string(),
  values: recordValuesSchema,
  /** By link field: what it points to, as far as this person may see it. */
  links: z.record(z.string(), linkedSchema),
  /** By id: what lists of links and links in rows point to, as far as this person may see it. */
  linked: z.record(z.string(), linkedSchema),
  /** By id: the files its fields hold. */
  files: z.record(z.string(), fileSchema),
  stage: stageSchema.nullable(),
  /** It was changed since somebody signed it whose signature stands. */
  changed_since_signed: z.boolean(),
  /** Which of the rules that a list marks by is true of it, from 0; null: none. */
  mark: z.int().nullable().default(null),
});
/** A record as lists show it. */
export type RecordAnswer = z.infer<typeof recordSchema>;

/** A record with all its page needs. */
export const recordDetailSchema = recordSchema.extend({
  register: keySchema,
  /** The register's definition and its lists: whoever takes part in a sign-off may see the record but not the register. */
  definition: registerSchema,
  choice_lists: z.array(choiceListSchema),
  created_at: momentSchema,
  created_by: z.string(),
  archived_at: momentSchema.nullable(),
  updated_at: momentSchema,
  may_change: z.boolean(),
  /** Fields that this person may not change here, by key, each with why not in words. */
  locked: z.record(z.string(), z.string()),
  may_archive: z.boolean(),
  sign_off: trackSchema.nullable(),
  beside_sign_off: z.array(besideSignOffSchema),
});
/** A record with all its page needs. */
export type RecordDetail = z.infer<typeof recordDetailSchema>;

/** What points to a record: one group per link that leads to its register. */
export const linkedGroupsSchema = z.object({
  groups: z.array(
    z.object({
      key: z.string(),
      label: z.string(),
      /** The register whose records these are; for rows the one they stand in. */
      register: keySchema,
      /** The field by which they point here: a form opened with it carries the link along. Null for rows. */
      field: z.string().nullable(),
      count: z.int(),
      records: z.array(recordSchema),
      /** What all of them come to, in words, by the column it stands under. */
      totals: z.record(z.string(), z.string()),
    }),
  ),
});
/** What points to a record. */
export type LinkedGroups = z.infer<typeof linkedGroupsSchema>;

/** A record to be added, under an id of its sender’s making. */
export const newRecordSchema = z.strictObject({ id: uuidSchema, values: givenValuesSchema });

/** Records to be added in one transaction. */
export const importSchema = z.strictObject({
  records: z.array(newRecordSchema).min(1).max(500),
  /** Old records: they go round nowhere, and hold what a sign-off would give. */
  as_they_stand: z.boolean().default(false),
});

/** What each field was when the person saw it, and what it shall be. */
export const changeSchema = z.strictObject({
  from: givenValuesSchema,
  changes: givenValuesSchema,
  /** That the record leaves one's sight with this was said. */
  leaves: z.boolean().optional(),
  /** Why somebody who sets up gives by hand what a sign-off gives. */
  reason: z.string().trim().min(1, 'Say why.').max(500).optional(),
});

/** What was done to a record, the newest first. */
export const historySchema = z.object({
  events: z.array(
    z.object({
      id: z.string(),
      at: momentSchema,
      by: z.string(),
      action: z.enum(RECORD_ACTIONS),
      /** The form it came through, if any. */
      form: z.object({ key: z.string(), label: z.string(), version: z.int32() }).nullable(),
      comment: z.string().nullable(),
      changes: z.array(z.object({ field: z.string(), from: z.string(), to: z.string() })),
    }),
  ),
});
/** What was done to a record. */
export type HistoryAnswer = z.infer<typeof historySchema>;
