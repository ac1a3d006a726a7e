import type { Result } from '../base/index.ts';
import { behaviourOf, type FieldType, isShare, type StoredValue, type ValueContext } from '../values/index.ts';

/** How the values of a file are written, where that can be meant in more than one way. */
export interface WrittenCells {
  /** Numbers with a point before their decimals (1,250.50), or as the workspace writes them. */
  readonly numbers: 'plain' | 'local';
  /** A share without its sign is a fraction (0.2 for 20 %), and not in hundredths. */
  readonly fraction: boolean;
}

const isNumber = (type: FieldType): boolean => behaviourOf(type).value.kind === 'number';
/** A plain locale, in which numbers have a point. */
const POINTED = 'en';

/** A cell of a file as a value of a field, read as in a box but that nothing is told from today or worked out; '' is nothing. */
export const readCellOf = (
  type: FieldType,
  cell: string,
  { numbers, fraction }: WrittenCells,
  context: ValueContext,
): Result<StoredValue> => {
  const behaviour = behaviourOf(type);
  const inFile = { ...context, inFile: true };
  if (!isNumber(type)) return behaviour.parse(cell, inFile);
  const written = numbers === 'plain' ? { ...inFile, locale: POINTED } : inFile;
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
 * point. Null where it must be asked: as many can be read either way, and some of them are another number then ("1.250").
 */
export const guessNumbers = (columns: readonly Column[], context: ValueContext): WrittenCells['numbers'] | null => {
  let [plain, local] = [0, 0];
  let differ = false;
  for (const { type, cells } of columns) {
    if (!isNumber(type)) continue;
    for (const cell of cells) {
      const [pointed, own] = (['plain', 'local'] as const).map((numbers) =>
        readCellOf(type, cell, { numbers, fraction: false }, context),
      );
      if (pointed?.ok) plain++;
      if (own?.ok) local++;
      if (pointed?.ok && own?.ok) differ ||= pointed.value !== own.value;
    }
  }
  if (plain !== local) return local > plain ? 'local' : 'plain';
  return differ ? null : 'plain';
};

/**
 * Whether it must be asked what a column of shares means: none has a sign, and none is over 1, so that 0.2 may stand for
 * 20 % as well as for a fifth of one per cent.
 */
export const asksForFractions = (
  { type, cells }: Column,
  numbers: 'plain' | 'local',
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
