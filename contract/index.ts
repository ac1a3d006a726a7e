export { api, fillPath, LIVE_PATH } from './api.ts';
export type { Endpoint, Method } from './endpoint.ts';
export { openApiDocument } from './openapi.ts';
export {
  type FormAnswer,
  type FormSummary,
  type HistoryAnswer,
  type InTray,
  type Linked,
  type LiveEvent,
  type LookUp,
  liveEventSchema,
  type Me,
  type Page,
  type PlanAnswer,
  type ProblemAnswer,
  problemSchema,
  type RecordAnswer,
  type RecordDetail,
  type RouteSummary,
  type Sent,
  type Track,
  type WorkspaceAnswer,
  type WorkspaceChanges,
} from './schemas.ts';
