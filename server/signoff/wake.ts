import { and, asc, eq, isNotNull, lte, or, type SQL, sql } from 'drizzle-orm';
import { namedBy, nextTimer, openSteps, type SignOffEvent, type Timer } from '#core/signoff/index.ts';
import { findPerson } from '../people/names.ts';
import type { Db } from '../platform/database.ts';
import { signOffs } from '../platform/schema.ts';
import type { CommandContext } from '../records/work.ts';
import { enterNext, lookAgain, type Moving, move, readyToMove } from './move.ts';
import { findRouteAt } from './routes-in-force.ts';
import { tellWaiting } from './tell.ts';

/*
 * What happens to sign-offs with time alone: the next steps are entered once a decision cannot be undone any more, people
 * are reminded, and what is late is passed on or let through. Each in a transaction of its own; one that is too early, or
 * that came twice, does nothing.
 */

/** So many are gone through at a time. */
const BATCH_SIZE = 200;
/** More turns than this are no work but a mistake. */
const MOST_TURNS = 50;

/** Begins a piece of work in the name of somebody: of whoever sent what is moved. */
export type InName = <T>(person: string, run: (work: CommandContext) => Promise<T>) => Promise<T>;

const eventOf = (what: Timer['what'], at: string, step: number, moving: Moving): SignOffEvent | null => {
  switch (what) {
    case 'remind_before':
      return { kind: 'reminded', at, step, when: 'before' };
    case 'remind_due':
      return { kind: 'reminded', at, step, when: 'due' };
    case 'let_through':
      return { kind: 'let_through', at, step, by: 'deadline' };
    case 'pass': {
      const late = moving.route.route.steps[step]?.deadline?.late;
      const to = late?.kind === 'pass' ? namedBy(late.to, moving.facts) : [];
      // Where there is nobody to pass it to, it stays with those who were asked.
      return to.length === 0 ? null : { kind: 'passed', at, step, to: [...to] };
    }
  }
};

/** Does the first thing of a sign-off that is due, and says whether there was one. */
const wakeOnce = async (work: CommandContext, id: string): Promise<boolean> => {
  const { db, clock } = work;
  const [signOff] = await db.select().from(signOffs).where(eq(signOffs.id, id)).for('update');
  if (!signOff) return false;
  const now = new Date(clock.now);
  const moving = await readyToMove(work, signOff);
  if (signOff.goesOnAt && signOff.goesOnAt <= now) {
    const entered = await enterNext(work, { ...moving, signOff: { ...moving.signOff, goesOnAt: null } });
    return entered !== moving.state;
  }
  if (!signOff.timerAt || signOff.timerAt > now) return false;
  for (const step of openSteps(moving.state)) {
    const [plan, held] = [moving.route.route.steps[step], moving.state.steps[step]];
    const timer = plan && held ? nextTimer(plan, held, clock) : null;
    if (!timer || timer.at > clock.now) continue;
    const event = eventOf(timer.what, clock.now, step, moving);
    if (!event) {
      await db.update(signOffs).set({ timerAt: null }).where(eq(signOffs.id, id));
      return false;
    }
    await move(work, moving, event);
    if (event.kind === 'reminded') await tellWaiting(db, id);
    return true;
  }
  return false;
};

/** Does everything that is due at a moment, one sign-off after the other. Gives how many moved. */
export const wakeSignOffsDue = async (db: Db, now: Date, inName: InName): Promise<number> => {
  const rows = await db
    .select({ id: signOffs.id, sender: signOffs.sender })
    .from(signOffs)
    .where(
      or(
        and(isNotNull(signOffs.goesOnAt), lte(signOffs.goesOnAt, now)),
        and(isNotNull(signOffs.timerAt), lte(signOffs.timerAt, now)),
      ),
    )
    .orderBy(asc(signOffs.since))
    .limit(BATCH_SIZE);
  let moved = 0;
  for (const { id, sender } of rows)
    for (let turn = 0; turn < MOST_TURNS && (await inName(sender, (work) => wakeOnce(work, id))); turn++) moved++;
  return moved;
};

/** The routes of what waits that may name somebody: by a role of theirs, or by something else than a role. */
const routesNaming = async ({ db, definitions }: CommandContext, person: string): Promise<SQL> => {
  const roles = new Set((await findPerson(db, person))?.roles ?? []);
  const used = await db
    .selectDistinct({ routeId: signOffs.routeId, routeVersion: signOffs.routeVersion })
    .from(signOffs)
    .where(eq(signOffs.stage, 'waiting'));
  const naming: SQL[] = [];
  for (const at of used) {
    const { steps, last_resort: resort } = await findRouteAt(db, definitions, at);
    const isNamed = [resort, ...steps.map(({ who }) => who)].some((who) => who.kind !== 'role' || roles.has(who.role));
    if (isNamed)
      naming.push(sql`(${signOffs.routeId} = ${at.routeId} and ${signOffs.routeVersion} = ${at.routeVersion})`);
  }
  return naming.length === 0 ? sql`false` : sql.join(naming, sql` or `);
};

/**
 * Sign-offs in which a person is asked, or could be now, or that are stuck: looked at anew after they came, went, or what
 * they may sign has changed.
 */
export const askOthers = async (work: CommandContext, person: string): Promise<void> => {
  const { db } = work;
  const rows = await db
    .select()
    .from(signOffs)
    .where(
      sql`${signOffs.stage} = 'stuck' or (${signOffs.stage} = 'waiting' and (exists (
        select 1 from iolite.sign_off_parts p where p.sign_off_id = ${signOffs.id} and p.person_id = ${person}::uuid)
        or ${await routesNaming(work, person)}))`,
    )
    .orderBy(asc(signOffs.id))
    .for('update');
  for (const row of rows) await lookAgain(work, await readyToMove(work, row));
};
