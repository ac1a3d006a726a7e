import { and, count, eq, sql } from 'drizzle-orm';
import { type Clock, today } from '#core/base/index.ts';
import { type Form, plainForm, plainFormOf } from '#core/form/index.ts';
import { valueContext } from '#core/register/index.ts';
import { behaviourOf } from '#core/values/index.ts';
import type { Queryable } from '../platform/database.ts';
import { history } from '../platform/schema.ts';
import { type Definitions, isSetup, mayFill, personRights, type Versioned } from '../definitions/store.ts';
import { notAllowed, notFound } from '../http/problem.ts';
import type { Person } from '../access/session.ts';

/** The form every register has without being designed, for whoever may add or change its records. */
const openPlain = (found: Definitions, person: Person, key: string): (Versioned<Form> & { draft: boolean }) | null => {
  const register = found.catalogue.registers.get(plainFormOf(key) ?? '');
  if (!register) return null;
  const rights = personRights(found, person, register.key);
  return rights.add || rights.change
    ? { document: plainForm(register, found.catalogue), version: PLAIN_VERSION, draft: false }
    : null;
};
/** A plain form follows its register and has no versions of its own. */
const PLAIN_VERSION = 1;

/** The form a person may fill in: the published one; for set-up people, on asking, the draft. */
export const openForm = (
  found: Definitions,
  person: Person,
  key: string,
  draft: boolean,
): Versioned<Form> & { draft: boolean } => {
  if (plainFormOf(key) !== null) {
    const plain = openPlain(found, person, key);
    if (!plain) throw notFound();
    return plain;
  }
  const held = found.forms.get(key);
  if (draft && held?.draft && isSetup(found, person)) return { ...held.draft, draft: true };
  if (!held?.open || !mayFill(found, person, held.open.document)) throw notFound();
  return { ...held.open, draft: false };
};

const showDay = (day: string, { catalogue }: Definitions): string =>
  behaviourOf({ kind: 'date' }).show(day, valueContext(catalogue));

/** Refuses to fill in a form outside its days; set-up people may try it at any time. */
export const refuseClosed = (found: Definitions, person: Person, form: Form, clock: Clock): void => {
  if (isSetup(found, person)) return;
  const day = today(clock);
  if (form.open_from !== undefined && day < form.open_from)
    throw notAllowed(`This form can be filled in from ${showDay(form.open_from, found)}.`);
  if (form.open_until !== undefined && day > form.open_until)
    throw notAllowed(`This form could be filled in until ${showDay(form.open_until, found)}.`);
};

/** Refuses one time more than a form may be filled in. What is counted is what was added by it. */
export const refuseTooOften = async (tx: Queryable, person: Person, { key, at_most: most }: Form): Promise<void> => {
  if (!most) return;
  // Two that are sent at once are counted one after the other.
  await tx.execute(sql`select pg_advisory_xact_lock(hashtextextended(${`form ${key}`}, 0))`);
  const own = most.per === 'person' ? eq(history.personId, person.id) : undefined;
  const [row] = await tx
    .select({ times: count() })
    .from(history)
    .where(and(eq(history.formKey, key), eq(history.action, 'added'), own));
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
export const mayChangeBy = (found: Definitions, person: Person, key: string): boolean => {
  const plain = plainFormOf(key);
  if (plain !== null) {
    const rights = personRights(found, person, plain);
    return rights.see && rights.change;
  }
  const form = found.forms.get(key)?.open?.document;
  if (!form || form.purpose === 'add' || !mayFill(found, person, form)) return false;
  return personRights(found, person, form.register).see;
};
