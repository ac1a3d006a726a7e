import { act, createEvent, fireEvent, render, screen } from '@testing-library/react';
import { useRef } from 'react';
import { describe, expect, test, vi } from 'vitest';
import { catalogue, nearMisses } from '#core/register/example.arb.ts';
import { recordThing } from '../../testing/things.ts';
import type { Editing, Lines } from './record-row.tsx';
import { useRecordGrid } from './use-record-grid.ts';

const columns = ['title', 'cost'].flatMap((key) => nearMisses.fields.find((field) => field.key === key) ?? []);
const records = ['a', 'b', 'c'].map((id, at) =>
  recordThing({ id, number: `NEA-000${at}`, values: { title: `Title ${id}`, cost: '2' } }),
);

/** Records as a grid. */
const Grid = ({ lines, onPaste }: { readonly lines: Lines; readonly onPaste: () => void }) => {
  const scroller = useRef<HTMLTableElement>(null);
  const { ids, table, row, cells } = useRecordGrid({
    register: nearMisses,
    records,
    lines,
    scroller,
    has: { first: true, last: true },
    onEdge: vi.fn(),
    onPaste,
  });
  return (
    // biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: a grid, as the list draws it
    <table ref={scroller} role="grid" {...table}>
      <caption>{cells}</caption>
      <tbody>
        {ids.map((id, at) => (
          <tr key={id} data-record={id}>
            {['number', ...columns.map(({ key }) => key), 'stage'].map((key, column) => (
              <td key={key} data-column={column} tabIndex={row(at).active === column ? 0 : -1}>
                {`${id}${column}`}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
};

/** Some records as a grid: its cells are called by record and column. */
const grid = (of: { readonly editing?: Editing } = {}) => {
  const wanted = { open: vi.fn(), edit: vi.fn(), paste: vi.fn(), tick: vi.fn() };
  const lines: Lines = {
    register: nearMisses.key,
    columns,
    widths: [],
    lefts: [],
    catalogue,
    staged: true,
    words: [],
    chosen: null,
    onChoose: wanted.open,
    ticks: { isAll: false, ids: new Set(), has: () => false, tick: wanted.tick, tickAll: vi.fn(), clear: vi.fn() },
    foreseen: null,
    editing: of.editing ?? null,
    onEdit: wanted.edit,
    rules: [],
    onAsk: vi.fn(),
  };
  render(<Grid lines={lines} onPaste={wanted.paste} />);
  return wanted;
};
const goTo = (cell: string): void => act(() => screen.getByText(cell).focus());
const press = (cell: string, key: string, more: object = {}): void =>
  void fireEvent.keyDown(screen.getByText(cell), { key, ...more });
/** A copy or a paste at a cell, with what the clipboard holds. */
const clip = (kind: 'copy' | 'paste', cell: string, held = ''): string => {
  let text = held;
  const target = screen.getByText(cell);
  const clipboardData = {
    getData: () => text,
    setData: (_: string, given: string) => {
      text = given;
    },
  };
  fireEvent(target, createEvent[kind](target, { clipboardData }));
  return text;
};

describe('the lines of a list as a grid', () => {
  test('one cell is come to by Tab: the first, until another has the focus', () => {
    grid();
    expect(screen.getByText('a0').tabIndex).toBe(0);
    goTo('b1');
    expect([screen.getByText('a0').tabIndex, screen.getByText('b1').tabIndex]).toEqual([-1, 0]);
  });

  test('the number and the stage of a sign-off are not changed by typing, fields are', () => {
    const { edit } = grid();
    for (const cell of ['a0', 'a3', 'a2']) {
      goTo(cell);
      press(cell, 'x');
    }
    expect(edit.mock.calls).toEqual([[{ id: 'a', column: 2, typed: 'x' }]]);
  });

  test('what is typed before the box of a cell is there goes into it too', () => {
    const { edit, open } = grid({ editing: { id: 'a', column: 1, typed: 'ab' } });
    goTo('a1');
    press('a1', 'c');
    press('a1', 'Backspace');
    press('a1', 'Enter');
    press('a1', 'Escape');
    press('a1', 'v', { ctrlKey: true });
    expect(edit.mock.calls).toEqual([
      [{ id: 'a', column: 1, typed: 'abc' }],
      [{ id: 'a', column: 1, typed: 'a' }],
      [{ id: 'a', column: 1, typed: 'ab', isEntered: true }],
      [null],
    ]);
    expect(open).not.toHaveBeenCalled();
  });

  test('a block is counted, copied as it is said, and pasted over', () => {
    const { paste } = grid();
    goTo('a1');
    press('a1', 'ArrowDown', { shiftKey: true });
    press('b1', 'ArrowRight', { shiftKey: true });
    expect(screen.getByRole('grid').querySelector('caption')?.textContent).toBe('4');
    expect(clip('copy', 'b2')).toBe('Title a\t2.00\nTitle b\t2.00');
    clip('paste', 'b2', 'Other');
    expect(paste).toHaveBeenCalledOnce();
    expect(paste.mock.calls[0]?.[0]).toMatchObject({ columns: ['number', 'title'], rows: 1 });
  });

  test('Space ticks along the lines as they stand', () => {
    const { tick } = grid();
    goTo('b1');
    press('b1', ' ', { shiftKey: true });
    expect(tick).toHaveBeenCalledExactlyOnceWith('b', ['a', 'b', 'c'], true);
  });
});
