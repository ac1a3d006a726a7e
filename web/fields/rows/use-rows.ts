import type { ClipboardEvent } from 'react';
import { foldText, today, uuidV7 } from '#core/base/index.ts';
import { valueContext, workOutRecord } from '#core/register/index.ts';
import {
  behaviourOf,
  type FieldTypeOf,
  isListType,
  isNothing,
  leadsTo,
  type RowField,
  type RowValue,
  rowsOf,
  type StoredValue,
  sameValue,
  workedOutIn,
} from '#core/values/index.ts';
import { askLookUp } from '../../data/queries.ts';
import type { EntryState } from '../../state/entry-store.ts';
import type { ControlProps } from '../controls/control.ts';

/** A paste, as far as it is looked at. */
export interface Pasted extends Pick<ClipboardEvent, 'preventDefault'> {
  readonly clipboardData: Pick<DataTransfer, 'getData'>;
}

/** What the grid and the cards of rows are given. */
export interface RowsProps extends ControlProps {
  readonly type: FieldTypeOf<'rows'>;
  readonly entry: EntryState;
}

const newRow = (): RowValue => ({
  id: uuidV7(Date.now(), crypto.getRandomValues(new Uint8Array(10))),
  values: {},
});

const isLink = ({ type }: RowField): boolean => leadsTo(type) !== null && !isListType(type);
export const isWorkedOut = ({ type }: RowField): boolean => workedOutIn(type) !== null;

/** Rows as they are shown, what each column is called there, and what can be done with them. */
export const useRows = ({ type, entry, field, value, onValue, lookUp }: RowsProps) => {
  const rows = rowsOf(value);
  const { compiled, filledIn } = entry;
  const state = filledIn.byKey.get(field.key);
  const columns = state?.question.columns;
  const values = Object.fromEntries(filledIn.questions.map((each) => [each.question.key, each.value]));
  const worked = workOutRecord(compiled.register, values, compiled.catalogue, filledIn.from.clock)[field.key] ?? null;
  const workedRows = new Map(rowsOf(worked).map((row) => [row.id, row.values]));
  const linked = (id: StoredValue) => (typeof id === 'string' ? entry.links[id]?.title : undefined);

  /** By column of a pasted block what stands there as it is written here; how it was written, all of a column tells. */
  const writtenHere = async (targets: readonly (RowField | undefined)[], cells: readonly (readonly string[])[]) => {
    const { asWrittenHere } = await import('#core/spreadsheet/index.ts');
    const context = { ...valueContext(compiled.catalogue), today: today(filledIn.from.clock) };
    return targets.map((target, at) => {
      const texts = cells.map((line) => line[at]?.trim() ?? '');
      return target && !isLink(target) ? asWrittenHere(target.type, texts, context) : texts;
    });
  };

  /** A pasted link is looked up: the record whose title or number is just that, if there is one. */
  const pasteCell = async (row: string, target: RowField, text: string): Promise<void> => {
    if (!isLink(target) || text === '') {
      entry.typeCell(field.key, row, target.key, text);
      return;
    }
    const { form, draft, answers } = lookUp;
    const { found } = await askLookUp(form, `${lookUp.question}.${target.key}`, { find: text, draft, answers });
    const same = found.filter((each) => foldText(each.title) === foldText(text) || each.number === text);
    if (same[0] && same.length === 1) entry.chooseCell(field.key, row, target.key, same[0]);
    else if (found.length === 0 && columns?.get(target.key)?.makes)
      entry.chooseNew({ question: field.key, row, cell: target.key }, text);
    else entry.typeCell(field.key, row, target.key, text);
  };

  return {
    rows,
    /** Whether a look-up in the rows offers a record that is not there yet. */
    makes: (cell: RowField): boolean => (columns?.get(cell.key)?.makes ?? null) !== null,
    labelOf: (cell: RowField): string => columns?.get(cell.key)?.label ?? cell.label,
    isRequired: (cell: RowField): boolean => columns?.get(cell.key)?.required ?? cell.required,
    isAsked: (row: RowValue, cell: RowField): boolean => state?.notAsked.get(row.id)?.has(cell.key) !== true,
    /** What a cell shows that is not typed in: worked out, or in words. */
    shown: (row: RowValue, cell: RowField): string => {
      const held = (isWorkedOut(cell) ? workedRows.get(row.id)?.[cell.key] : row.values[cell.key]) ?? null;
      return linked(held) ?? behaviourOf(cell.type).show(held, valueContext(compiled.catalogue));
    },
    /** What a look-up of the row fills into a cell, and whether the cell holds it. */
    fill: (row: RowValue, cell: RowField) => state?.cellsFilled.get(row.id)?.get(cell.key),
    /** What a look-up of the row would fill where something else was typed, in words; null where there is no such thing. */
    otherwise: (row: RowValue, cell: RowField): string | null => {
      const fill = state?.cellsFilled.get(row.id)?.get(cell.key);
      if (!fill || fill.held || isNothing(fill.value)) return null;
      if (sameValue(fill.value, row.values[cell.key] ?? null)) return null;
      return linked(fill.value) ?? behaviourOf(cell.type).show(fill.value, valueContext(compiled.catalogue));
    },
    /** Adds a row at the end and gives its id. */
    add: (): string => {
      const row = newRow();
      onValue([...rows, row]);
      return row.id;
    },
    move: (at: number, by: -1 | 1): void => {
      const row = rows[at];
      if (row && rows[at + by]) onValue(rows.toSpliced(at, 1).toSpliced(at + by, 0, row));
    },
    takeAway: (at: number): void => onValue(rows.toSpliced(at, 1)),
    /** What was copied from a spreadsheet fills cells to the right and downwards from one of them. */
    paste: (event: Pasted, at: number, column: string): void => {
      const lines = event.clipboardData.getData('text/plain').replace(/\r\n?/g, '\n').replace(/\n$/, '').split('\n');
      if (lines.length === 1 && !lines[0]?.includes('\t')) return;
      event.preventDefault();
      const cells = lines.map((line) => line.split('\t'));
      const missing = Math.max(0, at + cells.length - rows.length);
      const all = [...rows, ...Array.from({ length: missing }, newRow)];
      onValue(all);
      const writable = type.fields.filter((each) => !isWorkedOut(each));
      const from = writable.findIndex((each) => each.key === column);
      const width = Math.max(...cells.map((line) => line.length));
      const targets = Array.from({ length: width }, (_, right) => writable[from + right]);
      void writtenHere(targets, cells).then((columns) => {
        cells.forEach((line, down) => {
          const row = all[at + down];
          line.forEach((_, right) => {
            const target = targets[right];
            if (row && target) void pasteCell(row.id, target, columns[right]?.[down] ?? '');
          });
        });
      });
    },
  };
};

export type Rows = ReturnType<typeof useRows>;
