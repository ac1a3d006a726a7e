import { accountEndpoints } from './account/endpoints.ts';
import { entriesEndpoints } from './entries/endpoints.ts';
import { formsEndpoints } from './forms/endpoints.ts';
import { healthEndpoints } from './health/endpoints.ts';
import { importsEndpoints } from './imports/endpoints.ts';
import { jobsEndpoints } from './jobs/endpoints.ts';
import { listsEndpoints } from './lists/endpoints.ts';
import { manyEndpoints } from './many/endpoints.ts';
import { peopleEndpoints } from './people/endpoints.ts';
import { recordsEndpoints } from './records/endpoints.ts';
import { routesEndpoints } from './routes/endpoints.ts';
import { sessionEndpoints } from './session/endpoints.ts';
import { signOffEndpoints } from './sign-off/endpoints.ts';
import { workspaceEndpoints } from './workspace/endpoints.ts';

/** Every call there is. The server must answer each, and answers no other. */
export const api = {
  ...healthEndpoints,
  ...sessionEndpoints,
  ...workspaceEndpoints,
  ...accountEndpoints,
  ...entriesEndpoints,
  ...peopleEndpoints,
  ...formsEndpoints,
  ...routesEndpoints,
  ...listsEndpoints,
  ...recordsEndpoints,
  ...importsEndpoints,
  ...manyEndpoints,
  ...signOffEndpoints,
  ...jobsEndpoints,
} as const;

/** Every call with its schemas, as types. */
export type Api = typeof api;
