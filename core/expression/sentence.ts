import { joinWords, lowerFirst, type Span } from '../base/index.ts';
import { comparedWith, type Scalar, type ValueContext, type ValueType } from '../values/index.ts';
import type { Clause, ClausePlaces, Condition, Operand, Test, TestKind } from './condition.ts';
import { findField, type Vocabulary } from './vocabulary.ts';

/** A piece of a sentence: plain words, or a part of a clause that can be clicked and changed. */
export interface SentencePart {
  readonly role: 'words' | 'field' | 'test' | 'value';
  readonly text: string;
  /** The piece of the expression it stands for, where the expression was written already. */
  readonly span?: Span;
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
    case 'between':
      return say('is between', 'must be between');
    case 'includes':
      return say('include', 'must include');
    case 'overlaps':
      return say('overlaps', 'must overlap');
    case 'during':
      return say('lies within', 'must lie within');
    case 'covers':
      return say('covers', 'must cover');
    case 'has_some':
      return say('has some', 'must have some');
    case 'has_none':
      return say('has none', 'must have none');
    case 'contains':
      return say('contains', 'must contain');
    case 'starts_with':
      return say('begins with', 'must begin with');
    case 'matches':
      return say('matches the pattern', 'must match the pattern');
    case 'at_least_characters':
      return say('has at least', 'must have at least');
    case 'at_most_characters':
      return say('has at most', 'must have at most');
    case 'over':
    case 'at_least':
    case 'under':
    case 'at_most': {
      const [is, must] = (type.kind === 'date' || type.kind === 'time' || type.kind === 'moment' ? TIME : PLAIN)[kind];
      return say(is, must);
    }
  }
};

const ORDERED: readonly TestKind[] = ['over', 'at_least', 'under', 'at_most'];

/** The tests that fit a field, in the order in which they are offered. */
export const testsFor = (type: ValueType): readonly TestKind[] => {
  switch (type.kind) {
    case 'number':
    case 'days':
      return [...ORDERED, 'between', 'is', 'is_not', 'answered', 'not_answered'];
    case 'date':
    case 'time':
    case 'moment':
      return ['at_most', 'at_least', 'under', 'over', 'between', 'answered', 'not_answered'];
    case 'text':
      return [
        'contains',
        'starts_with',
        'matches',
        'is',
        'is_not',
        'at_least_characters',
        'at_most_characters',
        'answered',
        'not_answered',
      ];
    case 'span':
      return ['overlaps', 'during', 'covers', 'is', 'is_not', 'answered', 'not_answered'];
    case 'choice':
      return ['is', 'is_not', 'answered', 'not_answered'];
    case 'boolean':
      return ['is', 'answered', 'not_answered'];
    case 'link':
      return ['is', 'is_not', 'answered', 'not_answered'];
    case 'choices':
      return ['includes', 'has_some', 'has_none'];
    case 'links':
    case 'texts':
    case 'rows':
      return ['has_some', 'has_none'];
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
    case 'time':
      return { kind: 'time', time: '12:00:00' };
    case 'days':
      return { kind: 'duration', duration: 'PT1H' };
    case 'span':
      return { kind: 'span', from: { kind: 'today' }, to: { kind: 'today' } };
    case 'choice':
    case 'choices': {
      const first = vocabulary.choices(type.list)[0];
      return first ? { kind: 'text', text: first.code } : null;
    }
    case 'link':
    case 'links':
    case 'texts':
    case 'rows':
      return null;
  }
};

/** The first value of a test, to be kept when its kind changes. */
const firstOf = (test: Test): Operand | null => {
  if ('values' in test) return test.values[0] ?? null;
  if ('value' in test) return test.value;
  if ('low' in test) return test.low;
  return 'text' in test ? { kind: 'text', text: test.text } : null;
};

/** A test of another kind with what can be kept of the old one, or null where it needs a value that is not there. */
export const toTest = (kind: TestKind, type: ValueType, vocabulary: Vocabulary, old: Test | null): Test | null => {
  const kept = old ? firstOf(old) : null;
  const first = kept ?? firstOperand(type, vocabulary);
  switch (kind) {
    case 'answered':
    case 'not_answered':
    case 'has_some':
    case 'has_none':
      return { kind };
    case 'includes':
      return first ? { kind, value: first } : null;
    case 'is':
    case 'is_not':
      if (old && 'values' in old) return { kind, values: old.values };
      return first ? { kind, values: [first] } : null;
    case 'over':
    case 'at_least':
    case 'under':
    case 'at_most':
    case 'overlaps':
    case 'during':
    case 'covers':
      return first ? { kind, value: first } : null;
    case 'between':
      return first ? { kind, low: first, high: old?.kind === 'between' ? old.high : first } : null;
    case 'contains':
    case 'starts_with':
    case 'matches':
      return { kind, text: first?.kind === 'text' ? first.text : '' };
    case 'at_least_characters':
    case 'at_most_characters':
      return { kind, count: old && 'count' in old ? old.count : '1' };
  }
};

/** "30 days ago", "in 2 months". */
const sayAway = (unit: 'days' | 'months', count: number): string => {
  const size = Math.abs(count);
  const length = `${size} ${size === 1 ? unit.slice(0, -1) : unit}`;
  return count < 0 ? `${length} ago` : `in ${length}`;
};

const isMe = (path: readonly string[]): boolean => path.length === 2 && path[0] === 'me' && path[1] === 'record';

/** A value in the words of the field it is compared with. */
export const sayOperand = (operand: Operand, type: ValueType, context: SayContext): string => {
  const say = (value: Scalar, as = type): string => comparedWith(as)?.show(value, context.values) ?? '';
  switch (operand.kind) {
    case 'number':
      return say(operand.text, type.kind === 'number' ? type : { kind: 'number' }) || operand.text;
    case 'text': {
      if (type.kind === 'link') return context.recordLabel?.(type.register, operand.text) ?? 'a record';
      return type.kind === 'choice' || type.kind === 'choices' ? say(operand.text) : `“${operand.text}”`;
    }
    case 'boolean':
      return operand.value ? 'yes' : 'no';
    case 'time':
      return say(operand.time, { kind: 'time' });
    case 'date':
      return say(operand.date, { kind: 'date' });
    case 'moment':
      return say(operand.moment, { kind: 'moment' });
    case 'duration':
      return say(operand.duration, { kind: 'days' });
    case 'span': {
      const [from, to] = [operand.from, operand.to].map((day) => sayOperand(day, { kind: 'date' }, context));
      return from === to ? (from ?? '') : `${from} to ${to}`;
    }
    case 'today':
    case 'now':
      return operand.kind;
    case 'away':
      return sayAway(operand.unit, operand.count);
    case 'field':
      // Who reads it is the record they are: "whose owner is me".
      return isMe(operand.path) ? 'me' : sayPath(operand.path, context.vocabulary);
  }
};

/** "Boat’s owner’s name" for `boat.owner.name`. */
export const sayPath = (path: readonly string[], vocabulary: Vocabulary): string =>
  (findField(vocabulary, path)?.labels ?? path).map((label, i) => (i === 0 ? label : lowerFirst(label))).join('’s ');

const words = (text: string): SentencePart => ({ role: 'words', text });

const sayTest = (test: Test, type: ValueType, mood: Mood, context: SayContext): SentencePart[] => {
  const head: SentencePart = { role: 'test', text: testWords(test.kind, type, mood) };
  switch (test.kind) {
    case 'answered':
    case 'not_answered':
    case 'has_some':
    case 'has_none':
      return [head];
    case 'includes':
      return [head, { role: 'value', text: sayOperand(test.value, type, context) }];
    case 'is':
    case 'is_not': {
      const said = test.values.map((value) => sayOperand(value, type, context));
      return [head, { role: 'value', text: joinWords(said, 'or') }];
    }
    case 'over':
    case 'at_least':
    case 'under':
    case 'at_most':
    case 'overlaps':
    case 'during':
    case 'covers':
      return [head, { role: 'value', text: sayOperand(test.value, type, context) }];
    case 'between': {
      const [low, high] = [sayOperand(test.low, type, context), sayOperand(test.high, type, context)];
      return [head, { role: 'value', text: `${low} and ${high}` }];
    }
    case 'contains':
    case 'starts_with':
    case 'matches':
      return [head, { role: 'value', text: `“${test.text}”` }];
    case 'at_least_characters':
    case 'at_most_characters':
      return [head, { role: 'value', text: test.count }, words(test.count === '1' ? 'character' : 'characters')];
  }
};

const placed = (part: SentencePart, places: ClausePlaces | undefined): SentencePart => {
  if (!places) return part;
  const span = part.role === 'field' ? places.field : part.role === 'value' ? places.value : places.clause;
  return span ? { ...part, span } : part;
};

/**
 * A clause as the parts of a sentence, to be joined by spaces. With `subject` given, a clause about that very field
 * leaves its name out: the outline says it once, above. With `places`, each part knows the piece it stands for.
 */
export const sayClause = (
  clause: Clause,
  mood: Mood,
  context: SayContext,
  subject?: string,
  places?: ClausePlaces,
): SentencePart[] => {
  const found = findField(context.vocabulary, clause.field);
  if (!found) return [words(clause.field.join('.'))];
  const field: SentencePart = { role: 'field', text: sayPath(clause.field, context.vocabulary) };
  const test = sayTest(clause.test, found.type, mood, context);
  const own = clause.field.length === 1 && clause.field[0] === subject;
  return (own ? test : [field, ...test]).map((part) => placed(part, places));
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
