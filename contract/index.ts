export type {
  linkAnswerSchema,
  OwnDetails,
  ownChangeSchema,
  recoveryCodesSchema,
  secondStepSchema,
  sessionsSchema,
} from './account/schemas.ts';
export { type Api, api } from './api.ts';
export {
  type FileFacts,
  fileSchema,
  type Linked,
  type LiveEvent,
  linkedSchema,
  liveEventSchema,
  type ProblemAnswer,
  problemSchema,
  recordValuesSchema,
  storedValueSchema,
} from './basics.ts';
export type { Endpoint, Method } from './endpoint.ts';
export {
  type Duplicates,
  entrySchema,
  type FormAnswer,
  formVersionsSchema,
  type KeptEntry,
  type LookUpAnswer,
  type Opened,
  type RegistrationForm,
  type Sent,
} from './entries/schemas.ts';
export type { DraftAnswer, Drafts, FormSummary } from './forms/schemas.ts';
export {
  type ImportChange,
  type ImportFound,
  type ImportMisfits,
  type ImportRow,
  type ImportState,
  importFileSchema,
  importFoundSchema,
  importTextSchema,
} from './imports/schemas.ts';
export type { JobAnswer } from './jobs/schemas.ts';
export {
  type FoundEverywhere,
  type feedsSchema,
  type foundEverywhereSchema,
  type KeptListAnswer,
  type keptListSchema,
  LIST_FORMATS,
  type ListFileQuery,
  type ListFormatName,
  type ListGroups,
  type ListPage,
  listFileSchema,
  listQuerySchema,
  type listsSchema,
  type MadeFile,
  type madeFeedSchema,
  type PlacesAnswer,
  type unprintableSchema,
} from './lists/schemas.ts';
export {
  deedSchema,
  type ManyChange,
  type ManyOutcome,
  type ManyState,
  manySchema,
  outcomeSchema,
  reasonSchema,
} from './many/schemas.ts';
export { openApiDocument } from './openapi.ts';
export { FILES_PATH, fillPath, LIVE_PATH, paths, problemType } from './paths.ts';
export {
  type groupChangeSchema,
  type Invites,
  type invitesSchema,
  type madeTokenSchema,
  type NewGroup,
  type newTokenSchema,
  type OnePerson,
  PERSON_STATES,
  type PeopleAnswer,
  type PersonChange,
  type PersonSees,
  type PostRoom,
  personChangeSchema,
  type SeenBy,
  type tokensSchema,
} from './people/schemas.ts';
export type { HistoryAnswer, LinkedGroups, RecordAnswer, RecordDetail } from './records/schemas.ts';
export {
  type RouteDraftAnswer,
  type RouteMoves,
  type RouteSummary,
  type RoutesAnswer,
  type RouteTrial,
  routeTrialSchema,
  routeVersionsSchema,
  type WhoSignsAnswer,
} from './routes/schemas.ts';
export type { Begin, Me } from './session/schemas.ts';
export {
  type BesideSignOff,
  decidedSchema,
  type ForeseenAnswer,
  type InTray,
  type ShownStage,
  type SignOffHistory,
  type Track,
  type TrayDetail,
} from './sign-off/schemas.ts';
export { type Stream, streams } from './streams.ts';
export {
  type Country,
  type Counts,
  type countriesSchema,
  type HolidaySource,
  type PlanAnswer,
  type SetAside,
  type Settings,
  type startersSchema,
  type WorkspaceAnswer,
  type WorkspaceChanges,
  workedOutSchema,
  type workspaceHistorySchema,
} from './workspace/schemas.ts';
