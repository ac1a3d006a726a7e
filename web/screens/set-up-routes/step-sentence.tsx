import { ArrowDown, ArrowUp, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Step } from '#core/signoff/index.ts';
import { behaviourOf, isDay } from '#core/values/index.ts';
import { ConditionEditor } from '../../fields/rules/condition-editor.tsx';
import { FormulaEditor } from '../../fields/rules/formula-editor.tsx';
import { IconButton } from '../../ui/icon-button.tsx';
import { CountPart, PickPart, TickPart } from '../../ui/pick-parts.tsx';
import { TextPart } from '../../ui/text-part.tsx';
import { allFields, type Known, sayFields, writtenFields } from './editing.ts';
import { WhoPart } from './who-part.tsx';

interface Props {
  readonly step: Step;
  readonly at: number;
  readonly last: boolean;
  readonly known: Known;
  readonly problems: readonly string[];
  readonly onChange: (step: Step) => void;
  readonly onMove: (by: -1 | 1) => void;
  readonly onRemove: (() => void) | null;
}

const MANY = [
  { value: 'any', label: 'any one' },
  { value: 'all', label: 'all' },
  { value: '2', label: 'two' },
  { value: '3', label: 'three' },
  { value: '4', label: 'four' },
] as const;

const sayMany = (many: Step['how_many']): string =>
  MANY.find(({ value }) => value === String(many))?.label ?? String(many);

/** One step of a route, as sentences whose parts can be changed in place. */
export const StepSentence = ({ step, at, last, known, problems, onChange, onMove, onRemove }: Props) => (
  <li className="ruled py-2.5" aria-label={`Step ${at + 1}`}>
    <div className="flex items-start gap-3">
      <span className="w-5 shrink-0 text-right text-ink-3 tabular-nums">{at + 1}</span>
      <div className="min-w-0 grow">
        <p>
          {at > 0 &&
            (step.beside ? (
              <>
                <Beside step={step} onChange={onChange} />,{' '}
              </>
            ) : (
              <>
                <Beside step={step} onChange={onChange} />{' '}
              </>
            ))}
          <PickPart
            text={sayMany(step.how_many)}
            what="how many sign"
            options={MANY}
            chosen={MANY.find(({ value }) => value === String(step.how_many))?.value ?? null}
            onPick={(value) =>
              onChange({ ...step, how_many: value === 'any' || value === 'all' ? value : Number(value) })
            }
          />{' '}
          of{' '}
          <WhoPart
            who={step.who}
            known={known}
            what="signer"
            onChange={(who, label) => onChange({ ...step, who, label: isOwnLabel(step, known) ? label : step.label })}
          />{' '}
          {step.condition === null ? 'signs always, or only when ' : 'signs when '}
          <ConditionEditor
            text={step.condition ?? ''}
            context={known.context}
            mood="is"
            mayBeEmpty
            onChange={(text) => onChange({ ...step, condition: text.trim() === '' ? null : text })}
          />
        </p>
        <p className="text-[13px] text-ink-2">
          called{' '}
          <TextPart
            text={step.label}
            shown={step.label}
            what="name of the step"
            onText={(label) => label && onChange({ ...step, label })}
          />
          {step.how_many !== 'any' && (
            <>
              ;{' '}
              <PickPart
                text={step.refused === 'first' ? 'one refusal refuses' : 'refused when too few are left'}
                what="when it is refused"
                options={[
                  { value: 'first', label: 'one refusal refuses' },
                  { value: 'cannot', label: 'refused when too few are left' },
                ]}
                chosen={step.refused}
                onPick={(refused) => onChange({ ...step, refused })}
              />
            </>
          )}
        </p>
        <DeadlineLine step={step} known={known} onChange={onChange} />
        <p className="text-[13px] text-ink-2">
          fills in{' '}
          <TickPart
            text={sayFields(
              known,
              step.fills.map(({ field }) => field),
              'nothing',
            )}
            what="fields it fills in"
            options={writtenFields(known)}
            chosen={step.fills.map(({ field }) => field)}
            onChange={(keys) =>
              onChange({
                ...step,
                fills: keys.map((field) => step.fills.find((each) => each.field === field) ?? { field, must: true }),
              })
            }
          />
          {step.fills.length > 0 && (
            <>
              , of which{' '}
              <TickPart
                text={sayFields(
                  known,
                  step.fills.flatMap(({ field, must }) => (must ? [field] : [])),
                  'none',
                )}
                what="fields that must be filled in"
                options={step.fills.map(({ field }) => ({ value: field, label: sayFields(known, [field], '') }))}
                chosen={step.fills.flatMap(({ field, must }) => (must ? [field] : []))}
                onChange={(keys) =>
                  onChange({ ...step, fills: step.fills.map((each) => ({ ...each, must: keys.includes(each.field) })) })
                }
              />{' '}
              must be
            </>
          )}
          ; from here{' '}
          <TickPart
            text={sayFields(known, step.locks, 'nothing')}
            what="fields that are locked"
            options={writtenFields(known)}
            chosen={step.locks}
            onChange={(locks) => onChange({ ...step, locks })}
          />{' '}
          {step.locks.length > 1 ? 'are' : 'is'} locked
        </p>
        <p className="text-[13px] text-ink-2">
          its signers see{' '}
          <TickPart
            text={step.shows === null ? 'what the form asks' : sayFields(known, step.shows, 'nothing')}
            what="fields that are shown"
            options={allFields(known)}
            chosen={step.shows ?? []}
            onChange={(shows) => onChange({ ...step, shows: shows.length === 0 ? null : shows })}
          />
          <Notes step={step} known={known} onChange={onChange} />
        </p>
        {problems.map((says) => (
          <p key={says} className="wrong">
            {says}
          </p>
        ))}
      </div>
      <span className="flex shrink-0">
        <IconButton label={`Move step ${at + 1} up`} icon={ArrowUp} disabled={at === 0} onClick={() => onMove(-1)} />
        <IconButton label={`Move step ${at + 1} down`} icon={ArrowDown} disabled={last} onClick={() => onMove(1)} />
        <IconButton
          label={`Take step ${at + 1} away`}
          icon={Trash2}
          disabled={!onRemove}
          onClick={() => onRemove?.()}
        />
      </span>
    </div>
  </li>
);

/** Whether a step is called as its signers are: then it follows them. */
const isOwnLabel = ({ label, who }: Step, { workspace, people }: Known): boolean =>
  workspace.roles.some((role) => role.label === label) ||
  people.some(({ name }) => name === label) ||
  (who.kind !== 'role' && who.kind !== 'person');

const Beside = ({ step, onChange }: Pick<Props, 'step' | 'onChange'>) => (
  <PickPart
    text={step.beside ? 'side by side' : 'then'}
    what="order"
    options={[
      { value: 'then', label: 'then: after the step before' },
      { value: 'beside', label: 'side by side with the step before' },
    ]}
    chosen={step.beside ? 'beside' : 'then'}
    onPick={(value) => onChange({ ...step, beside: value === 'beside' })}
  />
);

const DeadlineLine = ({ step, known, onChange }: Pick<Props, 'step' | 'known' | 'onChange'>) => {
  const { deadline } = step;
  const dates = known.register.fields.filter(({ type }) => isDay(behaviourOf(type).value));
  const put = (next: Step['deadline']): void => onChange({ ...step, deadline: next });
  const kinds = [
    { value: 'none', label: 'no deadline' },
    { value: 'days', label: 'within so many working days' },
    ...dates.map(({ key, label }) => ({ value: `date ${key}`, label: `by ${label}` })),
  ];
  const chosen = deadline === null ? 'none' : deadline.by.kind === 'days' ? 'days' : `date ${deadline.by.path}`;
  const said =
    deadline === null
      ? 'no deadline'
      : deadline.by.kind === 'days'
        ? 'within'
        : `by ${sayFields(known, [deadline.by.path], '')}`;
  return (
    <p className="text-[13px] text-ink-2">
      <PickPart
        text={said}
        what="deadline"
        options={kinds}
        chosen={chosen}
        onPick={(kind) => {
          if (kind === 'none') put(null);
          else if (kind === 'days') put({ remind: null, late: null, ...deadline, by: { kind: 'days', days: 2 } });
          else put({ remind: null, late: null, ...deadline, by: { kind: 'date', path: kind.slice('date '.length) } });
        }}
      />
      {deadline && (
        <>
          {deadline.by.kind === 'days' && (
            <>
              {' '}
              <CountPart
                value={deadline.by.days}
                what="working days"
                least={1}
                most={365}
                onChange={(days) => put({ ...deadline, by: { kind: 'days', days } })}
              />{' '}
              working {deadline.by.days === 1 ? 'day' : 'days'}
            </>
          )}
          , reminds{' '}
          <PickPart
            text={
              deadline.remind === null
                ? 'on the day'
                : `${deadline.remind} working ${deadline.remind === 1 ? 'day' : 'days'} before`
            }
            what="reminder"
            options={[
              { value: '0', label: 'on the day' },
              ...[1, 2, 3, 5, 10].map((days) => ({
                value: String(days),
                label: `${days} working ${days === 1 ? 'day' : 'days'} before, too`,
              })),
            ]}
            chosen={String(deadline.remind ?? 0)}
            onPick={(days) => put({ ...deadline, remind: days === '0' ? null : Number(days) })}
          />
          ; late{' '}
          <PickPart
            text={
              deadline.late === null
                ? 'it stays with them'
                : deadline.late.kind === 'pass'
                  ? 'it is passed to'
                  : 'it is let through'
            }
            what="what happens when it is late"
            options={[
              { value: 'stays', label: 'it stays with them' },
              { value: 'pass', label: 'it is passed on' },
              { value: 'let_through', label: 'it is let through without their signature' },
            ]}
            chosen={deadline.late?.kind ?? 'stays'}
            onPick={(kind) => {
              const after = deadline.late?.after ?? 2;
              const [resort] = known.workspace.roles.filter((role) => role.sets_up.length > 0);
              if (kind === 'stays') put({ ...deadline, late: null });
              else if (kind === 'let_through') put({ ...deadline, late: { kind, after } });
              else put({ ...deadline, late: { kind: 'pass', after, to: { kind: 'role', role: resort?.key ?? '' } } });
            }}
          />
          {deadline.late?.kind === 'pass' && (
            <>
              {' '}
              <WhoPart
                who={deadline.late.to}
                known={known}
                what="whom it is passed to"
                onChange={(to) =>
                  deadline.late?.kind === 'pass' && put({ ...deadline, late: { ...deadline.late, to } })
                }
              />
            </>
          )}
          {deadline.late && (
            <>
              {' '}
              after{' '}
              <CountPart
                value={deadline.late.after}
                what="working days after the deadline"
                least={0}
                most={365}
                onChange={(after) => deadline.late && put({ ...deadline, late: { ...deadline.late, after } })}
              />{' '}
              more
            </>
          )}
        </>
      )}
    </p>
  );
};

const MOST_SHOWN = 48;
const shortened = (text: string): string => (text.length > MOST_SHOWN ? `${text.slice(0, MOST_SHOWN)}…` : text);

const TEXT = { kind: 'value', type: { kind: 'text' } } as const;

/** The formulas that stand beside a step, each giving a text. */
const Notes = ({ step, known, onChange }: Pick<Props, 'step' | 'known' | 'onChange'>) => {
  const [open, setOpen] = useState<number | null>(null);
  const put = (at: number, text: string): void => {
    const notes = text.trim() === '' ? step.notes.toSpliced(at, 1) : step.notes.toSpliced(at, 1, text);
    onChange({ ...step, notes });
    setOpen(null);
  };
  return (
    <>
      {step.notes.length > 0 && ', and beside it '}
      {step.notes.map((text, at) => (
        <button
          key={text}
          type="button"
          className="part font-mono"
          onClick={() => setOpen(at)}
          aria-label={`${shortened(text)}, change the formula beside it`}
        >
          {shortened(text)}
        </button>
      ))}{' '}
      {open === null && step.notes.length < 5 && (
        <button type="button" className="quiet-link" onClick={() => setOpen(step.notes.length)}>
          say something beside it
        </button>
      )}
      {open !== null && (
        <span className="block">
          <FormulaEditor
            text={step.notes[open] ?? ''}
            expected={TEXT}
            context={known.context}
            mayBeEmpty
            onChange={(text) => put(open, text)}
            onCancel={() => setOpen(null)}
          />
        </span>
      )}
    </>
  );
};
