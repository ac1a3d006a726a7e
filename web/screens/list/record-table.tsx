import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { ListGroups, RecordAnswer } from '#contract/index.ts';
import type { View } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import type { GroupedAddress } from '../../data/queries.ts';
import type { Pasting, Refused } from './clipboard.ts';
import { GroupedRows, nameOf, TotalsRow } from './grouped-rows.tsx';
import { GridKeys } from './list-foot.tsx';
import { ColumnWidths, ListHead } from './list-head.tsx';
import type { Lines } from './record-row.tsx';
import { useRecordGrid } from './use-record-grid.ts';

interface TotalsProps {
  readonly register: Register;
  readonly address: GroupedAddress;
  readonly groups: ListGroups;
  readonly lines: Lines;
}

interface Props extends TotalsProps {
  readonly onLook: (changes: Partial<View>) => void;
  /** The widths of columns that were drawn, as the address has them. */
  readonly drawn: string;
  /** Which records are there just now, in their order. */
  readonly onShown: (ids: readonly string[]) => void;
  readonly onPaste: (pasting: Pasting | Refused) => void;
}

/** A list that is put together in groups, as a table; the totals of the whole at its foot. */
export const GroupedTable = ({ register, address, groups, lines, drawn, onLook, onShown, onPaste }: Props) => {
  const { records, onRead } = useRead(groups);
  const scroller = useRef<HTMLDivElement>(null);
  const index = useMemo(() => new Map(records.map(({ id }, at) => [id, at])), [records]);
  const grid = useRecordGrid({
    register,
    records,
    lines,
    scroller,
    // More of a group come as one comes to its last.
    has: { first: true, last: true },
    onEdge: () => undefined,
    onPaste,
  });
  const { active } = grid;
  useEffect(() => {
    if (!active?.isMove) return;
    scroller.current?.querySelector(`[data-record="${CSS.escape(active.id)}"]`)?.scrollIntoView({ block: 'nearest' });
  }, [active]);
  useEffect(() => onShown(records.map(({ id }) => id)), [records, onShown]);
  return (
    <div className="flex min-h-0 grow flex-col">
      <div ref={scroller} className="min-h-0 grow overflow-auto scroll-py-9 max-sm:max-h-[70vh]" data-scroller>
        <table
          // biome-ignore lint/a11y/noNoninteractiveElementToInteractiveRole: its cells are gone through by the arrow keys
          role="grid"
          className="list-table list-table-even"
          aria-label={register.plural}
          {...grid.table}
        >
          <ColumnWidths lines={lines} />
          <ListHead lines={lines} sort={address.sort} drawn={drawn} onLook={onLook} />
          <tbody>
            <GroupedRows
              // What is folded is of this way of putting it together.
              key={address.by}
              register={register.key}
              address={address}
              groups={groups}
              lines={lines}
              rowOf={({ id }) => grid.row(index.get(id) ?? -1)}
              onRead={onRead}
            />
          </tbody>
          <WholeTotals register={register} address={address} groups={groups} lines={lines} />
        </table>
      </div>
      <div className="flex border-t border-rule bg-paper px-4 py-1 text-[13px] text-ink-2 print:hidden">
        <GridKeys cells={grid.cells} locale={lines.catalogue.locale} />
      </div>
    </div>
  );
};

/** The records of the groups that are unfolded, as far as they were read, in the order of the groups. */
const useRead = (groups: ListGroups) => {
  const [read, setRead] = useState<ReadonlyMap<string, readonly RecordAnswer[]>>(new Map());
  const onRead = useCallback(
    (group: string, records: readonly RecordAnswer[] | null): void =>
      setRead((before) => {
        const next = new Map(before);
        if (records === null) next.delete(group);
        else next.set(group, records);
        return next;
      }),
    [],
  );
  const records = useMemo(() => groups.groups.flatMap(({ keys }) => read.get(nameOf(keys)) ?? []), [groups, read]);
  return { records, onRead };
};

/** The totals of a whole list, at its foot. */
export const WholeTotals = ({ register, address, groups, lines }: TotalsProps) => {
  const whole = groups.groups[0];
  if (!whole) return null;
  const called = whole.count === 1 ? register.singular : register.plural;
  return (
    <tfoot>
      <TotalsRow
        group={whole}
        asked={address.totals}
        lines={lines}
        title={`${whole.count.toLocaleString(lines.catalogue.locale)} ${called.toLowerCase()}`}
      />
    </tfoot>
  );
};
