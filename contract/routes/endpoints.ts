import { z } from 'zod';
import { routeSchema } from '#core/signoff/index.ts';
import { anywaySchema, keyParams, uuidSchema } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { jobSchema } from '../jobs/schemas.ts';
import { paths } from '../paths.ts';
import {
  madeUpValueSchema,
  routeDraftSchema,
  routeMovesSchema,
  routeSummarySchema,
  routesSchema,
  routeVersionsSchema,
  whoSignsSchema,
} from './schemas.ts';

/** The calls of routes as they are made. */
export const routesEndpoints = {
  routes: endpoint(paths.routes, 'The routes in force, and those somebody is making', {
    answer: routesSchema,
    setup: 'forms',
  }),
  routeDraft: endpoint(paths.routeDraft, 'A route as somebody is making it', {
    params: keyParams,
    answer: routeDraftSchema,
    setup: 'forms',
  }),
  keepRoute: endpoint(paths.keepRoute, 'Keep a draft of a route', {
    params: keyParams,
    body: routeSchema,
    answer: routeDraftSchema,
    setup: 'forms',
  }),
  dropRouteDraft: endpoint(paths.dropRouteDraft, 'Throw the draft of a route away', {
    params: keyParams,
    setup: 'forms',
  }),
  publishRoute: endpoint(paths.publishRoute, 'Publish the draft of a route', {
    params: keyParams,
    query: anywaySchema,
    answer: routeSummarySchema,
    setup: 'forms',
  }),
  withdrawRoute: endpoint(paths.withdrawRoute, 'Take a route out of force; what is on its way goes on', {
    params: keyParams,
    setup: 'forms',
  }),
  routeVersions: endpoint(paths.routeVersions, 'Every version a route has had', {
    params: keyParams,
    answer: routeVersionsSchema,
    setup: 'forms',
  }),
  routeMoves: endpoint(
    paths.routeMoves,
    'What is on its way by older versions, and where it would stand on the newest',
    { params: keyParams, answer: routeMovesSchema, setup: 'forms' },
  ),
  moveRoute: endpoint(paths.moveRoute, 'Move what is on its way by older versions onto the newest', {
    params: keyParams,
    answer: routeMovesSchema,
    setup: 'forms',
  }),
  whoSigns: endpoint(paths.whoSigns, 'Who signs in each band of values, and one record walking the route', {
    params: keyParams,
    body: z.strictObject({
      /** The route as it is being made; else its draft, or the one in force. */
      route: routeSchema.optional(),
      record: uuidSchema.optional(),
      /** A record that is made up instead: what it holds at each path the route reads. */
      made_up: z.record(z.string().max(250), madeUpValueSchema).optional(),
      sender: uuidSchema.optional(),
      /** People as they are on that day. */
      day: z.iso.date().optional(),
    }),
    answer: whoSignsSchema,
    setup: 'forms',
  }),
  routeTrial: endpoint(paths.routeTrial, 'Begin to try a route on the records that are there', {
    params: keyParams,
    body: z.strictObject({ route: routeSchema.optional(), all: z.boolean().default(false) }),
    answer: jobSchema,
    status: 202,
    setup: 'forms',
  }),
  putRoute: endpoint(paths.putRoute, 'Publish a new version of a register’s route', {
    params: keyParams,
    query: anywaySchema,
    body: routeSchema,
    answer: routeSummarySchema,
    setup: 'forms',
  }),
};
