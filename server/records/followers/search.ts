import type { Follower } from '../events.ts';
import { searchColumns } from '../search-columns.ts';

/** Keeps the columns by which a record is found. */
export const searchFollower: Follower = {
  name: 'search columns',
  columns: ({ definitions, clock }, register, number, values) =>
    searchColumns(register, number, values, definitions.catalogue, clock),
};
