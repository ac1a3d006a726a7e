import { type Clock, foldText, today } from '../base/index.ts';
import { type Catalogue, type RecordValues, type Register, valueContext, workOutRecord } from '../register/index.ts';
import {
  behaviourOf,
  choiceBehind,
  type FieldType,
  isListType,
  leadsTo,
  type StoredValue,
  shownAs,
  type ValueContext,
  workedOutIn,
} from '../values/index.ts';
import type { Named } from './guess.ts';
import { catalogueAfter, fieldOfColumn } from './made.ts';
import { type ColumnPlan, type FillingColumn, type ImportPlan, isFilling, type TakenAs } from './plan.ts';
import {
  type Column,
  guessDays,
  guessNumbers,
  guessYears,
  howWritten,
  readCellOf,
  type WrittenCells,
} from './written-cells.ts';

/** Why a cell does not fit: a code for programs; whoever says it knows the column. */
export interface Wrong {
  readonly code: string;
  readonly detail: string;
}

/** A cell of a file, and what becomes of it. */
export interface FittedCell {
  readonly written: string;
  readonly value: StoredValue;
  /** What it is as it would be, in words, where its value does not tell: a record's name, a text that does not fit. */
  readonly called: string | null;
  /** It was mended, or spelled as others spell it. */
  readonly mended: boolean;
  /** What was wrong with it as it is written, whether that was settled or not. */
  readonly wrong: Wrong | null;
  /** How that is settled; null where it is not. */
  readonly settled: 'mended' | 'out' | null;
  /** A record of this name is made. */
  readonly makes: string | null;
}

/** A row of a file, and what becomes of it. */
export interface FittedRow {
  readonly row: number;
  readonly values: RecordValues;
  /** By column of the file; null of one that fills nothing. */
  readonly cells: readonly (FittedCell | null)[];
  /** Whether it stays out, by somebody's word or because a cell does not fit. */
  readonly isOut: boolean;
}

interface ColumnFit {
  readonly at: number;
  readonly key: string;
  readonly label: string;
  readonly type: FieldType;
  readonly required: boolean;
  /** The register its cells name records of. */
  readonly to: string | null;
  readonly isWorkedOut: boolean;
  readonly how: WrittenCells;
  readonly alike: ReadonlyMap<string, TakenAs>;
  readonly one: ReadonlyMap<number, TakenAs>;
  readonly replaced: readonly { readonly find: string; readonly with: string }[];
  readonly rest: 'empty' | 'result' | 'out' | null;
  /** What was found of texts before: most stand in a column again and again. */
  readonly known: Map<string, FittedCell>;
}

/** What rows are fitted by: a plan, made ready once for all of them. */
export interface Fitting {
  readonly plan: ImportPlan;
  readonly register: Register;
  /** As it is once the plan was carried out. */
  readonly catalogue: Catalogue;
  readonly clock: Clock;
  readonly context: ValueContext;
  readonly columns: readonly ColumnFit[];
  readonly width: number;
  readonly out: ReadonlySet<number>;
  readonly worksOut: boolean;
}

const columnFit = (plan: ImportPlan, column: ColumnPlan, at: number, register: Register): ColumnFit | null => {
  const field = fieldOfColumn(column, register);
  if (!field) return null;
  const { mends } = plan;
  const of = <T extends { readonly column: number }>(some: readonly T[]): T[] =>
    some.filter((each) => each.column === at);
  const worked = workedOutIn(field.type);
  const type = worked ? worked.gives : field.type;
  const fills = isFilling(column) ? column : null;
  return {
    at,
    key: field.key,
    label: field.label,
    type,
    required: field.required,
    to: leadsTo(type),
    isWorkedOut: worked !== null,
    how: howWritten(fills ?? {}),
    alike: new Map(of(mends.alike).map((each) => [each.of, each.taken])),
    one: new Map(of(mends.cells).map((each) => [each.row, each.taken])),
    replaced: of(mends.replaced),
    rest: of(mends.rest)[0]?.taken ?? null,
    known: new Map(),
  };
};

/** Makes a plan ready; null where the register it goes into is not there. */
export const prepareFitting = (plan: ImportPlan, before: Catalogue, clock: Clock): Fitting | null => {
  const catalogue = catalogueAfter(plan, before);
  const register = catalogue.registers.get(plan.made?.key ?? plan.into ?? '');
  if (!register) return null;
  const columns = plan.columns.flatMap((column, at) => columnFit(plan, column, at, register) ?? []);
  return {
    plan,
    register,
    catalogue,
    clock,
    context: { ...valueContext(catalogue), today: today(clock) },
    columns,
    width: plan.columns.length,
    out: new Set(plan.mends.out),
    worksOut: columns.some(({ isWorkedOut }) => isWorkedOut),
  };
};

const replacedIn = (cell: string, { replaced }: ColumnFit): string =>
  replaced.reduce((text, { find, with: by }) => text.replaceAll(find, by), cell).trim();

const namesIn = (type: FieldType, cell: string): string[] =>
  isListType(type)
    ? cell
        .split(/[;,]/)
        .map((word) => word.trim())
        .filter(Boolean)
    : [cell];

/** What cells may be looked up by: the texts that stand there, and those they are mended to, by the register they lead to. */
export const namesToFind = (
  { columns }: Fitting,
  rows: readonly (readonly string[])[],
): ReadonlyMap<string, ReadonlySet<string>> => {
  const found = new Map<string, Set<string>>();
  for (const column of columns) {
    if (column.to === null) continue;
    const words = found.get(column.to) ?? new Set<string>();
    found.set(column.to, words);
    for (const row of rows) {
      const cell = row[column.at] ?? '';
      if (cell === '') continue;
      for (const word of namesIn(column.type, cell)) words.add(word);
      if (column.replaced.length > 0)
        for (const word of namesIn(column.type, replacedIn(cell, column))) words.add(word);
    }
    for (const taken of [...column.alike.values(), ...column.one.values()])
      if (taken.as === 'text') for (const word of namesIn(column.type, taken.text)) words.add(word);
  }
  return found;
};

type Read =
  | { readonly ok: true; readonly value: StoredValue; readonly called: string | null }
  | { readonly ok: false; readonly wrong: Wrong };

const notThere: Wrong = { code: 'not_there', detail: 'This names no record there is.' };
const several: Wrong = { code: 'several', detail: 'This names more than one record: give its number.' };
const mustBeAnswered: Wrong = { code: 'required', detail: 'This must be answered.' };

const readLink = (column: ColumnFit, cell: string, named: ReadonlyMap<string, Named>): Read => {
  const isList = isListType(column.type);
  if (cell === '') return { ok: true, value: isList ? [] : null, called: null };
  const ids: string[] = [];
  for (const word of namesIn(column.type, cell)) {
    const id = named.get(column.to ?? '')?.get(foldText(word));
    if (id === undefined) return { ok: false, wrong: notThere };
    if (id === null) return { ok: false, wrong: several };
    ids.push(id);
  }
  return { ok: true, value: isList ? ids : (ids[0] ?? null), called: cell };
};

const read = (column: ColumnFit, cell: string, fitting: Fitting, named: ReadonlyMap<string, Named>): Read => {
  const found = ((): Read => {
    if (column.to !== null) return readLink(column, cell, named);
    const answer = readCellOf(column.type, cell, column.how, fitting.context);
    if (answer.ok) return { ok: true, value: answer.value, called: null };
    const [first] = answer.problems;
    return {
      ok: false,
      wrong: { code: first?.code ?? 'unread', detail: answer.problems.map(({ detail }) => detail).join(' ') },
    };
  })();
  const isNone = found.ok && (found.value === null || (Array.isArray(found.value) && found.value.length === 0));
  return isNone && column.required && !column.isWorkedOut ? { ok: false, wrong: mustBeAnswered } : found;
};

const nothing = (column: ColumnFit): StoredValue => (isListType(column.type) ? [] : null);

/** A cell taken as somebody said, instead of what is wrong with it. */
const taken = (
  column: ColumnFit,
  { written, wrong, as }: { readonly written: string; readonly wrong: Wrong | null; readonly as: TakenAs },
  fitting: Fitting,
  named: ReadonlyMap<string, Named>,
): FittedCell => {
  const settled = (value: StoredValue, called: string | null, makes: string | null = null): FittedCell => ({
    written,
    value,
    called,
    mended: true,
    wrong: wrong ?? { code: 'changed', detail: '' },
    settled: 'mended',
    makes,
  });
  const still = (why: Wrong | null, value: StoredValue = nothing(column)): FittedCell => ({
    written,
    value,
    called: written,
    mended: false,
    wrong: why,
    settled: null,
    makes: null,
  });
  switch (as.as) {
    case 'text': {
      const answer = read(column, as.text, fitting, named);
      return answer.ok ? settled(answer.value, answer.called) : still(answer.wrong);
    }
    case 'record':
      return column.to === null ? still(wrong) : settled(isListType(column.type) ? [as.id] : as.id, as.called);
    case 'made': {
      if (column.to !== null) return settled(nothing(column), written, written);
      const answer = read(column, written, fitting, named);
      return answer.ok ? settled(answer.value, answer.called) : still(answer.wrong);
    }
    case 'empty':
      return column.required ? still(mustBeAnswered) : settled(nothing(column), null);
    case 'result':
      return column.isWorkedOut ? settled(null, null) : still(wrong);
    case 'out':
      return { ...still(wrong ?? { code: 'left_out', detail: 'Left out.' }), settled: 'out' };
  }
};

const fitCell = (
  column: ColumnFit,
  written: string,
  as: TakenAs | undefined,
  fitting: Fitting,
  named: ReadonlyMap<string, Named>,
): FittedCell => {
  const plain = read(column, written, fitting, named);
  const wrong = plain.ok ? null : plain.wrong;
  if (as) {
    const before = wrong ?? (as.as === 'made' ? { code: 'not_a_choice', detail: '' } : null);
    return taken(column, { written, wrong: before, as }, fitting, named);
  }
  const text = column.replaced.length > 0 ? replacedIn(written, column) : written;
  if (text !== written) {
    const answer = read(column, text, fitting, named);
    if (answer.ok)
      return {
        written,
        value: answer.value,
        called: answer.called,
        mended: true,
        wrong,
        settled: 'mended',
        makes: null,
      };
  } else if (plain.ok) {
    // Choices as others spell them: the same but for case and accents.
    const { value, show } = behaviourOf(column.type);
    const mended = written !== '' && choiceBehind(value) !== null && show(plain.value, fitting.context) !== written;
    return { written, value: plain.value, called: plain.called, mended, wrong: null, settled: null, makes: null };
  }
  if (column.rest !== null) return taken(column, { written, wrong, as: { as: column.rest } }, fitting, named);
  return { written, value: nothing(column), called: written, mended: false, wrong, settled: null, makes: null };
};

/** So many texts of a column are remembered with what became of them. */
const MOST_KNOWN = 50_000;

const cellOf = (
  column: ColumnFit,
  row: number,
  written: string,
  fitting: Fitting,
  named: ReadonlyMap<string, Named>,
): FittedCell => {
  const one = column.one.get(row);
  if (one) return fitCell(column, written, one, fitting, named);
  const known = column.known.get(written);
  if (known) return known;
  const fitted = fitCell(column, written, column.alike.get(written), fitting, named);
  if (column.known.size < MOST_KNOWN) column.known.set(written, fitted);
  return fitted;
};

const differs = (comes: string, says: string): Wrong => ({
  code: 'differs',
  detail: `${says} stands here, and ${comes} comes out.`,
});

/** A worked-out cell held against what comes out. */
const heldAgainst = (cell: FittedCell, column: ColumnFit, comes: StoredValue, context: ValueContext): FittedCell => {
  // What cannot be read, or keeps its row out, stays as it is.
  if (cell.settled === 'out' || (cell.wrong !== null && cell.settled === null)) return cell;
  if (cell.settled !== null || cell.written === '' || cell.value === comes)
    return { ...cell, value: comes, called: null };
  const { show } = behaviourOf(column.type);
  const wrong = differs(show(comes, context), show(cell.value, context));
  switch (column.rest) {
    case 'result':
    case 'empty':
      return { ...cell, value: comes, called: null, mended: true, wrong, settled: 'mended' };
    case 'out':
      return { ...cell, called: cell.written, wrong, settled: 'out' };
    case null:
      return { ...cell, called: cell.written, wrong };
  }
};

/** What a cell is as it would be, in words. */
export const sayFitted = ({ columns, context }: Fitting, at: number, { called, value }: FittedCell): string => {
  const column = columns.find((each) => each.at === at);
  return called ?? (column ? behaviourOf(column.type).show(value, context) : '');
};

/** What becomes of a row: the values of its record, cell by cell what was read, mended or does not fit. */
export const fitRow = (
  fitting: Fitting,
  row: number,
  texts: readonly string[],
  named: ReadonlyMap<string, Named>,
): FittedRow => {
  const cells: (FittedCell | null)[] = Array.from({ length: fitting.width }, () => null);
  const values: Record<string, StoredValue> = {};
  let isOut = fitting.out.has(row);
  for (const column of fitting.columns) {
    const cell = cellOf(column, row, texts[column.at] ?? '', fitting, named);
    cells[column.at] = cell;
    if (!column.isWorkedOut) values[column.key] = cell.value;
  }
  if (fitting.worksOut) {
    const worked = workOutRecord(fitting.register, values, fitting.catalogue, fitting.clock);
    for (const column of fitting.columns) {
      const cell = cells[column.at];
      if (!column.isWorkedOut || !cell) continue;
      // What it is worked out from does not fit itself: there is nothing to hold it against.
      const isKnown = cells.every(
        (each) => each === null || each === cell || each.wrong === null || each.settled === 'mended',
      );
      if (isKnown) cells[column.at] = heldAgainst(cell, column, worked[column.key] ?? null, fitting.context);
    }
  }
  isOut ||= cells.some((cell) => cell !== null && cell.wrong !== null && cell.settled !== 'mended');
  return { row, values, cells, isOut };
};

/** So many rows are looked at to tell how cells are written: nearly every file has one by then that can be read one way alone. */
const TOLD_BY = 20_000;

/** A column as it says how it is written, as far as nobody said it: from all its values, or to be asked. */
const withWrittenIn = (column: FillingColumn, of: Column, context: ValueContext): FillingColumn => {
  const numbers = column.numbers === undefined ? guessNumbers(of, context) : column.numbers;
  const days = column.days === undefined ? guessDays(of, context) : column.days;
  const years = column.years === undefined ? guessYears(of, days, context) : column.years;
  return {
    ...column,
    ...(numbers === undefined ? {} : { numbers }),
    ...(days === undefined ? {} : { days }),
    ...(years === undefined ? {} : { years }),
  };
};

/** What can be read either way is written as all others of its file are, where these agree. */
const asOthers = (columns: readonly ColumnPlan[], what: 'numbers' | 'days'): readonly ColumnPlan[] => {
  const ways = new Set(columns.flatMap((column) => (isFilling(column) && column[what]) || []));
  const [way] = ways;
  if (way === undefined || ways.size > 1) return columns;
  return columns.map((column) => (isFilling(column) && column[what] === null ? { ...column, [what]: way } : column));
};

/** A plan in which each column says how it is written, as far as nobody said it. */
export const withWritten = (
  plan: ImportPlan,
  before: Catalogue,
  rows: readonly (readonly string[])[],
  day: string,
): ImportPlan => {
  const catalogue = catalogueAfter(plan, before);
  const register = catalogue.registers.get(plan.made?.key ?? plan.into ?? '');
  if (!register) return plan;
  const context = { ...valueContext(catalogue), today: day };
  const columns = plan.columns.map((column, at): ColumnPlan => {
    if (!isFilling(column)) return column;
    const field = fieldOfColumn(column, register);
    if (!field || leadsTo(field.type) !== null) return column;
    const cells = new Set(rows.slice(0, TOLD_BY).map((row) => row[at] ?? ''));
    return withWrittenIn(column, { type: shownAs(field.type), cells: [...cells] }, context);
  });
  return { ...plan, columns: [...asOthers(asOthers(columns, 'numbers'), 'days')] };
};
