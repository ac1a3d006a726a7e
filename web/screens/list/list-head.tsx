import { memo, useState } from 'react';
import { type View, withWidth } from '#core/list/index.ts';
import { isNumeric } from '#core/values/index.ts';
import { NUMBER_WIDTH, STAGE_WIDTH, TICK_WIDTH } from './column-widths.ts';
import type { Lines } from './record-row.tsx';

/** How wide the columns are: every line of a list is laid out alike, whatever it holds. */
export const ColumnWidths = memo(({ lines: { widths: own, staged, ticks } }: Pick<Props, 'lines'>) => {
  const widths = [...(ticks ? [TICK_WIDTH] : []), NUMBER_WIDTH, ...own, ...(staged ? [STAGE_WIDTH] : [])];
  const total = widths.reduce((sum, width) => sum + width, 0);
  return (
    <colgroup style={{ minWidth: total }}>
      {widths.map((width, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a width is that of its place
        <col key={at} style={{ width }} />
      ))}
    </colgroup>
  );
});

const ARROWS = { ascending: ' ↑', descending: ' ↓', none: '' } as const;

interface Props {
  readonly lines: Lines;
  readonly sort: string;
  readonly onLook: (changes: Partial<View>) => void;
  /** The widths that were drawn, as the address has them. */
  readonly drawn: string;
}

/** The heads of a list's columns: each sorts by its own, with Shift besides what it is sorted by. */
export const ListHead = memo(({ lines, sort, drawn, onLook }: Props) => {
  const { columns, widths, lefts, staged, ticks } = lines;
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
  const sorter = (name: string, label: string) => (
    <button
      type="button"
      className="max-w-full truncate align-middle font-semibold"
      title="Shift: sort by this too"
      onClick={(event) => onLook({ sort: nextSort(name, event.shiftKey) })}
    >
      {label}
      <span aria-hidden="true">{ARROWS[wayOf(name)]}</span>
    </button>
  );
  const moved = (key: string, before: string): void => {
    const keys = columns.map((field) => field.key);
    if (key === before || !keys.includes(key)) return;
    const others = keys.filter((each) => each !== key);
    // Dropped on one to its right it stands behind that, on one to its left before it.
    const at = others.indexOf(before) + (keys.indexOf(key) < keys.indexOf(before) ? 1 : 0);
    onLook({ columns: others.toSpliced(at, 0, key).join(',') });
  };
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
        <th scope="col" className="kept-left" style={{ left: ticks ? TICK_WIDTH : 0 }} aria-sort={wayOf('number')}>
          {sorter('number', 'Number')}
        </th>
        {columns.map((field, at) => (
          <th
            key={field.key}
            scope="col"
            className={`${isNumeric(field.type) ? 'num' : ''} ${lefts[at] === undefined ? '' : 'kept-left'}`}
            style={{ left: lefts[at] }}
            aria-sort={wayOf(field.key)}
            draggable
            onDragStart={(event) => event.dataTransfer.setData(DRAGGED, field.key)}
            onDragOver={(event) => {
              if (event.dataTransfer.types.includes(DRAGGED)) event.preventDefault();
            }}
            onDrop={(event) => {
              event.preventDefault();
              moved(event.dataTransfer.getData(DRAGGED), field.key);
            }}
          >
            {sorter(field.key, field.label)}
            <WidthHandle
              label={field.label}
              width={widths[at] ?? 0}
              onWidth={(pixels) => onLook({ widths: withWidth(drawn, field.key, pixels) })}
            />
          </th>
        ))}
        {staged && (
          <th scope="col" aria-sort={wayOf('sign_off.stage')}>
            {sorter('sign_off.stage', 'Sign-off')}
          </th>
        )}
      </tr>
    </thead>
  );
});

const DRAGGED = 'application/x-iolite-column';
const STEP = 10;

/** The right edge of a column's head: drawn, or moved by the arrows, it makes the column wider or narrower. */
const WidthHandle = ({
  label,
  width,
  onWidth,
}: {
  label: string;
  width: number;
  onWidth: (pixels: number) => void;
}) => {
  const [from, setFrom] = useState<number | null>(null);
  return (
    // biome-ignore lint/a11y/useSemanticElements: a separator that is moved is a control, which a rule is not
    <span
      role="separator"
      aria-orientation="vertical"
      aria-label={`Width of ${label}`}
      aria-valuenow={width}
      tabIndex={0}
      className="width-handle"
      draggable={false}
      onPointerDown={(event) => {
        event.preventDefault();
        event.currentTarget.setPointerCapture(event.pointerId);
        setFrom(event.clientX);
      }}
      onPointerUp={(event) => {
        if (from !== null && event.clientX !== from) onWidth(width + event.clientX - from);
        setFrom(null);
      }}
      onKeyDown={(event) => {
        const by = { ArrowLeft: -STEP, ArrowRight: STEP }[event.key];
        if (by === undefined) return;
        event.preventDefault();
        event.stopPropagation();
        onWidth(width + by);
      }}
    />
  );
};
