import { joinWords } from '../base/index.ts';
import {
  type Condition,
  checkExpression,
  findCondition,
  findField,
  type Operand,
  parseExpression,
  type SayContext,
  type SentencePart,
  sayClause,
  sayOperand,
  sayPath,
  type Vocabulary,
} from '../expression/index.ts';
import { rowsKey } from '../sql/index.ts';
import { recordBehind } from '../values/index.ts';
import { offeringVocabulary } from './compile-look-up.ts';
import type { AskedOfNew, Column, OffersNew, Rule } from './definition.ts';

/** A part of a rule's sentence, and which clause of its condition it belongs to (none for words). */
export interface RulePart extends SentencePart {
  readonly clause: number | null;
}

const words = (text: string): RulePart => ({ role: 'words', text, clause: null });

/** The condition of an `asked_when` or `must` rule, or null where it does not parse or only a formula can say it. */
export const ruleCondition = (text: string): Condition | null => {
  const parsed = parseExpression(text);
  return parsed.ok ? findCondition(parsed.value) : null;
};

const conditionParts = (
  text: string,
  mood: 'is' | 'must',
  context: SayContext,
  subject: string | undefined,
): RulePart[] => {
  const condition = ruleCondition(text);
  if (!condition) return [{ role: 'value', text, clause: 0 }];
  return condition.clauses.flatMap((clause, i) => {
    const parts = sayClause(clause, mood, context, subject).map((part) => ({ ...part, clause: i }));
    return i === 0 ? parts : [words(condition.join), ...parts];
  });
};

/** The value of a `starts_as` rule as an operand, or null where it is a formula. */
export const startOperand = (text: string): Operand | null => {
  const condition = ruleCondition(`x = ${text}`);
  const test = condition?.clauses[0]?.test;
  return condition?.clauses.length === 1 && test?.kind === 'is' && test.values.length === 1
    ? (test.values[0] ?? null)
    : null;
};

/** Choices by their labels. */
export const sayChoices = (codes: readonly string[], subject: string, context: SayContext): string => {
  const type = findField(context.vocabulary, [subject])?.type;
  const choices = type && 'list' in type ? context.vocabulary.choices(type.list) : [];
  return joinWords(
    codes.map((code) => choices.find((choice) => choice.code === code)?.label ?? code),
    'and',
  );
};

/**
 * A rule of the question `subject` as the parts of one sentence, to be joined by spaces. For a column of rows `context` has
 * the names of a row, and `form` those of the form around it.
 */
export const sayRule = (
  rule: Rule,
  subject: string,
  context: SayContext,
  form: Vocabulary = context.vocabulary,
): RulePart[] => {
  switch (rule.kind) {
    case 'must_be_answered':
      return [words('must be answered')];
    case 'starts_as': {
      const operand = startOperand(rule.value);
      const type = findField(context.vocabulary, [subject])?.type;
      return [
        words('starts as'),
        { role: 'value', text: operand && type ? sayOperand(operand, type, context) : rule.value, clause: 0 },
      ];
    }
    case 'worked_out_as':
      return [words('is worked out as'), { role: 'value', text: rule.value, clause: 0 }];
    case 'hidden':
      return [words('is hidden')];
    case 'not_kept':
      return [words('is shown and not kept')];
    case 'starts_as_opened': {
      const names = context.vocabulary.linked(rule.register);
      const path = rule.from === undefined || !names ? '' : `${sayPath(rule.from.split('.'), names)} of `;
      const record = `the ${rule.register.replaceAll('_', ' ')} record it was opened from`;
      return [words('starts as'), { role: 'value', text: `${path}${record}`, clause: 0 }];
    }
    case 'starts_as_addressed':
      return [words('starts as what the address says for'), { role: 'value', text: rule.name, clause: 0 }];
    case 'must_be_unique':
      return [words('must be unique')];
    case 'offers_where': {
      const target = findField(context.vocabulary, [subject])?.type;
      const names = target && 'register' in target ? offeringVocabulary(form, target.register) : null;
      const offering = names ? { ...context, vocabulary: names } : context;
      return [words('offers only those whose'), ...conditionParts(rule.condition, 'is', offering, undefined)];
    }
    case 'offers_new':
      return sayOffersNew(rule, subject, context);
    case 'fetches': {
      const named = context.vocabulary.names.get(rule.question);
      const behind = recordBehind(named?.type);
      const linked = behind === null ? null : context.vocabulary.linked(behind);
      return [
        words('fetches'),
        { role: 'field', text: named?.label ?? rule.question, clause: 0 },
        words('by its'),
        { role: 'value', text: linked?.names.get(rule.by)?.label ?? rule.by, clause: 0 },
      ];
    }
    case 'hidden_as':
      return [words('is hidden and set to'), { role: 'value', text: rule.value, clause: 0 }];
    case 'locked_when':
      return [words('is locked when'), ...conditionParts(rule.condition, 'is', context, undefined)];
    case 'offers_only':
      return [
        words('offers only'),
        { role: 'value', text: sayChoices(rule.choices, subject, context), clause: 0 },
        ...(rule.condition === undefined
          ? []
          : [words('when'), ...conditionParts(rule.condition, 'is', context, undefined)]),
      ];
    case 'asked_when':
      return [words('is asked when'), ...conditionParts(rule.condition, 'is', context, undefined)];
    case 'must':
      return conditionParts(rule.condition, 'must', context, subject);
    case 'fills_cell': {
      const rows = rowNames(subject, context);
      return [
        words('fills'),
        { role: 'field', text: rows?.names.get(rule.cell)?.label ?? rule.cell, clause: 0 },
        words('of each from'),
        { role: 'value', text: rows ? sayPath(rule.from.split('.'), rows) : rule.from, clause: 0 },
      ];
    }
    case 'fills':
      return [
        words('fills'),
        { role: 'field', text: context.vocabulary.names.get(rule.question)?.label ?? rule.question, clause: 0 },
        words('from'),
        { role: 'value', text: sayPath(rule.from.split('.'), context.vocabulary), clause: 0 },
      ];
  }
};

/** The names of the register that a look-up leads to, or null where it is none. */
const linkedNames = (subject: string, { vocabulary }: SayContext): Vocabulary | null => {
  const type = findField(vocabulary, [subject])?.type;
  return type && 'register' in type ? vocabulary.linked(type.register) : null;
};

/** What is asked of a record that is made along: "Name, must be answered". */
const sayAskedOfNew = ({ field, label, rules }: AskedOfNew, names: Vocabulary, context: SayContext): string => {
  const within = { ...context, vocabulary: names };
  const said = rules.map((rule) =>
    sayRule(rule, field, within)
      .map((part) => part.text)
      .join(' '),
  );
  return [label ?? names.names.get(field)?.label ?? field, ...said].join(', ');
};

const sayOffersNew = ({ asks }: OffersNew, subject: string, context: SayContext): RulePart[] => {
  const names = linkedNames(subject, context);
  const said = names ? asks.map((asked) => sayAskedOfNew(asked, names, context)) : asks.map(({ field }) => field);
  return [words('offers a new one, asked for'), { role: 'value', text: joinWords(said, 'and'), clause: 0 }];
};

/** The rules of rows' columns as sentences: "Price must be at least 0". */
export const sayColumns = (columns: readonly Column[], subject: string, context: SayContext): string[] => {
  const rows = rowNames(subject, context);
  return columns.flatMap(({ field, label, rules }) => {
    const called = label ?? rows?.names.get(field)?.label ?? field;
    return rules.map((rule) => {
      const said = sayRule(rule, field, rows ? { ...context, vocabulary: rows } : context, context.vocabulary);
      return `${called} of each ${said.map((part) => part.text).join(' ')}`;
    });
  });
};

/** Paths a look-up can fill a question from: the fields of the linked record that fit it. */
export const fillSources = (lookUp: string, target: string, context: SayContext): string[] => {
  const from = recordBehind(findField(context.vocabulary, [lookUp])?.type);
  const to = findField(context.vocabulary, [target])?.type;
  if (from === null || !to || lookUp === target) return [];
  const names = context.vocabulary.linked(from)?.names ?? new Map<string, never>();
  return [...names.keys()]
    .map((name) => `${lookUp}.${name}`)
    .filter((path) => checkExpression(path, context.vocabulary, { kind: 'value', type: to }).ok);
};

/** The names of the rows a question holds, or null where it holds none. */
const rowNames = (subject: string, { vocabulary }: SayContext): Vocabulary | null =>
  vocabulary.linked(rowsKey(vocabulary.register, subject));

/** What look-ups in a question's rows can fill: each cell with the paths that fit it. */
export const cellFillsOf = (subject: string, context: SayContext): { cell: string; from: string }[] => {
  const rows = rowNames(subject, context);
  if (!rows) return [];
  const named = [...rows.names.values()].filter(({ name }) => name !== 'entry');
  return named.flatMap(({ name: lookUp, type }) => {
    const behind = recordBehind(type);
    const linked = behind === null ? null : rows.linked(behind);
    const paths = [...(linked?.names.keys() ?? [])].map((name) => `${lookUp}.${name}`);
    return named
      .filter((cell) => cell.name !== lookUp && !cell.formula && cell.type.kind !== 'records')
      .flatMap(({ name: cell, type: held }) =>
        held.kind === 'records'
          ? []
          : paths
              .filter((path) => checkExpression(path, rows, { kind: 'value', type: held }).ok)
              .map((from) => ({ cell, from })),
      );
  });
};
