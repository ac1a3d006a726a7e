import { QueryClientProvider } from '@tanstack/react-query';
import { type RenderHookResult, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { MemoryRouter } from 'react-router';
import { queryClient } from '../data/queries.ts';

/** What every screen stands in: what was read of the server, and an address. */
export const Around = ({ at = '/', children }: { readonly at?: string; readonly children: ReactNode }) => (
  <QueryClientProvider client={queryClient}>
    <MemoryRouter initialEntries={[at]}>{children}</MemoryRouter>
  </QueryClientProvider>
);

/** A hook as a screen would call it, at an address. */
export const hookAt = <Result,>(hook: () => Result, at = '/'): RenderHookResult<Result, unknown> =>
  renderHook(hook, { wrapper: ({ children }) => <Around at={at}>{children}</Around> });
