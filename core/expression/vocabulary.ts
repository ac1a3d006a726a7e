import type { Choice, ValueType } from '../values/index.ts';

/** What a name stands for: a stored value, or the records of `register` whose link `by` points here. */
export type NamedType = ValueType | { readonly kind: 'records'; readonly register: string; readonly by: string };

/** A name that an expression may use. */
export interface Named {
  readonly name: string;
  readonly label: string;
  readonly type: NamedType;
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
    if (named) at = named.type.kind === 'link' && at ? at.linked(named.type.register) : null;
    named = at?.names.get(name);
    if (!named) return null;
    labels.push(named.label);
  }
  return named ? { named, labels } : null;
};
