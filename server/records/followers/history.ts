import { byIds, valueByIds } from '#core/register/index.ts';
import { sql } from '#core/sql/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import { formIdOf, idOf } from '../../definitions/ids.ts';
import { insertion, shapeOf } from '../commands/insertion.ts';
import { type Follower, idsOf, type RecordEvent } from '../events.ts';

const HISTORY = shapeOf(sql`iolite.history`, [
  { name: 'register_id', type: 'uuid' },
  { name: 'record_id', type: 'uuid' },
  { name: 'at', type: 'timestamptz' },
  { name: 'person_id', type: 'uuid' },
  { name: 'action', type: 'text' },
  { name: 'form_id', type: 'uuid' },
  { name: 'form_version', type: 'integer' },
  { name: 'by_name', type: 'text' },
  { name: 'comment', type: 'text' },
  { name: 'import_id', type: 'uuid' },
  { name: 'changes', type: 'jsonb' },
]);

const commentOf = (event: RecordEvent): string | null =>
  event.kind === 'decided' ? event.comment : (event.by.reason ?? null);

/** What differs now, by the fields’ ids. */
const changesById = ({ register, changes }: RecordEvent & { kind: 'changed' }) =>
  byIds<readonly StoredValue[]>(register.fields, changes, (pair, field) =>
    pair.map((value) => valueByIds(value, field)),
  );

/** Keeps who did what to a record, when, from what to what, and by which form. */
export const historyFollower: Follower = {
  name: 'history',
  statements: ({ person, clock, definitions }, event) => [
    insertion(
      HISTORY,
      idsOf(event).map((id) => ({
        register_id: idOf(event.register),
        record_id: id,
        at: clock.now,
        person_id: person.id,
        action: event.by.action,
        form_id: event.by.form ? formIdOf(definitions, event.by.form.key) : null,
        form_version: event.by.form?.version ?? null,
        by_name: event.by.name ?? null,
        comment: commentOf(event),
        import_id: event.by.batchId ?? null,
        changes: event.kind === 'changed' ? changesById(event) : {},
      })),
    ),
  ],
};
