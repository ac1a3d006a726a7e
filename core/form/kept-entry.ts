import { byIds, byKeys, type Catalogue, type Register, valuesByIds, valuesByKeys } from '../register/index.ts';
import { linkIn, type RowField, rowFieldsIn } from '../values/index.ts';
import { CELL, cellKey, type Entry, type Made, type Snapshot } from './entry.ts';

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

const moved = (fields: readonly RowField[], entry: Entry, way: Way, linked: LinkedFields): Entry => {
  const rows = (question: string): readonly RowField[] => {
    const field = fields.find(({ id, key }) => key === question || id === question);
    return field ? rowFieldsIn(field.type) : [];
  };
  const made = ({ at, taken, entry: own }: Made): Made => {
    const [question = '', cell] = at.split('.');
    const among = cell === undefined ? fields : rows(question);
    const name = cell ?? question;
    const lookUp = among.find(({ id, key }) => key === name || id === name);
    const to = [renamed(fields, question, way), ...(cell === undefined ? [] : [renamed(among, cell, way)])].join('.');
    return { at: to, taken, entry: moved(linked(lookUp), own, way, linked) };
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
    made: Object.fromEntries(Object.entries(entry.made).map(([id, each]) => [id, made(each)])),
  };
};

/** The fields of the register that a look-up leads to. */
type LinkedFields = (lookUp: RowField | undefined) => readonly RowField[];

const linkedIn =
  ({ registers }: Over['catalogue']): LinkedFields =>
  (lookUp) =>
    registers.get((lookUp && linkIn(lookUp.type)?.register) ?? '')?.fields ?? [];

/** What an entry is over: its register, and the registers its look-ups lead to. */
interface Over {
  readonly register: Register;
  readonly catalogue: Pick<Catalogue, 'registers'>;
}

/** An entry as it is kept: by the ids of its register's fields, so that a new key of one loses nothing. */
export const entryByIds = ({ register, catalogue }: Over, entry: Entry): Entry =>
  moved(register.fields, entry, TO_IDS, linkedIn(catalogue));

/** An entry that was kept, by the keys fields have now. What was kept by keys, as once was done, is read too. */
export const entryByKeys = ({ register, catalogue }: Over, entry: Entry): Entry =>
  moved(register.fields, entry, TO_KEYS, linkedIn(catalogue));
