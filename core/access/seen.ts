import { everyTerm, noteFieldsRead, type Term } from '../expression/index.ts';
import {
  type Catalogue,
  checkFormula,
  findVocabulary,
  isRowsField,
  type MayBeSeen,
  narrowCatalogue,
  type Register,
} from '../register/index.ts';
import { rowsKey } from '../sql/index.ts';
import { type RowField, workedOutIn } from '../values/index.ts';
import { type CompiledReach, compileReach } from './reach.ts';
import { type Role, rightsIn } from './role.ts';

/** A field as roles name it: by its key, one of rows with both (`lines.cost`). */
export const pathOf = (register: string, key: string): string => {
  const rows = register.split('.')[1];
  return rows === undefined ? key : `${rows}.${key}`;
};

/** The register a key of records or rows belongs to. */
export const ownerOf = (register: string): string => register.split('.')[0] ?? register;

/** What one role lets see of a register: which records, and which of their fields. */
export interface Seen {
  readonly where: Exclude<CompiledReach, 'none'>;
  /** By path. */
  readonly fields: ReadonlySet<string>;
}

/** What a role sees, register by register; those it sees nothing of are not among them. */
export type SeenByRole = ReadonlyMap<string, Seen>;

/** Every field of a register, those of its rows too, each with the key of what it stands in. */
export const everyField = (
  register: Register,
): { readonly in: string; readonly path: string; readonly field: RowField }[] =>
  register.fields.flatMap((field) => [
    { in: register.key, path: field.key, field },
    ...(isRowsField(field)
      ? field.type.fields.map((row) => {
          const key = rowsKey(register.key, field.key);
          return { in: key, path: pathOf(key, row.key), field: row };
        })
      : []),
  ]);

/**
 * The registers whose records, besides the record's own rows, something is worked out from. What is worked out among that
 * counts for itself.
 */
const readAcross = (term: Term, register: string): ReadonlySet<string> => {
  const across = new Set<string>();
  for (const each of everyTerm(term)) {
    if (each.op !== 'read') continue;
    for (const { name, to } of each.steps) {
      const within = to === null || (ownerOf(to) === ownerOf(register) && (to.includes('.') || name === 'entry'));
      if (!within && !to.startsWith('$')) across.add(ownerOf(to));
    }
  }
  return across;
};

/** What stands in the way of seeing what a field is worked out from: fields, and registers of which not all is seen. */
interface Unseen {
  readonly fields: readonly { readonly register: string; readonly key: string }[];
  readonly registers: readonly string[];
}

/** What a worked-out field reads, of what may be seen besides; null for one whose formula is wrong. */
const unseenBy = (
  place: string,
  field: RowField,
  catalogue: Catalogue,
  sees: { readonly field: (register: string, key: string) => boolean; readonly whole: (register: string) => boolean },
): Unseen | null => {
  const worked = workedOutIn(field.type);
  const vocabulary = findVocabulary(place, catalogue);
  const checked = worked && vocabulary ? checkFormula(worked, vocabulary) : null;
  if (!checked?.ok) return null;
  const fields = new Map<string, { register: string; key: string }>();
  const note = (register: string, key: string): void => {
    const owner = catalogue.registers.get(ownerOf(register));
    // The names of records that point here, and of the record a row stands in, are no fields.
    const isField = owner && everyField(owner).some((each) => each.in === register && each.field.key === key);
    if (isField && !sees.field(register, key)) fields.set(`${register} ${key}`, { register, key });
  };
  noteFieldsRead(checked.value.term, place, note, 'itself');
  const across = readAcross(checked.value.term, place);
  return { fields: [...fields.values()], registers: [...across].filter((each) => !sees.whole(each)) };
};

const seesNothing = (unseen: Unseen | null): boolean =>
  unseen === null || unseen.fields.length > 0 || unseen.registers.length > 0;

/**
 * What a role sees. Something worked out is seen where all that it reads is, of every record, or where the role says that
 * it sees the result: a worked-out value is the same for everybody, so it must not tell of what is not seen.
 */
export const seenByRole = (role: Role, catalogue: Catalogue): SeenByRole => {
  const reaches = new Map<string, Exclude<CompiledReach, 'none'>>();
  for (const register of catalogue.registers.values()) {
    const reach = compileReach(rightsIn(role, register.key).see, register, catalogue);
    if (reach.ok && reach.value !== 'none') reaches.set(register.key, reach.value);
  }
  const says = (list: 'hidden' | 'results', register: string, key: string): boolean =>
    rightsIn(role, ownerOf(register))[list].includes(pathOf(register, key));
  const isResult: MayBeSeen = (register, { key }) => (says('results', register, key) ? 'outcome' : false);
  const keep: MayBeSeen = (register, field) => {
    if (!reaches.has(ownerOf(register)) || says('hidden', register, field.key)) return false;
    if (!workedOutIn(field.type) || says('results', register, field.key)) return true;
    const across = unseenBy(register, field, catalogue, {
      field: () => true,
      whole: (other) => reaches.get(other) === 'all',
    });
    return across === null || across.registers.length === 0;
  };
  const narrowed = narrowCatalogue(catalogue, keep, isResult);
  return new Map(
    [...narrowed.registers.values()].flatMap((register): [string, Seen][] => {
      const where = reaches.get(register.key);
      return where ? [[register.key, { where, fields: new Set(everyField(register).map(({ path }) => path)) }]] : [];
    }),
  );
};

/** Why a role does not see what is worked out in a field; null where it does, or where the field is simply hidden. */
export const whyNotWorkedOut = (
  role: Role,
  seen: SeenByRole,
  place: string,
  field: RowField,
  catalogue: Catalogue,
): Unseen | null => {
  const owner = ownerOf(place);
  if (!workedOutIn(field.type) || !seen.has(owner) || seen.get(owner)?.fields.has(pathOf(place, field.key)))
    return null;
  if (rightsIn(role, owner).hidden.includes(pathOf(place, field.key))) return null;
  const unseen = unseenBy(place, field, catalogue, {
    field: (register, key) => seen.get(ownerOf(register))?.fields.has(pathOf(register, key)) ?? false,
    whole: (register) => seen.get(register)?.where === 'all',
  });
  return seesNothing(unseen) ? unseen : null;
};
