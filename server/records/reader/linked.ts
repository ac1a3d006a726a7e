import type { Linked } from '#contract/index.ts';
import type { Clock } from '#core/base/index.ts';
import {
  besideFields,
  type Catalogue,
  type Register,
  titleOf,
  valueContext,
  vocabularyOf,
} from '#core/register/index.ts';
import { identifier, join, parameter, type SqlFragment, type SqlType, sql } from '#core/sql/index.ts';
import { behaviourOf, leadsTo, linkToOne, PEOPLE } from '#core/values/index.ts';
import { readLinkedPeople } from '../../people/names.ts';
import { type Read, readColumn } from '../../platform/driver-values.ts';
import { executeKept } from '../../platform/fragment.ts';
import type { Sight } from '../sight.ts';
import type { Reading } from '../work.ts';
import { as, selectFields } from './columns.ts';
import { relation, relationsOf } from './relation.ts';

/** One thing a link shows of its record: how it is asked for, and how it is written. */
interface Shown {
  readonly value: (alias: string, clock: Clock, sight: Sight) => SqlFragment;
  readonly type: SqlType;
  readonly say: (stored: Read, number: string) => string;
  /** Whether it can change with the clock alone. */
  readonly moves: boolean;
}

const titleShown = (register: Register, catalogue: Catalogue): Shown => {
  const title = titleOf(register, catalogue);
  return { ...title, value: (alias, clock, sight) => title.value({ alias, clock, from: relationsOf(sight) }) };
};

/** A field beside the title; of a link the linked record's title, of what may not be seen nothing, not even its id. */
const besideShown = (register: Register, catalogue: Catalogue): Shown[] =>
  besideFields(register).flatMap((field): Shown[] => {
    const { type } = field;
    const to = leadsTo(type);
    const target = to === null ? undefined : catalogue.registers.get(to);
    if (linkToOne(type) && target) {
      const title = titleShown(target, catalogue);
      return [
        {
          ...title,
          value: (alias, clock, sight) =>
            sql`(select ${title.value('s', clock, sight)} from ${relation(sight, target.key)} s where s.id = ${identifier(alias, field.key)})`,
          say: (stored) => (stored === null ? '' : title.say(stored, '')),
        },
      ];
    }
    if (to !== null) return [];
    const context = valueContext(catalogue);
    return selectFields([field], vocabularyOf(register, catalogue)).map(({ value, type: sqlType, moves }) => ({
      value,
      type: sqlType,
      moves,
      say: (stored) => behaviourOf(type).show(stored, context),
    }));
  });

const shown = new WeakMap<Catalogue, Map<string, readonly Shown[]>>();

/** What a link to a register's record shows: its title, and up to two fields beside. */
export const shownOf = (register: Register, catalogue: Catalogue): readonly Shown[] => {
  const known = shown.get(catalogue) ?? new Map<string, readonly Shown[]>();
  shown.set(catalogue, known);
  const found = known.get(register.key) ?? [titleShown(register, catalogue), ...besideShown(register, catalogue)];
  known.set(register.key, found);
  return found;
};

/** A record as a link shows it, from what was selected for it. */
export const linkedOf = (
  shownThings: readonly Shown[],
  id: string,
  number: string,
  column: (i: number) => unknown,
): Linked => {
  const [title = number, ...beside] = shownThings.map((each, i) => each.say(readColumn(column(i), each.type), number));
  return { id, number, title, beside: beside.filter((text) => text !== '') };
};

/** Some records of a register, or people, as links show them; by id. What may not be seen is left out. */
export const readLinked = async (
  { db, sight, clock }: Reading,
  to: string,
  ids: readonly string[],
): Promise<Record<string, Linked>> => {
  if (ids.length === 0) return {};
  if (to === PEOPLE) return readLinkedPeople(db, ids);
  const register = sight.catalogue.registers.get(to);
  if (!register) return {};
  const things = shownOf(register, sight.catalogue);
  const columns = [sql`t.id`, sql`t.number`, ...things.map((each, i) => as(each.value('t', clock, sight), `l${i}`))];
  const rows = await executeKept(
    db,
    sql`select ${join(columns, ', ')} from ${relation(sight, to)} t where t.id = any(${parameter([...ids], 'uuid[]')})`,
  );
  return Object.fromEntries(
    rows.map((row) => {
      const id = String(row.id);
      return [id, linkedOf(things, id, String(row.number), (i) => row[`l${i}`])];
    }),
  );
};
