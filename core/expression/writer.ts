import { foldText, joinWords } from '../base/index.ts';
import type { ValueType } from '../values/index.ts';
import { type Clause, conditionText, type Operand, type Test, type TestKind } from './condition.ts';
import { fieldsLike, readOperand } from './read-operand.ts';
import {
  type Mood,
  type SayContext,
  type SentencePart,
  sayClause,
  sayOperand,
  sayPath,
  testsFor,
  testWords,
  toTest,
} from './sentence.ts';
import { usualWords } from './usual-words.ts';
import { findField } from './vocabulary.ts';

/** A sentence while it is written: what is said so far, and what can come next after the letters typed. */
export interface Writing<T> {
  readonly said: readonly SentencePart[];
  /** What is wanted next, for the empty box: "a field", "a date". */
  readonly wants: string;
  readonly offers: (typed: string) => readonly Offer<T>[];
}

/** One way on: its words, and where it leads; the sentence so far, or the finished outcome. */
export interface Offer<T> {
  readonly label: string;
  /** Other words for the same, by which it is found too. */
  readonly also?: readonly string[];
  /** Where it leads is worked out when it is taken: sentences have no end. */
  readonly to:
    | { readonly kind: 'on'; readonly next: () => Writing<T> }
    | { readonly kind: 'done'; readonly outcome: T };
}

/** The offers whose words have the letters typed, those that begin with them first, and their other words last. */
export const matching = <T>(offers: readonly Offer<T>[], typed: string): readonly Offer<T>[] => {
  const wanted = foldText(typed);
  const rank = ({ label, also = [] }: Offer<T>): number => {
    const words = foldText(label);
    if (words.startsWith(wanted)) return 0;
    if (words.includes(wanted)) return 1;
    return also.some((each) => foldText(each).startsWith(wanted)) ? 2 : 3;
  };
  const ranked = offers.map((offer) => ({ offer, at: rank(offer) }));
  return [0, 1, 2].flatMap((at) => ranked.filter((each) => each.at === at).map((each) => each.offer));
};

const MOST_LINKS = 4;

interface Setting<T> {
  readonly context: SayContext;
  readonly mood: Mood;
  /** The question a rule stands under: its clause begins with the test. */
  readonly subject: string | undefined;
  /** Whether fields of linked records may be spoken of. */
  readonly far: boolean;
  /** Words before the condition. */
  readonly before: readonly SentencePart[];
  readonly finish: (text: string) => T;
}

interface Progress {
  readonly clauses: readonly Clause[];
  readonly join: 'and' | 'or';
}

const word = (text: string): SentencePart => ({ role: 'words', text });

const saidSoFar = <T>({ context, mood, subject, before }: Setting<T>, { clauses, join }: Progress): SentencePart[] => [
  ...before,
  ...clauses.flatMap((clause, i) => [...(i > 0 ? [word(join)] : []), ...sayClause(clause, mood, context, subject)]),
];

/** Fields to speak of, from a path of links on; a link is offered itself and as the way to its record's fields. */
const fields = <T>(
  setting: Setting<T>,
  progress: Progress,
  path: readonly string[],
  joining: readonly SentencePart[],
): Writing<T> => {
  const { context } = setting;
  const said = [
    ...saidSoFar(setting, progress),
    ...joining,
    ...(path.length > 0 ? [word(`${sayPath(path, context.vocabulary)}’s`)] : []),
  ];
  const link = path.length > 0 ? findField(context.vocabulary, path)?.type : undefined;
  const names = link?.kind === 'link' ? context.vocabulary.linked(link.register)?.names : context.vocabulary.names;
  const offers = [...(names?.values() ?? [])].flatMap((named): Offer<T>[] => {
    const at = [...path, named.name];
    const { type } = named;
    if (type.kind === 'records') return [];
    const chosen: Offer<T> = {
      label: named.label,
      to: { kind: 'on', next: () => tests(setting, progress, at, type, joining) },
    };
    const leads =
      setting.far &&
      type.kind === 'link' &&
      path.length < MOST_LINKS &&
      context.vocabulary.linked(type.register) !== null;
    if (!leads) return [chosen];
    const through = {
      label: `${named.label}’s …`,
      to: { kind: 'on' as const, next: () => fields(setting, progress, at, joining) },
    };
    return [chosen, through];
  });
  return { said, wants: 'a field', offers: (typed) => matching(offers, typed) };
};

const fieldParts = <T>({ context, subject }: Setting<T>, field: readonly string[]): SentencePart[] =>
  field.length === 1 && field[0] === subject ? [] : [{ role: 'field', text: sayPath(field, context.vocabulary) }];

const tests = <T>(
  setting: Setting<T>,
  progress: Progress,
  field: readonly string[],
  type: ValueType,
  joining: readonly SentencePart[],
): Writing<T> => {
  const { context, mood } = setting;
  const said = [...saidSoFar(setting, progress), ...joining, ...fieldParts(setting, field)];
  const offers = testsFor(type)
    .filter(
      (kind) =>
        type.kind !== 'link' ||
        kind === 'answered' ||
        kind === 'not_answered' ||
        fieldsLike(type, context, field[0]).length > 0,
    )
    .map((kind): Offer<T> => {
      const label = testWords(kind, type, mood);
      const also = usualWords(kind, mood);
      return needsNoValue(kind)
        ? { label, also, to: { kind: 'on', next: () => clauseEnd(setting, progress, { field, test: { kind } }) } }
        : {
            label: `${label} …`,
            also,
            to: {
              kind: 'on',
              next: () =>
                values(setting, progress, {
                  field,
                  type,
                  kind,
                  given: [],
                  said: [...said, { role: 'test', text: label }],
                }),
            },
          };
    });
  return { said, wants: 'what is said of it', offers: (typed) => matching(offers, typed) };
};

/** The tests that say all by themselves. */
const needsNoValue = (kind: TestKind): kind is 'answered' | 'not_answered' | 'has_some' | 'has_none' =>
  kind === 'answered' || kind === 'not_answered' || kind === 'has_some' || kind === 'has_none';

interface Open {
  readonly field: readonly string[];
  readonly type: ValueType;
  readonly kind: TestKind;
  readonly given: readonly Operand[];
  readonly said: readonly SentencePart[];
}

/** What is wanted, in words; of numbers by what they are. */
const wantsOf = (type: ValueType): string => {
  if (type.kind !== 'number') return WANTS[type.kind];
  if (type.share) return 'a percentage, such as 20 %';
  if (type.currency !== undefined) return 'an amount';
  return type.unit === undefined ? WANTS.number : `a number of ${type.unit}`;
};

const WANTS: { readonly [K in ValueType['kind']]: string } = {
  number: 'a number',
  text: 'a text',
  boolean: 'yes or no',
  date: 'a date, today, or 30 days ago',
  moment: 'a date and time, now, or 2 days ago',
  choice: 'one of its choices',
  link: 'another field',
  time: 'a time of day',
  days: 'hours and minutes, such as 7:30 or 45 min',
  span: 'a first and a last day, such as 1 Nov to 5 Nov, or today',
  choices: 'one of its choices',
  links: 'a record',
  texts: 'a text',
  rows: 'a row',
};

/** The test that values make, or null where one more is needed. */
const testOf = ({ kind, type, given }: Open, context: SayContext): Test | null => {
  const [first, second] = given;
  if (!first) return null;
  switch (kind) {
    case 'between':
      return second ? { kind, low: first, high: second } : null;
    case 'is':
    case 'is_not':
      return { kind, values: given };
    case 'contains':
    case 'starts_with':
    case 'matches':
      return first.kind === 'text' ? { kind, text: first.text } : null;
    case 'at_least_characters':
    case 'at_most_characters':
      return first.kind === 'number' ? { kind, count: first.text } : null;
    default:
      return toTest(kind, type, context.vocabulary, { kind: 'is', values: [first] });
  }
};

const countsCharacters = (kind: TestKind): boolean => kind === 'at_least_characters' || kind === 'at_most_characters';
const takesText = (kind: TestKind): boolean => kind === 'contains' || kind === 'starts_with' || kind === 'matches';

/** What is typed can be a value itself; what is known beforehand (choices, yes and no, today, like fields) is offered. */
const values = <T>(setting: Setting<T>, progress: Progress, open: Open): Writing<T> => {
  const { context } = setting;
  const type: ValueType = countsCharacters(open.kind) ? { kind: 'number' } : open.type;
  const known = takesText(open.kind) || countsCharacters(open.kind) ? [] : knownValues(type, context, open);
  const take = (operand: Operand): Offer<T> => {
    const next: Open = { ...open, given: [...open.given, operand] };
    const test = testOf(next, context);
    const label = sayOperand(operand, type, context);
    if (!test) {
      const said = [...open.said, { role: 'value' as const, text: label }, word('and')];
      return { label, to: { kind: 'on', next: () => values(setting, progress, { ...next, said }) } };
    }
    const many = type.kind === 'choice' && (open.kind === 'is' || open.kind === 'is_not');
    return {
      label,
      to: { kind: 'on', next: () => clauseEnd(setting, progress, { field: open.field, test }, many ? next : null) },
    };
  };
  return {
    said: open.said,
    wants: takesText(open.kind) ? 'a text' : wantsOf(type),
    offers: (typed) => {
      const operand = readOperand(typed, type, context);
      const written = operand ? [take(operand)] : [];
      const offered = matching(known.map(take), typed);
      return [...written, ...offered.filter((offer) => !written.some((each) => each.label === offer.label))];
    },
  };
};

const knownValues = (type: ValueType, context: SayContext, { field, given }: Open): Operand[] => {
  const like = fieldsLike(type, context, field[0]);
  switch (type.kind) {
    case 'choice':
    case 'choices':
      return context.vocabulary
        .choices(type.list)
        .filter((choice) => !choice.retired && !given.some((each) => each.kind === 'text' && each.text === choice.code))
        .map((choice): Operand => ({ kind: 'text', text: choice.code }));
    case 'boolean':
      return [true, false].map((value): Operand => ({ kind: 'boolean', value }));
    case 'date':
      return [{ kind: 'today' }, ...like];
    case 'moment':
      return [{ kind: 'now' }, ...like];
    case 'span':
      return [{ kind: 'span', from: { kind: 'today' }, to: { kind: 'today' } }];
    default:
      return like;
  }
};

/** After a clause: that is all, or more. A choice may be joined by another one. */
const clauseEnd = <T>(
  setting: Setting<T>,
  progress: Progress,
  clause: Clause,
  open: Open | null = null,
): Writing<T> => {
  const done: Progress = { ...progress, clauses: [...progress.clauses, clause] };
  const text = conditionText(done);
  const finish: Offer<T> = { label: 'that is all', to: { kind: 'done', outcome: setting.finish(text) } };
  const joins = progress.clauses.length > 0 ? [progress.join] : (['and', 'or'] as const);
  const more = joins.map((join): Offer<T> => {
    const next = { ...done, join };
    return { label: `${join} …`, to: { kind: 'on', next: () => fields(setting, next, [], [word(join)]) } };
  });
  const another: Offer<T>[] =
    open && knownValues(open.type, setting.context, open).length > 0
      ? [
          {
            label: 'or another choice …',
            to: {
              kind: 'on',
              next: () =>
                values(setting, progress, {
                  ...open,
                  said: [...saidChoices(open, setting.context), word('or')],
                }),
            },
          },
        ]
      : [];
  return {
    said: saidSoFar(setting, done),
    wants: 'Enter, or “and”',
    offers: (typed) => matching([finish, ...another, ...more], typed),
  };
};

const saidChoices = ({ said, given, type }: Open, context: SayContext): SentencePart[] => {
  const upToTest = said.findIndex((part) => part.role === 'test');
  const shown = given.map((operand) => sayOperand(operand, type, context));
  return [...said.slice(0, upToTest + 1), { role: 'value', text: joinWords(shown, 'or') }];
};

export interface WriteOptions<T> {
  readonly context: SayContext;
  readonly mood: Mood;
  /** A question whose rule is written: the first clause is about it. */
  readonly subject?: string | undefined;
  /** Clauses that stand already; the new ones are joined to them. */
  readonly after?: { readonly clauses: readonly Clause[]; readonly join: 'and' | 'or' } | undefined;
  /** Whether fields of linked records may be spoken of; a form's rules read its own questions only. */
  readonly far?: boolean | undefined;
  /** Words said before the condition. */
  readonly before?: readonly SentencePart[] | undefined;
  /** What the finished condition's text becomes. */
  readonly finish: (text: string) => T;
}

/** Begins to write a condition: the fields that can be spoken of, or for a rule what can be said of its question. */
export const writeCondition = <T>(options: WriteOptions<T>): Writing<T> => {
  const { context, mood, subject, after, far = true, before = [], finish } = options;
  const setting: Setting<T> = { context, mood, subject, far, before, finish };
  const progress: Progress = { clauses: after?.clauses ?? [], join: after?.join ?? 'and' };
  const type = subject ? findField(context.vocabulary, [subject])?.type : undefined;
  if (subject && type && progress.clauses.length === 0) return tests(setting, progress, [subject], type, []);
  return fields(setting, progress, [], progress.clauses.length > 0 ? [word(progress.join)] : []);
};

/** Begins to write one value of a type; what is picked or typed is the outcome. */
export const writeValue = <T>(
  type: ValueType,
  context: SayContext,
  said: readonly SentencePart[],
  finish: (operand: Operand) => T,
): Writing<T> => {
  const known = knownValues(type, context, { field: [], type, kind: 'is', given: [], said });
  const take = (operand: Operand): Offer<T> => ({
    label: sayOperand(operand, type, context),
    to: { kind: 'done', outcome: finish(operand) },
  });
  return {
    said,
    wants: wantsOf(type),
    offers: (typed) => {
      const operand = readOperand(typed, type, context);
      const written = operand ? [take(operand)] : [];
      return [
        ...written,
        ...matching(known.map(take), typed).filter((offer) => !written.some((each) => each.label === offer.label)),
      ];
    },
  };
};
