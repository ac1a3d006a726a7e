import type { ListGroups, ListPage } from '#contract/index.ts';
import type { Register } from '#core/register/index.ts';
import type { GroupedAddress } from '../../data/queries.ts';
import { Empty } from '../../ui/message.tsx';
import { GroupedRows, TotalsRow } from './grouped-rows.tsx';
import { ListHead } from './list-head.tsx';
import { type Lines, RecordRow } from './record-row.tsx';

interface Props {
  readonly register: Register;
  readonly address: GroupedAddress;
  readonly page: ListPage;
  /** Where the list is put together, or has totals. */
  readonly groups: ListGroups | null;
  readonly lines: Lines;
  readonly onSort: (sort: string) => void;
}

/** A list as a table: its records one after the other, or in groups; the totals of the whole at its foot. */
export const RecordTable = ({ register, address, page, groups, lines, onSort }: Props) => {
  if (page.records.length === 0) {
    return page.total === 0 ? (
      <Empty title={`No ${register.plural.toLowerCase()} yet.`}>They come here as forms are filled in.</Empty>
    ) : (
      <Empty title="Nothing fits.">Take a condition away, or find other words.</Empty>
    );
  }
  const whole = groups?.groups[0];
  const { locale } = lines.catalogue;
  return (
    <table className="list-table" aria-label={register.plural}>
      <ListHead columns={lines.columns} staged={lines.staged} sort={address.sort} onSort={onSort} />
      <tbody>
        {groups && groups.levels.length > 0 ? (
          <GroupedRows
            // What is folded is of this way of putting it together.
            key={address.by}
            register={register.key}
            address={address}
            groups={groups}
            lines={lines}
          />
        ) : (
          page.records.map((record) => <RecordRow key={record.id} record={record} lines={lines} />)
        )}
      </tbody>
      {whole && (
        <tfoot>
          <TotalsRow
            group={whole}
            asked={address.totals}
            lines={lines}
            title={`${whole.count.toLocaleString(locale)} ${(whole.count === 1 ? register.singular : register.plural).toLowerCase()}`}
          />
        </tfoot>
      )}
    </table>
  );
};
