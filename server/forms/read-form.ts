import type { FormAnswer, Opened } from '#contract/index.ts';
import { plainFormOf } from '#core/form/index.ts';
import type { Register } from '#core/register/index.ts';
import { compiledForm } from '../definitions/store.ts';
import { doingsOf } from '../people/roles.ts';
import { notFound } from '../platform/refusal.ts';
import { lockedOf } from '../records/commands/index.ts';
import { findRecord, readAllowed } from '../records/reader/index.ts';
import type { ReadContext } from '../records/work.ts';
import { readLocksOf } from '../signoff/locks.ts';
import { findSentBack } from '../signoff/part.ts';
import { withFills } from './fills.ts';
import { neededBy, registersOfNew } from './needed.ts';
import { mayChangeBy, openForm, refuseClosed } from './open.ts';
import { readStarts } from './starts.ts';
import { refuseUnseenRecord } from './taking-part.ts';
import { neededCatalogue, throughForm } from './through-form.ts';

/** A form as it is asked for. */
export interface FormAsked {
  readonly form: string;
  /** The record it shall change. */
  readonly record?: string | undefined;
  readonly draft: boolean;
  readonly opened?: Opened | undefined;
}

/** The record a form is opened over: one that was sent back to this person, or one they may change by it. */
const readRecord = async (look: ReadContext, shown: ReadContext, asked: FormAsked, registerKey: string) => {
  if (!asked.record) return { record: null, sentBack: null };
  const register = shown.sight.catalogue.registers.get(registerKey);
  const sentBack = await findSentBack(look, asked.record);
  if (!register || (!sentBack && !mayChangeBy(look, asked.form))) throw notFound();
  if (!sentBack) await refuseUnseenRecord(look, register, asked.record);
  const record = await findRecord(shown, register, asked.record);
  if (!record) throw notFound();
  return { record, sentBack };
};

/** The questions that this person may not answer: of a record that is changed, or of one that is added. */
const readLocked = async (look: ReadContext, register: Register, asked: FormAsked): Promise<Record<string, string>> => {
  const held = Object.fromEntries(await readLocksOf(look, register, asked.record ?? null));
  return { ...(await lockedByRoles(look, register, asked)), ...held };
};

const lockedByRoles = async (
  look: ReadContext,
  register: Register,
  asked: FormAsked,
): Promise<Record<string, string>> => {
  const isDesigned = plainFormOf(asked.form) === null;
  if (asked.record === undefined) {
    // What can be given a record only while something holds of it, is judged when it is sent.
    const given = doingsOf(look.definitions, look.person, register.key)
      .filter(({ deeds }) => isDesigned || deeds.has('add'))
      .flatMap(({ gives }) => [...gives.keys()]);
    return lockedOf(look, register, new Set(given), { deed: 'add', asked: isDesigned });
  }
  const allowed = (await readAllowed(look, register.key, [asked.record])).get(asked.record);
  return lockedOf(look, register, allowed?.changes ?? new Set(), { deed: 'change', asked: isDesigned });
};

/** A form as a person gets it, with the record where it changes one. */
export const readForm = async (look: ReadContext, asked: FormAsked): Promise<FormAnswer> => {
  const through = throughForm(look, asked.form, 'a form shows and fills what it asks');
  const opened = await openForm(look, asked.form, asked.draft);
  refuseClosed(look, opened.document);
  const compiled = compiledForm(opened.document, through.sight.catalogue);
  // Of a form that no longer fits, whoever mends it sees what it is over.
  const catalogue = compiled.ok ? neededCatalogue(look, compiled.value) : look.sight.catalogue;
  const shown = { ...look, sight: { ...through.sight, catalogue } };
  const register = catalogue.registers.get(opened.document.register);
  if (!register) throw notFound();
  const starts = compiled.ok ? await readStarts(look, compiled.value, asked.opened ?? {}) : {};
  const { record, sentBack } = await readRecord(look, shown, asked, register.key);
  return {
    form: opened.document,
    version: opened.version,
    status: opened.draft ? 'draft' : 'published',
    may_fill: true,
    register,
    ...neededBy(register, catalogue, compiled.ok ? registersOfNew(compiled.value) : []),
    now: look.clock.now,
    record,
    locked: await readLocked(look, register, asked),
    begun: compiled.ok
      ? await withFills(through, compiled.value, starts)
      : { values: starts, links: {}, snapshots: {} },
    sent_back: sentBack,
  };
};
