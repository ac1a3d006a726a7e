import type { Linked, RecordAnswer } from '#contract/index.ts';
import { columnFields } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import type { SqlFragment } from '#core/sql/index.ts';
import { leadsTo } from '#core/values/index.ts';
import type { DriverRow } from '../../platform/fragment.ts';
import type { Reading } from '../work.ts';
import { readLinked } from './linked.ts';
import { pathColumns, pathValues, selectPaths } from './paths.ts';

/** The columns of a list that lie behind links: what is selected for them, and how records come by their values. */
export interface ColumnsBehind {
  readonly columns: readonly SqlFragment[];
  /** The records with what their rows hold of it, each under its path; links with what they show. */
  readonly completed: (records: readonly RecordAnswer[], rows: readonly DriverRow[]) => Promise<RecordAnswer[]>;
}

/** The paths among a list's columns; what a reader may not see is not among them. */
export const columnsBehind = (reading: Reading, register: Register, columns: string): ColumnsBehind => {
  const paths = columns.split(',').filter((path) => path.includes('.'));
  const fields = columnFields(register, paths.join(','), reading.sight.catalogue);
  const selected = selectPaths(
    reading,
    register,
    fields.map(({ key }) => key.split('.')),
  );
  const links = fields.flatMap(({ key, type }) => {
    const to = leadsTo(type);
    return to === null ? [] : [{ key, to }];
  });
  const completed: ColumnsBehind['completed'] = async (records, rows) => {
    if (fields.length === 0) return [...records];
    const read = rows.map((row) => pathValues(selected, row));
    const shown = new Map<string, Readonly<Record<string, Linked>>>();
    for (const { key, to } of links) {
      const ids = read.flatMap((values) => (typeof values[key] === 'string' ? [values[key]] : []));
      shown.set(key, await readLinked(reading, to, [...new Set(ids)]));
    }
    return records.map((record, at) => {
      const values = read[at] ?? {};
      const linked = links.flatMap(({ key }) => {
        const found = shown.get(key)?.[String(values[key])];
        return found ? [[key, found] as const] : [];
      });
      return {
        ...record,
        values: { ...record.values, ...values },
        links: { ...record.links, ...Object.fromEntries(linked) },
      };
    });
  };
  return { columns: pathColumns(selected), completed };
};
