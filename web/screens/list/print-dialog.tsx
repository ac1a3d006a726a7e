import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { LABEL_SHEETS } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { queries } from '../../data/queries.ts';
import { Problems } from '../../ui/message.tsx';
import { SheetDialog } from '../../ui/sheet-dialog.tsx';

interface Props {
  readonly register: Register;
  /** The list's parameters. */
  readonly of: Readonly<Record<string, string>>;
  readonly onClose: () => void;
}

/** How a list is printed. */
type Way = 'pdf' | 'sheets' | 'labels';
type LabelSheet = (typeof LABEL_SHEETS)[number];

/** How a list is printed, what of it cannot be, and on which sheets labels are. */
export const PrintDialog = ({ register, of, onClose }: Props) => {
  const [way, setWay] = useState<Way>('pdf');
  const [sheet, setSheet] = useState<LabelSheet>(LABEL_SHEETS[0]);
  const [first, setFirst] = useState(1);
  const begins = Math.min(first, sheet.columns * sheet.rows);
  const asked = { ...of, format: way, ...(way === 'labels' ? { sheet: sheet.key, first: `${begins}` } : {}) };
  const { data, error } = useQuery(queries.unprintable(register.key, { ...of, format: way }));
  const pick = (value: Way, says: string) => (
    <label className="pick">
      <input type="radio" name="way" checked={way === value} onChange={() => setWay(value)} />
      {says}
    </label>
  );
  return (
    <SheetDialog title={`Print ${register.plural.toLowerCase()}`} onClose={onClose}>
      <fieldset className="mt-3">
        <legend className="sr-only">What is printed</legend>
        <span className="flex flex-wrap gap-2">
          {pick('pdf', 'The list')}
          {pick('sheets', 'A sheet for each record')}
          {pick('labels', 'Labels')}
        </span>
      </fieldset>
      {way === 'labels' && <Labels sheet={sheet} begins={begins} onSheet={setSheet} onFirst={setFirst} />}
      <div aria-live="polite">
        {data && data.letters.length > 0 && (
          <p className="mt-4 border-l-4 border-straw bg-straw-wash px-3 py-2">
            {data.letters.length === 1 ? 'One letter' : `${data.letters.length} letters`} of it cannot be printed, and a
            ? stands in its place: <strong>{data.letters.join(' ')}</strong>
            {data.more && ' and more'}
          </p>
        )}
      </div>
      <Problems error={error} />
      <div className="mt-5 flex gap-3">
        <a
          className="btn btn-go"
          target="_blank"
          rel="noreferrer"
          href={`/api/registers/${register.key}/export?${new URLSearchParams({ ...asked, inline: 'yes' })}`}
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

interface LabelsProps {
  readonly sheet: LabelSheet;
  /** The first label that is still there, from 1. */
  readonly begins: number;
  readonly onSheet: (sheet: LabelSheet) => void;
  readonly onFirst: (label: number) => void;
}

/** On which sheets labels are printed, and where on the first of them they begin. */
const Labels = ({ sheet, begins, onSheet, onFirst }: LabelsProps) => {
  const each = sheet.columns * sheet.rows;
  return (
    <>
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
              onChange={({ target }) => onSheet(LABEL_SHEETS.find(({ key }) => key === target.value) ?? sheet)}
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
              onClick={() => onFirst(label)}
            >
              {label}
            </button>
          ))}
        </fieldset>
      </div>
    </>
  );
};
