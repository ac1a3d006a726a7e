import { Check, Plus } from 'lucide-react';
import { type KeyboardEvent, useRef, useState } from 'react';
import type { RowValue } from '#core/values/index.ts';
import type { AnyControl } from '../controls/face.ts';
import { RowCell } from './cell.tsx';
import { RowActions } from './row-actions.tsx';
import { isWorkedOut, type Rows, type RowsProps, useRows } from './use-rows.ts';

/** A row in one line: its first answer, and at the end the next one that there is. */
const sayRow = ({ type, rows, row }: { type: RowsProps['type']; rows: Rows; row: RowValue }): string[] =>
  type.fields
    .filter((cell) => rows.isAsked(row, cell))
    .map((cell) => rows.shown(row, cell))
    .filter((text) => text !== '')
    .slice(0, 2);

/** Rows on a phone: a line each, and the one that is open as a small form of its own. */
export const RowsCards = ({ control, ...props }: RowsProps & { readonly control: AnyControl }) => {
  const { type, id, describedBy } = props;
  const rows = useRows(props);
  const [open, setOpen] = useState<string | null>(null);
  const place = useRef<HTMLFieldSetElement>(null);
  const focusIn = (row: string): void => {
    // The card is open once React has drawn it.
    requestAnimationFrame(() =>
      place.current?.querySelector<HTMLElement>(`[data-row="${row}"] :is(input, select, textarea)`)?.focus(),
    );
  };
  const show = (row: string): void => {
    setOpen(row);
    focusIn(row);
  };
  /** Enter goes on to the next answer of the card, and from the last one closes it. */
  const onKeyDown = (event: KeyboardEvent<HTMLElement>): void => {
    if (event.key !== 'Enter' || event.defaultPrevented || event.ctrlKey || event.metaKey) return;
    if (event.target instanceof HTMLButtonElement || event.target instanceof HTMLTextAreaElement) return;
    event.preventDefault();
    const controls = [...event.currentTarget.querySelectorAll<HTMLElement>('input, select, textarea, [data-done]')];
    const at = event.target instanceof HTMLElement ? controls.indexOf(event.target) : -1;
    controls[at + 1]?.focus();
  };
  return (
    <fieldset
      ref={place}
      id={id}
      aria-labelledby={`${id}-label`}
      aria-describedby={describedBy}
      className="grid min-w-0 gap-2"
    >
      {rows.rows.map((row, at) => {
        const unnamed = `${type.singular} ${at + 1}`;
        const [first = unnamed, second = ''] = sayRow({ type, rows, row });
        const isOpen = open === row.id;
        return (
          <div key={row.id} data-row={row.id} className="rounded border border-rule-strong bg-paper">
            <button
              type="button"
              className="flex min-h-11 w-full items-center gap-3 px-3 py-2 text-left"
              aria-expanded={isOpen}
              onClick={() => (isOpen ? setOpen(null) : show(row.id))}
            >
              <span className="min-w-0 grow truncate">
                {first !== unnamed && <span className="sr-only">{unnamed}: </span>}
                {first}
              </span>{' '}
              <span className="max-w-1/2 truncate text-ink-2">{second}</span>
            </button>
            {isOpen && (
              // biome-ignore lint/a11y/noStaticElementInteractions: it only passes Enter on to the next answer
              <div className="grid gap-3 border-t border-rule bg-sheet p-3" onKeyDown={onKeyDown}>
                {type.fields
                  .filter((cell) => rows.isAsked(row, cell))
                  .map((cell) =>
                    isWorkedOut(cell) ? (
                      <p key={cell.key}>
                        <span className="block pb-0.5 font-semibold">{rows.labelOf(cell)}</span>
                        <output className="box box-filled block">{rows.shown(row, cell)}</output>
                      </p>
                    ) : (
                      <div key={cell.key} onPaste={(event) => rows.paste(event, at, cell.key)}>
                        <RowCell
                          control={control}
                          around={props}
                          rows={rows}
                          row={row}
                          cell={cell}
                          at={at}
                          compact={false}
                        />
                      </div>
                    ),
                  )}
                <div className="flex items-center gap-1">
                  <button type="button" data-done className="btn" onClick={() => setOpen(null)}>
                    <Check size={15} aria-hidden="true" /> Done
                  </button>
                  <span className="grow" />
                  <RowActions rows={rows} at={at} size={18} />
                </div>
              </div>
            )}
          </div>
        );
      })}
      <button type="button" className="btn justify-self-start" onClick={() => show(rows.add())}>
        <Plus size={15} aria-hidden="true" /> Add {type.singular.toLowerCase()}
      </button>
    </fieldset>
  );
};
