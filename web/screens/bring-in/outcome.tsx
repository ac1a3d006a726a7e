import { useMutation } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { ImportState } from '#contract/index.ts';
import { call } from '../../data/client.ts';
import { isOver, queries, queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Progress } from '../../fields/bringing/progress.tsx';
import { sayRows } from '../../fields/bringing/say-rows.ts';
import { Problems } from '../../ui/message.tsx';

/** Takes back all that a spreadsheet brought in, in one step. */
const UndoImport = ({ state }: { state: ImportState }) => {
  const undo = useMutation({
    mutationFn: () => call('undoImport', { params: { id: state.id } }),
    onSuccess: (next) => queryClient.setQueryData(queries.importState(state.id).queryKey, next),
  });
  if (!state.may_undo) return null;
  return (
    <>
      <button type="button" className="btn" disabled={undo.isPending} onClick={() => undo.mutate()}>
        Undo all of it
      </button>
      <Problems error={undo.error} />
    </>
  );
};

const sayEnd = ({ phase, job, through }: ImportState, locale: string): string => {
  if (job.state === 'failed') return job.problem ?? 'It failed.';
  if (phase === 'undoing') return job.state === 'stopped' ? 'It was undone only in part, and stopped' : 'It was undone';
  return job.state === 'stopped'
    ? `It was stopped behind ${through.toLocaleString(locale)} rows; what is stored stays`
    : 'It was brought in';
};

/** What came of a spreadsheet that was carried out. */
export const BringInOutcome = ({ state }: { state: ImportState }) => {
  const { workspace, catalogue } = useWorkspace();
  const register = state.register === null ? undefined : catalogue.registers.get(state.register);
  const undone = state.undone?.refused ?? [];
  return (
    <div className="grid gap-4 overflow-auto p-6">
      <h1 className="head-rule">{state.name}</h1>
      {!isOver(state.job) ? (
        <>
          <Progress state={state} />
          <p className="text-ink-2">It goes on by itself when you leave this page.</p>
        </>
      ) : (
        <p role="status" className={state.job.state === 'failed' ? 'wrong' : ''}>
          {sayEnd(state, workspace.locale)}: {sayRows(state, workspace.locale)}.
        </p>
      )}
      {state.undone === null && state.refused.length > 0 && (
        <section aria-labelledby="stayed-out">
          <h2 id="stayed-out" className="flex items-baseline gap-3 border-b border-rule-strong pb-1">
            <span className="grow">What stayed out</span>
            <a className="part" href={`/api/imports/${state.id}/refused.csv`} download>
              Save it as a file, with a column “Why”
            </a>
          </h2>
          <ul className="max-h-60 overflow-auto">
            {state.refused.map(({ line, detail }) => (
              <li key={line} className="ruled px-2 py-1">
                <span className="font-mono text-[12.5px] text-ink-3">row {line}</span> {detail}
              </li>
            ))}
          </ul>
          {state.refused_count > state.refused.length && (
            <p className="px-2 text-ink-2">… and {state.refused_count - state.refused.length} more.</p>
          )}
        </section>
      )}
      {undone.length > 0 && (
        <ul aria-label="What could not be undone" className="max-h-60 overflow-auto">
          {undone.map((each) => (
            <li key={each}>{each}</li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap gap-3">
        {register && (
          <Link className="btn btn-go" to={`/registers/${register.key}`}>
            Open {register.plural}
          </Link>
        )}
        {state.form !== null && state.undone === null && (
          <Link className="btn" to={`/set-up/forms/${state.form}`}>
            Open its form
          </Link>
        )}
        {isOver(state.job) && <UndoImport state={state} />}
      </div>
    </div>
  );
};
