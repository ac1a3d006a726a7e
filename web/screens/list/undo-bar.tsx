import { useCallback } from 'react';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { useUndoing } from '../../state/undoing.ts';
import { Problems } from '../../ui/message.tsx';
import { useUndoKeys } from '../../ui/undo-keys.ts';
import { undoLast } from './take-back.ts';

/** What I did last in a list, with the way back. */
export const UndoBar = () => {
  const { workspace } = useWorkspace();
  const me = useMe();
  const { done, says, error, isBusy } = useUndoing();
  const undo = useCallback(() => void undoLast(me.id, workspace.locale), [me.id, workspace.locale]);
  useUndoKeys(undo);
  const last = done.findLast(({ by }) => by === me.id);
  if (says === '' && error === null && !last) return null;
  return (
    <div className="flex flex-wrap items-center gap-3 border-t border-rule bg-paper px-4 py-1.5 text-[13px] print:hidden">
      <span role="status">{says || last?.says}</span>
      {last && (
        <button type="button" className="part" disabled={isBusy} title={last.says} onClick={undo}>
          {says === '' || says === last.says ? 'Undo' : 'Undo what was before'}
        </button>
      )}
      {last && <kbd className="key max-sm:hidden">Ctrl Z</kbd>}
      <Problems error={error} />
    </div>
  );
};
