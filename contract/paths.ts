import type { Method } from './endpoint.ts';

/** Where each call of the HTTP interface goes; parameters stand in braces, as OpenAPI writes them. */
export const paths = {
  health: { method: 'get', path: '/api/health' },
  sessionInfo: { method: 'get', path: '/api/session' },
  begin: { method: 'post', path: '/api/begin' },
  countries: { method: 'get', path: '/api/countries' },
  starters: { method: 'get', path: '/api/workspace/starters' },
  useStarter: { method: 'post', path: '/api/workspace/starters/{key}' },
  signIn: { method: 'post', path: '/api/session' },
  signOut: { method: 'delete', path: '/api/session' },
  signInDevice: { method: 'post', path: '/api/device' },
  ownSessions: { method: 'get', path: '/api/sessions' },
  endOwnSessions: { method: 'delete', path: '/api/sessions' },
  endOwnSession: { method: 'delete', path: '/api/sessions/{id}' },
  forgotPassword: { method: 'post', path: '/api/password/forgotten' },
  resetPassword: { method: 'post', path: '/api/password/reset' },
  changePassword: { method: 'post', path: '/api/password' },
  ownDetails: { method: 'get', path: '/api/my-details' },
  changeOwnDetails: { method: 'patch', path: '/api/my-details' },
  beginSecondStep: { method: 'post', path: '/api/second-step' },
  proveSecondStep: { method: 'put', path: '/api/second-step' },
  dropSecondStep: { method: 'post', path: '/api/second-step/off' },
  openLink: { method: 'post', path: '/api/links' },
  acceptInvitation: { method: 'post', path: '/api/invitations/{secret}' },
  registrationForm: { method: 'get', path: '/api/registration/{key}' },
  register: { method: 'post', path: '/api/registration/{key}' },
  me: { method: 'get', path: '/api/me' },
  workspace: { method: 'get', path: '/api/workspace' },
  counts: { method: 'get', path: '/api/counts' },
  rehearse: { method: 'post', path: '/api/workspace/rehearse' },
  carryOut: { method: 'post', path: '/api/workspace/carry-out' },
  workspaceHistory: { method: 'get', path: '/api/workspace/history' },
  people: { method: 'get', path: '/api/people' },
  invite: { method: 'post', path: '/api/people' },
  inviteAgain: { method: 'post', path: '/api/people/{id}/invitation' },
  addGroup: { method: 'post', path: '/api/groups' },
  changeGroup: { method: 'patch', path: '/api/groups/{id}' },
  tokens: { method: 'get', path: '/api/tokens' },
  addToken: { method: 'post', path: '/api/tokens' },
  endToken: { method: 'delete', path: '/api/tokens/{id}' },
  postRoom: { method: 'get', path: '/api/post-room' },
  sendAgain: { method: 'post', path: '/api/post-room/{id}/again' },
  changePerson: { method: 'patch', path: '/api/people/{id}' },
  personSees: { method: 'get', path: '/api/people/{id}/sees' },
  lookAs: { method: 'post', path: '/api/look-as' },
  lookAsOneself: { method: 'delete', path: '/api/look-as' },
  drafts: { method: 'get', path: '/api/drafts' },
  draft: { method: 'get', path: '/api/forms/{key}/draft' },
  keepForm: { method: 'put', path: '/api/forms/{key}/draft' },
  publishForm: { method: 'post', path: '/api/forms/{key}/publish' },
  putRoute: { method: 'put', path: '/api/routes/{key}' },
  workOut: { method: 'post', path: '/api/registers/{key}/work-out' },
  setAside: { method: 'get', path: '/api/registers/{key}/set-aside' },
  records: { method: 'get', path: '/api/registers/{key}/records' },
  addRecord: { method: 'post', path: '/api/registers/{key}/records' },
  importRecords: { method: 'post', path: '/api/registers/{key}/import' },
  record: { method: 'get', path: '/api/registers/{key}/records/{id}' },
  changeRecord: { method: 'patch', path: '/api/registers/{key}/records/{id}' },
  linked: { method: 'get', path: '/api/registers/{key}/records/{id}/linked' },
  archiveRecord: { method: 'delete', path: '/api/registers/{key}/records/{id}' },
  bringBackRecord: { method: 'post', path: '/api/registers/{key}/records/{id}/bring-back' },
  rehearseCsv: { method: 'post', path: '/api/registers/{key}/csv/rehearse' },
  importCsv: { method: 'post', path: '/api/registers/{key}/csv/import' },
  csvImports: { method: 'get', path: '/api/registers/{key}/csv' },
  csvState: { method: 'get', path: '/api/csv/{id}' },
  undoCsv: { method: 'post', path: '/api/csv/{id}/undo' },
  seenBy: { method: 'get', path: '/api/registers/{key}/records/{id}/seen-by' },
  history: { method: 'get', path: '/api/registers/{key}/records/{id}/history' },
  form: { method: 'get', path: '/api/forms/{key}' },
  sendEntry: { method: 'post', path: '/api/forms/{key}/entries' },
  lookUp: { method: 'get', path: '/api/forms/{key}/questions/{question}/look-up' },
  duplicates: { method: 'get', path: '/api/forms/{key}/questions/{question}/duplicates' },
  formVersions: { method: 'get', path: '/api/forms/{key}/versions' },
  keptEntries: { method: 'get', path: '/api/kept' },
  keptEntry: { method: 'get', path: '/api/kept/{id}' },
  keepEntry: { method: 'put', path: '/api/kept/{id}' },
  dropEntry: { method: 'delete', path: '/api/kept/{id}' },
  jobs: { method: 'get', path: '/api/jobs' },
  job: { method: 'get', path: '/api/jobs/{id}' },
  stopJob: { method: 'delete', path: '/api/jobs/{id}' },
  tryJobAgain: { method: 'post', path: '/api/jobs/{id}/again' },
  clearFiles: { method: 'post', path: '/api/files/clear' },
  inTray: { method: 'get', path: '/api/in-tray' },
  decide: { method: 'post', path: '/api/sign-offs/{id}' },
} as const satisfies Record<string, { readonly method: Method; readonly path: string }>;

/** Server-sent events; not an endpoint of one answer. */
export const LIVE_PATH = '/api/live';
/** Takes a file as its bytes, with its name in the query; answers what it is. */
export const FILES_PATH = '/api/files';

/** Puts parameters into a path, each percent-encoded. */
export const fillPath = (path: string, params: Readonly<Record<string, string>>): string =>
  path.replace(/\{(\w+)\}/g, (_, name: string) => {
    const value = params[name];
    if (value === undefined) throw new RangeError(`no ${name} for ${path}`);
    return encodeURIComponent(value);
  });

/** The type of a problem, as RFC 9457 wants it: what sort of refusal it is, for a program to tell them apart. */
export const problemType = (kind: string): string => `urn:iolite:problem:${kind.replaceAll('_', '-')}`;
