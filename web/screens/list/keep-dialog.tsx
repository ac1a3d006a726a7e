import { useMutation } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { useNavigate } from 'react-router';
import type { KeptListAnswer } from '#contract/index.ts';
import { toKey } from '#core/base/index.ts';
import { type List, ownListKey, type View } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { call } from '../../data/client.ts';
import { addressOfList } from '../../data/list-address.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

/** Keeps a list and has it among those that are known. */
export const keepList = async (list: List, revision: number): Promise<KeptListAnswer> => {
  const kept = await call('keepList', { params: { key: list.key }, body: { list, revision } });
  await queryClient.invalidateQueries(queries.lists());
  return kept;
};

/** Takes a list away from all who are offered it. */
export const retireList = async (key: string): Promise<void> => {
  await call('dropList', { params: { key } });
  await queryClient.invalidateQueries(queries.lists());
};

interface Props {
  readonly register: Register;
  readonly view: View;
  /** The list whose name and sharing are changed; null: another is kept. */
  readonly of: KeptListAnswer | null;
  /** What a new one is called at first. */
  readonly called?: string;
  readonly lists: readonly KeptListAnswer[];
  readonly onClose: () => void;
}

const RIGHTS = [
  { part: 'shared_with', label: 'finds it' },
  { part: 'first_for', label: 'opens with it' },
  { part: 'pinned_for', label: 'has it on Today' },
] as const;
type Sharing = Pick<List, 'shared_with' | 'first_for' | 'pinned_for'>;
const NOBODY: Sharing = { shared_with: [], first_for: [], pinned_for: [] };

/** Who finds a list opens with it or has it on Today; who does not find it has neither. */
const ticked = (sharing: Sharing, part: keyof Sharing, role: string): Sharing => {
  const held = sharing[part];
  const on = !held.includes(role);
  const changed = { ...sharing, [part]: on ? [...held, role] : held.filter((each) => each !== role) };
  if (on && !changed.shared_with.includes(role)) return { ...changed, shared_with: [...changed.shared_with, role] };
  if (on || part !== 'shared_with') return changed;
  const without = (roles: readonly string[]): string[] => roles.filter((each) => each !== role);
  return { ...changed, first_for: without(changed.first_for), pinned_for: without(changed.pinned_for) };
};

/** A list is given a name, and is said to be for whom. */
export const KeepDialog = ({ register, view, of, called = '', lists, onClose }: Props) => {
  const me = useMe();
  const { workspace } = useWorkspace();
  const navigate = useNavigate();
  const [label, setLabel] = useState(of?.list.label ?? called);
  const [counted, setCounted] = useState(of?.list.counted ?? false);
  const [sharing, setSharing] = useState<Sharing>(of?.list ?? NOBODY);
  const [forOthers, setForOthers] = useState(of !== null && !of.own);
  const mayShare = me.sets_up.includes('forms');
  const name = useId();
  const keep = useMutation({
    mutationFn: async () => {
      const shared = forOthers ? sharing : NOBODY;
      const own = shared.shared_with.length === 0;
      const taken = new Set(lists.map(({ list }) => list.key));
      const key =
        of && of.own === own
          ? of.list.key
          : own
            ? ownListKey(crypto.getRandomValues(new Uint8Array(16)))
            : toKey(label, taken);
      const { shared_with, first_for, pinned_for } = shared;
      const list: List = { key, label, register: register.key, view, shared_with, first_for, pinned_for, counted };
      const kept = await keepList(list, of?.list.key === key ? of.revision : 0);
      // One that is shared from now on, or no longer, is another list: the one before goes.
      if (of && of.list.key !== key) await retireList(of.list.key);
      return kept;
    },
    onSuccess: (kept) => {
      navigate(addressOfList(kept), { replace: true });
      onClose();
    },
  });
  return (
    <SheetDialog
      title={of ? `Name and sharing of “${of.list.label}”` : 'Keep as a list'}
      onClose={onClose}
      wide={mayShare}
    >
      <form
        className="mt-4 grid gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          keep.mutate();
        }}
      >
        <label className="grid gap-1" htmlFor={name}>
          <span className="font-semibold">Name</span>
          <input
            id={name}
            className="box max-w-96"
            value={label}
            required
            maxLength={80}
            onChange={(event) => setLabel(event.target.value)}
          />
        </label>
        {mayShare && (
          <fieldset className="grid gap-2">
            <legend className="font-semibold">For</legend>
            <span className="flex flex-wrap gap-2">
              <label className="pick">
                <input type="radio" name="for" checked={!forOthers} onChange={() => setForOthers(false)} />
                only me
              </label>
              <label className="pick">
                <input type="radio" name="for" checked={forOthers} onChange={() => setForOthers(true)} />
                people with these roles
              </label>
            </span>
            {forOthers && (
              <table className="w-full">
                <thead>
                  <tr className="border-b border-rule-strong text-left">
                    <th scope="col" className="py-1 font-semibold">
                      Role
                    </th>
                    {RIGHTS.map(({ part, label: head }) => (
                      <th key={part} scope="col" className="py-1 font-semibold">
                        {head}
                      </th>
                    ))}
                  </tr>
                </thead>
                <tbody>
                  {workspace.roles.map((role) => (
                    <tr key={role.key} className="ruled">
                      <th scope="row" className="py-1 text-left font-normal">
                        {role.label}
                      </th>
                      {RIGHTS.map(({ part, label: head }) => (
                        <td key={part}>
                          <label className="inline-flex min-h-7 min-w-7 items-center">
                            <span className="sr-only">
                              {role.label} {head}
                            </span>
                            <input
                              type="checkbox"
                              checked={sharing[part].includes(role.key)}
                              onChange={() => setSharing(ticked(sharing, part, role.key))}
                            />
                          </label>
                        </td>
                      ))}
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
            {forOthers && sharing.shared_with.length === 0 && (
              <p className="text-ink-2">Until a role is ticked it is kept for you alone.</p>
            )}
          </fieldset>
        )}
        <label className="flex items-center gap-2">
          <input type="checkbox" checked={counted} onChange={() => setCounted(!counted)} />
          Its tab says how many it holds
        </label>
        <Problems error={keep.error} />
        <span className="flex gap-2">
          <button type="submit" className="btn btn-go" disabled={keep.isPending || label.trim() === ''}>
            Keep
          </button>
          <button type="button" className="btn" onClick={onClose}>
            Do not keep
          </button>
        </span>
      </form>
    </SheetDialog>
  );
};
