import { useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import type { RecordDetail } from '#contract/index.ts';
import type { PersonFacts } from '#core/expression/index.ts';
import type { CompiledForm } from '#core/form/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import { clockFor, type KnownWorkspace, useFacts } from '../../data/workspace.ts';
import { EntryForm, focusFirstWrong } from '../../fields/asking/entry-form.tsx';
import { createEntryStore } from '../../state/entry-store.ts';
import { placeOf } from '../../state/places.ts';
import { LiveAs } from './live-as.tsx';

/** The form as it would be filled in, following each change of the outline at once. Nothing here is stored. */
export const LiveForm = ({ compiled, workspace, begun, onBegin }: Props) => {
  const own = useFacts();
  const [as, setAs] = useState<PersonFacts>(own);
  return (
    <Trial
      key={`${begun.round} ${as.name}`}
      compiled={compiled}
      workspace={workspace}
      begun={begun}
      onBegin={onBegin}
      as={as}
      onAs={(next) => {
        setAs(next);
        onBegin({ typed: begun.typed, record: begun.record });
      }}
    />
  );
};

/** What a trial begins with: nothing, sample answers, or a record that is there. */
export interface TrialStart {
  readonly round: number;
  readonly typed: Readonly<Record<string, StoredValue>>;
  readonly record?: RecordDetail | undefined;
}

interface Props {
  readonly compiled: CompiledForm;
  readonly workspace: KnownWorkspace;
  readonly begun: TrialStart;
  readonly onBegin: (begun: Omit<TrialStart, 'round'>) => void;
}

interface TrialProps extends Props {
  readonly as: PersonFacts;
  readonly onAs: (as: PersonFacts) => void;
}

const Trial = ({ compiled, workspace, begun, onBegin, as, onAs }: TrialProps) => {
  const [opening] = useState({ compiled, workspace, as, begun });
  const place = useRef<HTMLDivElement>(null);
  const [said, setSaid] = useState('');
  const store = useMemo(() => {
    const { record, typed } = opening.begun;
    const links = Object.fromEntries(Object.values(record?.links ?? {}).map((link) => [link.id, link]));
    return createEntryStore({
      compiled: opening.compiled,
      version: 0,
      record: record?.values ?? null,
      links: { ...record?.linked, ...links },
      files: record?.files ?? {},
      typed,
      clock: () => clockFor(opening.workspace),
      me: opening.as,
      keepAs: null,
    });
  }, [opening]);
  useEffect(() => store.getState().setForm(compiled), [compiled, store]);
  const used = useStore(
    store,
    (state) => Object.keys(state.entry.typed).length + Object.keys(state.entry.unread).length > 0,
  );
  const trySending = () => {
    const filledIn = store.getState().trySending();
    setSaid(
      filledIn.problems.length === 0
        ? 'This would be sent. Nothing was stored, as it is only tried here.'
        : `${filledIn.problems.length} answers are wrong or missing: it would not be sent.`,
    );
    const wrong = new Set(filledIn.problems.map((each) => placeOf(each, filledIn)));
    // The page with the first of them is there once React has drawn it.
    requestAnimationFrame(() => place.current && focusFirstWrong(place.current, wrong));
  };
  const registers = [...compiled.catalogue.registers.values()];
  return (
    <>
      <p className="mb-2 flex flex-wrap items-center gap-x-1 text-ink-2">
        <LiveAs compiled={compiled} store={store} begun={begun} onBegin={onBegin} as={as} onAs={onAs} />
        <button
          type="button"
          className="btn btn-quiet ml-auto"
          disabled={!used && said === '' && !begun.record}
          onClick={() => onBegin({ typed: {} })}
        >
          Start again empty
        </button>
      </p>
      <div ref={place} className="border border-rule-strong bg-sheet p-5">
        <h2 className="mb-3 text-lg!">{compiled.form.label}</h2>
        <EntryForm
          store={store}
          registers={registers}
          draft
          refused={NOTHING_REFUSED}
          sendLabel="Try sending"
          sending={false}
          beside={() => null}
          above={null}
          onSend={trySending}
        />
        <p role="status" className="mt-2 text-ink-2">
          {said}
        </p>
      </div>
    </>
  );
};

const NOTHING_REFUSED = new Map<string, readonly string[]>();
