import type { Choice, ValueType } from '../values/index.ts';

/** A name that an expression may use. */
export interface Named {
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
  /** The names of a linked register, or null where it may not be seen. */
  readonly linked: (register: string) => Vocabulary | null;
  readonly choices: (list: string) => readonly Choice[];
}

/** The last name of a path, with the labels on the way to it, or null when a step is unknown. */
export const findNamed = (
  vocabulary: Vocabulary,
  path: readonly string[],
): { named: Named; labels: string[] } | null => {
  let at: Vocabulary | null = vocabulary;
  let named: Named | undefined;
  const labels: string[] = [];
  for (const name of path) {
    if (named) at = named.type.kind === 'link' && at ? at.linked(named.type.register) : null;
    named = at?.names.get(name);
    if (!named) return null;
    labels.push(named.label);
  }
  return named ? { named, labels } : null;
};
