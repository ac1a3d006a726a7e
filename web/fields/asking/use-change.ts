import { useState } from 'react';
import { useStore } from 'zustand';
import type { RecordDetail } from '#contract/index.ts';
import { type Catalogue, type Field, valueContext } from '#core/register/index.ts';
import { behaviourOf, type StoredValue, sameValue } from '#core/values/index.ts';
import { call, ProblemError } from '../../data/client.ts';
import { queries, queryClient } from '../../data/queries.ts';
import { readRecordsAnew } from '../../data/read-anew.ts';
import { useFieldEntry } from './field-entry.ts';

interface Asking {
  readonly record: RecordDetail;
  readonly field: Field;
  readonly catalogue: Catalogue;
  /** It is stored: what it was, and what it is. */
  readonly onStored: (from: StoredValue, to: StoredValue) => void;
}

/** What was said besides to a change that was refused for now. */
interface Besides {
  /** That the record leaves one's sight with it was heard. */
  readonly leaves?: true;
  /** Why one gives by hand what a sign-off gives. */
  readonly reason?: string;
}

/** Stores values of a record's fields, each held against what it was when it was seen. */
export const storeFields = async (
  { register, id }: Pick<RecordDetail, 'register' | 'id'>,
  from: Readonly<Record<string, StoredValue>>,
  changes: Readonly<Record<string, StoredValue>>,
  more: Besides = {},
): Promise<void> => {
  const body = { from: { ...from }, changes: { ...changes }, ...more };
  const stored = await call('changeRecord', { params: { key: register, id }, body });
  if (!more.leaves) queryClient.setQueryData(queries.record(register, id).queryKey, stored);
};

/** One field of a record being changed: the entry it is asked in, what is wrong with it, and how it is stored. */
export const useChange = ({ record, field, catalogue, onStored }: Asking) => {
  const store = useFieldEntry({ record, fields: [field.key], label: field.label, catalogue });
  const { filledIn, links } = useStore(store);
  const [tried, setTried] = useState(false);
  const [isStoring, setStoring] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const state = filledIn.byKey.get(field.key);
  const from = filledIn.from.entry.record?.[field.key] ?? null;
  const conflict = error instanceof ProblemError ? error.answer.conflicts?.[0] : undefined;
  const show = (stored: StoredValue): string => {
    const linked = typeof stored === 'string' ? links[stored]?.title : undefined;
    return linked ?? (behaviourOf(field.type).show(stored, valueContext(catalogue)) || 'nothing');
  };
  const save = async (base: StoredValue = from, more: Besides = {}): Promise<void> => {
    setTried(true);
    if (!state || state.problems.length > 0 || isStoring) return;
    setError(null);
    setStoring(true);
    try {
      await storeFields(record, { [field.key]: base }, { [field.key]: state.value }, more);
      // The next field may be being changed before all that follows has been fetched.
      onStored(base, state.value);
      await readRecordsAnew(record.register);
    } catch (thrown) {
      setError(thrown);
    } finally {
      setStoring(false);
    }
  };
  return {
    store,
    state,
    show,
    save,
    error,
    conflict,
    isStoring,
    wrong: tried && state ? state.problems.map(({ detail }) => detail).join(' ') : '',
    /** Whether it would be stored: else there is nothing to do. */
    differs: state !== undefined && !sameValue(state.value, from),
  };
};
