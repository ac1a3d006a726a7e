import { useEffect } from 'react';

const nothing = (): void => undefined;

/** What has a way back of its own: a tick has none. */
const BOXES = 'input:not([type=checkbox], [type=radio]), textarea, [contenteditable=true]';

/** Ctrl+Z and Ctrl+Shift+Z go back and forth, except in a box, where they are the box's own. */
export const useUndoKeys = (undo: () => void, redo: () => void = nothing): void => {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      const box = event.target instanceof Element && event.target.closest(BOXES);
      if (box || event.key.toLowerCase() !== 'z' || !(event.ctrlKey || event.metaKey)) return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [undo, redo]);
};
