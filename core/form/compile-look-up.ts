import { type Problem, problem, type Result, within } from '../base/index.ts';
import { type Checked, checkExpression, type Named, readsOf, type Vocabulary } from '../expression/index.ts';
import { type Catalogue, type Field, findVocabulary, type Register } from '../register/index.ts';
import { rowsKey } from '../sql/index.ts';
import {
  behaviourOf,
  chosenFrom,
  isSameSort,
  linkIn,
  linkToOne,
  type RowField,
  recordBehind,
  rowsIn,
} from '../values/index.ts';
import type { CellFill, CompiledForm, Fetching, StartsFrom } from './compiled.ts';
import type { Form, OffersNew, Rule } from './definition.ts';
import { formOfNew } from './new-records.ts';

/** What a question's rules are compiled among, and where their problems are told. */
export interface Around {
  readonly form: Form;
  readonly register: Register;
  readonly catalogue: Catalogue;
  /** The names of the form's own questions. */
  readonly vocabulary: Vocabulary;
  readonly tell: (...problems: Problem[]) => void;
  /** Compiles what is asked of a record that the look-up `within` offers to make. */
  readonly compileWithin: (form: Form, within: string) => Result<CompiledForm>;
}

type Place = readonly (string | number)[];
type RuleOf<K extends Rule['kind']> = Rule & { kind: K };

/** A form may offer a part of the choices that there are. */
export const checkOffered = (around: Around, { type, label }: Field, codes: readonly string[], here: Place): void => {
  const chosen = chosenFrom(type);
  if (!chosen) {
    around.tell(problem('no_choices', here, `${label} is not chosen from a list, so no part of it is offered.`));
    return;
  }
  const there = around.vocabulary.choices(chosen.list).map((choice) => choice.code);
  codes.forEach((code, i) => {
    if (!there.includes(code))
      around.tell(problem('unknown_choice', [...here, 'choices', i], `${label} has no choice “${code}”.`));
  });
};

/** The register a look-up leads to, or null where the field is none. */
const targetOf = ({ catalogue }: Around, { type }: RowField): Register | null =>
  catalogue.registers.get(linkIn(type)?.register ?? '') ?? null;

/**
 * The names a condition on what is offered may use: those of the linked register, and under `entry` the form's own
 * questions.
 */
export const offeringVocabulary = (own: Vocabulary, target: string): Vocabulary | null => {
  const names = own.linked(target);
  if (!names) return null;
  const entry: Named = { name: 'entry', label: 'The entry', type: { kind: 'link', register: own.register } };
  return { ...names, names: new Map(names.names).set('entry', entry) };
};

/** The answers a condition on what is offered reads: the questions behind `entry`. */
export const answersRead = (condition: Checked): string[] =>
  readsOf(condition.term, 'record').flatMap(([first, name]) => (first === 'entry' && name !== undefined ? [name] : []));

/**
 * A condition on the records a look-up offers, in a question or in a cell of rows: one that the database can answer, over
 * answers that the form asks.
 */
export const compileOffersWhere = (around: Around, field: RowField, text: string, place: Place): Checked[] => {
  const here = [...place, 'condition'];
  const told = (code: string, detail: string): Checked[] => {
    around.tell(problem(code, here, detail));
    return [];
  };
  const target = targetOf(around, field);
  const vocabulary = target && offeringVocabulary(around.vocabulary, target.key);
  if (!vocabulary) return told('not_a_look_up', `${field.label} does not look up records of another register.`);
  const checked = checkExpression(text, vocabulary, { kind: 'condition' });
  if (!checked.ok) {
    around.tell(...within(here, checked.problems));
    return [];
  }
  if (checked.value.notInSql !== null)
    return told('not_in_sql', `Records cannot be offered by this, as ${checked.value.notInSql}.`);
  const far = checked.value.reads.find(([first, ...rest]) => first === 'entry' && rest.length !== 1);
  if (far) return told('path_in_form', `Of the entry only its own answers are known, not “${far.join('.')}”.`);
  const strange = answersRead(checked.value).find((key) => !around.vocabulary.names.has(key));
  return strange === undefined
    ? [checked.value]
    : told('unknown_question', `This form does not ask “${strange}”, so what is offered cannot follow from it.`);
};

/** What is asked of a record that a look-up offers to make: its register's own questions, under its rules. */
export const compileOffersNew = (
  around: Around,
  field: RowField,
  rule: OffersNew,
  lookUp: string,
  place: Place,
): CompiledForm | null => {
  const target = targetOf(around, field);
  if (!target) {
    around.tell(problem('not_a_look_up', place, `${field.label} does not look up records of another register.`));
    return null;
  }
  const compiled = around.compileWithin(formOfNew(around.form.key, target, rule.asks), lookUp);
  if (compiled.ok) return compiled.value;
  const toAsked = (path: Problem['path']): Problem['path'] =>
    path[0] === 'questions' ? ['asks', ...path.slice(1)] : path;
  around.tell(
    ...within(
      place,
      compiled.problems.map((each) => ({ ...each, path: toAsked(each.path) })),
    ),
  );
  return null;
};

/** What a question starts as where the form was opened from a record. */
export const compileOpened = (
  around: Around,
  field: Field,
  { register: key, from }: RuleOf<'starts_as_opened'>,
  place: Place,
): StartsFrom[] => {
  const told = (code: string, detail: string): StartsFrom[] => {
    around.tell(problem(code, [...place, 'register'], detail));
    return [];
  };
  const register = around.catalogue.registers.get(key);
  const names = register && findVocabulary(key, around.catalogue);
  if (!register || !names) return told('unknown_register', `There is no register “${key}”.`);
  const wanted = behaviourOf(field.type).value;
  if (from === undefined)
    return recordBehind(wanted) === key
      ? [{ kind: 'opened', register: key, path: [] }]
      : told('not_a_link', `${field.label} does not link to ${register.plural}, so say which of its fields is meant.`);
  const checked = checkExpression(from, names, { kind: 'value', type: wanted });
  if (!checked.ok) {
    around.tell(...within([...place, 'from'], checked.problems));
    return [];
  }
  const { expr } = checked.value;
  return expr.kind === 'path'
    ? [{ kind: 'opened', register: key, path: expr.names }]
    : told('not_a_path', 'Only a field of the record can be taken, such as title or client.name.');
};

/** A question whose answer is a key by which a look-up finds its record. */
export const compileFetching = (
  around: Around,
  field: Field,
  { question, by }: RuleOf<'fetches'>,
  place: Place,
): Fetching[] => {
  const told = (code: string, path: string, detail: string): Fetching[] => {
    around.tell(problem(code, [...place, path], detail));
    return [];
  };
  const lookUp = around.register.fields.find((each) => each.key === question);
  const asked = around.form.questions.some((each) => each.field === question);
  const target = lookUp && linkToOne(lookUp.type) ? targetOf(around, lookUp) : null;
  if (!lookUp || !target || !asked || question === field.key)
    return told(
      'not_a_look_up',
      'question',
      `There is no look-up “${question}” in this form that could take a record.`,
    );
  const held = target.fields.find((each) => each.key === by);
  if (!held) return told('unknown_field', 'by', `${target.plural} have no field “${by}”.`);
  return isSameSort(behaviourOf(held.type).value, behaviourOf(field.type).value)
    ? [{ question, by }]
    : told('type', 'by', `${held.label} of ${target.plural} cannot hold the same as ${field.label}.`);
};

/** The names of the rows a field holds, or null where it holds none. */
export const rowNamesOf = ({ vocabulary, register }: Around, { key, type }: Field): Vocabulary | null =>
  rowsIn(type) ? vocabulary.linked(rowsKey(register.key, key)) : null;

/** What a look-up in a row fills, read by the names of the rows. */
export const compileCellFill = (
  around: Around,
  field: Field,
  cell: string,
  from: string,
  here: Place,
): CellFill | null => {
  const told = (code: string, path: string, detail: string): null => {
    around.tell(problem(code, [...here, path], detail));
    return null;
  };
  const names = rowNamesOf(around, field);
  const type = names?.names.get(cell)?.type;
  if (!names || !type || type.kind === 'records')
    return told('unknown_cell', 'cell', `${field.label} has no column “${cell}” to fill.`);
  const fits = checkExpression(from, names, { kind: 'value', type });
  if (!fits.ok) {
    around.tell(...within([...here, 'from'], fits.problems));
    return null;
  }
  const { expr } = fits.value;
  const [lookUp = '', ...path] = expr.kind === 'path' ? expr.names : [];
  return path.length === 0 || lookUp === cell || recordBehind(names.names.get(lookUp)?.type) === null
    ? told('not_from_look_up', 'from', 'What is filled must come from a look-up in the row, such as item.price.')
    : { target: cell, lookUp, path };
};
