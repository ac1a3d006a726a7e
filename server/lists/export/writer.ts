import type { Writable } from 'node:stream';
import type { RecordAnswer } from '#contract/index.ts';
import type { TotalKind } from '#core/list/index.ts';
import type { Catalogue, Field, Register } from '#core/register/index.ts';

/** What totals come to under one column: in words; one that stands alone there as it is held, too. */
export interface ColumnTotals {
  readonly says: string;
  readonly alone: { readonly kind: TotalKind; readonly value: string } | null;
}

/** A group of a list, before its records, or before the groups it is made of. */
export interface GroupHead {
  /** From 1, the outermost. */
  readonly depth: number;
  readonly says: string;
  readonly count: number;
  readonly totals: ReadonlyMap<string, ColumnTotals>;
}

/** What of a list goes into a file. */
export interface Exported {
  readonly register: Register;
  /** In their order. */
  readonly fields: readonly Field[];
  readonly catalogue: Catalogue;
  /** What the list is called, and what it holds, in words. */
  readonly title: string;
  readonly says: string;
  /** How many groups stand within each other at most; 0 for none. */
  readonly levels: number;
  /** The totals of the whole, by the column they stand under. */
  readonly totals: ReadonlyMap<string, ColumnTotals>;
  /** Where the addresses of the program begin, for links back to it; '' where nobody said. */
  readonly address: string;
  /** The list's own look, as an address says it. */
  readonly look: string;
  /** On which sheet of labels, and which of its labels is the first that is still there, from 1. */
  readonly labels: { readonly sheet: string; readonly first: number };
}

/** Writes a list to a file, record by record, so that a long one needs no more memory than a short one. */
export interface ListWriter {
  readonly add: (records: readonly RecordAnswer[]) => void | Promise<void>;
  /** What comes now is a group, in formats that have them. */
  readonly group?: (group: GroupHead) => void;
  /** Nothing comes any more. */
  readonly end: () => void | Promise<void>;
  /** What was to come could not be read: the file is never whole. */
  readonly abandon?: () => void;
}

/** A format in which lists are taken along. */
export interface ListFormat {
  readonly mediaType: string;
  /** What its files' names end with. */
  readonly extension: string;
  readonly begin: (to: Writable, exported: Exported) => ListWriter | Promise<ListWriter>;
  /** Whether it holds groups. */
  readonly hasGroups?: true;
  /** How many records go into it at most, and what is said where there are more; of most formats as many as there are. */
  readonly most?: { readonly count: number; readonly says: (most: string) => string };
  /** The fields it reads besides those that are shown. */
  readonly reads?: (exported: Pick<Exported, 'register' | 'look' | 'catalogue'>) => readonly string[];
}
