import { useInfiniteQuery } from '@tanstack/react-query';
import { ChevronDown, ChevronRight } from 'lucide-react';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { ListGroups, RecordAnswer } from '#contract/index.ts';
import { readTotals } from '#core/list/index.ts';
import { isNumeric } from '#core/values/index.ts';
import { type GroupedAddress, queries } from '../../data/queries.ts';
import { Problems } from '../../ui/message.tsx';
import { type Lines, RecordRow } from './record-row.tsx';
import type { GridRow } from './use-record-grid.ts';

type Group = ListGroups['groups'][number];

interface Props {
  readonly register: string;
  readonly address: GroupedAddress;
  readonly groups: ListGroups;
  readonly lines: Lines;
  /** What the line of a record needs to be gone through by keys. */
  readonly rowOf: (record: RecordAnswer) => GridRow;
  /** Which records of a group are there; null: it is folded. */
  readonly onRead: (group: string, records: readonly RecordAnswer[] | null) => void;
}

/** Lists of few groups are shown unfolded. */
const FEW = 8;

/** A group as the address has it. */
export const nameOf = (keys: Group['keys']): string => JSON.stringify(keys);

/** The lines of a list that is put together: each group with its totals, folded and unfolded, and the records of it. */
export const GroupedRows = ({ register, address, groups, lines, rowOf, onRead }: Props) => {
  const depth = groups.levels.length;
  const leaves = groups.groups.filter(({ keys }) => keys.length === depth);
  const [turned, setTurned] = useState<ReadonlySet<string>>(new Set());
  const turn = (name: string): void => {
    const next = new Set(turned);
    if (!next.delete(name)) next.add(name);
    setTurned(next);
  };
  const few = leaves.length <= FEW;
  const isOpen = ({ keys }: Group): boolean => few !== turned.has(nameOf(keys));
  const isHidden = ({ keys }: Group): boolean =>
    groups.groups.some(
      (above) =>
        above.keys.length > 0 &&
        above.keys.length < keys.length &&
        above.keys.every((key, at) => key === keys[at]) &&
        !isOpen(above),
    );
  return groups.groups
    .filter(({ keys }) => keys.length > 0)
    .filter((group) => !isHidden(group))
    .map((group) => {
      const name = nameOf(group.keys);
      const open = isOpen(group);
      return [
        <TotalsRow
          key={name}
          group={group}
          asked={address.totals}
          lines={lines}
          title={
            <button
              type="button"
              aria-expanded={open}
              className="flex items-center gap-1.5 font-semibold"
              style={{ paddingLeft: (group.keys.length - 1) * 18 }}
              onClick={() => turn(name)}
            >
              {open ? <ChevronDown size={14} aria-hidden="true" /> : <ChevronRight size={14} aria-hidden="true" />}
              {group.says}{' '}
              <span className="font-normal text-ink-2">{group.count.toLocaleString(lines.catalogue.locale)}</span>
            </button>
          }
        />,
        open && group.keys.length === depth && (
          <GroupRecords
            key={`${name} records`}
            register={register}
            address={address}
            group={name}
            lines={lines}
            rowOf={rowOf}
            onRead={onRead}
          />
        ),
      ];
    });
};

interface TotalsProps {
  readonly group: Group;
  /** The totals that are asked for, as the address says them. */
  readonly asked: string;
  readonly lines: Lines;
  readonly title: React.ReactNode;
}

/** A line of totals, each under the column it is of; those of no column stand beside the title. */
export const TotalsRow = ({ group, asked, lines, title }: TotalsProps) => {
  const totals = readTotals(asked);
  const told = totals.ok
    ? totals.value.map(({ kind, path }, at) => ({ kind, path, says: group.totals[at]?.says ?? '' }))
    : [];
  const [, ...columns] = lines.columns;
  const beside = told.filter(({ path }) => !columns.some(({ key }) => key === path));
  return (
    <tr className="bg-paper">
      <th scope="row" colSpan={lines.ticks ? 3 : 2}>
        <span className="flex flex-wrap items-baseline gap-x-4">
          {title}
          {beside.map(({ kind, path, says }) => (
            <span key={`${kind} ${path}`} className="font-normal text-ink-2">
              {kind} {says}
            </span>
          ))}
        </span>
      </th>
      {columns.map(({ key, type }) => (
        <td key={key} className={`max-w-none! font-semibold ${isNumeric(type) ? 'num' : ''}`}>
          {told
            .filter(({ path }) => path === key)
            .map(({ kind, says }) => (
              <span key={kind} className="block">
                {kind !== 'sum' && says !== '' && <span className="font-normal text-ink-2">{kind} </span>}
                {says}
              </span>
            ))}
        </td>
      ))}
      {lines.staged && <td />}
    </tr>
  );
};

interface RecordsProps extends Omit<Props, 'groups'> {
  readonly group: string;
}

/** The records of one group: more of them come as one comes to the last. */
const GroupRecords = ({ register, address, group, lines, rowOf, onRead }: RecordsProps) => {
  const { data, error, hasNextPage, isFetchingNextPage, fetchNextPage } = useInfiniteQuery(
    queries.groupPages(register, { ...address, group }),
  );
  const records = useMemo(() => data?.pages.flatMap((page) => page.records) ?? [], [data]);
  const width = lines.columns.length + 1 + (lines.staged ? 1 : 0) + (lines.ticks ? 1 : 0);
  useEffect(() => {
    onRead(group, records);
    return () => onRead(group, null);
  }, [onRead, group, records]);
  const more = useCallback(() => void fetchNextPage(), [fetchNextPage]);
  const last = useSeen(more, hasNextPage && !isFetchingNextPage);
  return (
    <>
      {records.map((record) => (
        <RecordRow key={record.id} record={record} lines={lines} {...rowOf(record)} />
      ))}
      {error && (
        <tr>
          <td colSpan={width}>
            <Problems error={error} />
          </td>
        </tr>
      )}
      {hasNextPage && (
        <tr ref={last}>
          <td colSpan={width}>
            <button type="button" className="part" disabled={isFetchingNextPage} onClick={more}>
              Show more of these
            </button>
          </td>
        </tr>
      )}
    </>
  );
};

/** Does something whenever an element comes into sight, or stays there when it may again. */
const useSeen = (onSeen: () => void, may: boolean): React.RefObject<HTMLTableRowElement | null> => {
  const element = useRef<HTMLTableRowElement>(null);
  useEffect(() => {
    if (!may || !element.current) return;
    const observer = new IntersectionObserver(([entry]) => entry?.isIntersecting && onSeen(), { rootMargin: '400px' });
    observer.observe(element.current);
    return () => observer.disconnect();
  }, [onSeen, may]);
  return element;
};
