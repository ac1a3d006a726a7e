import { useMutation, useQuery } from '@tanstack/react-query';
import type { JobAnswer } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Coming, Empty, Problems } from '../../ui/message.tsx';

/** Set-up: long work that goes on by itself, and what of it failed for good. */
export const SetUpJobsScreen = () => {
  const { data, error } = useQuery(queries.jobs());
  const save = useMutation({ mutationFn: () => call('takeBackup'), onSuccess: refresh });
  const clear = useMutation({ mutationFn: () => call('clearFiles'), onSuccess: refresh });
  if (!data) return error ? <Problems error={error} /> : <Coming />;
  return (
    <div className="overflow-auto p-6">
      <h1 className="head-rule">Jobs</h1>
      {data.jobs.length === 0 ? (
        <Empty title="Nothing runs, and nothing failed.">
          Long work goes on here by itself, also when its window is closed.
        </Empty>
      ) : (
        <ul aria-label="Jobs">
          {data.jobs.map((job) => (
            <Line key={job.id} job={job} />
          ))}
        </ul>
      )}
      <section className="mt-6 max-w-2xl border border-rule-strong bg-paper p-4">
        <h2>Backups</h2>
        <p className="mb-3 text-ink-2">
          Where its server has a folder for them, one is taken every night, of everything that is kept here. Whoever
          keeps the server going puts one back.
        </p>
        <button type="button" className="btn" disabled={save.isPending} onClick={() => save.mutate()}>
          Take one now
        </button>
        <Problems error={save.error} />
      </section>
      <section className="mt-4 max-w-2xl border border-rule-strong bg-paper p-4">
        <h2>Files</h2>
        <p className="mb-3 text-ink-2">
          Files that were taken out of their record, or added to an entry that was never sent, are cleared every night
          once they are two days old.
        </p>
        <button type="button" className="btn" disabled={clear.isPending} onClick={() => clear.mutate()}>
          Clear them now
        </button>
        <Problems error={clear.error} />
      </section>
    </div>
  );
};

const refresh = () => readAnew('jobs');

const STATES: { readonly [S in JobAnswer['state']]: string } = {
  waiting: 'waits',
  running: 'runs',
  done: 'is done',
  stopped: 'was stopped',
  failed: 'failed',
};

/** How far a job has come, in words. */
const sayProgress = ({ state, stopping, done, total }: JobAnswer): string => {
  if (state !== 'running') return STATES[state];
  if (stopping) return 'is being stopped';
  if (done === null) return STATES.running;
  return total === null ? `runs, ${done} done` : `runs, ${done} of ${total} done`;
};

const Line = ({ job }: { job: JobAnswer }) => {
  const { workspace } = useWorkspace();
  const stop = useMutation({ mutationFn: () => call('stopJob', { params: { id: job.id } }), onSuccess: refresh });
  const again = useMutation({ mutationFn: () => call('tryJobAgain', { params: { id: job.id } }), onSuccess: refresh });
  const open = job.state === 'waiting' || job.state === 'running';
  return (
    <li className="ruled flex flex-wrap items-baseline gap-x-3 gap-y-1 px-2 py-2.5">
      <span className="font-semibold">{job.label}</span>
      <span className={job.state === 'failed' ? 'text-brick' : 'text-ink-2'} role="status">
        {sayProgress(job)}
      </span>
      <span className="text-ink-2">begun {showMoment(job.begun_at, workspace.zone, workspace.locale)}</span>
      <span className="ml-auto flex gap-2">
        {open && (
          <button type="button" className="btn" disabled={stop.isPending || job.stopping} onClick={() => stop.mutate()}>
            Stop {job.label}
          </button>
        )}
        {job.state === 'failed' && (
          <button type="button" className="btn btn-go" disabled={again.isPending} onClick={() => again.mutate()}>
            Try again: {job.label}
          </button>
        )}
      </span>
      {job.says !== '' && <span className="text-ink-2">{job.says}</span>}
      {job.problem !== null && <p className="basis-full text-brick">{job.problem}</p>}
      <Problems error={stop.error ?? again.error} />
    </li>
  );
};
