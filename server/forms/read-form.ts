import type { FormAnswer, Linked, Opened } from '#contract/index.ts';
import { compiledForm } from '../definitions/store.ts';
import { notFound } from '../platform/refusal.ts';
import { findRecord } from '../records/reader/index.ts';
import { asSystem, type Look } from '../records/work.ts';
import { findSentBack } from '../signoff/part.ts';
import { withFills } from './fills.ts';
import { neededBy } from './needed.ts';
import { mayChangeBy, openForm, refuseClosed } from './open.ts';
import { readStarts } from './starts.ts';

/** A form as it is asked for. */
export interface FormAsked {
  readonly form: string;
  /** The record it shall change. */
  readonly record?: string | undefined;
  readonly draft: boolean;
  readonly opened?: Opened | undefined;
}

const bare = (links: Readonly<Record<string, Linked>>): Record<string, Linked> =>
  Object.fromEntries(Object.entries(links).map(([key, link]) => [key, { ...link, beside: [] }]));

/** The record a form is opened over: one that was sent back to this person, or one they may change by it. */
const readRecord = async (look: Look, asked: FormAsked, registerKey: string) => {
  if (!asked.record) return { record: null, sentBack: null };
  const register = look.definitions.catalogue.registers.get(registerKey);
  const sentBack = await findSentBack(look.db, asked.record, look.person.id);
  if (!register || (!sentBack && !mayChangeBy(look, asked.form))) throw notFound();
  const system = asSystem(look, 'a form shows of its record what it asks, whatever the person may see elsewhere');
  const record = await findRecord(system, register, asked.record);
  if (!record) throw notFound();
  return { record: { ...record, links: bare(record.links), linked: bare(record.linked) }, sentBack };
};

/** A form as a person gets it, with the record where it changes one. */
export const readForm = async (look: Look, asked: FormAsked): Promise<FormAnswer> => {
  const { catalogue } = look.definitions;
  const opened = await openForm(look, asked.form, asked.draft);
  refuseClosed(look, opened.document);
  const register = catalogue.registers.get(opened.document.register);
  if (!register) throw notFound();
  const compiled = compiledForm(opened.document, catalogue);
  const starts = compiled.ok ? await readStarts(look, compiled.value, asked.opened ?? {}) : {};
  const { record, sentBack } = await readRecord(look, asked, register.key);
  return {
    form: opened.document,
    version: opened.version,
    status: opened.draft ? 'draft' : 'published',
    may_fill: true,
    register,
    ...neededBy(register, catalogue),
    now: look.clock.now,
    record,
    begun: compiled.ok ? await withFills(look, compiled.value, starts) : { values: starts, links: {}, snapshots: {} },
    sent_back: sentBack,
  };
};
