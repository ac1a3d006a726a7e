import { and, desc, eq, sql } from 'drizzle-orm';
import type { WhoSignsAnswer } from '#contract/index.ts';
import { fromLocal, joinWords } from '#core/base/index.ts';
import type { RecordValues } from '#core/register/index.ts';
import {
  type CompiledRoute,
  checkMadeUp,
  compileRoute,
  dueOf,
  foresee,
  isDue,
  type MadeUp,
  type MissingRow,
  madeUpFrom,
  type Names,
  type Route,
  recordValues,
  sayForeseen,
  takes,
  whoSigns,
} from '#core/signoff/index.ts';
import { findDraft } from '../definitions/drafts.ts';
import { readSigners } from '../people/signers.ts';
import { notFound, valueOrRefuse } from '../platform/refusal.ts';
import { decisions, history, signOffs } from '../platform/schema.ts';
import { readEveryPath, readNewest, readOwnValues, readTitles } from '../records/reader/index.ts';
import { asSystem, type ReadContext } from '../records/work.ts';
import { type Beyond, factsOf, readBeyond, readSender } from './facts.ts';
import { sayAmount } from './in-tray.ts';
import { readNamesOf } from './names-of.ts';

/** The counts of the table are of so many records, the newest. */
const COUNTED = 500;

/** What is asked about a route. */
export interface Asked {
  readonly route?: Route | undefined;
  readonly record?: string | undefined;
  /** What a record that is made up holds, by the paths the route reads. */
  readonly made_up?: MadeUp | undefined;
  readonly sender?: string | undefined;
  readonly day?: string | undefined;
}

/** The route that is asked about, compiled: as it is given, as somebody is making it, or as it is in force. */
export const routeAsked = async (
  { db, definitions }: ReadContext,
  key: string,
  given: Route | undefined,
): Promise<CompiledRoute> => {
  const draft = given ?? (await findDraft(db, 'route', key))?.document;
  if (draft) return valueOrRefuse(compileRoute(draft, definitions.catalogue, definitions.roles));
  const route = definitions.routes.get(key)?.document;
  if (!route) throw notFound();
  return route;
};

/** A look at another day: people are there as on that day, and working days count from it. */
const onDay = (look: ReadContext, day: string | undefined): ReadContext => {
  const now = day === undefined ? null : fromLocal(`${day}T12:00`, look.clock.zone);
  return now === null ? look : { ...look, clock: { ...look.clock, now } };
};

/** Where somebody is missing, in a sentence; `says` are the rows of the table. */
export const sayMissing = (
  route: CompiledRoute,
  { kind, person, earlier, step, isStuck, rows }: MissingRow,
  says: readonly (readonly string[])[],
  names: Names,
): string => {
  const plan = route.route.steps[step];
  const bands = rows.map((row) => says[row]?.filter((each) => each !== 'any').join(', ') ?? '');
  const band = rows.length === says.length ? '' : `, where it is ${joinWords(bands, 'or')}`;
  const who = names.person(person);
  const label = plan?.label ?? '';
  const then = isStuck
    ? `nobody is left to sign ${label}: it would be stuck`
    : `too few are left for ${label}, and the last resort signs`;
  switch (kind) {
    case 'always':
      return `Always${band}: ${then}.`;
    case 'away':
      return `While ${who} is away${band}: ${then}.`;
    case 'sent_by':
      return `Sent by ${who}${band}: ${then}.`;
    case 'signed':
      return `If ${who} signs ${route.route.steps[earlier ?? 0]?.label ?? ''}${band}: ${then}.`;
    case 'both':
      return `While ${who} is away, or sends it${band}: ${then}.`;
  }
};

/** How long each step took, by the step and by who signed it: the middle, and what 9 in 10 did not pass; in hours. */
const readDurations = async (
  look: ReadContext,
  route: CompiledRoute,
  names: Names,
): Promise<WhoSignsAnswer['durations']> => {
  const { id } = route.route;
  if (id === undefined) return [];
  const hours = sql`extract(epoch from ${decisions.at} - ${decisions.enteredAt}) / 3600.0`;
  const rows = await look.db
    .select({
      step: decisions.step,
      person: sql<
        string | null
      >`case when grouping(${decisions.personId}) = 1 then null else ${decisions.personId}::text end`,
      middle: sql<string>`percentile_cont(0.5) within group (order by ${hours})`,
      most: sql<string>`percentile_cont(0.9) within group (order by ${hours})`,
      count: sql<string>`count(*)`,
    })
    .from(decisions)
    .where(and(eq(decisions.routeId, id), sql`${decisions.undoneAt} is null and ${decisions.enteredAt} is not null`))
    .groupBy(sql`grouping sets ((${decisions.step}), (${decisions.step}, ${decisions.personId}))`)
    .orderBy(decisions.step);
  return rows.map(({ step, person, middle, most, count }) => ({
    step: route.route.steps[step]?.label ?? '',
    person: person === null ? null : names.person(person),
    middle: Number(middle),
    most: Number(most),
    count: Number(count),
  }));
};

/** A record that walks the route: what is known of it, and what it is called. */
interface Walking {
  readonly number: string;
  readonly title: string;
  readonly sender: string;
  readonly own: RecordValues;
  readonly beyond: Beyond;
}

/** A record that is stored, sent by whom it was, or by somebody else. */
const storedWalking = async (look: ReadContext, route: CompiledRoute, asked: Asked): Promise<Walking | null> => {
  const system = asSystem(look, 'whoever makes routes sees what they do to any record');
  const id = asked.record ?? (await newestRecord(system, route));
  if (id === null) return null;
  const own = await readOwnValues(system, route.register, id);
  const titled = (await readTitles(system, route.register, [id])).get(id);
  if (!own || !titled) throw notFound();
  const [sent] = await look.db.select({ sender: signOffs.sender }).from(signOffs).where(eq(signOffs.recordId, id));
  const sender = asked.sender ?? sent?.sender ?? (await authorOf(look, id)) ?? '';
  const beyond = await readBeyond(look, route, id, sender);
  return { ...titled, sender, own: own.values, beyond };
};

/** One record walking the route: one that is stored, or one that is made up. */
const readWalk = async (
  look: ReadContext,
  route: CompiledRoute,
  asked: Asked,
  names: Names,
): Promise<WhoSignsAnswer['walk']> => {
  const walking = asked.made_up
    ? {
        number: 'made up',
        title: '',
        sender: asked.sender ?? '',
        own: {},
        beyond: {
          ...valueOrRefuse(checkMadeUp(route, asked.made_up), ['made_up']),
          ...(await readSender(look, route, asked.sender ?? '')),
        },
      }
    : await storedWalking(look, route, asked);
  if (!walking) return null;
  const { number, title, sender, own, beyond } = walking;
  const facts = await factsOf(look, route, own, beyond);
  const steps = foresee(route, facts, sender);
  return {
    number,
    title,
    sender: sender === '' ? '' : names.person(sender),
    amount: sayAmount(look, route, { ...beyond, ...own }),
    takes: takes(route, facts.values),
    values: madeUpFrom(route, facts.values),
    steps: sayForeseen(route, steps, names).map((step, i) => {
      const plan = route.route.steps[i];
      return { ...step, due: plan ? dueOf(plan, facts) : null };
    }),
  };
};

const authorOf = async ({ db }: ReadContext, record: string): Promise<string | null> => {
  const [row] = await db
    .select({ by: history.personId })
    .from(history)
    .where(eq(history.recordId, record))
    .orderBy(history.id)
    .limit(1);
  return row?.by ?? null;
};

/** A record that is on its way by the route, else the newest. */
const newestRecord = async (look: ReadContext, route: CompiledRoute): Promise<string | null> => {
  const { id } = route.route;
  const [running] =
    id === undefined
      ? []
      : await look.db
          .select({ record: signOffs.recordId })
          .from(signOffs)
          .where(and(eq(signOffs.routeId, id), eq(signOffs.stage, 'waiting')))
          .orderBy(desc(signOffs.sentAt))
          .limit(1);
  return running?.record ?? (await readNewest(look, route.register, 1))[0] ?? null;
};

/** How many of some records fall into each row of the table. */
const countRows = (
  route: CompiledRoute,
  { rows }: ReturnType<typeof whoSigns>,
  records: readonly RecordValues[],
  { clock }: ReadContext,
): number[] => {
  const way = (held: RecordValues): string => {
    const values = recordValues(held, clock);
    return route.steps.map((_, step) => isDue(route, step, values)).join();
  };
  const places = new Map(rows.map(({ values }, i) => [way(values), i]));
  const counts = rows.map(() => 0);
  for (const record of records) {
    const row = takes(route, recordValues(record, clock)) ? places.get(way(record)) : undefined;
    if (row !== undefined) counts[row] = (counts[row] ?? 0) + 1;
  }
  return counts;
};

/** The table of who signs, with how many of the newest records fall into each row, and one record walking the route. */
export const readWhoSigns = async (asking: ReadContext, key: string, asked: Asked): Promise<WhoSignsAnswer> => {
  const look = onDay(asking, asked.day);
  const { db, definitions, clock } = look;
  const route = await routeAsked(look, key, asked.route);
  const names = await readNamesOf(db, definitions);
  const people = await readSigners(db, clock);
  const table = whoSigns(route, people, clock);
  const system = asSystem(look, 'whoever makes routes is told how many of all records go which way');
  const paths = route.reads.filter(([first]) => first !== 'sender');
  const records = await readEveryPath(system, route.register, paths, COUNTED);
  const counts = countRows(route, table, records, look);
  const says = table.rows.map((row) => row.says);
  return {
    heads: [...table.heads],
    labels: route.route.steps.map(({ label }) => label),
    rows: table.rows.map((row, i) => ({
      says: [...row.says],
      count: counts[i] ?? 0,
      steps: sayForeseen(route, row.steps, names),
    })),
    missing: table.missing.map((each) => ({
      kind: each.kind,
      person: each.person === '' ? null : { id: each.person, name: names.person(each.person) },
      rows: [...each.rows],
      says: sayMissing(route, each, says, names),
      is_stuck: each.isStuck,
      steps: sayForeseen(route, each.steps, names),
      mends: [...each.mends],
    })),
    besides: [...table.besides],
    of: records.length,
    walk: await readWalk(look, route, asked, names),
    durations: await readDurations(look, route, names),
  };
};
