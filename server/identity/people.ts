import { and, eq, isNotNull } from 'drizzle-orm';
import type { PersonChange } from '#contract/index.ts';
import { areAwayTogether, givesSetUp } from '#core/access/index.ts';
import { type Problem, problem, showDate, today } from '#core/base/index.ts';
import { lastOf } from '../definitions/service.ts';
import type { Definitions } from '../definitions/store.ts';
import { readActive } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import { isActive } from '../platform/active.ts';
import type { Tx } from '../platform/database.ts';
import { inTransaction, lockDefinitions, notify } from '../platform/locks.ts';
import { invalid, notFound } from '../platform/refusal.ts';
import { people } from '../platform/schema.ts';
import { readLinked } from '../records/reader/index.ts';
import { asSystem, type ReadContext } from '../records/work.ts';
import { lookAs, type Workplace } from '../sight/work.ts';
import { askOthers } from '../signoff/wake.ts';
import { note } from './noted.ts';
import { awayOf } from './read-people.ts';
import { dropSecondStep } from './second-step.ts';
import { dropLinksOf } from './secret-links.ts';
import { endSessionsOf, renewSessionsOf } from './session.ts';

type Row = typeof people.$inferSelect;

/** A change of a person on its way: by whom, in which transaction, of whom. */
interface Changing {
  readonly look: ReadContext;
  readonly tx: Tx;
  readonly before: Row;
}

/** Refuses to take away the last right over registers, or over people: `after` is what is left of the changed one. */
const refuseLast = async ({ look, tx, before }: Changing, roles: readonly string[], path: string): Promise<void> => {
  const { definitions } = look;
  const others = (await readActive(tx)).filter(({ id }) => id !== before.id);
  for (const right of ['registers', 'people'] as const) {
    const gives = (held: readonly string[]): boolean =>
      givesSetUp(
        held.flatMap((key) => definitions.roles.get(key) ?? []),
        right,
      );
    const had = before.joinedAt !== null && before.switchedOffAt === null && gives(before.roles);
    if (had && !gives(roles) && !others.some((person) => gives(person.roles))) throw invalid([lastOf(right, [path])]);
  }
};

/** Roles that there are, or a 422 at their place. */
export const refuseUnknownRoles = (
  { roles }: Definitions,
  given: readonly string[],
  path: readonly (string | number)[],
): Problem[] =>
  given.flatMap((key, i) =>
    roles.has(key) ? [] : [problem('unknown_role', [...path, i], `There is no role “${key}”.`)],
  );

const giveRoles = async (changing: Changing, roles: readonly string[]): Promise<void> => {
  const { look, tx, before } = changing;
  const unknown = refuseUnknownRoles(look.definitions, roles, ['roles']);
  if (unknown.length > 0) throw invalid(unknown);
  await refuseLast(changing, roles, 'roles');
  await tx
    .update(people)
    .set({ roles: [...roles] })
    .where(eq(people.id, before.id));
  await renewSessionsOf(tx, before.id);
  const labels = roles.map((key) => look.definitions.roles.get(key)?.label ?? key);
  const detail = `gave ${before.name} ${labels.length === 0 ? 'no role' : `the roles ${labels.join(', ')}`}`;
  await note(tx, look.clock.now, { personId: look.person.id, aboutId: before.id, action: 'roles_given', detail });
};

const linkPersonToRecord = async ({ look, tx, before }: Changing, record: string | null): Promise<void> => {
  const register = look.definitions.catalogue.people?.register ?? '';
  const system = asSystem(look, 'whoever says who is who may choose any record');
  const found = record === null ? {} : await readLinked(system, register, [record]);
  const titled = record === null ? null : found[record];
  if (record !== null && !titled) throw invalid([problem('unknown_record', ['record'], 'This record is not there.')]);
  await tx.update(people).set({ recordId: record }).where(eq(people.id, before.id));
  await renewSessionsOf(tx, before.id);
  const detail = titled
    ? `tied ${before.name} to ${titled.number}, ${titled.title}`
    : `tied ${before.name} to no record`;
  await note(tx, look.clock.now, { personId: look.person.id, aboutId: before.id, action: 'tied', detail });
};

const sayDay = (day: string, { catalogue }: Definitions): string => showDate(day, catalogue.locale);

/** Says when somebody is away and who stands in; refuses a stand-in who is away then, or who cannot sign at all. */
const putAway = async ({ look, tx, before }: Changing, change: PersonChange): Promise<void> => {
  const { definitions, clock } = look;
  const away = change.away === undefined ? awayOf(before, today(clock)) : change.away;
  const standIn = change.stand_in === undefined ? before.standIn : change.stand_in;
  const refuse = (path: string, detail: string): never => {
    throw invalid([problem('away', [path], detail)]);
  };
  if (away && away.until < away.from) refuse('away', 'The last day lies before the first.');
  if (away && away.until < today(clock)) refuse('away', 'These days are over.');
  if (!away && change.stand_in) refuse('stand_in', `${before.name} is not away. Say first from when to when.`);
  const sayAway = (name: string, days: { from: string; until: string }): string =>
    `${name} is away from ${sayDay(days.from, definitions)} to ${sayDay(days.until, definitions)}`;
  if (away && standIn !== null) {
    if (standIn === before.id) refuse('stand_in', 'Nobody stands in for themselves.');
    const [other] = await tx
      .select()
      .from(people)
      .where(and(eq(people.id, standIn), isActive));
    if (!other) return refuse('stand_in', 'Whoever stands in must be able to sign in.');
    const theirs = awayOf(other, today(clock));
    if (theirs && areAwayTogether(away, theirs))
      refuse('stand_in', `${sayAway(other.name, theirs)}, too. Choose somebody else.`);
  }
  if (away) {
    const standingFor = await tx
      .select()
      .from(people)
      .where(and(eq(people.standIn, before.id), isNotNull(people.awayUntil)));
    for (const other of standingFor) {
      const theirs = awayOf(other, today(clock));
      if (theirs && areAwayTogether(away, theirs))
        refuse(
          'away',
          `${before.name} stands in for ${other.name} then: ${sayAway(other.name, theirs)}. Choose another stand-in for ${other.name} first.`,
        );
    }
  }
  await tx
    .update(people)
    .set({ awayFrom: away?.from ?? null, awayUntil: away?.until ?? null, standIn: away ? standIn : null })
    .where(eq(people.id, before.id));
  const detail = away ? `said that ${sayAway(before.name, away)}` : `said that ${before.name} is here`;
  await note(tx, clock.now, { personId: look.person.id, aboutId: before.id, action: 'away', detail });
};

/** Switches somebody off, with their sessions and links in the same moment; or on again. */
const switchOff = async (changing: Changing, off: boolean): Promise<void> => {
  const { look, tx, before } = changing;
  if (off) {
    if (before.id === look.person.id)
      throw invalid([problem('oneself', ['switched_off'], 'Somebody else must switch you off.')]);
    await refuseLast(changing, [], 'switched_off');
    await endSessionsOf(tx, before.id);
    await dropLinksOf(tx, before.id);
  }
  await tx
    .update(people)
    .set({ switchedOffAt: off ? new Date(look.clock.now) : null })
    .where(eq(people.id, before.id));
  const detail = off ? `switched ${before.name} off` : `switched ${before.name} on again`;
  await note(tx, look.clock.now, { personId: look.person.id, aboutId: before.id, action: 'switched', detail });
};

/** Changes a person, all of it or nothing; noted in the history of the workspace. */
export const changePerson = (
  { db, reader, followers }: Workplace,
  by: Person,
  id: string,
  change: PersonChange,
): Promise<void> =>
  inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    const look = lookAs(tx, await reader.read(tx), by);
    const [before] = await tx.select().from(people).where(eq(people.id, id));
    if (!before) throw notFound();
    const changing = { look, tx, before };
    if (change.roles) await giveRoles(changing, change.roles);
    if (change.record !== undefined) await linkPersonToRecord(changing, change.record);
    if (change.away !== undefined || change.stand_in !== undefined) await putAway(changing, change);
    if (change.switched_off !== undefined) await switchOff(changing, change.switched_off);
    if (change.second_step === false) {
      await dropSecondStep(tx, id);
      await renewSessionsOf(tx, id);
      const detail = `switched the second step of ${before.name} off`;
      await note(tx, look.clock.now, { personId: by.id, aboutId: id, action: 'second_step', detail });
    }
    // What waits for them, or for nobody, is asked of those who may sign it now.
    if (change.roles || change.switched_off !== undefined || change.away !== undefined)
      await askOthers({ ...look, db: tx, followers }, id);
    await notify(tx, { kind: 'workspace' });
  });
