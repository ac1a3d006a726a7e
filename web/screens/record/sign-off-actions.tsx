import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { SignOffHistory, Track } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { DECIDED, saySigner } from '#core/signoff/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { CommentBox } from '../../ui/comment-box.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

interface Props {
  readonly register: string;
  readonly record: string;
  readonly track: Track;
}

const DEEDS = [
  { key: 'withdraw', label: 'Withdraw it', title: 'Withdraw it from sign-off', reason: false },
  { key: 'start', label: 'Send it round again', title: 'Send it round again', reason: false },
  { key: 'stop', label: 'Stop it', title: 'Stop its sign-off', reason: true },
  { key: 'reopen', label: 'Open it again', title: 'Open it again', reason: true },
] as const;
type SignOffAction = (typeof DEEDS)[number];

/** What can be done with a sign-off as a whole, and every decision with what was seen. */
export const SignOffActions = ({ register, record, track }: Props) => {
  const [doing, setDoing] = useState<SignOffAction | null>(null);
  const [looking, setLooking] = useState(false);
  return (
    <p className="mt-1 flex flex-wrap gap-x-4 gap-y-1 print:hidden">
      <button type="button" className="quiet-link" onClick={() => setLooking(true)}>
        What was signed
      </button>
      {DEEDS.filter(({ key }) => track.may[key]).map((deed) => (
        <button key={deed.key} type="button" className="quiet-link" onClick={() => setDoing(deed)}>
          {deed.label}
        </button>
      ))}
      {doing && <DoIt deed={doing} id={track.id} onClose={() => setDoing(null)} />}
      {looking && <WhatWasSigned register={register} record={record} onClose={() => setLooking(false)} />}
    </p>
  );
};

const DoIt = ({ deed, id, onClose }: { deed: SignOffAction; id: string; onClose: () => void }) => {
  const [comment, setComment] = useState('');
  const act = useMutation({
    mutationFn: () => call('decide', { params: { id }, body: { decision: deed.key, comment } }),
    onSuccess: async () => {
      await readAnew('records', 'in-tray');
      onClose();
    },
  });
  return (
    <SheetDialog title={deed.title} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          act.mutate();
        }}
      >
        <CommentBox label={deed.reason ? 'Why' : 'Why, if you like'} value={comment} onChange={setComment} />
        <Problems error={act.error} />
        <div className="flex gap-3">
          <button type="submit" className="btn btn-go" disabled={act.isPending}>
            {deed.label}
          </button>
          <button type="button" className="btn btn-quiet" onClick={onClose}>
            Cancel
          </button>
        </div>
      </form>
    </SheetDialog>
  );
};

const WhatWasSigned = ({ register, record, onClose }: { register: string; record: string; onClose: () => void }) => {
  const { data, error } = useQuery(queries.signOffHistory(register, record));
  return (
    <SheetDialog title="What was signed" onClose={onClose} wide>
      <Problems error={error} />
      {!data && !error && <Coming />}
      {data?.decisions.length === 0 && <p className="text-ink-2">Nobody has decided anything yet.</p>}
      <ul className="max-h-[60vh] overflow-auto">
        {data?.decisions.map((each) => (
          <OneDecision key={`${each.by} ${each.at} ${each.step}`} decision={each} />
        ))}
      </ul>
      <button type="button" className="btn btn-quiet mt-3" onClick={onClose}>
        Close
      </button>
    </SheetDialog>
  );
};

/** A decision, with the record as whoever made it saw it. */
const OneDecision = ({ decision }: { decision: SignOffHistory['decisions'][number] }) => {
  const { workspace } = useWorkspace();
  const { at, step, round, comment, version, route_version: route, seen, undone } = decision;
  return (
    <li className="ruled py-2">
      <span className="font-semibold">{saySigner(decision)}</span> {DECIDED[decision.decision]},{' '}
      {showMoment(at, workspace.zone, workspace.locale)}, {step}, round {round}
      {undone && ', taken back'}
      {comment && <span className="block">“{comment}”</span>}
      <details className="text-[13px]">
        <summary className="cursor-pointer text-ink-2">
          Seen: version {version} of the record{route !== null && `, version ${route} of the route`}
        </summary>
        {seen ? (
          <dl className="facts">
            {seen.map(({ field, value }) => (
              <div key={field} className="facts-row">
                <dt className="text-ink-2">{field}</dt>
                <dd className="whitespace-pre-line">{value}</dd>
              </div>
            ))}
          </dl>
        ) : (
          <p className="text-ink-2">It was signed before what was seen was kept.</p>
        )}
      </details>
    </li>
  );
};
