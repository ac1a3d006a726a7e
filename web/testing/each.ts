import { cleanup } from '@testing-library/react';
import { afterEach, beforeEach } from 'vitest';
import { queryClient } from '../data/queries.ts';

Reflect.set(globalThis, 'IS_REACT_ACT_ENVIRONMENT', true);

/** Nothing is remembered of the test before. */
beforeEach(() => {
  queryClient.clear();
  localStorage.clear();
  sessionStorage.clear();
});
afterEach(cleanup);
