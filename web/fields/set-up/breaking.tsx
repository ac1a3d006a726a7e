import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Linked, PlanAnswer } from '#contract/index.ts';
import type { Field } from '#core/register/index.ts';
import { queries } from '../../data/queries.ts';
import { useWorkspace } from '../../data/workspace.ts';
import { ChangeField } from '../asking/change-field.tsx';
import { OneValue } from '../kinds/index.tsx';

type Breaks = NonNullable<PlanAnswer['steps'][number]['breaking']>;

interface Props {
  readonly breaking: Breaks;
  /** A record was mended: what would break it is asked anew. */
  readonly onMended: () => void;
}

/** The records that break what is about to be asked, each with what it holds there, to be mended where it stands. */
export const BreakingRecords = ({ breaking: { register, records, fields, count }, onMended }: Props) => {
  const { catalogue } = useWorkspace();
  const held = catalogue.registers.get(register);
  if (!held) return null;
  const shown = held.fields.filter(({ key }) => fields.includes(key));
  return (
    // What can be scrolled can be reached by the keyboard.
    // biome-ignore lint/a11y/noNoninteractiveTabindex: see above
    <section className="max-h-72 overflow-auto" tabIndex={0} aria-label={`${held.plural} that break it`}>
      <table className="list-table">
        <thead>
          <tr>
            <th scope="col">Number</th>
            <th scope="col">{held.singular}</th>
            {shown.map((field) => (
              <th key={field.key} scope="col">
                {field.label}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {records.map((record) => (
            <BreakingRecord key={record.id} register={register} record={record} fields={shown} onMended={onMended} />
          ))}
        </tbody>
      </table>
      {count > records.length && (
        <p className="px-2 py-1 text-[13px] text-ink-2">
          {records.length === 0 ? `${count} records, which you do not see.` : `${count - records.length} more.`}
        </p>
      )}
    </section>
  );
};

interface RecordProps {
  readonly register: string;
  readonly record: Linked;
  readonly fields: readonly Field[];
  readonly onMended: () => void;
}

const BreakingRecord = ({ register, record, fields, onMended }: RecordProps) => {
  const { catalogue } = useWorkspace();
  const { data } = useQuery(queries.record(register, record.id));
  const [changing, setChanging] = useState<string | null>(null);
  return (
    <tr>
      <td>
        <Link className="part font-mono" target="_blank" to={`/registers/${register}/${record.id}`}>
          {record.number}
        </Link>
      </td>
      <td>{record.title}</td>
      {fields.map((field) => (
        <td key={field.key} className="min-w-40 whitespace-normal!">
          {data && changing === field.key ? (
            <ChangeField
              record={data}
              field={field}
              catalogue={catalogue}
              onDone={() => {
                setChanging(null);
                onMended();
              }}
            />
          ) : (
            <>
              {data && (
                <OneValue
                  field={field}
                  value={data.values[field.key] ?? null}
                  reading={{ record: data, register, catalogue }}
                />
              )}{' '}
              <button
                type="button"
                className="part"
                aria-label={`Mend ${field.label} of ${record.number}`}
                disabled={!data}
                onClick={() => setChanging(field.key)}
              >
                mend
              </button>
            </>
          )}
        </td>
      ))}
    </tr>
  );
};
