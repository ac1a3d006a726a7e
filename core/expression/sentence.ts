import { joinWords } from '../base/index.ts';
import { behaviourOf, type FieldType, type ValueContext, type ValueType } from '../values/index.ts';
import type { Clause, Condition, Operand, Test, TestKind } from './condition.ts';
import { findNamed, type Vocabulary } from './vocabulary.ts';

/** A piece of a sentence: plain words, or a part of a clause that can be clicked and changed. */
export interface Part {
  readonly role: 'words' | 'field' | 'test' | 'value';
  readonly text: string;
}

/** "Cost is over 500" tells, "must be over 500" asks. */
export type Mood = 'is' | 'must';

/** What a sentence needs to know: the names, and how values are written. */
export interface SayContext {
  readonly vocabulary: Vocabulary;
  readonly values: ValueContext;
  /** The label of a linked record, where one is compared. */
  readonly recordLabel?: (register: string, id: string) => string | undefined;
}

type OrderWords = readonly [is: string, must: string];

const PLAIN: { readonly [K in 'over' | 'at_least' | 'under' | 'at_most']: OrderWords } = {
  over: ['is over', 'must be over'],
  at_least: ['is at least', 'must be at least'],
  under: ['is under', 'must be under'],
  at_most: ['is at most', 'must be at most'],
};
const TIME: typeof PLAIN = {
  over: ['is later than', 'must be later than'],
  at_least: ['is not earlier than', 'cannot be earlier than'],
  under: ['is earlier than', 'must be earlier than'],
  at_most: ['is not later than', 'cannot be later than'],
};

/** The words between a field and its value. */
export const testWords = (kind: TestKind, type: ValueType, mood: Mood): string => {
  const say = (is: string, must: string) => (mood === 'is' ? is : must);
  switch (kind) {
    case 'answered':
      return say('is answered', 'must be answered');
    case 'not_answered':
      return say('is not answered', 'must not be answered');
    case 'is':
      return say('is', 'must be');
    case 'is_not':
      return say('is not', 'must not be');
    case 'contains':
      return say('contains', 'must contain');
    case 'at_least_characters':
      return say('has at least', 'must have at least');
    case 'at_most_characters':
      return say('has at most', 'must have at most');
    case 'over':
    case 'at_least':
    case 'under':
    case 'at_most': {
      const [is, must] = (type.kind === 'date' || type.kind === 'moment' ? TIME : PLAIN)[kind];
      return say(is, must);
    }
  }
};

const ORDERED: readonly TestKind[] = ['over', 'at_least', 'under', 'at_most'];

/** The tests that fit a field, in the order in which they are offered. */
export const testsFor = (type: ValueType): readonly TestKind[] => {
  switch (type.kind) {
    case 'number':
      return [...ORDERED, 'is', 'is_not', 'answered', 'not_answered'];
    case 'date':
    case 'moment':
      return ['at_most', 'at_least', 'under', 'over', 'answered', 'not_answered'];
    case 'text':
      return ['contains', 'is', 'is_not', 'at_least_characters', 'at_most_characters', 'answered', 'not_answered'];
    case 'choice':
      return ['is', 'is_not', 'answered', 'not_answered'];
    case 'boolean':
      return ['is', 'answered', 'not_answered'];
    case 'link':
      return ['is', 'is_not', 'answered', 'not_answered'];
  }
};

/** A value to begin with when a field or test was just chosen; the person changes it in place. */
export const firstOperand = (type: ValueType, vocabulary: Vocabulary): Operand | null => {
  switch (type.kind) {
    case 'number':
      return { kind: 'number', text: '0' };
    case 'date':
      return { kind: 'today' };
    case 'moment':
      return { kind: 'now' };
    case 'text':
      return { kind: 'text', text: '' };
    case 'boolean':
      return { kind: 'boolean', value: true };
    case 'choice': {
      const first = vocabulary.choices(type.list)[0];
      return first ? { kind: 'text', text: first.code } : null;
    }
    case 'link':
      return null;
  }
};

/** A test of another kind with what can be kept of the old one, or null where it needs a value that is not there. */
export const toTest = (kind: TestKind, type: ValueType, vocabulary: Vocabulary, old: Test | null): Test | null => {
  const kept = old && 'values' in old ? (old.values[0] ?? null) : old && 'value' in old ? old.value : null;
  const first = kept ?? firstOperand(type, vocabulary);
  switch (kind) {
    case 'answered':
    case 'not_answered':
      return { kind };
    case 'is':
    case 'is_not':
      if (old && 'values' in old) return { kind, values: old.values };
      return first ? { kind, values: [first] } : null;
    case 'over':
    case 'at_least':
    case 'under':
    case 'at_most':
      return first ? { kind, value: first } : null;
    case 'contains':
      return { kind, text: first?.kind === 'text' ? first.text : '' };
    case 'at_least_characters':
    case 'at_most_characters':
      return { kind, count: old && 'count' in old ? old.count : '1' };
  }
};

const fieldTypeOf = (type: ValueType): FieldType | null => {
  switch (type.kind) {
    case 'choice':
      return { kind: 'choice', list: type.list };
    case 'date':
    case 'moment':
      return { kind: type.kind };
    case 'boolean':
      return { kind: 'yes_no' };
    case 'text':
    case 'number':
    case 'link':
      return null;
  }
};

/** A value in the words of the field it is compared with. */
export const sayOperand = (operand: Operand, type: ValueType, context: SayContext): string => {
  switch (operand.kind) {
    case 'number':
      return operand.text;
    case 'text': {
      if (type.kind === 'link') return context.recordLabel?.(type.register, operand.text) ?? 'a record';
      const fieldType = fieldTypeOf(type);
      return fieldType ? behaviourOf(fieldType).show(operand.text, context.values) : `“${operand.text}”`;
    }
    case 'boolean':
      return operand.value ? 'yes' : 'no';
    case 'date':
      return behaviourOf({ kind: 'date' }).show(operand.date, context.values);
    case 'moment':
      return behaviourOf({ kind: 'moment' }).show(operand.moment, context.values);
    case 'today':
    case 'now':
      return operand.kind;
    case 'field':
      return sayPath(operand.path, context.vocabulary);
  }
};

/** "Boat’s owner’s name" for `boat.owner.name`. */
export const sayPath = (path: readonly string[], vocabulary: Vocabulary): string =>
  (findNamed(vocabulary, path)?.labels ?? path)
    .map((label, i) => (i === 0 ? label : label.charAt(0).toLowerCase() + label.slice(1)))
    .join('’s ');

const words = (text: string): Part => ({ role: 'words', text });

const sayTest = (test: Test, type: ValueType, mood: Mood, context: SayContext): Part[] => {
  const head: Part = { role: 'test', text: testWords(test.kind, type, mood) };
  switch (test.kind) {
    case 'answered':
    case 'not_answered':
      return [head];
    case 'is':
    case 'is_not': {
      const said = test.values.map((value) => sayOperand(value, type, context));
      return [head, { role: 'value', text: joinWords(said, 'or') }];
    }
    case 'over':
    case 'at_least':
    case 'under':
    case 'at_most':
      return [head, { role: 'value', text: sayOperand(test.value, type, context) }];
    case 'contains':
      return [head, { role: 'value', text: `“${test.text}”` }];
    case 'at_least_characters':
    case 'at_most_characters':
      return [head, { role: 'value', text: test.count }, words(test.count === '1' ? 'character' : 'characters')];
  }
};

/**
 * A clause as the parts of a sentence, to be joined by spaces. With `subject` given, a clause about that very field
 * leaves its name out: the outline says it once, above.
 */
export const sayClause = (clause: Clause, mood: Mood, context: SayContext, subject?: string): Part[] => {
  const found = findNamed(context.vocabulary, clause.field);
  if (!found) return [words(clause.field.join('.'))];
  const field: Part = { role: 'field', text: sayPath(clause.field, context.vocabulary) };
  const test = sayTest(clause.test, found.named.type, mood, context);
  return clause.field.length === 1 && clause.field[0] === subject ? test : [field, ...test];
};

/** A whole condition in one line of plain words. */
export const sayCondition = (condition: Condition, mood: Mood, context: SayContext): string =>
  condition.clauses
    .map((clause) =>
      sayClause(clause, mood, context)
        .map((part) => part.text)
        .join(' '),
    )
    .join(condition.join === 'and' ? ', and ' : ', or ');
