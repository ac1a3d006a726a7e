import { lookAsOneself, lookAsPerson } from '../../access/look-as.ts';
import { changePerson, readNoted, readPeople } from '../../access/people.ts';
import { allSeenBy, whoSees } from '../../access/who-sees.ts';
import { lookAtRecord } from '../../forms/taking-part.ts';
import { findPerson } from '../../people/names.ts';
import { notFound } from '../../platform/refusal.ts';
import { type Handlers, lookOf, signedIn } from '../context.ts';
import { readToken } from '../cookie.ts';
import { toMe } from './session.ts';

/** People, what they see and why, and looking as one of them. */
export const peopleHandlers: Handlers<
  'people' | 'changePerson' | 'personSees' | 'seenBy' | 'lookAs' | 'lookAsOneself' | 'workspaceHistory'
> = {
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
  lookAs: async (context, { body, request }) => {
    const { person, definitions } = signedIn(context);
    const { clock } = lookOf(context);
    const other = await lookAsPerson(context.db, readToken(request) ?? '', person, clock.now, body.person);
    return toMe(other, definitions, other.id === person.id ? null : person);
  },
  lookAsOneself: async (context, { request }) => {
    const person = await lookAsOneself(context.db, readToken(request) ?? '');
    return toMe(person, signedIn(context).definitions);
  },
  workspaceHistory: ({ db }) => readNoted(db),
};
