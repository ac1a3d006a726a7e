import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { labelAt, readPlace } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import { type GroupedAddress, queries } from '../../data/queries.ts';
import type { Start } from '../../data/rows-query.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { TOP } from './use-rows.ts';

interface Props {
  readonly register: Register;
  readonly address: GroupedAddress;
  readonly count: { readonly count: number; readonly more: boolean };
  readonly from: number;
  readonly to: number;
  readonly exact: boolean;
  /** How many cells are chosen. */
  readonly cells: number;
  readonly onPlace: (start: Start) => void;
}

/** Under a list: which of its records are seen, a way to go to others, and the keys of the moment. */
export const ListFoot = ({ register, address, count, from, to, exact, cells, onPlace }: Props) => {
  const { workspace, catalogue } = useWorkspace();
  const [wrong, setWrong] = useState('');
  const { data: places } = useQuery({ ...queries.places(register.key, address), enabled: count.more });
  const path = (address.sort.split(',')[0] ?? '').replace(/^-/, '') || 'number';
  const by = path === 'number' ? 'Number' : labelAt(register, path, catalogue);
  const write = (n: number): string => n.toLocaleString(workspace.locale);
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-rule bg-paper px-4 py-1 text-[13px] text-ink-2 print:hidden">
      <span className="min-w-44">
        {exact ? 'Rows' : 'About rows'} {write(Math.min(from, to))} to {write(to)} of {count.more && 'over '}
        {write(count.count)}
      </span>
      <form
        className="flex items-center gap-2"
        onSubmit={(event) => {
          event.preventDefault();
          const typed = String(new FormData(event.currentTarget).get('place') ?? '');
          const read = readPlace(register, path, typed, catalogue);
          setWrong(read.ok ? '' : (read.problems[0]?.detail ?? ''));
          if (read.ok) onPlace(read.value === '' ? TOP : { from: read.value, at: 0, exact: false });
        }}
      >
        <label className="flex items-center gap-2">
          From {by}
          <input className="box min-h-7! w-32 py-0.5!" name="place" autoComplete="off" aria-invalid={wrong !== ''} />
        </label>
        <button type="submit" className="btn min-h-7! py-0.5!">
          Go
        </button>
        <span role="alert" className="wrong">
          {wrong}
        </span>
      </form>
      {places?.slow && (
        <span role="status">
          Among so many it takes a while to sort by {by}; by a field of {register.plural} themselves it does not.
        </span>
      )}
      <GridKeys cells={cells} locale={workspace.locale} />
    </div>
  );
};

/** The keys of the moment in a list that is gone through by them; other ones where several cells are chosen. */
export const GridKeys = ({ cells, locale }: { cells: number; locale: string }) => (
  <span className="ml-auto max-lg:hidden">
    {cells > 1 ? (
      <>
        {cells.toLocaleString(locale)} cells chosen <kbd className="key">Ctrl C</kbd> copies{' '}
        <kbd className="key">Ctrl V</kbd> pastes <kbd className="key">Esc</kbd> takes back
      </>
    ) : (
      <>
        <kbd className="key">↑ ↓ ← →</kbd> move <kbd className="key">Enter</kbd> opens beside{' '}
        <kbd className="key">F2</kbd> changes <kbd className="key">Space</kbd> ticks <kbd className="key">Ctrl End</kbd>{' '}
        last
      </>
    )}
  </span>
);
