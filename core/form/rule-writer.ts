import {
  checkExpression,
  findField,
  matching,
  type Offer,
  operandText,
  type SayContext,
  type SentencePart,
  sayPath,
  type Writing,
  writeCondition,
  writeValue,
} from '../expression/index.ts';
import type { Catalogue } from '../register/index.ts';
import { choicesBehind, isSameSort, recordBehind, valueTraits } from '../values/index.ts';
import { offeringVocabulary } from './compile-look-up.ts';
import type { Form, Question, Rule } from './definition.ts';
import { offersNewOf } from './new-records.ts';
import { cellFillsOf, fillSources, sayChoices, sayRule } from './say-rule.ts';

/** What a rule's writing ends in: the rule, or the wish to write its condition or value as a formula. */
export type Written =
  | { readonly kind: 'rule'; readonly rule: Rule }
  | { readonly kind: 'formula'; readonly rule: Rule };

const words = (text: string): SentencePart => ({ role: 'words', text });
const done = (label: string, rule: Rule): Offer<Written> => ({
  label,
  to: { kind: 'done', outcome: { kind: 'rule', rule } },
});
const formula = (label: string, rule: Rule): Offer<Written> => ({
  label,
  to: { kind: 'done', outcome: { kind: 'formula', rule } },
});
const on = (label: string, next: () => Writing<Written>): Offer<Written> => ({ label, to: { kind: 'on', next } });

/** Questions that a look-up has something for. */
export const fillTargets = (question: Question, form: Form, context: SayContext): string[] =>
  form.questions.map((each) => each.field).filter((key) => fillSources(question.field, key, context).length > 0);

const fills = (question: Question, form: Form, context: SayContext): Writing<Written> => {
  const label = (key: string) => context.vocabulary.names.get(key)?.label ?? key;
  const source = (target: string): Writing<Written> => ({
    said: [words('fills'), { role: 'field', text: label(target) }, words('from')],
    wants: 'a field of the record chosen',
    offers: (typed) =>
      matching(
        fillSources(question.field, target, context).map((from) =>
          done(sayPath(from.split('.'), context.vocabulary), { kind: 'fills', question: target, from }),
        ),
        typed,
      ),
  });
  return {
    said: [words('fills')],
    wants: 'the question to fill',
    offers: (typed) =>
      matching(
        fillTargets(question, form, context).map((target) => on(label(target), () => source(target))),
        typed,
      ),
  };
};

/** What a question can start as where the form is opened from a record that the form's register links to. */
const openings = (field: string, context: SayContext): Rule[] => {
  const { vocabulary } = context;
  const type = findField(vocabulary, [field])?.type;
  const registers = new Set([...vocabulary.names.values()].flatMap((each) => recordBehind(each.type) ?? []));
  if (!type) return [];
  return [...registers].flatMap((register): Rule[] => {
    const names = vocabulary.linked(register);
    const own = recordBehind(type);
    if (own !== null) return own === register ? [{ kind: 'starts_as_opened', register }] : [];
    return [...(names?.names.keys() ?? [])]
      .filter((from) => names && checkExpression(from, names, { kind: 'value', type }).ok)
      .map((from) => ({ kind: 'starts_as_opened', register, from }));
  });
};

/** The look-ups whose record a question's answer can fetch, each by a field that holds the same kind of value. */
const fetchings = ({ field }: Question, form: Form, { vocabulary }: SayContext): Rule[] => {
  const own = findField(vocabulary, [field])?.type;
  if (!own || !valueTraits(own).isKey) return [];
  return form.questions.flatMap(({ field: question }): Rule[] => {
    const behind = question === field ? null : recordBehind(findField(vocabulary, [question])?.type);
    const names = behind === null ? undefined : vocabulary.linked(behind)?.names;
    return [...(names?.values() ?? [])]
      .filter((each) => isSameSort(each.type, own) && !each.formula)
      .map(({ name: by }) => ({ kind: 'fetches', question, by }));
  });
};

const ADDRESS_NAME = /^[A-Za-z][A-Za-z0-9_-]{0,39}$/;

/** The name is typed: any word that can stand in an address. */
const addressed: Writing<Written> = {
  said: [words('starts as what the address says for')],
  wants: 'a name, such as donor in “?donor=…”',
  offers: (typed) =>
    ADDRESS_NAME.test(typed.trim()) ? [done(typed.trim(), { kind: 'starts_as_addressed', name: typed.trim() })] : [],
};

/** Choices one after the other, until there are enough. */
const offersOnly = (
  subject: string,
  list: string,
  context: SayContext,
  codes: readonly string[],
): Writing<Written> => ({
  said: [words('offers only'), ...(codes.length > 0 ? [words(sayChoices(codes, subject, context))] : [])],
  wants: codes.length === 0 ? 'a choice to offer' : 'another choice, or that these are all',
  offers: (typed) =>
    matching(
      [
        ...(codes.length > 0 ? [done('and no other', { kind: 'offers_only', choices: [...codes] })] : []),
        ...context.vocabulary
          .choices(list)
          .filter((choice) => !choice.retired && !codes.includes(choice.code))
          .map((choice) => on(choice.label, () => offersOnly(subject, list, context, [...codes, choice.code]))),
      ],
      typed,
    ),
});

/** Begins a rule of a question: every kind of rule it has a use for, each as the beginning of its sentence. */
export const writeRule = (
  question: Question,
  form: Form,
  context: SayContext,
  catalogue: Catalogue,
): Writing<Written> => {
  const { field } = question;
  const type = findField(context.vocabulary, [field])?.type;
  const lookedUp = type && 'register' in type ? offeringVocabulary(context.vocabulary, type.register) : null;
  const has = (kind: Rule['kind']) => question.rules.some((rule) => rule.kind === kind);
  const must = writeCondition<Written>({
    context,
    mood: 'must',
    far: false,
    subject: field,
    finish: (condition) => ({ kind: 'rule', rule: { kind: 'must', condition } }),
  });
  const asked = writeCondition<Written>({
    context,
    mood: 'is',
    far: false,
    before: [words('is asked when')],
    finish: (condition) => ({ kind: 'rule', rule: { kind: 'asked_when', condition } }),
  });
  const locked = writeCondition<Written>({
    context,
    mood: 'is',
    far: false,
    before: [words('is locked when')],
    finish: (condition) => ({ kind: 'rule', rule: { kind: 'locked_when', condition } }),
  });
  const starts = type
    ? writeValue<Written>(type, context, [words('starts as')], (operand) => ({
        kind: 'rule',
        rule: { kind: 'starts_as', value: operandText(operand) },
      }))
    : null;
  const said = (rule: Rule): Offer<Written> =>
    done(
      sayRule(rule, field, context)
        .map((part) => part.text)
        .join(' '),
      rule,
    );
  const offersWhere = lookedUp
    ? writeCondition<Written>({
        context: { ...context, vocabulary: lookedUp },
        mood: 'is',
        before: [words('offers only those whose')],
        finish: (condition) => ({ kind: 'rule', rule: { kind: 'offers_where', condition } }),
      })
    : null;
  const target = type && 'register' in type ? catalogue.registers.get(type.register) : undefined;
  const single = !has('worked_out_as') && !has('hidden_as') && !has('starts_as');
  const chosen = choicesBehind(type);
  const offers = (): Offer<Written>[] => [
    ...(has('must_be_answered') ? [] : [done('must be answered', { kind: 'must_be_answered' })]),
    // Being answered is a rule of its own, as the others are not looked at while there is no answer.
    ...must.offers('').filter((offer) => !offer.label.endsWith('be answered')),
    on('is asked when …', () => asked),
    ...(starts && single ? [on('starts as …', () => starts)] : []),
    ...(single ? openings(field, context).map(said) : []),
    ...(single ? [on('starts as what the address says …', () => addressed)] : []),
    ...(offersWhere ? [on('offers only those whose …', () => offersWhere)] : []),
    ...(target && !has('offers_new')
      ? [done(`offers a new ${target.singular.toLowerCase()}`, offersNewOf(target))]
      : []),
    ...fetchings(question, form, context).map(said),
    ...(has('must_be_unique') ? [] : [done('must be unique', { kind: 'must_be_unique' })]),
    ...(has('hidden') ? [] : [done('is hidden', { kind: 'hidden' })]),
    ...(has('not_kept') || has('hidden') ? [] : [done('is shown and not kept', { kind: 'not_kept' })]),
    ...(fillTargets(question, form, context).length > 0 ? [on('fills …', () => fills(question, form, context))] : []),
    ...cellFillsOf(field, context).map((fill) => said({ kind: 'fills_cell', ...fill })),
    ...(chosen ? [on('offers only …', () => offersOnly(field, chosen, context, []))] : []),
    on('is locked when …', () => locked),
    ...(single
      ? [
          formula('is worked out as … (a formula)', { kind: 'worked_out_as', value: '' }),
          formula('is hidden and set to … (a formula)', { kind: 'hidden_as', value: '' }),
        ]
      : []),
    formula('is asked when … (as a formula)', { kind: 'asked_when', condition: '' }),
    formula('must … (as a formula)', { kind: 'must', condition: '' }),
  ];
  return {
    said: [],
    wants: 'Add a rule: “must…”, “starts as…”, “is asked when…”',
    offers: (typed) => matching(offers(), typed),
  };
};
