import { Link } from 'react-router';
import type { RecordAnswer } from '#contract/index.ts';
import { sayCell } from '#core/list/index.ts';
import type { Catalogue, Register } from '#core/register/index.ts';
import type { RegisterDraft } from '../../state/register-draft.ts';

interface Props {
  readonly register: Register;
  readonly draft: RegisterDraft;
  readonly catalogue: Catalogue;
  readonly records: readonly RecordAnswer[];
}

/** Real records under the outline's labels and in its order; a field that is only being made is empty in all. */
export const LiveRecords = ({ register, draft, catalogue, records }: Props) => {
  const stored = new Map(register.fields.map((field) => [field.key, field]));
  return (
    <table className="list-table" aria-label={`Newest ${register.plural}`}>
      <thead>
        <tr>
          <th scope="col">Number</th>
          {draft.fields.map((field) => (
            <th key={field.id} scope="col">
              {field.label || '…'}
              {field.stored === null && <span className="font-normal text-straw"> new</span>}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {records.map((record) => (
          <tr key={record.id}>
            <td>
              <Link className="part font-mono text-[12.5px]!" to={`/registers/${register.key}/${record.id}`}>
                {record.number}
              </Link>
            </td>
            {draft.fields.map((field) => {
              const held = stored.get(field.stored ?? '');
              return <td key={field.id}>{held ? sayCell(held, record, catalogue) : ''}</td>;
            })}
          </tr>
        ))}
      </tbody>
    </table>
  );
};
