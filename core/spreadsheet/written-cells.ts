import type { Result } from '../base/index.ts';
import {
  behaviourOf,
  type FieldType,
  isShare,
  type StoredValue,
  sameValue,
  type ValueContext,
} from '../values/index.ts';

/** How the values of a file are written, where that can be meant in more than one way. */
export interface WrittenCells {
  /** Numbers with a point before their decimals (1,250.50), or as the workspace writes them. */
  readonly numbers: 'plain' | 'local' | 'comma';
  /** Whether days in numbers have their month first; left out: as the workspace writes them. */
  readonly monthFirst?: boolean;
  /** A share without its sign is a fraction (0.2 for 20 %), and not in hundredths. */
  readonly fraction: boolean;
}

const isNumber = (type: FieldType): boolean => behaviourOf(type).value.kind === 'number';
/** Locales in which numbers have a point before their decimals, or a comma. */
const WRITTEN_IN = { plain: 'en', comma: 'de' } as const;

/** A cell of a file as a value of a field, read as in a box but that nothing is told from today or worked out; '' is nothing. */
export const readCellOf = (
  type: FieldType,
  cell: string,
  { numbers, fraction, monthFirst }: WrittenCells,
  context: ValueContext,
): Result<StoredValue> => {
  const behaviour = behaviourOf(type);
  const inFile = { ...context, inFile: true, ...(monthFirst === undefined ? {} : { monthFirst }) };
  if (!isNumber(type)) return behaviour.parse(cell, inFile);
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

/**
 * How the numbers of some columns seem to be written: as the workspace does where more of them can be read so, else with a
 * point; with a comma before decimals where that alone reads most of them. Null where it must be asked: as many can be read
 * either way, and some of them are another number then ("1.250").
 */
export const guessNumbers = (columns: readonly Column[], context: ValueContext): WrittenCells['numbers'] | null => {
  let [plain, local, comma] = [0, 0, 0];
  let differ = false;
  for (const { type, cells } of columns) {
    if (!isNumber(type)) continue;
    for (const cell of cells) {
      const [pointed, own, other] = (['plain', 'local', 'comma'] as const).map((numbers) =>
        readCellOf(type, cell, { numbers, fraction: false }, context),
      );
      if (pointed?.ok) plain++;
      if (own?.ok) local++;
      if (other?.ok) comma++;
      if (pointed?.ok && own?.ok) differ ||= pointed.value !== own.value;
    }
  }
  if (comma > Math.max(plain, local)) return 'comma';
  if (plain !== local) return local > plain ? 'local' : 'plain';
  return differ ? null : 'plain';
};

/** How the days of a column are written. */
export type DayOrder = 'day_first' | 'month_first';

/**
 * Whether the days of a column have their day or their month first, decided once from all its values; null where it must be
 * asked, as all can be read either way and some are another day then; undefined where it makes no difference.
 */
export const guessDays = ({ type, cells }: Column, context: ValueContext): DayOrder | null | undefined => {
  if (isNumber(type)) return undefined;
  let [dayFirst, monthFirst] = [0, 0];
  let differ = false;
  for (const cell of cells) {
    const [day, month] = [false, true].map((first) =>
      readCellOf(type, cell, { numbers: 'plain', fraction: false, monthFirst: first }, context),
    );
    if (day?.ok) dayFirst++;
    if (month?.ok) monthFirst++;
    // One that only one order reads speaks for it; as many for each leave it open.
    differ ||= day?.ok !== month?.ok || (day?.ok === true && month?.ok === true && !sameValue(day.value, month.value));
  }
  if (dayFirst !== monthFirst) return dayFirst > monthFirst ? 'day_first' : 'month_first';
  return differ ? null : undefined;
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
