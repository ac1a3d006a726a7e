import { memo } from 'react';
import type { RecordAnswer } from '#contract/index.ts';
import type { Catalogue, Field } from '#core/register/index.ts';
import { isNumeric } from '#core/values/index.ts';
import { Found } from '../../ui/found.tsx';
import { ListCell } from '../../ui/list-cell.tsx';
import { StageStamp } from '../../ui/marks.tsx';

/** What the lines of a list have in common. */
export interface Lines {
  readonly columns: readonly Field[];
  readonly catalogue: Catalogue;
  readonly staged: boolean;
  readonly words: readonly string[];
  readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
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
}

/** One record in a line of a list. */
export const RecordRow = memo(({ record, lines, row, active, arrived = false }: Props) => {
  const { columns, catalogue, staged, words, chosen, onChoose } = lines;
  const cell = (at: number) => (active === undefined ? {} : { 'data-column': at, tabIndex: active === at ? 0 : -1 });
  return (
    <tr
      className={`${record.id === chosen ? 'chosen' : ''} ${arrived ? 'arrived' : ''}`}
      data-record={record.id}
      aria-rowindex={row}
    >
      <td {...cell(0)}>
        <button
          type="button"
          className="font-mono text-[13px] text-iolite-deep underline decoration-dotted underline-offset-2"
          aria-label={`Open ${record.number}`}
          tabIndex={active === undefined ? 0 : -1}
          onClick={() => onChoose(record.id)}
        >
          <Found text={record.number} words={words} />
        </button>
        {arrived && <span className="sr-only"> stored just now</span>}
      </td>
      {columns.map((field, at) => (
        <td key={field.key} className={isNumeric(field.type) ? 'num' : ''} {...cell(at + 1)}>
          <ListCell field={field} record={record} catalogue={catalogue} words={words} />
        </td>
      ))}
      {staged && (
        <td {...cell(columns.length + 1)}>
          {record.stage && <StageStamp stage={record.stage} changed={record.changed_since_signed} />}
        </td>
      )}
    </tr>
  );
});
