import { z } from 'zod';
import { isWritable, type RecordValues, type Register, titleField, valueContext } from '../register/index.ts';
import { behaviourOf, type RowField, rowsOf, type StoredValue, sameValue, textsOf } from '../values/index.ts';
import type { CompiledForm, Fill } from './compiled.ts';
import type { AskedOfNew, Form, OffersNew } from './definition.ts';
import { cellKey, type Entry, type Made, type Snapshot } from './entry.ts';

/*
 * Records that a look-up offers to make. What is asked of one is a form of its own over the linked register, filled in,
 * judged and received as any other; the entry around it holds its id as if it were there already.
 */

/** What is asked of a record that a look-up of the form `key` offers to make, as a form. */
export const formOfNew = (key: string, target: Register, asks: readonly AskedOfNew[]): Form => ({
  key,
  label: `New ${target.singular}`,
  register: target.key,
  purpose: 'add',
  questions: asks.map((asked) => ({ ...asked })),
  pages: [],
  sections: [],
  endings: [],
  fill_in_by: [],
});

/** What is asked at first of a record that is made along: what it is called by, what it must have, what tells it from others. */
export const offersNewOf = (target: Register): OffersNew => {
  const title = titleField(target).key;
  const wanted = target.fields.filter(
    (field) => isWritable(field) && (field.required || field.key === title || target.alike.includes(field.key)),
  );
  return {
    kind: 'offers_new',
    asks: wanted.map(({ key, required }) => ({
      field: key,
      rules: key === title && !required ? [{ kind: 'must_be_answered' }] : [],
    })),
  };
};

/** What is asked of the records that a look-up makes: of a question, or of a cell of rows (`lines.stock`); null where none. */
export const newAt = (compiled: CompiledForm, at: string): CompiledForm | null => {
  const [key = '', cell] = at.split('.');
  const question = compiled.byKey.get(key);
  if (!question) return null;
  return cell === undefined ? question.makes : (question.columns.get(cell)?.makes ?? null);
};

/** Whether the look-up `at` offers every record of its register, and not those alone for which something holds. */
export const offersAll = (compiled: CompiledForm, at: string): boolean => {
  const [key = '', cell] = at.split('.');
  const question = compiled.byKey.get(key);
  const lookUp = cell === undefined ? question : question?.columns.get(cell);
  return lookUp?.offersWhere.length === 0;
};

/** A question of a form, or of the records that its look-ups make: `boat.name`, `lines.stock.name`. */
export const askedAt = (
  compiled: CompiledForm,
  path: string,
): { readonly form: CompiledForm; readonly key: string } => {
  const names = path.split('.');
  for (let length = names.length - 1; length > 0; length--) {
    const form = newAt(compiled, names.slice(0, length).join('.'));
    if (form) return { form, key: names.slice(length).join('.') };
  }
  return { form: compiled, key: path };
};

/** What is known of a record that is made along once it is worked out. */
interface Worked {
  readonly byKey: ReadonlyMap<string, { readonly value: StoredValue }>;
}

/** A record that is made along, worked out. */
export interface MadeIn<F> extends Made {
  readonly id: string;
  readonly compiled: CompiledForm;
  readonly filledIn: F;
}

/** The records an entry makes along, each worked out as a form of its own; those of look-ups that make none are left out. */
export const workOutMade = <F>(
  compiled: CompiledForm,
  made: Entry['made'],
  workOut: (compiled: CompiledForm, entry: Entry, id: string) => F,
): ReadonlyMap<string, MadeIn<F>> =>
  new Map(
    Object.entries(made).flatMap(([id, each]) => {
      const asked = newAt(compiled, each.at);
      return asked ? [[id, { ...each, id, compiled: asked, filledIn: workOut(asked, each.entry, id) }] as const] : [];
    }),
  );

const sameFills = (a: RecordValues, b: RecordValues): boolean =>
  Object.keys(a).length === Object.keys(b).length &&
  Object.entries(a).every(([key, value]) => Object.hasOwn(b, key) && sameValue(value, b[key] ?? null));

/**
 * The snapshots of an entry, with those of the records it makes along: what choosing them fills is what is answered of them.
 * What lies behind their own links is known once they are stored. Each is the same object as before where nothing changed.
 */
export const withMadeSnapshots = (
  { questions }: CompiledForm,
  { typed, snapshots }: Entry,
  made: ReadonlyMap<string, MadeIn<Worked>>,
  before: Entry['snapshots'] | undefined,
): Entry['snapshots'] => {
  if (made.size === 0) return snapshots;
  const found: Record<string, Snapshot> = { ...snapshots };
  const put = (name: string, at: string, id: StoredValue, fills: readonly Fill[]): void => {
    const held = typeof id === 'string' ? made.get(id) : undefined;
    if (!held || held.at !== at) return;
    const filled = Object.fromEntries(
      fills.map(({ target, path: [field = '', ...further] }) => [
        target,
        further.length === 0 ? (held.filledIn.byKey.get(field)?.value ?? null) : null,
      ]),
    );
    const old = before?.[name];
    const isSame = old?.record === held.id && old.taken === held.taken && sameFills(old.fills, filled);
    found[name] = isSame ? old : { record: held.id, taken: held.taken, fills: filled };
  };
  for (const { key, makes, fills, columns, cellFills } of questions) {
    if (makes) put(key, key, typed[key] ?? null, fills);
    for (const [cell, column] of columns) {
      if (!column.makes) continue;
      const own = cellFills.filter(({ lookUp }) => lookUp === cell);
      for (const row of rowsOf(typed[key] ?? null))
        put(cellKey(key, row.id, cell), `${key}.${cell}`, row.values[cell] ?? null, own);
    }
  }
  return found;
};

/** Whether the look-up `at` holds a record among answers as they came in, read by nobody yet. */
export const holdsNew = (answers: Readonly<Record<string, unknown>>, at: string, id: string): boolean => {
  const [key = '', cell] = at.split('.');
  const answer = answers[key];
  const held = (value: unknown): boolean => value === id || (Array.isArray(value) && value.includes(id));
  if (cell === undefined) return held(answer);
  const ofRow = z.object({ values: z.record(z.string(), z.unknown()) });
  return Array.isArray(answer) && answer.some((row) => held(ofRow.safeParse(row).data?.values[cell]));
};

/** The ids that a question's look-ups hold where they may hold a record that is made along. */
export const idsInLookUps = (
  { makes, columns }: CompiledForm['questions'][number],
  value: StoredValue,
  notAsked: ReadonlyMap<string, ReadonlySet<string>>,
): ReadonlySet<string> => {
  if (makes) return new Set(typeof value === 'string' ? [value] : textsOf(value));
  const cells = [...columns].flatMap(([cell, column]) => (column.makes ? [cell] : []));
  return new Set(
    cells.flatMap((cell) =>
      rowsOf(value).flatMap((row) => {
        const held = notAsked.get(row.id)?.has(cell) ? null : row.values[cell];
        return typeof held === 'string' ? [held] : [];
      }),
    ),
  );
};

/** The same entry with other ids for what it makes along, where these were sent before with other answers. */
export const withOtherMade = (entry: Entry, otherId: () => string): Entry => {
  const ids = new Map(Object.keys(entry.made).map((id) => [id, otherId()]));
  const other = <V>(value: V): V | string => (typeof value === 'string' ? (ids.get(value) ?? value) : value);
  const typed = Object.entries(entry.typed).map(([key, value]): [string, StoredValue] => {
    const rows = rowsOf(value);
    if (rows.length > 0) {
      const cells = (values: (typeof rows)[number]['values']) =>
        Object.fromEntries(Object.entries(values).map(([cell, held]) => [cell, other(held)]));
      return [key, rows.map((row) => ({ ...row, values: cells(row.values) }))];
    }
    const links = textsOf(value);
    return [key, links.length > 0 ? links.map((link) => ids.get(link) ?? link) : other(value)];
  });
  const made = Object.entries(entry.made).map(([id, each]): [string, Made] => {
    const own = ids.get(id) ?? id;
    return [own, { ...each, entry: { ...each.entry, id: own } }];
  });
  return { ...entry, typed: Object.fromEntries(typed), made: Object.fromEntries(made) };
};

/** What a record that is made along is called so far; empty while that is not answered. */
export const titleOfNew = ({ compiled, filledIn }: Pick<MadeIn<Worked>, 'compiled' | 'filledIn'>): string => {
  const field: RowField = titleField(compiled.register);
  return behaviourOf(field.type).show(filledIn.byKey.get(field.key)?.value ?? null, valueContext(compiled.catalogue));
};
