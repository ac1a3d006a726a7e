import { and, asc, desc, eq, inArray, ne, or, sql } from 'drizzle-orm';
import type { InTray } from '#contract/index.ts';
import { plusMs, showDate, today } from '#core/base/index.ts';
import { type RecordValues, type Register, valueContext } from '#core/register/index.ts';
import {
  amountField,
  type CompiledRoute,
  type Names,
  openSteps,
  type State,
  sayWhyYou,
  signsFor,
} from '#core/signoff/index.ts';
import { behaviourOf, shownAs } from '#core/values/index.ts';
import { formKeyOf, registerWithId } from '../definitions/ids.ts';
import type { Definitions } from '../definitions/store.ts';
import { isAway, readSigners, readStoodInFor } from '../people/signers.ts';
import type { Queryable } from '../platform/database.ts';
import { Refusal } from '../platform/refusal.ts';
import { decisions, people, signOffParts, signOffs } from '../platform/schema.ts';
import { readPaths, readTitles, type Titled } from '../records/reader/index.ts';
import { asSystem, type ReadContext } from '../records/work.ts';
import { UNDO_MS } from './decide.ts';
import { readNamesOf } from './names-of.ts';
import { readRoute, type SignOff } from './routes-in-force.ts';
import { partsOf, readStates } from './stored.ts';

const MAX_ITEMS = 500;
const MOST_SENT = 50;

type Item = InTray['items'][number];

/** How a person looks at records that they sent by one form, or by none: whoever knows forms hands it in. */
export type LookAtSent = (
  look: ReadContext,
  register: Register,
  formId: string | null,
  records: readonly string[],
) => ReadContext;

/** By record what it is called and what it is about in money or numbers, each as far as the look it was read by goes. */
interface TitlesAndAmounts {
  readonly titles: ReadonlyMap<string, Titled>;
  readonly amounts: ReadonlyMap<string, RecordValues>;
}

/** What the records of some sign-offs are called, by id; those that are archived are left out. One query a register. */
const readAllTitles = async (look: ReadContext, rows: readonly SignOff[]): Promise<ReadonlyMap<string, Titled>> => {
  const titles = new Map<string, Titled>();
  for (const registerId of new Set(rows.map((row) => row.registerId))) {
    const register = registerWithId(look.definitions, registerId);
    const seen = register && look.sight.catalogue.registers.get(register.key);
    if (!seen) continue;
    const ids = rows.flatMap((row) => (row.registerId === registerId ? [row.recordId] : []));
    for (const [id, titled] of await readTitles(look, seen, ids)) titles.set(id, titled);
  }
  return titles;
};

/** The same for whoever signs: they see what they sign, whatever their roles. */
const toldToSigners = async (
  look: ReadContext,
  rows: readonly SignOff[],
  routes: ReadonlyMap<string, CompiledRoute>,
): Promise<TitlesAndAmounts> => {
  const system = asSystem(look, 'an in-tray says what it is about to whoever signs it');
  const [titles, amounts] = await Promise.all([readAllTitles(system, rows), readAmounts(system, rows, routes)]);
  return { titles, amounts };
};

/** The same for whoever sent them: what the form asked by which each came, or what their roles show. */
const toldToSender = async (
  look: ReadContext,
  rows: readonly SignOff[],
  routes: ReadonlyMap<string, CompiledRoute>,
  lookAtSent: LookAtSent,
): Promise<TitlesAndAmounts> => {
  const ways = new Map<string, SignOff[]>();
  for (const row of rows) {
    const way = `${row.registerId} ${row.formId}`;
    ways.set(way, [...(ways.get(way) ?? []), row]);
  }
  const titles = new Map<string, Titled>();
  const amounts = new Map<string, RecordValues>();
  for (const some of ways.values()) {
    const [first] = some;
    const register = first && registerWithId(look.definitions, first.registerId);
    if (!register) continue;
    const ids = some.map(({ recordId }) => recordId);
    const sent = lookAtSent(look, register, first.formId, ids);
    for (const [id, titled] of await readAllTitles(sent, some)) titles.set(id, titled);
    for (const [id, values] of await readAmounts(sent, some, routes)) amounts.set(id, values);
  }
  return { titles, amounts };
};

/** A route, or null where it no longer fits its register: that alone is no reason to show nobody their in-tray. */
const readIfFits = (db: Queryable, definitions: Definitions, row: SignOff): Promise<CompiledRoute | null> =>
  readRoute(db, definitions, row).catch((error: unknown) => {
    if (error instanceof Refusal && error.kind === 'conflict') return null;
    throw error;
  });

/** The route of each of some sign-offs, each version compiled once. What no longer fits its register is left out. */
const readRoutes = async (
  { db, definitions }: ReadContext,
  rows: readonly SignOff[],
): Promise<ReadonlyMap<string, CompiledRoute>> => {
  const found = new Map<string, CompiledRoute>();
  const versions = new Map<string, CompiledRoute | null>();
  for (const row of rows) {
    const name = `${row.routeId} ${row.routeVersion}`;
    if (!versions.has(name)) versions.set(name, await readIfFits(db, definitions, row));
    const route = versions.get(name);
    if (route) found.set(row.id, route);
  }
  return found;
};

/** What each is about in money or numbers, as stored, by record, as far as a look goes; each register and field asked once. */
export const readAmounts = async (
  look: ReadContext,
  rows: readonly SignOff[],
  routes: ReadonlyMap<string, CompiledRoute>,
): Promise<ReadonlyMap<string, RecordValues>> => {
  const wanted = new Map<CompiledRoute, string[]>();
  for (const row of rows) {
    const route = routes.get(row.id);
    if (route) wanted.set(route, [...(wanted.get(route) ?? []), row.recordId]);
  }
  const found = new Map<string, RecordValues>();
  for (const [route, ids] of wanted) {
    const key = amountField(route);
    const seen = look.sight.catalogue.registers.get(route.register.key);
    if (key === null || !seen?.fields.some((field) => field.key === key)) continue;
    for (const [id, values] of await readPaths(look, seen, ids, [[key]])) found.set(id, values);
  }
  return found;
};

/** An amount in words, or nothing. */
export const sayAmount = (
  { definitions }: ReadContext,
  route: CompiledRoute,
  values: RecordValues | undefined,
): string => {
  const key = amountField(route);
  const field = route.register.fields.find((each) => each.key === key);
  return field && values
    ? behaviourOf(shownAs(field.type)).show(values[field.key] ?? null, valueContext(definitions.catalogue))
    : '';
};

/** Those who signed the steps before one, in words. */
const signedBefore = (route: CompiledRoute, state: State, at: number): string[] =>
  route.groups
    .slice(
      0,
      route.groups.findIndex((group) => group.includes(at)),
    )
    .flatMap((group) =>
      group.flatMap((step) =>
        state.steps[step]?.status === 'signed' ? [`the ${route.route.steps[step]?.label ?? ''}`] : [],
      ),
    );

/** Why a step waits for somebody who signs it in a name. */
export const whyYou = (
  route: CompiledRoute,
  state: State,
  at: number,
  /** Who is asked, and in whose name. */
  { name, person, names }: { readonly name: string; readonly person: string; readonly names: Names },
): string => {
  const held = state.steps[at];
  const isResort = held?.resort?.people.includes(name) === true && !held.asked.some((each) => each.person === name);
  return sayWhyYou(
    route,
    {
      step: at,
      after: signedBefore(route, state, at),
      standsInFor: name === person ? null : names.person(name),
      isLastResort: isResort,
      passedOn: isResort && held?.passed === true,
    },
    names,
  );
};

/** The sign-offs that may wait for a person: their own parts, those of whom they stand in for, and what was sent back to them. */
const readRows = async ({ db, person, clock }: ReadContext): Promise<SignOff[]> => {
  const stoodInFor = await readStoodInFor(db, person.id, today(clock));
  const mine = db
    .select({ id: signOffParts.signOffId })
    .from(signOffParts)
    .where(inArray(signOffParts.personId, [person.id, ...stoodInFor]));
  const order = [sql`${signOffs.dueAt} nulls last`, asc(signOffs.sentAt)] as const;
  // Two questions, each answered by an index: as one, all sign-offs there ever were would be gone through.
  const asked = db
    .select()
    .from(signOffs)
    .where(inArray(signOffs.id, mine))
    .orderBy(...order)
    .limit(MAX_ITEMS + 1);
  const back = db
    .select()
    .from(signOffs)
    .where(and(eq(signOffs.sender, person.id), eq(signOffs.stage, 'sent_back')))
    .orderBy(...order)
    .limit(MAX_ITEMS);
  return (await Promise.all([asked, back])).flat();
};

/** What a person sent that is on its way, or was decided of late. */
const readSent = ({ db, person, clock }: ReadContext): Promise<SignOff[]> =>
  db
    .select()
    .from(signOffs)
    .where(
      and(
        eq(signOffs.sender, person.id),
        ne(signOffs.stage, 'none'),
        ne(signOffs.stage, 'sent_back'),
        or(
          inArray(signOffs.stage, ['waiting', 'stuck']),
          sql`${signOffs.since} > ${plusMs(clock.now, -14 * 86_400_000)}::timestamptz`,
        ),
      ),
    )
    .orderBy(desc(signOffs.since))
    .limit(MOST_SENT);

/** What a person decided that can still be undone. */
const readUndoing = ({ db, person, clock }: ReadContext) =>
  db
    .select({ signOff: signOffs, decision: decisions.decision, at: decisions.at })
    .from(decisions)
    .innerJoin(signOffs, eq(signOffs.id, decisions.signOffId))
    .where(
      and(
        eq(decisions.personId, person.id),
        sql`${decisions.undoneAt} is null`,
        sql`${decisions.at} > ${plusMs(clock.now, -UNDO_MS)}::timestamptz`,
      ),
    )
    .orderBy(desc(decisions.id));

/** Who stands in for a person today, if they are away. */
const readMyStandIn = async ({ db, person, clock, definitions }: ReadContext): Promise<InTray['my_stand_in']> => {
  const [row] = await db.select().from(people).where(eq(people.id, person.id));
  if (!row || !isAway(row, today(clock)) || row.standIn === null || row.awayUntil === null) return null;
  const [other] = await db.select({ name: people.name }).from(people).where(eq(people.id, row.standIn));
  return other ? { name: other.name, until: showDate(row.awayUntil, definitions.catalogue.locale) } : null;
};

const SAID = { approve: 'Approved', send_back: 'Sent back', refuse: 'Refused' } as const;

/** What waits for a person: to sign off, and sent back to them; and what they sent, as they see what they sent. */
export const readInTray = async (look: ReadContext, lookAtSent: LookAtSent): Promise<InTray> => {
  const { db, definitions, person, clock } = look;
  // What does not wait for one another is asked at once.
  const [found, sent, undoing, names, signers, myStandIn] = await Promise.all([
    readRows(look),
    readSent(look),
    readUndoing(look),
    readNamesOf(db, definitions),
    readSigners(db, clock),
    readMyStandIn(look),
  ]);
  const waiting = found.slice(0, MAX_ITEMS);
  const rows = [...waiting, ...sent, ...undoing.map(({ signOff }) => signOff)];
  const routes = await readRoutes(look, rows);
  const own = [...waiting.filter(({ stage }) => stage === 'sent_back'), ...sent];
  const [whole, states, asSender] = await Promise.all([
    toldToSigners(look, rows, routes),
    readStates(db, definitions, rows),
    toldToSender(look, own, routes, lookAtSent),
  ]);

  const itemOf = (row: SignOff, signs: boolean): Omit<Item, 'kind' | 'why' | 'step'> | null => {
    const [record, route, state] = [whole.titles.get(row.recordId), routes.get(row.id), states.get(row.id)];
    const told = signs ? whole : asSender;
    const register = registerWithId(definitions, row.registerId);
    if (!record || !route || !state || !register || row.stage === 'none') return null;
    return {
      sign_off: row.id,
      register: register.key,
      record: row.recordId,
      number: record.number,
      // What they sent they know by its number, whatever else of it they see.
      title: told.titles.get(row.recordId)?.title ?? record.number,
      from: names.person(row.sender),
      at: row.sentAt.toISOString(),
      form: row.formId && formKeyOf(definitions, row.formId),
      group: route.route.key,
      stage: row.stage,
      amount: sayAmount(look, route, told.amounts.get(row.recordId)),
      due: row.dueAt?.toISOString() ?? null,
      late: row.stage !== 'sent_back' && row.dueAt !== null && row.dueAt.toISOString() < clock.now,
      changed: row.changedAt !== null && row.signedAt !== null && row.changedAt > row.signedAt,
      fills: false,
      stands_in_for: null,
      waits_for: '',
      version: record.version,
    };
  };

  const items: Item[] = [];
  for (const row of waiting) {
    const [route, state, item] = [routes.get(row.id), states.get(row.id), itemOf(row, row.stage !== 'sent_back')];
    if (!route || !state || !item) continue;
    if (row.stage === 'sent_back') {
      const { back } = state;
      const from = back ? names.person(back.by) : item.from;
      items.push({
        ...item,
        kind: 'mend',
        from,
        at: back?.at ?? item.at,
        why: back?.comment ?? '',
        step: back?.step ?? 0,
        group: 'mend',
      });
      continue;
    }
    for (const step of openSteps(state)) {
      const held = state.steps[step];
      const name = held ? signsFor(route.route, state, held, person.id, signers) : null;
      if (!held || name === null) continue;
      const due = held.due;
      items.push({
        ...item,
        kind: 'sign',
        step,
        why: whyYou(route, state, step, { name, person: person.id, names }),
        due,
        late: due !== null && due < clock.now,
        fills: (route.route.steps[step]?.fills.length ?? 0) > 0,
        stands_in_for: name === person.id ? null : names.person(name),
      });
    }
  }
  for (const row of sent) {
    const [state, item] = [states.get(row.id), itemOf(row, false)];
    if (!state || !item) continue;
    const asked = [...new Set(partsOf(state).map(({ personId }) => names.person(personId)))];
    items.push({
      ...item,
      kind: 'sent',
      step: openSteps(state)[0] ?? 0,
      why: '',
      waits_for: asked.join(', '),
      at: row.since.toISOString(),
    });
  }
  const order = items.toSorted((a, b) => Number(b.late) - Number(a.late));
  return {
    items: order,
    groups: groupsOf(order, routes),
    late: order.filter(({ kind, late }) => kind === 'sign' && late).length,
    more: found.length > MAX_ITEMS,
    my_stand_in: myStandIn,
    undoable: undoing.flatMap(({ signOff, decision, at }) => {
      const record = whole.titles.get(signOff.recordId);
      const pending = states.get(signOff.id)?.pending;
      if (!record || pending?.by !== person.id || pending.until < clock.now) return [];
      const { number, title } = record;
      return [{ sign_off: signOff.id, number, title, said: SAID[decision], until: plusMs(at.toISOString(), UNDO_MS) }];
    }),
  };
};

/** What there is of each route to sign, those with late ones first. */
const groupsOf = (items: readonly Item[], routes: ReadonlyMap<string, CompiledRoute>): InTray['groups'] => {
  const groups = new Map<string, InTray['groups'][number]>();
  for (const { kind, group: key, sign_off: id, late, stands_in_for: standing } of items) {
    if (kind !== 'sign' || standing !== null) continue;
    const held = groups.get(key) ?? { key, label: routes.get(id)?.route.label ?? key, count: 0, late: 0 };
    groups.set(key, { ...held, count: held.count + 1, late: held.late + (late ? 1 : 0) });
  }
  return [...groups.values()].toSorted((a, b) => b.late - a.late);
};
