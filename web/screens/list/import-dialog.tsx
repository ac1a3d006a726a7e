import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import type { CsvPlan } from '#contract/index.ts';
import { foldText } from '#core/base/index.ts';
import { type CsvTable, readCsv } from '#core/list/index.ts';
import { isWritable, type Register } from '#core/register/index.ts';
import { isInCsv } from '#core/values/index.ts';
import { call } from '../../data/client.ts';
import { queryClient } from '../../data/queries.ts';
import { Problems } from '../../ui/message.tsx';

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

/** A CSV file brought in: how its columns map, what it would do, and only then does it. */
export const ImportDialog = ({ register, onClose }: { register: Register; onClose: () => void }) => {
  const [file, setFile] = useState<File | null>(null);
  const [wrong, setWrong] = useState('');
  const [columns, setColumns] = useState<readonly (string | null)[]>([]);
  const [match, setMatch] = useState('');
  const [written, setWritten] = useState<'plain' | 'local'>('plain');
  const body = { csv: file?.csv ?? '', columns: [...columns], match, written };
  const rehearse = useMutation({ mutationFn: () => call('rehearseCsv', { params: { key: register.key }, body }) });
  const bring = useMutation({
    mutationFn: () => call('importCsv', { params: { key: register.key }, body }),
    onSuccess: (plan) => {
      if (plan.refused.length === 0) void queryClient.invalidateQueries({ queryKey: ['records'] });
    },
  });
  const open = async (given: globalThis.File | undefined): Promise<void> => {
    if (!given) return;
    const csv = await given.text();
    const read = readCsv(csv);
    setWrong(read.ok ? '' : read.problems.map((each) => each.detail).join(' '));
    rehearse.reset();
    bring.reset();
    if (!read.ok) return setFile(null);
    const mapped = read.value.head.map((head) => suggest(head, register));
    setFile({ name: given.name, csv, table: read.value });
    setColumns(mapped.map((key, i) => (mapped.indexOf(key) === i ? key : null)));
    setMatch(mapped.includes('number') ? 'number' : '');
  };
  const put = (next: () => void): void => {
    next();
    rehearse.reset();
    bring.reset();
  };
  const done = bring.data && bring.data.refused.length === 0 ? bring.data : null;
  return (
    <Dialog open onClose={onClose} className="relative z-40">
      <DialogBackdrop className="fixed inset-0 bg-ink/30" />
      <div className="fixed inset-0 grid place-items-center overflow-auto p-4">
        <DialogPanel className="max-h-full w-full max-w-4xl overflow-auto border border-rule-strong bg-sheet p-6">
          <DialogTitle as="h1">Bring a CSV file into {register.plural}</DialogTitle>
          {done ? (
            <Done plan={done} onClose={onClose} />
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
                      className={`btn ${rehearse.data ? '' : 'btn-go'}`}
                      disabled={rehearse.isPending || columns.every((key) => key === null)}
                      onClick={() => rehearse.mutate()}
                    >
                      {rehearse.isPending ? 'Looking …' : 'See what it would do'}
                    </button>
                    {rehearse.data && (
                      <button
                        type="button"
                        className="btn btn-go"
                        disabled={bring.isPending || rehearse.data.refused.length > 0}
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
              {rehearse.data && <Plan plan={bring.data ?? rehearse.data} columns={columns} register={register} />}
            </>
          )}
        </DialogPanel>
      </div>
    </Dialog>
  );
};

const say = ({ added, changed, unchanged }: CsvPlan): string =>
  `${added} added, ${changed} changed, ${unchanged} as they are`;

const Done = ({ plan, onClose }: { plan: CsvPlan; onClose: () => void }) => (
  <div className="mt-4">
    <p role="status">The file was brought in: {say(plan)}.</p>
    <button type="button" className="btn btn-go mt-3" onClick={onClose}>
      Back to the list
    </button>
  </div>
);

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
      {file.table.head.map((head, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: two columns may have the same head
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
  plan: CsvPlan;
  columns: readonly (string | null)[];
  register: Register;
}) => {
  const labels = register.fields.filter((field) => columns.includes(field.key)).map((field) => field.label);
  return (
    <section aria-label="What it would do" className="mt-4 border border-rule-strong bg-paper p-4">
      <h2>Bringing it in would do this: {say(plan)}</h2>
      {plan.refused.length > 0 && (
        <>
          <p className="wrong mt-1">
            {plan.refused.length === 1 ? 'One row is' : `${plan.refused.length} rows are`} refused, so nothing is
            brought in until the file is mended:
          </p>
          <ul className="max-h-40 overflow-auto">
            {plan.refused.slice(0, 200).map(({ line, detail }) => (
              <li key={line}>
                <span className="font-semibold">Line {line}:</span> {detail}
              </li>
            ))}
          </ul>
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
