import { type Clock, findNearest, type Problem, problem, type Result, tellUnknown } from '../base/index.ts';
import type { Item } from '../expression/index.ts';
import { checkValues, type RecordValues } from '../register/index.ts';
import { isMadeByProgram, isNothing, rowsOf, type StoredValue, sameValue } from '../values/index.ts';
import type { CompiledForm } from './compiled.ts';
import { newEntry, type Snapshot } from './entry.ts';
import { fillIn, type QuestionState } from './fill-in.ts';

const foreign = (compiled: CompiledForm, key: string, areFew: boolean): Problem => {
  const nearest = areFew ? findNearest(key, compiled.byKey.keys()) : null;
  return problem(
    'not_asked',
    [key],
    `This form does not ask “${key.slice(0, 60)}”.${nearest ? ` Did you mean ${nearest}?` : ''}`,
  );
};

/** What the server reads itself for questions that are locked or hidden, as it is not taken from the sender. */
export interface ReadByServer {
  readonly snapshots?: Readonly<Record<string, Snapshot>>;
  readonly begun?: RecordValues;
}

/** Cells that were answered though their row does not ask them. */
const cellProblems = (state: QuestionState, given: StoredValue): Problem[] =>
  rowsOf(given).flatMap((row, i) =>
    [...(state.notAsked.get(row.id) ?? [])]
      .filter((cell) => !isNothing(row.values[cell] ?? null))
      .map((cell) =>
        problem(
          'not_asked',
          [state.question.key],
          `${state.question.label}, row ${i + 1}: ${state.question.columns.get(cell)?.label ?? cell} is not asked there.`,
        ),
      ),
  );

/**
 * What the server makes of a sent entry, from the stored definition and never from what the browser concluded:
 * the values to store, or every problem. What is not asked may not be answered; what is filled or started is
 * accepted as if typed and checked as if typed. `record` holds the present values when an entry changes a record.
 */
export const receiveEntry = (
  compiled: CompiledForm,
  sent: Readonly<Record<string, unknown>>,
  record: RecordValues | null,
  clock: Clock,
  me?: Item,
  { snapshots = {}, begun = {} }: ReadByServer = {},
): Result<RecordValues> => {
  const strange = Object.keys(sent).filter((key) => !compiled.byKey.has(key));
  const own = Object.fromEntries(Object.entries(sent).filter(([key]) => compiled.byKey.has(key)));
  const checked = checkValues(compiled.register, own, compiled.catalogue);
  const problems: Problem[] = tellUnknown(strange, (key, areFew) => foreign(compiled, key, areFew));
  // Values that cannot be read are told already; the rules are judged over the others, so that one answer tells all.
  const bad = new Set(checked.ok ? [] : checked.problems.map((each) => String(each.path[0])));
  if (!checked.ok) problems.push(...checked.problems);
  const readable = Object.fromEntries(Object.entries(own).filter(([key]) => !bad.has(key)));
  const typed = checked.ok ? checked.value : readableValues(compiled, readable);
  const filledIn = fillIn(compiled, { ...newEntry('', record, begun), typed, snapshots }, clock, { me });
  // A question that the record answers but that is asked no more is cleared, also for a caller who did not say so.
  const before = record === null ? null : fillIn(compiled, newEntry('', record), clock, { me });
  const values: Record<string, StoredValue> = {};
  for (const state of filledIn.questions) {
    const { key, label, field } = state.question;
    // What the register works out or numbers, nobody stores.
    if (isMadeByProgram(field.type)) continue;
    if (state.question.workedOut && Object.hasOwn(typed, key)) {
      problems.push(problem('worked_out', [key], `${label} is worked out, so it cannot be answered.`));
      continue;
    }
    if (state.asked && state.locked && state.question.kept) {
      if (Object.hasOwn(typed, key) && !sameValue(typed[key] ?? null, state.value))
        problems.push(problem('locked', [key], `${label} is locked with these answers, so it cannot be answered.`));
      else problems.push(...state.problems);
      values[key] = state.value;
      continue;
    }
    if (!state.asked) {
      const given = typed[key] ?? null;
      if (!isNothing(given))
        problems.push(
          problem('not_asked', [key], `${label} is not asked with these answers, so it cannot be answered.`),
        );
      else if (Object.hasOwn(typed, key) || before?.byKey.get(key)?.asked) values[key] = null;
      continue;
    }
    if (!bad.has(key)) problems.push(...state.problems, ...cellProblems(state, typed[key] ?? null));
    if (!state.question.kept) continue;
    if (record === null || state.question.workedOut || Object.hasOwn(typed, key)) values[key] = state.value;
  }
  return problems.length > 0 ? { ok: false, problems } : { ok: true, value: values };
};

const readableValues = (compiled: CompiledForm, own: Readonly<Record<string, unknown>>): RecordValues => {
  const again = checkValues(compiled.register, own, compiled.catalogue);
  return again.ok ? again.value : {};
};
