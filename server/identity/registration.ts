import { randomBytes } from 'node:crypto';
import { and, eq, sql } from 'drizzle-orm';
import { z } from 'zod';
import { entrySchema, type RegistrationForm } from '#contract/index.ts';
import { problem, uuidV7 } from '#core/base/index.ts';
import type { Form } from '#core/form/index.ts';
import { idOf } from '../definitions/ids.ts';
import type { Definitions } from '../definitions/store.ts';
import { readForm } from '../forms/read-form.ts';
import { checkEntry, type GivenEntry, sendEntry } from '../forms/send-entry.ts';
import { findNamesake, readActive } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import { setsUp } from '../people/roles.ts';
import type { Queryable } from '../platform/database.ts';
import { inTransaction, notify } from '../platform/locks.ts';
import { post } from '../platform/messages.ts';
import { invalid, notFound, Refusal } from '../platform/refusal.ts';
import { people } from '../platform/schema.ts';
import type { CommandContext } from '../records/work.ts';
import { inJudging, inWriting, lookAs, type Workplace } from '../sight/work.ts';
import { INVITATION_PATH } from './invitations.ts';
import { note } from './noted.ts';
import { hashPassword, refuseWeak } from './passwords.ts';
import { makeLink, peekLink, takeLink } from './secret-links.ts';
import { beginTry } from './tries.ts';

/*
 * Strangers register by a form that says so. What they send is kept with the link they are written, and nowhere else; once
 * they follow it, their record and they themselves come to be together, or neither.
 */

type Registration = NonNullable<Form['registration']>;

/** A form by which strangers register, as it is open now; with a role that is there and sets up nothing. */
const findOpen = ({ forms, roles }: Definitions, key: string): { form: Form; by: Registration } => {
  const form = forms.get(key)?.open?.document;
  const role = roles.get(form?.registration?.role ?? '');
  if (!form?.registration || !role || role.sets_up.length > 0) throw notFound();
  return { form, by: form.registration };
};

/** The forms by which strangers register. */
export const openRegistrations = (definitions: Definitions): { key: string; label: string }[] =>
  [...definitions.forms.values()].flatMap(({ open }) => {
    const role = definitions.roles.get(open?.document.registration?.role ?? '');
    return open && role && role.sets_up.length === 0 ? [{ key: open.document.key, label: open.document.label }] : [];
  });

/** Somebody who is nobody here yet: with no role, they see nothing, and fill in this form alone. */
const stranger = (form: Form, { name, email }: { name: string; email: string }): Person => ({
  id: uuidV7(Date.now(), randomBytes(10)),
  kind: 'person',
  name,
  email,
  roles: [],
  record: null,
  forms: [idOf(form)],
});

const NOBODY = { name: '', email: '' };

/** The form as a stranger gets it. */
export const readRegistrationForm = async ({ db, reader }: Workplace, key: string): Promise<RegistrationForm> => {
  const definitions = await reader.read(db);
  const { form } = findOpen(definitions, key);
  const { name, weekBegins, catalogue } = definitions;
  const { locale, zone, currency, holidays = [] } = catalogue;
  const read = await readForm(lookAs(db, definitions, stranger(form, NOBODY)), { form: key, draft: false });
  return {
    form: { ...read, form: askingWho(read.form, form) },
    workspace: { name, locale, zone, currency, holidays: [...holidays], week_begins: weekBegins },
  };
};

/** Whatever else a form leaves open, strangers answer who they are. */
const askingWho = <F extends Pick<Form, 'questions'>>(shown: F, { registration }: Form): F => ({
  ...shown,
  questions: shown.questions.map((question) =>
    question.field === registration?.name || question.field === registration?.email
      ? { ...question, rules: [...question.rules, { kind: 'must_be_answered' as const }] }
      : question,
  ),
});

const isHere = async (db: Queryable, email: string): Promise<boolean> => {
  const rows = await db
    .select({ id: people.id })
    .from(people)
    .where(and(eq(people.email, email), eq(people.kind, 'person')));
  return rows.length > 0;
};

const givenSchema = z.object({ form: z.string(), name: z.string(), email: z.string(), entry: entrySchema });

/**
 * Takes what a stranger sent, and writes to the address in it. Whether somebody here has that address already, only its
 * owner is told.
 */
export const register = async (workplace: Workplace, key: string, entry: GivenEntry, source: string): Promise<void> => {
  const { db, reader } = workplace;
  const definitions = await reader.read(db);
  const { form, by } = findOpen(definitions, key);
  if (entry.record || entry.opened || entry.makes) throw notFound();
  // Counted before it is looked at: whoever is nobody here makes no work without end.
  const typed = entry.values[by.email];
  const address = (typeof typed === 'string' ? typed : '').trim().toLowerCase().slice(0, 320);
  await beginTry(db, { email: `registering ${address}`, person: null, source });
  const values = await inJudging(workplace, stranger(form, NOBODY), (work) => checkEntry(work, key, entry));
  const [name, email] = [values[by.name], values[by.email]].map((value) => (typeof value === 'string' ? value : ''));
  if (!name || !email)
    throw invalid([
      problem('not_answered', ['values', email ? by.name : by.email], 'Write your name and your e-mail address.'),
    ]);
  const to = { id: null, name, email: email.toLowerCase() };
  await inTransaction(db, async (tx) => {
    if (await isHere(tx, to.email)) {
      await post(tx, {
        to,
        subject: `You are at ${definitions.name} already`,
        words: [
          `Hello ${name},`,
          `Somebody, most likely you, filled in “${form.label}” at ${definitions.name} with this address. It can sign in there already. If you do not know the password, choose another one where you sign in.`,
        ],
        link: { path: '/sign-in', label: 'Sign in' },
      });
      return;
    }
    const secret = await makeLink(tx, 'registration', null, { form: key, name, email: to.email, entry });
    await post(tx, {
      to,
      subject: `Confirm your address for ${definitions.name}`,
      words: [
        `Hello ${name},`,
        `Thank you for “${form.label}”. It is stored once you confirm that this address is yours. If it was not you who filled it in, do nothing: it is thrown away.`,
        'The link works once, and for one day.',
      ],
      link: { path: INVITATION_PATH, label: 'Confirm the address', secret },
    });
  });
};

/**
 * A stranger who is called as somebody here is not told so: who is here is nobody's to know. Both are shown with their
 * addresses from then on, and whoever lets people in hears of it.
 */
const tellOfNamesake = async ({ db, definitions }: CommandContext, { id, name, email }: Person): Promise<void> => {
  const other = await findNamesake(db, name, id);
  if (!other) return;
  for (const person of await readActive(db))
    if (person.id !== id && setsUp(definitions, person, 'people'))
      await post(db, {
        to: person,
        subject: `Two are called ${other.name} now`,
        words: [
          `Hello ${person.name},`,
          `Somebody registered at ${definitions.name} as ${name} (${email}), and ${other.name} (${other.email}) was here already. Wherever they sign or are chosen both are shown with their addresses. If you do not know who registered, switch them off under People & roles.`,
        ],
        link: { path: '/set-up/people', label: 'Look at People & roles' },
      });
};

/** Stores what a stranger sent, and lets them in: both, or neither. */
export const confirmRegistration = async (workplace: Workplace, secret: string, password: string): Promise<Person> => {
  const definitions = await workplace.reader.read(workplace.db);
  const given = givenSchema.parse((await peekLink(workplace.db, secret)).given);
  const { form } = findOpen(definitions, given.form);
  refuseWeak(password, [given.name, given.email, definitions.name]);
  const passwordHash = await hashPassword(password);
  const person = stranger(form, given);
  return inWriting(workplace, person, async (work) => {
    await takeLink(work.db, secret, ['registration']);
    // As it stands now, until this is stored: its role may have been given more meanwhile.
    const { by } = findOpen(work.definitions, given.form);
    if (await isHere(work.db, given.email)) throw new Refusal('conflict', 'This address can sign in already.');
    await work.db.insert(people).values({
      id: person.id,
      email: given.email,
      name: given.name,
      roles: [by.role],
      passwordHash,
      position: sql`(select coalesce(max(position), -1) + 1 from iolite.people)`,
    });
    const sent = await sendEntry(work, given.form, given.entry);
    const record = work.definitions.catalogue.people?.register === form.register ? sent.id : null;
    await work.db.update(people).set({ recordId: record }).where(eq(people.id, person.id));
    const detail = `registered by “${form.label}”`;
    await note(work.db, work.clock.now, { personId: person.id, aboutId: person.id, action: 'joined', detail });
    await tellOfNamesake(work, person);
    await notify(work.db, { kind: 'workspace' });
    return { ...person, roles: [by.role], record, forms: null };
  });
};
