import { sql } from '#core/sql/index.ts';
import { type Follower, idsOf, type RecordEvent } from '../commands/events.ts';
import { insertion, shapeOf } from '../commands/insertion.ts';

const HISTORY = shapeOf(sql`iolite.history`, [
  { name: 'register', type: 'text' },
  { name: 'record_id', type: 'uuid' },
  { name: 'at', type: 'timestamptz' },
  { name: 'person_id', type: 'uuid' },
  { name: 'action', type: 'text' },
  { name: 'form_key', type: 'text' },
  { name: 'form_version', type: 'integer' },
  { name: 'comment', type: 'text' },
  { name: 'changes', type: 'jsonb' },
]);

const commentOf = (event: RecordEvent): string | null => (event.kind === 'decided' ? event.comment : null);

/** Keeps who did what to a record, when, from what to what, and by which form. */
export const historyFollower: Follower = {
  name: 'history',
  statements: ({ person, clock }, event) => [
    insertion(
      HISTORY,
      idsOf(event).map((id) => ({
        register: event.register.key,
        record_id: id,
        at: clock.now,
        person_id: person.id,
        action: event.by.action,
        form_key: event.by.form?.key ?? null,
        form_version: event.by.form?.version ?? null,
        comment: commentOf(event),
        changes: event.kind === 'changed' ? event.changes : {},
      })),
    ),
  ],
};
