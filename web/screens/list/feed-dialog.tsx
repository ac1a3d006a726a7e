import { useMutation, useQuery } from '@tanstack/react-query';
import { showMoment } from '#core/base/index.ts';
import type { List } from '#core/list/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

const refresh = () => readAnew('feeds');

/** Addresses by which calendar programs read a list: made, shown once, withdrawn. */
export const FeedDialog = ({ list, onClose }: { list: List; onClose: () => void }) => {
  const { workspace } = useWorkspace();
  const { data, error } = useQuery(queries.feeds());
  const make = useMutation({ mutationFn: () => call('addFeed', { body: { list: list.key } }), onSuccess: refresh });
  const drop = useMutation({ mutationFn: (id: string) => call('dropFeed', { params: { id } }), onSuccess: refresh });
  const held = (data?.feeds ?? []).filter((feed) => feed.list === list.key);
  return (
    <SheetDialog title={`“${list.label}” in a calendar program`} onClose={onClose}>
      <p className="mt-3">
        A calendar program that is given this address shows what the list holds, as you see it, and asks for it again
        and again. Whoever has the address sees that too: withdraw it when it is needed no more.
      </p>
      {make.data ? (
        <label className="mt-3 block">
          <span className="block pb-1 font-semibold">The address, shown this once</span>
          <input
            className="box font-mono text-[13px]"
            readOnly
            value={`${window.location.origin}${make.data.path}`}
            onFocus={(event) => event.target.select()}
          />
        </label>
      ) : (
        <button type="button" className="btn btn-go mt-3" disabled={make.isPending} onClick={() => make.mutate()}>
          Make an address
        </button>
      )}
      <Problems error={error ?? make.error ?? drop.error} />
      {held.length > 0 && (
        <ul className="mt-4" aria-label="Addresses of this list">
          {held.map(({ id, made_at: at }) => (
            <li key={id} className="flex items-center gap-3 border-t border-rule py-1.5">
              <span className="grow">Made {showMoment(at, workspace.zone, workspace.locale)}</span>
              <button type="button" className="btn" disabled={drop.isPending} onClick={() => drop.mutate(id)}>
                Withdraw
              </button>
            </li>
          ))}
        </ul>
      )}
      <button type="button" className="btn btn-quiet mt-4" onClick={onClose}>
        Close
      </button>
    </SheetDialog>
  );
};
