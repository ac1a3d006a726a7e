import { toKey } from '../base/index.ts';
import { FUNCTION_NAMES } from '../expression/index.ts';
import { type Form, pageOf, type Question } from '../form/index.ts';
import type { Catalogue, Field, Register } from '../register/index.ts';
import type { FieldType } from '../values/index.ts';
import { renameInCatalogue, renameInForm } from './rename.ts';

/** A field that is to be made, by its label. */
export interface NewField {
  readonly label: string;
  readonly type: FieldType;
}

/** A register with fields more, and their keys. */
export const withFields = (register: Register, added: readonly NewField[]): { register: Register; keys: string[] } => {
  const taken = new Set(register.fields.map((field) => field.key));
  const fields = added.map(({ label, type }): Field => {
    const key = toKey(label, taken, FUNCTION_NAMES);
    taken.add(key);
    return { key, label, type, required: false };
  });
  return { register: { ...register, fields: [...register.fields, ...fields] }, keys: fields.map((field) => field.key) };
};

/** What is copied: one question, a section or a page with all of its questions. */
export type Copied =
  | { readonly kind: 'question'; readonly field: string }
  | { readonly kind: 'section'; readonly key: string }
  | { readonly kind: 'page'; readonly key: string };

const isOf = (form: Form, copied: Copied, question: Question): boolean => {
  switch (copied.kind) {
    case 'question':
      return question.field === copied.field;
    case 'section':
      return question.section === copied.key;
    case 'page':
      return form.pages[pageOf(form, question.page)]?.key === copied.key;
  }
};

const copyLabel = (label: string): string => `${label.slice(0, 74)}, copy`;

/** The copies by new keys, their rules following each other as the originals do. */
const renamedCopies = (form: Form, catalogue: Catalogue, keys: ReadonlyMap<string, string>): Form => {
  let [renamed, known] = [form, catalogue];
  for (const [from, to] of keys) {
    const renaming = { register: form.register, from, to };
    renamed = renameInForm(renamed, known, renaming);
    known = renameInCatalogue(known, renaming);
  }
  return renamed;
};

/**
 * A copy of a question, a section or a page right behind it. A field is asked once, so the copies ask fields of their
 * own: the register comes with them, and is to be carried out before the form is kept.
 */
export const copyIn = (
  form: Form,
  register: Register,
  catalogue: Catalogue,
  copied: Copied,
): { form: Form; register: Register } => {
  const originals = form.questions.filter((question) => isOf(form, copied, question));
  const fields = originals.flatMap((question) => register.fields.find((field) => field.key === question.field) ?? []);
  const made = withFields(
    register,
    fields.map(({ label, type }) => ({ label: copyLabel(label), type })),
  );
  const keys = new Map(fields.map((field, i) => [field.key, made.keys[i] ?? '']));
  const renamed = renamedCopies(form, catalogue, keys);
  const sections = new Map<string, string>();
  const held = new Set(form.sections.map((section) => section.key));
  for (const { section } of originals) {
    const own = form.sections.find((each) => each.key === section);
    if (!own || copied.kind === 'question' || sections.has(own.key)) continue;
    const key = toKey(copyLabel(own.label), held);
    held.add(key);
    sections.set(own.key, key);
  }
  const page = copied.kind === 'page' ? form.pages.find((each) => each.key === copied.key) : undefined;
  const pageKey = page ? toKey(copyLabel(page.label), new Set(form.pages.map((each) => each.key))) : undefined;
  const copies = originals.flatMap((original): Question[] => {
    const copy = renamed.questions[form.questions.indexOf(original)];
    if (!copy || !keys.has(original.field)) return [];
    const { label } = original;
    const section = original.section === undefined ? undefined : (sections.get(original.section) ?? original.section);
    return [
      {
        ...copy,
        ...(label === undefined ? {} : { label: copyLabel(label) }),
        ...(section === undefined ? {} : { section }),
        ...(pageKey === undefined ? {} : { page: pageKey }),
      },
    ];
  });
  const behind = form.questions.findLastIndex((question) => isOf(form, copied, question)) + 1;
  const pageAt = page ? form.pages.indexOf(page) : -1;
  return {
    register: made.register,
    form: {
      ...form,
      questions: form.questions.toSpliced(behind, 0, ...copies),
      sections: [
        ...form.sections,
        ...[...sections].flatMap(([from, to]) => {
          const own = renamed.sections.find((each) => each.key === from);
          return own ? [{ ...own, key: to, label: copyLabel(own.label) }] : [];
        }),
      ],
      pages:
        page && pageKey !== undefined
          ? form.pages.toSpliced(pageAt + 1, 0, {
              ...(renamed.pages[pageAt] ?? page),
              key: pageKey,
              label: copyLabel(page.label),
            })
          : form.pages,
    },
  };
};
