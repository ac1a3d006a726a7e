import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, useState } from 'react';
import { filesIn } from '#core/values/index.ts';
import type { GroupedAddress } from '../../data/queries.ts';
import { Coming, Problems } from '../../ui/message.tsx';
import { Card } from './card.tsx';
import type { Lines } from './record-row.tsx';
import { useArrivals } from './use-arrivals.ts';
import { TOP, useNear, useRows } from './use-rows.ts';

interface Props {
  readonly address: GroupedAddress;
  readonly lines: Lines;
  readonly onShown: (ids: readonly string[]) => void;
}

/** A card is at least so wide, in pixels. */
const LEAST_WIDTH = 250;

/** A list as cards, from its first record to its last: as many beside each other as there is room for. */
export const Cards = ({ address, lines, onShown }: Props) => {
  const list = JSON.stringify([address.filter, address.find, address.sort, address.archived]);
  const rows = useRows(lines.register, address, TOP, true);
  const { records } = rows;
  const scroller = useRef<HTMLDivElement>(null);
  const [across, setAcross] = useState(1);
  useEffect(() => {
    const element = scroller.current;
    if (!element) return;
    const watching = new ResizeObserver(() => setAcross(Math.max(1, Math.floor(element.clientWidth / LEAST_WIDTH))));
    watching.observe(element);
    return () => watching.disconnect();
  }, []);
  const virtual = useVirtualizer({
    count: Math.ceil(records.length / across),
    getScrollElement: () => scroller.current,
    estimateSize: () => 170,
    overscan: 3,
  });
  const items = virtual.getVirtualItems();
  useNear(rows, (items[0]?.index ?? 0) * across, ((items.at(-1)?.index ?? 0) + 1) * across);
  const arrived = useArrivals(records, { isTop: rows.at === 0, isOld: rows.isOld, list });
  // biome-ignore lint/correctness/useExhaustiveDependencies: told once for each stretch that was fetched
  useEffect(() => onShown(records.map(({ id }) => id)), [records]);
  const hasPictures = lines.columns.some(({ type }) => filesIn(type) !== null);
  return (
    <div className="flex min-h-0 grow flex-col">
      <Problems error={rows.error} />
      {!rows.isKnown && rows.error === null && <Coming />}
      <div ref={scroller} className="min-h-0 grow overflow-auto px-3 py-2 max-sm:h-[75dvh] max-sm:grow-0" data-scroller>
        <ul className="relative" style={{ height: virtual.getTotalSize() }} aria-label="Cards">
          {items.map((item) => (
            <li
              key={item.key}
              ref={virtual.measureElement}
              data-index={item.index}
              className="absolute inset-x-0 top-0 grid gap-2.5 pb-2.5"
              style={{
                transform: `translateY(${item.start}px)`,
                gridTemplateColumns: `repeat(${across}, minmax(0, 1fr))`,
              }}
            >
              {records.slice(item.index * across, (item.index + 1) * across).map((record) => (
                <Card
                  key={record.id}
                  record={record}
                  lines={lines}
                  fields={lines.columns}
                  pictures={hasPictures}
                  arrived={arrived.has(record.id)}
                />
              ))}
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
};
