import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import type { LinkedGroups, RecordDetail } from '#contract/index.ts';
import { plainFormKey } from '#core/form/index.ts';
import { listFields, titleField } from '#core/register/index.ts';
import { isNumeric, linkToOne } from '#core/values/index.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { ListCell } from '../../fields/records/list-cell.tsx';
import { TabMark } from '../../ui/marks.tsx';

/** The records that point to this one: a small list for each link that leads here, and the way to add one. */
export const LinkedLists = ({ record }: { record: RecordDetail }) => {
  const { data } = useQuery(queries.linked(record.register, record.id));
  return data?.groups.map((group) => <LinkedList key={group.key} record={record} group={group} />);
};

/** What a record is known by; nothing where that is empty, though its title then is its number. */
const TitleCell = (props: Parameters<typeof ListCell>[0]) => {
  const { field, record } = props;
  if (Object.hasOwn(record.values, field.key)) return <ListCell {...props} />;
  return record.title === record.number ? null : record.title;
};

const LinkedList = ({ record, group }: { record: RecordDetail; group: LinkedGroups['groups'][number] }) => {
  const { workspace, catalogue } = useWorkspace();
  const register = catalogue.registers.get(group.register);
  if (!register) return null;
  const rights = workspace.rights[group.register];
  const [form, ...others] = workspace.forms.filter(
    (each) =>
      each.may_fill &&
      each.form.register === group.register &&
      each.form.purpose !== 'change' &&
      each.form.questions.some((question) => question.field === group.field),
  );
  const carry = new URLSearchParams({ by: group.field ?? '', register: record.register, of: record.id });
  const add = form ? form.form.key : rights?.add ? plainFormKey(group.register) : null;
  const field = register.fields.find((each) => each.key === group.field);
  const filter = field && linkToOne(field.type) ? `${field.key} = "${record.id}"` : null;
  const title = titleField(register);
  const shown = group.records[0];
  const columns = listFields(register).filter(
    (each) => each !== title && shown && Object.hasOwn(shown.values, each.key),
  );
  return (
    <section aria-label={group.label} className="mt-5">
      <h2 className="flex items-center gap-2 border-b-2 border-ink pb-1">
        <TabMark mark={register.mark} name={register.plural} />
        {group.label}
        <span className="font-normal text-ink-2">{group.count.toLocaleString(workspace.locale)}</span>
        <span className="ml-auto flex gap-3 print:hidden">
          {filter && group.count > group.records.length && (
            <Link className="part font-normal" to={`/registers/${group.register}?${new URLSearchParams({ filter })}`}>
              All of them
            </Link>
          )}
          {group.field !== null && add && (
            <Link className="part font-normal" to={`/forms/${add}?${carry}`}>
              Add {register.singular.toLowerCase()}
            </Link>
          )}
          {others.map((other) => (
            <Link key={other.form.key} className="part font-normal" to={`/forms/${other.form.key}?${carry}`}>
              {other.form.label}
            </Link>
          ))}
        </span>
      </h2>
      {group.count === 0 ? (
        <p className="py-1.5 text-ink-2">None yet.</p>
      ) : (
        <div className="overflow-x-auto">
          <table className="list-table" aria-label={group.label}>
            <thead>
              <tr>
                <th scope="col">Number</th>
                {[title, ...columns].map((each) => (
                  <th key={each.key} scope="col" className={isNumeric(each.type) ? 'num' : ''}>
                    {each.label}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {group.records.map((each) => (
                <tr key={each.id}>
                  <td>
                    <Link className="part font-mono text-[12.5px]!" to={`/registers/${group.register}/${each.id}`}>
                      {each.number}
                    </Link>
                  </td>
                  <td className={isNumeric(title.type) ? 'num' : ''}>
                    <TitleCell field={title} record={each} catalogue={catalogue} />
                  </td>
                  {columns.map((column) => (
                    <td key={column.key} className={isNumeric(column.type) ? 'num' : ''}>
                      <ListCell field={column} record={each} catalogue={catalogue} />
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
            {Object.keys(group.totals).length > 0 && (
              <tfoot>
                <tr className="border-t border-ink font-semibold">
                  <th scope="row" colSpan={2} className="bg-transparent! text-left">
                    All {group.count.toLocaleString(workspace.locale)}
                  </th>
                  {columns.map(({ key, type }) => (
                    <td key={key} className={isNumeric(type) ? 'num' : ''}>
                      {group.totals[key]}
                    </td>
                  ))}
                </tr>
              </tfoot>
            )}
          </table>
        </div>
      )}
    </section>
  );
};
