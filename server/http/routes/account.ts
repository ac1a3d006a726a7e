import type { Request, Response } from 'express';
import { sayDevice } from '../../identity/devices.ts';
import { acceptInvitation, describeLink } from '../../identity/invitations.ts';
import {
  beginOwnSecondStep,
  changeOwnDetails,
  changePassword,
  dropOwnSecondStep,
  forgotPassword,
  proveOwnSecondStep,
  readOwnDetails,
  resetPassword,
} from '../../identity/own-account.ts';
import { confirmRegistration, readRegistrationForm, register } from '../../identity/registration.ts';
import { peekLink } from '../../identity/secret-links.ts';
import {
  beginSession,
  endOwnSession,
  endSessionsOf,
  readSessionsOf,
  renewSession,
  signOut,
} from '../../identity/session.ts';
import { sourceOf } from '../../identity/tries.ts';
import { type Context, type Handlers, sessionIn, signedIn } from '../context.ts';
import { deviceOf, dropToken, keepToken, readToken } from '../cookie.ts';
import { toMe } from './session.ts';

/** What one signs in with was changed: the session goes on with another token, and the one before is worth nothing. */
const renew = async (context: Context, request: Request, response: Response): Promise<void> => {
  const session = await renewSession(context.db, sessionIn(context), true);
  if (session) keepToken(request, response, session);
};

/** One's own account, and the links that lead to one. */
export const accountHandlers: Handlers<
  | 'ownSessions'
  | 'endOwnSessions'
  | 'endOwnSession'
  | 'forgotPassword'
  | 'resetPassword'
  | 'changePassword'
  | 'ownDetails'
  | 'changeOwnDetails'
  | 'beginSecondStep'
  | 'proveSecondStep'
  | 'dropSecondStep'
  | 'openLink'
  | 'acceptInvitation'
  | 'registrationForm'
  | 'register'
> = {
  ownSessions: async (context) => {
    const { person, session } = signedIn(context);
    const rows = await readSessionsOf(context.db, person.id);
    return {
      sessions: rows.map(({ id, device, begunAt, seenAt }) => ({
        id,
        device: sayDevice(device),
        begun_at: begunAt.toISOString(),
        seen_at: seenAt.toISOString(),
        own: id === session,
      })),
    };
  },
  endOwnSessions: async (context, { request, response }) => {
    await endSessionsOf(context.db, signedIn(context).person.id);
    dropToken(request, response);
    return null;
  },
  endOwnSession: async (context, { params }) => {
    await endOwnSession(context.db, signedIn(context).person.id, params.id);
    return null;
  },
  forgotPassword: async ({ db, reader }, { body, request }) => {
    const { name } = await reader.read(db);
    await forgotPassword(db, name, { email: body.email, source: sourceOf(request.ip) });
    return null;
  },
  resetPassword: async ({ db, reader }, { body }) => {
    const { name } = await reader.read(db);
    await resetPassword(db, name, body.secret, body.password);
    return null;
  },
  changePassword: async (context, { body, request, response }) => {
    const { person, definitions } = signedIn(context);
    const given = { ...body, source: sourceOf(request.ip), session: sessionIn(context) };
    await changePassword(context.db, person, definitions.name, given);
    await renew(context, request, response);
    return null;
  },
  ownDetails: (context) => readOwnDetails(context.db, signedIn(context).person.id),
  changeOwnDetails: (context, { body }) => {
    const { person, definitions } = signedIn(context);
    return changeOwnDetails(context.db, definitions, person.id, body);
  },
  beginSecondStep: (context, { body: { password = '', code = '' }, request }) => {
    const { person, definitions } = signedIn(context);
    const proof = { password, code, source: sourceOf(request.ip), demonstration: context.demonstration };
    return beginOwnSecondStep(context.db, person, definitions.name, proof);
  },
  proveSecondStep: async (context, { body, request, response }) => {
    const { person, definitions } = signedIn(context);
    const given = { code: body.code, session: sessionIn(context) };
    const codes = await proveOwnSecondStep(context.db, person, definitions.name, given);
    await renew(context, request, response);
    return codes;
  },
  dropSecondStep: async (context, { body, request, response }) => {
    const { person, definitions } = signedIn(context);
    const { demonstration } = context;
    const given = { ...body, source: sourceOf(request.ip), demonstration, session: sessionIn(context) };
    await dropOwnSecondStep(context.db, person, definitions.name, given);
    await renew(context, request, response);
    return null;
  },
  openLink: (context, { body }) => describeLink(context, body.secret),
  acceptInvitation: async (context, { params, body, request, response }) => {
    const { db, reader } = context;
    const { kind } = await peekLink(db, params.secret);
    const person =
      kind === 'registration'
        ? await confirmRegistration(context, params.secret, body.password)
        : await acceptInvitation(context, params.secret, body.password);
    const session = await beginSession(db, person, deviceOf(request));
    // Whoever sat here before is signed out.
    await signOut(db, readToken(request));
    keepToken(request, response, session);
    return toMe({ person, definitions: await reader.read(db) });
  },
  registrationForm: (context, { params }) => readRegistrationForm(context, params.key),
  register: async (context, { params, body, request }) => {
    await register(context, params.key, body, sourceOf(request.ip));
    return null;
  },
};
