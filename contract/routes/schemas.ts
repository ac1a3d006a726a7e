import { z } from 'zod';
import { routeSchema } from '#core/signoff/index.ts';
import { keySchema } from '#core/values/index.ts';
import { momentSchema, uuidSchema } from '../basics.ts';
import { foreseenSchema, personSchema } from '../sign-off/schemas.ts';

/* What crosses the wire about sign-off: routes, in-trays, decisions, tracks, who signs. */

/** A route as it is published, and how much is on its way by older versions of it. */
export const routeSummarySchema = z.object({ route: routeSchema, version: z.int32() });
/** A route as it is published. */
export type RouteSummary = z.infer<typeof routeSummarySchema>;

/** A route as somebody is making it: how often it was kept, and the version it would become. */
export const routeDraftSchema = z.object({ route: routeSchema, revision: z.int(), version: z.int32() });
/** A route as somebody is making it. */
export type RouteDraftAnswer = z.infer<typeof routeDraftSchema>;

/** What is in force of routes, and being made. */
export const routesSchema = z.object({
  routes: z.array(
    z.object({
      key: keySchema,
      label: z.string(),
      register: keySchema,
      /** Null: it is not in force. */
      version: z.int32().nullable(),
      draft: z.boolean(),
      /** How many records are on their way by it, at any version. */
      running: z.int(),
      /** How many of these by older versions than the one in force. */
      older: z.int(),
    }),
  ),
  /** Those who could sign: a step may name one of them. */
  people: z.array(z.object({ id: uuidSchema, name: z.string() })),
});
/** What is in force of routes, and being made. */
export type RoutesAnswer = z.infer<typeof routesSchema>;

/** Every version a route has had, the newest first. */
export const routeVersionsSchema = z.object({
  versions: z.array(
    z.object({
      version: z.int32(),
      status: z.enum(['published', 'retired']),
      at: momentSchema,
      by: z.string().nullable(),
      route: routeSchema,
      /** Why nothing could go by it now, if so. */
      problems: z.array(z.string()),
      /** How many records are on their way by it. */
      running: z.int(),
    }),
  ),
});

/** What is on its way by older versions of a route, and where each would stand on the newest. */
export const routeMovesSchema = z.object({
  moves: z.array(
    z.object({
      record: uuidSchema,
      number: z.string(),
      title: z.string(),
      version: z.int32(),
      /** The steps it waits at, and those it would wait at; empty: it would be approved. */
      waits_at: z.string(),
      would_wait_at: z.string(),
      /** Why it cannot be moved; null: it can. */
      problem: z.string().nullable(),
    }),
  ),
});
/** What is on its way by older versions of a route. */
export type RouteMoves = z.infer<typeof routeMovesSchema>;

/** What a record that is made up holds at a path its route reads. */
export const madeUpValueSchema = z.union([z.string().max(1_000), z.boolean(), z.null()]);

/** The table of who signs. */
export const whoSignsSchema = z.object({
  heads: z.array(z.string()),
  labels: z.array(z.string()),
  rows: z.array(z.object({ says: z.array(z.string()), count: z.int(), steps: z.array(foreseenSchema) })),
  missing: z.array(
    z.object({
      kind: z.enum(['always', 'away', 'sent_by', 'both', 'signed']),
      person: personSchema.nullable(),
      rows: z.array(z.int()),
      says: z.string(),
      is_stuck: z.boolean(),
      steps: z.array(foreseenSchema),
      mends: z.array(
        z.discriminatedUnion('kind', [
          z.object({ kind: z.literal('name_stand_in'), person: uuidSchema }),
          z.object({ kind: z.literal('ask_any_one'), step: z.int() }),
          z.object({ kind: z.literal('give_role'), role: keySchema }),
          z.object({ kind: z.literal('choose_last_resort') }),
        ]),
      ),
    }),
  ),
  besides: z.array(z.string()),
  /** Of how many records the counts are. */
  of: z.int(),
  /** One record walking the route. */
  walk: z
    .object({
      number: z.string(),
      title: z.string(),
      sender: z.string(),
      amount: z.string(),
      takes: z.boolean(),
      /** What the route reads of it, by path, as far as that can be written: a record can be made up from there. */
      values: z.record(z.string(), madeUpValueSchema),
      steps: z.array(foreseenSchema.extend({ due: momentSchema.nullable() })),
    })
    .nullable(),
  /** How long each step took those who signed it: the middle, and 9 times in 10, in hours. */
  durations: z.array(
    z.object({ step: z.string(), person: z.string().nullable(), middle: z.number(), most: z.number(), count: z.int() }),
  ),
});
/** The table of who signs. */
export type WhoSignsAnswer = z.infer<typeof whoSignsSchema>;

/** What a route does to records that are there. */
export const routeTrialSchema = z.object({
  records: z.int(),
  /** How many it takes, and how many would be signed by somebody. */
  taken: z.int(),
  signed: z.int(),
  /** Signatures it would ask for, and those that were asked for. */
  signatures: z.int(),
  before: z.int(),
  /** How many records would go otherwise than they did. */
  differ: z.int(),
  paths: z.array(z.object({ says: z.string(), count: z.int() })),
  sample: z.array(
    z.object({ record: uuidSchema, number: z.string(), title: z.string(), would: z.string(), was: z.string() }),
  ),
});
/** What a route does to records that are there. */
export type RouteTrial = z.infer<typeof routeTrialSchema>;
