import { z } from 'zod';
import { idParams, recordParams, uuidSchema } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';
import {
  groupChangeSchema,
  invitesSchema,
  madeTokenSchema,
  newGroupSchema,
  newTokenSchema,
  peopleAnswerSchema,
  personChangeSchema,
  personSeesSchema,
  postRoomSchema,
  seenBySchema,
  tokensSchema,
} from './schemas.ts';

/** The calls of people, devices, programs and what is written to them. */
export const peopleEndpoints = {
  people: endpoint(paths.people, 'Everyone who may sign in, and the roles there are', {
    answer: peopleAnswerSchema,
    setup: 'people',
  }),
  invite: endpoint(paths.invite, 'Invite people; all of them, or with what is wrong nobody', {
    body: invitesSchema,
    answer: z.object({ invited: z.int() }),
    setup: 'people',
    status: 201,
  }),
  inviteAgain: endpoint(paths.inviteAgain, 'Send an invitation once more; the link before works no longer', {
    params: idParams,
    setup: 'people',
  }),
  addGroup: endpoint(paths.addGroup, 'Let a shared device in by a code', {
    body: newGroupSchema,
    answer: z.object({ id: uuidSchema }),
    setup: 'people',
    status: 201,
  }),
  changeGroup: endpoint(paths.changeGroup, 'Change what a group’s code opens', {
    params: idParams,
    body: groupChangeSchema,
    setup: 'people',
  }),
  tokens: endpoint(paths.tokens, 'The tokens there are, with their last use', {
    answer: tokensSchema,
    setup: 'people',
  }),
  addToken: endpoint(paths.addToken, 'Make a token for a program; it is shown once', {
    body: newTokenSchema,
    answer: madeTokenSchema,
    setup: 'people',
    by: 'people',
    status: 201,
  }),
  endToken: endpoint(paths.endToken, 'End a token', { params: idParams, setup: 'people' }),
  postRoom: endpoint(
    paths.postRoom,
    'What was written to people: to all of them for who sets people up, in the demonstration to oneself',
    { answer: postRoomSchema, by: 'people' },
  ),
  sendAgain: endpoint(paths.sendAgain, 'Send a message again that the mail server refused', {
    params: idParams,
    setup: 'people',
  }),
  changePerson: endpoint(paths.changePerson, 'Change a person: roles, record, away, switched off', {
    params: idParams,
    body: personChangeSchema,
    setup: 'people',
  }),
  personSees: endpoint(paths.personSees, 'Everything a person may see, and by which sentence of which role', {
    params: idParams,
    answer: personSeesSchema,
    setup: 'people',
  }),
  seenBy: endpoint(paths.seenBy, 'Which people see a record, and by which sentence of which role', {
    params: recordParams,
    answer: seenBySchema,
    setup: 'people',
  }),
};
