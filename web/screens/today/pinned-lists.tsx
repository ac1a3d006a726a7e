import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { KeptListAnswer } from '#contract/index.ts';
import { columnFields } from '#core/list/index.ts';
import { listFields, type Register } from '#core/register/index.ts';
import { isNumeric } from '#core/values/index.ts';
import { addressOfList } from '../../data/list-address.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { ListCell } from '../../fields/records/list-cell.tsx';
import { TabMark } from '../../ui/marks.tsx';
import { Coming, Problems } from '../../ui/message.tsx';

/** So many of its first records stand on Today, with so many fields of each. */
const FIRST = 5;
const FIELDS = 4;

/** The lists that are pinned for a role one holds: how many they hold, their totals, and their first records. */
export const PinnedLists = () => {
  const { catalogue } = useWorkspace();
  const { data } = useQuery(queries.lists());
  const pinned = (data?.lists ?? []).filter(({ pinned: is, retired }) => is && !retired);
  return pinned.map((each) => {
    const register = catalogue.registers.get(each.list.register);
    return register && <PinnedList key={each.list.key} kept={each} register={register} />;
  });
};

const PinnedList = ({ kept, register }: { kept: KeptListAnswer; register: Register }) => {
  const { workspace, catalogue } = useWorkspace();
  const { list } = kept;
  const columns =
    list.view.columns ||
    listFields(register)
      .map(({ key }) => key)
      .join(',');
  const { data, error } = useQuery(queries.list(list.register, { ...list.view, columns }, FIRST));
  const { data: groups } = useQuery({
    ...queries.groups(list.register, { ...list.view, columns, by: '' }),
    enabled: list.view.totals !== '',
  });
  const totals = (groups?.totals ?? []).map((what, at) => ({ what, says: groups?.groups[0]?.totals[at]?.says ?? '' }));
  const fields = columnFields(register, columns, catalogue).slice(0, FIELDS);
  const heading = `list-${list.key}`;
  return (
    <section aria-labelledby={heading}>
      <h2 id={heading} className="head-rule flex items-baseline gap-2">
        <TabMark mark={register.mark} name={register.plural} />
        <Link className="font-semibold text-iolite-deep hover:underline" to={addressOfList(kept)}>
          {list.label}
        </Link>
        <span className="text-ink-2">
          <span className="sr-only">, records: </span>
          {data?.count?.toLocaleString(workspace.locale)}
        </span>
        <span className="grow" />
        {totals.map(({ what, says }) => (
          <span key={what} className="text-[13px] font-normal text-ink-2">
            {what} <span className="font-semibold text-ink">{says}</span>
          </span>
        ))}
      </h2>
      <Problems error={error} />
      {!data && !error && <Coming />}
      {data?.records.length === 0 && <p className="py-2 text-ink-2">None now.</p>}
      {data && data.records.length > 0 && (
        <table className="list-table" aria-label={list.label}>
          <thead className="sr-only">
            <tr>
              {fields.map(({ key, label }) => (
                <th key={key} scope="col">
                  {label}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {data.records.map((record) => (
              <tr key={record.id}>
                {fields.map((field, at) => (
                  <td key={field.key} className={isNumeric(field.type) ? 'num' : ''}>
                    {at === 0 ? (
                      <Link
                        className="text-iolite-deep underline decoration-dotted underline-offset-2"
                        to={`/registers/${register.key}/${record.id}`}
                      >
                        <ListCell field={field} record={record} catalogue={catalogue} words={[]} />
                        <span className="sr-only"> {record.number}</span>
                      </Link>
                    ) : (
                      <ListCell field={field} record={record} catalogue={catalogue} words={[]} />
                    )}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </section>
  );
};
