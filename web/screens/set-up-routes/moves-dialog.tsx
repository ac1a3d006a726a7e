import { useMutation, useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { call } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { routeMoves } from '../../data/route-queries.ts';
import { Coming, Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

interface Props {
  readonly routeKey: string;
  readonly register: string;
  readonly onClose: () => void;
}

/** What is on its way by older versions: where each would stand on the newest, and moving them there. */
export const MovesDialog = ({ routeKey, register, onClose }: Props) => {
  const { data, error } = useQuery(routeMoves(routeKey));
  const carryOut = useMutation({
    mutationFn: () => call('moveRoute', { params: { key: routeKey } }),
    onSuccess: async () => {
      await readAnew('routes');
      onClose();
    },
  });
  const movable = data?.moves.filter(({ problem }) => problem === null).length ?? 0;
  return (
    <SheetDialog title="On their way by older versions" onClose={onClose} wide>
      <Problems error={error ?? carryOut.error} />
      {!data && !error && <Coming />}
      {data && (
        <>
          <p className="mb-2">
            They go on by the version they were sent on. Moved, each keeps the signatures of steps that are still there.
          </p>
          <ul className="max-h-80 overflow-auto">
            {data.moves.map((each) => (
              <li key={each.record} className="ruled py-1.5">
                <Link className="part" to={`/registers/${register}/${each.record}`}>
                  {each.title}
                </Link>{' '}
                <span className="font-mono text-xs text-ink-2">{each.number}</span>, version {each.version}
                <span className="block text-[13px] text-ink-2">
                  {each.problem ??
                    `waits at ${each.waits_at || 'its sender'}; moved, it would ${each.would_wait_at === '' ? 'be approved' : `wait at ${each.would_wait_at}`}`}
                </span>
              </li>
            ))}
          </ul>
          <div className="mt-4 flex gap-3">
            <button
              type="button"
              className="btn btn-go"
              disabled={movable === 0 || carryOut.isPending}
              onClick={() => carryOut.mutate()}
            >
              Move {movable} onto the newest version
            </button>
            <button type="button" className="btn btn-quiet" onClick={onClose}>
              Leave them
            </button>
          </div>
        </>
      )}
    </SheetDialog>
  );
};
