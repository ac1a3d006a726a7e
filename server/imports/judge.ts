import type { ImportRow } from '#contract/index.ts';
import type { Change } from '#core/register/index.ts';
import { type Besides, type FittedRow, type Fitting, type ImportPlan, madeLists } from '#core/spreadsheet/index.ts';
import { changeTo } from '../lists/change-to.ts';
import { mayAny } from '../people/roles.ts';
import { Refusal } from '../platform/refusal.ts';
import { type By, type Earlier, judgeChange, judgeNew } from '../records/commands/index.ts';
import { type CommandContext, wholeRegister } from '../records/work.ts';
import { saidBy } from './doing.ts';
import { matchRows } from './matching.ts';

/* Rows held against what is stored, as they would be stored: nothing is. */

/** The same work as it is once the choices that are made along are there; held against all there is, seen or not. */
const withChoicesMade = (work: CommandContext, plan: ImportPlan): CommandContext => {
  const { catalogue } = work.definitions;
  const lists = madeLists(plan, catalogue);
  if (lists.length === 0) return work;
  const choiceLists = new Map([...catalogue.choiceLists, ...lists.map((list) => [list.key, list] as const)]);
  return { ...work, definitions: { ...work.definitions, catalogue: { ...catalogue, choiceLists } } };
};

/** What else than its cells is wrong with a row, as cells of it where a column fills what is wrong. */
const asBesides = (
  fitting: Fitting,
  texts: readonly string[],
  code: string,
  path: readonly (string | number)[],
  detail: string,
): Besides => {
  const key = path.find((step) => typeof step === 'string');
  const column = fitting.columns.find((each) => each.key === key);
  return column
    ? { column: column.at, wrong: { code, detail }, written: texts[column.at] ?? '' }
    : { column: null, wrong: { code: 'rule', detail }, written: '' };
};

/** A row with what else is wrong with it, and the record that it is put over, with what would change there. */
export interface Judged {
  readonly fitted: FittedRow;
  readonly texts: readonly string[];
  readonly besides: readonly Besides[];
  readonly record: string | null;
  readonly change: Change | null;
}

/** Done by an import, by its plan. */
export const byImport = (id: string, { as_they_stand: asTheyStand }: Pick<ImportPlan, 'as_they_stand'>): By => ({
  action: asTheyStand ? 'brought_in_as_is' : 'imported',
  form: null,
  batchId: id,
  ...(asTheyStand ? { asTheyStand } : {}),
});

/** Rows of a register that is there, held against what is stored and against each other. */
export const judgeRows = async (
  work: CommandContext,
  id: string,
  fitting: Fitting,
  rows: readonly {
    readonly fitted: FittedRow;
    readonly texts: readonly string[];
    readonly besides: readonly Besides[];
  }[],
  earlier: Earlier,
): Promise<Judged[]> => {
  const { plan } = fitting;
  if (plan.into === null) return rows.map((each) => ({ ...each, record: null, change: null }));
  const whole = wholeRegister(work, plan.into);
  const by = byImport(id, plan);
  const inside = withChoicesMade(work, plan);
  const may = (deed: 'add' | 'change'): boolean => mayAny(work.definitions, work.person, whole.key, deed);
  const besides = new Map<number, Besides[]>();
  const tell = (row: number, each: Besides): void => void besides.set(row, [...(besides.get(row) ?? []), each]);
  const rule = (detail: string): Besides => ({ column: null, wrong: { code: 'rule', detail }, written: '' });
  const open = rows.filter(({ fitted, besides: found }) => !fitted.isOut && found.length === 0);
  const matched = await matchRows(inside, fitting.register, plan, open);
  for (const { fitted, wrong, record } of matched) {
    if (wrong !== null) tell(fitted.row, rule(wrong));
    else if (record === null && !may('add')) tell(fitted.row, rule('You may not add records here.'));
    else if (record !== null && !may('change')) tell(fitted.row, rule('You may not change records here.'));
  }
  const right = matched.filter(({ fitted }) => !besides.has(fitted.row));
  const fresh = right.filter(({ record }) => record === null);
  const made = new Set(
    fitting.columns.flatMap(({ at, key, to }) =>
      to !== null && plan.mends.alike.some(({ column, taken }) => column === at && taken.as === 'made') ? [key] : [],
    ),
  );
  const given = fresh.map(({ fitted }) => ({
    id: crypto.randomUUID(),
    values: fitted.values,
    called: `Row ${fitted.row}`,
  }));
  for (const { at, problem } of given.length === 0 ? [] : await judgeNew(inside, whole, given, earlier, by)) {
    const one = fresh[at];
    // What is made along is not there yet.
    if (!one || (problem.code === 'required' && made.has(String(problem.path[0] ?? '')))) continue;
    tell(one.fitted.row, asBesides(fitting, one.texts, problem.code, problem.path, problem.detail));
  }
  const changes = new Map<number, Change>();
  for (const { fitted, texts, record } of right) {
    if (record === null) continue;
    try {
      const change = await changeTo(inside, whole, record, fitted.values);
      if (change && (await judgeChange(inside, whole, record, change, by))) changes.set(fitted.row, change);
    } catch (error) {
      if (!(error instanceof Refusal)) throw error;
      const [first] = error.problems;
      tell(fitted.row, asBesides(fitting, texts, first?.code ?? 'rule', first?.path ?? [], saidBy(error)));
    }
  }
  const records = new Map(matched.map(({ fitted, record }) => [fitted.row, record]));
  return rows.map((each) => ({
    ...each,
    besides: [...each.besides, ...(besides.get(each.fitted.row) ?? [])],
    record: records.get(each.fitted.row) ?? null,
    change: changes.get(each.fitted.row) ?? null,
  }));
};

/** What would become of a row. */
export const outcomeOf = ({ fitted, besides, record, change }: Judged, { plan }: Fitting): ImportRow['outcome'] => {
  if (fitted.isOut || besides.length > 0) return 'out';
  if (plan.into === null || record === null) return 'added';
  return change === null ? 'unchanged' : 'changed';
};

/** A row with more cells than the file has columns. */
export const wide = (texts: readonly string[], { width }: Fitting): Besides[] =>
  texts.length > width && texts.slice(width).some((cell) => cell !== '')
    ? [
        {
          column: null,
          wrong: { code: 'too_wide', detail: `This row has ${texts.length} cells, the head has ${width}.` },
          written: '',
        },
      ]
    : [];
