import type { FormAnswer, Opened } from '#contract/index.ts';
import { compiledForm } from '../definitions/store.ts';
import { notFound } from '../platform/refusal.ts';
import { findRecord } from '../records/reader/index.ts';
import type { Look } from '../records/work.ts';
import { findSentBack } from '../signoff/part.ts';
import { withFills } from './fills.ts';
import { neededBy } from './needed.ts';
import { mayChangeBy, openForm, refuseClosed } from './open.ts';
import { readStarts } from './starts.ts';
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
const readRecord = async (look: Look, shown: Look, asked: FormAsked, registerKey: string) => {
  if (!asked.record) return { record: null, sentBack: null };
  const register = shown.sight.catalogue.registers.get(registerKey);
  const sentBack = await findSentBack(look.db, asked.record, look.person.id);
  if (!register || (!sentBack && !mayChangeBy(look, asked.form))) throw notFound();
  const record = await findRecord(shown, register, asked.record);
  if (!record) throw notFound();
  return { record, sentBack };
};

/** A form as a person gets it, with the record where it changes one. */
export const readForm = async (look: Look, asked: FormAsked): Promise<FormAnswer> => {
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
    ...neededBy(register, catalogue),
    now: look.clock.now,
    record,
    begun: compiled.ok
      ? await withFills(through, compiled.value, starts)
      : { values: starts, links: {}, snapshots: {} },
    sent_back: sentBack,
  };
};
