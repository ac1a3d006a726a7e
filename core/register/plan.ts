import { isReservedKey, type Problem, problem, type Result } from '../base/index.ts';
import { FUNCTION_NAMES } from '../expression/index.ts';
import { identifier } from '../sql/index.ts';
import {
  behaviourOf,
  choiceListOf,
  currencyIn,
  type FieldType,
  type FieldTypeOf,
  isCurrency,
  isMadeByProgram,
  isNumber,
  linkIn,
  type RowField,
  rowsIn,
  sayAsked,
  wordOf,
  workedOutIn,
} from '../values/index.ts';
import { backLinks, type Catalogue, valueContext } from './catalogue.ts';
import { constraintProblems, formulaProblems, sayConstraint } from './constraint.ts';
import type { ChoiceList, Constraint, Field, Register } from './definition.ts';
import { sayField } from './say-kind.ts';

/** One step of a change to the set-up: what will be done, for the database and for people. */
export type PlanStep =
  | { readonly kind: 'make_choice_list'; readonly list: ChoiceList }
  | { readonly kind: 'change_choice_list'; readonly list: ChoiceList; readonly added: number; readonly retired: number }
  | { readonly kind: 'make_register'; readonly register: Register }
  /** It is there no more; its tables are kept aside with all they hold. */
  | { readonly kind: 'set_aside_register'; readonly register: Register }
  | { readonly kind: 'set_aside_list'; readonly list: ChoiceList }
  /** Every expression that names the field is rewritten along; `rewritten` counts the forms and routes. */
  | {
      readonly kind: 'rename_field';
      readonly register: Register;
      /** The rows it stands in, if it stands in rows. */
      readonly rows: RowsField | null;
      readonly from: string;
      readonly to: string;
      readonly rewritten: number;
    }
  | { readonly kind: 'add_field'; readonly register: Register; readonly field: Field }
  | { readonly kind: 'set_aside_field'; readonly register: Register; readonly field: Field }
  /** A field that was set aside comes back with what its column kept. */
  | {
      readonly kind: 'bring_back';
      readonly register: Register;
      readonly field: Field;
      readonly column: string;
      readonly aside: string;
    }
  | {
      readonly kind: 'bring_back_row_field';
      readonly register: Register;
      readonly rows: RowsField;
      readonly field: RowField;
      readonly column: string;
      readonly aside: string;
    }
  /** A field of the rows in `rows`. */
  | { readonly kind: 'add_row_field'; readonly register: Register; readonly rows: RowsField; readonly field: RowField }
  | {
      readonly kind: 'set_aside_row_field';
      readonly register: Register;
      readonly rows: RowsField;
      readonly field: RowField;
    }
  /** A field that stays asks something else of its values; how many do not have it is counted when it is rehearsed. */
  | {
      readonly kind: 'ask_anew';
      readonly register: Register;
      readonly rows: RowsField | null;
      readonly field: RowField;
    }
  /** A worked-out field got another formula. */
  | { readonly kind: 'work_out_anew'; readonly register: Register; readonly label: string; readonly formula: string }
  /** From now on this must hold; what breaks it already is counted when it is rehearsed. */
  | { readonly kind: 'hold'; readonly register: Register; readonly constraint: Constraint }
  | { readonly kind: 'let_go'; readonly register: Register; readonly constraint: Constraint }
  | { readonly kind: 'describe_register'; readonly register: Register };

/** A field that holds rows. */
export type RowsField = Field & { readonly type: FieldTypeOf<'rows'> };
export const isRowsField = (field: Field): field is RowsField => rowsIn(field.type) !== null;

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
  const steps = [
    ...added.map((field): PlanStep => ({ kind: 'add_field', register: next, field })),
    ...gone.map((field): PlanStep => ({ kind: 'set_aside_field', register: next, field })),
    ...next.fields.flatMap((field) => changeSteps(before.get(field.key), field, next)),
    ...constraintSteps(old, next),
  ];
  if (steps.length > 0 || JSON.stringify(old) === JSON.stringify(next)) return steps;
  return [{ kind: 'describe_register', register: next }];
};

/** What changes inside a field that stays: its rows' fields, its formula. */
const changeSteps = (old: Field | undefined, next: Field, register: Register): PlanStep[] => {
  if (old && isRowsField(old) && isRowsField(next)) {
    const before = new Map(old.type.fields.map((field) => [field.key, field]));
    const after = new Set(next.type.fields.map((field) => field.key));
    return [
      ...next.type.fields.flatMap((field): PlanStep[] => {
        const held = before.get(field.key);
        if (!held) return [{ kind: 'add_row_field', register, rows: next, field }];
        return [...anew(held, field, register), ...askedAnew(held, field, register, next)];
      }),
      ...old.type.fields
        .filter((field) => !after.has(field.key))
        .map((field): PlanStep => ({ kind: 'set_aside_row_field', register, rows: next, field })),
    ];
  }
  return old ? [...anew(old, next, register), ...askedAnew(old, next, register, null)] : [];
};

/** What of a field's settings each value is held against. */
const asksOf = ({ type, required }: RowField): string =>
  JSON.stringify([required, behaviourOf(type).asks(identifier('value'))]);

const askedAnew = (old: RowField, next: RowField, register: Register, rows: RowsField | null): PlanStep[] =>
  isMadeByProgram(next.type) || asksOf(old) === asksOf(next) ? [] : [{ kind: 'ask_anew', register, rows, field: next }];

const anew = (old: RowField, next: RowField, register: Register): PlanStep[] => {
  const worked = workedOutIn(next.type);
  return worked && JSON.stringify(old.type) !== JSON.stringify(next.type)
    ? [{ kind: 'work_out_anew', register, label: next.label, formula: worked.formula }]
    : [];
};

/** A constraint by what it asks, whatever it lets stand. */
const whatItAsks = (constraint: Constraint): string => JSON.stringify({ ...constraint, lets_stand: undefined });

const constraintSteps = (old: Register, next: Register): PlanStep[] => {
  const before = new Set(old.constraints.map((each) => JSON.stringify(each)));
  const after = new Set(next.constraints.map((each) => JSON.stringify(each)));
  const added = next.constraints.filter((each) => !before.has(JSON.stringify(each)));
  // A rule that only comes to let stand, or no more, what breaks it is asked on.
  const asked = new Set(next.constraints.map(whatItAsks));
  const gone = old.constraints.filter((each) => !after.has(JSON.stringify(each)) && !asked.has(whatItAsks(each)));
  return [
    ...added.map((constraint): PlanStep => ({ kind: 'hold', register: next, constraint })),
    ...gone.map((constraint): PlanStep => ({ kind: 'let_go', register: old, constraint })),
  ];
};

/** A choice's parent must be a choice of the parent list, and what stands in its columns must be of their kinds. */
const choiceProblems = (
  list: ChoiceList,
  choice: ChoiceList['choices'][number],
  i: number,
  after: Catalogue,
): Problem[] => {
  const at = ['choice_lists', list.key, 'choices', i];
  const parents = after.choiceLists.get(list.parent ?? '')?.choices ?? [];
  const lost = choice.parent !== undefined && !parents.some((parent) => parent.code === choice.parent);
  const extra = Object.entries(choice.extra ?? {}).flatMap(([key, value]) => {
    const column = list.columns.find((each) => each.key === key);
    if (!column)
      return [problem('unknown_column', [...at, 'extra', key], `${list.label} has no column “${key}” of its own.`)];
    const read = behaviourOf(column.type).check(value, valueContext(after));
    return read.ok
      ? []
      : read.problems.map((each) =>
          problem(each.code, [...at, 'extra', key], `${choice.label}, ${column.label}: ${each.detail}`),
        );
  });
  return lost
    ? [...extra, problem('unknown_parent', [...at, 'parent'], `${choice.label} belongs to a choice that there is not.`)]
    : extra;
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
      problems.push(...choiceProblems(list, choice, i, after));
    });
    if (list.parent !== undefined && (list.parent === list.key || !after.choiceLists.has(list.parent)))
      problems.push(
        problem(
          'unknown_list',
          ['choice_lists', list.key, 'parent'],
          `${list.label} belongs to a choice list that there is not.`,
        ),
      );
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
        problems.push(reserved(field.key, [...place, 'key']));
      }
      if (keys.has(field.key))
        problems.push(
          problem('key_taken', [...place, 'key'], `${register.plural} have two fields with the key “${field.key}”.`),
        );
      keys.add(field.key);
      const old = before.registers.get(register.key)?.fields.find((each) => each.key === field.key);
      problems.push(...fieldProblems(after, old, field, place));
      if (isRowsField(field)) problems.push(...rowsProblems(after, old, field, place));
    });
    problems.push(...nameProblems(register, after, at));
  }
  // Formulas are read over fields that there are: only where those are right.
  if (problems.length > 0) return problems;
  return [...after.registers.values()].flatMap((register) => [
    ...formulaProblems(register, after),
    ...constraintProblems(register, after),
  ]);
};

const rowsProblems = (after: Catalogue, old: Field | undefined, field: RowsField, place: Place): Problem[] => {
  const keys = new Set<string>();
  return field.type.fields.flatMap((row, i) => {
    const at = [...place, 'type', 'fields', i];
    const problems: Problem[] = [];
    if (isReservedKey(row.key, FUNCTION_NAMES)) problems.push(reserved(row.key, [...at, 'key']));
    if (keys.has(row.key))
      problems.push(
        problem('key_taken', [...at, 'key'], `${field.type.plural} have two fields with the key “${row.key}”.`),
      );
    keys.add(row.key);
    const held = old && isRowsField(old) ? old.type.fields.find((each) => each.key === row.key) : undefined;
    return [...problems, ...fieldProblems(after, held, row, at)];
  });
};

const reserved = (key: string, place: Place): Problem =>
  problem('reserved_key', place, `“${key}” is a word of the rule language and cannot be a field's key.`);

/** The title, what stands beside it, and the names under which other registers' links come back. */
const nameProblems = (register: Register, after: Catalogue, at: Place): Problem[] => {
  const known = new Set(register.fields.map((field) => field.key));
  const missing = [register.title, ...register.beside, ...register.listed].filter(
    (key) => key !== undefined && !known.has(key),
  );
  const taken = new Set(known);
  const back = backLinks(register.key, after).flatMap(({ key, label }) => {
    const twice = taken.has(key);
    taken.add(key);
    return twice && !known.has(key)
      ? [problem('back_taken', at, `Two links lead back to ${register.plural} as “${label}”. Give one another name.`)]
      : [];
  });
  return [
    ...missing.map((key) => problem('unknown_field', at, `${register.plural} have no field “${key}” to be known by.`)),
    ...back,
  ];
};

type Place = readonly (string | number)[];

/** What of a field's type its column depends on: it stays as it is once records hold something in it. */
const stored = (type: FieldType): string => {
  const { column, value, fixed = [] } = behaviourOf(type);
  // What a number counts is how it is said, and not what is stored.
  return JSON.stringify([type.kind, column, isNumber(value) ? 'number' : value, ...fixed]);
};

const fieldProblems = (after: Catalogue, old: RowField | undefined, field: RowField, place: Place): Problem[] => {
  const { type } = field;
  const problems: Problem[] = [];
  const link = linkIn(type);
  if (link && !after.registers.has(link.register)) {
    problems.push(
      problem(
        'unknown_register',
        [...place, 'type', 'register'],
        `${field.label} links to a register “${link.register}” that there is not.`,
      ),
    );
  }
  const currency = currencyIn(type);
  if (currency !== null && !old && !isCurrency(currency))
    problems.push(
      problem(
        'unknown_currency',
        [...place, 'type', 'currency'],
        `${field.label}: ${currency} is no currency in use (ISO 4217).`,
      ),
    );
  const list = choiceListOf(type);
  if (list !== null && !after.choiceLists.has(list)) {
    problems.push(
      problem('unknown_list', [...place, 'type'], `${field.label} uses a choice list “${list}” that there is not.`),
    );
  }
  if (old && stored(old.type) !== stored(type)) {
    problems.push(
      problem(
        'kind_fixed',
        [...place, 'type'],
        `${field.label} holds ${wordOf(old.type.kind)} already. Add a new field for another kind.`,
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
        ...[...before.registers.values()]
          .filter(({ key }) => !after.registers.has(key))
          .map((register): PlanStep => ({ kind: 'set_aside_register', register })),
        ...[...before.choiceLists.values()]
          .filter(({ key }) => !after.choiceLists.has(key))
          .map((list): PlanStep => ({ kind: 'set_aside_list', list })),
      ],
    },
  };
};

/** With what so many records hold in it; where none holds anything, that. */
const sayHeld = (count: number, what: string): string => {
  if (count === 0) return `, in which none of the ${what} holds anything`;
  return ` with what ${count === 1 ? `one of the ${what} holds` : `${count} ${what} hold`} in it`;
};

/**
 * What a step does, said before it is done. `records` counts those it is about: of a field that goes those that hold
 * something in it, else all of the register.
 */
export const sayStep = (step: PlanStep, catalogue: Catalogue, records: number): string => {
  switch (step.kind) {
    case 'make_choice_list':
      return `The choice list ${step.list.label} is made, with ${step.list.choices.map((choice) => choice.label).join(', ')}.`;
    case 'change_choice_list':
      return `The choice list ${step.list.label} is changed: ${step.added} added, ${step.retired} retired. Records keep what they hold.`;
    case 'make_register':
      return `The register ${step.register.plural} is made, with numbers from ${step.register.mark}-0001 and ${step.register.fields.length} fields: ${step.register.fields.map((field) => sayField(field, catalogue)).join(', ')}. Only set-up people see it until someone is let in.`;
    case 'set_aside_register':
      return `The register ${step.register.plural} is set aside with its ${records} records.`;
    case 'set_aside_list':
      return `The choice list ${step.list.label} is set aside.`;
    case 'rename_field': {
      const fields = step.rows?.type.fields ?? step.register.fields;
      const label = fields.find((field) => field.key === step.to)?.label ?? step.to;
      const owner = step.rows
        ? `the ${step.rows.type.plural.toLowerCase()} of ${step.register.plural}`
        : step.register.plural;
      const along = step.rewritten === 1 ? 'one form or route is' : `${step.rewritten} forms and routes are`;
      return `${label} of ${owner} is called ${step.to} in formulas instead of ${step.from}; ${along} rewritten, no record is changed.`;
    }
    case 'add_field':
      return `${step.register.plural} get the field ${sayField(step.field, catalogue)}${records === 0 ? '' : records === 1 ? ', empty in the one record' : `, empty in all ${records} records`}.`;
    case 'set_aside_field':
      return `The field ${step.field.label} of ${step.register.plural} is set aside${sayHeld(records, 'records')}; it can be brought back.`;
    case 'bring_back':
      return `${step.field.label} comes back to ${step.register.plural}, with what their records held in it.`;
    case 'bring_back_row_field':
      return `${step.field.label} comes back to the ${step.rows.type.plural.toLowerCase()} of ${step.register.plural}, with what they held in it.`;
    case 'add_row_field':
      return `The ${step.rows.type.plural.toLowerCase()} of ${step.register.plural} get the field ${sayField(step.field, catalogue)}, empty in those there are.`;
    case 'set_aside_row_field':
      return `The field ${step.field.label} of the ${step.rows.type.plural.toLowerCase()} of ${step.register.plural} is set aside${sayHeld(records, step.rows.type.plural.toLowerCase())}; it can be brought back.`;
    case 'ask_anew': {
      const owner = step.rows
        ? `the ${step.rows.type.plural.toLowerCase()} of ${step.register.plural}`
        : step.register.plural;
      const asked = sayAsked(step.field.type, valueContext(catalogue));
      const needed = step.field.required ? 'always needed' : 'may be empty';
      return `${step.field.label} of ${owner} from now on: ${[asked, needed].filter(Boolean).join(', ')}.`;
    }
    case 'work_out_anew':
      return `${step.label} of ${step.register.plural} is worked out anew in all ${records} records, as ${step.formula}.`;
    case 'hold':
      return `From now on: ${sayConstraint(step.register, step.constraint, catalogue)}`;
    case 'let_go':
      return `No longer asked: ${sayConstraint(step.register, step.constraint, catalogue)}`;
    case 'describe_register':
      return `The names, order or labels of ${step.register.plural} change; no record does.`;
  }
};
