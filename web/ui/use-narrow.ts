import { useSyncExternalStore } from 'react';

/** As the styles have it: a phone. */
const NARROW = '(max-width: 640px)';
const onNarrow = (tell: () => void): (() => void) => {
  const query = window.matchMedia(NARROW);
  query.addEventListener('change', tell);
  return () => query.removeEventListener('change', tell);
};

/** Whether the window is as narrow as a phone, followed while it changes. */
export const useNarrow = (): boolean => useSyncExternalStore(onNarrow, () => window.matchMedia(NARROW).matches);
