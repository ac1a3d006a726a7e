import { useState } from 'react';
import { LABEL_SHEETS } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

interface Props {
  readonly register: Register;
  /** The list's parameters. */
  readonly of: Readonly<Record<string, string>>;
  readonly onClose: () => void;
}

/** On which sheets labels are printed, and where on the first of them they begin. */
export const LabelsDialog = ({ register, of, onClose }: Props) => {
  const [sheet, setSheet] = useState<(typeof LABEL_SHEETS)[number]>(LABEL_SHEETS[0]);
  const [first, setFirst] = useState(1);
  const each = sheet.columns * sheet.rows;
  const begins = Math.min(first, each);
  return (
    <SheetDialog title={`Labels for ${register.plural.toLowerCase()}`} onClose={onClose}>
      <p className="mt-3">
        A label has the title of a record, its number, and what the list shows of it. Print it at its full size.
      </p>
      <div className="mt-4 flex gap-8">
        <div className="grow">
          <label className="block">
            <span className="block pb-1 font-semibold">Labels on a sheet of A4</span>
            <select
              className="box"
              value={sheet.key}
              onChange={({ target }) => setSheet(LABEL_SHEETS.find(({ key }) => key === target.value) ?? sheet)}
            >
              {LABEL_SHEETS.map(({ key, columns, rows, width, height }) => (
                <option key={key} value={key}>
                  {columns * rows}: {columns} × {rows}, each {width} × {height} mm
                </option>
              ))}
            </select>
          </label>
          <p className="mt-4 font-semibold">
            Begin at label {begins} of {each}
          </p>
          <p className="text-ink-2">Click the first that is still on your sheet.</p>
        </div>
        <fieldset
          className="grid gap-0.5 border border-edge bg-paper p-1.5"
          style={{ gridTemplateColumns: `repeat(${sheet.columns}, 2rem)` }}
        >
          <legend className="sr-only">The first label</legend>
          {Array.from({ length: each }, (_, at) => at + 1).map((label) => (
            <button
              key={label}
              type="button"
              aria-label={`Begin at label ${label}`}
              aria-pressed={label === begins}
              className={`h-6 border text-[11px] ${label < begins ? 'border-rule text-ink-2' : 'border-iolite bg-iolite-wash'} ${label === begins ? 'font-bold' : ''}`}
              onClick={() => setFirst(label)}
            >
              {label}
            </button>
          ))}
        </fieldset>
      </div>
      <div className="mt-5 flex gap-3">
        <a
          className="btn btn-go"
          target="_blank"
          rel="noreferrer"
          href={`/api/registers/${register.key}/export?${new URLSearchParams({
            ...of,
            format: 'labels',
            sheet: sheet.key,
            first: `${begins}`,
            inline: 'yes',
          })}`}
        >
          Open to print
        </a>
        <button type="button" className="btn btn-quiet" onClick={onClose}>
          Close
        </button>
      </div>
    </SheetDialog>
  );
};
