import type { RecordValues } from '../register/index.ts';

/** What a look-up fills, as it was when the record was chosen. */
export interface Snapshot {
  readonly record: string;
  /** Counts up with every choosing: the look-up chosen last wins. */
  readonly taken: number;
  readonly fills: RecordValues;
}

/** A record that is made along with the entry, as far as it is filled in. */
export interface Made {
  /** The look-up that holds it: `boat`, or `lines.stock` in rows. */
  readonly at: string;
  /** Counts up with every choosing, as a snapshot's does. */
  readonly taken: number;
  /** What is filled in of it, under the id it will have. */
  readonly entry: Entry;
}

/** What a person is filling in. Everything else follows from this, the form, the record it changes and the clock. */
export interface Entry {
  readonly id: string;
  /** Present: typed, even if deliberately empty (null). Absent: not touched. */
  readonly typed: RecordValues;
  /** Text that could not be read as a value; kept as typed, and a problem. */
  readonly unread: Readonly<Record<string, string>>;
  readonly snapshots: Readonly<Record<string, Snapshot>>;
  /** The values of the record a change form started from, else null. */
  readonly record: RecordValues | null;
  /** What questions start as because of the record the form was opened from, or its address. */
  readonly begun: RecordValues;
  /** Records that are made along, by id; those no look-up holds any more are kept, and not sent. */
  readonly made: Readonly<Record<string, Made>>;
}

/** Between a question, a row's id and a field, where a cell of a row could not be read. */
export const CELL = '/';

/** Where `unread` keeps the text of a cell. */
export const cellKey = (question: string, row: string, field: string): string => [question, row, field].join(CELL);

export const newEntry = (id: string, record: RecordValues | null = null, begun: RecordValues = {}): Entry => ({
  id,
  typed: {},
  unread: {},
  snapshots: {},
  record,
  begun,
  made: {},
});
