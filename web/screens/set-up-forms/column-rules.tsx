import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Problem } from '#core/base/index.ts';
import { operandText, type SayContext, type Vocabulary, writeCondition, writeValue } from '#core/expression/index.ts';
import { type Column, type ColumnRule, offeringVocabulary, type Question, sayColumns } from '#core/form/index.ts';
import type { Field } from '#core/register/index.ts';
import { rowsKey } from '#core/sql/index.ts';
import { behaviourOf, linkToOne, type RowField, rowFieldsIn, workedOutIn } from '#core/values/index.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { SentenceWriter } from '../../ui/sentence-writer.tsx';
import { Wrong } from '../../ui/wrong.tsx';

interface Props {
  readonly question: Question;
  readonly field: Field;
  readonly context: SayContext;
  readonly problems: readonly Problem[];
  readonly onQuestion: (question: Question) => void;
}

const KINDS = [
  { value: 'must_be_answered', label: 'must be answered' },
  { value: 'must', label: 'must …' },
  { value: 'starts_as', label: 'starts as …' },
  { value: 'asked_when', label: 'is asked when …' },
  { value: 'offers_where', label: 'offers only those whose …' },
] as const;
type RuleKind = ColumnRule['kind'];

/** The rules of rows' own questions, each row by itself. */
export const ColumnRules = ({ question, field, context, problems, onQuestion }: Props) => {
  const [writing, setWriting] = useState<{ column: RowField; kind: RuleKind } | null>(null);
  const held = rowFieldsIn(field.type);
  const rows = context.vocabulary.linked(rowsKey(context.vocabulary.register, field.key));
  if (held.length === 0 || !rows) return null;
  const columns = question.columns ?? [];
  const inRows: SayContext = { ...context, vocabulary: rows };
  const put = (next: readonly Column[]): void => {
    const { columns: _, ...plain } = question;
    const kept = next.filter((column) => column.rules.length > 0 || column.label !== undefined);
    onQuestion(kept.length === 0 ? plain : { ...plain, columns: kept });
  };
  const add = (key: string, rule: ColumnRule): void => {
    setWriting(null);
    const there = columns.find((column) => column.field === key);
    const next: Column = { ...(there ?? { field: key, rules: [] }), rules: [...(there?.rules ?? []), rule] };
    put(there ? columns.map((column) => (column === there ? next : column)) : [...columns, next]);
  };
  const asked = held.filter((each) => !workedOutIn(each.type));
  return (
    <ul className="text-ink-2">
      {columns.map((column, at) =>
        column.rules.map((rule, i) => {
          const [said = ''] = sayColumns([{ ...column, rules: [rule] }], field.key, context);
          return (
            <li key={said} className="flex items-baseline gap-2 pt-0.5">
              <span aria-hidden="true" className="text-ink-3">
                └
              </span>
              <span className="grow">
                {said}
                <Wrong
                  problems={problems.filter(({ path }) => path[2] === 'columns' && path[3] === at && path[5] === i)}
                />
              </span>
              <IconButton
                label={`Take away: ${said}`}
                icon={Trash2}
                onClick={() => put(columns.with(at, { ...column, rules: column.rules.toSpliced(i, 1) }))}
              />
            </li>
          );
        }),
      )}
      <li className="pl-4 pt-0.5">
        {writing ? (
          <WriteRule
            {...writing}
            context={inRows}
            form={context}
            onRule={(rule) => add(writing.column.key, rule)}
            onCancel={() => setWriting(null)}
          />
        ) : (
          <Part text="add a rule for each row" what={`rules of the rows of ${field.label}`}>
            {(close) => (
              <PickOne
                options={asked.flatMap((column) =>
                  KINDS.filter(({ value }) => value !== 'offers_where' || linkToOne(column.type)).map((kind) => ({
                    value: `${column.key} ${kind.value}`,
                    label: `${column.label} ${kind.label}`,
                  })),
                )}
                chosen={null}
                onPick={(picked) => {
                  const [key, kind] = picked.split(' ');
                  const column = asked.find((each) => each.key === key);
                  const wanted = KINDS.find((each) => each.value === kind)?.value;
                  close();
                  if (column && wanted === 'must_be_answered') add(column.key, { kind: wanted });
                  else if (column && wanted) setWriting({ column, kind: wanted });
                }}
              />
            )}
          </Part>
        )}
      </li>
    </ul>
  );
};

interface WriteProps {
  readonly column: RowField;
  readonly kind: RuleKind;
  /** The names of a row. */
  readonly context: SayContext;
  /** The names of the form around the rows. */
  readonly form: SayContext;
  readonly onRule: (rule: ColumnRule) => void;
  readonly onCancel: () => void;
}

/** The rest of a rule's sentence, word by word. */
const WriteRule = ({ column, kind, context, form, onRule, onCancel }: WriteProps) => {
  const condition = (as: 'must' | 'asked_when') =>
    writeCondition<ColumnRule>({
      context,
      mood: as === 'must' ? 'must' : 'is',
      ...(as === 'must' ? { subject: column.key } : {}),
      before: [{ role: 'words', text: as === 'must' ? column.label : `${column.label} is asked when` }],
      finish: (text) => ({ kind: as, condition: text }),
    });
  const link = linkToOne(column.type);
  const target = link && offeringVocabulary(form.vocabulary, link.register);
  const offering = (vocabulary: Vocabulary) =>
    writeCondition<ColumnRule>({
      context: { ...context, vocabulary },
      mood: 'is',
      before: [{ role: 'words', text: `${column.label} offers only those whose` }],
      finish: (text) => ({ kind: 'offers_where', condition: text }),
    });
  const start =
    kind === 'offers_where' && target
      ? offering(target)
      : kind === 'starts_as'
        ? writeValue<ColumnRule>(
            behaviourOf(column.type).value,
            context,
            [{ role: 'words', text: `${column.label} starts as` }],
            (operand) => ({ kind: 'starts_as', value: operandText(operand) }),
          )
        : condition(kind === 'must' ? 'must' : 'asked_when');
  return (
    <SentenceWriter
      start={start}
      label={`Rule of each ${column.label}`}
      onDone={onRule}
      onCancel={onCancel}
      onLeave={onCancel}
    />
  );
};
