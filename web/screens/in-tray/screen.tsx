import { useMutation, useQuery, useSuspenseQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { call } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Stamp } from '../../ui/marks.tsx';
import { Coming, Empty, Problems } from '../../ui/message.tsx';
import { RecordFacts, RecordHead, RecordHistory, SignOffTrack } from '../../ui/record-facts.tsx';
import { type TrayEntry, TrayItem } from './tray-item.tsx';

/** What waits for me at the left, the one in question at the right, decided in place. */
export const InTrayScreen = () => {
  const { signOff } = useParams();
  const { data } = useSuspenseQuery(queries.inTray());
  const [done, setDone] = useState('');
  const chosen = data.items.find((item) => item.sign_off === signOff) ?? null;
  const kinds = [
    { kind: 'sign', title: 'To sign off' },
    { kind: 'mend', title: 'Sent back to you' },
  ] as const;
  return (
    <div className="flex min-h-0 grow max-sm:flex-col">
      <section aria-label="In-tray" className="w-80 shrink-0 overflow-auto border-r border-rule bg-paper max-sm:w-full">
        <h1 className="px-4 pt-4">In-tray</h1>
        {data.items.length === 0 && (
          <Empty title="Nothing waits for you.">
            What you are asked to sign, and what is sent back to you, comes here.
          </Empty>
        )}
        {kinds.map(({ kind, title }) => {
          const items = data.items.filter((item) => item.kind === kind);
          return items.length === 0 ? null : (
            <div key={kind}>
              <h2 className="px-4 pb-1 pt-4 text-xs! text-ink-3">{title}</h2>
              <ul>
                {items.map((item) => (
                  <li key={item.sign_off} className="ruled">
                    <TrayItem item={item} />
                  </li>
                ))}
              </ul>
            </div>
          );
        })}
      </section>
      <section aria-label="Record to decide" className="min-w-0 grow overflow-auto p-6">
        <p role="status" className="mb-2 font-semibold text-kelp empty:hidden">
          {done}
        </p>
        {chosen ? (
          <Decide key={chosen.sign_off} item={chosen} onDone={setDone} />
        ) : (
          data.items.length > 0 && <p className="text-ink-2">Choose what to look at.</p>
        )}
      </section>
    </div>
  );
};

const Decide = ({ item, onDone }: { item: TrayEntry; onDone: (said: string) => void }) => {
  const { data: record, error } = useQuery(queries.record(item.register, item.record));
  const { workspace } = useWorkspace();
  const [comment, setComment] = useState('');
  const navigate = useNavigate();
  const box = useRef<HTMLTextAreaElement>(null);
  const decide = useMutation({
    mutationFn: (decision: 'approve' | 'send_back' | 'refuse') =>
      call('decide', { params: { id: item.sign_off }, body: { decision, comment, version: record?.version ?? 0 } }),
    onSuccess: async (_, decision) => {
      const said = { approve: 'was approved', send_back: `was sent back to ${item.from}`, refuse: 'was refused' }[
        decision
      ];
      onDone(`${item.number} ${said}.`);
      await queryClient.invalidateQueries({ queryKey: ['in-tray'] });
      navigate('/in-tray', { replace: true });
    },
    onError: () => box.current?.focus(),
  });
  useEffect(() => onDone(''), [onDone]);
  if (error) return <Problems error={error} />;
  if (!record) return <Coming />;
  return (
    <article aria-label={`${item.number} ${item.title}`}>
      <RecordHead record={record}>
        <span className="ml-auto">
          <Stamp kind="waiting">Waiting for you</Stamp>
        </span>
      </RecordHead>
      <p className="my-4 border-l-4 border-straw bg-straw-wash px-3 py-2.5">
        <span className="font-semibold">Why you:</span> {item.why}
      </p>
      <div className="grid gap-8 lg:grid-cols-[1fr_17rem]">
        <div>
          <h2 className="head-rule">What was sent</h2>
          <RecordFacts record={record} />
        </div>
        <div>
          {record.sign_off && <SignOffTrack track={record.sign_off} />}
          {workspace.rights[item.register]?.see && <RecordHistory register={item.register} id={item.record} />}
        </div>
      </div>
      <form className="mt-4" onSubmit={(event) => event.preventDefault()}>
        <label htmlFor="comment" className="font-semibold">
          Comment, or why it goes back
        </label>
        <textarea
          ref={box}
          id="comment"
          className="box mt-1"
          rows={2}
          maxLength={2000}
          value={comment}
          onChange={(event) => setComment(event.target.value)}
        />
        <Problems error={decide.error} />
        <div className="mt-2 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-ok"
            disabled={decide.isPending}
            onClick={() => decide.mutate('approve')}
          >
            Approve
          </button>
          <button type="button" className="btn" disabled={decide.isPending} onClick={() => decide.mutate('send_back')}>
            Send back to {item.from.split(' ')[0]}
          </button>
          <button
            type="button"
            className="btn btn-no"
            disabled={decide.isPending}
            onClick={() => decide.mutate('refuse')}
          >
            Refuse
          </button>
        </div>
      </form>
    </article>
  );
};
