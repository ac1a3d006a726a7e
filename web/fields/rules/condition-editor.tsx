import { type ReactNode, useState } from 'react';
import {
  type Clause,
  type Condition,
  checkExpression,
  conditionText,
  type Expected,
  findCondition,
  findField,
  findPlaces,
  type Mood,
  type Operand,
  parseExpression,
  type SayContext,
  type SentencePart,
  sayClause,
  type Test,
  type TestKind,
  testsFor,
  testWords,
  toTest,
  writeCondition,
} from '#core/expression/index.ts';
import { PEOPLE, recordBehind, type ValueType } from '#core/values/index.ts';
import { Part, PickOne, PickYesNo } from '../../ui/part.tsx';
import { FormulaEditor } from './formula-editor.tsx';
import { Oddities } from './oddities.tsx';
import { OperandEditor } from './operand-editor.tsx';
import { SentenceWriter } from './sentence-writer.tsx';

interface Props {
  /** The one stored text. */
  readonly text: string;
  readonly context: SayContext;
  readonly mood: Mood;
  /** The question a rule stands under: its name is not said again. */
  readonly subject?: string;
  readonly onChange: (text: string) => void;
  /** Shown behind the last clause; the clauses may all be taken away. */
  readonly mayBeEmpty?: boolean;
  /** Whether fields of linked records may be spoken of. */
  readonly far?: boolean;
  /** Where SQL must answer: why this condition cannot be used, or null. */
  readonly refuse?: (notInSql: string | null) => string | null;
}

interface Read {
  readonly condition: Condition;
  readonly places: ReturnType<typeof findPlaces>;
}

const read = (text: string): Read | null => {
  if (text.trim() === '') return { condition: { join: 'and', clauses: [] }, places: [] };
  const parsed = parseExpression(text);
  const condition = parsed.ok ? findCondition(parsed.value) : null;
  return parsed.ok && condition ? { condition, places: findPlaces(parsed.value) } : null;
};

const CONDITION: Expected = { kind: 'condition' };

/** A condition that is right and whose clauses speak of more than fields (how many rows there are) stays a formula. */
const sayable = (found: Read | null, text: string, { vocabulary }: SayContext): Read | null => {
  const isStrange = found?.condition.clauses.some(({ field }) => findField(vocabulary, field) === null);
  return isStrange && checkExpression(text, vocabulary, CONDITION).ok ? null : found;
};

/** A condition as a sentence whose parts open editors in place, or as a formula; both write the same text. */
export const ConditionEditor = (props: Props) => {
  const { text, context, mood, subject, onChange, mayBeEmpty = false, far = true, refuse } = props;
  const [mode, setMode] = useState<'read' | 'write' | 'formula'>('read');
  const found = sayable(read(text), text, context);
  if (mode === 'formula' || (!found && text.trim() === '')) {
    return (
      <FormulaEditor
        text={text}
        expected={CONDITION}
        context={context}
        mood={mood}
        mayBeEmpty={mayBeEmpty}
        {...(refuse ? { refuse } : {})}
        onChange={(typed) => {
          setMode('read');
          onChange(typed);
        }}
        onCancel={() => setMode('read')}
      />
    );
  }
  return (
    <span>
      {found ? (
        <Clauses {...props} found={found} />
      ) : (
        <button
          type="button"
          className="part font-mono"
          aria-label={`${text}, change the formula`}
          onClick={() => setMode('formula')}
        >
          {text}
        </button>
      )}{' '}
      {found && mode === 'write' ? (
        <SentenceWriter
          key={text}
          start={writeCondition({
            context,
            mood,
            subject: found.condition.clauses.length === 0 ? subject : undefined,
            after: found.condition,
            far,
            finish: (written) => written,
          })}
          label="Condition"
          onDone={(written) => {
            setMode('read');
            onChange(written);
          }}
          onCancel={() => setMode('read')}
          onLeave={() => setMode('read')}
        />
      ) : (
        found && (
          <>
            {found.condition.clauses.length === 0 ? (
              <button type="button" className="part" onClick={() => setMode('write')}>
                add a condition
              </button>
            ) : (
              <button type="button" className="quiet-link rule-tool" onClick={() => setMode('write')}>
                + and, or
              </button>
            )}{' '}
            <button type="button" className="quiet-link rule-tool" onClick={() => setMode('formula')}>
              formula
            </button>
          </>
        )
      )}
      <Oddities text={text} expected={CONDITION} context={context} onChange={onChange} />
    </span>
  );
};

const Clauses = ({ context, mood, subject, onChange, mayBeEmpty, found }: Props & { found: Read }) => {
  const { condition, places } = found;
  const put = (clauses: readonly Clause[], join = condition.join) => onChange(conditionText({ join, clauses }));
  return condition.clauses.map((clause, i) => (
    // Clauses have no identity of their own; their place in the sentence is what they are known by.
    // biome-ignore lint/suspicious/noArrayIndexKey: see above
    <span key={i}>
      {i > 0 && (
        <>
          {mood === 'is' ? ', ' : ' '}
          <Part text={condition.join} what="joining word">
            {(close) => (
              <PickOne
                options={[
                  { value: 'and', label: 'and: all of these' },
                  { value: 'or', label: 'or: any of these' },
                ]}
                chosen={condition.join}
                onPick={(join) => {
                  put(condition.clauses, join);
                  close();
                }}
              />
            )}
          </Part>{' '}
        </>
      )}
      <ClauseParts
        clause={clause}
        places={places[i]}
        context={context}
        mood={mood}
        {...(subject ? { subject } : {})}
        onChange={(next) => put(condition.clauses.with(i, next))}
        onRemove={condition.clauses.length > 1 || mayBeEmpty ? () => put(condition.clauses.toSpliced(i, 1)) : undefined}
      />
    </span>
  ));
};

const firstClause = (field: string, context: SayContext): Clause | null => {
  const path = field.split('.');
  const type = findField(context.vocabulary, path)?.type;
  const kind = type ? testsFor(type)[0] : undefined;
  const test = type && kind ? (toTest(kind, type, context.vocabulary, null) ?? { kind: 'answered' as const }) : null;
  return test ? { field: path, test } : null;
};

/** Whether a link leads to something the rule language only has a name for; people are chosen as they are. */
const isMadeUp = (register: string): boolean => register.startsWith('$') && register !== PEOPLE;

/** The record's own fields; fields across links are reached by writing a new condition. */
const PickField = ({ context, onPick }: { context: SayContext; onPick: (field: string) => void }) => (
  <PickOne
    options={[...context.vocabulary.names.values()].flatMap(({ name, label, type }) => {
      if (type.kind === 'records') return [];
      // What is no record of a register, such as a sign-off, is spoken of by what can be read of it.
      const register = recordBehind(type);
      const behind = register !== null && isMadeUp(register) ? context.vocabulary.linked(register) : null;
      if (!behind) return [{ value: name, label }];
      return [...behind.names.values()].flatMap((inner) =>
        inner.type.kind === 'records' || recordBehind(inner.type) !== null
          ? []
          : [{ value: `${name}.${inner.name}`, label: inner.label }],
      );
    })}
    chosen={null}
    onPick={onPick}
  />
);

interface ClauseProps {
  readonly clause: Clause;
  readonly places: ReturnType<typeof findPlaces>[number] | undefined;
  readonly context: SayContext;
  readonly mood: Mood;
  readonly subject?: string;
  readonly onChange: (clause: Clause) => void;
  readonly onRemove: (() => void) | undefined;
}

const ClauseParts = (props: ClauseProps) => {
  const { clause, context, mood, subject, places } = props;
  const type = findField(context.vocabulary, clause.field)?.type;
  if (!type) return <span className="wrong">{clause.field.join('.')} is not known here</span>;
  // Every role stands at most once in a clause, so it names the part.
  return sayClause(clause, mood, context, subject, places).map((part, i) => (
    <span key={part.role}>
      {i === 0 ? '' : ' '}
      <ClausePart {...props} type={type} part={part} />
    </span>
  ));
};

const ClausePart = ({
  clause,
  context,
  mood,
  onChange,
  onRemove,
  type,
  part,
}: ClauseProps & { type: ValueType; part: SentencePart }): ReactNode => {
  const setTest = (test: Test) => onChange({ ...clause, test });
  switch (part.role) {
    case 'words':
      return part.text;
    case 'field':
      return (
        <Part text={part.text} what="field">
          {(close) => (
            <>
              <PickField
                context={context}
                onPick={(field) => {
                  const next = firstClause(field, context);
                  if (next) onChange(next);
                  close();
                }}
              />
              {onRemove && <RemoveClause onRemove={onRemove} />}
            </>
          )}
        </Part>
      );
    case 'test':
      return (
        <Part text={part.text} what="test">
          {(close) => (
            <>
              <PickOne<TestKind>
                options={testsFor(type).map((kind) => ({ value: kind, label: testWords(kind, type, mood) }))}
                chosen={clause.test.kind}
                onPick={(kind) => {
                  const test = toTest(kind, type, context.vocabulary, clause.test);
                  if (test) setTest(test);
                  close();
                }}
              />
              {onRemove && <RemoveClause onRemove={onRemove} />}
            </>
          )}
        </Part>
      );
    case 'value':
      return (
        <Part text={part.text} what="value">
          {(close) => (
            <TestValue
              test={clause.test}
              type={type}
              context={context}
              onChange={(test, done) => {
                setTest(test);
                if (done) close();
              }}
            />
          )}
        </Part>
      );
  }
};

const RemoveClause = ({ onRemove }: { onRemove: () => void }) => (
  <button type="button" className="slip-row border-t border-rule text-brick" onClick={onRemove}>
    Take this condition away
  </button>
);

interface TestValueProps {
  readonly test: Test;
  readonly type: ValueType;
  readonly context: SayContext;
  readonly onChange: (test: Test, done: boolean) => void;
}

const TestValue = ({ test, type, context, onChange }: TestValueProps) => {
  switch (test.kind) {
    case 'answered':
    case 'not_answered':
      return null;
    case 'is':
    case 'is_not':
      if (type.kind === 'choice')
        return (
          <ChoiceValues test={test} list={type.list} context={context} onChange={(next) => onChange(next, false)} />
        );
      if (type.kind === 'boolean') {
        const [value] = test.values;
        return (
          <PickYesNo
            chosen={value?.kind === 'boolean' ? value.value : null}
            onPick={(picked) => onChange({ kind: test.kind, values: [{ kind: 'boolean', value: picked }] }, true)}
          />
        );
      }
      return (
        <OperandEditor
          type={type}
          value={test.values[0] ?? null}
          context={context}
          onChange={(value) => onChange({ kind: test.kind, values: [value] }, true)}
        />
      );
    case 'over':
    case 'at_least':
    case 'under':
    case 'at_most':
      return (
        <OperandEditor
          type={type}
          value={test.value}
          context={context}
          onChange={(value) => onChange({ kind: test.kind, value }, true)}
        />
      );
    case 'between':
      return (
        <>
          <OperandEditor
            type={type}
            value={test.low}
            context={context}
            onChange={(low) => onChange({ ...test, low }, false)}
          />
          <p className="py-1 text-ink-2">and</p>
          <OperandEditor
            type={type}
            value={test.high}
            context={context}
            onChange={(high) => onChange({ ...test, high }, true)}
          />
        </>
      );
    case 'contains':
    case 'starts_with':
    case 'matches':
      return (
        <OperandEditor
          type={{ kind: 'text' }}
          value={{ kind: 'text', text: test.text }}
          context={context}
          onChange={(value) => value.kind === 'text' && onChange({ kind: test.kind, text: value.text }, true)}
        />
      );
    case 'at_least_characters':
    case 'at_most_characters':
      return (
        <OperandEditor
          type={{ kind: 'number' }}
          value={{ kind: 'number', text: test.count }}
          context={context}
          onChange={(value) => value.kind === 'number' && onChange({ kind: test.kind, count: value.text }, true)}
        />
      );
  }
};

interface ChoiceValuesProps {
  readonly test: { readonly kind: 'is' | 'is_not'; readonly values: readonly Operand[] };
  readonly list: string;
  readonly context: SayContext;
  readonly onChange: (test: Test) => void;
}

/** Any of a list's choices; at least one stays ticked. */
const ChoiceValues = ({ test, list, context, onChange }: ChoiceValuesProps) => {
  const codes = new Set(test.values.flatMap((value) => (value.kind === 'text' ? [value.text] : [])));
  const choices = context.vocabulary.choices(list).filter((choice) => !choice.retired || codes.has(choice.code));
  return (
    <fieldset>
      <legend className="px-2 text-ink-2">One of</legend>
      {choices.map((choice) => (
        <label key={choice.code} className="slip-row">
          <input
            type="checkbox"
            checked={codes.has(choice.code)}
            onChange={() => {
              const next = choices.filter((each) =>
                each.code === choice.code ? !codes.has(each.code) : codes.has(each.code),
              );
              const values = next.map((each) => ({ kind: 'text' as const, text: each.code }));
              if (values.length > 0) onChange({ kind: test.kind, values });
            }}
          />
          {choice.label}
        </label>
      ))}
    </fieldset>
  );
};
