import { lookAtRecord } from '../../forms/taking-part.ts';
import { addGroup, changeGroup } from '../../identity/groups.ts';
import { invite, inviteAgain } from '../../identity/invitations.ts';
import { lookAsOneself, lookAsPerson } from '../../identity/look-as.ts';
import { readNoted } from '../../identity/noted.ts';
import { changePerson } from '../../identity/people.ts';
import { readPeople } from '../../identity/read-people.ts';
import { addToken, endToken, readTokens } from '../../identity/tokens.ts';
import { readPostRoom, sendAgain } from '../../notify/post-room.ts';
import { findPerson } from '../../people/names.ts';
import { notFound } from '../../platform/refusal.ts';
import { allSeenBy, whoSees } from '../../sight/who-sees.ts';
import { type Handlers, lookOf, sessionIn, signedIn } from '../context.ts';
import { toMe } from './session.ts';

/** People, what they see and why, and looking as one of them. */
export const peopleHandlers: Handlers<
  | 'people'
  | 'changePerson'
  | 'invite'
  | 'inviteAgain'
  | 'addGroup'
  | 'changeGroup'
  | 'tokens'
  | 'addToken'
  | 'endToken'
  | 'postRoom'
  | 'sendAgain'
  | 'personSees'
  | 'seenBy'
  | 'lookAs'
  | 'lookAsOneself'
  | 'workspaceHistory'
> = {
  invite: async (context, { body }) => ({ invited: await invite(context, signedIn(context).person, body) }),
  inviteAgain: async (context, { params }) => {
    await inviteAgain(context, signedIn(context).person, params.id);
    return null;
  },
  addGroup: async (context, { body }) => ({ id: await addGroup(context, signedIn(context).person, body) }),
  changeGroup: async (context, { params, body }) => {
    await changeGroup(context, signedIn(context).person, params.id, body);
    return null;
  },
  tokens: (context) => readTokens(context, signedIn(context).person),
  addToken: (context, { body }) => addToken(context, signedIn(context).person, body),
  endToken: async (context, { params }) => {
    await endToken(context, signedIn(context).person, params.id);
    return null;
  },
  postRoom: (context) => {
    const { person, definitions } = signedIn(context);
    return readPostRoom(context.db, definitions, person, context);
  },
  sendAgain: async ({ db }, { params }) => {
    await sendAgain(db, params.id);
    return null;
  },
  people: (context) => {
    const { person, definitions } = signedIn(context);
    return readPeople(context.db, definitions, person);
  },
  changePerson: async (context, { params, body }) => {
    await changePerson(context, signedIn(context).person, params.id, body);
    return null;
  },
  personSees: async (context, { params }) => {
    const person = await findPerson(context.db, params.id);
    if (!person) throw notFound();
    return allSeenBy(context.db, signedIn(context).definitions, person);
  },
  seenBy: async (context, { params }) => {
    const { look, register } = await lookAtRecord(lookOf(context), params.key, params.id);
    return whoSees(look, register, params.id);
  },
  lookAs: async (context, { body }) => {
    const { person, definitions } = signedIn(context);
    const { clock } = lookOf(context);
    const other = await lookAsPerson(context.db, sessionIn(context), person, clock.now, body.person);
    return toMe({ person: other, definitions, looker: other.id === person.id ? null : person });
  },
  lookAsOneself: async (context) => {
    const person = await lookAsOneself(context.db, sessionIn(context));
    return toMe({ person, definitions: signedIn(context).definitions });
  },
  workspaceHistory: ({ db }) => readNoted(db),
};
