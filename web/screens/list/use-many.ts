import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { ManyChange, ManyState } from '#contract/index.ts';
import { isOver, queries } from '../../data/queries.ts';
import { rehearsal } from '../../data/rehearsal-query.ts';

/** Which records: ticked ones, or all that fit. */
export type Which =
  | { readonly ids: string[] }
  | {
      readonly list: {
        readonly filter: string;
        readonly find: string;
        readonly archived: 'yes' | 'no';
        readonly worked: string;
      };
    };

/** A change of many that was begun, as it comes along. */
export const useMany = (begun: ManyState | null | undefined): ManyState | null => {
  const { data } = useQuery({ ...queries.many(begun?.id ?? ''), enabled: begun != null && !isOver(begun) });
  return begun == null || isOver(begun) ? (begun ?? null) : (data ?? begun);
};

/** Asks what a change of many would do. What is long is asked for only when it is wanted. */
export const useRehearsal = (register: string, which: Which, deed: ManyChange | null, isLong: boolean) => {
  const key = JSON.stringify([which, deed]);
  const [wanted, setWanted] = useState('');
  const { data, error, isFetching } = useQuery({
    ...rehearsal(register, which, deed, isLong),
    enabled: deed !== null && (!isLong || wanted === key),
  });
  const state = useMany(deed ? data : null);
  return { state, error, isFetching, want: () => setWanted(key), isWanted: !isLong || wanted === key };
};
