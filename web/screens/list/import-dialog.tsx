import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { CsvState } from '#contract/index.ts';
import { foldText } from '#core/base/index.ts';
import { type CsvTable, readCsv } from '#core/list/index.ts';
import { isWritable, type Register } from '#core/register/index.ts';
import { isInCsv } from '#core/values/index.ts';
import { call } from '../../data/client.ts';
import { isOver, queries, queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Problems } from '../../ui/message.tsx';
import { Progress, RecentImports, Refused, sayRows, Undo } from './import-progress.tsx';

interface File {
  readonly name: string;
  readonly csv: string;
  readonly table: CsvTable;
}

/** The field a column's head names: by its label or its key, case and accents aside. */
const suggest = (head: string, register: Register): string | null => {
  const word = foldText(head);
  if (word === 'number' || word === foldText(register.mark)) return 'number';
  return (
    register.fields.find((field) => isWritable(field) && (foldText(field.label) === word || field.key === word))?.key ??
    null
  );
};

/** A look at the beginning is enough to map columns by. */
const LOOKED_AT = 20;

/** A file that was sent, as it comes along; null while none was. */
const useSent = (id: string | null): CsvState | null => {
  const { data } = useQuery({ ...queries.csvState(id ?? ''), enabled: id !== null });
  return id === null ? null : (data ?? null);
};

/** Whoever goes away from a rehearsal needs it no more. */
const useEndsWithWindow = (id: string | null): void => {
  useEffect(() => {
    if (id === null) return;
    const end = () => void fetch(`/api/jobs/${id}`, { method: 'DELETE', keepalive: true }).catch(() => undefined);
    window.addEventListener('pagehide', end);
    return () => {
      window.removeEventListener('pagehide', end);
      const state = queryClient.getQueryData(queries.csvState(id).queryKey);
      if (!state || !isOver(state)) end();
    };
  }, [id]);
};

/** A CSV file brought in: how its columns map, what it would do, and only then does it. */
export const ImportDialog = ({ register, onClose }: { register: Register; onClose: () => void }) => {
  const [file, setFile] = useState<File | null>(null);
  const [wrong, setWrong] = useState('');
  const [columns, setColumns] = useState<readonly (string | null)[]>([]);
  const [match, setMatch] = useState('');
  const [written, setWritten] = useState<'plain' | 'local'>('plain');
  const [rehearsalId, setRehearsalId] = useState<string | null>(null);
  const [importId, setImportId] = useState<string | null>(null);
  const body = { csv: file?.csv ?? '', columns: [...columns], match, written };
  const rehearse = useMutation({
    mutationFn: () => call('rehearseCsv', { params: { key: register.key }, body }),
    onSuccess: ({ id }) => setRehearsalId(id),
  });
  const bring = useMutation({
    mutationFn: () => call('importCsv', { params: { key: register.key }, body }),
    onSuccess: ({ id }) => setImportId(id),
  });
  const rehearsal = useSent(rehearsalId);
  const brought = useSent(importId);
  useEndsWithWindow(rehearsalId);
  const isBrought = brought !== null && isOver(brought);
  useEffect(() => {
    if (isBrought) void queryClient.invalidateQueries({ queryKey: ['records'] });
  }, [isBrought]);
  const forget = (): void => {
    setRehearsalId(null);
    rehearse.reset();
    bring.reset();
  };
  const open = async (given: globalThis.File | undefined): Promise<void> => {
    if (!given) return;
    const csv = await given.text();
    const read = readCsv(csv, { most: LOOKED_AT });
    setWrong(read.ok ? '' : read.problems.map((each) => each.detail).join(' '));
    forget();
    if (!read.ok) return setFile(null);
    const mapped = read.value.head.map((head) => suggest(head, register));
    setFile({ name: given.name, csv, table: read.value });
    setColumns(mapped.map((key, i) => (mapped.indexOf(key) === i ? key : null)));
    setMatch(mapped.includes('number') ? 'number' : '');
  };
  const put = (next: () => void): void => {
    next();
    forget();
  };
  const isLooking = rehearse.isPending || (rehearsalId !== null && (rehearsal === null || !isOver(rehearsal)));
  const plan = rehearsal?.state === 'done' ? rehearsal : null;
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-ink/30" />
      <div className="fixed inset-0 grid place-items-center overflow-auto p-4">
        <DialogPanel className="max-h-full w-full max-w-4xl overflow-auto border border-rule-strong bg-sheet p-6">
          <DialogTitle as="h1">Bring a CSV file into {register.plural}</DialogTitle>
          {importId !== null ? (
            <Brought state={brought} onClose={onClose} />
          ) : (
            <>
              <label className="mt-3 block">
                <span className="block pb-1 font-semibold">File</span>
                <input
                  type="file"
                  accept=".csv,text/csv,text/plain"
                  onChange={(event) => {
                    const input = event.target;
                    // Emptied, so that the same file can be chosen again once it was mended.
                    void open(input.files?.[0]).then(() => {
                      input.value = '';
                    });
                  }}
                />
              </label>
              {wrong !== '' && (
                <p role="alert" className="wrong mt-1">
                  {wrong}
                </p>
              )}
              {file && (
                <>
                  <Mapping
                    register={register}
                    file={file}
                    columns={columns}
                    onColumns={(next) => put(() => setColumns(next))}
                  />
                  <div className="mt-3 grid gap-3 sm:grid-cols-2">
                    <label className="grid gap-1">
                      Rows that are records already
                      <select
                        className="box"
                        value={match}
                        onChange={(event) => put(() => setMatch(event.target.value))}
                      >
                        <option value="">are not looked for: every row is added</option>
                        {columns
                          .filter((key) => key !== null)
                          .map((key) => (
                            <option key={key} value={key}>
                              are found by{' '}
                              {key === 'number'
                                ? 'their number'
                                : register.fields.find((each) => each.key === key)?.label}
                            </option>
                          ))}
                      </select>
                    </label>
                    <label className="grid gap-1">
                      Numbers and dates are written
                      <select
                        className="box"
                        value={written}
                        onChange={(event) => put(() => setWritten(event.target.value === 'local' ? 'local' : 'plain'))}
                      >
                        <option value="plain">plainly: 1250.50, 2026-11-23</option>
                        <option value="local">as people here write them: 1,250.50</option>
                      </select>
                    </label>
                  </div>
                  <div className="mt-4 flex gap-3">
                    <button
                      type="button"
                      className={`btn ${plan ? '' : 'btn-go'}`}
                      disabled={isLooking || columns.every((key) => key === null)}
                      onClick={() => rehearse.mutate()}
                    >
                      {isLooking ? 'Looking …' : 'See what it would do'}
                    </button>
                    {plan && (
                      <button
                        type="button"
                        className="btn btn-go"
                        disabled={bring.isPending || plan.refused_count > 0}
                        onClick={() => bring.mutate()}
                      >
                        {bring.isPending ? 'Bringing in …' : 'Bring it in'}
                      </button>
                    )}
                    <button type="button" className="btn btn-quiet" onClick={onClose}>
                      Cancel
                    </button>
                  </div>
                </>
              )}
              <Problems error={rehearse.error ?? bring.error} />
              {rehearsal && !isOver(rehearsal) && (
                <div className="mt-4">
                  <Progress state={rehearsal} what="Looking" />
                </div>
              )}
              {rehearsal?.state === 'failed' && (
                <p role="alert" className="wrong mt-2">
                  {rehearsal.problem}
                </p>
              )}
              {plan && <Plan plan={plan} columns={columns} register={register} />}
              {!file && (
                <>
                  <RecentImports register={register} />
                  <button type="button" className="btn btn-quiet mt-4" onClick={onClose}>
                    Cancel
                  </button>
                </>
              )}
            </>
          )}
        </DialogPanel>
      </div>
    </Dialog>
  );
};

/** A file on its way in: it goes on when this is closed, and says here what came of it. */
const Brought = ({ state, onClose }: { state: CsvState | null; onClose: () => void }) => {
  const { workspace } = useWorkspace();
  return (
    <div className="mt-4 grid gap-3">
      {state === null || !isOver(state) ? (
        <>
          {state && <Progress state={state} what="Bringing the file in" />}
          <p className="text-ink-2">It goes on by itself when you close this: the list tells how far it has come.</p>
        </>
      ) : (
        <>
          <p role="status">
            {state.state === 'done'
              ? 'The file was brought in'
              : (state.problem ??
                `It was stopped behind line ${(state.through + 1).toLocaleString(workspace.locale)}; what is stored stays`)}
            : {sayRows(state, workspace.locale)}.
          </p>
          <Refused state={state} />
          <Undo state={state} />
        </>
      )}
      <button type="button" className="btn btn-go justify-self-start" onClick={onClose}>
        Back to the list
      </button>
    </div>
  );
};

interface MappingProps {
  readonly register: Register;
  readonly file: File;
  readonly columns: readonly (string | null)[];
  readonly onColumns: (columns: readonly (string | null)[]) => void;
}

const Mapping = ({ register, file, columns, onColumns }: MappingProps) => (
  <table className="list-table mt-3" aria-label="Columns of the file">
    <thead>
      <tr>
        <th scope="col">Column in {file.name}</th>
        <th scope="col">First row</th>
        <th scope="col">Fills</th>
      </tr>
    </thead>
    <tbody>
      {[...file.table.head.entries()].map(([i, head]) => (
        <tr key={i}>
          <td className="font-semibold">{head || `column ${i + 1}`}</td>
          <td>{file.table.rows[0]?.[i]}</td>
          <td>
            <select
              className="box"
              aria-label={`${head || `column ${i + 1}`} fills`}
              value={columns[i] ?? ''}
              onChange={(event) => onColumns(columns.with(i, event.target.value || null))}
            >
              <option value="">nothing: left out</option>
              <option value="number">the record’s number</option>
              {register.fields
                .filter((field) => isWritable(field) && isInCsv(field))
                .map((field) => (
                  <option key={field.key} value={field.key}>
                    {field.label}
                  </option>
                ))}
            </select>
          </td>
        </tr>
      ))}
    </tbody>
  </table>
);

const OUTCOMES = {
  added: 'would be added',
  changed: 'would change',
  unchanged: 'is so already',
  refused: 'is refused',
} as const;

const Plan = ({
  plan,
  columns,
  register,
}: {
  plan: CsvState;
  columns: readonly (string | null)[];
  register: Register;
}) => {
  const { workspace } = useWorkspace();
  const labels = register.fields.filter((field) => columns.includes(field.key)).map((field) => field.label);
  return (
    <section aria-label="What it would do" className="mt-4 border border-rule-strong bg-paper p-4">
      <h2>Bringing it in would do this: {sayRows(plan, workspace.locale)}</h2>
      {plan.refused_count > 0 && (
        <>
          <p className="wrong mt-1">
            {plan.refused_count === 1 ? 'One row is' : `${plan.refused_count} rows are`} refused. Mend the file, and
            look again:
          </p>
          <Refused state={plan} />
        </>
      )}
      <div className="mt-2 overflow-x-auto">
        <table className="list-table" aria-label="The first rows">
          <thead>
            <tr>
              <th scope="col">Line</th>
              <th scope="col">Outcome</th>
              {labels.map((label) => (
                <th key={label} scope="col">
                  {label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {plan.sample.map(({ line, outcome, cells }) => (
              <tr key={line}>
                <td>{line}</td>
                <td className={outcome === 'refused' ? 'wrong' : ''}>{OUTCOMES[outcome]}</td>
                {cells.map((cell, i) => (
                  <td key={labels[i]}>{cell}</td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
};
