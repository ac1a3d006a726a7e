import { Dialog, DialogBackdrop, DialogPanel, DialogTitle } from '@headlessui/react';
import { useMutation } from '@tanstack/react-query';
import { Archive } from 'lucide-react';
import { useId, useState } from 'react';
import { useNavigate } from 'react-router';
import type { Linked, RecordDetail } from '#contract/index.ts';
import { call, ProblemError } from '../../data/client.ts';
import { readAnew } from '../../data/read-anew.ts';
import { FindRecord } from '../../fields/records/find-record.tsx';
import { Problems } from '../../ui/message.tsx';

/** Archives a record. Where others point to it: says who, and archives it anyway or moves what points here. */
export const ArchiveRecord = ({ record }: { record: RecordDetail }) => {
  const [open, setOpen] = useState(false);
  const [target, setTarget] = useState<Linked | null>(null);
  const navigate = useNavigate();
  const id = useId();
  const archive = useMutation({
    mutationFn: (how: { anyway?: 'yes'; move_to?: string }) =>
      call('archiveRecord', { params: { key: record.register, id: record.id }, query: { ...how } }),
    onSuccess: async () => {
      await readAnew('records');
      navigate(`/registers/${record.register}`);
    },
    onError: () => setOpen(true),
  });
  const pointing =
    archive.error instanceof ProblemError && archive.error.answer.status === 409
      ? (archive.error.answer.errors ?? [])
      : [];
  const { singular } = record.definition;
  return (
    <>
      <button type="button" className="btn" disabled={archive.isPending} onClick={() => archive.mutate({})}>
        <Archive size={15} aria-hidden="true" /> Archive
      </button>
      <Dialog open={open} onClose={() => setOpen(false)} className="relative z-40">
        <DialogBackdrop className="fixed inset-0 bg-ink/30" />
        <div className="fixed inset-0 grid place-items-center overflow-auto p-4">
          <DialogPanel className="w-full max-w-xl border border-edge bg-sheet p-6">
            <DialogTitle className="head-rule text-lg font-bold">Other records point to {record.number}</DialogTitle>
            {pointing.length > 0 ? (
              <ul className="my-3 ml-5 list-disc">
                {pointing.map((each) => (
                  <li key={each.pointer}>{each.detail}</li>
                ))}
              </ul>
            ) : (
              <Problems error={archive.error} />
            )}
            <p className="mb-3">
              Archived, it leaves lists and look-ups; what points to it goes on showing it. Or let what points here
              point to another {singular.toLowerCase()} from now on:
            </p>
            <label htmlFor={id} className="block pb-1 font-semibold">
              Another {singular.toLowerCase()}
            </label>
            <FindRecord id={id} register={record.definition} except={record.id} chosen={target} onChoose={setTarget} />
            <div className="mt-4 flex flex-wrap gap-3">
              <button
                type="button"
                className="btn btn-go"
                disabled={!target || archive.isPending}
                onClick={() => target && archive.mutate({ move_to: target.id })}
              >
                Move and archive
              </button>
              <button
                type="button"
                className="btn"
                disabled={archive.isPending}
                onClick={() => archive.mutate({ anyway: 'yes' })}
              >
                Archive it as it is
              </button>
              <button type="button" className="btn btn-quiet" onClick={() => setOpen(false)}>
                Leave it
              </button>
            </div>
          </DialogPanel>
        </div>
      </Dialog>
    </>
  );
};
