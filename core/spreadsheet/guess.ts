import { foldText, isMonthFirst, toKey } from '../base/index.ts';
import { FUNCTION_NAMES } from '../expression/index.ts';
import { type Catalogue, type Field, isWritable, type Register, valueContext } from '../register/index.ts';
import {
  behaviourOf,
  currencyIn,
  type FieldType,
  isInCsv,
  isNumeric,
  leadsTo,
  outcomeTypeSchema,
  PEOPLE,
  type ValueContext,
} from '../values/index.ts';
import { type Grid, isEmptyRow } from './grid.ts';
import { knownList, listOf, looksLikeChoices } from './guess-choices.ts';
import { headsOf } from './guess-head.ts';
import { countFitting, guessKind, type Reading, splitUnit } from './guess-kind.ts';
import { madeOf } from './guess-name.ts';
import { type Follows, findFollowing, type Numbers } from './guess-worked.ts';
import type { ColumnPlan, ImportPlan, NewColumn, NewList } from './plan.ts';
import { NO_MENDS } from './plan.ts';
import { alikeIn, isEachDifferent, type Profile, profileOf, someOf } from './profile.ts';
import {
  asksForFractions,
  guessDays,
  guessNumbers,
  howWritten,
  readCellOf,
  type WrittenCells,
} from './written-cells.ts';

/** Why a column was taken for what it was, and what speaks against it. */
export interface Because {
  /** How many of its cells are so, of how many that were looked at, of how many that say something. */
  readonly fit: number;
  readonly of: number;
  readonly filled: number;
  /** Some cells that are not. */
  readonly not: readonly string[];
  /** What kind of reason it is: cells read so, are there, say one of a few, come out so, are called so. */
  readonly by: 'read' | 'there' | 'few' | 'known' | 'comes_out' | 'called' | 'empty';
  readonly isFull: boolean;
  readonly isDifferent: boolean;
}

/** Texts that name records of a register, as far as they do: those that name one, by the text without case and accents. */
export type Named = ReadonlyMap<string, string | null>;

/** Asks which records of registers some texts name. People are under `$people`. */
export type FindNamed = (words: readonly string[], among: readonly string[]) => Promise<ReadonlyMap<string, Named>>;

/** What of a spreadsheet becomes what, guessed; and why, column by column. */
export interface Guess {
  readonly plan: ImportPlan;
  readonly because: readonly Because[];
  /** What was noticed and is said: heads that stand twice, cells that begin as formulas do. */
  readonly notes: readonly string[];
}

const NUMBER_ROWS = 20_000;

/** A grid parted by its head: what the columns are called, and the rows that say something, with their numbers. */
export interface Parted {
  readonly heads: readonly string[];
  readonly rows: Grid;
  readonly numbers: readonly number[];
}

export const partGrid = (grid: Grid, head: number): Parted => {
  const heads = headsOf(grid, head);
  const rows: (readonly string[])[] = [];
  const numbers: number[] = [];
  for (let at = head; at < grid.length; at++) {
    const row = grid[at] ?? [];
    if (isEmptyRow(row)) continue;
    rows.push(row);
    numbers.push(at + 1);
  }
  return { heads, rows, numbers };
};

interface Guessing {
  readonly catalogue: Catalogue;
  readonly today: string;
  readonly findNamed: FindNamed;
}

/** What was found out of a column's cells. */
interface Found {
  readonly fit: number;
  readonly of: number;
  readonly not: readonly string[];
}

const becauseOf = (profile: Profile, { fit, of, not }: Found, by: Because['by']): Because => ({
  fit,
  of,
  filled: profile.filled,
  not,
  by: profile.filled === 0 ? 'empty' : by,
  isFull: profile.filled === profile.rows,
  isDifferent: false,
});

/** Columns that name things: what is written in them may be records that are there. */
const MOST_LOOKED_UP = 400;
const LEAST_THERE = 0.6;

/** The register whose records a column names, with how many of its cells do. */
const findLink = async (
  profile: Profile,
  { catalogue, findNamed }: Guessing,
): Promise<{ readonly to: string; readonly because: Because } | null> => {
  const words = someOf(profile, MOST_LOOKED_UP);
  const folded = foldText(splitUnit(profile.head).label);
  const registers = [...catalogue.registers.values()];
  const named = await findNamed(words, [...registers.map(({ key }) => key), PEOPLE]);
  let best: { to: string; found: Found; score: number } | null = null;
  const looked = words.reduce((sum, word) => sum + (profile.counts.get(word) ?? 0), 0);
  for (const [to, found] of named) {
    let fit = 0;
    let different = 0;
    const not: string[] = [];
    for (const word of words) {
      if (found.has(foldText(word))) {
        fit += profile.counts.get(word) ?? 0;
        different++;
      } else if (not.length < 3) not.push(word);
    }
    const share = looked === 0 ? 0 : fit / looked;
    const register = catalogue.registers.get(to);
    const isCalledSo =
      register !== undefined && [register.singular, register.plural].some((word) => foldText(word) === folded);
    if (share < (isCalledSo ? 0.2 : LEAST_THERE) || (different < 2 && !isCalledSo)) continue;
    const score = share + (isCalledSo ? 1 : 0);
    if (!best || score > best.score) best = { to, found: { fit, of: looked, not }, score };
  }
  return best === null ? null : { to: best.to, because: becauseOf(profile, best.found, 'there') };
};

const linkTo = (to: string): FieldType => (to === PEOPLE ? { kind: 'person' } : { kind: 'link', register: to });

const wholly = ({ filled }: Profile): Found => ({ fit: filled, of: filled, not: [] });

interface Guessed {
  readonly type: FieldType;
  readonly list: NewList | null;
  readonly because: Because;
}

/** What a list of a column's choices is called: "Mooring kinds". */
const listLabel = (label: string, singular: string): string => {
  const small = /^\p{Lu}[\p{Ll} ]/u.test(label) ? `${label.charAt(0).toLowerCase()}${label.slice(1)}` : label;
  const many = /s$/i.test(label) ? small : `${small}s`;
  return `${singular} ${many}`.slice(0, 80);
};

/** As days in numbers begin: "03/31/2026". */
const DAYS_IN_NUMBERS = /^\d{1,2}[./ -]\d{1,2}[./ -]\d{2,4}\b/;
const isText = (type: FieldType): boolean => behaviourOf(type).traits.names === true;

const guessColumn = async (
  profile: Profile,
  reading: Reading,
  guessing: Guessing & { readonly singular: string },
  lists: readonly NewList[],
): Promise<Guessed> => {
  const { catalogue } = guessing;
  const usual = guessKind(profile, catalogue, reading);
  // Days of another country are days as well: what reads as none here may be in the other order.
  const turned = DAYS_IN_NUMBERS.test([...profile.counts.keys()][0] ?? '') && isText(usual);
  const others = { ...reading, monthFirst: !isMonthFirst(catalogue.locale) };
  const other = turned ? guessKind(profile, catalogue, others) : usual;
  const kind = isText(other) ? usual : other;
  const how = {
    numbers: reading.numbers,
    fraction: false,
    ...(kind === usual ? {} : { monthFirst: others.monthFirst }),
  };
  if (behaviourOf(kind).traits.names === true && profile.filled > 0) {
    const link = await findLink(profile, guessing);
    if (link) return { type: linkTo(link.to), list: null, because: link.because };
    const known = knownList(profile, catalogue.choiceLists.values());
    if (known) {
      const type: FieldType = { kind: 'choice', list: known.key };
      const found = countFitting(type, profile, how, reading.context);
      return { type, list: null, because: becauseOf(profile, found, 'known') };
    }
    if (looksLikeChoices(profile)) {
      const taken = new Set([...catalogue.choiceLists.keys(), ...lists.map(({ key }) => key)]);
      const list = listOf(profile, listLabel(labelOf(profile.head), guessing.singular), taken);
      return { type: { kind: 'choice', list: list.key }, list, because: becauseOf(profile, wholly(profile), 'few') };
    }
  }
  return {
    type: kind,
    list: null,
    because: becauseOf(profile, countFitting(kind, profile, how, reading.context), 'read'),
  };
};

/** What a column's field is called: as its head says, without the unit, and as people write: "temp_max" is "Temp max". */
const labelOf = (head: string): string => {
  const bare = splitUnit(head).label || head;
  const spaced = /^[a-z0-9]+(_[a-z0-9]+)*$/i.test(bare) ? bare.replaceAll('_', ' ') : bare;
  return `${spaced.charAt(0).toUpperCase()}${spaced.slice(1)}`.slice(0, 80);
};

/** Of columns that could each be left out twice, the first that tells the rows apart is what they are known by. */
const IDENTIFYING = /\b(no|nr|number|code|id|ref|reference|key|e-?mail|sku|isbn|serial)\b/;

const numbersOf = (profile: Profile, type: FieldType, rows: Grid, reading: Reading): Numbers | null => {
  if (!isNumeric(type)) return null;
  let decimals = 0;
  const known = new Map<string, number>();
  const values = rows.slice(0, NUMBER_ROWS).map((row) => {
    const cell = row[profile.at] ?? '';
    const held = known.get(cell);
    if (held !== undefined) return held;
    const read = readCellOf(type, cell, { numbers: reading.numbers, fraction: false }, reading.context);
    const text = read.ok && typeof read.value === 'string' ? read.value : '';
    decimals = Math.max(decimals, text.split('.')[1]?.length ?? 0);
    const value = text === '' ? Number.NaN : Number(text);
    known.set(cell, value);
    return value;
  });
  return { at: profile.at, decimals, values };
};

const formulaOf = (follows: Follows, keys: ReadonlyMap<number, string>): string =>
  `${keys.get(follows.left) ?? ''} ${follows.sign} ${keys.get(follows.right) ?? ''}`;

const notesOn = ({ heads, rows }: Parted, grid: Grid, head: number): string[] => {
  const notes: string[] = [];
  const said = head === 0 ? [] : (grid[head - 1] ?? []);
  const twice = [...new Set(said.filter((word, at) => word !== '' && said.indexOf(word) !== at))];
  for (const word of twice.slice(0, 3))
    notes.push(`“${word.slice(0, 60)}” stands more than once in the head: the others are numbered.`);
  const unnamed = head === 0 ? 0 : heads.length - said.filter((word) => word !== '').length;
  if (unnamed > 0)
    notes.push(
      unnamed === 1
        ? 'One column has no head: it is called by its letter.'
        : `${unnamed} columns have no head: they are called by their letters.`,
    );
  const last = rows.at(-1) ?? [];
  const usual = rows.length > 3 ? rows.slice(0, -1).every((row) => row.length === heads.length) : false;
  if (usual && last.length < heads.length)
    notes.push(
      `The last row has ${last.length} ${last.length === 1 ? 'cell' : 'cells'} where all others have ${heads.length}: the file may be cut off.`,
    );
  const formulas = rows.reduce((sum, row) => sum + row.filter((cell) => /^=[A-Za-z(]/.test(cell)).length, 0);
  if (formulas > 0)
    notes.push(
      `${formulas === 1 ? 'One cell begins' : `${formulas} cells begin`} as a formula does: they are taken as they stand, and nothing is worked out.`,
    );
  return notes;
};

const A_NUMBER: FieldType = { kind: 'number', decimals: 6 };
/** What of a number says what it counts, and nothing of how it is written: a currency, a share. */
const COUNTED = /^([-+(]?)\s?(?:[£$€¥]|[A-Z]{3}\b)?\s?(\d[\d.,'’\s]*?)\s?(?:[£$€¥%]|[A-Z]{3})?(\)?)$/;

/** How the numbers of a column seem to be written, while it is guessed what it holds; with a point where that is unsure. */
const numbersIn = (profile: Profile, context: ValueContext): WrittenCells['numbers'] => {
  const some = someOf(profile, 200);
  const cells = some.flatMap((cell) => {
    const [, sign = '', digits, end = ''] = COUNTED.exec(cell) ?? [];
    return digits === undefined ? [] : [`${sign}${digits}${end}`];
  });
  // What no number stands in says nothing of how numbers are written.
  const are = cells.length >= some.length / 2;
  return (are ? guessNumbers({ type: A_NUMBER, cells }, context) : undefined) ?? 'plain';
};

/** What a spreadsheet seems to become where a register is made of it. */
export const guessNew = async (grid: Grid, head: number, file: string, guessing: Guessing): Promise<Guess> => {
  const { catalogue, today } = guessing;
  const parted = partGrid(grid, head);
  const { heads, rows } = parted;
  const context = { ...valueContext(catalogue), today };
  const made = madeOf(file, heads[0] ?? '', catalogue);
  const lists: NewList[] = [];
  const keys = new Map<number, string>();
  const columns: NewColumn[] = [];
  const because: Because[] = [];
  const numbers: Numbers[] = [];
  for (const [at, title] of heads.entries()) {
    const profile = profileOf(at, title, rows);
    const reading = { context, numbers: numbersIn(profile, context) };
    const guessed = await guessColumn(profile, reading, { ...guessing, singular: made.singular }, lists);
    if (guessed.list) lists.push(guessed.list);
    const label = labelOf(title);
    const key = toKey(label, new Set(keys.values()), FUNCTION_NAMES);
    keys.set(at, key);
    const counted = numbersOf(profile, guessed.type, rows, reading);
    if (counted) numbers.push(counted);
    const isCounted = isNumeric(guessed.type);
    const tellsApart = behaviourOf(guessed.type).traits.tellsAlike || (isCounted && currencyIn(guessed.type) === null);
    const isDifferent = profile.filled > 3 && tellsApart && isEachDifferent(profile);
    const named = IDENTIFYING.test(foldText(title)) || at === 0;
    because.push({ ...guessed.because, isDifferent: isDifferent && !isCounted });
    columns.push({
      fills: 'new',
      key,
      label,
      type: guessed.type,
      required: profile.filled === profile.rows && profile.rows > 1,
      unique: isDifferent && named,
      fraction: asksForFractions({ type: guessed.type, cells: someOf(profile, 2_000) }, reading.numbers, context)
        ? null
        : false,
    });
  }
  const following = findFollowing(numbers);
  for (const [at, follows] of following) {
    const column = columns[at];
    const gives = outcomeTypeSchema.safeParse(column?.type);
    const held = because[at];
    if (!column || !gives.success || !held) continue;
    columns[at] = {
      ...column,
      type: { kind: 'worked_out', formula: formulaOf(follows, keys), gives: gives.data },
      required: false,
      unique: false,
    };
    because[at] = { ...held, by: 'comes_out', fit: follows.agree, of: follows.of, not: [] };
  }
  return {
    plan: {
      into: null,
      made,
      columns,
      lists,
      found_by: '',
      mends: NO_MENDS,
      form: false,
      as_they_stand: false,
    },
    because,
    notes: notesOn(parted, grid, head),
  };
};

/** The field a column's head names: by its label or its key, case, accents and a unit behind it aside. */
const namedField = (head: string, register: Register): Field | 'number' | null => {
  const words = [foldText(head), foldText(labelOf(head))];
  if (words.some((word) => word === 'number' || word === foldText(register.mark))) {
    const own = register.fields.find((field) => foldText(field.label) === 'number');
    if (!own) return 'number';
  }
  return (
    register.fields.find(
      (field) =>
        isWritable(field) &&
        isInCsv(field) &&
        words.some((word) => foldText(field.label) === word || field.key === word),
    ) ?? null
  );
};

/** How many of a column's cells a field can read, as they are written; whether what it links to is there is told later. */
const fittingOf = (
  type: FieldType,
  profile: Profile,
  numbers: WrittenCells['numbers'],
  context: ValueContext,
): Found => {
  if (leadsTo(type) !== null) return wholly(profile);
  const days = guessDays({ type, cells: [...profile.counts.keys()] }, context) ?? null;
  return countFitting(type, profile, howWritten({ numbers, days }), context);
};

/** What a spreadsheet seems to fill where it goes into a register that is there. */
export const guessInto = (grid: Grid, head: number, register: Register, { catalogue, today }: Guessing): Guess => {
  const parted = partGrid(grid, head);
  const { heads, rows } = parted;
  const taken = new Set<string>();
  const found = heads.map((title) => {
    const field = namedField(title, register);
    const key = field === null ? '' : field === 'number' ? 'number' : field.key;
    if (key === '' || taken.has(key)) return null;
    taken.add(key);
    return field;
  });
  const context = { ...valueContext(catalogue), today };
  const cellsAt = (at: number) => rows.slice(0, 2_000).map((row) => row[at] ?? '');
  const numbersAt = found.map((field, at): WrittenCells['numbers'] => {
    if (field === null || field === 'number') return 'local';
    return guessNumbers({ type: field.type, cells: cellsAt(at) }, context) ?? 'local';
  });
  const columns = found.map((field, at): ColumnPlan => {
    if (field === null) return { fills: 'nothing' };
    if (field === 'number') return { fills: 'number' };
    const asks = asksForFractions({ type: field.type, cells: cellsAt(at) }, numbersAt[at] ?? 'local', context);
    return { fills: 'field', field: field.key, fraction: asks ? null : false };
  });
  const because = found.map((field, at): Because => {
    const profile = profileOf(at, heads[at] ?? '', rows);
    if (field === null || field === 'number') return becauseOf(profile, wholly(profile), 'called');
    return becauseOf(profile, fittingOf(field.type, profile, numbersAt[at] ?? 'local', context), 'called');
  });
  const unique = register.constraints.flatMap((each) =>
    each.kind === 'unique' && each.fields.length === 1 ? each.fields : [],
  );
  const foundBy = taken.has('number') ? 'number' : (unique.find((key) => taken.has(key)) ?? '');
  return {
    plan: {
      into: register.key,
      made: null,
      columns,
      lists: [],
      found_by: foundBy,
      mends: NO_MENDS,
      form: false,
      as_they_stand: false,
    },
    because,
    notes: notesOn(parted, grid, head),
  };
};

/** What a column becomes where a person gives it another kind: a choice list of what stands there goes along. */
export const listFor = (profile: Profile, label: string, taken: ReadonlySet<string>): NewList | null =>
  alikeIn(profile).size > 1_000 || profile.filled === 0 ? null : listOf(profile, label, taken);
