import { useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import type { CompiledForm } from '#core/form/index.ts';
import type { StoredValue } from '#core/values/index.ts';
import { clockFor, type KnownWorkspace, useFacts } from '../../data/workspace.ts';
import { createEntryStore } from '../../state/entry-store.ts';
import { EntryForm, focusFirstWrong } from '../../ui/entry-form.tsx';

/** The form as it would be filled in, following each change of the outline at once. Nothing here is stored. */
export const LiveForm = ({ compiled, workspace, begun, onAgain }: Props) => (
  <Trial key={begun.round} compiled={compiled} workspace={workspace} typed={begun.typed} onAgain={onAgain} />
);

/** What a trial begins with: nothing, or sample answers. */
export interface Begun {
  readonly round: number;
  readonly typed: Readonly<Record<string, StoredValue>>;
}

interface Props {
  readonly compiled: CompiledForm;
  readonly workspace: KnownWorkspace;
  readonly begun: Begun;
  readonly onAgain: () => void;
}

const Trial = ({ compiled, workspace, typed, onAgain }: Omit<Props, 'begun'> & Pick<Begun, 'typed'>) => {
  const me = useFacts();
  const [opening] = useState({ compiled, workspace, me, typed });
  const place = useRef<HTMLDivElement>(null);
  const [said, setSaid] = useState('');
  const store = useMemo(
    () =>
      createEntryStore({
        compiled: opening.compiled,
        version: 0,
        record: null,
        links: {},
        typed: opening.typed,
        clock: () => clockFor(opening.workspace),
        me: opening.me,
        keepAs: null,
      }),
    [opening],
  );
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
    const wrong = new Set(filledIn.problems.map((each) => String(each.path[0])));
    // The page with the first of them is there once React has drawn it.
    requestAnimationFrame(() => place.current && focusFirstWrong(place.current, wrong));
  };
  const registers = [...compiled.catalogue.registers.values()];
  return (
    <>
      <p className="mb-2 flex items-center text-ink-2">
        Live, as it would be filled in
        <button type="button" className="btn btn-quiet ml-auto" disabled={!used && said === ''} onClick={onAgain}>
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
