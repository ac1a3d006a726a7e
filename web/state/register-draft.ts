import { toKey } from '#core/base/index.ts';
import { FUNCTION_NAMES } from '#core/expression/index.ts';
import type { ChoiceList, Field, Register } from '#core/register/index.ts';
import { type FieldType, rowsIn } from '#core/values/index.ts';

/** A field while it is being made. Its key comes from its label until it is stored. */
export interface FieldDraft {
  readonly id: number;
  /** The key it is stored under; null while it is new. */
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

let nextId = 1;

export const newField = (): FieldDraft => ({
  id: nextId++,
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
export const toRegister = (draft: RegisterDraft, registers: ReadonlySet<string>): Register => {
  const taken = new Set(draft.fields.flatMap((field) => field.key ?? []));
  const fields = draft.fields.map((field): Field => {
    const key = field.key ?? toKey(field.label, taken, FUNCTION_NAMES);
    taken.add(key);
    const type = withRowKeys(field.type);
    return {
      key,
      label: field.label,
      type,
      required: field.required,
      ...(field.section ? { section: field.section } : {}),
    };
  });
  return {
    key: draft.key ?? toKey(draft.plural, registers),
    singular: draft.singular,
    plural: draft.plural,
    mark: draft.mark.toUpperCase(),
    fields,
    ...(draft.title === undefined ? {} : { title: draft.title }),
    beside: draft.beside,
    listed: draft.listed,
    constraints: draft.constraints,
    alike: draft.alike,
  };
};

/** The fields whose keys were changed, in an order in which no key is taken twice where that can be. */
export const renamesOf = (draft: RegisterDraft): { register: string; from: string; to: string }[] =>
  draft.fields.flatMap(({ stored, key }) =>
    draft.key && stored && key && stored !== key ? [{ register: draft.key, from: stored, to: key }] : [],
  );

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
