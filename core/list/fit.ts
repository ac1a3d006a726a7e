import type { Problem, Result } from '../base/index.ts';
import type { Catalogue, Register } from '../register/index.ts';
import { columnField } from './columns.ts';
import type { View } from './definition.ts';
import { readGroupings, readTotals, refuse, totalsOf, waysOf, writeTotals } from './grouping.ts';
import { lookOf, writeLook } from './look.ts';
import { fittingMarks } from './marks.ts';
import { checkFilter } from './query.ts';
import { leadsTo } from './sort.ts';
import { readWidths, writeWidths } from './widths.ts';
import { fittingWorked, withFitting } from './worked.ts';

/** A view as far as a catalogue has what it reads, and what is wrong where it cannot be had at all. */
export interface Fitted {
  readonly view: View;
  readonly problems: readonly Problem[];
}

const parts = (text: string): string[] => (text === '' ? [] : text.split(','));

/** Whether there is something at a path: also what rules cannot name, as the register's own files. */
const isThere = (register: Register, path: string, catalogue: Catalogue): boolean =>
  register.fields.some(({ key }) => key === path) || leadsTo(register, path, catalogue) !== null;

const isSortedBy = (register: Register, key: string, catalogue: Catalogue): boolean => {
  const path = key.replace(/^-/, '');
  return path === 'number' || isThere(register, path, catalogue);
};

const groupProblems = (register: Register, by: string, catalogue: Catalogue): readonly Problem[] => {
  const read = readGroupings(by);
  if (!read.ok) return read.problems;
  return read.value.flatMap(({ path, by: way }) => {
    const found = leadsTo(register, path, catalogue);
    if (!found) return [refuse('by', `${register.plural} have no field “${path}” to group by.`)];
    return waysOf(found.type).includes(way.kind) ? [] : [refuse('by', `${found.label} cannot be put together so.`)];
  });
};

const fittingTotals = (register: Register, text: string, catalogue: Catalogue): string => {
  const read = readTotals(text);
  if (!read.ok) return '';
  return writeTotals(
    read.value.filter(({ kind, path }) => {
      const found = leadsTo(register, path, catalogue);
      return found !== null && totalsOf(found.type).includes(kind);
    }),
  );
};

const problemsOf = (result: Result<unknown>): readonly Problem[] => (result.ok ? [] : result.problems);

/**
 * A view over what a person may see, or over what there is at all: columns, also those worked out for it, totals, marks, the look and later sort keys that
 * lead nowhere drop out. Its filter, its groups and what it is sorted by first are what it is: where one of them cannot be had, there
 * is no such view, and what is wrong is told.
 */
export const fitView = (view: View, plain: Register, around: Catalogue): Fitted => {
  const { register, catalogue } = withFitting(view.worked, plain, around);
  const [first, ...later] = parts(view.sort);
  const sorted = first === undefined || isSortedBy(register, first, catalogue);
  return {
    view: {
      ...view,
      sort: [
        ...(first === undefined ? [] : [first]),
        ...later.filter((key) => isSortedBy(register, key, catalogue)),
      ].join(','),
      columns: parts(view.columns)
        .filter((path) => columnField(register, path, catalogue) !== null)
        .join(','),
      totals: fittingTotals(register, view.totals, catalogue),
      worked: fittingWorked(view.worked, plain, around),
      look: writeLook(lookOf(view.look, register, catalogue)),
      marks: fittingMarks(view.marks, register, catalogue),
      widths: writeWidths(
        new Map([...readWidths(view.widths)].filter(([path]) => columnField(register, path, catalogue) !== null)),
      ),
    },
    problems: [
      ...problemsOf(checkFilter(view.filter, register, catalogue)),
      ...groupProblems(register, view.by, catalogue),
      ...(sorted ? [] : [refuse('sort', `${register.plural} have no field “${first?.replace(/^-/, '')}” to sort by.`)]),
    ],
  };
};
