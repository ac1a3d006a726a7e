import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import { type ClipboardEvent, type ComponentType, type KeyboardEvent, useRef } from 'react';
import { foldText, uuidV7 } from '#core/base/index.ts';
import { type CellFilled, cellKey } from '#core/form/index.ts';
import { valueContext, workOutRecord } from '#core/register/index.ts';
import {
  behaviourOf,
  type FieldTypeOf,
  isNothing,
  type RowField,
  type RowValue,
  rowsOf,
  type StoredValue,
  sameValue,
} from '#core/values/index.ts';
import { askLookUp } from '../../data/queries.ts';
import type { EntryState } from '../../state/entry-store.ts';
import type { Offered } from '../look-up.tsx';
import type { ControlProps } from './control.ts';

const newRow = (): RowValue => ({
  id: uuidV7(Date.now(), crypto.getRandomValues(new Uint8Array(10))),
  values: {},
});

const NONE_NOT_ASKED: ReadonlyMap<string, ReadonlySet<string>> = new Map();
const isNumeric = (field: RowField): boolean => behaviourOf(field.type).value.kind === 'number';
const isLink = ({ type }: RowField): boolean => type.kind === 'link' || type.kind === 'person';

/** The control of any field, given from outside: it holds this one in its turn. */
type AnyControl = ComponentType<ControlProps & { readonly entry: EntryState; readonly compact?: boolean }>;

interface Props extends ControlProps {
  readonly control: AnyControl;
  readonly type: FieldTypeOf<'rows'>;
  readonly entry: EntryState;
}

/** How wide a column is, by what stands in it. */
const WIDTHS: Readonly<Record<string, string>> = {
  text: 'min-w-44',
  long_text: 'min-w-48',
  link: 'min-w-52',
  person: 'min-w-44',
  choice: 'min-w-32',
  choices: 'min-w-40',
  date: 'min-w-36',
  moment: 'min-w-48',
};

/**
 * Rows as a compact grid. Enter goes down, and past the last row adds one; Alt with an arrow moves a row; what is
 * pasted from a spreadsheet fills cells to the right and downwards.
 */
export const RowsGrid = ({ type, entry, control, ...props }: Props) => {
  const { field, id, value, describedBy, invalid, onValue } = props;
  const table = useRef<HTMLTableElement>(null);
  const rows = rowsOf(value);
  const { compiled, filledIn, typing } = entry;
  const notAsked = filledIn.byKey.get(field.key)?.notAsked ?? NONE_NOT_ASKED;
  const columns = filledIn.byKey.get(field.key)?.question.columns;
  const cellsFilled = filledIn.byKey.get(field.key)?.cellsFilled;
  const values = Object.fromEntries(filledIn.questions.map((state) => [state.question.key, state.value]));
  const worked = workOutRecord(compiled.register, values, compiled.catalogue, filledIn.from.clock)[field.key] ?? null;
  const workedRows = new Map(rowsOf(worked).map((row) => [row.id, row.values]));
  const focusCell = (at: number, column: string): void => {
    // The row is there once React has drawn it.
    requestAnimationFrame(() =>
      table.current?.querySelector<HTMLElement>(`[data-cell="${at}.${column}"] :is(input, select, textarea)`)?.focus(),
    );
  };
  const add = (): void => {
    onValue([...rows, newRow()]);
    const first = type.fields.find((each) => each.type.kind !== 'worked_out');
    if (first) focusCell(rows.length, first.key);
  };
  const move = (at: number, by: -1 | 1): void => {
    const row = rows[at];
    if (!row || !rows[at + by]) return;
    onValue(rows.toSpliced(at, 1).toSpliced(at + by, 0, row));
  };
  const onKeyDown = (event: KeyboardEvent<HTMLElement>, at: number, column: string): void => {
    if (event.altKey && (event.key === 'ArrowUp' || event.key === 'ArrowDown')) {
      event.preventDefault();
      const by = event.key === 'ArrowUp' ? -1 : 1;
      move(at, by);
      focusCell(at + by, column);
      return;
    }
    if (event.key !== 'Enter' || event.defaultPrevented || event.ctrlKey || event.metaKey) return;
    if (event.target instanceof HTMLButtonElement || event.target instanceof HTMLTextAreaElement) return;
    event.preventDefault();
    if (at === rows.length - 1) onValue([...rows, newRow()]);
    focusCell(at + 1, column);
  };
  const onPaste = (event: ClipboardEvent, at: number, column: string): void => {
    const lines = event.clipboardData.getData('text/plain').replace(/\r\n?/g, '\n').replace(/\n$/, '').split('\n');
    if (lines.length === 1 && !lines[0]?.includes('\t')) return;
    event.preventDefault();
    const cells = lines.map((line) => line.split('\t'));
    const missing = Math.max(0, at + cells.length - rows.length);
    const all = [...rows, ...Array.from({ length: missing }, newRow)];
    onValue(all);
    const writable = type.fields.filter((each) => each.type.kind !== 'worked_out');
    const from = writable.findIndex((each) => each.key === column);
    cells.forEach((texts, down) => {
      const row = all[at + down];
      texts.forEach((text, right) => {
        const target = writable[from + right];
        if (row && target) void paste(row.id, target, text.trim());
      });
    });
  };
  /** A pasted link is looked up: the record whose title or number is just that, if there is one. */
  const paste = async (row: string, target: RowField, text: string): Promise<void> => {
    if (!isLink(target) || text === '') {
      entry.typeCell(field.key, row, target.key, text);
      return;
    }
    const { form, draft, answers } = props.lookUp;
    const { found } = await askLookUp(form, `${field.key}.${target.key}`, { find: text, draft, answers });
    const same = found.filter((each) => foldText(each.title) === foldText(text) || each.number === text);
    if (same[0] && same.length === 1) entry.chooseCell(field.key, row, target.key, same[0]);
    else entry.typeCell(field.key, row, target.key, text);
  };
  return (
    <fieldset id={id} aria-labelledby={`${id}-label`} aria-describedby={describedBy} className="min-w-0">
      <div className="overflow-x-auto">
        {rows.length > 0 && (
          <table ref={table} className="rows-grid" aria-label={field.label}>
            <thead>
              <tr>
                {type.fields.map((each) => (
                  <th key={each.key} scope="col" className={isNumeric(each) ? 'num' : ''}>
                    {columns?.get(each.key)?.label ?? each.label}
                    {(columns?.get(each.key)?.required ?? each.required) && <span className="text-brick"> *</span>}
                  </th>
                ))}
                <th scope="col">
                  <span className="sr-only">Move or take away</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {rows.map((row, at) => (
                <tr key={row.id}>
                  {type.fields.map((each) => (
                    <td
                      key={each.key}
                      data-cell={`${at}.${each.key}`}
                      className={`${isNumeric(each) ? 'num' : ''} ${WIDTHS[each.type.kind] ?? 'min-w-24'}`}
                      onKeyDown={(event) => onKeyDown(event, at, each.key)}
                      onPaste={(event) => onPaste(event, at, each.key)}
                    >
                      {notAsked.get(row.id)?.has(each.key) ? (
                        <span className="block px-1.5 text-ink-2" title="Not asked in this row">
                          –<span className="sr-only"> not asked in row {at + 1}</span>
                        </span>
                      ) : each.type.kind === 'worked_out' ? (
                        <output className="block px-1.5">
                          {behaviourOf(each.type).show(
                            workedRows.get(row.id)?.[each.key] ?? null,
                            valueContext(compiled.catalogue),
                          )}
                        </output>
                      ) : (
                        <Cell
                          {...props}
                          control={control}
                          entry={entry}
                          rows={field.key}
                          row={row}
                          cell={each}
                          at={at}
                          invalid={invalid}
                          typing={typing}
                          fill={cellsFilled?.get(row.id)?.get(each.key)}
                        />
                      )}
                    </td>
                  ))}
                  <td className="whitespace-nowrap">
                    <RowButton label={`Move row ${at + 1} up`} off={at === 0} onPress={() => move(at, -1)}>
                      <ArrowUp size={14} aria-hidden="true" />
                    </RowButton>
                    <RowButton
                      label={`Move row ${at + 1} down`}
                      off={at === rows.length - 1}
                      onPress={() => move(at, 1)}
                    >
                      <ArrowDown size={14} aria-hidden="true" />
                    </RowButton>
                    <RowButton
                      label={`Take row ${at + 1} away`}
                      off={false}
                      onPress={() => onValue(rows.toSpliced(at, 1))}
                    >
                      <Trash2 size={14} aria-hidden="true" />
                    </RowButton>
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

interface ButtonProps {
  readonly label: string;
  readonly off: boolean;
  readonly onPress: () => void;
  readonly children: React.ReactNode;
}

const RowButton = ({ label, off, onPress, children }: ButtonProps) => (
  <button type="button" className="btn btn-quiet min-h-7! px-1!" aria-label={label} disabled={off} onClick={onPress}>
    {children}
  </button>
);

interface CellProps extends ControlProps {
  readonly control: AnyControl;
  readonly entry: EntryState;
  readonly rows: string;
  readonly row: RowValue;
  readonly cell: RowField;
  readonly at: number;
  readonly typing: EntryState['typing'];
  readonly fill: CellFilled | undefined;
}

const shownInCell = ({ links, compiled }: EntryState, { type }: RowField, value: StoredValue): string =>
  (typeof value === 'string' ? links[value]?.title : undefined) ??
  behaviourOf(type).show(value, valueContext(compiled.catalogue));

/** One cell: the same control as the field has anywhere, named by its column and row. */
const Cell = ({ control: Control, entry, rows, row, cell, at, typing, fill, ...props }: CellProps) => {
  const name = cellKey(rows, row.id, cell.key);
  const value = row.values[cell.key] ?? null;
  const otherwise = fill && !fill.held && !isNothing(fill.value) && !sameValue(fill.value, value) ? fill.value : null;
  const unread = entry.entry.unread[name];
  const id = `${props.id}-${at}-${cell.key}`;
  return (
    <>
      <span id={`${id}-label`} className="sr-only">
        {cell.label}, row {at + 1}
      </span>
      <label htmlFor={id} className="sr-only">
        {cell.label}, row {at + 1}
      </label>
      <Control
        {...props}
        compact
        id={id}
        field={cell}
        value={value}
        asTyped={typing?.key === name ? typing.text : unread}
        filled={fill?.held ?? false}
        invalid={unread !== undefined}
        describedBy={props.describedBy}
        lookUp={{ ...props.lookUp, question: `${rows}.${cell.key}` }}
        entry={entry}
        onType={(text) => entry.typeCell(rows, row.id, cell.key, text)}
        onValue={(value) => {
          if (value === null || typeof value !== 'object') entry.setCell(rows, row.id, cell.key, value);
          else
            entry.setCell(
              rows,
              row.id,
              cell.key,
              value.filter((each) => typeof each === 'string'),
            );
        }}
        onChoose={(offered: Offered | null) => entry.chooseCell(rows, row.id, cell.key, offered)}
      />
      {otherwise !== null && (
        <button
          type="button"
          className="part ml-1.5 text-left text-[13px]"
          aria-label={`Use ${shownInCell(entry, cell, otherwise)} in ${cell.label}, row ${at + 1}`}
          onClick={() => entry.takeInsteadInCell(rows, row.id, cell.key)}
        >
          use {shownInCell(entry, cell, otherwise)}
        </button>
      )}
    </>
  );
};
