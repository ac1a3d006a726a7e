import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Problem } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import { type Column, type ColumnRule, offersNewOf, type Question, sayColumns } from '#core/form/index.ts';
import type { Catalogue, Field, Register } from '#core/register/index.ts';
import { rowsKey } from '#core/sql/index.ts';
import { linkToOne, type RowField, rowFieldsIn, workedOutIn } from '#core/values/index.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { Wrong } from '../../ui/wrong.tsx';
import { OffersNewSentence } from './offers-new.tsx';
import { type AskedRuleKind, askedRuleKinds, WriteRule } from './write-asked-rule.tsx';

interface Props {
  readonly question: Question;
  readonly field: Field;
  readonly context: SayContext;
  readonly problems: readonly Problem[];
  readonly catalogue: Catalogue;
  readonly onQuestion: (question: Question) => void;
}

/** Among what is picked for a column: that its look-up offers a record which is not there yet. */
const NEW = 'offers_new';

/** The rules of rows' own questions, each row by itself. */
export const ColumnRules = ({ question, field, context, problems, catalogue, onQuestion }: Props) => {
  const [writing, setWriting] = useState<{ column: RowField; kind: AskedRuleKind } | null>(null);
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
  /** The register of which a column can make records along, where none of its rules does yet. */
  const makesIn = ({ key, type }: RowField): Register | undefined =>
    columns.find((column) => column.field === key)?.rules.some((rule) => rule.kind === NEW)
      ? undefined
      : catalogue.registers.get(linkToOne(type)?.register ?? '');
  return (
    <ul className="text-ink-2">
      {columns.map((column, at) =>
        column.rules.map((rule, i) => {
          const [said = ''] = sayColumns([{ ...column, rules: [rule] }], field.key, context);
          return (
            // The sentence of what is made along changes while it is written.
            <li
              key={rule.kind === 'offers_new' ? `${column.field} ${NEW}` : said}
              className="outline-rule flex items-baseline gap-2 pt-0.5"
            >
              <span aria-hidden="true" className="text-ink-3">
                └
              </span>
              <span className="grow">
                {rule.kind === 'offers_new' ? (
                  <OffersNewIn
                    column={column}
                    rule={rule}
                    field={held.find(({ key }) => key === column.field)}
                    context={inRows}
                    catalogue={catalogue}
                    onChange={(next) => put(columns.with(at, { ...column, rules: column.rules.with(i, next) }))}
                  />
                ) : (
                  said
                )}
                <Wrong
                  problems={problems.filter(({ path }) => path[2] === 'columns' && path[3] === at && path[5] === i)}
                />
              </span>
              <span className="rule-tool">
                <IconButton
                  label={`Take away: ${said}`}
                  icon={Trash2}
                  onClick={() => put(columns.with(at, { ...column, rules: column.rules.toSpliced(i, 1) }))}
                />
              </span>
            </li>
          );
        }),
      )}
      <li className={`pl-4 pt-0.5 ${writing ? '' : 'line-tool'}`}>
        {writing ? (
          <WriteRule
            {...writing}
            context={inRows}
            form={context}
            onRule={(rule) => add(writing.column.key, rule)}
            onCancel={() => setWriting(null)}
          />
        ) : (
          <Part text="add a rule for each row" what={`rules of the rows of ${field.label}`} quiet>
            {(close) => (
              <PickOne
                options={asked.flatMap((column) => {
                  const target = makesIn(column);
                  return [
                    ...askedRuleKinds(column),
                    ...(target ? [{ value: NEW, label: `offers a new ${target.singular.toLowerCase()}` }] : []),
                  ].map((kind) => ({ value: `${column.key} ${kind.value}`, label: `${column.label} ${kind.label}` }));
                })}
                chosen={null}
                onPick={(picked) => {
                  const [key, kind] = picked.split(' ');
                  const column = asked.find((each) => each.key === key);
                  const wanted = column && askedRuleKinds(column).find((each) => each.value === kind)?.value;
                  close();
                  const target = column && kind === NEW ? makesIn(column) : undefined;
                  if (column && target) add(column.key, offersNewOf(target));
                  else if (column && wanted === 'must_be_answered') add(column.key, { kind: wanted });
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

/** The same sentence as a question's look-up has, of a look-up in rows. */
const OffersNewIn = ({
  column,
  field,
  ...props
}: Omit<Parameters<typeof OffersNewSentence>[0], 'field'> & { column: Column; field: RowField | undefined }) =>
  field ? (
    <>
      {column.label ?? field.label} of each <OffersNewSentence field={field} {...props} />
    </>
  ) : null;
