import { createServer } from 'node:http';
import { join } from 'node:path';
import { z } from 'zod';
import { applyOnce } from './access/first-start.ts';
import { DefinitionsReader } from './definitions/reader.ts';
import { makeApp } from './http/app.ts';
import { bringUpToDate, tasksOf } from './http/composition.ts';
import { LiveEvents } from './http/live.ts';
import { openDatabase, prepareDatabase } from './platform/database.ts';
import { Jobs, prepareJobs } from './platform/jobs.ts';

/** The fifth door where Zod stands: the environment. */
const environment = z
  .object({
    DATABASE_URL: z.string().min(1),
    PORT: z.coerce.number().int().min(0).max(65_535).default(4780),
    HOST: z.string().default('127.0.0.1'),
    /** Signing in without a password, for the demonstration only. */
    IOLITE_DEMONSTRATION: z.enum(['yes', 'no']).default('no'),
    /** Applied to an empty database. */
    IOLITE_WORKSPACE: z.string(),
    IOLITE_PEOPLE: z.string(),
  })
  .parse(process.env);

/** An error's own words and place; never the statement's parameters, which are what people typed. */
const note = (where: string, error: unknown): void => {
  const cause = error instanceof Error && error.cause instanceof Error ? error.cause : error;
  const text = cause instanceof Error ? `${cause.message}\n${cause.stack ?? ''}` : String(cause);
  process.stderr.write(`${new Date().toISOString()} ${where}\n${text}\n`);
};

const database = openDatabase(environment.DATABASE_URL);
await prepareDatabase(database.db, join(process.cwd(), 'server/platform/migrations'));
await applyOnce(database.db, environment.IOLITE_WORKSPACE, environment.IOLITE_PEOPLE);
const reader = new DefinitionsReader();
// What cannot be renamed goes on as it was: that is no reason not to start.
await bringUpToDate(database.db, reader).catch((error: unknown) => note('fields with reserved names', error));
await prepareJobs(environment.DATABASE_URL);
const live = new LiveEvents(environment.DATABASE_URL);
await live.start();
const jobs = new Jobs({
  url: environment.DATABASE_URL,
  db: database.db,
  tasks: tasksOf(reader),
  note,
});
await jobs.start();
const app = makeApp({
  database,
  live,
  demonstration: environment.IOLITE_DEMONSTRATION === 'yes',
  webFolder: join(process.cwd(), 'dist/web'),
  note,
});
const server = createServer(app);
server.listen(environment.PORT, environment.HOST, () => {
  const address = server.address();
  const port = typeof address === 'object' && address ? address.port : environment.PORT;
  process.send?.({ ready: port });
});

const stop = async (): Promise<void> => {
  server.close();
  await live.stop();
  server.closeAllConnections();
  await jobs.stop();
  await database.close();
  process.exit(0);
};
process.once('SIGTERM', stop);
process.once('SIGINT', stop);
// The starter ended: so do we.
process.once('disconnect', stop);
