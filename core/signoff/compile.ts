import { findDecimal, type Problem, problem, type Result, within } from '../base/index.ts';
import {
  type Checked,
  checkExpression,
  type Expected,
  everyTerm,
  findNamed,
  readsOf,
  type Term,
  type Vocabulary,
} from '../expression/index.ts';
import { type Catalogue, type Field, type Register, readsItselfOnly, vocabularyOf } from '../register/index.ts';
import {
  behaviourOf,
  decimalsOf,
  isDay,
  isMadeByProgram,
  isNumber,
  isPerson,
  isSameSort,
  PEOPLE,
  recordBehind,
} from '../values/index.ts';
import { groupsOf, type Route, type Step, type Who } from './route.ts';
import { type RoleLabels, routeVocabulary } from './vocabulary.ts';

/** A step whose formulas are checked. */
export interface CompiledStep {
  readonly step: Step;
  readonly condition: Checked | null;
  readonly notes: readonly Checked[];
}

/** What a stage sets a field to. */
export interface Setting {
  readonly field: string;
  readonly value: Checked;
}

export interface CompiledRoute {
  readonly route: Route;
  readonly register: Register;
  readonly catalogue: Catalogue;
  /** The names its conditions use. */
  readonly vocabulary: Vocabulary;
  readonly condition: Checked | null;
  readonly steps: readonly CompiledStep[];
  /** The places of the steps side by side, in the order in which they are entered. */
  readonly groups: readonly (readonly number[])[];
  /** Every path that its conditions, its fields of people and its days read. */
  readonly reads: readonly (readonly string[])[];
  /** The record's own fields its conditions follow from. */
  readonly asked: ReadonlySet<string>;
  /** The record's own fields, rows among them, a change of one of which starts a new round. */
  readonly watched: ReadonlySet<string>;
  /** The fields that only a step fills in. */
  readonly filled: ReadonlySet<string>;
  /** Where there is a tolerance: its field, and the fields that follows from: they may move with it. */
  readonly tolerated: ReadonlySet<string>;
  readonly sets: Readonly<Record<keyof Route['sets'], readonly Setting[]>>;
}

type Place = readonly (string | number)[];

/** Collects what is wrong with a route, each with its place. */
class Checking {
  readonly problems: Problem[] = [];
  readonly #vocabulary: Vocabulary;
  readonly #register: Register;
  readonly #catalogue: Catalogue;
  readonly #roles: RoleLabels;

  constructor(register: Register, catalogue: Catalogue, roles: RoleLabels, vocabulary: Vocabulary) {
    this.#register = register;
    this.#catalogue = catalogue;
    this.#roles = roles;
    this.#vocabulary = vocabulary;
  }

  tell(code: string, path: Place, detail: string): void {
    this.problems.push(problem(code, path, detail));
  }

  role(key: string, path: Place): void {
    if (!this.#roles.has(key)) this.tell('unknown_role', path, `There is no role “${key}”.`);
  }

  field(key: string, path: Place): Field | null {
    const field = this.#register.fields.find((each) => each.key === key);
    if (!field) this.tell('unknown_field', path, `${this.#register.plural} have no field “${key}”.`);
    return field ?? null;
  }

  written(key: string, path: Place): Field | null {
    const field = this.field(key, path);
    if (field && isMadeByProgram(field.type))
      this.tell('made_by_program', path, `${field.label} is worked out or numbered: nobody fills it in.`);
    return field;
  }

  formula(text: string, path: Place, expected: Expected): Checked | null {
    const checked = checkExpression(text, this.#vocabulary, expected);
    if (checked.ok) return checked.value;
    this.problems.push(...within(path, checked.problems));
    return null;
  }

  condition(text: string | null, path: Place): Checked | null {
    const checked = text === null ? null : this.formula(text, path, { kind: 'condition' });
    const why = checked && beyondRecord(checked);
    if (why) this.tell('beyond_record', path, why);
    return checked;
  }

  /** Worked out in SQL, where the record stands: it may ask of the records that point here, but not who looks. */
  note(text: string, path: Place): Checked | null {
    const names = vocabularyOf(this.#register, this.#catalogue);
    const checked = checkExpression(text, names, { kind: 'value', type: { kind: 'text' } });
    if (!checked.ok) {
      this.problems.push(...within(path, checked.problems));
      return null;
    }
    const why = checked.value.reach.me
      ? 'It is the same for whoever signs: “me” cannot be asked.'
      : checked.value.notInSql;
    if (why) this.tell('not_in_sql', path, why);
    return checked.value;
  }

  /** A path that leads to a field of people, or to a day. */
  leads(path: string, at: Place, to: 'person' | 'day'): void {
    const found = findNamed(this.#vocabulary, path.split('.'));
    if (!found) {
      this.tell('unknown_field', at, `There is no field “${path}” here.`);
      return;
    }
    const { type } = found.named;
    const label = found.labels.at(-1) ?? path;
    const isThere = to === 'day' ? isDay(type) : recordBehind(type) === PEOPLE;
    if (!isThere) this.tell('type', at, `${label} must be ${to === 'day' ? 'a date' : 'a field of people'}.`);
  }

  who(who: Who, at: Place): void {
    switch (who.kind) {
      case 'role':
        this.role(who.role, [...at, 'role']);
        return;
      case 'person':
        return;
      case 'field':
        this.leads(who.path, [...at, 'path'], 'person');
        return;
      case 'signers':
        this.#signers(who, at);
        return;
    }
  }

  #signers(who: Who & { readonly kind: 'signers' }, at: Place): void {
    const register = this.#catalogue.registers.get(who.register);
    if (!register) {
      this.tell('unknown_register', [...at, 'register'], `There is no register “${who.register}”.`);
      return;
    }
    const there = (key: string, path: Place): Field | null => {
      const field = register.fields.find((each) => each.key === key);
      if (!field) this.tell('unknown_field', path, `${register.plural} have no field “${key}”.`);
      return field ?? null;
    };
    const person = there(who.person, [...at, 'person']);
    if (person && !isPerson(person.type))
      this.tell('type', [...at, 'person'], `${person.label} must be a field of people.`);
    const compared = [...who.matches, ...(who.limit ? [who.limit] : [])];
    for (const [i, match] of compared.entries()) {
      const isLimit = i === who.matches.length;
      const path = isLimit ? [...at, 'limit'] : [...at, 'matches', i];
      const field = there(match.there, [...path, 'there']);
      const here = findNamed(this.#vocabulary, match.here.split('.'));
      if (!here) this.tell('unknown_field', [...path, 'here'], `There is no field “${match.here}” here.`);
      if (!here || !field) continue;
      const value = behaviourOf(field.type).value;
      if (!isSameSort(value, here.named.type) || (isLimit && !isNumber(value)))
        this.tell('type', path, `${field.label} and ${here.labels.at(-1)} cannot be compared.`);
    }
    for (const side of ['from', 'until'] as const) {
      const key = who[side];
      const field = key === null ? null : there(key, [...at, side]);
      if (field && !isDay(behaviourOf(field.type).value))
        this.tell('type', [...at, side], `${field.label} must be a date.`);
    }
  }

  step(step: Step, i: number): CompiledStep {
    const at: Place = ['steps', i];
    this.who(step.who, [...at, 'who']);
    if (step.beside && i === 0) this.tell('beside', [...at, 'beside'], 'The first step has none before it.');
    if (step.deadline) this.#deadline(step, at);
    step.fills.forEach(({ field }, n) => void this.written(field, [...at, 'fills', n, 'field']));
    step.locks.forEach((key, n) => void this.field(key, [...at, 'locks', n]));
    step.shows?.forEach((key, n) => void this.field(key, [...at, 'shows', n]));
    return {
      step,
      condition: this.condition(step.condition, [...at, 'condition']),
      notes: step.notes.flatMap((text, n) => this.note(text, [...at, 'notes', n]) ?? []),
    };
  }

  #deadline({ deadline }: Step, at: Place): void {
    if (!deadline) return;
    if (deadline.by.kind === 'date') this.leads(deadline.by.path, [...at, 'deadline', 'by', 'path'], 'day');
    if (deadline.by.kind === 'days' && deadline.remind !== null && deadline.remind >= deadline.by.days)
      this.tell('remind', [...at, 'deadline', 'remind'], 'They would be reminded before they are asked.');
    if (deadline.late?.kind === 'pass') this.who(deadline.late.to, [...at, 'deadline', 'late', 'to']);
  }

  tolerance({ tolerance }: Route): void {
    if (!tolerance) return;
    const at = ['tolerance'];
    const field = this.field(tolerance.field, [...at, 'field']);
    if (field && decimalsOf(field.type) === null && !isNumber(behaviourOf(field.type).value))
      this.tell('no_number', [...at, 'field'], `${field.label} holds no number: how far it moves cannot be measured.`);
    for (const side of ['share', 'amount'] as const) {
      const given = tolerance[side];
      const limit = given === null ? null : findDecimal(given);
      if (given !== null && (!limit?.isPositive() || limit.isZero()))
        this.tell('limit', [...at, side], 'How far it may move is a number over 0.');
    }
    if (tolerance.share === null && tolerance.amount === null)
      this.tell('limit', at, 'Say how far it may move: by a share of it, by an amount, or both.');
  }
}

/** Why a route cannot use a condition: it is worked out from the stored record and what that links to alone. */
const beyondRecord = ({ reach, term }: Checked): string | null => {
  if (reach.me) return 'A route asks about the record and “sender”, not about “me”: several people may look at it.';
  if (!reach.records) return null;
  return [...everyTerm(term)].every((each) => each.op !== 'read' || isOfRecord(each))
    ? null
    : 'A route asks about the record and its own rows, and not about the records that point to it, or behind the links of its rows.';
};

/** Whether a step reads the record, what it links to, its rows, or what stands in one of these. */
const isOfRecord = ({ base, steps, by }: Term & { op: 'read' }): boolean => {
  const [last] = steps.slice(-1);
  if (base === 'record') return by === null || (by !== 'own' && by.field === 'entry' && steps.length === 1);
  return by === null && steps.length === 1 && (!last?.formula || readsItselfOnly(last.formula));
};

/** The record's own fields that some paths read, and those that what is worked out among them follows from. */
const fieldsBehind = (reads: readonly (readonly string[])[], vocabulary: Vocabulary): ReadonlySet<string> => {
  const found = new Set<string>();
  const follow = (name: string): void => {
    if (found.has(name) || name === 'sender') return;
    found.add(name);
    const term = vocabulary.names.get(name)?.formula?.term();
    for (const [first = ''] of term ? readsOf(term, 'record') : []) follow(first);
  };
  for (const [name = ''] of reads) follow(name);
  return found;
};

/** The paths of the record that say who signs. */
const pathsOfWho = (who: Who): string[] => {
  switch (who.kind) {
    case 'role':
    case 'person':
      return [];
    case 'field':
      return [who.path];
    case 'signers':
      return [...who.matches, ...(who.limit ? [who.limit] : [])].map(({ here }) => here);
  }
};

const pathsOfStep = ({ who, deadline }: Step): string[] => [
  ...pathsOfWho(who),
  ...(deadline?.by.kind === 'date' ? [deadline.by.path] : []),
  ...(deadline?.late?.kind === 'pass' ? pathsOfWho(deadline.late.to) : []),
];

const distinct = (paths: readonly (readonly string[])[]): (readonly string[])[] => [
  ...new Map(paths.map((path) => [path.join('.'), path])).values(),
];

/** A route whose formulas are checked against its register, or every problem with its place. */
export const compileRoute = (route: Route, catalogue: Catalogue, roles: RoleLabels): Result<CompiledRoute> => {
  const register = catalogue.registers.get(route.register);
  if (!register)
    return {
      ok: false,
      problems: [problem('unknown_register', ['register'], `There is no register “${route.register}”.`)],
    };
  const vocabulary = routeVocabulary(register, catalogue, roles);
  const at = new Checking(register, catalogue, roles, vocabulary);
  at.who(route.last_resort, ['last_resort']);
  const condition = at.condition(route.condition, ['condition']);
  const steps = route.steps.map((step, i) => at.step(step, i));
  route.watches?.forEach((key, i) => {
    at.field(key, ['watches', i]);
  });
  at.tolerance(route);
  if (route.amount !== null) at.field(route.amount, ['amount']);
  if (route.again_from !== null && !route.steps.some(({ id }) => id === route.again_from))
    at.tell('unknown_step', ['again_from'], 'The step from which it would go round again is not there any more.');
  (['reopens', 'stops'] as const).forEach((right) => {
    route[right].forEach((key, i) => {
      at.role(key, [right, i]);
    });
  });
  const settings = (when: keyof Route['sets']): Setting[] =>
    route.sets[when].flatMap(({ field, value }, i) => {
      const path = ['sets', when, i];
      const type = at.written(field, [...path, 'field'])?.type;
      const checked = type && at.formula(value, [...path, 'value'], { kind: 'value', type: behaviourOf(type).value });
      return checked ? [{ field, value: checked }] : [];
    });
  const sets = { approved: settings('approved'), refused: settings('refused'), sent_back: settings('sent_back') };
  if (at.problems.length > 0) return { ok: false, problems: at.problems };
  const conditions = [condition, ...steps.map((step) => step.condition)].flatMap((each) => each?.reads ?? []);
  const own = register.fields.map(({ key }) => key);
  const asked = fieldsBehind(conditions, vocabulary);
  return {
    ok: true,
    value: {
      route,
      register,
      catalogue,
      vocabulary,
      condition,
      steps,
      groups: groupsOf(route.steps),
      reads: distinct([
        ...conditions,
        ...route.steps.flatMap(pathsOfStep).map((path) => path.split('.')),
        ...Object.values(sets).flatMap((set) => set.flatMap(({ value }) => value.reads)),
      ]),
      asked,
      watched: new Set(route.watches ? [...asked, ...route.watches] : own),
      filled: new Set(route.steps.flatMap(({ fills }) => fills.map(({ field }) => field))),
      tolerated: route.tolerance ? fieldsBehind([[route.tolerance.field]], vocabulary) : new Set(),
      sets,
    },
  };
};
