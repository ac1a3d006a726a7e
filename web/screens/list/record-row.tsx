import { memo } from 'react';
import type { ManyOutcome, RecordAnswer } from '#contract/index.ts';
import type { MarkRule } from '#core/list/index.ts';
import type { Catalogue, Field } from '#core/register/index.ts';
import { isNumeric } from '#core/values/index.ts';
import { ListCell } from '../../fields/records/list-cell.tsx';
import { Found } from '../../ui/found.tsx';
import { StageStamp } from '../../ui/marks.tsx';
import { CellEditor } from './cell-editor.tsx';
import type { CellAsked } from './cell-menu.tsx';
import { TICK_WIDTH } from './column-widths.ts';
import { MarkSign, washOf } from './marks-part.tsx';
import type { Block } from './use-grid.ts';
import type { Ticks } from './use-ticks.ts';

/** What the lines of a list have in common. */
export interface Lines {
  /** The register's key. */
  readonly register: string;
  readonly columns: readonly Field[];
  /** How wide they are, in pixels, and where those begin that stay at the left. */
  readonly widths: readonly number[];
  readonly lefts: readonly (number | undefined)[];
  readonly catalogue: Catalogue;
  readonly staged: boolean;
  readonly words: readonly string[];
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  /** What is ticked; null where nothing can be done with many. */
  readonly ticks: Ticks | null;
  /** What would become of ticked records. */
  readonly foreseen: Foreseen | null;
  /** The cell that is being changed. */
  readonly editing: Editing | null;
  readonly onEdit: (editing: Editing | null) => void;
  /** The rules that records are marked by. */
  readonly rules: readonly MarkRule[];
  /** What can be asked by a cell is wanted. */
  readonly onAsk: (asked: CellAsked) => void;
}

/** A cell that is being changed in its place. */
export interface Editing {
  readonly id: string;
  readonly column: number;
  /** What was typed over it until now; null: it is changed as it stands. */
  readonly typed: string | null;
  /** Enter was pressed before the box was there: it is stored as it was typed. */
  readonly isEntered?: boolean;
}

/** What a change of many would do to each record, where it was looked at. */
export interface Foreseen {
  /** The field that would be changed; null: the record as a whole. */
  readonly field: string | null;
  readonly says: string;
  readonly outcomes: ReadonlyMap<string, ManyOutcome>;
}

interface Props {
  readonly record: RecordAnswer;
  readonly lines: Lines;
  /** Which line of the whole list it is, from 2 on as the head is one; where that is known. */
  readonly row?: number | undefined;
  /** The cell that has the focus or would get it, where the list is gone through by the arrow keys. */
  readonly active?: number | null;
  /** It came in, or was changed, just now. */
  readonly arrived?: boolean;
  /** The cells of it that are chosen. */
  readonly block?: Block['columns'] | undefined;
  /** The records as they stand, for a span of ticks. */
  readonly order?: () => readonly string[];
  readonly onEdited?: (id: string, column: number) => void;
}

const NO_ORDER = (): readonly string[] => [];

/** One record in a line of a list. */
export const RecordRow = memo(
  ({ record, lines, row, active, arrived = false, block, order = NO_ORDER, onEdited }: Props) => {
    const {
      columns,
      catalogue,
      staged,
      words,
      chosen,
      onChoose,
      ticks,
      foreseen,
      editing,
      onEdit,
      rules,
      onAsk,
      lefts,
    } = lines;
    const isGrid = active !== undefined;
    const isIn = (at: number): boolean => block !== undefined && at >= block[0] && at <= block[1];
    const cell = (at: number) =>
      isGrid ? { 'data-column': at, tabIndex: active === at ? 0 : -1, 'data-in-block': isIn(at) || undefined } : {};
    const outcome = foreseen?.outcomes.get(record.id);
    return (
      <tr
        className={`${record.id === chosen ? 'chosen' : ''} ${arrived ? 'arrived' : ''} ${washOf(rules, record.mark)}`}
        data-record={record.id}
        aria-rowindex={row}
        aria-selected={ticks ? ticks.has(record.id) : undefined}
      >
        {ticks && (
          <td className="kept-left print:hidden">
            <input
              type="checkbox"
              className="align-middle"
              aria-label={`Tick ${record.number}`}
              tabIndex={isGrid ? -1 : 0}
              checked={ticks.has(record.id)}
              disabled={ticks.isAll}
              onChange={() => undefined}
              onClick={(event) => ticks.tick(record.id, order(), event.shiftKey)}
            />
          </td>
        )}
        <td className="kept-left" style={{ left: ticks ? TICK_WIDTH : 0 }} {...cell(0)}>
          <button
            type="button"
            className="font-mono text-[13px] text-iolite-deep underline decoration-dotted underline-offset-2"
            aria-label={`Open ${record.number}`}
            tabIndex={isGrid ? -1 : 0}
            onClick={() => onChoose(record.id)}
          >
            <Found text={record.number} words={words} />
          </button>
          <MarkSign rules={rules} mark={record.mark} />
          {arrived && <span className="sr-only"> stored just now</span>}
          {outcome && foreseen?.field === null && <Then outcome={outcome} says="" />}
        </td>
        {columns.map((field, at) => {
          const isEdited = editing?.id === record.id && editing.column === at + 1;
          return (
            <td
              key={field.key}
              className={`${isNumeric(field.type) ? 'num' : ''} ${isEdited ? 'cell-open' : lefts[at] === undefined ? '' : 'kept-left'}`}
              style={{ left: lefts[at] }}
              {...cell(at + 1)}
              onDoubleClick={() => onEdit({ id: record.id, column: at + 1, typed: null })}
              onContextMenu={(event) => {
                if (isEdited) return;
                event.preventDefault();
                // The key for it says no place: then it opens at the cell.
                const box = event.currentTarget.getBoundingClientRect();
                const [x, y] = event.clientX > 0 ? [event.clientX, event.clientY] : [box.left + 12, box.bottom];
                onAsk({ record, field, x, y });
              }}
            >
              {outcome && foreseen?.field === field.key && <Then outcome={outcome} says={foreseen.says} />}
              <ListCell field={field} record={record} catalogue={catalogue} words={words} />
              {isEdited && (
                <CellEditor
                  register={lines.register}
                  id={record.id}
                  field={field}
                  typed={editing.typed}
                  isEntered={editing.isEntered ?? false}
                  onDone={(back) => {
                    onEdit(null);
                    if (back) onEdited?.(record.id, at + 1);
                  }}
                />
              )}
            </td>
          );
        })}
        {staged && (
          <td {...cell(columns.length + 1)}>
            {record.stage && <StageStamp stage={record.stage} changed={record.changed_since_signed} />}
          </td>
        )}
      </tr>
    );
  },
);

/** What would become of a cell, beside what stands in it. */
const Then = ({ outcome: { outcome, detail }, says }: { outcome: ManyOutcome; says: string }) => {
  switch (outcome) {
    case 'unchanged':
      return null;
    case 'changed':
      return <span className="mr-2 bg-haze-wash px-1 text-[12.5px] text-haze">then {says || 'done'}</span>;
    case 'refused':
      return (
        <span className="mr-2 bg-brick-wash px-1 text-[12.5px] text-brick" title={detail}>
          refused
        </span>
      );
  }
};
