import { and, desc, eq, inArray, ne, sql } from 'drizzle-orm';
import type { TrayDetail } from '#contract/index.ts';
import { Decimal, findDecimal } from '#core/base/index.ts';
import { findNamed } from '#core/expression/index.ts';
import { type RecordValues, type Register, valueContext } from '#core/register/index.ts';
import {
  amountField,
  type CompiledRoute,
  groupsOf,
  openSteps,
  routeVocabulary,
  type State,
  signsFor,
} from '#core/signoff/index.ts';
import { comparedWith, linkIn, recordBehind, type StoredValue, sameValue } from '#core/values/index.ts';
import { registerWithId } from '../definitions/ids.ts';
import { notFound } from '../platform/refusal.ts';
import { decisions, signOffs } from '../platform/schema.ts';
import { readOwnValues, readPaths, readTitles, workOutTexts } from '../records/reader/index.ts';
import { asSystem, type ReadContext } from '../records/work.ts';
import { readBeyond } from './facts.ts';
import { type LookAtSent, readAmounts, readInTray, sayAmount } from './in-tray.ts';
import { type Moving, readyToMove } from './move.ts';
import { readNamesOf } from './names-of.ts';
import { mayPassTo } from './pass.ts';
import type { SignOff } from './routes-in-force.ts';
import { readSeenVersions, readWhole } from './seen.ts';
import { sayDifferences } from './words.ts';

/** How whoever asks sees one record: as their roles let them, or as they take part in it. */
export type LookAt = (
  register: string,
  id: string,
) => Promise<{ readonly look: ReadContext; readonly register: Register }>;

const MOST_SIMILAR = 5;
/** How near an amount lies to be called alike. */
const ALIKE = new Decimal('0.25');

/** What is different since this person signed it, or since anyone did last: of the fields they see. */
const readSince = async (look: ReadContext, moving: Moving, register: Register): Promise<TrayDetail['since']> => {
  const { db, person, definitions } = look;
  const { signOff, route } = moving;
  const rows = await db
    .select()
    .from(decisions)
    .where(and(eq(decisions.signOffId, signOff.id), sql`${decisions.undoneAt} is null`))
    .orderBy(desc(decisions.id));
  const last = rows.find(({ personId }) => personId === person.id) ?? rows[0];
  if (!last) return null;
  const system = asSystem(look, 'what was signed is held against the whole record');
  const own = await readOwnValues(system, route.register, signOff.recordId);
  if (!own) return null;
  const now = await readWhole(look, route.register, signOff.recordId, own.values);
  const seen = (await readSeenVersions(db, signOff.id, route.register, [last.recordVersion])).get(last.recordVersion);
  if (!seen) return null;
  const names = await readNamesOf(db, definitions);
  const changes = await sayDifferences(look, register, seen, now);
  const who = last.personId === person.id ? 'you' : names.person(last.personId);
  return { who, at: last.at.toISOString(), changes };
};

/**
 * What was read beyond the record when it moved last, as `kept`, and is otherwise now: of what the person sees. Where they
 * see some records of a register and not others, what has become nothing is not told: it may be hidden.
 */
const readOtherwise = async (
  look: ReadContext,
  kept: SignOff,
  { route, state }: Moving,
  register: Register,
): Promise<TrayDetail['beyond']> => {
  const { sight, definitions } = look;
  const now = await readBeyond(look, route, kept.recordId, state.sender);
  const names = routeVocabulary(register, sight.catalogue, definitions.roles);
  const own = route.reads.filter((path) => path[0] !== 'sender' && findNamed(names, path));
  const seen =
    own.length === 0 ? undefined : (await readPaths(look, register, [kept.recordId], own)).get(kept.recordId);
  return Object.entries(kept.beyond).flatMap(([path, was]): TrayDetail['beyond'] => {
    const is = now[path] ?? null;
    const found = findNamed(names, path.split('.'));
    if (sight.scopes.size > 0 && (is === null || !sameValue(seen?.[path] ?? null, is))) return [];
    // What links lead to is told by what stands behind them.
    if (!found || sameValue(was, is) || found.named.type.kind === 'records' || recordBehind(found.named.type) !== null)
      return [];
    const behaviour = comparedWith(found.named.type);
    const context = { ...valueContext(look.definitions.catalogue), choices: route.vocabulary.choices };
    const say = (value: StoredValue): string =>
      value === null ? 'nothing' : (behaviour?.show(value, context) ?? String(value));
    return [{ field: found.labels.join(', '), from: say(was), to: say(is) }];
  });
};

const isAlike = (one: RecordValues | undefined, other: RecordValues | undefined, key: string | null): boolean => {
  if (key === null) return true;
  const [a, b] = [one?.[key], other?.[key]].map((value) => (typeof value === 'string' ? findDecimal(value) : null));
  return a && b ? b.sub(a).abs().lte(a.abs().mul(ALIKE)) : false;
};

/** Earlier ones by the same route, of the same linked record or sender, of an amount within 25 %, that this person sees. */
const readSimilar = async (look: ReadContext, { signOff, route }: Moving): Promise<TrayDetail['similar']> => {
  const { db, sight } = look;
  const seen = sight.catalogue.registers.get(route.register.key);
  if (!seen) return [];
  const rows: SignOff[] = await db
    .select()
    .from(signOffs)
    .where(
      and(
        eq(signOffs.routeId, signOff.routeId),
        ne(signOffs.id, signOff.id),
        inArray(signOffs.stage, ['approved', 'refused', 'sent_back']),
      ),
    )
    .orderBy(desc(signOffs.since))
    .limit(200);
  const routes = new Map(rows.map((row) => [row.id, route] as const));
  // This one's amount they are told as they sign it; of the others what their roles show.
  const system = asSystem(look, 'what is signed is held against others by its amount');
  const mineIs = await readAmounts(system, [signOff], new Map([[signOff.id, route]]));
  const amounts = await readAmounts(look, rows, routes);
  const links = route.register.fields.filter(({ type }) => linkIn(type)?.kind === 'link').map(({ key }) => [key]);
  const ids = [signOff, ...rows].map(({ recordId }) => recordId);
  const linked = links.length === 0 ? new Map<string, RecordValues>() : await readPaths(look, seen, ids, links);
  const mine = linked.get(signOff.recordId);
  const key = amountField(route);
  const sharesLink = (other: RecordValues | undefined): boolean =>
    links.some(([field = '']) => mine?.[field] != null && mine[field] === other?.[field]);
  const alike = rows.filter(
    (row) =>
      (row.sender === signOff.sender || sharesLink(linked.get(row.recordId))) &&
      isAlike(mineIs.get(signOff.recordId), amounts.get(row.recordId), key),
  );
  const titles = await readTitles(
    look,
    seen,
    alike.map(({ recordId }) => recordId),
  );
  const said = await db
    .select()
    .from(decisions)
    .where(
      inArray(
        decisions.signOffId,
        alike.slice(0, MOST_SIMILAR * 2).map(({ id }) => id),
      ),
    )
    .orderBy(desc(decisions.id));
  return alike
    .flatMap((row): TrayDetail['similar'] => {
      const title = titles.get(row.recordId);
      if (!title || row.stage === 'none') return [];
      return [
        {
          record: row.recordId,
          number: title.number,
          title: title.title,
          amount: sayAmount(look, route, amounts.get(row.recordId)),
          stage: row.stage,
          at: row.since.toISOString(),
          comment: said.find(({ signOffId }) => signOffId === row.id)?.comment ?? '',
        },
      ];
    })
    .slice(0, MOST_SIMILAR);
};

/** The steps before one that were signed: it can go back to each. */
const backTo = (route: CompiledRoute, state: State, from: number): TrayDetail['back_to'] => {
  const groups = groupsOf(route.route.steps);
  const own = groups.findIndex((group) => group.includes(from));
  return groups
    .slice(0, own)
    .flatMap((group) =>
      group.flatMap((step) =>
        state.steps[step]?.status === 'signed' ? [{ step, label: route.route.steps[step]?.label ?? '' }] : [],
      ),
    );
};

/** What a signer needs to decide one thing; what does not wait for them, or is not theirs, does not exist. */
export const readTrayDetail = async (
  look: ReadContext,
  id: string,
  lookAt: LookAt,
  lookAtSent: LookAtSent,
): Promise<TrayDetail> => {
  const { items } = await readInTray(look, lookAtSent);
  const item =
    items.find(({ sign_off, kind }) => sign_off === id && kind === 'sign') ??
    items.find(({ sign_off }) => sign_off === id);
  if (!item) throw notFound();
  const [signOff] = await look.db.select().from(signOffs).where(eq(signOffs.id, id));
  const register = signOff && registerWithId(look.definitions, signOff.registerId);
  if (!signOff || !register) throw notFound();
  const moving = await readyToMove(look, signOff);
  const { route, state, facts } = moving;
  const step = openSteps(state).includes(item.step) ? item.step : (openSteps(state)[0] ?? 0);
  const plan = route.route.steps[step];
  const held = state.steps[step];
  const name = held && item.kind === 'sign' ? signsFor(route.route, state, held, look.person.id, facts.people) : null;
  const names = await readNamesOf(look.db, look.definitions);
  const pass = name === null ? [] : await mayPassTo(look, moving, step, name);
  // What differs is told of what they are shown of the record, and of nothing else.
  const shown = await lookAt(register.key, signOff.recordId);
  const whole = asSystem(look, 'what the formulas beside a step say was chosen by whoever made the route');
  return {
    item,
    notes: await workOutTexts(whole, route.register, signOff.recordId, route.steps[step]?.notes ?? []),
    since: await readSince(shown.look, moving, shown.register),
    beyond: await readOtherwise(shown.look, signOff, moving, shown.register),
    similar: await readSimilar(look, moving),
    fills: plan?.fills.map(({ field, must }) => ({ field, must })) ?? [],
    shows: plan?.shows ?? null,
    back_to: item.kind === 'sign' ? backTo(route, state, step) : [],
    pass_to: pass.map((each) => ({ id: each, name: names.person(each) })),
  };
};
