import { isReservedKey, type Result } from '../base/index.ts';
import {
  type Checked,
  checkExpression,
  type Formula,
  FUNCTION_NAMES,
  type ListColumn,
  type Named,
  type Vocabulary,
} from '../expression/index.ts';
import { rowsKey, rowsTableName } from '../sql/index.ts';
import {
  behaviourOf,
  type Choice,
  decimalsOf,
  type FieldType,
  type FieldTypeOf,
  isListType,
  linkIn,
  PEOPLE,
  type RowField,
  recordsBehind,
  rowsIn,
  type ValueContext,
  valueTraits,
  workedOutIn,
} from '../values/index.ts';
import type { ChoiceList, Field, Register } from './definition.ts';
import { SIGN_OFF, SIGN_OFF_NAME, SIGN_OFF_NAMES, STAGE_CHOICES, STAGES } from './sign-off.ts';

/** How a workspace writes dates, numbers and money. */
export interface Locale {
  readonly locale: string;
  readonly zone: string;
  readonly currency: string;
  /** Days on which nobody works, besides Saturdays and Sundays; ISO dates. */
  readonly holidays?: readonly string[];
  /** The day weeks begin with, from 1 for Monday to 7 for Sunday (ISO 8601); Monday where nothing is said. */
  readonly weekBegins?: number;
  /** Where people have a record of their own, and the field that holds their e-mail. */
  readonly people?: { readonly register: string; readonly email: string } | null;
}

/** Registers and choice lists by key: what a definition may refer to. Iteration is in the workspace's order. */
export interface Catalogue extends Locale {
  readonly registers: ReadonlyMap<string, Register>;
  readonly choiceLists: ReadonlyMap<string, ChoiceList>;
  /** Worked-out fields that the database keeps in columns of their own: `invoices.gross`, `invoices.lines.net`. */
  readonly stored?: ReadonlySet<string>;
  /** The registers whose records are signed: of these `sign_off` can be read. */
  readonly signed?: ReadonlySet<string>;
}

const NO_CHOICES: readonly Choice[] = [];

export const valueContext = (catalogue: Catalogue): ValueContext => ({
  locale: catalogue.locale,
  zone: catalogue.zone,
  currency: catalogue.currency,
  choices: (list) => (list === STAGES ? STAGE_CHOICES : (catalogue.choiceLists.get(list)?.choices ?? NO_CHOICES)),
});

/** Whether a key names records people keep, not rows or people. */
const isPlain = (register: string): boolean => !register.includes('.') && !register.startsWith('$');

/** A link field that leads to a register, and where it stands. */
interface Pointer {
  /** The register it stands in, or the rows: `invoices.lines`. */
  readonly from: string;
  readonly plural: string;
  readonly field: RowField;
  readonly type: FieldTypeOf<'link' | 'links'>;
}

const pointersIn = (from: string, plural: string, fields: readonly RowField[], to: string): Pointer[] =>
  fields.flatMap((field) => {
    const type = linkIn(field.type);
    return type?.register === to ? [{ from, plural, field, type }] : [];
  });

/** Every link that leads to a register, from other registers and from rows inside them. */
export const pointersTo = (register: string, catalogue: Catalogue): Pointer[] =>
  [...catalogue.registers.values()].flatMap((other) => [
    ...pointersIn(other.key, other.plural, other.fields, register),
    ...other.fields.flatMap(({ key, type }) => {
      const rows = rowsIn(type);
      return rows
        ? pointersIn(rowsKey(other.key, key), `${rows.plural} of ${other.plural}`, rows.fields, register)
        : [];
    }),
  ]);

/** How the records that point to one are called there: the link's own name for it, or the register's. */
export interface BackLink {
  readonly key: string;
  readonly label: string;
  readonly register: string;
  readonly field: string;
  readonly many: boolean;
}

/**
 * The records that point to a register's, each register under its own key: a client's `invoices`. Where two links of
 * a register lead here, each is named with its field: `invoices_by_payer`. A link may give a name of its own.
 */
export const backLinks = (register: string, catalogue: Catalogue): BackLink[] => {
  const pointers = pointersTo(register, catalogue);
  return pointers.map(({ from, plural, field, type }) => {
    const alone = pointers.filter((other) => other.from === from).length === 1;
    const short = from.replace('.', '_');
    const plain = alone && !isReservedKey(short, FUNCTION_NAMES);
    return {
      key: type.back?.key ?? (plain ? short : `${short}_by_${field.key}`),
      label: type.back?.label ?? (alone ? plural : `${plural} by ${field.label.toLowerCase()}`),
      register: from,
      field: field.key,
      many: isListType(type),
    };
  });
};

/** The checked formula of a worked-out field, or what is wrong with it. */
export const checkFormula = (type: FieldTypeOf<'worked_out'>, vocabulary: Vocabulary): Result<Checked> =>
  checkExpression(type.formula, vocabulary, { kind: 'value', type: behaviourOf(type.gives).value });

const formulaOf = (type: FieldTypeOf<'worked_out'>, stored: boolean, vocabulary: () => Vocabulary): Formula => {
  let state: 'new' | 'open' | ReturnType<Formula['term']> = 'new';
  return {
    decimals: decimalsOf(type.gives),
    stored,
    term: () => {
      // Asked again while it is being checked: it leads back to itself, and stands for nothing.
      if (state === 'open') return null;
      if (state !== 'new') return state;
      state = 'open';
      const checked = checkFormula(type, vocabulary());
      state = checked.ok && checked.value.notInSql === null ? checked.value.term : null;
      return state;
    },
  };
};

/**
 * The formula of a field whose outcome somebody sees, and not all that it is worked out from: it says nothing, and the
 * value comes with the record.
 */
export const OUT_OF_SIGHT = 'null';
const GIVEN: Pick<Formula, 'stored' | 'term' | 'given'> = { stored: true, given: true, term: () => null };

const namedOf = (register: string, field: RowField, catalogue: Catalogue, vocabulary: () => Vocabulary): Named => {
  const { key: name, label, type } = field;
  const { value } = behaviourOf(type);
  if (valueTraits(value).holds === 'rows') {
    const rows = rowsKey(register, name);
    return { name, label, type: { kind: 'records', register: rows, by: { field: 'entry', many: false } } };
  }
  const many = recordsBehind(value);
  if (many !== null) return { name, label, type: { kind: 'records', register: many, by: 'own' } };
  const worked = workedOutIn(type);
  if (!worked) return { name, label, type: value };
  if (worked.formula === OUT_OF_SIGHT)
    return { name, label, type: value, formula: { ...GIVEN, decimals: decimalsOf(worked.gives) } };
  const stored = catalogue.stored?.has(`${rowsTableName(register)}.${name}`) ?? false;
  return { name, label, type: value, formula: formulaOf(worked, stored, vocabulary) };
};

const made = new WeakMap<Catalogue, Map<string, Vocabulary>>();

const columnsOf = (list: ChoiceList | undefined): readonly ListColumn[] =>
  list?.columns.map(({ key, label, type }) => ({ name: key, label, type: behaviourOf(type).value })) ?? [];

/** The names over a key's records, and what all vocabularies of a catalogue share. */
const vocabularyWith = (register: string, names: readonly Named[], catalogue: Catalogue): Vocabulary => ({
  names: new Map(names.map((named) => [named.name, named])),
  register,
  ...(catalogue.people && catalogue.registers.has(catalogue.people.register)
    ? { peopleRegister: catalogue.people.register }
    : {}),
  zone: catalogue.zone,
  linked: (key) => findVocabulary(key, catalogue),
  choices: valueContext(catalogue).choices,
  columns: (list) => columnsOf(catalogue.choiceLists.get(list)),
});

const makeVocabulary = (register: Register, catalogue: Catalogue): Vocabulary => {
  const itself = (): Vocabulary => vocabularyOf(register, catalogue);
  const own = register.fields.map((field) => namedOf(register.key, field, catalogue, itself));
  // Where nothing is signed there is nothing to read of it.
  if (catalogue.signed?.has(register.key) && !own.some(({ name }) => name === SIGN_OFF_NAME.name))
    own.push(SIGN_OFF_NAME);
  const taken = new Set(own.map((named) => named.name));
  const back = backLinks(register.key, catalogue)
    .filter((each) => !taken.has(each.key))
    .map(
      ({ key, label, register: from, field, many }): Named => ({
        name: key,
        label,
        type: { kind: 'records', register: from, by: { field, many } },
      }),
    );
  return vocabularyWith(register.key, [...own, ...back], catalogue);
};

/** The names of a row: its own fields, and `entry` for the record it stands in. */
const rowVocabulary = (owner: Register, field: Field, catalogue: Catalogue): Vocabulary | null => {
  const rows = rowsIn(field.type);
  if (!rows) return null;
  const key = rowsKey(owner.key, field.key);
  const itself = (): Vocabulary => findVocabulary(key, catalogue) ?? vocabularyWith(key, [], catalogue);
  const names = rows.fields.map((each) => namedOf(key, each, catalogue, itself));
  const entry: Named = { name: 'entry', label: owner.singular, type: { kind: 'link', register: owner.key } };
  return vocabularyWith(key, [...names, entry], catalogue);
};

const PEOPLE_NAMES: readonly Named[] = [
  { name: 'name', label: 'Name', type: { kind: 'text' } },
  { name: 'email', label: 'E-mail', type: { kind: 'text' } },
];

const makeFor = (key: string, catalogue: Catalogue): Vocabulary | null => {
  if (key === PEOPLE) return vocabularyWith(PEOPLE, PEOPLE_NAMES, catalogue);
  if (key === SIGN_OFF) return vocabularyWith(SIGN_OFF, SIGN_OFF_NAMES, catalogue);
  const [owner = '', rows] = key.split('.');
  const register = catalogue.registers.get(owner);
  if (!register) return null;
  if (rows === undefined) return makeVocabulary(register, catalogue);
  const field = register.fields.find((each) => each.key === rows);
  return field ? rowVocabulary(register, field, catalogue) : null;
};

/** The names over a register's records, rows (`invoices.lines`) or people; null for what is not in the catalogue. */
export const findVocabulary = (key: string, catalogue: Catalogue): Vocabulary | null => {
  const known = made.get(catalogue) ?? new Map<string, Vocabulary>();
  made.set(catalogue, known);
  const found = known.get(key) ?? makeFor(key, catalogue);
  if (found) known.set(key, found);
  return found;
};

/**
 * The names an expression over a register may use: its fields, and the records that point back. Links lead on only to
 * the registers in the catalogue. Made once per catalogue.
 */
export const vocabularyOf = (register: Register, catalogue: Catalogue): Vocabulary =>
  catalogue.registers.get(register.key) === register
    ? (findVocabulary(register.key, catalogue) ?? makeVocabulary(register, catalogue))
    : makeVocabulary(register, catalogue);

/** Whether a link leads to records of a register in the catalogue. */
export const linkedRegister = (type: FieldType, catalogue: Catalogue): Register | null => {
  const link = linkIn(type);
  return link && isPlain(link.register) ? (catalogue.registers.get(link.register) ?? null) : null;
};
