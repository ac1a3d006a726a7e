import { asc } from 'drizzle-orm';
import type { Me } from '#contract/index.ts';
import { SET_UP_RIGHTS } from '#core/access/index.ts';
import { beginWorkspace, isToBegin } from '../../access/begin.ts';
import { signIn, signOut } from '../../access/session.ts';
import { sourceOf } from '../../access/tries.ts';
import type { Definitions } from '../../definitions/store.ts';
import type { Person } from '../../people/person.ts';
import { setsUp } from '../../people/roles.ts';
import { people } from '../../platform/schema.ts';
import { type Handlers, type SignedContext, signedIn } from '../context.ts';
import { dropToken, keepToken, readToken } from '../cookie.ts';

/** A person as they are told of themselves, or as whoever looks as them is. */
export const toMe = (person: Person, definitions: Definitions, looker: SignedContext['looker'] = null): Me => ({
  ...person,
  roles: [...person.roles],
  sets_up: SET_UP_RIGHTS.filter((right) => setsUp(definitions, person, right)),
  looked_as_by: looker?.name ?? null,
});

/** Signing in and out, and beginning. */
export const sessionHandlers: Handlers<'sessionInfo' | 'begin' | 'signIn' | 'signOut' | 'me'> = {
  begin: async ({ db, reader }, { body, request, response }) => {
    await beginWorkspace(db, reader, body);
    const { email, password } = body.person;
    const session = await signIn(db, { email, password, source: sourceOf(request.ip) }, false);
    keepToken(request, response, session);
    return toMe(session.person, await reader.read(db));
  },
  sessionInfo: async ({ db, reader, demonstration, signed }) => {
    const definitions = await reader.read(db);
    const shown = demonstration ? await db.select().from(people).orderBy(asc(people.position)) : [];
    return {
      workspace: definitions.name,
      demonstration,
      people: shown.map(({ name, email, roles }) => ({
        name,
        email,
        role: roles.map((key) => definitions.roles.get(key)?.label ?? key).join(', '),
      })),
      me: signed ? toMe(signed.person, signed.definitions, signed.looker) : null,
      to_begin: signed ? false : await isToBegin(db),
    };
  },
  signIn: async ({ db, reader, demonstration }, { body, request, response }) => {
    const given = { email: body.person, password: body.password, source: sourceOf(request.ip) };
    const session = await signIn(db, given, demonstration);
    // Whoever sat here before is signed out.
    await signOut(db, readToken(request));
    keepToken(request, response, session);
    return toMe(session.person, await reader.read(db));
  },
  signOut: async ({ db }, { request, response }) => {
    await signOut(db, readToken(request));
    dropToken(request, response);
    return null;
  },
  me: async (context) => {
    const { person, definitions, looker } = signedIn(context);
    return toMe(person, definitions, looker);
  },
};
