import { useMutation, useQuery } from '@tanstack/react-query';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { showMoment } from '#core/base/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { IconButton } from '../../ui/icon-button.tsx';
import { Problems } from '../../ui/message.tsx';

/** The entries that were begun and not sent, to be taken up again on any device. */
export const NotSent = () => {
  const { workspace } = useWorkspace();
  const { data } = useQuery({ ...queries.keptEntries(), staleTime: 0 });
  const drop = useMutation({
    mutationFn: (id: string) => call('dropEntry', { params: { id } }),
    onSuccess: () => readAnew('kept'),
  });
  if (!data || data.entries.length === 0) return null;
  return (
    <section aria-labelledby="not-sent">
      <h2 id="not-sent" className="head-rule">
        Not sent yet
      </h2>
      <Problems error={drop.error} />
      <ul>
        {data.entries.map(({ id, form, label, record, title, at }) => (
          <li key={id} className="ruled flex items-center">
            <Link
              to={`/forms/${form}?${new URLSearchParams({ ...(record ? { record } : {}), kept: id })}`}
              className="grow px-2 py-2.5 hover:bg-iolite-wash"
            >
              <span className="font-semibold text-iolite-deep">{label}</span>
              <span className="block text-ink-2">
                {title === '' ? 'nothing that could be read yet' : title} ·{' '}
                {showMoment(at, workspace.zone, workspace.locale)}
              </span>
            </Link>
            <IconButton label={`Throw away ${label}: ${title}`} icon={Trash2} onClick={() => drop.mutate(id)} />
          </li>
        ))}
      </ul>
    </section>
  );
};
