import { useMutation, useQuery } from '@tanstack/react-query';
import type { MadeFile } from '#contract/index.ts';
import { showMoment } from '#core/base/index.ts';
import { call } from '../../data/client.ts';
import { isOver, queries } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { saySize } from '../../fields/controls/files.tsx';
import { Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

/** The lists this person had written to files: how far each has come, ready to be saved, thrown away. `problem`: why another was not begun. */
export const FilesDialog = ({ problem, onClose }: { problem: Error | null; onClose: () => void }) => {
  const { data, error } = useQuery(queries.listFiles());
  return (
    <SheetDialog title="Lists as files" onClose={onClose}>
      <p className="mt-3">A long list is written while you go on. Its file is kept for a day, for you alone.</p>
      <Problems error={problem ?? error} />
      <ul className="mt-3" aria-label="Your files">
        {data?.files.map((file) => (
          <li key={file.id} className="flex flex-wrap items-center gap-3 border-t border-rule py-2">
            <Stands file={file} />
          </li>
        ))}
      </ul>
      {data?.files.length === 0 && <p className="text-ink-2">There are none now.</p>}
      <button type="button" className="btn btn-quiet mt-4" onClick={onClose}>
        Close
      </button>
    </SheetDialog>
  );
};

const sayState = ({ state, stopping, done, total, problem, size }: MadeFile, locale: string): string => {
  const count = (n: number): string => n.toLocaleString(locale);
  switch (state) {
    case 'done':
      return `${count(done ?? 0)} records, ${saySize(size ?? 0)}`;
    case 'stopped':
      return 'stopped';
    case 'failed':
      return problem ?? 'It could not be written.';
    case 'waiting':
    case 'running':
      if (stopping) return 'is being stopped';
      return done === null || total === null ? 'begins …' : `${count(done)} of ${count(total)} written`;
  }
};

const Stands = ({ file }: { file: MadeFile }) => {
  const { workspace } = useWorkspace();
  const drop = useMutation({
    mutationFn: () => call('dropListFile', { params: { id: file.id } }),
    onSuccess: () => readAnew('list-files'),
  });
  const { id, name, format, state, begun_at: at, done, total, stopping } = file;
  const isGoing = !isOver(file);
  return (
    <>
      <span className="grow">
        <span className="font-semibold">
          {name}, {format.toUpperCase()}
        </span>{' '}
        <span className="text-ink-2">{showMoment(at, workspace.zone, workspace.locale)}</span>
        <span className="block" role="status">
          {sayState(file, workspace.locale)}
        </span>
      </span>
      {isGoing && (
        <progress className="progress-bar" aria-label={`${name} is written`} max={total ?? 1} value={done ?? 0} />
      )}
      {state === 'done' && (
        <a className="btn btn-go" href={`/api/list-files/${id}/file`} download>
          Save
        </a>
      )}
      <button type="button" className="btn" disabled={drop.isPending || stopping} onClick={() => drop.mutate()}>
        {isGoing ? 'Stop' : 'Throw away'}
      </button>
      <Problems error={drop.error} />
    </>
  );
};
