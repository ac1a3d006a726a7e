import { and, desc, eq } from 'drizzle-orm';
import type { HistoryAnswer, Linked } from '#contract/index.ts';
import { byKeys, type Catalogue, type Field, type Register, valueByKeys, valueContext } from '#core/register/index.ts';
import { behaviourOf, leadsTo, type StoredValue, textsOf } from '#core/values/index.ts';
import { formWithId, idOf } from '../../definitions/ids.ts';
import { readNames as readPeopleNames } from '../../people/names.ts';
import { history } from '../../platform/schema.ts';
import type { ReadContext } from '../work.ts';
import { readLinked } from './linked.ts';
import { readSeenOn } from './seen-on.ts';

const MAX_EVENTS = 200;
/** What happens with time alone: kept in the name of whoever sent the record, and done by nobody. */
const BY_ITSELF: ReadonlySet<string> = new Set(['passed_on', 'let_through', 'reminded']);

/** What an event changed, by the keys fields have now. */
type Changes = Readonly<Record<string, readonly StoredValue[]>>;

const changesOf = (register: Register, { changes }: typeof history.$inferSelect): Changes =>
  byKeys<readonly StoredValue[]>(register.fields, changes, (pair, field) =>
    pair.map((value) => valueByKeys(value, field)),
  );

type Names = ReadonlyMap<string, Readonly<Record<string, Linked>>>;

const idsIn = (value: StoredValue): readonly string[] => (typeof value === 'string' ? [value] : textsOf(value));

/** A value in words; what it points to by its title, also if that was archived since, if it may be seen. */
const sayValue = (catalogue: Catalogue, { type }: Field, value: StoredValue, names: Names): string => {
  const to = leadsTo(type);
  if (to === null) return behaviourOf(type).show(value, valueContext(catalogue));
  return idsIn(value)
    .map((id) => names.get(to)?.[id]?.title ?? 'a record')
    .join(', ');
};

/** What all the changes of a history point to, each register asked once. */
const readNames = async (look: ReadContext, register: Register, changes: readonly Changes[]): Promise<Names> => {
  const wanted = new Map<string, Set<string>>();
  for (const field of register.fields) {
    const to = leadsTo(field.type);
    if (to === null) continue;
    const ids = wanted.get(to) ?? new Set<string>();
    wanted.set(to, ids);
    for (const each of changes) for (const value of each[field.key] ?? []) for (const id of idsIn(value)) ids.add(id);
  }
  const names = new Map<string, Readonly<Record<string, Linked>>>();
  for (const [to, ids] of wanted) names.set(to, await readLinked(look, to, [...ids]));
  return names;
};

/** Who did what to a record, newest first; values in the words of their fields, only fields that still are. */
export const readHistory = async (look: ReadContext, register: Register, recordId: string): Promise<HistoryAnswer> => {
  const { db, definitions, sight } = look;
  const read = await db
    .select()
    .from(history)
    .where(and(eq(history.recordId, recordId), eq(history.registerId, idOf(register))))
    .orderBy(desc(history.id))
    .limit(MAX_EVENTS);
  const isSeen = await readSeenOn(look, register.key, recordId);
  const called = await readPeopleNames(db);
  const rows = read.map((event) => ({
    event,
    by: called.at(event.personId, event.at.toISOString()) ?? '',
    changed: changesOf(register, event),
  }));
  const names = await readNames(
    look,
    register,
    rows.map((row) => row.changed),
  );
  const known = new Set(definitions.catalogue.registers.get(register.key)?.fields.map(idOf));
  const events = rows.flatMap(({ event, by, changed }): HistoryAnswer['events'] => {
    const { formId, formVersion } = event;
    const form = formId === null ? null : formWithId(definitions, formId);
    // In the order of the register's fields: the database keeps none in a document.
    const changes = register.fields.flatMap((field) => {
      const change = changed[field.key];
      if (!change || !isSeen(field.key)) return [];
      const [from, to] = change.map((value) => sayValue(sight.catalogue, field, value, names));
      return [{ field: field.label, from: from ?? '', to: to ?? '' }];
    });
    // That something hidden was changed, when and by whom, is hidden too.
    const isOfHidden = changes.length === 0 && Object.keys(event.changes).some((id) => known.has(id));
    if (isOfHidden && !event.comment) return [];
    const told = {
      id: String(event.id),
      at: event.at.toISOString(),
      by: BY_ITSELF.has(event.action) ? 'By itself' : event.byName === null ? by : `${event.byName} (${by})`,
      action: event.action,
      form: form && formVersion ? { key: form.key, label: form.label, version: formVersion } : null,
      comment: event.comment,
      changes,
    };
    return [told];
  });
  return { events };
};
