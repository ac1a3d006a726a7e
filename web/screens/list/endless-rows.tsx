import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import { Fragment, useEffect, useLayoutEffect, useRef, useState } from 'react';
import type { ListGroups } from '#contract/index.ts';
import type { View } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import type { GroupedAddress } from '../../data/queries.ts';
import type { Start } from '../../data/rows-query.ts';
import { Coming, Problems } from '../../ui/message.tsx';
import type { Pasting, Refused } from './clipboard.ts';
import { ListFoot } from './list-foot.tsx';
import { ColumnWidths, ListHead } from './list-head.tsx';
import { PlaceBar } from './place-bar.tsx';
import { type Lines, RecordRow } from './record-row.tsx';
import { WholeTotals } from './record-table.tsx';
import { useArrivals } from './use-arrivals.ts';
import { HEAD, ROW, useRecordGrid } from './use-record-grid.ts';
import { endOf, type Rows, TOP, useNear, useRows } from './use-rows.ts';

interface Props {
  readonly register: Register;
  readonly address: GroupedAddress;
  /** How many records the list holds, and whether there are more. */
  readonly count: { readonly count: number; readonly more: boolean };
  /** The totals of the whole. */
  readonly groups: ListGroups | null;
  readonly lines: Lines;
  readonly onLook: (changes: Partial<View>) => void;
  /** The widths of columns that were drawn, as the address has them. */
  readonly drawn: string;
  /** Which records are there just now, in their order. */
  readonly onShown: (ids: readonly string[]) => void;
  /** A block from the clipboard was put over the cells that are chosen. */
  readonly onPaste: (pasting: Pasting | Refused) => void;
}

/**
 * A list from its first record to its last, as long as it may be: what is near is fetched, what is far is let go, and the
 * bar beside it leads anywhere.
 */
export const EndlessRows = ({ register, address, count, groups, lines, drawn, onLook, onShown, onPaste }: Props) => {
  const [start, setStart] = useState<Start>(TOP);
  const list = JSON.stringify([address.filter, address.find, address.sort, address.archived]);
  const [begun, setBegun] = useState(list);
  if (begun !== list) {
    // Another list is read from its beginning; until that is there, what was there stays.
    setBegun(list);
    setStart({ ...TOP });
  }
  const rows = useRows(register.key, address, start, true);
  const { records } = rows;
  const scroller = useRef<HTMLDivElement>(null);
  const grid = useRecordGrid({
    register,
    records,
    lines,
    scroller,
    has: { first: rows.at === 0 && !rows.isOld, last: rows.isEnd && !rows.isOld },
    onEdge: (edge) => setStart(edge === 'first' ? TOP : endOf(count.count)),
    onPaste,
  });
  const { activeAt } = grid;
  const virtual = useVirtualizer({
    count: records.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW,
    getItemKey: (at) => records[at]?.id ?? at,
    overscan: 8,
    scrollMargin: HEAD,
    scrollPaddingStart: HEAD,
    scrollPaddingEnd: ROW,
    // The line that has the focus stays, wherever one scrolls.
    rangeExtractor: (range) => {
      const shown = defaultRangeExtractor(range);
      return activeAt === undefined || shown.includes(activeAt) ? shown : [...shown, activeAt].sort((a, b) => a - b);
    },
  });
  const { scrollToIndex } = virtual;
  // biome-ignore lint/correctness/useExhaustiveDependencies: once for each move, not for what comes in later
  useEffect(() => {
    if (activeAt !== undefined && grid.active?.isMove) scrollToIndex(activeAt);
  }, [grid.active]);
  useStayPut(scroller, rows, start);
  const arrived = useArrivals(records, { isTop: rows.at === 0, isOld: rows.isOld, list });
  const items = virtual.getVirtualItems();
  const top = Math.max(0, Math.floor((virtual.scrollOffset ?? 0) / ROW));
  const bottom = Math.min(records.length, top + Math.ceil(((virtual.scrollRect?.height ?? 0) - HEAD) / ROW));
  useNear(rows, items[0]?.index ?? 0, items.at(-1)?.index ?? 0);
  // biome-ignore lint/correctness/useExhaustiveDependencies: told once for each stretch that was fetched
  useEffect(() => onShown(grid.ids), [records]);
  let end = 0;
  return (
    <div className="flex min-h-0 grow flex-col">
      <Problems error={rows.error} />
      {!rows.isKnown && rows.error === null && <Coming />}
      <div className={rows.isKnown ? 'flex min-h-0 grow' : 'hidden'}>
        <div
          ref={scroller}
          className="min-h-0 min-w-0 grow overflow-auto [overflow-anchor:none] max-sm:max-h-[70vh]"
          data-scroller
        >
          <table
            // biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: its cells are gone through by the arrow keys
            role="grid"
            className="list-table list-table-even"
            aria-label={register.plural}
            aria-rowcount={count.more || !rows.exact ? -1 : count.count + 1}
            {...grid.table}
          >
            <ColumnWidths lines={lines} />
            <ListHead lines={lines} sort={address.sort} drawn={drawn} onLook={onLook} />
            <tbody>
              {items.map((item) => {
                const record = records[item.index];
                const gap = item.start - HEAD - end;
                end = item.end - HEAD;
                return (
                  record && (
                    <Fragment key={record.id}>
                      {gap > 0 && <Gap height={gap} />}
                      <RecordRow
                        record={record}
                        lines={lines}
                        row={rows.exact ? rows.at + item.index + 2 : undefined}
                        {...grid.row(item.index)}
                        arrived={arrived.has(record.id)}
                      />
                    </Fragment>
                  )
                );
              })}
              {virtual.getTotalSize() > end && <Gap height={virtual.getTotalSize() - end} />}
            </tbody>
            {groups && <WholeTotals register={register} address={address} groups={groups} lines={lines} />}
          </table>
        </div>
        <PlaceBar
          register={register.key}
          address={address}
          count={count.count}
          at={rows.at + top}
          shown={bottom - top}
          onPlace={setStart}
        />
      </div>
      <ListFoot
        register={register}
        address={address}
        count={count}
        from={rows.at + top + 1}
        to={rows.at + bottom}
        exact={rows.exact}
        cells={grid.cells}
        onPlace={setStart}
      />
    </div>
  );
};

const Gap = ({ height }: { height: number }) => (
  // biome-ignore lint/a11y/noAriaHiddenOnFocusable: nothing in it takes the focus
  <tr aria-hidden="true" style={{ height }}>
    <td className="border-0! p-0!" />
  </tr>
);

/** What one reads stays where it is while records come before it, or are let go. At the very top what is new is seen. */
const useStayPut = (
  scroller: React.RefObject<HTMLDivElement | null>,
  { records, at: before, isOld }: Pick<Rows, 'records' | 'at' | 'isOld'>,
  start: Start,
): void => {
  const isTop = before === 0;
  const isEndWanted = useRef(false);
  const held = useRef<{ readonly id: string; readonly offset: number } | null>(null);
  const begun = useRef(start);
  useLayoutEffect(() => {
    const element = scroller.current;
    if (!element) return;
    if (begun.current !== start) {
      begun.current = start;
      held.current = null;
      element.scrollTop = 0;
      isEndWanted.current = start.before !== undefined;
    }
    if (isEndWanted.current && !isOld) {
      isEndWanted.current = false;
      held.current = null;
      element.scrollTop = element.scrollHeight;
    }
    const at = held.current === null ? -1 : records.findIndex(({ id }) => id === held.current?.id);
    if (at >= 0 && held.current) element.scrollTop = at * ROW + held.current.offset;
    const hold = (): void => {
      const first = Math.floor(element.scrollTop / ROW);
      const record = records[first];
      held.current =
        record === undefined || (isTop && element.scrollTop < 1)
          ? null
          : { id: record.id, offset: element.scrollTop - first * ROW };
    };
    hold();
    element.addEventListener('scroll', hold, { passive: true });
    return () => element.removeEventListener('scroll', hold);
  }, [scroller, records, isTop, isOld, start]);
};
