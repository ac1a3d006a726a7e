import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { joinWords, withArticle } from '#core/base/index.ts';
import type { SayContext } from '#core/expression/index.ts';
import {
  type Catalogue,
  type Constraint,
  canBeUnique,
  type Register,
  sayConstraint,
  titleField,
} from '#core/register/index.ts';
import { behaviourOf } from '#core/values/index.ts';
import { ConditionEditor } from '../../fields/rules/condition-editor.tsx';
import { FormulaEditor } from '../../fields/rules/formula-editor.tsx';
import type { RegisterDraft } from '../../state/register-draft.ts';
import { Part, PickOne } from '../../ui/part.tsx';
import { TextPart } from '../../ui/text-part.tsx';

interface Props {
  readonly register: Register;
  readonly draft: RegisterDraft;
  readonly context: SayContext;
  readonly catalogue: Catalogue;
  readonly onDraft: (next: Partial<RegisterDraft>) => void;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Why a condition cannot be a rule of the register, which the database keeps too. */
const NOT_IN_SQL = (reason: string | null): string | null =>
  reason ? `This cannot be a rule of the register, as ${reason}.` : null;

/** By what a record is known, and what must hold of every one, whoever writes it. */
export const RegisterRules = ({ register, draft, context, catalogue, onDraft }: Props) => {
  const put = (at: number, constraint: Constraint): void =>
    onDraft({ constraints: draft.constraints.with(at, constraint) });
  return (
    <section aria-label="Names and rules" className="mt-6">
      <h2 className="head-rule">Names and rules</h2>
      <Known register={register} draft={draft} onDraft={onDraft} />
      <ul>
        {draft.constraints.map((constraint, i) => (
          // A rule has no identity of its own; it is known by its place.
          // biome-ignore lint/suspicious/noArrayIndexKey: see above
          <li key={i} className="outline-rule ruled flex items-baseline gap-2 py-1.5">
            <span className="grow">
              {constraint.kind === 'must' ? (
                <ConditionEditor
                  text={constraint.condition}
                  context={context}
                  mood="must"
                  refuse={NOT_IN_SQL}
                  onChange={(condition) => put(i, { ...constraint, condition })}
                />
              ) : (
                sayConstraint(register, { ...constraint, message: undefined }, catalogue)
              )}
              <span className="block text-ink-2">
                It is told{' '}
                <TextPart
                  text={constraint.message ?? ''}
                  shown={constraint.message ? `as “${constraint.message}”` : 'in these words'}
                  what={`message of rule ${i + 1}`}
                  onText={(text) => {
                    const { message: _, ...plain } = constraint;
                    put(i, text === '' ? plain : { ...plain, message: text });
                  }}
                />
                .
                {constraint.kind === 'must' && (
                  <>
                    {' It '}
                    <button
                      type="button"
                      className="part"
                      onClick={() => put(i, { ...constraint, lets_stand: constraint.lets_stand ? undefined : true })}
                    >
                      {constraint.lets_stand ? 'lets stand what breaks it already' : 'is asked at every change'}
                    </button>
                    .
                  </>
                )}
              </span>
            </span>
            <button
              type="button"
              className="rule-tool btn btn-quiet px-1.5!"
              aria-label={`Take this rule away: ${sayConstraint(register, constraint, catalogue)}`}
              onClick={() => onDraft({ constraints: draft.constraints.toSpliced(i, 1) })}
            >
              <Trash2 size={15} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <NewRules
        register={register}
        context={context}
        onAdd={(each) => onDraft({ constraints: [...draft.constraints, each] })}
      />
    </section>
  );
};

const Known = ({ register, draft, onDraft }: Pick<Props, 'register' | 'draft' | 'onDraft'>) => {
  if (register.fields.every((field) => field.label === '')) return null;
  const fields = register.fields
    .filter((field) => field.label !== '')
    .map((field) => ({ value: field.key, label: field.label }));
  const title = titleField(register);
  const labels = (keys: readonly string[]) =>
    keys.map((key) => register.fields.find((field) => field.key === key)?.label ?? key);
  const [beside, listed, alike] = [labels(draft.beside), labels(draft.listed), labels(draft.alike)];
  const tellsAlike = (key: string) =>
    register.fields.some((field) => field.key === key && behaviourOf(field.type).traits.tellsAlike);
  return (
    <p className="ruled py-1.5">
      {capital(withArticle(register.singular || 'record'))} is known by{' '}
      <Part text={title.label || '…'} what="field records are known by">
        {(close) => (
          <PickOne
            options={fields}
            chosen={title.key}
            onPick={(key) => {
              onDraft({ title: key });
              close();
            }}
          />
        )}
      </Part>
      ; a link shows beside it{' '}
      <Part text={beside.length === 0 ? 'nothing' : beside.join(' and ')} what="fields shown beside">
        {() => (
          <Ticks
            fields={fields.filter((field) => field.value !== title.key)}
            chosen={draft.beside}
            most={2}
            onChosen={(keys) => onDraft({ beside: [...keys] })}
          />
        )}
      </Part>
      ; its list shows{' '}
      <Part text={draft.listed.length === 0 ? 'what fits a line' : listed.join(', ')} what="fields the list shows">
        {() => (
          <Ticks
            fields={fields.filter((field) => field.value !== title.key)}
            chosen={draft.listed}
            most={12}
            onChosen={(keys) => onDraft({ listed: [...keys] })}
          />
        )}
      </Part>
      ; a likely duplicate has the same{' '}
      <Part text={alike.length === 0 ? 'nothing named yet' : joinWords(alike, 'or')} what="fields that tell duplicates">
        {() => (
          <Ticks
            fields={fields.filter(({ value }) => tellsAlike(value))}
            chosen={draft.alike}
            most={10}
            onChosen={(keys) => onDraft({ alike: [...keys] })}
          />
        )}
      </Part>
      .
    </p>
  );
};

interface TicksProps {
  readonly fields: readonly { readonly value: string; readonly label: string }[];
  readonly chosen: readonly string[];
  readonly most: number;
  readonly onChosen: (keys: readonly string[]) => void;
}

/** Fields to be ticked, at most so many, in the order in which they were. */
const Ticks = ({ fields, chosen, most, onChosen }: TicksProps) => (
  <ul>
    {fields.map(({ value, label }) => {
      const on = chosen.includes(value);
      return (
        <li key={value}>
          <label className="slip-row">
            <input
              type="checkbox"
              checked={on}
              disabled={!on && chosen.length >= most}
              onChange={() => onChosen(on ? chosen.filter((key) => key !== value) : [...chosen, value])}
            />
            {label}
          </label>
        </li>
      );
    })}
  </ul>
);

const NewRules = ({
  register,
  context,
  onAdd,
}: {
  register: Register;
  context: SayContext;
  onAdd: (constraint: Constraint) => void;
}) => {
  const [writing, setWriting] = useState(false);
  const [message, setMessage] = useState('');
  return (
    <div className="mt-2 flex flex-wrap items-start gap-2">
      <Part text="add: no two the same" what="fields that must differ">
        {(close) => (
          <UniqueEditor
            register={register}
            onAdd={(each) => {
              onAdd(each);
              close();
            }}
          />
        )}
      </Part>
      <button type="button" className="part" aria-expanded={writing} onClick={() => setWriting(!writing)}>
        add: must …
      </button>
      {writing && (
        <div className="grid w-full gap-2">
          <FormulaEditor
            text=""
            expected={{ kind: 'condition' }}
            context={context}
            mood="must"
            refuse={NOT_IN_SQL}
            onChange={(condition) => {
              onAdd({ kind: 'must', condition, ...(message.trim() ? { message: message.trim() } : {}) });
              setWriting(false);
              setMessage('');
            }}
            onCancel={() => setWriting(false)}
          />
          <label className="grid gap-1">
            A message of its own, if the sentence does not say it well
            <input
              className="box"
              value={message}
              maxLength={300}
              onChange={(event) => setMessage(event.target.value)}
            />
          </label>
        </div>
      )}
    </div>
  );
};

const UniqueEditor = ({ register, onAdd }: { register: Register; onAdd: (constraint: Constraint) => void }) => {
  const [fields, setFields] = useState<readonly string[]>([]);
  const [folded, setFolded] = useState(true);
  const offered = register.fields.filter((field) => field.label !== '' && canBeUnique(field));
  return (
    <div className="grid gap-1.5">
      {offered.map(({ key, label }) => (
        <label key={key} className="slip-row">
          <input
            type="checkbox"
            checked={fields.includes(key)}
            onChange={() => setFields(fields.includes(key) ? fields.filter((each) => each !== key) : [...fields, key])}
          />
          {label}
        </label>
      ))}
      <label className="slip-row border-t border-rule">
        <input type="checkbox" checked={folded} onChange={() => setFolded(!folded)} />
        capitals and accents make no difference
      </label>
      <button
        type="button"
        className="btn"
        disabled={fields.length === 0}
        onClick={() => onAdd({ kind: 'unique', fields: [...fields], folded })}
      >
        Add the rule
      </button>
    </div>
  );
};
