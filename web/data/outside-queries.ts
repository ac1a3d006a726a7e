import { queryOptions } from '@tanstack/react-query';
import { call } from './client.ts';

/* What is read by who is not signed in. It is read once: a form goes on as it was opened, and a link is opened only once. */

/** A form by which strangers register. */
export const registrationForm = (key: string) =>
  queryOptions({
    queryKey: ['registration', key],
    queryFn: () => call('registrationForm', { params: { key } }),
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });

/** What the link of a message is for. */
export const linkOf = (secret: string) =>
  queryOptions({
    queryKey: ['link', secret],
    queryFn: () => call('openLink', { body: { secret } }),
    gcTime: 0,
    retry: false,
    refetchOnWindowFocus: false,
    staleTime: Number.POSITIVE_INFINITY,
  });
