import { useMutation, useQuery } from '@tanstack/react-query';
import type { CsvState } from '#contract/index.ts';
import { joinWords, showMoment } from '#core/base/index.ts';
import type { Register } from '#core/register/index.ts';
import { call } from '../../data/client.ts';
import { isOver, queries, queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Problems } from '../../ui/message.tsx';

const refresh = () => queryClient.invalidateQueries({ queryKey: ['csv'] });

/** What became of the rows of a file, in words. */
export const sayRows = (state: CsvState, locale: string): string => {
  const { kind, refused_count: refused } = state;
  const [added, changed, unchanged] = [state.added, state.changed, state.unchanged].map((n) =>
    n.toLocaleString(locale),
  );
  const parts =
    kind === 'undoing'
      ? [`${added} archived`, `${changed} changed back`]
      : [`${added} added`, `${changed} changed`, `${unchanged} as they are`];
  const out = refused.toLocaleString(locale);
  const ends = { undoing: 'could not be', import: 'stayed out', rehearsal: 'would stay out' } as const;
  if (refused > 0) parts.push(`${out} ${ends[kind]}`);
  return parts.join(', ');
};

/** How far a file has come, as a bar and in words, with a way to stop it. */
export const Progress = ({ state, what }: { state: CsvState; what: string }) => {
  const stop = useMutation({ mutationFn: () => call('stopJob', { params: { id: state.id } }), onSuccess: refresh });
  const { workspace } = useWorkspace();
  const { through, total } = state;
  const [done, all] = [through, total ?? 0].map((n) => n.toLocaleString(workspace.locale));
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <p role="status">
        {state.stopping
          ? `${what} is being stopped.`
          : total === null
            ? `${what} begins …`
            : `${what}: ${done} of ${all} rows.`}
      </p>
      <progress className="progress-bar" aria-label={what} max={total ?? 1} value={total === null ? 0 : through} />
      <button type="button" className="btn" disabled={stop.isPending || state.stopping} onClick={() => stop.mutate()}>
        Stop
      </button>
      <Problems error={stop.error} />
    </div>
  );
};

/** What stays out, counted by field and reason, with what stands there and some of the lines. */
const RefusedAlike = ({ state }: { state: CsvState }) => {
  const { workspace } = useWorkspace();
  const counted = state.refusals.reduce((sum, { count }) => sum + count, 0);
  return (
    <ul className="max-h-60 overflow-auto" aria-label="What stays out">
      {state.refusals.map(({ field, reason, count, lines, cells }) => (
        <li key={`${field} ${reason}`}>
          {field !== '' && <span className="font-semibold">{field}: </span>}
          {reason}{' '}
          {cells.length > 0 && (
            <>
              Not{' '}
              {joinWords(
                cells.map((cell) => `“${cell}”`),
                'or',
              )}
              .{' '}
            </>
          )}
          <span className="text-ink-2">
            {count === 1 ? 'Line' : `${count.toLocaleString(workspace.locale)} rows: lines`} {lines.join(', ')}
            {count > lines.length && ' …'}
          </span>
        </li>
      ))}
      {state.refused_count > counted && <li>… and {state.refused_count - counted} more.</li>}
    </ul>
  );
};

/** What stayed out, alike together; of an undoing record by record, the first of them. */
export const Refused = ({ state }: { state: CsvState }) =>
  state.refused.length === 0 ? null : state.kind !== 'undoing' && state.refusals.length > 0 ? (
    <RefusedAlike state={state} />
  ) : (
    <ul className="max-h-40 overflow-auto" aria-label="Rows that stay out">
      {state.refused.map(({ line, detail }) => (
        <li key={line}>
          {state.kind !== 'undoing' && <span className="font-semibold">Line {line}:</span>} {detail}
        </li>
      ))}
      {state.refused_count > state.refused.length && <li>… and {state.refused_count - state.refused.length} more.</li>}
    </ul>
  );

/** Takes back all that a file brought in, in one step. */
export const Undo = ({ state }: { state: CsvState }) => {
  const undo = useMutation({ mutationFn: () => call('undoCsv', { params: { id: state.id } }), onSuccess: refresh });
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

const WHAT = { rehearsal: 'Looking', import: 'Bringing the file in', undoing: 'Undoing what came in' } as const;

const sayEnd = ({ kind, state, problem, through }: CsvState, locale: string): string => {
  if (state === 'failed') return problem ?? 'It failed.';
  const what = kind === 'undoing' ? 'What a file brought in was undone' : 'A file was brought in';
  if (state !== 'stopped') return what;
  // The head of a file is its first line.
  return kind === 'undoing'
    ? `${what} only in part, and stopped`
    : `${what} up to line ${(through + 1).toLocaleString(locale)}, and stopped`;
};

/** What runs in this list just now: it goes on also when its window was closed. */
export const RunningImports = ({ register }: { register: Register }) => {
  const { workspace } = useWorkspace();
  const rights = workspace.rights[register.key];
  const { data } = useQuery({
    ...queries.csvImports(register.key),
    enabled: rights?.add === true || rights?.change === true,
  });
  const running = data?.imports.filter((each) => !isOver(each)) ?? [];
  if (running.length === 0) return null;
  return (
    <section aria-label="Files on their way in" className="border-b border-rule bg-paper px-5 py-2.5">
      {running.map((each) => (
        <Progress key={each.id} state={each} what={WHAT[each.kind]} />
      ))}
    </section>
  );
};

/** The files that one brought in of late, what became of them, and the way back. */
export const RecentImports = ({ register }: { register: Register }) => {
  const { workspace } = useWorkspace();
  const { data } = useQuery(queries.csvImports(register.key));
  const over = data?.imports.filter(isOver) ?? [];
  if (over.length === 0) return null;
  return (
    <section aria-labelledby="brought-in" className="mt-6">
      <h2 id="brought-in" className="head-rule">
        Brought in of late
      </h2>
      <ul>
        {over.map((each) => (
          <li key={each.id} className="ruled grid gap-1 px-2 py-2">
            <span>
              {sayEnd(each, workspace.locale)}, {showMoment(each.begun_at, workspace.zone, workspace.locale)}:{' '}
              {sayRows(each, workspace.locale)}.
            </span>
            <span className="flex gap-2">
              <Undo state={each} />
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
};
