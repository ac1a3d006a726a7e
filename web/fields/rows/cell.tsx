import { cellKey } from '#core/form/index.ts';
import type { RowField, RowValue } from '#core/values/index.ts';
import type { Offered } from '../../data/queries.ts';
import type { AnyControl } from '../controls/face.ts';
import type { Rows, RowsProps } from './use-rows.ts';

interface Props {
  /** The control of any field, given from outside: it holds this one in its turn. */
  readonly control: AnyControl;
  readonly around: RowsProps;
  readonly rows: Rows;
  readonly row: RowValue;
  readonly cell: RowField;
  readonly at: number;
  /** In a grid, where there is little room and the column's head is the name that is seen. */
  readonly compact: boolean;
}

/** One cell: the same control as the field has anywhere, named by its column and row. */
export const RowCell = ({ control: Control, around, rows, row, cell, at, compact }: Props) => {
  const { field, entry } = around;
  const name = cellKey(field.key, row.id, cell.key);
  const unread = entry.entry.unread[name];
  const id = `${around.id}-${at}-${cell.key}`;
  const otherwise = rows.otherwise(row, cell);
  const words = (
    <>
      {rows.labelOf(cell)}
      {compact ? `, row ${at + 1}` : <span className="sr-only">, row {at + 1}</span>}
    </>
  );
  return (
    <>
      <span id={`${id}-label`} className="sr-only">
        {rows.labelOf(cell)}, row {at + 1}
      </span>
      <label htmlFor={id} className={compact ? 'sr-only' : 'block pb-0.5 font-semibold'}>
        {words}
        {!compact && rows.isRequired(cell) && <span className="text-brick"> *</span>}
      </label>
      <Control
        {...around}
        compact={compact}
        id={id}
        field={cell}
        value={row.values[cell.key] ?? null}
        asTyped={entry.typing?.key === name ? entry.typing.text : unread}
        filled={rows.fill(row, cell)?.held ?? false}
        invalid={unread !== undefined}
        lookUp={{ ...around.lookUp, question: `${around.lookUp.question}.${cell.key}` }}
        onType={(text) => entry.typeCell(field.key, row.id, cell.key, text)}
        onValue={(value) => {
          const held =
            value === null || typeof value !== 'object' ? value : value.filter((each) => typeof each === 'string');
          entry.setCell(field.key, row.id, cell.key, held);
        }}
        onNew={
          rows.makes(cell)
            ? (called) => entry.chooseNew({ question: field.key, row: row.id, cell: cell.key }, called)
            : null
        }
        onChoose={(offered: Offered | null) => entry.chooseCell(field.key, row.id, cell.key, offered)}
      />
      {otherwise !== null && (
        <button
          type="button"
          className="part ml-1.5 text-left text-[13px]"
          aria-label={`Use ${otherwise} in ${rows.labelOf(cell)}, row ${at + 1}`}
          onClick={() => entry.takeInsteadInCell(field.key, row.id, cell.key)}
        >
          use {otherwise}
        </button>
      )}
    </>
  );
};
