import { and, desc, eq } from 'drizzle-orm';
import type { HistoryAnswer } from '#contract/index.ts';
import { type Catalogue, type Field, type Register, valueContext } from '#core/register/index.ts';
import { behaviourOf, PEOPLE, type StoredValue, textsOf } from '#core/values/index.ts';
import type { Queryable } from '../../platform/database.ts';
import { history, people } from '../../platform/schema.ts';
import type { Definitions } from '../../definitions/store.ts';
import { readLinked } from './linked.ts';

const MOST = 200;

/** A value in words; what it points to by its title, also if that was archived since, if it may be seen. */
const showValue = async (tx: Queryable, catalogue: Catalogue, field: Field, value: StoredValue): Promise<string> => {
  const { type } = field;
  const to = type.kind === 'person' ? PEOPLE : type.kind === 'link' || type.kind === 'links' ? type.register : null;
  if (to === null) return behaviourOf(type).show(value, valueContext(catalogue));
  const ids = typeof value === 'string' ? [value] : textsOf(value);
  const clock = { now: new Date().toISOString(), zone: catalogue.zone };
  const known = await readLinked(tx, to, catalogue, ids, clock);
  return ids.map((id) => known[id]?.title ?? 'a record').join(', ');
};

/** Who did what to a record, newest first; values in the words of their fields, only fields that still are. */
export const readHistory = async (
  tx: Queryable,
  found: Definitions,
  visible: Catalogue,
  register: Register,
  recordId: string,
): Promise<HistoryAnswer> => {
  const rows = await tx
    .select({ event: history, by: people.name })
    .from(history)
    .innerJoin(people, eq(people.id, history.personId))
    .where(and(eq(history.recordId, recordId), eq(history.register, register.key)))
    .orderBy(desc(history.id))
    .limit(MOST);
  const events: HistoryAnswer['events'] = [];
  for (const { event, by } of rows) {
    const changes: HistoryAnswer['events'][number]['changes'] = [];
    // In the order of the register's fields: the database keeps none in a document.
    for (const field of register.fields) {
      const change = event.changes[field.key];
      if (!change) continue;
      const [from, to] = change;
      changes.push({
        field: field.label,
        from: await showValue(tx, visible, field, from),
        to: await showValue(tx, visible, field, to),
      });
    }
    const held = event.formKey ? found.forms.get(event.formKey) : undefined;
    const label = (held?.published ?? held?.draft)?.document.label;
    events.push({
      id: String(event.id),
      at: event.at.toISOString(),
      by,
      action: event.action,
      form:
        event.formKey && event.formVersion
          ? { key: event.formKey, label: label ?? event.formKey, version: event.formVersion }
          : null,
      comment: event.comment,
      changes,
    });
  }
  return { events };
};
