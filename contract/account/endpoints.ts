import { z } from 'zod';
import { idParams } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';
import { meSchema } from '../session/schemas.ts';
import {
  beginSecondStepSchema,
  choosePasswordSchema,
  codeSchema,
  linkAnswerSchema,
  ownChangeSchema,
  ownDetailsSchema,
  passwordChangeSchema,
  provedSchema,
  recoveryCodesSchema,
  resetSchema,
  secondStepSchema,
  sessionsSchema,
} from './schemas.ts';

/** The calls of one’s own account. */
export const accountEndpoints = {
  ownSessions: endpoint(paths.ownSessions, 'Where this person is signed in', { answer: sessionsSchema, by: 'people' }),
  endOwnSessions: endpoint(paths.endOwnSessions, 'Sign out everywhere', { by: 'people' }),
  endOwnSession: endpoint(paths.endOwnSession, 'Sign out somewhere', { params: idParams, by: 'people' }),
  forgotPassword: endpoint(paths.forgotPassword, 'Ask for a link by which to choose another password', {
    body: z.strictObject({ email: z.string().max(320) }),
    open: true,
  }),
  resetPassword: endpoint(paths.resetPassword, 'Choose another password, by a link', { body: resetSchema, open: true }),
  changePassword: endpoint(paths.changePassword, 'Change one’s own password; other sessions end', {
    body: passwordChangeSchema,
    by: 'people',
  }),
  ownDetails: endpoint(paths.ownDetails, 'One’s own account', { answer: ownDetailsSchema, by: 'people' }),
  changeOwnDetails: endpoint(
    paths.changeOwnDetails,
    'Change one’s own name, telephone number, and when one is written to',
    { body: ownChangeSchema, answer: ownDetailsSchema, by: 'people' },
  ),
  beginSecondStep: endpoint(paths.beginSecondStep, 'Begin to set a second step up: what a device is shown', {
    body: beginSecondStepSchema,
    answer: secondStepSchema,
    by: 'people',
  }),
  proveSecondStep: endpoint(paths.proveSecondStep, 'Switch the second step on, by a code of the device', {
    body: codeSchema,
    answer: recoveryCodesSchema,
    by: 'people',
  }),
  dropSecondStep: endpoint(paths.dropSecondStep, 'Switch the second step off, by one’s password and a code', {
    body: provedSchema,
    by: 'people',
  }),
  openLink: endpoint(paths.openLink, 'What a link in a message is for', {
    body: z.strictObject({ secret: z.string().max(200) }),
    answer: linkAnswerSchema,
    open: true,
  }),
  acceptInvitation: endpoint(paths.acceptInvitation, 'Accept an invitation, or confirm an address, and be signed in', {
    params: z.object({ secret: z.string().max(200) }),
    body: choosePasswordSchema,
    answer: meSchema,
    open: true,
  }),
};
