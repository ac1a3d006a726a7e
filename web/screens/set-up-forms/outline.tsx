import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { type KeyboardEvent, useRef } from 'react';
import type { Problem } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import { type Form, formVocabulary, type Question, type Rule } from '#core/form/index.ts';
import { type Catalogue, type Field, type Register, valueContext } from '#core/register/index.ts';
import { KIND_WORDS } from '#core/values/index.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { AddRule, RuleSentence } from './rule-sentence.tsx';

interface Props {
  readonly form: Form;
  readonly register: Register;
  readonly catalogue: Catalogue;
  readonly problems: readonly Problem[];
  readonly onChange: (form: Form) => void;
}

/** The form as text: each question with its rules as sentences, in order; all of it by keyboard. */
export const Outline = ({ form, register, catalogue, problems, onChange }: Props) => {
  const list = useRef<HTMLOListElement>(null);
  const context: SayContext = {
    vocabulary: formVocabulary(form, register, catalogue),
    values: valueContext(catalogue),
  };
  const put = (questions: readonly Question[]) => onChange({ ...form, questions: [...questions] });
  const move = (at: number, by: number) => {
    const question = form.questions[at];
    if (!question || !form.questions[at + by]) return;
    put(form.questions.toSpliced(at, 1).toSpliced(at + by, 0, question));
    // The focus goes along with the question.
    requestAnimationFrame(() =>
      list.current?.querySelector<HTMLElement>(`[data-outline="${question.field}"] [data-handle]`)?.focus(),
    );
  };
  const onKeyDown = (event: KeyboardEvent, at: number) => {
    if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
    event.preventDefault();
    move(at, event.key === 'ArrowUp' ? -1 : 1);
  };
  const dropped = register.fields.filter((field) => !form.questions.some((question) => question.field === field.key));
  return (
    <>
      <h2 className="head-rule">
        Questions{' '}
        <span className="ml-2 font-normal text-ink-2">Alt with an arrow moves the question that has the focus</span>
      </h2>
      <ol ref={list}>
        {form.questions.map((question, at) => {
          const field = register.fields.find((each) => each.key === question.field);
          if (!field) return null;
          return (
            <li
              key={question.field}
              data-outline={question.field}
              className="ruled grid grid-cols-[1.75rem_1fr_auto] py-2"
            >
              <span className="pt-1 text-xs text-ink-2">{at + 1}</span>
              <div>
                <p>
                  <button
                    type="button"
                    data-handle
                    className="mr-2 font-semibold"
                    aria-label={`${question.label ?? field.label}, question ${at + 1}; Alt with an arrow moves it`}
                    onKeyDown={(event) => onKeyDown(event, at)}
                  >
                    {question.label ?? field.label}
                  </button>
                  <span className="text-ink-2">{sayKind(field, catalogue)}</span>
                </p>
                <Rules
                  question={question}
                  form={form}
                  context={context}
                  problems={problems.filter((each) => each.path[0] === 'questions' && each.path[1] === at)}
                  onChange={(rules) => put(form.questions.with(at, { ...question, rules: [...rules] }))}
                />
              </div>
              <span className="flex items-start">
                <IconButton
                  label={`Move ${field.label} up`}
                  disabled={at === 0}
                  onClick={() => move(at, -1)}
                  icon={ArrowUp}
                />
                <IconButton
                  label={`Move ${field.label} down`}
                  disabled={at === form.questions.length - 1}
                  onClick={() => move(at, 1)}
                  icon={ArrowDown}
                />
                <IconButton
                  label={`Drop ${field.label}`}
                  disabled={form.questions.length === 1}
                  onClick={() => put(form.questions.toSpliced(at, 1))}
                  icon={Trash2}
                />
              </span>
            </li>
          );
        })}
      </ol>
      {dropped.length > 0 && (
        <p className="mt-3">
          Not asked: {dropped.map((field) => field.label).join(', ')}.{' '}
          <Part text="Ask one of them" what="questions">
            {(close) => (
              <PickOne
                options={dropped.map((field) => ({ value: field.key, label: field.label }))}
                chosen={null}
                onPick={(key) => {
                  put([...form.questions, { field: key, rules: [] }]);
                  close();
                }}
              />
            )}
          </Part>
        </p>
      )}
    </>
  );
};

const sayKind = (field: Field, catalogue: Catalogue): string => {
  switch (field.type.kind) {
    case 'link':
      return `looks up one of ${catalogue.registers.get(field.type.register)?.plural ?? field.type.register}`;
    case 'choice':
      return `choose one from ${catalogue.choiceLists.get(field.type.list)?.label ?? field.type.list}`;
    default:
      return KIND_WORDS[field.type.kind];
  }
};

interface RulesProps {
  readonly question: Question;
  readonly form: Form;
  readonly context: SayContext;
  readonly problems: readonly Problem[];
  readonly onChange: (rules: readonly Rule[]) => void;
}

const Rules = ({ question, form, context, problems, onChange }: RulesProps) => (
  <ul>
    {question.rules.map((rule, i) => {
      const wrong = problems.filter((each) => each.path[2] === 'rules' && each.path[3] === i);
      return (
        // A rule has no identity of its own; it is known by its place.
        // biome-ignore lint/suspicious/noArrayIndexKey: see above
        <li key={i} className="flex items-baseline gap-2 pt-0.5 text-ink-2">
          <span aria-hidden="true" className="text-ink-3">
            └
          </span>
          <span className="grow">
            <RuleSentence
              rule={rule}
              question={question}
              form={form}
              context={context}
              onChange={(next) => onChange(question.rules.with(i, next))}
            />
            {wrong.map((each) => (
              <span key={each.detail} className="wrong block" role="alert">
                {each.detail}
              </span>
            ))}
          </span>
          <IconButton
            label={`Take rule ${i + 1} away`}
            onClick={() => onChange(question.rules.toSpliced(i, 1))}
            icon={Trash2}
            disabled={false}
          />
        </li>
      );
    })}
    {problems
      .filter((each) => each.path[2] !== 'rules')
      .map((each) => (
        <li key={each.detail} className="wrong" role="alert">
          {each.detail}
        </li>
      ))}
    <li className="pl-4 pt-0.5">
      <AddRule
        question={question}
        form={form}
        context={context}
        onAdd={(rule) => onChange([...question.rules, rule])}
      />
    </li>
  </ul>
);

interface IconButtonProps {
  readonly label: string;
  readonly disabled: boolean;
  readonly onClick: () => void;
  readonly icon: typeof ArrowUp;
}

const IconButton = ({ label, disabled, onClick, icon: Icon }: IconButtonProps) => (
  <button
    type="button"
    className="grid size-7 place-items-center rounded text-ink-2 hover:text-iolite disabled:text-rule-strong"
    aria-label={label}
    disabled={disabled}
    onClick={onClick}
  >
    <Icon size={14} aria-hidden="true" />
  </button>
);
