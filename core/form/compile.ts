import { findNearest, type Problem, problem, type Result, within } from '../base/index.ts';
import {
  type Checked,
  checkExpression,
  type Expected,
  findField,
  readsOf,
  type Vocabulary,
} from '../expression/index.ts';
import {
  type Catalogue,
  checkFormula,
  type Field,
  type Register,
  readsItselfOnly,
  vocabularyOf,
} from '../register/index.ts';
import { behaviourOf, type FieldTypeOf } from '../values/index.ts';
import type { Form, Question } from './definition.ts';

export interface CompiledMust {
  readonly condition: Checked;
  readonly message: string | undefined;
}

export interface Fill {
  readonly target: string;
  /** The path inside the linked record: `boat.owner` from the boat is ['owner']. */
  readonly path: readonly string[];
}

export interface CompiledQuestion {
  readonly key: string;
  readonly label: string;
  readonly field: Field;
  readonly required: boolean;
  readonly startsAs: Checked | null;
  readonly workedOut: Checked | null;
  readonly askedWhen: readonly Checked[];
  readonly musts: readonly CompiledMust[];
  readonly fills: readonly Fill[];
  /** The questions its being asked and its value follow from, and whether they follow from the clock too. */
  readonly inputs: ReadonlySet<string>;
  readonly timed: boolean;
  /** The same of its *must* rules. */
  readonly mustInputs: ReadonlySet<string>;
  readonly mustTimed: boolean;
}

/** A form whose rules are parsed, checked and put in the order in which they are worked out. */
export interface CompiledForm {
  readonly form: Form;
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly vocabulary: Vocabulary;
  /** In the order of the form. */
  readonly questions: readonly CompiledQuestion[];
  readonly byKey: ReadonlyMap<string, CompiledQuestion>;
  /** In an order in which every question comes after what it depends on. */
  readonly order: readonly CompiledQuestion[];
  /** Look-ups that fill a question, in the order of the form. */
  readonly filledBy: ReadonlyMap<string, readonly string[]>;
}

/** The names a form's rules may use: its own questions, by their labels there. */
export const formVocabulary = (form: Form, register: Register, catalogue: Catalogue): Vocabulary => {
  const whole = vocabularyOf(register, catalogue);
  const names = new Map(
    form.questions.flatMap((question) => {
      const named = whole.names.get(question.field);
      return named ? [[question.field, { ...named, label: question.label ?? named.label }] as const] : [];
    }),
  );
  return { ...whole, names, before: true };
};

const readBy = (rules: readonly (Checked | null)[]): { keys: ReadonlySet<string>; timed: boolean } => ({
  keys: new Set(rules.flatMap((rule) => rule?.reads.map(([name = '']) => name) ?? [])),
  timed: rules.some((rule) => rule?.readsClock),
});
const inputsOf = (rules: readonly (Checked | null)[]) => {
  const { keys, timed } = readBy(rules);
  return { inputs: keys, timed };
};
const mustInputsOf = (musts: readonly CompiledMust[]) => {
  const { keys, timed } = readBy(musts.map((must) => must.condition));
  return { mustInputs: keys, mustTimed: timed };
};

class Compiler {
  readonly problems: Problem[] = [];
  readonly #register: Register;
  readonly vocabulary: Vocabulary;

  constructor(form: Form, register: Register, catalogue: Catalogue) {
    this.#register = register;
    this.vocabulary = formVocabulary(form, register, catalogue);
  }

  question(question: Question, at: number): CompiledQuestion | null {
    const field = this.#register.fields.find((each) => each.key === question.field);
    const place = ['questions', at];
    if (!field) {
      const nearest = findNearest(
        question.field,
        this.#register.fields.map((each) => each.key),
      );
      const hint = nearest ? ` Did you mean ${nearest}?` : '';
      this.problems.push(
        problem(
          'unknown_field',
          [...place, 'field'],
          `${this.#register.plural} have no field “${question.field}”.${hint}`,
        ),
      );
      return null;
    }
    let startsAs: Checked | null = null;
    let workedOut: Checked | null = null;
    let required = field.required;
    const askedWhen: Checked[] = [];
    const musts: CompiledMust[] = [];
    const fills: Fill[] = [];
    if (field.type.kind === 'worked_out') workedOut = this.ofRegister(field, field.type, place);
    question.rules.forEach((rule, i) => {
      const here = [...place, 'rules', i];
      switch (rule.kind) {
        case 'must_be_answered':
          required = true;
          break;
        case 'starts_as':
          startsAs = this.expression(rule.value, [...here, 'value'], {
            kind: 'value',
            type: behaviourOf(field.type).value,
          });
          break;
        case 'worked_out_as':
          workedOut = this.expression(rule.value, [...here, 'value'], {
            kind: 'value',
            type: behaviourOf(field.type).value,
          });
          break;
        case 'asked_when': {
          const condition = this.expression(rule.condition, [...here, 'condition'], { kind: 'condition' });
          if (condition) askedWhen.push(condition);
          break;
        }
        case 'must': {
          const condition = this.expression(rule.condition, [...here, 'condition'], { kind: 'condition' });
          if (condition) musts.push({ condition, message: rule.message });
          break;
        }
        case 'fills': {
          const fill = this.fill(question, rule.question, rule.from, here);
          if (fill) fills.push(fill);
          break;
        }
      }
    });
    return {
      key: field.key,
      label: question.label ?? field.label,
      field,
      required,
      startsAs,
      workedOut,
      askedWhen,
      musts,
      fills,
      ...inputsOf([startsAs, workedOut, ...askedWhen]),
      ...mustInputsOf(musts),
    };
  }

  expression(text: string, path: readonly (string | number)[], expected: Expected): Checked | null {
    const result = checkExpression(text, this.vocabulary, expected);
    if (!result.ok) {
      this.problems.push(...within(path, result.problems));
      return null;
    }
    const farOfMe = readsOf(result.value.term, 'me').find((read) => read.length > 1);
    const far = farOfMe ? ['me', ...farOfMe] : result.value.reads.find((read) => read.length > 1);
    if (far && expected.kind !== 'any') {
      this.problems.push(
        problem(
          'path_in_form',
          path,
          `A form's rules read its own questions; let a look-up fill “${far.join('.')}” into one.`,
        ),
      );
      return null;
    }
    return result.value;
  }

  /** A field the register works out is worked out in the form too, from what the form asks. */
  ofRegister(field: Field, type: FieldTypeOf<'worked_out'>, place: readonly (string | number)[]): Checked | null {
    const checked = checkFormula(type, this.vocabulary);
    const formula = this.vocabulary.names.get(field.key)?.formula;
    if (checked.ok && formula && readsItselfOnly(formula)) return checked.value;
    this.problems.push(
      problem(
        'reaches_beyond',
        [...place, 'field'],
        `${field.label} is worked out from more than this form asks: it is known once the record is stored.`,
      ),
    );
    return null;
  }

  fill(question: Question, target: string, from: string, here: readonly (string | number)[]): Fill | null {
    const named = findField(this.vocabulary, [target]);
    if (!named || target === question.field) {
      this.problems.push(
        problem('unknown_question', [...here, 'question'], `There is no other question “${target}” to fill.`),
      );
      return null;
    }
    const checked = this.expression(from, [...here, 'from'], { kind: 'any' });
    if (!checked) return null;
    const { expr } = checked;
    if (expr.kind !== 'path' || expr.names[0] !== question.field || expr.names.length < 2) {
      this.problems.push(
        problem(
          'not_from_look_up',
          [...here, 'from'],
          `What is filled must come from ${question.field}, such as ${question.field}.name.`,
        ),
      );
      return null;
    }
    const fits = checkExpression(from, this.vocabulary, { kind: 'value', type: named.type });
    if (!fits.ok) {
      this.problems.push(...within([...here, 'from'], fits.problems));
      return null;
    }
    return { target, path: expr.names.slice(1) };
  }
}

/** What each question's asking and value wait for. Its *must* rules do not count: they change nothing. */
const dependencies = (questions: readonly CompiledQuestion[]): Map<string, Set<string>> => {
  const needs = new Map(questions.map((question) => [question.key, new Set(question.inputs)]));
  for (const question of questions) {
    for (const fill of question.fills) needs.get(fill.target)?.add(question.key);
  }
  return needs;
};

/** An order that respects the needs, or a circle as the keys along it. */
const sortByNeed = (needs: ReadonlyMap<string, ReadonlySet<string>>): { order: string[]; circle: string[] | null } => {
  const order: string[] = [];
  const done = new Set<string>();
  let circle: string[] | null = null;
  const visit = (key: string, trail: readonly string[]): void => {
    if (done.has(key) || circle) return;
    const at = trail.indexOf(key);
    if (at >= 0) {
      circle = [...trail.slice(at), key];
      return;
    }
    for (const need of needs.get(key) ?? []) visit(need, [...trail, key]);
    done.add(key);
    order.push(key);
  };
  for (const key of needs.keys()) visit(key, []);
  return { order, circle };
};

/** A form made ready to be filled in, or every problem of its definition with its place. */
export const compileForm = (form: Form, catalogue: Catalogue): Result<CompiledForm> => {
  const register = catalogue.registers.get(form.register);
  if (!register)
    return {
      ok: false,
      problems: [problem('unknown_register', ['register'], `There is no register “${form.register}”.`)],
    };
  const compiler = new Compiler(form, register, catalogue);
  const questions = form.questions.map((question, i) => compiler.question(question, i)).filter((each) => each !== null);
  const byKey = new Map(questions.map((question) => [question.key, question]));
  form.questions.forEach((question, i) => {
    const twice = form.questions.findIndex((each) => each.field === question.field) !== i;
    if (twice)
      compiler.problems.push(
        problem('asked_twice', ['questions', i], `${question.label ?? question.field} is asked twice.`),
      );
  });
  const { order, circle } = sortByNeed(dependencies(questions));
  if (circle) {
    const said = circle.map((key) => byKey.get(key)?.label ?? key).join(' → ');
    const at = form.questions.findIndex((question) => question.field === circle[0]);
    compiler.problems.push(problem('circle', ['questions', at], `These questions wait for each other: ${said}.`));
  }
  if (compiler.problems.length > 0) return { ok: false, problems: compiler.problems };
  const filledBy = new Map<string, string[]>();
  for (const question of questions) {
    for (const fill of question.fills) filledBy.set(fill.target, [...(filledBy.get(fill.target) ?? []), question.key]);
  }
  return {
    ok: true,
    value: {
      form,
      register,
      catalogue,
      vocabulary: compiler.vocabulary,
      questions,
      byKey,
      order: order.map((key) => byKey.get(key)).filter((each) => each !== undefined),
      filledBy,
    },
  };
};
