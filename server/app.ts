import { randomUUID } from 'node:crypto';
import { setMaxListeners } from 'node:events';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { sql } from 'drizzle-orm';
import express, { type ErrorRequestHandler, type Express, type Request, type RequestHandler } from 'express';
import helmet from 'helmet';
import { api, type Endpoint, openApiDocument, paths } from '#contract/index.ts';
import { DefinitionsReader } from './definitions/reader.ts';
import { DefinitionsService } from './definitions/service.ts';
import { bind } from './http/bind.ts';
import { LARGEST_BODY, LARGEST_OF_STRANGERS, refuseUnbounded } from './http/bounds.ts';
import { FOLLOWERS, FROM_RECORDS } from './http/composition.ts';
import type { Context, Handlers } from './http/context.ts';
import { keepToken, readBearer, readToken } from './http/cookie.ts';
import type { LiveEvents } from './http/live.ts';
import { applyPlace, isHttps, onlyByLoopbackNames, type Place } from './http/place.ts';
import { toProblemAnswer, toRefusal } from './http/problem.ts';
import { accountHandlers } from './http/routes/account.ts';
import { definitionHandlers } from './http/routes/definitions.ts';
import { serveExports } from './http/routes/export.ts';
import { serveFeeds } from './http/routes/feeds.ts';
import { serveFiles } from './http/routes/files.ts';
import { formHandlers } from './http/routes/forms.ts';
import { importHandlers, serveImports } from './http/routes/imports.ts';
import { jobHandlers } from './http/routes/jobs.ts';
import { listHandlers } from './http/routes/lists.ts';
import { serveLive } from './http/routes/live.ts';
import { manyHandlers } from './http/routes/many.ts';
import { peopleHandlers } from './http/routes/people.ts';
import { serveRecordPdf } from './http/routes/record-pdf.ts';
import { recordHandlers } from './http/routes/records.ts';
import { sessionHandlers } from './http/routes/session.ts';
import { signOffHandlers } from './http/routes/signoff.ts';
import { dropUnstorable, suspectUnstorable } from './http/unstorable.ts';
import { Figures, patternOf, serveFigures, watchRequests } from './http/watch.ts';
import { findSigned, renewSession } from './identity/session.ts';
import { findTokenHolder } from './identity/tokens.ts';
import type { Prints } from './paper/press.ts';
import type { Person } from './people/person.ts';
import { isSetup, mustTakeSecondStep, setsUp } from './people/roles.ts';
import { AskerLeft } from './platform/asked.ts';
import { type Database, LISTS_AT_ONCE, LISTS_OF_ONE, WRITERS_AT_ONCE } from './platform/database.ts';
import { readersQueue, writersQueue } from './platform/fair-queue.ts';
import type { Log } from './platform/log.ts';
import type { OutwardSettings } from './platform/outward.ts';
import { notAllowed, Refusal } from './platform/refusal.ts';
import { fromFirst, type Replica } from './platform/replica.ts';
import { VERSION } from './platform/version.ts';
import { UNDO_MS } from './signoff/decide.ts';

/** What reads and changes nothing. */
const READS: ReadonlySet<string> = new Set(['GET', 'HEAD', 'OPTIONS']);

const isEndOfLooking = ({ method, path }: Request): boolean => method === 'DELETE' && path === paths.lookAsOneself.path;

/** What can be done while a role demands a second step that is not set up: setting it up. */
const IN_SPITE: ReadonlySet<string> = new Set(
  [paths.me, paths.ownDetails, paths.beginSecondStep, paths.changePassword, paths.ownSessions].map(({ path }) => path),
);

/** Refuses what is a person's own to a device or a program, and to a device all writing but that of its forms. */
const refuseKind = ({ kind }: Person, { by, method }: Endpoint): void => {
  if (kind !== 'person' && by === 'people') throw notAllowed('This takes a person who signed in.');
  if (kind === 'group' && method !== 'get' && by !== 'devices')
    throw notAllowed('This device was signed in by a group’s code: only its forms can be filled in.');
};

/** What a page may use of the machine: where one is, for map positions, and the camera for pictures. Nothing else. */
const PERMISSIONS =
  'accelerometer=(), autoplay=(), bluetooth=(), camera=(self), display-capture=(), geolocation=(self), gyroscope=(), hid=(), microphone=(), midi=(), payment=(), serial=(), usb=()';

/** How long somebody waits for their turn to write, or to read a list. */
const PATIENCE_MS = 25_000;

/** What the HTTP interface is put over. */
export interface AppOptions {
  readonly database: Database;
  /** Who reads definitions, and may have read them already. */
  readonly reader?: DefinitionsReader;
  /** What lists are read from while it keeps up; null: from the database. */
  readonly replica?: Replica | null;
  readonly live: LiveEvents;
  /** Where lists go on paper. */
  readonly press: Prints;
  readonly demonstration: boolean;
  /** Whether messages leave by mail. */
  readonly sends: boolean;
  /** What the server's settings say of how it is reached, and who mail comes from. */
  readonly told: OutwardSettings;
  /** How long a decision can be undone, in milliseconds. */
  readonly undoMs?: () => number;
  readonly place: Place;
  /** The built web application; absent in tests of the interface. */
  readonly webFolder?: string;
  /** Where an unexpected error is noted, with the id the answer carries. Never what was sent. */
  readonly note: (id: string, error: unknown) => void;
  /** Told of each request once it was answered. */
  readonly tell?: Log['request'];
  /** The secret by which monitoring reads this server's figures; null: there are none. */
  readonly figuresToken?: string | null;
  /** Whether requests should come: not any more while it stops. */
  readonly isReady?: () => boolean;
}

/** The whole HTTP interface over one database. */
export const makeApp = (options: AppOptions): Express => {
  const { database, reader = new DefinitionsReader(), replica = null, live, demonstration } = options;
  const { db } = database;
  const services = {
    db,
    reader,
    followers: FOLLOWERS,
    turns: writersQueue(WRITERS_AT_ONCE, PATIENCE_MS),
    listTurns: readersQueue(LISTS_AT_ONCE, LISTS_OF_ONE, PATIENCE_MS),
    press: options.press,
    setUp: new DefinitionsService(db, reader, FROM_RECORDS),
    readLists: replica?.read ?? fromFirst(db),
    demonstration,
    sends: options.sends,
    told: options.told,
    undoMs: options.undoMs ?? (() => UNDO_MS),
  };
  const app = express();
  app.disable('x-powered-by');
  app.set('query parser', 'simple');
  // Answers follow from who asks and when: nothing is kept by a browser, so nothing is hashed for it.
  app.set('etag', false);
  applyPlace(app, options.place);
  const token = options.figuresToken ?? null;
  const figures = token === null ? null : new Figures({ db, replica, streams: () => live.open });
  watchRequests(app, (note) => {
    figures?.heard(note);
    options.tell?.(note);
  });
  app.use(
    helmet({
      contentSecurityPolicy: {
        directives: {
          'upgrade-insecure-requests': null,
          'img-src': ["'self'", 'data:', 'blob:'],
          // Fonts and styles ship with the program.
          'font-src': ["'self'"],
          'style-src': ["'self'", "'unsafe-inline'"],
        },
      },
      strictTransportSecurity: false,
    }),
  );
  app.use((request, response, next) => {
    response.set('permissions-policy', PERMISSIONS);
    if (isHttps(request)) response.set('strict-transport-security', `max-age=${365 * 86_400}`);
    // What is answered is for whoever asked, and for now.
    if (request.path.startsWith('/api')) response.set('cache-control', 'no-store');
    next();
  });
  if (demonstration) app.use(onlyByLoopbackNames);
  const identify = async (request: Request, endpoint?: Endpoint): Promise<Context> => {
    const left = leavingOf(request);
    // Whoever sends a token is that token, whatever cookie came along.
    const signed =
      request.get('authorization') === undefined
        ? await findSigned(db, readToken(request))
        : await findTokenHolder(db, readBearer(request) ?? '');
    if (!signed) {
      if (endpoint?.open) return { ...services, signed: null, left };
      throw new Refusal('sign_in', 'Please sign in.');
    }
    const definitions = await reader.read(db, signed.workspaceVersion);
    // Who may no longer look as others is themselves again.
    const looksAs = setsUp(definitions, signed.person, 'people') ? signed.looksAs : null;
    const person = looksAs ?? signed.person;
    const secondStepDue = !signed.secondStep && mustTakeSecondStep(definitions, signed.person);
    if (secondStepDue && endpoint?.open !== true && !IN_SPITE.has(endpoint?.path ?? ''))
      throw notAllowed('Your role asks for a second step when you sign in. Set it up under My details first.');
    if (endpoint && !endpoint.open) refuseKind(signed.person, endpoint);
    if (signed.renew && signed.session !== null && request.res) {
      const renewed = await renewSession(db, signed.session);
      if (renewed) keepToken(request, request.res, renewed);
    }
    if (looksAs && !READS.has(request.method) && !endpoint?.open && !isEndOfLooking(request))
      throw notAllowed(`You look as ${looksAs.name}: nothing can be written meanwhile.`);
    const needed = endpoint?.setup ?? null;
    const may =
      needed === 'any' ? isSetup(definitions, person) : needed === null || setsUp(definitions, person, needed);
    if (!may) throw notAllowed('Only set-up people may do this.');
    const looker = looksAs ? signed.person : null;
    return { ...services, signed: { person, definitions, looker, session: signed.session, secondStepDue }, left };
  };

  // Bytes, before what reads JSON: a spreadsheet is larger than anything a form sends.
  serveImports(app, identify);
  app.use('/api', jsonBodies(identify));
  app.use('/api', dropUnstorable);

  const handlers: Handlers<keyof typeof api> = {
    health: async () => {
      await db.execute(sql`select 1`);
      return { status: 'ok', version: VERSION, database: 'ok' };
    },
    healthLive: async () => ({ status: 'ok' }),
    healthReady: async () => {
      if (options.isReady?.() === false) throw new Refusal('unavailable', 'This server is stopping.');
      await db.execute(sql`select 1`);
      return { status: 'ok' };
    },
    ...sessionHandlers,
    ...accountHandlers,
    ...peopleHandlers,
    ...definitionHandlers,
    ...recordHandlers,
    ...importHandlers,
    ...formHandlers,
    ...signOffHandlers,
    ...jobHandlers,
    ...listHandlers,
    ...manyHandlers,
  };
  const on = <K extends keyof typeof api>(name: K): void => {
    const each: Endpoint = api[name];
    bind(app, each, identify, (context, call) => Reflect.apply(handlers[name], null, [context, call]));
  };
  for (const name of Object.keys(api)) if (isName(name)) on(name);

  serveFiles(app, identify);
  const address = options.place.address?.origin ?? '';
  serveExports(app, identify, address, services.press);
  serveFeeds(app, services, address);
  serveRecordPdf(app, identify);
  app.get('/api/openapi.json', (_request, response) => void response.json(openApiDocument(VERSION)));
  if (figures && token !== null) serveFigures(app, figures, token);
  serveLive(app, services, live, identify);
  app.use('/api', () => {
    throw new Refusal('not_found', 'There is no such call.');
  });
  serveWeb(app, options.webFolder);

  const answerProblem: ErrorRequestHandler = (error, request, response, next) => {
    // Nobody is there to be told: neither before an answer began, nor in the middle of a file.
    if (error instanceof AskerLeft || response.destroyed) return;
    if (response.headersSent && error instanceof Refusal) {
      // What may not be gone on with ends where it is: a file that is cut off is no whole one.
      response.destroy();
      return;
    }
    if (response.headersSent) return next(error);
    const refusal = toRefusal(error);
    const instance = `urn:uuid:${randomUUID()}`;
    if (
      refusal.kind === 'internal' ||
      refusal.kind === 'unavailable' ||
      refusal.kind === 'overloaded' ||
      refusal.kind === 'full'
    )
      options.note(`${instance} ${request.method} ${patternOf(request)}`, error);
    const answer = toProblemAnswer(refusal, instance);
    response.status(answer.status).type('application/problem+json').send(JSON.stringify(answer));
  };
  app.use(answerProblem);
  return app;
};

/** Tells when whoever asks goes away before their answer. */
const leavingOf = ({ res: response }: Request): AbortSignal => {
  const leaving = new AbortController();
  // As many statements as one request asks at once.
  setMaxListeners(0, leaving.signal);
  response?.once('close', () => {
    if (!response.writableFinished) leaving.abort();
  });
  return leaving.signal;
};

/**
 * Reads bodies of JSON: what is larger than strangers may send is read once it is known that whoever sends it is none.
 */
const jsonBodies = (identify: (request: Request) => Promise<Context>): RequestHandler => {
  const readWithin = (limit: number) =>
    express.json({
      limit,
      verify: (request, response, body) => {
        refuseUnbounded(body, 'originalUrl' in request ? String(request.originalUrl) : '');
        suspectUnstorable(request, response, body);
      },
    });
  const [small, large] = [readWithin(LARGEST_OF_STRANGERS), readWithin(LARGEST_BODY)];
  return async (request, response, next) => {
    const told = request.get('content-length');
    const isSmall = READS.has(request.method) || (told !== undefined && Number(told) <= LARGEST_OF_STRANGERS);
    if (isSmall) return small(request, response, next);
    // Nobody is told of what is wrong with them before what they ask for is known: strangers may ask for some of it.
    const isKnown = await identify(request).then(
      () => true,
      () => false,
    );
    return (isKnown ? large : small)(request, response, next);
  };
};

const isName = (name: string): name is keyof typeof api => Object.hasOwn(api, name);

const serveWeb = (app: Express, folder: string | undefined): void => {
  if (!folder || !existsSync(join(folder, 'index.html'))) return;
  app.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y' }));
  app.use(express.static(folder, { index: false }));
  // Every other address is a place inside the application.
  app.get('/{*path}', (_request, response) => response.sendFile(join(folder, 'index.html')));
};
