import { useQuery } from '@tanstack/react-query';
import { Fragment, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { RecordAnswer, RecordDetail, Track } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { type Catalogue, type Field, valueContext } from '#core/register/index.ts';
import { behaviourOf } from '#core/values/index.ts';
import { queries } from '../data/queries.ts';
import { useWorkspace } from '../data/workspace.ts';
import { TabMark } from './marks.tsx';

/** A field's value for reading; a link leads to its record where that may be seen. */
export const FieldValue = ({
  field,
  record,
  catalogue,
  plain = false,
}: {
  field: Field;
  record: RecordAnswer;
  catalogue: Catalogue;
  plain?: boolean;
}): ReactNode => {
  const value = record.values[field.key] ?? null;
  if (field.type.kind !== 'link') return behaviourOf(field.type).show(value, valueContext(catalogue));
  const link = record.links[field.key];
  if (!link) return value === null ? '' : <span className="text-ink-2">not for you to see</span>;
  if (plain) return link.title;
  return (
    <Link className="part" to={`/registers/${field.type.register}?record=${link.id}`}>
      {link.title}
    </Link>
  );
};

/** A record's own catalogue: the definition it came with, beside what this person sees anyway. */
export const useRecordCatalogue = (record: RecordDetail): Catalogue => {
  const { catalogue } = useWorkspace();
  return {
    ...catalogue,
    choiceLists: new Map([...catalogue.choiceLists, ...record.choice_lists.map((list) => [list.key, list] as const)]),
  };
};

/** The fields of a record, each with its label; what is empty is left out. */
export const RecordFacts = ({ record, extra }: { record: RecordDetail; extra?: (field: Field) => ReactNode }) => {
  const catalogue = useRecordCatalogue(record);
  return (
    <dl className="my-3 grid grid-cols-[7rem_1fr] gap-x-3 gap-y-1.5">
      {record.definition.fields.map((field) => (
        <Fragment key={field.key}>
          <dt className="text-ink-2">{field.label}</dt>
          <dd className="min-w-0 whitespace-pre-line font-medium break-words">
            {record.values[field.key] === null && <span className="text-ink-3">–</span>}
            <FieldValue field={field} record={record} catalogue={catalogue} />
            {extra?.(field)}
          </dd>
        </Fragment>
      ))}
    </dl>
  );
};

const STATES: { readonly [K in Track['steps'][number]['state']]: { words: string; dot: string } } = {
  approved: { words: 'approved', dot: 'border-kelp bg-kelp' },
  waiting: { words: 'waiting', dot: 'border-straw bg-straw-wash' },
  sent_back: { words: 'sent back', dot: 'border-haze bg-haze-wash' },
  refused: { words: 'refused', dot: 'border-brick bg-brick' },
  skipped: { words: 'not needed', dot: 'border-rule-strong bg-sheet' },
  to_come: { words: 'to come', dot: 'border-rule-strong bg-sheet' },
};

/** Where a record stands on its way round: who sent it, and each step with its outcome. */
export const SignOffTrack = ({ track }: { track: Track }) => {
  const { workspace } = useWorkspace();
  const when = (moment: string) => showMoment(moment, workspace.zone, workspace.locale);
  return (
    <section aria-label="Sign-off" className="border-t border-rule-strong pt-2">
      <h2 className="flex items-baseline justify-between gap-2">
        Sign-off
        <span className="text-xs font-normal text-ink-2">
          {track.why}
          {track.round > 1 && `, round ${track.round}`}
        </span>
      </h2>
      <ol className="mt-2 ml-1.5 border-l-2 border-rule-strong">
        <TrackRow dot="border-kelp bg-kelp" title={track.sender} detail={`sent, ${when(track.sent_at)}`} />
        {track.steps.map((step) => (
          <TrackRow
            key={step.label}
            dot={STATES[step.state].dot}
            title={step.by ? `${step.by}, ${step.label}` : step.label}
            detail={`${STATES[step.state].words}${step.at ? `, ${when(step.at)}` : ''}${step.comment ? `: “${step.comment}”` : ''}`}
          />
        ))}
      </ol>
    </section>
  );
};

const TrackRow = ({ dot, title, detail }: { dot: string; title: string; detail: string }) => (
  <li className="relative pb-2 pl-4">
    <span aria-hidden="true" className={`absolute -left-[8px] top-1 size-3.5 rounded-full border-[3px] ${dot}`} />
    <span className="block font-semibold">{title}</span>
    <span className="block text-ink-2">{detail}</span>
  </li>
);

const ACTIONS = {
  added: 'added',
  changed: 'changed',
  imported: 'imported',
  approved: 'approved',
  sent_back: 'sent back',
  refused: 'refused',
  sent_again: 'sent again',
} as const;

/** Who did what to a record, when, from what to what, by which form. */
export const RecordHistory = ({ register, id }: { register: string; id: string }) => {
  const { workspace } = useWorkspace();
  const { data } = useQuery(queries.history(register, id));
  return (
    <section aria-label="History" className="mt-3 border-t border-rule-strong pt-2">
      <h2>History</h2>
      <ol className="mt-1 space-y-1 text-[13px] text-ink-2">
        {data?.events.map((event) => (
          <li key={event.id}>
            {showMoment(event.at, workspace.zone, workspace.locale)},{' '}
            <span className="font-semibold text-ink">{event.by}</span>: {ACTIONS[event.action]}
            {event.form && `, by ${event.form.label} version ${event.form.version}`}
            {event.comment && ` “${event.comment}”`}
            {event.changes.map((change) => (
              <span key={change.field} className="block pl-3 text-ink">
                {change.field}: {change.to || 'nothing'}{' '}
                <span className="text-ink-2">was {change.from || 'nothing'}</span>
              </span>
            ))}
          </li>
        ))}
      </ol>
    </section>
  );
};

/** The head of a record: tab mark, name, number. */
export const RecordHead = ({ record, children }: { record: RecordDetail; children?: ReactNode }) => (
  <div className="flex flex-wrap items-center gap-2">
    <TabMark mark={record.definition.mark} name={record.definition.plural} />
    <h1 className="text-lg!">{record.title}</h1>
    <span className="font-mono text-[13px] text-ink-2">{record.number}</span>
    {children}
  </div>
);
