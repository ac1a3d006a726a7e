import { act, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useRef } from 'react';
import { describe, expect, test, vi } from 'vitest';
import { type Edge, useGrid } from './use-grid.ts';

const IDS = ['a', 'b', 'c', 'd', 'e', 'f'];
const COLUMNS = 3;

interface Given {
  readonly ids?: readonly string[];
  readonly has?: Readonly<Record<Edge, boolean>>;
}

const noted = () => ({ open: vi.fn(), edge: vi.fn(), edit: vi.fn(), tick: vi.fn() });
type Wanted = ReturnType<typeof noted>;

const Grid = ({ wanted, ids = IDS, has = { first: true, last: true } }: Given & { readonly wanted: Wanted }) => {
  const scroller = useRef<HTMLTableElement>(null);
  const { active, block, isBlock, handlers } = useGrid({
    ids,
    columns: COLUMNS,
    page: () => 2,
    onOpen: wanted.open,
    has,
    onEdge: wanted.edge,
    onEdit: wanted.edit,
    onTick: wanted.tick,
    scroller,
  });
  return (
    // biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: a grid, as the list draws it
    <table ref={scroller} role="grid" {...handlers}>
      <caption>{isBlock && block ? `${block.rows.join('-')} ${block.columns.join('-')}` : 'one'}</caption>
      <tbody>
        {ids.map((id) => (
          <tr key={id} data-record={id}>
            {Array.from({ length: COLUMNS }, (_, column) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: columns stay in their order
              <td key={column} data-column={column} tabIndex={active?.id === id && active.column === column ? 0 : -1}>
                {`${id}${column}`}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
};

/** A grid of some lines, each cell called by its record and column; what was wanted of it is noted. */
const grid = () => {
  const wanted = noted();
  const shown = render(<Grid wanted={wanted} />);
  return { ...wanted, again: (given: Given) => shown.rerender(<Grid wanted={wanted} {...given} />) };
};
const at = (): string | null | undefined => document.activeElement?.textContent;
const block = (): string | null => screen.getByRole('grid').querySelector('caption')?.textContent ?? null;
const goTo = (cell: string): void => act(() => screen.getByText(cell).focus());

describe('a grid by its keys', () => {
  test('arrows go to the next cell, and stay at the edges', async () => {
    grid();
    goTo('a0');
    const seen: (string | null | undefined)[] = [];
    for (const key of ['ArrowUp', 'ArrowLeft', 'ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowLeft', 'ArrowDown']) {
      await userEvent.keyboard(`{${key}}`);
      seen.push(at());
    }
    expect(seen).toEqual(['a0', 'a0', 'a1', 'a2', 'a2', 'a1', 'b1']);
    await userEvent.keyboard('{End}{ArrowRight}');
    expect(screen.getByText('b2').tabIndex).toBe(0);
  });

  test('pages, the ends of a line and of all lines', async () => {
    grid();
    goTo('b1');
    const keys = [
      '{PageDown}',
      '{PageUp}',
      '{Home}',
      '{End}',
      '{Control>}{End}{/Control}',
      '{Control>}{Home}{/Control}',
    ];
    const seen: (string | null | undefined)[] = [];
    for (const key of keys) {
      await userEvent.keyboard(key);
      seen.push(at());
    }
    expect(seen).toEqual(['d1', 'b1', 'b0', 'b2', 'f2', 'a0']);
  });

  test('the last record that is not there yet is asked for, and gone to once it is', async () => {
    const { again, edge } = grid();
    again({ has: { first: true, last: false } });
    goTo('b1');
    await userEvent.keyboard('{Control>}{End}{/Control}');
    expect(edge).toHaveBeenCalledExactlyOnceWith('last');
    expect(at()).toBe('b1');
    again({ ids: [...IDS, 'z'], has: { first: false, last: true } });
    expect(at()).toBe('z1');
  });

  test('Enter opens, Space ticks, with Shift a span; F2 and typing change the cell', async () => {
    const { open, tick, edit } = grid();
    goTo('b1');
    await userEvent.keyboard('{Enter} {Shift>} {/Shift}{F2}x');
    expect(open).toHaveBeenCalledExactlyOnceWith('b');
    expect(tick.mock.calls).toEqual([
      ['b', false],
      ['b', true],
    ]);
    expect(edit.mock.calls).toEqual([
      ['b', 1, null],
      ['b', 1, 'x'],
    ]);
  });

  test('what is pressed with Ctrl is the browser’s', async () => {
    const { edit } = grid();
    goTo('b1');
    await userEvent.keyboard('{Control>}a{/Control}');
    expect(edit).not.toHaveBeenCalled();
  });

  test('Shift chooses a block; Escape, or going on, leaves it', async () => {
    grid();
    goTo('b1');
    await userEvent.keyboard('{Shift>}{ArrowDown}{ArrowDown}{ArrowLeft}{/Shift}');
    expect(block()).toBe('1-3 0-1');
    await userEvent.keyboard('{Escape}');
    expect(block()).toBe('one');
    await userEvent.keyboard('{Shift>}{ArrowUp}{/Shift}');
    expect(block()).toBe('2-3 0-0');
    await userEvent.keyboard('{ArrowRight}');
    expect(block()).toBe('one');
  });

  test('the mouse draws a block from the cell that has the focus', async () => {
    grid();
    const user = userEvent.setup();
    goTo('b1');
    await user.pointer([{ target: screen.getByText('b1'), keys: '[MouseLeft>]' }, { target: screen.getByText('d2') }]);
    expect(block()).toBe('1-3 1-2');
  });

  test('lines come and go: the cell is known by its record', async () => {
    const { again } = grid();
    goTo('c1');
    again({ ids: ['new', ...IDS] });
    await userEvent.keyboard('{ArrowUp}');
    expect(at()).toBe('b1');
  });
});
