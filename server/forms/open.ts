import { and, count, eq } from 'drizzle-orm';
import { today } from '#core/base/index.ts';
import { type Form, plainForm, plainFormOf } from '#core/form/index.ts';
import { valueContext } from '#core/register/index.ts';
import { behaviourOf } from '#core/values/index.ts';
import { findDraft } from '../definitions/drafts.ts';
import { idOf } from '../definitions/ids.ts';
import { type Definitions, nextVersion, type Versioned } from '../definitions/store.ts';
import { mayAny, mayFill, setsUp } from '../people/roles.ts';
import { takeTurns } from '../platform/locks.ts';
import { notAllowed, notFound } from '../platform/refusal.ts';
import { history } from '../platform/schema.ts';
import { type CommandContext, type ReadContext, wholeRegister } from '../records/work.ts';
import { throughForm } from './through-form.ts';

/** A form as it is opened: a version of it, or what somebody is making of it. */
export interface OpenedForm extends Versioned<Form> {
  readonly draft: boolean;
}

/** A plain form follows its register and has no versions of its own. */
const PLAIN_VERSION = 1;

const plainForms = new WeakMap<Definitions['catalogue'], Map<string, Form>>();

/** The form every register has without being designed, for whoever may add or change its records. */
const openPlain = (look: ReadContext, key: string): OpenedForm | null => {
  // Who fills in chosen forms alone has no others.
  if (look.person.forms !== null) return null;
  const may = (deed: 'add' | 'change'): boolean => mayAny(look.definitions, look.person, plainFormOf(key) ?? '', deed);
  if (!may('add') && !may('change')) return null;
  const { catalogue } = throughForm(look, key, 'a plain form has no system').sight;
  const register = catalogue.registers.get(plainFormOf(key) ?? '');
  if (!register) return null;
  const known = plainForms.get(catalogue) ?? new Map<string, Form>();
  plainForms.set(catalogue, known);
  const document = known.get(register.key) ?? plainForm(register, catalogue);
  known.set(register.key, document);
  return { document, version: PLAIN_VERSION, draft: false };
};

/** The form a person may fill in: the published one; for set-up people, on asking, the draft. */
export const openForm = async (look: ReadContext, key: string, draft: boolean): Promise<OpenedForm> => {
  const { db, definitions, person } = look;
  if (plainFormOf(key) !== null) {
    const plain = openPlain(look, key);
    if (!plain) throw notFound();
    return plain;
  }
  const kept = draft && setsUp(definitions, person, 'forms') ? await findDraft(db, 'form', key) : null;
  if (kept) return { document: kept.document, version: (await nextVersion(db, 'form', key)).version, draft: true };
  const open = definitions.forms.get(key)?.open;
  if (!open || !mayFill(definitions, person, open.document)) throw notFound();
  return { ...open, draft: false };
};

const showDay = (day: string, { catalogue }: Definitions): string =>
  behaviourOf({ kind: 'date' }).show(day, valueContext(catalogue));

/** Refuses to fill in a form outside its days; set-up people may try it at any time. */
export const refuseClosed = ({ definitions, person, clock }: ReadContext, form: Form): void => {
  if (setsUp(definitions, person, 'forms')) return;
  const day = today(clock);
  if (form.open_from !== undefined && day < form.open_from)
    throw notAllowed(`This form can be filled in from ${showDay(form.open_from, definitions)}.`);
  if (form.open_until !== undefined && day > form.open_until)
    throw notAllowed(`This form could be filled in until ${showDay(form.open_until, definitions)}.`);
};

/** Refuses one time more than a form may be filled in. What is counted is what was added by it. */
export const refuseTooOften = async (work: CommandContext, form: Form): Promise<void> => {
  const { db, person } = work;
  const { at_most: most } = form;
  if (!most) return;
  // Two that are sent at once are counted one after the other.
  await takeTurns(db, [`form ${idOf(form)}`]);
  // What the form makes along with its own records is not counted.
  const registerId = idOf(wholeRegister(work, form.register));
  const own = most.per === 'person' ? eq(history.personId, person.id) : undefined;
  const [row] = await db
    .select({ times: count() })
    .from(history)
    .where(and(eq(history.formId, idOf(form)), eq(history.registerId, registerId), eq(history.action, 'added'), own));
  if ((row?.times ?? 0) < most.times) return;
  const times = most.times === 1 ? 'once' : `${most.times} times`;
  throw notAllowed(
    most.per === 'person'
      ? `You have filled in this form ${times}, which is as often as you may.`
      : `This form was filled in ${times}, which is as often as it may be.`,
  );
};

/**
 * Whether a person may open any record in a form: the plain one, where they may see and change the register's; one made
 * for changing, where they may fill it in and see the records.
 */
export const mayChangeBy = ({ definitions, person }: ReadContext, key: string): boolean => {
  if (person.forms !== null && plainFormOf(key) !== null) return false;
  const plain = plainFormOf(key);
  if (plain !== null) return mayAny(definitions, person, plain, 'see') && mayAny(definitions, person, plain, 'change');
  const form = definitions.forms.get(key)?.open?.document;
  if (!form || form.purpose === 'add' || !mayFill(definitions, person, form)) return false;
  return mayAny(definitions, person, form.register, 'see');
};
