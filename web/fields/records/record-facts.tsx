import { useQuery } from '@tanstack/react-query';
import { type ReactNode, useEffect, useState } from 'react';
import type { HistoryAnswer, RecordDetail, Track } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import type { Catalogue, Field } from '#core/register/index.ts';
import { sayBeside, saySent, saySigned, saySigner, sayStepStands, type ToldState } from '#core/signoff/index.ts';
import { isNothing } from '#core/values/index.ts';
import { queries } from '../../data/queries.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { noteLookedAt } from '../../state/recent.ts';
import { TabMark } from '../../ui/marks.tsx';
import { layoutOf } from '../kinds/index.tsx';
import { FieldValue } from './field-value.tsx';

/** A record's own catalogue: the definition it came with, beside what this person sees anyway. */
export const useRecordCatalogue = (record: RecordDetail): Catalogue => {
  const { catalogue } = useWorkspace();
  return {
    ...catalogue,
    choiceLists: new Map([...catalogue.choiceLists, ...record.choice_lists.map((list) => [list.key, list] as const)]),
  };
};

/** The fields of a record by the headings they stand under, in the order of the register. */
const sectionsOf = (fields: readonly Field[]): { label: string; fields: Field[] }[] => {
  const sections: { label: string; fields: Field[] }[] = [];
  for (const field of fields) {
    const label = field.section ?? '';
    const known = sections.find((each) => each.label === label);
    if (known) known.fields.push(field);
    else sections.push({ label, fields: [field] });
  }
  return sections;
};

interface FactsProps {
  readonly record: RecordDetail;
  /** What stands behind a value: its pencil, or its editor. */
  readonly extra?: (field: Field) => ReactNode;
  /** Whether a field's editor stands in its place. */
  readonly changing?: string | null;
}

/** The fields of a record in their sections, each with its label; what is empty folds away. */
export const RecordFacts = ({ record, extra, changing = null }: FactsProps) => {
  const catalogue = useRecordCatalogue(record);
  const [unfolded, setUnfolded] = useState(false);
  const empty = record.definition.fields.filter((field) => isNothing(record.values[field.key] ?? null));
  const shown = record.definition.fields.filter(
    (field) => unfolded || field.key === changing || !empty.includes(field),
  );
  const reading = { record, register: record.register, catalogue };
  return (
    <>
      {sectionsOf(shown).map((section) => (
        <section key={section.label} aria-label={section.label || 'Fields'}>
          {section.label !== '' && <h2 className="mt-4 border-b border-rule pb-1 text-ink-2">{section.label}</h2>}
          <dl className="facts">
            {section.fields.map((field) => (
              <div key={field.key} className={layoutOf(field.type.kind).wideValue ? 'facts-wide' : 'facts-row'}>
                <dt className="text-ink-2">{field.label}</dt>
                <dd className="min-w-0 font-medium break-words">
                  {changing !== field.key &&
                    (empty.includes(field) ? (
                      <span className="text-ink-3">–</span>
                    ) : (
                      <FieldValue field={field} reading={reading} />
                    ))}
                  {extra?.(field)}
                </dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
      {empty.length > 0 && (
        <button type="button" className="quiet-link mt-1" onClick={() => setUnfolded(!unfolded)}>
          {unfolded ? 'Fold away what is empty' : `${empty.length} empty ${empty.length === 1 ? 'field' : 'fields'}`}
        </button>
      )}
    </>
  );
};

const DOTS: { readonly [S in ToldState]: string } = {
  approved: 'border-kelp bg-kelp',
  waiting: 'border-straw bg-straw-wash',
  sent_back: 'border-haze bg-haze-wash',
  refused: 'border-brick bg-brick',
  let_through: 'border-brick bg-sheet',
  cancelled: 'border-rule-strong bg-sheet',
  skipped: 'border-rule-strong bg-sheet',
  to_come: 'border-rule-strong bg-sheet',
};

/** A record's sign-off: its track, and what happened past it; nothing where there was neither. */
export const RecordSignOff = ({ record, children }: { record: RecordDetail; children?: ReactNode }) => {
  const { workspace } = useWorkspace();
  const { sign_off: track, beside_sign_off: besides } = record;
  if (!track && besides.length === 0) return null;
  return (
    <section aria-label="Sign-off" className="border-t border-rule-strong pt-2">
      {track ? <SignOffTrack track={track}>{children}</SignOffTrack> : <h2>Sign-off</h2>}
      {besides.map((beside) => (
        <p
          key={`${beside.kind} ${beside.at}`}
          className="mt-2 border-l-4 border-straw bg-straw-wash px-2 py-1 text-[13px]"
        >
          {sayBeside(beside, (moment) => showMoment(moment, workspace.zone, workspace.locale))}
        </p>
      ))}
    </section>
  );
};

/** Where a record stands on its way round: who sent it, and each step with its outcome. */
const SignOffTrack = ({ track, children }: { track: Track; children?: ReactNode }) => {
  const { workspace } = useWorkspace();
  const when = (moment: string) => showMoment(moment, workspace.zone, workspace.locale);
  const sent = saySent(track, when);
  return (
    <>
      <h2 className="flex items-baseline justify-between gap-2">
        Sign-off
        <span className="text-xs font-normal text-ink-2">
          {track.route}, version {track.route_version}
          {track.round > 1 && `, round ${track.round}`}
        </span>
      </h2>
      {track.changed_since.length > 0 && (
        <p className="mt-1 border-l-4 border-straw bg-straw-wash px-2 py-1 text-[13px]">
          Changed since signed: {track.changed_since.join(', ')}.
        </p>
      )}
      {track.stage === 'none' && <p className="mt-1 text-ink-2">It is not on its way: nobody is asked to sign it.</p>}
      <ol className="mt-2 ml-1.5 border-l-2 border-rule-strong">
        <TrackRow dot="border-kelp bg-kelp" title={sent.who} detail={sent.how} />
        {track.steps.map((step, at) => {
          const stands = sayStepStands(step, when);
          return (
            <li
              // A step is known by its place: two may be called alike.
              // biome-ignore lint/suspicious/noArrayIndexKey: see above
              key={at}
              className={`relative pb-2 pl-4 ${step.beside ? 'border-l-2 border-dotted border-rule-strong' : ''}`}
            >
              <Dot kind={DOTS[step.state]} />
              <span className="block font-semibold">
                {step.label}
                {step.beside && <span className="font-normal text-ink-2">, side by side</span>}
              </span>
              {step.signatures.map((given) => (
                <span key={`${given.by} ${given.at}`} className="block text-ink-2">
                  <span className="text-ink">{saySigner(given)}</span> {saySigned(given, when)}
                </span>
              ))}
              {stands && <span className={`block ${step.late ? 'text-brick' : 'text-ink-2'}`}>{stands}</span>}
            </li>
          );
        })}
      </ol>
      {track.sent_back && track.sent_back.marks.length > 0 && (
        <ul className="mt-1 text-[13px]">
          {track.sent_back.marks.map(({ field, says }) => (
            <li key={field}>
              <span className="font-semibold">{field}:</span> {says || 'look at it again'}
            </li>
          ))}
        </ul>
      )}
      {children}
    </>
  );
};

const Dot = ({ kind }: { kind: string }) => (
  <span aria-hidden="true" className={`absolute -left-[8px] top-1 size-3.5 rounded-full border-[3px] ${kind}`} />
);

const TrackRow = ({ dot, title, detail }: { dot: string; title: string; detail: string }) => (
  <li className="relative pb-2 pl-4">
    <Dot kind={dot} />
    <span className="block font-semibold">{title}</span>
    <span className="block text-ink-2">{detail}</span>
  </li>
);

const ACTIONS = {
  added: 'added',
  changed: 'changed',
  imported: 'imported',
  brought_in_as_is: 'brought in as it stands, without sign-off here',
  approved: 'approved',
  sent_back: 'sent back',
  refused: 'refused',
  sent_again: 'sent again',
  archived: 'archived',
  brought_back: 'brought back',
  undone: 'undone',
  withdrawn: 'withdrew it from sign-off',
  stopped: 'stopped its sign-off',
  started: 'sent it round again',
  reopened: 'opened it again',
  delegated: 'passed it on',
  taken_back: 'took the decision back',
  passed_on: 'passed on, as it was late:',
  let_through: 'let through without a signature, as it was late:',
  reminded: 'reminded of',
} as const satisfies Record<HistoryAnswer['events'][number]['action'], string>;

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

/** The head of a record: tab mark, name, number. Whoever has it before them has looked at it. */
export const RecordHead = ({ record, children }: { record: RecordDetail; children?: ReactNode }) => {
  const me = useMe();
  useEffect(() => noteLookedAt(me.id, record.register, record.id), [me.id, record.register, record.id]);
  return (
    <div className="flex flex-wrap items-center gap-2">
      <TabMark mark={record.definition.mark} name={record.definition.plural} />
      <h1 className="text-lg!">{record.title}</h1>
      <span className="font-mono text-[13px] text-ink-2">{record.number}</span>
      {children}
    </div>
  );
};
