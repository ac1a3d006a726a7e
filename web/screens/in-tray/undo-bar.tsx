import { useEffect, useState } from 'react';
import { Problems } from '../../ui/message.tsx';
import type { JustDecided } from './use-deciding.ts';

interface Props {
  readonly just: JustDecided | null;
  readonly error: unknown;
  readonly onUndo: (ids: readonly string[]) => void;
}

const secondsLeft = (until: number | null): number =>
  until === null ? 0 : Math.max(0, Math.ceil((until - Date.now()) / 1000));

/** What was decided just now, with the way back for as long as there is one. */
export const UndoBar = ({ just, error, onUndo }: Props) => {
  const [left, setLeft] = useState(0);
  const until = just?.until ?? null;
  useEffect(() => {
    setLeft(secondsLeft(until));
    if (until === null) return;
    const counting = setInterval(() => setLeft(secondsLeft(until)), 250);
    return () => clearInterval(counting);
  }, [until]);
  return (
    <>
      <div role="status" className={just ? 'flex items-center gap-3 bg-kelp-wash px-5 py-2 text-kelp' : ''}>
        {just && <span className="font-semibold">{just.said}</span>}
        {just && left > 0 && (
          <span className="ml-auto flex items-baseline gap-2 whitespace-nowrap">
            <button type="button" className="part" onClick={() => onUndo(just.ids)}>
              Undo
            </button>
            <span aria-hidden="true" className="text-ink-2">
              {left} s
            </span>
          </span>
        )}
      </div>
      <Problems error={error} />
    </>
  );
};
