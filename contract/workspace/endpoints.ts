import { z } from 'zod';
import { outcomeTypeSchema } from '#core/values/index.ts';
import { keyParams } from '../basics.ts';
import { endpoint } from '../endpoint.ts';
import { paths } from '../paths.ts';
import {
  changesSchema,
  countriesSchema,
  countsSchema,
  holidaySourceSchema,
  holidaysSchema,
  planSchema,
  setAsideSchema,
  settingsSchema,
  startersSchema,
  workedOutSchema,
  workspaceAnswerSchema,
  workspaceHistorySchema,
} from './schemas.ts';

/** The calls of the workspace and what it defines. */
export const workspaceEndpoints = {
  countries: endpoint(paths.countries, 'Countries with their currency, time zones, languages and holidays', {
    answer: countriesSchema,
    open: true,
  }),
  starters: endpoint(paths.starters, 'Sets of registers and forms to begin with', {
    answer: startersSchema,
    setup: 'registers',
  }),
  useStarter: endpoint(paths.useStarter, 'Begin with a set, in a workspace that has no register yet', {
    params: keyParams,
    setup: 'registers',
    by: 'people',
  }),
  workspace: endpoint(paths.workspace, 'The definitions this person may see', { answer: workspaceAnswerSchema }),
  counts: endpoint(paths.counts, 'How many records of each register this person may see', { answer: countsSchema }),
  rehearse: endpoint(paths.rehearse, 'What a change to registers, choice lists and roles would do', {
    body: changesSchema,
    answer: planSchema,
    setup: 'any',
  }),
  carryOut: endpoint(paths.carryOut, 'Do what was rehearsed, in one transaction', {
    body: changesSchema,
    answer: planSchema,
    setup: 'any',
  }),
  keepSettings: endpoint(paths.keepSettings, 'Change how the workspace is called and writes, and its holidays', {
    body: settingsSchema,
    answer: z.object({ version: z.int32() }),
    setup: 'registers',
  }),
  readHolidays: endpoint(paths.readHolidays, 'Read holidays of a country, or of a file; nothing is kept', {
    body: holidaySourceSchema,
    answer: holidaysSchema,
    setup: 'registers',
  }),
  workspaceHistory: endpoint(paths.workspaceHistory, 'What was done to the workspace of late: who looked as whom', {
    answer: workspaceHistorySchema,
    setup: 'people',
  }),
  workOut: endpoint(paths.workOut, 'What a formula gives for real records, storing nothing', {
    params: keyParams,
    body: z.strictObject({ formula: z.string().min(1).max(10_000), gives: outcomeTypeSchema }),
    answer: workedOutSchema,
    setup: 'registers',
  }),
  setAside: endpoint(paths.setAside, 'Fields that were set aside and can be brought back', {
    params: keyParams,
    answer: setAsideSchema,
    setup: 'registers',
  }),
};
