import { toKey } from '#core/base/index.ts';
import { FUNCTION_NAMES } from '#core/expression/index.ts';
import type { ChoiceList, Field, Register } from '#core/register/index.ts';
import type { FieldKindName, FieldType } from '#core/values/index.ts';

/** A field while it is being made. Its key comes from its label until it is stored. */
export interface FieldDraft {
  readonly id: number;
  /** The key it is stored under; null while it is new. */
  readonly stored: string | null;
  /** The key it shall have; null: made from its label. */
  readonly key: string | null;
  readonly label: string;
  readonly kind: FieldKindName;
  readonly register: string;
  readonly list: string;
  readonly decimals: number;
  readonly unit: string;
  readonly currency: string;
  readonly required: boolean;
}

export interface RegisterDraft {
  readonly key: string | null;
  readonly singular: string;
  readonly plural: string;
  readonly mark: string;
  readonly fields: readonly FieldDraft[];
  /** Choice lists made on the way, by key. */
  readonly lists: readonly ChoiceList[];
}

let nextId = 1;

export const newField = (currency: string): FieldDraft => ({
  id: nextId++,
  stored: null,
  key: null,
  label: '',
  kind: 'text',
  register: '',
  list: '',
  decimals: 0,
  unit: '',
  currency,
  required: false,
});

const fromField = (field: Field, currency: string): FieldDraft => {
  const { type } = field;
  const base = {
    ...newField(currency),
    stored: field.key,
    key: field.key,
    label: field.label,
    kind: type.kind,
    required: field.required,
  };
  switch (type.kind) {
    case 'number':
      return { ...base, decimals: type.decimals, unit: type.unit ?? '' };
    case 'money':
      return { ...base, currency: type.currency };
    case 'choice':
      return { ...base, list: type.list };
    case 'link':
      return { ...base, register: type.register };
    default:
      return base;
  }
};

export const newDraft = (currency: string): RegisterDraft => ({
  key: null,
  singular: '',
  plural: '',
  mark: '',
  fields: [newField(currency)],
  lists: [],
});

export const toDraft = (register: Register, currency: string): RegisterDraft => ({
  ...register,
  fields: register.fields.map((field) => fromField(field, currency)),
  lists: [],
});

const toType = (field: FieldDraft): FieldType => {
  switch (field.kind) {
    case 'number':
      return { kind: 'number', decimals: field.decimals, ...(field.unit.trim() ? { unit: field.unit.trim() } : {}) };
    case 'money':
      return { kind: 'money', currency: field.currency };
    case 'choice':
      return { kind: 'choice', list: field.list };
    case 'link':
      return { kind: 'link', register: field.register };
    default:
      return { kind: field.kind };
  }
};

/** The register a draft describes; keys are made from labels where there are none yet. */
export const toRegister = (draft: RegisterDraft, registers: ReadonlySet<string>): Register => {
  const taken = new Set(draft.fields.flatMap((field) => field.key ?? []));
  const fields = draft.fields.map((field): Field => {
    const key = field.key ?? toKey(field.label, taken, FUNCTION_NAMES);
    taken.add(key);
    return { key, label: field.label, type: toType(field), required: field.required };
  });
  return {
    key: draft.key ?? toKey(draft.plural, registers),
    singular: draft.singular,
    plural: draft.plural,
    mark: draft.mark.toUpperCase(),
    fields,
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
  return { key: toKey(label, lists), label, choices };
};
