import { useState } from 'react';
import { useWorkspace } from '../../data/workspace.ts';
import type { TrayEntry } from '../../fields/records/tray-item.tsx';
import { CommentBox } from '../../ui/comment-box.tsx';
import { Key, Stamp, TabMark } from '../../ui/marks.tsx';
import { Problems } from '../../ui/message.tsx';
import { WhyBox } from './why-box.tsx';

interface Props {
  readonly items: readonly TrayEntry[];
  /** Those that changed and were looked at: they join in. */
  readonly looked: ReadonlySet<string>;
  readonly error: unknown;
  readonly pending: boolean;
  readonly onLook: (item: TrayEntry) => void;
  readonly onUntick: () => void;
  readonly onDecide: (
    decision: 'approve' | 'send_back' | 'refuse',
    items: readonly TrayEntry[],
    comment: string,
  ) => void;
}

/** Many of a kind, to be decided together: those that changed since somebody signed want a look first. */
export const DecideMany = ({ items, looked, error, pending, onLook, onUntick, onDecide }: Props) => {
  const { catalogue } = useWorkspace();
  const [comment, setComment] = useState('');
  const wants = items.filter(({ changed, sign_off: id }) => changed && !looked.has(id));
  const ready = items.filter((item) => !wants.includes(item));
  const whys = [...new Set(items.map(({ why }) => why))];
  return (
    <section aria-label="To sign together" className="flex min-h-full flex-col">
      <div className="grow">
        <div className="flex items-center gap-2">
          <h1>{items.length} to sign together</h1>
          <button type="button" className="btn btn-quiet ml-auto" onClick={onUntick}>
            Untick all
          </button>
        </div>
        {whys.map((why) => (
          <WhyBox key={why} why={why} />
        ))}
        <table className="w-full">
          <thead>
            <tr className="border-b border-ink text-left text-[13px] text-ink-2">
              <th className="py-1.5 font-semibold">What is asked</th>
              <th className="py-1.5 text-right font-semibold">Amount</th>
              <th className="py-1.5 pl-4 font-semibold">Your stamp</th>
            </tr>
          </thead>
          <tbody>
            {items.map((item) => {
              const register = catalogue.registers.get(item.register);
              const isReady = ready.includes(item);
              return (
                <tr key={`${item.sign_off} ${item.step}`} className="ruled align-top">
                  <td className="py-2.5">
                    <span className="font-semibold">{item.title}</span>{' '}
                    <span className="font-mono text-xs text-ink-2">{item.number}</span>
                    <span className="flex items-center gap-2 text-[13px] text-ink-2">
                      {register && <TabMark mark={register.mark} name={register.plural} />} from {item.from}
                    </span>
                    {item.changed && (
                      <span className="text-[13px]">
                        <span className="font-semibold text-straw">It changed after it was signed.</span>{' '}
                        <button type="button" className="part" onClick={() => onLook(item)}>
                          Look
                        </button>
                      </span>
                    )}
                  </td>
                  <td className="py-2.5 text-right tabular-nums">{item.amount}</td>
                  <td className="py-2.5 pl-4">
                    <Stamp kind={isReady ? 'approved' : 'draft'}>{isReady ? 'Joins in' : 'Look first'}</Stamp>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
      <form
        className="sticky bottom-0 mt-6 border-t-2 border-iolite-deep bg-iolite-wash px-4 py-3"
        onSubmit={(event) => event.preventDefault()}
      >
        <CommentBox label="Say something with each" rows={2} value={comment} onChange={setComment} />
        <Problems error={error} />
        <p className="mt-2">
          <span className="font-semibold">{items.length} chosen:</span> {ready.length} can be signed together
          {wants.length > 0 && `, ${wants.length} want${wants.length === 1 ? 's' : ''} a look first`}.
        </p>
        <div className="mt-2 flex flex-wrap gap-2">
          <button
            type="button"
            className="btn btn-ok"
            disabled={pending || ready.length === 0}
            onClick={() => onDecide('approve', ready, comment)}
          >
            Approve {ready.length} <Key>A</Key>
          </button>
          <button
            type="button"
            className="btn"
            disabled={pending || ready.length === 0}
            onClick={() => onDecide('send_back', ready, comment)}
          >
            Send back {ready.length}
          </button>
          <button
            type="button"
            className="btn btn-no"
            disabled={pending || ready.length === 0}
            onClick={() => onDecide('refuse', ready, comment)}
          >
            Refuse {ready.length}
          </button>
        </div>
      </form>
    </section>
  );
};
