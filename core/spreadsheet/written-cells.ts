import { isMonthFirst, type Result } from '../base/index.ts';
import {
  behaviourOf,
  currencyIn,
  decimalsOf,
  type FieldType,
  isNumber,
  isShare,
  type StoredValue,
  sameValue,
  type ValueContext,
} from '../values/index.ts';
import type { FillingColumn } from './plan.ts';

/** How the cells of a column are written, where that can be meant in more than one way. */
export interface WrittenCells {
  /** Numbers with a point before their decimals (1250.50), with a comma, or as the workspace writes them. */
  readonly numbers: 'plain' | 'local' | 'comma';
  /** Whether days in numbers have their month first; left out: as the workspace writes them. */
  readonly monthFirst?: boolean;
  /** By how many years one of two digits may lie ahead; left out: by as many as where days are typed. */
  readonly yearsAhead?: number;
  /** A share without its sign is a fraction (0.2 for 20 %), and not in hundredths. */
  readonly fraction: boolean;
}

/** What years of two digits mean: none of them is after this year, or those of the next twenty are. */
export type YearsMeant = 'past' | 'ahead';

/** By how many years at most, for each meaning. */
const YEARS_AHEAD: Readonly<Record<YearsMeant, number>> = { past: 0, ahead: 20 };

/** How a column that says it is read; what it does not say makes no difference there, or is as the workspace has it. */
export const howWritten = ({
  numbers,
  days,
  years,
  fraction,
}: Partial<Pick<FillingColumn, 'numbers' | 'days' | 'years' | 'fraction'>>): WrittenCells => ({
  numbers: numbers ?? 'local',
  fraction: fraction ?? false,
  ...(days ? { monthFirst: days === 'month_first' } : {}),
  ...(years ? { yearsAhead: YEARS_AHEAD[years] } : {}),
});

/** Locales in which numbers have a point before their decimals, or a comma. */
const WRITTEN_IN = { plain: 'en', comma: 'de' } as const;

/** A cell of a file as a value of a field, read as in a box but that nothing is told from today or worked out; '' is nothing. */
export const readCellOf = (
  type: FieldType,
  cell: string,
  { numbers, fraction, monthFirst, yearsAhead }: WrittenCells,
  context: ValueContext,
): Result<StoredValue> => {
  const behaviour = behaviourOf(type);
  const inFile = {
    ...context,
    inFile: true,
    ...(monthFirst === undefined ? {} : { monthFirst }),
    ...(yearsAhead === undefined ? {} : { yearsAhead }),
  };
  if (!isNumber(behaviourOf(type).value)) return behaviour.parse(cell, inFile);
  const written = numbers === 'local' ? inFile : { ...inFile, locale: WRITTEN_IN[numbers] };
  if (!fraction || !isShare(type) || cell.includes('%')) return behaviour.parse(cell, written);
  const plain = behaviourOf({ kind: 'number', decimals: 6 }).parse(cell, written);
  return plain.ok ? behaviour.check(plain.value, context) : plain;
};

/** Some cells of a column, and what it fills. */
export interface Column {
  readonly type: FieldType;
  readonly cells: readonly string[];
}

/** What a column's cells are in one way of reading them. */
interface Way<W> {
  readonly way: W;
  readonly how: WrittenCells;
}

/**
 * Of some ways of reading a column the one that reads most of its cells, decided once from all of them; null where several
 * read as many and some cells are another value then; undefined where it makes no difference.
 */
const decide = <W>(
  ways: readonly Way<W>[],
  { type, cells }: Column,
  context: ValueContext,
  isMeant: (cell: string, value: StoredValue) => boolean = () => true,
): W | null | undefined => {
  const found = ways.map(({ way, how }) => {
    const values = cells.map((cell) => {
      const read = readCellOf(type, cell, how, context);
      return read.ok && isMeant(cell, read.value) ? read.value : undefined;
    });
    return { way, values, fit: values.reduce<number>((sum, value) => sum + (value === undefined ? 0 : 1), 0) };
  });
  const alike = (one: (typeof found)[number], other: (typeof found)[number]): boolean =>
    one.values.every((value, i) => {
      const held = other.values[i];
      return value === undefined || held === undefined ? value === held : sameValue(value, held);
    });
  const [first] = found;
  if (!first || found.every((each) => alike(each, first))) return undefined;
  const most = Math.max(...found.map(({ fit }) => fit));
  const best = found.filter(({ fit }) => fit === most);
  const [leader] = best;
  return leader && best.every((each) => alike(each, leader)) ? leader.way : null;
};

const NUMBERS = (['local', 'plain', 'comma'] as const).map((way) => ({ way, how: { numbers: way, fraction: false } }));
/** A number that is the same to everybody. */
const DIGITS = /^-?\d*$/;
/** A number that ends in three digits behind a sign. */
const THREE_LAST = /[.,]\d{3}\D*$/;

/** How the numbers of a column are written ("1.250" is a thousand and more to one country, one and a quarter to others). */
export const guessNumbers = (
  { type, cells }: Column,
  context: ValueContext,
): WrittenCells['numbers'] | null | undefined => {
  if (!isNumber(behaviourOf(type).value)) return undefined;
  const written = { type, cells: cells.filter((cell) => !DIGITS.test(cell)) };
  // Nobody writes an amount of pence with three decimals: "1,250" is no 1.25 there.
  const isInPence = currencyIn(type) !== null && (decimalsOf(type) ?? 0) < 3;
  const isMeant = (cell: string, value: StoredValue): boolean =>
    !isInPence || !THREE_LAST.test(cell) || Math.abs(Number(value)) >= 1_000;
  return decide(NUMBERS, written, context, isMeant);
};

/** How the days of a column are written. */
export type DayOrder = 'day_first' | 'month_first';

const ORDERS = (['day_first', 'month_first'] as const).map((way) => ({
  way,
  how: { numbers: 'plain', fraction: false, monthFirst: way === 'month_first' } as const,
}));

/** Whether the days of a column have their day or their month first. */
export const guessDays = (column: Column, context: ValueContext): DayOrder | null | undefined =>
  isNumber(behaviourOf(column.type).value) ? undefined : decide(ORDERS, column, context);

/** A cell that has its year whole. */
const WHOLE_YEAR = /\d{4}/;

const YEARS = (['past', 'ahead'] as const).map((way) => ({
  way,
  how: { numbers: 'plain', fraction: false, yearsAhead: YEARS_AHEAD[way] } as const,
}));

/**
 * What years of two digits mean in a column, where some lie ahead or a hundred years back: ahead where nothing else of it
 * is of the last century; else both fit, and it is asked.
 */
export const guessYears = (
  column: Column,
  order: DayOrder | null | undefined,
  context: ValueContext,
): YearsMeant | null | undefined => {
  if (isNumber(behaviourOf(column.type).value)) return undefined;
  const ordered = order ? { monthFirst: order === 'month_first' } : {};
  const ways = YEARS.map(({ way, how }) => ({ way, how: { ...how, ...ordered } }));
  const short = column.cells.filter((cell) => !WHOLE_YEAR.test(cell));
  const found = decide(ways, { type: column.type, cells: short }, context);
  if (found !== null) return found;
  const how = { numbers: 'plain', fraction: false, yearsAhead: YEARS_AHEAD.ahead, ...ordered } as const;
  const ofLastCentury = column.cells.some((cell) => {
    const read = readCellOf(column.type, cell, how, context);
    return read.ok && typeof read.value === 'string' && read.value.startsWith('19');
  });
  return ofLastCentury ? null : 'ahead';
};

/**
 * Whether it must be asked what a column of shares means: none has a sign, and none is over 1, so that 0.2 may stand for
 * 20 % as well as for a fifth of one per cent.
 */
export const asksForFractions = (
  { type, cells }: Column,
  numbers: WrittenCells['numbers'],
  context: ValueContext,
): boolean => {
  if (!isShare(type)) return false;
  const written = cells.filter((cell) => cell !== '');
  const values = written.map((cell) => {
    const read = readCellOf({ kind: 'number', decimals: 6 }, cell, { numbers, fraction: false }, context);
    return read.ok && typeof read.value === 'string' ? Number(read.value) : Number.NaN;
  });
  return values.length > 0 && values.every((value) => Math.abs(value) <= 1) && values.some((value) => value !== 0);
};

/**
 * Cells that were pasted into a column, as the workspace writes them: where all of them say that they are written
 * otherwise. What can be meant in two ways, or cannot be read, stays as it is.
 */
export const asWrittenHere = (type: FieldType, cells: readonly string[], context: ValueContext): readonly string[] => {
  const column = { type, cells };
  const numbers = guessNumbers(column, context);
  const days = guessDays(column, context);
  const differs =
    numbers === 'plain' || numbers === 'comma' || days === (isMonthFirst(context.locale) ? 'day_first' : 'month_first');
  if (!differs) return cells;
  return cells.map((cell) => {
    const read = readCellOf(type, cell, howWritten({ numbers, days }), context);
    return read.ok && cell !== '' ? behaviourOf(type).edit(read.value, context) : cell;
  });
};
