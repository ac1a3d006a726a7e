import type { ImportFound, ImportRow } from '#contract/index.ts';
import { foldText } from '#core/base/index.ts';
import { type Catalogue, valueContext } from '#core/register/index.ts';
import {
  type Fitting,
  type ImportPlan,
  type Misfits,
  madeLists,
  type Suggested,
  sayFitted,
  sayMisfits,
  suggestText,
} from '#core/spreadsheet/index.ts';
import { behaviourOf, textsOf } from '#core/values/index.ts';
import { readNumbers, readTitles } from '../records/reader/index.ts';
import type { CommandContext } from '../records/work.ts';
import { type Judged, outcomeOf } from './judge.ts';
import type { ToMake } from './making.ts';
import { findNearest } from './names.ts';

/* What was found in a spreadsheet, for whoever looks at it. */

/** Rows as they are shown, with what the records that they are put over hold now. */
export const showRows = async (
  work: CommandContext,
  fitting: Fitting,
  judged: readonly Judged[],
): Promise<ImportRow[]> => {
  const context = valueContext(fitting.catalogue);
  const ids = judged.flatMap(({ record }) => record ?? []);
  const numbers = ids.length === 0 ? new Map<string, string>() : await readNumbers(work, fitting.register, ids);
  const titles = await titlesBefore(work, fitting, judged);
  return judged.map((each) => {
    const { fitted, besides, record, change } = each;
    const wrongs = new Map(besides.map(({ column, wrong }) => [column, wrong.detail]));
    return {
      row: fitted.row,
      outcome: outcomeOf(each, fitting),
      record: record === null ? null : (numbers.get(record) ?? null),
      why: wrongs.get(null) ?? null,
      cells: fitted.cells.map((cell, at) => {
        const column = fitting.columns.find((one) => one.at === at);
        if (!cell || !column) return null;
        const before = change && column.key in change.changes ? (change.from[column.key] ?? null) : undefined;
        const was =
          before === undefined
            ? null
            : column.to === null
              ? behaviourOf(column.type).show(before, context)
              : (typeof before === 'string' ? [before] : textsOf(before)).map((id) => titles.get(id) ?? '').join('; ');
        return {
          written: cell.written,
          said: sayFitted(fitting, at, cell),
          mended: cell.mended,
          wrong: wrongs.get(at) ?? (cell.wrong && cell.settled !== 'mended' ? cell.wrong.detail || 'Left out.' : null),
          was: was === null ? null : was === '' ? 'nothing' : was,
        };
      }),
    };
  });
};

/** What linked records are called that records hold before they are changed. */
const titlesBefore = async (
  work: CommandContext,
  fitting: Fitting,
  judged: readonly Judged[],
): Promise<ReadonlyMap<string, string>> => {
  const called = new Map<string, string>();
  for (const { key, to } of fitting.columns) {
    const register = to === null ? undefined : work.sight.catalogue.registers.get(to);
    if (!register) continue;
    const ids = judged.flatMap(({ change }) => {
      const before = change?.from[key] ?? null;
      return typeof before === 'string' ? [before] : [...textsOf(before)];
    });
    if (ids.length > 0) for (const [id, { title }] of await readTitles(work, register, ids)) called.set(id, title);
  }
  return called;
};

/** So many different texts of a reason are looked up for what they may have meant. */
const MOST_NEAR = 40;

const suggest = async (
  work: CommandContext,
  fitting: Fitting,
  at: number,
  of: string,
  seen: { near: number },
): Promise<Suggested | null> => {
  const column = fitting.columns.find((each) => each.at === at);
  if (!column || of === '') return null;
  if (column.to === null) return suggestText(column.type, of, column.how, fitting.context);
  if (seen.near++ >= MOST_NEAR) return null;
  const near = await findNearest(work, column.to, of);
  return near ? { as: 'record', ...near } : null;
};

/** What does not fit, in sentences, with what it may have meant. */
export const sayEach = async (
  work: CommandContext,
  fitting: Fitting,
  misfits: readonly Misfits[],
  cannot: ReadonlyMap<string, string>,
): Promise<NonNullable<ImportFound['would']>['misfits']> => {
  const seen = { near: 0 };
  const said: NonNullable<ImportFound['would']>['misfits'] = [];
  for (const misfit of misfits) {
    const column = fitting.columns.find(({ at }) => at === misfit.column);
    const alike = [];
    for (const { of, ...each } of misfit.alike) {
      const refused = column?.to === null || !column ? undefined : cannot.get(`${column.to} ${foldText(of)}`);
      alike.push({
        of,
        ...each,
        rows: [...each.rows],
        // What cannot be made does not settle anything.
        settled: refused === undefined ? each.settled : 0,
        suggested: misfit.column === null ? null : await suggest(work, fitting, misfit.column, of, seen),
      });
    }
    said.push({
      column: misfit.column,
      code: misfit.code,
      says: sayMisfits(misfit, column?.type ?? null, fitting.catalogue),
      count: misfit.count,
      settled: alike.reduce((sum, { settled }) => sum + settled, 0),
      alike,
      more: misfit.more,
    });
  }
  for (const [place, says] of cannot) {
    const [to = ''] = place.split(' ');
    const column = fitting.columns.find((each) => each.to === to);
    said.push({ column: column?.at ?? null, code: 'cannot_make', says, count: 1, settled: 0, alike: [], more: 0 });
  }
  return said;
};

const counted = (count: number, one: string, many: string, locale: string): string =>
  count === 1 ? `1 ${one.toLowerCase()}` : `${count.toLocaleString(locale)} ${many.toLowerCase()}`;

/** What is made besides the records themselves: "the register Moorings with 8 fields", "1 boat". */
export const sayMade = (plan: ImportPlan, catalogue: Catalogue, made: ToMake, added: number): string[] => {
  const { locale } = catalogue;
  const fields = plan.columns.filter(({ fills }) => fills === 'new').length;
  const lists = madeLists(plan, catalogue).map((list) => {
    const before = catalogue.choiceLists.get(list.key);
    const count = list.choices.length - (before?.choices.length ?? 0);
    const choices = count === 1 ? '1 choice' : `${count} choices`;
    return before ? `${choices} in ${list.label}` : `the choice list ${list.label} with ${choices}`;
  });
  const linked = [...made].flatMap(([to, names]) => {
    const register = catalogue.registers.get(to);
    return register ? [counted(names.size, register.singular, register.plural, locale)] : [];
  });
  const { singular, plural } = plan.made ??
    catalogue.registers.get(plan.into ?? '') ?? { singular: 'record', plural: 'records' };
  return [
    ...(plan.made ? [`the register ${plan.made.plural} with ${fields === 1 ? '1 field' : `${fields} fields`}`] : []),
    ...lists,
    ...linked,
    ...(added > 0 ? [counted(added, singular, plural, locale)] : []),
  ];
};
