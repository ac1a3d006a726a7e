import { isReservedKey, type Problem, problem, type Result } from '../base/index.ts';
import { FUNCTION_NAMES } from '../expression/index.ts';
import { KIND_WORDS } from '../values/index.ts';
import type { Catalogue } from './catalogue.ts';
import type { ChoiceList, Field, Register } from './definition.ts';

/** One step of a change to the set-up: what will be done, for the database and for people. */
export type PlanStep =
  | { readonly kind: 'make_choice_list'; readonly list: ChoiceList }
  | { readonly kind: 'change_choice_list'; readonly list: ChoiceList; readonly added: number; readonly retired: number }
  | { readonly kind: 'make_register'; readonly register: Register }
  /** Every expression that names the field is rewritten along; `rewritten` counts the forms and routes. */
  | {
      readonly kind: 'rename_field';
      readonly register: Register;
      readonly from: string;
      readonly to: string;
      readonly rewritten: number;
    }
  | { readonly kind: 'add_field'; readonly register: Register; readonly field: Field }
  | { readonly kind: 'set_aside_field'; readonly register: Register; readonly field: Field }
  | { readonly kind: 'describe_register'; readonly register: Register };

export interface Plan {
  readonly steps: readonly PlanStep[];
}

const listSteps = (before: Catalogue, after: Catalogue): PlanStep[] =>
  [...after.choiceLists.values()].flatMap((list): PlanStep[] => {
    const old = before.choiceLists.get(list.key);
    if (!old) return [{ kind: 'make_choice_list', list }];
    if (JSON.stringify(old) === JSON.stringify(list)) return [];
    const codes = new Set(old.choices.map((choice) => choice.code));
    const added = list.choices.filter((choice) => !codes.has(choice.code)).length;
    const kept = new Set(list.choices.map((choice) => choice.code));
    return [{ kind: 'change_choice_list', list, added, retired: [...codes].filter((code) => !kept.has(code)).length }];
  });

const registerSteps = (old: Register, next: Register): PlanStep[] => {
  const before = new Map(old.fields.map((field) => [field.key, field]));
  const after = new Set(next.fields.map((field) => field.key));
  const added = next.fields.filter((field) => !before.has(field.key));
  const gone = old.fields.filter((field) => !after.has(field.key));
  const described = JSON.stringify(old) === JSON.stringify(next) || added.length + gone.length > 0;
  return [
    ...added.map((field): PlanStep => ({ kind: 'add_field', register: next, field })),
    ...gone.map((field): PlanStep => ({ kind: 'set_aside_field', register: next, field })),
    ...(described ? [] : [{ kind: 'describe_register', register: next } as const]),
  ];
};

/** What each register and list says that cannot be; every place is told. */
export const catalogueProblems = (before: Catalogue, after: Catalogue): Problem[] => {
  const problems: Problem[] = [];
  const marks = new Map<string, string>();
  for (const list of after.choiceLists.values()) {
    const codes = new Set<string>();
    list.choices.forEach((choice, i) => {
      if (codes.has(choice.code)) {
        problems.push(
          problem(
            'code_taken',
            ['choice_lists', list.key, 'choices', i, 'code'],
            `${list.label} has the code “${choice.code}” twice.`,
          ),
        );
      }
      codes.add(choice.code);
    });
  }
  for (const register of after.registers.values()) {
    const at = ['registers', register.key];
    const other = marks.get(register.mark);
    if (other)
      problems.push(
        problem('mark_taken', [...at, 'mark'], `The tab mark ${register.mark} already belongs to ${other}.`),
      );
    marks.set(register.mark, register.plural);
    const keys = new Set<string>();
    register.fields.forEach((field, i) => {
      const place = [...at, 'fields', i];
      if (isReservedKey(field.key, FUNCTION_NAMES)) {
        problems.push(
          problem(
            'reserved_key',
            [...place, 'key'],
            `“${field.key}” is a word of the rule language and cannot be a field's key.`,
          ),
        );
      }
      if (keys.has(field.key))
        problems.push(
          problem('key_taken', [...place, 'key'], `${register.plural} have two fields with the key “${field.key}”.`),
        );
      keys.add(field.key);
      problems.push(...fieldProblems(before, after, register, field, place));
    });
  }
  return problems;
};

const fieldProblems = (
  before: Catalogue,
  after: Catalogue,
  register: Register,
  field: Field,
  place: readonly (string | number)[],
): Problem[] => {
  const { type } = field;
  const problems: Problem[] = [];
  if (type.kind === 'link' && !after.registers.has(type.register)) {
    problems.push(
      problem(
        'unknown_register',
        [...place, 'type', 'register'],
        `${field.label} links to a register “${type.register}” that there is not.`,
      ),
    );
  }
  if (type.kind === 'choice' && !after.choiceLists.has(type.list)) {
    problems.push(
      problem(
        'unknown_list',
        [...place, 'type', 'list'],
        `${field.label} uses a choice list “${type.list}” that there is not.`,
      ),
    );
  }
  const old = before.registers.get(register.key)?.fields.find((each) => each.key === field.key);
  if (old && JSON.stringify(old.type) !== JSON.stringify(type)) {
    problems.push(
      problem(
        'kind_fixed',
        [...place, 'type'],
        `${field.label} holds ${KIND_WORDS[old.type.kind]} already. Add a new field for another kind.`,
      ),
    );
  }
  return problems;
};

/** Rehearses: the steps from one catalogue to the next, in an order the database can follow, or what is wrong. */
export const planChange = (before: Catalogue, after: Catalogue): Result<Plan> => {
  const problems = catalogueProblems(before, after);
  if (problems.length > 0) return { ok: false, problems };
  const registers = [...after.registers.values()];
  const made = registers.filter((register) => !before.registers.has(register.key));
  const changed = registers.flatMap((register) => {
    const old = before.registers.get(register.key);
    return old ? registerSteps(old, register) : [];
  });
  return {
    ok: true,
    value: {
      steps: [
        ...listSteps(before, after),
        ...made.map((register): PlanStep => ({ kind: 'make_register', register })),
        ...changed,
      ],
    },
  };
};

/** What a step does, said before it is done. `records` counts what the register holds now. */
export const sayStep = (step: PlanStep, catalogue: Catalogue, records: number): string => {
  switch (step.kind) {
    case 'make_choice_list':
      return `The choice list ${step.list.label} is made, with ${step.list.choices.map((choice) => choice.label).join(', ')}.`;
    case 'change_choice_list':
      return `The choice list ${step.list.label} is changed: ${step.added} added, ${step.retired} retired. Records keep what they hold.`;
    case 'make_register':
      return `The register ${step.register.plural} is made, with numbers from ${step.register.mark}-0001 and ${step.register.fields.length} fields: ${step.register.fields.map((field) => sayField(field, catalogue)).join(', ')}. Only set-up people see it until someone is let in.`;
    case 'rename_field': {
      const label = step.register.fields.find((field) => field.key === step.to)?.label ?? step.to;
      const along = step.rewritten === 1 ? 'one form or route is' : `${step.rewritten} forms and routes are`;
      return `${label} of ${step.register.plural} is called ${step.to} in formulas instead of ${step.from}; ${along} rewritten, no record is changed.`;
    }
    case 'add_field':
      return `${step.register.plural} get the field ${sayField(step.field, catalogue)}, empty in ${records === 1 ? 'the one record' : `all ${records} records`}.`;
    case 'set_aside_field':
      return `The field ${step.field.label} of ${step.register.plural} is set aside with what ${records} records hold in it; it can be brought back.`;
    case 'describe_register':
      return `The names, order or labels of ${step.register.plural} change; no record does.`;
  }
};

const sayField = (field: Field, catalogue: Catalogue): string => {
  switch (field.type.kind) {
    case 'link':
      return `${field.label} (link to ${catalogue.registers.get(field.type.register)?.plural ?? field.type.register})`;
    case 'choice':
      return `${field.label} (choose one of ${catalogue.choiceLists.get(field.type.list)?.label ?? field.type.list})`;
    default:
      return `${field.label} (${KIND_WORDS[field.type.kind]})`;
  }
};
