import { keepPreviousData, queryOptions } from '@tanstack/react-query';
import { type BodyOf, call } from './client.ts';

/** Who signs what by a route as it is being made, and one record that walks it. */
export const whoSigns = (key: string, asked: BodyOf<'whoSigns'>) =>
  queryOptions({
    queryKey: ['routes', 'who-signs', key, asked],
    queryFn: () => call('whoSigns', { params: { key }, body: asked }),
    placeholderData: keepPreviousData,
  });

/** What is on its way by older versions of a route. */
export const routeMoves = (key: string) =>
  queryOptions({
    queryKey: ['routes', 'moves', key],
    queryFn: () => call('routeMoves', { params: { key } }),
    staleTime: 0,
  });
