import { useQuery } from '@tanstack/react-query';
import { Maximize2, X } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import { queries } from '../../data/queries.ts';
import { ChangingFacts } from '../../ui/changing-facts.tsx';
import { StageStamp } from '../../ui/marks.tsx';
import { Coming, Problems } from '../../ui/message.tsx';
import { RecordHead, RecordHistory, SignOffTrack } from '../../ui/record-facts.tsx';

interface Props {
  readonly register: string;
  readonly id: string;
  /** Whether the list beside it shows the record. */
  readonly shown: boolean;
  readonly onClose: () => void;
}

/** A record beside its list: its fields, each of which may be changed in place, its sign-off and its history. */
export const RecordPanel = ({ register, id, shown, onClose }: Props) => {
  const location = useLocation();
  const { data: record, error } = useQuery(queries.record(register, id));
  return (
    <aside
      aria-label="Record"
      className="w-96 shrink-0 overflow-auto border-l border-rule-strong bg-paper px-4.5 py-3.5 max-lg:w-80 max-sm:w-full"
    >
      <button type="button" className="btn btn-quiet float-right" aria-label="Close the record" onClick={onClose}>
        <X size={16} aria-hidden="true" />
      </button>
      <Link
        className="btn btn-quiet float-right"
        to={`/registers/${register}/${id}`}
        state={{ list: location.search }}
        aria-label="Open the record's own page"
      >
        <Maximize2 size={15} aria-hidden="true" />
      </Link>
      <Problems error={error} />
      {!record && !error && <Coming />}
      {record && (
        <>
          <RecordHead record={record}>
            {record.stage && <StageStamp stage={record.stage} changed={record.changed_since_signed} />}
          </RecordHead>
          {!shown && <p className="my-2 text-straw">This list does not show it as it is filtered now.</p>}
          <ChangingFacts key={record.id} record={record} />
          {record.sign_off && <SignOffTrack track={record.sign_off} />}
          <RecordHistory register={register} id={id} />
        </>
      )}
    </aside>
  );
};
