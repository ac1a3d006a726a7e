import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Register } from '#core/register/index.ts';
import { addressOfAll, addressOfList } from '../../data/list-address.ts';
import { Problems } from '../../ui/message.tsx';
import { KeepDialog, keepList } from './keep-dialog.tsx';
import type { Viewing } from './use-view.ts';

/** What is looked at is not what is kept: it can be kept, over the list that is open or as another, or taken back. */
export const KeepBar = ({ register, viewing }: { register: Register; viewing: Viewing }) => {
  const { kept, view, lists } = viewing;
  const [naming, setNaming] = useState(false);
  const keep = useMutation({
    mutationFn: ({ list, revision }: NonNullable<Viewing['kept']>) => keepList({ ...list, view }, revision),
    // The address says no more than the list now does.
    onSuccess: (now) => viewing.look(now.list.view),
  });
  return (
    <span className="flex shrink-0 flex-wrap items-center gap-2 max-sm:shrink">
      {viewing.isChanged && (
        <>
          {kept?.may_change && (
            <button type="button" className="btn" disabled={keep.isPending} onClick={() => keep.mutate(kept)}>
              Keep
            </button>
          )}
          <button type="button" className="btn btn-quiet" onClick={() => setNaming(true)}>
            {kept ? 'Keep as another' : 'Keep as a list'}
          </button>
          <Link className="quiet-link" to={kept ? addressOfList(kept) : addressOfAll(register.key)} replace>
            Take back
          </Link>
        </>
      )}
      <Problems error={keep.error} />
      {naming && (
        <KeepDialog register={register} view={view} of={null} lists={lists} onClose={() => setNaming(false)} />
      )}
    </span>
  );
};
