import { asc } from 'drizzle-orm';
import type { Me } from '#contract/index.ts';
import type { Db } from '../../platform/database.ts';
import { people, workspace } from '../../platform/schema.ts';
import { type Definitions, isSetup } from '../../definitions/store.ts';
import type { Handlers } from '../app.ts';
import { signedIn } from '../context.ts';
import { readFacts } from '../../access/facts.ts';
import { type Person, signIn, signOut } from '../../access/session.ts';

const toMe = async (db: Db, person: Person, found: Definitions): Promise<Me> => ({
  id: person.id,
  name: person.name,
  email: person.email,
  roles: [...person.roles],
  setup: isSetup(found, person),
  record: (await readFacts(db, found, person)).record,
});

export const sessionHandlers: Handlers<'sessionInfo' | 'signIn' | 'signOut' | 'me'> = {
  sessionInfo: async ({ db, reader, demonstration, signed }) => {
    const [head] = await db.select({ name: workspace.name, version: workspace.version }).from(workspace);
    const found = await reader.read(db, head?.version);
    const shown = demonstration ? await db.select().from(people).orderBy(asc(people.position)) : [];
    return {
      workspace: head?.name ?? '',
      demonstration,
      people: shown.map(({ name, email, roles }) => ({
        name,
        email,
        role: roles.map((key) => found.roles.get(key)?.label ?? key).join(', '),
      })),
      me: signed ? await toMe(db, signed.person, signed.found) : null,
    };
  },
  signIn: async ({ db, reader, demonstration }, { body, response }) => {
    const person = await signIn(db, response, body.person, body.password, demonstration);
    return toMe(db, person, await reader.read(db));
  },
  signOut: async ({ db }, { request, response }) => {
    await signOut(db, request, response);
    return null;
  },
  me: async (context) => {
    const { person, found } = signedIn(context);
    return toMe(context.db, person, found);
  },
};
