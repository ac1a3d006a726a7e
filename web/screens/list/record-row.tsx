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

/** One record in a line of a list. */
export const RecordRow = ({ record, lines }: { record: RecordAnswer; lines: Lines }) => {
  const { columns, catalogue, staged, words, chosen, onChoose } = lines;
  return (
    <tr className={record.id === chosen ? 'chosen' : ''}>
      <td>
        <button
          type="button"
          className="font-mono text-[13px] text-iolite-deep underline decoration-dotted underline-offset-2"
          aria-label={`Open ${record.number}`}
          onClick={() => onChoose(record.id)}
        >
          <Found text={record.number} words={words} />
        </button>
      </td>
      {columns.map((field) => (
        <td key={field.key} className={isNumeric(field.type) ? 'num' : ''}>
          <ListCell field={field} record={record} catalogue={catalogue} words={words} />
        </td>
      ))}
      {staged && <td>{record.stage && <StageStamp stage={record.stage} changed={record.changed_since_signed} />}</td>}
    </tr>
  );
};
