import { Lock, Pencil } from 'lucide-react';
import { useState } from 'react';
import type { RecordDetail } from '#contract/index.ts';
import { isWritable } from '#core/register/index.ts';
import { ChangeField } from '../asking/change-field.tsx';
import { RecordFacts, useRecordCatalogue } from './record-facts.tsx';

/** A record's fields, each of which may be changed in its place by whoever may. */
export const ChangingFacts = ({ record }: { record: RecordDetail }) => {
  const [changing, setChanging] = useState<string | null>(null);
  const catalogue = useRecordCatalogue(record);
  return (
    <RecordFacts
      record={record}
      changing={changing}
      extra={(field) =>
        !record.may_change || !isWritable(field) ? null : record.locked[field.key] !== undefined ? (
          <Lock
            size={13}
            role="img"
            className="ml-1.5 inline align-middle text-ink-3"
            aria-label={record.locked[field.key]}
          />
        ) : changing === field.key ? (
          <ChangeField
            record={record}
            field={field}
            catalogue={catalogue}
            onDone={() => setChanging((now) => (now === field.key ? null : now))}
          />
        ) : (
          <button
            type="button"
            className="ml-1.5 align-middle text-ink-3 hover:text-iolite"
            aria-label={`Change ${field.label}`}
            onClick={() => setChanging(field.key)}
          >
            <Pencil size={13} aria-hidden="true" />
          </button>
        )
      }
    />
  );
};
