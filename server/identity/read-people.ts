import { asc, eq } from 'drizzle-orm';
import type { OnePerson, PeopleAnswer } from '#contract/index.ts';
import { isAwayOn, roleWarnings } from '#core/access/index.ts';
import { today } from '#core/base/index.ts';
import { formWithId } from '../definitions/ids.ts';
import type { Definitions } from '../definitions/store.ts';
import type { Person } from '../people/person.ts';
import type { Queryable } from '../platform/database.ts';
import { groups, people, secretLinks, tokens } from '../platform/schema.ts';
import { readLinked } from '../records/reader/index.ts';
import { asSystem, type ReadContext } from '../records/work.ts';
import { lookAs } from '../sight/work.ts';
import { readUntied } from './tie.ts';

type Row = typeof people.$inferSelect;

/** The days on which somebody is away, as long as they are not over. */
export const awayOf = (
  { awayFrom: from, awayUntil: until }: Pick<Row, 'awayFrom' | 'awayUntil'>,
  day: string,
): { from: string; until: string } | null => (from !== null && until !== null && day <= until ? { from, until } : null);

const stateOf = (row: Row, day: string): OnePerson['state'] => {
  if (row.switchedOffAt !== null) return 'switched_off';
  if (row.joinedAt === null) return 'invited';
  const away = awayOf(row, day);
  return away && isAwayOn(away, day) ? 'away' : 'active';
};

const sayUntied = (records: number): string | null =>
  records > 1 ? `${records} records hold this e-mail address, so that it says nobody’s.` : null;

/** What belongs to some people beside their rows, by whose it is. */
const readBeside = async (db: Queryable) => {
  const links = await db.select().from(secretLinks).where(eq(secretLinks.kind, 'invitation'));
  const byPerson = <T extends { personId: string | null }>(rows: readonly T[]): ReadonlyMap<string, T> =>
    new Map(rows.map((row) => [row.personId ?? '', row]));
  return {
    links: byPerson(links),
    groups: byPerson(await db.select().from(groups)),
    tokens: byPerson(await db.select().from(tokens)),
  };
};

/** Everyone who may sign in, or could, and what signs in besides. */
const readAll = async (look: ReadContext): Promise<OnePerson[]> => {
  const { db, definitions, clock } = look;
  const { catalogue } = definitions;
  const rows = await db.select().from(people).orderBy(asc(people.position), asc(people.name));
  const system = asSystem(look, 'whoever says who is who is told which record that is');
  const tied = rows.flatMap(({ recordId }) => recordId ?? []);
  const records = catalogue.people ? await readLinked(system, catalogue.people.register, tied) : {};
  const untied = await readUntied(db, definitions);
  const names = new Map(rows.map(({ id, name }) => [id, name]));
  const beside = await readBeside(db);
  const day = today(clock);
  return rows.map((row): OnePerson => {
    const away = awayOf(row, day);
    const standIn = row.standIn === null ? null : (names.get(row.standIn) ?? null);
    const link = beside.links.get(row.id);
    const group = beside.groups.get(row.id);
    const token = beside.tokens.get(row.id);
    return {
      id: row.id,
      kind: row.kind,
      name: row.name,
      email: row.email,
      telephone: row.telephone,
      roles: row.roles,
      record: row.recordId === null ? null : (records[row.recordId] ?? null),
      untied: row.recordId === null ? sayUntied(untied.get(row.email.toLowerCase()) ?? 0) : null,
      state: token && token.endsOn < day ? 'switched_off' : stateOf(row, day),
      seen_at: row.seenAt?.toISOString() ?? null,
      second_step: row.secondStep !== null,
      away: away && {
        ...away,
        stand_in: row.standIn !== null && standIn !== null ? { id: row.standIn, name: standIn } : null,
      },
      invitation:
        link && link.endsAt > new Date() ? { at: link.madeAt.toISOString(), until: link.endsAt.toISOString() } : null,
      group: group
        ? { forms: group.forms.flatMap((id) => formWithId(definitions, id)?.key ?? []), ends_at: group.endsAt }
        : null,
      token: token ? { note: token.note, ends_on: token.endsOn } : null,
    };
  });
};

/** Everyone who may sign in, the roles there are, and what roles are made over. */
export const readPeople = async (db: Queryable, definitions: Definitions, asking: Person): Promise<PeopleAnswer> => {
  const { catalogue, roles, forms } = definitions;
  return {
    people: await readAll(lookAs(db, definitions, asking)),
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
