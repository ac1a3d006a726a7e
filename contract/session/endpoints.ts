import { z } from 'zod';
import { codeSchema } from '../account/schemas.ts';
import { uuidSchema } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';
import { beginSchema, meSchema, sessionInfoSchema } from './schemas.ts';

/** The calls of being signed in. */
export const sessionEndpoints = {
  sessionInfo: endpoint(paths.sessionInfo, 'Who is signed in, and in the demonstration who may be', {
    answer: sessionInfoSchema,
    open: true,
  }),
  begin: endpoint(
    paths.begin,
    'Begin a workspace that has nobody yet: its name, and its first person, who is signed in',
    { body: beginSchema, answer: meSchema, open: true },
  ),
  signIn: endpoint(paths.signIn, 'Sign in; in the demonstration without a password', {
    body: z.strictObject({
      person: z.string().max(320),
      password: z.string().max(1000).optional(),
      /** Of the second step, where there is one. */
      code: z.string().max(60).optional(),
    }),
    answer: meSchema,
    open: true,
  }),
  signOut: endpoint(paths.signOut, 'Sign out', { open: true }),
  signInDevice: endpoint(paths.signInDevice, 'Sign a shared device in by a group’s code', {
    body: codeSchema,
    answer: meSchema,
    open: true,
  }),
  me: endpoint(paths.me, 'The person signed in', { answer: meSchema }),
  lookAs: endpoint(paths.lookAs, 'Look at everything as another person would; nothing can be written meanwhile', {
    body: z.strictObject({ person: uuidSchema }),
    answer: meSchema,
    setup: 'people',
    by: 'people',
  }),
  lookAsOneself: endpoint(paths.lookAsOneself, 'Look as oneself again', { answer: meSchema, by: 'people' }),
};
