import { useMutation, useQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import type { ImportState } from '#contract/index.ts';
import {
  type GivenPlan,
  type ImportPlan,
  type Mends,
  type ReadingPlan,
  type TakenAs,
  withGiven,
} from '#core/spreadsheet/index.ts';
import { call } from '../../data/client.ts';
import { isOver, queries, queryClient } from '../../data/queries.ts';
import { readAnew } from '../../data/read-anew.ts';

/** A spreadsheet on its way in, with what can be done to it. */
export interface Importing {
  readonly state: ImportState;
  readonly plan: ImportPlan | null;
  readonly error: unknown;
  /** What was changed is not looked through yet. */
  readonly isLooking: boolean;
  readonly change: (plan: GivenPlan) => void;
  readonly read: (reading: ReadingPlan) => void;
  readonly mend: (mends: Partial<Mends>) => void;
  /** All cells of a column that say the same are taken as something; null: as they stand. */
  readonly takeAlike: (column: number, of: string, taken: TakenAs | null) => void;
}

const put = (state: ImportState): void => {
  queryClient.setQueryData(queries.importState(state.id).queryKey, state);
};

const newest = (id: string): ImportState | undefined => queryClient.getQueryData(queries.importState(id).queryKey);

/** A spreadsheet by its id; what is changed is shown at once, and looked through by the server. */
export const useImport = (id: string): { readonly importing: Importing | null; readonly error: unknown } => {
  const { data: state, error } = useQuery(queries.importState(id));
  const change = useMutation({
    mutationFn: (given: { readonly plan?: GivenPlan; readonly reading?: ReadingPlan }) =>
      // By the newest that is known when it is sent: another change may have gone before.
      call('changeImport', { params: { id }, body: { ...given, revision: newest(id)?.revision ?? 0 } }),
    // One change after the other: each is made on what the one before left.
    scope: { id: `import ${id}` },
    onMutate: ({ plan }) => {
      const held = newest(id);
      if (held?.plan && plan && plan.into === undefined)
        put({ ...held, plan: withGiven(held.plan, plan), is_current: false });
    },
    onSuccess: put,
    onError: () => queryClient.invalidateQueries({ queryKey: queries.importState(id).queryKey }),
  });
  // What was stored is in lists by then, and there may be a register more.
  const isThrough = state !== undefined && state.phase !== 'looking' && isOver(state.job);
  useEffect(() => {
    if (!isThrough) return;
    void readAnew('records', 'workspace', 'counts');
  }, [isThrough]);
  if (!state) return { importing: null, error };
  const { plan } = state;
  const mend = (mends: Partial<Mends>): void => {
    if (plan) change.mutate({ plan: { mends: { ...plan.mends, ...mends } } });
  };
  return {
    error,
    importing: {
      state,
      plan,
      error: change.error,
      isLooking: change.isPending || !state.is_current || state.found?.would === null || state.found === null,
      change: (given) => change.mutate({ plan: given }),
      read: (reading) => change.mutate({ reading: { ...state.reading, ...reading } }),
      mend,
      takeAlike: (column, of, taken) => {
        const others = plan?.mends.alike.filter((each) => each.column !== column || each.of !== of) ?? [];
        mend({ alike: taken ? [...others, { column, of, taken }] : others });
      },
    },
  };
};
