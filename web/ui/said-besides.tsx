import { useId, useState } from 'react';
import { asksReason, leavesSight } from '../data/client.ts';

interface Props {
  readonly error: unknown;
  /** Stores the change after all, with what is said besides. */
  readonly onSave: (besides: { readonly leaves?: true; readonly reason?: string }) => void;
}

/** What can be said to a change that was refused for now: that one heard what follows, or why one does it by hand. */
export const SaidBesides = ({ error, onSave }: Props) => {
  const id = useId();
  const [reason, setReason] = useState('');
  if (leavesSight(error))
    return (
      <button type="button" className="btn mb-1.5" onClick={() => onSave({ leaves: true })}>
        Store it all the same
      </button>
    );
  if (!asksReason(error)) return null;
  return (
    <p className="mb-1.5 grid gap-1">
      <label htmlFor={id} className="font-semibold">
        Why do you set it by hand?
      </label>
      <input
        id={id}
        className="box"
        value={reason}
        onChange={(event) => setReason(event.target.value)}
        onKeyDown={(event) => {
          // Enter stores with what is said here, and does not store anew without it.
          if (event.key !== 'Enter') return;
          event.preventDefault();
          if (reason.trim() !== '') onSave({ reason });
        }}
      />
      <button
        type="button"
        className="btn justify-self-start"
        disabled={reason.trim() === ''}
        onClick={() => onSave({ reason })}
      >
        Store it with this reason
      </button>
    </p>
  );
};
