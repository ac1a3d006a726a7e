import { pathOf, type Role, seenByRole } from '../access/index.ts';
import { joinWords } from '../base/index.ts';
import type { Catalogue, Field } from '../register/index.ts';
import { linkIn, rowFieldsIn } from '../values/index.ts';
import type { CompiledForm } from './compiled.ts';

/** A value that a form fills in from a field, and the roles that come to see it that way though the field is hidden from them. */
export interface PassedOn {
  /** The question whose rule fills, and what it fills: a question, or a cell of its rows (`lines.price`). */
  readonly by: string;
  readonly into: string;
  /** "Telephone of Clients", and what it is filled into, "Telephone". */
  readonly what: string;
  readonly label: string;
  /** The roles that fill the form in, and those that read what it stores. */
  readonly fillers: readonly Role[];
  readonly readers: readonly Role[];
}

/** A field that is filled in: where it stands, and what it is called. */
interface Source {
  readonly register: string;
  readonly key: string;
}

/** The fields a path reads, from the register it begins in. */
const sourcesOf = (register: string, path: readonly string[], catalogue: Catalogue): Source[] => {
  const sources: Source[] = [];
  let at: string | undefined = register;
  for (const key of path) {
    const fields: readonly Field[] = (at === undefined ? undefined : catalogue.registers.get(at)?.fields) ?? [];
    const field = fields.find((each) => each.key === key);
    if (at === undefined || !field) return sources;
    sources.push({ register: at, key });
    at = linkIn(field.type)?.register;
  }
  return sources;
};

/** What fills something in a form: from which register, by which path, and whether that is kept with the record. */
interface Filling {
  readonly by: string;
  readonly into: string;
  readonly label: string;
  readonly register: string;
  readonly path: readonly string[];
  readonly kept: boolean;
}

const fillingsOf = ({ questions, byKey, register }: CompiledForm): Filling[] =>
  questions.flatMap(({ key, field, fills, cellFills }) => {
    const lookUp = linkIn(field.type)?.register;
    const own = fills.flatMap(({ target, path }): Filling[] => {
      const filled = byKey.get(target);
      if (!filled || lookUp === undefined) return [];
      return [{ by: key, into: target, label: filled.label, register: lookUp, path, kept: filled.kept }];
    });
    const cells = cellFills.flatMap(({ lookUp: cell, target, path }): Filling[] => {
      const columns = rowFieldsIn(field.type);
      const to = linkIn(columns.find((each) => each.key === cell)?.type ?? field.type)?.register;
      const label = columns.find((each) => each.key === target)?.label ?? target;
      return to === undefined
        ? []
        : [{ by: key, into: pathOf(`${register.key}.${key}`, target), label, register: to, path, kept: true }];
    });
    return [...own, ...cells];
  });

const setsUpAll = ({ sets_up: rights }: Role): boolean => rights.includes('registers') || rights.includes('forms');

/**
 * What a form passes on from a field to whoever may not see that field: to those who fill it in, and to those who read the
 * register it writes, where it is kept. `fillers` are the roles that fill in.
 */
export const passesOn = (
  compiled: CompiledForm,
  catalogue: Catalogue,
  roles: readonly Role[],
  fillers: readonly string[],
): readonly PassedOn[] => {
  const plain = roles.filter((role) => !setsUpAll(role)).map((role) => ({ role, seen: seenByRole(role, catalogue) }));
  return fillingsOf(compiled).flatMap(({ by, into, label, register, path, kept }): PassedOn[] => {
    const sources = sourcesOf(register, path, catalogue);
    const last = sources.at(-1);
    const owner = last && catalogue.registers.get(last.register);
    if (!last || !owner) return [];
    const blind = plain.filter(({ seen }) =>
      sources.some((source) => seen.get(source.register)?.fields.has(source.key) !== true),
    );
    const fill = blind.filter(({ role }) => fillers.includes(role.key)).map(({ role }) => role);
    const read = kept
      ? blind.filter(({ seen }) => seen.get(compiled.register.key)?.fields.has(into)).map(({ role }) => role)
      : [];
    if (fill.length === 0 && read.length === 0) return [];
    const what = `${owner.fields.find(({ key }) => key === last.key)?.label ?? last.key} of ${owner.plural}`;
    return [{ by, into, what, label, fillers: fill, readers: read }];
  });
};

/** The same in a sentence for each: who comes to see what, and where. */
export const sayPassedOn = ({ what, label, fillers, readers }: PassedOn, plural: string): string[] => {
  const called = (roles: readonly Role[]): string =>
    joinWords(
      roles.map((role) => role.label),
      'and',
    );
  return [
    ...(fillers.length === 0
      ? []
      : [
          `${called(fillers)}: ${what} is hidden from them, and this form shows it to them as ${label} while they fill it in.`,
        ]),
    ...(readers.length === 0
      ? []
      : [
          `${called(readers)}: ${what} is hidden from them, and they find it as ${label} in the ${plural} this form stores.`,
        ]),
  ];
};
