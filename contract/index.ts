export { type Api, api } from './api.ts';
export type { Endpoint, Method } from './endpoint.ts';
export {
  type Duplicates,
  type FormAnswer,
  formVersionsSchema,
  type KeptEntry,
  type LookUpAnswer,
  type Opened,
  type Sent,
} from './entry-schemas.ts';
export { type CsvMisfit, type CsvState, csvImportSchema, csvStateSchema, type JobAnswer } from './job-schemas.ts';
export { openApiDocument } from './openapi.ts';
export { FILES_PATH, fillPath, LIVE_PATH, paths, problemType } from './paths.ts';
export {
  type PeopleAnswer,
  type PersonSees,
  personChangeSchema,
  type SeenBy,
  type workspaceHistorySchema,
} from './people-schemas.ts';
export {
  type Begin,
  type Counts,
  type DraftAnswer,
  type Drafts,
  type FileFacts,
  type FormSummary,
  fileSchema,
  type HistoryAnswer,
  type InTray,
  type Linked,
  type LinkedGroups,
  type ListPage,
  type LiveEvent,
  linkedSchema,
  listQuerySchema,
  liveEventSchema,
  type Me,
  type PlanAnswer,
  type ProblemAnswer,
  problemSchema,
  type RecordAnswer,
  type RecordDetail,
  type RouteSummary,
  recordValuesSchema,
  type SetAside,
  storedValueSchema,
  type Track,
  type WorkspaceAnswer,
  type WorkspaceChanges,
  workedOutSchema,
} from './schemas.ts';
