import { isNumeric } from '#core/values/index.ts';
import { NUMBER_WIDTH, STAGE_WIDTH, TICK_WIDTH, widthOf } from './column-widths.ts';
import type { Lines } from './record-row.tsx';

/** How wide the columns are: every line of a list is laid out alike, whatever it holds. */
export const ColumnWidths = ({ lines: { columns, staged, ticks } }: Pick<Props, 'lines'>) => {
  const widths = [
    ...(ticks ? [TICK_WIDTH] : []),
    NUMBER_WIDTH,
    ...columns.map(widthOf),
    ...(staged ? [STAGE_WIDTH] : []),
  ];
  const total = widths.reduce((sum, width) => sum + width, 0);
  return (
    <colgroup style={{ minWidth: total }}>
      {widths.map((width, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a width is that of its place
        <col key={at} style={{ width }} />
      ))}
    </colgroup>
  );
};

const ARROWS = { ascending: ' ↑', descending: ' ↓', none: '' } as const;

interface Props {
  readonly lines: Lines;
  readonly sort: string;
  readonly onSort: (sort: string) => void;
}

/** The heads of a list's columns: each sorts by its own, with Shift besides what it is sorted by. */
export const ListHead = ({ lines: { columns, staged, ticks }, sort, onSort }: Props) => {
  const keys = sort.split(',');
  const wayOf = (name: string) =>
    keys.includes(name) ? 'ascending' : keys.includes(`-${name}`) ? 'descending' : 'none';
  const nextSort = (name: string, more: boolean): string => {
    const next = wayOf(name) === 'ascending' ? `-${name}` : name;
    if (!more) return next;
    return wayOf(name) === 'none'
      ? [...keys.filter((key) => key !== '' && !key.endsWith('number')), next].join(',')
      : keys.map((key) => (key === name || key === `-${name}` ? next : key)).join(',');
  };
  const head = (name: string, label: string, numeric = false, left?: number) => (
    <th
      key={name}
      scope="col"
      className={left === undefined ? (numeric ? 'num' : '') : 'kept-left'}
      style={{ left }}
      aria-sort={wayOf(name)}
    >
      <button
        type="button"
        className="max-w-full truncate align-middle font-semibold"
        title="Shift: sort by this too"
        onClick={(event) => onSort(nextSort(name, event.shiftKey))}
      >
        {label}
        <span aria-hidden="true">{ARROWS[wayOf(name)]}</span>
      </button>
    </th>
  );
  return (
    <thead>
      <tr>
        {ticks && (
          <th scope="col" className="kept-left print:hidden">
            <input
              type="checkbox"
              className="align-middle"
              aria-label="Tick all that fit"
              checked={ticks.isAll}
              onChange={(event) => ticks.tickAll(event.target.checked)}
            />
          </th>
        )}
        {head('number', 'Number', false, ticks ? TICK_WIDTH : 0)}
        {columns.map((field) => head(field.key, field.label, isNumeric(field.type)))}
        {staged && head('sign_off.stage', 'Sign-off')}
      </tr>
    </thead>
  );
};
