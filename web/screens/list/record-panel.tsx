import { useQuery } from '@tanstack/react-query';
import { ChevronDown, ChevronUp, Maximize2, X } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import type { View } from '#core/list/index.ts';
import { addressOfAll } from '../../data/list-address.ts';
import { queries } from '../../data/queries.ts';
import { ChangingFacts } from '../../fields/records/changing-facts.tsx';
import { RecordHead, RecordHistory, RecordSignOff } from '../../fields/records/record-facts.tsx';
import { IconButton } from '../../ui/icon-button.tsx';
import { StageStamp } from '../../ui/marks.tsx';
import { Coming, Problems } from '../../ui/message.tsx';

interface Props {
  readonly register: string;
  readonly id: string;
  readonly view: View;
  /** What the list beside it shows only, in words; '' where it shows all. */
  readonly only: string;
  /** It was stored just now. */
  readonly isStored: boolean;
  /** The records it stands among, in their order. */
  readonly beside: readonly string[];
  readonly onChoose: (id: string) => void;
  readonly onClose: () => void;
}

/** A record beside its list: its fields, each of which may be changed in place, its sign-off and its history. */
export const RecordPanel = ({ register, id, view, only, isStored, beside, onChoose, onClose }: Props) => {
  const { data: isShown = true } = useQuery(queries.isShown(register, view, id));
  const at = beside.indexOf(id);
  const go = (step: -1 | 1) => {
    const other = at < 0 ? undefined : beside[at + step];
    return { isThere: other !== undefined, run: () => other !== undefined && onChoose(other) };
  };
  const [previous, next] = [go(-1), go(1)];
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
      <span className="float-right flex">
        <IconButton label="The record before" icon={ChevronUp} disabled={!previous.isThere} onClick={previous.run} />
        <IconButton label="The record after" icon={ChevronDown} disabled={!next.isThere} onClick={next.run} />
      </span>
      <Problems error={error} />
      {!record && !error && <Coming />}
      {record && (
        <>
          <RecordHead record={record}>
            {record.stage && <StageStamp stage={record.stage} changed={record.changed_since_signed} />}
          </RecordHead>
          {!isShown && (
            <p role="status" className="my-2 text-straw">
              {record.number}
              {isStored ? ' was stored. This' : ' is not in it: this'} list shows only {only || 'what is current'}.{' '}
              <Link className="part" to={`${addressOfAll(register)}&record=${id}`}>
                Show it among all
              </Link>
            </p>
          )}
          <ChangingFacts key={record.id} record={record} />
          <RecordSignOff record={record} />
          <RecordHistory register={register} id={id} />
        </>
      )}
    </aside>
  );
};
