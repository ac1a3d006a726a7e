import { useMutation } from '@tanstack/react-query';
import type { ImportState } from '#contract/index.ts';
import { call } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Problems } from '../../ui/message.tsx';

const WHAT = {
  looking: 'Looking through it',
  storing: 'Bringing it in',
  undoing: 'Undoing what came in',
} as const;

/** How far a spreadsheet has come, as a bar and in words, with a way to stop it. */
export const Progress = ({ state, what = WHAT[state.phase] }: { state: ImportState; what?: string }) => {
  const { workspace } = useWorkspace();
  const { job } = state;
  const stop = useMutation({
    mutationFn: () => call('stopJob', { params: { id: job.id } }),
    onSuccess: () => readAnew('imports'),
  });
  const [done, all] = [job.done ?? 0, job.total ?? 0].map((count) => count.toLocaleString(workspace.locale));
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <p role="status">
        {job.stopping
          ? `${what} is being stopped.`
          : job.total === null
            ? `${what} begins …`
            : `${what}: ${done} of ${all} rows.`}
      </p>
      <progress
        className="progress-bar"
        aria-label={what}
        max={job.total ?? 1}
        value={job.total === null ? 0 : (job.done ?? 0)}
      />
      <button type="button" className="btn" disabled={stop.isPending || job.stopping} onClick={() => stop.mutate()}>
        Stop
      </button>
      <Problems error={stop.error} />
    </div>
  );
};
