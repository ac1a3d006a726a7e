import type { Writable } from 'node:stream';
import type { RecordAnswer } from '#contract/index.ts';
import type { Catalogue, Field, Register } from '#core/register/index.ts';

/** What of a list goes into a file. */
export interface Exported {
  readonly register: Register;
  /** In their order. */
  readonly fields: readonly Field[];
  readonly catalogue: Catalogue;
}

/** Writes a list to a file, record by record, so that a long one needs no more memory than a short one. */
export interface ListWriter {
  readonly add: (records: readonly RecordAnswer[]) => void | Promise<void>;
  /** Nothing comes any more. */
  readonly end: () => void | Promise<void>;
}

/** A format in which lists are taken along. */
export interface ListFormat {
  readonly mediaType: string;
  readonly begin: (to: Writable, exported: Exported) => ListWriter | Promise<ListWriter>;
}
