import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { routeTrialSchema } from '#contract/index.ts';
import type { Route } from '#core/signoff/index.ts';
import { call } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

/** A route tried on the records that are there: how far it is, and what came of it. */
export const TrialDialog = ({ route, onClose }: { route: Route; onClose: () => void }) => {
  const [id, setId] = useState<string | null>(null);
  const begin = useMutation({
    mutationFn: (all: boolean) => call('routeTrial', { params: { key: route.key }, body: { route, all } }),
    onSuccess: (job) => setId(job.id),
  });
  const { mutate } = begin;
  useEffect(() => mutate(false), [mutate]);
  return (
    <SheetDialog title={`Try ${route.label} on what is there`} onClose={onClose} wide>
      <Problems error={begin.error} />
      {id && <Outcome id={id} route={route} onAll={() => mutate(true)} />}
      <button type="button" className="btn btn-quiet mt-4" onClick={onClose}>
        Close
      </button>
    </SheetDialog>
  );
};

const Outcome = ({ id, route, onAll }: { id: string; route: Route; onAll: () => void }) => {
  const { workspace } = useWorkspace();
  const { data: job } = useQuery(queries.job(id));
  const stop = useMutation({ mutationFn: () => call('stopJob', { params: { id } }) });
  const read = routeTrialSchema.safeParse(job?.result);
  const count = (value: number): string => value.toLocaleString(workspace.locale);
  if (!job || job.state === 'waiting' || job.state === 'running')
    return (
      <p className="flex items-center gap-3" role="status">
        Going through the records{job?.total ? `, ${count(job.done ?? 0)} of ${count(job.total)}` : ''}
        <progress className="progress-bar" value={job?.done ?? 0} max={job?.total ?? 1} aria-label="How far it is" />
        <button type="button" className="btn" onClick={() => stop.mutate()}>
          Stop
        </button>
      </p>
    );
  if (job.state === 'stopped') return <p role="status">It was stopped.</p>;
  if (!read.success) return <Problems error={new Error(job.problem ?? 'Nothing came of it.')} />;
  const trial = read.data;
  const more = trial.signatures - trial.before;
  return (
    <div role="status">
      <p>
        Of {count(trial.records)} records it takes {count(trial.taken)}; {count(trial.signed)} would be signed, with{' '}
        {count(trial.signatures)} signatures. {count(trial.before)} were given so far:{' '}
        <strong>{more >= 0 ? `${count(more)} more` : `${count(-more)} fewer`}</strong>. {count(trial.differ)} would go
        otherwise than they did.
      </p>
      <h3 className="mt-3 font-semibold">Who would sign</h3>
      <ul>
        {trial.paths.map(({ says, count: of }) => (
          <li key={says} className="ruled flex py-1">
            {says} <span className="ml-auto tabular-nums">{count(of)}</span>
          </li>
        ))}
      </ul>
      {trial.sample.length > 0 && (
        <>
          <h3 className="mt-3 font-semibold">Otherwise than it was</h3>
          <ul className="max-h-64 overflow-auto">
            {trial.sample.map((each) => (
              <li key={each.record} className="ruled py-1">
                <Link className="part" to={`/registers/${route.register}/${each.record}`}>
                  {each.title}
                </Link>{' '}
                <span className="font-mono text-xs text-ink-2">{each.number}</span>: {each.would}{' '}
                <span className="text-ink-2">was {each.was}</span>
              </li>
            ))}
          </ul>
        </>
      )}
      {trial.records >= 500 && (
        <button type="button" className="btn mt-3" onClick={onAll}>
          Try it on all records
        </button>
      )}
    </div>
  );
};
