import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { useMutation } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import type { CsvState } from '#contract/index.ts';
import type { Result } from '#core/base/index.ts';
import { isWritable, type Register, valueContext } from '#core/register/index.ts';
import { isInCsv } from '#core/values/index.ts';
import { call } from '../../data/client.ts';
import { isOver, queryClient } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { Problems } from '../../ui/message.tsx';
import { apart, type CsvFile, guessMeant, type Meant, readFile, withColumns } from './csv-file.ts';
import { HowItIsWritten } from './how-it-is-written.tsx';
import { Progress, RecentImports, Refused, sayRows, Undo } from './import-progress.tsx';
import { Plan } from './plan.tsx';
import { useEndsWithWindow, useSent } from './use-sent.ts';

/** A CSV file brought in: how its columns map, what it would do, and only then does it. */
export const ImportDialog = ({ register, onClose }: { register: Register; onClose: () => void }) => {
  const [file, setFile] = useState<CsvFile | null>(null);
  const [wrong, setWrong] = useState('');
  const [meant, setMeant] = useState<Meant | null>(null);
  const [rehearsalId, setRehearsalId] = useState<string | null>(null);
  const [importId, setImportId] = useState<string | null>(null);
  const { catalogue } = useWorkspace();
  const context = valueContext(catalogue);
  const columns = meant?.columns ?? [];
  const body = {
    csv: file?.csv ?? '',
    columns: [...columns],
    match: meant?.match ?? '',
    written: meant?.written ?? 'plain',
    separator: file?.table.separator,
    fractions: [...(meant?.fractions ?? [])].flatMap(([at, isFraction]) => (isFraction ? [at] : [])),
  };
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
  const take = (read: Result<CsvFile>): void => {
    setWrong(read.ok ? '' : read.problems.map((each) => each.detail).join(' '));
    forget();
    setFile(read.ok ? read.value : null);
    setMeant(read.ok ? guessMeant(read.value, register, context) : null);
  };
  const open = async (given: File | undefined): Promise<void> => {
    if (given) take(readFile(given.name, new Uint8Array(await given.arrayBuffer())));
  };
  const put = (next: Meant): void => {
    setMeant(next);
    forget();
  };
  const isUnsaid = meant !== null && (meant.written === null || [...meant.fractions.values()].includes(null));
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
                  // What was chosen is told below: beside the emptied box it would say that nothing was.
                  className={file ? 'text-transparent file:text-ink' : ''}
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
              {file && meant && (
                <>
                  <Mapping
                    register={register}
                    file={file}
                    columns={columns}
                    onColumns={(next) => put(withColumns(file, next, meant.match, register, context))}
                  />
                  <HowItIsWritten
                    register={register}
                    file={file}
                    meant={meant}
                    context={context}
                    onSeparator={(separator) => take(apart(file, separator))}
                    onMeant={put}
                  />
                  <div className="mt-4 flex gap-3">
                    <button
                      type="button"
                      className={`btn ${plan ? '' : 'btn-go'}`}
                      disabled={isLooking || isUnsaid || columns.every((key) => key === null)}
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
              {plan && <Plan plan={plan} columns={columns} register={register} what="Bringing it in" />}
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
  readonly file: CsvFile;
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
