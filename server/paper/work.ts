/* What goes to the thread that writes paper, and comes back: what is on it is said already, in words. */

/** How a list goes on paper: as a table, a label for each record, or a sheet for each. */
export type PaperKind = 'list' | 'labels' | 'sheets';

/** What a list on paper begins with. */
export interface PaperHead {
  /** The workspace's language (BCP 47). */
  readonly language: string;
  readonly title: string;
  /** What it holds, in words; '' where nothing is to be said. */
  readonly says: string;
  readonly singular: string;
  readonly plural: string;
  readonly columns: readonly PaperColumn[];
  /** What totals of the whole come to under each column; '' for none. */
  readonly totals: readonly string[];
  /** On which sheet of labels, and which of its labels is the first that is still there, from 1. */
  readonly labels: { readonly sheet: string; readonly first: number };
}

/** A column of a list on paper: how wide it is against the others, and on which side it stands. */
export interface PaperColumn {
  readonly label: string;
  readonly share: number;
  readonly right: boolean;
}

/** A record on paper: what its columns say. */
export interface PaperRow {
  readonly number: string;
  readonly title: string;
  readonly cells: readonly string[];
}

/** A group of a list, before its records, or before the groups it is made of. */
export interface PaperGroup {
  /** From 1, the outermost. */
  readonly depth: number;
  readonly says: string;
  readonly count: number;
  readonly totals: readonly string[];
}

/** What the thread is told. */
export type ToPaper =
  | { readonly kind: 'rows'; readonly rows: readonly PaperRow[] }
  | { readonly kind: 'group'; readonly group: PaperGroup }
  | { readonly kind: 'end' };

/** What it tells: bytes of the file, that it took what it was told, that the file is whole. */
export type FromPaper =
  | { readonly kind: 'bytes'; readonly bytes: Uint8Array }
  | { readonly kind: 'taken' }
  | { readonly kind: 'whole' };

/** Writes a list on paper as it comes; its bytes go where it was begun with. */
export interface PaperWriter {
  readonly add: (rows: readonly PaperRow[]) => void;
  readonly group?: (group: PaperGroup) => void;
  readonly end: () => void | Promise<void>;
}

/** Begins a kind of paper. */
export type BeginPaper = (head: PaperHead, put: (bytes: Uint8Array) => void) => PaperWriter;
