import { z } from 'zod';
import { toKey } from '#core/base/index.ts';
import { FUNCTION_NAMES } from '#core/expression/index.ts';
import type { ChoiceList, Field, Register } from '#core/register/index.ts';
import { type FieldType, KIND_NAMES, rowsIn } from '#core/values/index.ts';
import { suggestMark, suggestTitle } from '#core/workspace/index.ts';

/** A field while it is being made. Its key comes from its label until it is stored. */
export interface FieldDraft {
  readonly id: number;
  /** What it is known by on the server, and its key there; null while it is new. */
  readonly known: string | null;
  readonly stored: string | null;
  /** The key it shall have; null: made from its label. */
  readonly key: string | null;
  readonly label: string;
  readonly type: FieldType;
  readonly required: boolean;
  readonly section: string;
}

export interface RegisterDraft extends Pick<Register, 'title' | 'beside' | 'listed' | 'constraints' | 'alike'> {
  readonly key: string | null;
  readonly singular: string;
  readonly plural: string;
  readonly mark: string;
  readonly fields: readonly FieldDraft[];
  /** Choice lists made on the way, by key. */
  readonly lists: readonly ChoiceList[];
}

/** No draft that was kept before has such a number. */
let nextId = Date.now() * 1000;

export const newField = (): FieldDraft => ({
  id: nextId++,
  known: null,
  stored: null,
  key: null,
  label: '',
  type: { kind: 'text' },
  required: false,
  section: '',
});

export const newDraft = (): RegisterDraft => ({
  key: null,
  singular: '',
  plural: '',
  mark: '',
  fields: [newField()],
  lists: [],
  beside: [],
  listed: [],
  constraints: [],
  alike: [],
});

export const toDraft = (register: Register): RegisterDraft => ({
  ...register,
  fields: register.fields.map(
    (field): FieldDraft => ({
      id: nextId++,
      known: field.id ?? null,
      stored: field.key,
      key: field.key,
      label: field.label,
      type: field.type,
      required: field.required,
      section: field.section ?? '',
    }),
  ),
  lists: [],
});

/** Keys for the fields of rows that have none yet. */
const withRowKeys = (type: FieldType): FieldType => {
  const rows = rowsIn(type);
  if (!rows) return type;
  const taken = new Set(rows.fields.map((field) => field.key));
  return {
    ...rows,
    fields: rows.fields.map((field) => {
      if (field.key !== '') return field;
      const key = toKey(field.label, taken, FUNCTION_NAMES);
      taken.add(key);
      return { ...field, key };
    }),
  };
};

/** The register a draft describes; keys are made from labels where there are none yet. */
export const toRegister = (
  draft: RegisterDraft,
  registers: ReadonlySet<string>,
  /** The tab marks that others have. */
  marks: ReadonlySet<string> = new Set(),
): Register => {
  const taken = new Set(draft.fields.flatMap((field) => field.key ?? []));
  const fields = draft.fields.map((field): Field => {
    const key = field.key ?? toKey(field.label, taken, FUNCTION_NAMES);
    taken.add(key);
    const type = withRowKeys(field.type);
    return {
      ...(field.known === null ? {} : { id: field.known }),
      key,
      label: field.label,
      type,
      required: field.required,
      ...(field.section ? { section: field.section } : {}),
    };
  });
  const title = draft.title ?? (draft.key === null ? suggestTitle(fields) : undefined);
  return {
    key: draft.key ?? toKey(draft.plural, registers),
    singular: draft.singular,
    plural: draft.plural,
    mark: draft.mark.toUpperCase() || (draft.key === null ? suggestMark(draft.plural, marks) : ''),
    fields,
    ...(title === undefined ? {} : { title }),
    beside: draft.beside,
    listed: draft.listed,
    constraints: draft.constraints,
    alike: draft.alike,
  };
};

/** A choice list from its label and one choice a line. */
export const toChoiceList = (label: string, lines: string, lists: ReadonlySet<string>): ChoiceList => {
  const codes = new Set<string>();
  const choices = lines
    .split(/[\n,]/)
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => {
      const code = toKey(line, codes);
      codes.add(code);
      return { code, label: line };
    });
  return { key: toKey(label, lists), label, columns: [], choices };
};

/** A draft as it was kept on this device: ours, or nothing; what is not right in it yet, its checks say. */
export const registerDraftSchema = z.custom<RegisterDraft>(
  (value) =>
    z
      .object({
        key: z.string().nullable(),
        singular: z.string(),
        plural: z.string(),
        mark: z.string(),
        fields: z.array(z.object({ id: z.number(), label: z.string(), type: z.object({ kind: z.enum(KIND_NAMES) }) })),
        lists: z.array(z.object({ key: z.string() })),
        constraints: z.array(z.object({ kind: z.string() })),
      })
      .safeParse(value).success,
);
