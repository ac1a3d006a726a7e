import { compileRoute } from '#core/signoff/index.ts';
import { findDraft, readDrafts } from '../../definitions/drafts.ts';
import { nextVersion } from '../../definitions/store.ts';
import { openForm } from '../../forms/open.ts';
import { lookAtRecord, lookAtSent } from '../../forms/taking-part.ts';
import { readActive, readNames } from '../../people/names.ts';
import { addJob } from '../../platform/jobs.ts';
import { inTransaction } from '../../platform/locks.ts';
import { RateLimit } from '../../platform/rate.ts';
import { notFound, Refusal, valueOrRefuse } from '../../platform/refusal.ts';
import { wholeRegister } from '../../records/work.ts';
import { type Decision, decide } from '../../signoff/decide.ts';
import { readTrayDetail } from '../../signoff/detail.ts';
import { foreseeAnswers } from '../../signoff/foresee-form.ts';
import { readInTray } from '../../signoff/in-tray.ts';
import { carryOutMoves, rehearseMoves } from '../../signoff/moves.ts';
import { listRouteVersions } from '../../signoff/route-versions.ts';
import { readRunning } from '../../signoff/running.ts';
import { refuseStuckToday } from '../../signoff/stuck-today.ts';
import { ROUTE_TRIAL } from '../../signoff/trial.ts';
import { readWhoSigns, routeAsked } from '../../signoff/who-signs.ts';
import { type Context, type Handlers, lookOf, signedIn, writingFor } from '../context.ts';
import { readJob } from './jobs.ts';

/** A form that is filled in asks with each answer that matters; nobody asks more often than this. */
const FORESEEING = new RateLimit({ most: 120, withinMs: 60_000 });

const deciding = (context: Context, id: string, decision: Decision) =>
  writingFor(context, (work) => decide(work, id, decision, { undoMs: context.undoMs() }));

/** The in-tray, deciding, and what there is of routes. */
export const signOffHandlers: Handlers<
  | 'inTray'
  | 'trayDetail'
  | 'decide'
  | 'decideMany'
  | 'routes'
  | 'routeDraft'
  | 'keepRoute'
  | 'dropRouteDraft'
  | 'publishRoute'
  | 'putRoute'
  | 'withdrawRoute'
  | 'routeVersions'
  | 'routeMoves'
  | 'moveRoute'
  | 'whoSigns'
  | 'routeTrial'
  | 'whoSignsForm'
> = {
  inTray: (context) => readInTray(lookOf(context), lookAtSent),
  trayDetail: (context, { params }) => {
    const look = lookOf(context);
    return readTrayDetail(look, params.id, (register, id) => lookAtRecord(look, register, id), lookAtSent);
  },
  decide: (context, { params, body }) => deciding(context, params.id, body),
  decideMany: async (context, { body }) => {
    const outcomes = [];
    // Each in a transaction of its own: one that is refused keeps no other from being signed.
    for (const { id, version, step } of body.items) {
      const decision = { ...body, version, marks: [], values: {}, ...(step === undefined ? {} : { step }) };
      try {
        outcomes.push({ id, ...(await deciding(context, id, decision)), problem: null });
      } catch (error) {
        if (!(error instanceof Refusal) || error.kind === 'unavailable') throw error;
        outcomes.push({ id, stage: null, undo_until: null, problem: error.problems[0]?.detail ?? error.message });
      }
    }
    return { outcomes };
  },
  routes: async ({ db, signed }) => {
    const definitions = signedIn({ signed }).definitions;
    const drafts = new Map((await readDrafts(db, 'route')).map(({ document }) => [document.key, document]));
    const running = await readRunning(db);
    const keys = new Set([...definitions.routes.keys(), ...drafts.keys()]);
    const names = await readNames(db);
    const people = (await readActive(db)).map(({ id, name }) => ({ id, name: names.get(id) ?? name }));
    return {
      people,
      routes: [...keys].flatMap((key) => {
        const published = definitions.routes.get(key);
        const route = published?.document.route ?? drafts.get(key);
        if (!route) return [];
        const on = running.filter(({ routeId }) => routeId === route.id);
        const count = (some: typeof on): number => some.reduce((sum, each) => sum + each.count, 0);
        return [
          {
            key,
            label: drafts.get(key)?.label ?? route.label,
            register: route.register,
            version: published?.version ?? null,
            draft: drafts.has(key),
            running: count(on),
            older: count(on.filter(({ version }) => version !== published?.version)),
          },
        ];
      }),
    };
  },
  routeDraft: async ({ db }, { params }) => {
    const draft = await findDraft(db, 'route', params.key);
    if (!draft) throw notFound();
    const { version } = await nextVersion(db, 'route', params.key);
    return { route: draft.document, revision: draft.revision, version };
  },
  keepRoute: (context, { params, body }) => context.setUp.keepRoute(params.key, body, signedIn(context).person.id),
  dropRouteDraft: async (context, { params }) => {
    await context.setUp.dropRouteDraft(params.key);
    return null;
  },
  publishRoute: async (context, { params, query }) => {
    const look = lookOf(context);
    if (query.anyway === 'no') await refuseStuckToday(look, [await routeAsked(look, params.key, undefined)]);
    return context.setUp.putRoute(params.key, null, look.person.id);
  },
  putRoute: async (context, { params, query, body }) => {
    const look = lookOf(context);
    if (query.anyway === 'no') await refuseStuckToday(look, [await routeAsked(look, params.key, body)]);
    return context.setUp.putRoute(params.key, body, look.person.id);
  },
  withdrawRoute: async (context, { params }) => {
    await context.setUp.withdrawRoute(params.key);
    return null;
  },
  routeVersions: (context, { params }) => listRouteVersions(lookOf(context), params.key),
  routeMoves: (context, { params }) => rehearseMoves(lookOf(context), params.key),
  moveRoute: (context, { params }) => writingFor(context, (work) => carryOutMoves(work, params.key)),
  whoSigns: (context, { params, body }) => readWhoSigns(lookOf(context), params.key, body),
  routeTrial: async (context, { params, body }) => {
    const look = lookOf(context);
    const { route } = await routeAsked(look, params.key, body.route);
    valueOrRefuse(compileRoute(route, look.definitions.catalogue, look.definitions.roles));
    const { person } = signedIn(context);
    const id = await inTransaction(context.db, (tx) => addJob(tx, ROUTE_TRIAL, { route, all: body.all }, person.id));
    return readJob(context, id);
  },
  whoSignsForm: async (context, { params, body }) => {
    const look = lookOf(context);
    FORESEEING.count(look.person.id, performance.now());
    const form = await openForm(look, params.key, false);
    return foreseeAnswers(look, wholeRegister(look, form.document.register), body.values);
  },
};
