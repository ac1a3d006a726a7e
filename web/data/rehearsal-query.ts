import { queryOptions } from '@tanstack/react-query';
import { type BodyOf, call } from './client.ts';

/** What a change of many would do. What is short is rehearsed anew whenever records change. */
export const rehearsal = (
  register: string,
  which: BodyOf<'changeMany'>['which'],
  deed: BodyOf<'changeMany'>['deed'] | null,
  isLong: boolean,
) => {
  const key = JSON.stringify([which, deed]);
  return queryOptions({
    queryKey: isLong ? ['rehearsal', register, key] : ['records', register, 'rehearsal', key],
    queryFn: () => deed && call('changeMany', { params: { key: register }, body: { which, deed, rehearse: true } }),
    gcTime: 0,
    staleTime: 5_000,
  });
};
