import { Plus } from 'lucide-react';
import { type KeyboardEvent, useRef } from 'react';
import { isNumeric, type RowField, type RowValue } from '#core/values/index.ts';
import type { AnyControl } from '../controls/face.ts';
import { RowCell } from './cell.tsx';
import { RowActions } from './row-actions.tsx';
import { isWorkedOut, type Rows, type RowsProps, useRows } from './use-rows.ts';

/**
 * Rows as a compact grid. Enter goes down, and past the last row adds one; Alt with an arrow moves a row; what is
 * pasted from a spreadsheet fills cells to the right and downwards.
 */
export const RowsGrid = ({ control, ...props }: RowsProps & { readonly control: AnyControl }) => {
  const { field, type, id, describedBy } = props;
  const table = useRef<HTMLTableElement>(null);
  const rows = useRows(props);
  const focusCell = (at: number, column: string): void => {
    // The row is there once React has drawn it.
    requestAnimationFrame(() =>
      table.current?.querySelector<HTMLElement>(`[data-cell="${at}.${column}"] :is(input, select, textarea)`)?.focus(),
    );
  };
  const add = (): void => {
    rows.add();
    const first = type.fields.find((each) => !isWorkedOut(each));
    if (first) focusCell(rows.rows.length, first.key);
  };
  const onKeyDown = (event: KeyboardEvent<HTMLElement>, at: number, column: string): void => {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      const by = event.key === 'ArrowUp' ? -1 : 1;
      rows.move(at, by);
      focusCell(at + by, column);
      return;
    }
    if (event.key !== 'Enter' || event.defaultPrevented || event.ctrlKey || event.metaKey) return;
    if (event.target instanceof HTMLButtonElement || event.target instanceof HTMLTextAreaElement) return;
    event.preventDefault();
    if (at === rows.rows.length - 1) rows.add();
    focusCell(at + 1, column);
  };
  return (
    <fieldset id={id} aria-labelledby={`${id}-label`} aria-describedby={describedBy} className="min-w-0">
      <div className="overflow-x-auto">
        {rows.rows.length > 0 && (
          <table ref={table} className="rows-grid" aria-label={field.label}>
            <thead>
              <tr>
                {type.fields.map((each) => (
                  <th key={each.key} scope="col" className={isNumeric(each.type) ? 'num' : ''}>
                    {rows.labelOf(each)}
                    {rows.isRequired(each) && <span className="text-brick"> *</span>}
                  </th>
                ))}
                <th scope="col">
                  <span className="sr-only">Move or take away</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.rows.map((row, at) => (
                <tr key={row.id}>
                  {type.fields.map((each) => (
                    <td
                      key={each.key}
                      data-cell={`${at}.${each.key}`}
                      className={`min-w-24 ${isNumeric(each.type) ? 'num' : ''}`}
                      onKeyDown={(event) => onKeyDown(event, at, each.key)}
                      onPaste={(event) => rows.paste(event, at, each.key)}
                    >
                      <InCell rows={rows} row={row} cell={each} at={at}>
                        <RowCell control={control} around={props} rows={rows} row={row} cell={each} at={at} compact />
                      </InCell>
                    </td>
                  ))}
                  <td className="whitespace-nowrap">
                    <RowActions rows={rows} at={at} size={14} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        )}
      </div>
      <button type="button" className="btn btn-quiet mt-1" onClick={add}>
        <Plus size={15} aria-hidden="true" /> Add {type.singular.toLowerCase()}
      </button>
    </fieldset>
  );
};

interface InCellProps {
  readonly rows: Rows;
  readonly row: RowValue;
  readonly cell: RowField;
  readonly at: number;
  readonly children: React.ReactNode;
}

/** What stands in a cell: that it is not asked, what is worked out, or its control. */
const InCell = ({ rows, row, cell, at, children }: InCellProps) => {
  if (!rows.isAsked(row, cell))
    return (
      <span className="block px-1.5 text-ink-2" title="Not asked in this row">
        –<span className="sr-only"> not asked in row {at + 1}</span>
      </span>
    );
  return isWorkedOut(cell) ? <output className="block px-1.5">{rows.shown(row, cell)}</output> : children;
};
