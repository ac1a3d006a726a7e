import { type ClipboardEvent, type DragEvent, useId, useState } from 'react';
import { Problems } from '../../ui/message.tsx';
import { useBringing } from './use-bringing.ts';

/** Where a spreadsheet is dropped, chosen or pasted: to go into a register, or to become one. */
export const BringIn = ({ into, title }: { into: string | null; title: string }) => {
  const bring = useBringing(into);
  const [isOver, setIsOver] = useState(false);
  const [text, setText] = useState('');
  const id = useId();
  const drop = (event: DragEvent): void => {
    event.preventDefault();
    setIsOver(false);
    const file = event.dataTransfer.files[0];
    const dropped = event.dataTransfer.getData('text/plain');
    if (file) bring.mutate({ file });
    else if (dropped !== '') bring.mutate({ text: dropped });
  };
  const paste = (event: ClipboardEvent): void => {
    const file = event.clipboardData.files[0];
    if (!file) return;
    event.preventDefault();
    bring.mutate({ file });
  };
  return (
    <section
      aria-labelledby={id}
      className={`border border-dashed px-5 py-4 ${isOver ? 'border-iolite bg-iolite-wash' : 'border-edge bg-sheet'}`}
      onDragOver={(event) => {
        event.preventDefault();
        setIsOver(true);
      }}
      onDragLeave={() => setIsOver(false)}
      onDrop={drop}
    >
      <h2 id={id}>{title}</h2>
      <p className="mt-1 text-ink-2">
        Drop a CSV or XLSX file here, choose one, or paste rows. You see what would become of it before anything is
        stored.
      </p>
      <div className="mt-3 flex flex-wrap items-start gap-3">
        <label className="btn cursor-pointer focus-within:outline-2 focus-within:outline-iolite">
          {bring.isPending ? 'Reading …' : 'Choose a file'}
          <input
            type="file"
            className="sr-only"
            accept=".csv,.tsv,.txt,.xlsx,text/csv,text/plain,application/vnd.openxmlformats-officedocument.spreadsheetml.sheet"
            disabled={bring.isPending}
            onChange={(event) => {
              const input = event.target;
              const file = input.files?.[0];
              if (file) bring.mutate({ file });
              // Emptied, so that the same file can be chosen again once it was mended.
              input.value = '';
            }}
          />
        </label>
        <form
          className="flex min-w-64 grow items-start gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            if (text.trim() !== '') bring.mutate({ text });
          }}
        >
          <textarea
            className="box min-h-9 grow resize-y font-mono text-[13px]"
            rows={1}
            aria-label="Rows from a spreadsheet"
            placeholder="or paste rows here, with their head"
            value={text}
            onChange={(event) => setText(event.target.value)}
            onPaste={paste}
          />
          <button type="submit" className="btn" disabled={text.trim() === '' || bring.isPending}>
            Look at it
          </button>
        </form>
      </div>
      <Problems error={bring.error} />
    </section>
  );
};
