import { eq } from 'drizzle-orm';
import { plusMs } from '#core/base/index.ts';
import type { RecordAction } from '#core/register/index.ts';
import { findBan, groupsOf, type Mark, openSteps, type Stage, type Step, signsFor } from '#core/signoff/index.ts';
import { isNothing } from '#core/values/index.ts';
import { readNames } from '../people/names.ts';
import { invalid, notAllowed, notFound, Refusal } from '../platform/refusal.ts';
import { signOffs } from '../platform/schema.ts';
import type { CommandContext } from '../records/work.ts';
import { manages } from './managing.ts';
import { type Moving, move, readRecord, readyToMove, tellHistory, writeFields } from './move.ts';
import { takesPart } from './part.ts';
import { mayPassTo } from './pass.ts';
import { keepSeen, readWhole } from './seen.ts';

/** How long a decision can be undone: nothing follows from it before. */
export const UNDO_MS = 10_000;

/** What somebody does with a sign-off, and on which version of the record. */
export interface Decision {
  readonly decision:
    | 'approve'
    | 'send_back'
    | 'refuse'
    | 'withdraw'
    | 'delegate'
    | 'reopen'
    | 'stop'
    | 'start'
    | 'undo';
  readonly comment: string;
  /** The record's version that was seen. */
  readonly version: number;
  /** Which of the steps that wait, where it is more than one of theirs. */
  readonly step?: number | undefined;
  /** Sent back to an earlier step; else to whoever sent it. */
  readonly to_step?: number | undefined;
  /** To whom it is passed. */
  readonly to?: string | undefined;
  readonly marks: readonly Mark[];
  /** What the step fills in. */
  readonly values: Readonly<Record<string, unknown>>;
}

/** What came of it. */
export interface Decided {
  readonly stage: Stage;
  /** Until when it can be undone; null: not at all. */
  readonly undo_until: string | null;
}

/** How whoever decides is served: how long it can be undone. */
export interface DecideOptions {
  readonly undoMs: number;
}

const OVER: { readonly [S in Exclude<Stage, 'waiting'>]: string } = {
  approved: 'This was decided already: it is approved.',
  refused: 'This was decided already: it is refused.',
  sent_back: 'This was sent back meanwhile: it waits to be mended.',
  none: 'Nobody is asked to sign this any more: it was withdrawn, stopped, or changed so that no step is due.',
  stuck: 'Nobody may sign this as it is: whoever sets up routes has to look at it.',
};

const reasoned = (comment: string, what: string): string => {
  const said = comment.trim();
  if (said === '') throw invalid([{ code: 'required', path: ['comment'], detail: what }]);
  return said;
};

/** Which step they sign, and in whose name; refused with the reason where they may not. */
const stepToSign = ({ route, state, facts }: Moving, person: string, wanted: number | undefined) => {
  if (state.stage !== 'waiting' && state.stage !== 'stuck') throw new Refusal('conflict', OVER[state.stage]);
  for (const step of openSteps(state)) {
    if (wanted !== undefined && step !== wanted) continue;
    const held = state.steps[step];
    const name = held ? signsFor(route.route, state, held, person, facts.people) : null;
    const plan = route.route.steps[step];
    if (name !== null && plan) return { step, name, plan };
  }
  if (openSteps(state).length === 0)
    throw new Refusal('conflict', 'This was decided already. The next step begins in a moment.');
  const ban = findBan(route.route, state, person);
  switch (ban) {
    case 'sent':
      throw notAllowed('You sent this yourself: somebody else signs it.');
    case 'changed':
      throw notAllowed('You changed this in this round: somebody else signs it.');
    case 'twice':
      throw notAllowed('You have signed this already.');
    case null:
      throw notAllowed('This step is not yours to sign.');
  }
};

/** What the step fills in, as it is written; what must be filled in and is not, is told. */
const filledIn = (plan: Step, decision: Decision, labels: (field: string) => string): Record<string, unknown> => {
  const given = Object.entries(decision.values);
  const odd = given.filter(([key]) => !plan.fills.some(({ field }) => field === key));
  if (odd.length > 0)
    throw invalid(
      odd.map(([key]) => ({
        code: 'not_filled_here',
        path: ['values', key],
        detail: `${labels(key)} is not filled in at this step.`,
      })),
    );
  return Object.fromEntries(given);
};

const sign = async (
  work: CommandContext,
  moving: Moving,
  decision: Decision & { readonly decision: 'approve' | 'send_back' | 'refuse' },
  { undoMs }: DecideOptions,
): Promise<Moving['state']> => {
  const { db, person, clock } = work;
  const { step, name, plan } = stepToSign(moving, person.id, decision.step);
  const { route, signOff } = moving;
  const record = await readRecord(work, route, signOff.recordId);
  if (!record || record.archived) throw notFound();
  if (record.version !== decision.version)
    throw new Refusal('conflict', 'The record was changed since you opened it. Look at it again before you decide.');
  const labels = (key: string): string => route.register.fields.find((field) => field.key === key)?.label ?? key;
  const approves = decision.decision === 'approve';
  const comment = approves
    ? decision.comment.trim()
    : reasoned(decision.comment, 'Sending back and refusing need a reason: say why, so that it can be mended.');
  const values = approves ? filledIn(plan, decision, labels) : {};
  if (approves) {
    const missing = plan.fills.filter(
      ({ field, must }) =>
        must && !(Object.hasOwn(values, field) ? values[field] : !isNothing(record.values[field] ?? null)),
    );
    if (missing.length > 0)
      throw invalid(
        missing.map(({ field }) => ({
          code: 'required',
          path: ['values', field],
          detail: `${labels(field)} must be filled in before you approve.`,
        })),
      );
  }
  const wrote =
    Object.keys(values).length === 0 ? {} : await writeFields(work, route, signOff.recordId, values, 'changed');
  const now = Object.keys(values).length === 0 ? record : ((await readRecord(work, route, signOff.recordId)) ?? record);
  await keepSeen(
    db,
    signOff.id,
    route,
    now.version,
    await readWhole(work, route.register, signOff.recordId, now.values),
  );
  const ready = now === record ? moving : await readyToMove(work, signOff, now.values);
  const to = decision.decision === 'send_back' ? earlierStep(ready, step, decision.to_step) : null;
  const state = await move(
    work,
    { ...ready, signOff: { ...ready.signOff, wrote } },
    {
      kind: 'decided',
      at: clock.now,
      step,
      by: person.id,
      for: name,
      decision: decision.decision,
      version: now.version,
      comment,
      marks: decision.decision === 'send_back' ? [...decision.marks] : [],
      to,
      until: plusMs(clock.now, undoMs),
    },
  );
  const standing = name === person.id ? '' : ` (for ${(await readNames(db)).get(name) ?? ''})`;
  await tellHistory(work, route, signOff.recordId, ACTIONS[decision.decision], `${comment}${standing}`.trim());
  return state;
};

const ACTIONS = { approve: 'approved', send_back: 'sent_back', refuse: 'refused' } as const satisfies Record<
  string,
  RecordAction
>;

/** The earlier step something is sent back to: one that was signed, before the one that sends it. */
const earlierStep = ({ route, state }: Moving, from: number, to: number | undefined): number | null => {
  if (to === undefined) return null;
  const groups = groupsOf(route.route.steps);
  const place = (step: number): number => groups.findIndex((group) => group.includes(step));
  const isSigned = state.steps[to]?.status === 'signed';
  if (place(to) < 0 || place(to) >= place(from) || !isSigned)
    throw invalid([
      { code: 'step', path: ['to_step'], detail: 'It can only go back to a step before this one that was signed.' },
    ]);
  return to;
};

/** Takes back one's last decision, and what it wrote, while nothing has followed from it. */
const undo = async (work: CommandContext, moving: Moving): Promise<Moving['state']> => {
  const { person, clock } = work;
  const { pending } = moving.state;
  if (!pending || pending.by !== person.id)
    throw new Refusal('conflict', 'This cannot be undone any more: somebody acted on it meanwhile.');
  if (pending.until < clock.now) throw new Refusal('conflict', 'This cannot be undone any more: it was too long ago.');
  const { route, signOff } = moving;
  if (Object.keys(signOff.wrote).length > 0)
    await writeFields(work, route, signOff.recordId, signOff.wrote, 'taken_back');
  const ready = await readyToMove(work, { ...signOff, wrote: {} });
  const state = await move(work, ready, { kind: 'undone', at: clock.now, by: person.id });
  await tellHistory(work, route, signOff.recordId, 'taken_back', '');
  return state;
};

const delegate = async (work: CommandContext, moving: Moving, decision: Decision): Promise<Moving['state']> => {
  const { person, clock } = work;
  const { step, name } = stepToSign(moving, person.id, decision.step);
  const { to } = decision;
  const who = await mayPassTo(work, moving, step, name);
  if (to === undefined || !who.includes(to))
    throw invalid([{ code: 'to', path: ['to'], detail: 'It can be passed only to somebody who could sign it.' }]);
  const comment = decision.comment.trim();
  const state = await move(work, moving, {
    kind: 'delegated',
    at: clock.now,
    step,
    by: person.id,
    from: name,
    to,
    comment,
  });
  const names = await readNames(work.db);
  await tellHistory(
    work,
    moving.route,
    moving.signOff.recordId,
    'delegated',
    `${names.get(to) ?? ''}${comment === '' ? '' : `: ${comment}`}`,
  );
  return state;
};

const RUNNING: ReadonlySet<Stage> = new Set(['waiting', 'stuck', 'sent_back']);

const endIt = async (
  work: CommandContext,
  moving: Moving,
  decision: Decision,
  kind: 'withdrawn' | 'stopped',
): Promise<Moving['state']> => {
  const { person, clock } = work;
  const { state, route, signOff } = moving;
  if (kind === 'withdrawn' && person.id !== state.sender) throw notAllowed('Only whoever sent it can withdraw it.');
  if (kind === 'stopped' && !manages(work, route.route, 'stops')) throw notAllowed('You may not stop this.');
  if (!RUNNING.has(state.stage)) throw new Refusal('conflict', OVER[state.stage === 'waiting' ? 'none' : state.stage]);
  const comment = kind === 'stopped' ? reasoned(decision.comment, 'Say why it is stopped.') : decision.comment.trim();
  const ended = await move(work, moving, { kind, at: clock.now, by: person.id, comment });
  await tellHistory(work, route, signOff.recordId, kind, comment);
  return ended;
};

/** Begins anew what was withdrawn or stopped. */
const start = async (work: CommandContext, moving: Moving, decision: Decision): Promise<Moving['state']> => {
  const { person, clock } = work;
  const { state, route, signOff } = moving;
  if (person.id !== state.sender && !manages(work, route.route, 'stops'))
    throw notAllowed('You may not send this round.');
  if (state.stage !== 'none') throw new Refusal('conflict', 'It is on its way already.');
  const started = await move(work, moving, {
    kind: 'sent',
    at: clock.now,
    by: state.sender,
    sender: state.sender,
    from: 0,
  });
  await tellHistory(work, route, signOff.recordId, 'started', decision.comment.trim());
  return started;
};

/** Opens again what was approved: it goes back to whoever sent it, and what was locked can be changed. */
const reopen = async (work: CommandContext, moving: Moving, decision: Decision): Promise<Moving['state']> => {
  const { person, clock } = work;
  const { state, route, signOff } = moving;
  if (!manages(work, route.route, 'reopens')) throw notAllowed('You may not open this again.');
  if (state.stage !== 'approved') throw new Refusal('conflict', 'Only what is approved can be opened again.');
  const comment = reasoned(decision.comment, 'Say why it is opened again.');
  const opened = await move(work, moving, { kind: 'reopened', at: clock.now, by: person.id, comment });
  await tellHistory(work, route, signOff.recordId, 'reopened', comment);
  return opened;
};

const act = (
  work: CommandContext,
  moving: Moving,
  decision: Decision,
  options: DecideOptions,
): Promise<Moving['state']> => {
  const kind = decision.decision;
  switch (kind) {
    case 'approve':
    case 'send_back':
    case 'refuse':
      return sign(work, moving, { ...decision, decision: kind }, options);
    case 'undo':
      return undo(work, moving);
    case 'delegate':
      return delegate(work, moving, decision);
    case 'withdraw':
      return endIt(work, moving, decision, 'withdrawn');
    case 'stop':
      return endIt(work, moving, decision, 'stopped');
    case 'start':
      return start(work, moving, decision);
    case 'reopen':
      return reopen(work, moving, decision);
  }
};

/** Something somebody does with a sign-off. What they may not see does not exist. Gives where it stands with that. */
export const decide = async (
  work: CommandContext,
  signOffId: string,
  decision: Decision,
  options: DecideOptions = { undoMs: UNDO_MS },
): Promise<Decided> => {
  const [signOff] = await work.db.select().from(signOffs).where(eq(signOffs.id, signOffId)).for('update');
  if (!signOff) throw notFound();
  const moving = await readyToMove(work, signOff);
  const { route } = moving;
  const may = manages(work, route.route, 'stops') || manages(work, route.route, 'reopens');
  // Whoever was asked is told what became of it, though it waits for them no more.
  const wasAsked = moving.state.steps.some(
    ({ asked, resort }) =>
      asked.some((each) => each.person === work.person.id) || resort?.people.includes(work.person.id),
  );
  if (!may && !wasAsked && !(await takesPart(work, route.register, signOff.recordId))) throw notFound();
  const state = await act(work, moving, decision, options);
  return { stage: state.stage, undo_until: state.pending?.by === work.person.id ? state.pending.until : null };
};
