import type { Choice, ValueType } from '../values/index.ts';
import type { Term } from './term.ts';

/**
 * How a record leads to many: the records whose field points here (by a link to one, or by one to many), or its own
 * list of ids.
 */
export type RecordsBy = { readonly field: string; readonly many: boolean } | 'own';

/** What a name stands for: a stored value, or records of `register`. */
export type NamedType = ValueType | { readonly kind: 'records'; readonly register: string; readonly by: RecordsBy };

/** How a worked-out field comes to its value. */
export interface Formula {
  /** Its checked formula; null while that is wrong. */
  readonly term: () => Term | null;
  /** To how many decimals a number is rounded, half away from zero; null for what is no number. */
  readonly decimals: number | null;
  /** Whether the database keeps the value in a column of its own. */
  readonly stored: boolean;
  /** The value is given with the record: how it is worked out is not for whoever reads it. */
  readonly given?: true;
}

/** A name that an expression may use. */
export interface Named {
  readonly name: string;
  readonly label: string;
  readonly type: NamedType;
  readonly formula?: Formula;
}

/** A column of a choice list's own, as `rate.percentage` reads it. */
export interface ListColumn {
  readonly name: string;
  readonly label: string;
  readonly type: ValueType;
}

/**
 * The names an expression is read against: a register's fields as one person may see them. What is not here does
 * not exist for the expression.
 */
export interface Vocabulary {
  readonly names: ReadonlyMap<string, Named>;
  /** The register whose records these names are of; what `before` and rows are renamed by. */
  readonly register: string;
  /** The names of another register, or null where it may not be seen. */
  readonly linked: (register: string) => Vocabulary | null;
  readonly choices: (list: string) => readonly Choice[];
  /** A choice list's own columns. */
  readonly columns?: (list: string) => readonly ListColumn[];
  /** The zone in which a date and time without an offset is read. */
  readonly zone: string;
  /** Whether there are values from before a change. */
  readonly before?: boolean;
  /** The register whose records people are tied to, if the workspace has one. */
  readonly peopleRegister?: string;
}

/** The names of `me`: the person for whom an expression is worked out. */
export const ME_NAMES = ['name', 'email', 'roles', 'record'] as const;

/** The field a path ends at with the labels on the way, or null where a step is unknown or leads to many records. */
export const findField = (
  vocabulary: Vocabulary,
  path: readonly string[],
): { type: ValueType; labels: string[] } | null => {
  const found = findNamed(vocabulary, path);
  return found && found.named.type.kind !== 'records' ? { type: found.named.type, labels: found.labels } : null;
};

/** The last name of a path, with the labels on the way to it, or null when a step is unknown. */
export const findNamed = (
  vocabulary: Vocabulary,
  path: readonly string[],
): { named: Named; labels: string[] } | null => {
  const [first, ...rest] = path;
  if (first === 'me') return findOfMe(vocabulary, rest);
  if (first === 'before' && vocabulary.before) {
    const found = findNamed(vocabulary, rest);
    return found
      ? { named: found.named, labels: [...found.labels.slice(0, -1), `${found.labels.at(-1)} before the change`] }
      : null;
  }
  return follow(vocabulary, undefined, path);
};

const ME_LABELS: ReadonlyMap<string, string> = new Map([
  ['name', 'My name'],
  ['email', 'My e-mail'],
  ['record', 'My record'],
]);

const findOfMe = (vocabulary: Vocabulary, path: readonly string[]): { named: Named; labels: string[] } | null => {
  const [name = '', ...rest] = path;
  const label = ME_LABELS.get(name);
  const register = vocabulary.peopleRegister;
  if (!label || (name === 'record' && !register)) return null;
  const type: ValueType = name === 'record' ? { kind: 'link', register: register ?? '' } : { kind: 'text' };
  const found = follow(vocabulary, { name, label, type }, rest);
  return found ? { named: found.named, labels: [label, ...found.labels] } : null;
};

/** The names a path passes, from a name already found on. */
const follow = (
  vocabulary: Vocabulary,
  start: Named | undefined,
  path: readonly string[],
): { named: Named; labels: string[] } | null => {
  let at: Vocabulary | null = vocabulary;
  let named = start;
  const labels: string[] = [];
  for (const name of path) {
    const names: ReadonlyMap<string, Named> | null = named && at ? namesBehind(named.type, at) : (at?.names ?? null);
    if (named && at) at = named.type.kind === 'link' ? at.linked(named.type.register) : at;
    named = names?.get(name);
    if (!named) return null;
    labels.push(named.label);
  }
  return named ? { named, labels } : null;
};

/** The names behind the dot of a link or of a choice; null where nothing may follow. */
const namesBehind = (type: NamedType, vocabulary: Vocabulary): ReadonlyMap<string, Named> | null => {
  if (type.kind === 'link') return vocabulary.linked(type.register)?.names ?? null;
  if (type.kind !== 'choice') return null;
  return new Map((vocabulary.columns?.(type.list) ?? []).map((column) => [column.name, column]));
};
