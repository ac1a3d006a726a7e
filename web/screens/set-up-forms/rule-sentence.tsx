import {
  conditionText,
  firstOperand,
  type Operand,
  operandText,
  type SayContext,
  sayPath,
  toTest,
} from '#core/expression/index.ts';
import {
  type Form,
  fillSources,
  type Question,
  type Rule,
  type RuleKind,
  sayRule,
  startOperand,
} from '#core/form/index.ts';
import type { ValueType } from '#core/values/index.ts';
import { ConditionEditor } from '../../ui/condition-editor.tsx';
import { OperandEditor } from '../../ui/operand-editor.tsx';
import { Part, PickOne, PickYesNo } from '../../ui/part.tsx';

interface Props {
  readonly rule: Rule;
  readonly question: Question;
  readonly form: Form;
  readonly context: SayContext;
  readonly onChange: (rule: Rule) => void;
}

/** One rule as a sentence, its parts changed in place. */
export const RuleSentence = ({ rule, question, form, context, onChange }: Props) => {
  switch (rule.kind) {
    case 'must_be_answered':
      return <>must be answered</>;
    case 'starts_as': {
      const [, value] = sayRule(rule, question.field, context);
      const type = context.vocabulary.names.get(question.field)?.type;
      return (
        <>
          starts as{' '}
          <Part text={value?.text ?? ''} what="value">
            {(close) =>
              type && (
                <StartValue
                  type={type}
                  value={startOperand(rule.value)}
                  context={context}
                  onChange={(operand) => {
                    onChange({ kind: 'starts_as', value: operandText(operand) });
                    close();
                  }}
                />
              )
            }
          </Part>
        </>
      );
    }
    case 'asked_when':
      return (
        <>
          is asked when{' '}
          <ConditionEditor
            text={rule.condition}
            context={context}
            mood="is"
            onChange={(condition) => onChange({ kind: 'asked_when', condition })}
          />
        </>
      );
    case 'must':
      return (
        <ConditionEditor
          text={rule.condition}
          context={context}
          mood="must"
          subject={question.field}
          onChange={(condition) => onChange({ ...rule, condition })}
        />
      );
    case 'fills': {
      const label = (key: string) => context.vocabulary.names.get(key)?.label ?? key;
      const targets = fillTargets(question, form, context);
      return (
        <>
          fills{' '}
          <Part text={label(rule.question)} what="question it fills">
            {(close) => (
              <PickOne
                options={targets.map((key) => ({ value: key, label: label(key) }))}
                chosen={rule.question}
                onPick={(key) => {
                  const [from] = fillSources(question.field, key, context);
                  if (from) onChange({ kind: 'fills', question: key, from });
                  close();
                }}
              />
            )}
          </Part>{' '}
          from{' '}
          <Part text={sayPath(rule.from.split('.'), context.vocabulary)} what="source">
            {(close) => (
              <PickOne
                options={fillSources(question.field, rule.question, context).map((path) => ({
                  value: path,
                  label: sayPath(path.split('.'), context.vocabulary),
                }))}
                chosen={rule.from}
                onPick={(from) => {
                  onChange({ ...rule, from });
                  close();
                }}
              />
            )}
          </Part>
        </>
      );
    }
  }
};

/** Questions that a look-up has something for. */
const fillTargets = (question: Question, form: Form, context: SayContext): string[] =>
  form.questions.map((each) => each.field).filter((key) => fillSources(question.field, key, context).length > 0);

interface StartProps {
  readonly type: ValueType;
  readonly value: Operand | null;
  readonly context: SayContext;
  readonly onChange: (operand: Operand) => void;
}

const StartValue = ({ type, value, context, onChange }: StartProps) => {
  if (type.kind === 'choice') {
    const choices = context.vocabulary.choices(type.list).filter((choice) => !choice.retired);
    return (
      <PickOne
        options={choices.map((choice) => ({ value: choice.code, label: choice.label }))}
        chosen={value?.kind === 'text' ? value.text : null}
        onPick={(code) => onChange({ kind: 'text', text: code })}
      />
    );
  }
  if (type.kind === 'boolean') {
    return (
      <PickYesNo
        chosen={value?.kind === 'boolean' ? value.value : null}
        onPick={(picked) => onChange({ kind: 'boolean', value: picked })}
      />
    );
  }
  return <OperandEditor type={type} value={value} context={context} onChange={onChange} />;
};

const TEMPLATES: { readonly [K in RuleKind]: string } = {
  must_be_answered: 'must be answered',
  starts_as: 'starts as …',
  asked_when: 'is asked when …',
  must: 'must be …',
  fills: 'fills … from …',
};

/** A rule of a kind to begin with, or null where the question has no use for it. */
const firstRule = (kind: RuleKind, question: Question, form: Form, context: SayContext): Rule | null => {
  const type = context.vocabulary.names.get(question.field)?.type;
  if (!type) return null;
  switch (kind) {
    case 'must_be_answered':
      return question.rules.some((rule) => rule.kind === kind) ? null : { kind };
    case 'starts_as': {
      const operand = question.rules.some((rule) => rule.kind === kind) ? null : firstOperand(type, context.vocabulary);
      return operand ? { kind, value: operandText(operand) } : null;
    }
    case 'asked_when': {
      const others = form.questions.map((each) => each.field).filter((key) => key !== question.field);
      // A choice is what most conditions ask about.
      const other = others.find((key) => context.vocabulary.names.get(key)?.type.kind === 'choice') ?? others[0];
      const named = other ? context.vocabulary.names.get(other) : undefined;
      const test = named
        ? (toTest(named.type.kind === 'choice' ? 'is' : 'answered', named.type, context.vocabulary, null) ?? {
            kind: 'answered' as const,
          })
        : null;
      return other && test
        ? { kind, condition: conditionText({ join: 'and', clauses: [{ field: [other], test }] }) }
        : null;
    }
    case 'must': {
      const first = {
        number: 'over',
        date: 'at_most',
        moment: 'at_most',
        text: 'at_least_characters',
        choice: 'is',
        boolean: 'is',
        link: null,
      } as const;
      const testKind = first[type.kind];
      const test = testKind ? toTest(testKind, type, context.vocabulary, null) : null;
      return test
        ? { kind, condition: conditionText({ join: 'and', clauses: [{ field: [question.field], test }] }) }
        : null;
    }
    case 'fills': {
      const targets = fillTargets(question, form, context);
      // A field of the same name is most likely meant: the boat's owner for the question Owner.
      const namesake = targets.find((key) =>
        fillSources(question.field, key, context).includes(`${question.field}.${key}`),
      );
      const target = namesake ?? targets[0];
      const from = namesake
        ? `${question.field}.${namesake}`
        : target
          ? fillSources(question.field, target, context)[0]
          : undefined;
      return target && from ? { kind, question: target, from } : null;
    }
  }
};

const KINDS = ['must_be_answered', 'starts_as', 'asked_when', 'must', 'fills'] as const;

/** The five kinds of rule, those that fit the question. */
export const AddRule = ({
  question,
  form,
  context,
  onAdd,
}: {
  question: Question;
  form: Form;
  context: SayContext;
  onAdd: (rule: Rule) => void;
}) => {
  const label = context.vocabulary.names.get(question.field)?.label ?? question.field;
  return (
    <Part text="add a rule" what={`rules of ${label}`}>
      {(close) => (
        <PickOne
          options={KINDS.filter((kind) => firstRule(kind, question, form, context) !== null).map((kind) => ({
            value: kind,
            label: TEMPLATES[kind],
          }))}
          chosen={null}
          onPick={(kind) => {
            const rule = firstRule(kind, question, form, context);
            if (rule) onAdd(rule);
            close();
          }}
        />
      )}
    </Part>
  );
};
