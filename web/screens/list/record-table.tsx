import type { ListGroups } from '#contract/index.ts';
import type { View } from '#core/list/index.ts';
import type { Register } from '#core/register/index.ts';
import type { GroupedAddress } from '../../data/queries.ts';
import { GroupedRows, TotalsRow } from './grouped-rows.tsx';
import { ColumnWidths, ListHead } from './list-head.tsx';
import type { Lines } from './record-row.tsx';

interface Props {
  readonly register: Register;
  readonly address: GroupedAddress;
  readonly groups: ListGroups;
  readonly lines: Lines;
  readonly onLook: (changes: Partial<View>) => void;
  /** The widths of columns that were drawn, as the address has them. */
  readonly drawn: string;
}

/** A list that is put together in groups, as a table; the totals of the whole at its foot. */
export const GroupedTable = ({ register, address, groups, lines, drawn, onLook }: Props) => (
  <table className="list-table list-table-even" aria-label={register.plural}>
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
      />
    </tbody>
    <WholeTotals register={register} address={address} groups={groups} lines={lines} />
  </table>
);

/** The totals of a whole list, at its foot. */
export const WholeTotals = ({ register, address, groups, lines }: Omit<Props, 'onLook' | 'drawn'>) => {
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
