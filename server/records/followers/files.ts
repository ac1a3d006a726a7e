import { isRowsField, type RecordValues, type Register } from '#core/register/index.ts';
import { parameter, sql } from '#core/sql/index.ts';
import { filesIn, type RowField, rowsOf, textsOf } from '#core/values/index.ts';
import type { Follower } from '../events.ts';

const idsIn = (fields: readonly RowField[], values: RecordValues): readonly string[] =>
  fields.flatMap(({ key, type }) => (filesIn(type) === null ? [] : textsOf(values[key] ?? null)));

/** The files that a record holds, those of its rows too. */
const filesOf = ({ fields }: Register, values: RecordValues): readonly string[] => [
  ...idsIn(fields, values),
  ...fields
    .filter(isRowsField)
    .flatMap(({ key, type }) => rowsOf(values[key] ?? null).flatMap((row) => idsIn(type.fields, row.values))),
];

/** Keeps of each file whether it became part of a record. */
export const filesFollower: Follower = {
  name: 'files',
  statements: (_work, event) => {
    const stored = event.kind === 'added' ? event.records : event.kind === 'changed' ? [event] : [];
    const ids = stored.flatMap(({ values }) => filesOf(event.register, values));
    return ids.length === 0
      ? []
      : [
          sql`update iolite.files set attached = true where id = any(${parameter([...new Set(ids)], 'uuid[]')}) and not attached`,
        ];
  },
};
