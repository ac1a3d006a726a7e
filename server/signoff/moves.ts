import { and, eq, inArray, sql } from 'drizzle-orm';
import type { RouteMoves } from '#contract/index.ts';
import { type CompiledRoute, openSteps, type State } from '#core/signoff/index.ts';
import { idOf } from '../definitions/ids.ts';
import type { Versioned } from '../definitions/store.ts';
import { notFound, Refusal } from '../platform/refusal.ts';
import { signOffs } from '../platform/schema.ts';
import { readTitles } from '../records/reader/index.ts';
import type { CommandContext, ReadContext } from '../records/work.ts';
import { enterNext, type Moving, ontoRoute, readyToMove } from './move.ts';

/** More than so many are told of, and moved, at a time. */
const BATCH_SIZE = 500;

const routeIn = ({ definitions }: ReadContext, key: string): Versioned<CompiledRoute> => {
  const route = definitions.routes.get(key);
  if (!route) throw notFound();
  return route;
};

/** What is on its way by an older version of a route. */
const readOlder = (look: ReadContext, route: Versioned<CompiledRoute>) =>
  look.db
    .select()
    .from(signOffs)
    .where(
      and(
        eq(signOffs.routeId, idOf(route.document.route)),
        sql`${signOffs.routeVersion} <> ${route.version}`,
        inArray(signOffs.stage, ['waiting', 'stuck', 'sent_back']),
      ),
    )
    .limit(BATCH_SIZE);

const labels = (route: CompiledRoute, state: State): string =>
  openSteps(state)
    .map((step) => route.route.steps[step]?.label ?? '')
    .join(', ');

/** It as it would stand on the newest version: what was signed stays signed where the step is still there. */
const moved = (moving: Moving, route: Versioned<CompiledRoute>, by: string, at: string): Moving =>
  ontoRoute(moving, route, by, at);

/** What is on its way by older versions, and where each would stand on the newest. Changes nothing. */
export const rehearseMoves = async (look: ReadContext, key: string): Promise<RouteMoves> => {
  const route = routeIn(look, key);
  const rows = await readOlder(look, route);
  const ids = rows.map(({ recordId }) => recordId);
  const titles = await readTitles(look, route.document.register, ids);
  const moves: RouteMoves['moves'] = [];
  for (const row of rows) {
    const title = titles.get(row.recordId);
    if (!title) continue;
    const told = { record: row.recordId, number: title.number, title: title.title, version: row.routeVersion };
    try {
      const before = await readyToMove(look, row);
      const after = moved(before, route, look.person.id, look.clock.now);
      const ahead = after.state.steps.findIndex(({ status }) => status === 'to_come');
      const waits = labels(after.route, after.state);
      moves.push({
        ...told,
        waits_at: labels(before.route, before.state),
        would_wait_at: waits === '' && ahead >= 0 ? (after.route.route.steps[ahead]?.label ?? '') : waits,
        problem: null,
      });
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      moves.push({ ...told, waits_at: row.stepLabel, would_wait_at: '', problem: error.message });
    }
  }
  return { moves };
};

/** Moves what is on its way onto the newest version of its route. */
export const carryOutMoves = async (work: CommandContext, key: string): Promise<RouteMoves> => {
  const told = await rehearseMoves(work, key);
  const route = routeIn(work, key);
  const fine = new Set(told.moves.flatMap(({ record, problem }) => (problem === null ? [record] : [])));
  for (const row of await readOlder(work, route)) {
    if (!fine.has(row.recordId)) continue;
    const [locked] = await work.db.select().from(signOffs).where(eq(signOffs.id, row.id)).for('update');
    if (!locked || locked.routeVersion === route.version) continue;
    const onNew = moved(await readyToMove(work, locked), route, work.person.id, work.clock.now);
    const values = await readyToMove(work, { ...locked, routeVersion: route.version });
    await enterNext(work, { ...onNew, facts: values.facts });
  }
  return told;
};
