import { asc } from 'drizzle-orm';
import type { Request } from 'express';
import type { Me } from '#contract/index.ts';
import { SET_UP_RIGHTS } from '#core/access/index.ts';
import { isAnyGroup, signInDevice } from '../../identity/groups.ts';
import { openRegistrations } from '../../identity/registration.ts';
import { signOut } from '../../identity/session.ts';
import { signIn } from '../../identity/sign-in.ts';
import { sourceOf } from '../../identity/tries.ts';
import { setsUp } from '../../people/roles.ts';
import { isActive } from '../../platform/active.ts';
import { people } from '../../platform/schema.ts';
import { beginWorkspace, isToBegin } from '../../workspace/begin.ts';
import { readCountries } from '../../workspace/countries.ts';
import { applyStarter, readStarters } from '../../workspace/starters.ts';
import { type Handlers, type SignedContext, signedIn } from '../context.ts';
import { deviceOf, dropToken, keepToken, readToken } from '../cookie.ts';

/** A person as they are told of themselves, or as whoever looks as them is. */
export const toMe = ({
  person: { forms: _, ...person },
  definitions,
  looker = null,
  secondStepDue = false,
}: Pick<SignedContext, 'person' | 'definitions'> & Partial<SignedContext>): Me => ({
  ...person,
  roles: [...person.roles],
  sets_up: SET_UP_RIGHTS.filter((right) => setsUp(definitions, { ...person, forms: null }, right)),
  second_step_due: secondStepDue,
  looked_as_by: looker?.name ?? null,
});

const from = (request: Request) => ({ source: sourceOf(request.ip), device: deviceOf(request) });

/** Signing in and out, and beginning. */
export const sessionHandlers: Handlers<
  'sessionInfo' | 'begin' | 'countries' | 'starters' | 'useStarter' | 'signIn' | 'signInDevice' | 'signOut' | 'me'
> = {
  begin: async ({ db, reader }, { body, request, response }) => {
    await beginWorkspace(db, reader, body, sourceOf(request.ip));
    const { email, password } = body.person;
    const session = await signIn(db, { email, password, code: undefined, ...from(request) }, false);
    keepToken(request, response, session);
    return toMe({ person: session.person, definitions: await reader.read(db) });
  },
  countries: async () => ({ countries: [...(await readCountries())] }),
  starters: () => readStarters(),
  useStarter: async (context, { params }) => {
    await applyStarter(context, params.key);
    return null;
  },
  sessionInfo: async ({ db, reader, demonstration, signed }) => {
    const definitions = await reader.read(db);
    const shown = demonstration ? await db.select().from(people).where(isActive).orderBy(asc(people.position)) : [];
    return {
      workspace: definitions.name,
      demonstration,
      people: shown.map(({ name, email, roles }) => ({
        name,
        email,
        role: roles.map((key) => definitions.roles.get(key)?.label ?? key).join(', '),
      })),
      me: signed ? toMe(signed) : null,
      to_begin: signed ? false : await isToBegin(db),
      registrations: openRegistrations(definitions),
      devices: await isAnyGroup(db),
    };
  },
  signIn: async ({ db, reader, demonstration }, { body, request, response }) => {
    const given = { email: body.person, password: body.password, code: body.code, ...from(request) };
    const session = await signIn(db, given, demonstration);
    // Whoever sat here before is signed out.
    await signOut(db, readToken(request));
    keepToken(request, response, session);
    return toMe({ person: session.person, definitions: await reader.read(db) });
  },
  signInDevice: async ({ db, reader }, { body, request, response }) => {
    const definitions = await reader.read(db);
    const session = await signInDevice(db, definitions, { code: body.code, ...from(request) });
    await signOut(db, readToken(request));
    keepToken(request, response, session);
    return toMe({ person: session.person, definitions });
  },
  signOut: async ({ db }, { request, response }) => {
    await signOut(db, readToken(request));
    dropToken(request, response);
    return null;
  },
  me: async (context) => toMe(signedIn(context)),
};
