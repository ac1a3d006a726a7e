import { byIds, byKeys, valuesByIds, valuesByKeys } from '../register/index.ts';
import { type RowField, rowFieldsIn } from '../values/index.ts';
import { CELL, cellKey, type Entry, type Snapshot } from './entry.ts';

/** How names and values of fields are put from one way of naming into the other. */
interface Way {
  readonly names: typeof byIds;
  readonly values: typeof valuesByIds;
}
const TO_IDS: Way = { names: byIds, values: valuesByIds };
const TO_KEYS: Way = { names: byKeys, values: valuesByKeys };

const renamed = (fields: readonly RowField[], name: string, { names }: Way): string =>
  Object.keys(names(fields, { [name]: '' }, (text) => text))[0] ?? name;

/** The name of text that could not be read: of a question, or of a cell, which has three parts. */
const unreadName = (
  fields: readonly RowField[],
  name: string,
  way: Way,
  rows: (question: string) => readonly RowField[],
) => {
  const [question = '', row, cell] = name.split(CELL);
  const to = renamed(fields, question, way);
  return row === undefined || cell === undefined ? to : cellKey(to, row, renamed(rows(question), cell, way));
};

const moved = (fields: readonly RowField[], entry: Entry, way: Way): Entry => {
  const rows = (question: string): readonly RowField[] => {
    const field = fields.find(({ id, key }) => key === question || id === question);
    return field ? rowFieldsIn(field.type) : [];
  };
  return {
    id: entry.id,
    typed: way.values(fields, entry.typed),
    unread: Object.fromEntries(
      Object.entries(entry.unread).map(([name, text]) => [unreadName(fields, name, way, rows), text]),
    ),
    snapshots: way.names<Snapshot>(fields, entry.snapshots, (snapshot) => ({
      ...snapshot,
      fills: way.values(fields, snapshot.fills),
    })),
    record: entry.record && way.values(fields, entry.record),
    begun: way.values(fields, entry.begun),
  };
};

/** An entry as it is kept: by the ids of its register's fields, so that a new key of one loses nothing. */
export const entryByIds = (fields: readonly RowField[], entry: Entry): Entry => moved(fields, entry, TO_IDS);

/** An entry that was kept, by the keys fields have now. What was kept by keys, as once was done, is read too. */
export const entryByKeys = (fields: readonly RowField[], entry: Entry): Entry => moved(fields, entry, TO_KEYS);
