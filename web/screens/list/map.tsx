import { Popover, PopoverButton, PopoverPanel } from '@headlessui/react';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import type { RecordAnswer } from '#contract/index.ts';
import { bothOf } from '#core/list/index.ts';
import { type Position, positionOf } from '#core/values/index.ts';
import { type GroupedAddress, queries } from '../../data/queries.ts';
import { Coming, Problems } from '../../ui/message.tsx';
import { MarkSign } from './marks-part.tsx';
import type { Lines } from './record-row.tsx';

const Chart = lazy(() => import('../../fields/controls/sea-chart.tsx'));

interface Props {
  readonly address: GroupedAddress;
  readonly lines: Lines;
  /** The field that says where a record is. */
  readonly at: string;
}

interface Placed {
  readonly record: RecordAnswer;
  readonly place: Position;
}

/** As many are drawn: more hide each other. */
const MAX_RECORDS = 500;

/** Where a chart opens so that all places are on it: their middle, and how near. */
const viewOf = (places: readonly Position[]): { readonly centre: Position; readonly zoom: number } | undefined => {
  const [latitudes, longitudes] = [places.map(({ latitude }) => latitude), places.map(({ longitude }) => longitude)];
  if (places.length === 0) return undefined;
  const [south, north] = [Math.min(...latitudes), Math.max(...latitudes)];
  const [west, east] = [Math.min(...longitudes), Math.max(...longitudes)];
  // The world is 360 degrees wide at no zoom; each step doubles it. A little is left around.
  const across = Math.max(east - west, (north - south) * 2, 0.001) * 1.3;
  const zoom = Math.max(0, Math.min(17, Math.floor(Math.log2(360 / across))));
  return { centre: { latitude: (south + north) / 2, longitude: (west + east) / 2 }, zoom };
};

/** A list as a map: each record where its position is; those that lie on each other open as a list. */
export const MapLook = ({ address, lines, at }: Props) => {
  const filter = bothOf(address.filter, `${at} != null`);
  const columns = [...new Set([...lines.columns.map(({ key }) => key), at])].join(',');
  const { data, error } = useQuery(queries.list(lines.register, { ...address, filter, columns }, MAX_RECORDS));
  if (!data) return error ? <Problems error={error} /> : <Coming />;
  const placed = data.records.flatMap((record): Placed[] => {
    const place = positionOf(record.values[at] ?? null);
    return place ? [{ record, place }] : [];
  });
  const write = (n: number): string => n.toLocaleString(lines.catalogue.locale);
  return (
    <div className="min-h-0 grow overflow-auto px-4 pb-3">
      <p className="py-1.5 text-ink-2">
        {data.more && 'Over '}
        {write(data.count ?? placed.length)} with a position
        {data.next !== null && `; the first ${MAX_RECORDS} are drawn`}.
      </p>
      <Suspense fallback={<Coming />}>
        <Chart
          key={address.filter}
          label="Chart of the list: arrow keys move it, plus and minus zoom"
          at={null}
          start={viewOf(placed.map(({ place }) => place))}
        >
          {(placeOf) =>
            together(placed, placeOf).map(({ key, left, top, records }) => (
              <span
                key={key}
                className="pointer-events-auto absolute -translate-x-1/2 -translate-y-1/2"
                style={{ left, top }}
              >
                <Pin records={records} lines={lines} />
              </span>
            ))
          }
        </Chart>
      </Suspense>
    </div>
  );
};

/** Those whose places lie on each other on the drawing, as one: within a pin's breadth. */
const together = (
  placed: readonly Placed[],
  placeOf: (place: Position) => { readonly left: string; readonly top: string } | null,
) => {
  const found = new Map<string, { key: string; left: string; top: string; records: RecordAnswer[] }>();
  for (const { record, place } of placed) {
    const on = placeOf(place);
    if (!on) continue;
    const key = `${Math.round(Number.parseFloat(on.left) / 3.5)} ${Math.round(Number.parseFloat(on.top) / 6)}`;
    const known = found.get(key);
    if (known) known.records.push(record);
    else found.set(key, { key, ...on, records: [record] });
  }
  return [...found.values()];
};

const PIN =
  'grid min-w-6 place-items-center rounded-full border-2 border-iolite-deep bg-sheet px-1 text-[12px] font-bold text-iolite-deep leading-5';

const Pin = ({ records, lines }: { records: readonly RecordAnswer[]; lines: Lines }) => {
  const [only] = records;
  if (only && records.length === 1)
    return (
      <button
        type="button"
        className={PIN}
        title={only.title}
        aria-label={`Open ${only.number}, ${only.title}`}
        onClick={() => lines.onChoose(only.id)}
      >
        <span aria-hidden="true">•</span>
        <MarkSign rules={lines.rules} mark={only.mark} />
      </button>
    );
  return (
    <Popover>
      <PopoverButton className={PIN} aria-label={`${records.length} records here`}>
        {records.length}
      </PopoverButton>
      <PopoverPanel anchor={{ to: 'bottom', gap: 4, padding: 8 }} className="slip max-h-64 w-64">
        {({ close }) => (
          <ul>
            {records.map((record) => (
              <li key={record.id}>
                <button
                  type="button"
                  className="slip-row"
                  onClick={() => {
                    close();
                    lines.onChoose(record.id);
                  }}
                >
                  <span className="grow truncate">{record.title}</span>
                  <span className="font-mono text-[12px] text-ink-2">{record.number}</span>
                </button>
              </li>
            ))}
          </ul>
        )}
      </PopoverPanel>
    </Popover>
  );
};
