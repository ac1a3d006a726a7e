import type { history } from '../../platform/schema.ts';

/** What a record's history says was done. */
export type Action = (typeof history.$inferSelect)['action'];

/** Who writes, when, and by which form. */
export interface Author {
  readonly person: string;
  readonly at: Date;
  readonly form: { readonly key: string; readonly version: number } | null;
}
