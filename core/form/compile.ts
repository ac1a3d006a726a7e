import { findNearest, type Problem, perPair, problem, type Result, within } from '../base/index.ts';
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
  movesWithClock,
  type Register,
  readsItselfOnly,
  vocabularyOf,
} from '../register/index.ts';
import { behaviourOf, type FieldTypeOf, workedOutIn } from '../values/index.ts';
import { compileColumns } from './compile-columns.ts';
import {
  type Around,
  checkOffered,
  compileCellFill,
  compileFetching,
  compileOffersNew,
  compileOffersWhere,
  compileOpened,
} from './compile-look-up.ts';
import { compilePages, pageOf } from './compile-pages.ts';
import type {
  CellFill,
  CompiledForm,
  CompiledMust,
  CompiledQuestion,
  Fetching,
  Fill,
  Offering,
  StartsFrom,
} from './compiled.ts';
import type { Form, Question } from './definition.ts';
import {
  dependencies,
  mustInputsOf,
  type OrderStep,
  pageStep,
  placeSteps,
  questionInputs,
  sectionStep,
  sortByNeed,
} from './order.ts';
import { registrationProblems } from './registration.ts';

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

class Compiler {
  readonly problems: Problem[] = [];
  readonly #form: Form;
  readonly #register: Register;
  /** The names of the register's fields, asked or not. */
  readonly #whole: Vocabulary;
  readonly vocabulary: Vocabulary;
  readonly #around: Around;

  constructor(form: Form, register: Register, catalogue: Catalogue) {
    this.#form = form;
    this.#register = register;
    this.#whole = vocabularyOf(register, catalogue);
    this.vocabulary = formVocabulary(form, register, catalogue);
    this.#around = {
      form,
      register,
      catalogue,
      vocabulary: this.vocabulary,
      tell: (...problems) => this.problems.push(...problems),
      compileWithin: (asked, inside) => compile(asked, catalogue, inside),
    };
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
    let mustBeAnswered = false;
    const askedWhen: Checked[] = [];
    const musts: CompiledMust[] = [];
    const fills: Fill[] = [];
    const cellFills: CellFill[] = [];
    const lockedWhen: Checked[] = [];
    const offers: Offering[] = [];
    const startsFrom: StartsFrom[] = [];
    const offersWhere: Checked[] = [];
    const fetches: Fetching[] = [];
    let makes: CompiledForm | null = null;
    let unique: CompiledQuestion['unique'] = null;
    let hidden = false;
    let kept = true;
    const formula = workedOutIn(field.type);
    if (formula) workedOut = this.ofRegister(field, formula, place);
    question.rules.forEach((rule, i) => {
      const here = [...place, 'rules', i];
      switch (rule.kind) {
        case 'must_be_answered':
          mustBeAnswered = true;
          break;
        case 'starts_as':
          startsAs = this.expression(rule.value, [...here, 'value'], {
            kind: 'value',
            type: behaviourOf(field.type).value,
          });
          break;
        case 'starts_as_opened':
          startsFrom.push(...compileOpened(this.#around, field, rule, here));
          break;
        case 'starts_as_addressed':
          startsFrom.push({ kind: 'addressed', name: rule.name });
          break;
        case 'hidden':
          hidden = true;
          break;
        case 'not_kept':
          kept = false;
          if (field.required)
            this.problems.push(
              problem('must_be_kept', here, `${field.label} must be filled in in every record, so it has to be kept.`),
            );
          break;
        case 'must_be_unique':
          unique = { message: rule.message };
          break;
        case 'offers_where':
          offersWhere.push(...compileOffersWhere(this.#around, field, rule.condition, here));
          break;
        case 'offers_new':
          makes = compileOffersNew(this.#around, field, rule, field.key, here);
          break;
        case 'fetches':
          fetches.push(...compileFetching(this.#around, field, rule, here));
          break;
        case 'hidden_as':
        case 'worked_out_as':
          hidden ||= rule.kind === 'hidden_as';
          workedOut = this.expression(rule.value, [...here, 'value'], {
            kind: 'value',
            type: behaviourOf(field.type).value,
          });
          break;
        case 'asked_when': {
          const condition = this.condition(rule.condition, [...here, 'condition']);
          if (condition) askedWhen.push(condition);
          break;
        }
        case 'locked_when': {
          const condition = this.condition(rule.condition, [...here, 'condition']);
          if (condition) lockedWhen.push(condition);
          break;
        }
        case 'offers_only': {
          const condition =
            rule.condition === undefined ? null : this.condition(rule.condition, [...here, 'condition']);
          checkOffered(this.#around, field, rule.choices, here);
          offers.push({ codes: new Set(rule.choices), condition });
          break;
        }
        case 'must': {
          const condition = this.condition(rule.condition, [...here, 'condition']);
          if (condition) musts.push({ condition, message: rule.message });
          break;
        }
        case 'fills': {
          const fill = this.fill(question, rule.question, rule.from, here);
          if (fill) fills.push(fill);
          break;
        }
        case 'fills_cell': {
          const fill = compileCellFill(this.#around, field, rule.cell, rule.from, here);
          if (fill) cellFills.push(fill);
          break;
        }
      }
    });
    const columns = compileColumns(this.#around, field, question.columns ?? [], place);
    return {
      key: field.key,
      label: question.label ?? field.label,
      field,
      help: question.help,
      page: Math.max(0, pageOf(this.#form, question.page)),
      section: question.section,
      required: mustBeAnswered || field.required,
      mustBeAnswered,
      startsAs,
      startsFrom,
      workedOut,
      hidden,
      kept,
      unique,
      offersWhere,
      makes,
      fetches,
      columns,
      askedWhen,
      lockedWhen,
      offers,
      musts,
      fills,
      cellFills,
      ...questionInputs([startsAs, workedOut, ...askedWhen, ...lockedWhen], columns, this.placesOf(question)),
      ...mustInputsOf(musts, offers, columns),
    };
  }

  /** The page and the section a question's being asked follows from, as far as these have conditions. */
  placesOf({ page, section }: Question): string[] {
    const at = pageOf(this.#form, page);
    const held = this.#form.sections.find((each) => each.key === section);
    return [...(at > 0 ? [pageStep(at)] : []), ...(held?.condition === undefined ? [] : [sectionStep(held.key)])];
  }

  condition(text: string, path: readonly (string | number)[]): Checked | null {
    return this.expression(text, path, { kind: 'condition' });
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

  /**
   * A field the register works out is worked out in the form too, if all it comes from in the end is asked; what lies
   * between may be left out.
   */
  ofRegister(field: Field, type: FieldTypeOf<'worked_out'>, place: readonly (string | number)[]): Checked | null {
    const checked = checkFormula(type, this.#whole);
    const formula = this.#whole.names.get(field.key)?.formula;
    const leaves = this.leavesOf(field.key, new Set());
    if (checked.ok && formula && readsItselfOnly(formula) && [...leaves].every((key) => this.vocabulary.names.has(key)))
      return { ...checked.value, reads: [...leaves].map((key) => [key]), readsClock: movesWithClock(formula) };
    this.problems.push(
      problem(
        'reaches_beyond',
        [...place, 'field'],
        `${field.label} is worked out from more than this form asks: it is known once the record is stored.`,
      ),
    );
    return null;
  }

  /** The fields that are not worked out themselves from which a worked-out field follows. */
  leavesOf(key: string, seen: Set<string>): Set<string> {
    const term = this.#whole.names.get(key)?.formula?.term();
    if (!term) return new Set([key]);
    if (seen.has(key)) return new Set();
    seen.add(key);
    return new Set(readsOf(term, 'record').flatMap(([name = '']) => [...this.leavesOf(name, seen)]));
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

const sayPlace = (form: Form, key: string): string => {
  const [kind, name = ''] = key.split(':');
  if (kind === 'page') return `the page ${form.pages[Number(name)]?.label ?? name}`;
  return `the section ${form.sections.find((each) => each.key === name)?.label ?? name}`;
};

const compile = (form: Form, catalogue: Catalogue, inside = ''): Result<CompiledForm> => {
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
  const { problems, ...places } = compilePages(form, (text, path) => compiler.condition(text, path));
  compiler.problems.push(...problems, ...registrationProblems(form, questions));
  const steps = placeSteps(places);
  const { order, circle } = sortByNeed(dependencies(questions, steps));
  if (circle) {
    const said = circle.map((key) => byKey.get(key)?.label ?? sayPlace(form, key)).join(' → ');
    const first = circle.find((key) => byKey.has(key));
    const at = form.questions.findIndex((question) => question.field === first);
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
      within: inside,
      register,
      catalogue,
      vocabulary: compiler.vocabulary,
      questions,
      byKey,
      ...places,
      order: order.flatMap((key): OrderStep[] => {
        const question = byKey.get(key);
        const step = question ? { kind: 'question' as const, question } : steps.get(key);
        return step ? [step] : [];
      }),
      filledBy,
    },
  };
};

const compiledOnce = perPair((catalogue: Catalogue, form: Form) => compile(form, catalogue));

/**
 * A form made ready to be filled in, or every problem of its definition with its place. Made once per catalogue: whoever
 * answers a look-up for every key that is typed asks for it each time.
 */
export const compileForm = (form: Form, catalogue: Catalogue): Result<CompiledForm> => compiledOnce(catalogue, form);
