import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { FieldTypeOf } from '#core/values/index.ts';
import { sayError } from '../../data/client.ts';
import { queries } from '../../data/queries.ts';

/** What a formula gives for real records, beside what it was worked out from, before anything is stored. */
export const WorkedOutPreview = ({ register, type }: { register: string; type: FieldTypeOf<'worked_out'> }) => {
  const [open, setOpen] = useState(false);
  const { data, error } = useQuery({ ...queries.workOut(register, type), enabled: open });
  return (
    <div className="pl-7">
      <button type="button" className="quiet-link" aria-expanded={open} onClick={() => setOpen(!open)}>
        {open ? 'Hide the preview' : 'See it on real records'}
      </button>
      {open && error && <span className="wrong block">{sayError(error)}</span>}
      {open && data && (
        <table className="list-table mt-1 max-w-xl bg-paper" aria-label="Preview on real records">
          <thead>
            <tr>
              <th scope="col">Record</th>
              {data.reads.map((label) => (
                <th key={label} scope="col">
                  {label}
                </th>
              ))}
              <th scope="col" className="num">
                Worked out
              </th>
            </tr>
          </thead>
          <tbody>
            {data.records.map((record) => (
              <tr key={record.id}>
                <td>
                  <span className="font-mono text-[12.5px] text-ink-2">{record.number}</span> {record.title}
                </td>
                {record.read.map((value, i) => (
                  <td key={data.reads[i]}>{value}</td>
                ))}
                <td className="num font-semibold">{record.value || '–'}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </div>
  );
};
