import { useMutation } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { ImportFound, ImportState } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import { type ColumnPlan, isFilling } from '#core/spreadsheet/index.ts';
import { call } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { HowWritten, isUnsaid, isWrittenSomehow } from '../../fields/bringing/how-written.tsx';
import { sayRows } from '../../fields/bringing/say-rows.ts';
import { useUndoing } from '../../state/undoing.ts';
import { Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';
import type { Pasting } from './clipboard.ts';
import { untilThrough } from './take-back.ts';

const fills = (key: string | null): ColumnPlan => {
  if (key === null) return { fills: 'nothing' };
  return key === 'number' ? { fills: 'number' } : { fills: 'field', field: key, fraction: false };
};

/** Throws away what nobody goes on with; where it was carried out meanwhile, nothing is. */
const forget = ({ id }: ImportState): void => {
  void call('dropImport', { params: { id } }).catch(() => undefined);
};

/** A block from the clipboard: what it would do to the records it is put over, and only then does it. */
export const PasteDialog = ({
  register,
  pasting,
  onClose,
}: {
  register: Register;
  pasting: Pasting;
  onClose: () => void;
}) => {
  const { workspace } = useWorkspace();
  const me = useMe();
  const look = useMutation({
    mutationFn: async () => {
      const { id } = await call('beginImport', {
        body: {
          text: pasting.csv,
          name: 'Pasted over records',
          into: register.key,
          reading: { separator: ',', head: 1 },
          plan: { columns: pasting.columns.map(fills), found_by: 'number' },
        },
      });
      return untilThrough(id);
    },
  });
  const say = useMutation({
    mutationFn: async ({ state, columns }: { readonly state: ImportState; readonly columns: ColumnPlan[] }) => {
      const { id, revision } = state;
      await call('changeImport', { params: { id }, body: { revision, plan: { columns } } });
      return untilThrough(id);
    },
  });
  const { mutate } = look;
  useEffect(() => mutate(), [mutate]);
  const looked = say.data ?? look.data;
  const paste = useMutation({
    mutationFn: async ({ id, revision }: ImportState) => {
      await call('carryOutImport', { params: { id }, body: { revision } });
      const state = await untilThrough(id);
      await readAnew('records');
      const says = `A block was pasted: ${sayRows(state, workspace.locale)}.`;
      if (state.may_undo) useUndoing.getState().add({ kind: 'pasted', by: me.id, says, id });
      onClose();
    },
  });
  const leave = (): void => {
    if (looked && !paste.isPending) forget(looked);
    onClose();
  };
  const would = looked?.found?.would ?? null;
  const columns = looked?.plan?.columns ?? [];
  const isLooking = look.isPending || say.isPending;
  const unsaid = columns.some((column) => isFilling(column) && isUnsaid(column));
  return (
    <SheetDialog title={`Paste over ${pasting.rows} ${pasting.rows === 1 ? 'record' : 'records'}`} wide onClose={leave}>
      {pasting.leftOut !== '' && <p className="mt-2 text-straw">{pasting.leftOut}</p>}
      {isLooking && <p role="status">Looking …</p>}
      {looked?.job.state === 'failed' && (
        <p role="alert" className="wrong">
          {looked.job.problem}
        </p>
      )}
      <Problems error={look.error ?? say.error ?? paste.error} />
      {looked && (
        <Written
          columns={columns}
          register={register}
          onColumns={(next) => say.mutate({ state: looked, columns: next })}
        />
      )}
      {would && <Would would={would} columns={pasting.columns} register={register} />}
      <div className="mt-4 flex gap-3">
        {looked && would?.out === 0 && (
          <button
            type="button"
            className="btn btn-go"
            disabled={paste.isPending || isLooking || unsaid || would.change === 0}
            onClick={() => paste.mutate(looked)}
          >
            {paste.isPending ? 'Pasting …' : 'Paste'}
          </button>
        )}
        <button type="button" className="btn btn-quiet" onClick={leave}>
          Cancel
        </button>
      </div>
    </SheetDialog>
  );
};

/** How the columns of a block are written, where that makes a difference. */
const Written = ({
  columns,
  register,
  onColumns,
}: {
  columns: readonly ColumnPlan[];
  register: Register;
  onColumns: (columns: ColumnPlan[]) => void;
}) => (
  <ul aria-label="How it is written" className="mt-2">
    {columns.map((column, at) => {
      const field = column.fills === 'field' ? register.fields.find(({ key }) => key === column.field) : undefined;
      if (!field || !isFilling(column) || !isWrittenSomehow(column)) return null;
      return (
        <li key={field.key}>
          <span className="font-semibold">{field.label}</span>
          <HowWritten column={column} of={field.label} onColumn={(next) => onColumns(columns.with(at, next))} />
        </li>
      );
    })}
  </ul>
);

const OUTCOMES = {
  added: 'would be added',
  changed: 'would change',
  unchanged: 'is so already',
  out: 'is refused',
} as const;

/** What pasting would do, and the first of the records as they would come out. */
const Would = ({
  would,
  columns,
  register,
}: {
  would: NonNullable<ImportFound['would']>;
  columns: readonly (string | null)[];
  register: Register;
}) => {
  const shown = columns.flatMap((key, at) => {
    const field = register.fields.find((each) => each.key === key);
    return field ? [{ at, label: field.label }] : [];
  });
  return (
    <section aria-label="What it would do" className="mt-4 border border-rule-strong bg-paper p-4">
      <h2>
        Pasting would do this: {would.change} changed, {would.unchanged} as they are
        {would.out > 0 && `, ${would.out} would stay out`}
      </h2>
      {would.out > 0 && (
        <>
          <p className="wrong mt-1">
            {would.out === 1 ? 'One row is' : `${would.out} rows are`} refused. Nothing is pasted while one is.
          </p>
          <ul aria-label="What stays out">
            {would.misfits.map(({ says, column }) => (
              <li key={`${column} ${says}`}>
                {column !== null && (
                  <span className="font-semibold">{shown.find(({ at }) => at === column)?.label}: </span>
                )}
                {says}
              </li>
            ))}
          </ul>
        </>
      )}
      <div className="mt-2 overflow-x-auto">
        <table className="list-table" aria-label="The first rows">
          <thead>
            <tr>
              <th scope="col">Record</th>
              <th scope="col">Outcome</th>
              {shown.map(({ at, label }) => (
                <th key={at} scope="col">
                  {label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {would.first.map(({ row, record, outcome, cells }) => (
              <tr key={row}>
                <td>{record}</td>
                <td className={outcome === 'out' ? 'wrong' : ''}>{OUTCOMES[outcome]}</td>
                {shown.map(({ at }) => {
                  const cell = cells[at];
                  return (
                    <td key={at} className={cell?.wrong ? 'wrong' : ''}>
                      {cell?.said}
                      {cell?.was && <span className="text-ink-2"> was {cell.was}</span>}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
};
