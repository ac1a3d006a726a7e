import { Redo2, Undo2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { useStore } from 'zustand';
import { showMoment } from '#core/base/index.ts';
import { useMe, useWorkspace } from '../data/workspace.ts';
import { createEditStore, type EditState } from '../state/edit-store.ts';
import { dropEditing, editingChannel, type Keeping, keepEditing, readKeptEditing } from '../state/kept-editing.ts';
import { IconButton } from './icon-button.tsx';
import { useUndoKeys } from './undo-keys.ts';

/** What an editor tells of what it is in the middle of, beside the document itself. */
export type EditingNote =
  /** Changes from before were taken up. */
  | { readonly kind: 'taken_up'; readonly at: string }
  /** There are changes from before, begun from what has changed since. */
  | { readonly kind: 'older'; readonly at: string }
  /** Another window of the same person has it otherwise. */
  | { readonly kind: 'elsewhere' };

/** What an editor of the set-up is in the middle of, with the way back and forth, kept until it is settled. */
export interface Editing<T> extends EditState<T> {
  readonly note: EditingNote | null;
  /** Does what the note offers: takes up what is there besides. */
  readonly takeUp: () => void;
  /** Does the other: what was taken up is thrown away, or what is there besides left alone. */
  readonly leave: () => void;
  /** What is edited is safe elsewhere, as this text: nothing needs to be kept of it here. */
  readonly settle: (base: string) => void;
}

/** What an editor of the set-up is in the middle of. Whoever shows it gives each document an editor of its own. */
export const useEditing = <T,>(start: T, { as, base, schema }: Keeping<T>): Editing<T> => {
  const { email } = useMe();
  // What is kept meanwhile must not begin it anew.
  const [began] = useState(() => {
    const keeping: Keeping<T> = { as: `${email} ${as}`, base, schema };
    const kept = readKeptEditing(keeping);
    const isOwn = kept?.base === base;
    return { keeping, start, kept, store: createEditStore(isOwn && kept ? kept.now : start), isOwn };
  });
  const { keeping, store } = began;
  const editing = useStore(store);
  const { now } = editing;
  const [note, setNote] = useState<EditingNote | null>(() =>
    began.kept ? { kind: began.isOwn ? 'taken_up' : 'older', at: began.kept.at } : null,
  );
  const beside = useRef<T | null>(began.isOwn ? null : (began.kept?.now ?? null));
  const settled = useRef({ base, now: began.start });
  const channel = useRef<ReturnType<typeof editingChannel<T>> | null>(null);
  useEffect(() => {
    const opened = editingChannel(keeping, (other) => {
      if (JSON.stringify(other) === JSON.stringify(store.getState().now)) {
        setNote((before) => (before?.kind === 'elsewhere' ? null : before));
        return;
      }
      beside.current = other;
      setNote({ kind: 'elsewhere' });
    });
    channel.current = opened;
    return () => opened.close();
  }, [keeping, store]);
  const told = useRef(now);
  useEffect(() => {
    if (told.current === now) return;
    told.current = now;
    if (now === settled.current.now) dropEditing(keeping);
    else keepEditing(keeping, settled.current.base, now);
    channel.current?.tell(now);
  }, [now, keeping]);
  useUndoKeys(editing.undo, editing.redo);
  const { edit } = editing;
  const takeUp = useCallback((): void => {
    const other = beside.current;
    if (other !== null) edit(() => other);
    setNote(null);
  }, [edit]);
  const leave = useCallback((): void => {
    if (note?.kind === 'taken_up') edit(() => began.start);
    if (note?.kind === 'older') dropEditing(keeping);
    setNote(null);
  }, [note, edit, began, keeping]);
  const settle = useCallback(
    (text: string): void => {
      settled.current = { base: text, now: store.getState().now };
      dropEditing(keeping);
    },
    [store, keeping],
  );
  return useMemo(() => ({ ...editing, note, takeUp, leave, settle }), [editing, note, takeUp, leave, settle]);
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

/** That changes from before are here, or that another window has others, with what can be done about it. */
export const EditingNotice = ({
  editing: { note, takeUp, leave },
}: {
  editing: Pick<Editing<unknown>, 'note' | 'takeUp' | 'leave'>;
}) => {
  const { workspace } = useWorkspace();
  if (!note) return null;
  const when = note.kind === 'elsewhere' ? '' : showMoment(note.at, workspace.zone, workspace.locale);
  const button = (words: string, does: () => void) => (
    <button type="button" className="part" onClick={does}>
      {words}
    </button>
  );
  return (
    <p role="status" className="flex flex-wrap items-baseline gap-x-3 border-l-4 border-haze bg-haze-wash px-3 py-1.5">
      {note.kind === 'taken_up' && (
        <>
          These are your changes of {when}, not carried out yet. {button('Throw them away', leave)}
        </>
      )}
      {note.kind === 'older' && (
        <>
          You changed this on {when}, and it was changed otherwise since. {button('Take up my changes', takeUp)}
          {button('Throw them away', leave)}
        </>
      )}
      {note.kind === 'elsewhere' && (
        <>
          Another window of yours has this otherwise. {button('Take over what stands there', takeUp)}
          {button('Go on with this', leave)}
        </>
      )}
    </p>
  );
};
