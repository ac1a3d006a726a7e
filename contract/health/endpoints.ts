import { z } from 'zod';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';

/** The calls of whoever watches the server. */
export const healthEndpoints = {
  health: endpoint(paths.health, 'Whether the server and its database answer', {
    answer: z.object({ status: z.string(), version: z.string(), database: z.string() }),
    open: true,
  }),
  healthLive: endpoint(paths.healthLive, 'Whether the server runs, also while it waits for its database', {
    answer: z.object({ status: z.string() }),
    open: true,
  }),
  healthReady: endpoint(paths.healthReady, 'Whether the server takes requests: not while it starts or stops', {
    answer: z.object({ status: z.string() }),
    open: true,
  }),
};
