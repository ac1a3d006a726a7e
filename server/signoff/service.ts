import { randomBytes } from 'node:crypto';
import { and, asc, desc, eq, inArray, or, sql } from 'drizzle-orm';
import type { InTray, Track } from '#contract/index.ts';
import { type Clock, uuidV7 } from '#core/base/index.ts';
import type { Values } from '#core/expression/index.ts';
import { type RecordValues, type Register, valueContext, vocabularyOf } from '#core/register/index.ts';
import {
  afterDecision,
  type CompiledRoute,
  compileRoute,
  type DecisionKind,
  nextStep,
  recordValues,
  sayStepReason,
  signersOf,
} from '#core/signoff/index.ts';
import type { Queryable, Tx } from '../platform/database.ts';
import { notify } from '../platform/locks.ts';
import { decisions, history, people, signOffs } from '../platform/schema.ts';
import { type Definitions, readRouteVersion } from '../definitions/store.ts';
import { notAllowed, notFound, Refusal } from '../http/problem.ts';
import type { Author } from '../records/commands/author.ts';
import { findRecord, readPaths } from '../records/reader/page.ts';
import type { Person } from '../access/session.ts';

type SignOff = typeof signOffs.$inferSelect;

const routeValues = async (
  tx: Queryable,
  route: CompiledRoute,
  values: RecordValues,
  clock: Clock,
): Promise<Values> => {
  const far = route.reads.filter((path) => path.length > 1);
  return recordValues({ ...values, ...(await readPaths(tx, route.register, route.catalogue, values, far)) }, clock);
};

const signersAt = async (tx: Queryable, route: CompiledRoute, at: number, sender: string) => {
  const step = route.steps[at]?.step;
  if (!step) throw new RangeError(`route ${route.route.key} has no step ${at}`);
  const everyone = await tx.select({ id: people.id, roles: people.roles }).from(people).orderBy(asc(people.position));
  const { signers, lastResort } = signersOf(route.route, step, everyone, sender);
  return { signers, lastResort: lastResort ? 1 : 0 };
};

/**
 * Sends a stored record round, if its register has a route and a step of it applies. A record that went round
 * before begins the next round in the same sign-off. Gives the label of the step it waits at, or null.
 */
export const enterRoute = async (
  tx: Tx,
  found: Definitions,
  register: Register,
  id: string,
  values: RecordValues,
  author: Author,
  clock: Clock,
): Promise<string | null> => {
  const published = found.routes.get(register.key);
  const [old] = await tx.select().from(signOffs).where(eq(signOffs.recordId, id));
  if (!published) return null;
  const route = published.document;
  const step = nextStep(route, 0, await routeValues(tx, route, values, clock));
  await notify(tx, { kind: 'in_tray' });
  if (step === null) {
    // Nothing is left to sign: what was decided before stays in the history.
    if (old) await tx.update(signOffs).set({ stage: 'approved', signers: [] }).where(eq(signOffs.id, old.id));
    return null;
  }
  const sender = old?.sender ?? author.person;
  const entered = {
    routeKey: route.route.key,
    routeVersion: published.version,
    stage: 'waiting' as const,
    step,
    sentAt: author.at,
    ...(await signersAt(tx, route, step, sender)),
  };
  if (old) {
    await tx
      .update(signOffs)
      .set({ ...entered, round: old.round + 1 })
      .where(eq(signOffs.id, old.id));
  } else {
    const signOffId = uuidV7(author.at.getTime(), randomBytes(10));
    await tx.insert(signOffs).values({
      ...entered,
      id: signOffId,
      register: register.key,
      recordId: id,
      round: 1,
      sender,
      formKey: author.form?.key ?? null,
    });
  }
  return route.steps[step]?.step.label ?? null;
};

/** After a change outside the form: a new round when a field the route's conditions read now holds something else. */
export const afterChange = async (
  tx: Tx,
  found: Definitions,
  register: Register,
  id: string,
  changed: ReadonlySet<string>,
  values: RecordValues,
  author: Author,
  clock: Clock,
): Promise<void> => {
  const route = found.routes.get(register.key)?.document;
  const [old] = await tx.select().from(signOffs).where(eq(signOffs.recordId, id));
  if (!route || !old || old.stage === 'sent_back') return;
  if ([...changed].some((field) => route.watched.has(field)))
    await enterRoute(tx, found, register, id, values, author, clock);
};

const compiledFor = async (tx: Queryable, found: Definitions, signOff: SignOff): Promise<CompiledRoute> => {
  const now = found.routes.get(signOff.register);
  if (now && now.document.route.key === signOff.routeKey && now.version === signOff.routeVersion) return now.document;
  const compiled = compileRoute(
    await readRouteVersion(tx, signOff.routeKey, signOff.routeVersion),
    found.catalogue,
    new Set(found.roles.keys()),
  );
  if (!compiled.ok) throw new Refusal('conflict', 'The route this record is on no longer fits its register.');
  return compiled.value;
};

const sayWhy = (found: Definitions, route: CompiledRoute, signOff: SignOff): string | null => {
  const context = { vocabulary: vocabularyOf(route.register, found.catalogue), values: valueContext(found.catalogue) };
  return sayStepReason(route, signOff.step, context);
};

/** Why it waits for this person, as one sentence. */
const sayWhyYou = (found: Definitions, route: CompiledRoute, signOff: SignOff): string => {
  const reason = sayWhy(found, route, signOff);
  const label = route.steps[signOff.step]?.step.label ?? '';
  const resort = found.roles.get(route.route.last_resort)?.label ?? '';
  const who =
    signOff.lastResort === 1 ? `the ${resort} signs in place of the ${label}, who sent it` : `the ${label} signs`;
  return reason ? `${reason}, so ${who}.` : `${capital(who)} every one of these.`;
};

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const namesOf = async (tx: Queryable): Promise<Map<string, string>> =>
  new Map((await tx.select({ id: people.id, name: people.name }).from(people)).map((row) => [row.id, row.name]));

/** What waits for a person: to sign off, and sent back to them. */
export const readInTray = async (tx: Queryable, found: Definitions, person: Person): Promise<InTray> => {
  const rows = await tx
    .select()
    .from(signOffs)
    .where(
      or(
        and(eq(signOffs.stage, 'waiting'), sql`${person.id}::uuid = any(${signOffs.signers})`),
        and(eq(signOffs.stage, 'sent_back'), eq(signOffs.sender, person.id)),
      ),
    )
    .orderBy(asc(signOffs.sentAt))
    .limit(200);
  const names = await namesOf(tx);
  const backs = rows.filter((row) => row.stage === 'sent_back').map((row) => row.id);
  const reasons =
    backs.length === 0
      ? []
      : await tx.select().from(decisions).where(inArray(decisions.signOffId, backs)).orderBy(asc(decisions.id));
  const items: InTray['items'] = [];
  for (const row of rows) {
    const register = found.catalogue.registers.get(row.register);
    const record = register ? await findRecord(tx, register, found.catalogue, row.recordId) : null;
    if (!record) continue;
    const last = reasons.filter((each) => each.signOffId === row.id).at(-1);
    const mend = row.stage === 'sent_back';
    items.push({
      sign_off: row.id,
      kind: mend ? 'mend' : 'sign',
      register: row.register,
      record: row.recordId,
      number: record.number,
      title: record.title,
      from: names.get(mend && last ? last.personId : row.sender) ?? '',
      at: (mend && last ? last.at : row.sentAt).toISOString(),
      why: mend ? (last?.comment ?? '') : sayWhyYou(found, await compiledFor(tx, found, row), row),
      form: row.formKey,
    });
  }
  return { items };
};

/** The sign-off track of a record, or null when it goes round nowhere. */
export const readTrack = async (tx: Queryable, found: Definitions, recordId: string): Promise<Track | null> => {
  const [signOff] = await tx.select().from(signOffs).where(eq(signOffs.recordId, recordId));
  if (!signOff) return null;
  const route = await compiledFor(tx, found, signOff);
  const names = await namesOf(tx);
  const made = await tx
    .select()
    .from(decisions)
    .where(and(eq(decisions.signOffId, signOff.id), eq(decisions.round, signOff.round)))
    .orderBy(desc(decisions.id));
  return {
    stage: signOff.stage,
    round: signOff.round,
    route: route.route.label,
    why: sayWhy(found, route, signOff),
    sender: names.get(signOff.sender) ?? '',
    sent_at: signOff.sentAt.toISOString(),
    steps: route.steps.map(({ step }, at) => {
      const decision = made.find((each) => each.step === at);
      return {
        label: step.label,
        state: stepState(signOff, at, decision !== undefined),
        by: decision ? (names.get(decision.personId) ?? '') : null,
        at: decision?.at.toISOString() ?? null,
        comment: decision?.comment ?? null,
      };
    }),
  };
};

const stepState = (signOff: SignOff, at: number, decided: boolean): Track['steps'][number]['state'] => {
  if (at > signOff.step) return 'to_come';
  if (at < signOff.step) return decided ? 'approved' : 'skipped';
  return signOff.stage === 'approved' && !decided ? 'skipped' : signOff.stage;
};

/** The last reason a record was sent back with, and by whom. */
export const findSentBack = async (
  tx: Queryable,
  recordId: string,
  sender: string,
): Promise<{ by: string; reason: string; formKey: string | null } | null> => {
  const [signOff] = await tx
    .select()
    .from(signOffs)
    .where(and(eq(signOffs.recordId, recordId), eq(signOffs.stage, 'sent_back'), eq(signOffs.sender, sender)));
  if (!signOff) return null;
  const [last] = await tx
    .select()
    .from(decisions)
    .where(eq(decisions.signOffId, signOff.id))
    .orderBy(desc(decisions.id))
    .limit(1);
  const names = await namesOf(tx);
  return { by: names.get(last?.personId ?? '') ?? '', reason: last?.comment ?? '', formKey: signOff.formKey };
};

/** Whether a person may see a record because it waits for them, they decided on it, or they sent it. */
export const takesPart = async (tx: Queryable, recordId: string, person: string): Promise<boolean> => {
  const [row] = await tx.select().from(signOffs).where(eq(signOffs.recordId, recordId));
  if (!row) return false;
  if (row.sender === person || (row.stage === 'waiting' && row.signers.includes(person))) return true;
  const [decided] = await tx
    .select({ id: decisions.id })
    .from(decisions)
    .where(and(eq(decisions.signOffId, row.id), eq(decisions.personId, person)))
    .limit(1);
  return decided !== undefined;
};

/** A decision by one of the signers on the version they saw. Gives the stage it leads to. */
export const decide = async (
  tx: Tx,
  found: Definitions,
  signOffId: string,
  decision: { decision: DecisionKind; comment: string; version: number },
  person: Person,
  clock: Clock,
): Promise<{ stage: SignOff['stage'] }> => {
  const [signOff] = await tx.select().from(signOffs).where(eq(signOffs.id, signOffId)).for('update');
  if (!signOff) throw notFound();
  const part = await takesPart(tx, signOff.recordId, person.id);
  if (!part) throw notFound();
  const route = await compiledFor(tx, found, signOff);
  if (signOff.stage !== 'waiting') throw new Refusal('conflict', 'This was decided already.');
  const { signers } = await signersAt(tx, route, signOff.step, signOff.sender);
  if (!signers.includes(person.id)) throw notAllowed('This step is not yours to sign.');
  const record = await findRecord(tx, route.register, found.catalogue, signOff.recordId);
  if (!record) throw notFound();
  if (record.version !== decision.version)
    throw new Refusal('conflict', 'The record was changed since you opened it. Look at it again before you decide.');
  const comment = decision.comment.trim();
  if (decision.decision !== 'approve' && comment === '') {
    throw new Refusal('invalid', 'Sending back and refusing need a reason.', [
      { code: 'required', path: ['comment'], detail: 'Say why, so that it can be mended.' },
    ]);
  }
  const at = new Date(clock.now);
  const next = afterDecision(
    route,
    signOff.step,
    decision.decision,
    await routeValues(tx, route, record.values, clock),
  );
  await tx.insert(decisions).values({
    signOffId,
    round: signOff.round,
    step: signOff.step,
    personId: person.id,
    decision: decision.decision,
    comment,
    recordVersion: record.version,
    at,
  });
  const entered =
    next.stage === 'waiting'
      ? await signersAt(tx, route, next.step, signOff.sender)
      : { signers: [], lastResort: signOff.lastResort };
  await tx
    .update(signOffs)
    .set({ stage: next.stage, step: next.step, ...entered })
    .where(eq(signOffs.id, signOffId));
  const action = ({ approve: 'approved', send_back: 'sent_back', refuse: 'refused' } as const)[decision.decision];
  await tx.insert(history).values({
    register: signOff.register,
    recordId: signOff.recordId,
    at,
    personId: person.id,
    action,
    comment,
    changes: {},
  });
  await notify(tx, { kind: 'in_tray' });
  await notify(tx, { kind: 'records', register: signOff.register });
  return { stage: next.stage };
};
