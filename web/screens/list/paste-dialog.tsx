import { useMutation } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { Register } from '#core/register/index.ts';
import { call } from '../../data/client.ts';
import { isOver, queryClient } from '../../data/queries.ts';
import { useMe, useWorkspace } from '../../data/workspace.ts';
import { useUndoing } from '../../state/undoing.ts';
import { Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';
import type { Pasting } from './clipboard.ts';
import { Progress, sayRows } from './import-progress.tsx';
import { Plan } from './plan.tsx';
import { untilThrough } from './take-back.ts';
import { useEndsWithWindow, useSent } from './use-sent.ts';

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
  const body = {
    csv: pasting.csv,
    columns: [...pasting.columns],
    match: 'number',
    written: 'local' as const,
    separator: ',' as const,
    fractions: [],
  };
  const rehearse = useMutation({
    mutationFn: () => call('rehearseCsv', { params: { key: register.key }, body }),
  });
  const { mutate } = rehearse;
  useEffect(() => mutate(), [mutate]);
  const rehearsal = useSent(rehearse.data?.id ?? null);
  useEndsWithWindow(rehearse.data?.id ?? null);
  const paste = useMutation({
    mutationFn: async () => {
      const { id } = await call('importCsv', { params: { key: register.key }, body });
      const state = await untilThrough(id);
      await queryClient.invalidateQueries({ queryKey: ['records'] });
      const says = `A block was pasted: ${sayRows(state, workspace.locale)}.`;
      if (state.may_undo) useUndoing.getState().add({ kind: 'pasted', by: me.id, says, id });
      onClose();
    },
  });
  const plan = rehearsal?.state === 'done' ? rehearsal : null;
  return (
    <SheetDialog
      title={`Paste over ${pasting.rows} ${pasting.rows === 1 ? 'record' : 'records'}`}
      wide
      onClose={onClose}
    >
      {pasting.leftOut !== '' && <p className="mt-2 text-straw">{pasting.leftOut}</p>}
      {rehearsal && !isOver(rehearsal) && <Progress state={rehearsal} what="Looking" />}
      {rehearsal?.state === 'failed' && (
        <p role="alert" className="wrong">
          {rehearsal.problem}
        </p>
      )}
      <Problems error={rehearse.error ?? paste.error} />
      {plan && <Plan plan={plan} columns={pasting.columns} register={register} what="Pasting" />}
      {plan && plan.refused_count > 0 && <p className="wrong mt-2">Nothing is pasted while a row is refused.</p>}
      <div className="mt-4 flex gap-3">
        {plan && plan.refused_count === 0 && (
          <button
            type="button"
            className="btn btn-go"
            disabled={paste.isPending || plan.changed === 0}
            onClick={() => paste.mutate()}
          >
            {paste.isPending ? 'Pasting …' : 'Paste'}
          </button>
        )}
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Cancel
        </button>
      </div>
    </SheetDialog>
  );
};
