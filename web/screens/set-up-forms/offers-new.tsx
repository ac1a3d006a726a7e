import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { SayContext } from '#core/expression/index.ts';
import { type AskedOfNew, type OffersNew, sayRule } from '#core/form/index.ts';
import { type Catalogue, isWritable, type Register } from '#core/register/index.ts';
import { linkIn, type RowField } from '#core/values/index.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { Part, PickOne } from '../../ui/part.tsx';
import { TextPart } from '../../ui/text-part.tsx';
import { type AskedRuleKind, askedRuleKinds, WriteRule } from './write-asked-rule.tsx';

interface Props {
  readonly rule: OffersNew;
  /** The look-up that offers the record. */
  readonly field: RowField;
  /** The names of the form around it. */
  readonly context: SayContext;
  readonly catalogue: Catalogue;
  readonly onChange: (rule: OffersNew) => void;
}

/** That a look-up offers a record which is not there yet, as one sentence with what is asked of it indented below. */
export const OffersNewSentence = ({ rule, field, context, catalogue, onChange }: Props) => {
  const target = catalogue.registers.get(linkIn(field.type)?.register ?? '');
  const names = target && context.vocabulary.linked(target.key);
  if (!target || !names) return <>offers a new one</>;
  const put = (asks: readonly AskedOfNew[]): void => onChange({ ...rule, asks: [...asks] });
  const further = target.fields.filter(
    (each) => isWritable(each) && !rule.asks.some((asked) => asked.field === each.key),
  );
  const unasked = further.filter((each) => each.required);
  return (
    <>
      offers a new {target.singular.toLowerCase()}, stored along with it, and asks
      <ul className="pl-4">
        {rule.asks.map((asked, i) => (
          <Asked
            key={asked.field}
            asked={asked}
            at={i}
            rule={rule}
            target={target}
            context={{ ...context, vocabulary: names }}
            onAsks={put}
          />
        ))}
        {further.length > 0 && (
          <li className="pt-0.5">
            <Part text="ask more" quiet what={`questions of a new ${target.singular.toLowerCase()}`}>
              {(close) => (
                <PickOne
                  options={further.map(({ key, label }) => ({ value: key, label }))}
                  chosen={null}
                  onPick={(key) => {
                    put([...rule.asks, { field: key, rules: [] }]);
                    close();
                  }}
                />
              )}
            </Part>
          </li>
        )}
      </ul>
      {unasked.length > 0 && (
        <p className="wrong" role="status">
          {unasked.map(({ label }) => label).join(', ')} must be given for every {target.singular.toLowerCase()}, and{' '}
          {unasked.length === 1 ? 'is' : 'are'} not asked.
        </p>
      )}
    </>
  );
};

interface AskedProps {
  readonly asked: AskedOfNew;
  readonly at: number;
  readonly rule: OffersNew;
  readonly target: Register;
  /** The names of the record that is made. */
  readonly context: SayContext;
  readonly onAsks: (asks: readonly AskedOfNew[]) => void;
}

/** One question of the record that is made: its words, and its rules. */
const Asked = ({ asked, at, rule: { asks }, target, context, onAsks }: AskedProps) => {
  const [writing, setWriting] = useState<AskedRuleKind | null>(null);
  const field = target.fields.find(({ key }) => key === asked.field);
  if (!field) return null;
  const label = asked.label ?? field.label;
  const put = (next: AskedOfNew): void => onAsks(asks.with(at, next));
  const move = (by: -1 | 1): void => {
    const others = asks.toSpliced(at, 1);
    onAsks(others.toSpliced(at + by, 0, asked));
  };
  const kinds = askedRuleKinds(field).filter(
    ({ value }) => value !== 'must_be_answered' || !asked.rules.some((each) => each.kind === value),
  );
  return (
    <li className="outline-rule flex items-baseline gap-2 pt-0.5">
      <span className="grow">
        <TextPart
          text={asked.label ?? ''}
          shown={label}
          what={`words of ${label} of a new ${target.singular.toLowerCase()}`}
          onText={(text) => {
            const { label: _, ...plain } = asked;
            put(text === '' || text === field.label ? plain : { ...asked, label: text });
          }}
        />
        {field.required && !asked.rules.some(({ kind }) => kind === 'must_be_answered') && ', must be answered'}
        {asked.rules.map((rule, i) => {
          const said = sayRule(rule, asked.field, context)
            .map((part) => part.text)
            .join(' ');
          return (
            <span key={said}>
              {', '}
              {said}
              <span className="rule-tool inline-block align-middle">
                <IconButton
                  label={`Take away: ${label} ${said}`}
                  icon={Trash2}
                  onClick={() => put({ ...asked, rules: asked.rules.toSpliced(i, 1) })}
                />
              </span>
            </span>
          );
        })}{' '}
        {writing ? (
          <WriteRule
            column={field}
            kind={writing}
            context={context}
            form={context}
            onRule={(rule) => {
              setWriting(null);
              if (rule.kind !== 'offers_new') put({ ...asked, rules: [...asked.rules, rule] });
            }}
            onCancel={() => setWriting(null)}
          />
        ) : (
          <span className="rule-tool">
            <Part text="add a rule" what={`rules of ${label} of a new ${target.singular.toLowerCase()}`} quiet>
              {(close) => (
                <PickOne
                  options={kinds.map(({ value, label: words }) => ({ value, label: `${label} ${words}` }))}
                  chosen={null}
                  onPick={(kind) => {
                    close();
                    if (kind === 'must_be_answered') put({ ...asked, rules: [...asked.rules, { kind }] });
                    else setWriting(kind);
                  }}
                />
              )}
            </Part>
          </span>
        )}
      </span>
      <span className="rule-tool flex">
        <IconButton label={`Ask ${label} earlier`} icon={ArrowUp} disabled={at === 0} onClick={() => move(-1)} />
        <IconButton
          label={`Ask ${label} later`}
          icon={ArrowDown}
          disabled={at === asks.length - 1}
          onClick={() => move(1)}
        />
        <IconButton
          label={`Do not ask ${label}`}
          icon={Trash2}
          disabled={asks.length === 1}
          onClick={() => onAsks(asks.toSpliced(at, 1))}
        />
      </span>
    </li>
  );
};
