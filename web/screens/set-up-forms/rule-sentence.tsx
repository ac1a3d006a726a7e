import { useMemo, useState } from 'react';
import {
  type Expected,
  findField,
  type Operand,
  operandText,
  type SayContext,
  sayPath,
} from '#core/expression/index.ts';
import {
  type Form,
  fillSources,
  fillTargets,
  offeringVocabulary,
  type Question,
  type Rule,
  type RuleKind,
  sayChoices,
  sayRule,
  startOperand,
  writeRule,
} from '#core/form/index.ts';
import type { Catalogue, Field } from '#core/register/index.ts';
import type { ValueType } from '#core/values/index.ts';
import { ConditionEditor } from '../../fields/rules/condition-editor.tsx';
import { FormulaEditor } from '../../fields/rules/formula-editor.tsx';
import { Oddities } from '../../fields/rules/oddities.tsx';
import { OperandEditor } from '../../fields/rules/operand-editor.tsx';
import { SentenceWriter } from '../../fields/rules/sentence-writer.tsx';
import { Part, PickOne, PickYesNo } from '../../ui/part.tsx';
import { OffersNewSentence } from './offers-new.tsx';

interface Props {
  readonly rule: Rule;
  readonly question: Question;
  readonly field: Field;
  readonly catalogue: Catalogue;
  readonly form: Form;
  readonly context: SayContext;
  readonly onChange: (rule: Rule) => void;
}

/** One rule as a sentence, its parts changed in place. */
export const RuleSentence = ({ rule, question, field, catalogue, form, context, onChange }: Props) => {
  switch (rule.kind) {
    case 'must_be_answered':
      return <>must be answered</>;
    case 'starts_as': {
      const [, value] = sayRule(rule, question.field, context);
      const type = findField(context.vocabulary, [question.field])?.type;
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
          {type && (
            <Oddities
              text={rule.value}
              expected={{ kind: 'value', type }}
              context={context}
              onChange={(text) => onChange({ kind: 'starts_as', value: text })}
            />
          )}
        </>
      );
    }
    case 'hidden_as':
    case 'worked_out_as':
      return <WorkedOut rule={rule} question={question} context={context} onChange={onChange} />;
    case 'asked_when':
    case 'locked_when':
      return (
        <>
          {RULE_WORDS[rule.kind]}{' '}
          <ConditionEditor
            text={rule.condition}
            context={context}
            mood="is"
            far={false}
            onChange={(condition) => onChange({ ...rule, condition })}
          />
        </>
      );
    case 'offers_new':
      return (
        <OffersNewSentence rule={rule} field={field} context={context} catalogue={catalogue} onChange={onChange} />
      );
    case 'fills_cell':
    case 'fetches':
    case 'hidden':
    case 'not_kept':
    case 'must_be_unique':
    case 'starts_as_opened':
    case 'starts_as_addressed':
      return (
        <>
          {sayRule(rule, question.field, context)
            .map((part) => part.text)
            .join(' ')}
        </>
      );
    case 'offers_where': {
      const type = findField(context.vocabulary, [question.field])?.type;
      const names = type && 'register' in type ? offeringVocabulary(context.vocabulary, type.register) : null;
      return (
        <>
          {RULE_WORDS[rule.kind]}{' '}
          <ConditionEditor
            text={rule.condition}
            context={names ? { ...context, vocabulary: names } : context}
            mood="is"
            onChange={(condition) => onChange({ ...rule, condition })}
          />
        </>
      );
    }
    case 'offers_only':
      return <OffersOnly rule={rule} question={question} context={context} onChange={onChange} />;
    case 'must':
      return (
        <ConditionEditor
          text={rule.condition}
          context={context}
          mood="must"
          far={false}
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

interface OffersProps extends Omit<FormulaProps, 'onCancel' | 'rule'> {
  readonly rule: Rule & { readonly kind: 'offers_only' };
}

/** Which of a list's choices are offered: ticked in place. */
const OffersOnly = ({ rule, question, context, onChange }: OffersProps) => {
  const type = findField(context.vocabulary, [question.field])?.type;
  const choices = type && 'list' in type ? context.vocabulary.choices(type.list) : [];
  const toggle = (code: string): void => {
    const next = choices.map((each) => each.code).filter((each) => (each === code) !== rule.choices.includes(each));
    if (next.length > 0) onChange({ ...rule, choices: next });
  };
  return (
    <>
      offers only{' '}
      <Part text={sayChoices(rule.choices, question.field, context)} what="choices">
        {() => (
          <ul>
            {choices.map((choice) => (
              <li key={choice.code}>
                <label className="slip-row">
                  <input
                    type="checkbox"
                    checked={rule.choices.includes(choice.code)}
                    onChange={() => toggle(choice.code)}
                  />
                  {choice.label}
                </label>
              </li>
            ))}
          </ul>
        )}
      </Part>
      {rule.condition !== undefined && (
        <>
          {' when '}
          <ConditionEditor
            text={rule.condition}
            context={context}
            mood="is"
            far={false}
            onChange={(condition) => onChange({ ...rule, condition })}
          />
        </>
      )}
    </>
  );
};

const WorkedOut = ({ rule, question, context, onChange }: Omit<FormulaProps, 'onCancel'>) => {
  const [open, setOpen] = useState(false);
  if (open) {
    return (
      <RuleFormula
        rule={rule}
        question={question}
        context={context}
        onChange={(next) => {
          setOpen(false);
          onChange(next);
        }}
        onCancel={() => setOpen(false)}
      />
    );
  }
  const text = formulaOf(rule);
  return (
    <>
      {RULE_WORDS[rule.kind]}{' '}
      <button
        type="button"
        className="part font-mono"
        aria-label={`${text}, change the formula`}
        onClick={() => setOpen(true)}
      >
        {text}
      </button>
    </>
  );
};

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

interface AddRuleProps {
  readonly catalogue: Catalogue;
  readonly question: Question;
  readonly form: Form;
  readonly context: SayContext;
  readonly onAdd: (rule: Rule) => void;
  /** Nothing was added; `returns`: the focus goes back to where one began. */
  readonly onClose: (returns: boolean) => void;
}

/** Rules are added by writing them: each word offers what can come next. What only a formula can say opens as one. */
export const AddRule = ({ question, form, context, catalogue, onAdd, onClose }: AddRuleProps) => {
  const [formula, setFormula] = useState<Rule | null>(null);
  const label = context.vocabulary.names.get(question.field)?.label ?? question.field;
  if (formula) {
    return (
      <RuleFormula
        rule={formula}
        question={question}
        context={context}
        onChange={onAdd}
        onCancel={() => onClose(true)}
      />
    );
  }
  return (
    <SentenceWriter
      start={writeRule(question, form, context, catalogue)}
      label={`Rule of ${label}`}
      onDone={(written) => {
        if (written.kind === 'rule') onAdd(written.rule);
        else setFormula(written.rule);
      }}
      onCancel={() => onClose(true)}
      onLeave={() => onClose(false)}
    />
  );
};

const formulaOf = (rule: Rule): string => {
  if ('value' in rule) return rule.value;
  return 'condition' in rule ? (rule.condition ?? '') : '';
};

const withFormula = (rule: Rule, text: string): Rule => {
  if ('value' in rule) return { ...rule, value: text };
  return 'condition' in rule ? { ...rule, condition: text } : rule;
};

const CONDITION: Expected = { kind: 'condition' };

interface FormulaProps {
  readonly rule: Rule;
  readonly question: Question;
  readonly context: SayContext;
  readonly onChange: (rule: Rule) => void;
  readonly onCancel: () => void;
}

/** A rule whose condition or value is written as a formula. */
const RuleFormula = ({ rule, question, context, onChange, onCancel }: FormulaProps) => {
  const type = findField(context.vocabulary, [question.field])?.type;
  const gives = 'value' in rule;
  // One object for one type, so that the editor is not made anew with every letter.
  const expected = useMemo((): Expected => (gives && type ? { kind: 'value', type } : CONDITION), [gives, type]);
  return (
    <span className="block py-1">
      <span className="block pb-1">{RULE_WORDS[rule.kind]}</span>
      <FormulaEditor
        text={formulaOf(rule)}
        expected={expected}
        context={context}
        mood={rule.kind === 'must' ? 'must' : 'is'}
        onChange={(text) => onChange(withFormula(rule, text))}
        onCancel={onCancel}
      />
    </span>
  );
};

const RULE_WORDS: { readonly [K in RuleKind]: string } = {
  must_be_answered: 'must be answered',
  starts_as: 'starts as',
  worked_out_as: 'is worked out as',
  hidden_as: 'is hidden and set to',
  locked_when: 'is locked when',
  offers_only: 'offers only',
  asked_when: 'is asked when',
  offers_where: 'offers only those whose',
  offers_new: 'offers a new one',
  hidden: 'is hidden',
  not_kept: 'is shown and not kept',
  must_be_unique: 'must be unique',
  starts_as_opened: 'starts as',
  starts_as_addressed: 'starts as',
  fetches: 'fetches',
  must: 'must hold:',
  fills: 'fills',
  fills_cell: 'fills',
};
