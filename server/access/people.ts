import { desc, eq } from 'drizzle-orm';
import type { z } from 'zod';
import type { PeopleAnswer, personChangeSchema, workspaceHistorySchema } from '#contract/index.ts';
import { givesSetUp, roleWarnings } from '#core/access/index.ts';
import { problem } from '#core/base/index.ts';
import { lastOf } from '../definitions/service.ts';
import type { Definitions } from '../definitions/store.ts';
import { readEveryone, readNames } from '../people/names.ts';
import type { Person } from '../people/person.ts';
import type { Queryable, Tx } from '../platform/database.ts';
import { inTransaction, lockDefinitions, notify } from '../platform/locks.ts';
import { invalid, notFound } from '../platform/refusal.ts';
import { people, workspaceHistory } from '../platform/schema.ts';
import { readLinked } from '../records/reader/index.ts';
import { asSystem } from '../records/work.ts';
import { readUntied } from './tie.ts';
import { lookAs, type Workplace } from './work.ts';

/** What was done to the workspace itself. */
type Noted = Omit<typeof workspaceHistory.$inferInsert, 'id' | 'at'>;

/** Notes what was done to the workspace itself that no definition tells of. */
export const note = async (db: Queryable, at: string, noted: Noted): Promise<void> => {
  await db.insert(workspaceHistory).values({ ...noted, at: new Date(at) });
};

const MOST_NOTED = 100;

/** What was done to the workspace itself of late, the newest first. */
export const readNoted = async (db: Queryable): Promise<z.output<typeof workspaceHistorySchema>> => {
  const rows = await db.select().from(workspaceHistory).orderBy(desc(workspaceHistory.id)).limit(MOST_NOTED);
  const names = await readNames(db);
  return {
    events: rows.map((row) => ({
      id: String(row.id),
      at: row.at.toISOString(),
      by: names.get(row.personId) ?? '',
      says: row.detail,
    })),
  };
};

/** Everyone who may sign in, the roles there are, and what roles are made over. */
export const readPeople = async (db: Queryable, definitions: Definitions, asking: Person): Promise<PeopleAnswer> => {
  const { catalogue, roles, forms } = definitions;
  const everyone = await readEveryone(db);
  const system = asSystem(lookAs(db, definitions, asking), 'whoever says who is who is told which record that is');
  const tied = everyone.flatMap(({ record }) => record ?? []);
  const records = catalogue.people ? await readLinked(system, catalogue.people.register, tied) : {};
  const untied = await readUntied(db, definitions);
  return {
    people: everyone.map(({ record, ...person }) => ({
      ...person,
      roles: [...person.roles],
      record: record === null ? null : (records[record] ?? null),
      untied: record === null ? sayUntied(untied.get(person.email.toLowerCase()) ?? 0) : null,
    })),
    roles: [...roles.values()],
    warnings: Object.fromEntries([...roles.values()].map((role) => [role.key, roleWarnings(role, catalogue)])),
    registers: [...catalogue.registers.values()],
    choice_lists: [...catalogue.choiceLists.values()],
    people_register: catalogue.people ?? null,
    forms: [...forms.values()].map(({ published: { document } }) => ({
      key: document.key,
      label: document.label,
      register: document.register,
      roles: document.fill_in_by,
    })),
  };
};

const sayUntied = (records: number): string | null =>
  records > 1 ? `${records} records hold this e-mail address, so that it says nobody’s.` : null;

/** Refuses to take away the last right over registers, or over people. */
const refuseLast = async (tx: Tx, { roles }: Definitions, changed: Person): Promise<void> => {
  const everyone = (await readEveryone(tx)).map((person) => (person.id === changed.id ? changed : person));
  for (const right of ['registers', 'people'] as const) {
    const held = everyone.some((person) =>
      givesSetUp(
        person.roles.flatMap((key) => roles.get(key) ?? []),
        right,
      ),
    );
    if (!held) throw invalid([lastOf(right, ['roles'])]);
  }
};

/** Gives a person other roles, or ties them to another record; noted in the history of the workspace. */
export const changePerson = (
  { db, reader }: Workplace,
  by: Person,
  id: string,
  change: z.output<typeof personChangeSchema>,
): Promise<void> =>
  inTransaction(db, async (tx) => {
    await lockDefinitions(tx);
    const definitions = await reader.read(tx);
    const look = lookAs(tx, definitions, by);
    const before = (await readEveryone(tx)).find((person) => person.id === id);
    if (!before) throw notFound();
    const { roles, record } = change;
    if (roles) {
      const unknown = roles.findIndex((key) => !definitions.roles.has(key));
      if (unknown >= 0) throw invalid([problem('unknown_role', ['roles', unknown], 'There is no such role.')]);
      await refuseLast(tx, definitions, { ...before, roles });
      await tx.update(people).set({ roles }).where(eq(people.id, id));
      const labels = roles.map((key) => definitions.roles.get(key)?.label ?? key);
      const detail = `gave ${before.name} ${labels.length === 0 ? 'no role' : `the roles ${labels.join(', ')}`}`;
      await note(tx, look.clock.now, { personId: by.id, aboutId: id, action: 'roles_given', detail });
    }
    if (record !== undefined) {
      const register = definitions.catalogue.people?.register ?? '';
      const system = asSystem(look, 'whoever says who is who may choose any record');
      const found = record === null ? {} : await readLinked(system, register, [record]);
      const titled = record === null ? null : found[record];
      if (record !== null && !titled)
        throw invalid([problem('unknown_record', ['record'], 'This record is not there.')]);
      await tx.update(people).set({ recordId: record }).where(eq(people.id, id));
      const detail = titled
        ? `tied ${before.name} to ${titled.number}, ${titled.title}`
        : `tied ${before.name} to no record`;
      await note(tx, look.clock.now, { personId: by.id, aboutId: id, action: 'tied', detail });
    }
    await notify(tx, { kind: 'workspace' });
  });
