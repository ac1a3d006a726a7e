import { randomBytes } from 'node:crypto';
import { and, eq, inArray, sql } from 'drizzle-orm';
import { z } from 'zod';
import type { Invites, linkAnswerSchema } from '#contract/index.ts';
import { cleanLine, foldText, type Problem, problem, uuidV7 } from '#core/base/index.ts';
import type { Definitions } from '../definitions/store.ts';
import { readEveryone, toPerson } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import type { Queryable, Tx } from '../platform/database.ts';
import { inTransaction, lockDefinitions, notify } from '../platform/locks.ts';
import { type Addressee, post } from '../platform/messages.ts';
import { invalid, notFound, Refusal } from '../platform/refusal.ts';
import { people } from '../platform/schema.ts';
import { lookAs, type Workplace } from '../sight/work.ts';
import { askOthers } from '../signoff/wake.ts';
import { note } from './noted.ts';
import { hashPassword, refuseWeak } from './passwords.ts';
import { refuseUnknownRoles } from './people.ts';
import { makeLink, peekLink, takeLink } from './secret-links.ts';
import { tieByEmail } from './tie.ts';

/** The pages that links open. */
export const INVITATION_PATH = '/invitation';

const newId = (): string => uuidV7(Date.now(), randomBytes(10));

const addressSchema = z.email().max(254);
const LONGEST_NAME = 80;

/** Somebody to be invited, as they will be kept. */
interface Invited {
  readonly name: string;
  readonly email: string;
  readonly roles: readonly string[];
  readonly telephone: string;
}

/** What is wrong with one of those who are invited, by what was typed alone. */
const problemsOf = ({ name, email }: Invited, typed: string, at: number): Problem[] => {
  const path = ['people', at];
  const found: Problem[] = [];
  if (name === '') found.push(problem('no_name', [...path, 'name'], 'A name is missing.'));
  if (name.length > LONGEST_NAME)
    found.push(problem('long_name', [...path, 'name'], `A name has at most ${LONGEST_NAME} characters.`));
  // A line break in an address would begin another header.
  if (/[\r\n]/.test(typed.trim()) || !addressSchema.safeParse(email).success)
    found.push(problem('no_address', [...path, 'email'], `“${cleanLine(typed)}” is no e-mail address.`));
  return found;
};

/** What is wrong with those who are invited, all of it at once: wrong, named twice, or here already. */
const inviteProblems = async (
  db: Queryable,
  definitions: Definitions,
  given: Invites,
): Promise<[Invited[], Problem[]]> => {
  const invited = given.people.map(({ name, email, roles = [], telephone = '' }) => ({
    name: cleanLine(name),
    email: email.trim().toLowerCase(),
    roles,
    telephone: cleanLine(telephone),
  }));
  const known = await db
    .select({ email: people.email, name: people.name })
    .from(people)
    .where(
      and(
        eq(people.kind, 'person'),
        inArray(
          people.email,
          invited.map(({ email }) => email),
        ),
      ),
    );
  const names = new Map(known.map(({ email, name }) => [email, name]));
  const taken = new Map(
    given.same_names === true
      ? []
      : (await readEveryone(db))
          .filter(({ kind }) => kind === 'person')
          .map(({ name, email }) => [foldText(name), `${name} (${email})`] as const),
  );
  const first = new Map<string, number>();
  const problems = invited.flatMap((person, i) => {
    const found = [
      ...problemsOf(person, given.people[i]?.email ?? '', i),
      ...refuseUnknownRoles(definitions, person.roles, ['people', i, 'roles']),
    ];
    const here = names.get(person.email);
    const twice = first.get(person.email);
    if (here !== undefined)
      found.push(problem('known', ['people', i, 'email'], `${person.email} is here already: ${here}.`));
    else if (twice !== undefined)
      found.push(
        problem('twice', ['people', i, 'email'], `${person.email} is named twice: also in line ${twice + 1}.`),
      );
    const namesake = taken.get(foldText(person.name));
    if (namesake !== undefined && found.length === 0)
      found.push(
        problem(
          'same_name',
          ['people', i, 'name'],
          `There is ${namesake} already. Invite them all the same, and both are shown with their e-mail address.`,
        ),
      );
    first.set(person.email, twice ?? i);
    return found;
  });
  return [invited, problems];
};

const sayUntil = (days: number): string => `The link works once, and for ${days} days.`;

/** Writes somebody an invitation; one they had before works no longer. */
const writeInvitation = async (
  tx: Tx,
  workspace: string,
  to: Addressee & { id: string },
  by: string,
): Promise<void> => {
  const secret = await makeLink(tx, 'invitation', to.id);
  await post(tx, {
    to,
    subject: `${by} invites you to ${workspace}`,
    words: [
      `Hello ${to.name},`,
      `${by} has let you in to ${workspace}. Choose a password, and you are in. You sign in with this address, ${to.email}.`,
      sayUntil(7),
    ],
    link: { path: INVITATION_PATH, label: 'Accept the invitation', secret },
  });
};

/** Invites people: all of them, or, where anything is wrong, nobody. */
export const invite = ({ db, reader }: Workplace, by: Person, given: Invites): Promise<number> =>
  inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    const definitions = await reader.read(tx);
    const [invited, problems] = await inviteProblems(tx, definitions, given);
    if (problems.length > 0) throw invalid(problems);
    const { clock } = lookAs(tx, definitions, by);
    for (const person of invited) {
      const id = newId();
      await tx.insert(people).values({
        id,
        name: person.name,
        email: person.email,
        telephone: person.telephone,
        roles: [...person.roles],
        joinedAt: null,
        position: sql`(select coalesce(max(position), -1) + 1 from iolite.people)`,
      });
      await writeInvitation(tx, definitions.name, { ...person, id }, by.name);
      await note(tx, clock.now, { personId: by.id, aboutId: id, action: 'invited', detail: `invited ${person.name}` });
    }
    await notify(tx, { kind: 'workspace' });
    return invited.length;
  });

/** Sends somebody's invitation once more, with another link. */
export const inviteAgain = ({ db, reader }: Workplace, by: Person, id: string): Promise<void> =>
  inTransaction(db, async (tx) => {
    const [row] = await tx.select().from(people).where(eq(people.id, id));
    if (row?.kind !== 'person') throw notFound();
    if (row.joinedAt !== null) throw new Refusal('conflict', `${row.name} has come in already.`);
    if (row.switchedOffAt !== null) throw new Refusal('conflict', `${row.name} is switched off. Switch them on first.`);
    await writeInvitation(tx, (await reader.read(tx)).name, row, by.name);
    await notify(tx, { kind: 'workspace' });
  });

const registrationSchema = z.object({ name: z.string(), email: z.string() });

/** What a link is for, as the page that it opens says it. */
export const describeLink = async (
  { db, reader }: Workplace,
  secret: string,
): Promise<z.output<typeof linkAnswerSchema>> => {
  const link = await peekLink(db, secret);
  const { name: workspace } = await reader.read(db);
  if (link.kind === 'registration') return { kind: link.kind, workspace, ...registrationSchema.parse(link.given) };
  const [row] = await db
    .select()
    .from(people)
    .where(eq(people.id, link.personId ?? ''));
  if (!row || row.switchedOffAt !== null) throw notFound();
  return { kind: link.kind, workspace, name: row.name, email: row.email };
};

/** Lets somebody in who was invited: with the password they choose, and the record that holds their address. */
export const acceptInvitation = (
  { db, reader, followers }: Workplace,
  secret: string,
  password: string,
): Promise<Person> =>
  inTransaction(db, async (tx) => {
    const definitions = await reader.read(tx);
    const link = await takeLink(tx, secret, ['invitation']);
    const [row] = await tx
      .select()
      .from(people)
      .where(eq(people.id, link.personId ?? ''));
    if (!row || row.switchedOffAt !== null) throw notFound();
    refuseWeak(password, [row.name, row.email, definitions.name]);
    const now = new Date();
    await tx
      .update(people)
      .set({ joinedAt: now, passwordHash: await hashPassword(password) })
      .where(eq(people.id, row.id));
    // From now on it is sure whose the address is.
    if (row.recordId === null) await tieByEmail(tx, definitions, row.id);
    await note(tx, now.toISOString(), { personId: row.id, aboutId: row.id, action: 'joined', detail: 'came in' });
    await notify(tx, { kind: 'workspace' });
    const [joined] = await tx.select().from(people).where(eq(people.id, row.id));
    const person = toPerson(joined ?? row);
    // What began to wait while they were only invited is asked of them, too.
    await askOthers({ ...lookAs(tx, definitions, person), db: tx, followers }, row.id);
    return person;
  });
