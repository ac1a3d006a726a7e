import { Redo2, Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { useStore } from 'zustand';
import { createEditStore, type EditState } from '../state/edit-store.ts';
import { IconButton } from './icon-button.tsx';

/** Ctrl+Z and Ctrl+Shift+Z go back and forth, except in a box, where they are the box's own. */
const useUndoKeys = (undo: () => void, redo: () => void): void => {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const box = event.target instanceof Element && event.target.closest('input, textarea, [contenteditable=true]');
      if (box || event.key.toLowerCase() !== 'z' || !(event.ctrlKey || event.metaKey)) return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);
};

/** What an editor of the set-up is in the middle of, with the way back and forth. */
export const useEditing = <T,>(start: T): EditState<T> => {
  // Whoever shows the editor gives each document one of its own; what is kept meanwhile must not begin it anew.
  const [store] = useState(() => createEditStore(start));
  const editing = useStore(store);
  useUndoKeys(editing.undo, editing.redo);
  return editing;
};

/** The two buttons of the way back and forth. */
export const UndoButtons = ({
  editing: { past, future, undo, redo },
}: {
  editing: Pick<EditState<unknown>, 'past' | 'future' | 'undo' | 'redo'>;
}) => (
  <span className="flex">
    <IconButton label="Undo" icon={Undo2} disabled={past.length === 0} onClick={undo} />
    <IconButton label="Redo" icon={Redo2} disabled={future.length === 0} onClick={redo} />
  </span>
);
