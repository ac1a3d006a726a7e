import { QueryClientProvider } from '@tanstack/react-query';
import { type RenderHookResult, renderHook } from '@testing-library/react';
import { type ReactNode, Suspense } from 'react';
import { MemoryRouter, useLocation } from 'react-router';
import { queries, queryClient } from '../data/queries.ts';
import { type KnownWorkspace, MeContext } from '../data/workspace.ts';
import { meThing, workspaceThing } from './things.ts';

interface Around {
  /** The address that is open. */
  readonly at?: string;
  readonly workspace?: KnownWorkspace;
  readonly children: ReactNode;
}

/** What every screen stands in: a workspace, somebody who is signed in, what was read of the server, and an address. */
export const Around = ({ at = '/', workspace = workspaceThing(), children }: Around) => {
  const { queryKey } = queries.workspace();
  if (!queryClient.getQueryData(queryKey)) queryClient.setQueryData(queryKey, workspace);
  return (
    <QueryClientProvider client={queryClient}>
      <MeContext value={meThing()}>
        <Suspense>
          <MemoryRouter initialEntries={[at]}>
            {children}
            <Address />
          </MemoryRouter>
        </Suspense>
      </MeContext>
    </QueryClientProvider>
  );
};

const Address = () => {
  const { pathname, search } = useLocation();
  return <output aria-label="Address">{`${pathname}${search}`}</output>;
};

/** The address that is open now. */
export const address = (): string => document.querySelector('[aria-label="Address"]')?.textContent ?? '';

/** A hook as a screen would call it, with what it is given at first. */
export const hookAt = <Result, Given = undefined>(
  hook: (given: Given) => Result,
  { given, ...around }: Omit<Around, 'children'> & { readonly given?: Given } = {},
): RenderHookResult<Result, Given> =>
  renderHook<Result, Given>(hook, {
    wrapper: ({ children }) => <Around {...around}>{children}</Around>,
    ...(given === undefined ? {} : { initialProps: given }),
  });
